import {
  GRAMS_PER_OUNCE,
  METRES_PER_YARD,
  minorDigits,
  printMass,
  printNumber,
  printTrimmed,
  type Grams,
  type Reading,
} from "@core/units";

/** Values of the cupboard as a form shows them: in the reader's units, as text. */
export const moneyText = (n: number, r: Reading): string =>
  printNumber(n / 10 ** minorDigits(r.currency), minorDigits(r.currency), r.locale).replace(
    /[\u00a0\u202f]/g,
    " ",
  );
export const massText = (mg: number, r: Reading): string =>
  printTrimmed(r.system === "metric" ? mg / 1000 : mg / 1000 / GRAMS_PER_OUNCE, 3, r.locale);
export const amountText = (quantity: number, unit: "mass" | "pieces", r: Reading): string =>
  unit === "mass" ? printMass((quantity / 1000) as Grams, r) : printTrimmed(quantity, 0, r.locale);
const orEmpty = (n: number | null | undefined, print: (n: number) => string): string =>
  n === null || n === undefined ? "" : print(n);

export interface YarnValues {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly shade: string;
  readonly colour: string;
  readonly fibre: string;
  readonly weightClass: number;
  readonly hookUm: number;
  readonly mmPer100g: number;
  readonly ballMg: number;
  readonly ballPrice: number;
  readonly bandStitches: number | null;
  readonly bandRows: number | null;
  readonly care: string;
  readonly supplierId: string | null;
  readonly packBalls: number;
  readonly lengthSigmaBp: number;
  readonly lowMg: number | null;
}

export function yarnDefaults(y: YarnValues, r: Reading): Record<string, string> {
  const whole = (n: number) => String(n);
  return {
    id: y.id,
    seen: String(y.version),
    name: y.name,
    shade: y.shade,
    colour: y.colour,
    fibre: y.fibre,
    weightClass: String(y.weightClass),
    hookUm: printTrimmed(y.hookUm / 1000, 2, r.locale),
    mmPer100g: printTrimmed(
      r.system === "metric" ? y.mmPer100g / 1000 : y.mmPer100g / 1000 / METRES_PER_YARD,
      1,
      r.locale,
    ).replace(/[\u00a0\u202f]/g, ""),
    ballMg: massText(y.ballMg, r),
    ballPrice: moneyText(y.ballPrice, r),
    bandStitches: orEmpty(y.bandStitches, whole),
    bandRows: orEmpty(y.bandRows, whole),
    care: y.care,
    supplierId: y.supplierId ?? "",
    packBalls: y.packBalls === 1 ? "" : String(y.packBalls),
    lowMg: orEmpty(y.lowMg, (n) => massText(n, r)),
    ...(y.lengthSigmaBp > 0 ? { wasSigmaBp: String(y.lengthSigmaBp) } : {}),
  };
}

/** Another shade of the same yarn: all that the band says, none of the shade. */
export const shadeDefaults = (y: YarnValues, r: Reading): Record<string, string> => {
  const { id: _id, seen: _seen, shade: _shade, wasSigmaBp: _was, ...same } = yarnDefaults(y, r);
  return same;
};

export interface NotionValues {
  readonly id: string;
  readonly version: number;
  readonly kind: string;
  readonly name: string;
  readonly sizeUm: number | null;
  readonly colour: string | null;
  readonly packSize: number;
  readonly packPrice: number;
  readonly supplierId: string | null;
  readonly washerId: string | null;
  readonly spares: number;
  readonly densityBp: number;
  readonly place: string;
  readonly low: number | null;
}

export function notionDefaults(n: NotionValues, r: Reading): Record<string, string> {
  const mass = n.kind === "filling";
  return {
    id: n.id,
    seen: String(n.version),
    kind: n.kind,
    name: n.name,
    sizeUm: orEmpty(n.sizeUm, (um) => printTrimmed(um / 1000, 2, r.locale)),
    packSize: mass ? massText(n.packSize, r) : String(n.packSize),
    packPrice: moneyText(n.packPrice, r),
    supplierId: n.supplierId ?? "",
    place: n.place,
    ...(mass
      ? {
          density: printTrimmed(n.densityBp / 10_000, 2, r.locale),
          lowMg: orEmpty(n.low, (mg) => massText(mg, r)),
        }
      : {
          low: orEmpty(n.low, String),
          spares: n.spares ? String(n.spares) : "",
          washerId: n.washerId ?? "",
          colour: n.colour ?? "#111111",
        }),
  };
}

export const packWord = (kind: "yarn" | "filling" | "notion", n: number): string =>
  kind === "yarn"
    ? n === 1
      ? "ball"
      : "balls"
    : kind === "filling"
      ? n === 1
        ? "bag"
        : "bags"
      : n === 1
        ? "pack"
        : "packs";

export const supplierDefaults = (
  s: { id: string; version: number; name: string; deliveryDays: number; minOrder: number; note: string },
  r: Reading,
): Record<string, string> => ({
  id: s.id,
  seen: String(s.version),
  name: s.name,
  deliveryDays: String(s.deliveryDays),
  minOrder: s.minOrder ? moneyText(s.minOrder, r) : "",
  note: s.note,
});

export const ballDefaults = (b: {
  version: number;
  lot: string;
  place: string;
  note: string;
  scrap: boolean;
}): Record<string, string> => ({
  seen: String(b.version),
  lot: b.lot,
  place: b.place,
  note: b.note,
  scrap: b.scrap ? "on" : "",
});
