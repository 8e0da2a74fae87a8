import { stitchInto, stitchTogether } from "../operations";
import type { AlsoCounted } from "../answers";
import { readings, work, type Outcome } from "../count";
import { GROWN } from "../count/row-ends";
import { MAIN_SLOT, type Base, type Candidate, type Expanded } from "../count/checked";
import { chainsAlone, isWork } from "../count/made";
import { repairs } from "../repair";
import { chainsOf, operationsOf } from "../surroundings";
import type { Node } from "../tree";
import { FAULT } from "./costs";
import { cutRepeat } from "./cut-repeat";
import { limbsJoined } from "./limbs";

/** What is wrong with a round, if anything; `undefined` where it comes out. */
export type Fault =
  "unread" | "used" | "written" | "both" | "misfit" | "left" | "open" | "one-side" | "disagree";

/** One way in which a round may have been meant, counted. */
export interface Judged {
  readonly candidate: Candidate;
  readonly nodes: readonly Node[];
  readonly outcome: Outcome;
  /** Stitches it is held against; undefined where there is nothing to hold it against. */
  readonly available: number | undefined;
  readonly live: number | undefined;
  /** The written total that belongs to it; undefined where none does. */
  readonly written: number | undefined;
  /** The total counts the chains over a gap along: what is live is the written number. */
  readonly spans: boolean;
  readonly fault: Fault | undefined;
  /** Live stitches afterwards. */
  readonly count: number | undefined;
  readonly cost: number;
  /** A habit of writing that it follows. */
  readonly way?: string;
  /** What it costs where its line was told to be wrong already. */
  readonly echo: number;
}

const holdsUnknown = (n: Node): boolean =>
  n.kind === "unknown" || (n.kind === "group" && n.items.some(holdsUnknown));
const withoutUnknown = (nodes: readonly Node[]): readonly Node[] =>
  nodes
    .filter((n) => n.kind !== "unknown")
    .map((n) => (n.kind === "group" ? { ...n, items: withoutUnknown(n.items) } : n));

