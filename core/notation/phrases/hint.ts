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

/**
 * "Round 3 (inc) (1 sc, 2 sc in next st) x 6": a word in brackets says what kind of round it is, and works
 * nothing.
 */
export const hint: Phrase = {
  name: "hint",
  starts: OPEN,
  read(c, x) {
    // Only at the head of a round's work.
    if (c.at > 0 && c.tokens[c.at - 1]?.text !== ":") return NONE;
    c.at++;
    if (!KIND.has(c.text())) return NONE;
    c.at++;
    c.take(...ROUND);
    if (!c.take(...CLOSE)) return NONE;
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
