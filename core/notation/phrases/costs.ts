/**
 * How unlikely a reading is, all of it in one table. 0 is the plainest way to write; 1 is about one word of
 * talk between the stitches; from `SLIP` (see `check/costs`) on a slip of the maker's is the likelier
 * explanation.
 */
export const COST = {
  /** Any phrase at all: fewer and longer phrases win. */
  phrase: 0.02,
  /** "dc + tr + dc in next st": all of them, or the last alone. */
  allInNext: 0.15,
  /** "2 sc in next st (dc, tr, dc)": the place is of what stands before it, or of the bracket. */
  placeAhead: 0.4,
  separator: 0,
  /** "12 sts" as work: among stitches, and as a sentence or a bracket of its own. */
  noun: 0.6,
  nounAlone: 5,
  /** Words that carry nothing: "the", "now". */
  filler: 0.12,
  /** A place, a number of times or a repeat that stands alone. */
  place: 0.15,
  times: 0.05,
  repeat: 0.05,
  /** Totals, by how plainly they are one. */
  totalBracketed: 0.03,
  totalSigned: 0.06,
  totalSaid: 0.1,
  totalSentence: 0.3,
  totalComma: 0.65,
  totalBehindWhole: 0.01,
  totalBare: 0.5,
  totalBehindComma: 0.8,
  totalFirst: 1.5,
  totalEarly: 0.7,
  totalInside: 4,
  totalListed: 0.25,
  totalAhead: 1.1,
  /** "(7 fins)": a number of things. */
  things: 0.3,
  /** "Place it on top and sc both edges together": work behind something that is done. */
  eventAndWork: 0.3,
  /** A number with its stitch left out. */
  numberAlone: 0.4,
  /** … and at the very beginning, with no total behind it. */
  numberFirst: 1,
  /** A place with nothing before it that goes there. */
  placeless: 0.3,
  /** A sign or word that begins nothing known. */
  passedBy: 0.2,
  /** Talk: for its being there, for each word, for each number and each stitch in it. */
  aside: 0.3,
  asideWord: 0.04,
  asideNumber: 0.9,
  asideStitch: 0.9,
  /** A remark in brackets is talk more often. */
  remark: 0.25,
  unreadWord: 1.6,
  unreadNumber: 2.2,
  /** … or a plain stitch without its name: "3 norm". */
  calledPlainly: 0.4,
  /** A number with no word beside it. */
  unreadAlone: 4,
  /** Structure: brackets that do not close, times with nothing to repeat. */
  unclosed: 2,
  /** "… (28 sc)": one number of stitches in brackets behind the work, taken for more work. */
  bracketedCount: 5,
  idleTimes: 4,
} as const;
