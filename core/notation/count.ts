import { bracketAsOne, lastAsOne, numbersAsLegs } from "./count/legs-unsaid";
import { isMade } from "./count/made";
import { ovalUnsaid } from "./count/oval-unsaid";
import { GROWN, grownAtEdge, ledIn } from "./count/row-ends";
import { runAsRepeat } from "./count/run-as-repeat";
import { spursUnsaid } from "./count/spurs-unsaid";
import { MAX_STITCHES } from "./limits";
import { stitchInto } from "./operations";
import { addTally, type Tally } from "./stitches";
import type { Node, Operation, Times } from "./tree";

/** What one colour slot is worked with. */
export interface SlotTally {
  readonly made: Tally;
  /**
   * Of `made`: stitches that draw two together, and three or more, by what they are. They take more yarn and
   * time.
   */
  readonly two: Tally;
  readonly three: Tally;
}
/** Most stitches draw nothing together: the same empty tally for all of them is told at a glance. */
const NONE_TOGETHER: Tally = {};
const NOTHING: SlotTally = { made: {}, two: NONE_TOGETHER, three: NONE_TOGETHER };
export function addSlot(a: SlotTally | undefined, b: SlotTally, times = 1): SlotTally {
  const x = a ?? NOTHING;
  return {
    made: addTally(x.made, b.made, times),
    two: b.two === NONE_TOGETHER ? x.two : addTally(x.two, b.two, times),
    three: b.three === NONE_TOGETHER ? x.three : addTally(x.three, b.three, times),
  };
}

/** What a round comes to when its tree is worked over `available` live stitches. */
export interface Outcome {
  readonly used: number;
  /** Live stitches afterwards. */
  readonly offers: number;
  readonly bySlot: ReadonlyMap<string, SlotTally>;
  readonly increases: number;
  readonly decreases: number;
  readonly joined: boolean;
  readonly turned: boolean;
  /** The round starts in a ring, a chain or nothing: there is nothing to hold `used` against. */
  readonly free: boolean;
  /** A repeat "around" that leaves stitches over: how many, and how many it takes at a time. */
  readonly misfit: { readonly unit: number; readonly over: number; readonly node: Node } | undefined;
  /** "around" with no known number of stitches to go around. */
  readonly open: boolean;
  readonly leaves: boolean;
  /** How many it says it leaves, where a number is said. */
  readonly leftSaid: number | undefined;
  readonly unknown: boolean;
  readonly slot: string;
  /** Chains worked before the first stitch of a foundation; 0 when there is none. */
  readonly foundation: number;
  readonly bothSides: boolean;
  /** Used on the first side of a foundation that is worked on both. */
  readonly firstSide: number | undefined;
  readonly sideStitches: number;
}

interface Running {
  used: number;
  offers: number;
  bySlot: Map<string, SlotTally>;
  increases: number;
  decreases: number;
  slot: string;
}

interface Size {
  uses: number;
  open: boolean;
}

/**
 * Sizes of brackets that were asked for: brackets in brackets are asked at each level, and a tree never
 * changes.
 */
const SIZES = new WeakMap<Node, Size>();

/** Stitches a node uses when everything in it has a number. */
export function sizeOf(node: Node): Size {
  switch (node.kind) {
    case "work":
      return node.times.kind === "number"
        ? { uses: node.op.uses * node.times.n, open: false }
        : { uses: 0, open: true };
    case "skip":
      return { uses: node.n, open: false };
    case "evenly":
      return { uses: 0, open: true };
    case "group": {
      if (node.times.kind !== "number") return { uses: 0, open: true };
      const known = SIZES.get(node);
      if (known) return known;
      let uses = 0;
      let open = false;
      for (const item of node.items) {
        const s = sizeOf(item);
        uses += s.uses;
        open ||= s.open;
      }
      const size = { uses: uses * node.times.n, open };
      SIZES.set(node, size);
      return size;
    }
    default:
      return { uses: 0, open: false };
  }
}

/**
 * Works a tree over `available` stitches (undefined: not known). Arithmetic only: nothing is expanded.
 * @param lying chains that the round before made and nothing was worked on
 */
