/**
 * How unlikely it is that a round is what it seems. A reading that costs less than a slip is believed before
 * one; see `phrases/costs` for the readings themselves.
 */
export const FAULT = {
  /** The round does not come out: what stands there is a slip of the maker's. */
  slip: 3,
  /** For each stitch it is off, up to `most`. */
  stitch: 0.1,
  most: 1.5,
  /** A second number of the same round that is off as well. */
  second: 0.4,
  /** Stitches left although nothing says so, confirmed by the total. */
  left: 2.9,
  /** The stitch at the fold left where both layers are closed at once. */
  fold: 0.1,
  /** Nothing tells how many stitches there are. */
  open: 0.8,
  /** A total behind nothing that is worked. */
  idle: 1.5,
  /** A round of which only the sum is said: how it comes to it is a guess, dear enough to bear out nothing. */
  sumAlone: 2,
  /** Words that could not be read, and the round does not come out without them. */
  unread: 3,
  /** A second meaning of the same words. */
  other: 0.6,
  /** … of a kind that rounds before it had as well. */
  habit: 0.1,
  /** Another number of stitches than the plainest to go into. */
  base: 0.3,
  /** A written total that comes out speaks for the reading. */
  agrees: 0.45,
  /** After a slip: going on from what is made, or from what was there, rather than from what is written. */
  goOnMade: 0.03,
  goOnBefore: 0.2,
  /** … or from whatever the next round goes into. */
  goOnOpen: 0.6,
} as const;
/** The most that one more round of a range costs, whose line was told to be wrong already. */
export const ECHO = 0.06;
/** Readings of a part that cost so much more than the best are dropped. */
export const MARGIN = 4.2;
/** Readings of a part that are followed side by side, and for how many rounds. */
export const BEAM = 6;
export const WINDOW = 10;
/** … counted line by line; rounds of long ranges at most so many. */
export const MOST_OPEN = 80;
