import { readShade } from "../colours";
import { noTarget } from "../target";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Phrase } from "./phrase";

/** "5 white", "6A": so many plain stitches of a colour, the stitch left out. */
export const shadeCounts: Phrase = {
  name: "shade counts",
  starts: words("number"),
  read(c) {
    const number = c.peek();
    const n = c.number();
    if (n === undefined || !number || !Number.isInteger(n) || n < 1) return NONE;
    c.take("in");
    const letter = c.peek();
    const own = letter?.kind === "word" ? c.colours.get(letter.text) : undefined;
    // A letter is a colour where the text says so, or where it hangs on its number.
    const glued = /^[a-f]$/.test(letter?.text ?? "") && letter?.from === number.to;
    const colour = own ?? (glued ? letter?.text.toUpperCase() : undefined);
    if (colour !== undefined) c.at++;
    const shade = colour ?? readShade(c);
    if (shade === undefined || !(c.done || c.is(",", ".", ";", "(", "[", ")", "]", "=", "-", "+", "and")))
      return NONE;
    const said = {
      ...saidAlone({ stitch: "sc", kind: "plain", legs: 1 }, noTarget()),
      n,
      at: { from: number.from, to: number.to },
      colour: shade,
    };
    return [{ to: c.at, cost: COST.noun, piece: { kind: "work", said } }];
  },
  examples: [
    ["5 white", "5 sc"],
    ["6A", "6 sc"],
  ],
};
