import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { listHands, listTimings, listWeighIns } from "../db/queries/hands";
import { listItems } from "../db/queries/items";
import { listYarns } from "../db/queries/materials";
import { createWorkshop, listWorkshops } from "../db/queries/workshops";
import type { Scope } from "../db/scope";
import { clickText, openPage, Person, startSite, visit, type Site } from "./harness";

let site: Site;
let scope: Scope;
beforeAll(async () => {
  site = await startSite("hand");
  const [workshop] = await listWorkshops(site.db);
  scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
});
afterAll(() => site.stop());

const itemUrl = async (name: string) =>
  `/items/${(await listItems(scope)).find((i) => i.item.name.startsWith(name))?.item.id ?? ""}`;

describe("a swatch", () => {
  it("changes the estimate, and the estimate says so", async () => {
    const yellow = (await listYarns(scope)).find((y) => y.shade === "oilskin yellow");
    const open = async (page: Page) => {
      await page.waitForSelector(".cm-content");
      const row = await page.$$eval('section[aria-labelledby="needs-title"] tbody tr', (rows) =>
        rows.findIndex((r) => r.textContent?.includes("oilskin yellow")),
      );
      await (
        await page.$$(`section[aria-labelledby="needs-title"] tbody tr`)
      )[row]
        ?.$("button.figure")
        .then((b) => b?.click());
      await page.waitForSelector('[role="dialog"]');
      return page.$eval('[role="dialog"]', (d) => (d as HTMLElement).innerText.replace(/\u00a0/g, " "));
    };
    const { page, me, end } = await visit(site, await itemUrl("Lighthouse"));
    const before = await open(page);
    expect(before).toContain("your other yarns");
    await page.goto(`${site.url}/materials/${yellow?.id ?? ""}`);
    await me.settle();
    await clickText(page, 'section[aria-labelledby="swatches-title"] button', "Swatch");
    await me.fill('[name="hookUm"]', "3");
    await me.fill('[name="sampleStitches"]', "20");
    await me.fill('[name="sampleMm"]', "70");
    await me.press('[role="dialog"] button[type="submit"]');
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    await page.goto(site.url + (await itemUrl("Lighthouse")));
    await me.settle();
    const after = await open(page);
    expect(after).toContain("this yarn: 1 swatch");
    expect(after).not.toBe(before);
    await end();
  });
});