export function work(
  nodes: readonly Node[],
  available: number | undefined,
  slot: string,
  first: boolean,
  target?: number,
  depth = 0,
  lying = 0,
): Outcome {
  const run: Running = { used: 0, offers: 0, bySlot: new Map(), increases: 0, decreases: 0, slot };
  let joined = false;
  let turned = false;
  let free = false;
  let leaves = false;
  let leftSaid: number | undefined;
  let unknown = false;
  let open = false;
  let misfit: Outcome["misfit"];
  let foundation = 0;
  let bothSides = false;
  let firstSide: number | undefined;
  let limit = available;
  let room = 0;
  let chains = lying;
  let started = false;

  const after = (i: number): number => {
    let uses = 0;
    for (let j = i + 1; j < nodes.length; j++) {
      const n = nodes[j];
      if (!n || n.kind === "other-side") break;
      const s = sizeOf(n);
      if (s.open) break;
      uses += s.uses;
    }
    return uses;
  };
  /** How often something of `unit` stitches goes into what is left. */
  const reach = (times: Times, unit: number, i: number, node: Node, offers = 0): number => {
    if (times.kind === "number") return times.n;
    const left = times.kind === "until" ? times.left : after(i);
    if (limit === undefined) {
      open = true;
      // "sc evenly around the edge (22)": only the total tells how many there are.
      const told = target === undefined || offers <= 0 ? 1 : (target - run.offers - left) / offers;
      return Number.isInteger(told) && told > 0 && told <= MAX_STITCHES ? told : 1;
    }
    const room = limit - run.used - left;
    if (unit <= 0) return 1;
    const n = Math.max(0, Math.floor(room / unit));
    const over = Math.max(0, room) - n * unit;
    if (over > 0 && !misfit) misfit = { unit, over, node };
    return n;
  };

  nodes.forEach((node, i) => {
    switch (node.kind) {
      case "work": {
        const { op } = node;
        if (op.stitch === "ch" && !started) chains += node.times.kind === "number" ? node.times.n : 1;
        if (op.into === "ring" || op.into === "part" || op.name.startsWith("foundation")) free = true;
        if (op.into === "chain" && chains > 0 && !started) {
          const nth = Number(/ch (\d+)/.exec(op.name)?.[1] ?? 2);
          room = chains - nth + 1;
          const more = nodes
            .slice(i + 1)
            .some(
              (n) =>
                (n.kind === "work" && n.op.stitch !== "ch" && n.op.stitch !== "slst") ||
                n.kind === "group" ||
                n.kind === "other-side",
            );
          if (room <= 1 && !more) {
            // Several stitches in the far chain are a ring by other means, not an increase.
            free = true;
            tallyWork(run, { ...node, op: { ...op, increases: 0 } }, 1);
            started = true;
            break;
          }
          foundation = chains;
          limit = Math.max(0, room);
        }
        if (op.stitch !== "ch") {
          if (!started && limit === undefined && chains > 1 && first && op.into === "next") {
            // "ch 11, turn. sc in each ch": every chain is there to be worked.
            foundation = chains;
            limit = chains;
          }
          started = true;
        }
        tallyWork(run, node, reach(node.times, op.uses, i, node, op.offers));
        break;
      }
      case "group": {
        const unit = node.items.reduce((sum, n) => sum + sizeOf(n).uses, 0);
        if (node.items.some((n) => n.kind === "work" && (n.op.into === "ring" || n.op.into === "part")))
          free = true;
        started ||= node.items.some((n) => n.kind === "work" && n.op.stitch !== "ch");
        if (node.times.kind === "number" && node.times.n === 1) {
          // Brackets worked once may hold an "around" of their own.
          const inner = work(
            node.items,
            limit === undefined ? undefined : limit - run.used - after(i),
            run.slot,
            false,
            undefined,
            depth,
          );
          addOutcome(run, inner, 1);
          misfit ??= inner.misfit;
          open ||= inner.open;
          unknown ||= inner.unknown;
          joined ||= inner.joined;
          break;
        }
        const times = reach(node.times, unit, i, node);
        if (times > 0) {
          const before = run.slot;
          const first = once(node.items, before, depth + 1);
          addOutcome(run, first, 1);
          // The second time may begin in another colour. Deep down it is taken as the first, or brackets in
          // brackets would double the work each.
          if (times > 1)
            addOutcome(
              run,
              first.slot === before || depth > 4 ? first : once(node.items, run.slot, depth + 1),
              times - 1,
            );
        }
        unknown ||= node.items.some((n) => n.kind === "unknown");
        break;
      }
      case "evenly": {
        const room =
          limit === undefined
            ? target === undefined
              ? undefined
              : target - node.n * (node.op.offers - node.op.uses)
            : limit - run.used - after(i);
        if (room === undefined) open = true;
        else {
          tallyWork(
            run,
            { ...node, kind: "work", op: node.rest, times: { kind: "number", n: 0 } },
            Math.max(0, room - node.n * node.op.uses),
          );
          tallyWork(run, { ...node, kind: "work", times: { kind: "number", n: node.n } }, node.n);
        }
        break;
      }
      case "skip":
        run.used += node.n;
        break;
      case "colour":
        run.slot = node.slot;
        break;
      case "start":
        if (node.start === "chain-ring") {
          const intoRing = nodes.slice(i + 1).some((n) => n.kind === "work" && n.op.into === "ring");
          const worked = nodes
            .slice(i + 1)
            .some(
              (n) => (n.kind === "work" && n.op.stitch !== "ch") || n.kind === "group" || n.kind === "evenly",
            );
          if (first && !worked) {
            // A ring of chains and nothing on it yet: the next round works the chains.
            free = true;
            run.offers += node.chains || chains;
          } else if (intoRing || first === false) free = true;
          else {
            limit = node.chains || chains;
            foundation = limit;
          }
        } else free = true;
        started = true;
        break;
      case "join":
        joined = true;
        run.bySlot.set(run.slot, addSlot(run.bySlot.get(run.slot), { ...NOTHING, made: { slst: 1 } }));
        break;
      case "turn":
        turned = true;
        break;
      case "leave":
        leaves = true;
        leftSaid = node.n ?? leftSaid;
        break;
      case "other-side":
        bothSides = true;
        firstSide = run.used;
        // The first and last chain are already worked from the front: what is left is decided by the maker's
        // numbers.
        limit = undefined;
        break;
      case "unknown":
        unknown = true;
        break;
      default:
        break;
    }
  });
  return {
    used: run.used,
    offers: run.offers,
    bySlot: run.bySlot,
    increases: run.increases,
    decreases: run.decreases,
    joined,
    turned,
    free: free || (first && foundation === 0 && available === undefined),
    misfit,
    open,
    leaves,
    leftSaid,
    unknown,
    slot: run.slot,
    foundation,
    bothSides,
    firstSide,
    sideStitches: limit ?? (room > 0 ? room : Math.max(0, foundation - 1)),
  };
}

