import type { AlsoCounted } from "../answers";
import { addSlot, work, type SlotTally } from "../count";
import {
  LEAST_EYE_OPENING,
  MAIN_SLOT,
  plainest,
  type Base,
  type CheckedPart,
  type CheckedRound,
  type Expanded,
  type PartEvent,
  type Worked,
} from "../count/checked";
import { chainsAlone } from "../count/made";
import type { RawPart } from "../document";
import { stripeAt } from "../document/stripes";
import { MAX_MAKE } from "../limits";
import { shutByPairs } from "../shut";
import { addTally, type Tally } from "../stitches";
import { addLoops, freeLoopsIn, operationsOf, partNamed, type LoopsBeingWorked } from "../surroundings";
import type { Node } from "../tree";
import { baseFor, type Before } from "./base";
import { BEAM, ECHO, MARGIN, MOST_OPEN, WINDOW } from "./costs";
import { spreadOut, type Budget } from "./expand";
import { judge, writtenOf, type Judged } from "./judge";
import { NOBODY, type Reporter } from "./reporter";
import { settleRound, type Settled } from "./report";
import { shareOf } from "./shares";

/** A round with the way it may have been meant. */
interface Step {
  readonly e: Expanded;
  readonly base: Base;
  readonly judged: Judged;
  readonly settled: Settled;
  readonly slot: string;
  readonly first: boolean;
}
/** One way to read the rounds that are not decided yet. */
interface Hypothesis {
  readonly tail: readonly Step[];
  readonly at: Before;
  readonly slot: string;
  readonly cost: number;
  /** The line of the last slip: what comes of it on the same line is no other. */
  readonly brokenLine: number;
}
interface Tools {
  readonly strands: number | undefined;
  readonly hookMm: number | undefined;
}
/** Lines whose judgements are remembered side by side. */
const REMEMBERED = 200;
/** Characters above a round that are looked at. */
const MOST_SAID = 600;
/** Numbers of stitches that one line is judged on and remembered for. */
const MOST_WAYS = 64;
/** The last ring, drawn shut: mostly six. Common practice, no source (craft §1). */
const LAST_RING = 6;
/**
 * Counts a part: several ways to read its rounds are followed side by side until the stitches tell which was
 * meant, and what is then wrong is told once.
 */
export function countPart(
  raw: RawPart,
  before: readonly CheckedPart[],
  after: readonly RawPart[],
  to: Reporter,
  budget: Budget,
  totals: ReadonlySet<AlsoCounted>,
  habits: Set<string>,
): CheckedPart {
  return new PartCounter(raw, before, after, to, budget, totals, habits).count();
}

class PartCounter {
  private readonly rounds: CheckedRound[] = [];
  private readonly worked: LoopsBeingWorked = new Map();
  private readonly slots = new Map<string, SlotTally>();
  private total: Tally = {};
  private increases = 0;
  private decreases = 0;
  private oval = false;
  private brokenLine = 0;
  private tools: Tools = { strands: undefined, hookMm: undefined };
  private dead = { from: -1, to: -1 };
  private beam: Hypothesis[];
  private readonly memo = new Map<Expanded["candidates"], Map<string, readonly Judged[]>>();
  constructor(
    private readonly raw: RawPart,
    private readonly before: readonly CheckedPart[],
    private readonly after: readonly RawPart[],
    private readonly to: Reporter,
    private readonly budget: Budget,
    private readonly totals: ReadonlySet<AlsoCounted>,
    /** Ways of writing that rounds before have borne out, in any part of the text. */
    private readonly habits: Set<string>,
  ) {
    const at: Before = { live: undefined, held: 0, previous: undefined, index: -1 };
    this.beam = [{ tail: [], at, slot: raw.slot ?? MAIN_SLOT, cost: 0, brokenLine: 0 }];
  }

