import { createContext, useContext, type ReactNode } from "react";
import {
  printDuration,
  printLength,
  printMass,
  printMoney,
  printNumber,
  printTrimmed,
  printYarnLength,
  type Grams,
  type Metres,
  type Minor,
  type Mm,
  type Reading,
  type Seconds,
} from "@core/units";
import type { Measure } from "@core/estimate";

/** How the workshop reads numbers: its locale, its units, its currency. */
const ReadingContext = createContext<Reading>({ locale: "en-IE", system: "metric", currency: "EUR" });
export function ReadingProvider({ value, children }: { value: Reading; children: ReactNode }) {
  return <ReadingContext.Provider value={value}>{children}</ReadingContext.Provider>;
}
export const useReading = (): Reading => useContext(ReadingContext);

/** An amount of stock in base units: pieces for notions, a weight (from mg) for yarn and filling. */
export function printAmount(quantity: number, kind: "yarn" | "filling" | "notion", r: Reading): string {
  return kind === "notion" ? printTrimmed(quantity, 0, r.locale) : printMass((quantity / 1000) as Grams, r);
}

/** One number in its measure, as the workshop reads it. */
export function printMeasure(value: number, measure: Measure, r: Reading): string {
  switch (measure) {
    case "metres":
      return printYarnLength(value as Metres, r);
    case "grams":
      return printMass(value as Grams, r);
    case "seconds":
      return printDuration(value as Seconds, r);
    case "mm":
      return printLength(value as Mm, r);
    case "mm3":
      return r.system === "metric"
        ? `${printNumber(value / 1000, value < 10_000 ? 1 : 0, r.locale)}\u00a0cm³`
        : `${printNumber(value / 16_387.064, 2, r.locale)}\u00a0in³`;
    case "minor":
      return printMoney(value as Minor, r);
    case "ratio":
      return printTrimmed(value, 2, r.locale);
    default:
      return printTrimmed(value, 1, r.locale);
  }
}
