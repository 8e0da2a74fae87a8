import { mixedInto, operationOf, countAsLegs, stitchInto, stitchTogether } from "../operations";
import type { SaidWork } from "../phrases";
import { saidAlone } from "../phrases/phrase";
import { addTally, type StitchName, type Tally } from "../stitches";
import type { Target } from "../target";
import { ONCE, type Loops, type Node, type Operation, type Span, type Times } from "../tree";
import { MAX_REPEAT } from "../limits";

type Work = Extract<Node, { kind: "work" }>;

/** What stands around stitches and decides what they mean. */
export interface Around {
  /** In no bracket, and between no stars. */
  readonly outermost: boolean;
  readonly items: readonly Node[];
  /** Loops the round is worked in unless the stitches say otherwise. */
  readonly loops: Loops;
  readonly span: Span;
}

const at = (where: Span | undefined): { at?: Span } =>
  where ? { at: { from: where.from, to: where.to } } : {};
const number = (n: number, where?: Span): Times => ({
  kind: "number",
  n: Math.min(n, MAX_REPEAT),
  ...at(where),
});
const AROUND: Times = { kind: "around" };

export const isWorked = (n: Node): boolean =>
  (n.kind === "work" && n.op.stitch !== "ch") || n.kind === "group" || n.kind === "evenly";

/** Chains made so far, where each has its number. */
export function chainsIn(items: readonly Node[]): number {
  let n = 0;
  for (const i of items)
    if (i.kind === "work" && i.op.stitch === "ch" && i.times.kind === "number") n += i.times.n;
  return n;
}

/**
 * Stitches as said, put where they stand. The first node holds the plainest meaning, its `other` a second
 * one.
 */
export function placed(said: SaidWork, around: Around): readonly Node[] {
  const target = said.target;
  const out: Node[] = [];
  if (said.colour !== undefined) out.push({ kind: "colour", slot: said.colour, ...around.span });
  if (target.freeLoops) out.push({ kind: "free-loops", of: target.freeLoops, ...around.span });
  const { word } = said;
  const nodes =
    word.kind === "plain" || word.kind === "generic"
      ? plain(word.stitch, said, around)
      : special(operationOf(word, target.loops ?? around.loops), word.kind, said, around);
  return [...out, ...nodes.map((n) => often(n, said.often))];
}

/** "2 sc in next st twice": how often, said last. */
function often(node: Node, times: SaidWork["often"]): Node {
  if (!times || node.kind !== "work" || node.times.kind !== "number") return node;
  const more = (w: Work): Work =>
    w.times.kind === "number"
      ? { ...w, times: number(w.times.n * times.n, w.times.n === 1 ? times.at : undefined) }
      : w;
  // "2 sc x 6" over six: two into each of them, where that comes out.
  const legs = countAsLegs(node);
  const other =
    node.other?.kind === "work"
      ? more(node.other)
      : (plainAhead(node, times) ?? (legs && { ...node, op: legs, times }));
  return { ...more(node), ...(other ? { other } : {}) };
}

/** "2 inc x 6": two plain ones and then an increase, six times, where that comes out. */
function plainAhead(node: Work, times: NonNullable<SaidWork["often"]>): Node | undefined {
  const { op, from, to } = node;
  const shaped = op.increases + op.decreases > 0 && op.into === "next" && op.uses <= 2;
  if (!shaped || node.times.kind !== "number" || !node.times.at) return undefined;
  // "1 sc, 1 inc x 6": one of them, six times.
  if (node.times.n < 2 || node.times.n > MOST_AHEAD) return undefined;
  const before: Work = { ...node, op: stitchInto(op.stitch, 1, "next", op.loops) };
  return { kind: "group", items: [before, { ...node, times: ONCE }], times, from, to };
}
/** Plain stitches before an increase in a small round. */
const MOST_AHEAD = 9;