  count(): CheckedPart {
    const { raw } = this;
    const list = spreadOut(raw, this.before, this.to, this.budget);
    const lying = list[0] ? chainsAlone(plainest(list[0].round).nodes) : 0;
    for (const [i, { round, gap }] of list.entries())
      if (i === 1 && lying > 0) this.step({ ...round, lying }, true, true);
      else this.step(round, gap, i === 0);
    this.decide();
    this.openings();
    return {
      name: raw.name,
      make: this.made(),
      line: raw.line,
      from: raw.from,
      worked: this.workedAs(),
      rounds: this.rounds,
      made: this.total,
      bySlot: [...this.slots].map(([slot, tally]) => ({ slot, ...tally })),
      increases: this.increases,
      decreases: this.decreases,
      events: this.placedEvents(),
    };
  }

  /** Every way to read the rounds so far, gone on with by every way to read this one. */
  private step(e: Expanded, gap: boolean, first: boolean): void {
    const named = freeLoopsIn(plainest(e).nodes) !== undefined;
    if (named || tooLong(this.beam[0]?.tail ?? [])) this.decide();
    const next: Hypothesis[] = [];
    const striped = this.raw.stripes;
    for (const h of this.beam) {
      const own = e.raw.slot !== undefined && !e.copied ? e.raw.slot : undefined;
      const stripe = own === undefined && striped ? stripeAt(striped, e.number ?? h.at.index + 1) : undefined;
      const slot = own ?? stripe ?? h.slot;
      // A round in another colour among the others changes nothing for those behind it.
      const over = stripe !== undefined && striped?.kind === "ranges" && striped.over;
      const at = gap ? { ...h.at, live: undefined } : first ? this.carried(e, h.at) : h.at;
      const base = baseFor(e, at, this.rounds, this.worked, this.before, named ? this.to : undefined);
      const habits = this.habitsIn(h);
      for (const judged of this.judged(e, base, slot, first, habits)) {
        const settled = settleRound({ e, base, slot, first, quiet: true, borneOut: false }, judged, NOBODY);
        next.push({
          tail: [...h.tail, { e, base, judged, settled, slot, first }],
          at: {
            live: settled.round.count,
            held: settled.held,
            previous: settled.round,
            index: at.index + 1,
          },
          slot: over && settled.slot === slot ? h.slot : settled.slot,
          cost: h.cost + costAfter(h, e, judged),
          brokenLine: settled.round.broken ? e.raw.line : h.brokenLine,
        });
      }
    }
    this.beam = pruned(next);
    if (this.beam.length === 1) this.decide();
  }

  /** Habits borne out so far, with those of the rounds that this reading has still open. */
  private habitsIn(h: Hypothesis): ReadonlySet<string> {
    let own: Set<string> | undefined;
    for (const s of h.tail) {
      const way = followed(s);
      if (way !== undefined && !this.habits.has(way)) (own ??= new Set(this.habits)).add(way);
    }
    return own ?? this.habits;
  }

  /**
   * The second round of a range that stands on the same stitches comes out as the first did: it is judged
   * once.
   */
  private judged(
    e: Expanded,
    base: Base,
    slot: string,
    first: boolean,
    habits: ReadonlySet<string>,
  ): readonly Judged[] {
    const key = `${base.live}|${base.held}|${base.named}|${base.options.join()}|${slot}|${first}|${e.summed}|${[...habits].join()}`;
    // Rounds that are worked again ("repeat rounds 3–8") are the same words on the same stitches.
    let known = this.memo.get(e.candidates);
    if (!known) {
      if (this.memo.size >= REMEMBERED) this.memo.clear();
      this.memo.set(e.candidates, (known = new Map()));
    }
    const before = known.get(key);
    if (before) return before;
    // A broken round that comes out another way each time of hundreds tells nothing new: it goes on as it
    // last did.
    if (known.size >= MOST_WAYS && this.beam.every((h) => h.brokenLine === e.raw.line)) {
      const last = [...known.values()].at(-1);
      if (last) return last;
    }
    const judged = judge(e, base, slot, first, this.to.source, this.totals, habits);
    if (known.size < MOST_WAYS) known.set(key, judged);
    return judged;
  }

