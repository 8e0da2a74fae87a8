import type { HTTPRequest, Page } from "puppeteer-core";

/** Requests of a page that wait for an answer; `changed` is called as they come and go. */
interface Network {
  readonly open: Set<HTTPRequest>;
  changed: () => void;
}
const networks = new WeakMap<Page, Network>();

/**
 * Watches what a page asks for. puppeteer tells of a request after a turn of its own, so that an answer out of the
 * browser's cache may be told of before its question; its own count of open requests then never comes back to
 * none, and every wait for quiet runs into its time limit. Here an answer that came first takes its question along,
 * a new page takes along what the one before it still waited for, and pictures are not waited for: no end is told of
 * those that left the page before they came.
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
    if (answered.has(request) || request.resourceType() === "image") return;
    if (request.isNavigationRequest() && request.frame() === page.mainFrame())
      leaving.set(request, [...network.open]);
    network.open.add(request);
    network.changed();
  });
  page.on("response", (response) => done(response.request()));
  page.on("requestfinished", done);
  page.on("requestfailed", done);
  return network;
}

/** Waits until no more than `concurrency` requests of a page have been open for `idleTime` (ms). */
export async function quiet(page: Page, idleTime: number, concurrency = 0, timeout = 30_000): Promise<void> {
  const network = watchNetwork(page);
  await new Promise<void>((resolve, reject) => {
    let idle: NodeJS.Timeout | undefined;
    const late = setTimeout(() => {
      const open = [...network.open].map((r) => r.url()).join(", ");
      end(() => reject(new Error(`${page.url()} still waits for ${open}`)));
    }, timeout);
    const end = (then: () => void) => {
      clearTimeout(late);
      clearTimeout(idle);
      network.changed = () => undefined;
      then();
    };
    network.changed = () => {
      clearTimeout(idle);
      if (network.open.size <= concurrency) idle = setTimeout(() => end(resolve), idleTime);
    };
    network.changed();
  });
}
