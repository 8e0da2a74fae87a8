import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const read = (text: string): string => {
  const c = checkPattern(text);
  const told = c.problems.filter((p) => p.severity !== "note").map((p) => p.severity);
  return c.parts
    .map((p) => `${p.name}${p.make > 1 ? ` x${p.make}` : ""} ${p.rounds.map((x) => x.count).join(" ")}`)
    .concat(told)
    .join(" | ");
};

describe("rounds told in sentences", () => {
  it.each([
    "You begin at the nose with the dark blue yarn and make a magic ring with six sc.",
    "Begin at the nose and make a magic ring with 6 sc.",
    "For the head you start with a magic ring and 6 sc.",
  ])("a ring behind what leads up to it: %s", (said) => {
    expect(read(`${said}\nRound 2: increase in every stitch.`)).toBe("Piece 6 12");
  });
  it.each([
    "In round 3 work plain. Round 4 is plain.",
    "Round three is plain. Round four is plain.",
    "Rounds 3 and 4 are plain.",
  ])("plain rounds: %s", (said) => {
    expect(read(`Make a magic ring with 6 sc. In round two increase in every stitch. ${said}`)).toBe(
      "Piece 6 12 12 12",
    );
  });
  it.each([
    "work one sc and one increase six times over: eighteen. Put in the stuffing now.",
    "*sc, inc* 6 times: 18 sts are left.",
    "(white): *sc, inc* 6 times. - 18 sc",
  ])("a sum behind how often: %s", (said) => {
    const label = said.startsWith("(") ? "Round 2 " : "Round 2: ";
    expect(read(`Round 1: 12 sc in a magic ring (12)\n${label}${said}`)).toBe("Piece 12 18");
  });
  it.each(["repeat *sc, inc* to the end", "repeat *sc, inc* 6 times"])("a repeat told first: %s", (said) => {
    expect(read(`Round 1: 12 sc in a magic ring (12)\nRound 2: ${said} (18)`)).toBe("Piece 12 18");
  });
  it("no sum in the name of a chain", () => {
    const ring = "Round 1: Ch 4, sl st to form ring. Ch 3 (counts as first dc), 11 dc into ring.";
    expect(read(`${ring} Join to top of ch-3. 12 dc.`)).toBe("Piece 12");
  });
});

describe("parts told in passing", () => {
  const head = "Head\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\n";
  it("what comes now is no other part", () => {
    expect(read(`${head}now the body: (inc, sc) x6 (18)`)).toBe("Head 6 12 18");
  });
  it("a colour and a comma in front of what is worked", () => {
    expect(read(`${head}Beak: orange, ch 4, sc in 2nd ch and next 2 ch (3).`)).toBe("Head 6 12 | Beak 3");
  });
  it("a colour in front of a ring", () => {
    const read = checkPattern("Legs (2): white mc 6.\nBody:\nR1: 6 sc in MR (6)");
    expect(read.parts.map((p) => [p.name, p.make, p.rounds[0]?.count])).toEqual([
      ["Legs", 2, 6],
      ["Body", 1, 6],
    ]);
  });
  it("two rounds behind a name on its line, a colour in front of a ring", () => {
    expect(read("Stinger black: R1 MR4. R2 4.")).toBe("Stinger 4 4");
    expect(read("R1: yellow MR6\nR2: inc (12)")).toBe("Piece 6 12");
    expect(read("Wings x2 white: R1 MR6. R2 inc (12). Fold, 6 sc through both.")).toBe("Wings x2 6 12 6");
  });
  it("a second one of all that went on under other names", () => {
    const upper = "Upper: R3: BLO sc around (12)\nFasten off. Make a second one.";
    expect(read(`${head}${upper}`)).toBe("Head x2 6 12 | Upper x2 12");
    expect(read(`${head}Leg\nR1: 5 sc in MR (5)\nMake a second one.`)).toBe("Head 6 12 | Leg x2 5");
  });
});
