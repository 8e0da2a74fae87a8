/**
 * Figures with the places of their parts worked out by hand from the text: which part a piece sits on, the
 * round (counted from 0, "between 3 and 4" is 2.5), the angle from the front, how high it is as a share of
 * the whole figure, and the side it lies on, seen from the front.
 */
import { CORPUS } from "../corpus";

export const HEAD = `Head
R1: 6 sc in magic ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5: (3 sc, inc) x6 (30)
R6-11: 30 sc (30)
Insert 6 mm eyes between rounds 7 and 8, 6 sts apart.
R12: (3 sc, dec) x6 (24)
R13: (2 sc, dec) x6 (18)
Stuff.
R14: (sc, dec) x6 (12)
Fasten off, leave a tail for sewing.
`;
export const BODY = `
Body
R1: 6 sc in magic ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-9: 24 sc (24)
R10: (2 sc, dec) x6 (18)
R11-12: 18 sc (18)
Stuff.
Fasten off.
`;
export const small = (name: string, make = 2) => `
${name} - make ${make}
R1: 6 sc in magic ring (6)
R2: (sc, inc) x3 (9)
R3-5: 9 sc (9)
Fasten off, leave a tail for sewing.
`;

export interface ByHand {
  readonly text: string;
  readonly part: string;
  readonly piece?: number;
  readonly host: string;
  readonly band?: number;
  readonly angle?: number;
  readonly high: readonly [number, number];
  readonly x?: "left" | "right" | "middle";
  readonly z?: "front" | "back";
}
export const FIGURES: readonly ByHand[] = [
  {
    text: `${HEAD}${BODY}\nAssembly\nSew the head onto the body.`,
    part: "Head",
    host: "Body",
    high: [0.45, 1],
    x: "middle",
  },
  {
    text: `${HEAD}${small("Ears")}Sew the ears between rounds 3 and 4, 6 sts apart.`,
    part: "Ears",
    piece: 0,
    host: "Head",
    band: 2.5,
    angle: -51.4,
    high: [0.75, 1],
    x: "left",
  },
  {
    text: `${HEAD}${small("Ears")}Sew the ears between rounds 3 and 4, 6 sts apart.`,
    part: "Ears",
    piece: 1,
    host: "Head",
    band: 2.5,
    angle: 51.4,
    high: [0.75, 1],
    x: "right",
  },
  {
    text: `${HEAD}${BODY}${small("Arms")}\nAssembly\nSew the head to the body. Sew the arms to both sides of the body at round 11.`,
    part: "Arms",
    piece: 1,
    host: "Body",
    band: 10,
    angle: 90,
    high: [0.2, 0.6],
    x: "right",
  },
  {
    text: `${HEAD}${small("Beak", 1)}Sew the beak between rounds 8 and 9, centred between the eyes.`,
    part: "Beak",
    host: "Head",
    band: 7.5,
    angle: 0,
    high: [0.3, 0.7],
    x: "middle",
    z: "front",
  },
  {
    text: `${HEAD}${small("Snout", 1)}Sew the snout one round below the eyes.`,
    part: "Snout",
    host: "Head",
    band: 7.5,
    high: [0.3, 0.7],
    z: "front",
  },
  {
    text: `${HEAD}${small("Tail", 1)}Sew the tail to the back of the head at round 11.`,
    part: "Tail",
    host: "Head",
    band: 10,
    angle: 180,
    high: [0, 0.5],
    z: "back",
    x: "middle",
  },
  {
    text: `${HEAD}${small("Hat", 1)}Sew the hat on top of the head.`,
    part: "Hat",
    host: "Head",
    high: [0.7, 1],
    x: "middle",
  },
  {
    text: `${HEAD}${small("Horns")}Sew horn 2 at round 3, 4 sts right of the middle.`,
    part: "Horns",
    piece: 1,
    host: "Head",
    band: 2,
    angle: 80,
    high: [0.7, 1],
    x: "right",
  },
  {
    text: `${HEAD}${small("Feet")}Sew the feet under the head at the front, 4 sts apart.`,
    part: "Feet",
    piece: 0,
    host: "Head",
    high: [0, 0.3],
    x: "left",
    z: "front",
  },
  {
    text: `${HEAD}${BODY}${small("Legs")}\nAssembly\nSew the head to the body.\nSew legs to the bottom of the body, 4 sts apart, pointing forward.`,
    part: "Legs",
    piece: 0,
    host: "Body",
    high: [0, 0.35],
    x: "left",
    z: "front",
  },
  {
    text: `${HEAD}${BODY}${small("Wing")}\nAssembly\nSew the head to the body.\nSew wing 1 to the body at round 9, 6 sts left of the middle.`,
    part: "Wing",
    piece: 0,
    host: "Body",
    band: 8,
    angle: -90,
    high: [0.1, 0.5],
    x: "left",
  },
];

