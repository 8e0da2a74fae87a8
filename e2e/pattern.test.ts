import type { ElementHandle, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFinds, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let puffin = "";
let buoy = "";
beforeAll(async () => {
  site = await startSite("pattern");
  const { page, end } = await openPage(site);
  await page.goto(`${site.url}/items`);
  const find = (name: string) =>
    page.$$eval(
      "main a",
      (links, n) => links.find((a) => a.textContent?.includes(n))?.getAttribute("href") ?? "",
      name,
    );
  puffin = await find("Puffin");
  buoy = await find("Buoy");
  await end();
});
afterAll(() => site.stop());

async function openItem(
  view: Parameters<typeof openPage>[1] = {},
  item = puffin,
): Promise<{ page: Page; me: Person; end: () => Promise<void> }> {
  const { page, end } = await openPage(site, view);
  await page.goto(site.url + item);
  const me = new Person(page, "keyboard");
  await me.settle();
  await page.waitForSelector(".cm-content");
  return { page, me, end };
}
const text = (page: Page) => page.$$eval(".cm-line", (lines) => lines.map((l) => l.textContent).join("\n"));
async function chord(page: Page, ...keys: string[]): Promise<void> {
  for (const k of keys.slice(0, -1)) await page.keyboard.down(k as "Control");
  await page.keyboard.press((keys.at(-1) ?? "") as "Enter");
  for (const k of keys.slice(0, -1).reverse()) await page.keyboard.up(k as "Control");
}
const tab = async (page: Page, name: string) => {
  // The tabs are drawn after the page: on a slow machine they are asked for first.
  const at = await page.waitForFunction(
    (n) => [...document.querySelectorAll<HTMLElement>('[role="tab"]')].find((t) => t.textContent === n),
    {},
    name,
  );
  await still(page, at as ElementHandle<HTMLElement>);
  await (at as ElementHandle<HTMLElement>).click();
};
/** In sight, and the editor above it done with measuring the lines that came into sight with it. */
const still = async (page: Page, at: ElementHandle<HTMLElement>) => {
  await at.evaluate((e) => e.scrollIntoView({ block: "center" }));
  let before = NaN;
  for (let now = await topOf(at); now !== before; now = await topOf(at)) {
    before = now;
    await page.evaluate(() => new Promise((r) => setTimeout(r, 120)));
  }
};
const topOf = (at: ElementHandle<HTMLElement>) => at.evaluate((e) => e.getBoundingClientRect().top);

describe("the editor, by keyboard", () => {
  it("types a pattern, breaks it, mends it, takes it back", async () => {
    const { page, me, end } = await openItem();
    await me.fill(".cm-content", "");
    await page.keyboard.type("Ball\nRnd 1: 6 sc in magic ring (6)\n");
    // The next rounds are offered as the ones before say them.
    await page.keyboard.type("Rnd 2");
    await page.waitForSelector(".cm-tooltip-autocomplete");
    await page.waitForFunction(() =>
      document.querySelector(".cm-tooltip-autocomplete")?.textContent?.includes("inc × 6 (12)"),
    );
    await page.waitForFunction(
      () => document.querySelector('.cm-tooltip-autocomplete [aria-selected="true"]') !== null,
    );
    await new Promise((done) => setTimeout(done, 150));
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Enter");
    await page.waitForFunction(() =>
      [...document.querySelectorAll(".cm-line")].some((l) => l.textContent === "Rnd 2: inc × 6 (12)"),
    );
    await me.waitText("every round adds up");
    expect(await text(page)).toBe("Ball\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc × 6 (12)");
    // A slip, told in place and in the list; Alt and Enter mends it, Ctrl Z takes that back.
    await page.keyboard.type("\nRnd 3: (sc, inc) x 5 (18)\n");
    await page.keyboard.press("Escape");
    await me.waitText("The round uses 10 of 12 and makes 15, but 18 is written.");
    await page.waitForSelector(".cm-lintRange-error");
    await page.keyboard.press("ArrowUp");
    await chord(page, "Alt", "Enter");
    await me.waitText("every round adds up");
    expect(await text(page)).toContain("Rnd 3: (sc, inc) x 6 (18)");
    await chord(page, "Control", "z");
    await me.waitText("1 to mend");
    await page.keyboard.press("F8");
    await page.waitForSelector(".cm-tooltip-lint, .cm-tooltip .cm-diagnostic");
    await end();
  });

  it("colours words by meaning and says them in the other terms", async () => {
    const { page, end } = await openItem();
    expect(await page.$eval(".w-inc", (e) => e.textContent)).toBe("inc");
    expect(await page.$eval(".w-dec", (e) => e.textContent)).toBe("dec");
    const word = await page.waitForSelector(".w-stitch");
    await word?.hover();
    await page.waitForSelector(".cm-meaning");
    expect(await page.$eval(".cm-meaning", (e) => e.textContent)).toContain("UK: dc, double crochet");
    await end();
  });

  it("keeps what two windows typed apart, through a reload", async () => {
    const first = await openItem();
    await first.me.fill(".cm-content", "First\nRnd 1: 6 sc in magic ring (6)");
    await first.me.waitText("not saved yet");
    const second = await first.page.browserContext().newPage();
    await second.goto(site.url + puffin);
    await second.waitForSelector(".cm-content");
    const you = new Person(second, "keyboard");
    await you.waitText("Another window has unsaved text");
    await you.fill(".cm-content", "Second\nRnd 1: 8 sc in magic ring (8)");
    await you.waitText("not saved yet");
    await first.page.bringToFront();
    await first.page.reload();
    await first.me.settle();
    await first.me.waitText("What you had typed and not saved is back");
    expect(await text(first.page)).toContain("First");
    await second.bringToFront();
    await second.reload();
    await you.settle();
    await you.waitText("What you had typed and not saved is back");
    expect(await text(second)).toContain("Second");
    await first.end();
  });

  it("says so when the server is away, and saves when it is back", async () => {
    const { page, me } = await openItem({}, buoy);
    await page.focus(".cm-content");
    await chord(page, "Control", "End");
    await page.keyboard.type(" ");
    await me.waitText("not saved yet");
    await page.setOfflineMode(true);
    await chord(page, "Control", "s");
    await me.waitText("The server did not answer");
    expect(await text(page)).toContain("6 sc in magic ring");
    await page.setOfflineMode(false);
    await chord(page, "Control", "s");
    await me.waitText("saved, revision 2");
    // Being offline is logged by the browser itself: this page's log is not held against it.
    await page.browserContext().close();
  });

  it("is a plain text field without JavaScript", async () => {
    const { page, end } = await openPage(site);
    await page.setJavaScriptEnabled(false);
    await page.goto(site.url + puffin);
    expect(await page.$eval('textarea[name="pattern"]', (el) => (el as HTMLTextAreaElement).value)).toContain(
      "Rnd 1: 6 sc in magic ring (6)",
    );
    await end();
  });
});

describe("the shape in the hand", () => {
  const angle = (page: Page) => page.$eval('[role="tabpanel"] output', (o) => o.textContent);
  it("turns by the arrow keys and lights the round it is asked for", async () => {
    const { page, me, end } = await openItem();
    await tab(page, "Part by part");
    // This machine draws WebGL by its processor, so the drawing comes first; the solid is asked for.
    await page.evaluate(() =>
      [
        ...document.querySelectorAll<HTMLElement>(
          '[role="tabpanel"] [role="radio"], [role="tabpanel"] button',
        ),
      ]
        .find((b) => b.textContent === "Solid")
        ?.click(),
    );
    const canvas = await page.waitForSelector('[role="tabpanel"] canvas[role="img"]');
    expect(await canvas?.evaluate((c) => c.getAttribute("aria-label"))).toMatch(
      /^Body, filled: \d+\smm wide, \d+\smm tall/,
    );
    expect(await angle(page)).toBe("0°");
    await canvas?.focus();
    for (let i = 0; i < 4; i++) await page.keyboard.press("ArrowRight");
    await page.waitForFunction(
      () => document.querySelector('[role="tabpanel"] output')?.textContent === "45°",
    );
    await page.keyboard.press("Home");
    await page.waitForFunction(
      () => document.querySelector('[role="tabpanel"] output')?.textContent === "0°",
    );
    // The pointer on a line of the text lights the same round in the text and in the ladder.
    // The editor keeps only the lines that are in sight.
    const name = await page.waitForSelector("#item-name");
    if (name) await still(page, name as ElementHandle<HTMLElement>);
    const line = await page.waitForSelector(".cm-line ::-p-text(Rnd 3)");
    await line?.hover();
    await page.waitForSelector(".cm-lit");
    expect(await page.$eval(".cm-lit", (l) => l.textContent)).toContain("Rnd 3");
    await me.waitText("from middle to middle");
    expect(await me.text('[role="tabpanel"]')).toContain("5 of 24 stitches");
    await end();
  });

  it("is a drawing where there is no WebGL", async () => {
    const { page, end } = await openPage(site);
    await page.evaluateOnNewDocument(() => {
      HTMLCanvasElement.prototype.getContext = () => null;
    });
    await page.goto(site.url + puffin);
    await new Person(page, "keyboard").settle();
    await tab(page, "Part by part");
    await page.waitForSelector('[role="tabpanel"] svg[role="img"]');
    expect(await page.$('[role="tabpanel"] canvas')).toBeNull();
    const eyes = () =>
      page.$$eval('[role="tabpanel"] svg[role="img"] circle[fill="#17191a"]', (c) => c.length);
    expect(await eyes()).toBe(2);
    await page.focus('[role="tabpanel"] input[type="range"]');
    for (let i = 0; i < 30; i++) await page.keyboard.press("ArrowRight");
    await page.waitForFunction(
      () =>
        document.querySelectorAll('[role="tabpanel"] svg[role="img"] circle[fill="#17191a"]').length === 0,
    );
    await end();
  });
});

describe("other ways to look", () => {
  it("compares yarns side by side", async () => {
    const { page, me, end } = await openItem();
    await tab(page, "Other yarn");
    await page.waitForFunction(
      () => document.querySelectorAll('[role="tabpanel"] tbody tr:nth-of-type(2) td').length === 2,
    );
    const metres = () =>
      page.$$eval('[role="tabpanel"] tbody tr', (rows) =>
        [
          ...(rows
            .find((r) => r.querySelector("th")?.textContent === "Yarn, metres")
            ?.querySelectorAll("td") ?? []),
        ].map((c) => parseFloat(c.textContent ?? "")),
      );
    const [own, other] = await metres();
    expect(other ?? 0).toBeGreaterThan(own ?? Infinity);
    await me.fill('input[aria-label="Hook 2 in millimetres"]', "6.5");
    await page.waitForFunction(
      (before) =>
        parseFloat(
          [...document.querySelectorAll('[role="tabpanel"] tbody tr')]
            .find((r) => r.querySelector("th")?.textContent === "Yarn, metres")
            ?.querySelectorAll("td")[1]?.textContent ?? "0",
        ) > before,
      {},
      other ?? 0,
    );
    await me.fill('input[aria-label="Hook 2 in millimetres"]', "many");
    await me.waitText("A hook has 0.5 to 30 mm");
    await end();
  });

  it("lists the order of work with its reasons", async () => {
    const { page, end } = await openItem();
    await tab(page, "Order of work");
    await page.waitForSelector('[role="tabpanel"] ol > li');
    const steps = await page.$$eval('[role="tabpanel"] ol > li', (l) =>
      l.map((x) => (x as HTMLElement).innerText),
    );
    const at = (re: RegExp) => steps.findIndex((s) => re.test(s));
    expect(at(/put in the eyes/)).toBeGreaterThan(at(/Sew on: Beak/));
    expect(at(/Fill Body/)).toBeGreaterThan(at(/put in the eyes/));
    expect(steps[at(/Fill Body/)]).toContain("before the filling is in the way");
    await end();
  });

  it("writes the pattern out in UK terms and Markdown", async () => {
    const { page, me, end } = await openItem();
    await tab(page, "Written out");
    await page.waitForSelector('[role="tabpanel"] pre');
    await me.choose('select[aria-label="Terms"]', "UK terms");
    await me.choose('select[aria-label="Format"]', "Markdown");
    expect(await page.$eval('[role="tabpanel"] pre', (p) => p.textContent)).toContain(
      "- **Rnd 3:** (dc, inc) × 6 (18)",
    );
    await end();
  });

  it("have nothing that axe-core finds, and no sideways scroll on a phone", async () => {
    const { page, end } = await openItem({ width: 390, height: 844, dark: true });
    for (const name of ["Put together", "Part by part", "Other yarn", "Order of work", "Written out"]) {
      await tab(page, name);
      await page.waitForFunction(
        () => document.querySelector('[role="tabpanel"] [aria-busy="true"]') === null,
      );
      const found = await axeFinds(page, { within: '[role="tabpanel"]' });
      expect({ name, found }).toEqual({ name, found: [] });
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
    await end();
  });
});

describe("what is fetched behind the page, and cannot be", () => {
  it("leaves the page standing: the text can be typed and saved, and what is lost says so", async () => {
    // Not `openPage`: what cannot be fetched is told on the console, and is what this looks at.
    const context = await site.browser.createBrowserContext();
    const page = await context.newPage();
    await page.setRequestInterception(true);
    page.on(
      "request",
      (r) =>
        void (/assets\/(reader|code-editor|item-looks)-/.test(r.url()) ? r.abort("failed") : r.continue()),
    );
    await page.goto(site.url + buoy);
    await page.waitForFunction(() => document.body.innerText.includes("This part could not be fetched"));
    await page.waitForFunction(() =>
      document.body.innerText.includes("What reads a pattern could not be fetched"),
    );
    const area = 'textarea[name="pattern"]';
    const before = await page.$eval(area, (t) => (t as HTMLTextAreaElement).value);
    await page.focus(area);
    await chord(page, "Control", "End");
    await page.keyboard.type("\nFor a friend.");
    // Nothing has counted these words: nothing is said of them.
    await page.waitForFunction(() => !document.body.innerText.includes("every round adds up"));
    await chord(page, "Control", "s");
    await page.waitForFunction(() => document.body.innerText.includes("saved, revision"));
    await page.reload();
    await page.waitForSelector(area);
    expect(await page.$eval(area, (t) => (t as HTMLTextAreaElement).value)).toBe(`${before}\nFor a friend.`);
    await context.close();
  });
});

describe("revisions", () => {
  it("stand side by side with what they change, and an earlier one can be gone back to", async () => {
    const { page, end } = await openPage(site);
    await page.goto(`${site.url}${puffin}/revisions`);
    const me = new Person(page, "mouse");
    await me.settle();
    const figures = await me.text('section[aria-label="What it changes"]');
    expect(figures).toMatch(/Stitches\s*420\s*488\s*16.% more/);
    expect(figures).toMatch(/Yarn, orange.*same/s);
    const words = (tag: string) =>
      page.$$eval(`section[aria-label="The text"] ${tag}`, (all) => all.map((x) => x.textContent));
    expect(await words("del")).toEqual(["12", "8", "8", "8", "13", "14", "15", "4", "5"]);
    expect(await words("ins")).toEqual(["14", "7", "10", "7", "15", "16", "17", "5", "6"]);

    await me.press("main form[method=post] button");
    await me.waitText("3, ");
    // What was the newest is one of the list: the way back from going back.
    expect(await page.$$eval("select[name=after] option", (o) => o.length)).toBe(3);
    expect(await me.text("main form[method=post] button")).toBe("Go back to revision 2");
    await me.press("main form[method=post] button");
    await page.waitForFunction(() => document.querySelectorAll("select[name=after] option").length === 4);
    await page.select("select[name=before]", "2");
    await me.waitText("Word for word the same");
    await end();
  });
  it("an item with one says what will be kept here", async () => {
    const { page, end } = await openPage(site);
    await page.goto(`${site.url}/items`);
    const seal = await page.$$eval(
      "main a",
      (all) => all.find((a) => a.textContent?.includes("Seal pup"))?.getAttribute("href") ?? "",
    );
    await page.goto(`${site.url}${seal}/revisions`);
    expect(await new Person(page, "mouse").text("main")).toContain("one revision so far");
    await end();
  });
});
