import { createServer as httpServer } from "node:http";
import { createServer as tcpServer, type AddressInfo, type Server } from "node:net";
import { strToU8 } from "fflate";
import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { keyOf, ordersAnswer, signatureOf, type OrdersAnswer } from "../../app/features/shop/feed";
import { shopFeed, ShopFailed } from "../../app/features/shop/shop.server";
import { printerAt, readPrinterLine } from "../../app/features/printer/printer.server";
import { reencoded } from "../../app/server/picture.server";
import { mutated } from "./bytes";
import { drawFrom, pick, SPITEFUL, type Draw } from "./texts";

const TRIES = Number(process.env.LAPKA_FUZZ ?? 300);

/** A server on a free port while something is done with it. */
async function served<T>(server: Server, use: (port: number) => Promise<T>): Promise<T> {
  await new Promise<void>((up) => server.listen(0, "127.0.0.1", up));
  try {
    return await use((server.address() as AddressInfo).port);
  } finally {
    server.close();
  }
}

const ORDERS: OrdersAnswer = {
  orders: [
    {
      number: "A-1",
      seq: 1,
      state: "placed",
      placedAt: "2026-11-28T10:00:00Z",
      currency: "EUR",
      lines: [{ sku: "PUF-1", quantity: 2, unitPrice: 1650 }],
      postage: 300,
      total: 3600,
      shipTo: { name: "Ida", address: "Quay 3" },
      wishes: "",
    },
  ],
  next: "1",
  more: false,
  catalogue: "",
  stock: "",
  wanted: ["PUF-1"],
};

/** One value of an answer put in another's place, or a spiteful one. */
function spoilt(draw: Draw, value: unknown): unknown {
  if (draw(6) === 0)
    return pick<unknown>(draw, [...SPITEFUL, null, -1, 1e300, [], {}, true, "x".repeat(5000), [[[]]]]);
  if (Array.isArray(value)) return value.flatMap((v) => (draw(9) === 0 ? [] : [spoilt(draw, v)]));
  if (typeof value === "object" && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([k, v]) => [draw(12) === 0 ? "__proto__" : k, spoilt(draw, v)]),
    );
  return value;
}

describe("what devices and services outside say, spoilt on the way or on purpose", () => {
  it("a shop's answers: taken when they hold, else one of the troubles that the page knows", async () => {
    const draw = drawFrom(31);
    const key = "a key of sixteen letters";
    const path = "/w/w1/orders?after=";
    let [taken, troubles] = [0, 0];
    const shop = httpServer((_, answer) => {
      const text = JSON.stringify(draw(3) === 0 ? ORDERS : spoilt(draw, ORDERS));
      const body = Buffer.from(draw(2) === 0 ? text : mutated(draw, strToU8(text)));
      const status = draw(8) === 0 ? pick(draw, [200, 204, 302, 404, 418, 500, 503]) : 200;
      const time = Math.floor(Date.now() / 1000) - (draw(10) === 0 ? 4000 : 0);
      const said = { time, verb: String(status), path, body: body.toString("utf8") };
      answer.writeHead(status, {
        "Shop-Time": String(time),
        "Shop-Signature": draw(10) === 0 ? "0".repeat(64) : signatureOf(keyOf(key, "w1"), said),
      });
      if (draw(20) === 0) answer.destroy();
      else answer.end(status === 204 ? undefined : body);
    });
    await served(shop, async (port) => {
      const feed = shopFeed({ key, url: `http://127.0.0.1:${port}` }, "w1");
      for (let i = 0; i < TRIES; i++)
        try {
          expect(ordersAnswer.safeParse(await feed.orders("")).success).toBe(true);
          taken++;
        } catch (error) {
          if (!(error instanceof ShopFailed)) throw error;
          expect(["away", "unsigned", "refused", "unreadable"]).toContain(error.trouble);
          troubles++;
        }
    });
    expect(taken).toBeGreaterThan(TRIES / 20);
    expect(troubles).toBeGreaterThan(TRIES / 4);
  });

  it("a label printer's lines: its words, or none", async () => {
    const draw = drawFrom(32);
    const lines = ["state ready 40", "state paper 0", "printed 0199-a", "spoiled 0199-a", "dropped 0199-a"];
    for (let i = 0; i < TRIES * 10; i++) {
      const line = Buffer.from(mutated(draw, strToU8(pick(draw, lines)))).toString("utf8");
      const read = readPrinterLine(line);
      if (read?.kind === "state") expect(read.state.left).toBeLessThan(1_000_000);
      if (read?.kind === "label") expect(line).toContain(read.id);
    }
    // Bytes without an end, a line cut off, an answer before the question.
    const noise = [
      "x".repeat(200_000),
      "state",
      "printed \u0000\n\n\n",
      "state ready -1\nstate jam 7\n",
      "\uffff\n",
    ];
    const told = noise.map((text) =>
      served(
        tcpServer((s) => void s.on("error", () => undefined).end(text)),
        (port) => printerAt(port, undefined).state(),
      ),
    );
    expect((await Promise.all(told)).map((s) => s.word)).toEqual(["away", "away", "away", "jam", "away"]);
  });

  it("photos: a picture of bounded size, or none", async () => {
    const draw = drawFrom(33);
    const raw = sharp({ create: { width: 60, height: 40, channels: 3, background: "#3d4c57" } });
    const files = await Promise.all([
      raw.clone().jpeg().toBuffer(),
      raw.clone().png().toBuffer(),
      raw.clone().webp().toBuffer(),
    ]);
    let none = 0;
    for (let i = 0; i < TRIES; i++) {
      const picture = await reencoded(mutated(draw, pick(draw, files)));
      if (!picture) none++;
      else {
        const { width, height, format } = await sharp(picture).metadata();
        expect([format, Math.max(width, height) <= 1000]).toEqual(["jpeg", true]);
      }
    }
    expect(none).toBeGreaterThan(TRIES / 10);
  });
});
