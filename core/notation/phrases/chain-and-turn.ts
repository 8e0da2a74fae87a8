import { COST } from "./costs";
import { noTarget } from "../target";
import type { StitchWord } from "../vocabulary";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

const CHAIN: StitchWord = { stitch: "ch", kind: "plain", legs: 1 };
/** So many chains lift the first stitch of a row (Craft Yarn Council, turning chains, from memory). */
const MOST_LIFTED = 4;

/** "Ch 10 + 1", "chain 12 (+ 2 to turn)": the stitches of a row, and the chain that turns into it. */
export const chainAndTurn: Phrase = {
  name: "chain and turn",
  starts: words("ch chain chains"),
  read(c) {
    c.at++;
    const at = c.from;
    const n = c.number();
    const bracket = c.take("(");
    if (n === undefined || !Number.isInteger(n) || !c.take("+", "plus")) return NONE;
    const more = c.number();
    if (more === undefined || !Number.isInteger(more) || more < 1 || more > MOST_LIFTED) return NONE;
    c.take("to", "for");
    c.take("the");
    c.take("turn", "turning");
    c.take("ch", "chain", "chains");
    // "= 11" says the same once more.
    if (!bracket && c.take("=") && c.number() !== n + more) return NONE;
    if (bracket && !c.take(")")) return NONE;
    if (!(c.done || c.is(".", ",", ";", "turn", "(", "\n"))) return NONE;
    const said = { ...saidAlone(CHAIN, noTarget()), n: n + more, at: { from: at, to: c.to }, behind: true };
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said } }];
  },
  examples: [
    ["ch 10 + 1", "11 ch"],
    ["chain 12 (+ 2 to turn)", "14 ch"],
    ["ch 12 + 1 = 13", "13 ch"],
    ["ch 6 plus 1 for turning", "7 ch"],
  ],
};
