import { BARE_SALE, type Selling } from "@core/costing";
import { printMoney, printTrimmed, type Minor, type Reading } from "@core/units";

/** A way of selling as the pages know it. Money in minor units. */
export interface ChannelView {
  readonly id: string;
  readonly label: string;
  readonly fees: readonly { readonly name: string; readonly bp: number }[];
  readonly fixed: number;
  readonly piecesPerSale: number;
  readonly stallFee: number;
  readonly expectedPieces: number;
  readonly taxBp: number;
  readonly taxIncluded: boolean;
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
      fixedPerSale: c.fixed,
      piecesPerSale: c.piecesPerSale,
      stallFee: c.stallFee,
      expectedPieces: c.expectedPieces,
      tax: { rate: c.taxBp / 10_000, included: c.taxIncluded },
    },
    ...own,
  };
}

/** What a way of selling takes, in a line: "card 1.5 %, 0.30 a sale of 1.8 pieces, tax 19 % in the price". */
export function takesText(c: ChannelView | undefined, r: Reading): string {
  if (!c) return "takes nothing";
  const percent = (bp: number) => `${printTrimmed(bp / 100, 2, r.locale)} %`;
  const money = (n: number) => printMoney(n as Minor, r);
  const parts = [
    ...c.fees.map((f) => `${f.name || "fee"} ${percent(f.bp)}`),
    c.fixed > 0
      ? `${money(c.fixed)} a sale${c.piecesPerSale > 1 ? ` of ${printTrimmed(c.piecesPerSale, 2, r.locale)} pieces` : ""}`
      : "",
    c.stallFee > 0 ? `${money(c.stallFee)} shared by ${c.expectedPieces} pieces` : "",
    c.taxBp > 0 ? `tax ${percent(c.taxBp)} ${c.taxIncluded ? "in the price" : "on top"}` : "",
  ].filter((x) => x !== "");
  return parts.length > 0 ? parts.join(", ") : "takes nothing";
}
