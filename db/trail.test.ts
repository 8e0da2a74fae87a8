import { and, eq } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { doOnce, doWhole } from "./queries/acts";
import { saveSupplier } from "./queries/suppliers";
import { checkTrail, listTrail } from "./queries/trail";
import { supplier, trail, trailHead } from "./schema";
import { transact, type Scope } from "./scope";
import { freshDatabase, scopeOf } from "./testing";
import { brokenAt, NO_HASH, trailHash, type Doing } from "./trail";

let database: Awaited<ReturnType<typeof freshDatabase>>;
let plain: Scope;
const doing: Doing = {
  accountId: null,
  who: "Marit",
  what: "suppliers:supplier",
  subject: "",
  detail: { name: "Wool" },
};
const as = (more: Partial<Doing> = {}): Scope => ({ ...plain, doing: { ...doing, ...more } });
const content = (name: string) => ({ name, note: "", url: "", leadDays: 3 }) as never;
const seqs = async () => (await listTrail(plain, {}, 1000)).map((r) => r.seq);

beforeAll(async () => {
  database = await freshDatabase("trail");
});
afterAll(() => database.close());
const begin = async (name: string) => {
  plain = { ...(await scopeOf(database.db, name)), now: new Date("2026-11-27T10:00:00.123Z") };
};

describe("the trail", () => {
  it("has one line an act, whatever transactions lie within it, and none of what the program does by itself", async () => {
    await begin("lines");
    await doWhole(as(), async (tx) => {
      await saveSupplier(tx, content("Wool of the bay"));
      await saveSupplier(tx, content("Hooks and eyes"));
      return { result: 1, kept: { body: 1, status: 200 } };
    });
    await transact(plain, (tx) => saveSupplier(tx, content("Quiet")));
    expect(await seqs()).toEqual([1]);
    expect(await checkTrail(plain)).toEqual({ rows: 1, broken: undefined });
  });
  it("has none of what was refused, failed, or was sent a second time", async () => {
    await begin("refused");
    const save = (tx: Scope) => saveSupplier(tx, content("Wool"));
    const refuse = async (tx: Scope) => {
      await save(tx);
      return { result: "no", kept: undefined };
    };
    expect(await doWhole(as(), refuse)).toBe("no");
    expect(await doOnce(as(), "a", refuse)).toEqual({ first: "no" });
    await expect(
      transact(as(), async (tx) => {
        await save(tx);
        throw new Error("in the middle");
      }),
    ).rejects.toThrow("in the middle");
    expect(await seqs()).toEqual([]);
    expect(await plain.db.select().from(supplier).where(eq(supplier.workshopId, plain.workshopId))).toEqual(
      [],
    );
    const once = () =>
      doOnce(as(), "b", async (tx) => ({ result: await save(tx), kept: { body: null, status: 200 } }));
    await Promise.all([once(), once(), once()]);
    await once();
    expect(await seqs()).toEqual([1]);
  });
  it("puts acts that come at the same time in one order, each after the other", async () => {
    await begin("at once");
    await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        transact(as({ subject: String(i) }), (tx) => saveSupplier(tx, content(`Supplier ${i}`))),
      ),
    );
    expect(await seqs()).toEqual(Array.from({ length: 40 }, (_, i) => 40 - i));
    expect(await checkTrail(plain)).toEqual({ rows: 40, broken: undefined });
  });
  it("shows a line that was changed, taken out, put in, or cut off the end", async () => {
    const of = (seq: number) => and(eq(trail.workshopId, plain.workshopId), eq(trail.seq, seq));
    const [was] = await plain.db.select().from(trail).where(of(7));
    if (!was) throw new Error("no line");
    for (const change of [
      { who: "Eve" },
      { detail: { name: "Silk" } },
      { at: new Date(0) },
      { subject: "x" },
    ]) {
      await plain.db.update(trail).set(change).where(of(7));
      expect((await checkTrail(plain)).broken).toBe(7);
      await plain.db.update(trail).set(was).where(of(7));
    }
    await plain.db.delete(trail).where(of(7));
    expect((await checkTrail(plain)).broken).toBe(7);
    await plain.db.insert(trail).values(was);
    const [last] = await plain.db.select().from(trail).where(of(40));
    await plain.db.delete(trail).where(of(40));
    expect((await checkTrail(plain)).broken).toBe(40);
    await plain.db.insert(trail).values(last ?? was);
    await plain.db
      .insert(trail)
      .values({ ...was, seq: 41, hash: trailHash(NO_HASH, plain.workshopId, { ...was, seq: 41 }) });
    expect((await checkTrail(plain)).broken).toBe(41);
    await plain.db.delete(trail).where(of(41));
    expect(await checkTrail(plain)).toEqual({ rows: 40, broken: undefined });
    const [head] = await plain.db.select().from(trailHead).where(eq(trailHead.workshopId, plain.workshopId));
    const rows = (await listTrail(plain, {}, 1000)).reverse();
    // Lines of one workshop are none of another's.
    expect(brokenAt("another workshop", rows, head)).toBe(1);
  });
  it("is looked through by words, by who, by day, and a page at a time", async () => {
    await begin("looking");
    await transact(as({ detail: { name: "50 % off_x" } }), (tx) => saveSupplier(tx, content("A")));
    await transact(as({ who: "Sanna", accountId: "11111111-1111-4111-8111-111111111111" }), (tx) =>
      saveSupplier(tx, content("B")),
    );
    const look = async (wish: Parameters<typeof listTrail>[1]) =>
      (await listTrail(plain, wish, 10)).map((r) => r.seq);
    expect(await look({ words: "sanna" })).toEqual([2]);
    expect(await look({ words: "0 % off_" })).toEqual([1]);
    expect(await look({ words: "%%%" })).toEqual([]);
    expect(await look({ words: "saved", acts: ["suppliers:supplier"] })).toEqual([2, 1]);
    expect(await look({ accountId: "11111111-1111-4111-8111-111111111111" })).toEqual([2]);
    expect(await look({ before: 2 })).toEqual([1]);
    expect(await look({ from: new Date("2026-11-28T00:00:00Z") })).toEqual([]);
    expect(await look({ to: new Date("2026-11-28T00:00:00Z") })).toEqual([2, 1]);
  });
});
