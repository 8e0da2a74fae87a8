import { mkdirSync } from "node:fs";
import path from "node:path";
import type { Page } from "puppeteer-core";
import { startSite } from "./harness";

/** One current picture of each main view, from the demo: `npm run screenshots`. */
const out = path.resolve("docs/screenshots");
mkdirSync(out, { recursive: true });
const site = await startSite("screenshots");
const find = async (page: Page, list: string, name: string): Promise<string> => {
  await page.goto(site.url + list, { waitUntil: "networkidle0" });
  return page.$$eval("main a", (links, n) => links.find((a) => a.textContent?.includes(n))?.href ?? "", name);
};
try {
  const context = await site.browser.createBrowserContext();
  const page = await context.newPage();
  const item = await find(page, "/items", "Puffin");
  const yarn = await find(page, "/materials", "slate");
  const run = await find(page, "/runs", "Second winter market");
  const shots: [
    string,
    string,
    { width?: number; height?: number; dark?: boolean; open?: string; tab?: string }?,
  ][] = [
    ["today", `${site.url}/`],
    ["items", `${site.url}/items`],
    ["item", item, { height: 900 }],
    ["item-reasons", item, { open: '[aria-labelledby="needs-title"] td button' }],
    ["item-dark", item, { dark: true }],
    ["item-phone", item, { width: 390, height: 844 }],
    ["item-shape", item, { tab: "In the hand" }],
    ["item-compare", item, { tab: "Other yarn and hook" }],
    ["item-order", item, { tab: "Order of work", height: 940 }],
    ["item-written", item, { tab: "Written out" }],
    ["materials", `${site.url}/materials`],
    ["yarn", yarn],
    ["buy", `${site.url}/materials/buy`],
    ["cutting", `${run}/cutting`, { height: 900 }],
    ["colourways", `${item}/colourways`],
    ["hand", `${site.url}/hand`, { height: 1000 }],
    ["runs", `${site.url}/runs`],
    ["run", run, { height: 1000 }],
    ["settings", `${site.url}/settings`],
  ];
  for (const [name, url, view = {}] of shots) {
    await page.setViewport({ width: view.width ?? 1280, height: view.height ?? 800 });
    await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: view.dark ? "dark" : "light" }]);
    await page.goto(url, { waitUntil: "networkidle0" });
    if (url === item) await page.waitForSelector(".cm-content");
    if (view.open) await page.locator(view.open).click();
    if (view.tab) {
      const tab = await page.evaluateHandle(
        (n) => [...document.querySelectorAll<HTMLElement>('[role="tab"]')].find((t) => t.textContent === n),
        view.tab,
      );
      await (tab as unknown as { click(): Promise<void> }).click();
      await page.evaluate(() =>
        [
          ...document.querySelectorAll<HTMLElement>(
            '[role="tabpanel"] button, [role="tabpanel"] [role="radio"]',
          ),
        ]
          .find((b) => b.textContent === "Solid")
          ?.click(),
      );
      await new Promise((done) => setTimeout(done, 2500));
      await page.evaluate(() => document.querySelector('[role="tablist"]')?.scrollIntoView());
      await page.mouse.move(2, 400);
    }
    await new Promise((done) => setTimeout(done, 400));
    await page.screenshot({ path: path.join(out, `${name}.png`) as `${string}.png` });
  }
} finally {
  await site.stop();
}
