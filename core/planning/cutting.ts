import { boundOf, type Bound } from "./cutting-bound";
import { exactCutting, restartedCutting } from "./cutting-exact";
import { exactInput } from "./cutting-kinds";
import { fitInto, type Bin, type Fitted } from "./cutting-fit";

/** A length of yarn that must not be interrupted: one colour of one part with its tails and its reserve. */
export interface CutPiece {
  readonly id: string;
  /** The item copy it belongs to: within one, a shade comes from one lot. */
  readonly group: string;
  readonly label: string;
  /** mg of yarn. */
  readonly mg: number;
  /** A join would be hidden inside its filling. */
  readonly joinable: boolean;
}

export type BallState = "scrap" | "opened" | "full";
export interface CutBall {
  readonly id: string;
  readonly lot: string;
  /** What is left of it and not promised, mg. */
  readonly mg: number;
  readonly state: BallState;
}

export interface CuttingInput {
  readonly pieces: readonly CutPiece[];
  readonly balls: readonly CutBall[];
  /** Weight of a ball that would be bought, mg; all bought balls are one new lot. */
  readonly newBallMg: number;
  /** One lot within each item copy, or one for the whole run. */
  readonly lotRule: "item" | "run";
  /** Whether joinable pieces may be joined, and the yarn that the ends of one join take, mg. */
  readonly joins: boolean;
  readonly joinMg: number;
  /** Pieces that stay on a ball whatever else moves. A new ball is named as in the plan: "new-1". */
  readonly pins?: ReadonlyMap<string, string> | undefined;
  /** A remainder below this is dead, mg; the smallest piece when it is not given. */
  readonly leastUseful?: number | undefined;
  /** Tries beyond the first; each costs about one packing of the shade. */
  readonly effort?: number | undefined;
  /** Without the search for one ball fewer: for pages that net many runs at once. */
  readonly quick?: boolean | undefined;
  /** Asked between tries; false ends the search with the best plan so far. */
  readonly goOn?: ((done: number, of: number) => boolean) | undefined;
}

export interface Cut {
  readonly piece: string;
  readonly ball: string;
  readonly mg: number;
  /** It is one of several lengths joined to one piece. */
  readonly joined: boolean;
}

export interface CuttingPlan {
  readonly cuts: readonly Cut[];
  readonly newBalls: number;
  /** What is left on every ball that is cut from, new ones too, mg. */
  readonly left: ReadonlyMap<string, number>;
  /** Sum of the remainders that nothing fits into, mg. */
  readonly dead: number;
  readonly fullOpened: number;
  readonly scrapsUsed: number;
  readonly joins: number;
  /** No plan whatever needs fewer new balls than this. */
  readonly bound: { readonly newBalls: number; readonly because: string };
  /** Longer than any ball and not to be joined. */
  readonly tooLong: readonly string[];
  /** Pins that could not be kept, and why. */
  readonly refused: readonly { readonly piece: string; readonly ball: string; readonly why: string }[];
}

export const NEW_LOT = "\u0000new";
export const newBallId = (n: number): string => `new-${n}`;
export interface Group {
  readonly id: string;
  readonly pieces: readonly CutPiece[];
  readonly total: number;
  /** Groups that need the same lengths are interchangeable. */
  readonly kind: string;
  readonly lot: string | undefined;
}

/**
 * The ball cutting plan of one shade (docs/models.md): pieces into balls of different remaining length, first
 * with fewest new balls, then fewest full balls opened, then most scraps used, then least dead remainder.
 * Lots are kept apart.
 *
 * Follows minimum bin slack (Gupta & Ho, "A new heuristic algorithm for the one-dimensional bin-packing
 * problem", Production Planning & Control 10, 1999; from memory): each ball is filled by a bounded search for
 * the set of pieces that leaves least of it, scraps first; lots take whole item copies; the order is varied
 * by a fixed sequence until the proven bound is met or `effort` is spent. Pure and repeatable: the same input
 * gives the same plan.
 */
