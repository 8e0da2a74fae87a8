import cluster from "node:cluster";
import { createServer } from "node:http";
import { pathToFileURL } from "node:url";
import path from "node:path";
import pino from "pino";
import { connect, pagesUrl } from "../db/connect";
import { metricsOf, serveMetrics } from "../app/server/observe";
import { createApp, type BuildModule } from "../app/server/http";
import { keepCopies } from "../app/server/daily";
import type { keepPrinter } from "../app/features/printer/keep-printer";
import type { keepShops } from "../app/features/shop/keep-shops";
import { holdProcesses, isFirst, processesWanted } from "./processes";

/** Requests under way may take this long once the app is asked to stop. */
const DRAIN_MS = 10_000;
const LOOPBACK = new Set(["127.0.0.1", "::1", "localhost"]);

/**
 * Starts the built app on loopback and says its address when it is healthy. What a page makes of her data
 * does not decide that.
 */
async function main(): Promise<void> {
  const many = processesWanted(process.env.LAPKA_PROCESSES);
  if (many > 1 && cluster.isPrimary) return holdProcesses(many);
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: start with bin/demo or bin/start");
  const host = process.env.HOST ?? "127.0.0.1";
  if (!LOOPBACK.has(host))
    throw new Error(
      `HOST=${host} would open Lapka to the network without TLS. Leave HOST out, put a proxy that speaks TLS before it and name its address in LAPKA_ORIGIN (docs/running.md).`,
    );
  const log = pino({ level: process.env.LAPKA_LOG ?? "warn" }, pino.destination(2));
  const pages = pagesUrl(url, process.env.DATABASE_PAGES_URL);
  if (process.env.DATABASE_PAGES_URL && pages === url)
    log.warn("DATABASE_PAGES_URL names another server than DATABASE_URL: pages use DATABASE_URL");
  const { db, close, pool } = connect(pages);
  const build = (await import(pathToFileURL(path.resolve("build/server/index.js")).href)) as BuildModule;
  const token = process.env.LAPKA_TOKEN;
  const open = process.env.LAPKA_OPEN === "1";
  const metricsPort = isFirst() ? Number(process.env.LAPKA_METRICS_PORT ?? 0) : 0;
  const metrics = metricsPort > 0 ? metricsOf(pool) : undefined;
  if (metrics) await serveMetrics(metrics, metricsPort);
  let stopping = false;
  // Out of the build, where it shares what is kept with the pages.
  const beside = build.entry.module as unknown as {
    keepShops: typeof keepShops;
    keepPrinter: typeof keepPrinter;
  };
  const shops = beside.keepShops(db, log);
  // A printer has one cable: one process brings labels to it.
  const labels = isFirst() ? beside.keepPrinter(db, log) : undefined;
  const app = createApp({
    build,
    db,
    log,
    assets: path.resolve("build/client"),
    token,
    open,
    ...(metrics ? { metrics } : {}),
    stopping: () => stopping,
  });
  const wanted = Number(process.env.PORT ?? 4173);
  // A proxy keeps its connections for a minute and may send a sale on one just as we close it: it must close first.
  const server = createServer(
    { requestTimeout: 60_000, headersTimeout: 15_000, keepAliveTimeout: 75_000 },
    app,
  );
  const port = await listen(server, host, wanted);
  if (isFirst()) await announce(host, port, wanted, token);
  const copies =
    process.env.LAPKA_COPIES && isFirst() ? keepCopies(url, process.env.LAPKA_COPIES, db, log) : undefined;
  const stop = () => {
    if (stopping) process.exit(1);
    stopping = true;
    copies?.stop();
    shops.stop();
    labels?.stop();
    const end = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
    server.close(() => {
      clearTimeout(end);
      void close().then(() => process.exit(0));
    });
    // A connection that was busy is idle once its answer is out: its browser may keep it open for long.
    setInterval(() => server.closeIdleConnections(), 100).unref();
  };
  // Of several processes the one that holds them hears Ctrl-C, and stops them.
  process.on("SIGINT", cluster.isPrimary ? stop : () => undefined);
  process.on("SIGTERM", stop);
}

/** Says the address once the database answers and the first page has come. */
async function announce(
  host: string,
  port: number,
  wanted: number,
  token: string | undefined,
): Promise<void> {
  const address = `http://${host.includes(":") ? `[${host}]` : host}:${port}`;
  const health = await fetch(`${address}/health`);
  if (!health.ok) throw new Error("the database does not answer");
  // The first page compiles and connects: let that be ours. Whatever it shows, the app is up.
  await fetch(`${address}/${token ? `?start=${token}` : ""}`, { signal: AbortSignal.timeout(10_000) })
    .then((r) => r.text())
    .catch(() => undefined);
  const seconds = Number(process.env.LAPKA_STARTED ?? 0) + Math.round(process.uptime());
  if (wanted !== 0 && port !== wanted)
    process.stdout.write(`Port ${wanted} is taken, so another one is used.\n`);
  process.stdout.write(
    `Lapka is ready at ${address}${token ? `/?start=${token}` : ""} (after ${seconds} s). Ctrl-C stops it.\n`,
  );
}

/** Listens on the wanted port, or on a free one when it is taken. */
function listen(server: ReturnType<typeof createServer>, host: string, wanted: number): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once("error", (error: NodeJS.ErrnoException) => {
      if (error.code !== "EADDRINUSE" || wanted === 0) return reject(error);
      resolve(listen(server, host, 0));
    });
    server.listen(wanted, host, () => {
      const address = server.address();
      resolve(typeof address === "object" && address ? address.port : wanted);
    });
  });
}

main().catch((error: unknown) => {
  process.stderr.write(`lapka: ${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
