import { BARE_SALE, type Selling } from "@core/costing";
import { printMoney, printTrimmed, type Minor, type Reading } from "@core/units";

/** A way of selling as the pages know it. Money in minor units. */
export interface ChannelView {
  readonly id: string;
  readonly label: string;
  readonly fees: readonly { readonly name: string; readonly bp: number }[];
  /** Paid for each sale: its fee, its parcel beyond what the customer pays, its box. */
  readonly fixed: number;
  readonly postage: number;
  readonly packing: number;
  readonly piecesPerSale: number;
  readonly stallFee: number;
  readonly expectedPieces: number;
  readonly taxBp: number;
  readonly taxIncluded: boolean;
  /** Asked of who buys many: pieces at least, days until it is paid; 0 asks nothing. */
  readonly leastPieces: number;
  readonly payWithinDays: number;
}

/** How many of an item's pieces can be sold, and what the others bring. */
export interface Passes {
  readonly yieldBp: number;
  readonly secondBrings: number;
}
export const ALL_PASS: Passes = { yieldBp: 10_000, secondBrings: 0 };

export function sellingOf(c: ChannelView | undefined, passes: Passes = ALL_PASS): Selling {
  const own = { yield: passes.yieldBp / 10_000, secondBrings: passes.secondBrings };
  if (!c) return { ...BARE_SALE, ...own };
  return {
    label: c.label,
    channel: {
      percentFees: c.fees.map((f) => f.bp / 10_000),
      fixedPerSale: c.fixed + c.postage + c.packing,
      piecesPerSale: c.piecesPerSale,
      stallFee: c.stallFee,
      expectedPieces: c.expectedPieces,
      tax: { rate: c.taxBp / 10_000, included: c.taxIncluded },
    },
    ...own,
  };
}

/** What is asked of who buys many, in a line: "12 pieces at least, paid within 30 days"; empty if nothing is. */
export function askedText(c: Pick<ChannelView, "leastPieces" | "payWithinDays">): string {
  return [
    c.leastPieces > 1 ? `${c.leastPieces} pieces at least` : "",
    c.payWithinDays > 0 ? `paid within ${c.payWithinDays} ${c.payWithinDays === 1 ? "day" : "days"}` : "",
  ]
    .filter((x) => x !== "")
    .join(", ");
}

/**
 * What a way of selling takes, in a line: "card 1.5 %, 0.30 a sale, 1.8 pieces a sale, tax 19 % in the price".
 */
export function takesText(c: ChannelView | undefined, r: Reading): string {
  if (!c) return "takes nothing";
  const percent = (bp: number) => `${printTrimmed(bp / 100, 2, r.locale)} %`;
  const money = (n: number) => printMoney(n as Minor, r);
  const parts = [
    ...c.fees.map((f) => `${f.name || "fee"} ${percent(f.bp)}`),
    c.fixed > 0 ? `${money(c.fixed)} a sale` : "",
    c.postage > 0 ? `postage ${money(c.postage)} a sale` : "",
    c.packing > 0 ? `box ${money(c.packing)} a sale` : "",
    c.fixed + c.postage + c.packing > 0 && c.piecesPerSale > 1
      ? `${printTrimmed(c.piecesPerSale, 2, r.locale)} pieces a sale`
      : "",
    c.stallFee > 0 ? `${money(c.stallFee)} shared by ${c.expectedPieces} pieces` : "",
    c.taxBp > 0 ? `tax ${percent(c.taxBp)} ${c.taxIncluded ? "in the price" : "on top"}` : "",
  ].filter((x) => x !== "");
  return parts.length > 0 ? parts.join(", ") : "takes nothing";
}
