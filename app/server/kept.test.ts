import { describe, expect, it } from "vitest";
import type { Database } from "@db/connect";
import type { Scope } from "@db/scope";
import { keep, readOnce } from "./kept";

/** A workshop whose beats are in the test's hand; counts how often they are asked for. */
function workshop(id: string) {
  const beats = new Map<string, string>();
  let asked = 0;
  const db = {
    select: () => ({
      from: () => ({
        where: () => {
          asked++;
          return Promise.resolve([...beats].map(([of, beat]) => ({ of, beat })));
        },
      }),
    }),
  } as unknown as Database;
  return {
    beats,
    asked: () => asked,
    page: (): Scope => ({ db, workshopId: id, now: new Date(0), reads: true }),
    act: (): Scope => ({ db, workshopId: id, now: new Date(0) }),
  };
}

/** Reads something, and says how often it was really read. */
function reading() {
  let n = 0;
  return { load: () => Promise.resolve([++n]), times: () => n };
}

describe("what is kept between requests", () => {
  it("is read again only when a pulse that it rests on has beaten", async () => {
    const w = workshop("w1");
    const yarns = reading();
    const read = (scope: Scope) => keep(scope, "yarns", ["materials"], yarns.load);
    expect([await read(w.page()), await read(w.page())]).toEqual([[1], [1]]);
    w.beats.set("measured", "a");
    expect(await read(w.page())).toEqual([1]);
    w.beats.set("materials", "b");
    expect(await read(w.page())).toEqual([2]);
    // A copy is brought back: the beat of then is no newer state, and is read again.
    w.beats.set("materials", "a");
    expect(await read(w.page())).toEqual([3]);
  });

  it("is each workshop's own, and each name's", async () => {
    const [a, b] = [workshop("wa"), workshop("wb")];
    const [mine, theirs, other] = [reading(), reading(), reading()];
    await keep(a.page(), "x", ["items"], mine.load);
    await keep(b.page(), "x", ["items"], theirs.load);
    await keep(a.page(), "y", ["items"], other.load);
    expect([mine.times(), theirs.times(), other.times()]).toEqual([1, 1, 1]);
  });

  it("rests on a day or settings too: another one takes the place of the one before", async () => {
    const w = workshop("w6");
    const hand = reading();
    const read = (day: string) => keep(w.page(), "hand", ["measured"], hand.load, day);
    expect([await read("mon"), await read("mon"), await read("tue")]).toEqual([[1], [1], [2]]);
    expect(await read("mon")).toEqual([3]);
  });

  it("is weighed by its rows: what would take more than there is room for is not kept", async () => {
    const w = workshop("w7");
    let reads = 0;
    const read = (rows: number) =>
      keep(w.page(), `${rows}`, ["stock"], () =>
        Promise.resolve(Array.from({ length: rows }, () => ++reads && 0)),
      );
    for (const rows of [1000, 400_000]) {
      reads = 0;
      await read(rows);
      await read(rows);
      expect([rows, reads]).toEqual([rows, rows === 1000 ? rows : 2 * rows]);
    }
  });

  it("cannot be changed by who gets it, and a failure is not kept", async () => {
    const w = workshop("w2");
    const list = await keep(w.page(), "list", ["items"], () => Promise.resolve([3, 1, 2]));
    expect(() => list.sort()).toThrow(TypeError);
    let tries = 0;
    const failing = () => keep(w.page(), "bad", ["items"], () => Promise.reject(new Error(`${++tries}`)));
    await expect(failing()).rejects.toThrow("1");
    await expect(failing()).rejects.toThrow("2");
  });

  it("is never used inside a transaction, which must see its own writing", async () => {
    const w = workshop("w3");
    const rows = reading();
    const inside: Scope = { ...w.act(), within: true };
    await keep(inside, "rows", ["stock"], rows.load);
    await keep(inside, "rows", ["stock"], rows.load);
    expect([rows.times(), w.asked()]).toEqual([2, 0]);
  });
});

describe("what is read once in a request", () => {
  it("is shared by all who ask in a page, and read each time where something may change", async () => {
    const w = workshop("w4");
    const [shared, each] = [reading(), reading()];
    const page = w.page();
    await Promise.all([readOnce(page, "balls", shared.load), readOnce(page, "balls", shared.load)]);
    const act = w.act();
    await readOnce(act, "balls", each.load);
    await readOnce(act, "balls", each.load);
    expect([shared.times(), each.times()]).toEqual([1, 2]);
    await readOnce(w.page(), "balls", shared.load);
    expect(shared.times()).toBe(2);
  });

  it("asks for the beats once, however much is kept", async () => {
    const w = workshop("w5");
    const page = w.page();
    for (const name of ["a", "b", "c"]) await keep(page, name, ["items"], reading().load);
    expect(w.asked()).toBe(1);
  });
});