export function planCutting(input: CuttingInput): CuttingPlan {
  const longest = Math.max(input.newBallMg, ...input.balls.map((b) => b.mg), 0);
  const tooLong = new Set(input.pieces.filter((p) => p.mg > longest && !(input.joins && p.joinable)));
  for (;;) {
    const pieces = input.pieces.filter((p) => !tooLong.has(p));
    const { pins, refused } = soundPins(input, pieces);
    const plan = planPieces(input, pieces, pins);
    if (plan) return { ...plan, tooLong: [...tooLong].map((p) => p.id), refused };
    if (pins.size > 0) {
      // Pins can make a shade unplaceable: without them everything fits on new balls.
      const held = [...pins].map(([piece, ball]) => ({
        piece,
        ball,
        why: "with the other pieces held there it does not fit",
      }));
      const free = planCutting({ ...input, pieces, pins: undefined });
      const long = [...[...tooLong].map((p) => p.id), ...free.tooLong];
      return { ...free, tooLong: long, refused: [...refused, ...held] };
    }
    // What no new ball holds and no ball on hand has room for is told, one length at a time: the others may
    // then fit.
    const next = pieces.reduce<CutPiece | undefined>(
      (most, p) => (p.mg > input.newBallMg && p.mg > (most?.mg ?? 0) ? p : most),
      undefined,
    );
    if (!next) throw new RangeError("lengths that each fit on a new ball found no place");
    tooLong.add(next);
  }
}

/** A plan for lengths that may all have a place, or undefined where they have none. */
function planPieces(
  input: CuttingInput,
  pieces: readonly CutPiece[],
  pins: ReadonlyMap<string, string>,
): Omit<CuttingPlan, "tooLong" | "refused"> | undefined {
  const longest = Math.max(input.newBallMg, ...input.balls.map((b) => b.mg), 0);
  const groups = groupsOf(input, pieces, pins);
  const overlong = pieces.some((p) => p.mg > longest);
  const plain = boundOf(pieces, input.balls, input.newBallMg, input.lotRule, false);
  let best = overlong ? undefined : search(input, groups, pins, plain.newBalls, false);
  let bound = plain;
  if (!overlong && pins.size === 0 && !input.quick) ({ best, bound } = fewest(input, groups, best, plain));
  if (input.joins) {
    const joinedBound = boundOf(pieces, input.balls, input.newBallMg, input.lotRule, true);
    // Ends cost her time: a join is only made when it saves a ball.
    if (!best || best.newBalls > joinedBound.newBalls) {
      const joined = search(input, groups, pins, joinedBound.newBalls, true);
      if (joined && (!best || joined.newBalls < best.newBalls)) best = joined;
    }
    bound = joinedBound;
  }
  if (!best) return undefined;
  return {
    ...best,
    bound: best.newBalls < bound.newBalls ? { newBalls: best.newBalls, because: bound.because } : bound,
  };
}

/** Steps of the exact search for one number of new balls, and behind it of the one that begins anew. */
const EXACT_STEPS = 1_500_000;
const RESTART_STEPS = 5_000_000;

/**
 * One ball fewer, and again one fewer, as long as an exact search finds a way within its steps; where it
 * tried every way in vain, that is the bound.
 */
function fewest(
  input: CuttingInput,
  groups: readonly Group[],
  found: Found | undefined,
  bound: Bound,
): { best: Found | undefined; bound: Bound } {
  let best = found;
  const most = groups.reduce((n, g) => n + g.pieces.length, 0);
  if (best && best.newBalls <= bound.newBalls) return { best, bound };
  const exact = exactInput(input, groups, newBallId);
  const next = sequence(groups.length * 104_729 + 31);
  for (
    let n = best ? best.newBalls - 1 : bound.newBalls;
    best ? n >= bound.newBalls : n <= most;
    best ? n-- : n++
  ) {
    if (input.goOn && !input.goOn(1, 1)) break;
    const tried = exactCutting(exact.input, n, { left: EXACT_STEPS });
    const plan =
      tried === "unknown" ? (restartedCutting(exact.input, n, RESTART_STEPS, next) ?? tried) : tried;
    if (plan === "unknown") break;
    if (plan === "none") {
      if (best)
        return {
          best,
          bound: { newBalls: n + 1, because: "every way to cut it from fewer balls was tried" },
        };
      continue;
    }
    const had = best !== undefined;
    best = judged(
      input,
      [{ cuts: exact.cutsOf(plan) }],
      plan.fresh.filter((b) => b.some((k) => k > 0)).length,
    );
    if (!had) break;
  }
  return { best, bound };
}

/**
 * Pins that no plan can keep are told apart from the rest: an unknown ball, too much on one ball, two lots in
 * one item.
 */
