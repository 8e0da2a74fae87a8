import { describe, expect, it } from "vitest";
import { holding, lotsByPiece, numberRanges, placedLength, type PlacedLength } from "./piece-lots";

const at = (line: number, copy: number, yarnId: string, lot: string | null): PlacedLength => ({
  line,
  copy,
  length: 0,
  of: 0,
  yarnId,
  lot,
});

describe("which piece holds which lots", () => {
  it("tells pieces with the same lots together, however they were placed", () => {
    const groups = lotsByPiece([
      at(0, 1, "white", "118"),
      at(0, 0, "slate", "4471"),
      at(0, 0, "white", "118"),
      at(0, 1, "slate", "4471"),
      at(0, 2, "slate", "3902"),
      at(0, 2, "white", "118"),
      at(0, 3, "slate", "4471"),
      at(0, 3, "white", "118"),
    ]).get(0);
    expect(groups).toEqual([
      {
        pieces: [1, 2, 4],
        lots: [
          { yarnId: "slate", lot: "4471" },
          { yarnId: "white", lot: "118" },
        ],
      },
      {
        pieces: [3],
        lots: [
          { yarnId: "slate", lot: "3902" },
          { yarnId: "white", lot: "118" },
        ],
      },
    ]);
  });
  it("keeps lines apart, and a piece that has two lots of a yarn in it names both, each once", () => {
    const groups = lotsByPiece([
      at(0, 0, "slate", "4471"),
      at(0, 0, "slate", "3902"),
      at(0, 0, "slate", "4471"),
      at(1, 0, "slate", "4471"),
    ]);
    expect(groups.get(0)?.[0]?.lots.map((l) => l.lot)).toEqual(["4471", "3902"]);
    expect(groups.get(1)?.[0]?.lots.map((l) => l.lot)).toEqual(["4471"]);
  });
  it("finds the pieces to call back; a ball to be bought and a band without a lot are neither's", () => {
    const groups =
      lotsByPiece([at(0, 0, "a", "7"), at(0, 1, "a", ""), at(0, 2, "a", null), at(0, 3, "a", "7")]).get(0) ??
      [];
    expect(groups).toHaveLength(3);
    expect(holding(groups, "7").flatMap((g) => g.pieces)).toEqual([1, 4]);
    expect(holding(groups, "8")).toEqual([]);
  });
});

it("reads what a kept plan calls a length", () => {
  expect(placedLength("0190-ab/2-11-0-1", "7")).toEqual({
    yarnId: "0190-ab",
    line: 2,
    copy: 11,
    length: 0,
    of: 1,
    lot: "7",
  });
  for (const other of ["", "0190-ab", "0190-ab/", "/1-2-3-4", "0190-ab/x-1-0-0"])
    expect(placedLength(other, "7")).toBeUndefined();
});

it.each([
  [[1, 2, 3, 7], "1–3, 7"],
  [[2], "2"],
  [[1, 2], "1, 2"],
  [[1, 2, 4, 5, 6, 9], "1, 2, 4–6, 9"],
  [[], ""],
])("numbers %j are told as “%s”", (numbers, said) => expect(numberRanges(numbers)).toBe(said));
