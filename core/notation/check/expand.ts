import { Candidates, type CheckedPart, type Expanded } from "../count/checked";
import type { RawPart, RawRound } from "../document";
import { MAX_ROUNDS } from "../limits";
import { goesAround, type Tree } from "../round/read";
import { operationsOf, partNamed, settle } from "../surroundings";
import { asSum, onlySums } from "./sums";
import { numberSaid } from "../tokens";
import type { Node, Operation, Span } from "../tree";
import type { Reporter } from "./reporter";

/**
 * Numbers from `a` to `b`, both among them, `MAX_ROUNDS` at most; none where `b` lies below `a`. Counted by
 * index: from 2^53 on `n++` stands still, and a loop that waits for `b` never ends.
 */
export function range(a: number, b: number): number[] {
  return Array.from({ length: Math.max(0, Math.min(MAX_ROUNDS, b - a + 1)) }, (_, i) => a + i);
}

/** Rounds that may still be spread out over the whole text. */
export interface Budget {
  rounds: number;
  stopped: boolean;
}
export interface Spread {
  readonly round: Expanded;
  /** The numbers jump here: what is live is not known. */
  readonly gap: boolean;
}
type Line = Pick<Expanded, "raw" | "lastOfLine" | "copied"> & {
  readonly trees: readonly Tree[];
  /** Each round of the line has a total of its own. */
  readonly summed: boolean;
};

/**
 * Written rounds of a part as the rounds they stand for: ranges spread out, references replaced by what they
 * mean.
 */
export function spreadOut(
  raw: RawPart,
  before: readonly CheckedPart[],
  to: Reporter,
  budget: Budget,
): readonly Spread[] {
  return new Expander(raw, before, to, budget).spread();
}

class Expander {
  private readonly out: Spread[] = [];
  private readonly seen = new Map<number, number>();
  private expected: number | undefined;
  private counter = 0;
  /** The line that stands for every second round from its own on. */
  private alternate: RawRound | undefined;
  private readonly settled = new Map<readonly Tree[], Candidates>();
  constructor(
    private readonly raw: RawPart,
    private readonly before: readonly CheckedPart[],
    private readonly to: Reporter,
    private readonly budget: Budget,
  ) {}

  /** Tells a number that is there twice or leaves some out; says whether the numbers jump. */
  private numbered(number: number, line: number, at: Span): boolean {
    while (this.expected !== undefined && this.expected < number && this.raw.steps.includes(this.expected))
      this.expected++;
    // "Start: 6 sc in a ring" and then round 2: the start was the first.
    if (this.expected === 1 && number === 2 && this.seen.has(0)) this.expected = 2;
    const earlier = this.seen.get(number);
    if (earlier !== undefined) this.to.report(at, { code: "round-twice", number, line: earlier }, "error");
    else if (this.expected !== undefined && number > this.expected)
      this.to.report(at, { code: "round-missing", expected: this.expected, found: number }, "error");
    const gap = this.expected !== undefined && number !== this.expected;
    this.seen.set(number, line);
    this.expected = number + 1;
    return gap;
  }

  /**
   * "Join: sc around both" and "Rnd 5" below it, behind a part that ends with round 3: the first round has no
   * number, and the numbers go on over it. The number of the round before this part; 0 where it begins anew.
   */
  private goneBefore([first, second]: readonly RawRound[]): number {
    const end = this.before.at(-1)?.rounds.at(-1)?.number;
    const then = second?.label?.first;
    const unnamed = first !== undefined && first.label === undefined && !first.reference;
    return unnamed && then !== undefined && then > 2 && end === then - 2 ? end : 0;
  }

  /** Rounds without a line of their own that an earlier line stands for: "and all even rounds". */
  private fillUp(next: RawRound, at: Span, word: string): void {
    const { alternate } = this;
    const until = next.label?.first;
    if (!alternate || until === undefined) return;
    const { label, trees } = alternate;
    // They stand where the line is that they come before, so that they are printed there.
    const raw = { ...alternate, line: next.line };
    for (let n = this.counter + 1; n < until && (n - (label?.first ?? n)) % 2 === 0; n = this.counter + 1)
      this.push({ raw, trees, lastOfLine: false, summed: false, copied: true }, n, at, word);
  }

