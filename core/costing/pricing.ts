import { minor, toPricePoint, type Minor } from "../units";
import { spreadOf, type Cost, type Labour } from "./cost";
import { costPerSold, priceLeaving, saleAt, shareKept, type Channel, type Making } from "./sale";

/** How an item is sold, and how many of its pieces can be. */
export interface Selling {
  readonly label: string;
  readonly channel: Channel;
  /** Share of the pieces that may be sold as first quality, above 0 up to 1. */
  readonly yield: number;
  /** What a second brings, minor units; 0: it is given away. */
  readonly secondBrings: number;
}

/** A sale that takes nothing: no fees, no tax, every piece passes. */
export const BARE_SALE: Selling = {
  label: "no fees",
  channel: {
    percentFees: [],
    fixedPerSale: 0,
    piecesPerSale: 1,
    stallFee: 0,
    expectedPieces: 1,
    tax: { rate: 0, included: true },
  },
  yield: 1,
  secondBrings: 0,
};

/**
 * A piece's cost as its lines show it, put into what a sale asks for; the amounts stay the rounded ones that
 * are shown.
 */
export function makingOf(cost: Cost, seconds: number, s: Selling): Making {
  const packaging = cost.lines.filter((l) => l.kind === "packaging").reduce((sum, l) => sum + l.amount, 0);
  const hourly = (amount: number) => (seconds > 0 ? (amount * 3600) / seconds : 0);
  return {
    materials: cost.material - packaging,
    minutes: seconds / 60,
    wagePerHour: hourly(cost.wage),
    overheadPerHour: hourly(cost.overhead),
    packaging,
    yield: s.yield,
    secondsBring: s.secondBrings,
  };
}

export interface Pricing {
  /** The price that pays everything, before it is raised to a price point. */
  readonly exact: Minor;
  /** The same at the ends of the cost's range. */
  readonly low: Minor;
  readonly high: Minor;
  readonly suggested: Minor;
  /** Below this the piece loses money even if her hours were free. */
  readonly floor: Minor;
}

/**
 * The price that leaves `margin` of what is hers of it once cost, fees and tax are paid (`priceLeaving`),
 * rounded up, then to a price point; undefined where fees, tax and margin take all of any price.
 *
 * @param margin share of the net price, 0 up to 1
 * @param points endings of prices, minor units below a major one; none: no rounding
 */
export function priceFor(
  cost: Cost,
  seconds: number,
  s: Selling,
  margin: number,
  points: readonly number[],
): Pricing | undefined {
  if (shareKept(s.channel, margin) <= 1e-9) return undefined;
  const making = makingOf(cost, seconds, s);
  const sold = costPerSold(making);
  const up = (total: number, left: number) => minor(Math.ceil(priceLeaving(total, s.channel, left) - 1e-7));
  const pays = (of: Minor) => up(sold + (of - cost.total) / s.yield, margin);
  const exact = pays(cost.total);
  return {
    exact,
    low: pays(cost.low),
    high: pays(cost.high),
    suggested: toPricePoint(exact, points),
    floor: up(sold - cost.wage / s.yield, 0),
  };
}

/** What a price leaves, in whole minor units that add up. */
export interface Earning {
  readonly customerPays: Minor;
  readonly tax: Minor;
  readonly fees: Minor;
  /** What the pieces that fail cost this one, her time for them apart. */
  readonly failed: Minor;
  /** Left after tax, fees and everything but her time. */
  readonly forTime: Minor;
  /** Seconds of making behind each piece that is sold. */
  readonly seconds: number;
  /** Per hour; undefined when no time is known. May be negative. */
  readonly perHour: Minor | undefined;
  /** Ends of its 90 % range: slow and dear, quick and cheap. */
  readonly perHourLow: Minor | undefined;
  readonly perHourHigh: Minor | undefined;
  /** Per hour before overhead: what to make next is ranked by it. */
  readonly contributionPerHour: Minor | undefined;
  /** What is left when her hour is paid too. */
  readonly profit: Minor;
  /** The same as basis points of the price without tax. */
  readonly marginBp: number;
}

