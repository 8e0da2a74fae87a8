import type { Cursor } from "../cursor";
import { noTarget, type Target } from "../target";
import { isStitchNoun, type StitchWord } from "../vocabulary";
import { COST } from "./costs";
import { ENDS, NONE, saidAlone, words, type Phrase } from "./phrase";

const INC: StitchWord = { stitch: "sc", kind: "inc", legs: 2 };
const TWICE = words("twice double doubled");

/** "every stitch", "each 2nd st", "every other one": how far apart; undefined where nothing of the kind is said. */
export function spacing(c: Cursor): number | undefined {
  if (!c.take("each", "every", "all")) return undefined;
  c.take("of", "the");
  const other = c.take("other");
  const every = other ? 2 : c.kind() === "ordinal" ? (c.at++, c.tokens[c.at - 1]?.value) : 1;
  const noun = isStitchNoun(c.text()) && (c.at++, true);
  if (!noun) c.take("one");
  return noun || other || every !== 1 || ENDS.test(c.text()) ? every : undefined;
}

/** "Every stitch twice", "double every 2nd stitch", "every other one doubled": an increase in each of them. */
export const doubled: Phrase = {
  name: "doubled",
  starts: words("each every all double doubling twice work crochet"),
  read(c) {
    const twice = c.is("twice") && /^(in|into)$/.test(c.text(1)) && (c.at++, true);
    const ahead = twice || c.take("double", "doubling");
    if (!ahead) c.take("work", "crochet");
    c.take("in", "into");
    // "Round two: double (12)": nothing is said of where, so everywhere.
    const alone = ahead && c.tokens.slice(0, c.at - 1).every((t) => t.kind === "mark") && ENDS.test(c.text());
    const every = alone ? 1 : spacing(c);
    if (every === undefined || every < 1 || every > 99 || !(ahead || c.takeAny(TWICE))) return NONE;
    const target: Target = { ...noTarget(), place: "each", ...(every > 1 ? { every } : {}) };
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said: saidAlone(INC, target) } }];
  },
  examples: [
    ["every stitch twice", "inc, each"],
    ["twice into each", "inc, each"],
    ["twice in every stitch", "inc, each"],
    ["double every 2nd stitch", "inc, each"],
    ["every other one doubled", "inc, each"],
    ["double", "inc, each"],
  ],
};
