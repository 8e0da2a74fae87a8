import { benchState, stintsOf, type Stint } from "@core/planning";
import { linesWorkedSince } from "@db/queries/bench";
import { todayBegan, type Opened } from "../../server/scope.server";
import { actsOf, loadBenchWork } from "./load.server";

/** Today's work of some hands at other lines than the one at the table. */
export interface Elsewhere {
  /** When today began, ms since 1970. */
  readonly from: number;
  readonly byHand: Readonly<Record<string, readonly Stint[]>>;
}

export async function loadElsewhere(
  opened: Opened,
  line: string,
  hands: readonly string[],
): Promise<Elsewhere> {
  const { scope } = opened;
  const from = todayBegan(scope).getTime();
  const lines = await Promise.all(
    (await linesWorkedSince(scope, from, line)).map(async (id) => {
      const work = await loadBenchWork(opened, id);
      if (!work) return undefined;
      const state = benchState(work.steps, work.line.quantity, (await actsOf(scope, id)).acts);
      return { steps: work.steps, state };
    }),
  );
  const worked = lines.filter((l) => l !== undefined);
  return {
    from,
    byHand: Object.fromEntries(
      hands.map((h) => [h, worked.flatMap((l) => stintsOf(l.steps, l.state, from, h))]),
    ),
  };
}
