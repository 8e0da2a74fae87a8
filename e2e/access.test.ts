import { eq } from "drizzle-orm";
import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { accountNamed, createAccount, ROLES, setMember, type Role } from "../db/queries/accounts";
import { listBenchLines } from "../db/queries/bench";
import { listHands } from "../db/queries/hands";
import { listItems } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { listMarkets, openMarket } from "../db/queries/places";
import { listRuns } from "../db/queries/runs";
import { benchAct } from "../db/schema";
import { beginSession } from "../db/queries/sessions";
import { createWorkshop, listWorkshops } from "../db/queries/workshops";
import { isListed, mayRole, needOf, routeName } from "../app/server/access";
import { keepSession } from "../app/server/session.server";
import { startSite, type Site } from "./harness";

let site: Site;
const cookies = {} as Record<Role | "outside" | "nowhere", string>;
const routes: { name: string; path: string }[] = [];
let ids: Record<string, string> = {};

interface Made {
  readonly id: string;
  readonly path?: string;
  readonly parentId?: string;
  readonly module: { readonly loader?: unknown; readonly action?: unknown };
}

beforeAll(async () => {
  process.env.LAPKA_WRITES_A_MINUTE = "100000";
  site = await startSite("access", { accounts: true });
  const now = new Date();
  const [workshop] = await listWorkshops(site.db);
  const scope = { db: site.db, workshopId: workshop?.id ?? "", now };
  const sign = async (accountId: string, workshopId: string | null) => {
    const kept = await keepSession(
      await beginSession(site.db, { accountId, workshopId, device: "test", kind: "shared" }, now),
      "shared",
    );
    return kept.split(";")[0] ?? "";
  };
  const [hand] = await listHands(scope);
  for (const role of ROLES) {
    const id = await createAccount(site.db, role, "no phrase", now);
    await setMember(scope, id, role, role === "helper" ? (hand?.id ?? null) : null);
    cookies[role] = await sign(id, scope.workshopId);
  }
  const outside = await createAccount(site.db, "outside", "no phrase", now);
  const theirs = await createWorkshop(site.db, "Theirs");
  await setMember({ ...scope, workshopId: theirs }, outside, "owner");
  // A session may name any workshop; what counts is the membership.
  cookies.outside = await sign(outside, scope.workshopId);
  cookies.nowhere = await sign(await createAccount(site.db, "nowhere", "no phrase", now), scope.workshopId);
  const markets = await listMarkets(scope);
  const market = markets.find((m) => m.state !== "closed") ?? markets[0];
  if (market && market.state === "planned") await openMarket(scope, market.id);
  ids = {
    items: (await listItems(scope))[0]?.item.id ?? "",
    materials: (await listYarns(scope))[0]?.id ?? "",
    runs: (await listRuns(scope))[0]?.run.id ?? "",
    bench: (await listBenchLines(scope))[0]?.line.id ?? "",
    market: market?.id ?? "",
  };
  const build = (await import("../build/server/index.js" as string)) as { routes: Record<string, Made> };
  for (const r of Object.values(build.routes)) {
    if (!r.module.loader && !r.module.action) continue;
    // The frame of all; and the page that refuses, to whomever.
    if (r.id === "root" || r.id === "routes/not-yours") continue;
    routes.push({ name: routeName(r.id), path: pathOf(r) });
  }
});
afterAll(() => site.stop());

/** An address of a route with ids of the demo in it. */
function pathOf({ path = "", id }: Made): string {
  const kind = path.split("/")[0] ?? "";
  const what = { "cupboard-csv": "balls", "hand-csv": "timings", "sold-csv": "sales" }[routeName(id)] ?? "x";
  const of = /^(stall|sell)$/.test(kind) ? "market" : kind;
  return `/${path}`
    .replace(":id", ids[of] ?? "01a20aa7-05a8-74eb-831c-a40a9fcf0be3")
    .replace(":line", ids.bench ?? "")
    .replace(":token", "A".repeat(32))
    .replace(":what", what)
    .replace("*", "nothing-here");
}
const dataOf = (path: string) => (path === "/" ? "/_root.data" : `${path}.data`);

