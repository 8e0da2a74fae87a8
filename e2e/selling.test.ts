import { afterAll, beforeAll, expect, it } from "vitest";
import { clickText, openPage, Person, startSite, type Site, visit } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("selling");
});
afterAll(() => site.stop());

it("a way of selling with two shares, a stall and tax is written down, changed, and prices an item", async () => {
  const { page, end } = await openPage(site);
  const me = new Person(page, "keyboard");
  await page.goto(`${site.url}/settings`);
  await me.settle();
  await me.fill('#channels [name="name"]', "Fair on the mole");
  await clickText(page, "#channels button", "Add a share");
  await me.fill('[name="fees[0].name"]', "card");
  await me.fill('[name="fees[0].bp"]', "1.5");
  await clickText(page, "#channels button", "Add a share");
  await me.fill('[name="fees[1].name"]', "fair");
  await me.fill('[name="fees[1].bp"]', "97");
  await me.fill('#channels [name="taxBp"]', "20");
  await me.press('#channels > form button[type="submit"]:not([name])');
  // Shares that take everything are told, and nothing that was typed is lost.
  await me.waitText("Write a percentage from 0 to 95.");
  await me.fill('[name="fees[1].bp"]', "8.5");
  await me.press('#channels > form button[type="submit"]:not([name])');
  await me.waitText("card 1.5 %, fair 8.5 %, tax 20 % in the price");

  await me.press('a[aria-label="Change Fair on the mole"]');
  await me.waitText("Change Fair on the mole");
  expect(await page.$eval('[name="fees[1].name"]', (el) => (el as HTMLInputElement).value)).toBe("fair");
  await me.fill('#channels [name="stallFee"]', "60");
  await me.fill('#channels [name="expectedPieces"]', "40");
  await me.press('#channels > form button[type="submit"]:not([name])');
  await me.waitText("€60.00 shared by 40 pieces");

  await page.goto(`${site.url}/items`);
  await clickText(page, "main a", "Puffin");
  await me.settle();
  await me.choose('[name="channelId"]', "Fair on the mole");
  await me.fill('[name="price"]', "24.00");
  await me.fill('[name="passes"]', "80");
  await me.fill('[name="secondBrings"]', "5");
  // Of 24.00: a sixth is tax; 10 % and 1.50 are fees.
  await me.waitText("tax €4.00");
  await me.waitText("fees €3.90");
  await me.waitText("pieces that fail");
  const fold = await page.$('section[aria-labelledby="price-title"] summary');
  await fold?.focus();
  await page.keyboard.press("Enter");
  await me.waitText("Materials and your hour, no margin");
  const rows = await page.$$eval('section[aria-labelledby="price-title"] tbody tr', (all) =>
    all.map((tr) => tr.textContent),
  );
  expect(rows).toHaveLength(5);
  expect(rows.some((t) => t.includes("before overhead"))).toBe(true);

  await page.keyboard.down("Control");
  await page.keyboard.press("s");
  await page.keyboard.up("Control");
  await me.waitText("saved, revision");
  await page.reload();
  await me.settle();
  expect(await page.$eval('[name="passes"]', (el) => (el as HTMLInputElement).value)).toBe("80");
  await me.waitText("tax €4.00");
  await end();
});

it("a way of selling that is still gone by is not taken away, and says what goes by it", async () => {
  const { page, me, end } = await visit(site, "/settings", { refused: true });
  await me.press('[aria-label="Delete Gift shop shelf"]');
  await me.waitText("Still sold this way: 1 place.");
  await page.goto(`${site.url}/settings`);
  await me.waitText("Gift shop shelf");
  await end();
});
