import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import { mm } from "../units";
import { solveBlockTridiagonal } from "./block-tridiagonal";
import {
  CLASS_GAUGE,
  fabricPart,
  filledShape,
  gaugeFromSwatch,
  gaugePrior,
  STRAIN,
  type WeightClass,
} from ".";
import reference from "./stuffed-shapes.reference.json";

const width = mm(5);
const height = mm(4.65);

describe("filled shape", () => {
  it("has reference cases to be held to", () => expect(reference.cases.length).toBeGreaterThanOrEqual(18));
  // Independent solutions by SciPy's L-BFGS-B, six random starts each (tests/reference/filled_shapes.py).
  it.each(reference.cases.map((c) => [`${c.shape} ${c.firmness}`, c] as const))(
    "%s agrees within 0.05 %%",
    (_name, c) => {
      const s = filledShape({
        rounds: c.rounds,
        width: mm(c.stitchWidthMm),
        height: mm(c.rowHeightMm),
        firmness: c.firmness as "light",
        flatStart: c.flatStart,
      });
      expect(Math.abs(s.diameter / c.diameterMm - 1)).toBeLessThan(0.0005);
      expect(Math.abs(s.height / c.heightMm - 1)).toBeLessThan(0.0005);
      expect(Math.abs(s.volume / c.volumeMm3 - 1)).toBeLessThan(0.0005);
      expect(s.residual).toBeLessThan(1e-6);
    },
  );

  /** Area of the frustums of a solved shape, poles included. */
  const area = (s: ReturnType<typeof filledShape>) => {
    const side = [
      { r: 0, z: s.bottomZ as number },
      ...s.rings.map((x) => ({ r: x.r as number, z: x.z as number })),
      { r: 0, z: s.topZ as number },
    ];
    return side.slice(1).reduce((sum, b, i) => {
      const a = side[i] ?? b;
      return sum + Math.PI * (a.r + b.r) * Math.hypot(b.r - a.r, b.z - a.z);
    }, 0);
  };
  const profile = fc
    .array(fc.integer({ min: 5, max: 40 }), { minLength: 2, maxLength: 24 })
    .map((list) => [6, ...list.map((n, i) => Math.min(n, 6 * (i + 2), 6 * (list.length - i + 1))), 6]);
  it("never holds more than the sphere of its surface (isoperimetric inequality: 36 π V² ≤ A³)", () => {
    fc.assert(
      fc.property(
        profile,
        fc.constantFrom("light" as const, "medium" as const, "firm" as const),
        (rounds, firmness) => {
          const s = filledShape({ rounds, width, height, firmness });
          expect(36 * Math.PI * s.volume ** 2).toBeLessThanOrEqual(area(s) ** 3 * (1 + 1e-9));
        },
      ),
      { numRuns: 120, seed: 5 },
    );
  });
  it("scales with the stitch: lengths by s, volume by s³", () => {
    const rounds = [6, 12, 18, 24, 24, 24, 18, 12, 6];
    const a = filledShape({ rounds, width, height, firmness: "medium" });
    const b = filledShape({ rounds, width: mm(10), height: mm(9.3), firmness: "medium" });
    expect(b.diameter / a.diameter).toBeCloseTo(2, 5);
    expect(b.volume / a.volume).toBeCloseTo(8, 4);
  });
  it("takes more when firmer", () => {
    const rounds = [6, 12, 18, 24, 24, 24, 18, 12, 6];
    const [l, m, f] = (["light", "medium", "firm"] as const).map(
      (firmness) => filledShape({ rounds, width, height, firmness }).volume as number,
    );
    expect(l).toBeLessThan(m ?? 0);
    expect(m).toBeLessThan(f ?? 0);
  });
  it.each(["light", "medium", "firm"] as const)(
    "%s filling stretches a tube round as much as a ball",
    (firmness) => {
      const around = (rounds: number[]) => {
        const s = filledShape({ rounds, width, height, firmness });
        return (Math.PI * s.diameter) / (Math.max(...rounds) * width) - 1;
      };
      const tube = around([6, 12, 18, ...Array.from({ length: 60 }, () => 24), 18, 12, 6]);
      expect(tube).toBeCloseTo(STRAIN[firmness], 5);
      expect(around([6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6])).toBeCloseTo(STRAIN[firmness], 5);
    },
  );
  it("never stretches the widest round by more than the firmness says", () => {
    fc.assert(
      fc.property(
        profile,
        fc.constantFrom("light" as const, "medium" as const, "firm" as const),
        (rounds, firmness) => {
          const s = filledShape({ rounds, width, height, firmness });
          const widest = Math.max(...rounds);
          rounds.forEach((n, i) => {
            if (n !== widest) return;
            const stretch = (2 * Math.PI * (s.rings[i]?.r ?? 0)) / (n * width) - 1;
            expect(stretch).toBeLessThan(STRAIN[firmness] + 1e-6);
          });
        },
      ),
      { numRuns: 120, seed: 6 },
    );
  });
  it("a flat base lies flat, its rounds on one height, and the rest stands on it", () => {
    const rounds = [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6];
    const s = filledShape({ rounds, width, height, firmness: "firm", flatStart: 4 });
    expect(s.rings).toHaveLength(rounds.length);
    for (const ring of s.rings.slice(0, 4)) expect(ring.z).toBe(0);
    expect(s.rings[0]?.r).toBeCloseTo((s.rings[3]?.r ?? 0) / 4, 9);
    expect(s.rings[4]?.z).toBeGreaterThan(0);
    // Volume by its own sum over the rings: the base adds none below its plane.
    const cap = s.rings.slice(3);
    const top = { r: 0, z: s.topZ };
    const volume = [...cap, top].slice(1).reduce((sum, b, i) => {
      const a = cap[i] ?? top;
      return sum + (Math.PI / 3) * (b.z - a.z) * (a.r ** 2 + a.r * b.r + b.r ** 2);
    }, 0);
    expect(s.volume / volume).toBeCloseTo(1, 9);
  });
  it("refuses what cannot be a shape", () => {
    expect(() => filledShape({ rounds: [], width, height, firmness: "light" })).toThrow(RangeError);
    expect(() => filledShape({ rounds: [6, 0], width, height, firmness: "light" })).toThrow(RangeError);
    expect(() => filledShape({ rounds: [6], width: mm(0), height, firmness: "light" })).toThrow(RangeError);
  });
});

