import { WEIGH_SIGMA } from "@core/calibrate";
import { planCutting, type CutBall, type CutPiece, type CuttingPlan } from "@core/planning";
import type { LinePlannedWith } from "@db/schema";

/** One-sided chances that a length is enough, with the point of the normal distribution that gives them. */
export const CONFIDENCE = [
  { value: 50, z: 0, label: "as expected (1 in 2 runs short)" },
  { value: 80, z: 0.8416, label: "80 of 100 times enough" },
  { value: 90, z: 1.2816, label: "90 of 100 times enough" },
  { value: 95, z: 1.6449, label: "95 of 100 times enough" },
  { value: 99, z: 2.3263, label: "99 of 100 times enough" },
] as const;
export const zOf = (confidence: number): number =>
  CONFIDENCE.find((c) => c.value === confidence)?.z ?? 1.6449;

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
}

/** Lengths that a plan may have: more than a year of making. Beyond it the run is to be parted. */
export const MOST_LENGTHS = 20_000;
export const lengthsOf = (lines: readonly CuttingLine[]): number =>
  lines.reduce((n, l) => n + l.quantity * l.lengths.reduce((m, x) => m + x.make, 0), 0);

/**
 * The lengths of one shade over a run: line, copy, which length, which of "make 2". Each is as long as one next piece may
 * need: pieces scatter about their mean. What is only measured off does not.
 */
export function piecesOf(lines: readonly CuttingLine[], yarnId: string, confidence: number): CutPiece[] {
  const z = zOf(confidence);
  return lines.flatMap((line, l) =>
    Array.from({ length: line.quantity }, (_, copy) =>
      line.lengths.flatMap((x, i) =>
        x.yarnId !== yarnId
          ? []
          : Array.from({ length: x.make }, (_m, k): CutPiece => ({
              id: `${l}-${copy}-${i}-${k}`,
              group: `${l}-${copy}`,
              label: `${line.label}: ${x.part}`,
              mg: Math.max(
                1,
                Math.ceil(x.mg * Math.exp(z * (x.sigma > 0 ? Math.hypot(x.sigma, WEIGH_SIGMA) : 0))),
              ),
              joinable: x.filled,
            })),
      ),
    ).flat(),
  );
}

/** Yarn that the two ends of a join take: twice 10 cm (trade guide §3), mg. */
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
  return shades.map((shade, s) => {
    const pieces = piecesOf(lines, shade.yarnId, options.confidence);
    const own = new Map(
      pieces.flatMap((p) =>
        pins.has(`${shade.yarnId}/${p.id}`)
          ? [[p.id, pins.get(`${shade.yarnId}/${p.id}`) ?? ""] as const]
          : [],
      ),
    );
    const plan = planCutting({
      pieces,
      balls: shade.balls,
      newBallMg: shade.newBallMg,
      lotRule: options.lotRule,
      joins: options.joins,
      joinMg: joinMgOf(shade.mmPer100g),
      pins: own,
      effort: EFFORT,
      goOn: goOn ? (done, of) => goOn((s + done / Math.max(1, of)) / shades.length) : undefined,
    });
    return { yarnId: shade.yarnId, pieces, plan };
  });
}

/** A pin or a placed piece over all shades: the same length index is another piece in another shade. */
export const pieceKey = (yarnId: string, piece: string): string => `${yarnId}/${piece}`;
/** New balls of a run, told apart by shade in what is kept. */
export const keptBall = (yarnId: string, ball: string): string =>
  ball.startsWith("new-") ? `${ball}/${yarnId}` : ball;
export const plannedBall = (ball: string): string =>
  ball.startsWith("new-") ? (ball.split("/")[0] ?? ball) : ball;
