import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import http from "node:http";
import pino from "pino";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { createItem, findItem, listItems } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { listRuns } from "../db/queries/runs";
import { createWorkshop, listWorkshops } from "../db/queries/workshops";
import type { Scope } from "../db/scope";
import { fuzzRequests } from "../tests/hostile/requests";
import { openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let scope: Scope;
beforeAll(async () => {
  process.env.LAPKA_WRITES_A_MINUTE = "1000000";
  site = await startSite("steadfast");
  const [workshop] = await listWorkshops(site.db);
  scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
});
afterAll(() => site.stop());

interface Answer {
  readonly status: number;
  readonly headers: http.IncomingHttpHeaders;
  readonly body: string;
}
/** A request as a program sends it, whatever a browser would refuse to. */
function ask(
  method: string,
  path: string,
  headers: Record<string, string> = {},
  body?: string,
): Promise<Answer> {
  const at = new URL(site.url);
  return new Promise((resolve, reject) => {
    const r = http.request(
      { host: at.hostname, port: at.port, method, path, headers: { host: at.host, ...headers } },
      (answer) => {
        let text = "";
        answer.on("data", (c: Buffer) => (text += c.toString()));
        answer.on("end", () =>
          resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body: text }),
        );
      },
    );
    r.on("error", reject);
    r.end(body);
  });
}
const post = (path: string, fields: Record<string, string>, more: Record<string, string> = {}) =>
  ask(
    "POST",
    path,
    { origin: site.url, "content-type": "application/x-www-form-urlencoded", ...lengthOf(fields), ...more },
    new URLSearchParams(fields).toString(),
  );
const lengthOf = (fields: Record<string, string>) => ({
  "content-length": String(Buffer.byteLength(new URLSearchParams(fields).toString())),
});
const YARN = {
  intent: "yarn",
  colour: "#112233",
  fibre: "wool",
  weightClass: "3",
  hookUm: "4",
  mmPer100g: "230",
  ballMg: "50",
  ballPrice: "2.90",
  name: "DK wool",
};

describe("an item that cannot be reckoned", () => {
  const MONSTER = "Rnd 1: 6 sc in mr (6)\nRnds 2-10000: sc around";
  let id = "";
  beforeAll(async () => {
    id = await createItem(
      scope,
      { name: "Monster", kind: "figure" },
      { pattern: MONSTER, firmness: "medium", hanger: false, note: "", slots: [], notions: [] },
    );
  });
  it("costs no list, no other item and no start", async () => {
    await site.restart();
    for (const path of [
      "/",
      "/items",
      "/items.csv",
      "/runs/new",
      "/hand",
      "/hand/weigh",
      "/materials/leftovers",
    ])
      expect(`${path} ${(await ask("GET", path)).status}`).toBe(`${path} 200`);
    expect((await ask("GET", "/items.csv")).body).toContain("could not be reckoned");
    const other = (await listItems(scope)).find((i) => i.item.name.startsWith("Puffin"));
    expect((await ask("GET", `/items/${other?.item.id ?? ""}`)).status).toBe(200);
    expect((await ask("GET", `/items/${id}/pattern.txt`)).body).toBe(MONSTER);
  });
  it("is listed as such, and can be mended on its page", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/items`);
    await me.settle();
    expect(await me.text()).toContain("could not be reckoned");
    await page.goto(`${site.url}/items/${id}`);
    await me.waitText("This item could not be reckoned");
    await me.fill("#mend-pattern", "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)");
    await me.press('form button[type="submit"]:not([aria-label])');
    await page.waitForSelector(".cm-content");
    expect((await findItem(scope, id))?.revision.pattern).toContain("inc x 6 (12)");
    await end();
  });
  it("is not kept when it is new: the text stays on the page, with why", async () => {
    const { page } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/items/new`);
    await me.settle();
    await me.fill('[name="name"]', "Second monster");
    await me.fill('[name="pattern"]', MONSTER);
    await me.press('main form button[type="submit"]');
    await me.waitText("Not kept yet");
    expect(await page.$eval('[name="pattern"]', (el) => (el as HTMLTextAreaElement).value)).toBe(MONSTER);
    expect((await listItems(scope)).some((i) => i.item.name === "Second monster")).toBe(false);
    // And comes back after a reload, until it was taken or thrown away.
    await page.reload();
    await me.waitText("What you had typed here and not sent is back");
    expect(await page.$eval('[name="pattern"]', (el) => (el as HTMLTextAreaElement).value)).toBe(MONSTER);
    await me.press('[role="status"] button');
    expect(await page.$eval('[name="pattern"]', (el) => (el as HTMLTextAreaElement).value)).toBe("");
    await page.browserContext().close();
  });
  it("a number behind “Rnd” that is no round’s is told and counts as one round", async () => {
    const made = await post("/items/new", {
      name: "Article",
      kind: "keychain",
      pattern: "Rnd 1: 6 sc in mr (6)\nRnd 4006381333931234567: sc around (6)\nRnd 3: 6 constructor",
    });
    expect(made.status).toBe(302);
    for (const path of ["/", "/items", made.headers.location ?? ""])
      expect((await ask("GET", path)).status).toBe(200);
  });
});

