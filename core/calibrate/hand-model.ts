import { Belief, deviation, sharesOf, type Row, type Surprise } from "./belief";
import { calibrationOf, UNTRIED, type Calibration } from "./calibration";
import { DENSITY_SPREAD } from "./hierarchy";

/**
 * Parts weighed with their filling in them: one weight that rests on two things she does. Masses in one unit,
 * for all pieces.
 */
export interface Filled {
  readonly firmness: string;
  /** On the scale. */
  readonly weighed: number;
  /** What the trade would expect of the stitches, of the tails and of the filling. */
  readonly stitches: number;
  readonly beside: number;
  readonly filling: number;
  /** Variance of the weight's own error, of the logarithm. */
  readonly variance: number;
  readonly pieces: number;
}
/** Filling weighed by itself against what the trade would expect. */
export interface PackingObservation {
  readonly firmness: string;
  readonly logRatio: number;
  readonly variance: number;
  readonly pieces: number;
  readonly day?: number | undefined;
}
/**
 * One piece is packed so much tighter or looser than the next, of the logarithm. Common practice, no source.
 */
export const PACK_SIGMA = 0.08;

/** One measurement against what the trade would expect: log(measured ÷ expected), with how unsure it is. */
export interface HandObservation {
  /** A shade of a yarn with a hook, a firmness: what is measured. */
  readonly group: string;
  /** What its groups share: the yarn whatever the shade. */
  readonly line?: string | undefined;
  /** The item whose part was weighed: patterns differ from their reckoning, each by its own. */
  readonly item?: string | undefined;
  /**
   * It was weighed: the error of the band's metres per 100 g is in it. A length that was measured has none of
   * it.
   */
  readonly weighed?: boolean | undefined;
  readonly logRatio: number;
  /**
   * Variance of its own error, of the logarithm: the scatter of its pieces, the scale, the ratio of a swatch.
   */
  readonly variance: number;
  /** Days from any common origin; left out where nothing is known of it. */
  readonly day?: number | undefined;
  /**
   * The filling was weighed along: `logRatio` and `variance` are then only what is shown, and this is what is
   * learned from.
   */
  readonly filled?: Filled | undefined;
}

/** Standard deviations of the logarithm. */
export interface HandSpreads {
  readonly hand: number;
  /** A yarn about its hand, a shade about its yarn. */
  readonly line: number;
  readonly group: number;
  /** An item about what was reckoned for it. */
  readonly item: number;
  /** Metres in 100 g about what the band says. */
  readonly band: number;
  /** One piece about the mean of many. */
  readonly piece: number;
  /** How far the hand wanders in a month. */
  readonly month: number;
}

/** What a maker's own figures may move the spreads by. */
interface Grid {
  readonly between: readonly number[];
  readonly item: readonly number[];
  readonly piece: readonly number[];
  readonly month: readonly number[];
}
const GRID: Grid = { between: [2, 0.5], item: [1.8, 0.4], piece: [1.8, 0.6], month: [2, 0.2] };
/** Each step away from the trade's spread is believed so much less beforehand. */
const STEP = 0.5;
/** Measurements that the spreads are learned from: the newest. */
const NEWEST = 120;
const MONTH = 30.44;

export interface HandBelief {
  readonly mean: number;
  /** Of the mean of many pieces of one item of this group. */
  readonly sd: number;
  /** Of one next piece. */
  readonly next: number;
  /** Of one piece about its mean: a run of n pieces has it divided by √n. */
  readonly piece: number;
}

/** One set of spreads with what it makes of the measurements. */
interface Model {
  readonly belief: Belief;
  readonly begun: Map<string, Begun>;
  readonly s: HandSpreads;
  readonly prior: number;
}

/**
 * A hand that wanders, yarn lines, their shades, items that differ and pieces that scatter: one Gaussian
 * state-space model in closed form. Its spreads begin at the trade's and are learned from her own figures:
 * the model is run for a few multiples of them, and the answers are averaged by how well each foretold what
 * came (empirical Bayes by model averaging). It keeps the score of what it said before each measurement, and
 * that score widens or narrows every range it gives (`calibration`). Takes measurements one at a time, in the
 * order of their days.
 */
export class HandLearner {
  private readonly models: readonly Model[];
  private origin: number | undefined;
  private last: number | undefined;
  private readonly off = { tension: [] as number[], packing: [] as number[] };
  private scored = { tension: UNTRIED, packing: UNTRIED };
  constructor(
    private readonly spreads: HandSpreads,
    grid: Grid = GRID,
  ) {
    this.models = variants(spreads, grid).map(({ spreads: s, prior }) => {
      const belief = new Belief();
      belief.begin(HAND, s.hand ** 2);
      belief.begin(TREND, (STEADY * s.month) ** 2);
      belief.begin(PACKING, DENSITY_SPREAD.hand ** 2);
      return { belief, begun: new Map(), s, prior };
    });
  }

