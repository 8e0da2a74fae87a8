import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { setItemDeleted } from "./queries/items";
import {
  addPhoto,
  findPhoto,
  listPhotos,
  MOST_PHOTOS,
  setPhotoDeleted,
  TooManyPhotos,
} from "./queries/photos";
import { listBatches } from "./queries/batches";
import { createRun, finishRun, findRun } from "./queries/runs";
import { NotThere, type Scope } from "./scope";
import { freshDatabase, plainItem, scopeOf, type OwnDatabase } from "./testing";

let own: OwnDatabase;
let scope: Scope;
let other: Scope;
beforeAll(async () => {
  own = await freshDatabase("photos");
  scope = await scopeOf(own.db);
  other = await scopeOf(own.db, "Other");
});
afterAll(() => own.close());

const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 0xff, 0xd9]);
const of = (itemId: string, more: object = {}) => ({
  kind: "sample" as const,
  itemId,
  batchId: null,
  caption: "Sample",
  ...more,
});

async function batchOf(itemId: string): Promise<string> {
  const runId = await createRun(scope, {
    name: "Run",
    startOn: "2026-11-01",
    dueOn: "2026-12-01",
    plannedWith: { weekMinutes: 600, workDays: "1111100", wagePerHour: 1200, overheadPerHour: 0 },
    lines: [
      {
        itemId,
        revisionId: "r",
        quantity: 1,
        plannedWith: {
          label: "One",
          revision: 1,
          seconds: 60,
          secondsLow: 50,
          secondsHigh: 70,
          cost: 1,
          price: 1,
          needs: [],
        },
      },
    ],
  });
  expect(await findRun(scope, runId)).toBeDefined();
  await finishRun(scope, runId, "2026-11-20");
  return (await listBatches(scope, { runId }))[0]?.id ?? "";
}

describe("photos of an item", () => {
  it("are listed without their pictures, the newest first, and are nobody else's", async () => {
    const item = await plainItem(scope, "Gull");
    const first = await addPhoto(scope, of(item), JPEG);
    const later = { ...scope, now: new Date(scope.now.getTime() + 1000) };
    const second = await addPhoto(later, of(item, { kind: "position" }), JPEG);
    const list = await listPhotos(scope, item);
    expect(list.map((p) => p.id)).toEqual([second, first]);
    expect(Object.keys(list[0] ?? {})).not.toContain("jpeg");
    expect(await findPhoto(scope, first)).toEqual(JPEG);
    expect(await listPhotos(other, item)).toEqual([]);
    expect(await findPhoto(other, first)).toBeUndefined();
    await expect(addPhoto(other, of(item), JPEG)).rejects.toThrow(NotThere);
    await expect(setPhotoDeleted(other, first, true)).rejects.toThrow(NotThere);
  });
  it("go with the photo or its item, and come back", async () => {
    const item = await plainItem(scope, "Tern");
    const id = await addPhoto(scope, of(item), JPEG);
    expect(await setPhotoDeleted(scope, id, true)).toBe(item);
    expect(await listPhotos(scope, item)).toEqual([]);
    expect(await findPhoto(scope, id)).toBeUndefined();
    await setPhotoDeleted(scope, id, false);
    await setItemDeleted(scope, item, true);
    expect(await findPhoto(scope, id)).toBeUndefined();
    await setItemDeleted(scope, item, false);
    expect(await findPhoto(scope, id)).toEqual(JPEG);
  });
  it("of a batch belong to a batch of that item", async () => {
    const [gull, tern] = [await plainItem(scope, "Gull 2"), await plainItem(scope, "Tern 2")];
    const batchId = await batchOf(gull);
    const batch = { kind: "batch" as const, batchId };
    await addPhoto(scope, of(gull, batch), JPEG);
    expect((await listPhotos(scope, gull))[0]?.batchId).toBe(batchId);
    await expect(addPhoto(scope, of(tern, batch), JPEG)).rejects.toThrow(NotThere);
  });
  it("are bounded, and one more fits where one was deleted", async () => {
    const item = await plainItem(scope, "Shag");
    const ids = [];
    for (let i = 0; i < MOST_PHOTOS; i++) ids.push(await addPhoto(scope, of(item), JPEG));
    await expect(addPhoto(scope, of(item), JPEG)).rejects.toThrow(TooManyPhotos);
    await setPhotoDeleted(scope, ids[0] ?? "", true);
    await addPhoto(scope, of(item), JPEG);
  });
});
