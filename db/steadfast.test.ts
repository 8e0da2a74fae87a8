import { micrometres, milligrams, minor } from "@core/units";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { isDatabaseAway } from "./connect";
import { doOnce, forgetActs } from "./queries/acts";
import { addBalls, changeBall, listBalls } from "./queries/balls";
import { BIN_DAYS, listDeleted } from "./queries/bin";
import { saveColourway, listColourways } from "./queries/colourways";
import { findCutting, keepCutting, setRunDeleted } from "./queries/cutting";
import { listHands, saveHand } from "./queries/hands";
import { importMaterials } from "./queries/imports";
import { createItem, findItem, saveItem, setItemDeleted } from "./queries/items";
import { listNotions, listYarns, saveNotion, saveYarn, setYarnDeleted } from "./queries/materials";
import { createRun } from "./queries/runs";
import { movesOf, postOwnMove } from "./queries/stock";
import { listSuppliers, notePrice, pricesOf, saveSupplier } from "./queries/suppliers";
import { findWorkshop, listChannels, saveChannel, updateWorkshop } from "./queries/workshops";
import { ChangedMeanwhile, NotThere, type Scope } from "./scope";
import { DK, freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let mine: Scope;
let theirs: Scope;
const EYES = {
  kind: "eye" as const,
  name: "Black eyes",
  sizeUm: micrometres(6000),
  colour: "#111111",
  packSize: 50,
  packPrice: minor(300),
};
const content = { pattern: "", firmness: "medium" as const, hanger: false, note: "", slots: [], notions: [] };

beforeAll(async () => {
  const fresh = await freshDatabase("steadfast");
  ({ db, close } = fresh);
  mine = await scopeOf(db, "Mine");
  theirs = await scopeOf(db, "Theirs");
});
afterAll(() => close());

describe("an act", () => {
  const act = (work: (tx: Scope) => Promise<string>, key: string, scope = mine) =>
    doOnce(scope, key, async (tx) => ({ result: await work(tx), kept: { to: "/there" } }));
  const yarns = async (shade: string, scope = mine) =>
    (await listYarns(scope)).filter((y) => y.shade === shade).length;

  it("sent three times, one after the other and at once, is done once, with one answer", async () => {
    const make = () => act((tx) => saveYarn(tx, { ...DK, shade: "once" }), "a".repeat(64));
    expect(await make()).toHaveProperty("first");
    expect(await make()).toEqual({ again: { to: "/there" } });
    const many = await Promise.all(
      Array.from({ length: 8 }, () => act((tx) => saveYarn(tx, { ...DK, shade: "at once" }), "b".repeat(64))),
    );
    expect(many.filter((m) => "first" in m).length).toBe(1);
    expect(await yarns("once")).toBe(1);
    expect(await yarns("at once")).toBe(1);
  });
  it("that fails leaves nothing, and can be sent again", async () => {
    const failing = act(async (tx) => {
      await saveYarn(tx, { ...DK, shade: "half" });
      throw new Error("the work failed");
    }, "c".repeat(64));
    await expect(failing).rejects.toThrow("the work failed");
    expect(await yarns("half")).toBe(0);
    await act((tx) => saveYarn(tx, { ...DK, shade: "half" }), "c".repeat(64));
    expect(await yarns("half")).toBe(1);
  });
  it("that was refused is rolled back and answered, and can be sent again", async () => {
    const refuse = () =>
      doOnce(mine, "d".repeat(64), async (tx) => {
        await saveYarn(tx, { ...DK, shade: "refused" });
        return { result: "no", kept: undefined };
      });
    expect(await refuse()).toEqual({ first: "no" });
    expect(await refuse()).toEqual({ first: "no" });
    expect(await yarns("refused")).toBe(0);
  });
  it("of one workshop says nothing about another's", async () => {
    expect(
      await act((tx) => saveYarn(tx, { ...DK, shade: "theirs" }), "a".repeat(64), theirs),
    ).toHaveProperty("first");
    expect(await yarns("theirs", theirs)).toBe(1);
  });
  it("is remembered as long as a page may stand open", async () => {
    await forgetActs(db, new Date(mine.now.getTime() - 1000));
    expect(await act((tx) => saveYarn(tx, DK), "a".repeat(64))).toHaveProperty("again");
    await forgetActs(db, new Date(mine.now.getTime() + 1000));
    expect(await act((tx) => saveYarn(tx, DK), "a".repeat(64))).toHaveProperty("first");
  });
});

describe("two tabs change the same thing: the second is told, and nothing of the first is lost", () => {
  const cases: readonly (readonly [
    string,
    () => Promise<(seen: number, name: string) => Promise<unknown>>,
    (name: string) => Promise<boolean>,
  ])[] = [
    [
      "yarn",
      async () => {
        const id = await saveYarn(mine, DK);
        return (seen, care) => saveYarn(mine, { ...DK, care }, id, seen);
      },
      async (care) => (await listYarns(mine)).some((y) => y.care === care),
    ],
    [
      "notion",
      async () => {
        const id = await saveNotion(mine, EYES);
        return (seen, place) => saveNotion(mine, { ...EYES, place }, id, seen);
      },
      async (place) => (await listNotions(mine)).some((n) => n.place === place),
    ],
    [
      "supplier",
      async () => {
        const id = await saveSupplier(mine, { name: "Shed", deliveryDays: 1, minOrder: minor(0), note: "" });
        return (seen, note) =>
          saveSupplier(mine, { name: "Shed", deliveryDays: 1, minOrder: minor(0), note }, id, seen);
      },
      async (note) => (await listSuppliers(mine)).some((s) => s.note === note),
    ],
    [
      "ball",
      async () => {
        const yarnId = await saveYarn(mine, DK);
        const [id = ""] = await addBalls(mine, [
          {
            yarnId,
            lot: "1",
            scrap: false,
            place: "",
            fullMg: milligrams(50_000),
            price: minor(290),
            mg: milligrams(50_000),
            kind: "bought",
          },
        ]);
        return (seen, note) => changeBall(mine, id, { lot: "1", place: "", scrap: false, note }, seen);
      },
      async (note) => (await listBalls(mine)).some((b) => b.note === note),
    ],
    [
      "colourway",
      async () => {
        const itemId = await createItem(mine, { name: "Puffin", kind: "keychain" }, content);
        const id = await saveColourway(mine, { itemId, name: "winter", price: null, slots: [] });
        return (seen, name) => saveColourway(mine, { id, itemId, name, price: null, slots: [] }, seen);
      },
      async (name) => (await listColourways(mine)).some((c) => c.name === name),
    ],
    [
      "way of selling",
      async () => {
        const id = await saveChannel(mine, { name: "Stall", fees: [], fixed: minor(0) });
        return (seen, name) => saveChannel(mine, { id, name, fees: [], fixed: minor(0) }, seen);
      },
      async (name) => (await listChannels(mine)).some((c) => c.name === name),
    ],
    [
      "hand",
      async () => {
        const id = await saveHand(mine, { name: "Wren", loops: "over" });
        return (seen, name) => saveHand(mine, { name, loops: "over" }, id, seen);
      },
      async (name) => (await listHands(mine)).some((h) => h.name === name),
    ],
    [
      "settings",
      async () => {
        const before = (await findWorkshop(db, mine.workshopId))?.version ?? 0;
        return (seen, name) => updateWorkshop(mine, { name }, before + seen);
      },
      async (name) => (await findWorkshop(db, mine.workshopId))?.name === name,
    ],
  ];
  it.each(cases)("%s", async (_what, begin, there) => {
    const save = await begin();
    await save(0, "first");
    await expect(save(0, "second")).rejects.toThrow(ChangedMeanwhile);
    expect(await there("first")).toBe(true);
    expect(await there("second")).toBe(false);
    await save(1, "third");
    expect(await there("third")).toBe(true);
  });
  it("an item: name, kind and price too; the same save sent again is no conflict", async () => {
    const id = await createItem(mine, { name: "Buoy", kind: "ornament" }, content);
    const head = { name: "Buoy", kind: "ornament" as const, price: minor(900), channelId: null };
    await saveItem(mine, id, 1, head, content, 0);
    await saveItem(mine, id, 1, head, content, 0);
    await expect(saveItem(mine, id, 1, { ...head, name: "Other" }, content, 0)).rejects.toThrow(
      ChangedMeanwhile,
    );
    expect((await findItem(mine, id))?.item).toMatchObject({ name: "Buoy", price: minor(900), version: 1 });
  });
});

describe("what is not there, or another workshop's, is refused before anything is written", () => {
  it("a yarn, a notion, an item with a stranger's supplier, washer or way of selling", async () => {
    const supplierId = await saveSupplier(theirs, {
      name: "Theirs",
      deliveryDays: 0,
      minOrder: minor(0),
      note: "",
    });
    const washerId = await saveNotion(theirs, EYES);
    const [channel] = await listChannels(theirs);
    const count = (await listYarns(mine)).length;
    await expect(saveYarn(mine, { ...DK, supplierId })).rejects.toThrow(NotThere);
    await expect(saveNotion(mine, { ...EYES, washerId })).rejects.toThrow(NotThere);
    await expect(
      createItem(mine, { name: "x", kind: "other", channelId: channel?.id ?? "" }, content),
    ).rejects.toThrow(NotThere);
    expect((await listYarns(mine)).length).toBe(count);
  });
  it("a move of a material or a ball that is not there: no dangling row in the book", async () => {
    const yarnId = await saveYarn(theirs, DK);
    for (const materialId of [yarnId, v7()]) {
      await expect(
        postOwnMove(mine, { kind: "used", materialKind: "yarn", materialId, quantity: -1000 }),
      ).rejects.toThrow(NotThere);
      expect(await movesOf(mine, materialId)).toEqual([]);
    }
    const own = await saveYarn(mine, DK);
    await expect(
      postOwnMove(mine, { kind: "used", materialKind: "yarn", materialId: own, ballId: v7(), quantity: -1 }),
    ).rejects.toThrow(NotThere);
  });
  it("balls of a deleted yarn", async () => {
    const yarnId = await saveYarn(mine, DK);
    await setYarnDeleted(mine, yarnId, true);
    await expect(
      addBalls(mine, [
        {
          yarnId,
          lot: "",
          scrap: false,
          place: "",
          fullMg: milligrams(1),
          price: minor(1),
          mg: milligrams(1),
          kind: "bought",
        },
      ]),
    ).rejects.toThrow(NotThere);
  });
  it("a file under another workshop's id; the same file twice at once is brought in once", async () => {
    const batch = { id: v7(), fileName: "a.csv", rows: 1, skipped: 0 };
    const bring = (scope: Scope) =>
      importMaterials(scope, batch, [{ ...DK, shade: `file of ${scope.workshopId}`, balls: [] }], []);
    expect((await Promise.all([bring(theirs), bring(theirs), bring(theirs)])).filter(Boolean).length).toBe(1);
    await expect(bring(mine)).rejects.toThrow(NotThere);
    expect((await listYarns(mine)).some((y) => y.shade.startsWith("file of"))).toBe(false);
  });
});

describe("a deleted run", () => {
  const plan = (ball: string, mg: number) => ({
    confidence: 0.95,
    lotRule: "item" as const,
    joins: false,
    pins: [],
    placed: [{ piece: "p", ball, mg }],
  });
  const newRun = async () => {
    const itemId = await createItem(mine, { name: "Runner", kind: "figure" }, content);
    return createRun(mine, {
      name: "Market",
      startOn: "2026-11-23",
      dueOn: "2026-12-05",
      plannedWith: {
        weekMinutes: 600,
        workDays: "1111100",
        wagePerHour: minor(1400),
        overheadPerHour: minor(250),
      },
      lines: [
        {
          itemId,
          revisionId: (await findItem(mine, itemId))?.revision.id ?? "",
          quantity: 1,
          plannedWith: { label: "Runner", revision: 1 } as never,
        },
      ],
    });
  };
  const oneBall = async () => {
    const yarnId = await saveYarn(mine, DK);
    const [id = ""] = await addBalls(mine, [
      {
        yarnId,
        lot: "1",
        scrap: false,
        place: "",
        fullMg: milligrams(50_000),
        price: minor(290),
        mg: milligrams(50_000),
        kind: "bought",
      },
    ]);
    return { yarnId, id };
  };
  const promised = async (yarnId: string) => (await listBalls(mine, { yarnId }))[0]?.reserved;

  it("promises nothing: its balls are free for others; brought back, its promises count again", async () => {
    const { yarnId, id } = await oneBall();
    const run = await newRun();
    await keepCutting(mine, run, 0, plan(id, 40_000));
    await setRunDeleted(mine, run, true);
    expect(await promised(yarnId)).toBe(0);
    await setRunDeleted(mine, run, false);
    expect(await promised(yarnId)).toBe(40_000);
    expect(await findCutting(mine, run)).toBeDefined();
  });
  it("brought back after its balls went to another run, it is to be planned anew, and nothing is promised twice", async () => {
    const { yarnId, id } = await oneBall();
    const [run, next] = [await newRun(), await newRun()];
    await keepCutting(mine, run, 0, plan(id, 40_000));
    await setRunDeleted(mine, run, true);
    await keepCutting(mine, next, 0, plan(id, 50_000));
    await setRunDeleted(mine, run, false);
    expect(await promised(yarnId)).toBe(50_000);
    expect(await findCutting(mine, run)).toBeUndefined();
  });
});

describe("the bin", () => {
  it("has what was deleted, newest first, with its name, for so many days, of one's own workshop", async () => {
    const id = await createItem(mine, { name: "Tern", kind: "figure" }, content);
    await setItemDeleted(mine, id, true);
    const yarnId = await saveYarn(mine, { ...DK, shade: "binned" });
    await setYarnDeleted({ ...mine, now: new Date(mine.now.getTime() + 1000) }, yarnId, true);
    const later = (days: number) => ({ ...mine, now: new Date(mine.now.getTime() + days * 86_400_000) });
    const names = (await listDeleted(later(1))).map((d) => `${d.kind} ${d.name}`);
    expect(names.indexOf("yarn binned, DK cotton")).toBeLessThan(names.indexOf("item Tern"));
    expect(names).toContain("item Tern");
    expect((await listDeleted(theirs)).map((d) => d.name)).not.toContain("Tern");
    expect(await listDeleted(mine, { kind: "item", id })).toHaveLength(1);
    expect((await listDeleted(later(BIN_DAYS + 1))).map((d) => d.name)).not.toContain("Tern");
    await setItemDeleted(mine, id, false);
    expect((await listDeleted(mine)).map((d) => d.name)).not.toContain("Tern");
  });
});

describe("a price", () => {
  it("noted after a clock that was ahead is noted all the same", async () => {
    const materialId = v7();
    const price = {
      materialKind: "yarn" as const,
      materialId,
      supplierId: null,
      packSize: 50_000,
      price: minor(290),
    };
    await notePrice(mine, { ...price, price: minor(250) }, "2026-11-01");
    await notePrice(mine, price, "2027-05-01");
    await notePrice(mine, price, "2026-11-26");
    await notePrice(mine, price, "2026-11-27");
    expect((await pricesOf(mine, materialId)).map((p) => `${p.since} ${p.price}`)).toEqual([
      "2026-11-01 250",
      "2026-11-26 290",
      "2027-05-01 290",
    ]);
  });
});

describe("a database that is away", () => {
  it.each(["ECONNREFUSED", "PROTOCOL_CONNECTION_LOST", "ER_LOCK_WAIT_TIMEOUT", "ER_DISK_FULL"])(
    "%s is known, however deep",
    (code) => {
      expect(isDatabaseAway(Object.assign(new Error("x"), { code }))).toBe(true);
      expect(isDatabaseAway(new Error("query", { cause: new Error("y", { cause: { code } }) }))).toBe(true);
    },
  );
  it("a mistake of ours is not", () => {
    expect(isDatabaseAway(Object.assign(new Error("x"), { code: "ER_DUP_ENTRY" }))).toBe(false);
    expect(isDatabaseAway("ECONNREFUSED")).toBe(false);
    const ring: { cause?: unknown } = {};
    ring.cause = ring;
    expect(isDatabaseAway(ring)).toBe(false);
  });
});
