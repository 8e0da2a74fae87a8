import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import type { BenchAct } from "@core/planning";
import { listBalls } from "../db/queries/balls";
import { listRuns } from "../db/queries/runs";
import { movesOfRun } from "../db/queries/stock";
import { findWorkshop, listWorkshops } from "../db/queries/workshops";
import { clickText, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("bench");
});
afterAll(() => site.stop());

const TEXT = `Charm
Body (slate)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc around (12)
Insert 6 mm eyes between rounds 2 and 3. Stuff.
Rnd 4: dec x 6 (6)
Close.`;
/** Rounds, face, filling, the last round, closing, ends, look, hang. */
const STEPS = 10;

const acts = (page: Page, line: string): Promise<BenchAct[]> =>
  page.evaluate(
    async (id) => ((await (await fetch(`/bench/${id}/acts`)).json()) as { acts: BenchAct[] }).acts,
    line,
  );
/** One tap in the lower half, and the next step is there. */
async function tapDone(page: Page): Promise<void> {
  const shown = () => page.$eval("main", (m) => m.querySelector("section, h1")?.textContent);
  const before = await shown();
  // As if she had been at it for half a minute: what is only ticked off is no timing.
  await page.evaluate(() => {
    for (const name of Object.keys(sessionStorage))
      if (name.startsWith("lapka-bench-since-"))
        sessionStorage.setItem(name, String(Number(sessionStorage.getItem(name)) - 30_000));
  });
  await page.locator("main > button").click();
  await page.waitForFunction(
    (b) => document.querySelector("main")?.querySelector("section, h1")?.textContent !== b,
    {},
    before,
  );
}
/** Nothing waits on this device any more. */
const sent = (page: Page) =>
  page.waitForFunction(() => document.querySelector('header [role="status"]')?.textContent === "kept", {
    timeout: 20_000,
  });
const heading = (page: Page) => page.$eval("main h1", (h) => h.textContent);

async function planRun(page: Page, me: Person, name: string): Promise<string> {
  await page.goto(`${site.url}/items/new`);
  await me.settle();
  await me.fill('[name="name"]', "Charm");
  await me.fill('textarea[name="pattern"]', TEXT);
  await me.press('main form button[type="submit"]');
  await page.waitForSelector(".cm-content");
  const item = /items\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? "";
  await page.goto(`${site.url}/runs/new?item=${item}`);
  await me.settle();
  await me.fill('main [name="name"]', name);
  await me.date('[name="dueOn"]', "2026-12-20");
  for (const input of await page.$$('main tbody input[inputmode="numeric"]')) {
    const value = await input.evaluate((x) => (x as HTMLInputElement).value);
    if (value !== "10") continue;
    await input.click({ count: 3 });
    await page.keyboard.type("2");
  }
  await me.press('main form button[type="submit"]');
  await me.waitText(name);
  await page.goto(`${site.url}/bench`);
  return page.$$eval(
    "main a",
    (links, run) =>
      links
        .find((a) => a.getAttribute("aria-label")?.endsWith(`: Charm, ${run}`))
        ?.getAttribute("href")
        ?.split("/")
        .at(-1) ?? "",
    name,
  );
}

