/** A whole pattern in a hand of its own, and what it comes to. Invented here; common practice, no source. */
export interface Whole {
  readonly name: string;
  readonly text: string;
  /** Of each part how many are made, "x2", where it is not one, and the stitches of its rounds. */
  readonly parts: readonly string[];
  /** Line of the one slip that was put in. */
  readonly slip?: number;
}
