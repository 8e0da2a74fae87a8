/** How unlikely it is that a line is what it seems: 0 is plain, 1 is strange, 3 is hardly ever. */
export const LINE = {
  /** What she said herself. */
  answered: -20,
  /** A line that is neither label nor heading. */
  other: 0.3,
  /** … though it begins with a round's label and stitches. */
  otherLabelled: 3,
  /** … with nothing between the label and the stitches that could be doubted. */
  otherWorked: 4,
  otherNumbered: 2,
  /** … with a bare number, in a text that numbers its rounds so. */
  otherCounted: 3.4,
  /** A number that goes on, that begins anew without a heading, that is there twice, that leaves some out. */
  goesOn: 0,
  oneAgain: 1.3,
  twice: 2.6,
  gap: 2.4,
  /** Under a heading: the numbers of the part before go on; they begin somewhere else. */
  overHeading: 0.15,
  startsLate: 0.8,
  startsFar: 1.6,
  /** A label with no stitches behind it. */
  emptyLabel: 0.9,
  emptyNumber: 2.6,
  /** A bare number in a list or among the steps of sewing up. */
  listed: 2,
  /** Only numbers, behind a dash that ends other labels of the text too. */
  dashedToo: -0.8,
  /** Another way of writing labels than the rest of the text. */
  otherStyle: 0.5,
  /** A label that ends in nothing and goes on like a sentence. */
  sentence: 2,
  step: 0.6,
  /** A heading right above round 1, above a ring or a chain, above nothing of the kind. */
  aboveOne: -1,
  /** What it costs to take a line right above round 1 for anything but its heading. */
  rightAboveOne: 0.5,
  /** … and a word or two besides. */
  nameAboveOne: 1.2,
  aboveStart: -0.7,
  aboveNothing: 0.6,
  /** A name with its stitches on the same line. */
  namedWork: -0.6,
  beginsWork: 1.2,
  /** Only numbers behind a label; "next round"; the first round of all; a number out of nowhere. */
  numbersOnly: 0.3,
  nextRound: 0.1,
  begins: 0.2,
  startsNowhere: 0.4,
  /** A name so plain is hardly passed by; one so strange is none. */
  likeName: 0.8,
  passedName: 0.9,
  strangeName: 2.2,
  talkSection: 0.1,
  listAboveOne: 0.4,
  secondHeading: 0.15,
  /** The most that a name in the middle of a line may cost. */
  inside: 1,
  section: 0.2,
} as const;
/** How unlikely a label is, by how it is written. */
export const LABEL = {
  /** A number alone, and one behind which a dash stands. */
  bare: 0.7,
  bareDash: 0.9,
  next: 0.1,
  /** Nothing ends it: no colon, no full stop. */
  open: 0.35,
  /** "Rnds 3": the word says several, the numbers one. */
  pluralOfOne: 0.8,
  /** "3 - 6x (sc, inc)", "5 - 18 sc": the second number may count what is worked. */
  rangeCounts: 2,
  rangeWorked: 0.6,
  backwards: 1,
  /** "5, 7 and 9"; "1, 6 sc". */
  list: 0.4,
  listOfWork: 1.5,
  /** One number where more would go on. */
  cutShort: 0.5,
} as const;
/** How unlikely a line is a name, by how it looks. */
export const NAME = {
  any: 0.6,
  /** For each word above two; for each that describes; for a colour told in talk. */
  word: 0.18,
  talk: 0.12,
  talkMost: 0.8,
  talkOfColour: 0.1,
  marked: -0.6,
  upper: -0.4,
  spaced: -0.25,
  capital: -0.15,
  bullet: 0.6,
  make: -0.9,
  /** Behind it stands where the part is joined on. */
  sets: -0.6,
  /** It ends as a sentence does; begins as one does, with more words or alone. */
  stopped: 0.5,
  sentence: 1.6,
  sentenceAlone: 1,
  columns: 2,
  stitch: 1.8,
  stitchAndMore: 0.8,
  event: 0.8,
  colourChange: 1.5,
  shade: 0.9,
  /** A number at the end ("Leg 1") and elsewhere, a comma, another sign, a word of measures or talk. */
  lastNumber: 0.05,
  number: 0.7,
  comma: 0.5,
  sign: 0.05,
  talkWord: 0.7,
  bracketedStitch: 0.5,
  /** A name that a line speaks of: only above a first round it is more than talk. */
  announced: 1.3,
} as const;
/** Readings of a text that are followed side by side. */
export const BEAM = 12;
/** Readings that cost so much more than the best are dropped. */
export const MARGIN = 4;
