import { sql } from "drizzle-orm";
import { getTableConfig, MySqlTable } from "drizzle-orm/mysql-core";
import { is } from "drizzle-orm";
import { afterAll, beforeAll, expect, it } from "vitest";
import { seedDemo } from "../../demo/seed";
import * as schema from "../schema";
import { createAccount, membershipsOf, setMember } from "../queries/accounts";
import { invite } from "../queries/invitations";
import { beginSession, useSession } from "../queries/sessions";
import { listWorkshops } from "../queries/workshops";
import { freshDatabase, type OwnDatabase } from "../testing";
import { deleteWorkshop } from "./away";
import { bringWorkshop, readWorkshopFile } from "./in";
import type { WorkshopFile } from "./file";
import { workshopFile } from "./out";

let own: OwnDatabase;
const now = new Date("2026-11-27T10:00:00.000Z");
const tables = Object.values(schema)
  .filter((t): t is typeof t & MySqlTable => is(t, MySqlTable))
  .filter((t) => getTableConfig(t).columns.some((c) => /^workshop_?id$/i.test(c.name)));

/** Rows of a workshop by table, tables without any left out. */
async function rowsOf(id: string): Promise<Record<string, number>> {
  const out: Record<string, number> = {};
  for (const t of tables) {
    const [rows] = (await own.db.execute(
      sql`select count(*) as n from ${t} where workshop_id = ${id}`,
    )) as unknown as [{ n: number }[]];
    if (rows[0]?.n) out[getTableConfig(t).name] = rows[0].n;
  }
  return out;
}

beforeAll(async () => {
  own = await freshDatabase("away");
  await seedDemo(own.db, "2026-11-27", now);
}, 60_000);
afterAll(() => own.close());

it("a workshop goes with everything of it, and nothing of another", async () => {
  const [first] = await listWorkshops(own.db);
  const id = first?.id ?? "";
  const scope = { db: own.db, workshopId: id, now };
  const got = await workshopFile(scope);
  const json = JSON.parse(JSON.stringify(got.file)) as WorkshopFile;
  const other = await bringWorkshop(own.db, readWorkshopFile(json, got.photos), got.photos);
  const account = await createAccount(own.db, "Marit", "none", now);
  await setMember(scope, account, "owner");
  await setMember({ ...scope, workshopId: other.workshopId }, account, "owner");
  await invite(scope, { role: "stall", forName: "Ivo" });
  const seen = { accountId: account, workshopId: id, device: "here", kind: "own" } as const;
  const secret = await beginSession(own.db, seen, now);
  const before = await rowsOf(other.workshopId);
  expect(Object.keys(await rowsOf(id)).length).toBeGreaterThan(25);

  expect(await deleteWorkshop(own.db, id)).toBeGreaterThan(1000);

  expect(await rowsOf(id)).toEqual({});
  expect(await rowsOf(other.workshopId)).toEqual(before);
  expect((await listWorkshops(own.db)).map((w) => w.id)).toEqual([other.workshopId]);
  expect((await membershipsOf(own.db, account)).map((m) => m.workshopId)).toEqual([other.workshopId]);
  // She is signed in still, with no workshop open.
  const session = await useSession(own.db, secret, now);
  expect([session?.accountId, session?.workshopId, session?.role]).toEqual([account, undefined, undefined]);
});
