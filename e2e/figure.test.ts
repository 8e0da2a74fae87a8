import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openPage, startSite, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("figure");
}, 120_000);
afterAll(() => site.stop());

const drawn = (page: Awaited<ReturnType<typeof openPage>>["page"]) =>
  page.waitForFunction(() => document.querySelector('[role="tabpanel"] canvas[data-drawn]') !== null, {
    timeout: 30_000,
  });
const canvasCentre = (page: Awaited<ReturnType<typeof openPage>>["page"]) =>
  page.$eval('[role="tabpanel"] canvas', (c) => {
    c.scrollIntoView({ block: "center" });
    const b = c.getBoundingClientRect();
    return { x: b.x + b.width / 2, y: b.y + b.height / 2, width: b.width };
  });

async function openItem(name: string, view: Parameters<typeof openPage>[1] = {}) {
  const opened = await openPage(site, view);
  await opened.page.goto(`${site.url}/items`, { waitUntil: "networkidle0" });
  await Promise.all([
    opened.page.waitForNavigation({ waitUntil: "networkidle0" }),
    opened.page.$$eval("main a", (links, n) => links.find((a) => a.textContent?.includes(n))?.click(), name),
  ]);
  await drawn(opened.page);
  return opened;
}
const text = (page: Awaited<ReturnType<typeof openPage>>["page"], selector: string) =>
  page.$eval(selector, (e) => e.textContent ?? "");

