import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { gunzipSync, gzipSync } from "node:zlib";
import mysql, { type RowDataPacket } from "mysql2/promise";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { saveYarn } from "../queries/materials";
import { beginSession } from "../queries/sessions";
import { createAccount } from "../queries/accounts";
import { session } from "../schema";
import { DK, freshDatabase, scopeOf } from "../testing";
import { listCopies, makeCopy, noteOf, restoreCopy } from "./copies";
import { drill, lastDrill } from "./drill";
import { NotOpened } from "./seal";
import { openCopy, SEALED, sealCopy } from "./sealed-copy";

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
const dir = mkdtempSync(path.join(tmpdir(), "lapka-drill-"));
const now = new Date("2026-11-27T10:00:00Z");

beforeAll(async () => {
  fresh = await freshDatabase("tried");
  await saveYarn(await scopeOf(fresh.db, "Mine"), DK);
});
afterAll(async () => {
  await fresh.close();
  rmSync(dir, { recursive: true, force: true });
});
const databases = async () => {
  const db = await mysql.createConnection(fresh.url);
  const [rows] = await db.query<RowDataPacket[]>("show databases like 'lapka\\_beside\\_%'");
  await db.end();
  return rows.length;
};

describe("a drill", () => {
  it("has nothing to try before there is a copy", async () => {
    expect(await drill(fresh.url, dir, now)).toBeUndefined();
    expect(lastDrill(dir)).toBeUndefined();
  });
  it("brings the newest copy back for a trial, says so, and leaves nothing behind", async () => {
    const copy = await makeCopy(fresh.url, dir, "daily", now);
    const done = await drill(fresh.url, dir, now);
    expect(done).toMatchObject({ ok: true, why: "", copy: path.basename(copy.file) });
    expect(lastDrill(dir)).toEqual(done);
    expect(await databases()).toBe(0);
  });
  it("tells a copy that is not what its note says, and one that is cut off", async () => {
    const [copy] = listCopies(dir);
    const file = copy?.file ?? "";
    const good = readFileSync(file);
    const other = gunzipSync(good).toString("utf8").replace("slate", "slab!");
    for (const [bad, why] of [
      [gzipSync(other), /yarn/],
      [good.subarray(0, good.length >> 1), /./],
    ] as const) {
      writeFileSync(file, bad);
      const done = await drill(fresh.url, dir, now);
      expect(done?.ok).toBe(false);
      expect(done?.why).toMatch(why);
    }
    writeFileSync(file, good);
    expect(await databases()).toBe(0);
  });
});

describe("a sealed copy", () => {
  it("is one file, opens with its phrase, and comes back; who had signed out stays out", async () => {
    const accountId = await createAccount(fresh.db, "Marit", "hash", now);
    await beginSession(fresh.db, { accountId, workshopId: null, device: "x", kind: "own" }, new Date());
    const copy = await makeCopy(fresh.url, dir, "asked", new Date("2026-11-28T10:00:00Z"));
    const file = await sealCopy(copy, "gannet velvet ladder nine");
    expect(file.endsWith(SEALED)).toBe(true);
    expect(existsSync(`${file}.open`)).toBe(false);
    const away = mkdtempSync(path.join(dir, "away-"));
    await expect(openCopy(file, away, "another phrase")).rejects.toBeInstanceOf(NotOpened);
    const opened = await openCopy(file, away, "gannet velvet ladder nine");
    expect(readFileSync(opened).equals(readFileSync(copy.file))).toBe(true);
    expect(readFileSync(noteOf(opened), "utf8")).toBe(readFileSync(noteOf(copy.file), "utf8"));
    expect((await restoreCopy(fresh.url, opened, dir, new Date("2026-11-28T11:00:00Z"))).from.madeAt).toBe(
      copy.madeAt,
    );
    expect(await fresh.db.select().from(session)).toEqual([]);
  });
});
