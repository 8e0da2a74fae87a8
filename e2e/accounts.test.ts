import { execFileSync } from "node:child_process";
import type { Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFinds, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let owner: Awaited<ReturnType<typeof openPage>>;
const PHRASE = "gannet velvet ladder nine";
const ANOTHER = "barnacle waltz copper tide";

beforeAll(async () => {
  site = await startSite("accounts", { accounts: true });
  owner = await openPage(site, { refused: true });
});
afterAll(() => site.stop());

const go = async (page: Page, path: string) => {
  await page.goto(site.url + path);
  const person = new Person(page, "mouse");
  await person.settle();
  return person;
};
const text = (page: Page) => page.evaluate(() => document.body.innerText);
const at = (page: Page) => new URL(page.url()).pathname;
const codesOf = (page: Page) =>
  page.$$eval("ol li", (all) => all.map((x) => x.textContent).filter((t) => /^(\w{4}-){3}\w{4}$/.test(t)));
const submit = async (page: Page, selector = 'main form button[type="submit"]') => {
  const me = new Person(page, "mouse");
  await me.press(selector);
  await me.settle();
};
const type = async (page: Page, fields: Readonly<Record<string, string>>) => {
  const me = new Person(page, "mouse");
  for (const [name, value] of Object.entries(fields)) await me.fill(`[name="${name}"]`, value);
};
let codes: string[] = [];

describe("the first owner", () => {
  it("is asked for at the first visit, and a phrase that would be guessed is not taken", async () => {
    const { page } = owner;
    await go(page, "/items");
    expect(at(page)).toBe("/begin");
    expect(await text(page)).toContain("with all that is in it");
    await type(page, { name: "Marit", phrase: "password1234" });
    await submit(page);
    expect(await text(page)).toContain("would be guessed soon");
    expect(await axeFinds(page)).toEqual([]);
    await type(page, { phrase: PHRASE });
    await submit(page);
    codes = await codesOf(page);
    expect(codes).toHaveLength(10);
    expect(await axeFinds(page)).toEqual([]);
    await submit(page, 'main a[href="/"]');
    expect(await text(page)).toContain("Today");
    await go(page, "/items");
    expect(await text(page)).toContain("Puffin");
  });
  it("is one: whoever comes later signs in", async () => {
    const { page, end } = await openPage(site);
    await go(page, "/begin");
    expect(at(page)).toBe("/sign-in");
    expect(await axeFinds(page)).toEqual([]);
    await end();
  });
});

describe("signing in", () => {
  it("answers a wrong name and a wrong phrase alike, leads on to the page that was wanted, and out again", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, "/materials?x=1");
    expect(at(page)).toBe("/sign-in");
    const told: string[] = [];
    for (const name of ["Nobody", "Marit"]) {
      await type(page, { name, phrase: "not the phrase at all" });
      await submit(page);
      told.push(await page.$eval('[role="alert"]', (e) => e.textContent));
    }
    expect(new Set(told).size).toBe(1);
    await type(page, { name: "marit", phrase: PHRASE });
    await submit(page);
    expect(at(page)).toBe("/materials");
    const before = (await page.cookies()).find((c) => c.name === "lapka-session");
    expect(before).toMatchObject({ httpOnly: true, sameSite: "Lax" });
    await go(page, "/account");
    await submit(page, 'form[action="/sign-out"] button');
    expect(at(page)).toBe("/sign-in");
    await page.setCookie({ ...before, url: site.url } as never);
    await go(page, "/items");
    expect(at(page)).toBe("/sign-in");
    await end();
  });
  it("goes to no other site", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, `/sign-in?to=${encodeURIComponent("//evil.example/")}`);
    await type(page, { name: "Marit", phrase: PHRASE });
    await submit(page);
    expect(page.url()).toBe(`${site.url}/`);
    await end();
  });
  it("what was typed while the session ended stays, and is sent once one is back", async () => {
    const { page } = owner;
    await go(page, "/items/new");
    await type(page, { name: "Stormy petrel", pattern: "Rnd 1: 6 sc in mr (6)" });
    const kept = await page.cookies();
    await page.deleteCookie(...kept.map((c) => ({ name: c.name, url: site.url })));
    await submit(page);
    expect(await text(page)).toContain("You are signed out, so nothing was written");
    expect(await page.$eval('[name="pattern"]', (e) => (e as HTMLTextAreaElement).value)).toContain(
      "6 sc in mr",
    );
    await page.setCookie(...kept.map((c) => ({ ...c, url: site.url }) as never));
    await submit(page);
    expect(await text(page)).toContain("Stormy petrel");
  });
});

