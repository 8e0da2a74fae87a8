import { describe, expect, it } from "vitest";
import { countsOf } from "../../../tests/counts";
import { checkPattern } from "..";

describe("lines that begin with what the round comes to", () => {
  it.each([
    "6 mr\n12 inc\n18 1/inc\n24 2/inc\n24 x3\n18 2/dec\n12 1/dec\n6 dec",
    "6 mr\n12 inc\n18 sc, inc\n24 2 sc, inc\n24 x3\n18 2 sc, dec\n12 sc, dec\n6 dec",
    "6 sc in mr\n12 inc\n18 (1, inc)\n24 (2, inc)\n24 sc x3\n18 (2, dec)\n12 (1, dec)\n6 dec",
    "6 - mr\n12 - inc all\n18 - 1 sc 1 inc\n24 - 2 sc 1 inc\n24 - 3 rounds\n18 - 2 sc 1 dec\n12 - 1 sc 1 dec\n6 - dec all",
    "6: mr\n12: inc\n18: sc, inc\n24: 2 sc, inc\n24\n24\n24\n18: 2 sc, dec\n12: sc, dec\n6: dec",
    "6\n12\n18\n24\n24\n24\n24\n18\n12\n6",
  ])("%s", (says) => {
    expect(countsOf(`Crab body\n${says}\n`)).toEqual([[6, 12, 18, 24, 24, 24, 24, 18, 12, 6]]);
  });

  it.each([
    ["6 mr\n6 inc\n12 sc\n12 sc\n6 dec", [6, 12, 12, 12, 6]],
    ["6 sc in mr\n6 inc\n(sc, inc) x 6\n18 sc\n18 sc\n(sc, dec) x 6\n6 dec", [6, 12, 18, 18, 18, 12, 6]],
    ["4 sc in mr\n4 sc\n4 sc\n4 sc", [4, 4, 4, 4]],
    ["1 - 4 sc in mr\n2 - 4 inc\n3 - 8 sc\n4 - 8 sc\n5 - 4 dec", [4, 8, 8, 8, 4]],
  ])("numbers that are worked stay what they are: %s", (says, counts) => {
    expect(countsOf(`Fin\n${says}\n`)).toEqual([counts]);
  });

  it("a slip is told where neither way works out", () => {
    const { problems } = checkPattern("Ball\n6 sc in mr\n12 sc\n12 sc\n6 dec");
    expect(problems.some((p) => p.severity === "error" && p.line === 3)).toBe(true);
  });
});
