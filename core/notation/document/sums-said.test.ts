import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** A ball in four hands: with labels, without, by bare numbers, and told in sentences. */
const HANDS = {
  labels: ["Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6", "Rnd 3: (5 sc, inc) x2 (14)", "Rnd 4: dec x 7 (7)"],
  none: ["MR 6", "inc x 6", "(5 sc, inc) x2 (14)", "dec x 7 (7)"],
  numbers: ["1. MR 6", "2. inc x6", "3. (5, inc) x2", "4. dec x7"],
  told: [
    "Round 1 is 6 sc in a ring.",
    "In round 2, increase in every stitch.",
    "In round 3, work 5 sc and an increase twice. (14)",
    "Round 4: decrease 7 times. (7)",
  ],
};

function read(lines: readonly string[]): string {
  const { parts, problems } = checkPattern(["Ball", ...lines].join("\n"));
  const slips = problems.filter((p) => p.severity !== "note").map((p) => `${p.code} ${p.line}`);
  return [...parts.map((p) => `${p.name} ${p.rounds.map((r) => r.count).join(" ")}`), ...slips].join(" / ");
}

/** What a round comes to, in a sentence; every way written down before any was read. */
const SUMS = [
  "Count: 12 sc.",
  "There are now 12 sc around.",
  "You now have 12 sc.",
  "You have 12 sc now.",
  "That makes 12 sc.",
  "Total 12 sc.",
  "Total: 12 sc",
  "12 sc in total.",
  "Result: 12 sc",
  "This gives 12 sc.",
  "Stitch count: 12 sc",
  "12 sc altogether.",
  "You should now have 12 sc in your round.",
  "There should be 12 sc.",
  "(12 sc now)",
  "(there are 12 sc)",
  "Check: 12 sc.",
  "You end up with 12 sc.",
  "At the end of this round there are 12 sc.",
  "12 sc at the end of the round.",
  "After this round: 12 sc.",
  "Sts: 12",
  "St count 12",
  "End of round: 12 sc",
  "12 sc left.",
  "12 sc remain.",
];
describe("a sum told in a sentence is no round", () => {
  it.each(SUMS)("%s", (said) => {
    for (const hand of Object.values(HANDS))
      expect(read([...hand.slice(0, 2), said, ...hand.slice(2)])).toBe("Ball 6 12 14 7");
  });
  it.each(SUMS.filter((s) => !/^(Result|At the end|End of)/.test(s)))(
    "on the line of its round: %s",
    (said) => {
      for (const [first, second = "", ...rest] of Object.values(HANDS)) {
        const line = `${second}${second.endsWith(".") ? "" : "."} ${said}`;
        expect(read([first ?? "", line, ...rest])).toBe("Ball 6 12 14 7");
      }
    },
  );
});

/** Talk about stitches, between the rounds. */
const TALK = [
  "You will have 6 sts left.",
  "Count your stitches: there should be 12.",
  "If you have 13, you made an inc too many.",
  "Place a marker in the first sc of the round.",
  "Mark the 4th st for the arm.",
  "The next 2 rounds form the neck.",
  "(sc, inc) means one sc, then an increase.",
  "Count: 12 sc.",
  "Move the marker 1 st to the left each round.",
  "Each inc adds 1 st, so 6 more than before.",
  "An inc is 2 sc in the same st.",
  "Remember: dec = sc2tog.",
  "Work loosely; the last sc is easy to miss.",
  "The sc should look like little v's.",
  "Pull the first 6 sc tight.",
  "Don't forget the 12th st!",
  "The first st of the next round goes into the first sc.",
  "Put the eyes between the 4th and 5th st, 6 sts apart.",
  "Insert 6 mm eyes between rnds 2 and 3, 4 sc apart.",
  "Insert eyes in round 2 with 3 visible sts between them.",
  "Now is the time for the eyes: 6 mm, 4 sts apart.",
  "Sew the nose over 2 sts of round 2.",
  "Embroider a mouth over 3 sts with black.",
  "If you use thicker yarn, work 1 round less.",
  "For a bigger ball, repeat round 2 with 3 more increases.",
  "For a smaller one, leave out this round.",
  "Use a 2.5 mm hook, or smaller for tight sc.",
  "I put 2 dots of blush on 4th round.",
  "Turn the work so that the right side (the v's of the sc) faces you.",
  "Your piece is now about 3 cm across.",
  "Carry the yarn inside for 3 sts.",
  "It takes me 10 minutes to here.",
  "Weigh it: 2 g so far.",
  "Leave the last st of rnd 2 loose.",
  "Check that you still have 12 sts.",
  "12 sts, right?",
  "So far so good: 6, 12.",
  "Each of the 6 wedges has 2 sts now.",
  "Skip this if you are making the small one (6 sts).",
  "You may invisible-dec instead of sc2tog.",
  "In UK terms sc is dc.",
  "Work the sc through both loops unless it says BLO.",
  "We will work 1 more inc round later.",
  "See photo 4 for how the inc sits.",
  "I count the inc as 2.",
];
const PLAIN = {
  labels: ["Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)", "Rnd 3: 12 sc (12)", "Rnd 4: dec x 6 (6)"],
  none: ["MR 6", "inc x 6 (12)", "12 sc (12)", "dec x 6 (6)"],
  numbers: ["1. MR 6", "2. inc", "3. 12", "4. dec"],
};
describe("talk about stitches is neither a round nor a part", () => {
  it.each(TALK)("%s", (said) => {
    for (const hand of Object.values(PLAIN))
      for (const at of [2, 3])
        expect(read([...hand.slice(0, at), said, ...hand.slice(at)])).toBe("Ball 6 12 12 6");
  });
});
