import { eq } from "drizzle-orm";
import type { ElementHandle, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { listItems, saveItem } from "../db/queries/items";
import { channel, workshop } from "../db/schema";
import { axeFinds, clickText, openPage, Person, startSite, visit, type Site } from "./harness";
import { pdfText } from "./pdf-text";

let site: Site;
beforeAll(async () => {
  site = await startSite("market");
});
afterAll(() => site.stop());

const linkOf = (page: Page, text: string): Promise<string> =>
  page.$$eval(
    "main a",
    (links, t) =>
      links
        .find((a) => (a.getAttribute("aria-label") ?? a.textContent ?? "").includes(t))
        ?.getAttribute("href") ?? "",
    text,
  );
/** Sold and takings of the day, as the stall's head has them. */
const day = (page: Page): Promise<string> =>
  page.$eval("main header > p", (d) => (d as HTMLElement).innerText.replace(/\s+/g, " ").trim());
const kept = (page: Page) =>
  page.waitForFunction(() => document.querySelector('header [role="status"]')?.textContent === "kept", {
    timeout: 20_000,
  });
const tile = (page: Page, name: string) => clickText(page, "main ul button", name);

async function stallOf(view: Parameters<typeof openPage>[1] = {}): Promise<{
  page: Page;
  me: Person;
  end: () => Promise<void>;
  market: string;
}> {
  const opened = await visit(site, "/sell/markets", { width: 390, height: 844, ...view });
  const to = await linkOf(opened.page, "To the stall of Harbour evening");
  expect(to).toMatch(/^\/stall\/[0-9a-f-]{36}$/);
  await opened.page.goto(site.url + to);
  await opened.me.settle();
  return { ...opened, market: to.split("/").at(-1) ?? "" };
}

describe("a market day by taps", () => {
  it("two telephones, one without network in the middle: nothing lost, nothing twice, and the day is closed", async () => {
    const one = await stallOf({ away: true });
    const two = await stallOf();
    expect(await day(one.page)).toMatch(/€\d+\.\d\d 4 sold/);

    await tile(one.page, "Puffin keychain");
    await one.me.waitText("5 sold");
    await clickText(one.page, "main section button", "Card");
    await kept(one.page);

    // The first phone loses the network and sells on; the second sells meanwhile.
    await one.page.setOfflineMode(true);
    await tile(one.page, "Seal pup keychain");
    await tile(one.page, "Sardine keychain");
    await one.me.waitText("2 kept here, to be sent");
    await clickText(one.page, "main section button", "Undo");
    await one.me.waitText("3 kept here, to be sent");
    await clickText(one.page, "main section button", "Cash");
    await tile(two.page, "Buoy ornament");
    await kept(two.page);
    await two.me.waitText("6 sold");
    // A reload without a server, and everything is there.
    await one.page.reload();
    await one.me.waitText("4 kept here, to be sent");
    await one.page.setOfflineMode(false);
    await kept(one.page);
    await one.me.waitText("7 sold");
    // What the other sold is seen with the next sending.
    await tile(two.page, "Buoy ornament");
    await two.me.waitText("8 sold");
    await clickText(two.page, "main section button", "Undo");
    await kept(two.page);
    await two.me.waitText("7 sold");

    const { page, me } = two;
    await page.setViewport({ width: 1280, height: 900 });
    await page.goto(`${site.url}/sell/markets/${two.market}`);
    await me.settle();
    await me.waitText("Close the day");
    const text = await me.text();
    expect(text).toContain("7\nto 7 customers");
    const seal = await page.$$eval('section[aria-labelledby="close-title"] tbody tr', (rows) =>
      rows
        .filter((r) => r.textContent.includes("Seal pup keychain"))
        .map((r) => [...r.querySelectorAll("td.num")].map((c) => c.textContent)),
    );
    // Three were brought and one sold: two should be left.
    expect(seal[0]?.slice(0, 3)).toEqual(["3", "1", "2"]);
    await me.fill('[aria-label="Counted: Seal pup keychain"]', "1");
    await me.fill('[name="counted"]', "1.00");
    await clickText(page, "main button", "Close the day");
    await me.waitText("closed and counted");
    await me.waitText("less than coins and cash sales");
    await page.goto(`${site.url}/sell`);
    await me.settle();
    await me.waitText("after Harbour evening");
    await one.end();
    await two.end();
  });

  it("another price by holding, and one price for all that a customer takes", async () => {
    const { page, me, end } = await visit(site, "/sell/markets");
    await me.fill('[name="name"]', "Pier fair");
    await me.date('[name="onDay"]', "2031-05-04");
    await clickText(page, "main button", "Add the day");
    await me.waitText("Open the stall");
    await clickText(page, "main button", "Open the stall");
    await page.waitForFunction(() => location.pathname.startsWith("/stall/"));
    await me.settle();
    const before = (await page.$$("main ul button")).length;
    expect(before).toBeGreaterThan(3);
    await page.$$eval("main ul button", (all) => all.find((b) => b.textContent.includes("Puffin"))?.focus());
    await page.keyboard.down("Shift");
    await page.keyboard.press("Enter");
    await page.keyboard.up("Shift");
    await me.waitText("Price of one");
    await me.fill('[role="dialog"] input', "10");
    await clickText(page, '[role="dialog"] button', "Sell it");
    await me.waitText("€10.00");
    await tile(page, "Sardine keychain");
    await me.waitText("one price for all");
    await clickText(page, "main section button", "one price for all");
    await me.fill('[role="dialog"] input', "15.00");
    await clickText(page, '[role="dialog"] button', "Take");
    await me.waitText("2 sold");
    expect(await day(page)).toBe("€15.00 2 sold");
    // Keys: K is paid by card, U takes the last tap back.
    await page.keyboard.press("k");
    await me.waitText("Tap what is sold");
    await page.keyboard.press("u");
    await me.waitText("1 sold");
    await kept(page);
    await end();
  });
});

it("what to make is reckoned, written over with what that gives up, and becomes a run", async () => {
  const { page, me, end } = await visit(site, "/sell/next");
  await me.choose('select[name="market"]', "Second winter market");
  await me.fill('[name="hours"]', "12");
  await clickText(page, "main button", "Reckon");
  await me.settle();
  await me.waitText("Make ");
  expect(page.url()).toContain("hours=12");
  const title = () => page.$eval("#make-title", (h) => h.textContent ?? "");
  const pieces = async () => Number(/Make (\d+)/.exec(await title())?.[1]);
  const hours = async () => {
    const [, n, unit] = /in (\d+)\s?(h|min)/.exec(await title()) ?? [];
    return unit === "h" ? Number(n) : Number(n) / 60;
  };
  expect(await hours()).toBeLessThanOrEqual(12);
  // Whatever an hour brings: more is made, for less.
  const worthIt = await pieces();
  await me.fill('[name="least"]', "0");
  await clickText(page, "main button", "Reckon");
  await page.waitForFunction(() => location.search.includes("least=0"));
  await me.settle();
  expect(await pieces()).toBeGreaterThan(worthIt);
  expect(await hours()).toBeLessThanOrEqual(12);
  const rows = await page.$$eval('section[aria-labelledby="make-title"] tbody tr', (all) => all.length);
  expect(rows).toBe(11);
  // All hours into the piece that is asked for least.
  for (const input of await page.$$('[name="make"]')) {
    await input.click({ count: 3 });
    await page.keyboard.type("0");
  }
  await me.fill('[aria-label="Make Puffin keychain, all at sea"]', "9");
  await clickText(page, "main button", "Reckon with my numbers");
  await me.settle();
  await me.waitText("Your own numbers give up");
  await clickText(page, "main button", "Make it a run");
  await me.waitText("For Second winter market");
  expect(page.url()).toMatch(/\/runs\/[0-9a-f-]{36}$/);
  expect(await me.text()).toContain("Puffin keychain, all at sea");
  await end();
});

it("a run is inspected in two goes, with a second and a reject, and what passed stands on the shelf", async () => {
  const { page, me, end } = await visit(site, "/runs", { refused: true });
  await page.goto(site.url + (await linkOf(page, "First winter market")));
  await me.settle();
  await clickText(page, "main a", "Inspect and finish");
  await me.waitText("Pull at eyes and nose");
  await me.waitText("2 finished at the bench");
  await clickText(page, "main button", "All 2 are good");
  await clickText(page, "main button", "Keep, the run goes on");
  await me.waitText("Looked at so far");
  await me.waitText("Puffin keychain: 2 passed");
  // Nothing may be finished with nothing said.
  await clickText(page, "main button", "the run is finished");
  await me.waitText("Write how many are good");
  await clickText(page, "main section:nth-of-type(1) button", "are good");
  const sardine = 'section:nth-of-type(3) input[name$=".good"]';
  await me.fill(sardine, "9");
  await me.fill('section:nth-of-type(3) input[name$=".seconds"]', "1");
  await me.fill('section:nth-of-type(3) input[name$=".rejected"]', "2");
  await me.choose('section:nth-of-type(3) select[name$=".reason"]', "seam came open");
  await clickText(page, "main button", "the run is finished");
  await me.waitText("Material used");
  await clickText(page, "main a", "What passed");
  await me.waitText("Sardine keychain: 9 passed, 1 second, 2 rejected (seam came open)");
  // What of the rejected could be unravelled goes back, never more than they hold; a photo stays with the batch.
  const batch = "main li:has(details:nth-of-type(2))";
  await page.$eval(`${batch} details:nth-of-type(2)`, (el) => el.setAttribute("open", ""));
  await me.fill(`${batch} [name="mg"]`, "900");
  await clickText(page, "main button", "Put it back as a scrap");
  await me.waitText("The rejected pieces hold about");
  await me.fill(`${batch} [name="mg"]`, "0.5");
  await me.fill(`${batch} [name="lot"]`, "880");
  await clickText(page, "main button", "Put it back as a scrap");
  await me.waitText("the yarn is back in the cupboard");
  // What is back already counts: the same pieces are not unravelled twice.
  await page.$eval(`${batch} details:nth-of-type(2)`, (el) => el.setAttribute("open", ""));
  await me.fill(`${batch} [name="mg"]`, "90");
  await clickText(page, "main button", "Put it back as a scrap");
  await me.waitText("of it are back already");
  await page.$eval(`${batch} details`, (el) => el.setAttribute("open", ""));
  const chosen = (await page.$(`${batch} input[type="file"]`)) as ElementHandle<HTMLInputElement>;
  await chosen.uploadFile("demo/photos/puffin-sample.jpg");
  await me.fill(`${batch} [name="caption"]`, "Two with an open seam");
  await clickText(page, "main button", "Keep the photo");
  await page.waitForSelector('img[alt="Two with an open seam"]');
  await page.waitForFunction(
    () => (document.querySelector('img[alt="Two with an open seam"]') as HTMLImageElement).naturalWidth > 300,
  );
  // What is known of the batch, to show when somebody asks.
  const records = await page.$$eval('a[href$="record.pdf"]', (as) =>
    as.map((a) => [a.textContent, a.getAttribute("href") ?? ""] as const),
  );
  const record = records.find(([name]) => name?.includes("Sardine keychain"))?.[1] ?? "";
  const paper = await pdfText(site, record, (r) => {
    expect(r.headers.get("content-disposition")).toMatch(/batch%20[0-9A-F]{8}%20Sardine/);
  });
  for (const words of ["First winter market", "rejected: seam came open", "Yarn by lot", "qualified lab"])
    expect(paper).toContain(words);
  // The number on a tag leads back to it.
  await page.goto(`${site.url}/sell/lots`);
  await me.settle();
  await me.fill("#lot", /Batch ([0-9A-F]{8})/.exec(paper)?.[1] ?? "");
  await clickText(page, "main button", "Look");
  await me.waitText("Sardine keychain");
  expect(await me.text()).toContain("First winter market");
  await page.goto(`${site.url}/sell`);
  await me.settle();
  expect(await me.text()).toContain("seconds");
  await end();
});

it("what is looked for at inspection is of the pattern the run was planned with", async () => {
  const [shop] = await site.db.select().from(workshop).limit(1);
  const scope = { db: site.db, workshopId: shop?.id ?? "", now: new Date() };
  const entry = (await listItems(scope)).find((i) => i.item.name === "Puffin keychain");
  if (!entry) throw new Error("the demo has a puffin");
  const { item, revision } = entry;
  const bare = { ...revision, pattern: "Ball\nRnd 1: 6 sc in magic ring (6)" };
  await saveItem(scope, item.id, item.revision, item, bare);
  const { page, me, end } = await visit(site, "/runs");
  await page.goto(site.url + (await linkOf(page, "Second winter market")));
  await page.goto(`${page.url()}/inspect`);
  await me.settle();
  const puffin = await page.$$eval(
    "main section",
    (all) => all.find((x) => x.textContent?.includes("Puffin"))?.textContent ?? "",
  );
  expect(puffin).toContain("Pull at eyes and nose");
  await end();
  await saveItem(scope, item.id, item.revision + 1, item, revision);
});

it("prices are raised by a look first, saved, undone by an empty field; a wrong one loses nothing", async () => {
  const { page, me, end } = await visit(site, "/sell/prices", { refused: true });
  await me.fill('[name="by"]', "10");
  await me.choose('select[name="where"]', "Own web shop");
  await clickText(page, "main button", "Look at it first");
  await me.waitText("These prices are not saved yet.");
  const cell = '[aria-label="Puffin keychain at Own web shop"]';
  const value = () => page.$eval(cell, (el) => (el as HTMLInputElement).value);
  expect(await value()).toBe("18.50");
  await me.fill('[aria-label="Sardine keychain at Own web shop"]', "nine");
  await clickText(page, "main button", "Save the prices");
  await me.waitText("A price could not be read");
  expect(await value()).toBe("18.50");
  await me.fill('[aria-label="Sardine keychain at Own web shop"]', "");
  await clickText(page, "main button", "Save the prices");
  await me.waitText("10 prices saved");
  await me.waitText("The last changes");
  await me.fill(cell, "");
  await clickText(page, "main button", "Save the prices");
  await me.waitText("1 price saved");
  expect(await page.$eval(cell, (el) => (el as HTMLInputElement).placeholder)).toBe("16.50");

  // A school asks for a price: the list keeps which one it was until somebody types over it.
  await me.choose('select[name="where"]', "Gift shop shelf");
  await me.choose('select[name="how"]', "to my margin");
  await clickText(page, "main button", "Look at it first");
  await me.waitText("These prices are not saved yet.");
  await me.fill('[aria-label="Puffin keychain at Gift shop shelf"]', "23.30");
  await clickText(page, "main button", "Save the prices");
  await page.waitForFunction(() => /\d+ prices saved/.test(document.body.innerText));
  const changes = await page.$$eval('[aria-label="The last changes, table"] tbody tr', (all) =>
    all.map((tr) => tr.textContent),
  );
  const of = (piece: string) => changes.find((t) => t.includes(`${piece}Gift shop shelf`));
  expect(of("Puffin keychain")).toMatch(/23\.30by hand$/);
  expect(of("Sardine keychain")).toMatch(/with margin$/);
  await end();
});

it("prices go on paper: signs, a list, the note that stays with a shop; so do a run and what to buy", async () => {
  const { page, me, end } = await visit(site, "/sell/refill");
  await clickText(page, "main a", "Consignment note");
  await me.waitText("What stands on a shop’s shelf");
  const sheetOf = () => page.$eval("main a[download]", (a) => a.getAttribute("href") ?? "");
  const drawn = () => page.waitForSelector("main [data-shown] canvas", { timeout: 20_000 });
  await drawn();
  const note = await pdfText(site, await sheetOf());
  for (const said of ["Consignment note", "What stands at Gift shop", "Puffin keychain", "Taken over by"])
    expect(note).toContain(said);
  await page.click('input[type="radio"][name="sheet"]');
  await drawn();
  const signs = await pdfText(site, await sheetOf());
  expect(signs).toContain("€16.50");
  expect(await pdfText(site, "/sell/prices/list.pdf?paper=LETTER")).toContain("Price list");
  const [outright] = await site.db.select().from(channel).where(eq(channel.name, "Wholesale"));
  const terms = await pdfText(site, `/sell/prices/list.pdf?channel=${outright?.id ?? ""}`);
  expect(terms).toContain("12 pieces at least, paid within 30 days");
  expect(await pdfText(site, "/materials/buy.pdf")).toContain("Yarn shed on the quay");
  expect((await fetch(`${site.url}/sell/prices/note.pdf?place=nowhere`)).status).toBe(404);
  expect((await fetch(`${site.url}/sell/prices/list.pdf?channel=nowhere`)).status).toBe(404);
  await page.goto(`${site.url}/runs`);
  const run = await page.$$eval("main a", (all) =>
    all.map((a) => a.getAttribute("href") ?? "").find((h) => /^\/runs\/[\w-]{36}$/.test(h)),
  );
  const sheet = await pdfText(site, `${run}/sheet.pdf`);
  for (const said of ["Run sheet", "Puffin keychain", "crochet", "Rest your hands"])
    expect(sheet).toContain(said);
  await end();
});

it("several have one price, and a shop that buys outright its own, by keys alone", async () => {
  const { page, me, end } = await visit(site, "/sell/prices/several", {}, "keyboard");
  await me.waitText("Choose two or three pieces");
  await me.press('[aria-label="One Puffin keychain more"]');
  await me.press('[aria-label="One Puffin keychain more"]');
  await me.waitText("One by one");
  await me.fill('[placeholder]:not([name]):not([aria-invalid="true"])', "20");
  await me.waitText("short of your");
  expect(await me.text()).toContain("€33.00");
  await me.fill('form[action="/sell/prices"] input[inputmode="decimal"]', "60");
  // 60 % of 16.50 at the stall.
  await me.waitText("€9.90");
  await page.$$eval("form select", (all) => all.at(-1)?.setAttribute("data-terms", ""));
  await me.choose("[data-terms]", "Own web shop");
  await me.press('form[action="/sell/prices"] button[type="submit"]');
  await me.waitText("prices saved");
  expect(
    await page.$eval(
      '[aria-label="Puffin keychain at Own web shop"]',
      (el) => (el as HTMLInputElement).value,
    ),
  ).toBe("9.90");
  await end();
});

it("a sale is written down and taken back; sales go out as a file and come in again, and the file is taken back whole", async () => {
  const { page, me, end } = await visit(site, "/sell/sold?days=0");
  const title = () => page.$eval("#came-title", (h) => h.textContent ?? "");
  const pieces = async () => Number(/for (\d+) pieces/.exec(await title())?.[1]);
  const before = await pieces();
  expect(before).toBeGreaterThan(300);
  await me.choose('[name="ware"]', "Lighthouse ornament");
  await me.fill('[name="quantity"]', "2");
  await me.fill('[name="taken"]', "40");
  await clickText(page, "main button", "Keep the sale");
  await me.waitText("saved");
  await page.goto(`${site.url}/sell/sold?days=0`);
  await me.settle();
  expect(await pieces()).toBe(before + 2);
  await page.$eval('[aria-label="Take back: the sale of Lighthouse ornament"]', (b) =>
    (b as HTMLElement).click(),
  );
  await page.waitForFunction(
    (n) => document.querySelector("#came-title")?.textContent.includes(`for ${n} pieces`),
    {},
    before,
  );

  const csv = await page.evaluate(async () => (await fetch("/sell/sold/sales.csv?days=0")).text());
  const lines = csv.trim().split("\r\n");
  expect(lines[0]).toContain("day,item,colourway,sold through,pieces,total");
  const books = await page.evaluate(async () => (await fetch("/sell/sold/takings.csv?days=0")).text());
  const sum = (text: string, column: string) => {
    const [head = "", ...rows] = text.replace("\uFEFF", "").trim().split("\r\n");
    const at = head.split(",").indexOf(column);
    return rows.reduce((s, r) => s + Math.round(100 * Number(r.split(",")[at])), 0);
  };
  // By line and by day the same, to the cent.
  for (const column of ["tax_EUR", "fees_EUR", "kept_EUR"])
    if (!csv.includes('"')) expect(sum(csv, column)).toBe(sum(books, column));
  const input = await page.$('input[type="file"]');
  await page.evaluate((text) => {
    const file = new File([text], "spring.csv", { type: "text/csv" });
    const transfer = new DataTransfer();
    transfer.items.add(file);
    const el = document.querySelector<HTMLInputElement>('input[type="file"]');
    if (!el) return;
    el.files = transfer.files;
    el.dispatchEvent(new Event("change", { bubbles: true }));
  }, "day;item;sold through;pieces;price;paid by;order\n2026-05-02;Puffin keychain;Market stall;3;16,50;cash;A1\n2026-05-02;Buoy ornament;Market stall;1;8,00;card;A1\n2026-05-09;Walrus;Market stall;1;8,00;card;A2\n");
  expect(input).not.toBeNull();
  await me.waitText("No item, in these colours, has this name.");
  await clickText(page, "main label", "with problems out");
  await clickText(page, "main form button", "Bring in 2 rows");
  await me.waitText("Brought in so far");
  await page.goto(`${site.url}/sell/sold?days=0`);
  await me.settle();
  expect(await pieces()).toBe(before + 4);
  await clickText(page, "main button", "Take all back");
  await page.waitForFunction(() => document.body.innerText.includes("taken back"));
  await page.goto(`${site.url}/sell/sold?days=0`);
  await me.settle();
  expect(await pieces()).toBe(before);
  await end();
});

it("a shelf is refilled, its statement says what is owed, and what-if moves with what is typed", async () => {
  const { page, me, end } = await visit(site, "/sell/refill", { refused: true });
  await me.waitText("Gift shop");
  const take = "Take along: Sardine keychain for Gift shop";
  const there = () =>
    page.$$eval('main form:has([name="to"]) tbody tr', (rows) =>
      rows
        .filter((r) => r.textContent.includes("Sardine keychain"))
        .map((r) => Number(r.querySelector("td.num")?.textContent)),
    );
  const [before = 0] = await there();
  for (const input of await page.$$('main form:has([name="to"]) [name="quantity"]')) {
    await input.click({ count: 3 });
    await page.keyboard.press("Delete");
  }
  await clickText(page, "main button", "Carry them over");
  await me.waitText("Write beside at least one piece how many.");
  await me.fill(`[aria-label="${take}"]`, "2");
  await clickText(page, "main button", "Carry them over");
  await me.waitText("carried over");
  expect((await there())[0]).toBe(before + 2);
  await clickText(page, "main a", "Statement");
  await me.waitText("owed to the maker");
  const money = await page.$$eval("main tfoot td", (cells) =>
    cells.map((c) => Math.round(100 * Number(c.textContent.replace(/[^\d.]/g, "")))),
  );
  // Sold together, the shop's share of it, and what is owed.
  expect(money[0]).toBe((money.at(-2) ?? 0) + (money.at(-1) ?? 0));
  await page.goto(`${site.url}/sell/what-if`);
  await me.settle();
  const profit = () => page.$eval("#then-title", (h) => h.textContent ?? "");
  // One market day of the year, and the year again.
  const pieces = async () => Number(/(\d+) pieces, with one thing/.exec(await me.text())?.[1]);
  const year = await pieces();
  const newest = await page.$eval("#what-if-of", (el) => (el as HTMLSelectElement).options[1]?.value ?? "");
  await page.select("#what-if-of", newest);
  await clickText(page, "main button", "Show");
  await page.waitForFunction((m) => location.search.includes(m), {}, newest);
  await me.settle();
  expect(await pieces()).toBeGreaterThan(0);
  expect(await pieces()).toBeLessThan(year);
  await page.goto(`${site.url}/sell/what-if`);
  await me.settle();
  const was = await profit();
  await me.fill("#dial-price", "10");
  await page.waitForFunction((w) => document.querySelector("#then-title")?.textContent !== w, {}, was);
  await clickText(page, "main button", "Keep it to compare");
  await me.waitText("Prices +10 %");
  const dearer = await profit();
  await clickText(page, "main button", "as it is");
  await page.waitForFunction((w) => document.querySelector("#then-title")?.textContent === w, {}, was);
  // Kept for good: it is there after a reload, stands beside what is tried, and sets the dials again.
  await me.settle();
  await page.reload();
  await me.settle();
  await page.waitForSelector('[aria-label="Compare Prices +10 %"]');
  await me.press('[aria-label="Compare Prices +10 %"]');
  const last = await page.$eval("main section tbody tr:last-child td:last-child", (x) =>
    x.textContent.replace(/[^\d.]/g, ""),
  );
  expect(dearer.replace(/[^\d.]/g, "")).toBe(last);
  await me.press('[aria-label="Set the dials to Prices +10 %"]');
  await page.waitForFunction((w) => document.querySelector("#then-title")?.textContent === w, {}, dearer);
  // Taken over: prices behind a look at each, the wage at once.
  expect(
    await page.$$eval("main a", (all) => all.some((a) => a.getAttribute("href") === "/sell/prices?by=10")),
  ).toBe(true);
  await me.fill("#dial-wage", "50");
  await clickText(page, "main button", "Take the wage over");
  await me.waitText("Your hour earns that from now on");
  expect(await page.$eval("#dial-wage", (x) => (x as HTMLInputElement).value)).toBe("0");
  expect(await axeFinds(page)).toEqual([]);
  await me.press('[aria-label="Delete Prices +10 %"]');
  await page.waitForSelector('[aria-label="Compare Prices +10 %"]', { hidden: true });
  await clickText(page, "button", "Undo");
  await page.waitForSelector('[aria-label="Compare Prices +10 %"]');
  await page.goto(`${site.url}/sell/prices?by=10`);
  await me.settle();
  expect(await page.$eval('[name="by"]', (x) => (x as HTMLInputElement).value)).toBe("10");
  await end();
});

it("the order of a run’s tasks is chosen among four, and the bench goes by it", async () => {
  const { page, me, end } = await visit(site, "/runs");
  // Another test makes a run “For Second winter market”: this one is called exactly so.
  const run = await page.$$eval(
    "main a",
    (links) => links.find((a) => a.textContent === "Second winter market")?.getAttribute("href") ?? "",
  );
  await page.goto(site.url + run);
  await me.settle();
  await clickText(page, "main a", "Order of the work");
  await me.waitText("half-made at once");
  await me.waitText("no order has less");
  await clickText(page, '[role="group"] button', "Part by part");
  await clickText(page, "main button", "Work part by part");
  await me.settle();
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[role="group"] button')]
      .find((b) => b.textContent.includes("Part by part"))
      ?.textContent.includes("chosen"),
  );
  await page.goto(`${site.url}/bench`);
  await page.goto(site.url + (await linkOf(page, "Begin: Puffin keychain, Second winter market")));
  await me.waitText("piece 1 of 16");
  await page.locator("main > button").click();
  for (let i = 0; i < 40; i++) {
    if ((await page.$eval("main header", (h) => h.textContent)).includes("piece 2 of 16")) break;
    await page.locator("main > button").click();
  }
  // The second body is begun before the first has wings.
  expect(await page.$eval("main section", (s) => s.textContent)).toContain("Body");
  await end();
});

