import { parseDate } from "@internationalized/date";
import { z } from "zod";
import {
  parseLength,
  parseMass,
  parseMoney,
  parseNumber,
  parseYarnLength,
  printTrimmed,
  quantityProblemText,
  type Parsed,
  micrometres,
  milligrams,
  mm,
} from "@core/units";

/**
 * Zod fields for quantities as people type them: the text is read by core/units and comes out in base units.
 */
function quantity<T extends number>(
  read: (text: string) => Parsed<T>,
  need: string,
  check: (n: T) => string | undefined,
) {
  return z.string({ error: need }).transform((text, ctx): T => {
    const got = read(text);
    const wrong = got.ok
      ? Number.isFinite(got.value)
        ? check(got.value)
        : "This is not a number."
      : quantityProblemText(got.problem);
    if (wrong !== undefined) {
      ctx.addIssue({ code: "custom", message: wrong });
      return z.NEVER;
    }
    return got.ok ? got.value : z.NEVER;
  });
}

const within = (low: number, high: number, text: string) => (n: number) =>
  n < low || n > high ? text : undefined;

/** More nobody works. */
const MOST_HOURS = { week: 112, day: 16 } as const;

export const fields = (locale: string, currency: string, system: "metric" | "imperial") => ({
  money: (need: string, least = 0) =>
    quantity(
      (t) => parseMoney(t, currency, locale),
      need,
      within(
        least,
        100_000_000,
        least > 0 ? "Write an amount above zero." : "Write an amount of zero or more.",
      ),
    ),
  hookUm: (need: string) =>
    quantity(
      (t) => parseLength(t, locale, "mm"),
      need,
      within(0.5, 30, "A hook is between 0.5 and 30 mm."),
    ).transform((n) => micrometres(n * 1000)),
  sizeUm: (need: string) =>
    quantity(
      (t) => parseLength(t, locale, "mm"),
      need,
      within(0.5, 500, "A size is between 0.5 and 500 mm."),
    ).transform((n) => micrometres(n * 1000)),
  lengthMm: (need: string, bare: "mm" | "cm" = "cm") =>
    quantity(
      (t) => parseLength(t, locale, system === "imperial" && bare === "cm" ? "in" : bare),
      need,
      within(1, 100_000, "Write a length above zero."),
    ).transform((n) => mm(Math.round(n))),
  yarnMm: (need: string) =>
    quantity(
      (t) => parseYarnLength(t, locale, system === "imperial" ? "yd" : "m"),
      need,
      within(5, 10_000, "Write how many metres, between 5 and 10,000."),
    ).transform((n) => mm(Math.round(n * 1000))),
  massMg: (need: string, least = 1) =>
    quantity(
      (t) => parseMass(t, locale, system === "imperial" ? "oz" : "g"),
      need,
      within(
        least / 1000,
        1_000_000,
        least > 0 ? "Write a weight above zero." : "Write a weight of zero or more.",
      ),
    ).transform((n) => milligrams(n * 1000)),
  /** A weight as the scale shows it, 0 allowed. */
  scaleMg: (need: string) =>
    quantity(
      (t) => parseMass(t, locale, system === "imperial" ? "oz" : "g"),
      need,
      within(0, 100_000, "Write a weight of zero or more."),
    ).transform((n) => milligrams(n * 1000)),
  decimal: (need: string, low: number, high: number) =>
    quantity(
      (t) => parseNumber(t, locale),
      need,
      within(low, high, `Write a number from ${low} to ${high}.`),
    ),
  count: (need: string, low: number, high: number) =>
    quantity(
      (t) => parseNumber(t, locale),
      need,
      (n) =>
        !Number.isInteger(n) || n < low || n > high
          ? `Write a whole number from ${low} to ${high.toLocaleString(locale)}.`
          : undefined,
    ),
  percentBp: (need: string, high = 95) =>
    quantity(
      (t) => parseNumber(t.replace("%", ""), locale),
      need,
      within(0, high, `Write a percentage from 0 to ${high}.`),
    ).transform((n) => Math.round(n * 100)),
  hoursAsMinutes: (need: string, least = 0.25, of: "week" | "day" = "week") =>
    quantity(
      (t) => parseNumber(t.replace(/h(ours?)?$/i, ""), locale),
      need,
      within(
        least,
        MOST_HOURS[of],
        `Write hours between ${printTrimmed(least, 2, locale)} and ${MOST_HOURS[of]} a ${of}.`,
      ),
    ).transform((n) => Math.round(n * 60)),
});

export const name = (need: string) =>
  z.string({ error: need }).trim().min(1, { error: need }).max(120, { error: "120 letters at most." });
export const isoDay = (need: string) =>
  z
    .string({ error: need })
    .regex(/^\d{4}-\d{2}-\d{2}$/, { error: "Choose a day." })
    .refine(isDay, { error: "This day is in no calendar. Choose another one." });

/** 2026-02-31 looks like a day and is none. */
function isDay(text: string): boolean {
  try {
    return parseDate(text).toString() === text;
  } catch {
    return false;
  }
}
/** The version of a row that was on her screen when she opened the form; "" is an old page without one. */
export const seen = z
  .string()
  .regex(/^\d{0,9}$/)
  .transform((t) => (t === "" ? undefined : Number(t)))
  .optional();
export const id = z.string().regex(/^[0-9a-f-]{36}$/, { error: "Choose one from the list." });

/** Ticked weekdays as they come from a form: their numbers, Monday 0. */
export const weekDays = z
  .array(z.enum(["0", "1", "2", "3", "4", "5", "6"]), { error: "Choose at least one day." })
  .min(1, { error: "Choose at least one day." });

/** Seven letters, Monday first, as they are kept: "1" works, "0" does not. */
export const workDaysOf = (days: readonly string[]): string =>
  [0, 1, 2, 3, 4, 5, 6].map((i) => (days.includes(String(i)) ? "1" : "0")).join("");
