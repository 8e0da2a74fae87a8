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
  /**
   * Where it goes, when that is not the next live stitch. "spur": onto a chain that hangs on the round and
   * that the next round passes by; "side": a stitch beside a panel; "bridge": onto a chain that spans a gap;
   * "part": onto the edge of another part.
   */
  readonly into: "next" | "ring" | "same" | "chain" | "first" | "side" | "spur" | "bridge" | "part";
  /** Said to go into chains ("in next 3 ch"), wherever those lie. */
  readonly onChain?: true;
  /** Fabrics pierced: 2 when two edges are closed together. */
  readonly layers?: 2;
  /** The part whose edge is picked up or caught in, in the maker's words. */
  readonly part?: string;
  /** Loops lifted from an edge before anything is worked into them. */
  readonly lifted?: true;
  /** Parts caught in by the same stitches. */
  readonly caught?: readonly string[];
  /** A chain that stands for the first stitch ("ch 3, counts as dc"). */
  readonly standsFor?: StitchName;
}

/** "In the front loops left by round 4 of the buoy": loops of an earlier round that are worked now. */
export interface FreeLoops {
  /** undefined: "the free loops", whichever they are. */
  readonly which: Loops | undefined;
  readonly round: number | undefined;
  /** Loops "of round 3" are the ones "left by round 4" when round 4 was worked in the other loops. */
  readonly how: "of" | "left-by";
  readonly part: string | undefined;
}

/** How often: a written number, as far as the stitches reach, or up to the last n. */
export type Times =
  | { readonly kind: "number"; readonly n: number; readonly at?: Span }
  /** `once`: "inc 1 around" says how many in each go of what is worked around. */
  | { readonly kind: "around"; readonly once?: true }
  | { readonly kind: "until"; readonly left: number };

export const ONCE: Times = { kind: "number", n: 1 };

export type Node =
  | (Span & {
      readonly kind: "work";
      readonly op: Operation;
      readonly times: Times;
      /** A second way to read the same words. */ readonly other?: Node;
    })
  | (Span & {
      readonly kind: "group";
      readonly items: readonly Node[];
      readonly times: Times;
      readonly other?: Node;
      /** The named block it stands for. */ readonly block?: string;
    })
  | (Span & {
      readonly kind: "evenly";
      readonly op: Operation;
      readonly n: number;
      /** "Increase to 18": what the round comes to; `n` is known once the stitches below are. */
      readonly toward?: number;
      readonly rest: Operation;
      readonly at?: Span;
    })
  | (Span & {
      readonly kind: "skip";
      readonly n: number;
      /** The first stitch of the round, as under a chain that counts. */ readonly first?: true;
      /** Chains are passed by, not stitches. */ readonly chain?: true;
      /** "Starting in 2nd ch from hook": says only where the stitches beside it begin. */ readonly starting?: true;
    })
  | (Span & { readonly kind: "colour"; readonly slot: string })
  | (Span & { readonly kind: "start"; readonly start: StartKind; readonly chains: number })
  | (Span & { readonly kind: "free-loops"; readonly of: FreeLoops })
  | (Span & { readonly kind: "strands"; readonly n: number })
  | (Span & { readonly kind: "hook"; readonly mm: number })
  | (Span & { readonly kind: "join" })
  | (Span & { readonly kind: "turn" })
  | (Span & { readonly kind: "other-side" })
  | (Span & { readonly kind: "leave"; /** How many, where it is said. */ readonly n?: number })
  | (Span & {
      readonly kind: "total";
      readonly n: number;
      readonly each?: boolean;
      /** "(12, 18, 24)" behind a range: what each of its rounds comes to. */
      readonly list?: readonly number[];
    })
  | (Span & { readonly kind: "event"; readonly event: PatternEvent })
  | (Span & { readonly kind: "aside" })
  | (Span & { readonly kind: "unknown"; readonly word: string });

export type StartKind = "ring" | "chain-2" | "chain-ring" | "chain" | "foundation-sc";

/** Things that happen beside the stitches and matter for needs, order or time. */
export type PatternEvent =
  | {
      readonly kind: "stuff";
      readonly firmness: "light" | "medium" | "firm" | undefined;
      readonly none: boolean;
    }
  | {
      readonly kind: "eyes";
      readonly count: number;
      readonly sizeMm: number | undefined;
      readonly rounds: readonly [number, number] | undefined;
      readonly apart: number | undefined;
      readonly what: "eye" | "nose";
    }
  | { readonly kind: "fasten-off"; readonly tailMm: number | undefined; readonly forSewing: boolean }
  | { readonly kind: "close" }
  | { readonly kind: "sew"; readonly stitches: number | undefined }
  | {
      readonly kind: "embroider";
      readonly stitches: number | undefined;
      /** How many: two eyes are two. */ readonly count: number;
      /** The colour it is worked in, where it is named. */ readonly slot?: string | undefined;
    }
  /** Parts that are only yarn: whiskers, hair, knots. */
  | {
      readonly kind: "cut-yarn";
      readonly pieces: number;
      readonly eachMm: number | undefined;
      readonly slot?: string | undefined;
    }
  /** A chain told of in the making-up: a loop to hang it by, a tie. `count` of them, each of so many chains. */
  | {
      readonly kind: "cord";
      readonly chains: number;
      readonly count: number;
      readonly slot?: string | undefined;
    }
  | { readonly kind: "pompom"; readonly acrossMm: number | undefined; readonly slot?: string | undefined }
  | { readonly kind: "wrap"; readonly turns: number | undefined; readonly slot?: string | undefined }
  /** Two edges sewn together, with the stitches of each where they are written. */
  | {
      readonly kind: "seam";
      readonly edges: readonly [number, number] | undefined;
      readonly at: Span;
      readonly matched: boolean;
    }
  | { readonly kind: "hang" }
  | { readonly kind: "length-asked" };
