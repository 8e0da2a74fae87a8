import { describe, expect, it } from "vitest";
import { TIME_WORLDS, timeCover, PIECE } from "../../tests/worlds/pace";
import { YARN_WORLDS, yarnCover } from "../../tests/worlds/tension";
import { priorSd } from "../estimate";
import { learnPace } from ".";

/** A cover of 90 % in so many makers has a standard error of 1.9 %: 85 to 97 % are held with it. */
const MAKERS = 250;

describe("90 % ranges of the yarn in a stitch, against makers whose truth is not the model's", () => {
  for (const w of YARN_WORLDS)
    it.each([0, 3, 8, 20])(
      `${w.what}: after %i weigh-ins the mean, the next part and a run of forty lie inside`,
      (k) => {
        const c = yarnCover(w, k, MAKERS);
        for (const share of [c.mean, c.next, c.run]) expect(share).toBeGreaterThanOrEqual(0.84);
        // How much yarns differ cannot be told from one yarn: where they differ twice as much another is a guess.
        expect(c.another).toBeGreaterThanOrEqual(w.yarn === 2 ? 0.74 : 0.84);
        if (w.what !== "as modelled") return;
        for (const share of [c.mean, c.next, c.run]) expect(share).toBeLessThanOrEqual(0.98);
        expect(c.width).toBeLessThan(1.5);
      },
    );
  it("narrow as she measures", () => {
    const [none, some, many] = [0, 3, 20].map((k) => yarnCover({ what: "" }, k, MAKERS).sd);
    expect((some ?? 1) / (none ?? 1)).toBeLessThan(0.4);
    expect((many ?? 1) / (some ?? 1)).toBeLessThan(0.5);
  });
});

describe("90 % ranges of the minutes, against makers whose truth is not the model's", () => {
  it("before any timing are those that an estimate gives without a hand", () =>
    expect(learnPace([]).sd(PIECE)).toBeCloseTo(priorSd(PIECE), 9));
  for (const w of TIME_WORLDS)
    it.each([0, 3, 8, 20])(`${w.what}: after %i timings another item's minutes lie inside`, (k) => {
      const c = timeCover(w, k, MAKERS);
      expect(c.inside).toBeGreaterThanOrEqual(0.84);
      if (w.what === "as modelled") expect(c.width).toBeLessThan(1.5);
    });
});
