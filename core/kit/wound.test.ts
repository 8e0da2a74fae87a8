import { describe, expect, it } from "vitest";
import { randomFrom } from "../calibrate/simulated-makers";
import { turnOf, learnWinding, NOTHING_WOUND, type Weighed } from "./wound";

const wound = (yarnId: string, found: number, expected = 10): Weighed => ({ yarnId, expected, found });

/**
 * The same posterior's mean by going round and round: the winder given the yarns, each yarn given the winder, until
 * both stand still.
 */
function plain(all: readonly Weighed[], scatter: number, yarnId: string): number {
  const yarns = [...new Set(all.map((w) => w.yarnId))];
  const own = new Map(yarns.map((y) => [y, 0]));
  const y = (w: Weighed) => Math.log(w.found / w.expected);
  const drawn = (rest: readonly number[], prior: number) =>
    rest.reduce((a, b) => a + b, 0) / (rest.length + scatter ** 2 / prior ** 2);
  let winder = 0;
  for (let round = 0; round < 500; round++) {
    winder = drawn(
      all.map((w) => y(w) - (own.get(w.yarnId) ?? 0)),
      0.05,
    );
    for (const id of yarns)
      own.set(
        id,
        drawn(
          all.filter((w) => w.yarnId === id).map((w) => y(w) - winder),
          0.04,
        ),
      );
  }
  return winder + (own.get(yarnId) ?? 0);
}

describe("what weighed windings tell", () => {
  it("says nothing before anything was weighed, and is as sure as the trade", () => {
    expect(turnOf(NOTHING_WOUND, "a")).toEqual({ factor: 1, sigma: Math.hypot(0.05, 0.04), weighed: 0 });
    expect(NOTHING_WOUND.scatter).toBeCloseTo(0.02, 12);
  });
  it("is the posterior of all unknowns at once, by a plain second reckoning that goes round and round", () => {
    const all = [
      wound("a", 10.9),
      wound("a", 11.1),
      wound("a", 11.3, 10.2),
      wound("b", 6.1, 6),
      wound("c", 21, 20),
      wound("c", 20.4, 20),
    ];
    const got = learnWinding(all);
    for (const id of ["a", "b", "c"])
      expect(Math.log(turnOf(got, id).factor)).toBeCloseTo(plain(all, got.scatter, id), 9);
  });
  it("carries what several yarns have in common to one that was never wound", () => {
    const got = learnWinding(["a", "b", "c", "d"].flatMap((y) => [wound(y, 10.8), wound(y, 10.8)]));
    expect(turnOf(got, "new").factor).toBeGreaterThan(1.05);
    expect(turnOf(got, "new").sigma).toBeGreaterThan(turnOf(got, "a").sigma);
  });
  it("learns how evenly she winds, and leaves out what is no weight", () => {
    const even = learnWinding(Array.from({ length: 20 }, () => wound("a", 10)));
    expect(even.scatter).toBeLessThan(0.01);
    const uneven = learnWinding(Array.from({ length: 20 }, (_, i) => wound("a", i % 2 ? 10.8 : 9.2)));
    expect(uneven.scatter).toBeGreaterThan(0.06);
    expect(learnWinding([wound("a", 0), wound("a", 10, 0)]).weighed).toBe(0);
  });
  it("covers the truth about as often as it says, over many winders", () => {
    const { normal } = randomFrom(11);
    let inside = 0;
    const worlds = 400;
    for (let w = 0; w < worlds; w++) {
      const truth = 0.05 * normal() + 0.04 * normal();
      const all = Array.from({ length: 5 }, () => wound("a", 10 * Math.exp(truth + 0.02 * normal())));
      const of = turnOf(learnWinding(all), "a");
      if (Math.abs(Math.log(of.factor) - truth) < 1.645 * of.sigma) inside++;
    }
    expect(inside / worlds).toBeGreaterThan(0.85);
    expect(inside / worlds).toBeLessThan(0.96);
  });
});
