import {
  MOST_LENGTHS,
  netRuns,
  requirementsOf,
  type FreshBall,
  type NetRun,
  type Netted,
  type NetStock,
} from "@core/planning";
import type { Ball } from "@db/queries/balls";
import type { CuttingPlanRow } from "@db/queries/cutting";
import type { Notion, Yarn } from "@db/queries/materials";
import type { RunWithLines } from "@db/queries/runs";
import { lengthsOf, piecesOf, plannedBall, type CuttingLine } from "./cutting";
import { linesOf } from "./lines";

/** What is in the cupboard and on its way, as rows. */
export interface CupboardRows {
  readonly yarns: readonly Yarn[];
  readonly notions: readonly Notion[];
  readonly onHand: ReadonlyMap<string, number>;
  readonly onOrder: ReadonlyMap<string, number>;
  readonly balls: readonly Ball[];
  readonly cuttings: readonly CuttingPlanRow[];
}

/** The chance, in a hundred, that a run's yarn is enough, where no kept plan says another. */
const CONFIDENCE = 95;
/** Every material as the netting takes it. */
export function netStock({ yarns, notions, onHand, onOrder, balls }: CupboardRows): Map<string, NetStock> {
  const amounts = (id: string) => ({ onHand: onHand.get(id) ?? 0, onOrder: onOrder.get(id) ?? 0 });
  const byYarn = grouped(balls);
  return new Map<string, NetStock>([
    ...yarns.map((y): [string, NetStock] => [
      y.id,
      {
        kind: "yarn",
        label: `${y.name}, ${y.shade}`,
        ...amounts(y.id),
        packSize: y.ballMg,
        packPrice: y.ballPrice,
        together: y.packBalls,
        supplierId: y.supplierId ?? undefined,
        balls: (byYarn.get(y.id) ?? []).map((b) => ({ id: b.id, lot: b.lot, mg: b.mg, state: b.state })),
      },
    ]),
    ...notions.map((n): [string, NetStock] => [
      n.id,
      {
        kind: n.kind === "filling" ? "filling" : "notion",
        label: n.name,
        ...amounts(n.id),
        packSize: n.packSize,
        packPrice: n.packPrice,
        together: 1,
        supplierId: n.supplierId ?? undefined,
      },
    ]),
  ]);
}

/** A run as the netting takes it: its needs, its lengths, and the plan that was kept for it. */
export function netRun(
  r: RunWithLines,
  kept: CuttingPlanRow | undefined,
  stock: ReadonlyMap<string, Pick<NetStock, "packSize">>,
): NetRun {
  const lines = r.lines.map((l): CuttingLine => ({
    label: l.plannedWith.label,
    quantity: l.quantity,
    lengths: l.plannedWith.lengths ?? [],
  }));
  const whole = r.lines.every((l) => l.plannedWith.lengths !== undefined) && lengthsOf(lines) <= MOST_LENGTHS;
  const yarns = whole ? [...new Set(lines.flatMap((l) => l.lengths.map((x) => x.yarnId)))] : [];
  return {
    runId: r.run.id,
    label: r.run.name,
    startOn: r.run.startOn,
    needs: requirementsOf(linesOf(r)),
    lengths: new Map(
      yarns.map((yarnId) => [
        yarnId,
        piecesOf(lines, { yarnId, newBallMg: stock.get(yarnId)?.packSize ?? 0 }, CONFIDENCE),
      ]),
    ),
    kept: kept && keptOf(kept, yarns),
  };
}

/**
 * What a kept plan takes, by yarn. A ball says by itself which yarn it is of; new ones carry it in their
 * name.
 */
function keptOf(row: CuttingPlanRow, yarns: readonly string[]): NonNullable<NetRun["kept"]> {
  const out = new Map(
    yarns.map((id) => [id, { balls: new Map<string, number>(), fresh: new Map<string, FreshBall>() }]),
  );
  for (const p of row.plan.placed) {
    const of = out.get(p.piece.split("/")[0] ?? "");
    if (!of) continue;
    const ball = plannedBall(p.ball);
    if (p.ball.startsWith("new-")) {
      const had = of.fresh.get(ball) ?? { mg: 0, lengths: 0 };
      of.fresh.set(ball, { mg: had.mg + p.mg, lengths: had.lengths + 1 });
    } else of.balls.set(ball, (of.balls.get(ball) ?? 0) + p.mg);
  }
  return new Map(
    [...out]
      .filter(([, x]) => x.balls.size + x.fresh.size > 0)
      .map(([id, x]) => [id, { balls: x.balls, fresh: [...x.fresh.values()] }]),
  );
}

/** Every open run against one cupboard, in the order in which they are served. */
export function netOpenRuns(
  runs: readonly RunWithLines[],
  rows: CupboardRows,
): {
  runs: readonly NetRun[];
  stock: ReadonlyMap<string, NetStock>;
  netted: ReadonlyMap<string, readonly Netted[]>;
} {
  const kept = new Map(rows.cuttings.map((c) => [c.runId, c]));
  const stock = netStock(rows);
  const netable = runs.map((r) => netRun(r, kept.get(r.run.id), stock));
  return { runs: netable, stock, netted: netRuns(netable, stock) };
}

function grouped(balls: readonly Ball[]): Map<string, Ball[]> {
  const out = new Map<string, Ball[]>();
  for (const b of balls) out.set(b.yarnId, [...(out.get(b.yarnId) ?? []), b]);
  return out;
}