  /**
   * Numbers that go on over a heading go on in the same stitches: "Shoulders" and "Rnd 12" behind the neck's
   * round 11.
   */
  private carried(e: Expanded, at: Before): Before {
    const last = this.before[this.before.length - 1];
    const end = last?.rounds[last.rounds.length - 1];
    const goesOn =
      e.raw.label?.first !== undefined &&
      last?.make === 1 &&
      this.raw.make === 1 &&
      end?.number === e.raw.label.first - 1 &&
      end.count !== undefined &&
      !end.broken;
    const share = shareOf(e, this.raw, this.before, this.after, this.saidAbove(e));
    if (share) return { ...at, live: share.free, shares: share.options };
    const on = end?.count !== undefined && !end.broken && last?.make === this.raw.make;
    return goesOn || (on && this.wantsStitches(e)) ? { ...at, live: end.count } : at;
  }

  /** "Ruffle: 5 dc in each st": no number and no beginning of its own, but a stitch for each that is there. */
  private wantsStitches(e: Expanded): boolean {
    if (e.raw.label?.first !== undefined) return false;
    const { nodes } = plainest(e);
    // An edge along several sides has another number than the round above, and says so.
    if (nodes.some((n) => n.kind === "total")) return false;
    const first = nodes.find((n) => n.kind === "start" || n.kind === "work" || n.kind === "group");
    return first?.kind === "work" && first.times.kind === "around" && first.op.into === "next";
  }

  /** What the text says between the rounds of the part before and a round. */
  private saidAbove(e: Expanded): string {
    const end = this.before.at(-1)?.rounds.at(-1)?.to ?? e.raw.from;
    return this.to.source.slice(Math.max(end, e.raw.from - MOST_SAID), e.raw.to);
  }

  /** Takes the best reading of what is still open, tells what is wrong in it, and adds it up. */
  private decide(): void {
    const [best] = this.beam;
    if (!best) return;
    best.tail.forEach((s, i) => this.commit(s, behind(best.tail, i)));
    this.beam = [{ ...best, tail: [], cost: 0 }];
  }

  private commit(s: Step, borneOut: boolean): void {
    const { e, judged, base } = s;
    const quiet =
      this.brokenLine === e.raw.line ||
      e.told ||
      judged.candidate.pickups.some((p) =>
        p.part.rounds.some((r) => r.broken && r.line === p.part.rounds.at(-1)?.line),
      );
    const { round, oval } =
      judged.fault === undefined && !s.settled.round.broken
        ? s.settled
        : settleRound({ e, base, slot: s.slot, first: s.first, quiet, borneOut }, judged, this.to);
    for (const f of judged.candidate.found)
      if (f.severity !== "error" && !e.copied && !quiet && e.lastOfLine)
        this.to.report(f, f.detail, f.severity);
    if (round.broken) this.brokenLine = e.raw.line;
    const way = followed(s);
    if (way !== undefined) this.habits.add(way);
    if (!round.broken && !quiet) this.pickedUp(e, judged, round);
    if (!quiet) this.madeLater(e, judged);
    this.oval ||= oval;
    const { rounds } = this;
    if (base.named && base.into !== undefined) {
      // A frill on a frill passes the same rounds by again: each is marked once.
      for (let j = base.into + 1; j < rounds.length; j++) {
        if (j === this.dead.from) j = this.dead.to;
        if (j < rounds.length) rounds[j] = { ...(rounds[j] as CheckedRound), deadEnd: true };
      }
      this.dead = { from: base.into + 1, to: rounds.length };
    }
    this.tools = toolsOf(round.nodes, this.tools);
    const { strands, hookMm } = this.tools;
    const repeated: CheckedRound = {
      ...round,
      label: e.label,
      number: e.number,
      into: round.into === undefined ? undefined : base.into,
      strands,
      hookMm,
    };
    const closed =
      e.lastOfLine && e.raw.closing.length > 0 ? this.closing(e, repeated, s.settled.slot) : repeated;
    rounds.push(closed);
    addLoops(this.worked, closed);
    for (const b of closed.bySlot) this.slots.set(b.slot, addSlot(this.slots.get(b.slot), b));
    this.total = addTally(this.total, closed.made);
    this.increases += round.increases;
    this.decreases += round.decreases;
  }

