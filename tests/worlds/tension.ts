import {
  learnTensionAndPacking,
  PACK_SIGMA,
  TENSION_SPREADS,
  WEIGH_SIGMA,
  type HandObservation,
} from "../../core/calibrate";
import { randomFrom } from "../../core/calibrate/simulated-makers";

/** Makers whose truth is their own, not the model's. */
export interface YarnWorld {
  readonly what: string;
  /** Noise with Student's t of three degrees of freedom, of the same spread. */
  readonly heavy?: boolean;
  /** Yarns differ so much more than the trade's. */
  readonly yarn?: number;
  /** Steady change of the hand, a month. */
  readonly drift?: number;
  /** Spread of items, and of the wandering hand in a month. */
  readonly item?: number;
  readonly month?: number;
  /** Parts are weighed with their filling in them, packed so many times as the trade does. */
  readonly packing?: number;
  /** Always the same part is weighed, so that no weight tells packing from tension. */
  readonly onePart?: boolean;
}
export const YARN_WORLDS: readonly YarnWorld[] = [
  { what: "as modelled" },
  { what: "tails of Student's t with three degrees of freedom", heavy: true },
  { what: "yarns that differ twice as much", yarn: 2 },
  { what: "a hand that drifts by 1 % a month", drift: 0.01 },
  { what: "patterns that are 5 % off, and a steady hand", item: 0.05, month: 0 },
  { what: "filled weigh-ins, packed 1.3 times as much", packing: 1.3 },
  { what: "the same filled part again and again, packed 1.3 times as much", packing: 1.3, onePart: true },
  { what: "a steady hand whose items do not differ", item: 0, month: 0 },
  { what: "all of it, mildly", heavy: true, yarn: 1.4, drift: 0.005, packing: 1.1 },
];

/**
 * Shares of makers whose truth lay in the 90 % range, and how wide the ranges are against the errors they are
 * for.
 */
export interface Cover {
  readonly mean: number;
  readonly next: number;
  readonly run: number;
  /** The mean of another item in a yarn that was never measured. */
  readonly another: number;
  /** Mean half width of the mean's range ÷ 1.645 × the root of the mean squared error: 1 is ideal. */
  readonly width: number;
  readonly sd: number;
}

/** The 90 % range of a normal error. */
const Z = 1.6448536;
const MONTH = 30.44;
const MONTHS = 11;
const RUN = 40;
/** So much filling to the stitches of an ear, an arm, a body and a head, by weight. */
const FILLINGS = [0, 0.15, 0.3, 0.45] as const;
const ONE_PART = 0.3;

/**
 * Makers who weigh `k` parts of three items over eleven months: how often the ranges of the last day hold.
 */
export function yarnCover(w: YarnWorld, k: number, makers: number): Cover {
  const { next, normal } = randomFrom(991 + k);
  const heavy = () => {
    const scale = Math.sqrt((normal() ** 2 + normal() ** 2 + normal() ** 2) / 3);
    return normal() / scale / Math.sqrt(3);
  };
  const noise = () => WEIGH_SIGMA * (w.heavy ? heavy() : normal());
  const held = { mean: 0, next: 0, run: 0, another: 0, sd: 0, square: 0 };
  for (let i = 0; i < makers; i++) {
    const yarn = w.yarn ?? 1;
    const own = 0.15 * normal();
    const ofYarn = () => 0.065 * yarn * normal() + 0.05 * yarn * normal();
    const fixed = own + ofYarn();
    const items = [0, 1, 2].map(() => (w.item ?? 0.05) * normal());
    const wander = (months: number) =>
      (w.drift ?? 0) * months + (w.drift ? 0 : (w.month ?? 0.01) * Math.sqrt(months) * normal());
    let hand = (-(w.drift ?? 0) * MONTHS) / 2;
    let day = 0;
    const seen: HandObservation[] = [];
    for (let j = 0; j < k; j++) {
      const on = ((MONTHS * MONTH) / k) * (j + next() / 2);
      hand += wander((on - day) / MONTH);
      day = on;
      const item = Math.floor(next() * 3);
      seen.push({
        group: "slate",
        line: "cotton",
        item: String(item),
        weighed: true,
        day,
        ...weighed(w, 4 + 8 * next(), fixed + (items[item] ?? 0) + hand, noise, { next, normal }),
      });
    }
    hand += wander((MONTHS * MONTH - day) / MONTH);
    const truth = fixed + (items[0] ?? 0) + hand;
    const { tension } = learnTensionAndPacking(seen, [], MONTHS * MONTH);
    const known = tension.of("slate", { line: "cotton", item: "0" }).grams;
    const never = tension.elsewhere.grams;
    if (!known || !never) throw new Error("grams are a quantity of their own");
    const within = (x: number, range: number, mean = known.mean) =>
      Number(Math.abs(x - mean) <= Z * range) / makers;
    held.another += within(own + ofYarn() + hand + (w.item ?? 0.05) * normal(), never.sd, never.mean);
    held.mean += within(truth, known.sd);
    held.next += within(truth + noise(), known.next);
    const forty = Array.from({ length: RUN }, noise).reduce((a, b) => a + b, 0) / RUN;
    held.run += within(truth + forty, Math.hypot(known.sd, known.piece / Math.sqrt(RUN)));
    held.sd += known.sd / makers;
    held.square += (truth - known.mean) ** 2 / makers;
  }
  return { ...held, width: held.sd / Math.sqrt(held.square) };
}

/** A part on a scale of a tenth of a gram, with its filling in it where the world has it so. */
function weighed(
  w: YarnWorld,
  grams: number,
  log: number,
  noise: () => number,
  { next, normal }: ReturnType<typeof randomFrom>,
): Pick<HandObservation, "logRatio" | "variance" | "filled"> {
  const share = w.onePart ? ONE_PART : (FILLINGS[Math.floor(FILLINGS.length * next())] ?? 0);
  const filling = w.packing === undefined ? 0 : share * grams;
  const real = grams * Math.exp(log + noise()) + filling * (w.packing ?? 0) * Math.exp(PACK_SIGMA * normal());
  const shown = Math.max(0.1, Math.round(10 * real) / 10);
  const variance = (0.1 / Math.sqrt(12) / shown) ** 2 + TENSION_SPREADS.piece ** 2;
  if (filling === 0) return { logRatio: Math.log(shown / grams), variance };
  const filled = {
    firmness: "medium",
    weighed: shown,
    stitches: grams,
    beside: 0,
    filling,
    variance,
    pieces: 1,
  };
  return { logRatio: 0, variance: 1, filled };
}