describe("block-tridiagonal solver", () => {
  it("solves what dense elimination solves", () => {
    // H = [[4,1,1,0],[1,3,0,1],[1,0,5,1],[0,1,1,4]], chosen positive definite; s = (1,2,3,4).
    const diagonal = new Float64Array([4, 1, 3, 5, 1, 4]);
    const off = new Float64Array([1, 0, 0, 1]);
    const g = new Float64Array([4 + 2 + 3, 1 + 6 + 4, 1 + 15 + 4, 2 + 3 + 16]);
    const s = new Float64Array(4);
    expect(solveBlockTridiagonal(diagonal, off, g, s)).toBe(true);
    [1, 2, 3, 4].forEach((x, i) => expect(s[i]).toBeCloseTo(x, 12));
  });
  it("says when the matrix is not positive definite", () => {
    expect(
      solveBlockTridiagonal(
        new Float64Array([1, 2, 1]),
        new Float64Array(0),
        new Float64Array([1, 1]),
        new Float64Array(2),
      ),
    ).toBe(false);
  });
});

describe("gauge", () => {
  // Craft Yarn Council, Standard Yarn Weight System: sc over 4 in and hooks, classes 1 to 6 (from memory).
  it.each([
    [1, 21, 32, 2.25, 3.5],
    [2, 16, 20, 3.5, 4.5],
    [3, 12, 17, 4.5, 5.5],
    [4, 11, 14, 5.5, 6.5],
    [5, 8, 11, 6.5, 9],
    [6, 5, 9, 9, 15],
  ] as const)("class %d at its middle hook has the standard's gauge", (c, low, high, hookLow, hookHigh) => {
    const g = CLASS_GAUGE[c as WeightClass];
    expect(g.stitchesOver4In).toEqual([low, high]);
    expect(g.hookMm).toEqual([hookLow, hookHigh]);
    const over4In = 101.6 / gaugePrior(c, mm((hookLow + hookHigh) / 2)).width;
    expect(over4In).toBeCloseTo((low + high) / 2, 9);
  });
  it("a smaller hook makes a smaller stitch, by the power 0.8", () => {
    expect(gaugePrior(3, mm(2.5)).width / gaugePrior(3, mm(5)).width).toBeCloseTo(0.5 ** 0.8, 12);
  });
  it("a swatch replaces the prior", () => {
    const g = gaugeFromSwatch({ stitches: 20, overMm: mm(92), rounds: 20, roundsOverMm: mm(88) });
    expect([g.width, g.height]).toEqual([4.6, 4.4]);
    expect(() =>
      gaugeFromSwatch({ stitches: 0, overMm: mm(92), rounds: undefined, roundsOverMm: undefined }),
    ).toThrow(RangeError);
  });
});