describe("a form", () => {
  const yarns = async (shade: string) => (await listYarns(scope)).filter((y) => y.shade === shade).length;
  it("sent three times with its key makes one, with the same answer; changed it is another act", async () => {
    const form = { ...YARN, shade: "sent thrice", "key-of-form": "seed_1" };
    const answers = await Promise.all([1, 2, 3].map(() => post("/materials.data", form)));
    expect(answers.map((a) => a.status)).toEqual([200, 200, 200]);
    expect(await yarns("sent thrice")).toBe(1);
    await post("/materials.data", { ...form, shade: "sent as another" });
    expect(await yarns("sent as another")).toBe(1);
    const item = { name: "Twin", kind: "other", pattern: "", "key-of-form": "seed_2" };
    const [a, b] = [await post("/items/new", item), await post("/items/new", item)];
    expect(b.headers.location).toBe(a.headers.location);
    expect((await listItems(scope)).filter((i) => i.item.name === "Twin").length).toBe(1);
  });
  it("made in one workshop writes nothing into another", async () => {
    const other = await createWorkshop(site.db, "Next stall");
    const there = await post("/materials.data", { ...YARN, shade: "astray", workshop: other });
    expect(there.status).toBe(409);
    expect(there.body).toContain("another workshop");
    expect(await yarns("astray")).toBe(0);
    expect((await listYarns({ ...scope, workshopId: other })).length).toBe(0);
  });
  it("of another shape, size or kind is refused with the right word, never with 500", async () => {
    const big = "lines%5B20000000%5D.quantity=1";
    const headers = { origin: site.url, "content-type": "application/x-www-form-urlencoded" };
    const length = (b: string) => ({ "content-length": String(b.length) });
    const status = async (...a: Parameters<typeof ask>) => (await ask(...a)).status;
    expect(await status("POST", "/runs/new.data", { ...headers, ...length(big) }, big)).toBe(400);
    expect(
      await status(
        "POST",
        "/settings.data",
        { ...headers, ...length("days%5B4294967294%5D=") },
        "days%5B4294967294%5D=",
      ),
    ).toBe(400);
    const many = "name=y&".repeat(20_000);
    expect(await status("POST", "/items/new.data", { ...headers, ...length(many) }, many)).toBe(413);
    for (const type of ["text/plain", "multipart/form-data; boundary=x", "image/png", ""])
      expect(
        await status(
          "POST",
          "/settings",
          { origin: site.url, "content-type": type, "content-length": "1" },
          "a",
        ),
      ).toBe(415);
    for (const method of ["PUT", "PATCH", "DELETE", "OPTIONS"])
      expect(await status(method, "/items", { origin: site.url, "content-length": "0" })).toBe(405);
    const [yarn] = await listYarns(scope);
    const answers = [
      await post("/runs/new.data", { name: "x", startOn: "2026-02-31", dueOn: "2026-03-31" }),
      await post("/materials.data", {
        intent: "count",
        kind: "yarn",
        id: "01a20aa7-05a8-74eb-831c-a40a9fcf0be3",
        key: "12345678",
        unit: "mass",
        onHand: "5",
      }),
      await post("/materials.data", {
        intent: "post",
        kind: "yarn",
        id: "01a20aa7-05a8-74eb-831c-a40a9fcf0be3",
        key: "12345679",
        unit: "mass",
        how: "used",
        amount: "5",
      }),
      await post("/materials.data", {
        intent: "count",
        kind: "yarn",
        id: yarn?.id ?? "",
        key: "12345670",
        unit: "mass",
        onHand: "5 constructor",
      }),
      await post("/materials.data", {
        intent: "balls",
        yarnId: yarn?.id ?? "",
        key: "12345671",
        how: "bought",
        many: "1",
        eachMg: "50",
        price: "1",
        fullMg: "1e999",
      }),
    ];
    for (const a of answers) expect([400, 409]).toContain(a.status);
  });
});

