import type { StitchName, Tally } from "./stitches";

export interface Span {
  readonly from: number;
  readonly to: number;
}

export type Loops = "both" | "front" | "back" | "third";

/** One worked operation: what it uses of the round below, what it offers to the next, what it costs. */
export interface Operation {
  /** The word for it in messages, in US terms: "sc", "inc", "dec", "ch"… */
  readonly name: string;
  readonly stitch: StitchName;
  readonly uses: number;
  readonly offers: number;
  readonly makes: Tally;
  readonly increases: number;
  readonly decreases: number;
  readonly loops: Loops;
  /** Where it goes, when that is not the next live stitch. */
  readonly into: "next" | "ring" | "same" | "chain" | "first" | "free";
}

/** How often: a written number, as far as the stitches reach, or up to the last n. */
export type Times =
  | { readonly kind: "number"; readonly n: number; readonly at?: Span }
  | { readonly kind: "around" }
  | { readonly kind: "until"; readonly left: number };

export const ONCE: Times = { kind: "number", n: 1 };

export type Node =
  | (Span & { readonly kind: "work"; readonly op: Operation; readonly times: Times; /** A second way to read the same words. */ readonly other?: Node })
  | (Span & { readonly kind: "group"; readonly items: readonly Node[]; readonly times: Times; readonly other?: Node })
  | (Span & { readonly kind: "evenly"; readonly op: Operation; readonly n: number; readonly rest: Operation; readonly at?: Span })
  | (Span & { readonly kind: "skip"; readonly n: number })
  | (Span & { readonly kind: "colour"; readonly slot: string })
  | (Span & { readonly kind: "start"; readonly start: StartKind; readonly chains: number })
  | (Span & { readonly kind: "join" })
  | (Span & { readonly kind: "turn" })
  | (Span & { readonly kind: "other-side" })
  | (Span & { readonly kind: "leave" })
  | (Span & { readonly kind: "total"; readonly n: number; readonly each?: boolean })
  | (Span & { readonly kind: "event"; readonly event: PatternEvent })
  | (Span & { readonly kind: "aside" })
  | (Span & { readonly kind: "unknown"; readonly word: string });

export type StartKind = "ring" | "chain-2" | "chain-ring" | "chain" | "foundation-sc";

/** Things that happen beside the stitches and matter for needs, order or time. */
export type PatternEvent =
  | { readonly kind: "stuff"; readonly firmness: "light" | "medium" | "firm" | undefined; readonly none: boolean }
  | { readonly kind: "eyes"; readonly count: number; readonly sizeMm: number | undefined; readonly rounds: readonly [number, number] | undefined; readonly apart: number | undefined; readonly what: "eye" | "nose" }
  | { readonly kind: "fasten-off"; readonly tailMm: number | undefined; readonly forSewing: boolean }
  | { readonly kind: "close" }
  | { readonly kind: "sew"; readonly stitches: number | undefined }
  | { readonly kind: "embroider" }
  | { readonly kind: "hang" }
  | { readonly kind: "length-asked" };