function tallyWork(run: Running, node: Node & { kind: "work" }, times: number): void {
  const n = Math.min(times, MAX_STITCHES);
  if (n === 0) return;
  run.used += node.op.uses * n;
  run.offers += node.op.offers * n;
  run.increases += node.op.increases * n;
  run.decreases += node.op.decreases * n;
  const together = node.op.decreases > 0;
  run.bySlot.set(
    run.slot,
    addSlot(
      run.bySlot.get(run.slot),
      {
        made: node.op.makes,
        two: together && node.op.uses === 2 ? node.op.makes : NONE_TOGETHER,
        three: together && node.op.uses > 2 ? node.op.makes : NONE_TOGETHER,
      },
      n,
    ),
  );
}

function once(items: readonly Node[], slot: string, depth: number): Outcome {
  return work(items, undefined, slot, false, undefined, depth);
}

function addOutcome(run: Running, o: Outcome, times: number): void {
  run.used += o.used * times;
  run.offers += o.offers * times;
  run.increases += o.increases * times;
  run.decreases += o.decreases * times;
  for (const [slot, tally] of o.bySlot) run.bySlot.set(slot, addSlot(run.bySlot.get(slot), tally, times));
  run.slot = o.slot;
}

/** One meaning of the words of a round. `way`: a habit that it follows; who writes so once does so again. */
export interface CountReading {
  readonly nodes: readonly Node[];
  readonly way?: string;
}

