import type { Cursor } from "../cursor";
import type { ProblemDetail } from "../problems";
import type { Terms } from "../stitches";
import { noTarget, type Target } from "../target";
import type { Token } from "../tokens";
import type { Loops, Node, Span, Times } from "../tree";
import type { StitchWord } from "../vocabulary";
import type { StandsFor } from "./stands-for";

/** Named blocks by their words: "arm" → what is worked wherever a round says "arm". */
export type Blocks = ReadonlyMap<string, readonly Node[]>;

/** Stitches as they are said, before it is known what stands around them. */
export interface SaidWork {
  readonly word: StitchWord;
  /** How many; undefined where no number is said. */
  readonly n: number | undefined;
  readonly at: Span | undefined;
  /** The number stood behind the stitch: "sc 6". */
  readonly behind: boolean;
  readonly target: Target;
  readonly loops: Loops | undefined;
  readonly colour: string | undefined;
  /** A chain that stands for a stitch ("counts as 1 dc"). */
  readonly standsFor: StandsFor | undefined;
  /** "sc through both layers 3 times": how often, said last. */
  readonly often: Extract<Times, { kind: "number" }> | undefined;
}

/** A word with nothing behind it but a sign, a sum or the end. */
export const ENDS = /^(?:[.,;:([{=-]|--)?$/;

/** A stitch and its place, and nothing else said of it. */
export const saidAlone = (word: StitchWord, target: Target): SaidWork => ({
  word,
  target,
  n: undefined,
  at: undefined,
  behind: false,
  loops: undefined,
  colour: undefined,
  standsFor: undefined,
  often: undefined,
});

/** "18" where it counts plain stitches that have no name. */
export const plainOf = ({ value: n, from, to }: Token): SaidWork => ({
  ...saidAlone({ stitch: "sc", kind: "plain", legs: 1 }, noTarget()),
  n,
  at: { from, to },
});

/**
 * What a phrase means, in the order of the text. Pieces know nothing of each other; `round/build` puts them
 * together, since only there it is known what was worked before.
 */
export type PieceBody =
  | { readonly kind: "work"; readonly said: SaidWork }
  /** A place that belongs to the stitches or the bracket before it: "… and in each ch across". */
  /** `ahead`: of the bracket right behind it, "in each st: (sc, hdc, sc)". */
  | { readonly kind: "place"; readonly target: Target; readonly ahead?: true }
  | { readonly kind: "nodes"; readonly nodes: readonly Node[] }
  /** "work even", "around": plain stitches all the way, unless stitches stand before. */
  | { readonly kind: "even"; readonly times: Times }
  | { readonly kind: "times"; readonly times: Times; readonly more: boolean }
  | {
      readonly kind: "repeat";
      readonly times: Times | undefined;
      readonly more: boolean;
      /** "from *", "the brackets": something marked is meant. */
      readonly referred: boolean;
      /** "Repeat six times: …": the work is said behind. */
      readonly ahead: boolean;
    }
  | { readonly kind: "so-many"; readonly n: number; readonly at: Span }
  | { readonly kind: "open"; readonly mark: string }
  | { readonly kind: "close"; readonly mark: string }
  | { readonly kind: "star" }
  | {
      readonly kind: "total";
      readonly n: number;
      readonly each: boolean;
      /** "(18 sc)": before anything is worked, it is work. */
      readonly unit: StitchWord | undefined;
      /** Said before the work, as what it will come to. */
      readonly ahead?: true;
      /** "(12, 18, 24)": what each round of a range comes to; `n` is the last of them. */
      readonly list?: readonly number[];
    }
  /** A number with its stitch left out: "(2, inc)". */
  | { readonly kind: "number"; readonly n: number }
  | { readonly kind: "join"; readonly ring: boolean }
  | { readonly kind: "joined-to"; readonly part: string }
  | { readonly kind: "loops"; readonly loops: Loops; readonly free: Node | undefined }
  | { readonly kind: "layers"; readonly layers: readonly string[] }
  | { readonly kind: "block"; readonly words: string; readonly nodes: readonly Node[]; readonly times: Times }
  | { readonly kind: "separator"; readonly mark: string }
  | { readonly kind: "aside" }
  | {
      readonly kind: "unread";
      readonly detail: ProblemDetail;
      /** Where the doubtful word itself stands. */
      readonly at: Span;
      readonly word: string;
      /** A word or a number that may be no more than talk; undefined: it is surely meant as work. */
      readonly doubt: "word" | "number" | undefined;
    };
export type Piece = Span & PieceBody;

/** One way to read the words from the cursor on. */
export interface Reading {
  /** Index of the first token behind it. */
  readonly to: number;
  /** How unlikely: 0 is plain, 1 is a word left out. See `costs`. */
  readonly cost: number;
  readonly piece: PieceBody;
}

/** What holds for the whole round a phrase stands in. */
export interface Context {
  readonly terms: Terms;
  readonly blocks: Blocks;
}

/**
 * A way of saying something, as a value: which words it begins with, all the ways to read it, and examples
 * that run as tests. `read` is called with the cursor on its first word and may leave it anywhere.
 */
export interface Phrase {
  readonly name: string;
  /** Words it may begin with; "number", "ordinal" and "any" stand for kinds of tokens. */
  readonly starts: ReadonlySet<string>;
  readonly read: (c: Cursor, x: Context) => readonly Reading[];
  /** Text and what comes of its cheapest reading, as `printPiece` of the tests tells it. */
  readonly examples: readonly (readonly [string, string])[];
}

export const words = (list: string): ReadonlySet<string> => new Set(list.trim().split(/\s+/));
export const NONE: readonly Reading[] = [];

/** The reading that a function finds, or none. */
export function one(c: Cursor, cost: number, read: () => PieceBody | undefined): readonly Reading[] {
  const piece = read();
  return piece ? [{ to: c.at, cost, piece }] : NONE;
}
