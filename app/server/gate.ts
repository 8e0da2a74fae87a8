import type { NextFunction, Request, Response } from "express";
import { matchRoutes, type RouteObject, type ServerBuild } from "react-router";
import { membershipsOf, type Role } from "../../db/queries/accounts";
import { openInSession, useSession, type SessionUse } from "../../db/queries/sessions";
import type { Database } from "../../db/connect";
import { mayRole, needOf, routeName, type Need } from "./access";
import { secretOf } from "./session.server";
import type { Who } from "./who";

/** What is known of a request before the router sees it. */
export interface Passed {
  readonly who: Who;
  /** Name of the route that it is for; empty where there is none. */
  readonly route: string;
  /** Id of what it is about, from the address. */
  readonly subject: string;
}

interface GateOptions {
  readonly db: Database;
  readonly routes: ServerBuild["routes"];
  /** Nobody needs to sign in while nobody has an account: the demo. */
  readonly open: boolean;
  /** Somebody has an account. */
  readonly begun: () => Promise<boolean>;
}

/** The routes as a tree, as the router itself builds it from its manifest. */
function treeOf(routes: ServerBuild["routes"], parent?: string): RouteObject[] {
  return Object.values(routes)
    .filter((r) => r !== undefined && (r.parentId || undefined) === parent)
    .map((r): RouteObject =>
      r?.index
        ? { id: r.id, index: true, ...(r.path === undefined ? {} : { path: r.path }) }
        : {
            id: r?.id ?? "",
            ...(r?.path === undefined ? {} : { path: r.path }),
            children: treeOf(routes, r?.id ?? ""),
          },
    );
}

/**
 * What never ends: asked for as the data of a page it would be waited for whole, and would hold a place among the
 * stream's listeners meanwhile, whoever asked.
 */
const STREAMS: ReadonlySet<string> = new Set(["scale-stream"]);

/** The page that an address is about: the data of a page has its address with ".data" behind it. */
function pageOf(pathname: string): string {
  if (pathname === "/_root.data") return "/";
  if (pathname.endsWith("/_.data")) return pathname.replace(/_\.data$/, "");
  return pathname.replace(/\.data$/, "");
}

/**
 * Lets through who may have what is asked for, and nobody else: one place, before any route. What a route
 * needs stands in `access.ts`; a route that is not in that table is the owner's alone.
 */
export function gate({ db, routes, open, begun }: GateOptions) {
  const tree = treeOf(routes);
  return async (req: Request, res: Response, next: NextFunction): Promise<void> => {
    const { pathname } = new URL(req.url, "http://lapka");
    const match = matchRoutes(tree, pageOf(pathname))?.at(-1);
    const route = routeName(match?.route.id ?? "");
    const writes = req.method === "POST";
    const need = match ? needOf(route) : "everybody";
    const session = await useSession(db, await secretOf(req.headers.cookie), new Date());
    const who: Who = session
      ? { kind: "account", session: await openedIn(db, session) }
      : open && !(await begun())
        ? { kind: "open" }
        : { kind: "nobody" };
    const passed: Passed = { who, route, subject: match?.params.id ?? match?.params.line ?? "" };
    res.locals.passed = passed;
    const isData = pathname.endsWith(".data");
    const endless = isData && STREAMS.has(route);
    if (mayPass(who, need))
      return endless ? refuse(req, res, 404, "This is a stream: it has no page’s data.") : next();
    if (who.kind === "nobody") {
      // The router words it: data and forms have answers of their own, and openWorkshop asks this one to sign
      // in.
      if ((isData && !endless) || (writes && isForm(req))) return next();
      const door = (await begun()) ? `/sign-in?to=${encodeURIComponent(req.url)}` : "/begin";
      if (writes || !wantsPage(req))
        return refuse(
          req,
          res,
          401,
          "You are signed out. What was done stays here: sign in in another tab, and it is sent.",
        );
      return res.redirect(302, door);
    }
    const role = who.kind === "account" ? who.session.role : undefined;
    if (role === undefined && wantsPage(req)) return res.redirect(302, "/account");
    // A page of ours says so, in the frame of what is open to them.
    if (wantsPage(req)) return res.redirect(302, "/not-yours");
    refuse(
      req,
      res,
      403,
      `This is not open to you here${role ? ` (${role})` : ""}. The workshop’s owner can change that.`,
    );
  };
}

const mayPass = (who: Who, need: Need): boolean => {
  if (need === "everybody" || who.kind === "open") return true;
  if (who.kind === "nobody") return false;
  return need === "signed" || (who.session.role !== undefined && mayRole(who.session.role, need));
};

/**
 * Whoever is in a workshop has one open: the oldest, where the one that was open is none of theirs any more.
 */
async function openedIn(db: Database, session: SessionUse): Promise<SessionUse> {
  if (session.role !== undefined) return session;
  const [first] = await membershipsOf(db, session.accountId);
  if (!first) return session;
  await openInSession(db, session.tokenHash, first.workshopId);
  return {
    ...session,
    workshopId: first.workshopId,
    role: first.role satisfies Role,
    handId: first.handId ?? undefined,
  };
}

const wantsPage = (req: Request): boolean =>
  req.method !== "POST" && (req.headers.accept ?? "").includes("text/html");
const isForm = (req: Request): boolean =>
  (req.headers["content-type"] ?? "").startsWith("application/x-www-form-urlencoded");
/** What the bench and the stall send is answered in their own way: they keep it, and say why. */
function refuse(req: Request, res: Response, status: number, text: string): void {
  if ((req.headers["content-type"] ?? "").startsWith("application/json"))
    return void res.status(status).json({ refused: text });
  res.status(status).type("text/plain").send(`${text}\n`);
}
