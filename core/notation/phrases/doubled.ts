import type { Cursor } from "../cursor";
import { stitchInto } from "../operations";
import { ONCE, type Node } from "../tree";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

const TWICE = words("twice double doubled");

/** "every stitch", "each 2nd st", "every other one": how far apart; undefined where nothing of the kind is said. */
function spacing(c: Cursor): number | undefined {
  if (!c.take("each", "every", "all")) return undefined;
  c.take("of", "the");
  const other = c.take("other");
  const every = other ? 2 : c.kind() === "ordinal" ? (c.at++, c.tokens[c.at - 1]?.value) : 1;
  const noun = isStitchNoun(c.text()) && (c.at++, true);
  if (!noun) c.take("one");
  return noun || other || every !== 1 ? every : undefined;
}

/** "Every stitch twice", "double every 2nd stitch", "every other one doubled": an increase in each of them. */
export const doubled: Phrase = {
  name: "doubled",
  starts: words("each every all double doubling work crochet"),
  read(c) {
    const from = c.from;
    const ahead = c.take("double", "doubling");
    if (!ahead) c.take("work", "crochet");
    c.take("in", "into");
    const every = spacing(c);
    if (every === undefined || every < 1 || every > 99 || !(ahead || c.takeAny(TWICE))) return NONE;
    const span = { from, to: c.to };
    const plain: Node[] =
      every > 1
        ? [
            {
              kind: "work",
              op: stitchInto("sc", 1, "next"),
              times: { kind: "number", n: every - 1 },
              ...span,
            },
          ]
        : [];
    const items: Node[] = [...plain, { kind: "work", op: stitchInto("sc", 2, "next"), times: ONCE, ...span }];
    const group: Node = { kind: "group", items, times: { kind: "around" }, ...span };
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes: [group] } }];
  },
  examples: [
    ["every stitch twice", "(1 inc) ×around"],
    ["double every 2nd stitch", "(1 sc, 1 inc) ×around"],
    ["every other one doubled", "(1 sc, 1 inc) ×around"],
  ],
};
