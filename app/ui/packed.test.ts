import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pack, unpack } from "./packed";

const value = fc.oneof(
  fc.integer(),
  fc.string({ unit: "grapheme" }),
  fc.constant(null),
  fc.array(fc.integer()),
);
const row = fc.record({ id: fc.uuid(), a: value, b: value }, { requiredKeys: ["id"] });

describe("packed rows", () => {
  it("come back as they were, whatever is missing in them", () => {
    fc.assert(
      fc.property(fc.array(row), (rows) => {
        const back = unpack(pack(rows));
        expect(back).toEqual(rows);
        expect(back.map((x) => Object.keys(x).sort())).toEqual(rows.map((x) => Object.keys(x).sort()));
      }),
    );
  });
  it("name each column once", () => {
    const packed = pack(Array.from({ length: 50 }, (_, i) => ({ weightClass: i })));
    expect(packed.split("weightClass")).toHaveLength(2);
    expect(unpack(packed)[49]).toEqual({ weightClass: 49 });
  });
});
