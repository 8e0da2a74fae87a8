import { lineOfSegments, type Line, type Segment } from "./lines";
import type { ColumnWay } from "./pieces";

/** Lines of one column that follow each other in reading. */
export type Block = readonly Line[];

/** Fewer lines with words on both sides of a gutter are a chance, no columns. */
const FEWEST = 3;
/** A side narrower than this share of the whole is a column of labels or totals, and read across. */
const NARROW = 0.22;
/** Words a line of running text has at least, in letters; labels and totals have fewer. */
const SHORT = 11;
const DEEPEST = 4;

/** Lines from `from` up to `to`, none of which crosses the gutter at `x`. */
interface Gutter {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  /** Lines of the side that has fewer of them, where both sides have some. */
  readonly both: number;
}

/**
 * The lines of a page in the order of reading: columns one after the other, tables line by line.
 *
 * A gutter is a place that no line of a stretch crosses while several have words on both sides of it. It
 * parts columns of text unless one side is narrow or short, as the labels and totals of a table are.
 */
export function blocksOf(lines: readonly Line[], way: ColumnWay, depth = 0): Block[] {
  const gutter = way === "across" || depth >= DEEPEST ? undefined : widestStretch(lines, way);
  if (!gutter) return lines.length > 0 ? [lines] : [];
  const within = lines.slice(gutter.from, gutter.to);
  const side = (keep: (s: Segment) => boolean): Line[] =>
    within.flatMap((l) => lineOfSegments(l.segments.filter(keep)) ?? []);
  return [
    ...blocksOf(lines.slice(0, gutter.from), way, depth + 1),
    ...blocksOf(
      side((s) => s.right <= gutter.x),
      way,
      depth + 1,
    ),
    ...blocksOf(
      side((s) => s.left >= gutter.x),
      way,
      depth + 1,
    ),
    ...blocksOf(lines.slice(gutter.to), way, depth + 1),
  ];
}

/** The gutter with the most lines on both of its sides. */
function widestStretch(lines: readonly Line[], way: ColumnWay): Gutter | undefined {
  let best: Gutter | undefined;
  for (const x of places(lines))
    for (const found of stretches(lines, x))
      if (
        found.both >= FEWEST &&
        found.both > (best?.both ?? 0) &&
        (way === "columns" || areColumns(lines, found))
      )
        best = found;
  return best;
}

/** Where text begins again and again, the commonest first, few enough to try them all. */
function places(lines: readonly Line[]): number[] {
  const counted = new Map<number, number>();
  const unit = Math.max(1, pitchOf(lines) / 3);
  const first = Math.min(...lines.flatMap((l) => l.segments.map((s) => s.left)));
  for (const { left } of lines.flatMap((l) => l.segments)) {
    // What begins within a letter or two of it is on the same edge, also on a photo that leans.
    const x = Math.round(left / unit) * unit - unit;
    if (x > first + unit) counted.set(x, (counted.get(x) ?? 0) + 1);
  }
  return [...counted]
    .toSorted((a, b) => b[1] - a[1])
    .slice(0, 24)
    .map(([x]) => x);
}

/**
 * The longest stretches of lines that do not cross `x` and have words on both sides of it at the same height.
 */
function stretches(lines: readonly Line[], x: number): Gutter[] {
  const found: Gutter[] = [];
  let from = 0;
  const end = (to: number) => {
    found.push(...besideEachOther(lines, from, to, x));
    from = to + 1;
  };
  for (const [i, line] of lines.entries()) if (line.segments.some((s) => s.left < x && s.right > x)) end(i);
  end(lines.length);
  return found;
}
const isLeft = (l: Line, x: number) => l.segments.some((s) => s.right <= x);
const isRight = (l: Line, x: number) => l.segments.some((s) => s.left >= x);

/**
 * The part of a stretch in which both sides have lines, with what goes on from it above and below without a
 * gap. The lines of the two sides need not stand level.
 */
function besideEachOther(lines: readonly Line[], from: number, to: number, x: number): Gutter[] {
  const all = lines.slice(from, to);
  const [l, r] = [all.filter((one) => isLeft(one, x)), all.filter((one) => isRight(one, x))];
  const top = Math.max(l[0]?.top ?? Infinity, r[0]?.top ?? Infinity);
  const bottom = Math.min(l.at(-1)?.bottom ?? -Infinity, r.at(-1)?.bottom ?? -Infinity);
  const within = (one: Line) => one.bottom > top && one.top < bottom;
  const both = Math.min(l.filter(within).length, r.filter(within).length);
  if (both === 0) return [];
  const pitch = Math.max(pitchOf(l), pitchOf(r));
  const apart = (upper: Line | undefined, lower: Line | undefined) =>
    !upper || !lower || lower.top - upper.top > 1.9 * pitch;
  let first = from + all.findIndex(within);
  let end = from + all.findLastIndex(within) + 1;
  while (first > from && !apart(lines[first - 1], lines[first])) first--;
  while (end < to && !apart(lines[end - 1], lines[end])) end++;
  return [{ from: first, to: end, x, both }];
}

/** The usual way from one line to the next. */
export function pitchOf(lines: readonly Line[]): number {
  const steps = lines
    .slice(1)
    .map((l, i) => l.top - (lines[i]?.top ?? 0))
    .filter((s) => s > 0)
    .toSorted((a, b) => a - b);
  const first = lines[0];
  return steps[Math.floor(steps.length / 2)] ?? (first ? 1.3 * (first.bottom - first.top) : 0);
}

function areColumns(lines: readonly Line[], { from, to, x }: Gutter): boolean {
  const all = lines.slice(from, to).flatMap((l) => l.segments);
  const left = all.filter((s) => s.right <= x);
  const rightSide = all.filter((s) => s.left >= x);
  const width = Math.max(...all.map((s) => s.right)) - Math.min(...all.map((s) => s.left));
  return [left, rightSide].every((side) => spanOf(side) >= NARROW * width && lettersOf(side) >= SHORT);
}
const spanOf = (side: readonly Segment[]): number =>
  Math.max(...side.map((s) => s.right)) - Math.min(...side.map((s) => s.left));
/** Letters of the middle one. */
function lettersOf(side: readonly Segment[]): number {
  const lengths = side
    .map((s) => s.words.reduce((n, w) => n + w.text.length + 1, -1))
    .toSorted((a, b) => a - b);
  return lengths[Math.floor(lengths.length / 2)] ?? 0;
}
