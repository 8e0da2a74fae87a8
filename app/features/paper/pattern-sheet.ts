import type { Content, TableCell, TDocumentDefinitions } from "pdfmake/interfaces";
import { mainPart } from "@core/estimate";
import { MAKING_UP } from "@core/figure";
import { checkPattern, printPattern, type CheckedRound } from "@core/notation";
import {
  printLength,
  printMass,
  printTrimmed,
  printYarnLength,
  type Grams,
  type Metres,
  type Mm,
} from "@core/units";
import { abbreviationsIn } from "./abbreviations";
import type { ItemPaper, Pictures, SheetChoice } from "./input";
import { ladderBar } from "./ladder-bar";
import { lineWidth, page, ruled, textSize, tickBox, unbroken } from "./page";

/**
 * A pattern that a beginner can follow, made from what was counted: every round with its box, its total and
 * its bar.
 */
export function patternSheet(item: ItemPaper, choice: SheetChoice, pictures: Pictures): TDocumentDefinitions {
  const { reading: r } = item;
  const written = printPattern(item.checked, item.text, choice.style);
  const size = textSize(choice);
  const card = choice.paper === "A6";
  const [height, width] = item.size;
  const facts: Content[] = [
    { text: item.name, style: "title" },
    { text: `by ${item.maker}`, style: "soft", margin: [0, 0, 0, size] },
    {
      text: `Finished: ${printLength(height as Mm, r)} tall, ${printLength(width as Mm, r)} wide. ${saidFirst(written)}`,
    },
    { text: gaugeWords(item), margin: [0, size * 0.3, 0, 0] },
  ];
  const content: Content[] = [
    pictures.turned && !card
      ? {
          columns: [
            { width: "*", stack: facts },
            { image: pictures.turned, width: 150, alignment: "right" },
          ],
        }
      : { stack: facts },
    { text: "What you need", style: "head" },
    materials(item),
    { text: "Words used", style: "head" },
    words(item, written, choice),
    ...rounds(item, written, choice),
    ...together(item, pictures, card),
    { text: "Mind", style: "head" },
    {
      ul: [
        ...item.cautions,
        "Needles and small scissors: point them away from the other hand; rest your hands every half hour.",
      ],
    },
    ...(item.licence === ""
      ? []
      : [{ text: item.licence, style: "small", margin: [0, size, 0, 0] } as Content]),
  ];
  return page(
    {
      paper: choice.paper,
      large: choice.large,
      title: `${item.name}: pattern`,
      maker: item.maker,
      foot: `${item.name} · ${item.maker}`,
    },
    content,
  );
}

/** Gauge of the main part: what to measure before beginning. */
function gaugeWords(item: ItemPaper): string {
  const part = mainPart(item.parts.map((p) => p.part));
  const main = item.parts.find((p) => p.part === part);
  if (!main) return "";
  const { width, height } = main.fabric.stitch;
  const over = item.reading.system === "imperial" ? 50.8 : 50;
  return `Gauge: ${printTrimmed(over / width, 1, item.reading.locale)} stitches and ${printTrimmed(over / height, 1, item.reading.locale)} rounds over ${printLength(over as Mm, item.reading)}; tight enough that no filling shows.`;
}

export function materials(item: ItemPaper): Content {
  const { reading: r } = item;
  const rows: TableCell[][] = item.yarns.map((y) => [
    { canvas: [{ type: "ellipse", x: 6, y: 6, r1: 5, r2: 5, color: y.colour, lineColor: "#6a767a" }] },
    { text: [{ text: y.label, bold: true }, y.fibre === "" ? "" : ` (${y.fibre})`] },
    {
      text: `${printYarnLength(y.metres as Metres, r)}, ${printMass(y.grams as Grams, r)}`,
      alignment: "right",
    },
    { text: `hook ${printTrimmed(y.hookMm, 2, r.locale)} mm`, alignment: "right" },
  ]);
  if (item.fillingGrams > 0)
    rows.push(["", "Filling", { text: printMass(item.fillingGrams as Grams, r), alignment: "right" }, ""]);
  for (const n of item.notions)
    rows.push([
      "",
      n.name,
      { text: `${n.quantity} ${n.quantity === 1 ? "piece" : "pieces"}`, alignment: "right" },
      "",
    ]);
  rows.push(["", "Yarn needle, stitch marker, scissors, pins", "", ""]);
  return { table: { widths: [16, "*", "auto", "auto"], body: rows, dontBreakRows: true }, layout: ruled };
}

