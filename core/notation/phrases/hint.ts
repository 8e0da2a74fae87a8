import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";
import { stitchAhead } from "./stitches";

const OPEN = words("( [ {");
const CLOSE = words(") ] }");
/** What a round is called by what it does. */
const KIND = words(
  "inc incs increase increases increasing dec decs decrease decreases decreasing even plain straight shaping",
);
const ROUND = words("round rnd row rounds rnds rows only");

/** What may stand ahead of it where no bracket tells that it is said by the way. */
const AHEAD = words(": now then next");

/**
 * "Round 3 (inc) (1 sc, 2 sc in next st) x 6", "now decrease: (2 sc, dec) x 4": a word in brackets or ahead of a
 * colon says what kind of round it is, and works nothing.
 */
export const hint: Phrase = {
  name: "hint",
  starts: new Set([...OPEN, ...KIND]),
  read(c, x) {
    // Only at the head of a round's work.
    const boxed = OPEN.has(c.text());
    const before = c.tokens[c.at - 1]?.text ?? ":";
    if (boxed ? before !== ":" : !AHEAD.has(before)) return NONE;
    if (boxed) c.at++;
    if (!KIND.has(c.text())) return NONE;
    c.at++;
    c.take(...ROUND);
    if (!(boxed ? c.take(...CLOSE) : c.is(":"))) return NONE;
    const end = c.at;
    c.take(":", "-", ".");
    // Work has to follow; "(inc) x 6" and "(inc) (12)" are work and its total.
    const bracketed = OPEN.has(c.text()) && !(c.kind(1) === "number" && CLOSE.has(c.text(2)));
    if (bracketed) c.at++;
    if (c.kind() === "number") c.at++;
    const behind = stitchAhead(c, x) || (bracketed && c.kind() === "number");
    c.at = end;
    if (!behind || c.is("x", "*")) return NONE;
    return [{ to: end, cost: COST.filler, piece: { kind: "aside" } }];
  },
  examples: [],
};
