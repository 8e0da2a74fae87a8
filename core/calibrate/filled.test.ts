import { describe, expect, it } from "vitest";
import {
  learnTensionAndPacking,
  PACK_SIGMA,
  WEIGH_SIGMA,
  type HandObservation,
  type PackingObservation,
} from ".";
import { randomFrom } from "./simulated-makers";

/** The 90 % range of a normal error. */
const Z = 1.6448536;
const MAKERS = 300;
/** Grams on the scale of a puffin's body, as the trade expects them: stitches, tails, filling. */
const BODY = { stitches: 6, beside: 0.5, filling: 2.6 };

interface World {
  readonly what: string;
  /** Her packing against the trade's; drawn from the trade's own spread when left out. */
  readonly packing?: number;
  /** Her tension; drawn when left out. */
  readonly tension?: number;
  /** Weigh-ins of filling alone, before and among the filled parts. */
  readonly alone?: number;
}

/**
 * Makers who weigh `k` filled parts of several pieces each: how often the truths lie in their 90 % ranges,
 * and the error of the mean.
 */
function cover({ packing, tension, alone = 0 }: World, k: number) {
  const { next, normal } = randomFrom(4077 + k);
  const held = { tension: 0, packing: 0, piece: 0 };
  let error = 0;
  for (let i = 0; i < MAKERS; i++) {
    const t = tension === undefined ? 0.16 * normal() : Math.log(tension);
    const p = packing === undefined ? 0.2 * normal() : Math.log(packing);
    const weigh = (day: number): HandObservation => {
      const pieces = 1 + Math.floor(3 * next());
      let grams = 0;
      for (let n = 0; n < pieces; n++)
        grams +=
          BODY.stitches * Math.exp(t + WEIGH_SIGMA * normal()) +
          BODY.beside * (1 + 0.1 * normal()) +
          BODY.filling * Math.exp(p + PACK_SIGMA * normal());
      const weighed = Math.max(0.1, Math.round(10 * grams) / 10);
      const all = {
        stitches: BODY.stitches * pieces,
        beside: BODY.beside * pieces,
        filling: BODY.filling * pieces,
      };
      return {
        group: "slate",
        line: "cotton",
        item: "puffin",
        day,
        logRatio: 0,
        variance: 1,
        filled: {
          ...all,
          firmness: "medium",
          weighed,
          pieces,
          variance: (0.1 / Math.sqrt(12) / weighed) ** 2 + WEIGH_SIGMA ** 2,
        },
      };
    };
    const bags = Array.from({ length: alone }, (_, n): PackingObservation => ({
      firmness: "medium",
      logRatio: p + PACK_SIGMA * normal(),
      variance: (0.1 / Math.sqrt(12) / BODY.filling) ** 2,
      pieces: 1,
      day: n * 40,
    }));
    const seen = Array.from({ length: k }, (_, n) => weigh(n * 30));
    const known = learnTensionAndPacking(seen, bags, 330);
    const mean = known.tension.of("slate");
    const pack = known.packing.of("medium");
    held.tension += Number(Math.abs(t - mean.mean) <= Z * mean.sd) / MAKERS;
    held.packing += Number(Math.abs(p - pack.mean) <= Z * pack.sd) / MAKERS;
    held.piece += Number(Math.abs(t + WEIGH_SIGMA * normal() - mean.mean) <= Z * (mean.next ?? 0)) / MAKERS;
    error += Math.abs(t - mean.mean) / MAKERS;
  }
  return { ...held, error };
}

const WORLDS: readonly World[] = [
  { what: "as the trade has it" },
  { what: "a hand at the trade's tension that packs 1.3 times as much", tension: 1, packing: 1.3 },
  { what: "a hand that packs 0.8 times as much", packing: 0.8 },
  { what: "who has weighed her filling twice as well", tension: 1, packing: 1.3, alone: 2 },
];

describe("filled parts weighed: tension and packing are learned together", () => {
  for (const w of WORLDS)
    it.each([1, 3, 8, 20])(`${w.what}: after %i of them both lie in their ranges`, (k) => {
      const c = cover(w, k);
      // A cover of 90 % in 300 makers has a standard error of 1.7 %; one fixed truth may lie far from the
      // middle of the prior.
      for (const share of [c.tension, c.packing, c.piece]) expect(share).toBeGreaterThanOrEqual(0.83);
    });
  it("two weigh-ins of filling alone take most of the doubt out of the tension", () => {
    const [without, with2] = [undefined, 2].map((alone) =>
      cover({ what: "", tension: 1, packing: 1.3, ...(alone ? { alone } : {}) }, 8),
    );
    expect((with2?.error ?? 1) / (without?.error ?? 1)).toBeLessThan(0.6);
  });
  it("a part of stitches alone says the same whether it is called filled or not", () => {
    const base = { group: "slate", line: "cotton", item: "puffin", day: 0 };
    const variance = WEIGH_SIGMA ** 2;
    const filled = {
      firmness: "medium",
      weighed: 7,
      stitches: 6,
      beside: 0,
      filling: 0,
      variance,
      pieces: 1,
    };
    const plain = learnTensionAndPacking(
      [{ ...base, logRatio: Math.log(7 / 6), variance }],
      [],
      0,
    ).tension.of("slate");
    const same = learnTensionAndPacking([{ ...base, logRatio: 0, variance: 1, filled }], [], 0).tension.of(
      "slate",
    );
    expect(same.mean).toBeCloseTo(plain.mean, 12);
    expect(same.sd).toBeCloseTo(plain.sd, 12);
  });
});
