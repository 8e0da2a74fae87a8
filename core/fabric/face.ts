import { LEAST_EYE_OPENING, type CheckedPart, type PatternEvent } from "../notation";
import { mm, type Mm } from "../units";
import { bodyRounds } from "./body";
import type { FabricPart } from "./part";

/** Sizes in which washer-backed eyes are sold, mm. Common practice, no source. */
export const EYE_SIZES: readonly number[] = [4, 5, 6, 7, 8, 9, 10, 12, 14, 15, 16, 18, 20, 24];
/**
 * An eye looks right at about a seventh of the face's width; small figures wear theirs a little larger (from
 * memory).
 */
const EYE_SHARE = 1 / 7;

type Eyes = Extract<PatternEvent, { kind: "eyes" }>;

export interface FacePlacement {
  readonly what: "eye" | "nose";
  readonly count: number;
  readonly line: number;
  /** Between these rounds, by their numbers in the pattern. */
  readonly rounds: readonly [number, number];
  readonly apart: number | undefined;
  /** Height of the eyes above the start of the part, along its axis. */
  readonly z: Mm;
  /** Radius of the face there. */
  readonly r: Mm;
  /** Stitches around at that height. */
  readonly around: number;
  /** Angle between the two eyes seen from the axis, degrees; 0 for a single one. */
  readonly degrees: number;
  /** Middle to middle: straight, and along the fabric as a tape would measure it. */
  readonly straight: Mm;
  readonly along: Mm;
  /** Of the width of the face as seen from the front. */
  readonly share: number;
  readonly sizeMm: number | undefined;
  /** Nearest size sold to a seventh of the face's width. */
  readonly suggestedMm: number;
  /** Live stitches when the pattern says to put them in; undefined when no round came before. */
  readonly opening: number | undefined;
  /**
   * The last round after which a washer can still be pressed on from inside: the opening then, in stitches.
   */
  readonly lastSafe: { readonly round: number; readonly stitches: number } | undefined;
}

/**
 * Where the pattern's lines put the eyes, on the filled shape: distances in mm, angle in degrees. Parts
 * without a shape or lines without "between rounds a and b" have none. The smallest opening in use is 12
 * stitches (craft §1, common practice, no source).
 */
export function faceOf(part: CheckedPart, fabric: FabricPart): FacePlacement[] {
  const { shape } = fabric;
  if (!shape) return [];
  const drawn = bodyRounds(part);
  const ringOf = (number: number) => shape.rings[drawn.findIndex((r) => r.number === number)];
  return part.events.flatMap(({ event, line, afterRound }): FacePlacement[] => {
    if (event.kind !== "eyes" || !event.rounds) return [];
    const place = placeOf(event, ringOf, part);
    if (!place) return [];
    const { a, b, around } = place;
    const r = (a.r + b.r) / 2;
    const apart = event.count > 1 ? (event.apart ?? Math.round(around / 4)) : 0;
    const angle = event.count > 1 ? (2 * Math.PI * apart) / around : 0;
    const straight = 2 * r * Math.sin(Math.min(angle, Math.PI) / 2);
    const front = r + fabric.straight / 2;
    const wanted = 2 * front * EYE_SHARE;
    return [
      {
        what: event.what,
        count: event.count,
        line,
        rounds: event.rounds,
        apart: event.count > 1 ? apart : undefined,
        z: mm((a.z + b.z) / 2),
        r: mm(r),
        around,
        degrees: (angle * 180) / Math.PI,
        straight: mm(straight),
        along: mm(angle * r),
        share: front > 0 ? straight / (2 * front) : 0,
        sizeMm: event.sizeMm,
        suggestedMm: nearestEyeSize(wanted),
        opening: part.rounds[afterRound - 1]?.count,
        lastSafe: lastSafe(part, event.rounds[1]),
      },
    ];
  });
}

function placeOf(
  event: Eyes,
  ringOf: (n: number) => { r: number; z: number } | undefined,
  part: CheckedPart,
) {
  const [first, second] = event.rounds ?? [0, 0];
  const a = ringOf(first);
  const b = ringOf(second) ?? a;
  const around =
    part.rounds.find((r) => r.number === second)?.count ?? part.rounds.find((r) => r.number === first)?.count;
  return a && b && around ? { a, b, around } : undefined;
}

/** The size that is sold and comes nearest, mm. */
export const nearestEyeSize = (wanted: number): number =>
  EYE_SIZES.reduce(
    (best, s) => (Math.abs(s - wanted) < Math.abs(best - wanted) ? s : best),
    EYE_SIZES[0] ?? 6,
  );

/** The last round from the eyes on that still leaves an opening of twelve. */
function lastSafe(part: CheckedPart, from: number): FacePlacement["lastSafe"] {
  const start = part.rounds.findIndex((r) => r.number === from);
  if (start < 0) return undefined;
  for (let i = part.rounds.length - 1; i >= start; i--) {
    const round = part.rounds[i];
    if (round?.count !== undefined && round.count >= LEAST_EYE_OPENING)
      return { round: round.number ?? i + 1, stitches: round.count };
  }
  return undefined;
}
