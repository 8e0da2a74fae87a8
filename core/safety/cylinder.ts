/**
 * Test cylinder for small parts: 31.7 mm wide, 25.4 mm deep on one side and 57.1 mm on the other. 16 CFR
 * 1501.4, EN 71-1: from memory.
 */
export const CYLINDER = { wide: 31.7, shallow: 25.4, deep: 57.1 } as const;

/**
 * Whether a body that fills a box of this size could lie wholly in the cylinder, in whichever way it fits
 * best: its two smaller sides within the width, its longest within the slanted depth. Soft things are pressed
 * together, so what comes near fits.
 */
export function fitsCylinder(size: readonly [number, number, number]): boolean {
  const [a = 0, b = 0, c = 0] = [...size].sort((x, y) => x - y);
  // A round body as wide as the cylinder fits; a box needs its diagonal, but a crocheted part has no corners.
  return a <= CYLINDER.wide && b <= CYLINDER.wide && c <= CYLINDER.deep;
}
