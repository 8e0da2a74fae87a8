import { z } from "zod";
import { CannotBePacked, packCrate, worthOfMore, type Packed } from "../../core/shelf/pack";
import { json, oneFile, print, rounded } from "./common";
import { readInput } from "./input";

const money = z
  .number("is a number of minor units (cents)")
  .min(-1e9, "is too little")
  .max(1e9, "is too much");
const pieces = z
  .number("is a number of pieces")
  .int("is a whole number of pieces")
  .min(0, "is 0 or more")
  .max(1e6, "is too many");
/** Chances add up to 1 but for rounding. */
const NEARLY_ONE = 1e-6;

const DEMAND = z.union(
  [
    z.object({
      pmf: z
        .array(z.number().min(0, "is 0 or more").max(1, "is at most 1"))
        .min(1)
        .max(10_000)
        .refine(
          (p) => Math.abs(p.reduce((a, b) => a + b, 0) - 1) < NEARLY_ONE,
          "has chances that do not add up to 1",
        ),
    }),
    z.object({
      mean: z.number().min(0, "is 0 or more").max(1e5, "is too many"),
      dispersion: z.number().positive("is above 0"),
    }),
  ],
  "is { pmf: [chances of 0, 1, 2, …] that add up to 1, or { mean, dispersion }",
);

const INPUT = z.object({
  hours: z.number("is a number of hours").min(0, "is 0 or more").max(10_000, "is too many"),
  crate: pieces.nullish().transform((c) => c ?? undefined),
  items: z
    .array(
      z
        .object({
          id: z.union([z.string(), z.number()], "is a name").transform(String),
          price: money,
          unitCost: money.default(0),
          carry: money.default(0),
          minutes: z.number("is a number of minutes").positive("is above 0").max(1e5, "is too many"),
          onHand: pieces.default(0),
          min: pieces.nullish().transform((m) => m ?? undefined),
          max: pieces.nullish().transform((m) => m ?? undefined),
          demand: DEMAND,
        })
        .refine((x) => (x.min ?? 0) <= (x.max ?? Infinity), "has a min above its max"),
    )
    .max(500, "has at most 500 items")
    .refine((list) => new Set(list.map((x) => x.id)).size === list.length, "has an id twice"),
});

/**
 * `lapka pack FILE|- --json`: how many of what to make and to bring with the hours and the crate there are.
 * Minor units.
 */
export function run(args: string[]): number {
  const { file, asJson } = oneFile("pack", args);
  const input = readInput(file, INPUT);
  let packed: Packed;
  try {
    packed = packCrate(input);
  } catch (error) {
    if (!(error instanceof CannotBePacked)) throw error;
    process.stderr.write(`lapka: ${error.message}\n`);
    return 1;
  }
  if (asJson) json(packed);
  else {
    const more = worthOfMore(input, packed.expectedProfit, (x) => packCrate(x).expectedProfit);
    const say = (cents: number) => rounded(cents / 100, 2).toFixed(2);
    for (const x of packed.items)
      print(
        `${x.id}: make ${x.make}, bring ${x.bring}; ${rounded(x.expectedSold, 1)} sold, sold out ${Math.round(100 * x.chanceSoldOut)} of 100 times; one more would bring ${say(x.nextWorth)}`,
      );
    print(
      `Expected profit ${say(packed.expectedProfit)} (at most ${say(packed.bound)}) in ${rounded(packed.hoursUsed, 1)} h; one more hour is worth ${say(more.hour)}, one more place ${say(more.place)}.`,
    );
  }
  return 0;
}
