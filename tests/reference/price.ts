/**
 * Prices a second time: what a price leaves, straight from the formulas, and the prices themselves by
 * trying every cent from nothing upwards. Money in minor units.
 */
export interface PlainSale {
  readonly materials: number;
  readonly minutes: number;
  readonly wagePerHour: number;
  readonly overheadPerHour: number;
  readonly packaging: number;
  readonly yield: number;
  readonly percentFees: readonly number[];
  readonly fixedPerSale: number;
  readonly piecesPerSale: number;
  readonly stallFee: number;
  readonly expectedPieces: number;
  readonly taxRate: number;
  readonly taxIncluded: boolean;
}

/** Where the money of one piece at price `p` goes. */
export function plainAt(p: number, s: PlainSale) {
  const pays = s.taxIncluded ? p : p * (1 + s.taxRate);
  const tax = pays - pays / (1 + s.taxRate);
  const net = pays - tax;
  let fees = s.fixedPerSale / s.piecesPerSale + s.stallFee / s.expectedPieces;
  for (const f of s.percentFees) fees += f * pays;
  const hours = s.minutes / 60;
  const cost = (s.materials + hours * (s.wagePerHour + s.overheadPerHour)) / s.yield + s.packaging;
  const made = hours / s.yield;
  const beforeTime = net - fees - s.materials / s.yield - s.packaging;
  return {
    cost,
    pays,
    tax,
    net,
    fees,
    left: net - fees - cost,
    perHour: (beforeTime - made * s.overheadPerHour) / made,
    contributionPerHour: beforeTime / made,
  };
}

/** The first price with one of the endings that leaves `margin` of what is hers; none up to `most`. */
export function plainPrice(s: PlainSale, margin: number, endings: readonly number[], most: number) {
  for (let p = 0; p <= most; p++) {
    if (endings.length > 0 && !endings.includes(p % 100)) continue;
    const { left, net } = plainAt(p, s);
    if (left >= margin * net - 1e-7) return p;
  }
  return undefined;
}
