import type { Line } from "../text";

/** A line shorter than this was ended by its writer, not by the width of a page. */
const LEAST_WIDTH = 36;
/** Behind anything else a sentence, a total or a list is finished. */
const UNFINISHED = /[a-z,*&+]\s*$/;
const TOTALLED = /(?:\b(?:in all|total|altogether)|\d ?(?:sts?|sc|dc|stitches))\s*$/;
/** Begins like a round, a step, an event or a name rather than in the middle of a sentence. */
const BEGINS =
  /^\s*(?:(?:r|rnd|round|rd|row|rw)s?[ .:#-]*\d|\d+ ?[.):-]|next (?:\d+ |[a-z]+ )?(?:round|rnd|row)|(?:stuff|fill|fasten|change|switch|join|attach|insert|pop (?:the|your|both)|place|sew|embroider|leave|cut|close|make|with|using|fo|sl|ss|slst|slip)\b)/;
const LABEL = /^\s*(?:(?:r|rnd|round|rd|row|rw)s?[ .:#-]*\d|\d+ ?[.):-])/;
/** A total alone on its line belongs to what stands above it. */
const TOTAL_ALONE = /^\s*[([{]\s*\d+[^)\]}]{0,14}[)\]}]\s*\.?\s*$/;

/**
 * Lines that the width of a page broke in the middle of a sentence, put together again: text copied from a
 * leaflet. A line goes on the one above when that is long and ends in no stop, and it begins small. Pure;
 * each line is looked at once.
 */
export function unwrapped(plain: string, source: string, lines: readonly Line[]): readonly Line[] {
  const out: Line[] = [];
  let broken = false;
  for (const [i, line] of lines.entries()) {
    const above = out[out.length - 1];
    const below = lines[i + 1];
    // "body blue" right above "r1": a name, though it begins small.
    const names =
      below !== undefined &&
      LABEL.test(plain.slice(below.from, below.to)) &&
      !/[.)\]}]\s*$/.test(plain.slice(line.from, line.to));
    const goes: boolean = above !== undefined && !names && goesOn(plain, source, above, line, broken);
    broken = goes;
    if (goes && above) out[out.length - 1] = { ...above, to: line.to };
    else out.push(line);
  }
  return out.length === lines.length ? lines : out;
}

function goesOn(plain: string, source: string, above: Line, line: Line, broken: boolean): boolean {
  const text = plain.slice(line.from, line.to);
  const before = plain.slice(Math.max(above.from, plain.lastIndexOf("\n", above.to - 1) + 1), above.to);
  if (text.trim() === "" || before.trim() === "") return false;
  // Only the end of a broken sentence may be followed by its total on a line of its own.
  if (TOTAL_ALONE.test(text)) return /[a-z*.]\s*$/.test(before) && (broken || before.length >= LEAST_WIDTH);
  const first = source.slice(line.from, line.to).trimStart().charAt(0);
  const small = first !== first.toUpperCase();
  return (
    small &&
    before.trimEnd().length >= LEAST_WIDTH &&
    UNFINISHED.test(before) &&
    !TOTALLED.test(before) &&
    !BEGINS.test(text)
  );
}
