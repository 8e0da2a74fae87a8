import { noTarget } from "../target";
import { COST } from "./costs";
import { spacing } from "./doubled";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

/** "Crochet into each stitch", "work all sts", "every stitch once": plain all around, without a stitch's name. */
export const eachPlain: Phrase = {
  name: "each-plain",
  starts: words("work crochet each every all"),
  read(c) {
    const verb = c.take("work", "crochet");
    if (verb) c.take("in", "into", "once");
    c.take("in", "into");
    if (spacing(c) !== 1) return NONE;
    const once = c.take("once");
    // What follows says what is worked there.
    if ((!verb && !once) || c.is("twice", ":") || c.kind() === "number") return NONE;
    const said = saidAlone({ stitch: "sc", kind: "plain", legs: 1 }, { ...noTarget(), place: "each" });
    return [{ to: c.at, cost: COST.phrase + COST.noun, piece: { kind: "work", said } }];
  },
  examples: [
    ["crochet into each stitch", "sc, each"],
    ["work all the sts", "sc, each"],
    ["every stitch once", "sc, each"],
    ["work once in each stitch", "sc, each"],
  ],
};
