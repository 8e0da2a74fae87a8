import type { Content, TableCell, TDocumentDefinitions } from "pdfmake/interfaces";
import type { Cell, ListPaper, ListTable } from "./input";
import { LINE, SOFT, page, ruled, textSize, tickBox, unbroken } from "./page";

/** A sheet of lists with one look: facts at the head, tables with boxes to tick, notes, lines to sign on. */
export function listPaper(list: ListPaper): TDocumentDefinitions {
  const look = { paper: list.paper, large: false };
  const size = textSize(look);
  const content: Content[] = [
    { text: list.title, style: "title" },
    ...(list.sub ? [{ text: list.sub, style: "soft" }] : []),
    ...(list.facts.length > 0 ? [facts(list, size)] : []),
    ...list.tables.flatMap((t) => table(t, size)),
    ...list.notes.map((text): Content => ({ text, style: "small", margin: [0, size * 0.6, 0, 0] })),
    ...(list.signed ? [signed(list.signed, size)] : []),
  ];
  return page(
    { ...look, title: list.title, maker: list.maker, foot: `${list.maker} · ${list.title}` },
    content,
  );
}

const facts = (list: ListPaper, size: number): Content => ({
  columns: list.facts.map(([label, value]) => ({
    width: "auto",
    stack: [
      { text: label, style: "small" },
      { text: value, bold: true },
    ],
  })),
  columnGap: size * 2,
  margin: [0, size, 0, size * 0.5],
});

function table(t: ListTable, size: number): Content[] {
  const head: TableCell[] = t.columns.map((c) => ({
    text: c.head,
    style: "small",
    alignment: c.right ? "right" : "left",
  }));
  const rows = t.rows.map((row): TableCell[] => [
    ...(t.tick ? [tickBox(size) as TableCell] : []),
    ...row.map((cell, i) => cellOf(cell, t.columns[i]?.right ?? false, size)),
  ]);
  const across = t.columns.length + (t.tick ? 1 : 0);
  // The name of a table is a row of it, so that it never stands alone at the foot of a page.
  const named: TableCell[][] = t.head
    ? [[{ stack: titleOf(t, size), colSpan: across }, ...Array<TableCell>(across - 1).fill({ text: "" })]]
    : [];
  const headerRows = named.length + 1;
  return [
    {
      table: {
        headerRows,
        dontBreakRows: true,
        keepWithHeaderRows: 1,
        widths: [
          ...(t.tick ? [size * 1.3] : []),
          ...t.columns.map((c) => c.width ?? (c.wide ? "*" : "auto")),
        ],
        body: [...named, [...(t.tick ? [{ text: "" }] : []), ...head], ...rows],
      },
      layout: {
        ...ruled,
        hLineWidth: (i: number, node: { table: { body: unknown[] } }) =>
          i < headerRows ? 0 : ruled.hLineWidth(i, node),
      },
      margin: [0, 2, 0, size * 0.6],
    },
  ];
}

const titleOf = (t: ListTable, size: number): Content[] => [
  { text: t.head ?? "", style: "head" },
  ...(t.note
    ? [{ text: t.note, style: "soft", margin: [0, 0, 0, size * 0.3] as [number, number, number, number] }]
    : []),
];

function cellOf(cell: Cell, right: boolean, size: number): TableCell {
  if (typeof cell !== "string" && "boxes" in cell) return boxes(cell.boxes, size);
  const said = typeof cell === "string" ? { text: cell } : cell;
  const text = {
    text: unbroken(said.text),
    bold: said.bold ?? false,
    alignment: right ? ("right" as const) : ("left" as const),
  };
  if (!said.colour) return text;
  const r = size * 0.42;
  const dab = {
    canvas: [
      {
        type: "ellipse" as const,
        x: r,
        y: r + size * 0.15,
        r1: r,
        r2: r,
        color: said.colour,
        lineColor: LINE,
      },
    ],
    width: size * 1.3,
  };
  return { columns: [dab, { ...text, width: "*" }] };
}

/** Beyond so many a number is written behind them. */
const MOST_BOXES = 60;
const IN_A_ROW = 15;
const boxSide = (size: number): number => size * 0.75;
/** Points that a column of boxes takes for the most of them in a row. */
export function boxesWidth(most: number, size: number): number {
  const n = Math.max(4, Math.min(IN_A_ROW, most));
  return n * (boxSide(size) + 2) + Math.floor((n - 1) / 5) * 4 + 4;
}
/** Boxes by fives, so that they are counted at a look. */
function boxes(n: number, size: number): TableCell {
  const side = boxSide(size);
  const shown = Math.min(n, MOST_BOXES);
  const canvas = Array.from({ length: shown }, (_, i) => ({
    type: "rect" as const,
    x: (i % IN_A_ROW) * (side + 2) + Math.floor((i % IN_A_ROW) / 5) * 4,
    y: size * 0.2 + Math.floor(i / IN_A_ROW) * (side + 3),
    w: side,
    h: side,
    lineWidth: 0.7,
    lineColor: SOFT,
  }));
  return n > shown ? { stack: [{ canvas }, { text: `${n} in all`, style: "small" }] } : { canvas };
}

const signed = (lines: readonly string[], size: number): Content => ({
  columns: lines.map((label) => ({
    stack: [
      { canvas: [{ type: "line" as const, x1: 0, y1: 0, x2: 190, y2: 0, lineWidth: 0.6, lineColor: LINE }] },
      { text: label, style: "small", margin: [0, 3, 0, 0] as [number, number, number, number] },
    ],
  })),
  margin: [0, size * 4, 0, 0],
  unbreakable: true,
});
