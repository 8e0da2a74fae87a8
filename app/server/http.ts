import compression from "compression";
import express, { type Express, type Request, type Response, type NextFunction } from "express";
import { rateLimit } from "express-rate-limit";
import { createRequestHandler } from "@react-router/express";
import { sql } from "drizzle-orm";
import { randomBytes, timingSafeEqual } from "node:crypto";
import path from "node:path";
import type { Logger } from "pino";
import type { ServerBuild } from "react-router";
import { anyAccount } from "../../db/queries/accounts";
import { isDatabaseAway, type Database } from "../../db/connect";
import { BRING_PATH, MOST_ZIP } from "./bring-file";
import { gate, type Passed } from "./gate";
import { toldOf } from "./log";
import { requestLog, type Metrics } from "./observe";
import { isSecure, publicOrigin } from "./origin";
import { recogniseFiles } from "./recognise";

export type BuildModule = ServerBuild;

export interface AppOptions {
  readonly build: BuildModule;
  readonly db: Database;
  readonly log: Logger;
  /** Folder of the built client files. */
  readonly assets: string;
  /**
   * Who opens Lapka must have the address that was printed; undefined lets everybody of this machine in (the
   * demo).
   */
  readonly token?: string | undefined;
  /**
   * Nobody needs to sign in while nobody has an account (the demo); otherwise a workshop begins with its
   * owner.
   */
  readonly open?: boolean;
  readonly metrics?: Metrics;
  /** The process was asked to stop: it answers what it has begun, and is ready for nothing new. */
  readonly stopping?: () => boolean;
}

declare module "react-router" {
  interface AppLoadContext {
    readonly db: Database;
    readonly nonce: string;
    readonly log: Logger;
    readonly passed: Passed;
    /** Where a request comes from; with a proxy before us, as that says. */
    readonly address: string;
    /** Told of an error of a loader or action before it is answered. */
    readonly onError: (error: unknown) => void;
  }
}

/**
 * Largest body of a form: a file of 1.2 MB, percent-encoded at worst. What a single form may have is less,
 * and looked at where it is read.
 */
const MAX_BODY = 1_500_000;
const FORM_TYPES = ["application/x-www-form-urlencoded", "application/json"];
/** A whole workshop in a file, and everything of an item, take longer to read and write. */
const SLOW_PATH = /^\/(?:workshop\/bring|workshop\.zip|workshop\/sealed|items\/[^/]+\/all\.zip)$/;
/**
 * A request that was not answered by then is told to try again; what it was doing goes on or is rolled back,
 * never by half. An old machine with much to do may take half of it; a database that hangs is noticed by it alone.
 */
const DEADLINE_MS = 15_000;
/** Papers and pictures are drawn one after the other, a list's forty tiles too, on what may be a small machine. */
const DRAWN = /\.(?:pdf|png|svg)$/;
const DRAWN_DEADLINE_MS = 55_000;
const TRY_AGAIN =
  "Lapka is too busy or its database does not answer. Nothing you sent was lost from this page: try again in a moment.\n";

const plain = (res: Response, status: number, text: string): void => {
  res.status(status).type("text/plain").send(text);
};

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
  if (isSecure()) res.setHeader("Strict-Transport-Security", "max-age=31536000; includeSubDomains");
  res.setHeader("X-Content-Type-Options", "nosniff");
  res.setHeader("Referrer-Policy", "same-origin");
  res.setHeader("Cross-Origin-Opener-Policy", "same-origin");
  res.setHeader("Cross-Origin-Resource-Policy", "same-origin");
  res.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=(), payment=(), usb=()");
  next();
}

/**
 * Names that a loopback server may be called by: anything else is another site pointing at us (DNS
 * rebinding).
 */
const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(?::(\d{1,5}))?$/;

function onlyOwnHost(req: Request, res: Response, next: NextFunction): void {
  const host = req.headers.host ?? "";
  const allowed = [publicOrigin()?.host, ...(process.env.LAPKA_HOSTS ?? "").split(",")].filter(Boolean);
  const own = LOOPBACK.exec(host);
  if (!(own && Number(own[2] ?? 80) <= 65_535) && !allowed.includes(host))
    return plain(res, 421, "This address is not served here. Name it in LAPKA_HOSTS if it is meant to be.\n");
  // A path begins with a slash; "GET http://…" is meant for a proxy, and "//host" would be read as another
  // site.
  if (!/^\/(?!\/)/.test(req.url) || !readable(req.url))
    return plain(res, 400, "This address cannot be read.\n");
  next();
}
function readable(url: string): boolean {
  try {
    decodeURIComponent(url.split("?")[0] ?? "");
    return true;
  } catch {
    return false;
  }
}

