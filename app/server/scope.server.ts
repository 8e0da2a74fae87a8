import { createHash } from "node:crypto";
import { fromDate, getLocalTimeZone, toCalendarDate, toZoned } from "@internationalized/date";
import { createCookie, data, redirect, type AppLoadContext } from "react-router";
import { isDatabaseAway } from "@db/connect";
import type { Role } from "@db/queries/accounts";
import type { SessionUse } from "@db/queries/sessions";
import { createWorkshop, findWorkshop, firstWorkshop, type Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import type { Doing } from "@db/trail";
import type { Reading } from "@core/units";

/**
 * Which workshop a browser works in: signed, and held against the database each time. The database's address
 * has a password that was drawn at the first start, so nobody else can sign with it.
 */
export const workshopCookie = createCookie("lapka-workshop", {
  secrets: [
    createHash("sha256")
      .update(`cookies of ${process.env.DATABASE_URL ?? ""}`)
      .digest("hex"),
  ],
  path: "/",
  httpOnly: true,
  sameSite: "lax",
  maxAge: 60 * 60 * 24 * 400,
});

export interface Opened {
  readonly scope: Scope;
  readonly workshop: Workshop;
  readonly reading: Reading;
  /** What who asks is here; in the open demo everybody is its owner. */
  readonly role: Role;
  /**
   * The one hand that a helper sees and measures, null where she was given none; undefined for who sees all
   * hands.
   */
  readonly ownHand: string | null | undefined;
}

const reading = new WeakMap<AppLoadContext, Promise<Opened>>();

/**
 * The workshop of this request: the one that is open in the session of who asks. @throws a response that
 * leads to the door where nobody is signed in, or with status 503 while the database is away.
 */
export async function openWorkshop(request: Request, context: AppLoadContext): Promise<Opened> {
  try {
    if (request.method !== "GET") return await open(request, context);
    // All loaders of a page have one context: the workshop is opened once for them.
    let opened = reading.get(context);
    if (!opened) {
      opened = open(request, context).then((o) => ({ ...o, scope: { ...o.scope, reads: true as const } }));
      reading.set(context, opened);
    }
    return await opened;
  } catch (error) {
    context.onError(error);
    if (isDatabaseAway(error)) throw data(null, { status: 503, headers: { "Retry-After": "5" } });
    throw error;
  }
}

async function open(request: Request, context: AppLoadContext): Promise<Opened> {
  const { who } = context.passed;
  if (who.kind === "nobody") throw signInFirst(request);
  const workshop =
    who.kind === "open" ? await chosenWorkshop(request, context) : await workshopOf(who.session, context);
  if (!workshop) throw redirect("/account");
  const zone = workshop.timeZone || undefined;
  const session = who.kind === "account" ? who.session : undefined;
  return {
    scope: {
      db: context.db,
      workshopId: workshop.id,
      now: new Date(),
      zone,
      ...(request.method === "GET" ? {} : { doing: doingIn(context) }),
    },
    workshop,
    reading: readingOf(workshop),
    role: session?.role ?? "owner",
    ownHand: session?.role === "helper" ? (session.handId ?? null) : undefined,
  };
}

/** Who acts, and on which page; a form says more. */
export const doingIn = ({ passed }: AppLoadContext): Doing => ({
  accountId: passed.who.kind === "account" ? passed.who.session.accountId : null,
  who: passed.who.kind === "account" ? passed.who.session.name : "",
  what: passed.route,
  subject: passed.subject,
  detail: {},
});

/** A page leads to the door; a form stays as it is and is told. */
function signInFirst(request: Request) {
  const { pathname, search } = new URL(request.url);
  return request.method === "GET"
    ? redirect(`/sign-in?to=${encodeURIComponent(`${pathname}${search}`)}`)
    : data(
        {
          refused:
            "You are signed out, so nothing was written. Sign in in another tab, then send this again: it stays here.",
        },
        { status: 401 },
      );
}

const workshopOf = async (session: SessionUse, context: AppLoadContext): Promise<Workshop | undefined> =>
  session.role === undefined || session.workshopId === undefined
    ? undefined
    : findWorkshop(context.db, session.workshopId);

/** Without accounts: the one the browser chose, else the oldest, else a new empty one. */
async function chosenWorkshop(request: Request, context: AppLoadContext): Promise<Workshop | undefined> {
  const wanted: unknown = await workshopCookie.parse(request.headers.get("Cookie"));
  const chosen =
    typeof wanted === "string" && /^[0-9a-f-]{36}$/.test(wanted)
      ? await findWorkshop(context.db, wanted)
      : undefined;
  if (chosen) return chosen;
  return (
    (await firstWorkshop(context.db)) ??
    findWorkshop(context.db, await createWorkshop(context.db, "My workshop"))
  );
}

export const readingOf = (w: Pick<Workshop, "locale" | "units" | "currency">): Reading => ({
  locale: w.locale,
  system: w.units,
  currency: w.currency,
});

/** The day of a moment, as YYYY-MM-DD, in a zone; in the computer's own where none is named. */
export const dayOf = (at: Date, zone?: string): string =>
  toCalendarDate(fromDate(at, zone || getLocalTimeZone())).toString();

/** When today began, as the workshop has it: an hour earlier or later where the clocks were changed. */
export function todayBegan({ now, zone }: Pick<Scope, "now" | "zone">): Date {
  const own = zone || getLocalTimeZone();
  return toZoned(toCalendarDate(fromDate(now, own)), own).toDate();
}

/** Today as the workshop has it: of a scope, or of a moment in the computer's own zone. */
export const todayOf = (at: Date | Pick<Scope, "now" | "zone">): string =>
  at instanceof Date ? dayOf(at) : dayOf(at.now, at.zone);
