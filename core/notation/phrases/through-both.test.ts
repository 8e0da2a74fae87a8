import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const counts = (line: string) =>
  checkPattern(`Cap\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n${line}`).parts[0]?.rounds.map(
    (r) => r.count,
  );

describe("two pieces worked as one, and what leads up to it", () => {
  it.each([
    "Hold both caps together and sc through both all around. (12)",
    "Hold the caps together, wrong sides in, and sc through both evenly around {12}",
    "Hold both caps together and sc all around. (12)",
    "Do not fasten off. Hold both caps together and sc through both all around, filling before the last stitches. (12)",
  ])("%s", (line) => {
    expect(counts(line)).toEqual([6, 12, 12]);
  });
});

describe("stitches over so many", () => {
  it("a bracket that uses as many as it is said to go over is worked once", () => {
    expect(counts("Rnd 3: (sc, hdc, dc, dc, hdc, sc) over next 6 sts, sl st in next 6 sts")).toEqual([
      6, 12, 12,
    ]);
  });
  it("into each of so many it is worked that often", () => {
    expect(counts("Rnd 3: (sc, hdc) in each of next 6 sts, sc in next 6 sts (18)")).toEqual([6, 12, 18]);
  });
});
