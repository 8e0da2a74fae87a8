import { noTarget, readTarget } from "../target";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

/** Verbs that say by themselves that stitches become one … */
const MERGE = words("join combine merge");
/** … and those that need "together" behind them. */
const VERB = words("crochet work take bring put draw sc");
const MOST_LEGS = 6;

/**
 * "join the next 2", "crochet the next two stitches together", "bring 3 sts together": a decrease told by
 * what it takes.
 */
export const together: Phrase = {
  name: "together",
  starts: new Set([...MERGE, ...VERB]),
  read(c) {
    const merges = c.takeAny(MERGE);
    if (!merges && !c.takeAny(VERB)) return NONE;
    c.take("always");
    c.take("the");
    const led = c.take("next", "following", "foll", "last", "first");
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n) || n < 2 || n > MOST_LEGS) return NONE;
    const noun = isStitchNoun(c.text()) && (c.at++, true);
    const said = c.take("together", "tog");
    // "Join 2 parts", "work 2 sts": only stitches that are led up to, or said to come together.
    if (!said && !(merges && (led || noun))) return NONE;
    c.attempt(() => (c.take("as", "into") && c.take("one", "1") ? true : undefined));
    const target = noTarget();
    readTarget(c, target);
    const dec = saidAlone({ stitch: "sc", kind: "dec", legs: n }, target);
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said: dec } }];
  },
  examples: [
    ["join the next 2", "dec"],
    ["crochet the next two stitches together", "dec"],
    ["bring 2 sts together", "dec"],
    ["crochet always 2 stitches together", "dec"],
  ],
};
