import cluster, { type Worker } from "node:cluster";

/** A process that died is begun again after this, and not at once: what kills it may kill the next. */
const AGAIN_MS = 1000;
/** More would only wait for the database. */
const MOST = 16;

/** How many processes answer at one port: `LAPKA_PROCESSES`, 1 where it is not set. @throws where it is no number */
export function processesWanted(asked: string | undefined): number {
  if (asked === undefined || asked.trim() === "") return 1;
  const n = Number(asked);
  if (!Number.isInteger(n) || n < 1 || n > MOST)
    throw new Error(
      `LAPKA_PROCESSES=${asked} is not a number from 1 to ${MOST}: leave it out for one process.`,
    );
  return n;
}

/** Is this the process that does what only one may do: says the address, makes the copies, serves the metrics? */
export const isFirst = (): boolean => cluster.isPrimary || process.env.LAPKA_WORKER === "1";

/**
 * Begins `n` processes that share a port, begins one again that died, and ends with them. The database is what
 * they share: they know nothing of each other.
 */
export function holdProcesses(n: number): void {
  // All accept from one queue: a connection that one holds by itself when it is killed would be lost.
  cluster.schedulingPolicy = cluster.SCHED_NONE;
  const numbers = new Map<Worker, number>();
  let stopping = false;
  const begin = (number: number) => {
    if (!stopping) numbers.set(cluster.fork({ LAPKA_WORKER: String(number) }), number);
  };
  cluster.on("exit", (worker, code) => {
    const number = numbers.get(worker) ?? 1;
    numbers.delete(worker);
    if (stopping) {
      if (numbers.size === 0) process.exit(0);
      return;
    }
    // One that never came up would never: the others are not asked to hide it.
    if (code === 1 && numbers.size < n - 1) process.exit(1);
    process.stderr.write(`lapka: process ${number} ended with ${code}, begun again\n`);
    setTimeout(() => begin(number), AGAIN_MS);
  });
  const stop = () => {
    if (stopping) process.exit(1);
    stopping = true;
    for (const worker of numbers.keys()) worker.process.kill("SIGTERM");
    if (numbers.size === 0) process.exit(0);
  };
  process.on("SIGINT", stop);
  process.on("SIGTERM", stop);
  for (let k = 1; k <= n; k++) begin(k);
}
