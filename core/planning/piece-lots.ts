/**
 * A length of yarn of a run that is cut from a ball, and the ball's lot: of which line and copy, which of the
 * line's lengths, and of which of the part's copies, all from 0.
 */
export interface PlacedLength {
  readonly line: number;
  readonly copy: number;
  readonly length: number;
  readonly of: number;
  readonly yarnId: string;
  /** "" for a ball whose band names none; null for a ball that was still to be bought. */
  readonly lot: string | null;
}

/**
 * Reads the name of a length of a kept cutting plan, "YARN/LINE-COPY-LENGTH-OF"; undefined for anything else.
 */
export function placedLength(piece: string, lot: string | null): PlacedLength | undefined {
  const [yarnId, rest] = piece.split("/");
  const found = /^(\d+)-(\d+)-(\d+)-(\d+)$/.exec(rest ?? "");
  if (!yarnId || !found) return undefined;
  const [line = 0, copy = 0, length = 0, of = 0] = found.slice(1).map(Number);
  return { yarnId, line, copy, length, of, lot };
}

export interface LotOfPiece {
  readonly yarnId: string;
  readonly lot: string | null;
}

/** Pieces of a line that hold the same lots: numbers from 1, in order. */
export interface PiecesOfLots {
  readonly pieces: readonly number[];
  readonly lots: readonly LotOfPiece[];
}

/**
 * Which piece, or which kit, holds which lots: pieces of a line that hold the same are told together, the first
 * piece's first. Yarns come in the order in which they are placed. Pure; by line.
 */
export function lotsByPiece(placed: Iterable<PlacedLength>): ReadonlyMap<number, readonly PiecesOfLots[]> {
  const held = new Map<number, Map<number, LotOfPiece[]>>();
  for (const { line, copy, yarnId, lot } of placed) {
    const pieces = held.get(line) ?? new Map<number, LotOfPiece[]>();
    held.set(line, pieces);
    const lots = pieces.get(copy) ?? [];
    pieces.set(copy, lots);
    if (!lots.some((l) => l.yarnId === yarnId && l.lot === lot)) lots.push({ yarnId, lot });
  }
  return new Map([...held].map(([line, pieces]) => [line, together(pieces)]));
}

function together(pieces: ReadonlyMap<number, readonly LotOfPiece[]>): PiecesOfLots[] {
  const alike = new Map<string, { pieces: number[]; lots: readonly LotOfPiece[] }>();
  for (const [copy, lots] of [...pieces].sort(([a], [b]) => a - b)) {
    const key = JSON.stringify(lots.map((l) => [l.yarnId, l.lot]).sort());
    const group = alike.get(key) ?? { pieces: [], lots };
    alike.set(key, group);
    group.pieces.push(copy + 1);
  }
  return [...alike.values()];
}

/** Of the groups those that hold a lot. */
export const holding = (groups: readonly PiecesOfLots[], lot: string): PiecesOfLots[] =>
  groups.filter((g) => g.lots.some((l) => l.lot === lot));

/** "1–5, 9": numbers in order, runs of them as from and to. @example numberRanges([1, 2, 3, 7]) // "1–3, 7" */
export function numberRanges(numbers: readonly number[]): string {
  const out: string[] = [];
  let from = 0;
  numbers.forEach((n, i) => {
    if (numbers[i + 1] === n + 1) return;
    const first = numbers[from] ?? n;
    out.push(first === n ? String(n) : n - first === 1 ? `${first}, ${n}` : `${first}–${n}`);
    from = i + 1;
  });
  return out.join(", ");
}