  see(o: HandObservation): void {
    this.origin ??= o.day;
    const months = o.day !== undefined && this.last !== undefined ? (o.day - this.last) / MONTH : 0;
    this.last = o.day ?? this.last;
    const row = rowOf(o, this.origin ?? 0);
    const shares = this.shares();
    const surprises = this.models.map((m) => {
      const { belief, s } = m;
      belief.wander(HAND, Math.max(0, months) * s.month ** 2);
      belief.begin(`line:${o.line ?? o.group}`, s.line ** 2);
      belief.begin(`group:${o.group}`, s.group ** 2);
      if (o.weighed) belief.begin(`band:${o.line ?? o.group}`, s.band ** 2);
      if (o.item !== undefined) belief.begin(`item:${o.item}`, s.item ** 2);
      // Pieces that scatter more than the trade's do so in every measurement.
      const scatter = (s.piece / this.spreads.piece) ** 2;
      return o.filled
        ? seeFilled(m, row, o.group, o.filled, scatter)
        : belief.see(row, o.logRatio, o.variance * scatter);
    });
    this.score("tension", shares, surprises);
  }

  /** Filling weighed by itself. */
  seePacking(o: PackingObservation): void {
    const shares = this.shares();
    const surprises = this.models.map(({ belief }) =>
      belief.see(packingRow(belief, o.firmness), o.logRatio, o.variance + PACK_SIGMA ** 2 / o.pieces),
    );
    this.score("packing", shares, surprises);
  }

  private shares(): number[] {
    return sharesOf(this.models.map((m) => m.belief.evidence + m.prior));
  }
  private score(what: "tension" | "packing", shares: readonly number[], of: readonly Surprise[]): void {
    this.off[what].push(deviation(shares, of));
    this.scored = { ...this.scored, [what]: calibrationOf(this.off[what]) };
  }
  /** How her measurements fell against what was said before each; ranges have its scale in them. */
  get calibration(): { readonly tension: Calibration; readonly packing: Calibration } {
    return this.scored;
  }

  /** Her packing against the trade's, of the logarithm: `sd` of the mean of many pieces, `next` of one. */
  packing(firmness: string): Pick<HandBelief, "mean" | "sd" | "next"> {
    const own = `packing:${firmness}`;
    const { mean, variance } = this.averaged(({ belief }) => {
      const got = belief.of([
        [PACKING, 1],
        [own, 1],
      ]);
      return { ...got, variance: got.variance + (belief.has(own) ? 0 : DENSITY_SPREAD.group ** 2) };
    });
    const { scale } = this.scored.packing;
    return { mean, sd: scale * Math.sqrt(variance), next: scale * Math.sqrt(variance + PACK_SIGMA ** 2) };
  }

  of(ask: Asked): HandBelief {
    const { mean, variance, scatter } = this.averaged((m) => this.asked(m.belief, m.s, ask));
    const { scale } = this.scored.tension;
    return {
      mean,
      sd: scale * Math.sqrt(variance),
      next: scale * Math.sqrt(variance + scatter),
      piece: scale * Math.sqrt(scatter),
    };
  }

  /**
   * What the models say, averaged by how well each foretold what came; `scatter` is the variance of one
   * piece.
   */
  private averaged(of: (m: Model) => { mean: number; variance: number }): {
    mean: number;
    variance: number;
    scatter: number;
  } {
    const shares = this.shares();
    let [mean, square, scatter] = [0, 0, 0];
    this.models.forEach((m, i) => {
      const w = shares[i] ?? 0;
      const got = of(m);
      mean += w * got.mean;
      square += w * (got.variance + got.mean ** 2);
      scatter += w * m.s.piece ** 2;
    });
    return { mean, variance: Math.max(0, square - mean ** 2), scatter };
  }

  /**
   * One model's belief about a group and an item on a day; what was never measured adds the whole of its
   * spread.
   */
  private asked(belief: Belief, s: HandSpreads, ask: Asked): { mean: number; variance: number } {
    const day = ask.day ?? this.last;
    const known = belief.of(rowOf({ ...ask, day }, this.origin ?? day ?? 0));
    const missing = (name: string, sd: number) => (belief.has(name) ? 0 : sd ** 2);
    const months = day === undefined || this.last === undefined ? 0 : Math.max(0, day - this.last) / MONTH;
    return {
      mean: known.mean,
      variance:
        known.variance +
        months * s.month ** 2 +
        missing(`line:${ask.line ?? ask.group}`, s.line) +
        missing(`group:${ask.group}`, s.group) +
        (ask.weighed ? missing(`band:${ask.line ?? ask.group}`, s.band) : 0) +
        (ask.item === undefined ? s.item ** 2 : missing(`item:${ask.item}`, s.item)),
    };
  }
}

/**
 * What is asked about: a group of a yarn line, of an item if one is named, on a day; the day of the last
 * measurement if none is.
 */
