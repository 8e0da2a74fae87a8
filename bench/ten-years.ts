import { mkdirSync, writeFileSync } from "node:fs";
import http from "node:http";
import mysql from "mysql2/promise";
import { v7 } from "uuid";
import type { Database } from "../db/connect";
import { listBenchLines } from "../db/queries/bench";
import { createItem, listItems, saveItem } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { listMarkets } from "../db/queries/places";
import { listRuns, type RunWithLines } from "../db/queries/runs";
import { writeBeats } from "../db/beats";
import { PULSES, run, runLine } from "../db/schema";
import type { Scope } from "../db/scope";
import { freshDatabase } from "../db/testing";
import { seedDemo } from "../demo/seed";
import { todayOf } from "../app/server/scope.server";
import { startApp } from "./app";
import { fillCupboard, fillHand, fillSales } from "./fill";

/** A workshop of ten years; the demo has a fraction of it. */
const YEARS = {
  items: 200,
  revisions: 3,
  balls: 4000,
  moves: 100_000,
  timings: 4000,
  weighIns: 1000,
  runs: 500,
  markets: 520,
  sales: 30_000,
} as const;
const WARM = 3;
const REQUESTS = 40;
const REPORT = ".data/bench/report.json";

export interface PageFigures {
  readonly page: string;
  readonly size: "demo" | "tenYears";
  readonly p95Ms: number;
  readonly medianMs: number;
  /** Statements the database ran for one request. */
  readonly queries: number;
  /** The answer, and the scripts it names, as they travel. */
  readonly kB: number;
  readonly jsKb: number;
}

/**
 * Every page with what it costs at the demo's size and after ten years, one request at a time on one
 * connection.
 */
export async function serveTenYears(say: (label: string, value: string) => void): Promise<void> {
  const database = await freshDatabase("years");
  const now = new Date();
  const workshopId = await seedDemo(database.db, todayOf(now), now);
  const scope = { db: database.db, workshopId, now };
  const count = await mysql.createConnection(database.url);
  const app = await startApp(database.url);
  const pages = await pagesOf(scope);
  const figures: PageFigures[] = [];
  const measure = async (size: PageFigures["size"]) => {
    for (const [page, path] of Object.entries(pages))
      try {
        figures.push(await measured(page, size, app.address + path, count));
      } catch (error) {
        // One page that does not answer must not hide what the others take.
        say(`NOT MEASURED ${page}, ${size}`, error instanceof Error ? error.message : String(error));
      }
  };
  await measure("demo");
  await fillYears(database.db, scope);
  await measure("tenYears");
  mkdirSync(".data/bench", { recursive: true });
  writeFileSync(REPORT, `${JSON.stringify({ at: now.toISOString(), pages: figures }, null, 1)}\n`);
  table(figures, say);
  await app.stop();
  await count.end();
  await database.close();
}

export async function pagesOf(scope: Scope): Promise<Record<string, string>> {
  const run = (await listRuns(scope)).find((r) => r.run.state === "planned")?.run.id ?? "";
  const item = (await listItems(scope)).find((i) => i.item.name.startsWith("Puffin"))?.item.id ?? "";
  const slate = (await listYarns(scope)).find((y) => y.shade === "slate")?.id ?? "";
  const line = (await listBenchLines(scope))[0]?.line.id ?? "";
  const market = (await listMarkets(scope)).find((m) => m.state === "open")?.id ?? "";
  return {
    Today: "/",
    Materials: "/materials",
    "one yarn": `/materials/${slate}`,
    Stocktake: "/materials/stocktake",
    Buy: "/materials/buy",
    Leftovers: "/materials/leftovers",
    "Stock book": "/materials/book",
    Suppliers: "/materials/suppliers",
    Items: "/items",
    Item: `/items/${item}`,
    "New item": "/items/new",
    Colourways: `/items/${item}/colourways`,
    Runs: "/runs",
    Run: `/runs/${run}`,
    "New run": "/runs/new",
    "Cutting plan": `/runs/${run}/cutting`,
    Bench: "/bench",
    "At the bench": `/bench/${line}`,
    Hand: "/hand",
    Shelf: "/sell",
    "Market days": "/sell/markets",
    "What to make": "/sell/next",
    Refill: "/sell/refill",
    Prices: "/sell/prices",
    Sold: "/sell/sold",
    Stall: `/stall/${market}`,
    "Order of work": `/runs/${run}/order`,
    Inspect: `/runs/${run}/inspect`,
    Settings: "/settings",
  };
}

/**
 * 200 items of three revisions each, 500 runs but a handful finished, ten years of moves and measurements.
 */
