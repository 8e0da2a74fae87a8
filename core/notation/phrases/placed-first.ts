import { Cursor } from "../cursor";
import { noTarget, readTarget, type Target } from "../target";
import { readStitch } from "../vocabulary";
import { saidAlone, words, NONE, type Context, type Phrase, type Reading } from "./phrase";
import { COST } from "./costs";
import { stitchAhead, stitches } from "./stitches";

const PLACES = /^(next|each|same|first|last)$/;
/** What may stand between two phrases, so that the place before the bracket is of nothing else. */
const PARTS = /^([,.;:([{*]|\*\*|-|--|then|and)$/;

/** "in each st: (sc, hdc, sc)", "in next st work [2 dc, ch 2]": where all of the bracket goes. */
function shellBehind(c: Cursor, x: Context, target: Target, start: number): Reading[] | undefined {
  if (!PLACES.test(target.place ?? "")) return undefined;
  c.take("around");
  c.takeAll(LEADS);
  if (!c.is("(", "[", "{")) return undefined;
  const inside = new Cursor(c.tokens.slice(c.at + 1), c.source);
  inside.attempt(() => (inside.kind() === "number" ? inside.number() : undefined));
  if (!stitchAhead(inside, x)) return undefined;
  const apart = start === 0 || PARTS.test(c.tokens[start - 1]?.text ?? "");
  const cost = apart ? COST.phrase : COST.placeAhead;
  return [{ to: c.at, cost, piece: { kind: "place", target, ahead: true } }];
}
const LEADS = words(", : - -- = work do make crochet put st sts all of the");

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
    if (!readTarget(c, target)) return NONE;
    const shell = shellBehind(c, x, target, start);
    if (shell) return shell;
    if (target.every === undefined) return NONE;
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
