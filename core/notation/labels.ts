import type { Span } from "./tree";

export interface RoundLabel extends Span {
  /** undefined for "next round" and for lines that carry no number. */
  readonly first: number | undefined;
  readonly last: number | undefined;
  readonly word: "round" | "row";
  /** "(5 rounds)" after a range: what she wrote, to be held against the numbers. */
  readonly written: number | undefined;
  readonly writtenAt: Span | undefined;
  /** Single numbers in a list: "rounds 5, 7 and 9". */
  readonly list: readonly number[] | undefined;
  /** "Rnd 2 and all even rnds": every second round from here on that has no line of its own. */
  readonly alternate?: true;
  /** For "next 4 rounds". */
  readonly many: number;
  /** Where that number stands, which may be behind the work: "sc around x 3". */
  readonly manyAt?: Span;
  /**
   * A number beyond `MAX_ROUNDS` where a round's number stands: an article number, a year with a slip. It
   * names no round.
   */
  readonly beyond?: Span;
  /** "R3 (18):" says what the round comes to before it says how. */
  readonly total?: { readonly n: number; readonly from: number; readonly to: number };
}

const ROUND = new Set(["r", "rnd", "rnds", "rd", "rds", "round", "rounds", "rn", "rns", "rs"]);
const ROW = new Set(["row", "rows", "rw", "rws"]);
// Every one of them begins with an r, and hardly any other word does.
export const isRoundWord = (text: string): boolean =>
  text.charCodeAt(0) === 114 && (ROUND.has(text) || ROW.has(text));
export const wordOf = (text: string): "round" | "row" => (ROW.has(text) ? "row" : "round");
