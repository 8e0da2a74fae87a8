import { noTarget } from "../target";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";
import { ends, readTimes } from "./times";

/** So many go into one stitch at most, where only a number says so. */
const MOST_LEGS = 3;

/** "2 x6", where a round begins and ends with it: two into each of six. */
export const legsTimes: Phrase = {
  name: "legs, so often",
  starts: words("number"),
  read(c) {
    if (c.at > 0) return NONE;
    const legs = c.number();
    if (legs === undefined || legs < 2 || legs > MOST_LEGS || !c.is("x", "*")) return NONE;
    const said = readTimes(c);
    if (said?.times.kind !== "number" || !(ends(c) || c.is("(", "[", "=", "-"))) return NONE;
    const inc = saidAlone({ stitch: "sc", kind: "inc", legs }, noTarget());
    const { n, at } = said.times;
    return [
      { to: c.at, cost: COST.numberAlone, piece: { kind: "work", said: { ...inc, n, at, behind: true } } },
    ];
  },
  examples: [["2 x6", "6 inc"]],
};
