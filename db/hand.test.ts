import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { handDataOf, loadMeasured } from "../app/features/hand/load.server";
import { coverage, narrowing, toldInOrder } from "../app/features/hand/history";
import { groupOf, knowledgeOf } from "../app/features/hand/learning";
import { HIDDEN_HAND, seedDemo } from "../demo/seed";
import type { Database } from "./connect";
import { listHands, listTimings, listWeighIns, saveHand, saveTiming, saveWeighIn, setAside } from "./queries/hands";
import { listYarns } from "./queries/materials";
import type { Scope } from "./scope";
import { freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
const TODAY = "2026-11-23";
beforeAll(async () => {
  const fresh = await freshDatabase("hand");
  db = fresh.db;
  close = fresh.close;
});
afterAll(() => close());

const weighing = (handId: string, key: string) => ({ handId, kind: "yarn" as const, itemId: "i", revisionId: "r", part: "", pieces: 1, yarnId: "y", hookUm: 3000, loops: "over" as const, firmness: null, weightMg: 5000, stepMg: 100, expectedMg: 4500, besideMg: 0, madeOn: TODAY, note: "", idempotencyKey: key });

describe("hands and their measurements", () => {
  it("a workshop has its maker's hand from the first look, and only one", async () => {
    const scope = await scopeOf(db, "First look");
    const looks = await Promise.all([listHands(scope), listHands(scope), listHands(scope)]);
    expect(looks.map((l) => l.length)).toEqual([1, 1, 1]);
    expect((await listHands(scope))[0]?.name).toBe("Me");
  });
  it("are kept once under a key, set aside and brought back, and belong to one workshop", async () => {
    const [mine, theirs] = [await scopeOf(db, "Mine"), await scopeOf(db, "Theirs")];
    const [hand] = await listHands(mine);
    await saveWeighIn(mine, weighing(hand?.id ?? "", "once"));
    await saveWeighIn(mine, weighing(hand?.id ?? "", "once"));
    await saveTiming(mine, { handId: hand?.id ?? "", itemId: "i", revisionId: "r", part: "", stage: "sewing", pieces: 2, seconds: 300, laps: [160, 140], work: { sewing: 280 }, madeOn: TODAY, note: "", idempotencyKey: "once" });
    expect([(await listWeighIns(mine)).length, (await listTimings(mine)).length]).toEqual([1, 1]);
    await expect(saveWeighIn(theirs, weighing(hand?.id ?? "", "stolen"))).rejects.toThrow();
    const id = (await listWeighIns(mine))[0]?.id ?? "";
    await setAside(theirs, "weighIn", id, true);
    expect((await listWeighIns(mine))[0]?.setAside).toBe(false);
    await setAside(mine, "weighIn", id, true);
    expect((await listWeighIns(mine))[0]?.setAside).toBe(true);
    expect((await listTimings(mine))[0]).toMatchObject({ laps: [160, 140], work: { sewing: 280 } });
  });
  it("a helper's are apart from the maker's, and yarn under from yarn over", async () => {
    const scope = await scopeOf(db, "Two hands");
    const [me] = await listHands(scope);
    const helper = await saveHand(scope, { name: "Wren", loops: "under" });
    await saveWeighIn(scope, weighing(me?.id ?? "", "a"));
    await saveWeighIn(scope, { ...weighing(helper, "b"), loops: "under", weightMg: 3000 });
    await saveWeighIn(scope, { ...weighing(helper, "c"), loops: "over" });
    const measured = await loadMeasured(scope);
    const of = (name: string) => handDataOf(measured, [], measured.hands.find((h) => h.name === name)).tension.map((t) => Number(t.ratio.toFixed(3)));
    expect(of("Me")).toEqual([1.111]);
    expect(of("Wren")).toEqual([0.667]);
  });
});

describe("the demo's six months of measurements", () => {
  it("give back the hidden hand they come from", async () => {
    const id = await seedDemo(db, TODAY, new Date(`${TODAY}T10:00:00Z`));
    const scope: Scope = { db, workshopId: id, now: new Date(`${TODAY}T10:00:00Z`) };
    const [measured, yarns] = await Promise.all([loadMeasured(scope), listYarns(scope, true)]);
    expect(measured.weighIns.length).toBeGreaterThanOrEqual(7);
    expect(measured.timings.length).toBeGreaterThanOrEqual(7);
    // Swatches of the demo were written by hand, not by the hidden one: its weigh-ins alone must find it.
    const data = handDataOf({ ...measured, swatches: [] }, yarns, measured.hands[0]);
    const known = knowledgeOf(data, TODAY, 0);
    const slate = yarns.find((y) => y.shade === "slate")?.id ?? "";
    const learned = known.tension.of(groupOf(slate, 3));
    expect(learned.own).toBeGreaterThanOrEqual(2);
    expect(Math.abs(Math.exp(learned.mean) / (HIDDEN_HAND.tension * (HIDDEN_HAND.yarns.slate ?? 1)) - 1)).toBeLessThan(0.04);
    const filling = known.density.elsewhere;
    expect(Math.abs(Math.exp(filling.mean) / HIDDEN_HAND.packing - 1)).toBeLessThan(0.1);
    expect(Math.abs(known.pace.factor("plain") / HIDDEN_HAND.crochet - 1)).toBeLessThan(0.08);
    expect(Math.abs(known.pace.factor("sewing") / HIDDEN_HAND.finishing - 1)).toBeLessThan(0.12);
    const told = toldInOrder(data, 0);
    const hits = coverage(told);
    expect(hits.of).toBe(told.length);
    expect(hits.inside / hits.of).toBeGreaterThan(0.75);
    const points = narrowing(data, groupOf(slate, 3), 0, TODAY);
    const width = (p: { low: number; high: number } | undefined) => Math.log((p?.high ?? 1) / (p?.low ?? 1));
    expect(width(points.at(-1))).toBeLessThan(0.3 * width(points[0]));
  });
});
