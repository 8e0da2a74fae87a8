import { describe, expect, it } from "vitest";
import type { Reading } from "@core/units";
import { readTable } from "../import/table";
import { dayResult, type DaySale } from "./day";
import { marketSeries, weeklySeries } from "./history";
import { guessSaleMapping, readSales, type SalesKnown } from "./import";

const reading: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const known: SalesKnown = {
  reading,
  today: "2026-11-27",
  channels: [
    { id: "stall", name: "Market stall" },
    { id: "shop", name: "Own web shop" },
  ],
  wares: [
    { itemId: "puffin", colourwayId: "", item: "Puffin keychain", colourway: "", price: 1650 },
    {
      itemId: "puffin",
      colourwayId: "winter",
      item: "Puffin keychain",
      colourway: "winter plumage",
      price: 1750,
    },
  ],
};
function read(text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.why);
  return readSales(table.table, guessSaleMapping(table.table.header), known);
}

describe("a file of sales", () => {
  it("is read with the headings that makers use, colours in their own column or behind a comma", () => {
    const { good, problems } = read(
      'Date;Product;Colour;Where;Qty;Unit price;Payment;Order\n2026-11-01;Puffin keychain;winter plumage;Own web shop;2;17,50;Card;A7\n3.11.2026;"Puffin keychain, winter plumage";;;1;;cash;\n',
    );
    expect(problems).toEqual([]);
    expect(good).toMatchObject([
      {
        soldOn: "2026-11-01",
        colourwayId: "winter",
        channelId: "shop",
        quantity: 2,
        taken: 3500,
        paid: "card",
        order: "A7",
      },
      {
        soldOn: "2026-11-03",
        colourwayId: "winter",
        channelId: "stall",
        quantity: 1,
        taken: 1750,
        paid: "cash",
      },
    ]);
  });

  it("takes a total for all of them, and a return below zero", () => {
    const { good } = read(
      "day,item,pieces,total\n2026-11-01,Puffin keychain,3,45.00\n2026-11-02,Puffin keychain,-1,16.50\n",
    );
    expect(good).toMatchObject([
      { quantity: 3, taken: 4500, listPrice: 1500 },
      { quantity: -1, taken: -1650, listPrice: 1650 },
    ]);
  });

  it("says of each wrong row which line and column, and keeps the others", () => {
    const { good, problems } = read(
      "day,item,sold through,pieces,price\n2031-01-01,Puffin keychain,,1,16.50\n2026-11-01,Walrus,,1,16.50\n2026-11-01,Puffin keychain,Moon,1,16.50\n2026-11-01,Puffin keychain,,0,x\n2026-11-01,Puffin keychain,,1,16.50\n",
    );
    expect(good).toHaveLength(1);
    expect(problems.map((p) => [p.line, p.column])).toEqual([
      [2, "day"],
      [3, "item"],
      [4, "sold through"],
      [5, "pieces"],
      [5, "price"],
    ]);
  });
});

const sale = (over: Partial<DaySale> = {}): DaySale => ({
  customer: "a",
  at: new Date("2026-11-27T10:20:00Z"),
  itemId: "puffin",
  colourwayId: "",
  paid: "cash",
  quantity: 1,
  taken: 1650,
  feeBp: 0,
  fixedFee: 0,
  taxBp: 0,
  taxIncluded: true,
  ...over,
});

describe("a market day", () => {
  it("comes to its cash and card, its rows and its hours, empty hours in between included", () => {
    const got = dayResult(
      [
        sale(),
        sale({ customer: "b", paid: "card", at: new Date("2026-11-27T13:00:00Z") }),
        sale({ customer: "c", itemId: "buoy", taken: 800 }),
      ],
      [
        { itemId: "puffin", colourwayId: "", quantity: 2 },
        { itemId: "seal", colourwayId: "", quantity: 3 },
      ],
      (at) => at.getUTCHours(),
    );
    expect([got.cash, got.card, got.takings.paid]).toEqual([2450, 1650, 4100]);
    expect(got.rows.map((r) => [r.key, r.brought, r.sold])).toEqual([
      ["puffin:", 2, 2],
      ["buoy:", 0, 1],
      ["seal:", 3, 0],
    ]);
    expect(got.hours).toEqual([
      { hour: 10, pieces: 2 },
      { hour: 11, pieces: 0 },
      { hour: 12, pieces: 0 },
      { hour: 13, pieces: 1 },
    ]);
    expect(dayResult([], [], () => 0).hours).toEqual([]);
  });
});

describe("series that demand is learned from", () => {
  const wares = [
    { key: "puffin:", kind: "keychain" },
    { key: "seal:", kind: "keychain" },
  ];
  it("of markets: only closed days of the channel, only what was brought, sold out where all was sold", () => {
    const market = (id: string, onDay: string, state = "closed", channelId = "stall") => ({
      id,
      onDay,
      state,
      channelId,
    });
    const b = (marketId: string, itemId: string, quantity: number) => ({
      marketId,
      itemId,
      colourwayId: "",
      quantity,
    });
    const [puffin, seal] = marketSeries(
      "stall",
      [
        market("2", "2026-05-09"),
        market("1", "2026-05-02"),
        market("3", "2026-05-16", "open"),
        market("4", "2026-05-17", "closed", "shop"),
      ],
      [b("1", "puffin", 3), b("2", "puffin", 5), b("2", "seal", 2), b("4", "puffin", 9)],
      [b("1", "puffin", 3), b("2", "puffin", 1), b("4", "puffin", 9)],
      wares,
    );
    expect(puffin?.periods).toEqual([
      { month: 4, sold: 3, soldOut: true, there: 3, length: 1 },
      { month: 4, sold: 1, soldOut: false, there: 5, length: 1 },
    ]);
    expect(seal?.periods).toEqual([{ month: 4, sold: 0, soldOut: false, there: 2, length: 1 }]);
  });

  it("of weeks: from the first sale of a kind to today, weeks without any as nothing", () => {
    const day = (text: string) => Math.floor(Date.parse(`${text}T00:00:00Z`) / 86_400_000);
    const s = (itemId: string, soldOn: string, quantity = 1) => ({
      channelId: "shop",
      itemId,
      colourwayId: "",
      soldOn,
      quantity,
    });
    const [puffin, seal] = weeklySeries(
      "shop",
      day("2026-06-29"),
      day,
      [
        s("puffin", "2026-06-01"),
        s("puffin", "2026-06-02"),
        s("puffin", "2026-06-24"),
        s("seal", "2026-06-16"),
        s("puffin", "2026-06-24", -1),
      ],
      wares,
    );
    expect(puffin?.periods.map((p) => p.sold)).toEqual([2, 0, 0, 0]);
    expect(seal?.periods.map((p) => p.sold)).toEqual([1, 0]);
    expect(puffin?.periods[0]?.month).toBe(5);
  });
});
