import JSZip from "jszip";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { listWorkshops } from "../db/queries/workshops";
import { axeFinds, clickText, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let folder: string;
let zip: Buffer;

beforeAll(async () => {
  site = await startSite("workshop_file");
  folder = mkdtempSync(path.join(tmpdir(), "lapka-file-"));
  zip = Buffer.from(await (await fetch(`${site.url}/workshop.zip`)).arrayBuffer());
});
afterAll(async () => {
  await site.stop();
  rmSync(folder, { recursive: true, force: true });
});

const written = (name: string, bytes: Buffer): string => {
  const at = path.join(folder, name);
  writeFileSync(at, bytes);
  return at;
};
const bring = (bytes: Buffer, headers: Record<string, string> = {}) =>
  fetch(`${site.url}/workshop/bring`, {
    method: "POST",
    body: new Uint8Array(bytes),
    headers: { origin: site.url, "content-type": "application/zip", ...headers },
  });
/** The same ZIP with another workshop.json. */
async function changed(change: (json: string) => string): Promise<Buffer> {
  const all = await JSZip.loadAsync(zip);
  all.file("workshop.json", change((await all.file("workshop.json")?.async("string")) ?? ""));
  return all.generateAsync({ type: "nodebuffer" });
}

describe("the whole workshop as one file", () => {
  it("is a ZIP of open formats: JSON with its schema, CSV, a word on what is what", async () => {
    const all = await JSZip.loadAsync(zip);
    const names = Object.keys(all.files);
    expect(names).toEqual(expect.arrayContaining(["README.txt", "workshop.json", "workshop.schema.json"]));
    expect(names.filter((n) => n.startsWith("csv/")).length).toBeGreaterThan(25);
    const items = await all.file("csv/item.csv")?.async("string");
    expect(items).toContain("Puffin keychain");
    expect(JSON.parse((await all.file("workshop.schema.json")?.async("string")) ?? "")).toEqual(
      JSON.parse(readFileSync("docs/workshop.schema.json", "utf8")),
    );
  });
  it("comes in through the screen, beside what is there, and is worked with", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    const input = await page.$('#file input[type="file"]');
    await (input as unknown as { uploadFile: (p: string) => Promise<void> }).uploadFile(
      written("a.zip", zip),
    );
    await me.waitText("as a copy beside the one that was here");
    expect(await axeFinds(page, { within: "#file" })).toEqual([]);
    await me.press('#file a[href="/"]');
    await me.settle();
    await page.goto(`${site.url}/items`);
    await me.settle();
    expect(await me.text()).toContain("Puffin keychain");
    const link = await page.$eval('main a[href^="/items/0"]', (a) => a.getAttribute("href"));
    await page.goto(site.url + (link ?? ""));
    await me.settle();
    expect(await page.$$eval("h1", (all) => all.length)).toBeGreaterThan(0);
    await end();
  });
  it("a workshop is deleted by its name, and what is beside it stays", async () => {
    const before = await listWorkshops(site.db);
    const { page, end } = await openPage(site, { refused: true });
    const me = new Person(page, "keyboard");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    await me.press('#file a[href="/settings/delete"]');
    await me.waitText("There is no way back from here");
    const name = await page.$eval("h1", (h) => h.textContent.replace(/^Delete “|”$/g, ""));
    expect(name).toBe(before[0]?.name);
    await me.fill('main [name="name"]', "Another stall");
    await clickText(page, "main button", "Delete it for good");
    await me.waitText("This is not its name");
    expect((await listWorkshops(site.db)).length).toBe(before.length);
    await me.fill('main [name="name"]', name);
    await clickText(page, "main button", "Delete it for good");
    await page.waitForFunction(() => location.pathname === "/");
    const after = await listWorkshops(site.db);
    expect(after.map((w) => w.id)).toEqual(before.slice(1).map((w) => w.id));
    await page.goto(`${site.url}/items`);
    await me.settle();
    expect(await me.text()).toContain("Puffin keychain");
    await end();
  });
  it("sealed with a phrase it opens with that phrase alone", async () => {
    const answer = await fetch(`${site.url}/workshop/sealed`, {
      method: "POST",
      body: "phrase=gannet+velvet+ladder+nine",
      headers: { origin: site.url, "content-type": "application/x-www-form-urlencoded" },
    });
    expect(answer.headers.get("content-disposition")).toContain(".zip.sealed");
    const sealed = Buffer.from(await answer.arrayBuffer());
    expect(sealed.includes("workshop.json")).toBe(false);
    const { page, end } = await openPage(site, { refused: true });
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    const input = await page.$('#file input[type="file"]');
    await (input as unknown as { uploadFile: (p: string) => Promise<void> }).uploadFile(
      written("a.zip.sealed", sealed),
    );
    await me.waitText("This file is sealed. Type its phrase.");
    await me.fill('[name="opens"]', "another phrase");
    await me.press('form:has([name="opens"]) button');
    await me.waitText("This phrase does not open the file");
    await me.fill('[name="opens"]', "gannet velvet ladder nine");
    await me.press('form:has([name="opens"]) button');
    await me.waitText("as a copy beside the one that was here");
    await end();
  });
  it("that is cut off, changed or something else says so, and nothing comes in", async () => {
    const { page, end } = await openPage(site, { refused: true });
    const me = new Person(page, "mouse");
    await page.goto(`${site.url}/settings`);
    await me.settle();
    const cases: [string, Buffer, string][] = [
      ["cut.zip", zip.subarray(0, zip.length / 2), "cannot be opened as a ZIP"],
      ["text.zip", Buffer.from("no zip at all"), "cannot be opened as a ZIP"],
      [
        "other.zip",
        await new JSZip().file("a.txt", "x").generateAsync({ type: "nodebuffer" }),
        "no workshop.json",
      ],
      ["broken.zip", await changed((t) => t.slice(0, -5)), "is no JSON"],
      ["kind.zip", await changed((t) => t.replace('"kind":"keychain"', '"kind":"rocket"')), "kind"],
    ];
    for (const [name, bytes, says] of cases) {
      const input = await page.$('#file input[type="file"]');
      await (input as unknown as { uploadFile: (p: string) => Promise<void> }).uploadFile(
        written(name, bytes),
      );
      await me.waitText(says);
    }
    await end();
  });
  it("takes no other kind, no other site, and no ZIP that swells", async () => {
    expect((await bring(zip, { "content-type": "text/plain" })).status).toBe(415);
    expect((await bring(zip, { origin: "http://evil.example" })).status).toBe(403);
    const bomb = await new JSZip()
      .file("workshop.json", "0".repeat(200_000_000))
      .generateAsync({ type: "nodebuffer", compression: "DEFLATE" });
    expect(bomb.length).toBeLessThan(1_000_000);
    const answer = await bring(bomb);
    expect([answer.status, ((await answer.json()) as { refused: string }).refused]).toEqual([
      422,
      "There is no workshop.json in this ZIP, or it is too large.",
    ]);
    // A header that lies about how much there is.
    const lies = Buffer.from(bomb);
    const directory = lies.indexOf(Buffer.from("PK\u0001\u0002"));
    expect(directory).toBeGreaterThan(0);
    lies.writeUInt32LE(1000, directory + 24);
    expect((await bring(lies)).status).toBe(422);
    expect((await fetch(`${site.url}/health`)).status).toBe(200);
  });
});
