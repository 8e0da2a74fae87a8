import { WEIGH_SIGMA } from "@core/calibrate";
import {
  chanceEnough,
  planCutting,
  reserveFactor,
  type CutBall,
  type CutPiece,
  type CuttingPlan,
  type ExpectedLength,
} from "@core/planning";
import type { LinePlannedWith } from "@db/schema";

/** Chances, in a hundred, that a whole run's yarn is enough. */
export const CONFIDENCE = [
  { value: 50, label: "as expected, nothing in reserve" },
  { value: 80, label: "80 of 100 runs enough" },
  { value: 90, label: "90 of 100 runs enough" },
  { value: 95, label: "95 of 100 runs enough" },
  { value: 99, label: "99 of 100 runs enough" },
] as const;

export interface CuttingLine {
  readonly label: string;
  readonly quantity: number;
  readonly lengths: NonNullable<LinePlannedWith["lengths"]>;
}
export interface ShadeBall extends CutBall {
  readonly place: string;
  /** All that is on it; `mg` is what is free. */
  readonly onBall: number;
}
export interface Shade {
  readonly yarnId: string;
  readonly label: string;
  readonly colour: string;
  readonly mmPer100g: number;
  readonly newBallMg: number;
  readonly ballPrice: number;
  readonly balls: readonly ShadeBall[];
}
export interface CuttingOptions {
  readonly confidence: number;
  readonly lotRule: "item" | "run";
  readonly joins: boolean;
}
export interface ShadePlan {
  readonly yarnId: string;
  readonly pieces: readonly CutPiece[];
  readonly plan: CuttingPlan;
  /** That every ball of the plan holds what is cut from it. */
  readonly chance: number;
}

/** Lengths that a plan may have: more than a year of making. Beyond it the run is to be parted. */
export const MOST_LENGTHS = 20_000;
export const lengthsOf = (lines: readonly CuttingLine[]): number =>
  lines.reduce((n, l) => n + l.quantity * l.lengths.reduce((m, x) => m + x.make, 0), 0);

/**
 * A length as it is expected: her hand is one error for all of a shade; what is only measured off has none,
 * and no scatter.
 */
const expected = (x: CuttingLine["lengths"][number]): ExpectedLength => ({
  mg: x.mg,
  shared: x.sigma,
  piece: x.sigma > 0 ? WEIGH_SIGMA : 0,
});

/**
 * The lengths of one shade over a run: line, copy, which length, which of "make 2". Each has so much in
 * reserve that the whole run is enough `confidence` times in 100; `more` stretches the reserve where a plan's
 * balls turn out to hold too little.
 */
export function piecesOf(
  lines: readonly CuttingLine[],
  { yarnId, newBallMg }: Pick<Shade, "yarnId" | "newBallMg">,
  confidence: number,
  more = 1,
): CutPiece[] {
  const own = lines.flatMap((l) =>
    l.lengths.flatMap((x) => (x.yarnId === yarnId ? [{ x, n: l.quantity * x.make }] : [])),
  );
  const n = own.reduce((sum, o) => sum + o.n, 0);
  const mean = own.reduce((sum, o) => sum + o.n * o.x.mg, 0) / Math.max(1, n);
  // Many lengths of a run are alike: each is reckoned once.
  const reserves = new Map<number, number>();
  const reserveOf = (x: CuttingLine["lengths"][number]): number => {
    const known =
      reserves.get(x.sigma) ??
      reserveFactor(expected(x), n, mean > 0 ? newBallMg / mean : 1, confidence / 100) ** more;
    reserves.set(x.sigma, known);
    return known;
  };
  return lines.flatMap((line, l) =>
    Array.from({ length: line.quantity }, (_, copy) =>
      line.lengths.flatMap((x, i) =>
        x.yarnId !== yarnId
          ? []
          : Array.from({ length: x.make }, (_m, k): CutPiece => ({
              id: `${l}-${copy}-${i}-${k}`,
              group: `${l}-${copy}`,
              label: `${line.label}: ${x.part}`,
              mg: Math.max(1, Math.ceil(x.mg * reserveOf(x))),
              joinable: x.filled,
            })),
      ),
    ).flat(),
  );
}

