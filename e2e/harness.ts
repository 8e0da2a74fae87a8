import axe from "axe-core";
import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import puppeteer, { type Browser, type ElementHandle, type Page } from "puppeteer-core";
import { expect } from "vitest";
import type { Database } from "../db/connect";
import { demoDatabase } from "./demo-copy";
import { quiet, watchNetwork } from "./quiet";

/** How long a test waits for what is to come (ms): a busy machine is slow, and that is not what is tested. */
const PATIENCE_MS = 30_000;

export interface Site {
  readonly url: string;
  /** The stand-in of a web shop, where it was asked for; the workshop's own is at /w/WORKSHOP. */
  readonly shopUrl: string;
  /** Where the label printer's stand-in lays what it printed, where it was asked for. */
  readonly labels: string;
  readonly db: Database;
  readonly databaseUrl: string;
  /** Of the process that serves pages. */
  readonly serverPid: number;
  /** Stops the server as it is, and starts it again where it was. */
  readonly restart: (signal?: NodeJS.Signals) => Promise<void>;
  /** Ends the server and leaves it ended; what it answers begins it again where it was. */
  readonly away: () => Promise<() => Promise<void>>;
  readonly browser: Browser;
  readonly stop: () => Promise<void>;
}

/**
 * The production build on a database of its own with the demo stall in it, and a browser. Without `accounts`
 * nobody signs in, as in the demo; `withShop` and `withPrinter` start the stand-ins of a web shop and of a label
 * printer beside it.
 */
export async function startSite(
  name: string,
  { accounts = false, processes = 1, withShop = false, withPrinter = false } = {},
): Promise<Site> {
  const shopKey = "a key for tests only";
  const labels = mkdtempSync(path.join(tmpdir(), "lapka-labels-"));
  const profile = mkdtempSync(path.join(tmpdir(), "lapka-browser-"));
  const [database, browser, scale, shop, printer] = await Promise.all([
    demoDatabase(name),
    startBrowser(profile),
    standIn("scale"),
    // A shop that is asked takes time from all others: only tests that sell in it have one.
    withShop ? standIn("shop", [], { LAPKA_SHOP_KEY: shopKey }) : undefined,
    withPrinter ? standIn("printer", [labels], { LAPKA_LABEL_MS: "500" }) : undefined,
  ]);
  const shopUrl = shop ? `http://127.0.0.1:${shop.port}` : "";
  const copies = mkdtempSync(path.join(tmpdir(), "lapka-copies-"));
  const begin = (port: string) =>
    spawn(process.execPath, ["build/server/serve.js"], {
      env: {
        ...process.env,
        NODE_ENV: "production",
        DATABASE_URL: database.url,
        PORT: port,
        LAPKA_SCALE_PORT: scale.port,
        ...(shop ? { LAPKA_SHOP_URL: shopUrl, LAPKA_SHOP_KEY: shopKey } : {}),
        ...(printer ? { LAPKA_PRINTER_PORT: printer.port } : {}),
        LAPKA_COPIES: copies,
        LAPKA_OPEN: accounts ? "" : "1",
        LAPKA_PROCESSES: String(processes),
      },
      stdio: ["ignore", "pipe", "pipe"],
    });
  let server = begin("0");
  const url = await addressOf(server);
  return {
    url,
    shopUrl,
    labels,
    db: database.db,
    databaseUrl: database.url,
    get serverPid() {
      return server.pid ?? 0;
    },
    restart: async (signal = "SIGTERM") => {
      const gone = new Promise((done) => server.once("exit", done));
      server.kill(signal);
      await gone;
      server = begin(new URL(url).port);
      await addressOf(server);
    },
    away: async () => {
      const gone = new Promise((done) => server.once("exit", done));
      server.kill("SIGKILL");
      await gone;
      return async () => {
        server = begin(new URL(url).port);
        await addressOf(server);
      };
    },
    browser,
    stop: async () => {
      await browser.close();
      for (const s of [scale, shop, printer]) s?.process.kill("SIGTERM");
      server.kill("SIGTERM");
      await new Promise((done) => server.once("exit", done));
      await database.close();
      rmSync(profile, { recursive: true, force: true });
      rmSync(copies, { recursive: true, force: true });
      rmSync(labels, { recursive: true, force: true });
    },
  };
}

