import { shuffle } from "simple-statistics";

/** Lengths to cut and how many there are of each, longest first. */
interface Lengths {
  readonly mg: readonly number[];
  readonly counts: readonly number[];
}
/** Item copies that need the same lengths. `counts` goes with the shared list of lengths. */
export interface ExactKind {
  readonly counts: readonly number[];
  readonly copies: number;
}
export interface ExactInput {
  /** Every length there is, longest first, mg. */
  readonly lengths: readonly number[];
  readonly kinds: readonly ExactKind[];
  /** Balls on hand by lot, mg each. */
  readonly lots: readonly (readonly number[])[];
  readonly newBallMg: number;
}
/** Which copies each lot takes, and what is cut from each of its balls: as many of each length. */
export interface ExactPlan {
  readonly lots: readonly {
    readonly copies: readonly number[];
    readonly balls: readonly (readonly number[])[];
  }[];
  /** What is cut from each new ball. */
  readonly fresh: readonly (readonly number[])[];
}
/** Steps that are left; a search that runs out of them has proved nothing. */
export interface Effort {
  left: number;
}
/** "none": there is no such plan, every way was tried. "unknown": the steps ran out. */
export type Exact = ExactPlan | "none" | "unknown";

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
const weight = (lengths: readonly number[], counts: readonly number[]): number =>
  counts.reduce((s, n, i) => s + n * (lengths[i] ?? 0), 0);

/**
 * Is there a plan with at most `fresh` new balls? Lots take whole item copies; within a lot each ball is
 * filled with a set of lengths to which nothing that is left could be added, since adding never hurts (bin
 * completion: Korf, "A new algorithm for optimal bin packing", AAAI 2002; from memory). What may be wasted
 * over all balls is known from the start, so that a tight instance has few ways; a loose one has a plan that
 * is found at once.
 */
export function exactCutting(input: ExactInput, fresh: number, effort: Effort): Exact {
  return new Search(input, fresh, effort).run();
}

/**
 * The same question asked again and again with the kinds and lots in another order each time, few steps for each
 * ball that does not come out: a search that begins badly never ends, one that begins anew soon begins well
 * (Gomes, Selman & Kautz, "Boosting combinatorial search through randomization", AAAI 1998; from memory). It proves
 * nothing: undefined where no plan was found within the steps.
 *
 * @param next numbers from 0 to 1, a fixed sequence
 */
export function restartedCutting(
  input: ExactInput,
  fresh: number,
  steps: number,
  next: () => number,
): ExactPlan | undefined {
  let left = steps;
  while (left > 0) {
    const effort = { left: Math.min(left, STEPS_A_TRY) };
    left -= effort.left;
    const order = shuffled(input.kinds.length, next);
    const kinds = order.map((i) => input.kinds[i] as ExactKind);
    const found = new Search({ ...input, kinds }, fresh, effort, next).run();
    if (typeof found === "string") continue;
    const back = input.kinds.map((_, i) => order.indexOf(i));
    return {
      ...found,
      lots: found.lots.map((l) => ({ ...l, copies: back.map((i) => l.copies[i] ?? 0) })),
    };
  }
  return undefined;
}
const STEPS_A_TRY = 10_000;
const STEPS_A_LOT = 1_000;

/** 0 … `many` − 1 in another order. */
const shuffled = (many: number, next: () => number): number[] =>
  shuffle(
    Array.from({ length: many }, (_, i) => i),
    next,
  );

class Search {
  private readonly taken: { copies: number[]; balls: number[][] }[] = [];
  private readonly order: readonly number[];
  private readonly dead = new Set<string>();
  private readonly total: readonly number[];
  private out = false;
  constructor(
    private readonly input: ExactInput,
    private readonly fresh: number,
    private readonly effort: Effort,
    /** With it the search varies its order and gives up early on each lot: it finds, and proves nothing. */
    private readonly next?: () => number,
  ) {
    // The lots with the least in them have the fewest ways.
    this.order = next
      ? shuffled(input.lots.length, next)
      : input.lots.map((_, i) => i).sort((a, b) => sum(input.lots[a] ?? []) - sum(input.lots[b] ?? []));
    this.total = input.kinds.map((k) => weight(input.lengths, k.counts));
  }

  run(): Exact {
    const { kinds, lots, newBallMg } = this.input;
    const all = kinds.reduce((s, k, i) => s + k.copies * (this.total[i] ?? 0), 0);
    const room = lots.reduce((s, l) => s + sum(l), 0) + this.fresh * newBallMg;
    if (all > room) return "none";
    const last = this.lot(
      0,
      kinds.map((k) => k.copies),
      room - all,
    );
    if (last) {
      const plan = new Array<{ copies: number[]; balls: number[][] }>(lots.length);
      this.order.forEach((lot, i) => {
        plan[lot] = this.taken[i] ?? { copies: kinds.map(() => 0), balls: [] };
      });
      return { lots: plan, fresh: last };
    }
    return this.out ? "unknown" : "none";
  }

