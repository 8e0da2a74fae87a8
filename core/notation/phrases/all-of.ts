import { noTarget } from "../target";
import { readStitch } from "../vocabulary";
import { COST } from "./costs";
import { ENDS, NONE, saidAlone, words, type Phrase } from "./phrase";

/** "All inc", "all dec (6)": the stitch once in every stitch, or over every two. */
export const allOf: Phrase = {
  name: "all of",
  starts: words("all"),
  read(c, x) {
    c.at++;
    const word = readStitch(c, x.terms);
    if (!word || !/^(inc|dec)$/.test(word.kind) || !ENDS.test(c.text())) return NONE;
    const target = { ...noTarget(), reach: { kind: "around" as const } };
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "work", said: saidAlone(word, target) } }];
  },
  examples: [
    ["all inc", "inc"],
    ["all dec", "dec"],
  ],
};
