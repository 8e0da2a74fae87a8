import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { stitchInto, stitchTogether } from "../operations";
import type { Node } from "../tree";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Phrase, type Reading } from "./phrase";

const MORE = /^inc/;
const FEWER = /^(dec|reduc)/;

const into = (more: boolean) => (more ? stitchInto("sc", 2, "next") : stitchTogether("sc", 2));
const REST = stitchInto("sc", 1, "next");

/** "Increase by 6 each round": so many of them, spread over what is there. */
function changedBy(c: Cursor, more: boolean, from: number): readonly Reading[] {
  const n = c.kind() === "number" ? c.number() : undefined;
  if (n === undefined || !Number.isInteger(n)) return NONE;
  if (isStitchNoun(c.text())) c.at++;
  c.take("evenly");
  if (c.take("each", "every", "per") && isRoundWord(c.text())) c.at++;
  const node = { kind: "evenly" as const, op: into(more), n, rest: REST, from, to: c.to };
  const end = endsWith(c);
  return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes: end ? [node, end] : [node] } }];
}

/** "… each round to 30 sts": what the last of them comes to. */
const endsWith = (c: Cursor): Node | undefined =>
  c.attempt(() => {
    const from = c.from;
    c.take("up", "down");
    if (!c.take("to", "until")) return undefined;
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n)) return undefined;
    if (isStitchNoun(c.text())) c.at++;
    return c.done || c.kind() === "mark" ? { kind: "total", n, from, to: c.to } : undefined;
  });

/** "inc evenly (24)", "dec evenly = 18": what is spread comes to the sum right behind it, which stays where it is. */
const sumBehind = (c: Cursor): number | undefined => {
  const framed = /^[([]$/.test(c.text()) && c.kind(1) === "number";
  if (!framed && !(/^[=:]$/.test(c.text()) && c.kind(1) === "number")) return undefined;
  const n = c.peek(1)?.value;
  return n !== undefined && Number.isInteger(n) ? n : undefined;
};

function evenlyTo(c: Cursor, more: boolean, toward: number, from: number): readonly Reading[] {
  const node = { kind: "evenly" as const, op: into(more), n: 0, toward, rest: REST, from, to: c.to };
  return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes: [node] } }];
}

/** "6 sts each rnd", "6 per round": so many in each of several rounds. */
function eachRound(c: Cursor): boolean {
  const noun = isStitchNoun(c.text(1)) ? 2 : 1;
  const even = c.text(noun) === "evenly" ? noun + 1 : noun;
  return c.kind() === "number" && /^(in|each|every|per)$/.test(c.text(even)) && isRoundWord(c.text(even + 1));
}

/**
 * "increase to 18 sts", "dec evenly to 6", "reduce to 12", "keep decreasing until 6 are left": what it comes
 * to, and not how.
 */
export const toward: Phrase = {
  name: "toward",
  starts: words(
    "increase inc increasing decrease dec decreasing invdec reduce reducing keep continue go work carry",
  ),
  read(c) {
    const from = c.from;
    if (c.take("keep", "continue", "go", "work", "carry")) c.take("on");
    const more = MORE.test(c.text());
    if (!more && !FEWER.test(c.text())) return NONE;
    c.at++;
    const spread = c.at;
    while (c.take("evenly", "back", "down", "up", "further", "gradually", "all", "the", "way"));
    const evenly = c.tokens.slice(spread, c.at).some((t) => t.text === "evenly");
    if (evenly) c.take("spaced", "around", "spread");
    const sum = evenly ? sumBehind(c) : undefined;
    if (sum !== undefined) return evenlyTo(c, more, sum, from);
    if (c.take("by") || eachRound(c)) return changedBy(c, more, from);
    const until = c.is("until", "till", "til");
    if (!until && !c.is("to")) return NONE;
    c.at++;
    c.take("you", "there", "only");
    c.take("have", "are");
    c.take("only", "just");
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n)) return NONE;
    const noun = isStitchNoun(c.text()) && (c.at++, true);
    c.take("are");
    const left = c.take("remain", "left", "remaining");
    // "Inc to 6 before the end": a place, and no sum.
    if (!(noun || left || c.done || c.kind() === "mark" || c.is("evenly"))) return NONE;
    c.take("evenly");
    c.take("spaced", "around");
    return evenlyTo(c, more, n, from);
  },
  examples: [
    ["increase to 18 sts evenly", "evenly to 18"],
    ["dec to 6", "evenly to 6"],
    ["increase by 6 each round", "6 inc evenly"],
    ["inc 6 sts each rnd to 30 sts", "6 inc evenly, total"],
    ["reduce to 12 sts", "evenly to 12"],
    ["keep decreasing until 6 are left", "evenly to 6"],
  ],
};
