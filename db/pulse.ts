import { writeBeats } from "./beats";
import { pulse, PULSES } from "./schema";
import { mine, transact, type Scope } from "./scope";

export type Pulse = (typeof PULSES)[number];
export type Beats = Readonly<Record<Pulse, string>>;

/**
 * Says that something of it changes: whatever was kept of it is read anew. Written when the transaction
 * around it ends.
 */
export async function beat(scope: Scope, of: Pulse): Promise<void> {
  if (scope.due) scope.due.add(of);
  else await writeBeats(scope, [of]);
}

/** A change to what is kept between requests: it and its beat are written together or not at all. */
export const changing = <T>(scope: Scope, of: Pulse, work: (tx: Scope) => Promise<T>): Promise<T> =>
  transact(scope, async (tx) => {
    const done = await work(tx);
    await beat(tx, of);
    return done;
  });

/** The beats as they are now; what never changed has an empty one. */
export async function beatsOf(scope: Scope): Promise<Beats> {
  const rows = await scope.db.select().from(pulse).where(mine(scope, pulse));
  const of = new Map(rows.map((r) => [r.of, r.beat]));
  return Object.fromEntries(PULSES.map((p) => [p, of.get(p) ?? ""])) as Beats;
}
