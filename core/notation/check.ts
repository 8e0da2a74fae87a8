import { addSlot, type SlotTally } from "./count";
import { DocumentReader, type RawPart } from "./document";
import { addTally, tallySize, type Tally, type Terms } from "./stitches";
import { recogniseTerms } from "./terms";
import { MAX_MAKE } from "./limits";
import { addLoops, type LoopsBeingWorked } from "./surroundings";
import type { Node } from "./tree";
import {
  MAIN_SLOT,
  type Worked,
  type CheckedRound,
  type PartEvent,
  type CheckedPart,
  type CheckedPattern,
  type Expanded,
  type Base,
  type MemoryByTerms,
  LEAST_EYE_OPENING,
  following,
} from "./check-base";
import { RoundExpander } from "./check-expand";

export {
  LEAST_EYE_OPENING,
  MAIN_SLOT,
  type CheckedPart,
  type CheckedPattern,
  type CheckedRound,
  type MemoryByTerms,
  type PartEvent,
  type Worked,
} from "./check-base";

/** Parts before and after that the words of a round may mean: time stays linear in a text of thousands. */
const MOST_PARTS = 30;
/** The last ring, drawn shut: mostly six. Common practice, no source (trade guide §1). */
const LAST_RING = 6;
/** A line that does not add up is told once; of a range of thousands the rest is not counted anew, for nothing is made of it. */
const MOST_BROKEN = 200;
const NO_TOOLS = { strands: undefined, hookMm: undefined };

/**
 * Reads and counts a written pattern. Total: any text gives a result, never an exception; time is
 * linear in the text and in the rounds it expands to (at most `MAX_ROUNDS`).
 */
export function checkPattern(
  text: string,
  options: {
    readonly terms?: Terms | "auto";
    readonly otherwise?: Terms;
    readonly memory?: MemoryByTerms;
  } = {},
): CheckedPattern {
  return new Checker(text, options.terms ?? "auto", options.otherwise ?? "us", options.memory).check();
}

class Checker extends RoundExpander {
  check(): CheckedPattern {
    const recognised =
      this.wanted === "auto"
        ? recogniseTerms(this.plain, this.otherwise)
        : { terms: this.wanted, reason: "chosen by hand" };
    const raw = new DocumentReader(
      this.source,
      this.plain,
      recognised.terms,
      this.memory?.[recognised.terms],
    ).read();
    const parts: CheckedPart[] = [];
    raw.parts.forEach((part, i) =>
      parts.push(this.part(part, parts.slice(-MOST_PARTS), raw.parts.slice(i + 1, i + 1 + MOST_PARTS))),
    );
    this.seams(raw.assembly);
    for (const f of raw.unread) this.report(f, f.detail, f.severity);
    if (parts.length === 0)
      this.report({ from: 0, to: Math.min(1, this.source.length) }, { code: "nothing-to-read" }, "error");
    this.problems.sort((a, b) => a.from - b.from || a.to - b.to);
    return {
      ok: !this.problems.some((p) => p.severity === "error"),
      terms: recognised.terms,
      termsReason: recognised.reason,
      parts,
      assembly: raw.assembly,
      problems: this.problems,
      lines: raw.lines,
    };
  }

