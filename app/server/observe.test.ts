import express from "express";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { PassThrough } from "node:stream";
import pino from "pino";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { metricsOf, requestLog, serveMetrics } from "./observe";

const lines: Record<string, unknown>[] = [];
const out = new PassThrough();
out.on("data", (c: Buffer) => {
  for (const l of c.toString().split("\n").filter(Boolean))
    lines.push(JSON.parse(l) as Record<string, unknown>);
});
const metrics = metricsOf({ waiting: () => 3, open: () => 8 });
let server: Server;
let told: Server;
const portOf = (s: Server) => (s.address() as AddressInfo).port;

beforeAll(async () => {
  const app = express();
  app.use(requestLog(pino({ level: "info" }, out)), metrics.measure);
  app.use((req, res) => {
    res.locals.passed = { route: "join" };
    res.status(req.path === "/join/none" ? 410 : 200).send("ok");
  });
  server = createServer(app);
  await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
  told = await serveMetrics(metrics, 0);
});
afterAll(() => {
  server.close();
  told.close();
});
const ask = (path: string, headers: Record<string, string> = {}) =>
  fetch(`http://127.0.0.1:${portOf(server)}${path}`, { headers });

describe("what is told of a request", () => {
  it("is a line of JSON with a number that the answer carries, the route, the status, the time, and nothing of whose it was", async () => {
    const answer = await ask("/join/secret-of-the-invitation?name=Marit", {
      cookie: "lapka-session=secret",
      "user-agent": "a browser of hers",
    });
    await new Promise((done) => setTimeout(done, 50));
    const line = lines.at(-1) ?? {};
    expect(line).toMatchObject({ route: "join", req: { method: "GET" }, res: { status: 200 } });
    expect((line.req as { id: string }).id).toBe(answer.headers.get("x-request-id"));
    expect(line.responseTime).toEqual(expect.any(Number));
    expect(JSON.stringify(lines)).not.toMatch(/secret|Marit|hers|127\.0\.0\.1/);
  });
  it("has a number of its own unless a proxy of ours gave it one", async () => {
    const mine = await ask("/x", { "x-request-id": "given-by-anybody" });
    expect(mine.headers.get("x-request-id")).not.toBe("given-by-anybody");
  });
  it("is counted by route for a collector, on a port of its own, with no address in it", async () => {
    await ask("/join/none");
    const answer = await fetch(`http://127.0.0.1:${portOf(told)}/metrics`);
    const text = await answer.text();
    expect(answer.headers.get("content-type")).toContain("version=0.0.4");
    expect(text).toMatch(/lapka_http_request_seconds_count\{route="join",method="GET",status="4xx"\} 1/);
    expect(text).toContain("lapka_database_connections 8");
    expect(text).toContain("lapka_database_waiting 3");
    expect(text).toContain("lapka_nodejs_eventloop_lag_seconds");
    expect(text).not.toContain("/join/");
    expect((await fetch(`http://127.0.0.1:${portOf(told)}/other`)).status).toBe(404);
  });
});
