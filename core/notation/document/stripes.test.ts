import { describe, expect, it } from "vitest";
import { checkPattern } from "../index";

/** Rounds by their colour, r and g, of a ball of six rounds. */
const slots = (said: string, where: (said: string) => string = under) =>
  checkPattern(where(said))
    .parts.map((p) => p.rounds.map((r) => r.slot.charAt(0)).join(""))
    .join(" ");
const ROUNDS = `Rnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\nRnds 3-5: sc around (12)\nRnd 6: dec x6 (6)\n`;
const under = (said: string) => `Yarn: A red, B green.\n\nBall\n${said}\n${ROUNDS}`;

/** Every way of saying it that came to mind, put down before any was read. */
describe("stripes told in a sentence", () => {
  it.each([
    ["Change colour every 2 rounds, starting with A.", "rrggrr"],
    ["Change colours after every second round, beginning with red.", "rrggrr"],
    ["Stripes: 2 rounds A, 2 rounds B, repeat.", "rrggrr"],
    ["Work 2 rounds in A and 2 rounds in B alternately.", "rrggrr"],
    ["Alternate two rounds of A with two rounds of B.", "rrggrr"],
    ["Work in stripes of 2 rounds each, A first, then B.", "rrggrr"],
    ["Stripe pattern: *2 rounds red, 2 rounds green*", "rrggrr"],
    ["2 rnds A, 2 rnds B throughout.", "rrggrr"],
    ["Rounds 1-2 in A, rounds 3-4 in B, rounds 5-6 in A.", "rrggrr"],
    ["Rounds 1, 2, 5, 6 red; rounds 3, 4 green.", "rrggrr"],
    ["Colour sequence: A, A, B, B.", "rrggrr"],
    ["Alternate A and B every round.", "rgrgrg"],
    ["Alternating red and green each round.", "rgrgrg"],
    ["Odd rounds in A, even rounds in B.", "rgrgrg"],
    ["Switch colours every round.", "rgrgrg"],
    ["One round red, one round green, and so on.", "rgrgrg"],
    ["Change colour each round (A, B, A, B …).", "rgrgrg"],
    ["Rnds 1-3 red, Rnds 4-6 green", "rrrggg"],
    ["Use A for rounds 1-3 and B for rounds 4-6.", "rrrggg"],
    ["A: rnds 1-3. B: rnds 4-6.", "rrrggg"],
    ["Change to B after round 3.", "rrrggg"],
    ["Change to green at the start of round 4.", "rrrggg"],
  ])("%s", (said, wanted) => {
    const got = slots(said);
    expect(got.replaceAll("m", "r")).toBe(wanted);
  });
  it.each(["Change colour as you like.", "Embroider 2 rounds of red and 2 of green on it, then repeat."])(
    "%s tells of no round",
    (said) => {
      expect(new Set(slots(said))).toEqual(new Set("m"));
    },
  );
  it("above the first part it is that part’s, and of no other; three colours take turns", () => {
    const cap = "\nCap (gold)\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\n";
    const above = (said: string) => `Bauble\nA red, B green, C gold.\n${said}\n\n${ROUNDS}${cap}`;
    expect(slots("Change colour every 2 rounds, starting with A.", above)).toBe("rrgggg gg");
    expect(checkPattern(above("Alternate A and B every round.")).parts.at(-1)?.rounds[0]?.slot).toBe("gold");
  });
  it("a colour said in a round goes before", () => {
    const own = under("Alternate A and B every round.").replace("Rnd 6:", "Rnd 6: With white,");
    expect(
      checkPattern(own)
        .parts[0]?.rounds.at(-1)
        ?.bySlot.map((s) => s.slot),
    ).toEqual(["white"]);
  });
});
