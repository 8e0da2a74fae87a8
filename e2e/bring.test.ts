import JSZip from "jszip";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { checkPattern } from "../core/notation";
import { docx, paragraph } from "../tests/docx";
import { mutated } from "../tests/hostile/bytes";
import { drawFrom } from "../tests/hostile/texts";
import { axeFinds, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let folder: string;
beforeAll(async () => {
  site = await startSite("bring");
  folder = mkdtempSync(path.join(tmpdir(), "lapka-bring-"));
});
afterAll(async () => {
  await site.stop();
  rmSync(folder, { recursive: true, force: true });
});

const BODY = `Body in slate
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc in each st (18)
Rnd 7: (sc, dec) x 6 (12)
Stuff lightly.
Rnd 8: dec x 6 (6)
Fasten off and close the hole.`;
const FLIPPER = `Flipper, make 2 in white
Rnd 1: 5 sc in magic ring (5)
Rnd 2: inc x 5 (10)
Rnd 3: sc in each st (10)
Fasten off, leave a tail.`;

const escaped = (s: string) => s.replace(/&/g, "&amp;").replace(/</g, "&lt;");
const leaflet = (foot: string) => `<style>body{font:15px/1.5 sans-serif;margin:0}h1{font-size:22px}
  .cols{columns:2;column-gap:40px}.cols div{break-inside:avoid;margin-bottom:14px}p{margin:0;white-space:pre}</style>
  <h1>Harbour seal</h1><div class="cols"><div>${lines(BODY)}</div><div>${lines(FLIPPER)}</div></div><p>${foot}</p>`;
const lines = (text: string) =>
  text
    .split("\n")
    .map((l) => `<p>${escaped(l)}</p>`)
    .join("");

/** A file as a person would have it, made by a page of the browser. */
async function made(name: string, html: string, how: "pdf" | "photo"): Promise<string> {
  const page = await site.browser.newPage();
  await page.setViewport({ width: 1000, height: 700, deviceScaleFactor: 2 });
  await page.setContent(`<body style="padding:40px;background:#fff">${html}</body>`);
  const file = path.join(folder, name);
  if (how === "pdf")
    writeFileSync(file, await page.pdf({ format: "A4", margin: { top: 40, left: 40, right: 40 } }));
  else writeFileSync(file, await page.screenshot({ type: "png" }));
  await page.close();
  return file;
}

async function newItem(spoilt = false): Promise<{ page: Page; me: Person; end: () => Promise<void> }> {
  const { page, end } = await openPage(site, { spoilt });
  const me = new Person(page, "mouse");
  await page.goto(`${site.url}/items/new`);
  await me.settle();
  return { page, me, end };
}
async function choose(page: Page, ...files: string[]): Promise<void> {
  const input = await page.waitForSelector("input[type=file]");
  await (
    input as NonNullable<Awaited<ReturnType<typeof page.$>>> as never as {
      uploadFile: (...f: string[]) => Promise<void>;
    }
  ).uploadFile(...files);
}
const readText = async (page: Page): Promise<string> => {
  await page.waitForSelector('[role="dialog"] .cm-content', { timeout: 60_000 });
  return page.$$eval('[role="dialog"] .cm-line', (all) => all.map((l) => l.textContent).join("\n"));
};
const pressText = async (page: Page, text: string): Promise<void> => {
  const all = await page.$$('[role="dialog"] button, main button');
  for (const b of all) if ((await b.evaluate((el) => el.textContent ?? "")).includes(text)) return b.click();
  throw new Error(`no button "${text}"`);
};
const area = (page: Page) =>
  page.$eval('textarea[name="pattern"]', (el) => (el as HTMLTextAreaElement).value);

describe("a pattern from a file", () => {
  it("a PDF in two columns is read beside its page, and becomes an item", async () => {
    const { page, me, end } = await newItem();
    await choose(page, await made("harbour_seal.pdf", leaflet("Sew the flippers to the body."), "pdf"));
    const text = await readText(page);
    expect(text).toContain(BODY);
    expect(text).toContain(FLIPPER);
    expect(text.indexOf(BODY)).toBeLessThan(text.indexOf(FLIPPER));
    expect(await page.$$eval('[role="dialog"] img', (all) => all.length)).toBe(1);
    await pressText(page, "Use this text");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    expect(await area(page)).toBe(text);
    expect(await page.$eval('[name="name"]', (el) => (el as HTMLInputElement).value)).toBe("Harbour seal");
    await me.press('main form button[type="submit"]');
    await me.waitText("every round adds up");
    await end();
  });

  it("an item handed on as ZIP becomes an item here: pattern, yarns, hooks and notions of the same names", async () => {
    const { page, me, end } = await newItem();
    await page.goto(`${site.url}/items`);
    const puffin = await page.$$eval(
      'main a[href^="/items/"]',
      (as) => as.find((a) => a.textContent?.includes("Puffin keychain"))?.getAttribute("href") ?? "",
    );
    const handedOn = async (item: string) => {
      const bytes = Buffer.from(await (await fetch(`${site.url}${item}/all.zip`)).arrayBuffer());
      const json = await (await JSZip.loadAsync(bytes)).file("item.json")?.async("string");
      return { bytes, item: JSON.parse(json ?? "{}") as Record<string, unknown> };
    };
    // A kit of its own goes along.
    await page.goto(`${site.url}${puffin}/kit`);
    await me.settle();
    await page.click('[name="startedRing"]');
    await me.press('form:has([name="winder"]) button[type="submit"]');
    const from = await handedOn(puffin);
    expect(from.item.kit).toMatchObject({ startedRing: true, chanceShort: 0.01 });
    const file = path.join(folder, "puffin.zip");
    writeFileSync(file, from.bytes);
    await page.goto(`${site.url}/items/new`);
    await me.settle();
    await choose(page, file);
    expect(await readText(page)).toContain("Rnd 1");
    const said = await page.$eval('[role="dialog"]', (el) => (el as HTMLElement).innerText);
    expect(said).toContain("with its yarns, hooks and notions");
    await pressText(page, "Use this text");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    expect(await page.$eval('[name="name"]', (el) => (el as HTMLInputElement).value)).toBe("Puffin keychain");
    await me.press('main form button[type="submit"]');
    await page.waitForFunction(() => /\/items\/[0-9a-f-]{36}$/.test(location.pathname));
    const here = await handedOn(new URL(page.url()).pathname);
    for (const what of [
      "name",
      "kind",
      "pattern",
      "parts",
      "yarns",
      "notions",
      "fillingGrams",
      "orderOfWork",
      "kit",
    ])
      expect(here.item[what], what).toEqual(from.item[what]);
    await end();
  }, 120_000);

  it("a photo is recognised here, its doubtful words are gone through and put right", async () => {
    const { page, end } = await newItem();
    await choose(page, await made("IMG_1.png", leaflet("Sew the flippers on."), "photo"));
    const text = await readText(page);
    const counted = checkPattern(text);
    expect(counted.parts.flatMap((p) => p.rounds.map((r) => r.made))).toEqual(
      checkPattern(`${BODY}\n\n${FLIPPER}`).parts.flatMap((p) => p.rounds.map((r) => r.made)),
    );
    // Typing over what was read, as one does with a word that is wrong.
    await page.click('[role="dialog"] .cm-content');
    await page.keyboard.down("Control");
    await page.keyboard.press("Home");
    await page.keyboard.up("Control");
    await page.keyboard.type("From a photo\n");
    await pressText(page, "Use this text");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    expect(await area(page)).toMatch(/^From a photo\n/);
    await end();
  }, 120_000);

  it("words that the recogniser doubts are marked, and F8 goes to the next one with its picture", async () => {
    const { page, end } = await newItem();
    const smudged = `<div style="font:26px serif;filter:blur(2.2px)">${lines(BODY)}</div>`;
    await choose(page, await made("scan.png", smudged, "photo"));
    await readText(page);
    const marked = await page.$$eval('[role="dialog"] .cm-unsure', (all) => all.length);
    expect(marked).toBeGreaterThan(0);
    await page.focus('[role="dialog"] .cm-content');
    await page.keyboard.press("F8");
    const word = await page.evaluate(() => getSelection()?.toString() ?? "");
    expect(word.length).toBeGreaterThan(0);
    await page.keyboard.type("six");
    await page.waitForFunction(
      (n) => document.querySelectorAll('[role="dialog"] .cm-unsure').length < n,
      {},
      marked,
    );
    await end();
  }, 120_000);

  it("a Word file and plain text come with their lines", async () => {
    const { page, end } = await newItem();
    await choose(page, await wordFile());
    expect(await readText(page)).toBe(FLIPPER);
    await pressText(page, "Use this text");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    const text = path.join(folder, "body.md");
    writeFileSync(text, `# Seal\n\n${BODY.replace("Body in slate", "## Body in slate\n")}`);
    await choose(page, text);
    await page.waitForFunction(() =>
      document.querySelector('[role="dialog"]')?.textContent?.includes("body.md"),
    );
    await readText(page);
    await pressText(page, "Put it below");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    expect(await area(page)).toBe(`${FLIPPER}\n\nSeal\n\n${BODY.replace("slate", "slate\n")}`);
    await end();
  });

  it("a recognition can be stopped, a pasted picture is taken, and the dialog holds on a telephone", async () => {
    const { page, me, end } = await newItem();
    await page.setViewport({ width: 390, height: 844 });
    const file = await made(
      "paste.png",
      `<div style="font:24px sans-serif">${lines(FLIPPER)}</div>`,
      "photo",
    );
    await choose(page, file);
    await me.waitText("Getting the recogniser ready");
    await pressText(page, "Cancel");
    await me.waitText("Drop it here");
    const data = readFileSync(file).toString("base64");
    await page.evaluate((b64) => {
      const bytes = Uint8Array.from(atob(b64), (c) => c.charCodeAt(0));
      const clipboardData = new DataTransfer();
      clipboardData.items.add(new File([bytes], "image.png", { type: "image/png" }));
      document.dispatchEvent(new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
    }, data);
    expect(await readText(page)).toContain("Rnd 3: sc in each st (10)");
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(await axeFinds(page)).toEqual([]);
    await page.select('[role="dialog"] select', "across");
    expect(await readText(page)).toContain("Rnd 2: inc x 5 (10)");
    await page.keyboard.press("Escape");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    await pressText(page, "Look again at image.png");
    expect(await readText(page)).toContain("Rnd 1: 5 sc");
    await end();
  }, 120_000);

  it("what cannot be read says why, and pages that are pictures can be recognised", async () => {
    const { page, me, end } = await newItem();
    await me.fill('textarea[name="pattern"]', "typed before");
    await choose(page, path.resolve("e2e/fixtures/locked.pdf"));
    await me.waitText("locked with a password");
    const broken = path.join(folder, "broken.pdf");
    writeFileSync(broken, "%PDF-1.7\nnothing that follows");
    await choose(page, broken);
    await me.waitText("damaged");
    const zip = path.join(folder, "all.zip");
    writeFileSync(zip, await new JSZip().file("a.txt", "6 sc").generateAsync({ type: "uint8array" }));
    await choose(page, zip);
    await me.waitText("unpack it");
    const photo = readFileSync(
      await made("page.png", `<div style="font:22px sans-serif">${lines(FLIPPER)}</div>`, "photo"),
    );
    const scan = await made(
      "scan.pdf",
      `<img style="width:100%" src="data:image/png;base64,${photo.toString("base64")}">`,
      "pdf",
    );
    await choose(page, scan);
    await me.waitText("The pages of this PDF are pictures");
    await pressText(page, "Recognise its pages");
    expect(await readText(page)).toContain("Rnd 2: inc x 5 (10)");
    await pressText(page, "Not now");
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    expect(await area(page)).toBe("typed before");
    await end();
  }, 120_000);

  it("PDFs that were spoilt on the way are read or refused in words, and the page lives on", async () => {
    const whole = new Uint8Array(readFileSync(await made("whole.pdf", leaflet("End."), "pdf")));
    const draw = drawFrom(47);
    const { page, me, end } = await newItem(true);
    const seen = { read: 0, refused: 0 };
    for (let i = 0; i < SPOILT; i++) {
      const file = path.join(folder, `spoilt-${i}.pdf`);
      // From a few bytes to most of the file: a reader of PDFs puts up with much.
      let bytes: Uint8Array = whole;
      for (let n = 3 ** (i % 6); n > 0; n--) bytes = mutated(draw, bytes);
      writeFileSync(file, bytes);
      // What was said of the file before is no answer to this one.
      await page.evaluate(() => document.querySelector('[role="alert"]')?.setAttribute("data-old", ""));
      await choose(page, file);
      const answer = await page.waitForFunction(
        () => {
          const told = document.querySelector('[role="alert"]:not([data-old])');
          return document.querySelector('[role="dialog"]') ? "read" : told?.textContent && "refused";
        },
        { timeout: 60_000, polling: 100 },
      );
      const how = (await answer.jsonValue()) as "read" | "refused";
      seen[how]++;
      if (how === "refused") {
        expect(await page.$eval('[role="alert"]', (e) => e.textContent.length)).toBeGreaterThan(20);
        continue;
      }
      await pressText(page, "Not now");
      await page.waitForSelector('[role="dialog"]', { hidden: true });
    }
    await choose(page, path.join(folder, "whole.pdf"));
    expect(await readText(page)).toContain("Rnd 1: 6 sc in magic ring (6)");
    await pressText(page, "Not now");
    await me.settle();
    // Both happen: a turned byte in a picture spoils no text, one in the file's table does.
    expect([seen.read > 0, seen.refused > 0]).toEqual([true, true]);
    await end();
  }, 240_000);
});

const SPOILT = 24;

async function wordFile(): Promise<string> {
  const file = path.join(folder, "flipper.docx");
  writeFileSync(file, await docx(FLIPPER.split("\n").map(paragraph).join("")));
  return file;
}
