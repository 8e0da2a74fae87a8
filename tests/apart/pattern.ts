/**
 * Patterns kept apart: written down before the reader was rebuilt, in hands unlike those of the corpus, and
 * run only for the figure. Nobody looks at what fails in them while writing rules; a rule taken from one
 * would make the figure worthless.
 */
export interface ApartPart {
  /** Pieces; 1 where nothing is said. */
  readonly make?: number;
  /** Live stitches after each round, ranges spread out; worked out with pencil and paper. */
  readonly counts: readonly number[];
  /** Stitches made over the part; single crochet alone, one for each live stitch, where nothing is said. */
  readonly made?: Readonly<Record<string, number>>;
  /** Stitches (chains left out) by colour, where colours matter. */
  readonly slots?: Readonly<Record<string, number>>;
}
export interface ApartPattern {
  readonly hand: string;
  readonly text: string;
  readonly parts: readonly ApartPart[];
}
export const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);
