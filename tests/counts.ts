import { expect } from "vitest";
import { checkPattern } from "../core/notation";

/** Counts of each part that has rounds; nothing may be told as an error. */
export const countsOf = (text: string): readonly (readonly (number | undefined)[])[] => {
  const read = checkPattern(text);
  expect(read.problems.filter((p) => p.severity === "error")).toEqual([]);
  return read.parts.filter((p) => p.rounds.length > 0).map((p) => p.rounds.map((r) => r.count));
};
