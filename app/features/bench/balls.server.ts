import { benchState, coveredBy, cutsAtBench, type BenchCut, type WeighedAct } from "@core/planning";
import { listBalls } from "@db/queries/balls";
import { findCutting } from "@db/queries/cutting";
import type { BallWeighed } from "@db/queries/run-weighed";
import { findRun } from "@db/queries/runs";
import type { Opened } from "../../server/scope.server";
import { actsOf, loadBenchWork, type BenchWork } from "./load.server";

/** A ball that something at the table is cut from. */
export interface BenchBall {
  readonly id: string;
  readonly lot: string;
  readonly place: string;
  /** What the book has on it, mg. */
  readonly mg: number;
}

/** What is cut from which ball, as the run's cutting plan was kept; nothing without one. */
export async function loadCuts(
  { scope }: Opened,
  { run, line }: Pick<BenchWork, "run" | "line">,
): Promise<{ readonly cuts: readonly BenchCut[]; readonly balls: readonly BenchBall[] }> {
  const kept = await findCutting(scope, run.id);
  if (!kept) return { cuts: [], balls: [] };
  const lines = (await findRun(scope, run.id))?.lines ?? [];
  const lengths = line.plannedWith.lengths ?? [];
  const at = lines.findIndex((l) => l.id === line.id);
  const cuts = cutsAtBench(kept.plan.placed, at, lengths);
  const ids = new Set(cuts.map((c) => c.ball));
  const rows = await listBalls(scope, { yarnIds: [...new Set(lengths.map((l) => l.yarnId))] });
  return {
    cuts,
    balls: rows.filter((b) => ids.has(b.id)).map(({ id, lot, place, mg }) => ({ id, lot, place, mg })),
  };
}

/** The balls of a run that were weighed at the bench, each as it was weighed last; for its end. */
export async function weighedOf(opened: Opened, runId: string): Promise<BallWeighed[]> {
  const lines = (await findRun(opened.scope, runId))?.lines ?? [];
  const found = await Promise.all(
    lines.map(async ({ id }) => {
      const { acts } = await actsOf(opened.scope, id);
      // Most lines have none, and neither steps nor plan need be read.
      if (!acts.some((a) => a.kind === "weighed")) return undefined;
      const work = await loadBenchWork(opened, id);
      if (!work) return undefined;
      const { cuts } = await loadCuts(opened, work);
      return { cuts, steps: work.steps, state: benchState(work.steps, work.line.quantity, acts) };
    }),
  );
  const known = found.filter((f) => f !== undefined);
  const last = new Map<string, WeighedAct>();
  for (const { state } of known)
    for (const [ball, w] of state.weighed) if (w.at > (last.get(ball)?.at ?? 0)) last.set(ball, w);
  return [...last].map(([ballId, w]) => {
    const covered = known.flatMap(({ cuts, steps, state }) => coveredBy(w, cuts, steps, state));
    return {
      ballId,
      mg: w.mg,
      at: new Date(w.at),
      covered: covered.reduce((sum, c) => sum + c.expected, 0),
      pieces: covered.map((c) => c.id),
    };
  });
}