function plain(stitch: StitchName, said: SaidWork, around: Around): readonly Node[] {
  const { n, target: t, behind } = said;
  const { span, items } = around;
  const loops = t.loops ?? around.loops;
  const counted = (k: number, where: Span | undefined = said.at) => number(k, where);
  const one: Operation = {
    ...stitchInto(stitch, 1, "next", loops),
    ...(t.chainNoun ? { onChain: true as const } : {}),
  };
  const node = (op: Operation, times: Times, other?: Node): Work => ({
    kind: "work",
    op,
    times,
    ...span,
    ...(other ? { other } : {}),
  });
  if (stitch === "ch") {
    const times = counted(n ?? t.n ?? 1, n !== undefined ? said.at : (t.at ?? said.at));
    const { standsFor } = said;
    const long = times.kind === "number" ? times.n : 1;
    const made = standsFor
      ? node(chainFor(standsFor.stitch, Math.max(1, long - standsFor.chains)), ONCE)
      : node(stitchInto("ch", 1), times);
    if (standsFor && standsFor.chains > 0 && standsFor.chains < long)
      return [made, node(stitchInto("ch", 1), number(standsFor.chains, undefined))];
    // "Ch 2 over the next 2 sts": they are passed by.
    if (t.place === "next" && t.n !== undefined && n !== undefined)
      return [made, { kind: "skip", n: t.n, ...span }];
    return t.toJoin ? [made, joining([...items, made], span)] : [made];
  }
  // "sl st to the other side" fastens there: one.
  if (t.bridge && stitch === "slst" && n === undefined && t.n === undefined) return [node(one, ONCE)];
  if (t.bridge)
    return [
      node(
        { ...one, into: "bridge" },
        n !== undefined ? counted(n) : t.n !== undefined ? number(t.n, t.at) : (t.reach ?? AROUND),
      ),
    ];
  if (t.beside && n !== undefined) return [node(one, counted(n), node(besideRows(one), counted(n)))];
  // "Ch 25, sl st to the second cherry": it hangs there, and nothing of the cherry is worked.
  const hangs = stitch === "slst" && n === undefined && t.n === undefined && t.reach === undefined;
  if (t.part !== undefined && hangs && chainsIn(items) > 2 && !items.some(isWorked))
    return [{ kind: "join", ...span }];
  if (t.part !== undefined) {
    const everywhere = n === undefined && t.n === undefined && (t.reach !== undefined || t.place === "each");
    const places =
      n !== undefined && (t.place === undefined || behind)
        ? counted(n)
        : t.n !== undefined
          ? number(t.n, t.at)
          : everywhere
            ? AROUND
            : counted(1);
    const legs = n !== undefined && !behind && t.place !== undefined ? n : 1;
    return [node({ ...stitchInto(stitch, legs, "next", loops), into: "part", part: t.part }, places)];
  }
  if (t.layers) {
    const layered: Operation = { ...one, layers: 2, ...(t.layers.length > 0 ? { caught: t.layers } : {}) };
    const times =
      n !== undefined
        ? counted(n)
        : t.n !== undefined
          ? number(t.n, t.at)
          : (t.reach ?? (t.place === "each" || t.layers.length === 0 ? AROUND : ONCE));
    return [node(layered, times, node({ ...layered, uses: 2 }, times))];
  }
  if (stitch === "slst" && (t.toJoin || t.place === "first")) return [joining(items, span)];
  // "Ch 12, sl st into ring": the ring is what the chains become.
  const chained = around.outermost && items.every((i) => i.kind === "work") && chainsIn(items) > 2;
  if (stitch === "slst" && t.place === "ring" && n === undefined && chained && !items.some(isWorked))
    return [joining(items, span)];
  // "…, 3 dc, ch 2, sl st into the ring" ends what was worked in it.
  // … where none of it went back along a chain: "ch 4, sc in the 2nd, sl st in the next st of the ring".
  const works = items.filter((i) => i.kind === "work");
  const inRing =
    around.outermost &&
    works.some((w) => w.op.stitch !== "ch") &&
    !works.some((w) => w.op.into === "chain" || w.op.onChain);
  if (stitch === "slst" && t.place === "ring" && n === undefined && inRing) return [joining(items, span)];
  // "Ch 6, sl st back along": on a chain that grows out of nothing it is a foundation.
  const rooted = items.some((i) => i.kind === "start" || isWorked(i)) || chainsIn(items) === 0;
  if (t.spurBack && rooted) {
    const back = { ...stitchInto(stitch, 1, "spur", loops), uses: 1 };
    return [node(back, n !== undefined ? counted(n) : t.n !== undefined ? number(t.n, t.at) : AROUND)];
  }
  if (t.backAlong || t.spurBack) {
    const many = n ?? (t.spurBack ? t.n : undefined);
    return [
      node({ ...stitchInto(stitch, 1, "chain", loops), name: `${stitch} in ch 2`, uses: 1 }, ONCE),
      node({ ...one, onChain: true }, many !== undefined && many > 1 ? counted(many - 1) : AROUND),
    ];
  }
  if (t.space !== undefined) {
    const many = stitchInto(stitch, n ?? 1, "next", loops);
    const times = t.place === "each" ? (t.reach ?? AROUND) : ONCE;
    // The chains of the space may be counted among the stitches there, or the space as one of them.
    return [node({ ...many, uses: t.space || many.offers }, times, node({ ...many, uses: 1 }, times))];
  }
  if (t.together) return [node(stitchTogether(stitch, n ?? t.n ?? 2, loops), t.reach ?? ONCE)];
  if (t.place === "ring") return [node(stitchInto(stitch, 1, "ring", loops), counted(n ?? 1))];
  if (t.fromNth !== undefined) {
    // "2 sc in each ch from the second": that one, and all behind it.
    const legs = behind ? 1 : (n ?? 1);
    const first = nthChain(stitch, legs, { ...t, nth: t.fromNth, onward: false }, loops, span);
    return [first, node({ ...stitchInto(stitch, legs, "next", loops), onChain: true }, AROUND)];
  }
  // "Sc from 2nd ch" goes on to the end, unless it ends what went before: "…, hdc 2, sc from the 2nd ch".
  if (t.place === "nth-chain") return [nthChain(stitch, n, t, loops, span, !items.some(isWorked))];
  if (t.evenly && n !== undefined)
    return [{ kind: "evenly", op: one, n, rest: one, ...at(said.at), ...span }];
  // "Ch 3 (counts as dc), dc in first st": that is the stitch the chain stands on.
  const high = chainsIn(items) > 1 || items.some((i) => i.kind === "work" && i.op.standsFor !== undefined);
  const lifted = high && items.every((i) => i.kind !== "work" || isChain(i));
  if (t.place === "same" || (t.place === "first" && lifted && (t.n ?? 1) === 1)) {
    const same = node(stitchInto(stitch, n ?? 1, "same", loops), ONCE);
    const next = node(stitchInto(stitch, n ?? 1, "next", loops), ONCE);
    const alone = items.every(
      (i) => i.kind !== "work" || (i.op.stitch === "ch" && i.op.standsFor === undefined),
    );
    // At the beginning of a round the "same stitch" is the one it was joined in: its first stitch.
    if (alone) return [{ ...next, other: same }];
    if (t.place === "first") return [{ ...same, other: next }];
    // "1 sc, 2 sc in the same st" are two in one stitch, hardly ever in the one before.
    return [n !== undefined && n > 1 ? { ...next, other: same } : same];
  }
  if (t.place !== undefined) return inPlaces(stitch, one, said, loops, node);
  if (t.reach) {
    if (n === undefined || n <= 1) return [node(one, t.reach)];
    return [node(one, counted(n), node(stitchInto(stitch, n, "next", loops), t.reach))];
  }
  return [node(one, counted(n ?? 1))];
}