/** Makes a link for somebody, and answers it. */
async function invite(forName: string, role: string): Promise<string> {
  const { page } = owner;
  await go(page, "/people");
  await type(page, { forName });
  await page.select('form:has([name="forName"]) [name="role"]', role);
  await submit(page, 'form:has([name="forName"]) button[type="submit"]');
  return page.$eval('[name="link"]', (e) => (e as HTMLInputElement).value);
}

describe("people", () => {
  it("a helper comes in by a link, once, and has the bench and her own hand", async () => {
    const link = await invite("Sanna", "helper");
    expect(await axeFinds(owner.page)).toEqual([]);
    const { page, end } = await openPage(site, { width: 390, height: 844, refused: true });
    await page.goto(link);
    await new Person(page, "mouse").settle();
    expect(await text(page)).toContain("the bench and her own hand");
    expect(await axeFinds(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await type(page, { phrase: ANOTHER });
    await submit(page);
    expect(await codesOf(page)).toHaveLength(10);
    await submit(page, 'main a[href="/bench"]');
    expect(at(page)).toBe("/bench");
    expect(await page.$$eval("nav a", (all) => all.map((a) => a.getAttribute("href")))).toEqual(
      expect.arrayContaining(["/bench", "/hand", "/account"]),
    );
    expect(await page.$('nav a[href="/items"]')).toBeNull();
    await go(page, "/");
    expect(at(page)).toBe("/bench");
    await go(page, "/hand");
    expect(await text(page)).toContain("Lapka knows only the trade’s averages yet");
    expect((await page.goto(`${site.url}/items`))?.status()).toBe(403);
    await page.goto(link);
    await new Person(page, "mouse").settle();
    expect(await text(page)).toContain("used already, taken back, or is over");
    await end();
  });
  it("a phone is signed in by the code on the owner’s screen", async () => {
    const { page: mine } = owner;
    await go(mine, "/people");
    await submit(mine, '[aria-label="A phone: Sanna"]');
    const link = await mine.$eval('[name="link"]', (e) => (e as HTMLInputElement).value);
    const { page, end } = await openPage(site, { width: 390, height: 844 });
    await page.goto(link);
    await submit(page);
    expect(at(page)).toBe("/bench");
    await end();
  });
  it("somebody at the stall sells and counts, and sees nothing else", async () => {
    const link = await invite("Eero", "stall");
    const { page, end } = await openPage(site, { refused: true });
    // An old telephone: what it needs works without JavaScript.
    await page.setJavaScriptEnabled(false);
    await page.goto(link);
    await page.type('[name="phrase"]', ANOTHER);
    await Promise.all([page.waitForNavigation(), page.click('main form button[type="submit"]')]);
    expect(await codesOf(page)).toHaveLength(10);
    await page.setJavaScriptEnabled(true);
    await go(page, "/stalls");
    expect(await page.$$eval("nav a", (all) => all.map((a) => a.getAttribute("href")))).toEqual([
      "/stalls",
      "/account",
    ]);
    expect(await axeFinds(page)).toEqual([]);
    for (const path of ["/items", "/sell", "/settings", "/bench"])
      expect((await page.goto(site.url + path))?.status()).toBe(403);
    await end();
  });
  it("who is taken out has nothing any more, from the next request on; the last owner stays", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, "/sign-in");
    await type(page, { name: "Eero", phrase: ANOTHER });
    await submit(page);
    expect(at(page)).toBe("/stalls");
    await go(owner.page, "/people");
    await submit(owner.page, '[aria-label="Take out: Eero"]');
    await go(page, "/stalls");
    expect(at(page)).toBe("/account");
    expect(await text(page)).toContain("You are in no workshop now");
    await owner.page.select('li:has([aria-label="Save: Marit"]) [name="role"]', "partner");
    await submit(owner.page, '[aria-label="Save: Marit"]');
    expect(await text(owner.page)).toContain("keeps at least one owner");
    await end();
  });
});

