import { benchState, learnedSetUp, setUpsSeen } from "@core/planning";
import type { SetUp } from "@core/planning/sequence";
import { linesWorkedSince } from "@db/queries/bench";
import type { Opened } from "../../server/scope.server";
import { actsOf, loadBenchWork } from "./load.server";

/** What was done longer ago says less than what she does now. */
const WINDOW_MS = 90 * 86_400_000;

/** What set-ups take: as the settings say, drawn towards what the bench saw in the last three months. */
export async function knownSetUp(opened: Opened): Promise<{ readonly setUp: SetUp; readonly of: number }> {
  const { scope, workshop: w } = opened;
  const lines = await linesWorkedSince(scope, scope.now.getTime() - WINDOW_MS);
  const seen = await Promise.all(
    lines.map(async (id) => {
      const work = await loadBenchWork(opened, id);
      if (!work) return [];
      const { acts } = await actsOf(scope, id);
      return [setUpsSeen(work.steps, benchState(work.steps, work.line.quantity, acts))];
    }),
  );
  return learnedSetUp({ colour: w.setUpColour, hook: w.setUpHook, stage: w.setUpStage }, seen.flat());
}
