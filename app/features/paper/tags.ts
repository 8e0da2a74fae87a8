import type { Content, TableCell, TDocumentDefinitions } from "pdfmake/interfaces";
import { printMoney, type Minor } from "@core/units";
import { careSymbols } from "./care-symbols";
import type { ItemPaper, KitPaper, Pictures, TagChoice } from "./input";
import { INK, LINE, MM, SOFT } from "./page";

/** A swing tag: 52 × 88 mm; on a roll one to a label. */
export const TAG_MM = { width: 52, height: 88 } as const;
const PAPER = { A4: [210, 297], LETTER: [215.9, 279.4] } as const;

/** What a tag has beside its item: the drawn code as SVG, and the kit whose bag it is for. */
export interface TagBeside {
  readonly code: string | undefined;
  readonly kit?: KitPaper | undefined;
  readonly room?: TagRoom;
}
/** How large things are on a tag: points that the picture may be high, and the share of its usual size that text has. */
export interface TagRoom {
  readonly picture: number;
  readonly text: number;
}
const USUAL_ROOM: TagRoom = { picture: 78, text: 1 };
/** What is tried until all of a tag's words have room on it: first the picture gives way, then the type. */
export const TAG_ROOMS: readonly TagRoom[] = [
  USUAL_ROOM,
  { picture: 60, text: 1 },
  { picture: 44, text: 1 },
  { picture: 32, text: 0.92 },
  { picture: 0, text: 0.92 },
  { picture: 0, text: 0.8 },
];

