import { randomUUID } from "node:crypto";
import path from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import mysql, { type RowDataPacket } from "mysql2/promise";
import { seedDemo } from "../../demo/seed";
import { todayOf } from "../../app/server/scope.server";
import { startCluster, type Cluster } from "../../bin/cluster/cluster";
import { connect } from "../../db/connect";
import { listBrought, listMarkets, openMarket } from "../../db/queries/places";
import { checkTrail } from "../../db/queries/trail";
import { listWorkshops } from "../../db/queries/workshops";

/**
 * A market day on three nodes and two apps: two telephones sell, each act with a key of its own, sent again
 * until it is answered. A node is killed, then an app. Prints what was lost or doubled and the longest time
 * without an answered sale.
 */
const SALES = 240;
const PHONES = 2;
const PAUSE_MS = 40;

interface Day {
  readonly market: string;
  readonly workshop: string;
  readonly item: { readonly itemId: string; readonly colourwayId: string };
}
let day: Day | undefined;

async function prepare(url: string): Promise<void> {
  const { db, close } = connect(url);
  const now = new Date();
  await seedDemo(db, todayOf(now), now);
  const [w] = await listWorkshops(db);
  const scope = { db, workshopId: w?.id ?? "", now };
  const all = await listMarkets(scope);
  const market = all.find((m) => m.state === "open") ?? all.find((m) => m.state === "planned");
  if (!market) throw new Error("the demo has no market day ahead");
  if (market.state === "planned") await openMarket(scope, market.id);
  const [brought] = await listBrought(scope, market.id);
  if (!brought) throw new Error("nothing was brought to the market");
  day = { market: market.id, workshop: scope.workshopId, item: brought };
  await close();
}

interface Told {
  readonly answered: Map<string, number>;
  repeats: number;
  readonly problems: Map<string, number>;
}

/**
 * One telephone: a sale now and then, each sent until the server says that it has it; and read back at once.
 */
async function phone({ market, workshop, item }: Day, address: string, told: Told): Promise<void> {
  for (let i = 0; i < SALES / PHONES; i++) {
    const key = randomUUID();
    const act = {
      kind: "sell",
      key,
      at: Date.now(),
      customer: randomUUID(),
      itemId: item.itemId,
      colourwayId: item.colourwayId,
      grade: "good",
      quantity: 1,
      listPrice: 1200,
      taken: 1200,
    };
    for (;;) {
      const why = await send(address, market, workshop, act, key);
      if (why === "") break;
      told.repeats++;
      told.problems.set(why, (told.problems.get(why) ?? 0) + 1);
      await sleep(100);
    }
    told.answered.set(key, Date.now());
    await sleep(PAUSE_MS);
  }
}

async function send(
  address: string,
  market: string,
  workshop: string,
  act: object,
  key: string,
): Promise<string> {
  try {
    const r = await fetch(`${address}/stall/${market}/acts`, {
      method: "POST",
      body: JSON.stringify({ workshop, acts: [act], since: Date.now() - 60_000 }),
      headers: { "content-type": "application/json", origin: address },
      signal: AbortSignal.timeout(12_000),
    });
    if (r.status !== 200) return `status ${r.status}`;
    const { acts } = (await r.json()) as { acts: { key?: string }[] };
    return acts.some((a) => a.key === key) ? "" : "written and not read back";
  } catch (error) {
    return error instanceof Error
      ? error.name === "TimeoutError"
        ? "no answer in time"
        : "no connection"
      : "?";
  }
}

/** Ends a node and an app while the telephones sell. */
async function misfortunes(cluster: Cluster, told: Told): Promise<void> {
  const reached = async (part: number) => {
    while (told.answered.size < SALES * part) await sleep(20);
  };
  await reached(1 / 3);
  process.stdout.write("killing the node that the first app works with\n");
  await cluster.nodes[0]?.kill("SIGKILL");
  await reached(2 / 3);
  process.stdout.write("killing the second app\n");
  await cluster.apps[1]?.kill("SIGKILL");
}

async function main(): Promise<number> {
  const cluster = await startCluster(path.resolve(process.env.LAPKA_DATA ?? ".data", "cluster-test"), {
    fresh: true,
    prepare,
    env: { LAPKA_OPEN: "1", LAPKA_LOG: "error", LAPKA_WRITES_A_MINUTE: "1000000" },
  });
  try {
    if (!day) throw new Error("no market day");
    const one = day;
    const told: Told = { answered: new Map(), repeats: 0, problems: new Map() };
    const began = Date.now();
    await Promise.all([
      misfortunes(cluster, told),
      ...Array.from({ length: PHONES }, () => phone(one, cluster.address, told)),
    ]);
    const took = Date.now() - began;
    const times = [began, ...told.answered.values()].sort((a, b) => a - b);
    const longest = Math.max(...times.slice(1).map((t, i) => t - (times[i] ?? t)));
    const { lost, doubled } = await held(cluster, one, told);
    // The node comes back and has what it missed.
    await cluster.nodes[0]?.start(false);
    await cluster.apps[1]?.start();
    const alike = await sameRows(cluster);
    process.stdout.write(
      `${told.answered.size} sales in ${(took / 1000).toFixed(1)} s on three nodes and two apps, one of each killed: ${lost} lost, ${doubled} doubled, longest pause ${longest} ms, sent again ${told.repeats} times (${[...told.problems].map(([k, n]) => `${k} ×${n}`).join(", ") || "never"}). The node joined again; tables on all nodes ${alike ? "alike" : "NOT ALIKE"}.\n`,
    );
    return lost === 0 && doubled === 0 && alike ? 0 : 1;
  } finally {
    await cluster.stop();
  }
}

async function held(cluster: Cluster, { market, workshop }: Day, told: Told) {
  const { db, close } = connect(cluster.nodes[1]?.url() ?? "");
  const pool = await mysql.createConnection(cluster.nodes[1]?.url() ?? "");
  const [rows] = await pool.query<RowDataPacket[]>(
    "select sale_key as k, count(*) as n from sale where market_id = ? group by sale_key",
    [market],
  );
  const [moves] = await pool.query<RowDataPacket[]>(
    "select idempotency_key as k, count(*) as n from piece_move where kind = 'sold' group by idempotency_key having n > 1",
  );
  const { broken } = await checkTrail({ db, workshopId: workshop, now: new Date() });
  await pool.end();
  await close();
  const kept = new Map(rows.map((r) => [String(r.k), Number(r.n)]));
  if (broken !== undefined) process.stdout.write(`the trail is broken at ${broken}\n`);
  return {
    lost: [...told.answered.keys()].filter((k) => !kept.has(k)).length + (broken === undefined ? 0 : 1),
    doubled: [...kept.values()].filter((n) => n > 1).length + moves.length,
  };
}

async function sameRows({ nodes }: Cluster): Promise<boolean> {
  const sums = await Promise.all(
    nodes.map(async (n) => {
      const db = await mysql.createConnection(n.url());
      await db.query("set session wsrep_sync_wait = 7");
      const [rows] = await db.query<RowDataPacket[]>(
        "checksum table sale, piece_move, piece_balance, trail, trail_head",
      );
      await db.end();
      return JSON.stringify(rows.map((r) => r.Checksum as unknown));
    }),
  );
  return new Set(sums).size === 1;
}

process.exitCode = await main();