/**
 * The ways to read the same words, the plainest first. Bounded: at most 18, and as many with a sum in place of
 * a number at the end; made one by one, since the first
 * mostly fits.
 */
export function* readings(written: readonly Node[]): Generator<CountReading> {
  const summed = sumBehind(written);
  // "Inc in all, 12": there is nothing left to put twelve more into.
  if (summed?.surely) {
    yield* meanings(summed.nodes);
    return;
  }
  yield* meanings(written);
  if (summed) yield* meanings(summed.nodes);
}

/** "Inc in all, 12", "(1, inc) x 6, 18": a number alone at the end that is what the round comes to. */
function sumBehind(nodes: readonly Node[]): { nodes: readonly Node[]; surely: boolean } | undefined {
  const made = nodes.filter(isMade);
  const [before, last] = [made.at(-2), made.at(-1)];
  if (!before || last?.kind !== "work" || last !== nodes.findLast((n) => n.kind !== "event"))
    return undefined;
  const { times } = last;
  const bare = times.kind === "number" && times.at?.from === last.from && times.at.to === last.to;
  if (!bare || last.op.into !== "next" || nodes.some((n) => n.kind === "total")) return undefined;
  const repeated = before.kind === "work" || before.kind === "group" ? before.times : undefined;
  if (!repeated || !(repeated.kind === "around" || before.kind === "group")) return undefined;
  const { from, to } = last;
  return {
    nodes: nodes.map((n) => (n === last ? { kind: "total" as const, n: times.n, from, to } : n)),
    surely: repeated.kind === "around",
  };
}

/** Combinations of what the words of one round may mean. */
const MOST_MEANT = 16;

function* meanings(written: readonly Node[]): Generator<CountReading> {
  const nodes = liftedSkip(written) ?? written;
  const said = saidTwice(nodes);
  // "sc through both layers, 6 sc": rather the number of these than six more.
  const layered = said?.some((n) => n.kind === "work" && n.op.layers !== undefined);
  if (said && layered && !nodes.some((n) => n.kind === "total"))
    for (const other of withAlternatives(said)) yield { nodes: other };
  const told = countThenHow(nodes);
  if (told) yield { nodes: told };
  const last = nodes.findLast((n) => n.kind === "work");
  if (last?.kind === "work" && last.times.kind === "around" && (last.times.once || shapedRow(nodes, last))) {
    const each = wholeAsRepeat(nodes);
    if (each) yield { nodes: each };
  }
  const closed = trailingSlipAsJoin(nodes);
  const joins = closed !== undefined && surelyJoins(nodes);
  if (joins) yield { nodes: closed, way: "slip stitch joins" };
  yield { nodes };
  let all: (readonly Node[])[] = [nodes];
  for (let i = 0; i < nodes.length && all.length <= 8; i++) {
    const node = nodes[i];
    const others = node ? alternatives(node) : [];
    if (others.length > 0)
      all = all
        .flatMap((r) => [r, ...others.map((o) => r.map((n, j) => (j === i ? o : n)))])
        .slice(0, MOST_MEANT);
  }
  // Who means one so means all of them so: "2 sc in next 2 sts, 1 sc in next st, 2 sc in next 2 sts".
  const every = all.length > 3 && all.length < MOST_MEANT ? all.at(-1) : undefined;
  if (every) yield { nodes: every };
  for (const other of all.slice(1)) if (other !== every) yield { nodes: other };
  const spurs = spursUnsaid(nodes);
  if (spurs) yield { nodes: spurs, way: "spurs" };
  const grown = grownAtEdge(nodes);
  if (grown) yield { nodes: grown, way: GROWN };
  const led = ledIn(nodes);
  if (led) yield { nodes: led };
  const raised = chainAsStitch(nodes);
  if (raised) yield { nodes: raised, way: "chain as stitch" };
  const spread = shapingSpread(nodes);
  if (spread) yield { nodes: spread };
  const lone = loneAsAround(nodes);
  if (lone) for (const other of withAlternatives(lone)) yield { nodes: other };
  const grouped = wholeAsRepeat(nodes);
  if (grouped) yield { nodes: grouped, way: "whole as repeat" };
  const runs = runAsRepeat(nodes);
  if (runs) yield { nodes: runs, way: "run as repeat" };
  const everything = allAround(nodes);
  if (everything) yield { nodes: everything, way: "all around" };
  if (closed && !joins) yield { nodes: closed, way: "slip stitch joins" };
  if (told) for (const other of withAlternatives(told)) yield { nodes: other };
  if (said) for (const other of withAlternatives(said)) yield { nodes: other };
  const between = plainBetween(nodes);
  if (between) yield { nodes: allAround(between) ?? between, way: "plain between" };
  const far = farSide(nodes);
  if (far) yield { nodes: far };
  const legs = numbersAsLegs(nodes);
  if (legs) yield { nodes: legs, way: "numbers as legs" };
  const heap = lastAsOne(nodes);
  if (heap) yield { nodes: heap, way: "last as one" };
  const together = bracketAsOne(nodes);
  if (together) yield { nodes: together, way: "bracket as one" };
  const oval = ovalUnsaid(nodes);
  if (oval) yield { nodes: oval };
}