/** Tags of many on a sheet with cut marks, or one a label for a roll. */
export function tags(
  item: ItemPaper,
  choice: TagChoice,
  pictures: Pictures,
  beside: TagBeside,
): TDocumentDefinitions {
  const w = TAG_MM.width * MM;
  const h = TAG_MM.height * MM;
  const common = {
    info: { title: `${item.name}: tags`, author: item.maker, creator: "Lapka" },
    ...({ tagged: true, displayTitle: true, language: "en" } as object),
    defaultStyle: { font: "Recursive", fontSize: 7, lineHeight: 1.12, color: INK },
  };
  if (choice.paper === "ROLL")
    return {
      ...common,
      pageSize: { width: w, height: h },
      pageMargins: [0, 0, 0, 0],
      content: Array.from({ length: choice.count }, (_, i) => ({
        ...(i > 0 ? { pageBreak: "before" as const } : {}),
        stack: [face(item, choice, pictures, beside, w)],
      })),
    };
  const [pw, ph] = PAPER[choice.paper];
  const across = Math.floor((pw - 16) / TAG_MM.width);
  const down = Math.floor((ph - 16) / TAG_MM.height);
  const left = ((pw - across * TAG_MM.width) / 2) * MM;
  const top = ((ph - down * TAG_MM.height) / 2) * MM;
  const content: Content[] = [];
  for (let first = 0; first < choice.count; first += across * down) {
    const body: TableCell[][] = Array.from({ length: down }, (_, row) =>
      Array.from({ length: across }, (_, column): TableCell =>
        first + row * across + column < choice.count ? face(item, choice, pictures, beside, w) : "",
      ),
    );
    content.push({
      ...(first > 0 ? { pageBreak: "before" as const } : {}),
      table: { widths: Array.from({ length: across }, () => w), heights: () => h, body },
      layout: {
        hLineWidth: () => 0,
        vLineWidth: () => 0,
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
    });
  }
  return {
    ...common,
    pageSize: choice.paper,
    pageMargins: [left, top, left - 1, 0],
    background: () => ({ canvas: cutMarks(across, down, left, top, w, h) }),
    content,
  };
}

/** Short strokes beyond the block at every cut. */
function cutMarks(across: number, down: number, left: number, top: number, w: number, h: number) {
  const line = (x1: number, y1: number, x2: number, y2: number) => ({
    type: "line" as const,
    x1,
    y1,
    x2,
    y2,
    lineWidth: 0.4,
    lineColor: SOFT,
  });
  const marks = [];
  for (let i = 0; i <= across; i++)
    marks.push(
      line(left + i * w, top - 12, left + i * w, top - 3),
      line(left + i * w, top + down * h + 3, left + i * w, top + down * h + 12),
    );
  for (let i = 0; i <= down; i++)
    marks.push(
      line(left - 12, top + i * h, left - 3, top + i * h),
      line(left + across * w + 3, top + i * h, left + across * w + 12, top + i * h),
    );
  return marks;
}

/** One tag: hole, picture, name and price, what it is made of or holds, how it is kept, whom it is for. */
function face(
  item: ItemPaper,
  choice: TagChoice,
  pictures: Pictures,
  { code, kit, room = USUAL_ROOM }: TagBeside,
  w: number,
): Content {
  const hole = {
    type: "ellipse" as const,
    x: w / 2 - PAD,
    y: 5,
    r1: 5,
    r2: 5,
    lineWidth: 0.6,
    lineColor: LINE,
  };
  return {
    margin: [PAD, 7, PAD, 0],
    stack: [
      { canvas: [hole] },
      ...(pictures.turned && room.picture > 0
        ? [
            {
              image: pictures.turned,
              fit: [w - 2 * PAD, room.picture] as [number, number],
              alignment: "center" as const,
              margin: [0, 4, 0, 2] as [number, number, number, number],
            },
          ]
        : []),
      {
        text: item.name,
        bold: true,
        fontSize: (item.name.length > 22 ? 9 : 11) * room.text,
        alignment: "center",
      },
      {
        text: printMoney(item.price as Minor, item.reading),
        bold: true,
        fontSize: 13,
        alignment: "center",
        margin: [0, 1, 0, 3],
      },
      { ...(kit ? inTheBag(kit) : madeOf(item)), fontSize: 6 * room.text },
      {
        columns: [...(kit ? [] : careOf(item)), ...(code ? [codeBeside(code, choice)] : [])],
        columnGap: 3,
      },
      {
        text: [...item.cautions, ...(kit ? [KIT_CAUTION] : [])].join(" "),
        fontSize: 5.6 * room.text,
        bold: true,
        margin: [0, 2, 0, 0],
      },
      {
        text: `${kit ? "Put together" : "Made by hand"} by ${item.maker}${choice.batch === "" ? "" : ` · batch ${choice.batch}`}`,
        fontSize: 5.6,
        color: SOFT,
        margin: [0, 1, 0, 0],
      },
    ],
  };
}
const PAD = 8;
const KIT_CAUTION = "Needle, scissors and small parts: keep them away from small children and pets.";

function madeOf(item: ItemPaper) {
  const fibres = [...new Set(item.yarns.map((y) => y.fibre).filter((x) => x !== ""))];
  return {
    text: `${fibres.length > 0 ? `Yarn: ${fibres.join(", ")}. ` : ""}${item.fillingGrams > 0 ? "Filled. " : ""}${item.care.words}`,
  };
}

/** A bag does not say grams: that is for the sheet in it. */
const inTheBag = (kit: KitPaper) => ({
  text: [
    { text: "In the bag: ", bold: true },
    `${kit.contents.map(onLabel).join("; ")}. `,
    { text: "You need: ", bold: true },
    `${kit.besides.join(", ").toLowerCase()}.`,
  ],
});

/** "3 × eyes 6 mm"; what is weighed stands by its name alone. */
const onLabel = ({ what, amount }: KitPaper["contents"][number]): string =>
  /^\d+$/.test(amount) && amount !== "1" ? `${amount} × ${what}` : what;

const careOf = (item: ItemPaper) =>
  careSymbols(item.care).map((svg) => ({
    svg,
    width: 13,
    margin: [0, 2, 0, 0] as [number, number, number, number],
  }));

const codeBeside = (code: string, choice: TagChoice) => ({
  width: "*",
  stack: [
    { svg: code, fit: [choice.code === "qr" ? 30 : 62, 30] as [number, number], alignment: "right" as const },
  ],
});
