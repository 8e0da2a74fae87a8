import express, { type Express, type Request, type Response } from "express";
import {
  catalogueWord,
  isSigned,
  keyOf,
  MOST_BYTES,
  offWord,
  pictureWord,
  sentWord,
  signatureOf,
  stockWord,
  type OrdersAnswer,
} from "../../app/features/shop/feed";
import { shopPage } from "./page";
import { cancel, order, ordersOf, type Shops, type ShopState } from "./state";

const AT_ONCE = 20;
const ID = /^[0-9a-f-]{36}$/;

/** The shops of all workshops: their signed feed, and a page of each for who tries it out. */
export function createShops(shops: Shops, master: string): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use("/w/:id", (req, res, next) => {
    if (ID.test(req.params.id)) next();
    else res.status(404).end();
  });
  app.get("/favicon.ico", (_req, res) => void res.status(204).end());
  feed(app, shops, master);
  page(app, shops);
  return app;
}

function feed(app: Express, shops: Shops, master: string): void {
  const signed = (
    work: (s: ShopState, body: unknown, req: Request) => { status: number; body?: unknown },
  ) => [
    express.text({ type: () => true, limit: MOST_BYTES }),
    (req: Request, res: Response) => {
      const id = String(req.params.id);
      const s = shops.of(id);
      if (s.manners.away) return void res.status(503).end();
      const key = keyOf(master, id);
      const text = typeof req.body === "string" ? req.body : "";
      const said = {
        time: Number(req.get("Shop-Time")),
        verb: req.method,
        path: req.originalUrl,
        body: text,
      };
      const right = isSigned(key, said, req.get("Shop-Signature"), Date.now());
      const done = right ? work(s, parsed(text), req) : { status: 401, body: { error: "not signed" } };
      if (right && req.method !== "GET") shops.keep();
      const body = done.body === undefined ? "" : JSON.stringify(done.body);
      const time = Math.floor(Date.now() / 1000);
      res.status(done.status).set({
        "Content-Type": "application/json",
        "Shop-Time": String(time),
        "Shop-Signature": signatureOf(key, { time, verb: String(done.status), path: req.originalUrl, body }),
      });
      res.send(body);
    },
  ];
  app.get(
    "/w/:id/orders",
    ...signed((s, _body, req) => ({ status: 200, body: ordersAfter(s, req.query.after) })),
  );
  app.put(
    "/w/:id/catalogue",
    ...signed((s, body) => {
      const read = catalogueWord.safeParse(body);
      if (read.success) s.catalogue = read.data;
      return { status: read.success ? 204 : 400 };
    }),
  );
  app.put(
    "/w/:id/stock",
    ...signed((s, body) => {
      const read = stockWord.safeParse(body);
      // What was said earlier and arrives later is old.
      if (read.success && read.data.at >= (s.stock?.at ?? 0)) {
        s.stock = read.data;
        s.soldSince = {};
      }
      return { status: read.success ? 204 : 400 };
    }),
  );
  app.post(
    "/w/:id/products/:sku/picture",
    ...signed((s, body, req) => {
      const read = pictureWord.safeParse(body);
      const sku = String(req.params.sku);
      if (!s.catalogue?.products.some((p) => p.sku === sku)) return { status: 404 };
      if (read.success) s.pictures[sku] = read.data;
      return { status: read.success ? 204 : 400 };
    }),
  );
  for (const [what, schema] of [
    ["sent", sentWord],
    ["off", offWord],
  ] as const)
    app.post(
      `/w/:id/orders/:number/${what}`,
      ...signed((s, body, req) => {
        const number = String(req.params.number);
        const read = schema.safeParse(body);
        if (!read.success) return { status: 400 };
        if (!ordersOf(s).some((o) => o.number === number)) return { status: 404 };
        // Said twice is once.
        if (!s.told.some((t) => t.number === number && t.what === what))
          s.told.push({ number, what, at: read.data.at });
        return { status: 204 };
      }),
    );
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Orders behind a mark; a mark that is not ours begins at the first. */
function ordersAfter(s: ShopState, after: unknown): OrdersAnswer {
  const n = Number(/^o(\d+)$/.exec(String(after))?.[1] ?? 0);
  const from = n <= s.words.length ? n : 0;
  const some = s.words.slice(from, from + AT_ONCE);
  return {
    orders: s.manners.muddled ? [...some, ...some].reverse() : some,
    next: `o${from + some.length}`,
    more: from + some.length < s.words.length,
    catalogue: s.catalogue?.digest ?? "",
    // What was sold meanwhile is counted anew by who makes it.
    stock: s.stock?.digest ?? "",
    wanted: (s.catalogue?.products ?? [])
      .filter((p) => p.picture !== "" && s.pictures[p.sku]?.mark !== p.picture)
      .map((p) => p.sku),
  };
}

/** The page is for who sits at this machine: a form of another page is not taken. */
function page(app: Express, shops: Shops): void {
  app.use("/w/:id", (req, res, next) => {
    const origin = req.get("Origin");
    if (req.method !== "GET" && origin !== `http://${req.get("Host") ?? ""}`) res.status(403).end();
    else next();
  });
  app.get("/w/:id", (req, res) => {
    res
      .set(
        "Content-Security-Policy",
        "default-src 'none'; img-src 'self'; style-src 'unsafe-inline'; form-action 'self'",
      )
      .type("html")
      .send(shopPage(req.params.id, shops.of(req.params.id)));
  });
  app.get("/w/:id/products/:sku.png", (req, res) => {
    const picture = shops.of(req.params.id).pictures[req.params.sku];
    if (picture) res.type("png").send(Buffer.from(picture.png, "base64"));
    else res.status(404).end();
  });
  app.post("/w/:id", express.urlencoded({ extended: false, limit: 4000 }), (req, res) => {
    const s = shops.of(req.params.id);
    const form = req.body as Record<string, unknown>;
    const quantity = Math.min(99, Math.max(1, Math.floor(Number(form.quantity ?? 1)) || 1));
    if (form.what === "order") order(s, String(form.sku), quantity, new Date());
    if (form.what === "cancel") cancel(s, String(form.number));
    if (form.what === "manners")
      s.manners = {
        away: form.away === "on",
        muddled: form.muddled === "on",
        oversells: form.oversells === "on",
      };
    shops.keep();
    res.redirect(303, `/w/${req.params.id}`);
  });
}
