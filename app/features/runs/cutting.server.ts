import { listBalls, type Ball } from "@db/queries/balls";
import { findCutting, runsWithCutting } from "@db/queries/cutting";
import { type RunWithLines } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { requirementsOf, takeFrom } from "@core/planning";
import { linesOf } from "./lines";
import { runsBefore } from "./load.server";
import type { CuttingLine, Shade } from "./cutting";
import { allYarns, openRuns } from "../../server/rows.server";

/**
 * What a run's lengths are cut from: its shades, their balls less what other runs were promised, and the plan
 * that was kept.
 */
export async function loadCutting(
  scope: Scope,
  r: RunWithLines,
): Promise<{
  lines: CuttingLine[];
  shades: Shade[];
  kept: Awaited<ReturnType<typeof findCutting>>;
  aside: string[];
  complete: boolean;
}> {
  const lines = r.lines.map((l): CuttingLine => ({
    label: l.plannedWith.label,
    quantity: l.quantity,
    lengths: l.plannedWith.lengths ?? [],
  }));
  const ids = [...new Set(lines.flatMap((l) => l.lengths.map((x) => x.yarnId)))];
  const [yarns, balls, kept, runs, planned] = await Promise.all([
    allYarns(scope),
    listBalls(scope, { yarnIds: ids, except: r.run.id }),
    findCutting(scope, r.run.id),
    openRuns(scope),
    runsWithCutting(scope),
  ]);
  // Runs that go first and have no plan of their own yet are given their yarn first, so that it is not
  // promised twice.
  const earlier = runsBefore(runs, r.run).filter((x) => !planned.has(x.run.id));
  const aside = new Map<string, number>();
  for (const x of earlier)
    for (const need of requirementsOf(linesOf(x)))
      if (ids.includes(need.materialId))
        aside.set(need.materialId, (aside.get(need.materialId) ?? 0) + need.needHigh);
  const taken = new Map<string, number>();
  for (const [yarnId, mg] of aside)
    for (const t of takeFrom(
      balls
        .filter((b) => b.yarnId === yarnId)
        .map((b) => ({ id: b.id, mg: b.mg - b.reserved, state: b.state })),
      mg,
    ))
      if (t.ballId) taken.set(t.ballId, t.mg);
  const free = (b: Ball) => b.mg - b.reserved - (taken.get(b.id) ?? 0);
  const shades = ids.flatMap((id): Shade[] => {
    const y = yarns.find((x) => x.id === id);
    if (!y) return [];
    return [
      {
        yarnId: id,
        label: `${y.shade}, ${y.name}`,
        colour: y.colour,
        mmPer100g: y.mmPer100g,
        newBallMg: y.ballMg,
        ballPrice: y.ballPrice,
        balls: balls
          .filter((b) => b.yarnId === id && free(b) > 0)
          .map((b) => ({ id: b.id, lot: b.lot, mg: free(b), state: b.state, place: b.place, onBall: b.mg })),
      },
    ];
  });
  return {
    lines,
    shades,
    kept,
    aside: earlier.filter((x) => [...aside.keys()].length > 0 && x.lines.length > 0).map((x) => x.run.name),
    complete: r.lines.every((l) => l.plannedWith.lengths !== undefined),
  };
}
