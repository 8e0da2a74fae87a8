import { gammaln } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { randomFrom } from "../../calibrate/simulated-makers";
import { countChances, countMean, countQuantile, logChance, logChanceAtLeast } from "./counts";
import { learnDemand, type Series } from "./learn";
import { askedFor, believe, countsOnce, evidence, learned, meanRate, RATES, toldBy, type Seen } from "./rate";
import { GENERAL_SEASON, seasonOf } from "./season";

describe("negative binomial counts", () => {
  it("have the mean and the variance they are named by: m and m + m² ÷ r", () => {
    for (const [m, r] of [
      [0.4, 1.5],
      [3, 4],
      [25, 2],
    ] as const) {
      const p = countChances(m, r, 1e-10);
      const mean = countMean(p);
      const variance = p.reduce((s, x, k) => s + x * (k - mean) ** 2, 0);
      expect(mean).toBeCloseTo(m, 5);
      expect(variance).toBeCloseTo(m + (m * m) / r, 2);
      expect(p.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    }
  });

  it("agree with their closed form, one by one and in their tails", () => {
    const [m, r] = [4.2, 2.5];
    const p = countChances(m, r, 1e-12);
    const closed = (k: number) =>
      Math.exp(gammaln(k + r) - gammaln(r) - gammaln(k + 1)) * (r / (r + m)) ** r * (m / (r + m)) ** k;
    for (const k of [0, 1, 5, 19]) {
      expect(p[k]).toBeCloseTo(closed(k), 10);
      expect(Math.exp(logChance(k, m, r))).toBeCloseTo(closed(k), 10);
      expect(Math.exp(logChanceAtLeast(k, m, r))).toBeCloseTo(
        p.slice(k).reduce((a, b) => a + b, 0),
        9,
      );
    }
    expect(logChanceAtLeast(400, 2, 3)).toBeLessThan(-50);
    expect(logChanceAtLeast(0, 0, 3)).toBe(0);
    expect(countQuantile(p, 0.5)).toBe(
      p.findIndex((_, k) => p.slice(0, k + 1).reduce((a, b) => a + b, 0) >= 0.5),
    );
  });
});

describe("a rate that is learned", () => {
  const seen = (sold: number, soldOut = false): Seen => ({ sold, soldOut, exposure: 1 });

  it("is the Gamma–Poisson rule's where counts hardly spread: (shape + sold) ÷ (shape ÷ mean + periods)", () => {
    const prior = { mean: 3, shape: 2 };
    const list = [4, 2, 6, 3, 5].map((n) => seen(n));
    const got = meanRate(learned(believe(prior), toldBy(list, 1e6, 1)));
    expect(got).toBeCloseTo((2 + 20) / (2 / 3 + 5), 1);
  });

  it("is larger when the same counts sold out, and the more so the oftener they did", () => {
    const of = (out: number) =>
      meanRate(
        learned(
          believe({ mean: 3, shape: 2 }),
          toldBy(
            [3, 3, 3, 3].map((n, i) => seen(n, i < out)),
            4,
            1,
          ),
        ),
      );
    expect([of(1) > of(0), of(2) > of(1), of(4) > of(2)]).toEqual([true, true, true]);
  });

  it("follows a change when it fades, and its evidence is a chance", () => {
    const list = [...Array.from({ length: 30 }, () => seen(1)), ...Array.from({ length: 12 }, () => seen(6))];
    const prior = believe({ mean: 3, shape: 2 });
    expect(meanRate(learned(prior, toldBy(list, 4, 0.9)))).toBeGreaterThan(
      1.5 * meanRate(learned(prior, toldBy(list, 4, 1))),
    );
    // All counts of one period together have a chance of 1.
    const total = Array.from({ length: 300 }, (_, k) =>
      Math.exp(evidence(prior, toldBy([seen(k)], 4, 1))),
    ).reduce((a, b) => a + b, 0);
    expect(total).toBeGreaterThan(0.985);
    expect(total).toBeLessThan(1.0001);
    expect(RATES.every((r, i) => i === 0 || r > (RATES[i - 1] ?? 0))).toBe(true);
    // Of two exposures only the newer is known still: what is let go is reckoned as before.
    const few = countsOnce(1);
    expect(askedFor(prior, 4, 3, few)).not.toEqual(askedFor(prior, 4, 2, few));
    expect(askedFor(prior, 4, 3, few)).toEqual(askedFor(prior, 4, 3, countsOnce()));
    expect(askedFor(prior, 4, 2, countsOnce()).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });
});

describe("the year", () => {
  it("is the general one before anything is sold, and hers as her sales come", () => {
    const none = seasonOf(Array(12).fill(0), Array(12).fill(0));
    GENERAL_SEASON.forEach((g, m) =>
      expect(none[m]).toBeCloseTo((12 * g) / GENERAL_SEASON.reduce((a, b) => a + b, 0), 9),
    );
    const summer = Array.from({ length: 12 }, (_, m) => (m === 6 ? 900 : 300));
    const got = seasonOf(summer, Array(12).fill(300));
    expect((got[6] ?? 0) / (got[2] ?? 1)).toBeGreaterThan(2.4);
    expect(got.reduce((a, b) => a + b, 0)).toBeCloseTo(12, 9);
  });
});

/** Weekly markets of hidden rates: what was brought is what she guessed, so that some days sell out. */
function world(seed: number, weeks: number): { series: Series[]; rates: number[]; later: number[][] } {
  const { next, normal } = randomFrom(seed);
  const draw = (mean: number) => {
    let u = next();
    return countChances(mean, 4).findIndex((p) => (u -= p) <= 0);
  };
  const rates = Array.from({ length: 10 }, () => 2.4 * Math.exp(0.6 * normal()));
  const month = (w: number) => Math.floor(w / 4.4) % 12;
  const series = rates.map((rate, i) => ({
    id: `p${i}`,
    kind: i < 6 ? "keychain" : "ornament",
    periods: Array.from({ length: weeks }, (_, w) => {
      const there = 1 + Math.floor(6 * next());
      const asked = Math.max(0, draw(rate * (GENERAL_SEASON[month(w)] ?? 1)));
      return { month: month(w), sold: Math.min(there, asked), soldOut: asked >= there, there, length: 1 };
    }),
  }));
  const later = rates.map((rate) => Array.from({ length: 40 }, () => Math.max(0, draw(rate))));
  return { series, rates, later };
}

describe("demand from sales that ran out", () => {
  it("finds the hidden rates, where plain means of what was sold are too small", () => {
    let [own, plain, n] = [0, 0, 0];
    for (let seed = 1; seed <= 12; seed++) {
      const { series, rates } = world(seed, 24);
      const model = learnDemand(series);
      series.forEach((s, i) => {
        const rate = rates[i] ?? 1;
        own += Math.log((model.of.get(s.id)?.rate ?? 1) / rate);
        plain += Math.log(
          Math.max(0.05, s.periods.reduce((t, p) => t + p.sold, 0) / s.periods.length) / rate,
        );
        n++;
      });
    }
    expect(Math.abs(own / n)).toBeLessThan(0.08);
    expect(plain / n).toBeLessThan(-0.2);
  });

  it("tells ranges that hold: 90 of 100 days lie in them", () => {
    let [inside, all] = [0, 0];
    for (let seed = 31; seed <= 45; seed++) {
      const { series, later } = world(seed, 12);
      const model = learnDemand(series);
      // A month whose share of the year is about 1.
      const month = 5;
      series.forEach((s, i) => {
        const chances = model.of.get(s.id)?.chances(month, 1 / (model.season[month] ?? 1)) ?? [1];
        const [low, high] = [countQuantile(chances, 0.05), countQuantile(chances, 0.95)];
        for (const n of later[i] ?? []) {
          inside += n >= low && n <= high ? 1 : 0;
          all++;
        }
      });
    }
    expect(inside / all).toBeGreaterThan(0.88);
    expect(inside / all).toBeLessThan(0.99);
  });

  it("takes a new piece for one of its kind, and says something before anything was sold", () => {
    const { series } = world(3, 20);
    const model = learnDemand(series);
    const kind = (k: string) => {
      const rates = series.filter((s) => s.kind === k).map((s) => model.of.get(s.id)?.rate ?? 0);
      return rates.reduce((a, b) => a + b, 0) / rates.length;
    };
    const fresh = model.unknown("keychain");
    expect(fresh.periods).toBe(0);
    expect(Math.abs(Math.log(fresh.rate / kind("keychain")))).toBeLessThan(0.5);
    const nothing = learnDemand([{ id: "a", kind: "keychain", periods: [] }]);
    const chances = nothing.of.get("a")?.chances(10) ?? [];
    expect(countMean(chances)).toBeGreaterThan(0.5);
    expect(countQuantile(chances, 0.95)).toBeGreaterThan(4);
    expect(nothing.method).toBe("shared");
  });
});
