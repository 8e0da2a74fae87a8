import { GRAMS_PER_OUNCE, METRES_PER_YARD, MM_PER_INCH } from "./factors";
import {
  grams,
  metres,
  mm,
  seconds,
  type Grams,
  type Metres,
  type Minor,
  type Mm,
  type Seconds,
} from "./quantity";

/** What could not be read, as data: the wording for the screen is in `quantityProblemText`. */
export type QuantityProblem =
  | { readonly code: "empty" }
  | { readonly code: "not-a-number"; readonly text: string }
  | { readonly code: "unknown-unit"; readonly unit: string; readonly known: readonly string[] }
  | { readonly code: "too-precise"; readonly digits: number };

export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: QuantityProblem };

/** Nothing that is a quantity is longer: a pasted pattern is not gone over letter by letter. */
const LONGEST_QUANTITY = 60;

const fail = (problem: QuantityProblem): Parsed<never> => ({ ok: false, problem });

/**
 * A decimal number as people type it. With both separators present the last one is the decimal
 * mark; a lone comma or point is the decimal mark too, unless it groups thousands in the given
 * locale ("1,250" in en, "1.250" in de). Fractions ("1/2", "3 1/4", "½") are read as well.
 */
export function parseNumber(text: string, locale = "en"): Parsed<number> {
  if (text.length > LONGEST_QUANTITY && text.trim().length > LONGEST_QUANTITY)
    return fail({ code: "not-a-number", text: text.slice(0, LONGEST_QUANTITY) });
  const raw = text
    .trim()
    .replace(/[\u00a0\u202f\u2009']/g, " ")
    .replace(/\u2212/g, "-");
  if (raw === "") return fail({ code: "empty" });
  const plain = raw.replace(/¼/g, " 1/4").replace(/½/g, " 1/2").replace(/¾/g, " 3/4").trim();
  const fraction = /^(-?\d+\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
  if (fraction) {
    const bottom = Number(fraction[3]);
    if (bottom === 0) return fail({ code: "not-a-number", text });
    return { ok: true, value: Number(fraction[1] ?? 0) + Number(fraction[2]) / bottom };
  }
  const compact = plain.replace(/ (?=\d{3}(\D|$))/g, "");
  if (!/^-?(\d[\d.,]*|[.,]\d+)$/.test(compact)) return fail({ code: "not-a-number", text });
  const value = Number(decimalPoint(compact, locale));
  return Number.isFinite(value) ? { ok: true, value } : fail({ code: "not-a-number", text });
}

function decimalPoint(compact: string, locale: string): string {
  const group = new Intl.NumberFormat(locale).format(11111).replace(/\d/g, "").charAt(0);
  const comma = compact.lastIndexOf(",");
  const point = compact.lastIndexOf(".");
  if (comma >= 0 && point >= 0) {
    return comma > point ? compact.replace(/\./g, "").replace(",", ".") : compact.replace(/,/g, "");
  }
  const mark = comma >= 0 ? "," : ".";
  if (comma < 0 && point < 0) return compact;
  const groups = new RegExp(`^-?\\d{1,3}(\\${mark}\\d{3})+$`).test(compact) && mark === group;
  return groups ? compact.split(mark).join("") : compact.replace(mark, ".");
}

const UNIT_LETTER = /[a-z"”″'′]/i;

/** "12.5 cm" → "12.5" and "cm". Goes over the text once, from its end. */
function splitUnit(text: string): { number: string; unit: string | undefined } {
  const whole = text.trim();
  const end = whole.endsWith(".") && UNIT_LETTER.test(whole.charAt(whole.length - 2)) ? -1 : 0;
  let at = whole.length + end;
  const to = at;
  while (at > 0 && UNIT_LETTER.test(whole.charAt(at - 1))) at--;
  return at === to
    ? { number: whole, unit: undefined }
    : { number: whole.slice(0, at).trimEnd(), unit: whole.slice(at, to).toLowerCase() };
}

function parseWithUnit(text: string, locale: string, units: Units, fallback: number): Parsed<number> {
  if (text.length > LONGEST_QUANTITY && text.trim().length > LONGEST_QUANTITY)
    return fail({ code: "not-a-number", text: text.slice(0, LONGEST_QUANTITY) });
  const { number: digits, unit } = splitUnit(text);
  const number = parseNumber(digits, locale);
  if (!number.ok) return number;
  if (unit === undefined) return { ok: true, value: number.value * fallback };
  const factor = units.get(unit);
  if (factor === undefined) return fail({ code: "unknown-unit", unit, known: [...units.keys()] });
  return { ok: true, value: number.value * factor };
}

/** Factor by the word for a unit: maps, for what people type may be "constructor". */
type Units = ReadonlyMap<string, number>;
const MM_BY = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, yd: METRES_PER_YARD * 1000 };
const GRAMS_BY = { g: 1, oz: GRAMS_PER_OUNCE };
const SECONDS_BY = { s: 1, min: 60, h: 3600 };
const LENGTH_IN_MM: Units = new Map([
  ...Object.entries(MM_BY),
  ["inch", MM_BY.in],
  ["inches", MM_BY.in],
  ['"', MM_BY.in],
  ["”", MM_BY.in],
  ["″", MM_BY.in],
  ["yds", MM_BY.yd],
]);
const MASS_IN_GRAMS: Units = new Map([
  ...Object.entries(GRAMS_BY),
  ["gr", 1],
  ["gram", 1],
  ["grams", 1],
  ["kg", 1000],
  ["mg", 0.001],
]);
const TIME_IN_SECONDS: Units = new Map([
  ...Object.entries(SECONDS_BY),
  ["sec", SECONDS_BY.s],
  ["mins", SECONDS_BY.min],
  ["minutes", SECONDS_BY.min],
  ["hr", SECONDS_BY.h],
  ["hrs", SECONDS_BY.h],
  ["hour", SECONDS_BY.h],
  ["hours", SECONDS_BY.h],
]);

/** A length of fabric, hook or eye; a bare number is taken as `bare` (millimetres unless said). */
export function parseLength(text: string, locale = "en", bare: "mm" | "cm" | "in" = "mm"): Parsed<Mm> {
  const read = parseWithUnit(text, locale, LENGTH_IN_MM, MM_BY[bare]);
  return read.ok ? { ok: true, value: mm(read.value) } : read;
}

/** A length of yarn; a bare number is taken as `bare`. */
export function parseYarnLength(text: string, locale = "en", bare: "m" | "yd" = "m"): Parsed<Metres> {
  const read = parseWithUnit(text, locale, LENGTH_IN_MM, MM_BY[bare]);
  return read.ok ? { ok: true, value: metres(read.value / 1000) } : read;
}

export function parseMass(text: string, locale = "en", bare: "g" | "oz" = "g"): Parsed<Grams> {
  const read = parseWithUnit(text, locale, MASS_IN_GRAMS, GRAMS_BY[bare]);
  return read.ok ? { ok: true, value: grams(read.value) } : read;
}

export function parseDuration(text: string, locale = "en", bare: "s" | "min" | "h" = "min"): Parsed<Seconds> {
  const clock = /^(\d+):([0-5]\d)$/.exec(text.trim());
  if (clock) return { ok: true, value: seconds(Number(clock[1]) * 3600 + Number(clock[2]) * 60) };
  const both = /^(\d+)\s*h(?:ours?|rs?)?\s*(\d+)\s*(?:min|m|minutes?)?$/i.exec(text.trim());
  if (both) return { ok: true, value: seconds(Number(both[1]) * 3600 + Number(both[2]) * 60) };
  const read = parseWithUnit(text, locale, TIME_IN_SECONDS, SECONDS_BY[bare]);
  return read.ok ? { ok: true, value: seconds(read.value) } : read;
}

/**
 * Money in integer minor units, exactly: the digits are shifted as text, so "0.29" is 29 and never
 * 28.999…. More decimals than the currency has is a problem, not a silent rounding.
 */
export function parseMoney(text: string, currency: string, locale = "en"): Parsed<Minor> {
  const bare = text
    .replace(/[\p{Sc}]/gu, "")
    .replace(/\b[A-Z]{3}\b/g, "")
    .trim();
  const number = parseNumber(bare, locale);
  if (!number.ok) return number;
  const digits = minorDigits(currency);
  const decimal = decimalPoint(bare.replace(/[\s\u00a0\u202f']/g, ""), locale);
  const [whole = "0", part = ""] = decimal.includes("/") ? [String(number.value)] : decimal.split(".");
  if (part.replace(/0+$/, "").length > digits) return fail({ code: "too-precise", digits });
  const sign = whole.startsWith("-") ? -1 : 1;
  const value =
    Number(whole.replace("-", "") || "0") * 10 ** digits +
    Number(part.padEnd(digits, "0").slice(0, digits) || "0");
  return { ok: true, value: (sign * value) as Minor };
}

/** Making an Intl formatter is slow and its answer never changes. */
const digitsOf = new Map<string, number>();
/** Decimals of a currency's minor unit (ISO 4217, as the platform's Intl data has it). */
export function minorDigits(currency: string): number {
  const known = digitsOf.get(currency);
  if (known !== undefined) return known;
  const digits = currencyDigits(currency);
  digitsOf.set(currency, digits);
  return digits;
}
function currencyDigits(currency: string): number {
  return (
    new Intl.NumberFormat("en", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2
  );
}

export function quantityProblemText(problem: QuantityProblem): string {
  switch (problem.code) {
    case "empty":
      return "Type a number here.";
    case "not-a-number":
      return "This is not a number: write it like 12 or 12.5.";
    case "unknown-unit":
      return `The unit “${problem.unit}” is not known here: use ${problem.known.slice(0, 4).join(", ")}.`;
    case "too-precise":
      return problem.digits === 0
        ? "This currency has no smaller unit: write a whole number."
        : `Write at most ${problem.digits} decimals.`;
  }
}
