import { and, eq, gt, sql } from "drizzle-orm";
import { stockMove } from "../schema";
import { mine, type Scope } from "../scope";

/** A ball of a run's cutting plan that was weighed at the bench. */
export interface BallWeighed {
  readonly ballId: string;
  /** What was on it, mg. */
  readonly mg: number;
  readonly at: Date;
  /** What the plan expected of the lengths that had been worked by then, mg. */
  readonly covered: number;
  /** Those lengths, as the plan names them. */
  readonly pieces: readonly string[];
}

/**
 * What a run took of each weighed ball until it was weighed, mg: what the book has there, less what the scale
 * said and what came or went since. Below zero where the book had too little on it.
 */
export async function usedUntilWeighed(
  scope: Scope,
  weighed: readonly BallWeighed[],
  onBalls: ReadonlyMap<string, number>,
): Promise<Map<string, number>> {
  const out = new Map<string, number>();
  for (const w of weighed) {
    const has = onBalls.get(w.ballId);
    if (has === undefined) continue;
    const [since] = await scope.db
      .select({ mg: sql<string | null>`sum(${stockMove.quantity})` })
      .from(stockMove)
      .where(mine(scope, stockMove, and(eq(stockMove.ballId, w.ballId), gt(stockMove.at, w.at))));
    out.set(w.ballId, has - Number(since?.mg ?? 0) - w.mg);
  }
  return out;
}
