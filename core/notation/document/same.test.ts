import { describe, expect, it } from "vitest";
import { checkPattern } from "../index";

const read = (line: string, below = "") =>
  checkPattern(`Left leg\nRound 1: 6 sc in mr\nRound 2: inc x 6 (12)\n${line}\n${below}`).parts.map((p) => [
    p.name,
    p.rounds.map((r) => r.count),
  ]);

describe("a part that is said to be the same", () => {
  it.each(["same", "same.", "same, but do not cut the yarn", "identical, leave a tail", "same again"])(
    "“Right leg: %s” is made as the one before it",
    (said) => {
      expect(read(`Right leg: ${said}`)).toEqual([
        ["Left leg", [6, 12]],
        ["Right leg", [6, 12]],
      ]);
    },
  );
  it.each(["same, white yarn", "same colour", "same hook"])(
    "“Ears: %s” says what it is made of, and its rounds come below",
    (said) => {
      expect(read(`Ears: ${said}`, "Round 1: 5 sc in mr\nRound 2: sc around (5)")).toEqual([
        ["Left leg", [6, 12]],
        ["Ears", [5, 5]],
      ]);
    },
  );
});