function soundPins(
  input: CuttingInput,
  pieces: readonly CutPiece[],
): { pins: ReadonlyMap<string, string>; refused: { piece: string; ball: string; why: string }[] } {
  const pins = new Map<string, string>();
  const refused: { piece: string; ball: string; why: string }[] = [];
  const room = new Map(input.balls.map((b) => [b.id, b.mg]));
  const lotOf = (ball: string): string | undefined =>
    ball.startsWith("new-") ? NEW_LOT : input.balls.find((b) => b.id === ball)?.lot;
  const lots = new Map<string, string>();
  for (const p of pieces) {
    const ball = input.pins?.get(p.id);
    if (ball === undefined) continue;
    const lot = lotOf(ball);
    const group = input.lotRule === "run" ? "run" : p.group;
    const left = room.get(ball) ?? (lot === NEW_LOT ? input.newBallMg : 0);
    if (lot === undefined) refused.push({ piece: p.id, ball, why: "this ball is no longer there" });
    else if (left < p.mg) refused.push({ piece: p.id, ball, why: "there is not enough left on this ball" });
    else if ((lots.get(group) ?? lot) !== lot)
      refused.push({
        piece: p.id,
        ball,
        why: "another piece of the same item is held on a ball of another lot",
      });
    else {
      pins.set(p.id, ball);
      room.set(ball, left - p.mg);
      lots.set(group, lot);
    }
  }
  return { pins, refused };
}

function groupsOf(
  input: CuttingInput,
  pieces: readonly CutPiece[],
  pins: ReadonlyMap<string, string>,
): Group[] {
  const byGroup = new Map<string, CutPiece[]>();
  for (const p of pieces) {
    const key = input.lotRule === "run" ? "run" : p.group;
    const list = byGroup.get(key);
    if (list) list.push(p);
    else byGroup.set(key, [p]);
  }
  const lotOf = new Map(input.balls.map((b) => [b.id, b.lot]));
  return [...byGroup].map(([id, list]) => {
    const sorted = [...list].sort((a, b) => b.mg - a.mg || (a.id < b.id ? -1 : 1));
    const pinned = sorted.find((p) => pins.has(p.id));
    const ball = pinned ? pins.get(pinned.id) : undefined;
    const own = pinned ? `:${id}` : "";
    return {
      id,
      pieces: sorted,
      total: sorted.reduce((s, p) => s + p.mg, 0),
      kind: sorted.map((p) => p.mg).join(",") + own,
      lot: ball === undefined ? undefined : (lotOf.get(ball) ?? NEW_LOT),
    };
  });
}

type Found = Omit<CuttingPlan, "bound" | "tooLong" | "refused">;
const RANK: Readonly<Record<BallState, number>> = { scrap: 0, opened: 1, full: 2 };

/** A small fixed sequence: the plan must be the same on every machine. */
function sequence(seed: number): () => number {
  let state = seed >>> 0 || 1;
  return () => {
    state ^= state << 13;
    state >>>= 0;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state / 4294967296;
  };
}

function search(
  input: CuttingInput,
  groups: readonly Group[],
  pins: ReadonlyMap<string, string>,
  target: number,
  joins: boolean,
): Found | undefined {
  const effort = input.effort ?? 40;
  const next = sequence(groups.length * 7919 + 17);
  let best: Found | undefined;
  let idle = 0;
  for (let attempt = 0; attempt <= effort; attempt++) {
    if (input.goOn && !input.goOn(attempt, effort)) {
      if (best) return best;
    }
    const found = attemptOnce(input, groups, pins, joins, attempt, next);
    if (found && (!best || better(found, best))) {
      best = found;
      idle = 0;
    } else idle++;
    // At the bound only the remainders can still improve: a few more looks are enough.
    if (best && best.newBalls <= target && idle >= 4) return best;
  }
  return best;
}

function better(a: Found, b: Found): boolean {
  if (a.newBalls !== b.newBalls) return a.newBalls < b.newBalls;
  if (a.joins !== b.joins) return a.joins < b.joins;
  if (a.fullOpened !== b.fullOpened) return a.fullOpened < b.fullOpened;
  if (a.scrapsUsed !== b.scrapsUsed) return a.scrapsUsed > b.scrapsUsed;
  return a.dead < b.dead;
}

