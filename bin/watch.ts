import { execFile, spawn, type ChildProcess } from "node:child_process";
import { randomBytes } from "node:crypto";
import { chownSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout as sleep } from "node:timers/promises";

/**
 * Owns the parts of a running Lapka: database, scale, shop, label printer, app. Starts them in order, starts again with a growing
 * pause what ends by itself, ends the app when it no longer answers, and stops all of it in order. The lock
 * in the folder is held by whoever started this process.
 */
const dir = required("LAPKA_DIR");
const name = required("LAPKA_NAME");
const args = process.argv.slice(2);
const ownDatabase = process.env.DATABASE_URL === undefined || process.env.DATABASE_URL === "";

const PAUSES_MS = [500, 1000, 2000, 4000, 8000, 15_000, 30_000];
/** A part that is being started is not asked for its health yet. */
const STARTING_MS = 20_000;
const STOP_MS = 12_000;
/** The app is asked for its health this often, and may miss so many answers. */
const ASK_MS = 5000;
const MISSES = 6;

let stopping = false;
const say = (text: string) => process.stdout.write(`${text}\n`);

function required(variable: string): string {
  const value = process.env[variable];
  if (!value) throw new Error(`${variable} is not set: start with bin/demo or bin/start`);
  return value;
}

/** A part that is started again when it ends. */
class Part {
  private child: ChildProcess | undefined;
  private failures = 0;
  private startedAt = 0;
  constructor(
    private readonly title: string,
    private readonly begin: () => ChildProcess | Promise<ChildProcess>,
  ) {}

  async start(): Promise<ChildProcess> {
    const child = await this.begin();
    this.child = child;
    this.startedAt = Date.now();
    noteChild(this.title, child.pid);
    child.once("exit", (code, signal) => void this.again(code, signal));
    return child;
  }

  private async again(code: number | null, signal: string | null): Promise<void> {
    if (stopping) return;
    const pause = PAUSES_MS[Math.min(this.failures, PAUSES_MS.length - 1)] ?? 30_000;
    this.failures++;
    say(
      `The ${this.title} ended (${signal ?? `code ${String(code)}`}); it is started again in ${pause / 1000} s.`,
    );
    await sleep(pause);
    if (!stopping) await this.start().catch((error: unknown) => void this.again(null, String(error)));
  }

  /**
   * It came up: should it end, the pauses begin with the shortest again. They grow for what never comes up.
   */
  ready(): void {
    this.failures = 0;
  }
  /** Runs, and was started long enough ago to answer. */
  shouldAnswer(): boolean {
    const running = this.child?.exitCode === null && this.child.signalCode === null;
    return running && Date.now() - this.startedAt > STARTING_MS;
  }

  kill(signal: NodeJS.Signals): void {
    this.child?.kill(signal);
  }

  async stop(): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    child.kill("SIGTERM");
    const gone = new Promise((done) => child.once("exit", done));
    await Promise.race([gone, sleep(STOP_MS)]);
    if (child.exitCode === null && child.signalCode === null) child.kill("SIGKILL");
  }
}

/** A device or a shop that comes with Lapka: `bin/NAME.ts PORT …`, which says "NAME at PORT" and obeys its key. */
class StandIn {
  readonly key = randomBytes(24).toString("hex");
  /** Where it listens; the same after it was started again. Empty until it does. */
  port = "";
  readonly part: Part;
  constructor(
    private readonly what: "scale" | "shop" | "printer",
    private readonly keyName: string,
    private readonly more: readonly string[] = [],
    private readonly user?: { readonly uid: number; readonly gid: number },
  ) {
    this.part = new Part(what, () => this.spawned());
  }

  private spawned() {
    const child = spawn(
      process.execPath,
      ["--import", "tsx", `bin/${this.what}.ts`, this.port || "0", ...this.more],
      {
        stdio: ["ignore", "pipe", "inherit"],
        ...this.user,
        env: { ...process.env, [this.keyName]: this.key, DATABASE_URL: "", DATABASE_PAGES_URL: "" },
      },
    );
    child.stdout.on("data", (c: Buffer) => {
      this.port ||= new RegExp(`${this.what} at (\\d+)`).exec(c.toString())?.[1] ?? "";
      this.part.ready();
    });
    return child;
  }

  /** Starts it, and waits until it listens. */
  async begin(): Promise<void> {
    await this.part.start();
    for (let i = 0; i < 100 && this.port === ""; i++) await sleep(50);
  }
}