  private push(line: Line, n: number | undefined, at: Span, word: string): void {
    const first = this.out.length === 0;
    const told = this.toldOf.has(line.trees);
    // "Rnds 4-5: sc around, change to red in the last st": the change comes once, at the end of the last of
    // them.
    if (!line.lastOfLine) line = { ...line, trees: this.unchanged(line.trees) };
    // Every round of a range has the same words, and so have rounds that are worked again: they are settled
    // once.
    const known = first ? undefined : this.settled.get(line.trees);
    const candidates =
      known ??
      new Candidates(line.trees, (t) => ({ ...t, ...settle(t.nodes, this.raw.name, this.before, first) }));
    if (!first) this.settled.set(line.trees, candidates);
    if (this.budget.rounds >= MAX_ROUNDS) {
      if (!this.budget.stopped)
        this.to.report(at, { code: "too-large", what: "rounds", limit: MAX_ROUNDS }, "error");
      this.budget.stopped = true;
      return;
    }
    this.budget.rounds++;
    // A gap that was told in another part is copied along.
    if (told && n !== undefined) this.expected = n;
    const gap = n === undefined ? false : this.numbered(n, line.raw.line, at) && !first;
    if (n !== undefined) this.counter = n;
    else {
      this.counter += 1;
      this.numbered(this.counter, line.raw.line, at);
    }
    const { raw, lastOfLine, copied, summed } = line;
    const { counter } = this;
    this.out.push({
      round: {
        raw,
        candidates,
        lastOfLine,
        summed: summed || lastOfLine,
        copied,
        told,
        number: counter,
        label: `${word} ${counter}`,
      },
      gap,
    });
  }

  /** Copies of rounds whose slip was told where they stand. */
  private readonly toldOf = new Set<readonly Tree[]>();
  private readonly kept = new Map<readonly Tree[], readonly Tree[]>();
  private unchanged(trees: readonly Tree[]): readonly Tree[] {
    let kept = this.kept.get(trees);
    if (!kept) this.kept.set(trees, (kept = trees.map(withoutLastColour)));
    return kept;
  }

  spread(): readonly Spread[] {
    const { to } = this;
    const written = begunAtOne(this.raw);
    const raw = onlySums(written.rounds) ? { ...written, rounds: written.rounds.map(asSum) } : written;
    this.counter = this.goneBefore(raw.rounds);
    for (let index = 0; index < raw.rounds.length; index++) {
      const r = raw.rounds[index];
      if (!r || this.budget.stopped) break;
      const at: Span = r.label ? { from: r.label.from, to: r.label.to } : { from: r.from, to: r.to };
      const word = r.label?.word === "row" ? "Row" : "Rnd";
      const [found] = r.found;
      if (found && r.reference) to.report(found, found.detail, found.severity);
      this.fillUp(r, at, word);
      if (r.label?.alternate) this.alternate = r;
      const numbers = this.numbersOf(r, raw.rounds[index + 1], at);
      if (r.reference) {
        const copied = this.resolve(r, numbers.length);
        copied.forEach((trees, i) =>
          this.push(
            { raw: r, trees, lastOfLine: i === copied.length - 1, summed: false, copied: true },
            numberOf(r, i, copied.length),
            at,
            word,
          ),
        );
        continue;
      }
      const sums = eachSummed(r.trees, numbers.length) ?? ringThenRounds(r.trees, numbers.length);
      numbers.forEach((n, i) =>
        this.push(
          {
            raw: r,
            trees: sums?.rounds[i] ?? r.trees,
            lastOfLine: i === numbers.length - 1,
            summed: sums?.own === true,
            copied: false,
          },
          n,
          at,
          word,
        ),
      );
    }
    return this.out;
  }