/**
 * Only what pages of ours do: reading, and posting forms of ours. Other sites may send a person here, and
 * nothing else.
 */
function guardRequests(req: Request, res: Response, next: NextFunction): void {
  const reads = req.method === "GET" || req.method === "HEAD";
  if (!reads && req.method !== "POST") {
    res.setHeader("Allow", "GET, HEAD, POST");
    return plain(res, 405, "This is not done here.\n");
  }
  const site = req.headers["sec-fetch-site"];
  if (reads) {
    const navigates = req.headers["sec-fetch-mode"] === "navigate";
    if (site !== undefined && site !== "same-origin" && site !== "none" && !navigates)
      return plain(res, 403, "Refused: another site asked for this.\n");
    return next();
  }
  const origin = req.headers.origin;
  const host = req.headers.host ?? "";
  const named = publicOrigin();
  const own = named?.host === host ? named.origin : `http://${host}`;
  const same = origin !== undefined ? origin === own : site === "same-origin";
  if (!same) return plain(res, 403, "Refused: this form was sent from another site.\n");
  const length = Number(req.headers["content-length"] ?? NaN);
  if (!Number.isFinite(length)) return plain(res, 411, "Refused: the length of the form is missing.\n");
  const brings = req.path === BRING_PATH;
  if (length > (brings ? MOST_ZIP : MAX_BODY)) return plain(res, 413, "Refused: the form is too large.\n");
  const type = (req.headers["content-type"] ?? "").split(";")[0]?.trim().toLowerCase();
  if (brings ? type !== "application/zip" : !FORM_TYPES.includes(type ?? ""))
    return plain(
      res,
      415,
      `Refused: ${brings ? "a workshop is sent as application/zip" : "a form is sent as application/x-www-form-urlencoded"}.\n`,
    );
  next();
}

const START_COOKIE = "lapka-start";
const YEAR_MS = 365 * 86_400_000;

/**
 * Loopback means every user of this machine, and a proxy everybody; the key in the printed address means who
 * started it. It becomes a cookie at the first visit. Once somebody has an account one signs in instead:
 * `begun`.
 */
function onlyWithToken(token: string, begun: () => Promise<boolean>) {
  const right = Buffer.from(token);
  const matches = (given: string | undefined): boolean => {
    const got = Buffer.from(given ?? "");
    return got.length === right.length && timingSafeEqual(got, right);
  };
  return (req: Request, res: Response, next: NextFunction): void => {
    const cookie = (req.headers.cookie ?? "")
      .split(";")
      .map((c) => c.trim())
      .find((c) => c.startsWith(`${START_COOKIE}=`));
    if (matches(cookie?.slice(START_COOKIE.length + 1))) return next();
    const at = new URL(req.url, "http://lapka");
    if (req.method === "GET" && matches(at.searchParams.get("start") ?? undefined)) {
      at.searchParams.delete("start");
      res.cookie(START_COOKIE, token, { httpOnly: true, sameSite: "lax", path: "/", maxAge: YEAR_MS });
      return res.redirect(302, `${at.pathname}${at.search}`);
    }
    begun().then((is) => (is ? next() : refuse(res)), next);
  };
  function refuse(res: Response): void {
    plain(
      res,
      403,
      "Open Lapka by the address that bin/start printed: it carries a key, so that other users of this machine stay out.\n",
    );
  }
}

/** Says "try again" when an answer takes too long, and turns answers of a database that is away into 503. */
function deadline(req: Request, res: Response, next: NextFunction): void {
  if (req.headers.accept?.includes("text/event-stream") || SLOW_PATH.test(req.path)) return next();
  const ms = DRAWN.test(req.path) ? DRAWN_DEADLINE_MS : DEADLINE_MS;
  const timer = setTimeout(() => {
    if (res.headersSent) return;
    res.setHeader("Retry-After", "5");
    plain(res, 503, TRY_AGAIN);
  }, ms);
  timer.unref();
  res.once("close", () => clearTimeout(timer));
  next();
}

