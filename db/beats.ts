import { v7 } from "uuid";
import { pulse, PULSES } from "./schema";
import type { Scope } from "./scope";

/**
 * Writes a new beat for each of some pulses, always in one order. It is the last that a transaction does:
 * their rows are what all changes of a workshop have in common, and nobody waits for them longer than a
 * commit takes.
 */
export async function writeBeats(tx: Scope, due: Iterable<(typeof PULSES)[number]>): Promise<void> {
  const of = new Set(due);
  const now = v7();
  for (const p of PULSES)
    if (of.has(p))
      await tx.db
        .insert(pulse)
        .values({ workshopId: tx.workshopId, of: p, beat: now })
        .onDuplicateKeyUpdate({ set: { beat: now } });
}