/**
 * "*2 inc* 24", "(1 dec) x 6 = 12", "2 inc (24)": the number tells the plain stitches before each shaping, if a sum
 * bears it out.
 */
function plainBetween(nodes: readonly Node[]): readonly Node[] | undefined {
  if (!nodes.some((n) => n.kind === "total")) return undefined;
  const alone = nodes.filter(isMade).length === 1;
  let changed = false;
  const out = nodes.map((n): Node => {
    const only = n.kind === "group" && n.items.length === 1 ? n.items[0] : alone ? n : undefined;
    if (only?.kind !== "work" || only.times.kind !== "number" || !only.times.at) return n;
    if (only.op.increases + only.op.decreases === 0 || only.op.into !== "next") return n;
    changed = true;
    const plain: Node = { ...only, op: stitchInto(only.op.stitch, 1) };
    const items = [plain, { ...only, times: { kind: "number" as const, n: 1 } }];
    const { from, to } = n;
    return n.kind === "group"
      ? { ...n, items }
      : { kind: "group", items, times: { kind: "around" }, from, to };
  });
  return changed ? out : undefined;
}

/**
 * The chain that lifts a round to the height of its stitches (Craft Yarn Council, turning chains, from
 * memory).
 */
const LIFTS: ReadonlyMap<string, number> = new Map([
  ["hdc", 2],
  ["dc", 3],
  ["tr", 4],
]);
/**
 * "Ch 3, dc in same st, 2 dc in each": the chain is the first of them, though it is not said in every round.
 */
function chainAsStitch(nodes: readonly Node[]): readonly Node[] | undefined {
  // "Ch 4 and join. Ch 3, 8 dc in the ring": the chains of the ring stand for nothing.
  const ring = nodes.findIndex((n) => n.kind === "start" && n.start === "chain-ring");
  const at = nodes.findIndex(
    (n, i) => i > ring && (n.kind === "work" || n.kind === "group" || n.kind === "evenly"),
  );
  const chain = nodes[at];
  if (chain?.kind !== "work" || chain.op.stitch !== "ch" || chain.op.standsFor !== undefined)
    return undefined;
  if (chain.times.kind !== "number" || chain.times.n < 2 || chain.times.n > 4) return undefined;
  const rest = nodes.slice(at + 1);
  const tall = firstTall(rest);
  if (tall === undefined || LIFTS.get(tall.stitch) !== chain.times.n) return undefined;
  const stands: Node = {
    ...chain,
    op: {
      ...chain.op,
      name: `ch ${chain.times.n} as ${tall.stitch}`,
      makes: { ch: chain.times.n },
      uses: 1,
      offers: 1,
      standsFor: tall.stitch,
    },
    times: { kind: "number", n: 1 },
  };
  // "In same st" is now the stitch that the chain stands on.
  const behind = rest.map((n) =>
    n.kind === "work" && n.other?.kind === "work" && n.other.op.into === "same" ? n.other : n,
  );
  return [...nodes.slice(0, at), stands, ...behind];
}
/** The first stitch that is neither a chain nor a slip stitch. */
function firstTall(nodes: readonly Node[]): Operation | undefined {
  for (const n of nodes) {
    const op =
      n.kind === "work" || n.kind === "evenly" ? n.op : n.kind === "group" ? firstTall(n.items) : undefined;
    if (op && op.stitch !== "ch" && op.stitch !== "slst") return op;
  }
  return undefined;
}

