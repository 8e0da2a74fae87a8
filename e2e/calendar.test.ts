import type { Page } from "puppeteer-core";
import ICAL from "ical.js";
import { afterAll, beforeAll, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import { clickText, startSite, visit, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("calendar");
});
afterAll(() => site.stop());

const titles = (text: string): string[] =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents("vevent")
    .map((v) => new ICAL.Event(v).summary);

it("a calendar program gets due days and market days at a private address, until it is taken back", async () => {
  const { page, me, end } = await visit(site, "/settings");
  await clickText(page, "#calendar button", "Make a private address");
  await me.waitText("it is shown this once");
  const address = await page.$eval("#calendar-address", (el) => (el as HTMLInputElement).value);
  expect(address).toMatch(/\/calendar\/[A-Za-z0-9_-]{32}\.ics$/);
  // Nobody signs in for it: no cookie, no page.
  const got = await fetch(address);
  expect(got.headers.get("content-type")).toContain("text/calendar");
  const text = await got.text();
  expect(titles(text)).toEqual(
    expect.arrayContaining([
      "Due: First winter market",
      "Begin: Second winter market",
      "Harbour evening",
      "Quay market",
    ]),
  );
  // No prices, no names of anybody: days and what is made.
  expect(text).not.toContain("€");
  // The token itself is nowhere in the database, also not among answers that are kept.
  const token = address.slice(-36, -4);
  const [acts] = await site.db.execute(
    sql`select count(*) as n from form_act where answer like ${`%${token}%`}`,
  );
  expect(Number((acts as unknown as { n: number }[])[0]?.n)).toBe(0);

  await page.reload();
  await me.settle();
  expect(await page.$("#calendar-address")).toBeNull();
  await clickText(page, "#calendar button", "Another address");
  await me.waitText("it is shown this once");
  expect((await fetch(address)).status).toBe(404);
  const second = await page.$eval("#calendar-address", (el) => (el as HTMLInputElement).value);
  expect((await fetch(second)).status).toBe(200);
  await page.goto(`${site.url}/settings`);
  await me.settle();
  await clickText(page, "#calendar button", "Take the address back");
  await me.waitText("saved");
  expect((await fetch(second)).status).toBe(404);
  expect((await fetch(`${site.url}/calendar/${"a".repeat(32)}.ics`)).status).toBe(404);
  const own = await page.evaluate(async () => (await fetch("/calendar.ics")).text());
  expect(titles(own)).toContain("Harbour evening");
  await end();
});

/** The names of the runs in the list, in its order. */
const runsIn = (page: Page): Promise<string[]> =>
  page.$$eval('[role="grid"] [role="row"] a', (a) => a.map((x) => x.textContent ?? ""));

