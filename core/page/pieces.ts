/**
 * A page as its words lie on it: what a PDF draws or what was recognised on a photo.
 * Lengths are in the page's own unit (points or pixels), x to the right, y downwards.
 */
export interface PageWord {
  readonly text: string;
  readonly x: number;
  /** Upper edge. */
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** How sure the recogniser is, 0 to 1; what was drawn as text is 1. */
  readonly sure: number;
}

export interface Page {
  readonly width: number;
  readonly height: number;
  readonly words: readonly PageWord[];
  /**
   * Whether each entry is a whole word (recognised), or a run of letters that may go on without a space
   * (drawn).
   */
  readonly whole: boolean;
}

/** How columns are taken: by what the page looks like, always as columns, or always straight across. */
export type ColumnWay = "auto" | "columns" | "across";

/** One word of the text with the place on the page where it was found. */
export interface TextPlace {
  /** Half-open, in the text. */
  readonly from: number;
  readonly to: number;
  /** Counted from 0. */
  readonly page: number;
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly sure: number;
}

export interface PageText {
  readonly text: string;
  readonly places: readonly TextPlace[];
  /** Running heads, feet and page numbers, which stand on the pages and not in the text. */
  readonly leftOut: readonly string[];
}
