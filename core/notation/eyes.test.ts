import { describe, expect, it } from "vitest";
import { checkPattern } from "./index";

/**
 * Sentences with the eyes a maker reads in them, as "count size rounds apart", written down before they were
 * read.
 */
const SENTENCES: readonly (readonly [string, string])[] = [
  ["(eyes go in between R5 and R6, with 5 stitches between)", "2 - 5,6 5"],
  ["Now put the eyes in, between rounds 3 and 4 with 4 stitches in between, and stuff.", "2 - 3,4 4"],
  ["The eyes sit between rounds 3 and 4, 4 stitches apart.", "2 - 3,4 4"],
  ["Eyes: between R7 and R8, 6 sts apart", "2 - 7,8 6"],
  ["eyes between rnd 4 and 5", "2 - 4,5 -"],
  ["At this point insert the eyes between rounds 6 and 7", "2 - 6,7 -"],
  ["Before you close, place the 6 mm eyes between rounds 7 and 8, 5 sts apart.", "2 6 7,8 5"],
  ["(place safety eyes between R9-R10, 8 sts apart)", "2 - 9,10 8"],
  ["* Insert the eyes between Rnd 8 and 9 *", "2 - 8,9 -"],
  ["Time for the eyes: between rounds 5 and 6, leaving 6 stitches between them.", "2 - 5,6 6"],
  ["You can add the eyes now, rounds 6-7, 7 sts apart", "2 - 6,7 7"],
  ["Mark where the eyes go: between rounds 5 and 6, 6 sts apart.", "2 - 5,6 6"],
  ["I put my eyes between rounds 8 and 9, eight stitches apart.", "2 - 8,9 8"],
  ["Safety eyes go between rounds 10 & 11.", "2 - 10,11 -"],
  ["Pop in the eyes between rnds 6 and 7.", "2 - 6,7 -"],
  ["Next, fasten two 5 mm safety eyes in round 6, five stitches apart, then fill.", "2 5 6,6 5"],
  ["Eyes go on now (6 mm), on row 5, with 4 sts in between.", "2 6 5,5 4"],
  [
    "Here you insert the safety eyes; they go between the 7th and the 8th round with 6 stitches between them.",
    "2 - 7,8 6",
  ],
  ["After round 9 place the eyes between rounds 7 and 8.", "2 - 7,8 -"],
  ["Attach a 10 mm safety nose between rounds 4 and 5.", "nose 1 10 4,5 -"],
  ["Place beak over rounds 7–8, centred between the eyes.", "none"],
  ["Sew the snout one round below the eyes.", "none"],
  ["Position the ears 3 rounds above the eyes.", "none"],
  ["Pin the muzzle just under the eyes and sew it on.", "none"],
  ["Embroider cheeks below the eyes in pink.", "none"],
  ["Keep the eyes at hand.", "none"],
  ["Add a stitch of white beside each eye.", "none"],
  ["Check that the eyes are level.", "none"],
  ["Put the arms level with the eyes.", "none"],
  ["Insert the wire between the eyes.", "none"],
  ["If using safety eyes, insert them now between R6 and R7.", "2 - 6,7 -"],
  ["One eye goes on round 6, the other 5 sts further.", "2 - 6,6 5"],
  ["Don't close it before the eyes are in (between R6 and R7).", "2 - 6,7 -"],
  ["Position eyes 3 rounds down from the top, 6 sts apart", "2 - - 6"],
  ["- eyes: 6mm, btw R6 and R7, 5 sts in between", "2 6 6,7 5"],
  ["Sew on two black beads as eyes between rounds 6 and 7.", "none"],
];

const HEAD = `Head
R1: 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-11: 24 sc (24)
`;
const CLOSED = `
R12: (2 sc, dec) x6 (18)
R13: (sc, dec) x6 (12)
R14: dec x6 (6)
`;

describe("eyes are heard wherever a sentence speaks of them, and places beside them are none", () => {
  it.each(SENTENCES)("%s → %s", (says, wanted) => {
    const read = checkPattern(`${HEAD}${says}${CLOSED}`);
    const eyes = read.parts[0]?.events.flatMap(({ event: e }) =>
      e.kind === "eyes"
        ? [
            `${e.what === "nose" ? "nose " : ""}${e.count} ${e.sizeMm ?? "-"} ${e.rounds?.join() ?? "-"} ${e.apart ?? "-"}`,
          ]
        : [],
    );
    expect(eyes?.join(" + ") || "none").toBe(wanted);
    expect(read.parts.map((p) => p.rounds.length)).toEqual([14]);
    expect(read.problems).toEqual([]);
  });
  it("hears of a pair twice, and counts it once", () => {
    const read = checkPattern(
      `${HEAD}Insert the eyes now.\n(The eyes go between R5 and R6, 4 sts apart.)${CLOSED}`,
    );
    const eyes = read.parts[0]?.events.filter((e) => e.event.kind === "eyes");
    expect(eyes?.map((e) => e.event)).toMatchObject([{ count: 2, rounds: [5, 6], apart: 4 }]);
  });
});
