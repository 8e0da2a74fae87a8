import type { Cursor } from "../cursor";
import { stitchInto, stitchTogether } from "../operations";
import { ONCE, type Node } from "../tree";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

const VERB = words("crochet work draw take join sc dec decrease");
const EVERY = words("each every all");
const TOGETHER = words("together tog");
const TWO = words("pairs twos two 2 couples");

/** "3rd and 4th", "2nd + 3rd": the last two of so many; gives how many. */
function lastTwo(c: Cursor): number | undefined {
  const first = c.kind() === "ordinal" ? c.peek()?.value : undefined;
  if (first === undefined) return undefined;
  c.at++;
  if (!c.take("and", "&", "+", "with")) return undefined;
  const second = c.kind() === "ordinal" ? c.peek()?.value : undefined;
  if (second !== first + 1) return undefined;
  c.at++;
  return second;
}

/**
 * How many stitches each decrease takes with the plain ones before it: "every 3rd and 4th st together" is 4.
 */
function gathered(c: Cursor): number | undefined {
  const verb = c.takeAny(VERB);
  let together = c.takeAny(TOGETHER);
  if (!verb && !together && !EVERY.has(c.text())) return undefined;
  if (!EVERY.has(c.text()) && !together && c.kind() !== "ordinal") return undefined;
  // Twice at most: a line of nothing but "all" is looked at once for each of them.
  if (c.takeAny(EVERY)) c.takeAny(EVERY);
  c.take("the", "of");
  const places = lastTwo(c);
  const two = c.take("two", "2");
  const noun = isStitchNoun(c.text());
  if (noun) c.at++;
  together = c.takeAny(TOGETHER) || together;
  const byTwo = (c.is("in", "by") && TWO.has(c.text(1)) && ((c.at += 2), true)) || byTwos(c);
  together = c.takeAny(TOGETHER) || together;
  // "All together by twos": of what is there, if no noun says so.
  if (!together || !(noun || byTwo || places !== undefined)) return undefined;
  return places ?? (two || byTwo ? 2 : undefined);
}

/** "two by two", "2 at a time". */
function byTwos(c: Cursor): boolean {
  if (!c.is("two", "2")) return false;
  const by = c.text(1) === "by" && /^(two|2)$/.test(c.text(2)) ? 3 : 0;
  const time = c.text(1) === "at" && c.text(2) === "a" && c.text(3) === "time" ? 4 : 0;
  c.at += by || time;
  return by + time > 0;
}

/**
 * Decreases told by the places they take: "crochet every 3rd and 4th st together", "work all sts together in
 * pairs".
 */
export const pairs: Phrase = {
  name: "pairs",
  starts: new Set([...VERB, ...TOGETHER, "every", "all"]),
  read(c) {
    const from = c.from;
    const every = gathered(c);
    if (every === undefined || every > 99) return NONE;
    const span = { from, to: c.to };
    const items: Node[] = [];
    if (every > 2)
      items.push({
        kind: "work",
        op: stitchInto("sc", 1, "next"),
        times: { kind: "number", n: every - 2 },
        ...span,
      });
    items.push({ kind: "work", op: stitchTogether("sc", 2), times: ONCE, ...span });
    c.take("around", "throughout");
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: { kind: "nodes", nodes: [{ kind: "group", items, times: { kind: "around" }, ...span }] },
      },
    ];
  },
  examples: [
    ["crochet every 3rd and 4th st together", "(2 sc, 1 dec) ×around"],
    ["tog every 2nd & 3rd", "(1 sc, 1 dec) ×around"],
    ["every 2nd and 3rd st together", "(1 sc, 1 dec) ×around"],
    ["work all sts together in pairs", "(1 dec) ×around"],
    ["crochet together every 2nd and 3rd stitch", "(1 sc, 1 dec) ×around"],
    ["work every two sts together", "(1 dec) ×around"],
    ["all together by twos", "(1 dec) ×around"],
    ["crochet all stitches together two by two", "(1 dec) ×around"],
  ],
};
