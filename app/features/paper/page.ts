import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import type { PaperName } from "./input";

export const MM = 72 / 25.4;
export const INK = "#1d2528";
export const SOFT = "#56646a";
export const LINE = "#c3cdd0";
const ACT = "#2a5a63";

const WIDTH: Readonly<Record<PaperName, number>> = { A4: 595.28, LETTER: 612, A6: 297.64 };

interface PageLook {
  readonly paper: PaperName;
  readonly large: boolean;
  readonly title: string;
  readonly maker: string;
  readonly foot: string;
}

/** Points that a line of text may be wide. */
export const lineWidth = (p: Pick<PageLook, "paper">): number => WIDTH[p.paper] - 2 * marginOf(p.paper);
const marginOf = (paper: PaperName): number => (paper === "A6" ? 22 : 42);
/** Size of plain text: 10 points, 15 for eyes that want it large, 8 on a card. */
export const textSize = (p: Pick<PageLook, "paper" | "large">): number =>
  (p.paper === "A6" ? 8 : 10) * (p.large ? 1.5 : 1);

/** One look for every sheet: a tape along the top, the maker below, pages counted. */
export function page(look: PageLook, content: Content[]): TDocumentDefinitions {
  const size = textSize(look);
  const m = marginOf(look.paper);
  const width = WIDTH[look.paper];
  return {
    pageSize: look.paper,
    pageMargins: [m, m + 6, m, m],
    info: { title: look.title, author: look.maker, creator: "Lapka" },
    // Not in the typings: a tagged file that says its language and shows its title.
    ...({ tagged: true, displayTitle: true, language: "en" } as object),
    defaultStyle: { font: "Recursive", fontSize: size, lineHeight: 1.22, color: INK },
    styles: {
      title: { fontSize: size * 2, bold: true },
      head: { fontSize: size * 1.3, bold: true, margin: [0, size, 0, size * 0.35] },
      soft: { color: SOFT },
      small: { fontSize: size * 0.85, color: SOFT },
    },
    background: () => ({ canvas: tape(width) }),
    footer: (current: number, all: number) => ({
      margin: [m, 6, m, 0],
      columns: [
        { text: look.foot, fontSize: size * 0.75, color: SOFT },
        { text: `${current} of ${all}`, alignment: "right", fontSize: size * 0.75, color: SOFT, width: 60 },
      ],
    }),
    content,
  };
}

/** A tape ticked in millimetres: the head of every sheet, and something to check a print's scale with. */
function tape(width: number) {
  const lines = [];
  for (let i = 0; i * MM < width; i++)
    lines.push({
      type: "line" as const,
      x1: i * MM,
      y1: 0,
      x2: i * MM,
      y2: i % 10 === 0 ? 13 : i % 5 === 0 ? 9 : 6,
      lineWidth: 0.4,
      lineColor: ACT,
    });
  return lines;
}

/** Rules under each row and nothing else. */
export const ruled = {
  hLineWidth: (i: number, node: { table: { body: unknown[] } }) =>
    i === 0 || i === node.table.body.length ? 0 : 0.5,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingTop: () => 3,
  paddingBottom: () => 3,
  paddingLeft: () => 0,
  paddingRight: () => 8,
};

/** A box to tick. */
export const tickBox = (size: number): Content => ({
  canvas: [
    { type: "rect", x: 0, y: size * 0.18, w: size * 0.85, h: size * 0.85, lineWidth: 0.8, lineColor: SOFT },
  ],
});

/** A repeat, and a number with what it counts, stay on one line. */
export const unbroken = (text: string): string =>
  text
    .replace(/[([*][^()[\]*]{1,48}[)\]*](?: [×x] ?\d+)?/g, (s) => s.replaceAll(" ", "\u00a0"))
    .replace(/(\d) (?=(?:sc|dc|hdc|htr|tr|dtr|sl|inc|dec|ch|sts?|mm|cm|g|m|rounds?)\b)/g, "$1\u00a0")
    .replace(/\b(Rnds?|Rounds?|R) (?=\d)/g, "$1\u00a0");
