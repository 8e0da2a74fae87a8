import { describe, expect, it } from "vitest";
import { checkPattern } from "../index";

const LEG = "First leg\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: sc around (12)\nFasten off.\n\n";

/** Every way of saying it that came to mind, put down before any was read. */
const SAID = [
  "Second leg the same, but do not cut the yarn.",
  "Second leg: same as first, don't fasten off.",
  "Second leg\nMake the same, but do not cut the yarn.",
  "Second leg\nAs the first leg, but do not fasten off.",
  "Make a second leg the same way, but do not fasten off.",
  "Make another leg, but don't cut the yarn this time.",
  "Repeat for the second leg, do not fasten off.",
  "Make a second one, leaving the yarn attached.",
  "Make the second leg in the same way. Do not break the yarn.",
  "Work the second leg the same, keep the yarn.",
  "Leg 2: repeat rounds 1-3, do not fasten off.",
  "Second leg\nR1-3: as first leg\nDo not cut yarn.",
  "Make a second leg identical to the first, without fastening off.",
  "Second leg is worked the same but do not cut the yarn.",
  "Now make the second leg. Don't fasten off.",
  "Make one more leg. Do not fasten off.",
  "The second leg is made just like the first, only do not cut the yarn.",
  "Repeat R1-3 to make the second leg but do not fasten off.",
  "Make a second, identical leg and leave the yarn on.",
  "Second leg\nRepeat rounds 1 to 3. Do not fasten off.",
  "Second leg: rounds 1-3 as before, keep the yarn.",
  "Do the same for the other leg, but keep the yarn.",
  "Make 2 of these; do not cut the yarn on the second.",
  "You need two of these. Leave the yarn on the second one.",
  "Make a second leg; do not fasten off.",
  "Second leg\nSame as first.",
  "Second leg – the same",
  "Leg 2\nWork as leg 1, do not fasten off",
  "Other leg the same.",
  "Second leg: ditto, but keep the yarn on the hook.",
];

/** Single crochet stitches of all pieces. */
function tally(text: string): number {
  const read = checkPattern(text);
  expect(read.problems).toEqual([]);
  return read.parts.reduce((n, p) => n + p.make * (p.made.sc ?? 0), 0);
}

describe("a second piece made as the first", () => {
  it.each(SAID)("%s (the body has a name of its own)", (said) => {
    const body = "Body\nR4: 12 sc on second leg, 12 sc on first leg (24)\nR5: sc around (24)\n";
    expect(tally(`${LEG}${said}\n\n${body}`)).toBe(2 * 30 + 48);
  });
  it.each(SAID)("%s (the rounds go on from it)", (said) => {
    const on = "R4: sc 12 around the second leg, then 12 around the first leg (24)\nR5: sc around (24)\n";
    expect(tally(`${LEG}${said}\n${on}`)).toBe(2 * 30 + 48);
  });
  it.each([
    "Sew the second leg on the same way.",
    "Make a second round of sl st around the edge.",
    "Make another in white.",
    "Make the second eye the same.",
  ])("%s is no second piece", (said) => {
    const read = checkPattern(`${LEG}${said}\n`);
    expect(read.parts.map((p) => [p.name, p.make])).toEqual([["First leg", 1]]);
  });
  it("of a part that was told to be made twice the second is no third", () => {
    const leg = LEG.replace("First leg", "Leg (make 2)");
    const on = "R4: 12 sc on this leg, then 12 sc on the other leg (24)\n";
    expect(tally(`${leg}Make a second leg, but do not fasten off.\n${on}`)).toBe(2 * 30 + 24);
    expect(tally(`${leg}Make the second leg the same.\n`)).toBe(2 * 30);
  });
});