/** A stitch beside a panel: it takes none of those that wait, and a slip stitch gives none. */
const besideRows = (one: Operation): Operation => ({
  ...one,
  into: "side",
  uses: 0,
  offers: one.stitch === "slst" ? 0 : 1,
});

/** "in each", "in next 3", "in last": one stitch each, or several into one. */
function inPlaces(
  stitch: StitchName,
  single: Operation,
  said: SaidWork,
  loops: Loops,
  node: (op: Operation, times: Times, other?: Node) => Work,
): readonly Node[] {
  const { n, target: t, behind } = said;
  const reach: Times | undefined = t.place === "each" && t.n === undefined ? (t.reach ?? AROUND) : t.reach;
  const places = t.n ?? 1;
  const times: Times = reach ?? number(places, t.at ?? said.at);
  const legs = n === undefined || behind ? 1 : n;
  if (t.every !== undefined && legs > 1) {
    const inside: Node[] = [];
    if (t.every > 1) inside.push(node(single, { kind: "number", n: t.every - 1 }));
    const into = node(stitchInto(stitch, legs, "next", loops), ONCE);
    inside.push(into);
    return [{ kind: "group", items: inside, times: t.reach ?? AROUND, from: into.from, to: into.to }];
  }
  if (behind && n !== undefined) {
    const apart = node(single, number(n, said.at));
    // "sc 2 in each": two into each, or as many as are there.
    if (n > 1 && t.place === "each" && t.n === undefined && n <= MOST_IN_ONE) {
      const into = node(stitchInto(stitch, n, "next", loops), times);
      return [n <= MOST_BEHIND ? { ...into, other: apart } : { ...apart, other: into }];
    }
    // "sc 3 in the last ch": all of them into it; "sc 3 in next sts": one into each.
    if (n === 1 || t.plural || t.n !== undefined || reach !== undefined || t.place === "each") return [apart];
    return [{ ...node(stitchInto(stitch, n, "next", loops), ONCE), other: apart }];
  }
  if (legs === 1 && t.ofRound && places === 1 && reach === undefined) {
    // "sl st in the next st of rnd 4" at the end of a panel's row bites a stitch beside it.
    return [node(single, times, node(besideRows(single), times))];
  }
  if (legs === 1) return [node(single, times)];
  const onChain = single.onChain ? { onChain: single.onChain } : {};
  const increase = node({ ...stitchInto(stitch, legs, "next", loops), ...onChain }, times);
  const one = node(single, number(legs, said.at));
  if (t.n !== undefined && t.n === legs && t.place !== "each") return [{ ...one, other: increase }];
  // "16 sc in the chains": one in each of them.
  if (t.plural && t.n === undefined && t.place === "next") return [one];
  if (t.n === undefined && (t.place === "next" || t.place === "last" || t.place === "first"))
    return [increase];
  // "12 sc each": hardly a dozen in one stitch.
  return legs > (t.bareEach ? MOST_BARE : MOST_IN_ONE)
    ? [{ ...one, other: increase }]
    : [{ ...increase, other: one }];
}
const MOST_IN_ONE = 9;
/** "2 sc each" goes into each; "R2 through R4 6 sc each" tells of each round. */
const MOST_BARE = 3;
/** "sc 2 in each", "sc 6 in each": a number behind the stitch tells rather how many there are. */
const MOST_BEHIND = 4;