  /** What is worked once behind the round is tallied with it, and changes nothing that is live. */
  private closing(e: Expanded, round: CheckedRound, slot: string): CheckedRound {
    const shut = shutByPairs(e.raw.closing);
    const o = work(shut ?? e.raw.closing, shut && round.count, slot, false);
    const slots = new Map<string, SlotTally>(round.bySlot.map((b) => [b.slot, b]));
    let { made } = round;
    for (const [name, tally] of o.bySlot) {
      slots.set(name, addSlot(slots.get(name), tally));
      made = addTally(made, tally.made);
    }
    return {
      ...round,
      closing: e.raw.closing,
      made,
      bySlot: [...slots].map(([name, t]) => ({ slot: name, made: t.made, two: t.two, three: t.three })),
    };
  }

  /** Stitches taken from other parts, held against what those parts have. */
  private pickedUp(e: Expanded, judged: Judged, round: CheckedRound): void {
    const written = writtenOf(judged.nodes, e.summed);
    for (const p of judged.candidate.pickups) {
      const edge = p.part.rounds[p.part.rounds.length - 1]?.count;
      if (edge === undefined || p.used === edge) continue;
      if (p.used > edge)
        this.to.report(
          p.node,
          { code: "too-many-used", used: p.used, available: edge, made: round.offers },
          "error",
        );
      else if (written === undefined)
        this.to.report(p.node, { code: "stitches-left", used: p.used, available: edge }, "warning");
    }
  }

  /** A part that this round takes in but that is only made further down. */
  private madeLater(e: Expanded, judged: Judged): void {
    if (this.after.length === 0 || e.copied) return;
    for (const n of operationsOf(judged.candidate.nodes)) {
      for (const said of [...(n.op.caught ?? []), ...(n.op.part ? [n.op.part] : [])]) {
        if (partNamed(said, [this.raw]) || partNamed(said, this.before)) continue;
        const later = partNamed(said, this.after);
        if (!later) continue;
        this.to.report(n, { code: "used-before-made", name: later.name, line: later.line }, "warning");
        return;
      }
    }
  }

  /** How many pieces of the part: a whole number from 1 to `MAX_MAKE`. */
  private made(): number {
    const { raw, to } = this;
    if (raw.make > MAX_MAKE) {
      const end = to.lines[raw.line - 1]?.to ?? raw.from;
      to.report({ from: raw.from, to: end }, { code: "too-large", what: "make", limit: MAX_MAKE }, "error");
      return MAX_MAKE;
    }
    return raw.make >= 1 ? Math.round(raw.make) : 1;
  }

  private workedAs(): Worked {
    const { rounds, raw } = this;
    if (this.oval) return "oval";
    const first = rounds[0];
    if (!first) return "other";
    const chained = first.foundation > 0 && !first.nodes.some((n) => n.kind === "start");
    let turns = 0;
    let joins = 0;
    for (const r of rounds) {
      if (r.joined) joins++;
      if (r.nodes.some((n) => n.kind === "turn")) turns++;
    }
    const rowWords = raw.rounds.some((r) => r.label?.word === "row");
    if (rounds.length === 1 && first.count === 0 && (first.made.ch ?? 0) > 0) return "chain";
    // Worked back with more stitches than chains it curls, and is a cord all the same.
    if (rounds.length === 1 && chained && joins === 0) return rowWords ? "rows" : "chain";
    if (chained && joins === 0 && (turns > 0 || rowWords || rounds.length > 1)) return "rows";
    if (turns > 0 && turns >= rounds.length / 2 && joins < turns) return "rows";
    if (joins >= Math.max(1, (rounds.length - 1) / 2) || (joins === 0 && raw.joinedNote === true))
      return "joined";
    return "spiral";
  }

