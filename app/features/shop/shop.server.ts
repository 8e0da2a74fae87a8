import {
  isSigned,
  keyOf,
  MOST_BYTES,
  ordersAnswer,
  signatureOf,
  type CatalogueWord,
  type OrdersAnswer,
  type PictureWord,
  type StockWord,
} from "./feed";
import type { SHOP_TROUBLES } from "@db/schema";

export type ShopTrouble = (typeof SHOP_TROUBLES)[number];

/** A shop that could not be asked, and why. */
export class ShopFailed extends Error {
  constructor(
    readonly trouble: ShopTrouble,
    readonly status = 0,
  ) {
    super(`the shop: ${trouble}${status > 0 ? ` (${status})` : ""}`);
    this.name = "ShopFailed";
  }
}

/** What Lapka needs of any shop. Another one fills the same. */
export interface ShopFeed {
  /** Orders behind a mark; "" begins at the first. @throws ShopFailed */
  readonly orders: (after: string) => Promise<OrdersAnswer>;
  readonly catalogue: (word: CatalogueWord) => Promise<void>;
  readonly stock: (word: StockWord) => Promise<void>;
  readonly picture: (sku: string, word: PictureWord) => Promise<boolean>;
  /** Answers false where the shop knows no such order. */
  readonly sent: (number: string, at: Date) => Promise<boolean>;
  readonly calledOff: (number: string, at: Date, why: string) => Promise<boolean>;
}

const WAIT_MS = 6000;

/** Where the shop of this installation is and the key that it was started with; undefined where there is none. */
export function ownShop(env: NodeJS.ProcessEnv = process.env): { url: string; key: string } | undefined {
  const { LAPKA_SHOP_URL: url, LAPKA_SHOP_KEY: key } = env;
  return url && key && key.length >= 16 && URL.canParse(url)
    ? { url: url.replace(/\/$/, ""), key }
    : undefined;
}

/** The shop of one workshop, over HTTP. */
export function shopFeed(at: { readonly url: string; readonly key: string }, workshopId: string): ShopFeed {
  const key = keyOf(at.key, workshopId);
  const ask = (method: string, path: string, word?: unknown) =>
    asked(at.url, key, method, `/w/${workshopId}${path}`, word === undefined ? "" : JSON.stringify(word));
  const tell = async (path: string, word: unknown): Promise<boolean> => {
    try {
      await ask("POST", path, word);
      return true;
    } catch (error) {
      if (error instanceof ShopFailed && error.status === 404) return false;
      throw error;
    }
  };
  return {
    orders: async (after) => {
      const read = ordersAnswer.safeParse(await ask("GET", `/orders?after=${encodeURIComponent(after)}`));
      if (!read.success) throw new ShopFailed("unreadable");
      return read.data;
    },
    catalogue: async (word) => void (await ask("PUT", "/catalogue", word)),
    stock: async (word) => void (await ask("PUT", "/stock", word)),
    picture: (sku, word) => tell(`/products/${sku}/picture`, word),
    sent: (number, when) => tell(`/orders/${number}/sent`, { at: when.toISOString() }),
    calledOff: (number, when, why) => tell(`/orders/${number}/off`, { at: when.toISOString(), why }),
  };
}

/** One signed request and its signed answer, as JSON. @throws ShopFailed */
async function asked(url: string, key: string, method: string, path: string, body: string): Promise<unknown> {
  const time = Math.floor(Date.now() / 1000);
  let answer: Response;
  let text: string;
  try {
    answer = await fetch(`${url}${path}`, {
      method,
      ...(body === "" ? {} : { body }),
      redirect: "error",
      signal: AbortSignal.timeout(WAIT_MS),
      headers: {
        "Content-Type": "application/json",
        "Shop-Time": String(time),
        "Shop-Signature": signatureOf(key, { time, verb: method, path, body }),
      },
    });
    text = await bounded(answer);
  } catch (error) {
    throw error instanceof ShopFailed ? error : new ShopFailed("away");
  }
  if (answer.status >= 500) throw new ShopFailed("away", answer.status);
  const said = {
    time: Number(answer.headers.get("Shop-Time")),
    verb: String(answer.status),
    path,
    body: text,
  };
  if (!isSigned(key, said, answer.headers.get("Shop-Signature"), Date.now()))
    throw new ShopFailed("unsigned");
  if (!answer.ok) throw new ShopFailed("refused", answer.status);
  try {
    return text === "" ? undefined : JSON.parse(text);
  } catch {
    throw new ShopFailed("unreadable");
  }
}

/** An answer's text; one that does not end is not read to its end. */
async function bounded(answer: Response): Promise<string> {
  const parts: Uint8Array[] = [];
  let bytes = 0;
  for await (const part of (answer.body ?? []) as AsyncIterable<Uint8Array>) {
    bytes += part.length;
    if (bytes > MOST_BYTES) throw new ShopFailed("unreadable");
    parts.push(part);
  }
  return Buffer.concat(parts).toString("utf8");
}
