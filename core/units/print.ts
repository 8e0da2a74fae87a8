import { GRAMS_PER_OUNCE, METRES_PER_YARD, MM_PER_INCH } from "./factors";
import { minorDigits } from "./parse";
import type { Grams, Metres, Minor, Mm, Seconds } from "./quantity";

export type UnitSystem = "metric" | "imperial";

/** How one person reads numbers: passed in, never taken from the machine. */
export interface Reading {
  readonly locale: string;
  readonly system: UnitSystem;
  readonly currency: string;
}

const formats = new Map<string, Intl.NumberFormat>();
/** Intl formatters cost far more to make than to use; they are immutable, so sharing them is safe. */
function format(locale: string, options: Intl.NumberFormatOptions): Intl.NumberFormat {
  const key = locale + JSON.stringify(options);
  let found = formats.get(key);
  if (!found) formats.set(key, (found = new Intl.NumberFormat(locale, options)));
  return found;
}

export function printNumber(n: number, decimals: number, locale: string): string {
  return format(locale, { minimumFractionDigits: decimals, maximumFractionDigits: decimals }).format(
    n === 0 ? 0 : n,
  );
}

/** At most `decimals` decimals, none that say nothing. */
export function printTrimmed(n: number, decimals: number, locale: string): string {
  return format(locale, { maximumFractionDigits: decimals }).format(n === 0 ? 0 : n);
}

/** A size of fabric or hardware: millimetres, or inches to the hundredth. */
export function printLength(l: Mm, r: Reading, decimals?: number): string {
  return r.system === "metric"
    ? `${printTrimmed(l, decimals ?? 0, r.locale)}\u00a0mm`
    : `${printTrimmed(l / MM_PER_INCH, decimals ?? 2, r.locale)}\u00a0in`;
}

/** A length of yarn: one decimal below ten, whole above. */
export function printYarnLength(m: Metres, r: Reading): string {
  const value = r.system === "metric" ? m : m / METRES_PER_YARD;
  return `${printNumber(value, Math.abs(value) < 10 ? 1 : 0, r.locale)}\u00a0${r.system === "metric" ? "m" : "yd"}`;
}

export function printMass(g: Grams, r: Reading): string {
  if (r.system === "metric") return `${printNumber(g, Math.abs(g) < 10 ? 1 : 0, r.locale)}\u00a0g`;
  const ounces = g / GRAMS_PER_OUNCE;
  return `${printNumber(ounces, Math.abs(ounces) < 10 ? 2 : 1, r.locale)}\u00a0oz`;
}

/** Minutes below two hours, then hours and minutes. */
export function printDuration(s: Seconds, r: Pick<Reading, "locale">): string {
  const minutes = Math.round(s / 60);
  if (s > 0 && s < 60) return `${Math.round(s)}\u00a0s`;
  if (minutes < 120) return `${printNumber(minutes, 0, r.locale)}\u00a0min`;
  const rest = minutes % 60;
  return `${printNumber(Math.floor(minutes / 60), 0, r.locale)}\u00a0h${rest ? ` ${rest}\u00a0min` : ""}`;
}

export function printMoney(amount: Minor, r: Pick<Reading, "locale" | "currency">): string {
  return format(r.locale, { style: "currency", currency: r.currency }).format(
    amount / 10 ** minorDigits(r.currency),
  );
}
