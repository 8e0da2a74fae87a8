import type { CheckedPart, CheckedRound } from "./check";
import { sizeOf } from "./count";
import type { FreeLoops, Loops, Node, Operation, Times } from "./tree";

type Work = Extract<Node, { kind: "work" }>;

/** Every operation of a tree, brackets opened, in order. */
export function* operationsOf(nodes: readonly Node[]): Generator<Work> {
  for (const n of nodes) {
    if (n.kind === "work") yield n;
    else if (n.kind === "group") yield* operationsOf(n.items);
  }
}

/** Does any operation answer? Stops at the first. */
export function someWork(nodes: readonly Node[], asks: (n: Work) => boolean): boolean {
  for (let i = 0; i < nodes.length; i++) {
    const n = nodes[i] as Node;
    if (n.kind === "work" ? asks(n) : n.kind === "group" && someWork(n.items, asks)) return true;
  }
  return false;
}
const PARTED = (n: Work): boolean => n.op.part !== undefined && n.op.part !== "";
const ALONG = (n: Work): boolean => n.op.into === "bridge";
const LIFTED = (n: Work): boolean => n.op.lifted === true;
const CHAIN = (n: Work): boolean => n.op.stitch === "ch";
const BRIDGED = (n: Work): boolean =>
  n.op.into === "bridge" || (n.op.onChain === true && n.op.into === "part");
const NONE: readonly Pickup[] = [];
const NO_CHAINS = { bridge: 0, loose: 0 };

export function mapWork(nodes: readonly Node[], change: (n: Work) => Node): readonly Node[] {
  return nodes.map((n) =>
    n.kind === "work" ? change(n) : n.kind === "group" ? { ...n, items: mapWork(n.items, change) } : n,
  );
}

const plainNames = new Map<string, string>();
/** Names are asked for again and again: a small memory of them, emptied when it grows. */
function plain(name: string): string {
  const known = plainNames.get(name);
  if (known !== undefined) return known;
  if (plainNames.size > 500) plainNames.clear();
  const made = name
    .toLowerCase()
    .replace(/[\s\/&+]+/g, " ")
    .trim();
  plainNames.set(name, made);
  return made;
}

/**
 * A part by the words a round uses for it: "the first leg" may be one of "Legs (make 2)" or a part called
 * "Leg 1".
 */
export function partNamed<P extends { readonly name: string }>(
  words: string,
  parts: readonly P[],
): P | undefined {
  const wanted = plain(words);
  const exact = parts.find((p) => plain(p.name) === wanted);
  if (exact) return exact;
  const numbered = NUMBERED.get(wanted.split(" ")[0] ?? "");
  const noun = wanted
    .split(" ")
    .filter((w) => !NUMBERED.has(w) && !/^(other|same|left|right|one|next|last)$/.test(w))
    .join(" ");
  if (noun === "") return undefined;
  const byNumber =
    numbered === undefined
      ? undefined
      : parts.find(
          (p) =>
            new RegExp(`^${stem(noun)}s?\\b.*\\b${numbered}$`).test(plain(p.name)) ||
            new RegExp(`^${wanted.split(" ")[0] ?? ""} ${stem(noun)}`).test(plain(p.name)),
        );
  return (
    byNumber ??
    parts.find((p) => stem(plain(p.name)) === stem(noun)) ??
    parts.find((p) =>
      plain(p.name)
        .split(" ")
        .some((w) => stem(w) === stem(noun)),
    )
  );
}
const NUMBERED: ReadonlyMap<string, number> = new Map(
  Object.entries({
    "1st": 1,
    first: 1,
    "2nd": 2,
    second: 2,
    "3rd": 3,
    third: 3,
    "4th": 4,
    fourth: 4,
  }),
);
const IRREGULAR: ReadonlyMap<string, string> = new Map(
  Object.entries({
    feet: "foot",
    hooves: "hoof",
    halves: "half",
    leaves: "leaf",
  }),
);
const stem = (word: string): string =>
  (IRREGULAR.get(word) ?? word.replace(/(?<=[a-z]{2})s$/, "")).replace(/[.*+?^${}()|[\]\\]/g, "");

export interface Pickup {
  readonly words: string;
  readonly part: CheckedPart;
  readonly used: number;
  readonly node: Work;
}

/**
 * Settles what only the surroundings can tell: which of the named parts are really other parts, how many
 * stitches "around leg 1" are, which chains in this round are a bridge. Gives the tree to be counted and what
 * was taken from every other part.
 */
