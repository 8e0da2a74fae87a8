import { differenceCiede2000, parse } from "culori";

const ciede2000 = differenceCiede2000();

/**
 * Colour distance of two shades (CIEDE2000, ISO/CIE 11664-6), by the package culori. 0 is the same; about 1
 * is the least that a trained eye sees side by side; undefined when a colour cannot be read.
 */
export function shadeDistance(a: string, b: string): number | undefined {
  const [x, y] = [parse(a), parse(b)];
  return x && y ? ciede2000(x, y) : undefined;
}

export interface Shade {
  readonly id: string;
  readonly colour: string;
  readonly weightClass: number;
  readonly metresPer100g: number;
  readonly freeMg: number;
}

export interface Substitute {
  readonly id: string;
  readonly distance: number;
  /** Weight class against the one wanted: 0 fits, −1 one class thinner. */
  readonly classes: number;
  /** Metres per 100 g against the one wanted, as a ratio. */
  readonly length: number;
  readonly freeMg: number;
}

/**
 * A class apart counts as this much colour distance when substitutes are ranked (from memory: size changes,
 * tension mixes).
 */
const CLASS_WEIGHT = 20;

/**
 * Stocked shades that could stand in for `wanted`, best first: the same class before another, then by colour.
 */
export function substitutesFor(
  wanted: Omit<Shade, "freeMg">,
  stocked: readonly Shade[],
  needMg = 1,
): Substitute[] {
  return stocked
    .filter((s) => s.id !== wanted.id && s.freeMg >= needMg)
    .flatMap((s) => {
      const distance = shadeDistance(wanted.colour, s.colour);
      return distance === undefined
        ? []
        : [
            {
              id: s.id,
              distance,
              classes: s.weightClass - wanted.weightClass,
              length: s.metresPer100g / wanted.metresPer100g,
              freeMg: s.freeMg,
            },
          ];
    })
    .sort(
      (a, b) =>
        a.distance + CLASS_WEIGHT * Math.abs(a.classes) - (b.distance + CLASS_WEIGHT * Math.abs(b.classes)) ||
        (a.id < b.id ? -1 : 1),
    );
}