describe("the weigh dialog and the kitchen scale", () => {
  it("reads live, tares, takes a standing weight, and is kept once", async () => {
    const before = (await listWeighIns(scope)).length;
    // As many as weigh about what the scale will show.
    const known = (await listWeighIns(scope)).find((w) => w.part === "Float");
    const pieces = Math.round(24_000 / ((known?.weightMg ?? 0) / (known?.pieces ?? 1)));
    const { page, me, end } = await visit(site, "/hand/weigh", { width: 390, height: 1700 });
    await clickText(page, "summary", "stand-in");
    await clickText(page, "details button", "a part, 7.4 g");
    await me.waitText("stands still");
    await page.waitForFunction(() => document.querySelector("output")?.textContent === "7.4");
    await clickText(page, "main button", "Tare");
    await page.waitForFunction(() => document.querySelector("output")?.textContent === "0");
    await clickText(page, "details button", "31 g");
    await page.waitForFunction(() => /^23\.[5-7]$/.test(document.querySelector("output")?.textContent ?? ""));
    await me.waitText("stands still");
    await page.select(
      'select[name="itemId"]',
      (await listItems(scope)).find((i) => i.item.name.startsWith("Buoy"))?.item.id ?? "",
    );
    await page.waitForFunction(() =>
      [...document.querySelectorAll<HTMLOptionElement>('select[name="part"] option')].some(
        (o) => o.value === "Float",
      ),
    );
    await page.select('select[name="part"]', "Float");
    await me.fill('[name="pieces"]', String(pieces));
    expect(await page.$eval('[name="pieces"]', (i) => (i as HTMLInputElement).value)).toBe(String(pieces));
    await clickText(page, "main button", "Take this weight");
    expect(await page.$eval('[name="weight"]', (i) => (i as HTMLInputElement).value)).toMatch(/^23\.[5-7]$/);
    // One gram steps: the form follows the scale.
    await clickText(page, "details button:nth-of-type(5)", "1 g steps");
    await page.waitForFunction(() => document.querySelector("output")?.textContent === "24");
    await clickText(page, "main button", "Take this weight");
    expect(await page.$eval('[name="step"]', (i) => (i as HTMLSelectElement).value)).toBe("1");
    // Unplugged in the middle: said, nothing typed is lost, and it comes back by itself.
    await clickText(page, "details button", "unplug it");
    await me.waitText("unplugged: what you typed is kept");
    expect(await page.$eval('[name="weight"]', (i) => (i as HTMLInputElement).value)).toBe("24");
    await clickText(page, "details button", "plug it in");
    await page.waitForFunction(() => document.querySelector("output")?.textContent === "24");
    await clickText(page, "details button", "0.1 g steps");
    await page.waitForSelector('main form button[type="submit"]:not([disabled])');
    await clickText(page, 'main button[type="submit"]', "Keep the weigh-in");
    await page.waitForFunction(() => location.pathname === "/hand");
    await me.waitText("Kept. The estimates rest on it");
    const now = await listWeighIns(scope);
    expect(now.length).toBe(before + 1);
    expect(now[0]).toMatchObject({ part: "Float", pieces, weightMg: 24_000, stepMg: 1000 });
    await end();
  });
  it("asks about a weight that cannot be, keeps it only when she is sure, and it can be set aside and brought back", async () => {
    const { page, me, end } = await visit(site, "/hand/weigh");
    await page.select(
      'select[name="itemId"]',
      (await listItems(scope)).find((i) => i.item.name.startsWith("Puffin"))?.item.id ?? "",
    );
    await me.fill('[name="weight"]', "6500");
    await page.waitForSelector('main form button[type="submit"]:not([disabled])');
    await clickText(page, 'main button[type="submit"]', "Keep the weigh-in");
    await me.waitText("thousand times off");
    const before = (await listWeighIns(scope)).length;
    expect(await page.$eval('[name="weight"]', (i) => (i as HTMLInputElement).value)).toBe("6500");
    // The doubt is about what was sent: once something is changed it is asked anew.
    await me.fill('[name="pieces"]', "2");
    expect(await page.$eval('main form button[type="submit"]', (b) => b.textContent?.trim())).toBe(
      "Keep the weigh-in",
    );
    await me.fill('[name="pieces"]', "1");
    await page.waitForSelector('main form button[type="submit"]:not([disabled])');
    await clickText(page, 'main button[type="submit"]', "Keep the weigh-in");
    await me.waitText("thousand times off");
    await page.waitForSelector('main form button[type="submit"]:not([disabled])');
    await clickText(page, 'main button[type="submit"]', "Keep it as it is");
    await page.waitForFunction(() => location.pathname === "/hand");
    expect((await listWeighIns(scope)).length).toBe(before + 1);
    const odd = (await listWeighIns(scope)).find((w) => w.weightMg === 6_500_000);
    await me.settle();
    await page.click(`#m-${odd?.id ?? ""} button[type="submit"]`);
    await page.waitForFunction((id) => document.getElementById(`m-${id}`)?.dataset.aside, {}, odd?.id ?? "");
    expect((await listWeighIns(scope)).find((w) => w.id === odd?.id)?.setAside).toBe(true);
    await page.click(`#m-${odd?.id ?? ""} button[type="submit"]`);
    await page.waitForFunction((id) => !document.getElementById(`m-${id}`)?.dataset.aside, {}, odd?.id ?? "");
    await page.click(`#m-${odd?.id ?? ""} button[type="submit"]`);
    await page.waitForFunction((id) => document.getElementById(`m-${id}`)?.dataset.aside, {}, odd?.id ?? "");
    await end();
  });
});

