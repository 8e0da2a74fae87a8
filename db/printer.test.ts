import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import {
  addPrintJob,
  cancelPrintJob,
  claimLabel,
  forgetPrintJobs,
  holdLabel,
  itCameOut,
  labelsBefore,
  listPrintJobs,
  noteLabel,
  printAnew,
  printJobPicture,
  printOnceMore,
} from "./queries/printer";
import { printJob } from "./schema";
import { NotThere, type Scope } from "./scope";
import { freshDatabase, plainItem, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
let buoy: string;
const now = new Date("2026-11-23T10:00:00Z");
const later = (seconds: number) => new Date(now.getTime() + seconds * 1000);
const png = Buffer.from("picture");
const add = (copies = 2, s = scope) => addPrintJob(s, { title: "Buoy", itemId: buoy, copies, png });
const claimed = async (holder = "one", at = now) => {
  const job = await claimLabel(db, holder, at);
  if (!job) throw new Error("nothing waits");
  return job;
};
const job = async () => (await listPrintJobs(scope))[0];

beforeAll(async () => {
  ({ db, close } = await freshDatabase("printer"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
  buoy = await plainItem(scope, "Buoy");
});
afterAll(() => close());
beforeEach(() => db.delete(printJob));

describe("labels that wait for the printer", () => {
  it("come out one by one, each by an id of its own, until all are out", async () => {
    await add();
    const first = await claimed();
    expect(first).toMatchObject({ label: 1, labelId: `${first.id}-1-1` });
    await noteLabel(db, first, "printed", now);
    // What became of it is said twice and counted once.
    await noteLabel(db, first, "printed", now);
    expect(await job()).toMatchObject({ printed: 1, state: "waiting" });
    await noteLabel(db, await claimed(), "printed", now);
    expect(await job()).toMatchObject({ printed: 2, state: "done", endedAt: now });
    expect(await claimLabel(db, "one", now)).toBeUndefined();
  });
  it("are brought by one process at a time, and by another once that one is gone", async () => {
    await add();
    const mine = await claimed();
    expect(await claimLabel(db, "two", later(5))).toBeUndefined();
    expect(await holdLabel(db, mine, "one", later(10))).toBe(true);
    expect(await claimLabel(db, "two", later(20))).toBeUndefined();
    const taken = await claimed("two", later(60));
    // The same label by the same id: the printer knows whether it is out.
    expect(taken.labelId).toBe(mine.labelId);
    expect(await holdLabel(db, mine, "one", later(61))).toBe(false);
  });
  it("a label in doubt is printed again by her word alone, and then by a new id", async () => {
    const id = await add();
    const first = await claimed();
    await noteLabel(db, first, "spoiled", now);
    expect(await job()).toMatchObject({ printed: 0, state: "doubt" });
    expect(await claimLabel(db, "one", later(600))).toBeUndefined();
    expect(await printAnew(scope, id)).toBe(true);
    expect((await claimed()).labelId).toBe(`${id}-1-2`);
    // Asked twice it changes nothing more.
    expect(await printAnew(scope, id)).toBe(false);
  });
  it("a label that came out whole after all is counted, also the last one", async () => {
    const id = await add();
    for (const printed of [1, 2]) {
      await noteLabel(db, await claimed(), "spoiled", now);
      expect(await itCameOut(scope, id)).toBe(true);
      expect(await job()).toMatchObject({ printed, state: printed === 2 ? "done" : "waiting" });
    }
    expect(await itCameOut(scope, id)).toBe(false);
  });
  it("stop at once; the one that was coming out is counted all the same", async () => {
    const id = await add(3);
    const first = await claimed();
    expect(await cancelPrintJob(scope, id)).toBe(true);
    expect(await holdLabel(db, first, "one", now)).toBe(false);
    await noteLabel(db, first, "printed", now);
    expect(await job()).toMatchObject({ printed: 1, state: "cancelled" });
    expect(await cancelPrintJob(scope, id)).toBe(false);
  });
  it("come in the order they were asked for, of all workshops, and nobody sees another's", async () => {
    await expect(add(1, other)).rejects.toThrow(NotThere);
    const theirs = await plainItem(other, "Gull");
    await addPrintJob({ ...other, now: later(-60) }, { title: "Gull", itemId: theirs, copies: 4, png });
    const id = await add();
    expect((await claimed()).workshopId).toBe(other.workshopId);
    expect(await labelsBefore(scope)).toBe(4);
    expect((await listPrintJobs(scope)).map((j) => j.title)).toEqual(["Buoy"]);
    for (const act of [cancelPrintJob, printAnew, itCameOut, printOnceMore])
      await expect(act(other, id)).rejects.toThrow(NotThere);
    expect(await printJobPicture(other, id)).toBeUndefined();
    expect(await printJobPicture(scope, id)).toEqual(png);
  });
  it("are printed once more as they looked, and forgotten after two weeks", async () => {
    const id = await add(1);
    await noteLabel(db, await claimed(), "printed", now);
    const again = await printOnceMore(scope, id);
    expect(await printJobPicture(scope, again)).toEqual(png);
    await forgetPrintJobs(db, later(15 * 86_400));
    expect((await listPrintJobs(scope)).map((j) => j.id)).toEqual([again]);
  });
});