it("what shelves and shop ask for is begun in time: one press makes it a run", async () => {
  const { page, me, end } = await visit(site, "/");
  await me.waitText("To begin");
  expect(await page.$eval('[aria-labelledby="begin-title"]', (card) => card.textContent)).toContain("late");
  await page.goto(`${site.url}/sell/refill`);
  await me.waitText("To make for shelves and shop");
  const made = '[aria-label="To make, table"] tbody tr';
  const first = await page.$eval(made, (row) => ({
    name: row.querySelector("b")?.textContent ?? "",
    make: Number(row.querySelector<HTMLInputElement>('[name="make"]')?.value),
    begin: row.querySelector("td:last-child")?.textContent ?? "",
  }));
  expect(first.make).toBeGreaterThan(0);
  expect(first.begin).toMatch(/late|\d/);
  for (const input of (await page.$$('[name="make"]')).slice(1)) {
    await input.click({ count: 3 });
    await page.keyboard.type("0");
  }
  await clickText(page, "main button", "Make it a run");
  await page.waitForFunction(() => /^\/runs\/[\w-]{36}$/.test(location.pathname));
  await me.waitText("For shelves and shop");
  expect(await me.text()).toContain(first.name);
  // What the run brings is counted: it is not asked for again, on Today neither.
  await page.goto(`${site.url}/`);
  await me.waitText("To begin");
  const begin = await page.$eval('[aria-labelledby="begin-title"]', (card) => card.textContent);
  expect(begin).not.toContain(first.name);
  await page.goto(`${site.url}/sell/refill`);
  await me.settle();
  const again = await page.$$eval(made, (rows) =>
    rows.map((row) => row.querySelector("b")?.textContent ?? ""),
  );
  expect(again).not.toContain(first.name);
  await end();
});

