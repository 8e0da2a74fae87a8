import { stitchInto, stitchTogether } from "../operations";
import { isStitchNoun } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

const MORE = /^inc/;
const FEWER = /^(dec|reduc)/;

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
    c.take("evenly", "back", "down", "up", "further");
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
    const op = more ? stitchInto("sc", 2, "next") : stitchTogether("sc", 2);
    const rest = stitchInto("sc", 1, "next");
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: { kind: "nodes", nodes: [{ kind: "evenly", op, n: 0, toward: n, rest, from, to: c.to }] },
      },
    ];
  },
  examples: [
    ["increase to 18 sts evenly", "evenly to 18"],
    ["dec to 6", "evenly to 6"],
    ["reduce to 12 sts", "evenly to 12"],
    ["keep decreasing until 6 are left", "evenly to 6"],
  ],
};
