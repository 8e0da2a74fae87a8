import { describe, expect, it } from "vitest";
import { readPlaces } from "./index";

const CAT = ["Head", "Body", "Ears", "Arms", "Legs", "Tail", "Muzzle"];
const BIRD = ["Body", "Beak", "Wings", "Feet", "Hat"];

/** Where a part goes, said in other words; written down before any was read. What is not named here may be read too. */
const SAID: readonly (readonly [parts: readonly string[], says: string, read: object])[] = [
  [
    CAT,
    "Pin the ears at round 4 of the head with 7 stitches between them, then sew.",
    { parts: [2], host: 0, rounds: [4, 4], apart: 7 },
  ],
  [CAT, "Ears go on top of the head, between R3 and R5.", { parts: [2], host: 0, rounds: [3, 5] }],
  [
    CAT,
    "Sew ears onto head (rounds 3-5), leaving 6 sts between.",
    { parts: [2], host: 0, rounds: [3, 5], apart: 6 },
  ],
  [
    CAT,
    "Attach the muzzle to the front of the head over rounds 8 to 12.",
    { parts: [6], host: 0, rounds: [8, 12], side: "front" },
  ],
  [CAT, "Sew the muzzle right below the eyes.", { parts: [6] }],
  [
    CAT,
    "The arms are sewn to the sides of the body at rnd 15.",
    { parts: [3], host: 1, rounds: [15, 15], side: "sides" },
  ],
  [CAT, "Sew an arm on each side of the body, just under the neck.", { parts: [3], host: 1, side: "sides" }],
  [
    CAT,
    "Sew the legs to the bottom of the body at round 3, 4 stitches apart.",
    { parts: [4], host: 1, rounds: [3, 3], apart: 4 },
  ],
  [
    CAT,
    "Sew the tail at the back, centred, round 5 of the body.",
    { parts: [5], host: 1, rounds: [5, 5], side: "back" },
  ],
  [CAT, "Tail goes at the back between rounds 4-6.", { parts: [5], rounds: [4, 6], side: "back" }],
  [CAT, "Sew the body to the head.", { parts: [1], host: 0 }],
  [
    CAT,
    "Position the ears on the 4th round, 5 sts apart, and sew in place.",
    { parts: [2], rounds: [4, 4], apart: 5 },
  ],
  [BIRD, "Beak: sew between the eyes at round 8.", { parts: [1], rounds: [8, 8] }],
  [
    BIRD,
    "Sew wings to body, one either side, on round 10.",
    { parts: [2], host: 0, rounds: [10, 10], side: "sides" },
  ],
  [BIRD, "Put the hat on his head and stitch it down.", { parts: [4] }],
  [BIRD, "Sew the feet underneath the body, toes pointing forward.", { parts: [3], host: 0 }],
  [BIRD, "Sew feet to the bottom, 3 sts apart, at the front.", { parts: [3], apart: 3 }],
  [BIRD, "Attach the beak centrally over rnds 6 and 7.", { parts: [1], rounds: [6, 7] }],
  [
    BIRD,
    "With the tails, sew each wing at rnd 9 about 10 stitches from the beak.",
    { parts: [2], rounds: [9, 9] },
  ],
  [BIRD, "Wings – rounds 8-11, opposite each other.", { parts: [2], rounds: [8, 11], side: "sides" }],
  [
    CAT,
    "Use the long ends to sew arms (R14 of the body) and legs (R4 of the body).",
    { parts: [3], host: 1, rounds: [14, 14] },
  ],
  [CAT, "Sew the ears on the head two rounds above the eyes.", { parts: [2], host: 0 }],
  [
    CAT,
    "The tail is placed at the centre back at the level of round 7.",
    { parts: [5], rounds: [7, 7], side: "back" },
  ],
  [CAT, "Sew on arms at row 18.", { parts: [3], rounds: [18, 18] }],
  [
    BIRD,
    "Flatten the wings and sew them to the sides in Rnd 12.",
    { parts: [2], rounds: [12, 12], side: "sides" },
  ],
  [CAT, "Ears: attach at a slight angle at rounds 5–9.", { parts: [2], rounds: [5, 9] }],
  [
    CAT,
    "Sew the legs on at the front of the body, between rounds 2 and 6, 6 sts from each other.",
    { parts: [4], host: 1, rounds: [2, 6], side: "front", apart: 6 },
  ],
];

describe("places said in other words", () => {
  it.each(SAID.map(([parts, says, read]) => [says, parts, read] as const))("%s", (says, parts, read) => {
    expect(readPlaces([{ text: says, line: 1 }], parts, () => undefined)[0]).toMatchObject(read);
  });
  it("work that goes on is no place", () => {
    for (const says of ["Stuff the body as you go.", "Now we go on with the head.", "Flatten the wings."])
      expect(readPlaces([{ text: says, line: 1 }], [...CAT, "Wings"], () => undefined)).toEqual([]);
  });
});
