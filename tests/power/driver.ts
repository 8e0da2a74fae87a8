import { execFileSync } from "node:child_process";
import { chmodSync, mkdirSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { connect, type Database } from "../../db/connect";
import { migrateDatabase } from "../../db/migrate";
import { saveYarn } from "../../db/queries/materials";
import { postMoves } from "../../db/queries/stock";
import { createWorkshop } from "../../db/queries/workshops";
import { transact } from "../../db/scope";
import { stockBalance, stockMove } from "../../db/schema";
import { beginServer, DK, serverIn } from "../../db/testing";
import { drawFrom, type Draw } from "../hostile/texts";
import { takeBack } from "./undo";

export interface Powerless {
  readonly cuts: number;
  readonly acknowledged: number;
  /** Writes that were open when the power went, over all cuts. */
  readonly taken: number;
  /** What is lost, doubled or by half, in words. */
  readonly wrong: readonly string[];
}

const HANDS = 4;

/**
 * "plain": as Lapka starts it; "eager" writes changed pages at once; "careless" answers before it syncs: then acts have
 * to be lost, or the cut cuts nothing.
 */
export type ServerWay = "plain" | "eager" | "careless";

/** Acts by their key: those that were answered, and those that were on their way. */
interface Told {
  readonly answered: Set<string>;
  open: string[];
  next: number;
}

/**
 * Posts pairs of moves from several hands while the power is cut again and again: the server is killed, and what it
 * had written and not synced is taken from its files. After each cut every act that was answered is there once and
 * whole, and the balance is the sum. Needs gcc.
 */
export async function cutPower(
  folder: string,
  cuts: number,
  seed: number,
  how: ServerWay,
  say: (text: string) => void,
): Promise<Powerless> {
  const server = prepared(folder, how);
  const draw = drawFrom(seed);
  const told: Told = { answered: new Set(), open: [], next: 0 };
  const wrong: string[] = [];
  let taken = 0;
  let url = server.start(false);
  await migrateDatabase(url);
  const { workshopId, yarnId } = await cupboard(url);
  server.kill();
  for (let n = 1; n <= cuts; n++) {
    url = server.start(true);
    if (n > 1) wrong.push(...(await held(url, workshopId, yarnId, told)).map((w) => `cut ${n - 1}: ${w}`));
    if (wrong.length > 0) break;
    await untilCut(url, { workshopId, yarnId }, told, draw, () => server.kill());
    taken += takeBack(path.join(folder, "db", "data"), server.undo, draw(2) === 0 ? "some" : "all", draw);
    if (n % 10 === 0) say(`${n} cuts, ${told.answered.size} acts acknowledged, ${taken} writes taken`);
  }
  url = server.start(true);
  if (wrong.length === 0) wrong.push(...(await held(url, workshopId, yarnId, told)));
  server.kill();
  return { cuts, acknowledged: told.answered.size, taken, wrong };
}

/** The server's folder, the library that keeps what is not synced, and a server of that name in front of the path. */
function prepared(folder: string, how: ServerWay) {
  const [dir, undo, bin] = ["db", "undo", "bin"].map((n) => path.join(folder, n)) as [string, string, string];
  for (const d of [undo, bin]) mkdirSync(d, { recursive: true });
  const library = path.join(folder, "loss.so");
  execFileSync("gcc", ["-shared", "-fPIC", "-O1", "-o", library, "tests/power/loss.c", "-ldl", "-lpthread"]);
  const real = execFileSync("bash", ["-c", "command -v mariadbd || echo /usr/sbin/mariadbd"], {
    encoding: "utf8",
  });
  // Through the page cache, since what goes past it is not always read back by another descriptor as it was.
  const own = "--innodb-use-native-aio=0 --innodb-flush-method=fsync";
  // Pages written as soon as they change: a cut finds more of them on their way.
  const pages = how === "eager" ? "--innodb-max-dirty-pages-pct=0 --innodb-log-file-size=4M" : "";
  const lazy = how === "careless" ? "--innodb-flush-log-at-trx-commit=0" : "";
  writeFileSync(
    path.join(bin, "mariadbd"),
    `#!/bin/bash\nLD_PRELOAD="$LOSS_SO" exec ${real.trim()} "$@" ${own} ${pages} ${lazy}\n`,
  );
  chmodSync(path.join(bin, "mariadbd"), 0o755);
  // The server may run as a user of its own, who has to reach the records.
  for (const d of [folder, undo]) chmodSync(d, 0o777);
  const lossy = {
    ...process.env,
    PATH: `${bin}:${process.env.PATH ?? ""}`,
    LOSS_DIR: dir,
    LOSS_UNDO: undo,
    LOSS_SO: library,
  };
  const start = (loses: boolean) => beginServer(dir, loses ? lossy : process.env);
  const kill = () => process.kill(serverIn(dir), "SIGKILL");
  return { undo, start, kill };
}

async function cupboard(url: string): Promise<{ workshopId: string; yarnId: string }> {
  const { db, close } = connect(url);
  const workshopId = await createWorkshop(db, "Power");
  const yarnId = await saveYarn({ db, workshopId, now: new Date() }, DK);
  await close();
  return { workshopId, yarnId };
}

interface Shelf {
  readonly workshopId: string;
  readonly yarnId: string;
}

/** Hands post until the power goes at a moment drawn; what was on its way stays open. */
async function untilCut(url: string, shelf: Shelf, told: Told, draw: Draw, cut: () => void): Promise<void> {
  const { db, close } = connect(url);
  let power = true;
  const again = told.open;
  told.open = [];
  const hands = Array.from({ length: HANDS }, async () => {
    while (power) {
      // What was not answered before is sent again, as a phone does.
      const key = again.pop() ?? `power-${told.next++}`;
      const ok = await post(db, shelf, key).catch(() => false);
      if (ok) told.answered.add(key);
      else told.open.push(key);
    }
  });
  await sleep(150 + draw(1200));
  cut();
  power = false;
  await Promise.all(hands);
  told.open.push(...again);
  await close().catch(() => undefined);
}

async function post(db: Database, { workshopId, yarnId: materialId }: Shelf, key: string): Promise<boolean> {
  await transact({ db, workshopId, now: new Date() }, async (tx) => {
    const move = { materialKind: "yarn", materialId } as const;
    await postMoves(tx, [{ kind: "bought", ...move, quantity: 10, key: `${key}-a` }]);
    await postMoves(tx, [{ kind: "used", ...move, quantity: -3, key: `${key}-b` }]);
  });
  return true;
}

async function held(url: string, workshopId: string, yarnId: string, told: Told): Promise<string[]> {
  const { db, close } = connect(url);
  const rows = await db.select().from(stockMove);
  const balances = await db.select().from(stockBalance);
  await close();
  const keys = new Map<string, number>();
  for (const r of rows) keys.set(r.idempotencyKey, (keys.get(r.idempotencyKey) ?? 0) + 1);
  const wrong: string[] = [];
  for (const key of told.answered)
    if (keys.get(`${key}-a`) !== 1 || keys.get(`${key}-b`) !== 1)
      wrong.push(`${key} was answered and is lost`);
  for (const key of told.open)
    if (keys.get(`${key}-a`) !== keys.get(`${key}-b`)) wrong.push(`${key} is there by half`);
  const sum = rows.filter((r) => r.materialId === yarnId).reduce((s, r) => s + r.quantity, 0);
  const kept = balances.filter((b) => b.materialId === yarnId).reduce((s, b) => s + b.quantity, 0);
  if (sum !== kept) wrong.push(`the balance of ${workshopId} is ${kept}, its moves come to ${sum}`);
  return wrong;
}
