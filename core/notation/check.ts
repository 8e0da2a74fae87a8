import { addSlot, MAX_STITCHES, readings, work, type Outcome, type SlotTally } from "./count";
import { DocumentReader, type RoundMemory, type LineReading, type RawPart, type RawRound } from "./document";
import { problemText, type Fix, type Problem, type ProblemDetail, type Severity } from "./problems";
import { repairs, totalFix } from "./repair";
import { addTally, tallySize, type Tally, type Terms } from "./stitches";
import { recogniseTerms } from "./terms";
import { linesOf, MAX_TEXT, regular, type Line } from "./text";
import { chainsOf, freeLoopsIn, loopBase, loopsOf, operationsOf, partNamed, settle, type Pickup } from "./surroundings";
import type { Loops, Node, PatternEvent, Span } from "./tree";

export const MAX_ROUNDS = 10_000;
export const MAX_PROBLEMS = 100;
/** Parts before and after that the words of a round may mean: time stays linear in a text of thousands. */
const MOST_PARTS = 30;
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

/**
 * Reads and counts a written pattern. Total: any text gives a result, never an exception; time is
 * linear in the text and in the rounds it expands to (at most `MAX_ROUNDS`).
 */
export function checkPattern(text: string, options: { readonly terms?: Terms | "auto"; readonly otherwise?: Terms; readonly memory?: MemoryByTerms } = {}): CheckedPattern {
  return new Checker(text, options.terms ?? "auto", options.otherwise ?? "us", options.memory).check();
}

/** What a reader that reads one text over and over remembers of its rounds; see `RoundMemory`. */
export type MemoryByTerms = Readonly<Record<Terms, RoundMemory>>;

interface Counting {
  readonly nodes: readonly Node[];
  readonly outcome: Outcome;
  readonly faults: number;
}

interface Expanded {
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
interface Base {
  readonly live: number | undefined;
  readonly options: readonly number[];
  /** Side stitches held beside a panel: its rows may bite some. */
  readonly held: number;
  readonly into: number | undefined;
  /** Named by the text ("in the back loops of round 6"): the number is sure. */
  readonly named: boolean;
}

class Checker {
  private readonly problems: Problem[] = [];
  private readonly plain: string;
  private readonly source: string;
  private readonly lines: readonly Line[];
  private roundCount = 0;
  private stopped = false;

  constructor(
    text: string,
    private readonly wanted: Terms | "auto",
    private readonly otherwise: Terms,
    private readonly memory: MemoryByTerms | undefined,
  ) {
    this.source = text.length > MAX_TEXT ? text.slice(0, MAX_TEXT) : text;
    this.plain = regular(this.source);
    this.lines = linesOf(this.plain);
    if (text.length > MAX_TEXT) this.report({ from: MAX_TEXT - 1, to: MAX_TEXT }, { code: "too-large", what: "text", limit: MAX_TEXT }, "error");
  }

  check(): CheckedPattern {
    const recognised = this.wanted === "auto" ? recogniseTerms(this.plain, this.otherwise) : { terms: this.wanted, reason: "chosen by hand" };
    const raw = new DocumentReader(this.source, this.plain, recognised.terms, this.memory?.[recognised.terms]).read();
    const parts: CheckedPart[] = [];
    raw.parts.forEach((part, i) => parts.push(this.part(part, parts.slice(-MOST_PARTS), raw.parts.slice(i + 1, i + 1 + MOST_PARTS))));
    this.seams(raw.assembly);
    for (const f of raw.unread) this.report(f, f.detail, f.severity);
    if (parts.length === 0) this.report({ from: 0, to: Math.min(1, this.source.length) }, { code: "nothing-to-read" }, "error");
    this.problems.sort((a, b) => a.from - b.from || a.to - b.to);
    return { ok: !this.problems.some((p) => p.severity === "error"), terms: recognised.terms, termsReason: recognised.reason, parts, assembly: raw.assembly, problems: this.problems, lines: raw.lines };
  }

  private report(at: Span, detail: ProblemDetail, severity: Severity, fix?: Fix): void {
    if (this.problems.length === MAX_PROBLEMS) {
      this.problems.push(this.located(at, { code: "more-problems", shown: MAX_PROBLEMS }, "note", undefined));
      return;
    }
    if (this.problems.length < MAX_PROBLEMS) this.problems.push(this.located(at, detail, severity, fix));
  }

