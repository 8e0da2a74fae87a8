import { and, eq, lt } from "drizzle-orm";
import type { Database } from "../connect";
import { formAct } from "../schema";
import { mine, transact, type Scope } from "../scope";
import type { KeptAnswer } from "../tables/acts";

export type { KeptAnswer } from "../tables/acts";

/** Rolls the work back and hands out what it came to. */
class Abandoned<T> extends Error {
  constructor(readonly result: T) {
    super("nothing is kept of a refused act");
    this.name = "Abandoned";
  }
}

/**
 * Does the work of one act, and keeps its answer in the same transaction: all of it happens, or nothing. The
 * same act again, also at the same time, gives the answer that was kept. Work whose answer is not to be kept
 * (a refusal) is rolled back.
 */
export async function doOnce<T>(
  scope: Scope,
  act: string,
  work: (tx: Scope) => Promise<{ readonly result: T; readonly kept: KeptAnswer | undefined }>,
): Promise<{ readonly first: T } | { readonly again: KeptAnswer }> {
  try {
    return await transact(scope, async (tx) => {
      const [head] = await tx.db
        .insert(formAct)
        .ignore()
        .values({ workshopId: tx.workshopId, act, answer: null, at: tx.now });
      if (head.affectedRows === 0) {
        const [row] = await tx.db
          .select({ answer: formAct.answer })
          .from(formAct)
          .where(mine(tx, formAct, eq(formAct.act, act)));
        // Nothing is done a second time, and nothing of it stands in the trail.
        if (row?.answer) throw new Abandoned({ again: row.answer });
      }
      const { result, kept } = await work(tx);
      if (!kept) throw new Abandoned({ first: result });
      await tx.db
        .update(formAct)
        .set({ answer: kept })
        .where(and(mine(tx, formAct), eq(formAct.act, act)));
      return { first: result };
    });
  } catch (error) {
    if (error instanceof Abandoned)
      return (error as Abandoned<{ readonly first: T } | { readonly again: KeptAnswer }>).result;
    throw error;
  }
}

/** Does the work of an act that carries no key: all of it happens, or, when it is refused, nothing. */
export async function doWhole<T>(
  scope: Scope,
  work: (tx: Scope) => Promise<{ readonly result: T; readonly kept: KeptAnswer | undefined }>,
): Promise<T> {
  try {
    return await transact(scope, async (tx) => {
      const { result, kept } = await work(tx);
      if (!kept) throw new Abandoned(result);
      return result;
    });
  } catch (error) {
    if (error instanceof Abandoned) return (error as Abandoned<T>).result;
    throw error;
  }
}

/** Acts are remembered for as long as a page may stand open. */
export async function forgetActs(db: Database, before: Date): Promise<void> {
  await db.delete(formAct).where(lt(formAct.at, before));
}
