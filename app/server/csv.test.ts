import { describe, expect, it } from "vitest";
import { readTable } from "../features/import/table";
import { csvResponse } from "./csv.server";

const rowsOf = async (rows: readonly (readonly (string | number)[])[]) => {
  const text = await csvResponse("x.csv", ["a", "b"], [...rows, ["end", ""]]).text();
  const read = readTable(text);
  return { text, back: read.ok ? read.table.rows.slice(0, -1).map((r) => r.cells) : read.why };
};

describe("a CSV file", () => {
  it("has numbers as numbers, also below zero", async () => {
    const { text } = await rowsOf([
      ["-38.108", "-1"],
      [-7, "12.50"],
    ]);
    expect(text).toContain("\r\n-38.108,-1\r\n-7,12.50\r\n");
  });
  it.each(["=1+1", "+Puffin wool", "-2+3", "@SUM(A1)", "\tx", "＝1+1", "－3", "-", "--1", "-1e3"])(
    "guards %j, and gives it back as it was",
    async (cell) => {
      const { text, back } = await rowsOf([[cell, "x"]]);
      expect(text).toContain(`'${cell}`);
      expect(back).toEqual([[cell.trim() === cell ? cell : cell, "x"]]);
    },
  );
  it("leaves other text alone, with commas, quotes and lines in it", async () => {
    const cells = [
      ["DK cotton, slate", 'say "soft"'],
      ["two\nlines", "'tis"],
    ];
    expect((await rowsOf(cells)).back).toEqual(cells);
  });
});
