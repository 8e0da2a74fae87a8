import { spawn, type ChildProcess } from "node:child_process";
import { randomBytes } from "node:crypto";
import { mkdirSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import path from "node:path";
import { migrateDatabase } from "../../db/migrate";
import { ended } from "./ended";
import { startBalancer } from "./balancer";
import { Node } from "./node";

export interface Cluster {
  readonly address: string;
  readonly nodes: readonly Node[];
  readonly apps: readonly App[];
  readonly stop: () => Promise<void>;
}

async function freePorts(count: number): Promise<number[]> {
  const servers = await Promise.all(
    Array.from(
      { length: count },
      () =>
        new Promise<ReturnType<typeof createServer>>((resolve) => {
          const s = createServer().listen(0, "127.0.0.1", () => resolve(s));
        }),
    ),
  );
  const ports = servers.map((s) => (s.address() as { port: number }).port);
  await Promise.all(servers.map((s) => new Promise((done) => s.close(done))));
  return ports;
}

/**
 * One process of the app. It has no state that another has not: sessions, limits of tries and what was done
 * lie in the database.
 */
export class App {
  private child: ChildProcess | undefined;
  constructor(
    readonly port: number,
    private readonly databaseUrl: string,
    private readonly pagesUrl: string,
    private readonly more: NodeJS.ProcessEnv,
  ) {}

  async start(): Promise<void> {
    const child = spawn(process.execPath, ["build/server/serve.js"], {
      stdio: ["ignore", "pipe", "inherit"],
      env: {
        ...process.env,
        ...this.more,
        NODE_ENV: "production",
        DATABASE_URL: this.databaseUrl,
        DATABASE_PAGES_URL: this.pagesUrl,
        PORT: String(this.port),
        LAPKA_CLUSTER: "1",
      },
    });
    this.child = child;
    await new Promise<void>((resolve, reject) => {
      child.once("exit", (code) => reject(new Error(`the app ended with ${String(code)}`)));
      child.stdout.on("data", (c: Buffer) => c.toString().includes("ready at") && resolve());
    });
  }
  kill(signal: NodeJS.Signals): Promise<void> {
    return ended(this.child, signal);
  }
}

/**
 * Three nodes of one database, two processes of the app, and a balancer before both, on loopback. Each app
 * works with a node of its own and moves to another when that one ends. `prepare` fills a new database.
 */
export async function startCluster(
  dir: string,
  options: {
    readonly fresh?: boolean;
    readonly prepare?: (url: string) => Promise<void>;
    readonly env?: NodeJS.ProcessEnv;
  },
): Promise<Cluster> {
  if (options.fresh) rmSync(dir, { recursive: true, force: true });
  // The nodes' own folders are closed; this one is passed through by their user.
  mkdirSync(dir, { recursive: true, mode: 0o711 });
  const ports = await freePorts(3 * 4 + 5);
  const take = () => ports.shift() ?? 0;
  const [secret = "", pages = ""] = [18, 18].map((n) => randomBytes(n).toString("hex"));
  const each = Array.from({ length: 3 }, () => ({ sql: take(), group: take(), ist: take(), sst: take() }));
  const group = each.map((p) => p.group);
  const nodes = each.map(
    (p, i) => new Node(`node${i + 1}`, path.join(dir, `node${i + 1}`), p, group, secret, pages),
  );
  for (const [i, node] of nodes.entries()) await node.start(i === 0);
  const [first] = nodes;
  await migrateDatabase(first?.url() ?? "");
  await options.prepare?.(first?.url() ?? "");
  const sql = nodes.map((n) => n.ports.sql);
  const turned = (by: number) => [...sql.slice(by), ...sql.slice(0, by)];
  const databases = [0, 1].map((i) => ({ at: take(), nodes: turned(i) }));
  const appPorts = [take(), take()];
  const front = take();
  const balancer = startBalancer(dir, { front, apps: appPorts, databases });
  const env = { ...options.env, LAPKA_HOSTS: `127.0.0.1:${front}` };
  const apps = appPorts.map((port, i) => {
    const [own, pages] = [first?.url(), first?.pagesUrl()].map((u) => {
      const url = new URL(u ?? "mysql://x");
      url.port = String(databases[i]?.at ?? 0);
      return url.href;
    });
    return new App(port, own ?? "", pages ?? "", env);
  });
  for (const app of apps) await app.start();
  return {
    address: `http://127.0.0.1:${front}`,
    nodes,
    apps,
    stop: async () => {
      for (const app of apps) await app.kill("SIGTERM");
      balancer.kill("SIGTERM");
      for (const node of [...nodes].reverse()) await node.kill("SIGTERM");
    },
  };
}
