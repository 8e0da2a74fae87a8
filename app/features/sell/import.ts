import { parseMoney, parseNumber, quantityProblemText, type Reading } from "@core/units";
import {
  fold,
  guessColumns,
  localeOf,
  pastDay,
  readEach,
  type ColumnMapping,
  type ImportProblem,
  type Table,
} from "../import/table";

/** What a column of a file of sales can hold. */
export const SALE_FIELDS = {
  day: "Day",
  item: "Item",
  colourway: "Colourway",
  channel: "Sold through",
  pieces: "Pieces",
  price: "Price of one",
  total: "Price of all",
  paid: "Paid by",
  order: "Order or customer",
} as const;
export type SaleField = keyof typeof SALE_FIELDS;
const HEADINGS: Readonly<Record<SaleField, readonly string[]>> = {
  day: ["day", "date", "soldon", "when", "orderdate"],
  item: ["item", "article", "design", "product", "name", "what", "title", "piece"],
  colourway: ["colourway", "colorway", "colour", "color", "variant", "variation"],
  channel: ["channel", "soldthrough", "where", "shop", "market", "place"],
  pieces: ["pieces", "quantity", "qty", "count", "howmany", "sold"],
  price: ["price", "unitprice", "priceeach", "each", "priceofone"],
  total: ["total", "amount", "sum", "priceofall", "taken", "paidtotal"],
  paid: ["paidby", "paid", "payment", "method", "paymentmethod"],
  order: ["order", "orderid", "ordernumber", "customer", "receipt", "sale"],
};
export type SaleMapping = ColumnMapping<SaleField>;
export const guessSaleMapping = (header: readonly string[]): SaleMapping => guessColumns(header, HEADINGS);

/** What a file of sales is read against. */
export interface SalesKnown {
  readonly reading: Reading;
  readonly wares: readonly {
    readonly itemId: string;
    readonly colourwayId: string;
    readonly item: string;
    readonly colourway: string;
    readonly price: number;
  }[];
  readonly channels: readonly { readonly id: string; readonly name: string }[];
  readonly today: string;
}
export interface ImportedSale {
  readonly line: number;
  readonly soldOn: string;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly channelId: string;
  readonly quantity: number;
  readonly listPrice: number;
  /** For all of them. */
  readonly taken: number;
  readonly paid: "cash" | "card" | "other";
  /** "" where the file names none: each row is then a sale of its own. */
  readonly order: string;
}

const PAID_WORDS: readonly (readonly ["cash" | "card", readonly string[]])[] = [
  ["cash", ["cash", "bar", "notes", "coins"]],
  ["card", ["card", "credit", "debit", "contactless"]],
];
const paidOf = (text: string): ImportedSale["paid"] =>
  PAID_WORDS.find(([, words]) => words.some((w) => fold(text).startsWith(w)))?.[0] ?? "other";

type Ware = SalesKnown["wares"][number];
/** "Puffin keychain" with "winter" in a column of its own, or "Puffin keychain, winter" in one. */
function wareOf(wares: readonly Ware[], item: string, colourway: string): Ware | undefined {
  const [name, colours] = [fold(item), fold(colourway)];
  return (
    wares.find((w) => fold(w.item) === name && fold(w.colourway) === colours) ??
    (colours === "" ? wares.find((w) => fold(`${w.item} ${w.colourway}`) === name) : undefined)
  );
}

/**
 * Sales that can be brought in, and what is wrong with the others: every problem names its line, column and
 * value.
 */
export function readSales(
  table: Table,
  mapping: SaleMapping,
  known: SalesKnown,
): { good: ImportedSale[]; problems: ImportProblem[] } {
  const { currency } = known.reading;
  const locale = localeOf(table, known.reading.locale);
  const channels = new Map(known.channels.map((c) => [fold(c.name), c.id]));
  return readEach(table, mapping, SALE_FIELDS, (row) => {
    const { line, cell, wrong, has } = row;
    const soldOn = pastDay(row, "day", known.today);
    const ware = wareOf(known.wares, cell("item"), cell("colourway"));
    if (!ware)
      wrong("item", cell("item") === "" ? "This is missing." : "No item, in these colours, has this name.");
    const channelId = cell("channel") === "" ? known.channels[0]?.id : channels.get(fold(cell("channel")));
    if (channelId === undefined)
      wrong("channel", `Nothing is sold through it here: ${known.channels.map((c) => c.name).join(", ")}.`);
    const count =
      cell("pieces") === "" ? { ok: true as const, value: 1 } : parseNumber(cell("pieces"), locale);
    if (!count.ok) wrong("pieces", quantityProblemText(count.problem));
    else if (!Number.isInteger(count.value) || count.value === 0 || Math.abs(count.value) > 10_000)
      wrong("pieces", "A whole number; below zero for what came back.");
    const priced: SaleField = has("total") && cell("total") !== "" ? "total" : "price";
    const money =
      cell(priced) === "" && ware
        ? { ok: true as const, value: ware.price }
        : parseMoney(cell(priced).replace(/^-/, ""), currency, locale);
    if (!money.ok) wrong(priced, quantityProblemText(money.problem));
    if (!soldOn || !ware || !channelId || !count.ok || !money.ok) return undefined;
    const size = Math.abs(count.value);
    const [listPrice, all] =
      priced === "total" ? [Math.round(money.value / size), money.value] : [money.value, money.value * size];
    return {
      line,
      soldOn,
      itemId: ware.itemId,
      colourwayId: ware.colourwayId,
      channelId,
      quantity: count.value,
      listPrice,
      taken: Math.sign(count.value) * all,
      paid: paidOf(cell("paid")),
      order: cell("order").slice(0, 60),
    };
  });
}
