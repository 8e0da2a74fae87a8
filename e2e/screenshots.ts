import { mkdirSync } from "node:fs";
import path from "node:path";
import type { Page } from "puppeteer-core";
import { createAccount, setMember, type Role } from "../db/queries/accounts";
import { listHands } from "../db/queries/hands";
import { beginSession } from "../db/queries/sessions";
import { listWorkshops } from "../db/queries/workshops";
import { keepSession } from "../app/server/session.server";
import { startSite } from "./harness";

/** One current picture of each main view, from the demo: `npm run screenshots`. */
const out = path.resolve("docs/screenshots");
mkdirSync(out, { recursive: true });
const site = await startSite("screenshots", { withShop: true });
const find = async (page: Page, list: string, name: string): Promise<string> => {
  await page.goto(site.url + list, { waitUntil: "networkidle0" });
  return page.$$eval("main a", (links, n) => links.find((a) => a.textContent?.includes(n))?.href ?? "", name);
};
try {
  const context = await site.browser.createBrowserContext();
  const page = await context.newPage();
  const item = await find(page, "/items", "Puffin");
  const boat = await find(page, "/items", "Rowing boat");
  const run = await find(page, "/runs", "Second winter market");
  const shots: [
    string,
    string,
    { width?: number; height?: number; dark?: boolean; look?: string; ready?: string }?,
  ][] = [
    ["today", `${site.url}/`],
    ["items", `${site.url}/items`],
    ["item", item, { height: 900 }],
    ["figure", item, { look: '[role="tablist"]' }],
    ["paper", `${item}/paper`, { ready: "[data-shown] canvas" }],
    ["kit", `${boat}/kit`, { height: 900 }],
    ["bench", await find(page, "/bench", "Go on"), { width: 390, height: 844 }],
    ["materials", `${site.url}/materials`],
    ["cutting", `${run}/cutting`, { height: 900 }],
    ["hand", `${site.url}/hand`, { height: 1000 }],
    ["run", run, { height: 1000 }],
    ["calendar", `${site.url}/runs/calendar`],
    ["sell", `${site.url}/sell`],
    ["shop", `${site.url}/sell/shop`],
    ["stall", await find(page, "/sell/markets", "To the stall"), { width: 390, height: 844 }],
    ["seasons", `${site.url}/sell/seasons`],
    ["next", `${site.url}/sell/next`, { height: 1000, dark: true }],
    ["sold", `${site.url}/sell/sold`, { height: 1000 }],
  ];
  for (const [name, url, view = {}] of shots) {
    await page.setViewport({ width: view.width ?? 1280, height: view.height ?? 800 });
    await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: view.dark ? "dark" : "light" }]);
    await page.goto(url, { waitUntil: "networkidle0" });
    if (url === item) await page.waitForSelector(".cm-content");
    if (view.ready) await page.waitForSelector(view.ready, { timeout: 60_000 });
    if (view.look) {
      await page.waitForSelector('[role="tabpanel"] canvas[data-drawn]');
      await page.$eval(view.look, (e) => e.scrollIntoView({ block: "start" }));
    }
    await new Promise((done) => setTimeout(done, 400));
    await page.screenshot({ path: path.join(out, `${name}.png`) as `${string}.png` });
  }
} finally {
  await site.stop();
}
await people();

/** Who comes in, and the link for one more: with accounts, on a site of its own. */
async function people(): Promise<void> {
  const own = await startSite("screenshots_people", { accounts: true });
  try {
    const now = new Date();
    const [workshop] = await listWorkshops(own.db);
    const scope = { db: own.db, workshopId: workshop?.id ?? "", now };
    const add = async (name: string, role: Role) => {
      const id = await createAccount(own.db, name, "no phrase", now);
      await setMember(scope, id, role, role === "helper" ? ((await listHands(scope))[1]?.id ?? null) : null);
      return id;
    };
    const marit = await add("Marit", "owner");
    await add("Sanna", "helper");
    await add("Eero", "stall");
    const secret = await beginSession(
      own.db,
      { accountId: marit, workshopId: scope.workshopId, device: "Firefox on Linux", kind: "own" },
      now,
    );
    const page = await own.browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    const [name = "", value = ""] = ((await keepSession(secret, "own")).split(";")[0] ?? "").split(/=(.*)/s);
    await page.setCookie({ name, value, url: own.url });
    await page.goto(`${own.url}/people`, { waitUntil: "networkidle0" });
    await page.type('[name="forName"]', "Tove");
    await page.click('form:has([name="forName"]) button[type="submit"]');
    await page.waitForSelector('[name="link"]');
    // The link leads nowhere any more: its site ends with the picture.
    await new Promise((done) => setTimeout(done, 400));
    await page.screenshot({ path: path.join(out, "people.png") as `${string}.png` });
  } finally {
    await own.stop();
  }
}
