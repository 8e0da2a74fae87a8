import { seconds as secs } from "@core/units";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import {
  findBenchLine,
  keepActs,
  listActs,
  listBenchLines,
  setBenchTimings,
  setMade,
  type KeptAct,
} from "./queries/bench";
import { saveHand, type NewTiming } from "./queries/hands";
import { findItem } from "./queries/items";
import { timing } from "./schema";
import { createRun, findRun, finishRun, listFinishedRuns, listOpenRuns } from "./queries/runs";
import { mine as ofWorkshop, newId, NotThere, type Scope } from "./scope";
import { freshDatabase, plainItem, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let mine: Scope;
let other: Scope;
let line = "";
let run = "";
let hand = "";
let item = "";
let revision = "";
beforeAll(async () => {
  ({ db, close } = await freshDatabase("bench"));
  [mine, other] = [await scopeOf(db, "bench"), await scopeOf(db, "another bench")];
  hand = await saveHand(mine, { name: "Helper", loops: "over" });
  item = await plainItem(mine, "Buoy");
  revision = (await findItem(mine, item))?.revision.id ?? "";
  run = await createRun(mine, {
    name: "Two buoys",
    startOn: "2026-11-26",
    dueOn: "2026-12-01",
    plannedWith: { weekMinutes: 600, workDays: "1111100", wagePerHour: 1200, overheadPerHour: 0 },
    lines: [
      {
        itemId: item,
        revisionId: revision,
        quantity: 2,
        plannedWith: {
          label: "Buoy",
          revision: 1,
          seconds: 600,
          secondsLow: 500,
          secondsHigh: 700,
          cost: 300,
          price: 800,
          needs: [],
        },
      },
    ],
  });
  line = (await findRun(mine, run))?.lines[0]?.id ?? "";
});
afterAll(() => close());

const act = (more: Partial<KeptAct> = {}): KeptAct => ({
  key: newId(),
  at: 1_795_000_000_000,
  device: "phone",
  handId: hand,
  kind: "done",
  piece: 1,
  step: "r1-0.1",
  ms: 20_000,
  about: null,
  text: null,
  ballId: null,
  mg: null,
  ...more,
});

describe("acts at the bench", () => {
  it("sent twice are kept once, in the order of the clocks, and begin the run", async () => {
    expect((await listBenchLines(mine)).map((l) => l.run.state)).toEqual(["planned"]);
    const [late, early] = [act({ at: 1_795_000_009_000 }), act({ at: 1_795_000_001_000, step: "fill-0.1" })];
    await keepActs(mine, line, [late, early]);
    await keepActs(mine, line, [late, { ...early, ms: 1 }]);
    expect((await listActs(mine, [line])).get(line)).toEqual([early, late]);
    expect((await listBenchLines(mine)).map((l) => l.run.state)).toEqual(["underway"]);
  });
  it("belong to their workshop: no other one sees them, adds to them, or lends its hands", async () => {
    expect(await listBenchLines(other)).toEqual([]);
    expect((await listActs(other, [line])).get(line)).toEqual([]);
    await expect(keepActs(other, line, [act()])).rejects.toThrow(NotThere);
    const stranger = await saveHand(other, { name: "Stranger", loops: "over" });
    await expect(keepActs(mine, line, [act({ handId: stranger })])).rejects.toThrow(NotThere);
    expect((await listActs(mine, [line])).get(line)).toHaveLength(2);
  });
  it("tell the run how many are made, never more than there are to be", async () => {
    const found = await findBenchLine(mine, line);
    if (!found) throw new Error("the line is gone");
    await setMade(mine, found, 5);
    expect((await findRun(mine, run))?.lines[0]?.made).toBe(2);
  });
});

describe("timings that come of the bench", () => {
  const of = (piece: number, seconds: number): NewTiming => ({
    handId: hand,
    itemId: item,
    revisionId: revision,
    part: "Ball",
    stage: "crochet",
    pieces: 1,
    seconds: secs(seconds),
    laps: [],
    work: { sc: seconds },
    madeOn: "2026-11-26",
    note: "bench: Two buoys",
    idempotencyKey: `bench-test-${piece}`,
  });
  const kept = async () =>
    (await mine.db.select().from(timing).where(ofWorkshop(mine, timing)))
      .map((t) => ({ key: t.idempotencyKey, seconds: t.seconds, setAside: t.setAside, id: t.id }))
      .sort((a, b) => a.key.localeCompare(b.key));

  it("follow the acts: kept, changed, and taken out; what she set aside stays aside", async () => {
    await setBenchTimings(mine, "bench-test-", [of(1, 100), of(2, 120)]);
    const first = await kept();
    expect(first.map((t) => [t.key, t.seconds])).toEqual([
      ["bench-test-1", 100],
      ["bench-test-2", 120],
    ]);
    await mine.db.update(timing).set({ setAside: true }).where(ofWorkshop(mine, timing));
    await setBenchTimings(mine, "bench-test-", [of(1, 100), of(3, 90)]);
    const then = await kept();
    expect(then.map((t) => [t.key, t.seconds, t.setAside])).toEqual([
      ["bench-test-1", 100, true],
      ["bench-test-3", 90, false],
    ]);
    expect(then[0]?.id).toBe(first[0]?.id);
    await setBenchTimings(mine, "bench-test-", [of(1, 101)]);
    expect((await kept()).map((t) => [t.seconds, t.setAside])).toEqual([[101, true]]);
  });
});

describe("runs of many years", () => {
  it("lists the last finished ones with the newest first, and how many there are; the open ones apart", async () => {
    const plannedWith = { weekMinutes: 600, workDays: "1111100", wagePerHour: 1200, overheadPerHour: 0 };
    const one = {
      label: "Buoy",
      revision: 1,
      seconds: 60,
      secondsLow: 50,
      secondsHigh: 70,
      cost: 3,
      price: 8,
      needs: [],
    };
    const lines = [{ itemId: item, revisionId: revision, quantity: 1, plannedWith: one }];
    for (let i = 1; i <= 5; i++) {
      const day = `2026-0${i}-01`;
      const id = await createRun(other, {
        name: `Run ${i}`,
        startOn: day,
        dueOn: day,
        plannedWith,
        lines,
      });
      if (i < 5) await finishRun(other, id, day);
    }
    const { runs, all } = await listFinishedRuns(other, 2);
    expect([runs.map((r) => r.run.name), all]).toEqual([["Run 4", "Run 3"], 4]);
    expect((await listOpenRuns(other)).map((r) => r.run.name)).toEqual(["Run 5"]);
    expect((await listFinishedRuns(mine, 10)).all).toBe(0);
  });
});
