import { clientsClaim } from "workbox-core";
import { registerRoute } from "workbox-routing";
import { CacheFirst, NetworkFirst } from "workbox-strategies";

/**
 * Keeps the bench and the stall open without a server: their pages and their data as they last were, and the
 * files that never change. Acts are none of its business: they are kept and sent by the page itself.
 * Everything else goes to the server as ever.
 */
declare const self: ServiceWorkerGlobalScope;

// Files carry their content in their name, so a new version may take over at once; what is queued lies in a
// store of its own.
void self.skipWaiting();
clientsClaim();

/** A server that does not answer by then is away. */
const WAIT_SECONDS = 4;

const isTable = (url: URL): boolean =>
  /^\/(?:bench(?:\/[0-9a-f-]{36})?|stall\/[0-9a-f-]{36})(?:\.data)?$/.test(url.pathname);

registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin && (url.pathname.startsWith("/assets/") || url.pathname === "/favicon.svg"),
  new CacheFirst({ cacheName: "lapka-files" }),
);
// A picture's address says what it shows: it is never another one.
registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin && /^\/items\/[0-9a-f-]{36}\/figure\.png$/.test(url.pathname) && url.searchParams.has("v"),
  new CacheFirst({ cacheName: "lapka-pictures" }),
);
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && isTable(url),
  new NetworkFirst({ cacheName: "lapka-bench", networkTimeoutSeconds: WAIT_SECONDS }),
);
