import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Page } from "puppeteer-core";
import { axeFinds, openPage, Person, startSite, visit, type Site } from "./harness";

let site: Site;
const views: Record<string, string> = {
  Today: "/",
  Items: "/items",
  Materials: "/materials",
  Runs: "/runs",
  "New item": "/items/new",
  "New run": "/runs/new",
  Settings: "/settings",
  "Delete a workshop": "/settings/delete",
  Bin: "/bin",
  Stocktake: "/materials/stocktake",
  Buy: "/materials/buy",
  Leftovers: "/materials/leftovers",
  "Stock book": "/materials/book",
  Suppliers: "/materials/suppliers",
  Import: "/materials/import",
  Bench: "/bench",
  Hand: "/hand",
  Weigh: "/hand/weigh",
  Time: "/hand/time",
  "Bring in timings": "/hand/bring",
  Shelf: "/sell",
  "Market days": "/sell/markets",
  Commissions: "/sell/commissions",
  Shop: "/sell/shop",
  Calendar: "/runs/calendar",
  "What to make": "/sell/next",
  Prices: "/sell/prices",
  "Several together": "/sell/prices/several",
  "Prices on paper": "/sell/prices/paper",
  Sold: "/sell/sold",
  Refill: "/sell/refill",
  Seasons: "/sell/seasons",
  "What if": "/sell/what-if",
  Lots: "/sell/lots?lot=4471",
  Trail: "/trail?check=1",
  Stalls: "/stalls",
  "Label printer": "/printer",
};
/** Found behind a link of a list: the view, the list, words of the link. */
const LINKED = [
  ["Item page", "/items", "Puffin"],
  ["Run page", "/runs", "Second winter market"],
  ["Finished run", "/runs", "Autumn market"],
  ["Yarn page", "/materials", "slate"],
  ["Notion page", "/materials", "Black eyes, 6 mm"],
  ["Order", "/materials/buy", "Notions by post"],
  ["At the bench", "/bench", "Go on"],
  ["Market day", "/sell/markets", "Harbour evening"],
  ["Commission", "/sell/commissions", "The island school"],
  ["Shop order", "/sell/shop", "Bram"],
  ["Stall", "/sell/markets", "To the stall"],
  ["Market held", "/sell/markets", "Quay market"],
  ["Statement", "/sell/refill", "Statement"],
] as const;
/** Beside another view. */
const BESIDE = [
  ["Order of work", "Run page", "/order"],
  ["Who makes what", "Run page", "/hands"],
  ["Change a run", "Run page", "/change"],
  ["Inspect", "Run page", "/inspect"],
  ["How it went", "Finished run", "/went"],
  ["Cutting plan", "Run page", "/cutting"],
  ["Paper", "Item page", "/paper"],
  ["Kit", "Item page", "/kit"],
  ["Revisions", "Item page", "/revisions"],
  ["Sample", "Item page", "/sample"],
  ["Colourways", "Item page", "/colourways"],
] as const;
beforeAll(async () => {
  site = await startSite("views");
  const { page, end } = await openPage(site);
  for (const [view, list, name] of LINKED) {
    await page.goto(site.url + list);
    const href = await page.$$eval(
      "main a",
      (links, n) => links.find((a) => a.textContent?.includes(n))?.getAttribute("href") ?? "",
      name,
    );
    expect(href).not.toBe("");
    views[view] = href;
  }
  for (const [view, of, behind] of BESIDE) views[view] = `${views[of] ?? ""}${behind}`;
  await end();
});
afterAll(() => site.stop());

const NAMES = [...Object.keys(views), ...LINKED.map(([name]) => name), ...BESIDE.map(([name]) => name)];

/** All that can be otherwise in the dark. */
const COLOUR_RULES = ["color-contrast", "link-in-text-block"];

/** One visit is looked at in each way: what is on a page does not depend on light, dark or width. */
describe.each(NAMES)("%s", (name) => {
  let page: Page;
  let end: () => Promise<void>;
  beforeAll(async () => {
    ({ page, end } = await visit(site, views[name] ?? ""));
  });
  it("has nothing that axe-core finds", async () => {
    expect(await axeFinds(page)).toEqual([]);
  });
  it("has nothing that axe-core finds in the dark", async () => {
    await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: "dark" }]);
    expect(await axeFinds(page, { rules: COLOUR_RULES })).toEqual([]);
  });
  it("needs no sideways scroll at 390 px, and nothing went wrong", async () => {
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await end();
  });
});