/**
 * An oval whose far side nobody names, or only behind its stitches ("6 sc back along the other side"): where the
 * first side has used all chains, the other begins.
 */
function farSide(nodes: readonly Node[]): readonly Node[] | undefined {
  const at = nodes.findIndex((n) => n.kind === "work" && n.op.into === "chain");
  if (at < 0) return undefined;
  let chains = 0;
  for (const n of nodes.slice(0, at))
    if (n.kind === "work" && n.op.stitch === "ch" && n.times.kind === "number") chains += n.times.n;
  const first = nodes[at];
  if (first?.kind !== "work" || chains === 0) return undefined;
  const room = chains - Number(/ch (\d+)/.exec(first.op.name)?.[1] ?? 2) + 1;
  let used = 0;
  for (let i = at; i < nodes.length - 1; i++) {
    const n = nodes[i] as Node;
    const s = sizeOf(n);
    if (s.open || n.kind === "other-side") return undefined;
    used += s.uses;
    const more = nodes.slice(i + 1).some((x) => x.kind === "work" && x.op.uses > 0 && x.op.stitch !== "slst");
    if (used === room && more && n.kind === "work" && n.op.offers > 1)
      return [
        ...nodes.slice(0, i + 1),
        { kind: "other-side", from: n.to, to: n.to },
        ...nodes.slice(i + 1).flatMap((x) => (x.kind === "other-side" ? [] : [onChain(x)])),
      ];
    if (used >= room) return undefined;
  }
  return undefined;
}

/** "6 sc back along the other side" lies on the chain that the round began with, and on no other. */
const onChain = (n: Node): Node =>
  n.kind === "work" && n.op.into === "spur" ? { ...n, op: { ...n.op, into: "next" } } : n;

function* withAlternatives(nodes: readonly Node[]): Generator<readonly Node[]> {
  yield nodes;
  for (let i = 0; i < nodes.length; i++) {
    const node = nodes[i];
    for (const other of node ? alternatives(node) : []) yield nodes.map((n, j) => (j === i ? other : n));
  }
}

/** "Rnd 6: sc" and no more is worked all the way round. */
function loneAsAround(nodes: readonly Node[]): readonly Node[] | undefined {
  // Chains that are joined into a ring are what it goes around.
  const ring = nodes.findIndex((n) => n.kind === "start" && n.start === "chain-ring");
  const worked = nodes
    .slice(ring + 1)
    .filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip");
  const [only] = worked;
  if (
    worked.length !== 1 ||
    only?.kind !== "work" ||
    only.op.into !== "next" ||
    only.op.stitch === "ch" ||
    only.times.kind !== "number" ||
    only.times.n !== 1 ||
    only.times.at
  )
    return undefined;
  return nodes.map((n) => (n === only ? goingAround(only) : n));
}
/** The same, in both ways to take it: "sc through both layers" goes around by pairs. */
const goingAround = <N extends Extract<Node, { kind: "work" }>>(n: N): N => ({
  ...n,
  times: { kind: "around" },
  ...(n.other?.kind === "work" ? { other: goingAround(n.other) } : {}),
});

/** "Increase 2 times (8)" and no more: spread over the round, plain between them. */
function shapingSpread(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
  const [only] = worked;
  if (worked.length !== 1 || only?.kind !== "work" || only.op.into !== "next" || only.times.kind !== "number")
    return undefined;
  const { op } = only;
  if (op.increases + op.decreases !== 1 || op.layers !== undefined || !nodes.some((n) => n.kind === "total"))
    return undefined;
  const rest = stitchInto(op.stitch, 1, "next", op.loops);
  const n = only.times.n;
  if (n < 2 || !only.times.at) return undefined;
  return nodes.map((x) =>
    x === only ? { kind: "evenly" as const, op, n, rest, from: x.from, to: x.to } : x,
  );
}

