import { minor, type Minor } from "../units";
import { planCutting, type CutBall, type CutPiece } from "./cutting";
import type { MaterialKind, Requirement } from "./needs";

/** One material of the cupboard: mg of yarn and filling, pieces of everything else. */
export interface NetStock {
  readonly label: string;
  readonly kind: MaterialKind;
  readonly onHand: number;
  /** Ordered and not yet here. */
  readonly onOrder: number;
  /** mg in a ball or bag, pieces in a pack. */
  readonly packSize: number;
  readonly packPrice: Minor;
  /** Packs are sold so many together. */
  readonly together: number;
  readonly supplierId: string | undefined;
  /** The balls that the weight on hand lies on, all of it, whoever it is promised to. */
  readonly balls?: readonly CutBall[] | undefined;
}

/** A ball that a kept plan buys: what is cut from it, mg, in how many lengths. */
export interface FreshBall {
  readonly mg: number;
  readonly lengths: number;
}

/** A run as it is served. */
export interface NetRun {
  readonly runId: string;
  readonly label: string;
  readonly startOn: string;
  readonly needs: readonly Requirement[];
  /**
   * The uninterrupted lengths of each yarn; a run planned before there were lengths has none, and is netted
   * by weight.
   */
  readonly lengths?: ReadonlyMap<string, readonly CutPiece[]> | undefined;
  /** A cutting plan that was kept: what it takes of which ball, and the balls that it buys. */
  readonly kept?:
    | ReadonlyMap<
        string,
        { readonly balls: ReadonlyMap<string, number>; readonly fresh: readonly FreshBall[] }
      >
    | undefined;
}

/** What one run needs of one material, and what of it is there. */
export interface Netted extends Requirement {
  readonly label: string;
  readonly onHand: number;
  readonly onOrder: number;
  /** Promised to the runs before it, at the upper ends of their needs. */
  readonly reserved: number;
  /** Here and not promised to them. */
  readonly free: number;
  /** On its way and not promised to them. */
  readonly coming: number;
  /** 0 when it can be made from what is there and on its way. */
  readonly missing: number;
  readonly packs: number;
  readonly packSize: number;
  readonly cost: Minor;
  /** Expected to be over when the run is done. */
  readonly left: number;
  /** For yarn that was cut in lengths: how many there are, and how many find no place on what is there. */
  readonly lengths: { readonly count: number; readonly unplaced: number } | undefined;
}

/** Lengths beyond which a shade is netted by weight: the pages must answer. */
export const MOST_LENGTHS = 2_000;

/** What is left of a material while the runs are served. */
interface Shelf {
  readonly stock: NetStock;
  reserved: number;
  /** Left of packs bought for earlier runs, by weight or number. */
  bought: number;
  balls: CutBall[];
  /** Balls named so far. */
  named: number;
}

/**
 * What every run needs against one cupboard: stock, what is on its way and what is left of packs bought for
 * earlier runs are given to the runs in their order, so that each page that asks gets the same answer.
 *
 * Yarn is netted by its lengths: a length must not be interrupted, so eleven scraps of 5 g do not make eight
 * lengths of
 * 6.1 g, whatever they weigh. The lengths are put on balls as the cutting plan does (its first packing, without its search
 * for one ball fewer), so a kept plan may need a ball less than is said here, never more. Everything else
 * goes by weight or number; packs that are sold together are bought together and what is over serves the next
 * run.
 *
 * Pure. About one packing a run and shade.
 */
export function netRuns(
  runs: readonly NetRun[],
  stock: ReadonlyMap<string, NetStock>,
): ReadonlyMap<string, readonly Netted[]> {
  const shelves = new Map<string, Shelf>();
  const shelfOf = (id: string): Shelf => {
    const had = shelves.get(id);
    if (had) return had;
    const s = stock.get(id) ?? nothingKnown(id);
    const made: Shelf = { stock: s, reserved: 0, bought: 0, balls: ballsOf(s, runs, id), named: 0 };
    shelves.set(id, made);
    return made;
  };
  return new Map(
    runs.map((run) => [run.runId, run.needs.map((need) => serve(shelfOf(need.materialId), run, need))]),
  );
}

const nothingKnown = (label: string): NetStock => ({
  label,
  kind: "notion",
  onHand: 0,
  onOrder: 0,
  packSize: 1,
  packPrice: minor(0),
  together: 1,
  supplierId: undefined,
});

