import { micrometres } from "../core/units";
import autocannon from "autocannon";
import http from "node:http";
import mysql from "mysql2/promise";
import { readFileSync } from "node:fs";
import { createItem } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { freshDatabase } from "../db/testing";
import { seedDemo } from "../demo/seed";
import { startApp } from "./app";
import { todayOf } from "../app/server/scope.server";

const SECONDS = 5;
const CONNECTIONS = 4;

async function load(url: string): Promise<{ perSecond: number; p95: number }> {
  await autocannon({ url, connections: CONNECTIONS, duration: 2 });
  const r = await autocannon({ url, connections: CONNECTIONS, duration: SECONDS });
  if (r.non2xx > 0 || r.errors > 0)
    throw new Error(`${url}: ${r.non2xx} answers were not 200, ${r.errors} errors`);
  return { perSecond: r.requests.average, p95: r.latency.p97_5 };
}

/**
 * Items (60 of them) and the item page against a bare node:http page that makes the same SQL queries
 * and writes the same rows as a plain table: load, server and database on the same cores, in one run.
 */
export async function servePages(say: (label: string, value: string) => void): Promise<void> {
  const database = await freshDatabase("bench");
  const now = new Date();
  const workshopId = await seedDemo(database.db, todayOf(now), now);
  const scope = { db: database.db, workshopId, now };
  const yarn = (await listYarns(scope))[0];
  const pattern = readFileSync("demo/patterns/buoy.txt", "utf8");
  let itemId = "";
  for (let i = 7; i < 60; i++)
    itemId = await createItem(
      scope,
      { name: `Buoy ornament ${i}`, kind: "ornament" },
      {
        pattern,
        firmness: "medium",
        hanger: true,
        note: "",
        slots: ["red", "white", "navy"].map((slot) => ({
          slot,
          yarnId: yarn?.id ?? "",
          hookUm: micrometres(3000),
          strands: 1,
        })),
        notions: [],
      },
    );

  const app = await startApp(database.url);

  const pool = mysql.createPool({ uri: database.url, connectionLimit: 8 });
  const bare = http.createServer((req, res) => {
    void (async () => {
      const one = req.url?.startsWith("/item/");
      const where = one ? "and i.id = ?" : "";
      const args = one ? [workshopId, req.url?.slice(6)] : [workshopId];
      const [[items], [slots], [notions]] = await Promise.all([
        pool.query(
          `select i.*, r.* from item i join item_revision r on r.item_id = i.id and r.number = i.revision where i.workshop_id = ? and i.deleted_at is null ${where} order by i.name`,
          args,
        ),
        pool.query("select s.* from item_slot s where s.workshop_id = ?", [workshopId]),
        pool.query("select n.* from item_notion n where n.workshop_id = ?", [workshopId]),
      ]);
      await Promise.all([
        pool.query("select * from workshop where id = ?", [workshopId]),
        pool.query("select * from yarn where workshop_id = ?", [workshopId]),
        pool.query("select * from notion where workshop_id = ?", [workshopId]),
        pool.query("select * from swatch where workshop_id = ?", [workshopId]),
        pool.query("select * from channel where workshop_id = ?", [workshopId]),
      ]);
      const rows = (items as { name: string; kind: string; pattern: string }[])
        .map((i) => `<tr><td>${i.name}</td><td>${i.kind}</td><td>${i.pattern.length}</td></tr>`)
        .join("");
      res.setHeader("Content-Type", "text/html");
      res.end(
        `<!doctype html><table>${rows}</table><p>${(slots as unknown[]).length} ${(notions as unknown[]).length}</p>`,
      );
    })();
  });
  await new Promise<void>((done) => bare.listen(0, "127.0.0.1", done));
  const port = (bare.address() as { port: number }).port;

  console.log("\nPages, production build, 60 items; load, server and database share the cores");
  const results: Record<string, { perSecond: number; p95: number }> = {};
  for (const [name, url] of [
    ["bare node:http, the same SQL as Items", `http://127.0.0.1:${port}/items`],
    ["the same rows through the router (items.csv)", `${app.address}/items.csv`],
    ["Items", `${app.address}/items`],
    ["bare node:http, the same SQL as the item page", `http://127.0.0.1:${port}/item/${itemId}`],
    ["Item page", `${app.address}/items/${itemId}`],
    ["Today", `${app.address}/`],
  ] as const) {
    const r = await load(url);
    results[name] = r;
    say(name, `${r.perSecond.toFixed(0)} a second, 97.5 % within ${r.p95} ms`);
  }
  const ratio = (a: string, b: string) =>
    ((results[a]?.perSecond ?? 0) / (results[b]?.perSecond ?? 1)).toFixed(3);
  say("ratio Items to bare", ratio("Items", "bare node:http, the same SQL as Items"));
  say(
    "ratio Items to the same rows through the router",
    ratio("Items", "the same rows through the router (items.csv)"),
  );
  say("ratio item page to bare", ratio("Item page", "bare node:http, the same SQL as the item page"));
  bare.close();
  await pool.end();
  await app.stop();
  await database.close();
}
