import { describe, expect, it } from "vitest";
import { checkPattern, problemText } from "..";

const LEAD = "BODY\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n";
const read = (said: string, then = "Rnd 7: dec x 6 (6)") => {
  const p = checkPattern(`${LEAD}${said}\n${then}`);
  return { counts: p.parts.flatMap((x) => x.rounds.map((r) => r.count)), told: p.problems.map(problemText) };
};

describe("a round that says how far it goes on", () => {
  it.each([
    "Rnd 3: sc in each st around. Repeat this round 3 more times. (12)",
    "Rnd 3: sc in each st. Repeat for rounds 4-6.",
    "Rnd 3: sc in each st for this and the next 3 rounds (12)",
    "Rnd 3: sc around for this row and the next three (rows 3, 4, 5 and 6). 12 st",
    "Rnd 3: sc around. Rounds 4 to 6 are the same. (12)",
    "Rnd 3: sc around (12). Do this until round 6.",
    "Rnd 3 and the next 3 rounds: sc around (12)",
    "Rnd 3: sc around (12), then 3 more rounds of the same.",
    "Rnd 3: sc around (12) - continue like this through Rnd 6",
    "Rnd 3: work even (12), continue until Rnd 6.",
    // Told by a number and the next label alone.
    "Rnd 3: sc around for 4 rounds (12)",
    "Rnd 3: sc in each st around, work 4 rounds like this (12)",
    "Rnd 3: sc around (12). Repeat 3 more times.",
    "Rnd 3: sc around (12). Repeat Round 3 until you have 6 rounds.",
    "Rnd 3: sc around (12) (4 rounds)",
    "Rnd 3: sc around (12)\nRepeat for three more rounds.",
    "Rnd 3: sc around (12)\nContinue in the same way for 3 more rounds.",
    // In a line of its own.
    "Rnd 3: sc around (12)\nRepeat rnd 3 for rnds 4-6.",
    "Rnd 3: sc around (12)\nWork 3 more rounds the same.",
    "Rnd 3: sc around (12)\nRnds 4 to 6: same.",
    "Rnd 3: sc around (12)\nRnds 4 to 6: ditto",
    "Rnd 3: sc around (12)\n4-6: see above",
  ])("%s", (said) => expect(read(said)).toEqual({ counts: [6, 12, 12, 12, 12, 12, 6], told: [] }));
  it("times that belong to the stitches stay with them", () => {
    expect(read("Rnd 3: sc, inc, repeat that six times (18)", "Rnd 4: 18 sc (18)")).toEqual({
      counts: [6, 12, 18, 18],
      told: [],
    });
    expect(read("Rnd 3: (sc, inc). Repeat 5 more times. (18)", "Rnd 4: 18 sc (18)").counts).toEqual([
      6, 12, 18, 18,
    ]);
  });
  it("a number that does not fill the gap is no excuse for a missing round", () => {
    expect(read("Rnd 3: sc around for 3 rounds (12)", "Rnd 9: dec x 6 (6)").told).toEqual([
      "Rounds 4 to 8 are missing.",
    ]);
    expect(read("Rnd 3: sc around (12)").told).toEqual(["Rounds 4 to 6 are missing."]);
  });
  it("a part like another one, which of its rounds, and in which colour", () => {
    const p = checkPattern(
      "Front\nRnd 1: 8 sc in MR (8)\nRnd 2: inc x 8 (16)\nRnd 3: 16 sc (16)\n\nBack\nWork the same as the front, rounds 1-2, in white.",
    );
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([
      [8, 16, 16],
      [8, 16],
    ]);
    expect(p.parts[1]?.bySlot.map((s) => s.slot)).toEqual(["white"]);
    expect(p.problems).toEqual([]);
  });
});