const cap = `Cap
R1: 6 sc in magic ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-7: 24 sc (24)
Fasten off.
`;
const stem = `
Stem
R1: 6 sc in magic ring (6)
R2: inc x6 (12)
R3: BLO 12 sc (12)
R4-7: 12 sc (12)
Fasten off.
`;
const lying = (begun: string) => `Body, ${begun}
R1: 6 sc in magic ring (6)
R2: (sc, inc) x3 (9)
R3: (2 sc, inc) x3 (12)
R4: (sc, inc) x6 (18)
R5: (2 sc, inc) x6 (24)
R6-12: 24 sc (24)
Insert 5 mm eyes between rounds 4 and 5, 6 sts apart.
R13: (2 sc, dec) x6 (18)
R14: (sc, dec) x6 (12)
Stuff.
R15: dec x6 (6)
Close.
`;
const MOUSE = `${lying("starting at the nose")}${small("Ears")}${small("Tail", 1)}`;
const WHALE = `${lying("from the head to the tail, begin at the snout")}${small("Flippers")}${small("Fluke", 1)}`;

/** The one pattern of the corpus that has these words. */
function corpus(words: string): string {
  const [found, second] = CORPUS.filter((c) => c.text.includes(words));
  if (!found || second) throw new Error(`not one pattern of the corpus has “${words}”`);
  return found.text;
}
const CHICK = corpus("PUFFIN CHICK");
const OWL = corpus("Sew the wings at each side below the head.");
const PENGUIN = corpus("Pocket penguin\n");
const PIGEON = corpus("PIP THE PIGEON");
const PUFFIN = corpus("Sew the wings at R11 on either side.");