function attemptOnce(
  input: CuttingInput,
  groups: readonly Group[],
  pins: ReadonlyMap<string, string>,
  joins: boolean,
  attempt: number,
  next: () => number,
): Found | undefined {
  const lots = new Map<string, CutBall[]>();
  for (const b of input.balls) if (b.mg > 0) lots.set(b.lot, [...(lots.get(b.lot) ?? []), b]);
  const ordered = [...lots].map(([lot, balls]) => ({
    lot,
    balls: [...balls].sort((a, b) => RANK[a.state] - RANK[b.state] || a.mg - b.mg),
  }));
  const size = (l: { balls: readonly CutBall[] }) => l.balls.reduce((s, b) => s + b.mg, 0);
  const worst = (l: { balls: readonly CutBall[] }) => Math.min(...l.balls.map((b) => RANK[b.state]));
  ordered.sort((a, b) => worst(a) - worst(b) || size(a) - size(b));
  if (attempt > 0) shuffleSome(ordered, next, attempt % 3 === 0 ? 1 : 0.25);
  const joinMg = joins ? input.joinMg : undefined;
  let rest: Group[] = [...groups];
  const fits: { lot: string; fitted: Fitted }[] = [];
  for (const { lot, balls } of ordered) {
    const taken = fillLot(lot, balls, rest, pins, joinMg, attempt, next);
    if (taken === undefined) return undefined;
    if (taken.groups.length === 0) continue;
    const gone = new Set(taken.groups.map((g) => g.id));
    rest = rest.filter((g) => !gone.has(g.id));
    fits.push({ lot, fitted: taken.fitted });
  }
  const fresh = fillNew(input, rest, pins, joinMg, attempt, next);
  if (!fresh) return undefined;
  return judged(input, [...fits.map((f) => f.fitted), ...(fresh.fitted ? [fresh.fitted] : [])], fresh.count);
}

function shuffleSome<T>(list: T[], next: () => number, share: number): void {
  for (let i = list.length - 1; i > 0; i--) {
    if (next() > share) continue;
    const j = Math.floor(next() * (i + 1));
    const a = list[i] as T;
    list[i] = list[j] as T;
    list[j] = a;
  }
}

/** Whole item copies into the balls of one lot: as much of them as will go. */
function fillLot(
  lot: string,
  balls: readonly CutBall[],
  groups: readonly Group[],
  pins: ReadonlyMap<string, string>,
  joinMg: number | undefined,
  attempt: number,
  next: () => number,
): { groups: Group[]; fitted: Fitted } | undefined {
  const must = groups.filter((g) => g.lot === lot);
  const may = groups.filter((g) => g.lot === undefined);
  const bins: Bin[] = balls.map((b) => ({ id: b.id, mg: b.mg }));
  const capacity = bins.reduce((s, b) => s + b.mg, 0);
  const held = must.flatMap((g) => g.pieces);
  const first = fitInto(bins, held, pins, joinMg);
  if (!first) return undefined;
  let chosen = must;
  let best = first;
  let used = must.reduce((s, g) => s + g.total, 0);
  const kinds = new Map<string, Group[]>();
  for (const g of may) kinds.set(g.kind, [...(kinds.get(g.kind) ?? []), g]);
  const order = [...kinds.values()].sort((a, b) => (b[0]?.total ?? 0) - (a[0]?.total ?? 0));
  if (attempt > 0) shuffleSome(order, next, 0.5);
  // As many copies of each kind as go, found by halving: adding them one by one would pack hundreds of times.
  for (const list of order) {
    const each = list[0]?.total ?? 0;
    let low = 0;
    let high = each > 0 ? Math.min(list.length, Math.floor((capacity - used) / each)) : list.length;
    let step = high;
    while (low < high && step > 0) {
      const n = Math.min(high, low + step);
      const tried = fitInto(
        bins,
        [...chosen, ...list.slice(0, n)].flatMap((g) => g.pieces),
        pins,
        joinMg,
        attempt % 2 === 1,
        attempt > 1 ? next : undefined,
      );
      if (tried) {
        low = n;
        best = tried;
        if (n === high) break;
      } else {
        high = n - 1;
      }
      step = Math.max(1, Math.ceil((high - low) / 2));
    }
    chosen = [...chosen, ...list.slice(0, low)];
    used += each * low;
  }
  return { groups: chosen, fitted: best };
}