/** Which processes are ours, so that a start after a hard kill of this one ends what it left. */
const childrenFile = path.join(dir, "children.json");
const children = new Map<string, number>();
function noteChild(title: string, pid: number | undefined): void {
  if (pid === undefined) return;
  children.set(title, pid);
  writeFileSync(childrenFile, JSON.stringify([...children]), { mode: 0o600 });
}
async function endLeftOver(): Promise<void> {
  let left: [string, number][] = [];
  try {
    left = JSON.parse(readFileSync(childrenFile, "utf8")) as [string, number][];
  } catch {
    return;
  }
  for (const [, pid] of left) {
    // A process number is given again: only what is still one of our commands is ended.
    const command = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, "utf8") : "";
    if (!/bin\/(serve|scale|shop|printer)\.ts/.test(command)) continue;
    try {
      process.kill(pid, "SIGTERM");
      for (let i = 0; i < 100 && existsSync(`/proc/${pid}`); i++) await sleep(100);
      if (existsSync(`/proc/${pid}`)) process.kill(pid, "SIGKILL");
    } catch {
      // It ended meanwhile.
    }
  }
  rmSync(childrenFile, { force: true });
}

const bash = (script: string): Promise<string> =>
  new Promise((resolve, reject) =>
    execFile(
      "bash",
      ["-c", `. bin/lib.sh; ${script}`],
      { env: process.env, maxBuffer: 1 << 20 },
      (error, out, err) =>
        error ? reject(new Error(err.trim().split("\n").at(-1) ?? error.message)) : resolve(out.trim()),
    ),
  );

const startDatabase = async (): Promise<void> => {
  const out = await bash(`start_database "${dir}" >&2; echo "$DATABASE_URL $DATABASE_PAGES_URL"`);
  const [url = "", pages = ""] = out.split("\n").at(-1)?.split(" ") ?? [];
  process.env.DATABASE_URL = url;
  process.env.DATABASE_PAGES_URL = pages;
};
const databasePid = (): number | undefined => {
  try {
    const pid = Number(readFileSync(path.join(dir, "db.pid"), "utf8"));
    return pid > 0 && existsSync(`/proc/${pid}`) ? pid : undefined;
  } catch {
    return undefined;
  }
};

/** The database is no child of ours (it outlives a hard kill of this process), so it is looked at. */
async function watchDatabase(): Promise<void> {
  for (let failures = 0; !stopping;) {
    await sleep(1000);
    if (stopping || databasePid() !== undefined) continue;
    const pause = PAUSES_MS[Math.min(failures, PAUSES_MS.length - 1)] ?? 30_000;
    say(`The database ended; it is started again in ${pause / 1000} s.`);
    await sleep(pause);
    if (stopping) return;
    failures = await startDatabase().then(
      () => 0,
      () => failures + 1,
    );
  }
}
async function stopDatabase(): Promise<void> {
  const pid = databasePid();
  if (pid === undefined) return;
  process.kill(pid, "SIGTERM");
  for (let i = 0; i < 150 && existsSync(`/proc/${pid}`); i++) await sleep(100);
}

/** A key that only this user of the machine can read; the address that is printed carries it. */
function startToken(): string {
  const file = path.join(dir, "token");
  try {
    const kept = readFileSync(file, "utf8").trim();
    if (/^[0-9a-f]{48}$/.test(kept)) return kept;
  } catch {
    // The first start.
  }
  const token = randomBytes(24).toString("hex");
  writeFileSync(file, token, { mode: 0o600 });
  return token;
}

/**
 * Started by root, the app gives root's rights up where that user can read the program and write its folders.
 */
async function plainUser(folders: readonly string[]): Promise<{ uid: number; gid: number } | undefined> {
  if (process.getuid?.() !== 0) return undefined;
  try {
    const [uid = 0, gid = 0] = (await bash("id -u nobody; id -g nobody")).split("\n").map(Number);
    if (!(uid > 0 && gid > 0)) return undefined;
    for (const f of folders) chownSync(f, uid, gid);
    await bash(
      `runuser -u nobody -- test -r build/server/index.js && ${folders.map((f) => `runuser -u nobody -- test -w "${f}"`).join(" && ")}`,
    );
    return { uid, gid };
  } catch {
    return undefined;
  }
}

