import { createServer } from "node:http";
import { randomUUID } from "node:crypto";
import { createShops } from "./shop/serve";
import { openShops } from "./shop/state";

/**
 * A web shop that ships with the app: a small stand-in for a real one, on loopback. Its feed is that of
 * docs/shop-feed.md; its page at /w/WORKSHOP lets who tries it out order, and make it behave as shops do
 * (away, saying things twice and in any order, selling more than there is).
 *   bin/shop.ts PORT [FILE]     what it knows is kept in FILE
 */
const port = Number(process.argv[2] ?? 0);
const master = process.env.LAPKA_SHOP_KEY ?? randomUUID();
const app = createShops(openShops(process.argv[3]), master);
const server = createServer({ requestTimeout: 15_000, headersTimeout: 5000 }, app);
server.listen(port, "127.0.0.1", () => {
  const address = server.address();
  process.stdout.write(`shop at ${typeof address === "object" && address ? address.port : port}\n`);
});
process.on("SIGTERM", () => process.exit(0));