export function settle(
  nodes: readonly Node[],
  own: string,
  before: readonly CheckedPart[],
  first: boolean,
): { nodes: readonly Node[]; pickups: readonly Pickup[] } {
  // Asked of every round there is: no generators here.
  const parted = someWork(nodes, PARTED);
  const along = someWork(nodes, ALONG);
  const lifted = someWork(nodes, LIFTED);
  if (!parted && !along && !lifted) return { nodes, pickups: NONE };
  const pickups: Pickup[] = [];
  let out = nodes;
  if (lifted) {
    const worked = [...operationsOf(nodes)].some(
      (n) => !n.op.lifted && n.op.stitch !== "ch" && n.op.stitch !== "slst",
    );
    // Loops lifted first and worked after are one and the same stitches.
    if (worked)
      out = mapWork(out, (n) => (n.op.lifted ? { kind: "aside", from: n.from, to: n.to } : n)).filter(
        (n) => n.kind !== "aside",
      );
  }
  out = mapWork(out, (n) => {
    const words = n.op.part;
    if (words === undefined || words === "") return n;
    const part = partNamed(words, before);
    if (!part || (part.name.toLowerCase() === own.toLowerCase() && !first))
      return first && !part ? n : { ...n, op: ordinary(n.op) };
    const edge = part.rounds[part.rounds.length - 1]?.count;
    const times: Times =
      n.times.kind === "number" ? n.times : edge === undefined ? n.times : { kind: "number", n: edge };
    if (times.kind === "number") {
      const known = pickups.findIndex((p) => p.words === words);
      const used = times.n * Math.max(1, n.op.uses);
      const before = pickups[known];
      if (before) pickups[known] = { ...before, used: before.used + used };
      else pickups.push({ words, part, used, node: n });
    }
    return { ...n, times };
  });
  const picks = pickups.length > 0 || [...operationsOf(out)].some((n) => n.op.into === "part");
  if (along || picks) out = bridged(out, picks);
  return { nodes: out, pickups };
}

const ordinary = (op: Operation): Operation => ({ ...op, into: "next", part: undefined }) as Operation;

/**
 * Stitches along a chain: in a round that joins parts they are new ones; over a foundation they are its far
 * side.
 */
function bridged(nodes: readonly Node[], picks: boolean): readonly Node[] {
  const chains = [...operationsOf(nodes)].reduce(
    (sum, n) => sum + (n.op.stitch === "ch" && n.times.kind === "number" ? n.times.n : 0),
    0,
  );
  if (picks)
    return mapWork(nodes, (n) => {
      if (n.op.into !== "bridge" && !n.op.onChain) return n;
      const times: Times = n.times.kind === "number" ? n.times : { kind: "number", n: chains };
      return { ...n, times, op: { ...n.op, into: "bridge", uses: 0 } };
    });
  const at = nodes.findIndex((n) => n.kind === "work" && n.op.into === "bridge");
  const plain = nodes.map((n) =>
    n.kind === "work" && n.op.into === "bridge" ? { ...n, op: { ...n.op, into: "next" as const } } : n,
  );
  const far =
    nodes.some((n) => n.kind === "work" && n.op.into === "chain") &&
    !nodes.some((n) => n.kind === "other-side");
  const here = nodes[at];
  return far && here
    ? [...plain.slice(0, at), { kind: "other-side", from: here.from, to: here.from }, ...plain.slice(at)]
    : plain;
}

/** Chains that span a gap beside skipped stitches, and chains left hanging between stitches. */
export function chainsOf(
  nodes: readonly Node[],
  there: number | undefined,
): { bridge: number; loose: number } {
  let bridge = 0;
  let loose = 0;
  // Chains worked into by the same round are stitches already.
  if (!someWork(nodes, CHAIN) || someWork(nodes, BRIDGED)) return NO_CHAINS;
  const visit = (all: readonly Node[], times: number, inside: boolean) => {
    let fabric = inside;
    // "Skip 4 sc (thumb), ch 4": a remark between them parts nothing.
    const list = all.some((n) => n.kind === "aside") ? all.filter((n) => n.kind !== "aside") : all;
    list.forEach((n, i) => {
      if (n.kind === "group") {
        visit(n.items, times * repeatsOf(n, all, there), true);
        fabric = true;
      } else if (
        n.kind === "work" &&
        n.op.stitch === "ch" &&
        n.op.standsFor === undefined &&
        n.times.kind === "number"
      ) {
        const next = list[i + 1];
        const spur = next?.kind === "work" && next.op.into === "spur";
        // "Ch 2, 9 sc around the second leg": from one part to the next, also before the first stitch.
        const across = next?.kind === "work" && next.op.into === "part" && n.times.n > 1;
        if (list[i - 1]?.kind === "skip" || next?.kind === "skip") bridge += n.times.n * times;
        else if (across) loose += n.times.n * times;
        else if (fabric && next !== undefined && !spur && !/^(turn|join|total|event)$/.test(next.kind))
          loose += n.times.n * times;
      } else if (n.kind === "work") fabric = true;
    });
  };
  visit(nodes, 1, false);
  return { bridge, loose };
}