export interface Asked {
  readonly group: string;
  readonly line?: string | undefined;
  readonly item?: string | undefined;
  readonly day?: number | undefined;
  /** Grams are asked for; metres where it is left out. */
  readonly weighed?: boolean | undefined;
}

/** All of the measurements at once, in the order of their days; the newest of a long history. */
export function learnHand(
  observations: readonly HandObservation[],
  spreads: HandSpreads,
  packing: readonly PackingObservation[] = [],
): HandLearner {
  const learner = new HandLearner(spreads);
  const newest = <T extends { readonly day?: number | undefined }>(list: readonly T[]): T[] =>
    [...list].sort((a, b) => (a.day ?? 0) - (b.day ?? 0)).slice(-NEWEST);
  const packed = newest(packing);
  let next = 0;
  for (const o of newest(observations)) {
    for (let p = packed[next]; p && (p.day ?? 0) <= (o.day ?? 0); p = packed[++next]) learner.seePacking(p);
    learner.see(o);
  }
  for (const p of packed.slice(next)) learner.seePacking(p);
  return learner;
}

function packingRow(belief: Belief, firmness: string): Row {
  belief.begin(`packing:${firmness}`, DENSITY_SPREAD.group ** 2);
  return [
    [PACKING, 1],
    [`packing:${firmness}`, 1],
  ];
}

/** Where a filled part of a group was first taken as straight: its tension and packing then. */
interface Begun {
  readonly tension: number;
  readonly packing: number;
}

/**
 * A filled part: weight = stitches × e^tension + tails + filling × e^packing. Its logarithm is taken as
 * straight (extended Kalman filter), so that each of the two moves by its share of the weight, and what is
 * known of the one sharpens the other. The shares are those of what was believed when the first such part
 * came: taken anew at each belief, the line that no weight can tell (more tension, less packing) would turn
 * from part to part and be told from nothing (the consistency of first-estimates Jacobians; G. P. Huang, A.
 * I. Mourikis, S. I. Roumeliotis, 2008; from memory).
 */
function seeFilled(
  { belief, begun }: Model,
  tension: Row,
  group: string,
  f: Filled,
  scatter: number,
): Surprise {
  const packing = packingRow(belief, f.firmness);
  const now = { tension: belief.of(tension).mean, packing: belief.of(packing).mean };
  const key = `${group} ${f.firmness}`;
  const first = begun.get(key) ?? now;
  begun.set(key, first);
  const weight = (at: Begun) => {
    const stitches = f.stitches * Math.exp(at.tension);
    const filling = f.filling * Math.exp(at.packing);
    const all = stitches + f.beside + filling;
    return { all, ofStitches: stitches / all, ofFilling: filling / all };
  };
  const { ofStitches, ofFilling } = weight(first);
  const expected = weight(now).all;
  const weighted = (row: Row, by: number): Row => row.map(([name, w]) => [name, w * by] as const);
  return belief.see(
    [...weighted(tension, ofStitches), ...weighted(packing, ofFilling)],
    Math.log(f.weighed / expected) + ofStitches * now.tension + ofFilling * now.packing,
    f.variance * scatter + (ofFilling * PACK_SIGMA) ** 2 / f.pieces + ((BESIDE * f.beside) / expected) ** 2,
  );
}
/** Tails are as long as they are cut: so far off, as a share. Common practice, no source. */
const BESIDE = 0.1;

/**
 * The trade's spreads, and each of them moved alone: nine models rather than eighty-one, and as good a cover
 * (measured).
 */
function variants(s: HandSpreads, grid: Grid): { spreads: HandSpreads; prior: number }[] {
  const moved = (between: number, item: number, piece: number, month: number): HandSpreads => ({
    hand: s.hand,
    line: s.line * between,
    group: s.group * between,
    item: s.item * item,
    band: s.band,
    piece: s.piece * piece,
    month: s.month * month,
  });
  return [
    { spreads: moved(1, 1, 1, 1), prior: 0 },
    ...grid.between.map((k) => ({ spreads: moved(k, 1, 1, 1), prior: -STEP })),
    ...grid.item.map((k) => ({ spreads: moved(1, k, 1, 1), prior: -STEP })),
    ...grid.piece.map((k) => ({ spreads: moved(1, 1, k, 1), prior: -STEP })),
    ...grid.month.map((k) => ({ spreads: moved(1, 1, 1, k), prior: -STEP })),
  ];
}

const HAND = "hand";
const PACKING = "packing";
const TREND = "trend";
/** Share of the wandering of a month that may go one way month after month. */
const STEADY = 0.6;

const rowOf = (o: Asked, origin: number): Row => [
  [HAND, 1],
  [TREND, o.day === undefined ? 0 : (o.day - origin) / MONTH],
  [`line:${o.line ?? o.group}`, 1],
  [`group:${o.group}`, 1],
  ...(o.weighed ? ([[`band:${o.line ?? o.group}`, 1]] as const) : []),
  ...(o.item === undefined ? [] : ([[`item:${o.item}`, 1]] as const)),
];