/** The balls that lengths may go on: those here less what kept plans take of them, and those on their way. */
function ballsOf(s: NetStock, runs: readonly NetRun[], id: string): CutBall[] {
  if (!s.balls) return [];
  const held = new Map<string, number>();
  for (const run of runs)
    for (const [ball, mg] of run.kept?.get(id)?.balls ?? []) held.set(ball, (held.get(ball) ?? 0) + mg);
  const here = s.balls.map((b) => ({ ...b, mg: Math.max(0, b.mg - (held.get(b.id) ?? 0)) }));
  // What the book knows of and no ball does lies together somewhere.
  const loose = s.onHand - s.balls.reduce((sum, b) => sum + b.mg, 0);
  if (loose > 0) here.push({ id: "loose", lot: "loose", mg: loose, state: "opened" });
  const coming = Math.floor(s.onOrder / s.packSize);
  for (let i = 0; i < Math.min(coming, MOST_LENGTHS); i++)
    here.push({ id: `coming-${i}`, lot: "coming", mg: s.packSize, state: "full" });
  return here.filter((b) => b.mg > 0);
}

function serve(shelf: Shelf, run: NetRun, need: Requirement): Netted {
  const { stock: s } = shelf;
  const free = Math.max(0, s.onHand - shelf.reserved);
  const coming = Math.max(0, s.onOrder - Math.max(0, shelf.reserved - s.onHand));
  const pieces = s.balls ? run.lengths?.get(need.materialId) : undefined;
  const kept = s.balls ? run.kept?.get(need.materialId) : undefined;
  const cut =
    kept !== undefined
      ? asKept(shelf, kept.fresh)
      : pieces !== undefined && pieces.length > 0 && pieces.length <= MOST_LENGTHS
        ? cutFrom(shelf, pieces)
        : undefined;
  const byWeight = Math.max(0, need.needHigh - free - coming - shelf.bought);
  const missing = cut ? cut.missing : byWeight;
  const least = cut ? cut.fresh : byWeight > 0 ? Math.ceil(byWeight / s.packSize - 1e-9) : 0;
  const packs = Math.ceil(least / Math.max(1, s.together)) * Math.max(1, s.together);
  if (cut) for (let i = least; i < packs; i++) shelf.balls.push(boughtBall(shelf, s.packSize));
  shelf.bought = Math.max(0, shelf.bought + packs * s.packSize - Math.max(0, need.needHigh - free - coming));
  const reserved = shelf.reserved;
  shelf.reserved += need.needHigh;
  return {
    ...need,
    label: s.label,
    onHand: s.onHand,
    onOrder: s.onOrder,
    reserved,
    free,
    coming,
    missing,
    packs,
    packSize: s.packSize,
    cost: minor(packs * s.packPrice),
    left: free + coming + packs * s.packSize - need.need,
    lengths: cut && pieces ? { count: pieces.length, unplaced: cut.unplaced } : undefined,
  };
}

interface CutShade {
  /** Balls that must be bought. */
  readonly fresh: number;
  /** mg that find no place. */
  readonly missing: number;
  readonly unplaced: number;
}

/** A ball that was bought for an earlier run, or what is left of it. */
const boughtBall = (shelf: Shelf, mg: number): CutBall => ({
  id: `bought-${shelf.named++}`,
  lot: "bought",
  mg,
  state: mg < shelf.stock.packSize ? "opened" : "full",
});

/** Lengths put on the balls there are; the balls keep what is left of them for the next run. */
function cutFrom(shelf: Shelf, pieces: readonly CutPiece[]): CutShade {
  const plan = planCutting({
    pieces,
    balls: shelf.balls,
    newBallMg: shelf.stock.packSize,
    lotRule: "item",
    joins: false,
    joinMg: 0,
    effort: 0,
    quick: true,
  });
  const onNew = plan.cuts.filter((c) => c.ball.startsWith("new-"));
  shelf.balls = shelf.balls.map((b) => ({ ...b, mg: plan.left.get(b.id) ?? b.mg })).filter((b) => b.mg > 0);
  for (const [id, mg] of plan.left)
    if (id.startsWith("new-") && mg > 0) shelf.balls.push(boughtBall(shelf, mg));
  const tooLong = pieces.filter((p) => plan.tooLong.includes(p.id));
  return {
    fresh: plan.newBalls,
    missing: onNew.reduce((sum, c) => sum + c.mg, 0) + tooLong.reduce((sum, p) => sum + p.mg, 0),
    unplaced: onNew.length + tooLong.length,
  };
}

/** A kept plan has its own balls aside already; what it buys may be on its way. */
function asKept(shelf: Shelf, fresh: readonly FreshBall[]): CutShade {
  let buy = 0;
  let missing = 0;
  let unplaced = 0;
  for (const { mg: used, lengths } of fresh) {
    const at = shelf.balls.findIndex((b) => b.lot === "coming" && b.mg === shelf.stock.packSize);
    if (at >= 0) shelf.balls.splice(at, 1);
    else {
      buy++;
      missing += used;
      unplaced += lengths;
    }
    const rest = shelf.stock.packSize - used;
    if (rest > 0) shelf.balls.push(boughtBall(shelf, rest));
  }
  return { fresh: buy, missing, unplaced };
}

export function costOfBuying(list: readonly Netted[]): Minor {
  return minor(list.reduce((sum, s) => sum + s.cost, 0));
}
