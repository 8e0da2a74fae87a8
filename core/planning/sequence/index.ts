import { EXACT, exactOrder } from "./exact";
import { earliestPiece } from "./first-piece";
import { schoolOrder, type School } from "./schools";
import { fewestSetUps, stillToSetUp } from "./search";
import { better, reckon, Tasks, type Sequence, type SetUp, type Task } from "./task";

export { TasksInACircle, UnknownTask, type Sequence, type SetUp, type Task } from "./task";
export type { School } from "./schools";
export { tasksOfPiece, type PieceOfRun } from "./of-piece";

export const SCHOOLS: readonly School[] = ["piece", "part", "colour"];

export interface Sequenced extends Sequence {
  /** No order whatever has fewer seconds of set-up than this. */
  readonly bound: number;
  /** That the set-up is the least there is. */
  readonly proven: boolean;
}

/**
 * An order of all tasks: one of the three schools, or `best`, the fewest seconds of set-up and of those the
 * earliest first piece. `best` is never more than any school; up to fourteen tasks it is the optimum in both,
 * beyond that the set-up is proven where the search left nothing out. Pure and repeatable.
 * @throws UnknownTask when a task waits for one that is not there
 * @throws TasksInACircle when tasks wait for one another
 */
export function sequence(list: readonly Task[], setUp: SetUp, school: School | "best"): Sequenced {
  const tasks = new Tasks(list, setUp);
  const bound = stillToSetUp(tasks, undefined, undefined);
  if (school !== "best") {
    const s = reckon(tasks, schoolOrder(tasks, school));
    return { ...s, bound, proven: s.setupSeconds <= bound + 1e-9 };
  }
  if (tasks.n <= EXACT) {
    const s = reckon(tasks, exactOrder(tasks));
    return { ...s, bound: s.setupSeconds, proven: true };
  }
  const { blocks, proven } = fewestSetUps(tasks);
  let best = reckon(tasks, earliestPiece(tasks, blocks));
  for (const other of SCHOOLS) {
    const s = reckon(tasks, schoolOrder(tasks, other));
    if (better(s, best)) best = s;
  }
  return proven
    ? { ...best, bound: best.setupSeconds, proven }
    : { ...best, bound, proven: best.setupSeconds <= bound + 1e-9 };
}
