import { describe, expect, it } from "vitest";
import { delimiterOf, MOST_ROWS, readTable } from "../import/table";
import { guessMapping, readRows, type ImportField, type Mapping } from "./import";

const table = (text: string) => {
  const got = readTable(text);
  if (!got.ok) throw new Error(got.why);
  return got.table;
};
const DE = { locale: "de-DE", currency: "EUR", system: "metric" as const };
const EN = { locale: "en-IE", currency: "EUR", system: "metric" as const };

describe("reading a table", () => {
  // RFC 4180, section 2: rules 1 to 7 with their own examples.
  it.each([
    [
      "records on lines, ended by CRLF",
      "h1,h2,h3\r\naaa,bbb,ccc\r\nzzz,yyy,xxx\r\n",
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "no line break after the last record",
      "h1,h2,h3\r\naaa,bbb,ccc\r\nzzz,yyy,xxx",
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "fields in double quotes or not",
      'h1,h2,h3\r\n"aaa","bbb","ccc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "line breaks and commas inside quotes",
      'h1,h2,h3\r\n"aaa","b\r\nbb","c,cc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "b\r\nbb", "c,cc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    ["a double quote inside is doubled", 'h1,h2,h3\r\n"aaa","b""bb","ccc"', [["aaa", 'b"bb', "ccc"]]],
  ])("%s", (_name, text, rows) => {
    expect(table(text).header).toEqual(["h1", "h2", "h3"]);
    expect(table(text).rows.map((r) => r.cells)).toEqual(rows);
  });
  it("takes what spreadsheets make of it: a BOM, semicolons, tabs, stray quotes, empty lines", () => {
    expect(
      table("\uFEFFname;shade\r\nDK;slate\r\n\r\nDK;red\r\n").rows.map((r) => [r.line, ...r.cells]),
    ).toEqual([
      [2, "DK", "slate"],
      [4, "DK", "red"],
    ]);
    expect(delimiterOf("a\tb\tc")).toBe("\t");
    expect(delimiterOf('"a;b;c",d')).toBe(",");
    expect(table('name,size\n6" ruler,3\n').rows[0]?.cells).toEqual(['6" ruler', "3"]);
  });
  it("says what is wrong with a file as a whole", () => {
    for (const text of ["", "name,shade\n"]) expect(readTable(text).ok).toBe(false);
    const many = readTable(`name\n${"x\n".repeat(MOST_ROWS + 1)}`);
    expect(many.ok ? "" : many.why).toContain("5001 rows");
  });
});

describe("columns", () => {
  it("are guessed by their headings, each field once", () => {
    const of = (header: string[]) => Object.values(guessMapping(header));
    expect(
      of([
        "Yarn",
        "Colour name",
        "Fiber",
        "CYC",
        "m per 100g",
        "Ball (g)",
        "Price",
        "Stock",
        "Dye lot",
        "Where",
      ]),
    ).toEqual(["name", "shade", "fibre", "weightClass", "length", "ball", "price", "onHand", "lot", "place"]);
    expect(of(["name", "name", "?"])).toEqual(["name", "", ""]);
  });
});

describe("rows", () => {
  const header = [
    "kind",
    "name",
    "shade",
    "length",
    "ball",
    "price",
    "onHand",
    "lot",
    "weightClass",
    "colour",
    "size",
  ];
  const mapping: Mapping = Object.fromEntries(header.map((h, i) => [i, h as ImportField]));
  const rows = (lines: string[], reading: typeof EN = EN) =>
    readRows(table([header.join(";"), ...lines].join("\n")), mapping, reading);
  it("reads decimal commas, units and class names", () => {
    const { good, problems } = rows(["yarn;DK cotton;slate;230 m;50 g;2,90;1.250,5;44;DK;#3D4C57;"], DE);
    expect(problems).toEqual([]);
    expect(good[0]).toMatchObject({
      kind: "yarn",
      mmPer100g: 230_000,
      packSize: 50_000,
      packPrice: 290,
      onHand: 1_250_500,
      lot: "44",
      weightClass: 3,
      colour: "#3D4C57",
    });
  });
  it("takes a comma for the decimal mark when the file writes numbers so", () => {
    expect(
      rows(["yarn;DK;slate;230,5;50;2,90;1;;;;", "yarn;DK;red;230;50;2,905;1;;;;"]).problems.map((p) => [
        p.line,
        p.value,
      ]),
    ).toEqual([[3, "2,905"]]);
    expect(rows(["yarn;DK;slate;230.5;50;2.90;1,250;;;;"]).good[0]?.onHand).toBe(1_250_000);
  });
  it("reads packs by pieces, filling by weight", () => {
    const { good, problems } = rows([
      "eyes;Black eyes;;;50;4.95;148;;;;6",
      "filling;Fibre;;;250 g;5.20;420;;;;",
    ]);
    expect(problems).toEqual([]);
    expect(good).toMatchObject([
      { kind: "eye", packSize: 50, onHand: 148, sizeUm: 6000 },
      { kind: "filling", packSize: 250_000, onHand: 420_000 },
    ]);
  });
  it.each([
    ["a length that is missing", "yarn;DK;slate;;50;2.90;10;;;;", "length"],
    ["a price with too many decimals", "yarn;DK;slate;230;50;2.905;10;;;;", "price"],
    ["words for numbers", "yarn;DK;slate;230;fifty;2.90;10;;;;", "ball"],
    ["a kind nobody knows", "gizmo;DK;slate;230;50;2.90;10;;;;", "kind"],
    ["half an eye", "eyes;Eyes;;;50;4.95;1.5;;;;", "onHand"],
    ["a colour by name", "yarn;DK;slate;230;50;2.90;10;;;red;", "colour"],
    ["class nine", "yarn;DK;slate;230;50;2.90;10;;9;;", "weightClass"],
    ["no name", "yarn;;slate;230;50;2.90;10;;;;", "name"],
    ["a negative stock", "yarn;DK;slate;230;50;2.90;-4;;;;", "onHand"],
    ["a lot too long", `yarn;DK;slate;230;50;2.90;1;${"9".repeat(61)};;;`, "lot"],
  ])("names line, column and value for %s", (_name, line, column) => {
    const { good, problems } = rows(["yarn;DK;ok;230;50;2.90;1;;;;", line]);
    expect(good.length).toBe(1);
    expect(problems.map((p) => [p.line, p.column])).toEqual([[3, column]]);
    expect(problems[0]?.why.length).toBeGreaterThan(5);
  });
  it("gives shades without a colour one of their own", () => {
    const { good } = rows(["yarn;DK;slate;230;50;2.90;1;;;;", "yarn;DK;moss;230;50;2.90;1;;;;"]);
    expect(good[0]?.colour).toMatch(/^#[0-9a-f]{6}$/);
    expect(good[0]?.colour).not.toBe(good[1]?.colour);
  });
});
