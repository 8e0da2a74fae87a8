import { learnPace, TIMING_SIGMA, type Timing } from "../../core/calibrate";
import { randomFrom } from "../../core/calibrate/simulated-makers";
import { PACE_KINDS, STAGE_OF, type Work } from "../../core/estimate";

/** Makers whose minutes have a truth of their own. */
export interface TimeWorld {
  readonly what: string;
  readonly item: number;
  readonly heavy?: boolean;
  /** Share of sittings with a pause of 10 to 70 % that was not cut out. */
  readonly pauses?: number;
  readonly drift?: number;
}
export const TIME_WORLDS: readonly TimeWorld[] = [
  { what: "as modelled", item: 0.08 },
  { what: "heavy tails", item: 0.08, heavy: true },
  { what: "pauses in a fifth of the sittings", item: 0.08, pauses: 0.2 },
  { what: "items that differ by 12 %", item: 0.12 },
  { what: "a pace that drifts by 1.5 % a month", item: 0.08, drift: 0.015 },
  { what: "all of it, mildly", item: 0.08, heavy: true, pauses: 0.1, drift: 0.007 },
];
/** Seconds of a small keychain by kind. */
export const PIECE: Work = {
  plain: 790,
  tall: 40,
  shaping: 60,
  tiny: 320,
  closing: 140,
  rounds: 260,
  sewing: 420,
  filling: 150,
  ends: 200,
};
const SITTINGS: readonly Work[] = [
  { plain: 790, tall: 40, shaping: 60, tiny: 320, closing: 140, rounds: 260 },
  { sewing: 1680 },
  { plain: 1350, tiny: 480, rounds: 390 },
  { filling: 1200 },
  { ends: 1200 },
];
const Z = 1.6448536;
const MONTH = 30.44;
const MONTHS = 11;

/**
 * How often the minutes of an item that was never timed lie in their 90 % range, and how wide it is against
 * the errors.
 */
export function timeCover(
  w: TimeWorld,
  k: number,
  makers: number,
): { readonly inside: number; readonly width: number } {
  const { next, normal } = randomFrom(77 + k);
  const noise = () => {
    const scale = w.heavy ? Math.sqrt((normal() ** 2 + normal() ** 2 + normal() ** 2) / 3) * Math.sqrt(3) : 1;
    return (TIMING_SIGMA * normal()) / scale;
  };
  let [inside, sd, square] = [0, 0, 0];
  for (let i = 0; i < makers; i++) {
    const shared = 0.2 * normal();
    const stages = new Map(PACE_KINDS.map((x) => [STAGE_OF[x], 0.12 * normal()]));
    const own = new Map(PACE_KINDS.map((x) => [x, 0.12 * normal()]));
    const items = [0, 1, 2, 3].map(() => w.item * normal());
    let hand = (-(w.drift ?? 0) * MONTHS) / 2;
    let day = 0;
    const wander = (on: number) => {
      const months = (on - day) / MONTH;
      hand += w.drift ? w.drift * months : 0.015 * Math.sqrt(months) * normal();
      day = on;
    };
    const real = (work: Work, item: number) =>
      PACE_KINDS.reduce((s, x) => {
        const factor =
          1 + shared + hand + (items[item] ?? 0) + (stages.get(STAGE_OF[x]) ?? 0) + (own.get(x) ?? 0);
        return s + (work[x] ?? 0) * Math.max(0.2, factor);
      }, 0);
    const seen: Timing[] = [];
    for (let j = 0; j < k; j++) {
      wander(((MONTHS * MONTH) / k) * (j + next() / 2));
      const item = Math.floor(next() * 3);
      const work = SITTINGS[j % SITTINGS.length] ?? {};
      const pause = next() < (w.pauses ?? 0) ? 1.1 + 0.6 * next() : 1;
      seen.push({
        work,
        seconds: real(work, item) * (1 + noise()) * pause,
        sigma: TIMING_SIGMA,
        item: String(item),
        day,
      });
    }
    wander(MONTHS * MONTH);
    const pace = learnPace(seen);
    const off = real(PIECE, 3) - pace.seconds(PIECE);
    inside += Number(Math.abs(off) <= Z * pace.sd(PIECE)) / makers;
    sd += pace.sd(PIECE) / makers;
    square += off ** 2 / makers;
  }
  return { inside, width: sd / Math.sqrt(square) };
}
