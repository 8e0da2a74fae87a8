import { z } from "zod";
import {
  costPerSold,
  NothingLeft,
  pointAtOrAbove,
  priceLeaving,
  saleAt,
  type Channel,
  type Making,
} from "../../core/costing";
import { json, oneFile, print, rounded } from "./common";
import { readInput } from "./input";

const money = z.number("is a number of minor units (cents)").min(0, "is 0 or more");
const share = z
  .number("is a share between 0 and 1")
  .min(0, "is 0 or more")
  .max(1, "is a share: write 0.065 for 6.5 %");
const many = z.number("is a number of pieces").positive("is above 0");

const INPUT = z.object({
  materials: money,
  minutes: z.number("is a number of minutes").min(0, "is 0 or more"),
  wagePerHour: money,
  overheadPerHour: money.default(0),
  packaging: money.default(0),
  yield: z
    .number("is a share")
    .positive("is above 0: the share of pieces that pass")
    .max(1, "is at most 1")
    .default(1),
  secondsBring: money.optional(),
  channel: z
    .object({
      percentFees: z.array(share).max(50, "has at most 50 fees").default([]),
      fixedPerSale: money.default(0),
      piecesPerSale: many.default(1),
      stallFee: money.default(0),
      expectedPieces: many.default(1),
      tax: z
        .object({ rate: share.default(0), included: z.boolean("is true or false").default(true) })
        .prefault({}),
    })
    .prefault({}),
  margin: z
    .number("is a share")
    .min(0, "is 0 or more")
    .lt(1, "is a share below 1: write 0.3 for 30 %")
    .default(0),
  pricePoints: z
    .array(
      z
        .number("is a number of cents")
        .int("is a whole number of cents")
        .min(0, "is 0 or more")
        .max(99, "is an ending below 100"),
    )
    .max(100)
    .default([]),
  price: money.optional(),
});

const orNull = (n: number | undefined): number | null => n ?? null;

/** The price that leaves so much, or null where fees, tax and margin take all of any price. */
function leaving(cost: number, channel: Channel, margin: number): number | null {
  try {
    return priceLeaving(cost, channel, margin);
  } catch (error) {
    if (!(error instanceof NothingLeft)) throw error;
    process.stderr.write(`lapka: ${error.message}\n`);
    return null;
  }
}

/**
 * `lapka price FILE|- --json`: what a piece costs to sell, the price that pays it, and what a price leaves.
 * Minor units.
 */
export function run(args: string[]): number {
  const { file, asJson } = oneFile("price", args);
  const { channel, margin, pricePoints, price, secondsBring, ...rest } = readInput(file, INPUT);
  const making: Making = { ...rest, ...(secondsBring === undefined ? {} : { secondsBring }) };
  const cost = costPerSold(making);
  const breakEven = leaving(cost, channel, 0);
  const pays = margin > 0 ? leaving(cost, channel, margin) : breakEven;
  const floor = breakEven === null ? null : pointAtOrAbove(breakEven, pricePoints);
  const suggested = pays === null ? null : pointAtOrAbove(pays, pricePoints);
  const at = price ?? suggested;
  const sale = at === null ? undefined : saleAt(at, making, channel);
  const result = {
    cost,
    breakEven,
    floor,
    suggested,
    atPrice: sale
      ? {
          price: sale.price,
          fees: sale.fees,
          tax: sale.tax,
          net: sale.net,
          left: sale.left,
          perHour: orNull(sale.perHour),
          contributionPerHour: orNull(sale.contributionPerHour),
        }
      : null,
  };
  if (asJson) json(result);
  else {
    const say = (n: number | null | undefined) =>
      n === null || n === undefined ? "–" : rounded(n / 100, 2).toFixed(2);
    print(`cost of a piece that is sold  ${say(cost)}`);
    print(`break even                    ${say(breakEven)} (floor ${say(floor)})`);
    print(`suggested                     ${say(suggested)}`);
    if (sale)
      print(
        `at ${say(sale.price)}: fees ${say(sale.fees)}, tax ${say(sale.tax)}, net ${say(sale.net)}, left ${say(sale.left)}, an hour earns ${say(sale.perHour)} (${say(sale.contributionPerHour)} before overhead)`,
      );
  }
  return breakEven === null || suggested === null ? 1 : 0;
}
