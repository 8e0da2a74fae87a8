import { readings, work, type Outcome, type SlotTally } from "./count";
import type { RoundMemory, LineReading, RawRound } from "./document";
import type { Fix, Problem, ProblemDetail, Severity } from "./problems";
import type { Tally, Terms } from "./stitches";
import { MAX_PROBLEMS, MAX_ROUNDS, MAX_TEXT } from "./limits";
import { linesOf, regular, type Line } from "./text";
import { freeLoopsIn, type Pickup } from "./surroundings";
import type { Loops, Node, PatternEvent, Span } from "./tree";

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
  /** Stitches it offers, chains over a gap not among them; differs from `count` only where a written total counts those along. */
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
  readonly slot: string;
  /** Strands held together and the hook in mm, where the pattern says so; undefined: as the yarn is used otherwise. */
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

export interface CheckedPattern {
  /** No problem of severity "error". */
  readonly ok: boolean;
  readonly terms: Terms;
  readonly termsReason: string;
  readonly parts: readonly CheckedPart[];
  /** What is done once the parts are there, told outside any of them. */
  readonly assembly: readonly PartEvent[];
  readonly problems: readonly Problem[];
  readonly lines: readonly LineReading[];
}

/** What a reader that reads one text over and over remembers of its rounds; see `RoundMemory`. */
export type MemoryByTerms = Readonly<Record<Terms, RoundMemory>>;

export interface Counting {
  readonly nodes: readonly Node[];
  readonly outcome: Outcome;
  readonly faults: number;
}

export interface Expanded {
  readonly raw: RawRound;
  readonly nodes: readonly Node[];
  readonly label: string;
  readonly number: number | undefined;
  /** Last of its line: a total written behind a range belongs to it. */
  readonly lastOfLine: boolean;
  readonly copied: boolean;
  readonly pickups: readonly Pickup[];
}

/** Stitches a round may go into: the likeliest count, others that would make sense, and which round they belong to. */
export interface Base {
  readonly live: number | undefined;
  readonly options: readonly number[];
  /** Side stitches held beside a panel: its rows may bite some. */
  readonly held: number;
  readonly into: number | undefined;
  /** Named by the text ("in the back loops of round 6"): the number is sure. */
  readonly named: boolean;
}

/** What checking a pattern rests on: problems with their places, and counting a round on the stitches there are. */
export abstract class CheckBase {
  protected readonly problems: Problem[] = [];
  protected readonly plain: string;
  protected readonly source: string;
  protected readonly lines: readonly Line[];
  protected roundCount = 0;
  protected stopped = false;
  constructor(
    text: string,
    protected readonly wanted: Terms | "auto",
    protected readonly otherwise: Terms,
    protected readonly memory: MemoryByTerms | undefined,
  ) {
    this.source = text.length > MAX_TEXT ? text.slice(0, MAX_TEXT) : text;
    this.plain = regular(this.source);
    this.lines = linesOf(this.plain);
    if (text.length > MAX_TEXT)
      this.report(
        { from: MAX_TEXT - 1, to: MAX_TEXT },
        { code: "too-large", what: "text", limit: MAX_TEXT },
        "error",
      );
  }

  protected report(at: Span, detail: ProblemDetail, severity: Severity, fix?: Fix): void {
    if (this.problems.length === MAX_PROBLEMS) {
      this.problems.push(this.located(at, { code: "more-problems", shown: MAX_PROBLEMS }, "note", undefined));
      return;
    }
    if (this.problems.length < MAX_PROBLEMS) this.problems.push(this.located(at, detail, severity, fix));
  }

  protected located(at: Span, detail: ProblemDetail, severity: Severity, fix: Fix | undefined): Problem {
    at = { from: at.from, to: Math.max(at.from, at.to) };
    let low = 0;
    let high = this.lines.length - 1;
    while (low < high) {
      const mid = (low + high + 1) >> 1;
      if ((this.lines[mid]?.from ?? 0) <= at.from) low = mid;
      else high = mid - 1;
    }
    const line = this.lines[low];
    const column = at.from - (line?.from ?? 0) + 1;
    const endColumn = Math.max(column, Math.min(at.to, line?.to ?? at.to) - (line?.from ?? 0) + 1);
    return { ...detail, from: at.from, to: at.to, severity, line: line?.number ?? 1, column, endColumn, fix };
  }

  protected base(o: Outcome, available: number | undefined): number | undefined {
    if (o.free || o.bothSides) return undefined;
    return o.foundation > 0 ? o.sideStitches : available;
  }

  protected totals(nodes: readonly Node[]): (Node & { kind: "total" })[] {
    const found: (Node & { kind: "total" })[] = [];
    // A number in brackets with more work behind it tells how far one has come, not what the round makes.
    for (const n of nodes) {
      if (n.kind === "total" && !n.each) found.push(n);
      else if (
        found.length > 0 &&
        (n.kind === "group" ||
          n.kind === "evenly" ||
          (n.kind === "work" && n.op.stitch !== "ch" && n.op.stitch !== "slst"))
      )
        found.length = 0;
    }
    return found;
  }