/** "sc through both layers across, 6 sc": the second phrase gives the number of the first. */
function saidTwice(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter((n) => n.kind === "work" && n.op.stitch !== "ch");
  const [first, second] = worked;
  if (
    worked.length !== 2 ||
    first?.kind !== "work" ||
    second?.kind !== "work" ||
    nodes.some((n) => n.kind === "group")
  )
    return undefined;
  const open =
    first.times.kind !== "number" ||
    (first.op.layers !== undefined && first.times.n === 1 && !first.times.at);
  if (!open || second.times.kind !== "number" || first.op.stitch !== second.op.stitch) return undefined;
  const numbered = (n: Extract<Node, { kind: "work" }>): Node => ({
    ...n,
    times: second.times,
    ...(n.other?.kind === "work" ? { other: numbered(n.other) } : {}),
  });
  return nodes.filter((n) => n !== second).map((n) => (n === first ? numbered(first) : n));
}

function alternatives(node: Node): Node[] {
  if ((node.kind === "work" || node.kind === "group") && node.other)
    return [node.other, ...alternatives(node.other)];
  // Asked once of each item: asked twice, brackets in brackets would double the work at each level.
  if (node.kind === "group")
    for (const [index, item] of node.items.entries()) {
      const others = alternatives(item);
      if (others.length > 0)
        return others.map((o) => ({ ...node, items: node.items.map((n, j) => (j === index ? o : n)) }));
    }
  return [];
}

/** "3 ch (counts as 1 tr), miss first st": the chain stands on the stitch that is missed. */
function liftedSkip(nodes: readonly Node[]): readonly Node[] | undefined {
  const at = nodes.findIndex((n) => n.kind === "work" && n.op.standsFor !== undefined);
  const skip = nodes.findIndex((n, i) => i > at && n.kind === "skip" && n.n === 1 && n.first === true);
  return at < 0 || skip < 0 || nodes.slice(at + 1, skip).some((n) => n.kind === "work" || n.kind === "group")
    ? undefined
    : nodes.filter((_, i) => i !== skip);
}

/** "1 sc, inc around": hardly one stitch and then nothing but increases; the row goes around. */
function shapedRow(nodes: readonly Node[], last: Extract<Node, { kind: "work" }>): boolean {
  const before = nodes.slice(0, nodes.indexOf(last)).filter(isMade);
  return (
    last.op.increases + last.op.decreases > 0 &&
    before.length > 0 &&
    before.every((n) => n.kind === "work" && n.op.into === "next" && n.op.uses === 1 && n.op.offers === 1)
  );
}
/** "… slst, ch 1": the chain that lifts the next round. */
function endsInChain(nodes: readonly Node[]): boolean {
  const last = nodes.findLast((n) => isMade(n));
  return (
    last?.kind === "work" && last.op.stitch === "ch" && last.times.kind === "number" && last.times.n === 1
  );
}

