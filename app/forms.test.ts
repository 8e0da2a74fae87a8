import { describe, expect, it } from "vitest";
import { fields, isoDay, name } from "./forms";
import { errorsByField, itemSchema } from "./features/items/schema";
import { materialSchemas } from "./features/materials/schema";

const f = fields("en-IE", "EUR", "metric");
const us = fields("en-US", "USD", "imperial");
const id = "01a20aa7-05a8-74eb-831c-a40a9fcf0be3";

describe("fields read quantities as people type them, into base units", () => {
  it.each([
    [f.money("x"), "2.90", 290],
    [f.money("x"), "€ 12", 1200],
    [f.hookUm("x"), "3.5", 3500],
    [f.hookUm("x"), "3,5 mm", 3500],
    [f.lengthMm("x"), "10", 100],
    [f.lengthMm("x"), "4 in", 102],
    [f.yarnMm("x"), "230", 230_000],
    [us.yarnMm("x"), "100", 91_440],
    [f.massMg("x"), "41.5", 41_500],
    [us.massMg("x"), "1", 28_350],
    [f.count("x", 0, 99), "12", 12],
    [f.percentBp("x"), "6.5 %", 650],
    [f.hoursAsMinutes("x"), "16", 960],
  ] as const)("case %#", (schema, text, value) => expect(schema.parse(text)).toBe(value));
  it.each([
    [f.money("x"), "2.905"],
    [f.money("x"), "-1"],
    [f.hookUm("x"), "0"],
    [f.hookUm("x"), "90"],
    [f.count("x", 1, 9), "2.5"],
    [f.count("x", 1, 9), "10"],
    [f.percentBp("x"), "100"],
    [f.yarnMm("x"), "3 kg"],
    [f.massMg("x"), ""],
  ] as const)("refuses case %# with a sentence", (schema, text) => {
    const r = schema.safeParse(text);
    expect(r.success).toBe(false);
    if (!r.success) expect(r.error.issues[0]?.message).toMatch(/^[A-Z].*[.]$/);
  });
  it("asks for what is missing in its own words", () => {
    const r = name("Give it a name.").safeParse(undefined);
    expect(r.success ? "" : r.error.issues[0]?.message).toBe("Give it a name.");
    expect(isoDay("x").safeParse("2026-13-01").success).toBe(false);
    expect(isoDay("x").safeParse("2026-12-05").success).toBe(true);
  });
});

describe("an item's form", () => {
  const schema = itemSchema("EUR", "en-IE");
  const good = {
    basedOn: 1,
    name: " Puffin ",
    kind: "keychain",
    pattern: "Rnd 1: 6 sc",
    firmness: "medium",
    hanger: true,
    note: "",
    slots: [{ slot: "main", yarnId: id, hookMm: 3, strands: 1 }],
    notions: [{ notionId: id, quantity: 2 }],
    price: "16.50",
    channelId: null,
  };
  it("is read into base units", () =>
    expect(schema.parse(good)).toMatchObject({ name: "Puffin", price: 1650 }));
  it("an empty price means the suggestion", () =>
    expect(schema.parse({ ...good, price: " " }).price).toBeNull());
  it("names each field that is wrong, once", () => {
    const r = schema.safeParse({
      ...good,
      name: "",
      price: "lots",
      slots: [{ slot: "main", yarnId: "1; drop table item", hookMm: NaN, strands: 1 }],
      notions: [{ notionId: id, quantity: -1 }],
    });
    expect(r.success).toBe(false);
    if (!r.success)
      expect(Object.keys(errorsByField(r.error)).sort()).toEqual([
        "name",
        "notions.0.quantity",
        "price",
        "slots.0.hookMm",
        "slots.0.yarnId",
      ]);
  });
  it.each([
    [{ pattern: "x".repeat(300_000) }],
    [{ kind: "drone" }],
    [{ slots: Array.from({ length: 40 }, () => good.slots[0]) }],
    [{ price: "0" }],
    [{ basedOn: "1" }],
  ])("refuses %#", (over) => expect(schema.safeParse({ ...good, ...over }).success).toBe(false));
});

describe("a swatch's form", () => {
  const { swatch } = materialSchemas("en-IE", "EUR", "metric");
  const base = { intent: "swatch", yarnId: id, madeOn: "2026-11-03", hookUm: "3" };
  const issues = (v: object) => {
    const r = swatch.safeParse({ ...base, ...v });
    return r.success ? [] : r.error.issues.map((i) => i.path.join("."));
  };
  it("takes a gauge, a sample, or both", () => {
    expect(swatch.parse({ ...base, stitches: "20", overMm: "9.2" })).toMatchObject({
      stitches: 20,
      overMm: 92,
    });
    expect(swatch.parse({ ...base, sampleStitches: "30", sampleMm: "82.5" })).toMatchObject({
      sampleStitches: 30,
      sampleMm: 825,
    });
  });
  it("asks for the other half, and for one of the two", () => {
    expect(issues({ stitches: "20" })).toContain("overMm");
    expect(issues({ sampleMm: "82" })).toContain("sampleStitches");
    expect(issues({})).toContain("stitches");
  });
});

describe("a day", () => {
  const day = isoDay("Choose a day.");
  it.each(["2026-02-28", "2028-02-29", "2026-12-31"])("%s is one", (text) => {
    expect(day.safeParse(text).success).toBe(true);
  });
  it.each([
    "2026-02-31",
    "2026-02-29",
    "2026-13-01",
    "2026-00-10",
    "2026-1-1",
    "",
    "0000-00-00",
    "constructor",
  ])("%s is none", (text) => expect(day.safeParse(text).success).toBe(false));
});

describe("a number that is no number", () => {
  it.each(["5 constructor", "5 __proto__", "1e999", "Infinity", "NaN"])("%s is refused", (text) => {
    const f = fields("en", "EUR", "metric");
    for (const field of [
      f.massMg("x"),
      f.hookUm("x"),
      f.lengthMm("x"),
      f.yarnMm("x"),
      f.count("x", 0, 10),
      f.money("x"),
    ])
      expect(field.safeParse(text).success).toBe(false);
  });
});
