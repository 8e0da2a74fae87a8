/**
 * A whole pattern in one maker's hand, written for this project. Its counts were worked out with
 * pencil and paper from the text, not by the engine.
 */
export interface Case {
  /** What is particular about this hand or this construction. */
  readonly hand: string;
  readonly text: string;
  readonly parts: readonly PartTruth[];
  /** Reports that are meant to be there, as "severity code line"; none by default. */
  readonly reports?: readonly string[];
}

export interface PartTruth {
  readonly name: string;
  readonly make?: number;
  readonly worked?: string;
  /** Live stitches after each round, ranges spread out. */
  readonly counts: readonly number[];
  /** Stitches made over the whole part, chains included under "ch". */
  readonly made?: Readonly<Record<string, number>>;
}
