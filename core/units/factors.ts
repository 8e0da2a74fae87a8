/**
 * Exact conversion factors.
 * Source: NIST Special Publication 811 (2008), appendix B.8 — inch, yard, avoirdupois ounce and
 * fluid-free length and mass factors are exact by definition.
 */
export const MM_PER_INCH = 25.4;
export const METRES_PER_YARD = 0.9144;
export const GRAMS_PER_OUNCE = 28.349_523_125;
