import { noTarget, readTarget } from "../target";
import { readStitch } from "../vocabulary";
import { saidAlone, words, NONE, type Phrase } from "./phrase";
import { COST } from "./costs";
import { stitches } from "./stitches";

/** "every 2nd st: inc", "in every other st, 2 sc": the place is said before the stitch. */
export const placedFirst: Phrase = {
  name: "placed first",
  starts: words("every each in into all"),
  read(c, x) {
    const start = c.at;
    if (c.take("all")) {
      const word = readStitch(c, x.terms);
      if (word?.kind !== "plain" || word.stitch === "ch" || !(c.done || c.kind() === "mark")) return NONE;
      const said = saidAlone(word, { ...noTarget(), place: "each" });
      return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said } }];
    }
    c.at = start;
    const target = noTarget();
    if (!readTarget(c, target) || target.every === undefined) return NONE;
    c.take(":", ",", "-", "=");
    return stitches.read(c, x).flatMap((r) => {
      if (r.piece.kind !== "work") return [];
      const { said } = r.piece;
      const placed = said.target.place !== undefined || said.target.every !== undefined;
      if (placed || said.word.kind === "generic") return [];
      return [
        { ...r, piece: { ...r.piece, said: { ...said, target: { ...target, reach: said.target.reach } } } },
      ];
    });
  },
  examples: [
    ["all sc", "sc, each"],
    ["every 2nd st: inc", "inc, each"],
  ],
};