const startBrowser = (profile: string): Promise<Browser> =>
  puppeteer.launch({
    executablePath: "/usr/bin/chromium",
    userDataDir: profile,
    args: [
      "--headless=new",
      "--no-sandbox",
      "--use-angle=swiftshader",
      "--enable-unsafe-swiftshader",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  });

/** A stand-in of a device or a shop, as it comes with Lapka, on a port of its own. */
async function standIn(
  what: "scale" | "shop" | "printer",
  more: readonly string[] = [],
  env: Readonly<Record<string, string>> = {},
): Promise<{ port: string; process: ChildProcess }> {
  const child = spawn(process.execPath, ["--import", "tsx", `bin/${what}.ts`, "0", ...more], {
    stdio: ["ignore", "pipe", "inherit"],
    env: { ...process.env, ...env },
  });
  const says = new RegExp(`${what} at (\\d+)`);
  const port = await new Promise<string>((resolve) =>
    child.stdout.on("data", (c: Buffer) => resolve(says.exec(c.toString())?.[1] ?? "")),
  );
  return { port, process: child };
}

function addressOf(server: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    let out = "";
    const take = (chunk: Buffer) => {
      out += chunk.toString();
      const match = /ready at (http:\S+)/.exec(out);
      if (match?.[1]) resolve(match[1]);
    };
    server.stdout?.on("data", take);
    server.stderr?.on("data", take);
    server.once("exit", (code) => reject(new Error(`the server ended with ${code}:\n${out}`)));
  });
}

/**
 * A page in a browser context of its own whose console errors and uncaught errors fail the test that ends it.
 */
export async function openPage(
  site: Site,
  view: {
    width?: number;
    height?: number;
    dark?: boolean;
    /** The network is cut on purpose. */
    away?: boolean;
    /** A form is sent that is refused. */
    refused?: boolean;
    /** A file is spoilt: the browser says what it thinks of the letters in it. */
    spoilt?: boolean;
  } = {},
): Promise<{ page: Page; end: () => Promise<void> }> {
  const context = await site.browser.createBrowserContext();
  const page = await context.newPage();
  page.setDefaultTimeout(PATIENCE_MS);
  watchNetwork(page);
  const wrong: string[] = [];
  page.on("console", (m) => {
    if (m.type() !== "error" && m.type() !== "warn") return;
    if (view.away && /ERR_(INTERNET_DISCONNECTED|CONNECTION_REFUSED)/.test(m.text())) return;
    if (view.refused && /status of 4\d\d/.test(m.text())) return;
    if (view.spoilt && m.text().startsWith("OTS parsing error")) return;
    wrong.push(m.text());
  });
  page.on("pageerror", (e) => wrong.push(e instanceof Error ? e.message : String(e)));
  page.on("response", (r) => r.status() >= 500 && wrong.push(`${r.status()} ${r.url()}`));
  await page.setViewport({ width: view.width ?? 1280, height: view.height ?? 800 });
  await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: view.dark ? "dark" : "light" }]);
  return {
    page,
    end: async () => {
      await context.close();
      expect(wrong).toEqual([]);
    },
  };
}

export type Hand = "mouse" | "keyboard";

/** What a person does on a page, with the mouse or with the keyboard alone. */
export class Person {
  constructor(
    readonly page: Page,
    readonly hand: Hand,
  ) {}

  /** Waits until the page runs: React has taken over and nothing is loading. */
  async settle(): Promise<void> {
    await quiet(this.page, 150);
    await this.page.waitForFunction(() => {
      const main = document.querySelector("#main");
      // What React has taken over it marks with keys of its own: before that, what is chosen is not heard.
      if (main === null) return true;
      return (
        Object.keys(main).some((key) => key.startsWith("__reactFiber$")) &&
        main.getAttribute("aria-busy") !== "true"
      );
    });
    // The editor of an item comes when the rest stands.
    if (/\/items\/[0-9a-f-]{36}$/.test(this.page.url())) await this.page.waitForSelector(".cm-content");
  }

  private async reach(selector: string): Promise<void> {
    await this.page.waitForSelector(selector, { visible: true });
    if (this.hand === "mouse") {
      await this.page.locator(selector).click();
      return;
    }
    for (let i = 0; i < 220; i++) {
      if (await this.page.evaluate((s) => document.activeElement?.matches(s) ?? false, selector)) return;
      await this.page.keyboard.press("Tab");
    }
    throw new Error(`not reachable by Tab: ${selector}`);
  }

