import type { HTTPRequest, Page } from "puppeteer-core";

/** Requests of a page that wait for an answer; `changed` is called as they come and go. */
interface Network {
  readonly open: Set<HTTPRequest>;
  changed: () => void;
}
/** What of a page comes later than its beginning comes within this, ms; longer waits are for what is looked for. */
const LONGEST_PIECES = 5000;
/** Longer than this nothing is waited for to be quiet, ms. */
const LONGEST = 15_000;
const WORKER = /\.worker[-.]/;
const networks = new WeakMap<Page, Network>();

/**
 * Watches what a page asks for. puppeteer tells of a request after a turn of its own, so that an answer out of the
 * browser's cache may be told of before its question; its own count of open requests then never comes back to
 * none, and every wait for quiet runs into its time limit. Here an answer that came first takes its question along,
 * a new page takes along what the one before it still waited for, and pictures are not waited for: no end is told of
 * those that left the page before they came. A worker's file is answered to the worker.
 */
export function watchNetwork(page: Page): Network {
  const known = networks.get(page);
  if (known) return known;
  const network: Network = { open: new Set(), changed: () => undefined };
  networks.set(page, network);
  const answered = new WeakSet<HTTPRequest>();
  const leaving = new WeakMap<HTTPRequest, readonly HTTPRequest[]>();
  const done = (request: HTTPRequest) => {
    answered.add(request);
    for (const left of leaving.get(request) ?? []) network.open.delete(left);
    if (network.open.delete(request)) network.changed();
  };
  page.on("request", (request) => {
    if (answered.has(request) || request.resourceType() === "image" || WORKER.test(request.url())) return;
    if (request.isNavigationRequest() && request.frame() === page.mainFrame())
      leaving.set(request, [...network.open]);
    network.open.add(request);
    network.changed();
  });
  // A page and its data may come in pieces: those are waited for whole, though of one that the page has no more use
  // for no end is told. Of all else the beginning is enough.
  page.on("response", (response) => {
    const inPieces = /^text\/(?:html|x-script)/.test(response.headers()["content-type"] ?? "");
    if (inPieces) setTimeout(() => done(response.request()), LONGEST_PIECES).unref();
    else done(response.request());
  });
  page.on("requestfinished", done);
  page.on("requestfailed", done);
  return network;
}

/**
 * Waits until no request of a page has been open for `idleTime` (ms). Where that does not come about in time it says
 * what is still open, and what the test looks for next decides.
 */
export async function quiet(page: Page, idleTime: number): Promise<void> {
  const network = watchNetwork(page);
  await new Promise<void>((resolve) => {
    let idle: NodeJS.Timeout | undefined;
    const end = () => {
      clearTimeout(late);
      clearTimeout(idle);
      network.changed = () => undefined;
      resolve();
    };
    const late = setTimeout(() => {
      const open = [...network.open].map((r) => `${r.resourceType()} ${r.url()}`);
      process.stderr.write(`${page.url()} still waits for ${open.join(", ")}\n`);
      end();
    }, LONGEST);
    network.changed = () => {
      clearTimeout(idle);
      if (network.open.size === 0) idle = setTimeout(end, idleTime);
    };
    network.changed();
  });
}