async function fillYears(db: Database, scope: Scope): Promise<void> {
  await fillCupboard(db, scope.workshopId, YEARS.balls, YEARS.moves);
  await fillHand(db, scope, YEARS.timings, YEARS.weighIns);
  const models = await listItems(scope);
  for (let i = models.length; i < YEARS.items; i++) {
    const model = models[i % models.length];
    if (!model) break;
    const { item, revision } = model;
    const head = { name: `${item.name} ${i}`, kind: item.kind, price: item.price, channelId: item.channelId };
    const id = await createItem(scope, head, { ...revision, note: "first" });
    for (let n = 1; n < YEARS.revisions; n++)
      await saveItem(scope, id, n, head, {
        ...revision,
        note: `revision ${n + 1}`,
        // Each has a text of its own, so that nothing is known of one from another.
        pattern: `${revision.pattern}\nNo. ${i}, revision ${n + 1}`,
      });
  }
  await fillRuns(db, scope, await listRuns(scope));
  await fillSales(db, scope, YEARS.markets, YEARS.sales);
  // Rows that were put in by hand have not said so: without this the pages would go on showing the demo.
  await writeBeats(scope, PULSES);
}

async function fillRuns(db: Database, scope: Scope, models: readonly RunWithLines[]): Promise<void> {
  const finished = models.filter((m) => m.lines.length > 0);
  const runs: (typeof run.$inferInsert)[] = [];
  const lines: (typeof runLine.$inferInsert)[] = [];
  for (let i = models.length; i < YEARS.runs; i++) {
    const model = finished[i % finished.length];
    if (!model) break;
    const id = v7();
    const due = new Date(scope.now.getTime() - ((YEARS.runs - i) * 3650 * 86_400_000) / YEARS.runs);
    const day = due.toISOString().slice(0, 10);
    runs.push({
      ...model.run,
      id,
      name: `Run ${i}`,
      state: "finished",
      startOn: day,
      dueOn: day,
      finishedOn: day,
    });
    for (const l of model.lines) lines.push({ ...l, id: v7(), runId: id, made: l.quantity });
  }
  for (let i = 0; i < runs.length; i += 200) await db.insert(run).values(runs.slice(i, i + 200));
  for (let i = 0; i < lines.length; i += 200) await db.insert(runLine).values(lines.slice(i, i + 200));
}

export async function measured(
  page: string,
  size: PageFigures["size"],
  url: string,
  count: mysql.Connection,
): Promise<PageFigures> {
  const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
  const times: number[] = [];
  let bytes = 0;
  let html = "";
  for (let i = 0; i < WARM + REQUESTS; i++) {
    const t = performance.now();
    const answer = await get(url, agent);
    if (i >= WARM) times.push(performance.now() - t);
    bytes = answer.bytes;
    html = answer.body;
  }
  const before = await statements(count);
  await get(url, agent);
  const queries = (await statements(count)) - before;
  const scripts = [...new Set([...html.matchAll(/\/assets\/[\w.-]+\.js/g)].map((m) => m[0]))];
  let js = 0;
  for (const s of scripts) js += (await get(new URL(s, url).href, agent, "gzip")).bytes;
  agent.destroy();
  times.sort((a, b) => a - b);
  return {
    page,
    size,
    p95Ms: round(times[Math.ceil(0.95 * times.length) - 1] ?? NaN),
    medianMs: round(times[Math.floor(times.length / 2)] ?? NaN),
    queries,
    kB: round(bytes / 1000),
    jsKb: round(js / 1000),
  };
}

const round = (x: number): number => Math.round(x * 10) / 10;

function get(
  url: string,
  agent: http.Agent,
  encoding = "identity",
): Promise<{ bytes: number; body: string }> {
  const t = performance.now();
  return new Promise((resolve, reject) => {
    http
      .get(url, { agent, headers: { "Accept-Encoding": encoding } }, (res) => {
        const chunks: Buffer[] = [];
        res.on("data", (c: Buffer) => chunks.push(c));
        res.on("end", () => {
          const all = Buffer.concat(chunks);
          if (res.statusCode === 200)
            resolve({ bytes: all.length, body: encoding === "identity" ? all.toString() : "" });
          else reject(new Error(`${url}: ${res.statusCode} after ${(performance.now() - t).toFixed(0)} ms`));
        });
      })
      .on("error", reject);
  });
}

/** Statements that read or write, since the server was started. */
async function statements(count: mysql.Connection): Promise<number> {
  const [rows] = await count.query(
    "show global status where variable_name in ('Com_select','Com_insert','Com_update','Com_delete')",
  );
  return (rows as { Value: string }[]).reduce((sum, r) => sum + Number(r.Value), 0);
}

function table(figures: readonly PageFigures[], say: (label: string, value: string) => void): void {
  console.log(
    `\nPages after ten years (${YEARS.items} items, ${YEARS.balls} balls, ${YEARS.moves} moves, ${YEARS.timings} timings, ${YEARS.weighIns} weigh-ins, ${YEARS.runs} runs, ${YEARS.sales} sales) against the demo's size in the same run`,
  );
  for (const f of figures.filter((x) => x.size === "tenYears")) {
    const demo = figures.find((x) => x.page === f.page && x.size === "demo");
    say(
      f.page,
      `95 % in ${f.p95Ms} ms (demo ${demo?.p95Ms ?? NaN}, ratio ${((f.p95Ms ?? NaN) / (demo?.p95Ms ?? NaN)).toFixed(1)}), median ${f.medianMs}, ${f.queries} statements (demo ${demo?.queries ?? NaN}), ${f.kB} kB, scripts ${f.jsKb} kB`,
    );
  }
}
