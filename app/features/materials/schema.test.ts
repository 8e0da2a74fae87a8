import { describe, expect, it } from "vitest";
import type { Reading } from "@core/units";
import {
  amountText,
  massText,
  moneyText,
  notionDefaults,
  packWord,
  shadeDefaults,
  yarnDefaults,
  type YarnValues,
} from "./defaults";
import { NOTION_LABELS, COUNTED_KINDS } from "./kinds";
import { materialSchemas } from "./schema";

const EN: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const US: Reading = { locale: "en-US", system: "imperial", currency: "USD" };
const metric = materialSchemas("en-IE", "EUR", "metric");
const band = {
  intent: "yarn",
  name: "DK cotton",
  shade: "slate",
  colour: "#3d4c57",
  fibre: "cotton",
  weightClass: "3",
  hookUm: "4",
  ballMg: "50",
  ballPrice: "2.90",
};
const messages = (r: {
  success: boolean;
  error?: { issues: readonly { path: PropertyKey[]; message: string }[] };
}) => r.error?.issues.map((i) => i.path.join(".")) ?? [];

describe("a yarn", () => {
  it("takes the band's length as sure", () => {
    expect(metric.yarn.parse({ ...band, mmPer100g: "230" })).toMatchObject({
      mmPer100g: 230_000,
      lengthSigmaBp: 0,
      ballMg: 50_000,
      ballPrice: 290,
    });
  });
  it("without a band is measured, or wrapped, with how unsure that is", () => {
    const measured = metric.yarn.parse({ ...band, sampleMm: "150", sampleMg: "0.7", scaleStep: "0.1" });
    expect(measured.mmPer100g).toBe(214_286);
    expect(measured.lengthSigmaBp).toBeGreaterThan(300);
    expect(metric.yarn.parse({ ...band, wraps: "13" })).toMatchObject({
      mmPer100g: 230_000,
      lengthSigmaBp: 2500,
    });
    expect(metric.yarn.parse({ ...band, mmPer100g: "100", sampleMm: "150", sampleMg: "0.7" }).mmPer100g).toBe(
      214_286,
    );
  });
  it("keeps how unsure it is while its length stands, and forgets it when a band says another", () => {
    expect(
      metric.yarn.parse({ ...band, mmPer100g: "214.3", wasMmPer100g: "214.3", wasSigmaBp: "424" })
        .lengthSigmaBp,
    ).toBe(424);
    expect(
      metric.yarn.parse({ ...band, mmPer100g: "220", wasMmPer100g: "214.3", wasSigmaBp: "424" })
        .lengthSigmaBp,
    ).toBe(0);
  });
  it("says what is missing and where", () => {
    expect(messages(metric.yarn.safeParse(band))).toEqual(["mmPer100g"]);
    expect(messages(metric.yarn.safeParse({ ...band, sampleMm: "100" }))).toEqual(["sampleMg"]);
    expect(
      messages(metric.yarn.safeParse({ ...band, mmPer100g: "230", colour: "red", weightClass: "9" })).sort(),
    ).toEqual(["colour", "weightClass"]);
  });
});

describe("counts and moves", () => {
  const id = "00000000-0000-7000-8000-000000000000";
  it("an empty scale is a weight, a negative one is not", () => {
    const count = (onHand: string) =>
      metric.countMass.safeParse({ intent: "count", kind: "yarn", id, key: "12345678", onHand });
    expect(count("0").success).toBe(true);
    expect(count("12,5").data?.onHand).toBe(12_500);
    expect([count("-1").success, count("a lot").success, count("").success]).toEqual([false, false, false]);
  });
  it("pieces are whole", () => {
    const count = (onHand: string) =>
      metric.countPieces.safeParse({ intent: "count", kind: "notion", id, key: "12345678", onHand }).success;
    expect([count("12"), count("1.5"), count("-2")]).toEqual([true, false, false]);
  });
  it("ounces are read as ounces", () => {
    expect(
      materialSchemas("en-US", "USD", "imperial").countMass.parse({
        intent: "count",
        kind: "yarn",
        id,
        key: "12345678",
        onHand: "1",
      }).onHand,
    ).toBe(28_350);
  });
  it("every counted kind has a word", () => {
    expect(COUNTED_KINDS.every((k) => NOTION_LABELS[k].length > 2)).toBe(true);
    expect(COUNTED_KINDS).not.toContain("filling");
  });
});

describe("values as a form shows them", () => {
  const yarn: YarnValues = {
    id: "y",
    version: 3,
    name: "DK cotton",
    shade: "slate",
    colour: "#3d4c57",
    fibre: "cotton",
    weightClass: 3,
    hookUm: 4000,
    mmPer100g: 1_230_000,
    ballMg: 50_000,
    ballPrice: 123_456,
    bandStitches: 22,
    bandRows: null,
    care: "",
    supplierId: null,
    packBalls: 1,
    lengthSigmaBp: 0,
    lowMg: 25_000,
  };
  it("come back as they were when the form is sent unchanged", () => {
    for (const r of [EN, US]) {
      const { id: _id, ...typed } = yarnDefaults(yarn, r);
      const read = materialSchemas(r.locale, r.currency, r.system).yarn.parse({
        ...Object.fromEntries(Object.entries(typed).filter(([, v]) => v !== "")),
        intent: "yarn",
      });
      expect(read).toMatchObject({ ballPrice: 123_456, bandStitches: 22, weightClass: 3 });
      expect(Math.abs(read.mmPer100g / yarn.mmPer100g - 1)).toBeLessThan(0.001);
      expect(Math.abs(read.ballMg / yarn.ballMg - 1)).toBeLessThan(0.001);
    }
  });
  it("another shade has the band and no shade", () => {
    const other = shadeDefaults(yarn, EN);
    expect(other).toMatchObject({ name: "DK cotton", hookUm: "4" });
    expect(other).not.toHaveProperty("id");
    expect(other).not.toHaveProperty("shade");
  });
  it("filling in weight, the rest in pieces", () => {
    const base = {
      id: "n",
      name: "x",
      sizeUm: 6000,
      colour: null,
      packPrice: 495,
      supplierId: null,
      washerId: null,
      place: "",
      low: 10_000,
    };
    expect(
      notionDefaults(
        { ...base, version: 0, kind: "filling", packSize: 250_000, spares: 0, densityBp: 25_000 },
        EN,
      ),
    ).toMatchObject({ packSize: "250", density: "2.5", lowMg: "10" });
    expect(
      notionDefaults({ ...base, version: 0, kind: "eye", packSize: 50, spares: 2, densityBp: 10_000 }, EN),
    ).toMatchObject({ packSize: "50", spares: "2", sizeUm: "6", low: "10000" });
  });
  it("amounts, money and packs in words", () => {
    expect([massText(1_500, EN), moneyText(290, EN), amountText(7, "pieces", EN)]).toEqual([
      "1.5",
      "2.90",
      "7",
    ]);
    expect([packWord("yarn", 1), packWord("yarn", 2), packWord("filling", 1), packWord("notion", 3)]).toEqual(
      ["ball", "balls", "bag", "packs"],
    );
  });
});
