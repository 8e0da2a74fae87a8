import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { listDeleted } from "./queries/bin";
import { keepScenario, listScenarios, setScenarioDeleted, TooManyScenarios } from "./queries/scenarios";
import { NotThere, type Scope } from "./scope";
import { freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
const dearer = { name: "Dearer", price: 10, quantity: -5, pace: 0, yarn: 0, yield: 0, wage: 0 };
beforeAll(async () => {
  ({ db, close } = await freshDatabase("scenarios"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
});
afterAll(() => close());

describe("scenarios that are kept", () => {
  it("come back as they were, in their own workshop alone, and from the bin", async () => {
    const id = await keepScenario(scope, dearer);
    expect(await listScenarios(scope)).toMatchObject([{ id, ...dearer }]);
    expect(await listScenarios(other)).toEqual([]);
    await expect(setScenarioDeleted(other, id, true)).rejects.toThrow(NotThere);
    await setScenarioDeleted(scope, id, true);
    expect(await listScenarios(scope)).toEqual([]);
    expect(await listDeleted(scope)).toMatchObject([{ kind: "scenario", id, name: "Dearer" }]);
    await setScenarioDeleted(scope, id, false);
    expect(await listScenarios(scope)).toHaveLength(1);
  });
  it("are twenty at most, and what is in the bin does not count", async () => {
    const ids: string[] = [];
    for (let i = 0; i < 20; i++) ids.push(await keepScenario(other, dearer));
    await expect(keepScenario(other, dearer)).rejects.toThrow(TooManyScenarios);
    await setScenarioDeleted(other, ids[0] ?? "", true);
    await keepScenario(other, dearer);
    expect(await listScenarios(other)).toHaveLength(20);
  });
});