const ask = (path: string, cookie: string, more: RequestInit = {}) =>
  fetch(site.url + path, {
    redirect: "manual",
    ...more,
    headers: { ...(cookie ? { cookie } : {}), ...(more.headers as Record<string, string> | undefined) },
    signal: AbortSignal.timeout(40_000),
  });
/** As each address takes it: a form, or for a workshop's file a ZIP. */
const post = (path: string, cookie: string, body = "") =>
  ask(path, cookie, {
    method: "POST",
    body,
    headers: {
      origin: site.url,
      "content-type": path === "/workshop/bring" ? "application/zip" : "application/x-www-form-urlencoded",
    },
  });
/** The status of an answer, whose body is not waited for: a stream never ends by itself. */
const status = async (answer: () => Promise<Response>): Promise<number> => {
  const r = await answer();
  await r.body?.cancel();
  // A page first made on a laden machine may say "try again in a moment": it is taken at its word, once.
  const seconds = r.status === 503 ? Number(r.headers.get("retry-after")) : 0;
  if (!(seconds > 0)) return r.status;
  await new Promise((done) => setTimeout(done, seconds * 1000));
  const again = await answer();
  await again.body?.cancel();
  return again.status;
};

describe("every route, read and written, by every role", () => {
  it("is in the table that says who may", () => {
    expect(routes.length).toBeGreaterThan(60);
    expect(routes.filter((r) => !isListed(r.name)).map((r) => r.name)).toEqual([]);
  });
  it("is refused to every role that may not, also as data and however the address is written, and open to those that may", async () => {
    const wrong: string[] = [];
    for (const { name, path } of routes)
      for (const role of ROLES) {
        for (const writes of [false, true]) {
          // It would sign the test itself out.
          if (writes && name === "sign-out") continue;
          const may = mayRole(role, needOf(name));
          const forms = writes
            ? [
                () => post(path, cookies[role], "intent=nothing"),
                () => post(dataOf(path), cookies[role], "intent=nothing"),
              ]
            : [
                () => ask(path, cookies[role]),
                () => ask(dataOf(path), cookies[role]),
                () => ask(path === "/" ? "/?index" : `${path}/`, cookies[role]),
                () => ask(path.toUpperCase(), cookies[role]),
              ];
          const got = await Promise.all(forms.map(status));
          for (const [i, s] of got.entries()) {
            const fine = may ? s !== 403 && s !== 401 && s < 500 : s === 403;
            // The demo's own lines and markets may be taken by another id: 404 is an answer to those who may.
            if (!fine) wrong.push(`${role} ${writes ? "POST" : "GET"} ${path} [${i}] → ${s}`);
          }
        }
      }
    expect(wrong.join("\n")).toBe("");
  }, 300_000);
  it("leads nobody but to the door, and gives them nothing of anybody’s", async () => {
    const wrong: string[] = [];
    for (const { name, path } of routes) {
      if (needOf(name) === "everybody") continue;
      const page = await ask(path, "", { headers: { accept: "text/html" } });
      if (page.status !== 302 || !page.headers.get("location")?.startsWith("/sign-in?to="))
        wrong.push(`${path}: ${page.status} ${page.headers.get("location") ?? ""}`);
      for (const answer of [await ask(dataOf(path), ""), await ask(path, ""), await post(path, "")]) {
        const text = await answer.text();
        if (/Puffin/.test(text)) wrong.push(`${path} tells`);
        if (Object.values(ids).some((id) => text.includes(id) && !path.includes(id)))
          wrong.push(`${path} names things`);
      }
    }
    expect(wrong).toEqual([]);
  }, 120_000);
  it("gives nothing of a workshop to whoever is in another, or in none", async () => {
    const wrong: string[] = [];
    for (const { path } of routes)
      for (const who of ["outside", "nowhere"] as const)
        for (const at of [path, dataOf(path)]) {
          if (/scale\/stream/.test(at)) continue;
          const text = await (await ask(at, cookies[who])).text();
          const told = /.{0,30}Puffin.{0,30}/.exec(text)?.[0];
          if (told) wrong.push(`${who} ${at}: ${told}`);
        }
    expect(wrong).toEqual([]);
  }, 120_000);
});