export function totalsOf(nodes: readonly Node[]): (Node & { kind: "total" })[] {
  const found: (Node & { kind: "total" })[] = [];
  // A number in brackets with more work behind it tells how far one has come, not what the round makes.
  for (const n of nodes) {
    if (n.kind === "total") found.push(n);
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

/** "Leg 1 (12), the chains (2), leg 2 (12), the chains (2) (28)": what each stretch makes, and all of them. */
function addsUp(sums: readonly number[]): boolean {
  const whole = sums.at(-1);
  return sums.length > 2 && sums.slice(0, -1).reduce((a, b) => a + b, 0) === whole;
}

/** Chains that the first stitch of the next row stands on (Craft Yarn Council, turning chains, from memory). */
const MOST_LIFTED = 4;

/** The total that belongs to this round: in a range that grows, the one behind it belongs to its last. */
export function writtenOf(
  nodes: readonly Node[],
  summed: boolean,
  totals: readonly { readonly n: number }[] = totalsOf(nodes),
): number | undefined {
  if (!summed && totals.length > 0) {
    const o = work(nodes, undefined, MAIN_SLOT, false);
    const spread = nodes.some((n) => n.kind === "evenly" && n.toward === undefined);
    if (spread || o.increases + o.decreases > 0) return undefined;
  }
  return totals[totals.length - 1]?.n;
}

/** Stitches worked on chains that grow out of the round. */
function onSpurs(nodes: readonly Node[]): number {
  let n = 0;
  for (const { op, times } of operationsOf(nodes))
    if (op.into === "spur" && op.stitch !== "ch" && times.kind === "number") n += times.n;
  return n;
}

/** What a total may be too large by, where it counts what she said it does. */
function countedAlong(
  nodes: readonly Node[],
  outcome: Outcome,
  available: number | undefined,
  counts: ReadonlySet<AlsoCounted>,
): readonly number[] {
  const sizes: number[] = [0];
  const add = (n: number) => n > 0 && sizes.push(...sizes.map((s) => s + n));
  if (counts.has("slip stitches")) add(nodes.filter((n) => n.kind === "join").length);
  if (counts.has("chains"))
    add(
      nodes.reduce(
        (n, x) =>
          n + (x.kind === "work" && x.op.stitch === "ch" && x.times.kind === "number" ? x.times.n : 0),
        0,
      ),
    );
  if (counts.has("unworked stitches") && available !== undefined) add(available - outcome.used);
  return sizes.filter((n) => n > 0);
}

/** Stitches the outcome is held against. */
export function heldAgainst(
  o: Outcome,
  live: number | undefined,
  nodes: readonly Node[],
): number | undefined {
  if (o.free || o.bothSides) return undefined;
  // "1) Ch 5. 2) Sc in 2nd ch from hook …": the chain has a number of its own.
  if (live === 0 && o.foundation === 0 && [...operationsOf(nodes)].some(({ op }) => op.into === "chain"))
    return undefined;
  return o.foundation > 0 ? o.sideStitches : live;
}

/** One reading on so many stitches. */
function judgeOne(
  e: Expanded,
  candidate: Candidate,
  nodes: readonly Node[],
  live: number | undefined,
  slot: string,
  first: boolean,
  extra: number,
  counts: ReadonlySet<AlsoCounted>,
): Judged {
  const totals = totalsOf(nodes);
  let written = writtenOf(nodes, e.summed, totals);
  const outcome = work(nodes, live, slot, first, written, 0, e.lying);
  const available = heldAgainst(outcome, live, nodes);
  const { used, offers } = outcome;
  const cost = candidate.cost + extra;
  const base = { candidate, nodes, outcome, available, live, echo: cost };
  if (!nodes.some(isWork)) {
    // "Rnd 7: change to white": nothing worked, nothing changed. Another total there stands for work that
    // could not be read.
    const lost =
      nodes.some(holdsUnknown) || (written !== undefined && live !== undefined && written !== live);
    const rest = { ...base, written, spans: false, count: written ?? live };
    return lost
      ? { ...rest, fault: "unread", cost: cost + FAULT.slip + FAULT.second }
      : { ...rest, fault: undefined, cost: cost + (written === undefined ? 0 : FAULT.idle) };
  }
  const chains = chainsOf(nodes, available);
  const alone = chainsAlone(nodes);
  const spans =
    written !== undefined &&
    written !== offers &&
    // "Row 1: ch 16 (16)" counts what it lays; "ch 7, turn (6)" what the next row goes into.
    ([chains.bridge, chains.loose, chains.bridge + chains.loose, alone].some(
      (n) => n > 0 && written === offers + n,
    ) ||
      (live === undefined && offers === 0 && written < alone && alone - written <= MOST_LIFTED));
  // "dec x 6, leave the last 2 sts (8)": the total may count along what is left.
  const leftAlong =
    outcome.leaves &&
    written !== undefined &&
    available !== undefined &&
    written === offers + available - outcome.used;
  const said = written;
  // "(10 sl sts)" behind a branching chain: all that is worked, its twigs too.
  const twigs =
    written !== undefined &&
    written > offers &&
    outcome.foundation > 0 &&
    written === offers + onSpurs(nodes);
  // She said what her totals count besides: it is none of what the next round goes into.
  const along =
    counts.size > 0 && written !== undefined && written !== offers
      ? countedAlong(nodes, outcome, available, counts).includes(written - offers)
      : false;
  if (spans || leftAlong || twigs || along) written = undefined;
  const off = (n: number) => Math.min(FAULT.most, FAULT.stitch * Math.abs(n));
  const disagree =
    e.lastOfLine &&
    totals.length > 1 &&
    totals[0]?.n !== totals[totals.length - 1]?.n &&
    !addsUp(nodes.flatMap((n) => (n.kind === "total" ? [n.n] : [])));
  const usedWrong = available !== undefined && used !== available;
  const writtenWrong = written !== undefined && !outcome.open && offers !== written;
  const sideWrong =
    outcome.bothSides &&
    outcome.foundation > 0 &&
    outcome.firstSide !== undefined &&
    outcome.firstSide !== outcome.sideStitches;
  let fault: Fault | undefined;
  let price = 0;
  if (outcome.unknown) [fault, price] = ["unread", FAULT.unread];
  else if (disagree) [fault, price] = ["disagree", FAULT.slip + FAULT.second];
  else if (usedWrong) {
    const over = used > available;
    const left = !over && written === offers && !outcome.misfit && !looksLikeSlip(nodes, available, used);
    // Said in words, it is meant; only another number than is left is worth telling.
    if (along && !over && counts.has("unworked stitches")) price = 0;
    else if (outcome.leaves && !over && !writtenWrong)
      [fault, price] =
        outcome.leftSaid === undefined || outcome.leftSaid === available - used || leftAlong
          ? [undefined, 0]
          : ["left", FAULT.second];
    // The stitch at each fold of a flattened piece is left, though nobody says so.
    else if (!over && !writtenWrong && available - used <= FOLDS && inLayers(nodes)) price = FAULT.fold;
    // "Ch 10, sc 9 (9)": the chain that turns is passed by, though nobody says so.
    else if (left && outcome.foundation > 0 && available - used === 1) price = 0;
    else if (!over && !writtenWrong && available === outcome.foundation && available - used === 1) price = 0;
    // A short row that turns and says how many it has is worked so on purpose.
    else if (left) [fault, price] = outcome.turned ? [undefined, FAULT.left / 3] : ["left", FAULT.left];
    else if (outcome.misfit && !over) [fault, price] = ["misfit", FAULT.slip + off(outcome.misfit.over)];
    else [fault, price] = [writtenWrong ? "both" : "used", FAULT.slip + off(used - available)];
    if (writtenWrong) price += FAULT.second;
  } else if (sideWrong) [fault, price] = ["one-side", FAULT.slip];
  else if (writtenWrong) [fault, price] = ["written", FAULT.slip + off(offers - (written ?? 0))];
  else if (outcome.open && written === undefined) [fault, price] = ["open", FAULT.open];
  else if (said !== undefined && !outcome.open && e.summed) price -= FAULT.agrees;
  const count = spans || leftAlong || twigs ? said : outcome.open ? written : offers;
  return { ...base, written, spans, fault, count, cost: cost + price };
}

/** "Increase to 18", "18 sc evenly": how many of them there are is the difference to the stitches below. */
function towards(nodes: readonly Node[], live: number | undefined, source: string): readonly Node[] {
  if (live === undefined) return pastTheHook(nodes) ?? nodes;
  const changed = sumApart(nodes, live, source);
  if (changed) return changed;
  const sum = sumAlone(nodes, live);
  if (sum) return [sum, ...nodes];
  return nodes.map((node) => {
    if (node.kind !== "evenly") return node;
    if (node.toward !== undefined) return { ...node, n: Math.abs(node.toward - live) };
    const more = node.n - live;
    const plain = node.op.increases + node.op.decreases === 0 && node.op.into === "next";
    return plain && more > 0 && more <= live
      ? { ...node, op: stitchInto(node.op.stitch, 2, "next", node.op.loops), n: more }
      : node;
  });
}

/** Chains beside the hook that no stitch goes into: one for sc, two or three for taller ones. */
const MOST_BESIDE_HOOK = 3;
/** "Ch 4, sc in each ch (3)": the chain beside the hook is passed by without a word, as the sum tells. */
function pastTheHook(nodes: readonly Node[]): readonly Node[] | undefined {
  const [chain, all, more] = nodes.filter(isWork);
  const total = nodes.find((n) => n.kind === "total");
  if (chain?.kind !== "work" || chain.op.stitch !== "ch" || chain.times.kind !== "number") return undefined;
  if (all?.kind !== "work" || all.times.kind !== "around" || all.op.into !== "next" || more) return undefined;
  if (all.op.uses !== 1 || all.op.offers !== 1 || nodes.some((n) => /^(?:join|skip|start)$/.test(n.kind)))
    return undefined;
  const passed = chain.times.n - (total?.n ?? chain.times.n);
  if (passed < 1 || passed > MOST_BESIDE_HOOK) return undefined;
  const op = { ...all.op, name: `${all.op.stitch} in ch ${passed + 1}`, into: "chain" as const };
  return nodes.flatMap((n): Node[] =>
    n === all ? [{ ...all, op, times: { kind: "number", n: 1 } }, all] : [n],
  );
}

/** "+6 = 24", "6 (24)" over 18: a number with no stitch behind it, by which the sum differs from what is there. */
function sumApart(nodes: readonly Node[], live: number, source: string): readonly Node[] | undefined {
  const worked = nodes.filter(isWork);
  const [only] = worked;
  const total = nodes.find((n) => n.kind === "total");
  if (worked.length !== 1 || only?.kind !== "work" || only.times.kind !== "number" || total?.kind !== "total")
    return undefined;
  const { n } = only.times;
  const unnamed = /^\d+$/.test(source.slice(only.from, only.to));
  const most = source[only.from - 1] === "+" ? live : live - 1;
  if (!unnamed || n < 2 || n > most || Math.abs(total.n - live) !== n || total.n === n) return undefined;
  const op = total.n > live ? stitchInto("sc", 2, "next") : stitchTogether("sc", 2);
  const { from, to } = only;
  const evenly: Node = { kind: "evenly", op, n, rest: stitchInto("sc", 1, "next"), from, to };
  return nodes.map((x) => (x === only ? evenly : x));
}

/**
 * "6 mr. 12. 18. 24.": a round of which only its sum is said grows or shrinks by every first, second, third …
 * stitch. A sum that no such rule reaches says nothing.
 */
function sumAlone(nodes: readonly Node[], live: number): Node | undefined {
  const [total, ...rest] = nodes;
  if (total?.kind !== "total" || total.each === true || !rest.every(isBeside)) return undefined;
  const n = Math.abs(total.n - live);
  // "Rnd 5: (24)" over 24: as many as there are, so nothing else.
  if (n === 0 && live > 0) {
    const { from, to } = total;
    return { kind: "work", op: stitchInto("sc", 1, "next"), times: { kind: "number", n: live }, from, to };
  }
  if (n < LEAST_EVENLY || Math.min(total.n, live) % n !== 0) return undefined;
  const op = total.n > live ? stitchInto("sc", 2, "next") : stitchTogether("sc", 2);
  const { from, to } = total;
  return { kind: "evenly", op, n, toward: total.n, rest: stitchInto("sc", 1, "next"), from, to };
}
/** Done or said beside the stitches. */
const isBeside = (n: Node): boolean => /^(event|aside|colour|join)$/.test(n.kind);
const SUM_ALONE = "sum alone";
/** One or two stitches more are a slip sooner than a rule. */
const LEAST_EVENLY = 3;

/** A repeat that would fit exactly with another number was most likely meant to. */
function looksLikeSlip(nodes: readonly Node[], available: number, used: number): boolean {
  const groups = nodes.filter((n) => n.kind === "group" && n.times.kind === "number" && n.times.n > 1);
  const only = groups.length === 1 ? groups[0] : undefined;
  if (
    only?.kind !== "group" ||
    only.times.kind !== "number" ||
    nodes.some((n) => n.kind === "work" && n.op.uses > 0)
  )
    return false;
  const unit = used / only.times.n;
  return available % unit === 0 && available - used >= unit;
}

/** Two folds, with a stitch at each. */
const FOLDS = 2;
/** Is all that is worked worked through both layers of the same piece? */
const inLayers = (nodes: readonly Node[]): boolean => {
  const worked = [...operationsOf(nodes)].filter(({ op }) => op.stitch !== "ch");
  return worked.length > 0 && worked.every(({ op }) => op.layers === 2 && op.caught === undefined);
};

/** Does a word that nobody knows matter? Not when the round comes out exactly as it should without it. */
function excused(
  e: Expanded,
  c: Candidate,
  live: number | undefined,
  slot: string,
  first: boolean,
  counts: ReadonlySet<AlsoCounted>,
): Judged | undefined {
  if (!c.nodes.some(holdsUnknown)) return undefined;
  if (!e.copied && c.found.some((f) => f.severity === "error" && f.doubt === undefined)) return undefined;
  const sure = c.found.every((f) => f.doubt !== "number");
  const nodes = withoutUnknown(c.nodes);
  let k = 0;
  for (const { nodes: reading } of readings(nodes)) {
    const j = judgeOne(e, c, reading, live, slot, first, FAULT.other * k++, counts);
    if (j.fault !== undefined || j.outcome.open) continue;
    const uses = j.available !== undefined && j.outcome.used > 0;
    if (j.written === undefined ? uses && sure : j.outcome.offers === j.written) return j;
  }
  return undefined;
}

/**
 * All the ways in which a round may be meant that are worth following, the likeliest first. A slip is among
 * them only where no sound reading is cheap; it then stands for each number of stitches that may have been
 * meant to be live behind it.
 */
export function judge(
  e: Expanded,
  base: Base,
  slot: string,
  first: boolean,
  source: string,
  counts: ReadonlySet<AlsoCounted>,
  habits: ReadonlySet<string>,
): readonly Judged[] {
  const sound: Judged[] = [];
  let slipped: Judged | undefined;
  let rival: Judged | undefined;
  let least = Infinity;
  const see = (j: Judged) => {
    if (j.fault === undefined || j.fault === "left") {
      sound.push(j);
      least = Math.min(least, j.cost);
    } else if (!slipped || j.cost < slipped.cost) {
      if (slipped && madeOf(slipped) !== madeOf(j)) rival = slipped;
      slipped = j;
    } else if (madeOf(j) !== madeOf(slipped) && (!rival || j.cost < rival.cost)) rival = j;
  };
  for (let i = 0; i < e.candidates.length; i++) {
    // A total that comes out may still make up for so much.
    if ((e.candidates.trees[i]?.cost ?? 0) - FAULT.agrees >= Math.min(least, slipped?.cost ?? Infinity))
      break;
    const c = e.candidates.at(i);
    const broken = !e.copied && c.found.some((f) => f.severity === "error" && f.doubt === undefined);
    for (const [b, live] of [base.live, ...base.options].entries()) {
      if (b > 0 && sound.some((s) => s.fault === undefined)) break;
      const free = excused(e, c, live, slot, first, counts);
      if (free) {
        see({ ...free, cost: free.cost + FAULT.base * b });
        continue;
      }
      let k = 0;
      const meant = towards(c.nodes, live, source);
      // Of one round it is a guess; who writes so writes nearly all rounds so.
      const guessed = meant.length > c.nodes.length && meant[0]?.kind === "evenly";
      const guess = !guessed ? 0 : habits.has(SUM_ALONE) ? FAULT.habit : FAULT.sumAlone;
      for (const { nodes, way: told } of readings(meant)) {
        if (told === GROWN && (first || e.lying)) continue;
        const way = guessed ? SUM_ALONE : told;
        // Who wrote so before writes so again.
        const other = told !== undefined && habits.has(told) ? FAULT.habit : FAULT.other * k;
        k++;
        const one = judgeOne(e, c, nodes, live, slot, first, other + guess + FAULT.base * b, counts);
        const j: Judged = way === undefined ? one : { ...one, way };
        see(
          broken
            ? { ...j, fault: "unread", cost: j.cost + (j.fault === undefined ? FAULT.slip : FAULT.unread) }
            : j,
        );
        // Without a sum only the rounds behind can tell which was meant; what is worked again was read before.
        if (j.fault === undefined && !broken && (j.written !== undefined || e.copied)) break;
      }
    }
    // A repeat to the end that ends in its middle: only a sum bears that out.
    const { live } = base;
    if (!e.copied && sound.length === 0 && live !== undefined)
      for (const { nodes } of readings(c.nodes)) {
        const there = cutRepeat(nodes, live);
        const j = there && judgeOne(e, c, there, live, slot, first, FAULT.other * 2, counts);
        if (j && j.fault === undefined && j.written !== undefined) see(j);
      }
    const joined =
      !e.copied && sound.length === 0 && base.limbs && limbsJoined(e, c.nodes, base.limbs, source);
    if (joined) {
      const j = judgeOne(e, { ...c, found: [], pickups: [] }, joined, live, slot, first, FAULT.other, counts);
      if (j.fault === undefined) see(j);
    }
    // Rows of a panel may bite stitches at its side.
    if (sound.length === 0 && base.held > 0 && base.live !== undefined) {
      const { used } = work(c.nodes, base.live, slot, first);
      if (used > base.live && used <= base.live + base.held) {
        const j = judgeOne(e, c, c.nodes, used, slot, first, 0, counts);
        if (j.fault === undefined && j.written === j.outcome.offers) see(j);
      }
    }
  }
  sound.sort((a, b) => a.cost - b.cost);
  const best = sound[0];
  // The plainest reading comes out: nobody asks whether something else was meant.
  const plain = best !== undefined && best.echo <= (e.candidates.trees[0]?.cost ?? 0) + 0.01;
  if (!slipped || plain) return sound;
  const slips = afterSlip(slipped, slot, first, source);
  // Which of two meanings slipped is told by the rounds behind: they go on from what one of them makes.
  if (rival && rival.fault !== "unread")
    slips.push({ ...rival, count: rival.outcome.offers, cost: rival.cost + FAULT.goOnMade });
  return [...sound, ...slips];
}

const madeOf = (j: Judged): number => j.outcome.offers;

/** A slip, once for each count that the next rounds may go on from. */
function afterSlip(j: Judged, slot: string, first: boolean, source: string): Judged[] {
  const { outcome: o, written, available, live } = j;
  const counts: [number | undefined, number][] = [];
  const add = (n: number | undefined, cost: number) => {
    if (n !== undefined && n >= 0 && !counts.some(([m]) => m === n)) counts.push([n, cost]);
  };
  if (j.fault === "open") counts.push([undefined, 0]);
  add(written, 0);
  if (available !== undefined && j.fault !== "unread" && j.fault !== "written")
    for (const r of repairs(j.nodes, available, written, slot, first, source).slice(0, 2))
      add(r.offers, FAULT.goOnMade);
  if (j.fault !== "open") add(o.offers, FAULT.goOnMade * 2);
  add(live, FAULT.goOnBefore);
  // Where no sum is written the rounds behind may tell what was meant.
  if (written === undefined && j.fault !== "open") counts.push([undefined, FAULT.goOnOpen]);
  if (counts.length === 0) counts.push([undefined, 0]);
  return counts.map(([count, cost]) => ({ ...j, count, cost: j.cost + cost, echo: j.echo + cost }));
}
