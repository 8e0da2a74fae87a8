/** A sale as it stands in the book. Money in minor units. */
export interface Sold {
  /** What was sold at once has one. */
  readonly customer: string;
  readonly quantity: number;
  /**
   * What was written for all its pieces: with the tax where prices include it, before it where it comes on
   * top.
   */
  readonly taken: number;
  readonly feeBp: number;
  readonly fixedFee: number;
  readonly taxBp: number;
  readonly taxIncluded: boolean;
}

/** What sales came to, in whole minor units: paid = tax + fees + kept. */
export interface Takings {
  readonly pieces: number;
  readonly customers: number;
  readonly paid: number;
  readonly tax: number;
  readonly fees: number;
  readonly kept: number;
}

const NOTHING: Takings = { pieces: 0, customers: 0, paid: 0, tax: 0, fees: 0, kept: 0 };
const plus = (a: Takings, b: Takings): Takings => ({
  pieces: a.pieces + b.pieces,
  customers: a.customers + b.customers,
  paid: a.paid + b.paid,
  tax: a.tax + b.tax,
  fees: a.fees + b.fees,
  kept: a.kept + b.kept,
});
/** Half away from nothing, so that a sale and its return cancel. */
const round = (x: number): number => Math.sign(x) * Math.round(Math.abs(x) - 1e-9);

/** Groups by anything, in the order in which they first come. */
function groups<T>(list: readonly T[], of: (x: T) => string): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const x of list) {
    const key = of(x);
    const had = out.get(key);
    if (had) had.push(x);
    else out.set(key, [x]);
  }
  return out;
}

/** One customer's: tax and shares are taken of the whole, and what is paid a sale once. */
function ofCustomer(lines: readonly Sold[]): Takings {
  let [paid, tax, fees] = [0, 0, 0];
  const rates = groups(lines, (l) => `${l.feeBp} ${l.taxBp} ${l.taxIncluded}`);
  for (const same of rates.values()) {
    const [first] = same;
    if (!first) continue;
    const taken = same.reduce((s, l) => s + l.taken, 0);
    const rate = first.taxBp / 10_000;
    const ownTax = round(first.taxIncluded ? taken - taken / (1 + rate) : taken * rate);
    const pays = first.taxIncluded ? taken : taken + ownTax;
    paid += pays;
    tax += ownTax;
    fees += round((pays * first.feeBp) / 10_000);
  }
  const pieces = lines.reduce((s, l) => s + l.quantity, 0);
  // A return gives no fixed fee back.
  if (pieces > 0) fees += Math.max(...lines.map((l) => l.fixedFee));
  return { pieces, customers: pieces > 0 ? 1 : 0, paid, tax, fees, kept: paid - tax - fees };
}

export function takingsOf(sales: readonly Sold[]): Takings {
  let sum = NOTHING;
  for (const lines of groups(sales, (s) => s.customer).values()) sum = plus(sum, ofCustomer(lines));
  return sum;
}

/**
 * What each line of sales came to, so that the lines of a customer add up to the customer's own to the cent:
 * what is taken once is shared by what was written for each, what is left over goes to the largest.
 */
export function takingsByLine<T extends Sold>(sales: readonly T[]): Map<T, Takings> {
  const out = new Map<T, Takings>();
  for (const lines of groups(sales, (s) => s.customer).values()) {
    const whole = ofCustomer(lines);
    const weight = lines.reduce((s, l) => s + Math.abs(l.taken), 0);
    const share = (total: number): number[] => {
      const parts = lines.map((l) =>
        Math.trunc(weight > 0 ? (total * Math.abs(l.taken)) / weight : total / lines.length),
      );
      const rest = total - parts.reduce((a, b) => a + b, 0);
      const largest = lines.reduce((best, l, i) => (l.taken > (lines[best]?.taken ?? 0) ? i : best), 0);
      parts[largest] = (parts[largest] ?? 0) + rest;
      return parts;
    };
    const signed = lines.some((l) => l.taken < 0);
    // A return beside a sale is reckoned by itself: shares of the sum would be none of either.
    const [paid, tax, fees] = signed
      ? [
          lines.map((l) => ofCustomer([{ ...l, fixedFee: 0 }]).paid),
          lines.map((l) => ofCustomer([{ ...l, fixedFee: 0 }]).tax),
          lines.map((l) => ofCustomer([{ ...l, fixedFee: 0 }]).fees),
        ]
      : [share(whole.paid), share(whole.tax), share(whole.fees)];
    lines.forEach((l, i) => {
      const [p, t, f] = [paid[i] ?? 0, tax[i] ?? 0, fees[i] ?? 0];
      out.set(l, {
        pieces: l.quantity,
        customers: i === 0 ? whole.customers : 0,
        paid: p,
        tax: t,
        fees: f,
        kept: p - t - f,
      });
    });
  }
  return out;
}
