/** A length of yarn one piece needs, with the yarn it is planned in. */
export interface LeftoverNeed {
  readonly part: string;
  readonly yarnId: string;
  readonly weightClass: number;
  /** mg, upper end of the range. */
  readonly mg: number;
}
export interface LeftoverBall {
  readonly id: string;
  readonly yarnId: string;
  readonly weightClass: number;
  readonly mg: number;
  /** What 1 g of it cost, minor units; fractions kept. */
  readonly pricePerGram: number;
}
export interface LeftoverUse {
  readonly pieces: number;
  /** mg of each picked ball that would be used. */
  readonly used: ReadonlyMap<string, number>;
  /** Minor units of yarn used up, by what the balls cost. */
  readonly value: number;
  /** A length is worked in another shade of the same class. */
  readonly otherShade: boolean;
}

const MOST_PIECES = 50;

/**
 * What the picked scraps alone are enough for: whole pieces whose lengths each fit uninterrupted on one ball.
 * A length takes its own shade; with `anyShade`, when no picked ball of its shade is long enough, the nearest
 * weight in its class. Lengths go longest first onto the smallest ball that holds them. undefined when not
 * one piece can be made.
 */
export function leftoverUse(
  needs: readonly LeftoverNeed[],
  balls: readonly LeftoverBall[],
  anyShade: boolean,
): LeftoverUse | undefined {
  if (needs.length === 0) return undefined;
  const room = new Map(balls.map((b) => [b.id, b.mg]));
  const order = [...needs].sort((a, b) => b.mg - a.mg);
  let pieces = 0;
  let otherShade = false;
  while (pieces < MOST_PIECES) {
    const tried = new Map(room);
    let other = false;
    const placed = order.every((n) => {
      const fits = balls
        .filter((b) => (tried.get(b.id) ?? 0) >= n.mg)
        .sort((a, b) => (tried.get(a.id) ?? 0) - (tried.get(b.id) ?? 0));
      const own = fits.find((b) => b.yarnId === n.yarnId);
      const ball = own ?? (anyShade ? fits.find((b) => b.weightClass === n.weightClass) : undefined);
      if (!ball) return false;
      other ||= ball !== own;
      tried.set(ball.id, (tried.get(ball.id) ?? 0) - n.mg);
      return true;
    });
    if (!placed) break;
    otherShade ||= other;
    for (const [id, mg] of tried) room.set(id, mg);
    pieces++;
  }
  if (pieces === 0) return undefined;
  const used = new Map(
    balls.map((b) => [b.id, b.mg - (room.get(b.id) ?? 0)] as const).filter(([, mg]) => mg > 0),
  );
  return {
    pieces,
    used,
    value: balls.reduce((s, b) => s + ((used.get(b.id) ?? 0) / 1000) * b.pricePerGram, 0),
    otherShade,
  };
}