  /** The numbers a line's label stands for; what is wrong with them is told. */
  private numbersOf(r: RawRound, next: RawRound | undefined, at: Span): readonly (number | undefined)[] {
    const { to } = this;
    const { label } = r;
    const first = label?.first;
    const last = label?.last;
    if (label?.beyond)
      to.report(label.beyond, { code: "too-large", what: "label", limit: MAX_ROUNDS }, "error");
    if (first !== undefined && last !== undefined && last < first)
      to.report(at, { code: "range-backwards", first, last }, "error");
    const meant = r.reference || this.out.length === 0 ? undefined : this.misnumbered(r, next, at);
    if (
      label?.written !== undefined &&
      first !== undefined &&
      last !== undefined &&
      label.written !== last - first + 1
    ) {
      const counted = last - first + 1;
      to.report(
        label.writtenAt ?? at,
        { code: "range-length", written: label.written, counted },
        "error",
        label.writtenAt
          ? { ...label.writtenAt, text: String(counted), label: `Write ${counted} rounds.` }
          : undefined,
      );
    }
    if (meant) return meant;
    const on = this.goesOn(r, next);
    if (on) return on;
    if (label?.list) return [...label.list];
    if (first !== undefined && last !== undefined && last >= first)
      return range(first, Math.min(last, first + MAX_ROUNDS));
    return Array.from({ length: label?.many ?? 1 }, () => undefined);
  }

  /**
   * "Rnd 3: sc around for 4 rounds", "repeat 3 more times", and the next label says 7: the rounds between are
   * told of by their number, whatever the words around it.
   */
  private goesOn(r: RawRound, next: RawRound | undefined): number[] | undefined {
    const { first, last, list } = r.label ?? {};
    const then = next?.label?.first;
    if (first === undefined || last !== first || list) return undefined;
    if (!next || then === undefined) return this.upTo(r, first);
    const left = then - first - 1;
    if (left < 1 || left > MAX_GAP) return undefined;
    const said = this.to.source.slice(r.label?.from ?? r.from, next.from).toLowerCase();
    if (Number(TIMES_LABELLED.exec(said)?.[1]) === left + 1) return range(first, then - 1);
    for (const m of said.matchAll(ROUNDS_TOLD)) {
      const [until, many] = [numberSaid(m[1] ?? ""), numberSaid(m[2] ?? m[3] ?? "")];
      if (many === left || many === left + 1 || until === then - 1) return range(first, then - 1);
    }
    return undefined;
  }

  /** "R2: sc around; repeat to R4", "… until you have 4 rounds": the last line of a part says where it ends. */
  private upTo(r: RawRound, first: number): number[] | undefined {
    const said = this.to.source.slice(r.label?.to ?? r.from, r.to).toLowerCase();
    const [, round, many] = UP_TO.exec(said) ?? [];
    // "Sc around (24). Repeat 3 more times": what goes all the way round is a round each time.
    const more = goesAround(r.nodes) ? (numberSaid(AGAIN_TOLD.exec(said)?.[1] ?? "") ?? 0) : 0;
    const last = more > 0 ? first + more : Number(round ?? many ?? 0);
    const shaped = r.nodes.some((n) => n.kind === "evenly") || [...operationsOf(r.nodes)].some(isShaping);
    return !shaped && last > first && last - first <= MAX_GAP ? range(first, last) : undefined;
  }

  /**
   * A label that is off while the next one goes on as if it were right: one slip of the pen, told once. Gives
   * the numbers that were meant.
   */
  private misnumbered(r: RawRound, next: RawRound | undefined, at: Span): number[] | undefined {
    let expected = this.counter + 1;
    while (this.raw.steps.includes(expected)) expected++;
    const { first, last, list } = r.label ?? {};
    if (first === undefined || last === undefined || list || next?.label?.first === undefined)
      return undefined;
    if (last < first)
      return next.label.first === first + 1 && expected === last ? range(last, first) : undefined;
    if (first === expected || next.label.first !== expected + last - first + 1) return undefined;
    const digits = this.to.source.slice(at.from, at.to).indexOf(String(first));
    const fix =
      first === last && digits >= 0
        ? {
            from: at.from + digits,
            to: at.from + digits + String(first).length,
            text: String(expected),
            label: `Call it round ${expected}.`,
          }
        : undefined;
    const earlier = this.out.find((x) => x.round.number === first);
    this.to.report(
      at,
      earlier
        ? { code: "round-twice", number: first, line: earlier.round.raw.line }
        : { code: "round-missing", expected, found: first },
      "error",
      fix,
    );
    return range(expected, expected + last - first);
  }

