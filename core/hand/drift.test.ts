import { describe, expect, it } from "vitest";
import { driftsOf } from "./drift";
import { knowledgeOf, type HandData, type TensionMeasure, type TimingMeasure } from "./learning";

const weighed = (day: number, ratio: number, over: Partial<TensionMeasure> = {}): TensionMeasure => ({
  id: `w${day}`,
  kind: "weigh-in",
  yarnId: "slate",
  hookMm: 3,
  madeOn: `2026-${String(5 + Math.floor(day / 30)).padStart(2, "0")}-${String(1 + (day % 30)).padStart(2, "0")}`,
  ratio,
  variance: 0.001,
  setAside: false,
  ...over,
});
const timed = (day: number, seconds: number): TimingMeasure => ({
  id: `t${day}`,
  stage: "crochet",
  work: { plain: 1000 },
  seconds,
  pieces: 10,
  laps: [],
  madeOn: weighed(day, 1).madeOn,
  setAside: false,
});
const drifts = (data: Partial<HandData>) => {
  const all: HandData = { tension: [], density: [], timings: [], ...data };
  return driftsOf(all, knowledgeOf(all, "2026-11-01", 0));
};

describe("drift of a hand over the months", () => {
  it("is found where it is: a hand that takes two per cent more yarn each month", () => {
    const [yarn] = drifts({
      tension: [0, 30, 60, 90, 120, 150].map((d) => weighed(d, 1.1 * 1.02 ** (d / 30))),
    });
    expect(yarn?.what).toBe("yarn");
    expect(yarn?.perMonth?.value).toBeCloseTo(1.02, 2);
    expect(yarn?.perMonth?.low).toBeGreaterThan(1);
    expect(yarn?.perMonth?.sure).toBe(true);
  });
  it("is not claimed where chance would do as well", () => {
    const views = drifts({
      tension: [0, 40, 80, 120].map((d, i) => weighed(d, 1.1 + (i % 2 ? 0.02 : -0.02))),
      timings: [0, 50, 100].map((d, i) => timed(d, 900 + 20 * (i % 2))),
    });
    expect(views.map((v) => v.what)).toEqual(["yarn", "time"]);
    for (const v of views) expect(v.perMonth?.sure).toBe(false);
  });
  it("yarns are compared with themselves: a looser yarn measured later is no drift", () => {
    const [yarn] = drifts({
      tension: [
        ...[0, 20, 40].map((d) => weighed(d, 1)),
        ...[100, 120, 140].map((d) => weighed(d, 1.15, { id: `r${d}`, yarnId: "red" })),
      ],
    });
    expect(Math.abs((yarn?.perMonth?.value ?? 2) - 1)).toBeLessThan(0.005);
  });
  it("leaves out what was set aside, and says when there is too little", () => {
    const [few] = drifts({ tension: [weighed(0, 1), weighed(30, 1.1), weighed(60, 9, { setAside: true })] });
    expect(few?.points.length).toBe(2);
    expect(few?.line).toEqual([]);
    expect(few?.perMonth).toBeUndefined();
    expect(drifts({})).toEqual([]);
  });
  it("a quicker hand takes less time", () => {
    const [time] = drifts({
      timings: [0, 30, 60, 90, 120, 150].map((d) => timed(d, 1000 * 0.94 ** (d / 30))),
    });
    expect(time?.perMonth?.high).toBeLessThan(1);
  });
  it("the line runs from the first day to the last, its range widest at the ends", () => {
    const [yarn] = drifts({ tension: [0, 60, 120].map((d) => weighed(d, 1)) });
    const width = (i: number) => (yarn?.line[i]?.high ?? 0) - (yarn?.line[i]?.low ?? 0);
    expect([yarn?.line[0]?.day, yarn?.line.at(-1)?.day]).toEqual(["2026-05-01", "2026-09-01"]);
    expect(width(0)).toBeGreaterThan(width(6));
  });
});
