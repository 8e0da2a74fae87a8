import { milligrams } from "../core/units";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { ElementHandle, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { listColourways } from "../db/queries/colourways";
import { listHands, listTimings, listWeighIns, saveWeighIn } from "../db/queries/hands";
import { findItem, listItems } from "../db/queries/items";
import { listSwatches, listYarns } from "../db/queries/materials";
import { findRun, listRuns } from "../db/queries/runs";
import { createWorkshop, listWorkshops } from "../db/queries/workshops";
import type { Scope } from "../db/scope";
import { clickText, openPage, Person, startSite, visit, type Site } from "./harness";

let site: Site;
let scope: Scope;
const folder = mkdtempSync(path.join(tmpdir(), "lapka-files-"));
beforeAll(async () => {
  site = await startSite("measure");
  const [workshop] = await listWorkshops(site.db);
  scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
});
afterAll(() => site.stop());

const itemId = async (name: string) =>
  (await listItems(scope)).find((i) => i.item.name.startsWith(name))?.item.id ?? "";
const keep = async (page: Page, label: string) => {
  await page.waitForSelector('main form button[type="submit"]:not([disabled])');
  await clickText(page, 'main button[type="submit"]', label);
};
const chooseFile = async (page: Page, selector: string, name: string, bytes: string | Uint8Array) => {
  const file = path.join(folder, name);
  writeFileSync(file, bytes);
  const input = (await page.$(selector)) as ElementHandle<HTMLInputElement> | null;
  await input?.uploadFile(file);
};
/** A picture as large as a camera's small ones, made by the page's own canvas. */
const picture = (page: Page) =>
  page.evaluate(() => {
    const c = document.createElement("canvas");
    c.width = 1600;
    c.height = 900;
    const g = c.getContext("2d");
    if (g) {
      g.fillStyle = "#3d4c57";
      g.fillRect(0, 0, 1600, 900);
    }
    return c.toDataURL("image/png").slice("data:image/png;base64,".length);
  });

describe("a swatch", () => {
  it("in centimetres where millimetres are meant is asked about; with its hand, loops and photo it is kept", async () => {
    const coral = (await listYarns(scope)).find((y) => y.shade === "crab coral");
    const { page, me, end } = await visit(site, `/materials/${coral?.id ?? ""}`);
    await clickText(page, 'section[aria-labelledby="swatches-title"] button', "Swatch");
    await me.fill('[name="hookUm"]', "3");
    await me.fill('[name="sampleStitches"]', "20");
    await me.fill('[name="sampleMm"]', "5.6");
    await chooseFile(
      page,
      '[role="dialog"] input[type="file"]',
      "swatch.png",
      Buffer.from(await picture(page), "base64"),
    );
    await page.waitForSelector('[role="dialog"] img');
    await me.press('[role="dialog"] button[type="submit"]');
    await me.waitText("times off");
    expect((await listSwatches(scope)).filter((s) => s.yarnId === coral?.id)).toEqual([]);
    // What was typed is still there, and once it is changed it is asked anew.
    expect(await page.$eval('[name="sampleStitches"]', (i) => (i as HTMLInputElement).value)).toBe("20");
    await me.fill('[name="sampleMm"]', "58");
    expect(await me.text('[role="dialog"]')).not.toContain("times off");
    await me.press('[role="dialog"] button[type="submit"]');
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    const [swatch] = (await listSwatches(scope)).filter((s) => s.yarnId === coral?.id);
    expect(swatch).toMatchObject({ sampleMm: 580, loops: "over", handId: (await listHands(scope))[0]?.id });
    // The photo is a small JPEG now, and only this workshop's.
    const photo = await page.evaluate(async (id) => {
      const r = await fetch(`/hand/swatches/${id}.jpg`);
      const bytes = new Uint8Array(await r.arrayBuffer());
      const bitmap = await createImageBitmap(new Blob([bytes], { type: "image/jpeg" }));
      return {
        status: r.status,
        type: r.headers.get("content-type"),
        head: [...bytes.slice(0, 3)],
        width: bitmap.width,
        height: bitmap.height,
      };
    }, swatch?.id ?? "");
    expect(photo).toEqual({
      status: 200,
      type: "image/jpeg",
      head: [0xff, 0xd8, 0xff],
      width: 1000,
      height: 563,
    });
    await end();
    const stranger = await openPage(site);
    const other = await createWorkshop(site.db, "Next stall");
    await stranger.page.goto(`${site.url}/settings`);
    await new Person(stranger.page, "mouse").settle();
    const seen = await stranger.page.evaluate(
      async (w, id) => {
        const form = new URLSearchParams();
        form.append("id", w);
        form.append("intent", "open");
        await fetch("/workshops", { method: "POST", body: form });
        // A missing picture would be an error in the console: its head is asked for, and the console is not
        // read here.
        return (await fetch(`/hand/swatches/${id}.jpg`)).status;
      },
      other,
      swatch?.id ?? "",
    );
    expect(seen).toBe(404);
    await stranger.page.browserContext().close();
  });
  it("refuses what is no picture", async () => {
    const coral = (await listYarns(scope)).find((y) => y.shade === "crab coral");
    const { page } = await visit(site, `/materials/${coral?.id ?? ""}`);
    const before = (await listSwatches(scope)).length;
    const reply = await page.evaluate(async (yarnId) => {
      const form = new URLSearchParams();
      for (const [k, v] of Object.entries({
        intent: "swatch",
        yarnId,
        madeOn: "2026-11-01",
        hookUm: "3",
        sampleStitches: "20",
        sampleMm: "580 mm",
        photo: `data:image/jpeg;base64,${btoa("<script>")}`,
      }))
        form.append(k, v);
      const answer = await fetch("/materials.data", { method: "POST", body: form });
      return answer.text();
    }, coral?.id ?? "");
    expect(reply).toContain("could not be read");
    expect((await listSwatches(scope)).length).toBe(before);
    // The refusal itself stands in the console: it is not read here.
    await page.browserContext().close();
  });
});

describe("weighing by difference", () => {
  it("takes the ball before and after, of a colourway, with the rounding of both readings", async () => {
    const buoy = await itemId("Buoy");
    const colourway = (await listColourways(scope)).find((c) => c.itemId === buoy);
    const { page, me, end } = await visit(
      site,
      `/hand/weigh?item=${buoy}&part=Float&colourway=${colourway?.id ?? ""}`,
    );
    expect(
      await page.$eval(
        'select[name="colourwayId"]',
        (s) => (s as HTMLSelectElement).selectedOptions[0]?.text,
      ),
    ).toBe("oilskin");
    expect(await page.$eval('select[name="part"]', (s) => (s as HTMLSelectElement).value)).toBe("Float");
    const known = (await listWeighIns(scope)).find((w) => w.part === "Float");
    const each = (known?.weightMg ?? 0) / (known?.pieces ?? 1) / 1000;
    await page.select('select[name="how"]', "difference");
    await page.waitForSelector('[name="before"]');
    await me.fill('[name="pieces"]', "4");
    await me.fill('[name="before"]', "30");
    await me.fill('[name="after"]', "31");
    await keep(page, "Keep the weigh-in");
    await me.waitText("It must weigh less than before");
    await me.fill('[name="after"]', (30 - 4 * each).toFixed(1));
    await keep(page, "Keep the weigh-in");
    await page.waitForFunction(() => location.pathname === "/hand");
    const kept = (await listWeighIns(scope)).find((w) => w.beforeMg === 30_000);
    expect(kept).toMatchObject({
      colourwayId: colourway?.id,
      pieces: 4,
      part: "Float",
      weightMg: 30_000 - (kept?.afterMg ?? 0),
    });
    // The yarn it tells of is the colourway's own.
    expect((await listYarns(scope)).find((y) => y.id === kept?.yarnId)?.shade).toBe("oilskin yellow");
    await me.waitText("ball before and after");
    await end();
  });
});

describe("timings as a file", () => {
  it("go out as CSV and come in again, with what is wrong named by line; a file can be taken back", async () => {
    const before = (await listTimings(scope)).length;
    const { page, me, end } = await visit(site, "/hand/bring");
    const out = await page.evaluate(async () => (await fetch("/hand/timings.csv")).text());
    expect(out.split("\r\n")[0]).toContain("day,item,part,stage,pieces,seconds");
    await chooseFile(page, 'input[type="file"]', "mine.csv", out);
    await me.waitText(`${before} rows`);
    expect(await me.text()).not.toContain("cannot");
    // A notebook's own: other marks, decimal commas, days the other way round, and some slips.
    const notebook = [
      "Date;Item;Part;Stage;Pieces;Minutes",
      "3.11.2026;puffin keychain;;sewing;2;31,5",
      "4.11.2026;Buoy ornament;Float;crochet;1;18",
      "5.11.2026;Teapot;;crochet;1;20",
      "31.11.2026;Buoy ornament;;ends;1;6",
      "6.11.2026;Buoy ornament;;juggling;1;6",
      "7.11.2026;Buoy ornament;;ends;0;6",
    ].join("\r\n");
    await chooseFile(page, 'input[type="file"]', "notebook.csv", notebook);
    await me.waitText("4 cannot");
    const text = await me.text();
    for (const why of [
      "No item has this name",
      "This is no day",
      "This stage is not known",
      "A whole number from 1",
    ])
      expect(text).toContain(why);
    expect((await listTimings(scope)).length).toBe(before);
    await page.click('input[name="onlyGood"]');
    await clickText(page, "main form button", "Bring in 2 rows");
    await me.waitText("Brought in so far");
    const now = await listTimings(scope);
    expect(now.length).toBe(before + 2);
    expect(now.find((t) => t.stage === "sewing" && t.madeOn === "2026-11-03")).toMatchObject({
      pieces: 2,
      seconds: 1890,
    });
    await clickText(page, "main button", "Take all back");
    await page.waitForFunction(() =>
      [...document.querySelectorAll("td")].some((td) => td.textContent === "taken back"),
    );
    expect((await listTimings(scope)).length).toBe(before);
    await end();
  });
});

describe("what to measure next", () => {
  it("follows what is to become surer, and leads to the very part", async () => {
    const { page, me, end } = await visit(site, "/hand");
    const list = () => me.text('section[aria-labelledby="next-title"]');
    expect(await list()).toMatch(/Time one|Weigh a/);
    await clickText(page, 'section[aria-labelledby="next-title"] a', "finish day");
    await page.waitForFunction(() => location.search.includes("aim=time"));
    await me.settle();
    expect(await list()).toContain("Time one");
    expect(await list()).not.toContain("Weigh a");
    await clickText(page, 'section[aria-labelledby="next-title"] a', "yarn");
    await page.waitForFunction(() => location.search.includes("aim=yarn"));
    await me.settle();
    const gains = await page.$$eval('section[aria-labelledby="next-title"] li button', (all) =>
      all.map((b) => Number.parseFloat(b.textContent ?? "")),
    );
    expect(gains.length).toBeGreaterThan(0);
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
    await clickText(page, 'section[aria-labelledby="next-title"] li a', "Weigh a");
    await page.waitForFunction(() => location.pathname === "/hand/weigh");
    await me.settle();
    const wanted = new URL(page.url()).searchParams;
    expect(await page.$eval('select[name="itemId"]', (s) => (s as HTMLSelectElement).value)).toBe(
      wanted.get("item"),
    );
    expect(await page.$eval('select[name="part"]', (s) => (s as HTMLSelectElement).value)).toBe(
      wanted.get("part"),
    );
    await end();
  });
});

/** A hand whose figures changed is learned anew and all items with it: seconds, on a machine that does other work. */
const LEARNED_ANEW = 60_000;

describe("a run planned before", () => {
  it("says what it would be now, can be planned anew, and back", async () => {
    const run = (await listRuns(scope)).find((r) => r.run.name === "Second winter market");
    const id = run?.run.id ?? "";
    const puffin = await findItem(scope, await itemId("Puffin"));
    const line = run?.lines.find((l) => l.itemId === puffin?.item.id);
    const { page, me, end } = await visit(site, `/runs/${id}`);
    expect(await me.text()).not.toContain("With what you know now");
    // Three weigh-ins of a far tighter hand.
    const like = (await listWeighIns(scope)).find((w) => w.itemId === puffin?.item.id && w.kind === "yarn");
    if (!like) throw new Error("the demo has no weigh-in of a puffin");
    for (const n of [1, 2, 3]) {
      const { id: _id, workshopId: _w, createdAt: _c, deletedAt: _d, setAside: _s, ...same } = like;
      await saveWeighIn(scope, {
        ...same,
        weightMg: milligrams(Math.round(like.weightMg * 0.4)),
        idempotencyKey: `tighter-${n}`,
      });
    }
    for (const t of await listTimings(scope))
      if (t.stage === "crochet")
        await site.db.execute(`update timing set seconds = seconds * 2 where id = '${t.id}'`);
    await page.reload();
    await me.settle();
    await me.waitText("With what you know now it would be different", LEARNED_ANEW);
    expect(await me.text('main div[role="status"]')).toContain("Puffin keychain");
    await clickText(page, "main button", "Plan it anew");
    await me.waitText("Planned anew with what is known now", LEARNED_ANEW);
    const now = (await findRun(scope, id))?.lines.find((l) => l.id === line?.id)?.plannedWith;
    expect(now?.seconds).toBeGreaterThan(1.2 * (line?.plannedWith.seconds ?? 0));
    expect(now?.costLow).toBeLessThan(now?.cost ?? 0);
    expect(now?.costHigh).toBeGreaterThan(now?.cost ?? 0);
    expect(await me.text()).not.toContain("With what you know now it would be different");
    await clickText(page, "main button", "Back to the earlier plan");
    await me.waitText("With what you know now it would be different", LEARNED_ANEW);
    expect((await findRun(scope, id))?.lines.find((l) => l.id === line?.id)?.plannedWith.seconds).toBe(
      line?.plannedWith.seconds,
    );
    await end();
  });
});

describe("the Hand view", () => {
  it("any point opens its measurement, and the measurement its arithmetic", async () => {
    const { page, me, end } = await visit(site, "/hand");
    await page.waitForSelector('svg[aria-label="Expected against measured"] a');
    const target = await page.$eval(
      'svg[aria-label="Expected against measured"] a',
      (a) => a.getAttribute("href") ?? "",
    );
    expect(target).toMatch(/^#m-/);
    await page.$eval('svg[aria-label="Expected against measured"] a', (a) =>
      a.dispatchEvent(new MouseEvent("click", { bubbles: true, cancelable: true })),
    );
    await page.waitForFunction((t) => document.querySelector("tr:target")?.id === t.slice(1), {}, target);
    expect(await page.$eval("tr:target", (tr) => tr.getBoundingClientRect().top < innerHeight)).toBe(true);
    await page.click("tr:target button.figure");
    await page.waitForSelector('[role="dialog"]');
    expect(await me.text('[role="dialog"]')).toContain("that the trade would expect");
    await end();
  });
  it("says whether the hand drifts, and what a batch saves", async () => {
    const { me, end } = await visit(site, "/hand");
    const told = await me.text('section[aria-labelledby="told-title"]');
    expect(told).toContain("Over the months");
    expect(told).toMatch(/a month|each month/);
    expect(await me.text('section[aria-labelledby="pace-title"]')).toMatch(/Each doubling takes \d+ % less/);
    await end();
  });
  it("a hand that takes the yarn up the other way starts from the trade again, and comes back", async () => {
    const { page, me, end } = await visit(site, "/hand");
    const before = await me.text('section[aria-labelledby="tension-title"]');
    const loops = async (value: string) => {
      await page.click('main button[aria-label^="Change"]');
      await page.waitForSelector('[role="dialog"] select[name="loops"]');
      await page.select('[role="dialog"] select[name="loops"]', value);
      await me.press('[role="dialog"] button[type="submit"]');
      await page.waitForSelector('[role="dialog"]', { hidden: true });
      await me.settle();
    };
    await loops("under");
    await page.waitForFunction(
      (t) =>
        (
          document.querySelector('section[aria-labelledby="tension-title"]') as HTMLElement | null
        )?.innerText.replace(/\u00a0/g, " ") !== t,
      {},
      before,
    );
    expect(await me.text()).toContain("kept apart");
    await loops("over");
    await page.waitForFunction(
      (t) =>
        (
          document.querySelector('section[aria-labelledby="tension-title"]') as HTMLElement | null
        )?.innerText.replace(/\u00a0/g, " ") === t,
      {},
      before,
    );
    await end();
  });
});