/** How often a group is worked; one that goes on around as often as the stitches that are there allow. */
function repeatsOf(group: Node & { kind: "group" }, all: readonly Node[], there: number | undefined): number {
  if (group.times.kind === "number") return group.times.n;
  const each = group.items.map(sizeOf);
  const rest = all.filter((n) => n !== group).map(sizeOf);
  const open = [...each, ...rest].some((s) => s.open);
  if (group.times.kind !== "around" || there === undefined || open) return 1;
  const taken = (sizes: readonly { readonly uses: number }[]) => sizes.reduce((sum, s) => sum + s.uses, 0);
  const n = (there - taken(rest)) / taken(each);
  return Number.isInteger(n) && n >= 1 ? n : 1;
}

/** The loops a round was worked in, over all its stitches. */
export function loopsOf(nodes: readonly Node[]): Loops | "mixed" {
  let loops: Loops | "mixed" | undefined;
  let slips: Loops | "mixed" | undefined;
  someWork(nodes, ({ op }) => {
    if (op.stitch === "ch" || op.into === "spur" || op.into === "same") return false;
    if (op.stitch === "slst") {
      slips = slips === undefined || slips === op.loops ? op.loops : "mixed";
      return false;
    }
    loops = loops === undefined || loops === op.loops ? op.loops : "mixed";
    return false;
  });
  return loops ?? slips ?? "both";
}

export function freeLoopsIn(nodes: readonly Node[]): (Node & { kind: "free-loops" }) | undefined {
  for (let i = 0; i < nodes.length; i++) {
    const n = nodes[i] as Node;
    if (n.kind === "free-loops") return n;
    if (n.kind === "group") {
      const inside = freeLoopsIn(n.items);
      if (inside) return inside;
    }
  }
  return undefined;
}

export interface LoopBase {
  readonly available: number | undefined;
  /** Index of the round whose stitches are worked, in its part. */
  readonly into: number;
  /** False when those loops were worked before. */
  readonly free: boolean;
}

const opposite: ReadonlyMap<string, Loops> = new Map(Object.entries<Loops>({ front: "back", back: "front" }));

/** For each round of a part, by its index, the loops of it that later rounds went into. */
export type LoopsWorked = ReadonlyMap<number, ReadonlySet<CheckedRound["loops"]>>;
export type LoopsBeingWorked = Map<number, Set<CheckedRound["loops"]>>;
export function addLoops(worked: LoopsBeingWorked, round: CheckedRound): void {
  if (round.into === undefined) return;
  const by = worked.get(round.into);
  if (by) by.add(round.loops);
  else worked.set(round.into, new Set([round.loops]));
}
function loopsWorked(rounds: readonly CheckedRound[]): LoopsWorked {
  const worked: LoopsBeingWorked = new Map();
  for (const r of rounds) addLoops(worked, r);
  return worked;
}

/**
 * The stitches meant by "front loops left by round 4". "Left by round 4" and "of round 3" name the same loops
 * when round 4 was worked in the other ones (craft §2.2): both are accepted. Undefined when no such round is
 * there.
 */
export function loopBase(
  of: FreeLoops,
  rounds: readonly CheckedRound[],
  worked: LoopsWorked = loopsWorked(rounds),
): LoopBase | undefined {
  if (of.round === undefined) {
    const single = rounds.findLastIndex((r) => r.loops === "front" || r.loops === "back");
    const r = rounds[single];
    return r ? { available: r.available, into: r.into ?? single - 1, free: true } : undefined;
  }
  const at = rounds.findIndex((r) => r.number === of.round);
  const round = rounds[at];
  if (!round) return undefined;
  const left: LoopBase | undefined =
    (round.loops === "front" || round.loops === "back") &&
    (of.which === undefined || of.which === opposite.get(round.loops))
      ? { available: round.available, into: round.into ?? at - 1, free: true }
      : undefined;
  if (of.how === "left-by" && left) return left;
  const by = worked.get(at);
  const taken = by !== undefined && (by.has("both") || (of.which !== undefined && by.has(of.which)));
  const here = { available: round.count, into: at };
  if (!taken || by.has("mixed")) return { ...here, free: true };
  return left ?? { ...here, free: false };
}
