import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { connect } from "./connect";
import { migrateDatabase } from "./migrate";
import { saveYarn } from "./queries/materials";
import { balances, movesOf } from "./queries/stock";
import { createWorkshop } from "./queries/workshops";
import { beginServer, DK, serverIn } from "./testing";

const dir = mkdtempSync(path.join(tmpdir(), "lapka-kill-"));

// A server of this test's own: it is killed in the middle.
const server = path.join(dir, "db");
const post = (url: string, args: readonly string[]): ChildProcess =>
  spawn(process.execPath, ["--import", "tsx", "db/posting-child.ts", ...args], {
    env: { ...process.env, DATABASE_URL: url },
    stdio: ["ignore", "pipe", "ignore"],
  });
async function saidBefore(child: ChildProcess, lines: number, then: () => void): Promise<number[]> {
  let text = "";
  let done = false;
  return new Promise((resolve) => {
    child.stdout?.on("data", (chunk: Buffer) => {
      text += chunk.toString();
      if (!done && text.split("\n").length > lines) {
        done = true;
        then();
      }
    });
    child.once("exit", () => resolve(text.split("\n").filter(Boolean).map(Number)));
  });
}
const ended = (child: ChildProcess) => new Promise((resolve) => child.once("exit", resolve));

afterAll(() => {
  try {
    process.kill(serverIn(server), "SIGKILL");
  } catch {
    // It was not running.
  }
  rmSync(dir, { recursive: true, force: true });
});

describe("kill −9 in the middle of posting", () => {
  it("of the app, then of the database: nothing that was said is lost, nothing is there twice or by half", async () => {
    let url = beginServer(server);
    let { db, close } = connect(url);
    await migrateDatabase(url);
    const workshopId = await createWorkshop(db, "Kill");
    const scope = () => ({ db, workshopId, now: new Date() });
    const yarnId = await saveYarn(scope(), DK);

    // The app dies: what it had said is there, and every pair is whole.
    const app = post(url, [workshopId, yarnId, "0", "400"]);
    const saidByApp = await saidBefore(app, 30, () => app.kill("SIGKILL"));
    expect(saidByApp.length).toBeGreaterThanOrEqual(30);
    const whole = async (said: readonly number[]) => {
      const keys = new Set((await movesOf(scope(), yarnId, 100_000)).map((m) => m.idempotencyKey));
      for (const i of said) expect(keys.has(`kill-${i}-a`) && keys.has(`kill-${i}-b`)).toBe(true);
      for (const k of keys)
        expect(keys.has(k.endsWith("-a") ? k.replace(/-a$/, "-b") : k.replace(/-b$/, "-a"))).toBe(true);
      expect((await balances(scope())).get(yarnId)).toBe((keys.size / 2) * 7);
    };
    await whole(saidByApp);

    // The database dies: the same, after it has recovered.
    const second = post(url, [workshopId, yarnId, "400", "400"]);
    const saidSecond = await saidBefore(second, 30, () => process.kill(serverIn(server), "SIGKILL"));
    expect(saidSecond.length).toBeGreaterThanOrEqual(30);
    await close().catch(() => undefined);
    url = beginServer(server);
    ({ db, close } = connect(url));
    await whole([...saidByApp, ...saidSecond]);

    // Everything is sent again, as a browser would that had no answer.
    await ended(post(url, [workshopId, yarnId, "0", "800"]));
    expect((await balances(scope())).get(yarnId)).toBe(800 * 7);
    expect((await movesOf(scope(), yarnId, 100_000)).length).toBe(1600);
    await close();
  }, 120_000);
});
