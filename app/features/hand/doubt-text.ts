import type { Doubt } from "@core/calibrate";
import { clockText } from "./stopwatch";

const times = (ratio: number): string =>
  ratio >= 1 ? `${ratio.toFixed(1)} times` : `${Math.round(ratio * 100)} % of`;

export function doubtText(d: Doubt): string {
  switch (d.code) {
    case "wrong-unit":
      if (d.factor === 25.4 || d.factor === 2.54)
        return `This is about ${d.factor} times off: inches against ${d.factor === 2.54 ? "centimetres" : "millimetres"}?`;
      return d.factor === 1000
        ? "This is about a thousand times off: milligrams, grams and kilograms mixed up?"
        : d.factor === 10
          ? "This is about ten times off: a digit too many or too few, millimetres for centimetres, or how many pieces?"
          : "This is off by an ounce against a gram: is the unit right?";
    case "not-tared":
      return `This is ${times(d.ratio)} what was expected: was the bowl on the scale, or was it not tared?`;
    case "paused-late":
      return `This is ${times(d.ratio)} the time expected: did the clock run through a break, or were there more pieces?`;
    case "started-late":
      return `This is ${times(d.ratio)} the time expected: was the clock started late, or were there fewer pieces?`;
    case "pause-in-lap": {
      const one = d.long[0];
      return d.long.length === 1 && one
        ? `Piece ${one.lap + 1} took ${clockText(one.seconds * 1000)}, the others about ${clockText(one.usual * 1000)}. Was there a pause in it?`
        : `Pieces ${d.long.map((l) => l.lap + 1).join(" and ")} took far longer than the others, about ${clockText((one?.usual ?? 0) * 1000)} each. Were there pauses in them?`;
    }
    case "unusual":
      return `This is ${times(d.ratio)} what was expected. It may be right; look once more.`;
  }
}
