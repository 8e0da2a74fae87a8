import { randomUUID } from "node:crypto";
import { createServer, type Server } from "node:http";
import type { NextFunction, Request, RequestHandler, Response } from "express";
import type { Logger } from "pino";
import { pinoHttp } from "pino-http";
import { collectDefaultMetrics, Gauge, Histogram, Registry } from "prom-client";
import { publicOrigin } from "./origin";
import type { Passed } from "./gate";

/** Seconds: a page should take a few hundredths of one; what takes ten is given up. */
const BUCKETS = [0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10];

export interface Metrics {
  readonly registry: Registry;
  /** Counts and times each request under the name of its route; its address is not told. */
  readonly measure: RequestHandler;
}

/** What is measured of this process, for a collector that reads the Prometheus text format. */
export function metricsOf(pool?: { readonly waiting: () => number; readonly open: () => number }): Metrics {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: "lapka_" });
  const requests = new Histogram({
    name: "lapka_http_request_seconds",
    help: "Time to answer a request, by route, method and class of status",
    labelNames: ["route", "method", "status"],
    buckets: BUCKETS,
    registers: [registry],
  });
  if (pool) {
    const gauge = (name: string, help: string, read: () => number) =>
      new Gauge({
        name,
        help,
        registers: [registry],
        collect() {
          this.set(read());
        },
      });
    gauge("lapka_database_connections", "Open connections to the database", pool.open);
    gauge("lapka_database_waiting", "Requests that wait for a connection", pool.waiting);
  }
  return {
    registry,
    measure: (req, res, next) => {
      const end = requests.startTimer();
      res.once("finish", () =>
        end({ route: routeOf(res), method: req.method, status: `${Math.floor(res.statusCode / 100)}xx` }),
      );
      next();
    },
  };
}

/** The route that answered: never the address, which has ids and, in an invitation, a secret in it. */
const routeOf = (res: Response): string => (res.locals.passed as Passed | undefined)?.route || "other";

/** Answers a collector on a port of its own, on loopback. */
export function serveMetrics({ registry }: Metrics, port: number): Promise<Server> {
  const server = createServer((req, res) => {
    if (req.method !== "GET" || req.url !== "/metrics") return void res.writeHead(404).end();
    registry.metrics().then(
      (text) => res.writeHead(200, { "Content-Type": registry.contentType }).end(text),
      () => res.writeHead(500).end(),
    );
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => resolve(server));
  });
}

/** A number that a proxy gave a request already. */
const GIVEN_ID = /^[\w-]{8,64}$/;

/**
 * A line of JSON a request, with a number that its answer carries too: route, status and time, and nothing of
 * whose it was.
 */
export function requestLog(log: Logger): RequestHandler {
  const logged = pinoHttp({
    logger: log,
    genReqId: (req, res) => {
      const given = req.headers["x-request-id"];
      const id = publicOrigin() && typeof given === "string" && GIVEN_ID.test(given) ? given : randomUUID();
      res.setHeader("X-Request-Id", id);
      return id;
    },
    serializers: {
      req: (req: { id: unknown; method: unknown }) => ({ id: req.id, method: req.method }),
      res: (res: { statusCode: unknown }) => ({ status: res.statusCode }),
      err: () => undefined,
    },
    customSuccessObject: (_req, res, said: object) => ({ ...said, route: routeOf(res as Response) }),
    customErrorObject: (_req, res, _error, said: object) => ({ ...said, route: routeOf(res as Response) }),
    customLogLevel: () => "info",
    customSuccessMessage: () => "answered",
    customErrorMessage: () => "answered",
  });
  return (req: Request, res: Response, next: NextFunction) => logged(req, res, next);
}
