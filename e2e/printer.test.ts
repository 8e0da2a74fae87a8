import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import type { Page } from "puppeteer-core";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFinds, clickText, startSite, visit, type Person, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("printer", { withPrinter: true });
});
afterAll(() => site.stop());

/** What came out whole, and what came out spoiled. */
const out = () => readdirSync(site.labels).filter((f) => f.endsWith(".png") && !f.includes("spoiled"));
const spoiled = () => readdirSync(site.labels).filter((f) => f.includes("spoiled"));
/** Waits until at least so many of a job are out: labels come faster than a page looks. */
const reached = (page: Page, n: number, of: number) =>
  page.waitForFunction(
    (least, all) => {
      const said = new RegExp(`(\\d+) of ${all} out`).exec(document.body.innerText);
      return Number(said?.[1] ?? 0) >= least;
    },
    { timeout: 30_000 },
    n,
    of,
  );
const hand = (page: Page, words: string) => clickText(page, "main button", words);

/** Sends labels from the Paper page of an item, or of a kit of it. */
async function send(
  page: Page,
  me: Person,
  { of, kit = false, n }: { of: string; kit?: boolean; n: number },
) {
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${site.url}/items`);
  await clickText(page, "main a", of);
  await page.waitForSelector(".cm-content");
  const item = page.url().split("?")[0] ?? "";
  await page.goto(kit ? `${item}/kit` : `${item}/paper?sheet=tags`);
  await me.settle();
  if (kit) {
    await page.waitForSelector("a ::-p-text(Labels)");
    await clickText(page, "main tbody a", "Labels");
  }
  await page.waitForSelector('[name="count"]');
  await me.choose('[name="paper"]', "Label roll");
  await me.fill('input[name="count"]:not([type="hidden"])', String(n));
  await clickText(page, "main button", "Print ");
  await page.waitForFunction(() => location.pathname === "/printer", { timeout: 60_000 });
  await me.waitText("To print");
}

describe("labels on the label printer", () => {
  it("jams in the middle, asks, and prints nothing twice; out of paper it waits; the server may die", async () => {
    const { page, me, end } = await visit(site, "/items", { away: true });
    await send(page, me, { of: "Puffin", n: 16 });
    await reached(page, 1, 16);
    await hand(page, "Let the next label jam");
    await me.waitText("got caught", 20_000);
    const whole = out().length;
    expect(spoiled()).toHaveLength(1);
    expect(await axeFinds(page)).toEqual([]);
    // On Today it stands that somebody has to look.
    await page.goto(`${site.url}/`);
    await me.waitText("Labels to look at");
    await clickText(page, "main a", "Labels to look at");
    // Cleared, it still waits for her word.
    await page.waitForSelector("button ::-p-text(Draw the jammed label out)");
    await hand(page, "Draw the jammed label out");
    await page.waitForSelector("button ::-p-text(Let the next label jam)");
    await new Promise((r) => setTimeout(r, 2500));
    expect(out()).toHaveLength(whole);
    await hand(page, `Print label ${whole + 1} again`);
    await reached(page, whole + 1, 16);
    // The roll ends, and the server dies while it waits.
    await hand(page, "Take the roll out");
    await me.waitText("The roll is used up");
    const back = await site.away();
    await back();
    await page.goto(`${site.url}/printer`);
    await page.waitForSelector("button ::-p-text(Lay in a roll of 50)");
    await hand(page, "Lay in a roll of 50");
    await reached(page, 16, 16);
    // Sixteen whole ones and the one that was caught: each id once.
    expect(out()).toHaveLength(16);
    expect(spoiled()).toHaveLength(1);
    const [first = ""] = out();
    const label = sharp(readFileSync(path.join(site.labels, first)));
    expect(await label.metadata()).toMatchObject({ format: "png", width: 624, height: 1056 });
    // It is drawn: no blank, and no black sheet.
    const { channels } = await label.stats();
    expect(channels[0]?.mean).toBeGreaterThan(200);
    expect(channels[0]?.mean).toBeLessThan(254);
    await end();
  });

  it("stops, goes on when a caught label was whole, and prints a kit's bag labels once more", async () => {
    const { page, me, end } = await visit(site, "/items");
    const phone = () => page.setViewport({ width: 390, height: 844 });
    const before = out().length;
    await send(page, me, { of: "Rowing boat", kit: true, n: 1 });
    await phone();
    await me.waitText("1 of 1 out", 20_000);
    await hand(page, "All 1 once more");
    await page.waitForFunction(() => document.body.innerText.split("1 of 1 out").length === 3, {
      timeout: 20_000,
    });
    expect(out()).toHaveLength(before + 2);
    await hand(page, "Let the next label jam");
    await send(page, me, { of: "Puffin", n: 2 });
    await phone();
    await me.waitText("Label 1 got caught", 20_000);
    await hand(page, "It came out whole");
    await me.waitText("1 of 2 out");
    // Nothing comes out of a jammed printer; what is stopped there never does.
    await hand(page, "Stop");
    await me.waitText("Nothing waits");
    await hand(page, "Draw the jammed label out");
    await page.waitForSelector("button ::-p-text(Let the next label jam)");
    await new Promise((r) => setTimeout(r, 2000));
    expect(out()).toHaveLength(before + 2);
    // Switched off it is said to be, and it comes back.
    await hand(page, "Switch it off");
    await me.waitText("does not answer");
    await hand(page, "Switch it on");
    await page.waitForSelector("button ::-p-text(Switch it off)");
    expect(await axeFinds(page)).toEqual([]);
    await end();
  });
});