describe("another site, another user, another tab", () => {
  it("may send a person here and nothing else", async () => {
    const at = new URL(site.url);
    const status = async (headers: Record<string, string>, path = "/items") =>
      (await ask("GET", path, headers)).status;
    expect(await status({ "sec-fetch-site": "cross-site", "sec-fetch-mode": "navigate" })).toBe(200);
    expect(await status({ "sec-fetch-site": "cross-site", "sec-fetch-mode": "no-cors" })).toBe(403);
    expect(await status({ host: "evil.test" })).toBe(421);
    expect(await status({ host: "127.0.0.1:99999" })).toBe(421);
    expect(await status({}, `http://${at.host}/items`)).toBe(400);
    expect((await post("/settings", { intent: "copy" }, { origin: `https://${at.host}` })).status).toBe(403);
    expect((await post("/settings", { intent: "copy" }, { origin: "http://evil.test" })).status).toBe(403);
  });
  it("a workshop named by an unsigned cookie is not opened", async () => {
    const other = await createWorkshop(site.db, "Secret stall");
    const forged = Buffer.from(JSON.stringify(other)).toString("base64");
    expect(
      (await ask("GET", "/settings", { cookie: `lapka-workshop=${encodeURIComponent(forged)}` })).body,
    ).toContain("Harbour stall");
  });
  it("private answers are kept by nobody, and pages may use no camera", async () => {
    for (const path of [
      "/",
      "/items.csv",
      "/materials/everything.json",
      "/items.data",
      "/materials/moves.csv",
    ]) {
      const { headers } = await ask("GET", path);
      expect(`${path} ${headers["cache-control"] ?? ""}`).toContain("no-store");
      expect(headers["permissions-policy"]).toContain("camera=()");
    }
  });
  it("an address cannot put words on the page", async () => {
    const { body } = await ask(
      "GET",
      "/items?deleted=item:01a20aa7-05a8-74eb-831c-a40a9fcf0be3&label=Call+this+number",
    );
    expect(body).not.toContain("Call this number");
  });
  it("heads of the scale’s stream leave no connection open", async () => {
    const open = () =>
      execFileSync("ls", [`/proc/${site.serverPid}/fd`])
        .toString()
        .split("\n").length;
    const before = open();
    for (let i = 0; i < 60; i++) expect((await ask("HEAD", "/scale/stream")).status).toBe(200);
    await new Promise((done) => setTimeout(done, 300));
    expect(open() - before).toBeLessThan(15);
  });
  it("with a key in the address only who has it comes in", async () => {
    const { createApp } = await import("../app/server/http");
    const app = createApp({
      build: (await import("../build/server/index.js" as string)) as never,
      db: site.db,
      log: pino({ level: "silent" }),
      assets: "build/client",
      token: "k".repeat(48),
      open: true,
    });
    const server = http.createServer(app);
    await new Promise<void>((done) => server.listen(0, "127.0.0.1", done));
    const { port } = server.address() as { port: number };
    const go = (path: string, cookie = "") =>
      fetch(`http://127.0.0.1:${port}${path}`, { redirect: "manual", headers: cookie ? { cookie } : {} });
    expect((await go("/")).status).toBe(403);
    expect((await go("/items.data")).status).toBe(403);
    expect((await go("/?start=wrong")).status).toBe(403);
    const let_in = await go(`/items?start=${"k".repeat(48)}`);
    expect([let_in.status, let_in.headers.get("location")]).toEqual([302, "/items"]);
    const cookie = let_in.headers.get("set-cookie") ?? "";
    expect(cookie).toMatch(/HttpOnly.*SameSite=Lax/i);
    expect((await go("/items", cookie.split(";")[0])).status).toBe(200);
    expect((await go("/health")).status).toBe(200);
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
});

describe("what she typed stays", () => {
  it("when the server is gone: said beside the form, sent again when it is back", async () => {
    const { page } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/items/new`);
    await me.settle();
    await me.fill('[name="name"]', "Stormy petrel");
    await me.fill('[name="pattern"]', "Rnd 1: 6 sc in mr (6)");
    await page.setOfflineMode(true);
    await me.press('main form button[type="submit"]');
    await me.waitText("The server did not answer, so nothing is saved yet");
    expect(await page.$eval('[name="pattern"]', (el) => (el as HTMLTextAreaElement).value)).toBe(
      "Rnd 1: 6 sc in mr (6)",
    );
    await page.setOfflineMode(false);
    await me.press('main form button[type="submit"]');
    await page.waitForSelector(".cm-content");
    expect((await listItems(scope)).filter((i) => i.item.name === "Stormy petrel").length).toBe(1);
    // It was taken: the next new item begins empty.
    await page.goto(`${site.url}/items/new`);
    await me.settle();
    expect(await page.$eval('[name="name"]', (el) => (el as HTMLInputElement).value)).toBe("");
    await page.browserContext().close();
  });
  it("when another tab changed the yarn: what was not touched here takes theirs, the rest is shown twice", async () => {
    const yarn = (await listYarns(scope)).find((y) => y.shade === "slate");
    const [mine, theirs] = [await openPage(site), await openPage(site)];
    for (const { page } of [mine, theirs]) {
      await page.goto(`${site.url}/materials/${yarn?.id ?? ""}`);
      const me = new Person(page, "mouse");
      await me.settle();
      await page.locator("::-p-aria(Change)").click();
      await page.waitForSelector('[role="dialog"] [name="care"]');
      await page.$$eval('[role="dialog"] details', (all) =>
        all.forEach((d) => ((d as HTMLDetailsElement).open = true)),
      );
    }
    const save = '[role="dialog"] button[type="submit"]';
    const other = new Person(theirs.page, "mouse");
    await other.fill('[role="dialog"] [name="care"]', "wash at 30 °C");
    await other.fill('[role="dialog"] [name="ballPrice"]', "3.10");
    await other.press(save);
    await theirs.page.waitForSelector('[role="dialog"]', { hidden: true });
    await mine.page.bringToFront();
    const me = new Person(mine.page, "mouse");
    await me.fill('[role="dialog"] [name="ballPrice"]', "3.30");
    await me.press(save);
    await me.waitText("Another tab or person changed this meanwhile");
    expect(
      await mine.page.$eval('[role="dialog"] [name="care"]', (el) => (el as HTMLInputElement).value),
    ).toBe("wash at 30 °C");
    expect(await me.text('[role="dialog"] table')).toMatch(/3\.30\s+3\.10/);
    await me.press(save);
    await mine.page.waitForSelector('[role="dialog"]', { hidden: true });
    expect((await listYarns(scope)).find((y) => y.id === yarn?.id)).toMatchObject({
      care: "wash at 30 °C",
      ballPrice: 330,
    });
    await mine.page.browserContext().close();
    await theirs.page.browserContext().close();
  });
  it("when it was deleted: it lies in the bin and comes back from there", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    const run = (await listRuns(scope)).find((r) => r.run.name === "Second winter market");
    await page.goto(`${site.url}/runs/${run?.run.id ?? ""}`);
    await me.settle();
    await me.press('button[aria-label^="Delete"]');
    await me.waitText("was deleted");
    await page.goto(`${site.url}/bin`);
    await me.waitText("Second winter market");
    await me.press('button[aria-label="Bring back Second winter market"]');
    await me.settle();
    expect((await listRuns(scope)).some((r) => r.run.id === run?.run.id)).toBe(true);
    await end();
  });
  it("a copy is made from Settings, read back, and listed", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    await me.press('#copies button[type="submit"]');
    await me.waitText("you asked for it");
    expect(await me.text("#copies")).toContain("the same");
    await end();
  });
});

describe("stopping and starting", () => {
  it("requests under way end well when the app is asked to stop", async () => {
    for (let round = 0; round < 3; round++) {
      const under = Array.from({ length: 6 }, () => ask("GET", "/materials/moves.csv"));
      await new Promise((done) => setTimeout(done, 10));
      const restarted = site.restart();
      const answers = await Promise.allSettled(under);
      await restarted;
      // What had reached the app is answered whole; what had not is refused at the door.
      for (const a of answers)
        if (a.status === "fulfilled") expect(a.value.body.endsWith("\r\n")).toBe(true);
        else expect(String(a.reason)).toMatch(/ECONNREFUSED|ECONNRESET/);
      expect(answers.filter((a) => a.status === "fulfilled").length).toBeGreaterThan(0);
    }
  });
  it("keeps an idle connection for longer than a proxy does, which would lose what it sends just then", async () => {
    const { headers } = await fetch(`${site.url}/health`);
    expect(Number(/timeout=(\d+)/.exec(headers.get("keep-alive") ?? "")?.[1])).toBeGreaterThan(60);
  });
  it("an address beyond this computer is refused", () => {
    const serve = () =>
      execFileSync(process.execPath, ["build/server/serve.js"], {
        env: { ...process.env, HOST: "0.0.0.0", DATABASE_URL: site.databaseUrl },
        stdio: "pipe",
      });
    expect(serve).toThrow(/would open Lapka to the network/);
  });
  it("no values of hers stand in what the app logs", async () => {
    const { toldOf } = await import("../app/server/log");
    const { DrizzleQueryError } = await import("drizzle-orm");
    const told = JSON.stringify(
      toldOf(
        new DrizzleQueryError(
          "insert into yarn values (?)",
          ["secret shade"],
          Object.assign(new Error("secret shade"), { code: "ER_X" }),
        ),
      ),
    );
    expect(told).toContain("insert into yarn");
    expect(told).toContain("ER_X");
    expect(told).not.toContain("secret shade");
  });
});

describe("800 mutated requests over all routes and methods", () => {
  it("none ends in a 5xx, a silence or another site", async () => {
    const ids = [
      ...(await listItems(scope)).slice(0, 4).map((i) => i.item.id),
      ...(await listYarns(scope)).slice(0, 3).map((y) => y.id),
      ...(await listRuns(scope)).slice(0, 2).map((r) => r.run.id),
    ];
    const r = await fuzzRequests(site.url, ids, 800, 20261126);
    expect(r.wrong).toEqual([]);
    expect(r.sent).toBe(800);
    expect((r.statuses.get(200) ?? 0) > 100).toBe(true);
    for (const path of ["/", "/items", "/materials", "/runs", "/hand"])
      expect((await ask("GET", path)).status).toBe(200);
    expect(readFileSync(`/proc/${site.serverPid}/status`, "utf8")).toContain("VmRSS");
  }, 180_000);
});
