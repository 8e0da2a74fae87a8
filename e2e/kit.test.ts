import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFinds, clickText, startSite, visit, type Person, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("kit");
});
afterAll(() => site.stop());

async function kitPage(page: Page, me: Person): Promise<string> {
  await clickText(page, "main a", "Puffin");
  await page.waitForSelector(".cm-content");
  const at = `${page.url().split("?")[0]}/kit`;
  await page.goto(at);
  await me.settle();
  return at;
}
/** What a material's page says is there. */
const cell = (page: Page, row: string, column: number) =>
  page.$$eval(
    "main tbody tr",
    (rows, [name, n]) =>
      (
        rows.find((r) => (r as HTMLElement).innerText.includes(String(name)))?.querySelectorAll("td, th")[
          Number(n)
        ] as HTMLElement | undefined
      )?.innerText ?? "",
    [row, column] as const,
  );

describe("a run of kits, from the offer to the shelf", () => {
  it("is wound, counted, packed and weighed, and takes from the stock what lies in the bags", async () => {
    const { page, me, end } = await visit(site, "/items", { refused: true });
    const kit = await kitPage(page, me);
    // A name that is there already is told beside its field, and what was typed stays.
    await me.fill('main [name="name"]', "winter plumage");
    await clickText(page, "main button", "Sell it as a kit");
    await me.waitText("There is one of this name already");
    await me.fill('main [name="name"]', "kit");
    await clickText(page, "main button", "Sell it as a kit");
    await page.waitForSelector("a ::-p-text(Plan a run)");
    expect(await axeFinds(page)).toEqual([]);
    await clickText(page, "main a", "Plan a run");
    await me.settle();
    await me.fill('main [name="name"]', "Kits for advent");
    await me.date('[name="dueOn"]', "2026-12-20");
    for (const input of await page.$$('main tbody input[inputmode="numeric"]')) {
      if ((await input.evaluate((x) => (x as HTMLInputElement).value)) !== "10") continue;
      await input.click({ count: 3 });
      await page.keyboard.type("3");
    }
    await me.press('main form button[type="submit"]');
    await me.waitText("What it takes, against your stock");
    const run = page.url();
    // Two eyes and a spare pair in each; a kit cannot fail at the hook.
    expect(await cell(page, "Black eyes, 6 mm", 1)).toBe("12");
    expect(await cell(page, "Puffin keychain, kit", 1)).toBe("3");
    expect(await cell(page, "DK cotton, chalk white", 1)).toMatch(/^[\d.]+\sg$/);
    await page.goto(`${run}/hands`);
    await me.settle();
    expect(await me.text()).toContain("Winding, counting, packing");
    expect(await me.text()).not.toContain("Beak");
    await page.goto(`${run}/order`);
    await me.waitText("Puffin keychain, kit: 7 small things");

    await page.goto(`${run}/cutting`);
    await me.waitText("Keep this plan");
    await clickText(page, "main button", "Keep this plan");
    await me.waitText("Give the balls back");

    await page.goto(`${site.url}/bench`);
    const line = await page.$$eval(
      "main a",
      (as) =>
        as
          .find((a) => a.getAttribute("aria-label")?.includes("Puffin keychain, kit, Kits for advent"))
          ?.getAttribute("href") ?? "",
    );
    await page.goto(site.url + line);
    await me.waitText("piece 1 of 3");
    const steps: string[] = [];
    for (let i = 0; i < 60; i++) {
      const head = await page.$eval("main h1", (h) => h.textContent ?? "");
      if (head.startsWith("All 3")) break;
      steps.push(head);
      await page.keyboard.press("Space");
    }
    await me.waitText("All 3 are done");
    await page.waitForFunction(
      () => document.querySelector('header [role="status"]')?.textContent === "kept",
    );
    expect(steps.filter((x) => x === "Wind")).toHaveLength(9);
    expect(steps.filter((x) => x === "Pack and weigh")).toHaveLength(3);

    await page.goto(`${run}/inspect`);
    await me.settle();
    await me.waitText("7 things besides the yarn, counted against the list");
    expect(await me.text()).not.toContain("Pull at eyes");
    await clickText(page, "main button", "All 3 are good");
    await clickText(page, "main button", "the run is finished");
    await me.waitText("Material used");
    await page.goto(kit);
    await me.settle();
    expect(await cell(page, "/h of packing", 3)).toBe("3");
    // From a ball of wool to the bags that hold it, when the run is long over.
    await page.goto(`${site.url}/sell/lots?lot=118`);
    await me.waitText("Piece by piece");
    expect((await cell(page, "chalk white, lot 118", 1)).replaceAll("\u00a0", " ")).toBe("1–3 of 3");
    await page.goto(`${site.url}/sell`);
    await me.waitText("Puffin keychain, kit");
    await page.goto(`${site.url}/sell/prices`);
    await me.waitText("Puffin keychain, kit");
    // What a piece costs on the shop's shelf is said of the piece, and not of its kit.
    const shelf = await page.$$eval("main tbody tr", (rows) =>
      [
        ...(rows
          .find((r) => (r as HTMLElement).innerText.includes("Puffin keychain, kit"))
          ?.querySelectorAll("input") ?? []),
      ].map((i) => i.value),
    );
    expect(shelf.every((v) => v === "")).toBe(true);
    await end();
  });

  it("is taken from what she sells and comes back; its colourways page shows pieces only", async () => {
    const { page, me, end } = await visit(site, "/items");
    const kit = await kitPage(page, me);
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
    await page.setViewport({ width: 1280, height: 800 });
    await page.click('[aria-label="Sell kit no longer"]');
    await page.waitForFunction(() => !document.body.innerText.includes("/h of packing"));
    await clickText(page, "button", "Undo");
    await me.settle();
    await page.goto(kit);
    await me.waitText("/h of packing");
    await page.goto(kit.replace(/kit$/, "colourways"));
    await me.waitText("winter plumage");
    expect(await page.$$eval("main h2", (hs) => hs.map((h) => h.textContent))).not.toContain("kit");
    await end();
  });
});

it("a winding on the scale puts the turns right, says so when it is none, and is taken back", async () => {
  const { page, me, end } = await visit(site, "/items", { refused: true });
  await kitPage(page, me);
  const turns = async () =>
    Number(/(\d+) turns/.exec(await me.text('[aria-label="Winding list"] tbody tr:first-child'))?.[1]);
  const before = await turns();
  await me.fill('[name="turns"]', "20");
  await me.fill('[name="mg"]', "50");
  await clickText(page, "main button", "Keep the weight");
  await me.waitText("20 turns should weigh about");
  expect(await page.$eval('[name="mg"]', (el) => (el as HTMLInputElement).value)).toBe("50");
  // Half as much again on each turn.
  const should = Number(/should weigh about ([\d.]+)/.exec(await me.text())?.[1]);
  await me.fill('[name="turns"]', "20");
  await me.fill('[name="mg"]', (should * 1.5).toFixed(1));
  await clickText(page, "main button", "Keep the weight");
  await page.waitForSelector('[aria-label^="Take back: 20 turns"]');
  expect(await turns()).toBeLessThan(before);
  expect(await axeFinds(page)).toEqual([]);
  await me.press('[aria-label^="Take back: 20 turns"]');
  await page.waitForFunction(() => !document.querySelector('[aria-label^="Take back: 20 turns"]'));
  expect(await turns()).toBe(before);
  await end();
});
