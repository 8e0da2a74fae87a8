import { diffArrays, diffWordsWithSpace } from "diff";

/** Words of a line: alike on both sides, or only on this one. */
export interface Piece {
  readonly text: string;
  readonly own: boolean;
}
export interface Side {
  readonly line: number;
  readonly pieces: readonly Piece[];
}
/** A line as it was and as it is; lines that are alike and far from any change are only counted. */
export type DiffRow =
  | { readonly kind: "alike" | "changed" | "gone" | "new"; readonly before?: Side; readonly after?: Side }
  | {
      readonly kind: "skipped";
      readonly lines: number;
      /** The rest of a comparison that is too long to be looked at. */
      readonly cut?: true;
    };

/** Lines that are alike around a change: enough to see where one is. */
const AROUND = 2;
/** Longer lines, and lines behind so many that changed, are set beside each other whole. */
const LONGEST_WORDED = 2000;
const MOST_WORDED = 400;
/** Nobody looks at more rows than this. */
const MOST_ROWS = 1500;
/** A text that differs in more lines than this is another text. */
const MOST_EDITS = 2000;

/**
 * Two texts line by line, side by side (Myers, "An O(ND) difference algorithm and its variations", Algorithmica
 * 1986, by the package diff). A line that was changed shows the words that were.
 */
export function diffText(before: string, after: string): readonly DiffRow[] {
  const [a, b] = [before.split(/\r?\n/), after.split(/\r?\n/)];
  const parts = diffArrays(a, b, { maxEditLength: MOST_EDITS }) ?? [
    { value: a, removed: true, added: false },
    { value: b, removed: false, added: true },
  ];
  const rows: DiffRow[] = [];
  let [left, right, worded] = [0, 0, 0];
  for (let i = 0; i < parts.length; i++) {
    const part = parts[i];
    if (!part) continue;
    const { value } = part;
    if (!part.removed && !part.added) {
      rows.push(...value.map((text): DiffRow => both("alike", whole(text, ++left), whole(text, ++right))));
      continue;
    }
    const next = parts[i + 1];
    const paired = part.removed && next?.added === true ? next.value : [];
    if (paired.length > 0) i++;
    const gone = part.removed ? value : [];
    const come = part.removed ? paired : value;
    for (let k = 0; k < Math.max(gone.length, come.length); k++) {
      const [was, is] = [gone[k], come[k]];
      if (was !== undefined && is !== undefined)
        rows.push(changed(was, ++left, is, ++right, worded++ < MOST_WORDED));
      else if (was !== undefined) rows.push({ kind: "gone", before: whole(was, ++left, true) });
      else if (is !== undefined) rows.push({ kind: "new", after: whole(is, ++right, true) });
    }
  }
  return shortened(rows);
}

const whole = (text: string, line: number, own = false): Side => ({ line, pieces: [{ text, own }] });
const both = (kind: "alike" | "changed", before: Side, after: Side): DiffRow => ({ kind, before, after });

function changed(was: string, left: number, is: string, right: number, byWords: boolean): DiffRow {
  if (!byWords || was.length + is.length > LONGEST_WORDED)
    return both("changed", whole(was, left, true), whole(is, right, true));
  const words = diffWordsWithSpace(was, is);
  const side = (line: number, other: "added" | "removed"): Side => ({
    line,
    pieces: words.filter((w) => !w[other]).map((w) => ({ text: w.value, own: w.added || w.removed })),
  });
  return both("changed", side(left, "added"), side(right, "removed"));
}

/** Long stretches of lines that are alike become their number. */
function shortened(rows: readonly DiffRow[]): readonly DiffRow[] {
  const near = rows.map((_, i) =>
    rows.slice(Math.max(0, i - AROUND), i + AROUND + 1).some((r) => r.kind !== "alike"),
  );
  const out: DiffRow[] = [];
  rows.forEach((r, i) => {
    if (near[i]) return out.push(r);
    const last = out.at(-1);
    if (last?.kind === "skipped") out[out.length - 1] = { kind: "skipped", lines: last.lines + 1 };
    else out.push({ kind: "skipped", lines: 1 });
  });
  return out.length <= MOST_ROWS
    ? out
    : [...out.slice(0, MOST_ROWS), { kind: "skipped", lines: out.length - MOST_ROWS, cut: true }];
}
