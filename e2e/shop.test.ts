import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { eq, sql } from "drizzle-orm";
import { shopOrder, shopProduct } from "../db/schema";
import { axeFinds, clickText, openPage, startSite, visit, type Site } from "./harness";
import { pdfText } from "./pdf-text";

let site: Site;
let shopPage: string;
beforeAll(async () => {
  site = await startSite("shop", { withShop: true });
  const { page, me, end } = await visit(site, "/sell/shop");
  shopPage = await page.$eval(`a[href^="${site.shopUrl}"]`, (a) => (a as HTMLAnchorElement).href);
  await clickText(page, "button", "Ask now");
  // The first round measures every piece that is offered.
  await me.waitText("answers", 60_000);
  await end();
});
afterAll(() => site.stop());

/** What a customer, or the shop itself, does on the stand-in's own page. */
async function atShop(fields: Record<string, string>): Promise<void> {
  const answer = await fetch(shopPage, {
    method: "POST",
    redirect: "manual",
    headers: { Origin: site.shopUrl },
    body: new URLSearchParams(fields),
  });
  expect(answer.status).toBe(303);
}
const skuOf = async (page: import("puppeteer-core").Page, name: string): Promise<string> =>
  page.$$eval(
    "tbody tr",
    (rows, n) =>
      /P-\d+/.exec(
        rows.find((r) => r.textContent?.includes(n) && r.querySelector("input"))?.textContent ?? "",
      )?.[0] ?? "",
    name,
  );
const orders = () => site.db.select().from(shopOrder).orderBy(shopOrder.number);

describe("the shop, from an order to the parcel", () => {
  it("takes an order once, however muddled it is said; packs, sends, and the shop hears of it", async () => {
    const { page, me, end } = await visit(site, "/sell/shop");
    const sku = await skuOf(page, "Hermit crab keychain");
    const told = async () =>
      (await site.db.select().from(shopProduct).where(eq(shopProduct.sku, sku)))[0]?.told ?? -1;
    const before = await told();
    expect(before).toBeGreaterThan(0);
    await atShop({ what: "manners", muddled: "on" });
    await atShop({ what: "order", sku, quantity: "1" });
    await clickText(page, "button", "Ask now");
    await me.waitText("no. 2001");
    expect((await orders()).filter((o) => o.number === "2001")).toHaveLength(1);
    // What is ordered is no longer offered.
    expect(await told()).toBe(before - 1);
    await page.$$eval("tbody tr", (rows) =>
      rows
        .find((r) => r.textContent?.includes("no. 2001"))
        ?.querySelector("a")
        ?.click(),
    );
    await me.waitText("Into the parcel");
    await clickText(page, "button", "It is packed");
    await me.waitText("Not packed after all");
    const slip = await page.$eval(
      'a[href$="slip.pdf"]',
      (a) => new URL((a as HTMLAnchorElement).href).pathname,
    );
    await clickText(page, "button", "It is sent");
    await me.waitText("It stands under Sold");
    const paper = await pdfText(site, slip);
    for (const word of ["Order 2001", "Hermit crab keychain", "Packed", "not a toy", "Do not bleach"])
      expect(paper).toContain(word);
    await page.goto(`${site.url}/sell/shop`);
    await me.settle();
    await clickText(page, "button", "Ask now");
    await me.waitText("Asked:");
    expect(await (await fetch(shopPage)).text()).toMatch(/2001[\s\S]*?sent/);
    await page.goto(`${site.url}/sell/sold`);
    await me.waitText("Hermit crab keychain");
    await end();
  });

  it("says that the shop is away since when, keeps what it has to be told, and tells it later", async () => {
    const { page, me, end } = await visit(site, "/sell/shop");
    await atShop({ what: "manners", away: "on" });
    await clickText(page, "button", "Ask now");
    await me.waitText("does not answer");
    await me.waitText("Since");
    await clickText(page, "a", "Torvald");
    await me.waitText("Into the parcel");
    await clickText(page, "button", "It is sent");
    await me.waitText("the shop is told with the next round");
    await atShop({ what: "manners" });
    await page.goto(`${site.url}/sell/shop`);
    await me.settle();
    await clickText(page, "button", "Ask now");
    await me.waitText("answers");
    expect((await orders()).filter((o) => o.tell !== null)).toEqual([]);
    await end();
  });

  it("shows what a shop sold that is not there, and makes it a run; a cancelled one is over", async () => {
    const { page, me, end } = await visit(site, "/sell/shop");
    const sku = await skuOf(page, "Rowing boat ornament");
    await atShop({ what: "manners", oversells: "on" });
    await atShop({ what: "order", sku, quantity: "9" });
    await atShop({ what: "order", sku, quantity: "1" });
    await clickText(page, "button", "Ask now");
    await me.waitText("no. 2003");
    await atShop({ what: "cancel", number: "2003" });
    await clickText(page, "button", "Ask now");
    await page.waitForFunction(() => /no\. 2003[\s\S]*called off/.test(document.body.innerText));
    await page.$$eval("tbody tr", (rows) =>
      rows
        .find((r) => r.textContent?.includes("no. 2002"))
        ?.querySelector("a")
        ?.click(),
    );
    await me.waitText("The shop sold more than there is");
    // Made together with the pieces of a run that is planned already.
    await me.choose('select[name="into"]', "Second winter market");
    await clickText(page, "button", "Plan the 8 it lacks");
    await page.waitForFunction(() => location.pathname.startsWith("/runs/"));
    // The order's page names the same piece: what is waited for stands on the run's alone.
    await page.waitForFunction(() => {
      const said = document.querySelector<HTMLElement>("#main")?.innerText ?? "";
      return (
        said.includes("What it takes, against your stock") &&
        /Rowing boat ornament\s+revision \d+\s+8\b/.test(said.replaceAll("\u00a0", " "))
      );
    });
    expect(await me.text("main h1")).toContain("Second winter market");
    await end();
  });

  it("has nothing that axe-core finds while the shop answers, also on an order that lacks something", async () => {
    const { page, me, end } = await visit(site, "/sell/shop");
    await me.waitText("answers");
    expect(await axeFinds(page)).toEqual([]);
    await clickText(page, "a", "Bram");
    await me.waitText("Into the parcel");
    await me.waitText("it lacks");
    expect(await axeFinds(page)).toEqual([]);
    await end();
  });

  it("opens for a workshop that has none, and says what is missing first", async () => {
    await site.db.execute(sql`delete from shop`);
    const { page, me, end } = await visit(site, "/sell/shop");
    await me.waitText("Sell over the net, too");
    await clickText(page, "button", "Open the shop");
    await me.waitText("Offered there");
    await me.waitText("Torvald");
    await end();
  });

  it("keeps its words on a phone", async () => {
    const { page, end } = await openPage(site, { width: 390, height: 800 });
    await page.goto(`${site.url}/sell/shop`);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await end();
  });
});
