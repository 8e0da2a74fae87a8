/**
 * Strands as they are worked: 2 held together, or ½ and ⅓ when a plied yarn is split. Columns hold whole
 * numbers.
 */
export const strandsOf = (row: { readonly strands: number; readonly split: number }): number =>
  row.strands / row.split;
export const strandColumns = (strands: number): { strands: number; split: number } =>
  strands >= 1 ? { strands: Math.round(strands), split: 1 } : { strands: 1, split: Math.round(1 / strands) };