it("a piece has its season: said on the page, told when to start, made a run; by keys", async () => {
  const { page, me, end } = await visit(site, "/sell/seasons", {}, "keyboard");
  const rows = () =>
    page.$$eval('[aria-label="What has a season, table"] tbody tr', (all) =>
      all.map((row) => ({
        name: row.querySelector("b")?.textContent ?? "",
        season: row.querySelector("td:nth-child(3)")?.textContent ?? "",
        make: Number(row.querySelector<HTMLInputElement>('[name="make"]')?.value),
      })),
    );
  expect((await rows()).map((row) => row.name)).toEqual(
    expect.arrayContaining(["Lighthouse ornament", "Hermit crab keychain"]),
  );
  expect((await rows()).map((row) => row.name)).not.toContain("Sardine keychain");
  const sardine = await page.$$eval("main form label", (all) =>
    all.findIndex((label) => label.textContent.includes("Sardine keychain")),
  );
  await page.evaluate(
    (i) => document.querySelectorAll("main form label select")[i]?.setAttribute("data-sardine", ""),
    sardine,
  );
  await me.choose("[data-sardine]", "spring and Easter");
  await me.press('main form:has([name="season"]) button[type="submit"]');
  await me.waitText("saved");
  await me.waitText("Sardine keychain");
  const told = (await rows()).find((row) => row.name === "Sardine keychain");
  expect(told?.season).toMatch(/^(on|from )/);
  // Half of the hours: what is to be made begins no later.
  await clickText(page, "main a", "half of them");
  await page.waitForFunction(() => location.search.includes("half"));
  await me.settle();
  expect((await rows()).map((row) => row.name)).toContain("Sardine keychain");
  const make = 'main [aria-label^="Make Sardine"]';
  await me.fill(make, "4");
  await me.press('main form:has([name="make"]) button[type="submit"]');
  await page.waitForFunction(() => /^\/runs\/[\w-]{36}$/.test(location.pathname));
  await me.waitText("For the season");
  await end();
});