  async fill(selector: string, text: string): Promise<void> {
    await this.reach(selector);
    await this.page.keyboard.down("Control");
    await this.page.keyboard.press("a");
    await this.page.keyboard.up("Control");
    await this.page.keyboard.press("Delete");
    await this.page.keyboard.sendCharacter(text);
  }

  async press(selector: string): Promise<void> {
    await this.reach(selector);
    if (this.hand === "keyboard") await this.page.keyboard.press("Enter");
    await quiet(this.page, 120);
  }

  async choose(selector: string, label: string): Promise<void> {
    if (this.hand === "keyboard") await this.reach(selector);
    const value = await this.page.$eval(
      selector,
      (el, text) => [...(el as HTMLSelectElement).options].find((o) => o.text.includes(text))?.value ?? "",
      label,
    );
    expect(value).not.toBe("");
    if (this.hand === "mouse") await this.page.select(selector, value);
    else {
      // Typing the beginning of an option chooses it, as in any list.
      const typed = await this.page.$eval(
        selector,
        (el, v) => [...(el as HTMLSelectElement).options].find((o) => o.value === v)?.text ?? "",
        value,
      );
      await this.page.keyboard.type(typed);
    }
    expect(await this.page.$eval(selector, (el) => (el as HTMLSelectElement).value)).toBe(value);
  }

  /** A day's parts are typed in the order of the demo's locale: day, month, year. */
  async date(selector: string, iso: string): Promise<void> {
    await this.reach(`${selector} ~ div [role="spinbutton"]`);
    const [year = "", month = "", day = ""] = iso.split("-");
    await this.page.keyboard.type(`${day}${month}${year}`);
    expect(await this.page.$eval(selector, (el) => (el as HTMLInputElement).value)).toBe(iso);
  }

  async text(selector = "#main"): Promise<string> {
    return (await this.page.$eval(selector, (el) => (el as HTMLElement).innerText)).replace(/\u00a0/g, " ");
  }

  async waitText(text: string, timeout = PATIENCE_MS): Promise<void> {
    await this.page.waitForFunction(
      (t) => document.body.innerText.replace(/\u00a0/g, " ").includes(t),
      { timeout },
      text,
    );
  }
}

/**
 * What axe-core finds on a page, or within a part of it, by all rules or by some: rule and places, empty when
 * nothing is wrong.
 */
export async function axeFinds(
  page: Page,
  { within, rules }: { readonly within?: string; readonly rules?: readonly string[] } = {},
): Promise<string[]> {
  await page.evaluate(axe.source);
  return page.evaluate(
    async (selector, some) => {
      const levels = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];
      const tags = selector ? levels : [...levels, "best-practice"];
      const result = await (window as unknown as { axe: typeof axe }).axe.run(selector ?? document, {
        runOnly: some ? { type: "rule", values: [...some] } : { type: "tag", values: tags },
      });
      const places = (nodes: (typeof result.violations)[number]["nodes"]) =>
        nodes.slice(0, 3).map((n) => n.target.join(" "));
      return result.violations.map((v) => `${v.id}: ${places(v.nodes).join(" | ")}`);
    },
    within,
    rules,
  );
}

/** Clicks the first of `selector` that says `text`. */
export async function clickText(page: Page, selector: string, text: string): Promise<void> {
  const found = (
    await page.evaluateHandle(
      (s, t) => [...document.querySelectorAll<HTMLElement>(s)].find((b) => (b.textContent ?? "").includes(t)),
      selector,
      text,
    )
  ).asElement() as ElementHandle<HTMLElement> | null;
  if (!found) throw new Error(`nothing here says “${text}”`);
  // A button whose last answer is still being read takes no press, nor does one that came in a later piece of the
  // page and that React has not yet taken over.
  await page.waitForFunction(
    (el) => !el.matches(":disabled") && Object.keys(el).some((key) => key.startsWith("__reactFiber$")),
    {},
    found,
  );
  await found.click();
}

/** Opens one of the site's views and waits until it runs. */
export async function visit(
  site: Site,
  view: string,
  options: Parameters<typeof openPage>[1] = {},
  hand: Hand = "mouse",
): Promise<{ page: Page; me: Person; end: () => Promise<void> }> {
  const { page, end } = await openPage(site, options);
  await page.goto(site.url + view);
  const me = new Person(page, hand);
  await me.settle();
  return { page, me, end };
}