describe("what a device kept", () => {
  it("is not taken from who is signed out, who is told so in the way that bench and stall understand", async () => {
    for (const path of [`/stall/${ids.market ?? ""}/acts`, `/bench/${ids.bench ?? ""}/acts`]) {
      const answer = await ask(path, "", {
        method: "POST",
        body: JSON.stringify({ acts: [] }),
        headers: { origin: site.url, "content-type": "application/json" },
      });
      expect(answer.status).toBe(401);
      expect(((await answer.json()) as { refused: string }).refused).toContain("You are signed out");
    }
  });
});

describe("what a role sees", () => {
  it("a helper’s pages hold no price, no cost, no wage", async () => {
    for (const path of ["/bench", `/bench/${ids.bench ?? ""}`, "/hand", "/hand/weigh", "/hand/time"]) {
      const text = await (await ask(dataOf(path), cookies.helper)).text();
      expect(text.length).toBeGreaterThan(100);
      expect({
        path,
        found: text.match(/"[^"]*(?:price|wage|cost|overhead|margin|takings)[^"]*"/gi),
      }).toEqual({
        path,
        found: null,
      });
    }
  });
  it("a stall’s pages hold what is sold for what, and no cost", async () => {
    for (const path of ["/stalls", `/stall/${ids.market ?? ""}`, `/stall/${ids.market ?? ""}/count`]) {
      const answer = await ask(dataOf(path), cookies.stall);
      expect(answer.status).toBe(200);
      expect((await answer.text()).match(/"[^"]*(?:wage|cost|overhead|margin)[^"]*"/gi)).toBeNull();
    }
  });
  it("a helper measures her own hand alone", async () => {
    const text = await (await ask(dataOf("/hand"), cookies.helper)).text();
    const [own, ...others] = await listHands({
      db: site.db,
      workshopId: (await listWorkshops(site.db))[0]?.id ?? "",
      now: new Date(),
    });
    expect(text).toContain(own?.id);
    for (const o of others) expect(text).not.toContain(o.id);
    const other = others[0]?.id ?? "01a20aa7-05a8-74eb-831c-a40a9fcf0be3";
    expect((await post("/hand", cookies.helper, `intent=hand&name=Mine&loops=over&id=${other}`)).status).toBe(
      403,
    );
  });
  it("a helper without a hand works at the bench, and what she does is kept for no hand, whatever a page says", async () => {
    const one = { db: site.db, workshopId: (await listWorkshops(site.db))[0]?.id ?? "", now: new Date() };
    const account = await accountNamed(site.db, "helper");
    const hands = await listHands(one);
    await setMember(one, account?.id ?? "", "helper", null);
    const said = await (await ask(dataOf("/hand"), cookies.helper)).text();
    for (const h of hands) expect(said).not.toContain(h.id);
    const key = randomUUID();
    const act = { key, kind: "done", piece: 1, step: "none", ms: 1000, at: Date.now(), device: "a-test" };
    const answer = await ask(`/bench/${ids.bench ?? ""}/acts`, cookies.helper, {
      method: "POST",
      body: JSON.stringify({ acts: [act], handId: hands[0]?.id }),
      headers: { origin: site.url, "content-type": "application/json" },
    });
    expect(answer.status).toBe(200);
    const kept = await site.db.select().from(benchAct).where(eq(benchAct.actKey, key));
    expect(kept.map((k) => k.handId)).toEqual([null]);
    await setMember(one, account?.id ?? "", "helper", hands[0]?.id ?? null);
  });
  it("a partner works, and sets neither prices nor people", async () => {
    expect(await status(() => ask("/settings", cookies.partner))).toBe(200);
    for (const intent of ["channel", "delete-channel", "copy"])
      expect(await status(() => post("/settings", cookies.partner, `intent=${intent}`))).toBe(403);
    expect(await status(() => ask("/people", cookies.partner))).toBe(403);
  });
});
