import { PACE_KINDS, PACE_PRIOR, STAGE_OF, Z90, type Work } from "../estimate";
import { batchFactor, BATCH_PRIOR, lapFactor, LAP_SIGMA, learnBatch } from "./batch";
import { DENSITY_SPREAD, learn, weighVariance, WEIGH_SIGMA } from "./hierarchy";
import { learnHand, type HandObservation } from "./hand-model";
import { TENSION_SPREADS } from "./tension";
import { learnPace, TIMING_SIGMA, type Timing } from "./pace";

/**
 * Uniform numbers from a seed (mulberry32, T. Ettinger, public domain; from memory) and normal ones by Box
 * and Muller.
 */
export function randomFrom(seed: number): { next: () => number; normal: () => number } {
  let a = seed >>> 0;
  const next = () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return { next, normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()) };
}

export interface SimulatedTable {
  readonly before: { readonly yarnCover: number; readonly timeCover: number };
  readonly weighed: { readonly median: number; readonly ninety: number; readonly cover: number };
  readonly timed: { readonly median: number; readonly cover: number };
  /** A run of forty in one go, after the same timings. */
  readonly run: { readonly median: number; readonly cover: number };
  readonly packed: { readonly cover: number };
}

/** What a sitting differs by as a whole, beyond its laps. */
const SITTING_SIGMA = 0.04;
const RUN = 40;
/** The yarn and the item that are weighed. */
const ASKED = { group: "a", item: "keychain" };
/** Seconds of a small keychain by kind, and of the pieces that are timed. */
const PIECE: Work = {
  plain: 790,
  tall: 40,
  shaping: 60,
  chains: 10,
  tiny: 320,
  closing: 140,
  rounds: 260,
  face: 90,
  filling: 150,
  sewing: 420,
  ends: 200,
  hanger: 50,
  inspection: 40,
  packing: 60,
};

/**
 * Makers with a hidden tension, packing and pace, drawn from the trade's own spread, who weigh parts on a
 * scale with steps and time some sittings: how far off the estimates are, and how often the 90 % ranges hold
 * the truth. Seeded.
 */
