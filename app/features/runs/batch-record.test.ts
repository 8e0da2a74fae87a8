import { describe, expect, it } from "vitest";
import { batchRecord, type BatchFacts } from "./batch-record";

const FACTS: BatchFacts = {
  number: "5F0A11C2",
  label: "Puffin keychain",
  maker: "Harbour stall",
  paper: "A4",
  reading: { locale: "en-IE", system: "metric", currency: "EUR" },
  run: "Winter market",
  inspectedOn: "2026-11-28",
  hand: "Mara",
  revision: 2,
  looked: 11,
  passed: 7,
  mended: 1,
  seconds: 1,
  rejected: [
    { reason: "seam came open", pieces: 2 },
    { reason: "dirty or stained", pieces: 0 },
  ],
  note: "One beak resewn.",
  use: "over-14",
  lots: [
    { yarn: "DK cotton, slate", fibre: "100 % cotton", supplier: "Quay Wool", lot: "417", used: 61_000 },
    { yarn: "DK cotton, chalk", fibre: "", supplier: "", lot: "", used: 12_300 },
  ],
  byPiece: [
    { pieces: [1, 2, 3, 7], lots: ["slate, lot 417", "chalk, no lot on the band"] },
    { pieces: [4, 5, 6], lots: ["slate, lot 390", "chalk, no lot on the band"] },
  ],
  notions: [
    { name: "Safety eye 6 mm", quantity: 2, supplier: "Quay Wool" },
    { name: "Polyester fibre", quantity: 0, supplier: "" },
  ],
  points: ["Pull at eyes and nose: nothing gives"],
  checks: [
    {
      rule: "eyes",
      title: "Eyes",
      state: "ask",
      because: "They may come off.",
      source: "Common practice, no source.",
    },
  ],
  cautions: ["Not a toy."],
  care: "Wash by hand.",
};
const rowsOf = (b: BatchFacts) =>
  batchRecord(b).tables.map((t) => [
    t.head,
    ...t.rows.map((r) => r.map((c) => (typeof c === "string" ? c : "text" in c ? c.text : c.boxes))),
  ]);

describe("the record of a batch", () => {
  it("says what was made, of which lots and from whom, and what was looked at", () => {
    const said = JSON.parse(JSON.stringify(rowsOf(FACTS)).replaceAll("\u00a0", " ")) as unknown;
    expect(said).toEqual([
      [
        "Pieces",
        ["looked at", "11"],
        ["passed at once", "7"],
        ["passed after mending", "1"],
        ["seconds, sold as such", "1"],
        ["rejected: seam came open", "2"],
      ],
      [
        "Yarn by lot",
        ["DK cotton, slate", "100 % cotton", "Quay Wool", "417", "61 g"],
        ["DK cotton, chalk", "not said", "not said", "no lot on the band", "12 g"],
      ],
      [
        "Lots piece by piece",
        ["1–3, 7", "slate, lot 417; chalk, no lot on the band"],
        ["4–6", "slate, lot 390; chalk, no lot on the band"],
      ],
      [
        "Notions and filling, each piece",
        ["Safety eye 6 mm", "Quay Wool", "2"],
        ["Polyester fibre", "not said", "as needed"],
      ],
      ["What is looked at in each piece", ["Pull at eyes and nose: nothing gives"]],
      [
        "Cautions looked at by rule",
        ["Eyes", "to be looked at", "They may come off.", "Common practice, no source."],
      ],
    ]);
  });
  it("claims nothing: it defers to the law and a lab, and never says safe or conforms", () => {
    const text = JSON.stringify(batchRecord(FACTS));
    expect(text).toContain("It is no test and no declaration");
    expect(text).toContain("qualified lab");
    expect(text).not.toMatch(/\bis safe\b|conforms|complies|certified/);
  });
  it("of an item that was deleted since says what is left of it", () => {
    const left = batchRecord({
      ...FACTS,
      revision: undefined,
      use: undefined,
      hand: undefined,
      points: [],
      checks: [],
      notions: [],
    });
    expect(left.facts).toContainEqual(["Pattern", "deleted since"]);
    expect(left.facts).toContainEqual(["For", "not known"]);
    expect(left.facts).toContainEqual(["By", "not said"]);
    expect(left.tables.map((t) => t.head)).toEqual(["Pieces", "Yarn by lot", "Lots piece by piece"]);
    expect(batchRecord({ ...FACTS, byPiece: [] }).tables.map((t) => t.head)).not.toContain(
      "Lots piece by piece",
    );
  });
});
