import { blocksOf, pitchOf, type Block } from "./columns";
import { furnitureOf, saidBy } from "./furniture";
import { heightOf, linesOf, type Line } from "./lines";
import type { ColumnWay, Page, PageText, PageWord, TextPlace } from "./pieces";

/** Narrower gaps stand inside a word: runs of letters that were drawn one after the other. */
const SPACE = 0.13;
/** What parts the columns of a table in the text. */
const TABLE_GAP = "   ";
/** A step this many times the usual one is a blank line. */
const BLANK = 1.55;

/**
 * Pages put together to one text in the order of reading, with the place of every word.
 *
 * Columns of text come one after the other, tables go line by line with three spaces between their columns, a
 * wide step is a blank line, running heads and page numbers are left out and told. Cost: O(words × lines) a
 * page.
 *
 * @example
 * textOfPages([{ width: 200, height: 50, whole: true, words: [
 *   { text: "Rnd", x: 0, y: 0, width: 20, height: 10, sure: 1 },
 *   { text: "1", x: 24, y: 0, width: 5, height: 10, sure: 0.6 } ] }]).text // → "Rnd 1"
 */
export function textOfPages(pages: readonly Page[], way: ColumnWay = "auto"): PageText {
  const lines = pages.map(linesOf);
  const furniture = furnitureOf(lines);
  const out = new Writing();
  for (const [n, page] of pages.entries()) {
    const kept = (lines[n] ?? []).filter((l) => !furniture.has(l));
    for (const block of blocksOf(kept, way)) out.block(block, n, page.whole);
  }
  return {
    text: out.text.replace(/\n+$/, ""),
    places: out.places,
    leftOut: [...new Set([...furniture].map(saidBy))],
  };
}

/** A text that grows word by word and remembers where each stood. */
class Writing {
  text = "";
  readonly places: TextPlace[] = [];

  block(block: Block, page: number, whole: boolean): void {
    const pitch = pitchOf(block);
    if (this.text !== "") this.text += "\n";
    for (const [i, line] of block.entries()) {
      const before = block[i - 1];
      if (before) this.text += line.top - before.top > BLANK * pitch ? "\n\n" : "\n";
      this.line(line, page, whole);
    }
  }

  private line(line: Line, page: number, whole: boolean): void {
    for (const [i, segment] of line.segments.entries()) {
      if (i > 0) this.text += TABLE_GAP;
      const height = heightOf(segment.words);
      let last: PageWord | undefined;
      for (const word of segment.words) {
        const gap = last ? word.x - (last.x + last.width) : 0;
        const spaced = /\s$/.test(last?.text ?? "") || /^\s/.test(word.text);
        if (last && (whole || spaced || gap > SPACE * height)) this.text += " ";
        this.word(word, page);
        last = word;
      }
    }
  }

  private word(word: PageWord, page: number): void {
    const from = this.text.length;
    this.text += word.text.trim().replace(/\s+/g, " ");
    const { x, y, width, height, sure } = word;
    this.places.push({ from, to: this.text.length, page, box: { x, y, width, height }, sure });
  }
}