describe("the figure put together", () => {
  it("says how tall it is, whether it stands and hangs, and where every part goes", async () => {
    const { page, end } = await openItem("Puffin");
    await page.waitForFunction(() => document.querySelector('[role="tabpanel"] dl') !== null);
    const panel = await text(page, '[role="tabpanel"]');
    expect(panel).toMatch(/\d+\smm tall × \d+\smm wide × \d+\smm deep/);
    expect(panel).toMatch(/Stands by itself/);
    expect(panel).toMatch(/the beak between rounds 8 and 9 of the body, in the middle of the front/);
    expect(panel).toMatch(/wing 2 at round 8 of the body, 6 sts right of the middle/);
    const coloured = await page.$eval('[role="tabpanel"] canvas', (c) => {
      const d = (c as HTMLCanvasElement).getContext("2d")?.getImageData(0, 0, 420, 420).data ?? [];
      let n = 0;
      for (let i = 3; i < d.length; i += 4) if ((d[i] ?? 0) > 0) n++;
      return n;
    });
    expect(coloured).toBeGreaterThan(20_000);
    await end();
  });

  it("shows ways to another size beside the item as it is, and takes one as a new revision", async () => {
    const { page, end } = await openItem("Puffin");
    const field = await page.waitForSelector('[role="tabpanel"] label ::-p-text(Make it)');
    await field?.click();
    await page.keyboard.type("70");
    const table = '[aria-label^="Ways to that size"]';
    await page.waitForSelector(`${table} tbody tr:nth-child(3)`);
    const ways = await page.$$eval(`${table} tbody tr`, (rows) => rows.map((r) => r.textContent ?? ""));
    expect(ways[0]).toMatch(/^As it is \d+\smm tall/);
    expect(ways[1]).toMatch(/hook [\d.]+\smm \d+\smm tall.*Take.*m.*min.*2 × \d+ mm€/);
    expect(ways.at(-1)).toMatch(/^\d+ even rounds? more/);
    const more = Number(/^\d+/.exec(ways.at(-1) ?? "")?.[0]);
    // Taken, put back, and taken again.
    const taking = async () => {
      const rows = await page.$$(`${table} tbody tr`);
      await (await rows.at(-1)?.$("button ::-p-text(Take)"))?.click();
      await page.waitForFunction(() =>
        document.body.textContent?.includes("Taken: save it as a new revision"),
      );
    };
    const says = (words: string) =>
      page.waitForFunction((w) => document.querySelector(".cm-content")?.textContent?.includes(w), {}, words);
    await taking();
    await says(`Rnds 11–${14 + more}`);
    await page.click('[role="tabpanel"] button ::-p-text(Put back)');
    await says("Rnds 11–14");
    await field?.click();
    await page.keyboard.type("70");
    await page.waitForSelector(`${table} tbody tr:nth-child(3)`);
    await taking();
    await says(`Rnd ${15 + more}`);
    await page.keyboard.down("Control");
    await page.keyboard.press("s");
    await page.keyboard.up("Control");
    await page.waitForFunction(() => document.body.textContent?.includes("saved, revision"));
    await page.reload({ waitUntil: "networkidle0" });
    await says(`Rnds 11–${14 + more}`);
    await end();
  });

  it("moves a part by keys, writes it into the pattern, and reads it back from there", async () => {
    const { page, end } = await openItem("Puffin");
    const beak = await page.waitForSelector('[role="tabpanel"] li button ::-p-text(the beak)');
    await beak?.click();
    await page.focus('[role="tabpanel"] canvas');
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("ArrowRight");
    await page.waitForFunction(() =>
      document.querySelector('[role="tabpanel"]')?.textContent?.includes("moved"),
    );
    await page.click('[role="tabpanel"] button ::-p-text(Write it into the pattern)');
    await page.waitForFunction(() =>
      document
        .querySelector('[role="tabpanel"]')
        ?.textContent?.match(
          /the beak between rounds 9 and 10 of the body, 1 st right of the middle\s*line 35/,
        ),
    );
    expect(await text(page, '[role="status"]')).toContain("not saved yet");
    await page.keyboard.down("Control");
    await page.keyboard.press("s");
    await page.keyboard.up("Control");
    await page.waitForFunction(() =>
      [...document.querySelectorAll('[role="status"]')].some((s) =>
        s.textContent?.includes("saved, revision"),
      ),
    );
    await end();
  });

  it("moves a part by dragging it, mirrored with its twin, and puts it back", async () => {
    const { page, end } = await openItem("Seal pup");
    await page.click('[role="tabpanel"] button ::-p-text(Front)');
    await page.waitForFunction(
      () => document.querySelector('[role="tabpanel"] button[aria-pressed="true"]')?.textContent === "Front",
    );
    const flipper = await page.waitForSelector('[role="tabpanel"] li button ::-p-text(flipper 2)');
    const before = await flipper?.evaluate((b) => b.closest("button")?.textContent);
    await flipper?.click();
    // Seen from the front, with the flipper held.
    await page.waitForSelector('[role="tabpanel"] canvas[data-drawn^="0 6 "]:not([data-drawn$="none"])');
    const c = await canvasCentre(page);
    // From the middle outwards to the right until the flipper is under the pointer, and then up with it.
    const at = await page.evaluate(() => {
      const canvas = document.querySelector<HTMLCanvasElement>('[role="tabpanel"] canvas');
      const d = canvas?.getContext("2d")?.getImageData(0, 0, 420, 420);
      if (!d) return undefined;
      for (let x = 419; x > 210; x--)
        for (let y = 0; y < 420; y++) if ((d.data[4 * (y * 420 + x) + 3] ?? 0) > 200) return { x: x - 8, y };
      return undefined;
    });
    if (!at) throw new Error("nothing was drawn");
    const k = c.width / 420;
    const [x, y] = [c.x + (at.x - 210) * k, c.y + (at.y - 210) * k];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await new Promise((done) => setTimeout(done, 500));
    await page.mouse.move(x - 20, y - 20, { steps: 4 });
    await page.mouse.move(x - 50, y - 60, { steps: 6 });
    await page.mouse.up();
    await page.waitForFunction(
      () =>
        [...document.querySelectorAll('[role="tabpanel"] li button')].filter((b) =>
          b.textContent?.includes("moved"),
        ).length === 2,
    );
    await page.click('[role="tabpanel"] button ::-p-text(Put back)');
    await page.waitForFunction(
      (was) =>
        [...document.querySelectorAll('[role="tabpanel"] li button')].some((b) => b.textContent === was),
      {},
      before,
    );
    await end();
  });

  it("comes as PNG and SVG, in a colourway too, and not for a stranger’s number", async () => {
    const { page, end } = await openItem("Puffin");
    const base = page.url();
    const one = async (u: string) => {
      const r = await fetch(u);
      return {
        status: r.status,
        type: r.headers.get("Content-Type"),
        size: (await r.arrayBuffer()).byteLength,
      };
    };
    const got = await Promise.all([
      one(`${base}/figure.png?view=front&w=200`),
      one(`${base}/figure.svg?view=back&w=400`),
      one(`${base}/all.zip`),
      one(`${base}/figure.png?view=nowhere`),
      one(`${base}/figure.png?w=9999`),
      one(`${site.url}/items/00000000-0000-7000-8000-000000000000/figure.png`),
    ]);
    expect(got.map((g) => g.status)).toEqual([200, 200, 200, 400, 400, 404]);
    expect(got[0]?.type).toBe("image/png");
    expect(got[1]?.type).toBe("image/svg+xml");
    expect(got[0]?.size).toBeGreaterThan(3000);
    expect(got[2]?.type).toBe("application/zip");
    expect(got[2]?.size).toBeGreaterThan(100_000);
    await end();
  });

  it("lies with the pattern, the rounds and the parts among files that any program opens", async () => {
    const { page, end } = await openItem("Puffin");
    await page.goto(`${page.url()}/paper`, { waitUntil: "networkidle0" });
    const links = await page.$$eval(
      'section[aria-labelledby="files-title"] a, [aria-labelledby="files-title"] a',
      (as) => as.map((a) => (a as HTMLAnchorElement).href),
    );
    expect(links).toHaveLength(13);
    // One by one, as she would press them.
    const got: { kind: string | undefined; status: number; body: Buffer }[] = [];
    for (const u of links) {
      const r = await fetch(u);
      const body = Buffer.from(await r.arrayBuffer());
      got.push({ kind: /\.(\w+)(\?|$)/.exec(u)?.[1], status: r.status, body });
    }
    expect(
      got
        .filter((g) => g.status !== 200 || g.body.length < 300)
        .map((g) => [g.kind, g.status, g.body.length]),
    ).toEqual([]);
    const starts = (kind: string) =>
      got.filter((g) => g.kind === kind).map((g) => g.body.toString("latin1", 0, 5));
    expect(new Set(starts("png"))).toEqual(new Set(["\u0089PNG\r"]));
    expect(starts("svg").every((s) => s.startsWith("<?xml") || s.startsWith("<svg"))).toBe(true);
    const json = JSON.parse(got.find((g) => g.kind === "json")?.body.toString() ?? "{}") as { name?: string };
    expect(json.name).toBe("Puffin keychain");
    expect(got.find((g) => g.kind === "md")?.body.toString()).toContain("- **Rnd 1:**");
    await end();
  });
});