  private located(at: Span, detail: ProblemDetail, severity: Severity, fix: Fix | undefined): Problem {
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

  // ---- one part ------------------------------------------------------------------------------

  private part(raw: RawPart, before: readonly CheckedPart[], after: readonly RawPart[]): CheckedPart {
    const rounds: CheckedRound[] = [];
    const slots = new Map<string, SlotTally>();
    let total: Tally = {};
    let slot = raw.slot ?? MAIN_SLOT;
    let live: number | undefined;
    let expectedNumber: number | undefined;
    const seen = new Map<number, number>();
    const list = this.expand(raw, before, (number, line, at) => {
      const earlier = seen.get(number);
      if (earlier !== undefined) this.report(at, { code: "round-twice", number, line: earlier }, "error");
      else if (expectedNumber !== undefined && number > expectedNumber) this.report(at, { code: "round-missing", expected: expectedNumber, found: number }, "error");
      const gap = expectedNumber !== undefined && number !== expectedNumber;
      seen.set(number, line);
      expectedNumber = number + 1;
      return gap;
    });
    let increases = 0;
    let decreases = 0;
    let oval = false;
    let brokenLine = 0;
    let held = 0;
    let tools: { strands: number | undefined; hookMm: number | undefined } = NO_TOOLS;
    for (let i = 0; i < list.length; i++) {
      const entry = list[i];
      if (!entry) continue;
      const { round: e, gap } = entry;
      if (e.raw.slot !== undefined && !e.copied) slot = e.raw.slot;
      if (gap) live = undefined;
      const quiet = brokenLine === e.raw.line || e.pickups.some((p) => p.part.rounds.some((r) => r.broken && r.line === p.part.rounds.at(-1)?.line));
      const base = this.baseFor(e, rounds, live, held, before, quiet);
      const next = following(list, i);
      const checked = this.round(e, base, slot, rounds.length === 0, next, quiet);
      if (checked.round.broken) brokenLine = e.raw.line;
      if (!checked.round.broken && !quiet) this.pickedUp(e, checked.round);
      if (!quiet) this.madeLater(e, raw, before, after);
      oval ||= checked.oval;
      if (base.named && base.into !== undefined) for (let j = base.into + 1; j < rounds.length; j++) rounds[j] = { ...(rounds[j] as CheckedRound), deadEnd: true };
      tools = toolsOf(e.nodes, tools);
      rounds.push(tools.strands === undefined && tools.hookMm === undefined ? checked.round : { ...checked.round, ...tools });
      live = checked.round.count;
      held = checked.held;
      slot = checked.slot;
      for (const s of checked.round.bySlot) slots.set(s.slot, addSlot(slots.get(s.slot), s));
      total = addTally(total, checked.round.made);
      increases += checked.round.increases;
      decreases += checked.round.decreases;
    }
    this.openings(raw, rounds);
    this.seams(raw.events);
    const bySlot = [...slots].map(([name, tally]) => ({ slot: name, ...tally }));
    return { name: raw.name, make: raw.make, line: raw.line, from: raw.from, worked: this.worked(raw, rounds, oval), rounds, made: total, bySlot, increases, decreases, events: this.placed(raw, rounds) };
  }

  /** What there is to work into. */
  private baseFor(e: Expanded, rounds: readonly CheckedRound[], live: number | undefined, held: number, before: readonly CheckedPart[], quiet: boolean): Base {
    const last = rounds.length - 1;
    const previous = rounds[last];
    const free = freeLoopsIn(e.nodes);
    if (free) {
      const { part, round } = free.of;
      const named = part === undefined ? undefined : partNamed(part, before);
      const own = named ? undefined : loopBase(free.of, rounds);
      const other = own ? undefined : (named ? [named] : [...before].reverse()).map((p) => loopBase(free.of, p.rounds)).find((x) => x !== undefined && (x.free || named !== undefined));
      const found = own ?? other;
      if (found && !found.free && round !== undefined && !quiet) this.report(free, { code: "loop-not-free", which: free.of.which ?? "free", round }, "error");
      if (found?.available !== undefined) return { live: found.available, options: [], held: 0, into: own?.into, named: own !== undefined };
      if (rounds.length === 0) return { live: undefined, options: [], held: 0, into: undefined, named: false };
    }
    const options: number[] = [];
    if (live !== undefined && previous) {
      const chains = chainsOf(previous.nodes);
      if (previous.bridge > 0 && previous.count === previous.offers) options.push(live + previous.bridge);
      if (chains.loose > 0) options.push(live + chains.loose, live + chains.loose + chains.bridge);
      if (previous.count !== previous.offers && previous.offers > 0) options.push(previous.offers);
      if (held > 0) options.push(live + held);
      const loops = loopsOf(e.nodes);
      // A frill in one loop, the next round in the other one behind it.
      if (previous.available !== undefined && ((previous.loops === "front" && loops === "back") || (previous.loops === "back" && loops === "front"))) options.push(previous.available);
    }
    return { live, options, held, into: last >= 0 ? last : undefined, named: false };
  }

  /** Stitches taken from other parts, held against what those parts have. */
  private pickedUp(e: Expanded, round: CheckedRound): void {
    const written = this.written(e);
    for (const p of e.pickups) {
      const edge = p.part.rounds[p.part.rounds.length - 1]?.count;
      if (edge === undefined || p.used === edge) continue;
      if (p.used > edge) this.report(p.node, { code: "too-many-used", used: p.used, available: edge, made: round.offers }, "error");
      else if (written === undefined) this.report(p.node, { code: "stitches-left", used: p.used, available: edge }, "warning");
    }
  }

  /** A part that this round takes in but that is only made further down. */
  private madeLater(e: Expanded, own: RawPart, before: readonly CheckedPart[], after: readonly RawPart[]): void {
    if (after.length === 0 || e.copied) return;
    for (const n of operationsOf(e.raw.nodes)) {
      for (const words of [...(n.op.caught ?? []), ...(n.op.part ? [n.op.part] : [])]) {
        if (partNamed(words, [own]) || partNamed(words, before)) continue;
        const later = partNamed(words, after);
        if (!later) continue;
        this.report(n, { code: "used-before-made", name: later.name, line: later.line }, "warning");
        return;
      }
    }
  }

  /** Events by the rounds worked before them: a line such as "Rnds 7–10" stands for four. */
  private placed(raw: RawPart, rounds: readonly CheckedRound[]): readonly PartEvent[] {
    return raw.events.map((e) => {
      const last = raw.rounds[e.afterRound - 1];
      return { ...e, afterRound: last ? rounds.filter((r) => r.from <= last.from).length : 0 };
    });
  }

  private seams(events: readonly PartEvent[]): void {
    for (const { event } of events) if (event.kind === "seam" && event.edges && !event.matched) this.report(event.at, { code: "seam-does-not-match", first: event.edges[0], second: event.edges[1] }, "error");
  }

  private worked(raw: RawPart, rounds: readonly CheckedRound[], oval: boolean): Worked {
    if (oval) return "oval";
    const first = rounds[0];
    if (!first) return "other";
    const chained = first.foundation > 0 && !first.nodes.some((n) => n.kind === "start");
    let turns = 0;
    let joins = 0;
    for (const r of rounds) {
      if (r.joined) joins++;
      for (const n of r.nodes) {
        if (n.kind !== "turn") continue;
        turns++;
        break;
      }
    }
    const rowWords = raw.rounds.some((r) => r.label?.word === "row");
    if (rounds.length === 1 && first.count === 0 && (first.made.ch ?? 0) > 0) return "chain";
    if (rounds.length === 1 && chained && tallySize(first.made) <= (first.made.ch ?? 0)) return rowWords ? "rows" : "chain";
    if (chained && joins === 0 && (turns > 0 || rowWords || rounds.length > 1)) return "rows";
    if (turns > 0 && turns >= rounds.length / 2 && joins < turns) return "rows";
    if (joins >= Math.max(1, (rounds.length - 1) / 2) || (joins === 0 && raw.joinedNote === true)) return "joined";
    return "spiral";
  }

  /** Rounds of a part one by one: ranges spread out, references replaced by what they stand for. */
  private expand(raw: RawPart, before: readonly CheckedPart[], number: (n: number, line: number, at: Span) => boolean): { round: Expanded; gap: boolean }[] {
    const out: { round: Expanded; gap: boolean }[] = [];
    let counter = 0;
    const push = (plain: Omit<Expanded, "label" | "number" | "pickups">, n: number | undefined, at: Span, word: string): void => {
      const settled = settle(plain.nodes, raw.name, before, out.length === 0);
      if (this.roundCount >= MAX_ROUNDS) {
        if (!this.stopped) this.report(at, { code: "too-large", what: "rounds", limit: MAX_ROUNDS }, "error");
        this.stopped = true;
        return;
      }
      this.roundCount++;
      const first = out.length === 0;
      const gap = n === undefined ? false : number(n, plain.raw.line, at) && !first;
      if (n !== undefined) counter = n;
      else {
        counter += 1;
        number(counter, plain.raw.line, at);
      }
      const { raw: r, lastOfLine, copied } = plain;
      out.push({ round: { raw: r, nodes: settled.nodes, pickups: settled.pickups, lastOfLine, copied, number: counter, label: `${word} ${counter}` }, gap });
    };
    for (let index = 0; index < raw.rounds.length; index++) {
      const r = raw.rounds[index];
      if (!r || this.stopped) break;
      // One slip, one report: what follows an unread word in the same round is mostly its echo.
      // What may be no more than talk waits until the round has been counted without it.
      const [firstFound] = r.found;
      if (firstFound && (firstFound.doubt === undefined || r.reference)) this.report(firstFound, firstFound.detail, firstFound.severity);
      const at: Span = r.label ? { from: r.label.from, to: r.label.to } : { from: r.from, to: r.to };
      const word = r.label?.word === "row" ? "Row" : "Rnd";
      const first = r.label?.first;
      const last = r.label?.last;
      if (first !== undefined && last !== undefined && last < first) this.report(at, { code: "range-backwards", first, last }, "error");
      const meant = r.reference || out.length === 0 ? undefined : this.misnumbered(r, counter + 1, raw.rounds[index + 1], out, at);
      const numbers: (number | undefined)[] = meant ?? (r.label?.list ? [...r.label.list] : first !== undefined && last !== undefined && last >= first ? range(first, Math.min(last, first + MAX_ROUNDS)) : Array.from({ length: r.label?.many ?? 1 }, () => undefined));
      if (r.label?.written !== undefined && first !== undefined && last !== undefined && r.label.written !== last - first + 1) {
        const counted = last - first + 1;
        this.report(r.label.writtenAt ?? at, { code: "range-length", written: r.label.written, counted }, "error", r.label.writtenAt ? { ...r.label.writtenAt, text: String(counted), label: `Write ${counted} rounds.` } : undefined);
      }
      if (r.reference) {
        const copied = this.resolve(r, before, out, numbers.length);
        copied.forEach((nodes, i) => push({ raw: r, nodes, lastOfLine: i === copied.length - 1, copied: true }, r.label && first !== undefined ? (first + i) : undefined, at, word));
        continue;
      }
      numbers.forEach((n, i) => push({ raw: r, nodes: r.nodes, lastOfLine: i === numbers.length - 1, copied: false }, n, at, word));
    }
    return out;
  }

  /**
   * A label that is off while the next one goes on as if it were right: one slip of the pen, told once. Gives the
   * numbers that were meant.
   */
  private misnumbered(r: RawRound, expected: number, next: RawRound | undefined, out: readonly { round: Expanded }[], at: Span): number[] | undefined {
    const { first, last, list } = r.label ?? {};
    if (first === undefined || last === undefined || list || next?.label?.first === undefined) return undefined;
    if (last < first) return next.label.first === first + 1 && expected === last ? range(last, first) : undefined;
    if (first === expected || next.label.first !== expected + last - first + 1) return undefined;
    const digits = this.source.slice(at.from, at.to).indexOf(String(first));
    const fix = first === last && digits >= 0 ? { from: at.from + digits, to: at.from + digits + String(first).length, text: String(expected), label: `Call it round ${expected}.` } : undefined;
    const earlier = out.find((x) => x.round.number === first);
    this.report(at, earlier ? { code: "round-twice", number: first, line: earlier.round.raw.line } : { code: "round-missing", expected, found: first }, "error", fix);
    return range(expected, expected + last - first);
  }

  private resolve(r: RawRound, before: readonly CheckedPart[], out: readonly { round: Expanded }[], wanted: number): (readonly Node[])[] {
    const ref = r.reference;
    if (!ref) return [];
    const own = r.nodes.filter((n) => n.kind === "total" || n.kind === "event" || n.kind === "colour");
    const strip = (nodes: readonly Node[]) => nodes.filter((n) => n.kind !== "total" && n.kind !== "event");
    let pool: { number: number | undefined; nodes: readonly Node[] }[];
    if (ref.part !== undefined) {
      const name = ref.part.toLowerCase();
      const part = before.find((p) => p.name.toLowerCase() === name) ?? before.find((p) => name.includes(p.name.toLowerCase()) || p.name.toLowerCase().includes(name));
      if (!part) {
        this.report(ref.partAt ?? r, { code: "no-such-part", name: ref.part }, "error");
        return [r.nodes];
      }
      pool = part.rounds.map((x) => ({ number: x.number, nodes: x.nodes }));
    } else pool = out.map((x) => ({ number: x.round.number, nodes: x.round.nodes }));
    if (ref.back > 0) pool = pool.slice(-ref.back);
    else if (ref.first !== undefined) {
      const { first, last = first } = ref;
      const found = pool.filter((x) => x.number !== undefined && x.number >= first && x.number <= last);
      if (found.length === 0 || found.length < last - first + 1) {
        const missing = range(first, Math.min(last, first + 1000)).find((n) => !found.some((x) => x.number === n)) ?? first;
        this.report({ from: r.from, to: r.to }, { code: "no-such-round", number: missing, part: ref.part }, "error");
        if (found.length === 0) return [r.nodes];
      }
      pool = found;
    }
    if (pool.length === 0) return [r.nodes];
    const done = out[out.length - 1]?.round.number ?? out.length;
    const count = ref.until !== undefined ? Math.max(1, Math.min(MAX_ROUNDS, ref.until - done)) : ref.times !== undefined ? ref.times * pool.length : r.label?.first !== undefined && ref.part === undefined ? wanted : Math.max(pool.length, r.label?.first !== undefined ? wanted : 0);
    const copies: (readonly Node[])[] = [];
    for (let i = 0; i < count && copies.length < MAX_ROUNDS; i++) {
      const source = pool[i % pool.length];
      if (source) copies.push(i === count - 1 ? [...own.filter((n) => n.kind === "colour"), ...strip(source.nodes), ...own.filter((n) => n.kind !== "colour")] : strip(source.nodes));
    }
    return copies;
  }

  // ---- one round -----------------------------------------------------------------------------

  private totals(nodes: readonly Node[]): (Node & { kind: "total" })[] {
    const found: (Node & { kind: "total" })[] = [];
    // A number in brackets with more work behind it tells how far one has come, not what the round makes.
    for (const n of nodes) {
      if (n.kind === "total" && !n.each) found.push(n);
      else if (found.length > 0 && (n.kind === "group" || n.kind === "evenly" || (n.kind === "work" && n.op.stitch !== "ch" && n.op.stitch !== "slst"))) found.length = 0;
    }
    return found;
  }

  private count(nodes: readonly Node[], available: number | undefined, slot: string, first: boolean, written: number | undefined): Counting {
    let best: Counting | undefined;
    nodes = this.sentenceTotal(nodes, available, slot, first);
    for (const reading of readings(nodes)) {
      const outcome = work(reading, available, slot, first, written);
      const faults = this.faults(outcome, available, written ?? (reading === nodes ? undefined : this.totals(reading).at(-1)?.n));
      if (!best || faults < best.faults) best = { nodes: reading, outcome, faults };
      if (faults === 0) break;
    }
    return best ?? { nodes, outcome: work(nodes, available, slot, first, written), faults: 0 };
  }

  /** "… in 2nd chain. 6 sc": a last sentence that only says what the round came to is a total, not more work. */
  private sentenceTotal(nodes: readonly Node[], available: number | undefined, slot: string, first: boolean): readonly Node[] {
    const index = nodes.findLastIndex((n) => n.kind !== "aside" && n.kind !== "event" && n.kind !== "turn" && n.kind !== "join" && n.kind !== "colour");
    const last = nodes[index];
    if (index < 1 || last?.kind !== "work" || last.times.kind !== "number" || last.op.offers !== 1 || last.op.into !== "next") return nodes;
    if (!/[.;:-]\s*$/.test(this.plain.slice(Math.max(0, last.from - 4), last.from))) return nodes;
    const n = last.times.n;
    const before = nodes.slice(0, index);
    return work(before, available, slot, first, n).offers === n ? [...before, { kind: "total", n, from: last.from, to: last.to }, ...nodes.slice(index + 1)] : nodes;
  }

  private base(o: Outcome, available: number | undefined): number | undefined {
    if (o.free || o.bothSides) return undefined;
    return o.foundation > 0 ? o.sideStitches : available;
  }

  private faults(o: Outcome, available: number | undefined, written: number | undefined): number {
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
  private accepts(next: Expanded | undefined, n: number): boolean | undefined {
    if (!next) return undefined;
    const written = this.written(next);
    const c = this.count(next.nodes.some(holdsUnknown) ? withoutUnknown(next.nodes) : next.nodes, n, MAIN_SLOT, false, written);
    if (c.outcome.unknown || c.outcome.free || c.outcome.bothSides) return undefined;
    return c.faults === 0;
  }

  private written(e: Expanded): number | undefined {
    const totals = this.totals(e.nodes);
    const changing = !e.lastOfLine;
    if (changing && totals.length > 0) {
      const o = work(e.nodes, undefined, MAIN_SLOT, false);
      // In a range that grows, the total written behind it belongs to its last round.
      if (o.increases + o.decreases > 0) return undefined;
    }
    return totals[totals.length - 1]?.n;
  }

  private round(e: Expanded, base: Base, slot: string, first: boolean, next: Expanded | undefined, quiet: boolean): { round: CheckedRound; slot: string; oval: boolean; held: number } {
    let live = base.live;
    const excused = this.excused(e, base, slot, first);
    if (excused) e = { ...e, nodes: excused };
    else if (!quiet && !e.copied && e.raw.found[0]?.doubt !== undefined) this.report(e.raw.found[0], e.raw.found[0].detail, e.raw.found[0].severity);
    let wanted = this.written(e);
    let counted = this.count(e.nodes, live, slot, first, wanted);
    if (counted.faults > 0) {
      for (const option of base.options) {
        const tried = this.count(e.nodes, option, slot, first, wanted);
        if (tried.faults > 0) continue;
        counted = tried;
        live = option;
        break;
      }
      // Rows of a panel may bite stitches at its side.
      const { used, offers } = counted.outcome;
      if (counted.faults > 0 && base.held > 0 && live !== undefined && used > live && used <= live + base.held && wanted === offers) {
        live = used;
        counted = this.count(e.nodes, live, slot, first, wanted);
      }
    }
    counted = this.plainest(e, counted, live, slot, first, wanted, next);
    const { nodes, outcome: o } = counted;
    wanted ??= nodes === e.nodes ? undefined : this.totals(nodes).at(-1)?.n;
    const chains = chainsOf(nodes);
    // A total may count the chains over a gap along: the next round works them.
    const spans = wanted !== undefined && wanted !== o.offers && [chains.bridge, chains.loose, chains.bridge + chains.loose].some((n) => n > 0 && wanted === o.offers + n);
    const written = spans ? undefined : wanted;
    const available = this.base(o, live);
    const place = (): Span => (e.copied ? { from: e.raw.from, to: e.raw.to } : this.workSpan(nodes, e.raw));
    let broken = false;
    let count: number | undefined = spans ? wanted : o.open ? written : o.offers;
    const say = (where: Span, detail: ProblemDetail, severity: Severity, fix?: Fix) => {
      if (!quiet) this.report(where, detail, severity, fix);
      if (severity === "error") broken = true;
    };

    const totals = this.totals(nodes);
    const firstTotal = totals[0];
    const lastTotal = totals[totals.length - 1];
    if (firstTotal && lastTotal && firstTotal.n !== lastTotal.n && e.lastOfLine) {
      const wrong = firstTotal.n === o.offers ? lastTotal : firstTotal;
      say(wrong, { code: "totals-disagree", first: firstTotal.n, second: lastTotal.n }, "error", totalFix(wrong, o.offers, this.source));
    } else if (o.used > MAX_STITCHES || o.offers > MAX_STITCHES) {
      say(place(), { code: "too-large", what: "chain", limit: MAX_STITCHES }, "error");
      count = undefined;
    } else if (o.unknown || (!e.copied && !excused && e.raw.found.some((f) => f.severity === "error"))) {
      // Something in the round could not be read and was reported; a count made without it would be a guess.
      broken = true;
      count = written ?? this.guess(next, [o.offers, live]);
    } else if (e.raw.reference && nodes.length === 0) {
      count = live;
    } else if (!nodes.some((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip")) {
      // "Rnd 7: change to white" or an empty label: nothing worked.
      count = written ?? live;
      if (!e.raw.nodes.some((n) => n.kind === "event" || n.kind === "colour" || n.kind === "start") && !e.raw.found.length && !e.copied) {
        say(e.raw, { code: "not-understood", text: this.source.slice(e.raw.from, Math.min(e.raw.to, e.raw.from + 60)) }, "error");
        count = written;
      }
    } else if (o.open && written === undefined) {
      count = this.guess(next, []);
      if (live === undefined && !first && count === undefined) broken = true;
    } else if (available !== undefined && o.used !== available) {
      count = this.misused(nodes, o, available, written, place, slot, first, next, say);
    } else if (o.bothSides && o.firstSide !== undefined && o.foundation > 0 && this.oneSideWrong(o)) {
      say(place(), { code: o.firstSide > o.sideStitches ? "too-many-used" : "too-few-used", used: o.firstSide, available: o.sideStitches, made: o.offers }, "error");
      count = written ?? o.offers;
    } else if (written !== undefined && written !== o.offers && !o.open) {
      const wantsWritten = this.accepts(next, written);
      const wantsMade = this.accepts(next, o.offers);
      const fixed = this.balanced(nodes, available, written, slot, first);
      const total = lastTotal ? totalFix(lastTotal, o.offers, this.source) : undefined;
      const trustWritten = wantsWritten === true && wantsMade !== true;
      say(trustWritten || !lastTotal ? place() : { from: lastTotal.from, to: lastTotal.to }, { code: "total-wrong", made: o.offers, written, used: o.used, available }, "error", trustWritten ? (fixed ?? total) : total);
      count = trustWritten ? written : wantsMade === true ? o.offers : wantsMade === false && wantsWritten === false ? o.offers : written;
    }
    const made = sumOf(o.bySlot);
    const left = available !== undefined && (!broken || o.turned || o.leaves) && o.used < available ? available - o.used : 0;
    const more = live !== undefined && base.live !== undefined ? live - base.live : 0;
    const held = left > 0 ? left : base.held > 0 && more < base.held ? base.held - Math.max(0, more) : 0;
    return {
      held,
      round: {
        into: o.free || first ? undefined : base.into, loops: loopsOf(nodes), deadEnd: false, bridge: chains.bridge, offers: o.offers,
        label: e.label, number: e.number, line: e.raw.line, from: e.raw.from, to: e.raw.to, count, available: available ?? (o.free || first ? undefined : live), used: o.used, made,
        bySlot: slotList(o.bySlot), increases: o.increases, decreases: o.decreases, joined: o.joined, foundation: o.foundation, nodes, slot, strands: undefined, hookMm: undefined, broken,
      },
      slot: o.slot,
      oval: o.bothSides,
    };
  }

  /** A second reading that only the written total speaks for gives way to the first when the next round wants the first. */
  private plainest(e: Expanded, counted: Counting, live: number | undefined, slot: string, first: boolean, wanted: number | undefined, next: Expanded | undefined): Counting {
    if (wanted === undefined || counted.nodes === e.nodes || counted.faults > 0 || !next) return counted;
    const outcome = work(e.nodes, live, slot, first, wanted);
    const base = this.base(outcome, live);
    if (outcome.offers === wanted || outcome.open || outcome.unknown || outcome.misfit || (base !== undefined && base !== outcome.used)) return counted;
    return this.accepts(next, wanted) === false && this.accepts(next, outcome.offers) === true ? { nodes: e.nodes, outcome, faults: 1 } : counted;
  }

  /** The tree without words nobody knows, when the round comes out exactly as it should without them: then they are talk. */
  private excused(e: Expanded, base: Base, slot: string, first: boolean): readonly Node[] | undefined {
    const [found] = e.raw.found;
    if (!e.copied && (found === undefined || e.raw.found.some((f) => f.severity === "error" && f.doubt === undefined))) return undefined;
    if (!e.nodes.some(holdsUnknown)) return undefined;
    const nodes = withoutUnknown(e.nodes);
    const written = this.written({ ...e, nodes });
    const sure = e.raw.found.every((f) => f.doubt !== "number");
    for (const available of [base.live, ...base.options]) {
      const { outcome: o, faults } = this.count(nodes, available, slot, first, written);
      if (faults > 0 || o.open || o.unknown) continue;
      const uses = this.base(o, available) !== undefined && o.used > 0;
      if (written === undefined ? uses && sure : o.offers === written) return nodes;
    }
    return undefined;
  }

  private oneSideWrong(o: Outcome): boolean {
    return o.firstSide !== undefined && o.firstSide !== o.sideStitches;
  }

  /** A free start whose own number is off (5 sc written as 6): the count that makes the total. */
  private balanced(nodes: readonly Node[], available: number | undefined, written: number, slot: string, first: boolean): Fix | undefined {
    if (available === undefined) return undefined;
    return repairs(nodes, available, written, slot, first, this.source).find((r) => r.exact)?.fix;
  }

  private guess(next: Expanded | undefined, options: readonly (number | undefined)[]): number | undefined {
    for (const n of options) if (n !== undefined && this.accepts(next, n) === true) return n;
    return undefined;
  }

  /** `used` and `available` differ: tell what is wrong, how to mend it, and with which count to go on. */
  private misused(
    nodes: readonly Node[], o: Outcome, available: number, written: number | undefined, place: () => Span, slot: string, first: boolean,
    next: Expanded | undefined, say: (at: Span, d: ProblemDetail, s: Severity, fix?: Fix) => void,
  ): number | undefined {
    const at = place();
    const fixes = repairs(nodes, available, written, slot, first, this.source);
    const agrees = written === undefined || written === o.offers;
    if (o.leaves && o.used < available && agrees) {
      say(at, { code: "stitches-left", used: o.used, available }, "warning");
      return o.offers;
    }
    if (o.used < available && written === o.offers && !o.misfit && !this.looksLikeSlip(nodes, available, o.used)) {
      // The maker's own total confirms it: a hole left open, a panel, a last stitch over.
      if (o.turned || this.accepts(next, o.offers) !== false) {
        say(at, { code: "stitches-left", used: o.used, available }, "warning");
        return o.offers;
      }
    }
    const fix = fixes.find((r) => r.exact) ?? fixes.find((r) => this.accepts(next, r.offers) !== false) ?? fixes[0];
    if (o.misfit && o.used < available) say(o.misfit.node, { code: "repeat-does-not-fit", unit: o.misfit.unit, available, over: o.misfit.over }, "error", fix?.fix);
    else if (written !== undefined && written !== o.offers) say(at, { code: "count-wrong", used: o.used, available, made: o.offers, written }, "error", fix?.fix);
    else if (o.used < available) say(at, { code: "too-few-used", used: o.used, available, made: o.offers }, "error", fix?.fix);
    else say(at, { code: "too-many-used", used: o.used, available, made: o.offers }, "error", fix?.fix);
    const options = [written, fix?.offers, o.offers, available].filter((n) => n !== undefined);
    for (const n of options) if (this.accepts(next, n) === true) return n;
    return options[0];
  }

  /** A repeat that would fit exactly with another number was most likely meant to. */
  private looksLikeSlip(nodes: readonly Node[], available: number, used: number): boolean {
    const groups = nodes.filter((n) => n.kind === "group" && n.times.kind === "number" && n.times.n > 1);
    const only = groups.length === 1 ? groups[0] : undefined;
    if (only?.kind !== "group" || only.times.kind !== "number" || nodes.some((n) => n.kind === "work" && n.op.uses > 0)) return false;
    const unit = used / only.times.n;
    return available % unit === 0 && available - used >= unit;
  }

  private workSpan(nodes: readonly Node[], raw: RawRound): Span {
    const worked = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip");
    const from = Math.min(...worked.map((n) => n.from));
    const to = Math.max(...worked.map((n) => n.to));
    return Number.isFinite(from) ? { from, to } : { from: raw.from, to: raw.to };
  }

  /** Washer-backed eyes and filling want an opening a finger fits through. Source: trade guide §1, common practice. */
  private openings(raw: RawPart, rounds: readonly CheckedRound[]): void {
    let filled = false;
    for (const { event, line } of raw.events) {
      if (event.kind !== "eyes" && event.kind !== "stuff") continue;
      const list = rounds.filter((r) => r.line <= line);
      const last = list[list.length - 1];
      if (event.kind === "stuff") {
        const at = this.lines[line - 1];
        const widest = Math.max(0, ...list.map((r) => r.count ?? 0));
        const said = at ? this.plain.slice(at.from, at.to) : "";
        // A last pinch goes through six stitches; a whole body does not.
        if (!filled && !event.none && at && last?.count !== undefined && last.count <= LAST_RING && last.decreases > 0 && widest >= 30 && !/finish|more|top up|last bit|close|before|until|as you go|continu/.test(said)) this.report({ from: at.from, to: at.to }, { code: "opening-too-small", what: "hands that fill a piece this wide", count: last.count, least: LEAST_EYE_OPENING }, "warning");
        filled ||= !event.none;
        continue;
      }
      if (last?.count !== undefined && last.count < LEAST_EYE_OPENING && last.decreases > 0) {
        const at = this.lines[line - 1];
        if (at) this.report({ from: at.from, to: at.to }, { code: "opening-too-small", what: "eyes with washers", count: last.count, least: LEAST_EYE_OPENING }, "warning");
      }
    }
  }
}

/** The last ring, drawn shut: mostly six. Common practice, no source (trade guide §1). */
const LAST_RING = 6;
/** The smallest opening in use for pressing a washer on. Common practice, no source (trade guide §1). */
export const LEAST_EYE_OPENING = 12;

const NO_TOOLS = { strands: undefined, hookMm: undefined };

/** Strands and hook after a round: both stay until the text changes them. */
function toolsOf(nodes: readonly Node[], before: { strands: number | undefined; hookMm: number | undefined }): { strands: number | undefined; hookMm: number | undefined } {
  let { strands, hookMm } = before;
  for (const n of nodes) {
    if (n.kind === "strands") strands = n.n;
    else if (n.kind === "hook") hookMm = n.mm;
  }
  return { strands, hookMm };
}

/** The round that follows on another line, if it goes on in the stitches of this one. */
function following(list: readonly { round: Expanded; gap: boolean }[], i: number): Expanded | undefined {
  const raw = list[i]?.round.raw;
  for (let j = i + 1; j < list.length; j++) {
    const x = list[j];
    if (x && x.round.raw !== raw) return x.gap || freeLoopsIn(x.round.nodes) ? undefined : x.round;
  }
  return undefined;
}

const holdsUnknown = (n: Node): boolean => n.kind === "unknown" || (n.kind === "group" && n.items.some(holdsUnknown));
const withoutUnknown = (nodes: readonly Node[]): readonly Node[] => nodes.filter((n) => n.kind !== "unknown").map((n) => (n.kind === "group" ? { ...n, items: withoutUnknown(n.items) } : n));

function range(a: number, b: number): number[] {
  const out: number[] = [];
  for (let n = a; n <= b; n++) out.push(n);
  return out;
}

function slotList(slots: ReadonlyMap<string, SlotTally>): ({ slot: string } & SlotTally)[] {
  const list: ({ slot: string } & SlotTally)[] = [];
  for (const [slot, { made, two, three }] of slots) list.push({ slot, made, two, three });
  return list;
}

function sumOf(slots: ReadonlyMap<string, SlotTally>): Tally {
  let sum: Tally = {};
  for (const t of slots.values()) sum = addTally(sum, t.made);
  return sum;
}

export { problemText };