function statusOfAway(_req: Request, res: Response, next: NextFunction): void {
  const writeHead = res.writeHead.bind(res) as (status: number, ...rest: unknown[]) => Response;
  res.writeHead = ((status: number, ...rest: unknown[]) => {
    if (res.locals.away !== true || status < 500) return writeHead(status, ...rest);
    res.setHeader("Retry-After", "5");
    return writeHead(503, ...rest);
  }) as typeof res.writeHead;
  next();
}

/** Asked until it is so; it stays so. */
function once(is: () => Promise<boolean>): () => Promise<boolean> {
  let so = false;
  return async () => (so ||= await is());
}

/**
 * Takes requests: the database answers, and nobody asked the process to stop. A proxy sends none to one that
 * does not.
 */
function readiness(db: Database, stopping: () => boolean) {
  return (_req: Request, res: Response): void => {
    res.setHeader("Cache-Control", "no-store");
    if (stopping()) return void res.status(503).json({ ok: false, why: "stopping" });
    const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error("late")), 3000).unref());
    Promise.race([db.execute(sql`select 1`), late]).then(
      () => res.json({ ok: true }),
      () => res.status(503).json({ ok: false, why: "database" }),
    );
  };
}

/** The web application: headers, static files, guards, then the router. */
export function createApp({
  build,
  db,
  log,
  assets,
  token,
  open = false,
  metrics,
  stopping = () => false,
}: AppOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  // Only a proxy on this machine may say where a request came from.
  if (publicOrigin()) app.set("trust proxy", "loopback");
  app.use(onlyOwnHost, headers, requestLog(log));
  if (metrics) app.use(metrics.measure);
  app.get("/healthz", (_req, res) => void res.setHeader("Cache-Control", "no-store").json({ ok: true }));
  app.get(["/health", "/readyz"], readiness(db, stopping));
  app.use(compression());
  app.use("/assets", express.static(path.join(assets, "assets"), { immutable: true, maxAge: "1y" }));
  app.use(express.static(assets, { maxAge: "1h", index: false }));
  app.use(recogniseFiles());
  const begun = once(() => anyAccount(db));
  if (token) app.use(onlyWithToken(token, begun));
  app.use(guardRequests, deadline, statusOfAway);
  app.use((_req, res, next) => {
    // Everything behind here is hers alone.
    res.setHeader("Cache-Control", "no-store");
    next();
  });
  app.use(
    rateLimit({
      windowMs: 60_000,
      limit: Number(process.env.LAPKA_WRITES_A_MINUTE ?? 600),
      standardHeaders: "draft-8",
      legacyHeaders: false,
      // All of loopback is this machine.
      keyGenerator: (req) => (publicOrigin() ? (req.ip ?? "") : "loopback"),
      validate: false,
      skip: (req) => req.method === "GET" || req.method === "HEAD",
    }),
  );
  const guard = gate({ db, routes: build.routes, open, begun });
  app.use((req, res, next) => {
    guard(req, res, next).catch(next);
  });
  const handler = createRequestHandler({
    build,
    mode: "production",
    getLoadContext: (req, res) => ({
      db,
      log: (req as Request & { log?: Logger }).log ?? log,
      passed: res.locals.passed as Passed,
      address: req.ip ?? "",
      nonce: String(res.locals.nonce),
      onError: (error) => {
        if (isDatabaseAway(error)) res.locals.away = true;
      },
    }),
  });
  app.use((req, res, next) => {
    // An answer that came after the deadline has nobody to go to.
    handler(req, res, (error?: unknown) => (res.headersSent ? undefined : next(error))).catch?.(
      (error: unknown) => (res.headersSent ? undefined : next(error)),
    );
  });
  app.use((error: unknown, _req: Request, res: Response, next: NextFunction) => {
    if (res.headersSent) return next(error);
    log.error({ err: toldOf(error) }, "request failed");
    if (isDatabaseAway(error)) {
      res.setHeader("Retry-After", "5");
      return plain(res, 503, TRY_AGAIN);
    }
    plain(res, 500, "Something went wrong here, and nothing was changed. Go back and try again.\n");
  });
  return app;
}
