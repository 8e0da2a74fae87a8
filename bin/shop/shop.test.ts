import { createServer, type Server } from "node:http";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterEach, describe, expect, it } from "vitest";
import { MOST_BYTES, signatureOf, keyOf } from "../../app/features/shop/feed";
import { ShopFailed, shopFeed } from "../../app/features/shop/shop.server";
import { createShops } from "./serve";
import { openShops } from "./state";

const KEY = "a key for tests only";
const ID = "01900000-0000-7000-8000-000000000001";
const running: Server[] = [];
afterEach(() => {
  for (const s of running.splice(0)) s.close();
});

function listening(handler: Parameters<typeof createServer>[1]): Promise<string> {
  const server = createServer(handler);
  running.push(server);
  return new Promise((resolve) =>
    server.listen(0, "127.0.0.1", () => {
      const at = server.address();
      resolve(`http://127.0.0.1:${typeof at === "object" && at ? at.port : 0}`);
    }),
  );
}
const trouble = (work: Promise<unknown>) =>
  work.then(
    () => "none",
    (e: unknown) => (e instanceof ShopFailed ? e.trouble : String(e)),
  );
const catalogue = {
  digest: "c1",
  currency: "EUR",
  products: [
    {
      sku: "P-0001",
      name: "Buoy <b>",
      price: 800,
      cautions: ["Not a toy."],
      care: "By hand.",
      picture: "m1",
    },
  ],
};
const form = (url: string, fields: Record<string, string>) =>
  fetch(`${url}/w/${ID}`, {
    method: "POST",
    redirect: "manual",
    headers: { Origin: url, "Content-Type": "application/x-www-form-urlencoded" },
    body: new URLSearchParams(fields),
  });

describe("the stand-in of a web shop", () => {
  it("offers what it was told, sells it, and says who ordered", async () => {
    const url = await listening(createShops(openShops(undefined), KEY));
    const feed = shopFeed({ url, key: KEY }, ID);
    await feed.catalogue(catalogue);
    await feed.stock({ digest: "s1", at: 2, stock: [{ sku: "P-0001", quantity: 1 }] });
    // What was said earlier and comes later is old.
    await feed.stock({ digest: "s0", at: 1, stock: [{ sku: "P-0001", quantity: 9 }] });
    expect(await feed.orders("")).toMatchObject({ catalogue: "c1", stock: "s1", wanted: ["P-0001"] });
    expect(await feed.picture("P-0001", { mark: "m1", png: "iVBORw0KGgo=" })).toBe(true);
    expect(await feed.picture("P-0009", { mark: "m1", png: "iVBORw0KGgo=" })).toBe(false);
    const page = await (await fetch(`${url}/w/${ID}`)).text();
    expect(page).toContain("Buoy &lt;b&gt;");
    expect(page).toContain("Not a toy.");
    await form(url, { what: "order", sku: "P-0001", quantity: "1" });
    // Sold out: only a shop that oversells takes another order.
    await form(url, { what: "order", sku: "P-0001", quantity: "1" });
    const first = await feed.orders("");
    expect(first.orders.map((o) => [o.number, o.seq, o.total])).toEqual([["2001", 1, 1150]]);
    expect(first.wanted).toEqual([]);
    await form(url, { what: "manners", oversells: "on", muddled: "on" });
    await form(url, { what: "order", sku: "P-0001", quantity: "2" });
    await form(url, { what: "cancel", number: "2001" });
    const second = await feed.orders(first.next);
    expect(second.orders.map((o) => `${o.number} ${o.state}`)).toEqual([
      "2001 cancelled",
      "2002 placed",
      "2001 cancelled",
      "2002 placed",
    ]);
    expect(await feed.sent("2002", new Date())).toBe(true);
    expect(await feed.calledOff("9999", new Date(), "none")).toBe(false);
    await form(url, { what: "manners", away: "on" });
    expect(await trouble(feed.orders(""))).toBe("away");
  });

  it("takes nothing from who does not have the key, and no form of another page", async () => {
    const shops = openShops(undefined);
    const url = await listening(createShops(shops, KEY));
    expect(await trouble(shopFeed({ url, key: "another key altogether" }, ID).catalogue(catalogue))).toBe(
      "unsigned",
    );
    const time = Math.floor(Date.now() / 1000);
    const at = `/w/${ID}/orders?after=`;
    const old = { time: time - 9999, verb: "GET", path: at, body: "" };
    const answer = await fetch(`${url}${at}`, {
      headers: {
        "Shop-Time": String(old.time),
        "Shop-Signature": signatureOf(keyOf(KEY, ID), old),
      },
    });
    expect(answer.status).toBe(401);
    expect(shops.of(ID).catalogue).toBeUndefined();
    const foreign = await fetch(`${url}/w/${ID}`, {
      method: "POST",
      headers: { Origin: "http://elsewhere.test" },
      body: new URLSearchParams({ what: "manners", away: "on" }),
    });
    expect(foreign.status).toBe(403);
    expect((await fetch(`${url}/w/..%2f..%2fetc`)).status).toBe(404);
  });

  it("knows after a restart what it knew", async () => {
    const dir = mkdtempSync(path.join(tmpdir(), "lapka-shop-"));
    const file = path.join(dir, "shop.json");
    const before = await listening(createShops(openShops(file), KEY));
    await shopFeed({ url: before, key: KEY }, ID).catalogue(catalogue);
    const after = await listening(createShops(openShops(file), KEY));
    expect((await shopFeed({ url: after, key: KEY }, ID).orders("")).catalogue).toBe("c1");
    rmSync(dir, { recursive: true });
  });
});

describe("whatever else answers in place of a shop", () => {
  const signed = (status: number, body: string) =>
    listening((req, res) => {
      const time = Math.floor(Date.now() / 1000);
      const path = req.url ?? "";
      res.writeHead(status, {
        "Shop-Time": String(time),
        "Shop-Signature": signatureOf(keyOf(KEY, ID), { time, verb: String(status), path, body }),
      });
      res.end(body);
    });
  it.each([
    ["unsigned", () => listening((_req, res) => res.end("{}"))],
    ["away", () => listening((_req, res) => res.writeHead(503).end())],
    ["away", () => listening((req) => req.socket.destroy())],
    ["away", () => Promise.resolve("http://127.0.0.1:1")],
    ["unreadable", () => signed(200, "not JSON")],
    ["unreadable", () => signed(200, `{"orders":"many"}`)],
    ["unreadable", () => signed(200, "x".repeat(MOST_BYTES + 1))],
    ["refused", () => signed(401, "{}")],
    ["away", () => listening((_req, res) => res.writeHead(302, { Location: "http://127.0.0.1:1" }).end())],
  ] as const)("is told as %s and nothing of it is taken", async (why, begin) => {
    const url = await begin();
    expect(await trouble(shopFeed({ url, key: KEY }, ID).orders(""))).toBe(why);
  });
});