describe("the pages around", () => {
  it("a missing page says so", async () => {
    const { page } = await openPage(site);
    const response = await page.goto(`${site.url}/items/00000000-0000-7000-8000-000000000000`);
    expect(response?.status()).toBe(404);
    expect(await new Person(page, "mouse").text("body")).toContain("This page is not here");
    await page.browserContext().close();
  });
  it("Alt and a digit go to a view", async () => {
    const { page, end } = await openPage(site);
    await page.goto(site.url);
    const me = new Person(page, "keyboard");
    await me.settle();
    await page.keyboard.down("Alt");
    await page.keyboard.press("3");
    await page.keyboard.up("Alt");
    await page.waitForFunction(() => location.pathname === "/materials");
    await end();
  });
  it("what was deleted comes back by Undo", async () => {
    const { page, end } = await openPage(site);
    await page.goto(site.url + (views["Item page"] ?? ""));
    const me = new Person(page, "mouse");
    await me.settle();
    await me.press('button[aria-label^="Delete"]');
    await me.waitText("was deleted");
    expect(
      await page.$$eval("main a", (a) => a.filter((x) => x.textContent === "Puffin keychain").length),
    ).toBe(0);
    await me.press('div[role="status"] form button');
    await page.waitForFunction(() => /^\/items\/[0-9a-f-]{36}$/.test(location.pathname));
    await end();
  });
  it("CSV lists are quoted tables with a heading", async () => {
    const { page, end } = await openPage(site);
    await page.goto(site.url);
    const csv = await page.evaluate(async () => (await fetch("/items.csv")).text());
    expect(csv.split("\r\n")[0]).toContain("item,kind,width_mm");
    expect(csv.split("\r\n").length).toBeGreaterThan(6);
    await end();
  });
});

describe("hostile input", () => {
  const post = (path: string, init: RequestInit) =>
    fetch(site.url + path, { method: "POST", redirect: "manual", ...init });
  it("a form from another site is refused", async () => {
    expect(
      (
        await post("/undo", {
          headers: { Origin: "http://evil.example" },
          body: new URLSearchParams({ what: "x" }),
        })
      ).status,
    ).toBe(403);
    expect((await post("/undo", { body: new URLSearchParams({ what: "x" }) })).status).toBe(403);
  });
  it("a body that is too large is refused", async () => {
    expect(
      (
        await post("/items/new", {
          headers: { Origin: site.url },
          body: new URLSearchParams({ name: "x".repeat(2_000_000) }),
        })
      ).status,
    ).toBe(413);
  });
  it("nonsense is answered without a trace of the inside", async () => {
    const answer = await post("/materials", {
      headers: { Origin: site.url },
      body: new URLSearchParams({ intent: "yarn", id: "' or 1=1 --", name: "<script>alert(1)</script>" }),
    });
    const body = await answer.text();
    expect(answer.status).toBe(400);
    expect(body).not.toMatch(/at .*\.(ts|js):\d+|node_modules|select .* from/i);
  });
  it("pages carry a policy with a nonce that is new each time", async () => {
    const nonce = async () =>
      /'nonce-([^']+)'/.exec((await fetch(site.url)).headers.get("content-security-policy") ?? "")?.[1];
    const [a, b] = [await nonce(), await nonce()];
    expect(a).toBeDefined();
    expect(a).not.toBe(b);
  });
  it("another host name is refused", async () => {
    const http = await import("node:http");
    const status = await new Promise((resolve, reject) => {
      const u = new URL(site.url);
      http
        .get({ host: u.hostname, port: u.port, path: "/", headers: { Host: "evil.example" } }, (r) =>
          resolve(r.statusCode),
        )
        .on("error", reject);
    });
    expect(status).toBe(421);
  });
  it("garbage in the editor gets a message, and the page stays usable", async () => {
    const { page, end } = await openPage(site);
    await page.goto(site.url + (views["Item page"] ?? ""));
    const me = new Person(page, "mouse");
    await me.settle();
    await page.waitForSelector(".cm-content");
    for (const [text, said] of [
      ["Rnd 1: 6 sc in mr (6)\nRnd 2: (sc, inc) x 1000000000", "at most 10000 times"],
      ["🧶\u0000\nРяд 1: 6 сбн", "No round was found"],
      ["((((((".repeat(3000), "No round was found"],
    ] as const) {
      await me.fill(".cm-content", text);
      await me.waitText(said);
    }
    await me.fill(".cm-content", "Rnd 1: 6 sc in magic ring (6)");
    await me.waitText("every round adds up");
    // What was typed and not saved is back after a reload.
    await page.reload();
    await me.settle();
    await me.waitText("What you had typed and not saved is back");
    await page.waitForSelector(".cm-content");
    expect(await page.$eval(".cm-content", (el) => (el as HTMLElement).innerText.trim())).toBe(
      "Rnd 1: 6 sc in magic ring (6)",
    );
    await end();
  });
});
