/** What a customer pays for something that was agreed, and what is left of it. Minor units. */
export interface CommissionSums {
  /** Tax that is in what is paid. */
  readonly tax: number;
  /** All that the customer pays. */
  readonly pays: number;
  /** Still to be paid; negative where more was paid than it costs. */
  readonly rest: number;
}

/**
 * @param price as agreed: with tax where it is included, without where it comes on top; minor units
 * @param taxBp hundredths of a per cent
 * @example commissionSums({ price: 12_300, depositPaid: 3_000, taxBp: 2_300, taxIncluded: true })
 * // { tax: 2300, pays: 12300, rest: 9300 }
 */
export function commissionSums(c: {
  readonly price: number;
  readonly depositPaid: number;
  readonly taxBp: number;
  readonly taxIncluded: boolean;
}): CommissionSums {
  const tax = Math.round(
    c.taxIncluded ? (c.price * c.taxBp) / (10_000 + c.taxBp) : (c.price * c.taxBp) / 10_000,
  );
  const pays = c.taxIncluded ? c.price : c.price + tax;
  return { tax, pays, rest: pays - c.depositPaid };
}