it("a sample is photographed and has points of its own; they stand beside the list of an inspection", async () => {
  const { page, me, end } = await visit(site, "/items", { refused: true });
  await clickText(page, "main a", "Hermit crab keychain");
  await page.waitForSelector(".cm-content");
  await clickText(page, "main a", "sample");
  await me.waitText("How it should look");
  expect(await axeFinds(page)).toEqual([]);
  await me.fill('[name="points"]', `Claws even\n${"x".repeat(130)}`);
  await clickText(page, "main button", "Keep the points");
  await me.waitText("is longer than 120 letters");
  await me.fill('[name="points"]', "Claws even\nEyes look ahead");
  await clickText(page, "main button", "Keep the points");
  await page.waitForFunction(() => !document.body.innerText.includes("is longer than"));
  const file = (await page.$('input[type="file"]')) as ElementHandle<HTMLInputElement>;
  await file.uploadFile("demo/photos/puffin-position.jpg");
  await me.waitText("What it shows, if you like");
  await clickText(page, "main button", "Keep the photo");
  await page.waitForSelector('img[alt="Sample: Hermit crab keychain"]');
  // Deleted by a slip it comes back where it was.
  await page.click('button[aria-label^="Delete the photo"]');
  await me.waitText("was deleted");
  expect(await page.$('img[alt="Sample: Hermit crab keychain"]')).toBeNull();
  await me.press('div[role="status"] form button');
  await page.waitForSelector('img[alt="Sample: Hermit crab keychain"]');
  await page.goto(`${site.url}/runs`);
  // Not the run that an earlier test planned for that market.
  const run = await page.$$eval("main a", (links) => {
    const said = (a: Element) => a.getAttribute("aria-label") ?? a.textContent ?? "";
    const of = links.filter((a) => said(a).includes("Second winter market"));
    return of.find((a) => !said(a).includes("For Second"))?.getAttribute("href") ?? "";
  });
  await page.goto(`${site.url}${run}/inspect`);
  await me.settle();
  const text = await me.text();
  expect(text).toContain("Claws even");
  expect(text).toContain("Eyes look ahead");
  expect(await page.$('img[alt="Sample: Hermit crab keychain"]')).not.toBeNull();
  await end();
});
