import { parseDate } from "@internationalized/date";
import type { Due } from "@core/planning";
import { lookedAt } from "@db/queries/batches";
import type { Scope } from "@db/scope";
import { ownSecondsLeft } from "../runs/lines";
import { loadRuns } from "../runs/load.server";
import { wareKey } from "./wares";
import { lastBatches } from "./wares.server";

/** What open runs that are due by a day will still bring, and what they still take of the maker's hours. */
export interface OpenWork {
  /** By ware: pieces that are not on the shelf yet. */
  readonly pieces: ReadonlyMap<string, number>;
  readonly works: readonly Due[];
  readonly hours: number;
}

export async function openWork(scope: Scope, day?: string): Promise<OpenWork> {
  const [runs, batches] = await Promise.all([loadRuns(scope), lastBatches(scope)]);
  const there = new Map<string, number>();
  for (const b of batches) if (b.lineId) there.set(b.lineId, (there.get(b.lineId) ?? 0) + lookedAt(b));
  const pieces = new Map<string, number>();
  const works: Due[] = [];
  for (const r of runs) {
    if (day !== undefined && r.run.dueOn > day) continue;
    works.push({ id: r.run.id, hours: ownSecondsLeft(r) / 3600, dueOn: parseDate(r.run.dueOn) });
    for (const l of r.lines) {
      const key = wareKey(l.itemId, l.colourwayId ?? "");
      pieces.set(key, (pieces.get(key) ?? 0) + Math.max(0, l.quantity - (there.get(l.id) ?? 0)));
    }
  }
  return { pieces, works, hours: works.reduce((sum, w) => sum + w.hours, 0) };
}
