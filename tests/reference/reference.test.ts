import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";
import { describe, expect, it } from "vitest";
import { NothingLeft, costPerSold, pointAtOrAbove, priceLeaving, saleAt } from "../../core/costing";
import { estimatePiece, type PieceEstimate } from "../../core/estimate";
import { checkPattern } from "../../core/notation";
import { mm } from "../../core/units";
import { CORPUS } from "../corpus";
import { plainEstimate, type PlainPiece, type PlainYarn } from "./estimate";
import { plainAt, plainPrice, type PlainSale } from "./price";

const YARNS: readonly PlainYarn[] = [
  { weight: 3, hook: 3, metresPer100g: 250, strands: 1 },
  { weight: 4, hook: 5, metresPer100g: 170, strands: 2 },
];
/** Every slot has one of two yarns, by its name: parts of several colours have both. */
const yarnOf = (slot: string): PlainYarn =>
  YARNS[(slot.length + (slot.codePointAt(0) ?? 0)) % 2] as PlainYarn;
const FIRMNESS = ["light", "medium", "firm"] as const;

/** `a` and `b` differ by more than the share `by`. */
const off = (a: number, b: number, by: number): boolean =>
  Math.abs(a - b) > by * Math.max(1e-6, Math.abs(a), Math.abs(b));

/** Figures on which core and the plain reckoning do not agree. */
function apart(core: PieceEstimate, plain: PlainPiece): string[] {
  const told: string[] = [];
  const hold = (what: string, a: number, b: number, by: number) => {
    if (off(a, b, by)) told.push(`${what}: ${a}, plainly ${b}`);
  };
  core.parts.forEach((c, i) => {
    const p = plain.parts[i];
    const name = c.part.name;
    if (c.held !== p?.held) told.push(`${name}: ${c.held}, plainly ${p?.held}`);
    if (!p) return;
    if (c.yarn.length !== p.metres.size)
      told.push(`${name}: ${c.yarn.length} colours, plainly ${p.metres.size}`);
    for (const y of c.yarn)
      hold(`${name}, metres of ${y.slot}`, y.metres.value, p.metres.get(y.slot) ?? 0, 1e-9);
    hold(`${name}, volume`, c.fabric.volume, p.volume, 1e-3);
    hold(`${name}, width`, c.fabric.width, p.width, 1e-3);
    hold(`${name}, height`, c.fabric.height, p.height, 1e-3);
    hold(`${name}, filling`, c.filling.value, p.filling, 1e-3);
    hold(`${name}, seconds`, c.seconds.value, p.seconds, 1e-3);
  });
  for (const y of core.yarn) {
    const m = plain.metres.get(y.slot);
    hold(`metres of ${y.slot}`, y.metres.value, m?.value ?? 0, 1e-9);
    hold(`fewest metres of ${y.slot}`, y.metres.low, m?.low ?? 0, 1e-9);
    hold(`most metres of ${y.slot}`, y.metres.high, m?.high ?? 0, 1e-9);
    hold(`grams of ${y.slot}`, y.grams.value, ((m?.value ?? 0) * 100) / yarnOf(y.slot).metresPer100g, 1e-9);
  }
  hold("filling", core.filling.value, plain.filling, 1e-3);
  hold("seconds", core.seconds.value, plain.seconds, 1e-3);
  return told;
}

describe("every figure of the corpus, reckoned a second time", () => {
  it(
    "agrees: yarn to the last figure, shapes and what hangs on them to a thousandth",
    { timeout: 900_000 },
    () => {
      let figures = 0;
      const told = CORPUS.flatMap(({ hand, text }, i) => {
        const pattern = checkPattern(text);
        const firmness = FIRMNESS[i % 3] ?? "medium";
        const core = estimatePiece({
          pattern,
          specOf: (slot) => ({ label: slot, ...yarnOf(slot), hook: mm(yarnOf(slot).hook) }),
          firmness,
          hanger: i % 2 === 0,
        });
        figures += core.parts.length;
        return apart(core, plainEstimate(pattern, yarnOf, firmness, i % 2 === 0)).map(
          (t) => `${hand} — ${t}`,
        );
      });
      expect(told).toEqual([]);
      expect(figures).toBeGreaterThan(900);
    },
  );
});

/** A sale of any kind: shares that stack, stalls, taxes in and on top, pieces that fail. */
function sale(rng: RandomGenerator): PlainSale {
  const int = (from: number, to: number) => uniformInt(rng, from, to);
  const shares = Array.from({ length: int(0, 3) }, () => int(1, 120) / 1000);
  return {
    materials: int(0, 900),
    minutes: int(5, 240),
    wagePerHour: int(0, 2500),
    overheadPerHour: int(0, 400),
    packaging: int(0, 120),
    yield: int(60, 100) / 100,
    percentFees: shares,
    fixedPerSale: int(0, 60),
    piecesPerSale: int(1, 4),
    stallFee: int(0, 1) * int(500, 9000),
    expectedPieces: int(10, 90),
    taxRate: int(0, 2) === 0 ? 0 : int(50, 250) / 1000,
    taxIncluded: int(0, 1) === 1,
  };
}

describe("every price, by trying each cent", () => {
  it("agrees on 400 sales of all kinds", () => {
    const rng = xoroshiro128plus(20261127);
    const told: string[] = [];
    for (let k = 0; k < 400; k++) {
      const s = sale(rng);
      const channel = { ...s, tax: { rate: s.taxRate, included: s.taxIncluded } };
      const endings = [[], [0], [0, 50], [50, 95, 99]][k % 4] ?? [];
      const margin = (k % 5) / 20;
      const at = uniformInt(rng, 300, 9000);
      const core = saleAt(at, s, channel);
      const plain = plainAt(at, s);
      for (const key of ["tax", "net", "fees", "left", "perHour", "contributionPerHour"] as const)
        if (Math.abs((core[key] ?? NaN) - plain[key]) > 1e-6)
          told.push(`${k} ${key}: ${core[key]}, ${plain[key]}`);
      if (Math.abs(costPerSold(s) - plain.cost) > 1e-6) told.push(`${k} cost`);
      for (const m of [0, margin]) {
        const want = plainPrice(s, m, endings, 200_000);
        let got: number | undefined;
        try {
          got = pointAtOrAbove(priceLeaving(costPerSold(s), channel, m), endings);
        } catch (e) {
          if (!(e instanceof NothingLeft)) throw e;
        }
        if (got !== want) told.push(`${k} margin ${m}: ${got}, plainly ${want}`);
      }
    }
    expect(told).toEqual([]);
  });
});