export function simulate(makers: number, seed: number): SimulatedTable {
  const { next, normal } = randomFrom(seed);
  const quantile = (list: readonly number[], q: number) =>
    [...list].sort((x, y) => x - y)[Math.min(list.length - 1, Math.floor(q * list.length))] ?? NaN;
  const share = (list: readonly boolean[]) => list.filter(Boolean).length / list.length;
  const inside = (truth: number, mean: number, sd: number) => Math.abs(truth - mean) <= Z90 * sd;
  const yarnBefore: boolean[] = [];
  const timeBefore: boolean[] = [];
  const weighedIn: boolean[] = [];
  const timedIn: boolean[] = [];
  const packedIn: boolean[] = [];
  const weighedError: number[] = [];
  const timedError: number[] = [];
  const runError: number[] = [];
  const runIn: boolean[] = [];
  for (let i = 0; i < makers; i++) {
    // Tension: one hand, three yarns; three parts of the first are weighed.
    const hand = TENSION_SPREADS.hand * normal();
    const yarn =
      hand + Math.hypot(TENSION_SPREADS.line, TENSION_SPREADS.group, TENSION_SPREADS.item) * normal();
    const none = learnHand([], TENSION_SPREADS).of(ASKED);
    yarnBefore.push(inside(yarn, none.mean, none.sd));
    const step = next() < 0.5 ? 0.1 : 1;
    const parts = step === 1 ? 6 : 1;
    const seen: HandObservation[] = Array.from({ length: 3 }, () => {
      const expected = (4 + 8 * next()) * parts;
      const real = expected * Math.exp(yarn + WEIGH_SIGMA * normal());
      const shown = Math.max(step, Math.round(real / step) * step);
      return { ...ASKED, logRatio: Math.log(shown / expected), variance: weighVariance(shown, step) };
    });
    const known = learnHand(seen, TENSION_SPREADS).of(ASKED);
    weighedError.push(Math.abs(Math.exp(known.mean - yarn) - 1));
    weighedIn.push(inside(yarn, known.mean, known.sd));
    // Packing.
    const packing = DENSITY_SPREAD.hand * normal() + DENSITY_SPREAD.group * normal();
    const packed = learn(
      Array.from({ length: 2 }, () => ({
        group: "firm",
        logRatio: packing + WEIGH_SIGMA * normal(),
        variance: WEIGH_SIGMA ** 2,
      })),
      DENSITY_SPREAD,
    ).of("firm");
    packedIn.push(inside(packing, packed.mean, packed.sd));
    // Pace: factors with the shares of hand, stage and kind that the prior has.
    const shared = 0.2 * normal();
    const stages = new Map([...new Set(PACE_KINDS.map((k) => STAGE_OF[k]))].map((s) => [s, 0.12 * normal()]));
    const factor = new Map(
      PACE_KINDS.map((k) => [
        k,
        Math.max(0.3, 1 + shared + (stages.get(STAGE_OF[k]) ?? 0) + 0.12 * normal()),
      ]),
    );
    const real = (work: Work) => PACE_KINDS.reduce((s, k) => s + (work[k] ?? 0) * (factor.get(k) ?? 1), 0);
    // Items differ from their reckoning, the one that is asked about and those that are timed.
    const truth = real(PIECE) * (1 + PACE_PRIOR.item * normal());
    const trade = learnPace([]);
    timeBefore.push(inside(truth, trade.seconds(PIECE), trade.sd(PIECE)));
    const slope = BATCH_PRIOR.slope + BATCH_PRIOR.sd * normal();
    const sittings: readonly (readonly [Work, number])[] = [
      [{ plain: 790, tall: 40, shaping: 60, chains: 10, tiny: 320, closing: 140, rounds: 260 }, 1],
      [{ sewing: 420 }, 4],
      [{ plain: 450, tiny: 160, rounds: 130 }, 3],
      [{ filling: 150, face: 90 }, 8],
      [{ ends: 200, hanger: 50 }, 6],
    ];
    const timed = sittings.map(([work, pieces]) => {
      const day = Math.exp(Math.hypot(SITTING_SIGMA, PACE_PRIOR.item) * normal());
      return {
        work,
        pieces,
        laps: Array.from(
          { length: pieces },
          (_, n) => real(work) * lapFactor(slope, n + 1) * day * Math.exp(LAP_SIGMA * normal()),
        ),
      };
    });
    const batch = learnBatch(timed);
    const timings: Timing[] = timed.map((t) => ({
      work: Object.fromEntries(
        Object.entries(t.work).map(([k, v]) => [k, v * t.pieces * batchFactor(batch, t.pieces).factor]),
      ),
      seconds: t.laps.reduce((a, b) => a + b, 0),
      sigma: TIMING_SIGMA,
    }));
    const pace = learnPace(timings);
    const many = batchFactor(batch, RUN);
    const runTruth = truth * batchFactor({ slope, sd: 0, around: RUN }, RUN).factor;
    const runSd = Math.hypot(pace.sd(PIECE), many.sigma * pace.seconds(PIECE)) * many.factor;
    runError.push(Math.abs((pace.seconds(PIECE) * many.factor) / runTruth - 1));
    runIn.push(inside(runTruth, pace.seconds(PIECE) * many.factor, runSd));
    timedError.push(Math.abs(pace.seconds(PIECE) / truth - 1));
    timedIn.push(inside(truth, pace.seconds(PIECE), pace.sd(PIECE)));
  }
  return {
    before: { yarnCover: share(yarnBefore), timeCover: share(timeBefore) },
    weighed: {
      median: quantile(weighedError, 0.5),
      ninety: quantile(weighedError, 0.9),
      cover: share(weighedIn),
    },
    timed: { median: quantile(timedError, 0.5), cover: share(timedIn) },
    run: { median: quantile(runError, 0.5), cover: share(runIn) },
    packed: { cover: share(packedIn) },
  };
}
