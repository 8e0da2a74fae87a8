import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { asc } from "drizzle-orm";
import { commission, trail } from "@db/schema";
import { clickText, openPage, Person, startSite, visit, type Site } from "./harness";
import { pdfText } from "./pdf-text";

let site: Site;
beforeAll(async () => {
  site = await startSite("commission");
});
afterAll(() => site.stop());

/** The words of its paper; whose it is stands in no file's name. */
const paper = (path: string): Promise<string> =>
  pdfText(site, path, (answer) => expect(answer.headers.get("content-disposition")).not.toContain("Ylva"));

describe("a commission", () => {
  it("goes from a quote to a receipt by the keyboard, and its customer is forgotten", async () => {
    const { page, me, end } = await visit(site, "/sell/commissions", {}, "keyboard");
    await me.waitText("The island school");
    await me.fill('input[name="customer"]', "Ylva");
    await me.fill('input[name="reach"]', "at the pier, Sundays");
    await me.choose('select[name="ware"]', "Puffin");
    await me.fill('textarea[name="wishes"]', "Beak in yellow.");
    await me.fill('input[name="quantity"]', "2");
    await me.fill('input[name="price"]', "40.00");
    await me.fill('input[name="depositAsked"]', "12.50");
    await me.press('form[id] button[type="submit"]');
    await me.waitText("Commission 4");
    await me.settle();
    const here = new URL(page.url()).pathname;

    const quote = await paper(`${here}/quote.pdf`);
    for (const said of ["Quote 4", "Ylva", "2 × Puffin", "Beak in yellow.", "€40.00", "€12.50"])
      expect(quote).toContain(said);
    expect((await fetch(`${site.url}${here}/receipt.pdf`)).status).toBe(409);

    await clickText(page, "main button", "It is agreed");
    await me.waitText("Plan it");
    await me.fill('input[name="paid"]', "12.50");
    await clickText(page, "main button", "Write the deposit down");
    await me.waitText("paid on");
    await clickText(page, "main button", "Plan it");
    await me.waitText("Made in the run");
    await clickText(page, "main button", "It is ready");
    await me.waitText("Hand it over");
    await me.choose('select[name="paid"]', "cash");
    await clickText(page, "main button", "Hand it over");
    await me.waitText("It stands under Sold");

    const receipt = await paper(`${here}/receipt.pdf`);
    for (const said of ["Receipt 4", "€12.50", "€27.50", "in cash", "€0.00"]) expect(receipt).toContain(said);
    await page.goto(`${site.url}/sell/sold`);
    await me.waitText("€40.00");

    await page.goto(site.url + here);
    await me.settle();
    await clickText(page, "main button", "Forget them now");
    await me.waitText("somebody, forgotten");
    expect(await me.text()).not.toContain("Ylva");
    expect(await paper(`${here}/receipt.pdf`)).not.toContain("Ylva");
    await end();
  });

  it("leaves nobody's name in the trail, on a run or in the calendar", async () => {
    const lines = await site.db.select().from(trail).orderBy(asc(trail.at));
    const told = JSON.stringify(lines);
    expect(told).toContain("commission");
    for (const name of ["Ylva", "at the pier"]) expect(told).not.toContain(name);
    const calendar = await (await fetch(`${site.url}/calendar.ics`)).text();
    expect(calendar).toContain("Promised: Commission 2");
    const named = (await site.db.select().from(commission)).map((c) => c.customer).filter((n) => n !== "");
    expect(named).toContain("The island school");
    for (const name of named) expect(calendar).not.toContain(name);
  });

  it("says what is wrong beside its field, and keeps what was typed", async () => {
    const { page, me, end } = await visit(site, "/sell/commissions");
    await me.fill('input[name="customer"]', "Brid");
    await me.fill('input[name="price"]', "10");
    await me.fill('input[name="depositAsked"]', "11");
    await me.press('form[id] button[type="submit"]');
    await me.waitText("The deposit is more than the price.");
    expect(await page.$eval('input[name="customer"]', (e) => (e as HTMLInputElement).value)).toBe("Brid");
    await end();
  });

  it("is promised on Today, and taken back and deleted without loss", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/`);
    await me.waitText("Old Tam");
    await clickText(page, "main a", "Old Tam");
    await me.waitText("Commission 3");
    await me.settle();
    await clickText(page, "main button", "Hand it over");
    await me.waitText("It stands under Sold");
    await clickText(page, "main button", "Take it back");
    await me.waitText("Not ready after all");
    await page.click('main button[aria-label="Delete Commission 3"]');
    await page.waitForFunction(() => location.pathname === "/sell/commissions");
    await me.settle();
    expect(await page.$$eval("main table", (t) => t.map((x) => x.textContent).join())).not.toContain(
      "Old Tam",
    );
    await clickText(page, "button", "Undo");
    await me.waitText("Commission 3");
    await end();
  });
});
