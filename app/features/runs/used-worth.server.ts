import { listBalls } from "@db/queries/balls";
import { movesOfRun, standingMoves } from "@db/queries/stock";
import type { Scope } from "@db/scope";
import { costByLot, movingAverage } from "@core/costing";

/** What the material of a finished run was worth, by both schools. */
export async function usedWorth(
  scope: Scope,
  runId: string,
  yarns: readonly { id: string; ballMg: number; ballPrice: number }[],
  notions: readonly { id: string; packSize: number; packPrice: number }[],
): Promise<{ byLot: number; average: number }> {
  const moves = (await movesOfRun(scope, runId)).filter((m) => m.kind === "used");
  const [standing, balls] = await Promise.all([
    standingMoves(scope, [...new Set(moves.map((m) => m.materialId))]),
    listBalls(scope, { empty: true }),
  ]);
  const byId = new Map(balls.map((b) => [b.id, b]));
  let byLot = 0;
  let average = 0;
  for (const id of new Set(moves.map((m) => m.materialId))) {
    const yarn = yarns.find((y) => y.id === id);
    const notion = notions.find((n) => n.id === id);
    const each = yarn ? yarn.ballPrice / yarn.ballMg : notion ? notion.packPrice / notion.packSize : 0;
    const own = moves.filter((m) => m.materialId === id);
    for (const m of own)
      byLot +=
        m.ballId && byId.has(m.ballId)
          ? costByLot(-m.quantity, byId.get(m.ballId) ?? { fullMg: 1, price: 0 })
          : -m.quantity * each;
    // The average that stood when it went out.
    const at = own[0]?.at.getTime() ?? 0;
    const per =
      movingAverage(
        standing
          .filter((m) => m.materialId === id && m.at.getTime() <= at)
          .map((m) => ({ quantity: m.quantity, cost: m.cost ?? undefined })),
        each,
      ).perUnit ?? each;
    average += own.reduce((s, m) => s - m.quantity, 0) * per;
  }
  return { byLot: Math.round(byLot), average: Math.round(average) };
}
