import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import { mm } from "../units";
import { compareYarns } from "./compare";
import type { YarnSpec } from "./yarn";

const dk = (hook: number): YarnSpec => ({
  label: `DK, ${hook} mm`,
  weight: 3,
  hook: mm(hook),
  metresPer100g: 230,
  strands: 1,
});
const worsted: YarnSpec = { label: "worsted, 4 mm", weight: 4, hook: mm(4), metresPer100g: 170, strands: 1 };
const pattern = checkPattern(`Ball
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (2 sc, inc) x 6 (24)
Rnds 5-9: sc around (24)
Insert 6 mm eyes between rounds 5 and 6, 5 sts apart.
Rnd 10: (2 sc, dec) x 6 (18)
Rnd 11: (sc, dec) x 6 (12)
Stuff.
Rnd 12: dec x 6 (6)
Close.`);

describe("the same pattern in other yarns", () => {
  const [small, same, big] = compareYarns({ pattern, firmness: "medium", hanger: false }, [
    dk(3),
    dk(3),
    worsted,
  ]);
  it("says the same twice for the same yarn", () => {
    expect(same?.metres.value).toBe(small?.metres.value);
    expect(same?.eyes).toEqual([{ what: "eye", count: 2, sizeMm: 6 }]);
  });
  // Trade guide §10: length goes with the stitch width, filling with its cube, eyes and rings with its first
  // power.
  it("scales lengths by the width and filling by its cube", () => {
    const ratio = (big?.width ?? 0) / (small?.width ?? 1);
    expect(ratio).toBeGreaterThan(1.2);
    expect((big?.height ?? 0) / (small?.height ?? 1)).toBeCloseTo(ratio, 6);
    expect((big?.filling.value ?? 0) / (small?.filling.value ?? 1)).toBeCloseTo(ratio ** 3, 4);
    expect(big?.eyes[0]?.sizeMm).toBeGreaterThan(6);
    expect(big?.ringMm).toBeGreaterThanOrEqual(small?.ringMm ?? 99);
  });
  it("takes the same time for the same stitches, but for the filling", () => {
    expect(Math.abs((big?.seconds.value ?? 0) / (small?.seconds.value ?? 1) - 1)).toBeLessThan(0.2);
  });
});
