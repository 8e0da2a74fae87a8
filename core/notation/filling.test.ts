import { describe, expect, it } from "vitest";
import { checkPattern } from "./index";

/** Sentences with the filling a maker reads in them: how firmly, "-" for as usual, "none" for left empty. */
const SENTENCES: readonly (readonly [string, string])[] = [
  ["Stuff.", "-"],
  ["Stuff firmly.", "firm"],
  ["Stuff the head now, lightly.", "light"],
  ["Now is a good time to stuff the head.", "-"],
  ["I stuffed mine quite firmly.", "firm"],
  ["(stuff as you go)", "-"],
  ["Begin stuffing and keep adding more as you close.", "-"],
  ["Fill it with fibrefill before the hole gets too small.", "-"],
  ["Do not stuff.", "none"],
  ["No stuffing needed.", "none"],
  ["Leave unstuffed.", "none"],
  ["This part is not stuffed.", "none"],
  ["Only stuff the lower half.", "-"],
  ["You don't need to stuff the ears.", "none"],
  ["Add a little stuffing.", "light"],
  ["Put some filling in and close up.", "-"],
  ["Stuff well but not too tight.", "firm"],
  ["Stuffing: medium", "medium"],
  ["Pack it tightly with wool scraps.", "firm"],
  ["Before closing, stuff lightly.", "light"],
  ["Remember to stuff before you close it up!", "-"],
  ["Don't stuff too much.", "light"],
  ["Do not overstuff.", "-"],
  ["Without stuffing, flatten.", "none"],
  ["Stuffing is not necessary.", "none"],
  ["Stuff a bit more here.", "-"],
  ["Take stuffing away if it bulges.", "nothing"],
  ["You will need toy stuffing.", "nothing"],
  ["Fill the base with a few beads or rice.", "-"],
  ["Slightly fill the arm.", "light"],
];

describe("filling is heard wherever a sentence speaks of it", () => {
  it.each(SENTENCES)("%s → %s", (says, wanted) => {
    const read = checkPattern(`Head
R1: 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-11: 24 sc (24)
${says}
R12: (2 sc, dec) x6 (18)
R13: (sc, dec) x6 (12)
R14: dec x6 (6)
`);
    const filling = read.parts[0]?.events.flatMap(({ event: e }) =>
      e.kind === "stuff" ? [e.none ? "none" : (e.firmness ?? "-")] : [],
    );
    expect(filling?.join(" + ") || "nothing").toBe(wanted);
    expect(read.parts.map((p) => p.rounds.length)).toEqual([14]);
    expect(read.problems).toEqual([]);
  });
});