/**
 * Does the price pay her hour? Held against the whole cost to the cent: an hour's figure is rounded, and
 * would now and then say otherwise. False where no time is known.
 */
export const paysHour = (e: Pick<Earning, "perHour" | "profit">): boolean =>
  e.perHour !== undefined && e.profit >= 0;

/**
 * What a price leaves: the market price worked backwards to what an hour earns, with the range of materials
 * and time.
 */
export function earningAt(
  price: Minor,
  cost: Cost,
  labour: Pick<Labour, "seconds" | "low" | "high">,
  s: Selling,
): Earning {
  const making = makingOf(cost, labour.seconds, s);
  const sale = saleAt(price, making, s.channel);
  const customerPays = minor(sale.customerPays);
  const wage = minor(cost.wage / s.yield);
  const profit = minor(sale.left);
  const forTime = minor(profit + wage);
  const failedExact = costPerSold(making) - cost.total - (cost.wage / s.yield - cost.wage);
  // Each rounded by itself they may miss the sum by a cent or two.
  const [fees, tax, failed] = sharesOf(customerPays - cost.material - cost.overhead - forTime, [
    sale.fees,
    sale.tax,
    failedExact,
  ]);
  const net = customerPays - tax;
  return {
    customerPays,
    tax,
    fees,
    failed,
    forTime,
    seconds: labour.seconds / s.yield,
    ...hourOf(forTime, cost, labour, s.yield),
    profit,
    marginBp: net > 0 ? Math.round((profit * 10_000) / net) : 0,
  };
}

/**
 * Whole amounts near the exact ones that add up to `total`. A cent too many or too few falls on one that does not come
 * to whole cents by itself, and of these on the one that rounding moved most the other way: "10 % and 1.50 of 24.00"
 * is 3.90 whatever the rest comes to. Nothing stays nothing.
 */
function sharesOf(total: number, exact: readonly [number, number, number]): [Minor, Minor, Minor] {
  const whole: [Minor, Minor, Minor] = [minor(exact[0]), minor(exact[1]), minor(exact[2])];
  const some = ([0, 1, 2] as const).filter((i) => exact[i] !== 0);
  const broken = some.filter((i) => Math.abs(exact[i] - whole[i]) > 1e-6);
  const [first = 0, ...more] = broken.length > 0 ? broken : some.slice(-1);
  for (let missing = total - whole[0] - whole[1] - whole[2]; missing !== 0; missing -= Math.sign(missing)) {
    const sign = Math.sign(missing);
    const moved = (i: 0 | 1 | 2) => sign * (exact[i] - whole[i]);
    const takes = more.reduce((best, i) => (moved(i) > moved(best) ? i : best), first);
    whole[takes] = minor(whole[takes] + sign);
  }
  return whole;
}

function hourOf(
  forTime: number,
  cost: Cost,
  labour: Pick<Labour, "seconds" | "low" | "high">,
  passes: number,
): Pick<Earning, "perHour" | "perHourLow" | "perHourHigh" | "contributionPerHour"> {
  const { seconds } = labour;
  if (seconds <= 0)
    return {
      perHour: undefined,
      perHourLow: undefined,
      perHourHigh: undefined,
      contributionPerHour: undefined,
    };
  const material = spreadOf(cost.lines.filter((l) => l.kind !== "wage" && l.kind !== "overhead"));
  const hour = (left: number, each: number) => (left * 3600 * passes) / Math.max(1, each);
  // Overhead goes with the hours, so slow hands pay it too: per hour it is a constant.
  const bare = forTime + cost.overhead / passes;
  const overhead = hour(cost.overhead / passes, seconds);
  const at = hour(bare, seconds) - overhead;
  const down = Math.hypot(
    at - (hour(bare, labour.high ?? seconds) - overhead),
    hour(material.above / passes, seconds),
  );
  const up = Math.hypot(
    hour(bare, labour.low ?? seconds) - overhead - at,
    hour(material.below / passes, seconds),
  );
  return {
    perHour: minor(at),
    perHourLow: minor(at - down),
    perHourHigh: minor(at + up),
    contributionPerHour: minor(hour(bare, seconds)),
  };
}