/** Figures of the corpus. Where the text leaves a place open it is where a maker would put it. */
export const OF_CORPUS: readonly ByHand[] = [
  { text: CHICK, part: "FOOT", piece: 0, host: "BODY", high: [0, 0.3], x: "left" },
  {
    text: corpus("Attach pink to any free front loop of R7."),
    part: "Skirt",
    host: "Dancer",
    high: [0, 1],
    x: "middle",
  },
  {
    text: corpus("place the snout over rounds 4 to 7"),
    part: "Snout",
    host: "Head",
    band: 4.5,
    angle: 0,
    high: [0.1, 0.8],
    x: "middle",
    z: "front",
  },
  { text: corpus("Mini pumpkin -- hook D"), part: "STALK", host: "PUMPKIN", high: [0.7, 1], x: "middle" },
  { text: OWL, part: "HEAD", host: "BODY", high: [0.45, 1], x: "middle" },
  { text: OWL, part: "WINGS", piece: 0, host: "BODY", high: [0.05, 0.6], x: "left" },
  { text: OWL, part: "WINGS", piece: 1, host: "BODY", high: [0.05, 0.6], x: "right" },
  { text: OWL, part: "FEET", piece: 1, host: "BODY", high: [0, 0.2], x: "right" },
  { text: OWL, part: "BEAK", host: "HEAD", high: [0.5, 0.95], x: "middle", z: "front" },
  {
    text: corpus("4) (2 SC, INC) – 8 times [32]"),
    part: "Stem",
    host: "Pumpkin",
    high: [0.6, 1],
    x: "middle",
  },
  {
    text: corpus("Frog prince"),
    part: "Eye bumps",
    piece: 0,
    host: "Frog prince",
    high: [0.8, 1],
    x: "left",
  },
  {
    text: corpus("Sew the wings side by side on the back, at rnd 6."),
    part: "Wing",
    piece: 0,
    host: "Bee",
    band: 5,
    high: [0.2, 0.8],
    x: "left",
    z: "back",
  },
  { text: corpus("Cap - red yarn"), part: "Stem", host: "Cap", high: [0, 0.55], x: "middle" },
  { text: corpus("PUMPKIN. Orange."), part: "STALK", host: "PUMPKIN", high: [0.7, 1], x: "middle" },
  { text: corpus("Ballerina mouse"), part: "SKIRT", host: "BODY", high: [0.1, 0.8], x: "middle" },
  {
    text: corpus("Pocket gnome\n"),
    part: "Nose",
    host: "Pocket gnome",
    band: 7,
    angle: 0,
    high: [0.25, 0.75],
    x: "middle",
    z: "front",
  },
  {
    text: corpus("straight up. Sew on round 3."),
    part: "Nose",
    host: "Gnome",
    band: 2,
    angle: 0,
    high: [0, 1],
    x: "middle",
    z: "front",
  },
  {
    text: PENGUIN,
    part: "Flippers",
    piece: 0,
    host: "Head and body",
    band: 9,
    angle: -90,
    high: [0.2, 0.65],
    x: "left",
  },
  { text: PENGUIN, part: "Beak", host: "Head and body", high: [0.5, 0.95], x: "middle", z: "front" },
  { text: PENGUIN, part: "Feet", piece: 1, host: "Head and body", high: [0, 0.25], x: "right" },
  { text: PIGEON, part: "WINGS", piece: 0, host: "BODY", band: 9, angle: -90, high: [0.1, 0.7], x: "left" },
  { text: PIGEON, part: "BEAK", host: "BODY", high: [0.4, 1], x: "middle", z: "front" },
  {
    text: corpus("Easy Amigurumi Bunny Keychain"),
    part: "Ears",
    piece: 0,
    host: "Head",
    high: [0.7, 1],
    x: "left",
  },
  {
    text: corpus("Little Whale Keychain"),
    part: "TAIL FIN",
    piece: 1,
    host: "BODY",
    high: [0, 1],
    x: "right",
    z: "back",
  },
  {
    text: corpus("TINY HEDGEHOG"),
    part: "EARS",
    piece: 0,
    host: "BODY",
    band: 4.5,
    angle: -30,
    high: [0, 1],
    x: "left",
  },
  { text: corpus("CAP // red"), part: "STEM", host: "CAP", high: [0, 0.55], x: "middle" },
  {
    text: corpus("fold, sew on over row 5"),
    part: "Wings",
    piece: 0,
    host: "Body",
    band: 4,
    high: [0.2, 0.85],
    x: "left",
  },
  { text: corpus("Stem: with B ch 5"), part: "Stem", host: "Pear", high: [0.75, 1], x: "middle" },
  {
    text: PUFFIN,
    part: "BEAK",
    host: "HEAD AND BODY",
    band: 5,
    angle: 0,
    high: [0.5, 0.9],
    x: "middle",
    z: "front",
  },
  {
    text: PUFFIN,
    part: "WING",
    piece: 1,
    host: "HEAD AND BODY",
    band: 10,
    angle: 90,
    high: [0.15, 0.65],
    x: "right",
  },
  { text: PUFFIN, part: "FOOT", piece: 0, host: "HEAD AND BODY", high: [0, 0.2], x: "left" },
  {
    text: corpus("Tree. Work in green from the tip down."),
    part: "Trunk",
    host: "Tree",
    high: [0, 0.3],
    x: "middle",
  },
  {
    text: corpus("Join yarn in the front loops of rnd 4."),
    part: "Frill",
    host: "Jellyfish",
    high: [0, 1],
    x: "middle",
  },
  {
    text: corpus("Gnome keyring (UK terms)"),
    part: "Nose",
    host: "Gnome keyring",
    high: [0.15, 0.6],
    x: "middle",
    z: "front",
  },
  { text: corpus("OWL IN ONE EVENING"), part: "Wings", piece: 1, host: "Body", high: [0.2, 0.8], x: "right" },
  // Toadstools and mice whose places the text leaves open.
  {
    text: `${cap}${stem}Sew together.`,
    part: "Stem",
    host: "Cap",
    high: [0, 0.55],
    x: "middle",
  },
  { text: MOUSE, part: "Ears", piece: 0, host: "Body", high: [0.6, 1], x: "left", z: "front" },
  { text: MOUSE, part: "Tail", host: "Body", high: [0.2, 0.8], x: "middle", z: "back" },
  { text: WHALE, part: "Flippers", piece: 1, host: "Body", high: [0.1, 0.7], x: "right" },
  { text: WHALE, part: "Fluke", host: "Body", high: [0.2, 0.8], x: "middle", z: "back" },
];