  /** Events by the rounds worked before them: a line such as "Rnds 7–10" stands for four. */
  private placedEvents(): readonly PartEvent[] {
    const { raw, rounds } = this;
    return raw.events.flatMap((e) => {
      const last = raw.rounds[e.afterRound - 1];
      const afterRound = last ? rounds.filter((r) => r.from <= last.from).length : 0;
      // "6 sc in mr, pull tight": that is the ring, not the end.
      return e.event.kind === "close" && afterRound <= 1 && rounds.length > 1 ? [] : [{ ...e, afterRound }];
    });
  }

  /**
   * Washer-backed eyes and filling want an opening a finger fits through. Source: craft §1, common practice.
   */
  private openings(): void {
    const { rounds, to } = this;
    let filled = false;
    for (const { event, line, afterRound } of this.placedEvents()) {
      if (event.kind !== "eyes" && event.kind !== "stuff") continue;
      const list = rounds.slice(0, afterRound);
      const last = list[list.length - 1];
      const at = to.lines[line - 1];
      if (!at || last?.count === undefined || last.decreases === 0) {
        filled ||= event.kind === "stuff" && !event.none;
        continue;
      }
      if (event.kind === "stuff") {
        const widest = Math.max(0, ...list.map((r) => r.count ?? 0));
        const said = to.source.slice(at.from, at.to).toLowerCase();
        // A last pinch goes through six stitches; a whole body does not.
        if (
          !filled &&
          !event.none &&
          last.count <= LAST_RING &&
          widest >= 30 &&
          !/finish|more|top up|last bit|close|before|until|as you go|continu/.test(said)
        )
          to.report(
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
      } else if (last.count < LEAST_EYE_OPENING)
        to.report(
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

/** The habit that a round bears out: it comes out, and its total says so. */
const followed = ({ judged: j }: Step): string | undefined =>
  j.fault === undefined && j.written !== undefined ? j.way : undefined;

/** Are enough rounds open? Those of one line stand and fall together, and count as one. */
function tooLong(tail: readonly Step[]): boolean {
  if (tail.length < WINDOW) return false;
  return tail.length >= MOST_OPEN || new Set(tail.map((s) => s.e.raw.line)).size >= WINDOW;
}

/**
 * What a round adds to a reading of the part: the words of a range are read once, however many rounds it has.
 */
function costAfter(h: Hypothesis, e: Expanded, judged: Judged): number {
  const again = h.tail[h.tail.length - 1]?.e.raw === e.raw;
  if (h.brokenLine === e.raw.line) return again ? Math.min(judged.echo, ECHO) : judged.echo;
  return again ? judged.cost - judged.echo : judged.cost;
}

/** Does the first line behind step `i` come out on what is live there? */
function behind(tail: readonly Step[], i: number): boolean {
  const line = tail[i]?.e.raw;
  const next = tail.slice(i + 1).find((s) => s.e.raw !== line);
  return next !== undefined && next.judged.fault === undefined;
}

/** The best few: equal states once, nothing that costs much more than the best. */
function pruned(list: readonly Hypothesis[]): Hypothesis[] {
  if (list.length <= 1) return [...list];
  const sorted = [...list].sort((a, b) => a.cost - b.cost);
  const most = (sorted[0]?.cost ?? 0) + MARGIN;
  const seen = new Set<string>();
  const out: Hypothesis[] = [];
  for (const h of sorted) {
    if (h.cost > most || out.length >= BEAM) break;
    const key = `${h.at.live}|${h.at.held}|${h.slot}|${h.at.previous?.loops}`;
    if (seen.has(key)) continue;
    seen.add(key);
    out.push(h);
  }
  return out;
}

/** Strands and hook after a round: both stay until the text changes them. */
function toolsOf(nodes: readonly Node[], before: Tools): Tools {
  let { strands, hookMm } = before;
  for (const n of nodes) {
    if (n.kind === "strands") strands = n.n;
    else if (n.kind === "hook") hookMm = n.mm;
  }
  return { strands, hookMm };
}