  /** The rounds a reference stands for, each with all its readings. */
  private resolve(r: RawRound, wanted: number): (readonly Tree[])[] {
    const ref = r.reference;
    if (!ref) return [];
    let pool: { number: number | undefined; trees: readonly Tree[]; broken?: number | undefined }[];
    if (ref.part !== undefined) {
      const name = ref.part.toLowerCase();
      const part =
        this.before.find((p) => p.name.toLowerCase() === name) ??
        this.before.find((p) => name.includes(p.name.toLowerCase()) || p.name.toLowerCase().includes(name)) ??
        partNamed(name, this.before) ??
        // "Same as the first one": what was made before it.
        (/\b(first|previous|other|last|1st)( one)?$/.test(name) ? this.before.at(-1) : undefined);
      if (!part) {
        this.to.report(ref.partAt ?? r, { code: "no-such-part", name: ref.part }, "error");
        return [r.trees];
      }
      pool = countedOn(
        part.rounds.map((x, i, all) => {
          // What stands behind a missing round went on from its own sum.
          const gap = (x.number ?? 0) > (all[i - 1]?.number ?? Infinity) + 1;
          return {
            number: x.number,
            trees: [sure(x.nodes)],
            broken: x.broken || gap ? x.count : undefined,
          };
        }),
      );
    } else
      pool = this.out.map((x) => ({ number: x.round.number, trees: readWhole(x.round.candidates.trees) }));
    const { first: from, last: until = from } = r.label ?? {};
    if (
      ref.part !== undefined &&
      ref.first === undefined &&
      ref.back === 0 &&
      from !== undefined &&
      until !== undefined
    ) {
      // "Rnds 1-2: as for big bell": its rounds of these numbers, no others.
      const same = pool.filter((x) => x.number !== undefined && x.number >= from && x.number <= until);
      // What stands in front of its round 1 begins this one as well.
      const start = from === 1 && this.out.length === 0 ? pool.filter((x) => x.number === 0) : [];
      if (same.length === until - from + 1) pool = [...start, ...same];
      else if (same.length >= 2 && pool.some((x) => (x.number ?? 0) > until)) {
        // One of them is missing there, which was told: those that are there.
        pool = same;
        wanted = same.length;
      }
    }
    const upTo = ref.part === undefined ? undefined : ref.until;
    // "As for the cup through round 4": none behind that one.
    const within = pool.filter((x) => x.number !== undefined && x.number <= (upTo ?? 0));
    if (upTo !== undefined && within.at(-1)?.number === upTo && within.length !== upTo) pool = within;
    if (ref.back > 0) pool = pool.slice(-ref.back);
    else if (ref.first !== undefined) {
      const { first, last = first } = ref;
      const found = pool.filter((x) => x.number !== undefined && x.number >= first && x.number <= last);
      if (found.length === 0 || found.length < last - first + 1) {
        const missing =
          range(first, Math.min(last, first + 1000)).find((n) => !found.some((x) => x.number === n)) ?? first;
        this.to.report(
          { from: r.from, to: r.to },
          { code: "no-such-round", number: missing, part: ref.part },
          "error",
        );
        if (found.length === 0) return [r.trees];
      }
      pool = found;
    }
    if (pool.length === 0) return [r.trees];
    const done = this.out[this.out.length - 1]?.round.number ?? this.out.length;
    const count =
      ref.until !== undefined
        ? Math.max(1, Math.min(MAX_ROUNDS, pool === within ? pool.length : ref.until - done))
        : ref.times !== undefined
          ? ref.times * pool.length
          : r.label?.first !== undefined && ref.part === undefined
            ? wanted
            : Math.max(pool.length, r.label?.first !== undefined ? wanted : 0);
    const own = r.nodes.filter((n) => n.kind === "total" || n.kind === "event" || n.kind === "colour");
    // "The same as the front, in white": the colour is that of every round of it.
    const colour = ref.part !== undefined ? own.filter((n) => n.kind === "colour") : [];
    const plain = pool.map((x) => {
      const { from, to } = r;
      // A slip that was told there is not told again: it goes on from where that round did.
      const went: readonly Node[] = x.broken === undefined ? [] : [{ kind: "total", n: x.broken, from, to }];
      const copies = x.trees.map((t) => copyOf(t, [...colour, ...went]));
      if (x.broken !== undefined) this.toldOf.add(copies);
      return ref.back > 0 ? [...copies, ...plainly(r)] : copies;
    });
    const copies: (readonly Tree[])[] = [];
    for (let i = 0; i < count && copies.length < MAX_ROUNDS; i++) {
      const source = i % pool.length;
      const last = i === count - 1 && own.length > 0;
      const again = pool[source]?.trees.map((t) => copyOf(t, own)) ?? [];
      copies.push(last ? [...again, ...(ref.back > 0 ? plainly(r, own) : [])] : (plain[source] ?? []));
    }
    return copies;
  }
}

