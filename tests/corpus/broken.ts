/** One slip in a sound pattern of the corpus: exactly one report of this code, at this line. */
export interface Broken {
  readonly what: string;
  readonly hand: string;
  readonly from: string;
  readonly to: string;
  readonly line: number;
  readonly code: string;
}
const b = (what: string, hand: string, from: string, to: string, line: number, code: string): Broken => ({ what, hand, from, to, line, code });

export const BROKEN: readonly Broken[] = [
  b("a repeat one short", "tidy, with totals in round brackets", "(2 sc, inc) × 6 (24)", "(2 sc, inc) × 5 (24)", 6, "count-wrong"),
  b("a total one off", "tidy, with totals in round brackets", "(sc, dec) × 6 (12)", "(sc, dec) × 6 (13)", 9, "total-wrong"),
  b("a range that says another length", "tidy, with totals in round brackets", "Rnds 5–9: sc in each st around (24)", "Rnds 5–9 (4 rounds): sc in each st around (24)", 7, "range-length"),
  b("a round number skipped", "tidy, with totals in round brackets", "Rnd 11:", "Rnd 12:", 9, "round-missing"),
  b("one stitch too few in the repeat", "terse, R and square brackets", "(1sc, inc)x5 [15]", "(2sc, inc)x5 [15]", 4, "count-wrong"),
  b("an even round too long", "terse, R and square brackets", "15sc [15]", "16sc [15]", 5, "count-wrong"),
  b("a wrong first round", "numbers alone, total behind =", "1: 6 sc in magic loop = 6", "1: 7 sc in magic loop = 6", 2, "total-wrong"),
  b("a decrease for an increase", "numbers alone, total behind =", "6 x (2 sc, 1 inc) = 24", "6 x (2 sc, 1 dec) = 24", 5, "count-wrong"),
  b("a total in a magazine", "magazine, ordinals and stars", "around. 18 sts.", "around. 16 sts.", 6, "total-wrong"),
  b("a row too wide", "rows", "dec, 4 sc, dec (6)", "dec, 5 sc, dec (6)", 4, "count-wrong"),
  b("an oval side too short", "oval on both sides of a chain", "sc in next 6 ch, 3 sc in last ch", "sc in next 5 ch, 3 sc in last ch", 2, "too-few-used"),
  b("a misspelt increase", "symmetric single increases", "2 sc, inc, 2 sc, inc (8)", "2 sc, icn, 2 sc, inc (8)", 3, "unknown-word"),
  b("a colour stretch too long", "colours inside a round", "6 sc in teal, 6 sc in silver (12)", "6 sc in teal, 7 sc in silver (12)", 4, "count-wrong"),
  b("a round that is gone", "back loops, then even", "Rnd 4: sc in back loops only around (21)\n", "", 5, "round-missing"),
  b("a round written twice", "chatty, with asides", "Rnd 4: sc in all 18 sts (18)", "Rnd 3: sc in all 18 sts (18)", 7, "round-twice"),
  b("a bracket never closed", "terse, R and square brackets", "(1sc, inc)x5 [15]", "(1sc, incx5 [15]", 4, "unclosed-bracket"),
  b("a star never repeated", "stars nested in brackets and repeats from star to double star", "*inc; rep from * to end (12)", "*inc (12)", 3, "unclosed-bracket"),
  b("two totals that disagree", "stitch totals in a sentence", "18 stitches in total.", "18 stitches in total (20).", 5, "totals-disagree"),
  b("a leg counted wrong in the bridge", "two legs and a chain bridge, the second leg kept live", "9 sc around leg 2, 3 sc along", "8 sc around leg 2, 3 sc along", 15, "total-wrong"),
  b("a spur longer than its chain", "spur limbs grown out of a round", "ch 5, sl st in 2nd ch from hook and in next 3 ch", "ch 4, sl st in 2nd ch from hook and in next 3 ch", 5, "spur-does-not-fit"),
  b("loops that are not free", "free loops used later with new yarn", "left by round 4 of the buoy", "left by round 6 of the buoy", 12, "loop-not-free"),
  b("a frill with a stitch too many", "free loops used later with new yarn", "Rnd 1: 18 sc (18)", "Rnd 1: 19 sc (19)", 13, "too-many-used"),
  b("a bridge shorter than what it spans", "a mouth: stitches skipped under a chain bridge", "Rnd 5: 6 sc, sc in each of the 6 ch, 6 sc (18)", "Rnd 5: 6 sc, sc in each of the 5 ch, 6 sc (18)", 6, "count-wrong"),
  b("seam edges that do not match", "a seam whose edges match", "Sew the 18 sts of the head to the 18 sts of the body.", "Sew the 18 sts of the head to the 16 sts of the body.", 14, "seam-does-not-match"),
  b("a part said to be like one that is not there", "parts like other parts", "Work as left arm.", "Work as left flipper.", 7, "no-such-part"),
  b("a round repeated that was never made", "repeats of rounds in several words", "Rep Rnd 3 until", "Rep Rnd 5 until", 5, "no-such-round"),
  b("half an oval missing", "an oval, the first chains counted in the maker's way", "inc, 4 sc, inc x 3, 4 sc, inc x 2 (20)", "inc, 4 sc, inc x 3, 3 sc, inc x 2 (20)", 3, "count-wrong"),
  b("a shell with a stitch too few", "ruffle of threes and a shell edge", "(sc, hdc, dc, hdc, sc) in next st", "(sc, hdc, dc, sc) in next st", 4, "total-wrong"),
  b("longhand: five times for six", "prose with all numbers in words", "Single crochet one, decrease one; do this six times. (twelve)", "Single crochet one, decrease one; do this five times. (twelve)", 6, "count-wrong"),
  b("UK: a stitch missed too few", "UK magazine with miss and tension", "*miss 1 dc, 1 dc in each of next 2 dc; rep from * to end. (10 sts)", "*miss 1 dc, 1 dc in each of next 2 dc; rep from * to end. (12 sts)", 6, "total-wrong"),
  b("a misspelt ring", "prose with all numbers in words", "Six single crochet in a magic ring.", "Six single crochet in a magic rign.", 2, "unknown-word"),
  b("a misspelt stitch in UK words", "UK taller stitches in rows", "1 dc in each st. (13)", "1 dcc in each st. (13)", 6, "unknown-word"),
  b("the panel does not come back to its stitches", "an opening left, told", "Rnd 8: ch 1, turn, sc in next 12 sts (12)", "Rnd 8: ch 1, turn, sc in next 13 sts (12)", 7, "count-wrong"),
  b("layers one pair short", "an opening folded flat and closed through both layers", "across, 6 sc (6)", "across, 5 sc (6)", 5, "total-wrong"),
  b("rounds that run backwards", "tidy, with totals in round brackets", "Rnds 5–9:", "Rnds 9–5:", 7, "range-backwards"),
  b("a cord's stitches over its chain", "curls: three in every chain", "3 sc in 2nd ch from hook and in each ch across (36)", "3 sc in 2nd ch from hook and in each ch across (39)", 2, "total-wrong"),
  b("ends in an increase, it says", "increase rounds that begin or end with half a stretch", "sc, inc, (2 sc, inc) x 5, sc (24)", "sc, inc, (2 sc, inc) x 5, sc; the round ends in an increase (24)", 5, "not-increase-last"),
];
