/** What a span of sales came to, as far as something could have been otherwise. Money in minor units. */
export interface Base {
  readonly pieces: number;
  readonly paid: number;
  readonly tax: number;
  /** Fees that go with the price, and those that do not. */
  readonly percentFees: number;
  readonly fixedFees: number;
  /** Paid for a day or a month, whatever is sold. */
  readonly standing: number;
  readonly yarn: number;
  readonly otherMaterial: number;
  readonly hours: number;
  readonly wagePerHour: number;
  readonly overheadPerHour: number;
}

export const FACTORS = ["price", "quantity", "pace", "yarn", "yield", "wage"] as const;
export type Factor = (typeof FACTORS)[number];
/**
 * By how much each is otherwise: 0.1 is a tenth more. More pace is quicker; more yield lets more pieces pass.
 */
export type Otherwise = Readonly<Record<Factor, number>>;
export const AS_IT_IS: Otherwise = { price: 0, quantity: 0, pace: 0, yarn: 0, yield: 0, wage: 0 };

export interface Outcome {
  readonly paid: number;
  readonly kept: number;
  readonly material: number;
  readonly hours: number;
  /** After her own wage and overhead. */
  readonly profit: number;
  /** Left for an hour of hers before her wage; undefined where no time is known. */
  readonly perHour: number | undefined;
}

/**
 * What would have been left. As many are sold at another price: what a price does to demand is not known
 * here, and is hers to judge. Fees that are paid a sale and what a stall costs do not go with the price; what
 * fails takes materials and hours that those that pass have to carry.
 */
export function whatIf(b: Base, o: Otherwise): Outcome {
  const q = 1 + o.quantity;
  const p = q * (1 + o.price);
  const each = q / (1 + o.yield);
  const paid = b.paid * p;
  const kept = paid - b.tax * p - b.percentFees * p - b.fixedFees * q - b.standing;
  const material = each * (b.yarn * (1 + o.yarn) + b.otherMaterial);
  const hours = (each * b.hours) / (1 + o.pace);
  const before = kept - material - hours * b.overheadPerHour;
  return {
    paid,
    kept,
    material,
    hours,
    profit: before - hours * b.wagePerHour * (1 + o.wage),
    perHour: hours > 0 ? before / hours : undefined,
  };
}

export interface Lever {
  readonly factor: Factor;
  /** Profit with a step less and a step more of it, all else as it is. */
  readonly less: number;
  readonly more: number;
}

/** Which of them moves the profit most: each a step down and up, the strongest first. */
export function levers(b: Base, at: Otherwise, step: number): Lever[] {
  return FACTORS.map((factor) => ({
    factor,
    less: whatIf(b, { ...at, [factor]: at[factor] - step }).profit,
    more: whatIf(b, { ...at, [factor]: at[factor] + step }).profit,
  })).sort((x, y) => Math.abs(y.more - y.less) - Math.abs(x.more - x.less));
}
