/** How unlikely it is that a line is what it seems: 0 is plain, 1 is strange, 3 is hardly ever. */
export const LINE = {
  /** A line that is neither label nor heading. */
  other: 0.3,
  /** … though it begins with a round's label and stitches. */
  otherLabelled: 3,
  otherNumbered: 2,
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
  secondHeading: 0.15,
  section: 0.2,
} as const;
/** Readings of a text that are followed side by side. */
export const BEAM = 12;
/** Readings that cost so much more than the best are dropped. */
export const MARGIN = 4;