function words(item: ItemPaper, written: string, choice: SheetChoice): Content {
  const list = abbreviationsIn(item.checked, written, choice.style.terms);
  const cell = ([short, long]: [string, string]): Content => ({
    text: [{ text: short.replaceAll(" ", "\u00a0"), bold: true }, ` ${long}`],
  });
  if (choice.paper === "A6") return { stack: list.map(cell) };
  const half = Math.ceil(list.length / 2);
  return {
    columns: [{ stack: list.slice(0, half).map(cell) }, { stack: list.slice(half).map(cell) }],
    columnGap: 18,
  };
}

/**
 * Part by part: the written lines, read once more so that bar and total are those of the line that stands
 * there.
 */
function rounds(item: ItemPaper, written: string, choice: SheetChoice): Content[] {
  const again = checkPattern(written, { otherwise: choice.style.terms });
  const byLine = new Map<number, CheckedRound[]>();
  for (const part of again.parts)
    for (const round of part.rounds) byLine.set(round.line, [...(byLine.get(round.line) ?? []), round]);
  const most = Math.max(1, ...again.parts.flatMap((p) => p.rounds.map((x) => x.count ?? 0)));
  const heads = new Set(again.parts.map((p) => p.line));
  const size = textSize(choice);
  const bar = choice.paper === "A6" ? 60 : Math.min(130, lineWidth(choice) * 0.26);
  const content: Content[] = [];
  let body: TableCell[][] = [];
  const flush = () => {
    if (body.length > 0)
      content.push({ table: { widths: [size * 1.2, "*", bar], body, dontBreakRows: true }, layout: ruled });
    body = [];
  };
  const { lines } = again;
  written.split("\n").forEach((line, i) => {
    const number = i + 1;
    const here = byLine.get(number);
    if (line.trim() === "") return;
    const heading =
      (heads.has(number) && !here) || lines[i]?.kind === "heading" || MAKING_UP.test(line.toLowerCase());
    if (content.length === 0 && body.length === 0 && !heading && !here) return;
    if (heading) {
      flush();
      const next = again.parts.find((p) => p.line === number);
      content.push({
        text: line,
        style: "head",
        ...(choice.paper === "A6" && next ? { pageBreak: "before" as const } : {}),
      });
    } else if (here)
      body.push([tickBox(size), { text: unbroken(line) }, ladderBar(here, most, bar, size, item.colours)]);
    else body.push(["", { text: unbroken(line), italics: false, color: "#3a474c", colSpan: 2 }, ""]);
  });
  flush();
  return content;
}

/** What a sheet says of how it is worked, before its first part. */
const saidFirst = (written: string): string => {
  const first = written.split("\n")[0] ?? "";
  return /\bterms\b/i.test(first) ? first : "";
};

function together(item: ItemPaper, pictures: Pictures, card: boolean): Content[] {
  const shown = ([pictures.front, pictures.side, pictures.back] as const).flatMap((p, i) =>
    p
      ? [
          {
            stack: [
              { image: p, width: card ? 70 : 130 },
              { text: ["Front", "Side", "Back"][i] ?? "", alignment: "center" as const, style: "small" },
            ],
          },
        ]
      : [],
  );
  return [
    { unbreakable: true, stack: [{ text: "Order of work", style: "head" }, { ol: [...item.steps] }] },
    ...(shown.length > 0
      ? [
          {
            unbreakable: true,
            stack: [
              { text: "How it looks", style: "head" },
              { columns: shown, columnGap: 12 },
            ],
          } as Content,
        ]
      : []),
  ];
}
