import { expect, it } from "vitest";
import { checkPattern } from "..";

/** Something said in front of a label, and labels in other words: each is round 4, whatever the hand. */
const SAID = [
  "Stuff, then in round 4 decrease six times.",
  "Stuff. In round 4 decrease six times.",
  "Insert the eyes, and in rnd 4 decrease six times.",
  "After stuffing, in round 4 decrease six times (6).",
  "Stuff, then Rnd 4: dec x6 (6)",
  "Stuff and close. Rnd 4: dec x6 (6)",
  "Stuff - Rnd 4: dec x6 (6)",
  "Now stuff it. Then round 4: dec x6 (6)",
  "Stuff the body and work round 4: dec x6 (6)",
  "Fill firmly before round 4: dec x6 (6)",
  "Stuff now; Rnd 4: dec x6 (6)",
  "(Stuff) Rnd 4: dec x6 (6)",
  "[stuff here] Rnd 4: dec x6 (6)",
  "Eyes in, stuffing in, Rnd 4: dec x6 (6)",
  "Time to stuff! Rnd 4: dec x6 (6)",
  "Last round - rnd 4: dec x6 (6)",
  "Final round (4): dec x6 (6)",
  "For round 4, dec x6 (6)",
  "To close, Rnd 4: dec x6 (6)",
  "Closing - Rnd 4 - dec x6 (6)",
  "Change to red, Rnd 4: dec x6 (6)",
  "In red: Rnd 4: dec x6 (6)",
  "Switch to red and work Rnd 4: dec x6 (6)",
  "With red, work rnd 4 as dec x6 (6)",
  "Rnd 4 (stuff first): dec x6 (6)",
  "Rnd 4 - stuff, then dec x6 (6)",
  "Rnd 4: stuff and dec x6 (6)",
  "Rnd 4, after stuffing: dec x6 (6)",
  "Rnd 4 in red: dec x6 (6)",
  "Rnd 4 (red) dec x6 (6)",
  "Rnd 4 closes the body: dec x6 (6)",
  "Rnd 4 is the last one: dec x6 (6)",
  "Work round 4 by decreasing in every two stitches.",
  "On the fourth round, dec x6 (6)",
  "The fourth round: dec x6 (6)",
  "Fourth and last round: dec x6 (6)",
  "Next round: dec x6 (6)",
  "Next: dec x6 (6)",
  "Then decrease all around (6).",
  "Finally dec x6 (6).",
  "Lastly: dec x6 (6)",
  "Decrease round: dec x6 (6)",
];
const SHORT = ["Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)", "Rnd 3: sc around (12)"];
const LONG = [
  "Round 1 is 6 sc in a magic ring.",
  "In round 2 increase in every stitch.",
  "Round 3 is plain.",
];

it.each(SAID)("%s", (said) => {
  for (const above of [SHORT, LONG]) {
    const { parts, problems } = checkPattern(["Body", ...above, said, "Fasten off."].join("\n"));
    expect(parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[6, 12, 12, 6]]);
    expect(problems.filter((p) => p.severity === "error")).toEqual([]);
  }
});

it.each([
  "Insert the eyes between rounds 3 and 4, 5 sts apart.",
  "The arms are sewn on at round 3, and in round 5 of the head.",
  "Sew the wings on, round 2 of the wing on round 3 of the body.",
  "Stuff, then repeat rnds 2 and 3 for a bigger one.",
  "Stuff to round 3, in the same way as round 2.",
])("a round that is only spoken of is none: %s", (said) => {
  const { parts } = checkPattern(["Body", ...SHORT, said, "Rnd 4: dec x6 (6)"].join("\n"));
  expect(parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[6, 12, 12, 6]]);
});

it("the colour that is told in front of the label is that of its round", () => {
  const [cap] = checkPattern(
    ["Cap (white)", ...SHORT, "Switch to red and work rnd 4: dec x6 (6)"].join("\n"),
  ).parts;
  expect(cap?.bySlot.map((s) => s.slot)).toEqual(["white", "red"]);
});