/**
 * "sc in 2nd ch from hook". The chains passed by count as a stitch where their height says so (Craft Yarn
 * Council, turning chains, from memory).
 */
function nthChain(
  stitch: StitchName,
  n: number | undefined,
  t: Target,
  loops: Loops,
  span: Span,
  begins = false,
): Work {
  const nth = t.nth ?? 2;
  const op: Operation = {
    ...stitchInto(stitch, n ?? 1, "chain", loops),
    name: `${stitch} in ch ${nth}`,
    uses: 1,
  };
  const height = { hdc: 3, dc: 4, tr: 5, dtr: 6 }[stitch as string];
  const node = (o: Operation): Work => ({ kind: "work", op: o, times: ONCE, ...span });
  // "6 sc from 2nd ch": one into each from there on, if that fits better than all into one.
  if (t.onward && n !== undefined && n > 1) {
    const one = node({ ...stitchInto(stitch, 1, "chain", loops), name: `${stitch} in ch ${nth}`, uses: 1 });
    const rest: Work = {
      kind: "work",
      op: { ...stitchInto(stitch, 1, "next", loops), onChain: true },
      times: number(n - 1),
      ...span,
    };
    return { ...node(op), other: { kind: "group", items: [one, rest], times: ONCE, ...span } };
  }
  // There, and on to the end, unless a sum says that it is one alone.
  if (begins && t.onward && n === undefined && nth > 1) {
    const rest: Work = {
      kind: "work",
      op: { ...stitchInto(stitch, 1, "next", loops), onChain: true },
      times: { kind: "around" },
      ...span,
    };
    return { ...node(op), other: { kind: "group", items: [node(op), rest], times: ONCE, ...span } };
  }
  if (height !== nth) return node(op);
  const tall: Operation = { ...op, offers: op.offers + 1 };
  return stitch === "hdc" ? { ...node(op), other: node(tall) } : { ...node(tall), other: node(op) };
}

/** A slip stitch that joins: the round, or a chain into a ring. */
const isChain = (n: Node): boolean => n.kind === "work" && n.op.stitch === "ch";

export function joining(items: readonly Node[], span: Span): Node {
  const chains = chainsIn(items);
  return chains > 0 && !items.some(isWorked)
    ? { kind: "start", start: "chain-ring", chains, ...span }
    : { kind: "join", ...span };
}