/** "sc, inc around" may mean "(sc, inc) around". */
function wholeAsRepeat(nodes: readonly Node[]): readonly Node[] | undefined {
  const last = nodes.findLastIndex((n) => n.kind === "work" || n.kind === "group");
  const end = nodes[last];
  if (
    last < 1 ||
    end === undefined ||
    (end.kind !== "work" && end.kind !== "group") ||
    (end.times.kind === "number" && end.times.n < 2)
  )
    return undefined;
  const start = nodes.findIndex(
    (n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch" && n.op.into === "next"),
  );
  if (start < 0 || start === last) return undefined;
  const items = nodes
    .slice(start, last + 1)
    .map((n, i, list) =>
      i === list.length - 1 && n.kind === "work" ? { ...n, times: { kind: "number" as const, n: 1 } } : n,
    );
  return [
    ...nodes.slice(0, start),
    { kind: "group", items, times: end.times, from: items[0]?.from ?? end.from, to: end.to },
    ...nodes.slice(last + 1),
  ];
}

/** More than this is hardly left to be repeated without a word. */
const MOST_REPEATED = 6;

/** "Rnd 4: sc sc inc" and no more is worked again and again, all the way round. */
function allAround(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter(
    (n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip",
  );
  // "Ch 1, *2 sc, inc* (24)": what lifts the round is none of it.
  const lifted = worked[0]?.kind === "work" && worked[0].op.stitch === "ch" && !worked[0].op.standsFor;
  const [only] = lifted ? worked.slice(1) : worked;
  // "*2 sc, inc* (24)": marked as a repeat, and nobody says how often.
  const marked =
    worked.length === (lifted ? 2 : 1) &&
    only?.kind === "group" &&
    only.block === undefined &&
    only.times.kind === "number" &&
    only.times.n === 1 &&
    !only.times.at;
  if (marked && !nodes.some((n) => n.kind === "turn" || n.kind === "start"))
    return nodes.map((n) => (n === only ? { ...only, times: { kind: "around" as const } } : n));
  // "3 sc, inc (30)": with a number among them, only a sum can bear it out.
  const summed = nodes.some((n) => n.kind === "total");
  if (
    worked.length < 2 ||
    worked.length > MOST_REPEATED ||
    !worked.every(
      (n) =>
        n.kind === "work" &&
        n.op.into === "next" &&
        n.op.stitch !== "ch" &&
        n.times.kind === "number" &&
        (summed || (n.times.n === 1 && !n.times.at)),
    )
  )
    return undefined;
  if (nodes.some((n) => n.kind === "join" || n.kind === "turn" || n.kind === "start")) return undefined;
  const from = worked[0]?.from ?? 0;
  const others = nodes.filter((n) => !(worked as readonly Node[]).includes(n));
  return [
    ...others.filter((n) => n.from < from),
    { kind: "group", items: worked, times: { kind: "around" }, from, to: worked.at(-1)?.to ?? from },
    ...others.filter((n) => n.from >= from),
  ];
}

/** "12 sc (2 in each)": what the round comes to, and in brackets how. */
function countThenHow(nodes: readonly Node[]): readonly Node[] | undefined {
  const worked = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
  const [count, how] = worked;
  if (worked.length !== 2 || count?.kind !== "work" || how?.kind !== "group") return undefined;
  const { times } = count;
  if (times.kind !== "number" || !times.at || count.op.uses !== 1 || count.op.offers !== 1) return undefined;
  if (
    how.times.kind !== "number" ||
    how.times.n !== 1 ||
    how.times.at ||
    nodes.some((n) => n.kind === "total")
  )
    return undefined;
  const { from, to } = times.at;
  return nodes.flatMap((n): readonly Node[] =>
    n === count ? [] : n === how ? [...how.items, { kind: "total", n: times.n, from, to }] : [n],
  );
}

/**
 * "Ch 1, 6 sc, ss": who lifts a round with a chain joins it with the slip stitch. "8 sc in MR, ss", "sc around,
 * ss": there is nothing left for it to be worked in but the first stitch.
 */
function surelyJoins(nodes: readonly Node[]): boolean {
  const made = nodes.filter(isMade);
  const [first] = made;
  const before = made.at(-2);
  const whole =
    before !== undefined &&
    ((before.kind === "work" && before.op.into === "ring") ||
      ((before.kind === "work" || before.kind === "group") && before.times.kind === "around"));
  return whole || first?.kind === "start" || lifts(first) || endsInChain(nodes);
}
/** A chain as high as a stitch; a longer one is what is worked along. */
const lifts = (n: Node | undefined): boolean =>
  n?.kind === "work" && n.op.stitch === "ch" && n.times.kind === "number" && n.times.n <= 4;

/** A single slip stitch at the end joins the round, also when nobody says so. */
function trailingSlipAsJoin(nodes: readonly Node[]): readonly Node[] | undefined {
  const index = nodes.findLastIndex((n) => n.kind === "work" && n.op.stitch !== "ch");
  const last = nodes[index];
  if (
    index < 1 ||
    last?.kind !== "work" ||
    last.op.stitch !== "slst" ||
    last.op.into !== "next" ||
    last.times.kind !== "number" ||
    last.times.n !== 1
  )
    return undefined;
  return nodes.map((n, i) => (i === index ? { kind: "join" as const, from: n.from, to: n.to } : n));
}
