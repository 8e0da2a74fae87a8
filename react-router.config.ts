import type { Config } from "@react-router/dev/config";

/**
 * All routes are known to the page at once: asked for one by one, Chromium now and then left such a request
 * open for ever.
 */
export default { ssr: true, routeDiscovery: { mode: "initial" }, appDirectory: "app" } satisfies Config;
