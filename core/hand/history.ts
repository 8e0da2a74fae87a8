import { learnPace, learnTensionAndPacking, tensionLearner, TIMING_SIGMA, type Learned } from "../calibrate";
import { Z90 } from "../estimate";
import {
  batchOf,
  dayOf,
  inBatch,
  paceTimings,
  densityObservations,
  tensionObservations,
  groupOf,
  type HandData,
} from "./learning";

/** A measurement beside what was expected of it when only the ones before it were known. */
export interface Told {
  readonly id: string;
  readonly kind: "weighIn" | "timing" | "swatch";
  readonly what: "tension" | "density" | "pace";
  readonly group: string;
  readonly madeOn: string;
  /** Measured ÷ the trade's, and the same of what was expected with its 90 % range. */
  readonly measured: number;
  readonly expected: number;
  readonly low: number;
  readonly high: number;
}

function inOrder<M extends { id: string; madeOn: string; setAside: boolean }>(list: readonly M[]): M[] {
  return list
    .filter((m) => !m.setAside)
    .sort((a, b) => (a.madeOn < b.madeOn ? -1 : a.madeOn > b.madeOn ? 1 : a.id < b.id ? -1 : 1));
}

/** So many of the newest measurements of a kind are held against what was known before them… */
const TOLD = 100;
/**
 * …by at most so many before each: older ones would weigh next to nothing, and a file may bring thousands.
 */
const KNOWN = 250;
/** Timings before each: a belief about many items is dearer than one about yarns. */
const TIMED = 60;
const before = <M>(sorted: readonly M[], i: number): readonly M[] => sorted.slice(Math.max(0, i - KNOWN), i);

/**
 * The newest measurements against the knowledge before each, oldest first: what calibration and outliers are
 * judged by.
 */
export function toldInOrder(data: HandData, halfLife: number): Told[] {
  const out: Told[] = [];
  const logs = <M extends HandData["tension"][number] | HandData["density"][number]>(
    list: readonly M[],
    group: (m: M) => string,
    knownBefore: (sorted: readonly M[], i: number, m: M) => Pick<Learned, "mean" | "sd">,
    kind: (m: M) => Told["kind"],
    what: Told["what"],
  ) => {
    const sorted = inOrder(list);
    sorted.forEach((m, i) => {
      if (i < sorted.length - TOLD) return;
      const known = knownBefore(sorted, i, m);
      const sd = Math.hypot(known.sd, Math.sqrt(m.variance));
      out.push({
        id: m.id,
        kind: kind(m),
        what,
        group: group(m),
        madeOn: m.madeOn,
        measured: m.ratio,
        expected: Math.exp(known.mean),
        low: Math.exp(known.mean - Z90 * sd),
        high: Math.exp(known.mean + Z90 * sd),
      });
    });
  };
  logs(
    data.tension,
    (m) => groupOf(m.yarnId, m.hookMm),
    tensionBefore(halfLife),
    (m) => (m.kind === "weigh-in" ? "weighIn" : "swatch"),
    "tension",
  );
  logs(
    data.density,
    (m) => m.firmness,
    (sorted, i, m) => {
      const seen = densityObservations(before(sorted, i), m.madeOn, halfLife);
      const known = learnTensionAndPacking([], seen, dayOf(m.madeOn)).packing.of(m.firmness);
      // One piece is packed tighter than the next.
      return { ...known, sd: known.next ?? known.sd };
    },
    () => "weighIn",
    "density",
  );
  const timings = inOrder(data.timings);
  timings.forEach((t, i) => {
    if (i < timings.length - TOLD) return;
    const earlier = timings.slice(Math.max(0, i - TIMED), i);
    const batch = batchOf(earlier);
    const pace = learnPace(paceTimings(earlier, t.madeOn, halfLife, batch));
    const work = inBatch(t.work, t.pieces, batch);
    const trade = Object.values(t.work).reduce((s, v) => s + v, 0);
    if (trade <= 0) return;
    const expected = pace.seconds(work);
    const sd = Math.hypot(pace.sd(work), TIMING_SIGMA * expected);
    out.push({
      id: t.id,
      kind: "timing",
      what: "pace",
      group: t.stage,
      madeOn: t.madeOn,
      measured: t.seconds / trade,
      expected: expected / trade,
      low: Math.max(0, expected - Z90 * sd) / trade,
      high: (expected + Z90 * sd) / trade,
    });
  });
  return out.sort((a, b) => (a.madeOn < b.madeOn ? -1 : 1));
}

/**
 * What was known of a yarn before each measurement: the learner goes through them once, and is asked on the
 * way.
 */
function tensionBefore(halfLife: number) {
  const learner = tensionLearner();
  let seen = -1;
  return (sorted: readonly HandData["tension"][number][], i: number, m: HandData["tension"][number]) => {
    if (seen < 0) seen = Math.max(0, i - KNOWN);
    for (; seen < i; seen++) {
      const [o] = tensionObservations(sorted.slice(seen, seen + 1), m.madeOn, halfLife);
      if (o) learner.see(o);
    }
    const [ask] = tensionObservations([m], m.madeOn, halfLife);
    return learner.of(ask ?? { group: groupOf(m.yarnId, m.hookMm) });
  };
}

const POINTS = 30;
export interface NarrowingPoint {
  readonly n: number;
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}
/**
 * The estimates of yarns and hooks after none, one, two… of the hand's measurements, in order: the history is
 * gone through once, however many are asked for.
 */
export function narrowings(
  data: HandData,
  groups: readonly string[],
  halfLife: number,
  today: string,
): ReadonlyMap<string, readonly NarrowingPoint[]> {
  const sorted = inOrder(data.tension);
  const lines = new Map<string, string | undefined>();
  for (const m of sorted) {
    const group = groupOf(m.yarnId, m.hookMm);
    if (!lines.has(group)) lines.set(group, m.line === undefined ? undefined : groupOf(m.line, m.hookMm));
  }
  const asked = groups.filter((g) => lines.has(g));
  const out = new Map<string, NarrowingPoint[]>(asked.map((g) => [g, []]));
  if (asked.length === 0) return out;
  // A long history is looked at now and then: the band's shape needs no more.
  const every = Math.max(1, Math.ceil(sorted.length / POINTS));
  const learner = tensionLearner();
  for (let n = 0; n <= sorted.length; n++) {
    if (n > 0) {
      const [o] = tensionObservations(sorted.slice(n - 1, n), today, halfLife);
      if (o) learner.see(o);
    }
    if (n % every !== 0 && n !== sorted.length) continue;
    for (const group of asked) {
      const known = learner.of({ group, line: lines.get(group), day: dayOf(today) });
      const at = (z: number) => Math.exp(known.mean + z * known.sd);
      out.get(group)?.push({ n, mean: at(0), low: at(-Z90), high: at(Z90) });
    }
  }
  return out;
}
