import { afterAll, beforeAll, expect, it } from "vitest";
import { listMarkets } from "../db/queries/places";
import { listSales } from "../db/queries/sales";
import { listWorkshops } from "../db/queries/workshops";
import { startSite, visit, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("taps");
});
afterAll(() => site.stop());

/** Taps of an hour, and after how many the network goes or comes back. */
const TAPS = 600;
const FLIPS = 75;

it("six hundred taps, faster than any hour brings, lose nothing while the network comes and goes", async () => {
  const [workshop] = await listWorkshops(site.db);
  const scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
  const open = (await listMarkets(scope)).find((m) => m.state === "open");
  const sold = async () =>
    (await listSales(scope, { marketId: open?.id ?? "" })).reduce((n, s) => n + s.quantity, 0);
  const before = await sold();
  const { page, me, end } = await visit(site, `/stall/${open?.id}`, { width: 390, height: 844, away: true });
  const tap = (times: number) =>
    page.evaluate(async (n) => {
      const tiles = [...document.querySelectorAll<HTMLElement>("main ul button")];
      const tile = tiles.find((b) => b.textContent.includes("Puffin keychain"));
      for (let i = 0; i < n; i++) {
        tile?.click();
        // As a thumb does it: one after the other.
        await new Promise((done) => setTimeout(done, 5));
      }
    }, times);
  for (let n = 0; n < TAPS; n += FLIPS) {
    await page.setOfflineMode((n / FLIPS) % 2 === 1);
    await tap(FLIPS);
  }
  await me.waitText("kept here, to be sent");
  await page.reload();
  await me.waitText("kept here, to be sent");
  await page.setOfflineMode(false);
  await page.waitForFunction(() => document.querySelector('header [role="status"]')?.textContent === "kept", {
    timeout: 110_000,
  });
  expect(await sold()).toBe(before + TAPS);
  expect(await me.text()).toContain(`${before + TAPS} sold`);
  await end();
}, 240_000);
