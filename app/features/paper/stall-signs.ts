import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import type { SignsPaper } from "./input";
import { INK, LINE, MM, SOFT } from "./page";

const SIZE = { A4: { width: 210, height: 297 }, LETTER: { width: 215.9, height: 279.4 } } as const;
/** Two signs beside each other, four under each other: about as big as a postcard cut across. */
const [ACROSS, DOWN] = [2, 4];
const EDGE = 8;
/** A long name is set smaller, so that it stays on two lines. */
const nameSize = (name: string): number => (name.length > 34 ? 15 : name.length > 20 ? 19 : 24);

/** Signs for the table: name and price large enough to be read from where a buyer stands, with cut marks. */
export function stallSigns(s: SignsPaper): TDocumentDefinitions {
  const sheet = SIZE[s.paper];
  const width = ((sheet.width - 2 * EDGE) / ACROSS) * MM;
  const height = ((sheet.height - 2 * EDGE) / DOWN) * MM;
  const each = ACROSS * DOWN;
  const content: Content[] = [];
  for (let from = 0; from < s.signs.length; from += each) {
    const here = s.signs.slice(from, from + each);
    const rows = Array.from({ length: Math.ceil(here.length / ACROSS) }, (_, r) =>
      Array.from({ length: ACROSS }, (_, c): Content => sign(here[r * ACROSS + c], s.maker)),
    );
    content.push({
      table: { widths: Array<number>(ACROSS).fill(width), heights: height, body: rows as never },
      layout: {
        hLineWidth: () => 0.4,
        vLineWidth: () => 0.4,
        hLineColor: () => LINE,
        vLineColor: () => LINE,
        hLineStyle: () => ({ dash: { length: 3, space: 3 } }),
        vLineStyle: () => ({ dash: { length: 3, space: 3 } }),
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
      ...(from > 0 ? { pageBreak: "before" as const } : {}),
    });
  }
  return {
    pageSize: s.paper,
    pageMargins: [EDGE * MM, EDGE * MM, 0, 0],
    info: { title: "Stall signs", author: s.maker, creator: "Lapka" },
    ...({ tagged: true, displayTitle: true, language: "en" } as object),
    defaultStyle: { font: "Recursive", color: INK, lineHeight: 1.1 },
    content,
  };
}

/** Name, colours, price and maker, each at its own height, so that prices stand in line across a sheet. */
const HEIGHTS = [58, 24, 54, 14];

const sign = (s: SignsPaper["signs"][number] | undefined, maker: string): Content =>
  s === undefined
    ? { text: "" }
    : {
        table: {
          widths: ["*"],
          heights: HEIGHTS,
          body: [
            [{ text: s.name, bold: true, fontSize: nameSize(s.name), alignment: "center" }],
            [{ text: s.sub, color: SOFT, fontSize: 11, alignment: "center" }],
            [{ text: s.price, bold: true, fontSize: 40, alignment: "center" }],
            [{ text: maker, color: SOFT, fontSize: 9, alignment: "center" }],
          ],
        },
        layout: "noBorders",
        margin: [14, 18, 14, 0],
      };
