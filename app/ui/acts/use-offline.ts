import { useEffect } from "react";

/**
 * Makes this page open without a server from now on: the service worker is begun, and the page with the files
 * it has loaded is laid into its caches, since they came before it was there.
 */
export function useOffline(pages: readonly string[]): void {
  const list = pages.join("\n");
  useEffect(() => {
    if (!("serviceWorker" in navigator)) return;
    const keep = async () => {
      await navigator.serviceWorker.register("/service.worker.js");
      await navigator.serviceWorker.ready;
      const files = performance
        .getEntriesByType("resource")
        .map((e) => new URL(e.name))
        .filter((u) => u.origin === location.origin && u.pathname.startsWith("/assets/"))
        .map((u) => u.pathname);
      const kept = await caches.open("lapka-files");
      for (const file of new Set(files)) if (!(await kept.match(file))) await kept.add(file);
      const bench = await caches.open("lapka-bench");
      for (const page of list.split("\n")) await bench.add(page);
    };
    // Where it is refused, or the server went away meanwhile, the bench works on as long as its page is open.
    keep().catch(() => undefined);
  }, [list]);
}