function special(
  op: Operation,
  kind: "inc" | "dec" | "bobble" | "foundation",
  said: SaidWork,
  around: Around,
): readonly Node[] {
  const { n, target: t } = said;
  const { span } = around;
  const single = stitchInto(op.stitch, 1, "next", op.loops);
  if (t.evenly) return [{ kind: "evenly", op, n: n ?? t.n ?? 1, rest: single, ...at(said.at), ...span }];
  if (t.every !== undefined && (kind === "inc" || kind === "dec")) {
    const repeat = (gap: number): Extract<Node, { kind: "group" }> => ({
      kind: "group",
      items: [
        ...(gap > 0 ? [{ kind: "work", op: single, times: number(gap), ...span } as const] : []),
        { kind: "work", op, times: ONCE, ...span },
      ],
      times: t.reach ?? AROUND,
      ...span,
    });
    const gap = t.every - 1;
    if (kind === "inc") return [repeat(gap)];
    // "Decrease every third stitch": the third goes into the second, or the fourth into the third.
    return [{ ...repeat(Math.max(0, gap - 1)), other: repeat(gap) }];
  }
  // "Inc in each ch from the second", "inc in 2nd ch from hook": several into that one, as those stitches would go.
  const onChain = t.fromNth !== undefined ? n === undefined : t.place === "nth-chain" && (n ?? 1) === 1;
  if (onChain && kind === "inc") return plain(op.stitch, { ...said, n: op.offers, behind: false }, around);
  if (t.place === "ring") op = { ...op, into: "ring", uses: 0, increases: 0 };
  let times: Times = number(n ?? 1, said.at);
  // "Sc 1, inc 1 around": the one is of each time.
  if (t.reach && (n === undefined || n === 1))
    times = n === 1 && t.reach.kind === "around" ? { kind: "around", once: true } : t.reach;
  else if (t.place === "each" && t.n === undefined && (n === undefined || n === 1)) times = AROUND;
  else if (t.n !== undefined && n === undefined)
    times = kind === "dec" ? number(Math.max(1, Math.round(t.n / op.uses))) : number(t.n, t.at);
  const node: Work = { kind: "work", op, times, ...span };
  // "Dec around until 6 sts remain": what is left is what it comes to.
  return times.kind === "until" && kind === "dec" ? [{ ...node, other: { ...node, times: AROUND } }] : [node];
}

/** A chain of `n` that stands for one stitch of the round. */
function chainFor(stitch: StitchName, n: number): Operation {
  return {
    ...stitchInto("ch", 1),
    name: `ch ${n} as ${stitch}`,
    makes: { ch: n },
    uses: 1,
    offers: 1,
    standsFor: stitch,
  };
}

/** The same stitch in another place: "sc in 2nd ch from hook and in each ch across". */
export function again(previous: Work, target: Target, around: Around): readonly Node[] | undefined {
  // "Sc in 2nd ch from hook and in next ch": one more, behind a stitch that was told by its place.
  const one = target.place === "next" && target.n === undefined && target.reach === undefined;
  if (one && previous.op.into !== "chain") return undefined;
  const chain = previous.op.stitch === "ch";
  const legs = chain ? 1 : Math.max(1, ...Object.values(previous.op.makes));
  const said = saidAlone({ stitch: chain ? "sc" : previous.op.stitch, kind: "plain", legs: 1 }, target);
  return placed(legs > 1 && previous.op.uses === 1 ? { ...said, n: legs } : said, around);
}

/** A bracket all of which goes into one stitch. */
export function mixed(
  inside: readonly Node[],
  t: Target,
  loops: Loops,
): { op: Operation; times: Times } | undefined {
  if (t.place === undefined) return undefined;
  let makes: Tally = {};
  let offers = 0;
  for (const n of inside) {
    if (n.kind === "colour" || n.kind === "aside") continue;
    if (n.kind !== "work" || n.times.kind !== "number") return undefined;
    makes = addTally(makes, n.op.makes, n.times.n);
    offers += n.op.offers * n.times.n;
  }
  const into = t.place === "same" ? "same" : t.place === "ring" ? "ring" : "next";
  const times: Times =
    t.place === "each" && t.n === undefined
      ? (t.reach ?? AROUND)
      : t.n !== undefined
        ? number(t.n, t.at)
        : (t.reach ?? ONCE);
  const op = mixedInto(makes, offers, into, t.loops ?? loops);
  // "(dc, ch 2, dc) in 6th ch from hook".
  return t.place === "nth-chain"
    ? { op: { ...op, into: "chain", name: `${op.name} in ch ${t.nth ?? 2}`, uses: 1 }, times: ONCE }
    : { op, times };
}