describe("parts as fabric", () => {
  const part = (text: string) => {
    const p = checkPattern(text).parts[0];
    if (!p) throw new Error("no part");
    return fabricPart(p, { width, height, sigma: 0.1 }, "medium");
  };
  const ball =
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-6: 18 sc (18)\nRnd 7: (sc, dec) x 6 (12)\nRnd 8: dec x 6 (6)\nFasten off.";
  it("a drawn-shut ball is filled", () =>
    expect(part(ball)).toMatchObject({ form: "filled", openEnd: false, ends: 2, firmness: "medium" }));
  it("the pattern's own word on filling goes first", () => {
    expect(part(`${ball}\nStuff firmly.`)).toMatchObject({ form: "filled", firmness: "firm" });
    expect(part(`${ball}\nDo not stuff.`)).toMatchObject({ form: "hollow", volume: 0 });
  });
  it("a cup stays open, a disc is flat, rows are a rectangle, a chain is a cord", () => {
    expect(
      part(
        "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnds 3-6: 12 sc (12)\nRnd 7: (sc, inc) x 6 (18)\nRnd 8: 18 sc (18)",
      ),
    ).toMatchObject({ form: "hollow", edge: 18 });
    expect(part("Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)")).toMatchObject({
      form: "flat",
      volume: 0,
    });
    const rows = part(
      "Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\nRow 2: ch 1, turn, sc across (10)",
    );
    expect([rows.form, rows.width, rows.height]).toEqual(["flat", 50, 9.3]);
    expect(part("Loop\nCh 9.")).toMatchObject({ form: "cord", height: 45 });
  });
  it("a ridge in one loop around a disc keeps the base flat; an increase in one loop does not", () => {
    const base = "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\n";
    const rest = "Rnds 5-8: 18 sc (18)\nRnd 9: (sc, dec) x 6 (12)\nRnd 10: dec x 6 (6)\nFasten off.";
    const low = (text: string) =>
      part(text)
        .shape?.rings.slice(0, 3)
        .map((r) => r.z as number) ?? [];
    expect(low(`${base}Rnd 4: 18 sc blo (18)\n${rest}`)).toEqual([0, 0, 0]);
    expect(low(`${base}Rnd 4: 18 sc (18)\n${rest}`)[2]).toBeGreaterThan(1);
    expect(
      low(
        `${base}Rnd 4: blo (2 sc, inc) x 6 (24)\nRnds 5-8: 24 sc (24)\nRnd 9: dec x 12 (12)\nRnd 10: dec x 6 (6)`,
      )[2],
    ).toBeGreaterThan(1);
  });
  it("counts two ends for every stretch of a colour", () => {
    expect(
      part(
        "Rnd 1: With red, 6 sc in mr (6)\nRnd 2: change to white. Inc x 6 (12)\nRnds 3-6: 12 sc (12)\nRnd 7: change to red. 12 sc (12)\nRnd 8: dec x 6 (6)",
      ),
    ).toMatchObject({ ends: 6, colourChanges: 2 });
  });
});
