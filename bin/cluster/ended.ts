import type { ChildProcess } from "node:child_process";

export const hasEnded = (child: ChildProcess): boolean =>
  child.exitCode !== null || child.signalCode !== null;

/** Sends a process a signal and waits until it is gone; one that is gone already is. */
export async function ended(child: ChildProcess | undefined, signal: NodeJS.Signals): Promise<void> {
  if (!child || hasEnded(child)) return;
  const gone = new Promise((done) => child.once("exit", done));
  child.kill(signal);
  await gone;
}
