import { printMoney, printNumber, printTrimmed, type Minor, type Reading } from "@core/units";
import { printDay } from "../../ui/days";
import { askedText } from "../items/selling";
import type { ListPaper, SignsPaper } from "../paper/input";

/** A piece with what it sells for in one way of selling. */
export interface Priced {
  readonly label: string;
  readonly price: number;
  /** Pieces at the place that is asked for. */
  readonly there: number;
}

interface Selling {
  readonly maker: string;
  readonly channel: string;
  readonly taxBp: number;
  readonly taxIncluded: boolean;
  /** What is asked of who buys many. */
  readonly leastPieces: number;
  readonly payWithinDays: number;
  /** Shares that the shop keeps, in hundredths of a per cent. */
  readonly shareBp: number;
  readonly paper: ListPaper["paper"];
  readonly today: string;
  readonly reading: Reading;
}

const percent = (bp: number, r: Reading): string =>
  `${printNumber(bp / 100, bp % 100 === 0 ? 0 : 2, r.locale)} %`;

function taxNote({ taxBp, taxIncluded, reading: r }: Selling): string[] {
  if (taxBp === 0) return [];
  return [
    taxIncluded
      ? `Prices include ${percent(taxBp, r)} tax.`
      : `${percent(taxBp, r)} tax is added to these prices.`,
  ];
}

function termsNote(s: Selling): string[] {
  const asked = askedText(s);
  return asked === "" ? [] : [`Terms: ${asked}.`];
}

/** What each piece is sold for in one way of selling. */
export function pricePaper(s: Selling, wares: readonly Priced[]): ListPaper {
  const r = s.reading;
  return {
    title: "Price list",
    sub: s.channel,
    maker: s.maker,
    paper: s.paper,
    facts: [
      ["As of", printDay(s.today, r.locale)],
      ["Pieces", String(wares.length)],
    ],
    tables: [
      {
        tick: false,
        columns: [
          { head: "Piece", wide: true },
          { head: "Price", right: true },
        ],
        rows: wares.map((w) => [w.label, { text: printMoney(w.price as Minor, r), bold: true }]),
      },
    ],
    notes: [
      ...taxNote(s),
      ...termsNote(s),
      "Made by hand: size and shade may differ a little from piece to piece.",
    ],
  };
}

/** What is left with a shop, at which price, and what is its own: to be signed by both. */
export function shelfNote(s: Selling, place: string, wares: readonly Priced[]): ListPaper {
  const r = s.reading;
  const there = wares.filter((w) => w.there > 0);
  const pieces = there.reduce((n, w) => n + w.there, 0);
  const worth = there.reduce((n, w) => n + w.there * w.price, 0);
  const own = (price: number) => Math.round((price * (10_000 - s.shareBp)) / 10_000);
  return {
    title: "Consignment note",
    sub: `What stands at ${place}`,
    maker: s.maker,
    paper: s.paper,
    facts: [
      ["As of", printDay(s.today, r.locale)],
      ["Pieces", printTrimmed(pieces, 0, r.locale)],
      ["Worth on the shelf", printMoney(worth as Minor, r)],
      ["The shop keeps", percent(s.shareBp, r)],
    ],
    tables: [
      {
        tick: true,
        columns: [
          { head: "Piece", wide: true },
          { head: "There", right: true },
          { head: "Sells for", right: true },
          { head: "Mine of each", right: true },
        ],
        rows: there.map((w) => [
          w.label,
          printTrimmed(w.there, 0, r.locale),
          printMoney(w.price as Minor, r),
          printMoney(own(w.price) as Minor, r),
        ]),
      },
    ],
    notes: [
      ...(there.length === 0 ? ["Nothing stands there now."] : []),
      ...taxNote(s),
      "The pieces stay mine until they are sold. What is sold, and what is owed for it, stands in the statement.",
    ],
    signed: ["Left by, day", "Taken over by, day"],
  };
}

/** "Puffin, slate" on a sign: the piece large, its colours below. */
export function signsOf(s: Selling, wares: readonly Priced[]): SignsPaper {
  return {
    maker: s.maker,
    paper: s.paper,
    signs: wares.map((w) => {
      const [name = w.label, ...rest] = w.label.split(", ");
      return { name, sub: rest.join(", "), price: printMoney(w.price as Minor, s.reading) };
    }),
  };
}
