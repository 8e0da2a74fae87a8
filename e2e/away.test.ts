import { execFileSync, spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir, userInfo } from "node:os";
import path from "node:path";
import { afterAll, afterEach, beforeAll, describe, expect, it } from "vitest";
import { migrateDatabase } from "../db/migrate";
import { beginServer, serverIn } from "../db/testing";

const dir = mkdtempSync(path.join(tmpdir(), "lapka-away-"));
let url = "";
let base = "";
let app: ChildProcess;
const server = path.join(dir, "db");
const databasePid = () => serverIn(server);
const sql = (text: string) =>
  execFileSync("mariadb", [
    "--no-defaults",
    `--socket=${dir}/db/db.sock`,
    "-u",
    userInfo().username,
    "-e",
    text,
  ]);
const get = (to: string) => fetch(base + to, { redirect: "manual", signal: AbortSignal.timeout(40_000) });
const makeYarn = (shade: string) =>
  fetch(`${base}/materials.data`, {
    method: "POST",
    headers: { origin: base, "content-type": "application/x-www-form-urlencoded" },
    body: new URLSearchParams({
      intent: "yarn",
      name: "DK cotton",
      shade,
      colour: "#112233",
      fibre: "cotton",
      weightClass: "3",
      hookUm: "4",
      mmPer100g: "230",
      ballMg: "50",
      ballPrice: "2.90",
      "key-of-form": shade,
    }).toString(),
  });

beforeAll(async () => {
  // A server of this test's own, for it is stopped in the middle.
  url = beginServer(server);
  await migrateDatabase(url);
  app = spawn(process.execPath, ["build/server/serve.js"], {
    env: {
      ...process.env,
      NODE_ENV: "production",
      DATABASE_URL: url,
      PORT: "0",
      LAPKA_OPEN: "1",
      LAPKA_LOG: "silent",
    },
    stdio: ["ignore", "pipe", "ignore"],
  });
  base = await new Promise((resolve) => {
    let said = "";
    app.stdout?.on("data", (c: Buffer) => {
      said += c.toString();
      const at = /ready at (http:\S+)/.exec(said)?.[1];
      if (at) resolve(at);
    });
  });
});
afterAll(async () => {
  const gone = new Promise((done) => app.once("exit", done));
  app.kill("SIGKILL");
  await gone;
  process.kill(databasePid(), "SIGCONT");
  process.kill(databasePid(), "SIGKILL");
  rmSync(dir, { recursive: true, force: true });
});

// What failed while it was frozen leaves it so, and whoever asks it next would wait for ever.
afterEach(() => void process.kill(databasePid(), "SIGCONT"));

describe("a database that is away", () => {
  it("frozen: every page says “try again” within its time, and all is well when it goes on", async () => {
    expect((await get("/items")).status).toBe(200);
    process.kill(databasePid(), "SIGSTOP");
    const answers = await Promise.all(["/", "/items", "/materials", "/items.data"].map(get));
    expect(answers.map((a) => a.status)).toEqual([503, 503, 503, 503]);
    expect(answers[0]?.headers.get("retry-after")).toBe("5");
    expect((await get("/health")).status).toBe(503);
    process.kill(databasePid(), "SIGCONT");
    expect((await get("/items")).status).toBe(200);
    expect((await get("/health")).status).toBe(200);
  });
  it("that takes no writes: reading goes on, a write is 503, and the same form is taken once it does", async () => {
    sql("set global read_only = 1");
    expect((await get("/materials")).status).toBe(200);
    expect((await makeYarn("kept in the end")).status).toBe(503);
    sql("set global read_only = 0");
    expect((await makeYarn("kept in the end")).status).toBe(200);
    expect((await makeYarn("kept in the end")).status).toBe(200);
    expect(String(sql("select count(*) n from lapka.yarn"))).toContain("1");
  });
  it("killed: 503 until it is back on its port, then as before", async () => {
    process.kill(databasePid(), "SIGKILL");
    await new Promise((done) => setTimeout(done, 500));
    expect((await get("/items")).status).toBe(503);
    beginServer(server);
    expect((await get("/items")).status).toBe(200);
  });
});
