/**
 * Runs one task at a time and of all that are asked for meanwhile only the newest: a worker that is asked
 * faster than it answers would otherwise still be answering when she has long done something else.
 */
export function newestOnly(): (task: () => Promise<unknown>) => void {
  let busy = false;
  let next: (() => Promise<unknown>) | undefined;
  const run = (task: () => Promise<unknown>): void => {
    busy = true;
    void task()
      .catch(() => undefined)
      .finally(() => {
        busy = false;
        const waiting = next;
        next = undefined;
        if (waiting) run(waiting);
      });
  };
  return (task) => {
    if (busy) next = task;
    else run(task);
  };
}