it("a day off moves the runs behind it, and as usual again moves them back", async () => {
  const { page, me, end } = await visit(site, "/runs/calendar", { refused: true });
  const doneIn = () =>
    page.$$eval('[role="grid"] small, [role="grid"] span', (s) => s.map((x) => x.textContent).join("|"));
  const before = await doneIn();
  // The first day ahead on which a run is worked.
  const day = await page.$$eval(
    '[role="cell"]',
    (cells) =>
      cells
        .filter((c) => c.querySelector("[data-run]"))
        .map((c) => c.querySelector("a")?.getAttribute("href") ?? "")[0] ?? "",
  );
  await page.goto(site.url + day);
  await me.settle();
  await me.fill('input[name="hours"]', "0");
  await me.fill('input[name="note"]', "dentist");
  await me.press('#day button[type="submit"]');
  await me.waitText("As usual again");
  expect(await me.text()).toContain("dentist");
  expect(await doneIn()).not.toBe(before);
  // More than the maker's hands are to be given on a day is said, here and at the run.
  await me.fill('input[name="hours"]', "6");
  await me.press('#day button[type="submit"]');
  await me.waitText("above 4 h for a hand");
  await me.fill('input[name="hours"]', "40");
  await me.press('#day button[type="submit"]');
  await me.waitText("Write hours between 0 and 16 a day.");
  await clickText(page, "#day button", "As usual again");
  await page.waitForFunction(() => !document.body.innerText.includes("As usual again"));
  expect(await doneIn()).toBe(before);
  // A holiday is given at once, and taken back at once; in the last of the weeks nothing else stands in its way.
  const later = await page.$$eval(
    '[role="cell"]',
    (cells) => cells[28]?.querySelector("a")?.getAttribute("href") ?? "",
  );
  await page.goto(site.url + later);
  await me.settle();
  const away = () =>
    page.$$eval('[role="cell"]', (c) => c.filter((x) => x.textContent.includes("isles")).length);
  await me.fill('input[name="hours"]', "0");
  await me.fill('input[name="note"]', "isles");
  await me.fill('input[name="days"]', "0");
  await me.press('#day button[type="submit"]');
  await me.waitText("At least the day itself.");
  await me.fill('input[name="days"]', "5");
  await me.press('#day button[type="submit"]');
  await me.waitText("As usual again, all 5 days");
  expect(await away()).toBe(5);
  await clickText(page, "#day button", "As usual again");
  await page.waitForFunction(() => !document.body.innerText.includes("isles"));
  expect(await doneIn()).toBe(before);
  await end();
});

it("runs change places by the arrows and by keys alone, and go back to their due days", async () => {
  const { page, me, end } = await visit(site, "/runs/calendar");
  expect(await runsIn(page)).toEqual(["First winter market", "Second winter market"]);
  await page.click('button[aria-label="Second winter market earlier"]');
  await me.waitText("As it was");
  await clickText(page, "main button", "Keep this order");
  await me.waitText("Back to due days");
  expect(await runsIn(page)).toEqual(["Second winter market", "First winter market"]);
  // Picked up, moved and put down without a mouse.
  await page.reload();
  await me.settle();
  await page.focus('[role="grid"] [role="row"]');
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Enter");
  const at = (place: string) =>
    page.waitForFunction((p) => document.activeElement?.getAttribute("aria-label")?.startsWith(p), {}, place);
  await at("Insert after First");
  await page.keyboard.press("ArrowUp");
  await at("Insert between");
  await page.keyboard.press("ArrowUp");
  await at("Insert before Second");
  await page.keyboard.press("Enter");
  await me.waitText("As it was");
  expect((await runsIn(page))[0]).toBe("First winter market");
  await clickText(page, "main button", "As it was");
  await clickText(page, "main button", "Back to due days");
  await page.waitForFunction(() => !document.body.innerText.includes("Back to due days"));
  expect(await runsIn(page)).toEqual(["First winter market", "Second winter market"]);
  await end();
});

/** Which of the days has the grip of this name, from 0. */
const dayOf = (page: Page, name: string): Promise<number> =>
  page.$$eval(
    '[role="cell"]',
    (cells, label) => cells.findIndex((c) => c.querySelector(`[aria-label="${label}"]`)),
    `Move ${name} to another day`,
  );