describe("a kit", () => {
  it("is reckoned with its reserve, wound from her balls, and weighed when packed", async () => {
    const { page, end } = await openItem("Puffin");
    await page.goto(`${page.url()}/kit`, { waitUntil: "networkidle0" });
    const reserve = () =>
      page.$$eval("h2", (hs) => {
        const head = hs.find((h) => h.textContent === "The reserve")?.parentElement?.textContent ?? "";
        return Number(/(\d+) % more yarn/.exec(head)?.[1] ?? NaN);
      });
    const usual = await reserve();
    expect(usual).toBeGreaterThan(20);
    await page.select('select[name="chance"]', "20");
    await page.click("button ::-p-text(Keep it)");
    await page.waitForFunction(
      (was) => {
        const head = [...document.querySelectorAll("h2")].find((h) => h.textContent === "The reserve");
        return Number(/(\d+) % more yarn/.exec(head?.parentElement?.textContent ?? "")?.[1] ?? 0) > was;
      },
      {},
      usual,
    );
    await page.$eval("#n", (e) => ((e as HTMLInputElement).value = ""));
    await page.type("#n", "200");
    await Promise.all([page.waitForNavigation(), page.click("button ::-p-text(Work it out)")]);
    expect(await text(page, "main")).toMatch(/\d+ short\s*\d/);
    await page.type("#kit-grams", "12");
    await page.waitForFunction(() => /too light/.test(document.body.textContent ?? ""));
    const expected = await page.$$eval("h2", (hs) => {
      const head = hs.find((h) => h.textContent === "Weigh a packed kit")?.parentElement?.textContent ?? "";
      return /([\d.]+)\sg ±/.exec(head)?.[1] ?? "";
    });
    await page.$eval("#kit-grams", (e) => (e as HTMLInputElement).select());
    await page.type("#kit-grams", expected);
    await page.waitForFunction(() =>
      /All there, as far as a scale can tell/.test(document.body.textContent ?? ""),
    );
    await end();
  });
});

describe("paper and safety", () => {
  it("previews the PDF itself, in US and UK terms, tags with their code, and says what is wrong with a wish", async () => {
    const { page, end } = await openItem("Buoy");
    await page.goto(`${page.url()}/paper`, { waitUntil: "networkidle0" });
    const shown = () => page.waitForSelector('[role="group"] [data-shown] canvas', { timeout: 60_000 });
    await shown();
    expect(await page.$$eval("[data-shown] canvas", (c) => c.length)).toBeGreaterThan(0);
    await page.select('select[name="terms"]', "uk");
    await page.waitForSelector('[data-shown*="terms=uk"] canvas', { timeout: 60_000 });
    await page.click("label ::-p-text(Swing tags)");
    await page.waitForSelector('[data-shown*="tags.pdf"] canvas', { timeout: 60_000 });
    await page.select('select[name="code"]', "ean");
    await page.type('input[name="codeText"]', "4006381333932");
    await page.waitForFunction(() =>
      document.body.textContent?.includes("The last figure of this EAN should be 1."),
    );
    await end();
  });

  it("looks at an item by whom it is sold for", async () => {
    const { page, end } = await openItem("Puffin");
    await page.goto(`${page.url()}/paper`, { waitUntil: "networkidle0" });
    await page.select("#use", "toy-under-3");
    await page.click("button ::-p-text(Look again)");
    await page.waitForFunction(() => document.querySelectorAll('li[data-state="change"]').length > 0);
    const found = await text(page, 'li[data-state="change"]');
    expect(found).toMatch(/Change this/);
    expect(await text(page, "main")).toMatch(/2 bar eyes take about 3 min/);
    await end();
  });
});
