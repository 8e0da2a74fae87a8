import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";

const BALL = "Rnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n";
/** Ways of saying which colour, with the single crochet that each colour takes; worked out by hand. */
const WAYS: readonly (readonly [string, Readonly<Record<string, number>>])[] = [
  [`Body (white)\n${BALL}Rnd 3: change to grey, sc around (12)`, { white: 18, grey: 12 }],
  [
    `Body (white)\n${BALL}Rnd 3: sc around, changing to red in last st (12)\nRnd 4: sc around (12)`,
    { white: 30, red: 12 },
  ],
  [
    `Body (white)\n${BALL}Rnds 3-4: sc around, change to red at the end of rnd 4 (12)\nRnd 5: sc around (12)`,
    { white: 42, red: 12 },
  ],
  [
    `A = yellow, B = black\nBee\nR1 (A): 6 sc in MR (6)\nR2 (A): inc x 6 (12)\nR3 (B): sc around (12)`,
    { yellow: 18, black: 12 },
  ],
  [
    `Colours: yellow (A), black (B)\nBee\nRnd 1 – A: 6 sc in MR (6)\nRnd 2 – A: inc x 6 (12)\nRnd 3 – B: sc around (12)`,
    { yellow: 18, black: 12 },
  ],
  [
    `Bee\nRnd 1 (yellow): 6 sc in MR (6)\nRnd 2 (yellow): inc x 6 (12)\nRnd 3 (black): sc around (12)`,
    { yellow: 18, black: 12 },
  ],
  [
    `W = white, B = black\nPanda\nR1: W 6 sc in MR (6)\nR2: W inc x 6 (12)\nR3: W 4 sc, B 4 sc, W 4 sc (12)`,
    { white: 26, black: 4 },
  ],
  [`Bauble\nWith red:\n${BALL}Change to gold.\nRnd 3: sc around (12)`, { red: 18, gold: 12 }],
  [`Bauble\nColour: red\n${BALL}Colour: gold\nRnd 3: sc around (12)`, { red: 18, gold: 12 }],
  [`Orange part\n${BALL}`, { orange: 18 }],
  [`Belly – start with white yarn\n${BALL}`, { white: 18 }],
  [`Body — start at the beak end, using brown\n${BALL}`, { brown: 18 }],
  [
    `Ball\nRnd 1: with white, 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: *1 sc white, 1 sc black* x 6 (12)`,
    { white: 24, black: 6 },
  ],
  [
    `Ball\nRnd 1: 6 sc in MR in white (6)\nRnd 2: inc x 6 (12)\nRnd 3: black: 6 sc; white: 6 sc (12)`,
    { white: 24, black: 6 },
  ],
  [`Ball (in cream)\n${BALL}Rnds 3–4 in brown: sc around (12)`, { cream: 18, brown: 24 }],
  [
    `MC: grey\nCC: pink\nMouse\nRnd 1: MC, 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: switch to CC, sc around (12)`,
    { grey: 18, pink: 12 },
  ],
  [`Ball, yarn colour: teal\n${BALL}`, { teal: 18 }],
  [`Hat (Yarn B)\n${BALL}`, { B: 18 }],
  [`Ball\nJoin white.\n${BALL}Fasten off white. Join blue.\nRnd 3: sc around (12)`, { white: 18, blue: 12 }],
  [`Ball\nwhite yarn\n${BALL}`, { white: 18 }],
  [`Mushroom cap in red, make 1\n${BALL}`, { red: 18 }],
  [`EARS (pink, make 2)\n${BALL}`, { pink: 18 }],
  [`EARS: make 2 in pink\n${BALL}`, { pink: 18 }],
  [
    `Fish (blue)\n${BALL}Rnd 3: 6 sc in white, 6 sc in blue (12)\nRnd 4: sc around (12)`,
    { blue: 36, white: 6 },
  ],
  [`Fish (blue)\n${BALL}Rnd 3: 6 sc (white), 6 sc (blue) (12)`, { blue: 24, white: 6 }],
  [`Fish (blue)\n${BALL}Rnd 3: [white] 6 sc, [blue] 6 sc (12)`, { blue: 24, white: 6 }],
  [`Fox, with orange\n${BALL}Change colour to white\nRnd 3: sc around (12)`, { orange: 18, white: 12 }],
  [`Fox\nUse orange yarn.\n${BALL}Now use white.\nRnd 3: sc around (12)`, { orange: 18, white: 12 }],
  [`Fox (orange yarn, 2.5 mm hook)\n${BALL}`, { orange: 18 }],
  [`Fox – Colour A (orange)\n${BALL}`, { orange: 18 }],
  [`Snail\nShell\nStart in mustard.\n${BALL}`, { mustard: 18 }],
  [
    `Stripes\nRnd 1 red: 6 sc in MR (6)\nRnd 2 white: inc x 6 (12)\nRnd 3 red: sc around (12)`,
    { red: 18, white: 12 },
  ],
  [`Stripes\nred\n${BALL}white\nRnd 3: sc around (12)`, { red: 18, white: 12 }],
];

describe("stitches by colour", () => {
  it.each(WAYS)("%j", (text, wanted) => {
    const p = checkPattern(text);
    const got: Record<string, number> = {};
    for (const part of p.parts)
      for (const s of part.bySlot) got[s.slot] = (got[s.slot] ?? 0) + (s.made.sc ?? 0);
    expect(got).toEqual(wanted);
    expect(p.problems).toEqual([]);
  });
});
