import { readPartNamed } from "../pickups";
import { noTarget } from "../target";
import { readStitch } from "../vocabulary";
import { COST } from "./costs";
import { one, saidAlone, words, type Phrase } from "./phrase";

const VERB = words("attach join crochet work add take catch fix put place insert");

/**
 * "Join the ear with 3 sc", "work the ear in with the next 3 sc": a ready part is taken in by so many stitches
 * of the round (trade guide §1). One stitch alone ties on, see `join`.
 */
export const workedIn: Phrase = {
  name: "worked in",
  starts: VERB,
  read: (c, x) =>
    one(c, COST.place, () => {
      c.at++;
      c.take("in", "on");
      const part = readPartNamed(c);
      if (part === undefined) return undefined;
      c.take("in", "on", "into", "onto");
      c.take("place");
      if (!c.take("with", "using", "by", "over", ":", "in")) return undefined;
      c.take("working");
      c.take("the");
      c.take("next", "following");
      const from = c.peek();
      const n = c.kind() === "number" ? c.number() : undefined;
      if (!from || n === undefined || !Number.isInteger(n) || n < 2) return undefined;
      const word = readStitch(c, x.terms);
      if (word?.kind !== "plain" || word.stitch === "ch" || word.stitch === "slst") return undefined;
      const target = noTarget();
      target.layers = [part];
      const said = { ...saidAlone(word, target), n, at: { from: from.from, to: from.to } };
      return { kind: "work", said };
    }),
  examples: [
    ["join the ear with 3 sc", "3 sc"],
    ["work the ear in with the next 3 sc", "3 sc"],
    ["crochet the second ear on with 3 sc", "3 sc"],
  ],
};
