import { useEffect, useMemo } from "react";

/** Longer than this nobody works at one step: the table was left, and the time is not known. */
const MOST_MS = 6 * 3_600_000;

/**
 * The clock of the step at hand: it begins when the view opens or the step before was done, and outlives a
 * reload.
 */
export function useSince(line: string): { readonly lap: () => number; readonly restart: () => void } {
  const name = `lapka-bench-since-${line}`;
  useEffect(() => {
    if (read(name) === undefined) write(name, Date.now());
  }, [name]);
  return useMemo(
    () => ({
      lap: () => {
        const now = Date.now();
        const from = read(name);
        write(name, now);
        const ms = from === undefined ? 0 : now - from;
        return ms > 0 && ms < MOST_MS ? ms : 0;
      },
      restart: () => write(name, Date.now()),
    }),
    [name],
  );
}

function read(name: string): number | undefined {
  try {
    const kept = Number(sessionStorage.getItem(name));
    return kept > 0 ? kept : undefined;
  } catch {
    return undefined;
  }
}
function write(name: string, at: number): void {
  try {
    sessionStorage.setItem(name, String(at));
  } catch {
    // Without a store the time of this step is not measured.
  }
}
