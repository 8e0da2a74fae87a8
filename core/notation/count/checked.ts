import type { LineReading, RawRound } from "../document";
import type { PatternHead } from "../head";
import type { Problem } from "../problems";
import type { Tree } from "../round/read";
import type { Tally, Terms } from "../stitches";
import type { Pickup } from "../surroundings";
import type { Loops, Node, PatternEvent, Span } from "../tree";
import type { SlotTally } from "../count";

export const MAIN_SLOT = "main";

export type Worked = "spiral" | "joined" | "rows" | "oval" | "chain" | "other";

export interface CheckedRound extends Span {
  readonly label: string;
  /** The round's number in its part; undefined where the text gives none and none can be counted. */
  readonly number: number | undefined;
  /** 1-based line of the text. */
  readonly line: number;
  /** Live stitches at the end of the round; undefined when nothing says. */
  readonly count: number | undefined;
  /** Live stitches it started from; undefined for a start. */
  readonly available: number | undefined;
  readonly used: number;
  /**
   * Stitches it offers, chains over a gap not among them; differs from `count` only where a written total
   * counts those along.
   */
  readonly offers: number;
  readonly made: Tally;
  readonly bySlot: readonly ({ readonly slot: string } & SlotTally)[];
  readonly increases: number;
  readonly decreases: number;
  readonly joined: boolean;
  /** Chains under a foundation round; 0 for rings and for every later round. */
  readonly foundation: number;
  /** Index in its part of the round whose stitches it was worked into; undefined for a start. */
  readonly into: number | undefined;
  /** The loops its stitches went into. */
  readonly loops: Loops | "mixed";
  /** True when later rounds pass it by and go on in an earlier one: a frill, a rim, a ruffle. */
  readonly deadEnd: boolean;
  /** Chains it leaves over a gap, to be worked by the next round. */
  readonly bridge: number;
  /** The tree as it was counted, for drawing the stitches in order. */
  readonly nodes: readonly Node[];
  /** Worked once behind the round and counted in `made`; nothing of it is live. */
  readonly closing?: readonly Node[];
  readonly slot: string;
  /**
   * Strands held together and the hook in mm, where the pattern says so; undefined: as the yarn is used
   * otherwise.
   */
  readonly strands: number | undefined;
  readonly hookMm: number | undefined;
  /** True when a problem makes the count uncertain. */
  readonly broken: boolean;
}

export interface PartEvent {
  readonly event: PatternEvent;
  readonly line: number;
  /** How many rounds were worked before it. */
  readonly afterRound: number;
}

export interface CheckedPart {
  readonly name: string;
  readonly make: number;
  readonly line: number;
  readonly from: number;
  readonly worked: Worked;
  readonly rounds: readonly CheckedRound[];
  readonly made: Tally;
  readonly bySlot: readonly ({ readonly slot: string } & SlotTally)[];
  readonly increases: number;
  readonly decreases: number;
  readonly events: readonly PartEvent[];
}

/** Numbers and stitch words of the text that no count holds: nothing is left out in silence. */
export interface Uncounted extends Span {
  /** 1-based. */
  readonly line: number;
  /** The words as typed, shortened. */
  readonly text: string;
  /**
   * "list": above the first round, materials and the like; "talk": between the rounds; "unread": could not be
   * read.
   */
  readonly why: "list" | "talk" | "unread";
}

/** The first round of a pattern, in the order of the text. */
export const firstRoundOf = (parts: readonly CheckedPart[]): CheckedRound | undefined =>
  parts.find((p) => p.rounds.length > 0)?.rounds[0];

export interface CheckedPattern {
  /** No problem of severity "error". */
  readonly ok: boolean;
  /** Nothing to mend, and nothing that could not be read: its figures may be planned and priced with. */
  readonly sure: boolean;
  readonly terms: Terms;
  readonly termsReason: string;
  readonly parts: readonly CheckedPart[];
  /** What is done once the parts are there, told outside any of them. */
  readonly assembly: readonly PartEvent[];
  readonly problems: readonly Problem[];
  readonly lines: readonly LineReading[];
  /** What is said above the rounds: what to take, how large it becomes. */
  readonly head: PatternHead;
  /** Numbers and stitch words that no count holds, in the order of the text. */
  readonly uncounted: readonly Uncounted[];
}

/** One way to read a round, with what it takes from other parts settled. */
export interface Candidate extends Tree {
  readonly pickups: readonly Pickup[];
}

/** Readings whose surroundings are settled when they are asked for: mostly only the first ever is. */
export class Candidates {
  private readonly done: (Candidate | undefined)[] = [];
  constructor(
    readonly trees: readonly Tree[],
    private readonly settle: (t: Tree) => Candidate,
  ) {}
  get length(): number {
    return this.trees.length;
  }
  at(i: number): Candidate {
    return (this.done[i] ??= this.settle(this.trees[i] ?? NOTHING_READ));
  }
}
const NOTHING_READ: Tree = { nodes: [], found: [], cost: 0 };

/** A round that is worked: a line's, or one of those that a range or a reference stands for. */
export interface Expanded {
  readonly raw: RawRound;
  /** The ways to read it, the likeliest first; never empty. */
  readonly candidates: Candidates;
  readonly label: string;
  readonly number: number | undefined;
  /** Last of its line: a total written behind a range belongs to it. */
  readonly lastOfLine: boolean;
  /** Its total is its own: it is the last of its line, or each round of the line has one. */
  readonly summed: boolean;
  readonly copied: boolean;
  /** It is a copy of a round whose slip was told already. */
  readonly told: boolean;
  /** Chains that lie there: "Row 1: ch 16", and row 2 goes into them. */
  readonly lying?: number;
}
/** The likeliest reading. */
export const plainest = (e: Expanded): Candidate => e.candidates.at(0);

/**
 * Stitches a round may go into: the likeliest count, others that would make sense, and which round they
 * belong to.
 */
export interface Base {
  readonly live: number | undefined;
  readonly options: readonly number[];
  /** Side stitches held beside a panel: its rows may bite some. */
  readonly held: number;
  readonly into: number | undefined;
  /** Named by the text ("in the back loops of round 6"): the number is sure. */
  readonly named: boolean;
  /** Two pieces that stand open and may be joined here, with the stitches of each; what is on the hook has no name. */
  readonly limbs?: readonly { readonly name: string | undefined; readonly count: number }[];
}

/** The smallest opening in use for pressing a washer on. Common practice, no source (craft §1). */
export const LEAST_EYE_OPENING = 12;
