import { asc, count, isNull } from "drizzle-orm";
import { changeRow } from "../change";
import { scenario } from "../schema";
import { mine, newId, transact, type Scope } from "../scope";

export type Scenario = typeof scenario.$inferSelect;
type NewScenario = Pick<Scenario, "name" | "price" | "quantity" | "pace" | "yarn" | "yield" | "wage">;
const MOST = 20;

export class TooManyScenarios extends Error {
  constructor(readonly most: number) {
    super(`a workshop keeps ${most} scenarios at most`);
    this.name = "TooManyScenarios";
  }
}

export const listScenarios = (scope: Scope): Promise<Scenario[]> =>
  scope.db
    .select()
    .from(scenario)
    .where(mine(scope, scenario, isNull(scenario.deletedAt)))
    .orderBy(asc(scenario.createdAt), asc(scenario.id));

/** @throws TooManyScenarios */
export async function keepScenario(scope: Scope, content: NewScenario): Promise<string> {
  return transact(scope, async (tx) => {
    const [row] = await tx.db
      .select({ n: count() })
      .from(scenario)
      .where(mine(tx, scenario, isNull(scenario.deletedAt)));
    if ((row?.n ?? 0) >= MOST) throw new TooManyScenarios(MOST);
    const id = newId();
    await tx.db.insert(scenario).values({ ...content, id, workshopId: tx.workshopId, createdAt: tx.now });
    return id;
  });
}

/** Deletes a scenario, or brings it back. @throws NotThere */
export async function setScenarioDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await transact(scope, (tx) =>
    changeRow(tx, scenario, id, { deletedAt: deleted ? tx.now : null }, "The scenario"),
  );
}
