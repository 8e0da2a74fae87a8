import type { Line } from "./lines";

const wordsOf = (line: Line): string =>
  line.segments.map((s) => s.words.map((w) => w.text.trim()).join(" ")).join(" ");
/** What a line says, whatever its numbers: "page 1 of 3" and "page 2 of 3" are the same. */
const shapeOf = (line: Line): string => wordsOf(line).toLowerCase().replace(/\d+/g, "#");
const PAGE_NUMBER = /^[-–—·\s]*(?:p(?:age|\.)?\s*)?#(?:\s*(?:of|\/|\|)\s*#)?[-–—·\s]*$/;

/** How many lines at the top and at the bottom of a page may be running heads and feet. */
const DEEP = 2;

/**
 * Lines that stand at the same end of at least half of the pages, and page numbers at their ends: they belong
 * to the paper, not to the pattern. A text of one page has none but its page number.
 */
export function furnitureOf(pages: readonly (readonly Line[])[]): ReadonlySet<Line> {
  const ends = pages.map((lines) => ({ top: lines.slice(0, DEEP), foot: lines.slice(-DEEP) }));
  const counted = new Map<string, number>();
  const key = (end: string, line: Line) => `${end} ${shapeOf(line)}`;
  for (const { top, foot } of ends) {
    const here = new Set([...top.map((l) => key("top", l)), ...foot.map((l) => key("foot", l))]);
    for (const k of here) counted.set(k, (counted.get(k) ?? 0) + 1);
  }
  const often = (k: string) => {
    const n = counted.get(k) ?? 0;
    return n >= 2 && n * 2 >= pages.length;
  };
  const found = new Set<Line>();
  for (const { top, foot } of ends) {
    for (const l of top) if (often(key("top", l)) && isHead(l)) found.add(l);
    for (const l of foot) if (often(key("foot", l)) && isHead(l)) found.add(l);
    // A number alone is a page number only at the very end: "2" right above "6 sc in ring" is a round.
    const [last] = foot.slice(-1);
    if (last && pages.length > 1 && PAGE_NUMBER.test(shapeOf(last))) found.add(last);
  }
  return found;
}
/** Rounds look alike on every page too ("Rnd #: sc around"), and are never furniture. */
const isHead = (line: Line): boolean =>
  !/^(r(nd|ound|ow)?s?)\b\.?\s*#/.test(shapeOf(line)) && !/^#\s*[:.)]/.test(shapeOf(line));

export const saidBy = wordsOf;
