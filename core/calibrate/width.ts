/**
 * A looser hand has wider stitches too: the logarithm of a stitch's width goes with that of its yarn by this
 * slope (regression of the trade's spreads: a width 10 % off is one part of a yarn 15 % off, the yarn per
 * width of 12 % the other; from memory).
 */
export const WIDTH_SLOPE = 0.44;
/** What the yarn in a stitch is unsure by before anything is measured, and the width. */
const YARN_SD = 0.15;
const WIDTH_SD = 0.1;

/** Width of a stitch against the trade's, when so much is known of the yarn in it; `sd` of the logarithm. */
export function widthFrom(tension: { readonly mean: number; readonly sd: number }): {
  readonly factor: number;
  readonly sigma: number;
} {
  const left = WIDTH_SD ** 2 - WIDTH_SLOPE ** 2 * (YARN_SD ** 2 - Math.min(tension.sd, YARN_SD) ** 2);
  return { factor: Math.exp(WIDTH_SLOPE * tension.mean), sigma: Math.sqrt(left) };
}
