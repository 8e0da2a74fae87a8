import { spawn } from "node:child_process";
import { v7 } from "uuid";
import { writeBeats } from "../db/beats";
import { ball, notion, PULSES, stockMove, timing, weighIn, yarn } from "../db/schema";
import { listTimings, listWeighIns } from "../db/queries/hands";
import type { Scope } from "../db/scope";
import { rebuildBalances } from "../db/queries/stock";
import { listRuns } from "../db/queries/runs";
import { listItems } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { freshDatabase } from "../db/testing";
import { seedDemo } from "../demo/seed";
import { todayOf } from "../app/server/scope.server";
import type { Database } from "../db/connect";

const REQUESTS = 40;

/** Fills a workshop to the size of a long-lived stall: 2,000 balls of 400 shades, 200 packs, 50,000 moves. */
export async function fillCupboard(
  db: Database,
  workshopId: string,
  balls = 2000,
  moves = 50_000,
): Promise<void> {
  let state = 7;
  const next = (n: number) => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return Math.floor((state / 4294967296) * n);
  };
  const colour = () =>
    `#${Array.from({ length: 3 }, () => (40 + next(200)).toString(16).padStart(2, "0")).join("")}`;
  const yarns = Array.from({ length: Math.ceil(balls / 5) }, (_, i) => ({
    id: v7(),
    workshopId,
    name: `DK cotton ${i % 9}`,
    shade: `shade ${i}`,
    colour: colour(),
    fibre: "cotton",
    weightClass: 3,
    hookUm: 4000,
    mmPer100g: 230_000,
    ballMg: 50_000,
    ballPrice: 290,
  }));
  const notions = Array.from({ length: 200 }, (_, i) => ({
    id: v7(),
    workshopId,
    kind: "eye" as const,
    name: `Eyes ${i}`,
    sizeUm: 6000,
    colour: "#111111",
    packSize: 50,
    packPrice: 495,
    place: `box ${i % 12}`,
  }));
  const things = Array.from({ length: balls }, (_, i) => ({
    id: v7(),
    workshopId,
    yarnId: yarns[i % yarns.length]?.id ?? "",
    lot: String(i % 40),
    place: `drawer ${i % 20}`,
    fullMg: 50_000,
    price: 290,
  }));
  const rows = Array.from({ length: moves }, (_, i) => {
    const b = things[i % things.length];
    const first = i < things.length;
    const counted = !first && i % 6 === 0;
    const at = new Date(Date.now() - (moves - i) * 40 * 60_000);
    const base = { id: v7(), workshopId, idempotencyKey: `fill-${i}`, note: "", at };
    return counted
      ? {
          ...base,
          kind: "used" as const,
          materialKind: "notion" as const,
          materialId: notions[i % notions.length]?.id ?? "",
          quantity: -1,
          ballId: null,
        }
      : {
          ...base,
          kind: first ? ("bought" as const) : ("used" as const),
          materialKind: "yarn" as const,
          materialId: b?.yarnId ?? "",
          quantity: first ? 50_000 : -next(1500),
          ballId: b?.id ?? null,
          cost: first ? 290 : null,
        };
  });
  const insert = async <T>(table: Parameters<Database["insert"]>[0], list: readonly T[]) => {
    for (let i = 0; i < list.length; i += 1000)
      await db.insert(table).values(list.slice(i, i + 1000) as never);
  };
  await insert(yarn, yarns);
  await insert(notion, notions);
  await insert(ball, things);
  await insert(stockMove, rows);
  await rebuildBalances({ db, workshopId, now: new Date() });
}

/** A hand that has been measured for years: the demo's measurements over and over, an hour apart. */
export async function fillHand(db: Database, scope: Scope, timings = 2000, weighIns = 500): Promise<void> {
  const [seen, weighed] = await Promise.all([listTimings(scope), listWeighIns(scope)]);
  const day = (i: number, of: number) =>
    new Date(Date.now() - ((of - i) * 730 * 86_400_000) / of).toISOString().slice(0, 10);
  const copies = <T extends object>(list: readonly T[], n: number, key: string) =>
    Array.from({ length: n }, (_, i) => ({
      ...(list[i % list.length] as T),
      id: v7(),
      madeOn: day(i, n),
      idempotencyKey: `${key}-${i}`,
    }));
  for (const [table, rows] of [
    [timing, copies(seen, timings, "fill-time")],
    [weighIn, copies(weighed, weighIns, "fill-weigh")],
  ] as const) {
    for (let i = 0; i < rows.length; i += 500) await db.insert(table).values(rows.slice(i, i + 500) as never);
  }
}

async function p95(url: string): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < REQUESTS + 3; i++) {
    const t = performance.now();
    const answer = await fetch(url);
    await answer.text();
    if (!answer.ok) throw new Error(`${url}: ${answer.status}`);
    if (i >= 3) times.push(performance.now() - t);
  }
  return times.sort((a, b) => a - b)[Math.ceil(0.95 * REQUESTS) - 1] ?? NaN;
}

/** Every screen at the demo's size and at that of a long-lived stall, one request at a time, in one run. */
export async function serveCupboard(say: (label: string, value: string) => void): Promise<void> {
  const database = await freshDatabase("cupboard");
  const now = new Date();
  const workshopId = await seedDemo(database.db, todayOf(now), now);
  const scope = { db: database.db, workshopId, now };
  const app = spawn(process.execPath, ["--import", "tsx", "bin/serve.ts"], {
    env: { ...process.env, NODE_ENV: "production", DATABASE_URL: database.url, PORT: "0" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  const address = await new Promise<string>((resolve) =>
    app.stdout.on("data", (c: Buffer) => {
      const m = /ready at (http:\S+)/.exec(c.toString());
      if (m?.[1]) resolve(m[1]);
    }),
  );
  const run = (await listRuns(scope)).find((r) => r.run.state === "planned")?.run.id ?? "";
  const item = (await listItems(scope)).find((i) => i.item.name.startsWith("Puffin"))?.item.id ?? "";
  const slate = (await listYarns(scope)).find((y) => y.shade === "slate")?.id ?? "";
  const screens = {
    Today: "/",
    Materials: "/materials",
    "one yarn": `/materials/${slate}`,
    Stocktake: "/materials/stocktake",
    Buy: "/materials/buy",
    Leftovers: "/materials/leftovers",
    "Stock book": "/materials/book",
    Suppliers: "/materials/suppliers",
    "Cutting plan": `/runs/${run}/cutting`,
    Run: `/runs/${run}`,
    "New run": "/runs/new",
    Colourways: `/items/${item}/colourways`,
    Items: "/items",
    Item: `/items/${item}`,
    Hand: "/hand",
  };
  const small: Record<string, number> = {};
  for (const [name, path] of Object.entries(screens)) small[name] = await p95(address + path);
  await fillCupboard(database.db, workshopId);
  await fillHand(database.db, scope);
  await writeBeats(scope, PULSES);
  console.log(
    "\nScreens with 2,000 balls, 50,000 moves, 2,000 timings and 500 weigh-ins, one request at a time (95 % within; against the demo's size in the same run)",
  );
  for (const [name, path] of Object.entries(screens)) {
    const large = await p95(address + path);
    say(
      name,
      `${large.toFixed(0)} ms, ${(large / (small[name] ?? NaN)).toFixed(1)} times the demo's ${(small[name] ?? NaN).toFixed(0)} ms`,
    );
  }
  app.kill("SIGTERM");
  await new Promise((done) => app.once("exit", done));
  await database.close();
}