describe("the trail", () => {
  it("says who did what, is found by words, and shows that it is whole", async () => {
    const { page } = owner;
    await go(page, "/trail?check=1");
    const said = await text(page);
    expect(said).toContain("as written, none missing");
    expect(said).toMatch(/Marit\s+invited somebody/);
    expect(said).toMatch(/Sanna\s+came in/);
    expect(said).not.toContain(PHRASE);
    expect(await axeFinds(page)).toEqual([]);
    await go(page, "/trail?words=taken%20out%20nothing");
    expect(await text(page)).toContain("Nothing of that kind was done");
    await type(page, { words: "took somebody out" });
    await submit(page, 'form[role="search"] button[type="submit"]');
    expect(await page.$$eval("tbody tr", (all) => all.length)).toBe(1);
    const csv = await page.evaluate(async () => (await fetch("/trail.csv")).text());
    expect(csv.split("\n")[0]).toContain("hash");
    expect(csv).toContain("people:invite");
  });
});

describe("an account", () => {
  it("signs out everywhere else", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, "/sign-in");
    await type(page, { name: "Marit", phrase: PHRASE });
    await submit(page);
    await go(owner.page, "/account");
    expect(await axeFinds(owner.page)).toEqual([]);
    await submit(owner.page, "#devices form button");
    await go(page, "/items");
    expect(at(page)).toBe("/sign-in");
    await end();
  });
  it("is reset on the machine itself by who may run commands there", async () => {
    const lapka = (...args: string[]) =>
      execFileSync("bin/lapka", ["account", ...args], {
        encoding: "utf8",
        env: { ...process.env, DATABASE_URL: site.databaseUrl },
        stdio: ["ignore", "pipe", "ignore"],
      });
    expect(lapka("list")).toMatch(/Marit: owner of “.+”\nSanna: helper of/);
    expect(() => lapka("reset", "Nobody")).toThrow();
    const said = lapka("reset", "Sanna");
    const { page, end } = await openPage(site, { refused: true });
    await go(page, "/recover");
    await type(page, { name: "Sanna", code: /(\w{4}-){3}\w{4}/.exec(said)?.[0] ?? "", phrase: PHRASE });
    await submit(page);
    expect(at(page)).toBe("/account");
    // And she may go for good.
    await new Person(page, "mouse").fill('form:has([value="delete"]) [name="now"]', PHRASE);
    await submit(page, 'form:has([value="delete"]) button[type="submit"]');
    expect(at(page)).toBe("/sign-in");
    expect(lapka("list")).not.toContain("Sanna");
    await end();
  });
  it("is opened by a recovery code, once, with a new phrase that ends every session", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, "/recover");
    expect(await axeFinds(page)).toEqual([]);
    await type(page, { name: "Marit", code: (codes[0] ?? "").toUpperCase(), phrase: ANOTHER });
    await submit(page);
    expect(at(page)).toBe("/account");
    expect(await text(page)).toContain("9 of ten not used yet");
    await go(owner.page, "/items");
    expect(at(owner.page)).toBe("/sign-in");
    await type(owner.page, { name: "Marit", phrase: PHRASE });
    await submit(owner.page);
    expect(at(owner.page)).toBe("/sign-in");
    await type(owner.page, { name: "Marit", phrase: ANOTHER });
    await submit(owner.page);
    expect(at(owner.page)).toBe("/items");
    await page.deleteCookie(...(await page.cookies()));
    await go(page, "/recover");
    await type(page, { name: "Marit", code: codes[0] ?? "", phrase: PHRASE });
    await submit(page);
    expect(await text(page)).toContain("or the code was used before");
    await end();
  });
});