/** "Repeat to R4", "until you have 4 rounds". */
const UP_TO =
  /\b(?:(?:repeat|continue|same|work|keep going|and so on)(?: this| like this)?,? (?:to|until|till|through) (?:rounds?|rnds?|rows?|rds?|r)\.? ?(\d{1,3})|(?:until|till)(?: you have| there are)? (\d{1,3}) (?:rounds|rnds|rows|rds))\b/;
/** "Repeat 3 more times", "do this 3 times more", "work 3 more rounds". */
const AGAIN_TOLD =
  /\b(?:repeat|do|work)(?: (?:this|that|it|the))?(?: last| same)?(?: rounds?| rnds?| rows?)?(?: for)? (\d{1,3}|[a-z]+)(?: more| further| additional)? (?:times|rounds|rnds|rows)\b/;
const isShaping = (n: { readonly op: Operation }): boolean => n.op.increases + n.op.decreases > 0;

/** Rounds that a line may stand for without its label's saying so. */
const MAX_GAP = 60;
/**
 * The last of several rounds, or their number, or how many times: "until rnd 6", "→ 6", "up to and including round 6",
 * "repeat 3x", "4 rounds", "3 more times", "the 3 after it".
 */
const ROUNDS_TOLD =
  /(?:\b(?:until|till|through|thru|to|including)\b|\u2192|[-=]+>)(?: you have| you reach| the end of)? ?(?:rounds?|rnds?|rows?|rds?|r)?\.? ?(\d{1,3})\b|\b(?:repeat|repeated|do this|work this) (\d{1,3}) ?x\b|\b(\d{1,3}|[a-z]+)(?: more| further| additional)? (?:rounds?|rnds?|rows?|rds?|times|more|after|of (?:these|those|them))\b/g;
/** "Rnd 5 (x4): …", "R5 x 4 –": so many rounds, said at the label. */
const TIMES_LABELLED = /^[a-z]*\.? ?\d{1,3} ?\(? ?(?:x|\u00d7) ?(\d{1,3})\)? ?[:.)\u2013-]/;

/** The readings of each round of a range; `own`: each has a total of its own. */
interface Ranged {
  readonly rounds: readonly (readonly Tree[])[];
  readonly own: boolean;
}

/** "Rnds 1-5: 6 sc in mr, inc 6 each round (30)": the ring is the first of them, and the rest is each of the others. */
function ringThenRounds(trees: readonly Tree[], many: number): Ranged | undefined {
  const ringOf = (t: Tree) => t.nodes.findIndex((n) => n.kind === "work" && n.op.into === "ring");
  const worked = (n: Node): boolean => n.kind === "work" || n.kind === "group" || n.kind === "evenly";
  const split = trees.filter((t) => ringOf(t) >= 0 && t.nodes.slice(ringOf(t) + 1).some(worked));
  if (many < 2 || split.length === 0) return undefined;
  const first = split.map((t) => ({ ...t, nodes: t.nodes.slice(0, ringOf(t) + 1) }));
  // "Rnds 1-3: 6 sc in mr, inc x6, (sc, inc) x6 [18]": as many stretches as rounds are one round each.
  const apart = split.find((t) => t.nodes.slice(ringOf(t) + 1).filter(worked).length === many - 1);
  if (apart && many > 2) {
    const starts = apart.nodes.flatMap((n, i) => (i > ringOf(apart) && worked(n) ? [i] : []));
    const cuts = [0, ...starts, apart.nodes.length];
    const rounds = range(0, many - 1).map((i) => [
      { ...apart, nodes: apart.nodes.slice(cuts[i], cuts[i + 1]) },
    ]);
    return { own: false, rounds };
  }
  const others = split.map((t) => ({ ...t, nodes: t.nodes.slice(ringOf(t) + 1) }));
  return { own: false, rounds: range(0, many - 1).map((i) => (i === 0 ? first : others)) };
}

