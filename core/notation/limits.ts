/**
 * What the reader bounds, all of it in one place, and by how much (docs/decisions/0012). Every bound is far
 * above any pattern that is worked by hand; each is told to the maker as a `too-large` problem where it is
 * met, never cut off in silence.
 */

/** Characters of a text. Longer text is read up to here. */
export const MAX_TEXT = 256 * 1024;
/** Rounds of a pattern once ranges are spread out, and the highest number a round may be given. */
export const MAX_ROUNDS = 10_000;
/** Problems that are listed. */
export const MAX_PROBLEMS = 100;
/**
 * Numbers in a text: a longer one counts nothing, and is read as this so that sums and products stay exact
 * whole numbers.
 */
export const MAX_NUMBER = 1_000_000_000;
/** How deep brackets may stand in each other. */
export const MAX_NESTING = 24;
/** How often a repeat may run. */
export const MAX_REPEAT = 10_000;
/** Stitches of a round, chains included. */
export const MAX_STITCHES = 100_000;
/** Words of one round. */
export const MAX_ROUND_TOKENS = 6000;
/** Pieces of a part: "make 500". */
export const MAX_MAKE = 500;
/** Blocks of work that are given a name and used by it. */
export const MAX_BLOCKS = 60;
/** Names of parts that decide how later words are read. */
export const MAX_NAMES = 300;
