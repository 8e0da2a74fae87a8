/**
 * Branded quantities. A millimetre, a metre and a gram are all numbers; the brand keeps a function
 * that wants metres of yarn from being handed millimetres of stitch width.
 */
declare const unit: unique symbol;
export type Quantity<U extends string> = number & { readonly [unit]: U };

/** Length of fabric, hooks and eyes. */
export type Mm = Quantity<"mm">;
/** Length of yarn. */
export type Metres = Quantity<"m">;
export type Grams = Quantity<"g">;
/** Integer micrometres: hooks and eyes as they are kept, so that 2.25 mm is exact. */
export type Micrometres = Quantity<"µm">;
/** Integer milligrams: what the stock ledger counts in, so that sums stay exact. */
export type Milligrams = Quantity<"mg">;
export type Seconds = Quantity<"s">;
/** Integer minor units of the workshop's currency (euro cents, yen). Never a float. */
export type Minor = Quantity<"minor">;
export type Mm3 = Quantity<"mm3">;

export const mm = (n: number) => n as Mm;
export const metres = (n: number) => n as Metres;
export const grams = (n: number) => n as Grams;
export const milligrams = (n: number) => Math.round(n) as Milligrams;
export const micrometres = (n: number) => Math.round(n) as Micrometres;
export const seconds = (n: number) => n as Seconds;
export const minor = (n: number) => Math.round(n) as Minor;
export const mm3 = (n: number) => n as Mm3;

export const gramsToMilligrams = (g: Grams): Milligrams => milligrams(g * 1000);
export const milligramsToGrams = (mg: Milligrams): Grams => grams(mg / 1000);
export const mmToMicrometres = (l: Mm): Micrometres => micrometres(l * 1000);
export const micrometresToMm = (um: Micrometres): Mm => mm(um / 1000);
export const metresToMm = (m: Metres): Mm => mm(m * 1000);
export const mmToMetres = (l: Mm): Metres => metres(l / 1000);