/** The rest goes on new balls, as few as can be found. */
function fillNew(
  input: CuttingInput,
  groups: readonly Group[],
  pins: ReadonlyMap<string, string>,
  joinMg: number | undefined,
  attempt: number,
  next: () => number,
): { count: number; fitted: Fitted | undefined } | undefined {
  if (groups.some((g) => g.lot !== undefined && g.lot !== NEW_LOT)) return undefined;
  const pieces = groups.flatMap((g) => g.pieces);
  if (pieces.length === 0) return { count: 0, fitted: undefined };
  const total = pieces.reduce((s, p) => s + p.mg, 0);
  const pinned = Math.max(
    0,
    ...pieces.map((p) => Number(/^new-(\d+)$/.exec(pins.get(p.id) ?? "")?.[1] ?? 0)),
  );
  const least = Math.max(1, pinned, Math.ceil(total / input.newBallMg));
  for (let n = least; n <= pieces.length + least + 1; n++) {
    const bins = Array.from({ length: n }, (_, i) => ({ id: newBallId(i + 1), mg: input.newBallMg }));
    // The longest piece first in every ball, or the fullest ball first: one of the two misses what the other
    // finds.
    const fitted =
      fitInto(bins, pieces, pins, joinMg, attempt % 2 === 0, attempt > 1 ? next : undefined) ??
      fitInto(bins, pieces, pins, joinMg, attempt % 2 === 1, attempt > 1 ? next : undefined);
    if (fitted) return { count: n, fitted };
  }
  return undefined;
}

function judged(input: CuttingInput, fitted: readonly Fitted[], newBalls: number): Found {
  const cuts = fitted.flatMap((f) => f.cuts);
  const left = new Map<string, number>();
  const sizes = new Map(input.balls.map((b) => [b.id, b.mg]));
  for (const c of cuts) left.set(c.ball, (left.get(c.ball) ?? sizes.get(c.ball) ?? input.newBallMg) - c.mg);
  const least = input.leastUseful ?? input.pieces.reduce((m, p) => Math.min(m, p.mg), Infinity);
  const states = new Map(input.balls.map((b) => [b.id, b.state]));
  const count = (state: BallState) => [...left.keys()].filter((id) => states.get(id) === state).length;
  const parts = new Map<string, number>();
  for (const c of cuts) parts.set(c.piece, (parts.get(c.piece) ?? 0) + 1);
  return {
    cuts,
    newBalls,
    left,
    dead: [...left.values()].reduce((s, mg) => s + (mg < least ? mg : 0), 0),
    fullOpened: count("full"),
    scrapsUsed: count("scrap"),
    joins: [...parts.values()].reduce((s, n) => s + n - 1, 0),
  };
}

export interface CuttingFault {
  readonly code: "over" | "lot" | "missing" | "unknown-ball" | "twice";
  readonly piece?: string;
  readonly ball?: string;
}

/**
 * Holds a plan against its rules: nothing over a ball's length, one lot an item, every piece cut once. Empty
 * when it is sound.
 */
export function checkCutting(
  input: Pick<CuttingInput, "pieces" | "balls" | "newBallMg" | "lotRule">,
  cuts: readonly Pick<Cut, "piece" | "ball" | "mg">[],
): CuttingFault[] {
  const faults: CuttingFault[] = [];
  const sizes = new Map(input.balls.map((b) => [b.id, b]));
  const used = new Map<string, number>();
  const got = new Map<string, number>();
  const groupOf = new Map(input.pieces.map((p) => [p.id, input.lotRule === "run" ? "run" : p.group]));
  const lots = new Map<string, string>();
  for (const c of cuts) {
    const fresh = c.ball.startsWith("new-");
    const ball = sizes.get(c.ball);
    if (!ball && !fresh) faults.push({ code: "unknown-ball", piece: c.piece, ball: c.ball });
    used.set(c.ball, (used.get(c.ball) ?? 0) + c.mg);
    got.set(c.piece, (got.get(c.piece) ?? 0) + c.mg);
    const group = groupOf.get(c.piece);
    const lot = fresh ? NEW_LOT : (ball?.lot ?? "");
    if (group === undefined) faults.push({ code: "twice", piece: c.piece });
    else if (lots.has(group) && lots.get(group) !== lot)
      faults.push({ code: "lot", piece: c.piece, ball: c.ball });
    else lots.set(group, lot);
  }
  for (const [id, mg] of used)
    if (mg > (sizes.get(id)?.mg ?? (id.startsWith("new-") ? input.newBallMg : 0)))
      faults.push({ code: "over", ball: id });
  for (const p of input.pieces) {
    const mg = got.get(p.id) ?? 0;
    if (mg < p.mg) faults.push({ code: "missing", piece: p.id });
  }
  return faults;
}
