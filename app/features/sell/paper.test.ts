import { describe, expect, it } from "vitest";
import { pricePaper, shelfNote, signsOf } from "./paper";

const selling = {
  maker: "Harbour stall",
  channel: "Gift shop",
  taxBp: 2300,
  taxIncluded: true,
  leastPieces: 0,
  payWithinDays: 0,
  shareBp: 3000,
  paper: "A4",
  today: "2026-11-27",
  reading: { locale: "en-IE", system: "metric", currency: "EUR" },
} as const;
const wares = [
  { label: "Puffin keychain, winter plumage", price: 1750, there: 3 },
  { label: "Buoy ornament", price: 1001, there: 0 },
  { label: "Sardine keychain", price: 999, there: 4 },
];

describe("prices on paper", () => {
  it("list every piece with its price, and say what tax is in it", () => {
    const paper = pricePaper(selling, wares);
    expect(paper.tables[0]?.rows.map((r) => r[0])).toEqual(wares.map((w) => w.label));
    expect(JSON.stringify(paper.tables[0]?.rows[0])).toContain("€17.50");
    expect(paper.notes[0]).toBe("Prices include 23 % tax.");
    expect(pricePaper({ ...selling, taxIncluded: false }, wares).notes[0]).toBe(
      "23 % tax is added to these prices.",
    );
    expect(pricePaper({ ...selling, taxBp: 0 }, wares).notes).toHaveLength(1);
  });
  it("say what is asked of a shop that buys many", () => {
    const terms = (leastPieces: number, payWithinDays: number) =>
      pricePaper({ ...selling, leastPieces, payWithinDays }, wares).notes[1];
    expect(terms(12, 30)).toBe("Terms: 12 pieces at least, paid within 30 days.");
    expect(terms(0, 1)).toBe("Terms: paid within 1 day.");
    expect(terms(6, 0)).toBe("Terms: 6 pieces at least.");
    expect(terms(0, 0)).toMatch(/^Made by hand/);
  });
  it("leave with a shop what stands there, with her part of each to the cent", () => {
    const note = shelfNote(selling, "Gift shop", wares);
    // 30 % stay with the shop: 17.50 − 5.25 = 12.25; 9.99 − 2.997 = 6.993, so 6.99.
    expect(note.tables[0]?.rows.map((r) => [r[1], r[3]])).toEqual([
      ["3", "€12.25"],
      ["4", "€6.99"],
    ]);
    expect(note.facts.map((f) => f[1])).toEqual(["27 Nov 2026", "7", "€92.46", "30 %"]);
    expect(note.signed).toHaveLength(2);
  });
  it("an empty shelf says so", () =>
    expect(shelfNote(selling, "Gift shop", []).notes[0]).toBe("Nothing stands there now."));
  it("signs have the piece large and its colours below", () =>
    expect(signsOf(selling, wares).signs[0]).toEqual({
      name: "Puffin keychain",
      sub: "winter plumage",
      price: "€17.50",
    }));
});
