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
