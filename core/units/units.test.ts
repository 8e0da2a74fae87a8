import { describe, expect, it } from "vitest";
import fc from "fast-check";
import {
  GRAMS_PER_OUNCE,
  METRES_PER_YARD,
  MM_PER_INCH,
  minor,
  minorDigits,
  parseDuration,
  parseLength,
  parseMass,
  parseMoney,
  parseNumber,
  parseYarnLength,
  printDuration,
  printLength,
  printMass,
  printMoney,
  printYarnLength,
  proportion,
  roundUpTo,
  toPricePoint,
  grams,
  metres,
  mm,
  seconds,
  type Reading,
} from ".";

const EN: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const US: Reading = { locale: "en-US", system: "imperial", currency: "USD" };
const plain = (s: string) => s.replace(/\u00a0/g, " ");
const value = <T>(p: { ok: true; value: T } | { ok: false }) => (p.ok ? p.value : undefined);

describe("factors", () => {
  // NIST Special Publication 811 (2008), appendix B.8: all three are exact.
  it("are the exact ones of NIST SP 811", () => {
    expect(MM_PER_INCH).toBe(25.4);
    expect(METRES_PER_YARD).toBe(0.9144);
    expect(GRAMS_PER_OUNCE).toBe(28.349523125);
  });
});

describe("parsing", () => {
  it.each([
    ["12", 12],
    ["12.5", 12.5],
    ["12,5", 12.5],
    ["1,250", 1250],
    ["1 250,75", 1250.75],
    ["1/2", 0.5],
    ["3 1/4", 3.25],
    ["½", 0.5],
    ["2½", 2.5],
    ["-3", -3],
    [".5", 0.5],
  ])("%s is %d in English", (text, n) => {
    expect(value(parseNumber(text, "en-IE"))).toBe(n);
  });
  it("reads a point as grouping where the locale groups with it", () => {
    expect(value(parseNumber("1.250", "de-DE"))).toBe(1250);
    expect(value(parseNumber("1.250,5", "de-DE"))).toBe(1250.5);
    expect(value(parseNumber("1.25", "de-DE"))).toBe(1.25);
  });
  it.each(["", "abc", "1.2.3x", "--4", "1/0"])("%j is no number", (text) =>
    expect(parseNumber(text).ok).toBe(false),
  );
  it("reads lengths, weights and times with their units", () => {
    expect(value(parseLength("12 in"))).toBeCloseTo(304.8, 9);
    expect(value(parseLength("3.5"))).toBe(3.5);
    expect(value(parseLength("2", "en", "cm"))).toBe(20);
    expect(value(parseYarnLength("100 yd"))).toBeCloseTo(91.44, 9);
    expect(value(parseMass("1 oz"))).toBeCloseTo(28.349523125, 9);
    expect(value(parseDuration("1 h 25 min"))).toBe(5100);
    expect(value(parseDuration("1:25"))).toBe(5100);
    expect(parseLength("3 furlongs").ok).toBe(false);
  });
  it("reads money exactly, and refuses what the currency cannot hold", () => {
    expect(value(parseMoney("0.29", "EUR", "en-IE"))).toBe(29);
    expect(value(parseMoney("€ 1,234.50", "EUR", "en-IE"))).toBe(123450);
    expect(value(parseMoney("1.234,5", "EUR", "de-DE"))).toBe(123450);
    expect(value(parseMoney("250", "JPY", "en-IE"))).toBe(250);
    expect(parseMoney("1.005", "EUR", "en-IE").ok).toBe(false);
    expect(parseMoney("2.5", "JPY", "en-IE").ok).toBe(false);
  });
  it("money printed and read again is the same, to the cent", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 99_999_999 }),
        fc.constantFrom("en-IE", "de-DE", "fr-FR", "en-US"),
        (n, locale) => {
          expect(value(parseMoney(printMoney(minor(n), { locale, currency: "EUR" }), "EUR", locale))).toBe(n);
        },
      ),
      { seed: 1 },
    );
  });
  it("knows the decimals of currencies", () =>
    expect([minorDigits("EUR"), minorDigits("JPY")]).toEqual([2, 0]));
});

describe("printing", () => {
  it("in the reader's units", () => {
    expect(plain(printLength(mm(42.4), EN))).toBe("42 mm");
    expect(plain(printLength(mm(25.4), US))).toBe("1 in");
    expect(plain(printYarnLength(metres(9.144), US))).toBe("10 yd");
    expect(plain(printYarnLength(metres(3.14), EN))).toBe("3.1 m");
    expect(plain(printMass(grams(56.7), US))).toBe("2.00 oz");
    expect(plain(printMass(grams(4.94), EN))).toBe("4.9 g");
    expect(plain(printDuration(seconds(62 * 60), EN))).toBe("62 min");
    expect(plain(printDuration(seconds(3 * 3600 + 300), EN))).toBe("3 h 5 min");
  });
});

describe("rounding", () => {
  it("buys whole packs, and not one more for a rounding error", () => {
    expect(roundUpTo(101, 50)).toBe(150);
    expect(roundUpTo(0.1 + 0.2, 0.1)).toBeCloseTo(0.3, 9);
    expect(() => roundUpTo(1, 0)).toThrow(RangeError);
  });
  it("raises to price points, never lowers", () => {
    expect(toPricePoint(minor(731), [0, 50])).toBe(750);
    expect(toPricePoint(minor(751), [0, 50])).toBe(800);
    expect(toPricePoint(minor(991), [90])).toBe(1090);
    expect(toPricePoint(minor(731), [])).toBe(731);
  });
  it("takes shares half away from zero", () => {
    expect([
      proportion(minor(105), 1, 2),
      proportion(minor(-105), 1, 2),
      proportion(minor(1000), 350, 10000),
    ]).toEqual([53, -53, 35]);
  });
});