  protected part(raw: RawPart, before: readonly CheckedPart[], after: readonly RawPart[]): CheckedPart {
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
      else if (expectedNumber !== undefined && number > expectedNumber)
        this.report(at, { code: "round-missing", expected: expectedNumber, found: number }, "error");
      const gap = expectedNumber !== undefined && number !== expectedNumber;
      seen.set(number, line);
      expectedNumber = number + 1;
      return gap;
    });
    const follows = following(list);
    let increases = 0;
    let decreases = 0;
    let oval = false;
    let brokenLine = 0;
    let held = 0;
    let tools: { strands: number | undefined; hookMm: number | undefined } = NO_TOOLS;
    const worked: LoopsBeingWorked = new Map();
    let dead = { from: -1, to: -1 };
    let brokenRounds = 0;
    let like: { readonly asked: Asked; readonly checked: Counted } | undefined;
    for (let i = 0; i < list.length; i++) {
      const entry = list[i];
      if (!entry) continue;
      const { round: e, gap } = entry;
      if (e.raw.slot !== undefined && !e.copied) slot = e.raw.slot;
      if (gap) live = undefined;
      const quiet =
        brokenLine === e.raw.line ||
        e.pickups.some((p) => p.part.rounds.some((r) => r.broken && r.line === p.part.rounds.at(-1)?.line));
      const base = this.baseFor(e, rounds, worked, live, held, before, quiet);
      const next = follows[i];
      const asked = { e, base, slot, next, quiet };
      const told = this.problems.length;
      const checked =
        like && (sameWork(like.asked, asked) || (brokenRounds > MOST_BROKEN && like.asked.e.raw === e.raw))
          ? repeated(like.checked, e, base)
          : this.round(e, base, slot, rounds.length === 0, next, quiet);
      like = rounds.length > 0 && this.problems.length === told ? { asked, checked } : undefined;
      brokenRounds = brokenLine === e.raw.line ? brokenRounds + 1 : 0;
      if (checked.round.broken) brokenLine = e.raw.line;
      if (!checked.round.broken && !quiet) this.pickedUp(e, checked.round);
      if (!quiet) this.madeLater(e, raw, before, after);
      oval ||= checked.oval;
      if (base.named && base.into !== undefined) {
        // A frill on a frill passes the same rounds by again: each is marked once.
        for (let j = base.into + 1; j < rounds.length; j++) {
          if (j === dead.from) j = dead.to;
          if (j < rounds.length) rounds[j] = { ...(rounds[j] as CheckedRound), deadEnd: true };
        }
        dead = { from: base.into + 1, to: rounds.length };
      }
      tools = toolsOf(e.nodes, tools);
      rounds.push(
        tools.strands === undefined && tools.hookMm === undefined
          ? checked.round
          : { ...checked.round, ...tools },
      );
      addLoops(worked, checked.round);
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
    return {
      name: raw.name,
      make: this.made(raw),
      line: raw.line,
      from: raw.from,
      worked: this.worked(raw, rounds, oval),
      rounds,
      made: total,
      bySlot,
      increases,
      decreases,
      events: this.placed(raw, rounds),
    };
  }

  /** How many pieces of the part: a whole number from 1 to `MAX_MAKE`. */
  protected made(raw: RawPart): number {
    if (raw.make > MAX_MAKE) {
      const to = this.lines[raw.line - 1]?.to ?? raw.from;
      this.report({ from: raw.from, to }, { code: "too-large", what: "make", limit: MAX_MAKE }, "error");
      return MAX_MAKE;
    }
    return raw.make >= 1 ? Math.round(raw.make) : 1;
  }

  protected seams(events: readonly PartEvent[]): void {
    for (const { event } of events)
      if (event.kind === "seam" && event.edges && !event.matched)
        this.report(
          event.at,
          { code: "seam-does-not-match", first: event.edges[0], second: event.edges[1] },
          "error",
        );
  }

  protected worked(raw: RawPart, rounds: readonly CheckedRound[], oval: boolean): Worked {
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
    if (rounds.length === 1 && chained && tallySize(first.made) <= (first.made.ch ?? 0))
      return rowWords ? "rows" : "chain";
    if (chained && joins === 0 && (turns > 0 || rowWords || rounds.length > 1)) return "rows";
    if (turns > 0 && turns >= rounds.length / 2 && joins < turns) return "rows";
    if (joins >= Math.max(1, (rounds.length - 1) / 2) || (joins === 0 && raw.joinedNote === true))
      return "joined";
    return "spiral";
  }

  /** Washer-backed eyes and filling want an opening a finger fits through. Source: trade guide §1, common practice. */
  protected openings(raw: RawPart, rounds: readonly CheckedRound[]): void {
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
        if (
          !filled &&
          !event.none &&
          at &&
          last?.count !== undefined &&
          last.count <= LAST_RING &&
          last.decreases > 0 &&
          widest >= 30 &&
          !/finish|more|top up|last bit|close|before|until|as you go|continu/.test(said)
        )
          this.report(
            { from: at.from, to: at.to },
            {
              code: "opening-too-small",
              what: "hands that fill a piece this wide",
              count: last.count,
              least: LEAST_EYE_OPENING,
            },
            "warning",
          );
        filled ||= !event.none;
        continue;
      }
      if (last?.count !== undefined && last.count < LEAST_EYE_OPENING && last.decreases > 0) {
        const at = this.lines[line - 1];
        if (at)
          this.report(
            { from: at.from, to: at.to },
            {
              code: "opening-too-small",
              what: "eyes with washers",
              count: last.count,
              least: LEAST_EYE_OPENING,
            },
            "warning",
          );
      }
    }
  }
}

/** What counting a round depends on, and what came of it. */
interface Asked {
  readonly e: Expanded;
  readonly base: Base;
  readonly slot: string;
  readonly next: Expanded | undefined;
  readonly quiet: boolean;
}
type Counted = ReturnType<RoundExpander["round"]>;

/** "Rnds 7-30: sc around" is counted once: the second round of a range that stands on the same stitches comes out as the first did. */
function sameWork(a: Asked, b: Asked): boolean {
  return (
    a.e.raw === b.e.raw &&
    a.e.nodes === b.e.nodes &&
    a.e.lastOfLine === b.e.lastOfLine &&
    a.e.copied === b.e.copied &&
    a.e.pickups === b.e.pickups &&
    a.base.live === b.base.live &&
    a.base.held === b.base.held &&
    a.base.named === b.base.named &&
    a.base.options.length === b.base.options.length &&
    a.base.options.every((n, i) => n === b.base.options[i]) &&
    a.slot === b.slot &&
    a.next === b.next &&
    a.quiet === b.quiet
  );
}
const repeated = (c: Counted, e: Expanded, base: Base): Counted => ({
  ...c,
  round: {
    ...c.round,
    label: e.label,
    number: e.number,
    into: c.round.into === undefined ? undefined : base.into,
  },
});

/** Strands and hook after a round: both stay until the text changes them. */
function toolsOf(
  nodes: readonly Node[],
  before: { strands: number | undefined; hookMm: number | undefined },
): { strands: number | undefined; hookMm: number | undefined } {
  let { strands, hookMm } = before;
  for (const n of nodes) {
    if (n.kind === "strands") strands = n.n;
    else if (n.kind === "hook") hookMm = n.mm;
  }
  return { strands, hookMm };
}
