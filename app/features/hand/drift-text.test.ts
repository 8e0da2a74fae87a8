import { describe, expect, it } from "vitest";
import type { DriftView } from "@core/hand";
import { driftText } from "./drift-text";

const drift = (what: DriftView["what"], perMonth: DriftView["perMonth"]): DriftView => ({
  what,
  points: [],
  measured: 5,
  perMonth,
  line: [],
});

describe("drift in words", () => {
  it("names the side it goes to, with its range", () => {
    expect(driftText(drift("yarn", { value: 1.02, low: 1.01, high: 1.03, sure: true }))).toMatch(
      /^2\.0 % more yarn each month \(1\.0 % to 3\.0 %\)/,
    );
    expect(driftText(drift("time", { value: 0.94, low: 0.92, high: 0.96, sure: true }))).toMatch(
      /^6\.0 % quicker each month \(4\.0 % to 8\.0 %\)/,
    );
  });
  it("does not claim what chance would do as well", () => {
    expect(driftText(drift("yarn", { value: 1.01, low: 0.98, high: 1.04, sure: false }))).toBe(
      "No drift that could be told from chance: between 2.0 % less yarn and 4.0 % more yarn a month.",
    );
    expect(driftText(drift("time", undefined))).toContain("three measurements on different days");
  });
});
