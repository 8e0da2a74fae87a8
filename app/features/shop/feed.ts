import { createHash, createHmac, timingSafeEqual } from "node:crypto";
import { z } from "zod";

/**
 * The words that a shop and Lapka say to each other (docs/shop-feed.md): JSON over HTTP, each request and each
 * answer signed with a key that both have.
 */
export const MOST_BYTES = 1_000_000;
export const MOST_ORDERS = 100;
/** A signature older than this is worth nothing: what was overheard cannot be said again later. */
export const SIGNED_FOR_S = 300;

const money = z.number().int().min(0).max(100_000_000);
const sku = z.string().regex(/^[A-Za-z0-9-]{1,24}$/);
const number = z.string().regex(/^[A-Za-z0-9-]{1,40}$/);
const text = (most: number) => z.string().max(most).trim();

export const orderWord = z.object({
  number,
  seq: z.number().int().min(1).max(1_000_000),
  state: z.enum(["placed", "cancelled"]),
  placedAt: z.iso.datetime(),
  currency: z.string().regex(/^[A-Z]{3}$/),
  lines: z
    .array(z.object({ sku, quantity: z.number().int().min(1).max(500), unitPrice: money }))
    .min(1)
    .max(50),
  postage: money,
  total: money,
  shipTo: z.object({ name: text(80), address: text(300) }),
  wishes: text(500),
});
export type OrderWord = z.infer<typeof orderWord>;

export const ordersAnswer = z.object({
  orders: z.array(orderWord).max(MOST_ORDERS),
  next: z.string().max(120),
  more: z.boolean(),
  /** What the shop has been told: digests of the last catalogue and stock, "" for none. */
  catalogue: z.string().max(64),
  stock: z.string().max(64),
  /** Products of which the shop has no picture, or an old one. */
  wanted: z.array(sku).max(2000),
});
export type OrdersAnswer = z.infer<typeof ordersAnswer>;

export const catalogueWord = z.object({
  digest: z.string().max(64),
  currency: z.string().regex(/^[A-Z]{3}$/),
  products: z
    .array(
      z.object({
        sku,
        name: text(160),
        /** What the customer pays, tax in it. */
        price: money,
        /** What belongs beside it wherever it is sold: whom it is for, and cautions. */
        cautions: z.array(text(400)).max(20),
        care: text(200),
        /** Another picture has another mark; "" where there is none. */
        picture: z.string().max(40),
      }),
    )
    .max(2000),
});
export type CatalogueWord = z.infer<typeof catalogueWord>;

export const stockWord = z.object({
  digest: z.string().max(64),
  /** Milliseconds: of two that arrive, the later one holds. */
  at: z.number().int().min(0),
  stock: z.array(z.object({ sku, quantity: z.number().int().min(0).max(100_000) })).max(2000),
});
export type StockWord = z.infer<typeof stockWord>;

export const pictureWord = z.object({ mark: z.string().min(1).max(40), png: z.base64().max(700_000) });
export type PictureWord = z.infer<typeof pictureWord>;

export const sentWord = z.object({ at: z.iso.datetime() });
export const offWord = z.object({ at: z.iso.datetime(), why: text(200) });

export const digestOf = (what: unknown): string =>
  createHash("sha256").update(JSON.stringify(what)).digest("hex");

/** What is signed of a request, or (with a status for its method) of an answer. */
export interface Signed {
  /** Seconds since 1970. */
  readonly time: number;
  /** "GET", or "200" of an answer. */
  readonly verb: string;
  /** With what stands behind "?". */
  readonly path: string;
  readonly body: string;
}

/** HMAC-SHA256 (RFC 2104) over time, verb, path and the body's own digest, a line each; hexadecimal. */
export const signatureOf = (key: string, s: Signed): string =>
  createHmac("sha256", key)
    .update([s.time, s.verb, s.path, createHash("sha256").update(s.body).digest("hex")].join("\n"))
    .digest("hex");

/** Whether a signature is right, in a time that tells nothing of it, and fresh. */
export function isSigned(key: string, s: Signed, signature: string | null | undefined, now: number): boolean {
  if (!Number.isFinite(s.time) || Math.abs(now / 1000 - s.time) > SIGNED_FOR_S) return false;
  const right = Buffer.from(signatureOf(key, s));
  const given = Buffer.from(signature ?? "");
  return right.length === given.length && timingSafeEqual(right, given);
}

/** Each workshop's key with the shop: made of the one that both sides were started with. */
export const keyOf = (master: string, workshopId: string): string =>
  createHmac("sha256", master).update(`shop of ${workshopId}`).digest("hex");
