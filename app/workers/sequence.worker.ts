import { expose } from "comlink";
import { SCHOOLS, sequence, type Sequenced, type SetUp, type Task } from "@core/planning/sequence";

/**
 * Orders of tasks away from the page: the best of hundreds takes seconds. It is cancelled by ending the
 * worker.
 */
const api = {
  schools: (tasks: readonly Task[], setUp: SetUp): Record<string, Sequenced> =>
    Object.fromEntries(SCHOOLS.map((s) => [s, sequence(tasks, setUp, s)])),
  best: (tasks: readonly Task[], setUp: SetUp): Sequenced => sequence(tasks, setUp, "best"),
};
export type SequenceApi = typeof api;
expose(api);
