import { createServer } from "node:http";
import { pathToFileURL } from "node:url";
import path from "node:path";
import pino from "pino";
import { connect } from "../db/connect";
import { createApp, type BuildModule } from "../app/server/http";

/** Starts the built app on loopback and says its address only when the first page has been rendered. */
async function main(): Promise<void> {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: start with bin/demo");
  const log = pino({ level: process.env.LAPKA_LOG ?? "warn" }, pino.destination(2));
  const { db, close } = connect(url);
  const build = (await import(pathToFileURL(path.resolve("build/server/index.js")).href)) as BuildModule;
  const app = createApp({ build, db, log, assets: path.resolve("build/client") });
  const host = process.env.HOST ?? "127.0.0.1";
  const wanted = Number(process.env.PORT ?? 4173);
  const server = createServer(app);
  const port = await listen(server, host, wanted);
  const address = `http://${host.includes(":") ? `[${host}]` : host}:${port}`;
  // The first request compiles and connects: let it be ours.
  const first = await fetch(`${address}/`, { redirect: "follow" });
  if (!first.ok) throw new Error(`the first page answered ${first.status}`);
  await first.text();
  const seconds = Number(process.env.LAPKA_STARTED ?? 0) + Math.round(process.uptime());
  if (wanted !== 0 && port !== wanted)
    process.stdout.write(`Port ${wanted} is taken, so another one is used.\n`);
  process.stdout.write(`Lapka is ready at ${address} (after ${seconds} s). Ctrl-C stops it.\n`);
  const stop = () => {
    server.close(() => void close().then(() => process.exit(0)));
    server.closeAllConnections();
  };
  process.on("SIGINT", stop);
  process.on("SIGTERM", stop);
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
