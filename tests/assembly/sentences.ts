/**
 * Sentences of assembly with what a maker reads in them, written down before the reader was. `parts` are the
 * pattern's part names in order; `in` is the part whose lines the sentence stands in. Sides are seen from the
 * front.
 */
export interface PlacementCase {
  readonly parts: readonly string[];
  readonly says: string;
  readonly in?: number;
  readonly read: readonly Readonly<Record<string, unknown>>[];
}

const CAT = ["Head", "Body", "Ears", "Arms", "Legs", "Tail", "Muzzle"];
const BIRD = ["Body", "Beak", "Wings", "Feet", "Hat"];

export const PLACEMENTS: readonly PlacementCase[] = [
  {
    parts: CAT,
    says: "Sew the ears to the head between rounds 3 and 4, 6 stitches apart.",
    read: [{ parts: [2], host: 0, rounds: [3, 4], apart: 6 }],
  },
  {
    parts: BIRD,
    says: "Sew the wings on both sides of the body at round 9.",
    read: [{ parts: [2], host: 0, rounds: [9, 9], side: "sides" }],
  },
  { parts: CAT, says: "Sew the head onto the body.", read: [{ parts: [0], host: 1 }] },
  { parts: BIRD, says: "Sew hat on top of the body.", read: [{ parts: [4], host: 0, side: "top" }] },
  {
    parts: BIRD,
    says: "Place beak over rounds 7–8, centred between the eyes.",
    read: [{ parts: [1], rounds: [7, 8], beside: { what: "eyes", way: "between" } }],
  },
  {
    parts: CAT,
    says: "Attach arms to body two rounds below the neck, one on each side.",
    read: [{ parts: [3], host: 1, from: { what: "neck", rounds: 2, way: "below" }, side: "sides" }],
  },
  {
    parts: CAT,
    says: "Tail: sew to the back of the body, over rnds 12-14.",
    read: [{ parts: [5], host: 1, rounds: [12, 14], side: "back" }],
  },
  {
    parts: CAT,
    says: "Fasten off and sew on between Rd. 5 and 6, about 4 sts apart.",
    in: 2,
    read: [{ parts: [2], rounds: [5, 6], apart: 4 }],
  },
  {
    parts: CAT,
    says: "Pin the muzzle to the front of the head, 1 round below the eyes. Sew it on.",
    read: [
      { parts: [6], host: 0, side: "front", from: { what: "eyes", rounds: 1, way: "below" } },
      { parts: [6] },
    ],
  },
  {
    parts: CAT,
    says: "Sew legs to the bottom of the body, 3 sts apart, pointing forward.",
    read: [{ parts: [4], host: 1, side: "bottom", apart: 3, points: "forward" }],
  },
  {
    parts: CAT,
    says: "Sew the ears and the muzzle to the head.",
    read: [{ parts: [2, 6], host: 0 }],
  },
  {
    parts: BIRD,
    says: "Sew the beak to the body at round 8, in the middle of the front.",
    read: [{ parts: [1], host: 0, rounds: [8, 8], side: "front" }],
  },
  {
    parts: BIRD,
    says: "Sew wing 1 to the body at round 9, 6 sts left of the middle, pointing down.",
    read: [{ parts: [2], piece: 0, host: 0, rounds: [9, 9], off: -6, points: "down" }],
  },
  {
    parts: BIRD,
    says: "Sew wing 2 to the body between rounds 9 and 10, 6 sts right of the middle.",
    read: [{ parts: [2], piece: 1, host: 0, rounds: [9, 10], off: 6 }],
  },
  {
    parts: BIRD,
    says: "Sew the feet flat under the body at the front.",
    read: [{ parts: [3], host: 0, side: "bottom", toward: "front", lies: true }],
  },
  {
    parts: ["Pot", "Leaves", "Stem", "Flower"],
    says: "Sew the flower to the end of the stem, then put the stem inside the pot and sew the leaves beside it.",
    read: [
      { parts: [3], host: 2, side: "end" },
      { parts: [2], host: 0, side: "inside" },
      { parts: [1], beside: { what: 2, way: "beside" } },
    ],
  },
  {
    parts: ["Cap", "Stalk", "Spots"],
    says: "Sew stalk under cap. Sew the spots here and there on the cap.",
    read: [
      { parts: [1], host: 0, side: "bottom" },
      { parts: [2], host: 0, scattered: true },
    ],
  },
  {
    parts: CAT,
    says: "Sew the ears on rounds 4 through 8 of the head with 10 sts between them.",
    read: [{ parts: [2], host: 0, rounds: [4, 8], apart: 10 }],
  },
  {
    parts: CAT,
    says: "Leave a long tail for sewing. Sew the opening closed. Sew flat.",
    in: 2,
    read: [{ parts: [2], lies: true }],
  },
  {
    parts: ["Tower", "Lamp room", "Roof"],
    says: "Sew the lamp room on top of the tower and the roof on top of the lamp room.",
    read: [
      { parts: [1], host: 0, side: "top" },
      { parts: [2], host: 1, side: "top" },
    ],
  },
  {
    parts: ["Shell", "Crab", "Claws"],
    says: "The shell lies with its opening to the front. Sew the crab into the opening of the shell, edge to edge.",
    read: [
      { parts: [0], opening: "front" },
      { parts: [1], host: 0, side: "end" },
    ],
  },
  {
    parts: ["Hull", "Bench", "Oars"],
    says: "Sew the benches across the inside of the hull; lay the oars over the sides.",
    read: [
      { parts: [1], host: 0, side: "inside" },
      { parts: [2], side: "sides" },
    ],
  },
  {
    parts: CAT,
    says: "Sew an arm to either side at R14.",
    read: [{ parts: [3], rounds: [14, 14], side: "sides" }],
  },
  {
    parts: CAT,
    says: "Position the ears on the 3rd round from the top of the head, 8 sts apart.",
    read: [{ parts: [2], host: 0, from: { what: "top", rounds: 3, way: "below" }, apart: 8 }],
  },
  {
    parts: CAT,
    says: "Stuff the tail lightly. Insert 6 mm eyes between rounds 6 and 7, 5 sts apart. Weave in ends.",
    read: [],
  },
  {
    parts: ["Body and head", "Flippers", "Tail"],
    says: "Sew the tail to the back of the body, flat side down, low over the closing hole.",
    read: [{ parts: [2], host: 0, side: "back", low: true }],
  },
  // A second set, read once before anything was mended for it: 10 of 15.
  {
    parts: CAT,
    says: "With the long tail, sew the head to the neck opening of the body.",
    read: [{ parts: [0], host: 1, side: "end" }],
  },
  {
    parts: CAT,
    says: "Ears: sewn to the head, between rounds 5 & 6, 8 stitches apart",
    read: [{ parts: [2], host: 0, rounds: [5, 6], apart: 8 }],
  },
  {
    parts: CAT,
    says: "Sew the muzzle to the face between the eyes.",
    read: [{ parts: [6], beside: { what: "eyes", way: "between" }, side: "front" }],
  },
  {
    parts: CAT,
    says: "Sew the legs on rnds 3-6 of the body, leaving 4 sts between them at the front.",
    read: [{ parts: [4], host: 1, rounds: [3, 6], apart: 4, side: "front" }],
  },
  {
    parts: CAT,
    says: "The tail is sewn on the back of the body at round 5.",
    read: [{ parts: [5], host: 1, rounds: [5, 5], side: "back" }],
  },
  {
    parts: CAT,
    says: "Attach one arm on each side of the body, just under the head.",
    read: [{ parts: [3], host: 1, side: "sides", beside: { what: 0, way: "below" } }],
  },
  { parts: CAT, says: "Using the yarn tail, sew to the body.", in: 5, read: [{ parts: [5], host: 1 }] },
  { parts: BIRD, says: "Sew on the hat tilted to the left side.", read: [{ parts: [4], side: "left" }] },
  { parts: CAT, says: "Stitch the second arm opposite the first.", read: [{ parts: [3] }] },
  {
    parts: CAT,
    says: "Sew arms and legs to body. Sew tail to back of body.",
    read: [
      { parts: [3, 4], host: 1 },
      { parts: [5], host: 1, side: "back" },
    ],
  },
  {
    parts: ["Mushroom cap", "Stem", "Leaf", "Ladybird"],
    says: "Sew the ladybird onto the cap, 3 rounds above the edge.",
    read: [{ parts: [3], host: 0, from: { what: "edge", rounds: 3, way: "above" } }],
  },
  {
    parts: ["Body", "Fin (make 2)", "Back fin", "Tail fin"],
    says: "Sew the back fin along the middle of the back over rounds 6-10.",
    read: [{ parts: [2], side: "back", rounds: [6, 10] }],
  },
  {
    parts: ["Dancer", "Skirt"],
    says: "Attach pink to any free front loop of R7.",
    in: 1,
    read: [],
  },
];
