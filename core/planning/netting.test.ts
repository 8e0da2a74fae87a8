import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minor } from "../units";
import { netRuns, planCutting, type CutBall, type CutPiece, type NetRun, type NetStock } from ".";

const piece = (group: string, i: number, mg: number): CutPiece => ({
  id: `${group}-${i}`,
  group,
  label: "body",
  mg,
  joinable: false,
});
const ball = (id: string, mg: number, lot = "A"): CutBall => ({
  id,
  lot,
  mg,
  state: mg < 20_000 ? "scrap" : "opened",
});
const yarn = (balls: readonly CutBall[], over: Partial<NetStock> = {}): NetStock => ({
  label: "slate",
  kind: "yarn",
  onHand: balls.reduce((s, b) => s + b.mg, 0),
  onOrder: 0,
  packSize: 50_000,
  packPrice: minor(290),
  together: 1,
  supplierId: undefined,
  balls,
  ...over,
});
const run = (runId: string, lengths: readonly number[], over: Partial<NetRun> = {}): NetRun => {
  const total = lengths.reduce((s, x) => s + x, 0);
  return {
    runId,
    label: runId,
    startOn: "2026-12-01",
    needs: [{ kind: "yarn", materialId: "slate", need: total, needHigh: total, lines: [] }],
    lengths: new Map([["slate", lengths.map((mg, i) => piece(`${runId}-${i}`, 0, mg))]]),
    ...over,
  };
};
const net = (runs: readonly NetRun[], s: NetStock) => {
  const all = netRuns(runs, new Map([["slate", s]]));
  return runs.map((r) => all.get(r.runId)?.[0]);
};

describe("yarn is netted by its lengths", () => {
  it("eleven scraps of 5 g do not make eight lengths of 6.1 g, whatever they weigh", () => {
    const scraps = Array.from({ length: 11 }, (_, i) => ball(`s${i}`, 5_000));
    const [n] = net(
      [
        run(
          "r",
          Array.from({ length: 8 }, () => 6_100),
        ),
      ],
      yarn(scraps),
    );
    expect(n).toMatchObject({ free: 55_000, missing: 48_800, packs: 1, lengths: { count: 8, unplaced: 8 } });
    // By weight alone it would be enough.
    const [byWeight] = net(
      [
        run(
          "r",
          Array.from({ length: 8 }, () => 6_100),
          { lengths: new Map() },
        ),
      ],
      yarn(scraps),
    );
    expect(byWeight).toMatchObject({ missing: 0, packs: 0, lengths: undefined });
  });
  it("what is left of a ball bought for one run serves the next", () => {
    const [a, b, c] = net([run("a", [30_000]), run("b", [15_000]), run("c", [10_000])], yarn([]));
    expect([a?.packs, b?.packs, c?.packs]).toEqual([1, 0, 1]);
    expect(b).toMatchObject({ missing: 0, reserved: 30_000, lengths: { count: 1, unplaced: 0 } });
  });
  it("balls on their way count as balls, and packs sold together come together", () => {
    const [n] = net([run("r", [40_000, 40_000])], yarn([], { onOrder: 50_000 }));
    expect(n).toMatchObject({ coming: 50_000, packs: 1, missing: 40_000 });
    const [five, next] = net([run("r", [40_000, 40_000]), run("q", [40_000])], yarn([], { together: 5 }));
    expect([five?.packs, next?.packs]).toEqual([5, 0]);
  });
  it("a kept plan has its balls to itself, also before runs that come first", () => {
    const kept = new Map([
      ["slate", { balls: new Map([["x", 30_000]]), fresh: [{ mg: 20_000, lengths: 1 }] }],
    ]);
    const [first, second] = net(
      [run("a", [28_000]), run("b", [30_000, 20_000], { kept })],
      yarn([ball("x", 32_000)]),
    );
    expect(first).toMatchObject({ packs: 1, lengths: { count: 1, unplaced: 1 } });
    expect(second).toMatchObject({ packs: 1, missing: 20_000, lengths: { count: 2, unplaced: 1 } });
  });
  it("a length that no new ball holds is missing and asks for no ball that would not help", () => {
    const [n] = net([run("r", [60_000])], yarn([ball("x", 10_000)]));
    expect(n).toMatchObject({ missing: 60_000, packs: 0, lengths: { count: 1, unplaced: 1 } });
  });
  it("what the book has and no ball does lies together somewhere", () => {
    const [n] = net([run("r", [9_000])], yarn([], { onHand: 10_000 }));
    expect(n).toMatchObject({ missing: 0, packs: 0 });
  });
});

describe("netting many runs", () => {
  const lengths = fc.array(fc.integer({ min: 500, max: 30_000 }), { minLength: 1, maxLength: 8 });
  const balls = fc
    .array(fc.integer({ min: 1000, max: 50_000 }), { maxLength: 6 })
    .map((all) => all.map((mg, i) => ball(`b${i}`, mg, i % 2 === 0 ? "A" : "B")));
  it("never says enough when the cutting plan of the first run needs a ball, nor a ball fewer than it proves", () => {
    fc.assert(
      fc.property(lengths, balls, (mg, stock) => {
        const [n] = net([run("r", mg)], yarn(stock));
        const plan = planCutting({
          pieces: mg.map((x, i) => piece(`r-${i}`, 0, x)),
          balls: stock,
          newBallMg: 50_000,
          lotRule: "item",
          joins: false,
          joinMg: 0,
        });
        expect(n?.packs).toBeGreaterThanOrEqual(plan.newBalls);
        expect((n?.packs ?? 0) - plan.newBalls).toBeLessThanOrEqual(1);
        expect(n?.missing === 0).toBe(n?.packs === 0);
      }),
      { seed: 1126, numRuns: 150 },
    );
  });
  it("sums to what all runs take: stock, what comes and what is bought cover every length once", () => {
    fc.assert(
      fc.property(fc.array(lengths, { minLength: 1, maxLength: 4 }), balls, (all, stock) => {
        const found = net(
          all.map((mg, i) => run(`r${i}`, mg)),
          yarn(stock),
        );
        const need = all.flat().reduce((s, x) => s + x, 0);
        const bought = found.reduce((s, n) => s + (n?.packs ?? 0), 0) * 50_000;
        expect(stock.reduce((s, b) => s + b.mg, 0) + bought).toBeGreaterThanOrEqual(need);
        // Serving a later run never changes an earlier one.
        const [alone] = net([run("r0", all[0] ?? [])], yarn(stock));
        expect(alone).toEqual(found[0]);
      }),
      { seed: 2611, numRuns: 150 },
    );
  });
});
