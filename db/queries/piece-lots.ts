import { inArray } from "drizzle-orm";
import { lotsByPiece, placedLength, type PiecesOfLots } from "@core/planning/piece-lots";
import { ball, type KeptCutting } from "../schema";
import { mine, type Scope } from "../scope";
import { findCutting } from "./cutting";
import type { RunWithLines } from "./runs";

/**
 * Which piece of each line of a run holds which lots, by the line's id: what was written down when the run
 * ended, until then what its cutting plan says. Lines without either are left out.
 */
export async function lotsOfPieces(
  scope: Scope,
  r: RunWithLines,
): Promise<ReadonlyMap<string, readonly PiecesOfLots[]>> {
  if (r.run.state === "finished")
    return new Map(r.lines.flatMap((l) => (l.lots ? [[l.id, l.lots] as const] : [])));
  const plan = (await findCutting(scope, r.run.id))?.plan;
  return plan ? lotsAsPlaced(scope, r, plan.placed) : new Map();
}

/** The same of what a plan has placed. */
export async function lotsAsPlaced(
  scope: Scope,
  r: Pick<RunWithLines, "lines">,
  placed: KeptCutting["placed"],
): Promise<ReadonlyMap<string, readonly PiecesOfLots[]>> {
  const ids = [...new Set(placed.map((p) => p.ball))];
  if (ids.length === 0) return new Map();
  // Also of balls that were used up or deleted since.
  const rows = await scope.db
    .select({ id: ball.id, lot: ball.lot })
    .from(ball)
    .where(mine(scope, ball, inArray(ball.id, ids)));
  const lots = new Map(rows.map((b) => [b.id, b.lot]));
  const groups = lotsByPiece(placed.flatMap((p) => placedLength(p.piece, lots.get(p.ball) ?? null) ?? []));
  return new Map(
    [...groups].flatMap(([line, g]) => {
      const id = r.lines[line]?.id;
      return id ? [[id, g] as const] : [];
    }),
  );
}