  protected written(e: Expanded): number | undefined {
    const totals = this.totals(e.nodes);
    const changing = !e.lastOfLine;
    if (changing && totals.length > 0) {
      const o = work(e.nodes, undefined, MAIN_SLOT, false);
      // In a range that grows, the total written behind it belongs to its last round.
      if (o.increases + o.decreases > 0) return undefined;
    }
    return totals[totals.length - 1]?.n;
  }

  protected count(
    nodes: readonly Node[],
    available: number | undefined,
    slot: string,
    first: boolean,
    written: number | undefined,
  ): Counting {
    let best: Counting | undefined;
    nodes = this.sentenceTotal(nodes, available, slot, first);
    for (const reading of readings(nodes)) {
      const outcome = work(reading, available, slot, first, written);
      const faults = this.faults(
        outcome,
        available,
        written ?? (reading === nodes ? undefined : this.totals(reading).at(-1)?.n),
      );
      if (!best || faults < best.faults) best = { nodes: reading, outcome, faults };
      if (faults === 0) break;
    }
    return best ?? { nodes, outcome: work(nodes, available, slot, first, written), faults: 0 };
  }

  /** "… in 2nd chain. 6 sc": a last sentence that only says what the round came to is a total, not more work. */
  protected sentenceTotal(
    nodes: readonly Node[],
    available: number | undefined,
    slot: string,
    first: boolean,
  ): readonly Node[] {
    const index = nodes.findLastIndex(
      (n) =>
        n.kind !== "aside" &&
        n.kind !== "event" &&
        n.kind !== "turn" &&
        n.kind !== "join" &&
        n.kind !== "colour",
    );
    const last = nodes[index];
    if (
      index < 1 ||
      last?.kind !== "work" ||
      last.times.kind !== "number" ||
      last.op.offers !== 1 ||
      last.op.into !== "next"
    )
      return nodes;
    if (!/[.;:-]\s*$/.test(this.plain.slice(Math.max(0, last.from - 4), last.from))) return nodes;
    const n = last.times.n;
    const before = nodes.slice(0, index);
    return work(before, available, slot, first, n).offers === n
      ? [...before, { kind: "total", n, from: last.from, to: last.to }, ...nodes.slice(index + 1)]
      : nodes;
  }

  protected faults(o: Outcome, available: number | undefined, written: number | undefined): number {
    const base = this.base(o, available);
    let n = 0;
    if (o.unknown) n += 1;
    if (o.misfit) n += 1;
    if (o.open) n += written === undefined ? 1 : 0;
    if (base !== undefined && o.used > base) n += 2;
    if (base !== undefined && o.used < base && !o.leaves && !o.misfit) n += 1;
    // Between two readings that both miss, the one that comes to the written total is the likelier.
    if (written !== undefined && !o.open && o.offers !== written) n += 1.25;
    return n;
  }

  /** Does a following round work out on `n` stitches? undefined: it does not tell. */
  protected accepts(next: Expanded | undefined, n: number): boolean | undefined {
    if (!next) return undefined;
    const written = this.written(next);
    const c = this.count(
      next.nodes.some(holdsUnknown) ? withoutUnknown(next.nodes) : next.nodes,
      n,
      MAIN_SLOT,
      false,
      written,
    );
    if (c.outcome.unknown || c.outcome.free || c.outcome.bothSides) return undefined;
    return c.faults === 0;
  }

  protected workSpan(nodes: readonly Node[], raw: RawRound): Span {
    const worked = nodes.filter(
      (n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip",
    );
    const from = Math.min(...worked.map((n) => n.from));
    const to = Math.max(...worked.map((n) => n.to));
    return Number.isFinite(from) ? { from, to } : { from: raw.from, to: raw.to };
  }
}

/** The smallest opening in use for pressing a washer on. Common practice, no source (trade guide §1). */
export const LEAST_EYE_OPENING = 12;

/** For each round the one that follows on another line, if it goes on in the stitches of this one. One pass from the end. */
export function following(
  list: readonly { readonly round: Expanded; readonly gap: boolean }[],
): readonly (Expanded | undefined)[] {
  const out: (Expanded | undefined)[] = new Array<Expanded | undefined>(list.length);
  let next: Expanded | undefined;
  for (let i = list.length - 1; i >= 0; i--) {
    const here = list[i];
    const behind = list[i + 1];
    if (here && behind && behind.round.raw !== here.round.raw)
      next = behind.gap || freeLoopsIn(behind.round.nodes) ? undefined : behind.round;
    out[i] = next;
  }
  return out;
}

export const holdsUnknown = (n: Node): boolean =>
  n.kind === "unknown" || (n.kind === "group" && n.items.some(holdsUnknown));
export const withoutUnknown = (nodes: readonly Node[]): readonly Node[] =>
  nodes
    .filter((n) => n.kind !== "unknown")
    .map((n) => (n.kind === "group" ? { ...n, items: withoutUnknown(n.items) } : n));

/**
 * Numbers from `a` to `b`, both among them, `MAX_ROUNDS` at most; none where `b` lies below `a`. Counted by index: from 2^53 on
 * `n++` stands still, and a loop that waits for `b` never ends.
 */
export function range(a: number, b: number): number[] {
  return Array.from({ length: Math.max(0, Math.min(MAX_ROUNDS, b - a + 1)) }, (_, i) => a + i);
}