it("a bench evening on a telephone, by taps: undo, a slip, no server for a while, two pieces", async () => {
  const { page, end } = await openPage(site, { away: true });
  const me = new Person(page, "mouse");
  const line = await planRun(page, me, "Bench evening");
  expect(line).not.toBe("");
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  await page.goto(`${site.url}/bench/${line}`);
  await me.waitText("piece 1 of 2");
  expect(await heading(page)).toBe("Rnd 1");

  await tapDone(page);
  await me.waitText("next: Body, Rnd 3");
  expect(await heading(page)).toBe("Rnd 2");
  await clickText(page, "main button", "Undo");
  await page.waitForFunction(() => document.querySelector("main h1")?.textContent === "Rnd 1");
  await clickText(page, "main button", "Start again");
  await me.waitText("1 round begun again");
  await tapDone(page);
  await tapDone(page);
  await page.waitForFunction(() => document.querySelector("main h1")?.textContent === "Rnd 3");
  await sent(page);

  // The server is away: everything goes on, is kept here and told.
  await page.setOfflineMode(true);
  await tapDone(page);
  await me.waitText("A washer does not come off again");
  await tapDone(page);
  await me.waitText("2 kept here, to be sent");
  await page.setOfflineMode(false);
  await sent(page);
  await page.reload();
  await me.waitText("piece 1 of 2");
  expect(await heading(page)).toBe("Fill");

  for (let left = 2 * STEPS - 4; left > 0; left--) {
    await tapDone(page);
  }
  await me.waitText("All 2 are done");
  await sent(page);

  const all = await acts(page, line);
  const done = all.filter((a) => a.kind === "done");
  expect(new Set(all.map((a) => a.key)).size).toBe(all.length);
  // Each step of both pieces once, and the one that was undone.
  expect(done).toHaveLength(2 * STEPS + 1);
  expect(all.filter((a) => a.kind === "undo" || a.kind === "again")).toHaveLength(2);

  // The run knows, and the hand has learned; nothing had to be started or stopped.
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${site.url}/bench`);
  await me.waitText("2 of 2 made");
  const timings = await page.evaluate(async () => (await fetch("/hand/timings.csv")).text());
  // Two pieces of one day are one sitting.
  const sittings = timings.split("\n").filter((l) => l.includes("Charm") && l.includes("crochet"));
  expect(sittings).toHaveLength(1);
  expect(sittings[0]).toMatch(/[,;]2[,;]/);
  await end();
});

it("two devices on one run see each other's rounds; what both did counts once", async () => {
  const one = await openPage(site);
  const two = await openPage(site, { away: true });
  const me = new Person(one.page, "mouse");
  const line = await planRun(one.page, me, "Two tables");
  await one.page.goto(`${site.url}/bench/${line}`);
  await me.waitText("piece 1 of 2");
  await two.page.goto(`${site.url}/bench/${line}`);
  await two.page.waitForSelector("main h1");
  await two.page.setOfflineMode(true);
  await tapDone(two.page);
  await tapDone(one.page);
  await tapDone(one.page);
  await two.page.setOfflineMode(false);
  await sent(two.page);
  await sent(one.page);
  const all = (await acts(one.page, line)).filter((a) => a.kind === "done");
  expect(all).toHaveLength(3);
  await one.page.reload();
  await me.waitText("piece 1 of 2");
  expect(await heading(one.page)).toBe("Rnd 3");
  // Both sides are shown, and she says what it was: here two tables had worked two pieces.
  await me.waitText("Piece 1: a step was done twice.");
  await me.waitText("on another device");
  await clickText(one.page, "main button", "They were two: make it piece 2");
  await one.page.waitForFunction(() => !document.body.innerText.includes("done twice"));
  await sent(one.page);
  const settled = await acts(one.page, line);
  expect(settled.filter((a) => a.kind === "done" && a.piece === 2)).toHaveLength(1);
  expect(settled.filter((a) => a.kind === "undo")).toHaveLength(1);
  await two.end();
  await one.end();
});

it("the bench opens and works with no server at all, and sends what was done when it is back", async () => {
  const { page, end } = await openPage(site, { away: true });
  const me = new Person(page, "mouse");
  const line = await planRun(page, me, "Dark evening");
  await page.goto(`${site.url}/bench/${line}`);
  await me.waitText("piece 1 of 2");
  await page.waitForFunction(
    async (at) => (await (await caches.open("lapka-bench")).match(at)) !== undefined,
    { timeout: 20_000 },
    `/bench/${line}`,
  );
  await tapDone(page);
  await sent(page);
  const back = await site.away();
  await tapDone(page);
  await me.waitText("1 kept here, to be sent");
  // A dead battery: the page is opened anew, and there is no server to ask.
  await page.goto("about:blank");
  await page.goto(`${site.url}/bench/${line}`);
  await me.waitText("1 kept here, to be sent");
  expect(await heading(page)).toBe("Rnd 3");
  await tapDone(page);
  await back();
  await sent(page);
  const done = (await acts(page, line)).filter((a) => a.kind === "done");
  expect(done.map((a) => (a.kind === "done" ? a.step : ""))).toHaveLength(3);
  await end();
});

it("what set-ups take is said in the settings, and drawn towards what the bench saw", async () => {
  const { page, end } = await openPage(site);
  const me = new Person(page, "mouse");
  await page.goto(`${site.url}/settings`);
  await me.settle();
  await me.fill('[name="setUpColour"]', "300");
  await me.fill('[name="setUpHook"]', "20");
  await me.press('main form button[type="submit"]');
  await me.waitText("saved");
  const [first] = await listWorkshops(site.db);
  const workshop = await findWorkshop(site.db, first?.id ?? "");
  expect([workshop?.setUpColour, workshop?.setUpHook, workshop?.setUpStage]).toEqual([300, 20, 90]);
  const scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
  const found = (await listRuns(scope)).find((r) => r.run.name === "First winter market");
  await page.goto(`${site.url}/runs/${found?.run.id ?? ""}/order`);
  await me.waitText("changes at the bench");
  const shown = (name: string) =>
    page.$eval(`main input[name="${name}"]`, (x) => Number((x as HTMLInputElement).value));
  expect(await shown("hook")).toBe(20);
  // The demo took up the white in no time.
  expect(await shown("colour")).toBeLessThan(300);
  await me.fill('main input[name="colour"]', "10");
  await clickText(page, "main button", "Reckon");
  await page.waitForFunction(() => location.search.includes("colour=10"));
  expect(await shown("colour")).toBe(10);
  await end();
});

it("shows the ball to take, counts repeats, and posts what the scale said of a ball when the run ends", async () => {
  const { page, end } = await openPage(site);
  const me = new Person(page, "mouse");
  const [workshop] = await listWorkshops(site.db);
  const scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
  const found = (await listRuns(scope)).find((r) => r.run.name === "First winter market");
  const run = found?.run.id ?? "";
  const line = found?.lines[0];
  await page.goto(`${site.url}/runs/${run}/cutting`);
  await me.settle();
  await me.waitText("Keep this plan");
  await clickText(page, "main button", "Keep this plan");
  await me.waitText("promised to this run");
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  await page.goto(`${site.url}/bench/${line?.id ?? ""}`);
  await me.waitText("piece 3 of 10");
  // What the demo did today is told, against what the hand is to be spared.
  await me.waitText("of 4 h at most");

  await clickText(page, "main button", "Go to");
  await page.select('select[aria-label="Step"]', "1");
  await clickText(page, "main button", "Count");
  await clickText(page, "main button", "+1");
  await clickText(page, "main button", "+1");
  await me.waitText("2 of 6");
  await me.waitText("4 of 12 sts");
  // A finger on a tool does not hold the pedal up: its space is "done", and not the tool once more.
  const title = () => page.$eval("main h1", (h) => h.textContent);
  for (const pedal of ["Space", "PageDown"] as const) {
    const before = await title();
    await clickText(page, "main button", "Count");
    await page.keyboard.press(pedal);
    await page.waitForFunction((t) => document.querySelector("main h1")?.textContent !== t, {}, before);
    await clickText(page, "main button", "Undo");
    await page.waitForFunction((t) => document.querySelector("main h1")?.textContent === t, {}, before);
  }
  await clickText(page, "main button", "Go to");
  await page.select('select[aria-label="Answers a press with"]', "both");
  await page.select('select[aria-label="Piece"]', "4");
  await page.select('select[aria-label="Step"]', "0");
  await me.waitText("Take slate");
  await page.reload();
  await me.waitText("piece 3 of 10");

  await clickText(page, "main button", "Start again");
  // On to the end of a part; then its ball goes onto the scale.
  for (let taps = 0; taps < 30; taps++) {
    await tapDone(page);
    if (await page.$$eval("main button", (all) => all.some((b) => b.textContent?.includes("is done: weigh"))))
      break;
  }
  await clickText(page, "main button", "is done: weigh");
  const name = await page.$eval("main form label", (l) => l.textContent ?? "");
  const balls = await listBalls(scope);
  const ball = balls.find((b) => b.lot !== "" && name.includes(`lot ${b.lot}`) && name.includes(b.place));
  expect(ball).toBeDefined();
  const onScale = Math.round(((ball?.mg ?? 0) - 9_000) / 100) * 100;
  // A dish on the scale is no yarn.
  await page.type("main form input", String((ball?.mg ?? 0) / 1000 + 80));
  await page.keyboard.press("Enter");
  await me.waitText("Take the dish off");
  await page.click("main form input", { count: 3 });
  await page.type("main form input", String(onScale / 1000));
  await page.keyboard.press("Enter");
  await me.waitText("it goes into the stock book when the run ends");
  await sent(page);

  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${site.url}/runs/${run}/inspect`);
  await me.settle();
  await me.fill(`[name="${line?.id.slice(-12) ?? ""}.good"]`, "3");
  await clickText(page, "main button", "Keep, and the run is finished");
  await me.waitText("the stock book holds what it used");
  const moves = (await movesOfRun(scope, run)).filter((m) => m.ballId === ball?.id && m.kind === "used");
  expect(moves.map((m) => m.quantity)).toContain(onScale - (ball?.mg ?? 0));
  // What went wrong at the table is learned.
  await page.goto(`${site.url}/runs/${run}/went`);
  await me.waitText("rounds begun again");
  await end();
});