  /** Gives the `at`th lot some copies and goes on with the next; new balls take what is left. */
  private lot(at: number, left: readonly number[], waste: number): number[][] | undefined {
    if (this.spent()) return undefined;
    const { lengths, lots, newBallMg } = this.input;
    if (at === this.order.length)
      return packed(
        this.lengthsOf(left),
        Array(this.fresh).fill(newBallMg),
        this.effort,
        () => (this.out = true),
      );
    const key = `${at}:${left.join()}`;
    if (this.dead.has(key)) return undefined;
    const balls = lots[this.order[at] ?? 0] ?? [];
    const room = sum(balls);
    const largest = Math.max(0, ...balls);
    const take = left.map(() => 0);
    let done: number[][] | undefined;
    const choose = (i: number, free: number): boolean => {
      if (this.spent()) return true;
      if (i === take.length) {
        if (free > waste) return false;
        const held = this.lengthsOf(take);
        const cut = this.fitted(held, balls);
        if (!cut) return false;
        this.taken[at] = { copies: [...take], balls: cut };
        done = this.lot(
          at + 1,
          left.map((n, k) => n - (take[k] ?? 0)),
          waste - free,
        );
        return done !== undefined;
      }
      // Not even all that is left would fill the lot so far that the waste is allowed.
      let rest = 0;
      for (let k = i; k < take.length; k++) rest += (left[k] ?? 0) * (this.total[k] ?? 0);
      if (free - rest > waste) return false;
      const each = this.total[i] ?? 0;
      const longest = lengths[(this.input.kinds[i]?.counts ?? []).findIndex((n) => n > 0)] ?? 0;
      const most = longest > largest ? 0 : Math.min(left[i] ?? 0, each > 0 ? Math.floor(free / each) : 0);
      for (let n = most; n >= 0; n--) {
        take[i] = n;
        if (choose(i + 1, free - n * each)) return true;
      }
      take[i] = 0;
      return false;
    };
    choose(0, room);
    if (!done && !this.out) this.dead.add(key);
    return done;
  }

  /** The lengths of a lot on its balls. Where nothing is to be proved, a lot that resists is soon left. */
  private fitted(held: Lengths, balls: readonly number[]): number[][] | undefined {
    if (!this.next) return packed(held, balls, this.effort, () => (this.out = true));
    const own = { left: Math.min(this.effort.left, STEPS_A_LOT) };
    const before = own.left;
    const cut = packed(held, balls, own, () => undefined);
    this.effort.left -= before - Math.max(0, own.left);
    return cut;
  }

  private lengthsOf(copies: readonly number[]): Lengths {
    const { kinds, lengths } = this.input;
    const counts = lengths.map((_, j) =>
      kinds.reduce((s, k, i) => s + (k.counts[j] ?? 0) * (copies[i] ?? 0), 0),
    );
    return { mg: lengths, counts };
  }
  private spent(): boolean {
    if (--this.effort.left < 0) this.out = true;
    return this.out;
  }
}

/**
 * All lengths on the balls, exactly; undefined when there is no way or when the steps ran out, which is told
 * by `gaveUp`.
 */
function packed(
  { mg, counts }: Lengths,
  balls: readonly number[],
  effort: Effort,
  gaveUp: () => void,
): number[][] | undefined {
  const left = [...counts];
  const need = weight(mg, counts);
  const order = balls.map((_, i) => i).sort((a, b) => (balls[a] ?? 0) - (balls[b] ?? 0));
  const out = balls.map(() => mg.map(() => 0));
  const same = balls.every((b) => b === balls[0]);
  const dead = new Set<string>();
  let stopped = false;
  const ball = (at: number, waste: number): boolean => {
    if (left.every((n) => n === 0)) return true;
    if (waste < 0 || at === order.length) return false;
    if (--effort.left < 0) {
      stopped = true;
      return true;
    }
    const key = `${at}:${left.join()}`;
    if (dead.has(key)) return false;
    const index = order[at] ?? 0;
    const take = out[index] as number[];
    const longest = left.findIndex((n) => n > 0);
    const fill = (i: number, free: number): boolean => {
      if (i === mg.length) {
        if (free > waste) return false;
        // Something that is left would still go in: a fuller ball is tried as well.
        for (let k = 0; k < mg.length; k++) if ((left[k] ?? 0) > 0 && (mg[k] ?? 0) <= free) return false;
        return ball(at + 1, waste - free);
      }
      let rest = 0;
      for (let k = i; k < mg.length; k++) rest += (left[k] ?? 0) * (mg[k] ?? 0);
      if (free - rest > waste) return false;
      if (--effort.left < 0) {
        stopped = true;
        return true;
      }
      const length = mg[i] ?? 0;
      const most = Math.min(left[i] ?? 0, Math.floor(free / length));
      // Balls of one size are alike: the longest that is left may as well go on this one.
      const least = same && i === longest ? 1 : 0;
      for (let n = most; n >= least; n--) {
        take[i] = n;
        left[i] = (left[i] ?? 0) - n;
        const found = fill(i + 1, free - n * length);
        if (found) return true;
        left[i] = (left[i] ?? 0) + n;
      }
      take[i] = 0;
      return false;
    };
    const found = fill(0, balls[index] ?? 0);
    if (!found && !stopped) {
      take.fill(0);
      dead.add(key);
    }
    return found;
  };
  const found = ball(0, sum(balls) - need);
  if (stopped) {
    gaveUp();
    return undefined;
  }
  return found ? out : undefined;
}
