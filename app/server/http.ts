import compression from "compression";
import express, { type Express, type Request, type Response, type NextFunction } from "express";
import { rateLimit } from "express-rate-limit";
import { createRequestHandler } from "@react-router/express";
import { randomBytes } from "node:crypto";
import path from "node:path";
import type { Logger } from "pino";
import type { ServerBuild } from "react-router";
import type { Database } from "../../db/connect";

export type BuildModule = ServerBuild;

export interface AppOptions {
  readonly build: BuildModule;
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built client files. */
  readonly assets: string;
}

declare module "react-router" {
  interface AppLoadContext {
    readonly db: Database;
    readonly nonce: string;
    readonly log: Logger;
  }
}

/** Largest body of a form: a pattern of 256 KB, percent-encoded at worst. */
const MAX_BODY = 1_500_000;

function headers(_req: Request, res: Response, next: NextFunction): void {
  const nonce = randomBytes(16).toString("base64");
  res.locals.nonce = nonce;
  res.setHeader(
    "Content-Security-Policy",
    [
      "default-src 'none'",
      `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
      `style-src-elem 'self' 'nonce-${nonce}'`,
      "style-src-attr 'unsafe-inline'",
      "img-src 'self' data: blob:",
      "font-src 'self'",
      "connect-src 'self'",
      "worker-src 'self'",
      "manifest-src 'self'",
      "form-action 'self'",
      "base-uri 'none'",
      "frame-ancestors 'none'",
    ].join("; "),
  );
  res.setHeader("X-Content-Type-Options", "nosniff");
  res.setHeader("Referrer-Policy", "same-origin");
  res.setHeader("Cross-Origin-Opener-Policy", "same-origin");
  res.setHeader("Cross-Origin-Resource-Policy", "same-origin");
  next();
}

/** Names that a loopback server may be called by: anything else is another site pointing at us (DNS rebinding). */
const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

function onlyOwnHost(req: Request, res: Response, next: NextFunction): void {
  const host = req.headers.host ?? "";
  const allowed = (process.env.LAPKA_HOSTS ?? "").split(",").filter(Boolean);
  if (LOOPBACK.test(host) || allowed.includes(host)) return next();
  res
    .status(421)
    .type("text/plain")
    .send("This address is not served here. Name it in LAPKA_HOSTS if it is meant to be.\n");
}

/** Every request that may change something must come from our own pages, with a body of known, bounded size. */
function guardWrites(req: Request, res: Response, next: NextFunction): void {
  if (req.method === "GET" || req.method === "HEAD") return next();
  const origin = req.headers.origin;
  const site = req.headers["sec-fetch-site"];
  const host = req.headers.host ?? "";
  const same = origin !== undefined ? hostOf(origin) === host : site === "same-origin";
  if (!same) {
    res.status(403).type("text/plain").send("Refused: this form was sent from another site.\n");
    return;
  }
  const length = Number(req.headers["content-length"] ?? NaN);
  if (!Number.isFinite(length)) {
    res.status(411).type("text/plain").send("Refused: the length of the form is missing.\n");
    return;
  }
  if (length > MAX_BODY) {
    res.status(413).type("text/plain").send("Refused: the form is too large. A pattern may have 256 KB.\n");
    return;
  }
  next();
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

/** The web application: headers, static files, guards, then the router. */
export function createApp({ build, db, log, assets }: AppOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(onlyOwnHost, headers);
  app.use(compression());
  app.use("/assets", express.static(path.join(assets, "assets"), { immutable: true, maxAge: "1y" }));
  app.use(express.static(assets, { maxAge: "1h", index: false }));
  app.use(guardWrites);
  const writes = rateLimit({
    windowMs: 60_000,
    limit: 600,
    standardHeaders: "draft-8",
    legacyHeaders: false,
    skip: (req) => req.method === "GET" || req.method === "HEAD",
  });
  app.use(writes);
  app.use(
    createRequestHandler({
      build,
      mode: "production",
      getLoadContext: (_req, res) => ({ db, log, nonce: String(res.locals.nonce) }),
    }),
  );
  app.use((error: unknown, _req: Request, res: Response, next: NextFunction) => {
    if (res.headersSent) return next(error);
    log.error({ err: error }, "request failed");
    res
      .status(500)
      .type("text/plain")
      .send("Something went wrong here. Nothing you typed was changed; go back and try again.\n");
  });
  return app;
}