describe("the stopwatch", () => {
  it("runs on through a reload, by thumb and by key, and waits out a server that is away: no second lost, none twice", async () => {
    const before = (await listTimings(scope)).length;
    const { page, me, end } = await visit(site, "/hand/time", { width: 390, height: 844 });
    await page.select(
      'select[name="item"]',
      (await listItems(scope)).find((i) => i.item.name.startsWith("Buoy"))?.item.id ?? "",
    );
    await page.select('select[name="stage"]', "hanger");
    const started = Date.now();
    await clickText(page, "main button", "Start");
    await new Promise((done) => setTimeout(done, 1200));
    await page.reload();
    await me.settle();
    await page.waitForFunction(() => document.querySelector('[role="timer"]')?.textContent !== "00:00");
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    // The clock is set back by hand, as if it had run a quarter of an hour, less what was cut out.
    await page.keyboard.press(" ");
    const ran = (Date.now() - started) / 1000;
    const shown = await page.$eval('[role="timer"]', (t) =>
      (t.textContent ?? "").split(":").reduce((s, x) => 60 * s + Number(x), 0),
    );
    expect(Math.abs(shown - ran)).toBeLessThanOrEqual(2);
    await page.evaluate(() => {
      const kept = JSON.parse(localStorage.getItem("lapka-stopwatch") ?? "{}") as {
        watch: { gathered: number };
      };
      kept.watch.gathered = 100_000;
      localStorage.setItem("lapka-stopwatch", JSON.stringify(kept));
    });
    await page.reload();
    await me.settle();
    await page.waitForFunction(() => document.querySelector('[role="timer"]')?.textContent === "01:40");
    await clickText(page, "main button", "Cut out 1 min");
    await page.waitForFunction(() => document.querySelector('[role="timer"]')?.textContent === "00:40");
    await me.fill('[name="pieces"]', "1");
    // The answer is lost on its way: the timing is kept here, and sent again with the same key.
    await page.evaluate(() => {
      const real = window.fetch;
      let fails = 1;
      window.fetch = (...a) =>
        String(a[0]).includes("/hand/post") && fails-- > 0
          ? real(...a).then(() => Promise.reject(new TypeError("gone")))
          : real(...a);
    });
    await clickText(page, "main button", "Keep the timing");
    await me.waitText("The server is away");
    await me.waitText("Waiting to be sent");
    await page.reload();
    await me.settle();
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await page.waitForFunction(() => !document.body.innerText.includes("Waiting to be sent"), {
      timeout: 20_000,
    });
    const now = await listTimings(scope);
    expect(now.length).toBe(before + 1);
    expect(now.find((t) => t.stage === "hanger")).toMatchObject({ seconds: 40, pieces: 1 });
    await end();
  });
  it("a lap far above its sisters is asked about, and its pause cut out", async () => {
    const { page, me, end } = await visit(site, "/hand/time");
    await page.select(
      'select[name="item"]',
      (await listItems(scope)).find((i) => i.item.name.startsWith("Buoy"))?.item.id ?? "",
    );
    await page.select('select[name="stage"]', "hanger");
    const seconds = [44, 42, 43, 125, 41];
    await page.evaluate((each) => {
      const kept = JSON.parse(localStorage.getItem("lapka-stopwatch") ?? "{}") as { watch: unknown };
      let at = 0;
      const laps = each.map((s) => (at += 1000 * s));
      kept.watch = { gathered: at, laps };
      localStorage.setItem("lapka-stopwatch", JSON.stringify(kept));
    }, seconds);
    await page.reload();
    await me.settle();
    await clickText(page, "main button", "Keep the timing");
    await me.waitText("Piece 4 took 02:05, the others about 00:43");
    await clickText(page, "main button", "Cut it out");
    await page.waitForFunction(() => /Kept: .*pause cut out/.test(document.body.innerText));
    const cut = (await listTimings(scope)).find((t) => t.stage === "hanger" && t.pieces === 5);
    expect(cut).toMatchObject({ seconds: 213, laps: [44, 42, 43, 43, 41] });
    await end();
  });
  it("typed times that cannot be are asked about", async () => {
    const { page, me, end } = await visit(site, "/hand/time");
    await page.select('select[name="stage"]', "packing");
    await clickText(page, "summary", "Or type how long");
    await me.fill('[name="typed"]', "90");
    await clickText(page, "details button", "Keep it");
    await me.waitText("did the clock run through a break");
    const before = (await listTimings(scope)).length;
    await clickText(page, "main button", "Leave it out");
    expect((await listTimings(scope)).length).toBe(before);
    await end();
  });
});

describe("a helper's hand", () => {
  it("is apart: the maker's estimates stay hers", async () => {
    const { page, me, end } = await visit(site, "/hand");
    const mine = await me.text('section[aria-labelledby="tension-title"]');
    await clickText(page, "main header button", "A helper’s hand");
    await me.fill('[role="dialog"] [name="name"]', "Wren");
    await page.select('[role="dialog"] select[name="loops"]', "under");
    await me.press('[role="dialog"] button[type="submit"]');
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    await me.waitText("Wren");
    const wren = (await listHands(scope)).find((h) => h.name === "Wren");
    expect(wren?.loops).toBe("under");
    await page.goto(`${site.url}/hand/weigh`);
    await me.settle();
    await page.select('select[name="handId"]', wren?.id ?? "");
    await page.select(
      'select[name="itemId"]',
      (await listItems(scope)).find((i) => i.item.name.startsWith("Buoy"))?.item.id ?? "",
    );
    await me.fill('[name="weight"]', "4.4");
    await page.waitForSelector('main form button[type="submit"]:not([disabled])');
    await clickText(page, 'main button[type="submit"]', "Keep the weigh-in");
    await page.waitForFunction(
      () => location.pathname === "/hand" || document.body.innerText.includes("Keep it as it is"),
    );
    if (!page.url().includes("kept")) {
      await page.waitForSelector('main form button[type="submit"]:not([disabled])');
      await clickText(page, 'main button[type="submit"]', "Keep it as it is");
      await page.waitForFunction(() => location.pathname === "/hand");
    }
    await page.goto(`${site.url}/hand`);
    await me.settle();
    expect(await me.text('section[aria-labelledby="tension-title"]')).toBe(mine);
    await page.goto(`${site.url}/hand?hand=${wren?.id ?? ""}`);
    await me.settle();
    expect(await me.text('section[aria-labelledby="all-title"]')).toContain("Buoy ornament");
    expect(await me.text('section[aria-labelledby="tension-title"]')).not.toBe(mine);
    await end();
  });
  it("an empty workshop is taught the next step", async () => {
    const id = await createWorkshop(site.db, "Empty bench");
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    await page.evaluate((w) => {
      const form = new URLSearchParams();
      form.append("id", w);
      form.append("intent", "open");
      return fetch("/workshops", { method: "POST", body: form }).then((r) => r.status);
    }, id);
    for (const [view, teaches] of [
      ["/hand", "only the trade’s averages yet"],
      ["/hand/weigh", "First an item"],
      ["/hand/time", "First an item"],
    ] as const) {
      await page.goto(site.url + view);
      await me.settle();
      expect(await me.text()).toContain(teaches);
    }
    await end();
  });
});
