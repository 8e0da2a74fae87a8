import type { Page, PageWord } from "./pieces";

/** Words on one line that stand close together. */
export interface Segment {
  readonly words: readonly PageWord[];
  readonly left: number;
  readonly right: number;
}
/** What stands side by side, cut where a gap is wider than spaces are. */
export interface Line {
  readonly segments: readonly Segment[];
  readonly top: number;
  readonly bottom: number;
}

/**
 * A gap of this many heights of a letter parts two columns of a table or of a page; a space is about a third.
 */
const WIDE = 1.5;
/** Of the lower of two words, what must lie beside the other for both to stand on one line. */
const BESIDE = 0.45;

const right = (w: PageWord): number => w.x + w.width;
const overlap = (a: PageWord, b: PageWord): number =>
  Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);

/** Whether `word` goes on the line that ends in `last`: a line that climbs a little is followed. */
const goesOn = (last: PageWord, word: PageWord): boolean =>
  overlap(last, word) >= BESIDE * Math.min(last.height, word.height);

/**
 * Words put together to lines, from top to bottom.
 *
 * Words come from left to right and go to the line whose last word lies most beside them, so that a photo
 * taken at a slant keeps its lines. O(words × lines).
 */
export function linesOf(page: Page): Line[] {
  const open: PageWord[][] = [];
  const words = page.words.filter((w) => w.text.trim() !== "" && w.width > 0 && w.height > 0);
  for (const word of words.toSorted((a, b) => a.x - b.x)) {
    let best: PageWord[] | undefined;
    let most = 0;
    for (const line of open) {
      const last = line.at(-1);
      if (!last || !goesOn(last, word)) continue;
      const beside = overlap(last, word) / Math.max(last.height, word.height);
      if (beside > most) [best, most] = [line, beside];
    }
    if (best) best.push(word);
    else open.push([word]);
  }
  return open.map(lineOf).toSorted((a, b) => a.top + a.bottom - (b.top + b.bottom));
}

/** Letters of a line are about as high as its higher words: "on" has no tall ones. */
export const heightOf = (words: readonly PageWord[]): number => {
  const heights = words.map((w) => w.height).toSorted((a, b) => a - b);
  return heights[Math.floor(heights.length * 0.75)] ?? 0;
};

/** Words from left to right, as one line. */
export function lineOf(words: readonly PageWord[]): Line {
  const wide = WIDE * heightOf(words);
  const parts: PageWord[][] = [];
  for (const word of words) {
    const part = parts.at(-1);
    const last = part?.at(-1);
    if (part && last && word.x - right(last) <= wide) part.push(word);
    else parts.push([word]);
  }
  return {
    segments: parts.map(segmentOf),
    top: Math.min(...words.map((w) => w.y)),
    bottom: Math.max(...words.map((w) => w.y + w.height)),
  };
}

const segmentOf = (words: readonly PageWord[]): Segment => ({
  words,
  left: Math.min(...words.map((w) => w.x)),
  right: Math.max(...words.map(right)),
});

/** The line made of some of its segments; undefined for none. */
export const lineOfSegments = (segments: readonly Segment[]): Line | undefined =>
  segments.length === 0
    ? undefined
    : {
        segments,
        top: Math.min(...segments.flatMap((s) => s.words.map((w) => w.y))),
        bottom: Math.max(...segments.flatMap((s) => s.words.map((w) => w.y + w.height))),
      };
