import { toPricePoint } from "../units/round";
import { minor, type Minor } from "../units";

/** Sales or value added tax on a price. `included`: the price she writes is what the customer pays. */
export interface Tax {
  /** Share of the net price: 0.19 is 19 %. 0 under a small-business exemption. */
  readonly rate: number;
  readonly included: boolean;
}

/** What selling through one channel costs. Money in minor units. */
export interface Channel {
  /**
   * Shares of what the customer pays, one for each that takes one: card, platform, consignment. 0.065 is 6.5
   * %.
   */
  readonly percentFees: readonly number[];
  /** Paid once a sale, however many pieces it has. */
  readonly fixedPerSale: number;
  readonly piecesPerSale: number;
  /** Paid for the day or the month, and the pieces one expects to sell for it. */
  readonly stallFee: number;
  readonly expectedPieces: number;
  readonly tax: Tax;
}

/** What it takes to make one piece. Money in minor units. */
export interface Making {
  readonly materials: number;
  readonly minutes: number;
  readonly wagePerHour: number;
  readonly overheadPerHour: number;
  /** Only for the pieces that are sold: card, bag, tag. */
  readonly packaging: number;
  /** Share of the pieces that may be sold as first quality, above 0 up to 1. */
  readonly yield: number;
  /** What a second brings on average; the others pay for the rest of it. */
  readonly secondsBring?: number;
}

/** A price that no amount can reach: fees, tax and margin take all of it. */
export class NothingLeft extends RangeError {
  constructor(readonly share: number) {
    super(
      `fees, tax and margin together take ${(100 * share).toFixed(1)} % of the price: nothing is left to pay for the piece`,
    );
    this.name = "NothingLeft";
  }
}

const hoursOf = (m: Making): number => m.minutes / 60;
const lost = (m: Making): number => ((m.secondsBring ?? 0) * (1 - m.yield)) / m.yield;

/**
 * Cost of one piece that is sold: work and materials of those that failed are carried by those that passed.
 */
export const costPerSold = (m: Making): number =>
  (m.materials + hoursOf(m) * (m.wagePerHour + m.overheadPerHour)) / m.yield - lost(m) + m.packaging;

/** Fees of a piece that do not go with its price. */
export const fixedFees = (c: Channel): number =>
  (c.fixedPerSale === 0 ? 0 : c.fixedPerSale / c.piecesPerSale) +
  (c.stallFee === 0 ? 0 : c.stallFee / c.expectedPieces);

const feeShare = (c: Channel): number => c.percentFees.reduce((a, b) => a + b, 0);
/** What the customer pays, and what of it is hers before fees, for each unit of the price. */
const gross = (c: Channel): number => (c.tax.included ? 1 : 1 + c.tax.rate);
const netShare = (c: Channel): number => (c.tax.included ? 1 / (1 + c.tax.rate) : 1);

/**
 * What each unit more of the price adds to what is left beyond the margin; nothing or less where no price can
 * pay.
 */
export const shareKept = (c: Channel, margin: number): number =>
  netShare(c) * (1 - margin) - feeShare(c) * gross(c);

/**
 * The price at which what is left is `margin` of the net price: left = net − fees − cost, fees taken on what
 * the customer pays. Exact; margin 0 is the break-even price.
 *
 * @throws NothingLeft when each unit more of the price leaves nothing.
 */
export function priceLeaving(cost: number, c: Channel, margin: number): number {
  const share = shareKept(c, margin);
  if (share <= 1e-12) throw new NothingLeft(1 - share / netShare(c));
  return (cost + fixedFees(c)) / share;
}

/** The first price point at or above an exact price; a hair of rounding is no reason for the next one. */
export function pointAtOrAbove(exact: number, points: readonly number[], major = 100): Minor {
  const whole = minor(Math.max(0, Math.ceil(exact - 1e-7)));
  return toPricePoint(whole, points, major);
}

/** What a price brings and where it goes. Minor units, not rounded. */
export interface SaleAt {
  readonly price: number;
  readonly customerPays: number;
  readonly fees: number;
  readonly tax: number;
  readonly net: number;
  /** After fees and the whole cost, her wage included. */
  readonly left: number;
  /** What an hour of making earns when all else is paid; undefined when no time is known. */
  readonly perHour: number | undefined;
  /** The same before overhead: what to make next is ranked by it. */
  readonly contributionPerHour: number | undefined;
}

export function saleAt(price: number, m: Making, c: Channel): SaleAt {
  const customerPays = price * gross(c);
  const net = price * netShare(c);
  const fees = feeShare(c) * customerPays + fixedFees(c);
  const hours = hoursOf(m) / m.yield;
  const bare = m.materials / m.yield - lost(m) + m.packaging;
  const forTime = net - fees - bare;
  return {
    price,
    customerPays,
    fees,
    tax: customerPays - net,
    net,
    left: net - fees - costPerSold(m),
    perHour: hours > 0 ? (forTime - hours * m.overheadPerHour) / hours : undefined,
    contributionPerHour: hours > 0 ? forTime / hours : undefined,
  };
}
