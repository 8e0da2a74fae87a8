import { listBalls } from "@db/queries/balls";
import { findCutting } from "@db/queries/cutting";
import { listYarns } from "@db/queries/materials";
import type { RunWithLines } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import type { CuttingLine, Shade } from "./cutting";

/** What a run's lengths are cut from: its shades, their balls less what other runs were promised, and the plan that was kept. */
export async function loadCutting(scope: Scope, r: RunWithLines): Promise<{ lines: CuttingLine[]; shades: Shade[]; kept: Awaited<ReturnType<typeof findCutting>>; complete: boolean }> {
  const lines = r.lines.map((l): CuttingLine => ({ label: l.plannedWith.label, quantity: l.quantity, lengths: l.plannedWith.lengths ?? [] }));
  const ids = [...new Set(lines.flatMap((l) => l.lengths.map((x) => x.yarnId)))];
  const [yarns, balls, kept] = await Promise.all([listYarns(scope, true), listBalls(scope, { yarnIds: ids, except: r.run.id }), findCutting(scope, r.run.id)]);
  const shades = ids.flatMap((id): Shade[] => {
    const y = yarns.find((x) => x.id === id);
    if (!y) return [];
    return [{
      yarnId: id, label: `${y.shade}, ${y.name}`, colour: y.colour, mmPer100g: y.mmPer100g, newBallMg: y.ballMg, ballPrice: y.ballPrice,
      balls: balls.filter((b) => b.yarnId === id && b.mg - b.reserved > 0).map((b) => ({ id: b.id, lot: b.lot, mg: b.mg - b.reserved, state: b.state, place: b.place, fullMg: b.fullMg })),
    }];
  });
  return { lines, shades, kept, complete: r.lines.every((l) => l.plannedWith.lengths !== undefined) };
}
