import { readFileSync, renameSync, writeFileSync } from "node:fs";
import type { CatalogueWord, OrderWord, StockWord } from "../../app/features/shop/feed";

/** How the shop behaves, to see what becomes of it. */
export interface Manners {
  /** Nobody answers. */
  away: boolean;
  /** Everything is said twice, and the last first. */
  muddled: boolean;
  /** It sells what it has not got. */
  oversells: boolean;
}
export interface Told {
  readonly number: string;
  readonly what: "sent" | "off";
  readonly at: string;
}
export interface ShopState {
  catalogue: CatalogueWord | undefined;
  stock: StockWord | undefined;
  /** What was sold since the stock was told last, by short name. */
  soldSince: Record<string, number>;
  /** Pictures by short name: mark and PNG, base64. */
  pictures: Record<string, { mark: string; png: string }>;
  /** Every word on an order, in the order in which they were said. */
  words: OrderWord[];
  told: Told[];
  manners: Manners;
}

const fresh = (): ShopState => ({
  catalogue: undefined,
  stock: undefined,
  soldSince: {},
  pictures: {},
  words: [],
  told: [],
  manners: { away: false, muddled: false, oversells: false },
});

export interface Shops {
  readonly of: (workshopId: string) => ShopState;
  readonly keep: () => void;
}

/** The shops of a file, one a workshop; without a file they live as long as the process. */
export function openShops(file: string | undefined): Shops {
  let all: Record<string, ShopState> = {};
  try {
    if (file) all = JSON.parse(readFileSync(file, "utf8")) as Record<string, ShopState>;
  } catch {
    // The first start.
  }
  return {
    of: (id) => (all[id] ??= fresh()),
    keep: () => {
      if (!file) return;
      writeFileSync(`${file}.new`, JSON.stringify(all), { mode: 0o600 });
      renameSync(`${file}.new`, file);
    },
  };
}

/** The newest word on each order. */
export const ordersOf = (s: ShopState): OrderWord[] => [
  ...new Map(s.words.map((w) => [w.number, w])).values(),
];
/** Pieces that the shop thinks it can sell. */
export const leftOf = (s: ShopState, sku: string): number =>
  Math.max(0, (s.stock?.stock.find((x) => x.sku === sku)?.quantity ?? 0) - (s.soldSince[sku] ?? 0));

const NAMES = ["Ines", "Torvald", "Maeve", "Lio", "Anouk", "Bram", "Signe", "Pol"];
const STREETS = ["Rope Lane", "Lantern Row", "Gull Steps", "Net Street", "Pilot's Close"];
const TOWNS = ["Northwick Sound", "Saltholm", "Eastmole", "Marram Bay"];
const FIRST = 2001;
export const POSTAGE = 350;

/** Somebody orders. */
export function order(s: ShopState, sku: string, quantity: number, now: Date): OrderWord | undefined {
  const product = s.catalogue?.products.find((p) => p.sku === sku);
  if (!product || !s.catalogue || (!s.manners.oversells && leftOf(s, sku) < quantity)) return undefined;
  const n = ordersOf(s).length;
  const pick = (of: readonly string[], step: number) => of[(n * step) % of.length] ?? "";
  const word: OrderWord = {
    number: String(FIRST + n),
    seq: 1,
    state: "placed",
    placedAt: now.toISOString(),
    currency: s.catalogue.currency,
    lines: [{ sku, quantity, unitPrice: product.price }],
    postage: POSTAGE,
    total: product.price * quantity + POSTAGE,
    shipTo: {
      name: pick(NAMES, 3),
      address: `${1 + ((n * 7) % 40)} ${pick(STREETS, 2)}\n${pick(TOWNS, 3)}`,
    },
    wishes: n % 4 === 1 ? "It is a present: no bill in the parcel, please." : "",
  };
  s.words.push(word);
  s.soldSince[sku] = (s.soldSince[sku] ?? 0) + quantity;
  return word;
}

/** The customer thinks better of it. */
export function cancel(s: ShopState, number: string): void {
  const last = ordersOf(s).find((w) => w.number === number);
  if (!last || last.state === "cancelled") return;
  s.words.push({ ...last, seq: last.seq + 1, state: "cancelled" });
  for (const l of last.lines) s.soldSince[l.sku] = Math.max(0, (s.soldSince[l.sku] ?? 0) - l.quantity);
}
