import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** A label of each way, for the rounds 1 to 4. */
const ROMAN = ["I", "II", "III", "IV"];
const counted = (way: string): string => {
  const label = (n: number) => way.replace("N", String(n)).replace("X", ROMAN[n - 1] ?? "");
  return [
    "Ball",
    `${label(1)} 6 sc in MR (6)`,
    `${label(2)} inc x 6 (12)`,
    `${label(3)} (sc, inc) x 6 (18)`,
    `${label(4)} sc around (18)`,
  ].join("\n");
};
const told = (text: string) => {
  const p = checkPattern(text);
  return {
    parts: p.parts.map((x) => [x.name, x.rounds.map((r) => r.count)]),
    told: p.problems.filter((x) => x.severity !== "note").map((x) => x.code),
  };
};

describe("labels in a way of her own", () => {
  it.each([
    "Step N:",
    "Step N -",
    "StepN.",
    "N°",
    "N.R",
    "N.R:",
    "N. Rnd",
    "Rnd (N)",
    "Rnd [N]:",
    "<N>",
    "#N",
    "0N",
    "N ~",
    "nr N",
    "Line N:",
    "L.N",
    "__N__",
    "*N*",
    "Rndn N:",
    "row/round N:",
    "X.",
    "(X)",
    "Rnd X:",
    "Round X.",
  ])("%s", (way) => {
    expect(told(counted(way))).toEqual({ parts: [["Ball", [6, 12, 18, 18]]], told: [] });
  });
  it("begin again with each part, and go over several rounds", () => {
    const text =
      "Ball\nStep 1: 6 sc in MR (6)\nStep 2: inc x 6 (12)\nSteps 3-4: sc around (12)\nStep 5: dec x 6 (6)\n\nTail\nStep 1: 5 sc in MR (5)\nStep 2: sc around (5)";
    expect(told(text).parts).toEqual([
      ["Ball", [6, 12, 12, 12, 6]],
      ["Tail", [5, 5]],
    ]);
  });
  it("count the rounds of numbered parts, each from 1 on", () => {
    const text =
      "Jellyfish\n\n1. Bell (lilac)\n   1.1 MR 6\n   1.2 inc x6 (12)\n   1.3 (sc, inc) x6 (18)\n   1.4-1.6 sc around (18)\n" +
      "2. Tentacles (white, x5)\n   2.1 ch 16\n   2.2 2 sc in each ch from the 2nd (30)\n3. Sew on the tentacles.";
    const read = told(text);
    expect(read.parts[0]).toEqual(["Bell", [6, 12, 18, 18, 18, 18]]);
    expect(read.parts[1]?.[1]).toContain(30);
    expect(read.told).toEqual([]);
  });
  it.each([
    "1. 6 sc in mr 2. 6 inc (12) 3. (sc, inc) x 6 (18) 4-6. 18 sc 7. (sc, dec) x 6 (12)",
    "1. 6sc mr 2. 6inc/12 3. (1sc 1inc)6/18 4-6. 18sc 7. (1sc 1dec)6/12",
    "1. 6 sc in mr 2. 6 inc 3. (sc, inc) x 6 4-6. 18 sc 7. (sc, dec) x 6",
    "1. 6 sc in mr/6. 2. 6 inc/12. 3. (sc, inc) x 6/18. 4-6. 18 sc. 7. (sc, dec) x 6/12.",
    "1. 6 sc in mr. 2. 6 inc. 3. (sc, inc) x 6. 4-6. 18 sc. 7. (sc, dec) x 6.",
  ])("count on in one line: %s", (line) => {
    for (const text of [`Koala\n\nHead: ${line}`, `Koala\n\nHead\n${line}`])
      expect(told(text)).toEqual({ parts: [["Head", [6, 12, 18, 18, 18, 18, 12]]], told: [] });
  });
  it("steps of sewing up are no rounds", () => {
    const text =
      "Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n\nAssembly\nStep 1: Sew the ears on round 2.\nStep 2: Embroider a mouth over 3 stitches.\nStep 3: Weave in the ends.";
    expect(told(text)).toEqual({ parts: [["Ball", [6, 12]]], told: [] });
  });
});