/** "Rnds 2-4: inc 6 each round (12, 18, 24)": the readings of each round, with the total that is its own. */
function eachSummed(trees: readonly Tree[], many: number): Ranged | undefined {
  const lists = (n: Node): boolean => n.kind === "total" && n.list?.length === many;
  if (many < 2 || !trees.some((t) => t.nodes.some(lists))) return undefined;
  const rounds = range(0, many - 1).map((i) =>
    trees.map((t) => ({
      ...t,
      nodes: t.nodes.map((n) => (n.kind === "total" && lists(n) ? { ...n, n: n.list?.[i] ?? n.n } : n)),
    })),
  );
  return { rounds, own: true };
}

/** The number of a copied round: the last of them is the last that is named, whichever of the others are missing. */
function numberOf({ label, reference }: RawRound, i: number, many: number): number | undefined {
  // With what stands in front of round 1, "Start: 6 sc in a ring", it is one more.
  const asked = label?.last !== undefined ? label.last - (label.first ?? 1) + 1 : reference?.until;
  if (reference?.part !== undefined && (label?.first ?? 1) === 1 && many - 1 === asked) return i;
  const last = reference?.part === undefined || i < many - 1 ? undefined : (label?.last ?? reference.until);
  return last ?? (label?.first === undefined ? undefined : label.first + i);
}

/** "Start: 6 sc in mr" right above round 2 is round 1. */
function begunAtOne(part: RawPart): RawPart {
  const [first, second] = part.rounds;
  if (first?.label?.first !== 0 || (first.label.last ?? 0) !== 0 || second?.label?.first !== 2) return part;
  const label = { ...first.label, first: 1, ...(first.label.last === 0 ? { last: 1 } : {}) };
  return { ...part, rounds: [{ ...first, label }, ...part.rounds.slice(1)] };
}

/** "Start: …, Rnd 2: …": a round without a label has the number that those beside it leave for it. */
function countedOn<T extends { readonly number: number | undefined }>(rounds: readonly T[]): T[] {
  const known = rounds.findIndex((r) => r.number !== undefined);
  const first = rounds[known]?.number ?? 1;
  let next = first - Math.max(known, 0);
  return rounds.map((r) => {
    const number = r.number ?? next;
    next = number + 1;
    return { ...r, number };
  });
}

/** "Same (12)" behind an increase to 12: nothing but plain stitches. A little less likely than the round again. */
const plainly = (r: RawRound, own: readonly Node[] = []): Tree[] =>
  (r.even ?? []).map((t) => ({ ...copyOf(t, own), cost: t.cost + EVEN_AGAIN }));
const EVEN_AGAIN = 0.3;

const sure = (nodes: readonly Node[]): Tree => ({ nodes, found: [], cost: 0 });

function withoutLastColour(t: Tree): Tree {
  const last = t.nodes.findLastIndex((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
  const behind = t.nodes.slice(last + 1);
  return last >= 0 && behind.some((n) => n.kind === "colour")
    ? { ...t, nodes: [...t.nodes.slice(0, last + 1), ...behind.filter((n) => n.kind !== "colour")] }
    : t;
}

/** Readings in which every word was read; what was left out of the others would be left out in silence. */
function readWhole(trees: readonly Tree[]): readonly Tree[] {
  const whole = trees.filter((t) => t.found.length === 0);
  return whole.length > 0 ? whole : trees;
}

/**
 * A round worked again: without its total and what was done beside it, and with what is said of the last one
 * here.
 */
function copyOf(t: Tree, own: readonly Node[]): Tree {
  const work = t.nodes.filter((n) => n.kind !== "total" && n.kind !== "event");
  return {
    ...sure([...own.filter((n) => n.kind === "colour"), ...work, ...own.filter((n) => n.kind !== "colour")]),
    cost: t.cost,
  };
}