it("a market, a due day and a day off are dragged to other days, put back, and carried by keys alone", async () => {
  const { page, me, end } = await visit(site, "/runs/calendar", { refused: true });
  /** Drags what is called so to the day that lies so many further; answers where it stood. */
  const drag = async (name: string, days: number) => {
    const at = await dayOf(page, name);
    const held = await page.$(`[role="cell"] div:has(> [aria-label="Move ${name} to another day"])`);
    const from = await held?.boundingBox();
    const to = await (await page.$$('[role="cell"]'))[at + days]?.boundingBox();
    if (!from || !to) throw new Error(`nothing to drag: ${name}`);
    await page.mouse.move(from.x + 12, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + 20, from.y + from.height / 2 + 6, { steps: 4 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height - 8, { steps: 12 });
    await page.mouse.up();
    return at;
  };
  const stands = async (name: string, at: number) => {
    await me.waitText(`${name} stands on`);
    expect(await dayOf(page, name)).toBe(at);
  };
  const market = await drag("Quay market", 3);
  await stands("Quay market", market + 3);
  await clickText(page, "main button", "Put it back");
  await page.waitForFunction(
    (i) => document.querySelectorAll('[role="cell"]')[i]?.textContent?.includes("Quay market"),
    {},
    market,
  );
  const due = await drag("A First winter market", -1);
  await stands("A First winter market", due - 1);
  // A run by its work: the day from which it may have hours.
  const work = await drag("Work of B Second winter market", 3);
  await me.waitText("Work of B Second winter market may begin on");
  expect(await dayOf(page, "Work of B Second winter market")).toBeGreaterThanOrEqual(work);
  await clickText(page, "main button", "Put it back");
  await page.waitForFunction(
    (i) => document.querySelectorAll('[role="cell"]')[i]?.querySelector('[aria-label^="Move Work of B"]'),
    {},
    work,
  );
  const ferry = await drag("ferry day", 4);
  await stands("ferry day", ferry + 4);
  // Two days of her own on one day there are not, and nothing that is over takes a market.
  await drag("long evening", (await dayOf(page, "ferry day")) - (await dayOf(page, "long evening")));
  await me.waitText("That day has hours of its own already");
  const today = await page.$$eval('[role="cell"]', (c) => c.findIndex((x) => x.hasAttribute("data-today")));
  // On the first day of a week nothing that is over is on the page.
  if (today > 0) {
    await drag("Quay market", today - 1 - market);
    await me.waitText("That day is over");
    expect(await dayOf(page, "Quay market")).toBe(market);
  }
  // Picked up by its grip, moved and put down without a mouse.
  const before = await dayOf(page, "long evening");
  await page.focus('[aria-label="Move long evening to another day"]');
  await page.keyboard.press("Enter");
  await page.waitForFunction(() => document.activeElement?.getAttribute("role") === "cell");
  // Past the day that has the ferry now.
  for (let i = 0; i < 3; i++) await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await me.waitText("long evening stands on");
  expect(await dayOf(page, "long evening")).not.toBe(before);
  await end();
});

it("a planned run gets another name, another due day, fewer pieces and one thing more", async () => {
  const { page, me, end } = await visit(site, "/runs/calendar", { refused: true });
  await clickText(page, '[role="grid"] a', "Second winter market");
  await me.waitText("What is made");
  const rows = () =>
    page.$$eval('section[aria-labelledby="what-title"] tbody tr', (r) => r.map((x) => x.innerText));
  const before = await rows();
  await clickText(page, "main a", "Change days or pieces");
  await me.waitText("Put something more into it");
  await me.fill('input[name="name"]', "Winter market, second half");
  await me.fill('input[name="lines[0].quantity"]', "0");
  await me.fill('input[name="lines[1].quantity"]', "five");
  await clickText(page, "main button", "Keep the changes");
  await me.waitText("This is not a number");
  await me.fill('input[name="lines[1].quantity"]', "5");
  await me.fill('input[name="more"]', "4");
  await clickText(page, "main button", "Keep the changes");
  await me.waitText("Choose of what.");
  const label = await page.$eval('select[name="ware"]', (s) => {
    const last = (s as HTMLSelectElement).options[(s as HTMLSelectElement).options.length - 1];
    return { value: last?.value ?? "", text: last?.text ?? "" };
  });
  await page.select('select[name="ware"]', label.value);
  await clickText(page, "main button", "Keep the changes");
  await me.waitText("What is made");
  expect(await page.$eval("h1", (h) => h.textContent)).toBe("Winter market, second half");
  const after = await rows();
  expect(after).toHaveLength(before.length);
  expect(after.some((r) => r.includes(label.text) && r.includes("\t4"))).toBe(true);
  expect(after[0]?.split("\t")[0]).toBe(before[1]?.split("\t")[0]);
  await end();
});