/**
 * The chance that every ball holds its lengths as they come out. A length that is joined counts on each ball
 * by its share.
 */
function chanceOf(
  lines: readonly CuttingLine[],
  shade: Shade,
  pieces: readonly CutPiece[],
  plan: CuttingPlan,
): number {
  const lengthOf = (id: string) => {
    const [line = 0, , index = 0] = id.split("-").map(Number);
    return lines[line]?.lengths[index];
  };
  const reserved = new Map(pieces.map((p) => [p.id, p.mg]));
  const onBall = new Map<string, ExpectedLength[]>();
  for (const cut of plan.cuts) {
    const x = lengthOf(cut.piece);
    const whole = reserved.get(cut.piece);
    if (!x || !whole) continue;
    const one = expected(x);
    onBall.set(cut.ball, [...(onBall.get(cut.ball) ?? []), { ...one, mg: (one.mg * cut.mg) / whole }]);
  }
  const sizes = new Map(shade.balls.map((b) => [b.id, b.mg]));
  return chanceEnough(
    [...onBall].map(([id, lengths]) => ({ mg: sizes.get(id) ?? shade.newBallMg, lengths })),
  );
}

/** Yarn that the two ends of a join take: twice 10 cm (craft §3), mg. */
export const joinMgOf = (mmPer100g: number): number => Math.ceil((2 * 100 * 100_000) / mmPer100g);

const EFFORT = 40;

/** A run's cutting plan, shade by shade: lots and balls of one shade never meet another's. */
export function planShades(
  lines: readonly CuttingLine[],
  shades: readonly Shade[],
  options: CuttingOptions,
  pins: ReadonlyMap<string, string>,
  goOn?: (share: number) => boolean,
): ShadePlan[] {
  let told = 0;
  return shades.map((shade, s) => {
    // A shade that is planned again does not go back.
    const tell = goOn
      ? (done: number, of: number) => {
          told = Math.max(told, (s + done / Math.max(1, of)) / shades.length);
          return goOn(told);
        }
      : undefined;
    const planned = (more: number): ShadePlan => {
      const pieces = piecesOf(lines, shade, options.confidence, more);
      const plan = planCutting({
        pieces,
        balls: shade.balls,
        newBallMg: shade.newBallMg,
        lotRule: options.lotRule,
        joins: options.joins,
        joinMg: joinMgOf(shade.mmPer100g),
        pins: pinsOf(pins, shade.yarnId, pieces),
        effort: EFFORT,
        goOn: tell,
      });
      return { yarnId: shade.yarnId, pieces, plan, chance: chanceOf(lines, shade, pieces, plan) };
    };
    // Balls cut to the last gram by lengths of other sizes than the usual may hold too little: then the
    // reserve grows.
    let best = planned(1);
    for (const more of STRETCHED) {
      if (options.confidence <= 50 || best.chance >= options.confidence / 100 - NEARLY) break;
      const next = planned(more);
      if (next.plan.tooLong.length > best.plan.tooLong.length) break;
      best = next;
    }
    return best;
  });
}
const STRETCHED = [1.25, 1.6];
const NEARLY = 0.01;

function pinsOf(
  pins: ReadonlyMap<string, string>,
  yarnId: string,
  pieces: readonly CutPiece[],
): Map<string, string> {
  return new Map(
    pieces.flatMap((p) => {
      const ball = pins.get(pieceKey(yarnId, p.id));
      return ball === undefined ? [] : [[p.id, ball] as const];
    }),
  );
}

/** A pin or a placed piece over all shades: the same length index is another piece in another shade. */
export const pieceKey = (yarnId: string, piece: string): string => `${yarnId}/${piece}`;
/** New balls of a run, told apart by shade in what is kept. */
export const keptBall = (yarnId: string, ball: string): string =>
  ball.startsWith("new-") ? `${ball}/${yarnId}` : ball;
export const plannedBall = (ball: string): string =>
  ball.startsWith("new-") ? (ball.split("/")[0] ?? ball) : ball;
