import { checkCutting, planCutting } from "../core/planning/cutting";
import { instance, solveWithHighs, tight } from "./cutting-model";

const SIZES = [
  [50, 5],
  [50, 20],
  [200, 20],
  [200, 40],
  [1000, 40],
  [1000, 80],
] as const;
const SEEDS = [1, 2];
/** Seconds that HiGHS has for each instance. */
const HIGHS_SECONDS = Number(process.env.LAPKA_HIGHS_SECONDS ?? 60);

/**
 * The cutting plan against HiGHS (an integer program of the same instance), one after the other in one run.
 */
export async function cutAgainstHighs(say: (label: string, value: string) => void): Promise<void> {
  console.log(
    `\nBall cutting plan against HiGHS, one thread each, HiGHS at most ${HIGHS_SECONDS} s an instance`,
  );
  let worse = 0;
  const ratios: number[] = [];
  for (const [pieces, balls] of SIZES) {
    for (const seed of SEEDS) {
      const input = instance(seed, pieces, balls);
      const t = performance.now();
      const plan = planCutting(input);
      const seconds = (performance.now() - t) / 1000;
      if (checkCutting(input, plan.cuts).length > 0) throw new Error("the plan breaks its own rules");
      const other = await solveWithHighs(input, plan.newBalls, HIGHS_SECONDS);
      if (other.newBalls !== undefined) {
        ratios.push(seconds / other.seconds);
        if (plan.newBalls > other.newBalls) worse++;
      }
      say(
        `${pieces} pieces, ${input.balls.length} balls, instance ${seed}`,
        `${plan.newBalls} new balls (bound ${plan.bound.newBalls}) in ${seconds.toFixed(3)} s; HiGHS ${other.newBalls === undefined ? "not proven" : `${other.newBalls}`} in ${other.seconds.toFixed(1)} s`,
      );
    }
  }
  ratios.sort((a, b) => a - b);
  say("instances on which HiGHS proved fewer new balls", `${worse} of ${ratios.length} proven`);
  say(
    "time against HiGHS, where it proved: median, largest",
    ratios.length === 0
      ? "none proven"
      : `${(ratios[Math.floor(ratios.length / 2)] ?? 0).toFixed(4)}, ${(ratios.at(-1) ?? 0).toFixed(4)}`,
  );
}

/** How many tight shades are solved twice, and the seconds that HiGHS has for each. */
const TIGHT = Number(process.env.LAPKA_TIGHT ?? 200);
const TIGHT_SECONDS = Number(process.env.LAPKA_TIGHT_SECONDS ?? 60);

/** Shades with a hidden packing: the plan, the packing that is known to be there, and HiGHS. */
export async function cutTight(say: (label: string, value: string) => void): Promise<void> {
  console.log(
    `\nTight shades with a hidden packing, ${TIGHT} of them, HiGHS at most ${TIGHT_SECONDS} s each`,
  );
  let [hidden, proven, worse, better, planMs, highsMs, most] = [0, 0, 0, 0, 0, 0, 0];
  for (let seed = 1; seed <= TIGHT; seed++) {
    const { input, hidden: known } = tight(seed);
    const t = performance.now();
    const plan = planCutting(input);
    const ms = performance.now() - t;
    if (checkCutting(input, plan.cuts).length > 0)
      throw new Error(`shade ${seed}: the plan breaks its own rules`);
    if (plan.newBalls > known) {
      hidden++;
      console.log(`  shade ${seed}: ${plan.newBalls} new balls, ${known} are known to do`);
    }
    const other = await solveWithHighs(input, Math.max(1, plan.newBalls), TIGHT_SECONDS);
    if (other.newBalls === undefined) continue;
    proven++;
    planMs += ms;
    highsMs += 1000 * other.seconds;
    most = Math.max(most, ms);
    if (plan.newBalls > other.newBalls) {
      worse++;
      console.log(`  shade ${seed}: ${plan.newBalls} new balls, HiGHS proves ${other.newBalls}`);
    }
    if (plan.newBalls < other.newBalls) better++;
  }
  say("more new balls than the hidden packing has", `${hidden} of ${TIGHT}`);
  say("proven by HiGHS; of these with more balls than it proves", `${proven}; ${worse}`);
  say("of these with fewer (would be a fault of the check)", String(better));
  say(
    "milliseconds of all proven: the plan, HiGHS; the slowest plan",
    `${planMs.toFixed(0)}, ${highsMs.toFixed(0)}; ${most.toFixed(0)}`,
  );
}
