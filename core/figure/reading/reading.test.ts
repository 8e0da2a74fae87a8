import { describe, expect, it } from "vitest";
import { PLACEMENTS } from "../../../tests/assembly/sentences";
import { readPlaces } from "./index";

describe("sentences of assembly are read as a maker reads them", () => {
  for (const c of PLACEMENTS)
    it(c.says, () => {
      const said = readPlaces([{ text: c.says, line: 1 }], c.parts, () => c.in);
      expect(said.map(({ line: _, ...s }) => s)).toEqual(c.read);
    });
});