async function main(): Promise<void> {
  await endLeftOver();
  // Copies and marks are written by the app: a folder of their own beside the database's, which only the
  // database may read.
  const appDir = `${dir}-app`;
  const copies = process.env.LAPKA_COPIES ?? path.join(appDir, "copies");
  const marks = path.join(appDir, "marks");
  for (const d of [appDir, copies, marks]) mkdirSync(d, { recursive: true, mode: 0o700 });
  process.env.LAPKA_COPIES = copies;
  if (ownDatabase) {
    say("Starting the private database");
    await startDatabase();
  }
  say(args.includes("--demo") ? "Preparing the demo workshop" : "Preparing the database");
  await run(["--import", "tsx", "demo/prepare.ts", ...args]);

  const user = await plainUser([appDir, copies, marks]);
  const scale = new StandIn("scale", "LAPKA_SCALE_KEY");
  await scale.begin();
  // These come with the demo; who sells or prints for real names a shop and a printer of her own.
  const shop = new StandIn("shop", "LAPKA_SHOP_KEY", [path.join(appDir, "shop.json")], user);
  const printer = new StandIn("printer", "LAPKA_PRINTER_KEY", [path.join(appDir, "labels")], user);
  if (name === "demo" && !process.env.LAPKA_SHOP_URL) await shop.begin();
  if (name === "demo" && !process.env.LAPKA_PRINTER_PORT) await printer.begin();

  let port = process.env.PORT ?? (name === "demo" ? "4173" : "4180");
  let address = "";
  const app = new Part("app", () => {
    const child = spawn(process.execPath, ["build/server/serve.js"], {
      stdio: ["ignore", "pipe", "inherit"],
      ...(user ? { uid: user.uid, gid: user.gid } : {}),
      env: {
        ...process.env,
        ...(user ? { HOME: appDir } : {}),
        NODE_ENV: "production",
        PORT: port,
        LAPKA_SCALE_PORT: scale.port,
        LAPKA_SCALE_KEY: scale.key,
        ...(shop.port === ""
          ? {}
          : { LAPKA_SHOP_URL: `http://127.0.0.1:${shop.port}`, LAPKA_SHOP_KEY: shop.key }),
        ...(printer.port === ""
          ? { LAPKA_PRINTER_REAL: "1" }
          : { LAPKA_PRINTER_PORT: printer.port, LAPKA_PRINTER_KEY: printer.key }),
        LAPKA_MARKS: marks,
        LAPKA_COPIES: copies,
        ...(name === "demo" ? { LAPKA_DEMO: "1", LAPKA_OPEN: "1" } : { LAPKA_TOKEN: startToken() }),
      },
    });
    child.stdout.on("data", (c: Buffer) => {
      process.stdout.write(c);
      const ready = /ready at (http:\S+)/.exec(c.toString())?.[1];
      if (ready === undefined) return;
      address = ready;
      app.ready();
      // Started again it listens where her browser looks for it.
      port = new URL(ready).port;
      writeFileSync(path.join(dir, "address"), ready, { mode: 0o600 });
    });
    return child;
  });
  await app.start();
  if (ownDatabase) void watchDatabase();
  void watchHealth(app, () => address);

  const stop = async () => {
    if (stopping) return app.kill("SIGKILL");
    stopping = true;
    say("Stopping");
    rmSync(path.join(dir, "address"), { force: true });
    await app.stop();
    for (const standIn of [scale, shop, printer]) await standIn.part.stop();
    if (ownDatabase) await stopDatabase();
    rmSync(childrenFile, { force: true });
    process.exit(0);
  };
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, () => void stop());
}

/** An app that runs and does not answer is ended, and so started again. */
async function watchHealth(app: Part, address: () => string): Promise<void> {
  for (let missed = 0; !stopping;) {
    await sleep(ASK_MS);
    if (address() === "" || !app.shouldAnswer()) continue;
    const answered = await fetch(new URL("/health", address()), { signal: AbortSignal.timeout(4000) }).then(
      () => true,
      () => false,
    );
    missed = answered ? 0 : missed + 1;
    if (missed < MISSES || stopping) continue;
    say("The app does not answer; it is ended.");
    missed = 0;
    app.kill("SIGKILL");
  }
}

const run = (command: readonly string[]): Promise<void> =>
  new Promise((resolve, reject) => {
    const child = spawn(process.execPath, command, { stdio: "inherit" });
    child.once("exit", (code) =>
      code === 0 ? resolve() : reject(new Error("the database could not be prepared")),
    );
  });

main().catch(async (error: unknown) => {
  process.stderr.write(`lapka: ${error instanceof Error ? error.message : String(error)}\n`);
  stopping = true;
  if (ownDatabase) await stopDatabase().catch(() => undefined);
  process.exit(1);
});
