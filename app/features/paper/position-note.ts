import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { figureOf, pieceName, placedWords } from "@core/figure";
import { faceOf } from "@core/fabric";
import { printLength, type Mm } from "@core/units";
import type { ItemPaper, Pictures, SheetChoice } from "./input";
import { page, ruled, textSize } from "./page";

/** Where every part and eye goes, in rounds, stitches and millimetres, so that a series stays alike. */
export function positionNote(item: ItemPaper, choice: SheetChoice, pictures: Pictures): TDocumentDefinitions {
  const { reading: r } = item;
  const size = textSize(choice);
  const figure = figureOf(item.checked, item.text, item.parts);
  const mm = (n: number) => printLength(n as Mm, r);
  const places = figure.put.flatMap(({ place }) => {
    const part = figure.pieces[place.part];
    const where = placedWords(figure, place);
    return part && where
      ? [
          [
            { text: pieceName(part, place), bold: true },
            {
              text: `${where}${place.line === undefined ? " (usual place: the pattern leaves it open)" : ""}`,
            },
          ],
        ]
      : [];
  });
  const faces = item.parts.flatMap((p) =>
    faceOf(p.part, p.fabric).map((f) => [
      {
        text: `${f.count} ${f.what}${f.count === 1 ? "" : "s"}${f.sizeMm ? `, ${mm(f.sizeMm)}` : ""}`,
        bold: true,
      },
      {
        text: `${p.part.name}, between rounds ${f.rounds[0]} and ${f.rounds[1]}${
          f.count > 1
            ? `, ${f.apart} sts apart: ${mm(f.straight)} straight, ${mm(f.along)} along the fabric`
            : ""
        }${f.lastSafe ? `; press before round ${f.lastSafe.round + 1}` : ""}`,
      },
    ]),
  );
  const shown = (
    [
      ["Front", pictures.front],
      ["Side", pictures.side],
      ["Back", pictures.back],
    ] as const
  ).flatMap(([name, image]) =>
    image
      ? [
          {
            stack: [
              { image, width: choice.paper === "A6" ? 76 : 150 },
              { text: name, alignment: "center" as const, style: "small" },
            ],
          },
        ]
      : [],
  );
  const [height, width, depth] = item.size;
  const content: Content[] = [
    { text: `${item.name}: where it all goes`, style: "title" },
    {
      text: `${mm(height)} tall, ${mm(width)} wide, ${mm(depth)} deep`,
      style: "soft",
      margin: [0, 0, 0, size],
    },
    { columns: shown, columnGap: 10 },
    ...(faces.length > 0
      ? [
          { text: "Face", style: "head" } as Content,
          { table: { widths: ["30%", "*"], body: faces }, layout: ruled } as Content,
        ]
      : []),
    ...(places.length > 0
      ? [
          { text: "Parts", style: "head" } as Content,
          { table: { widths: ["30%", "*"], body: places }, layout: ruled } as Content,
        ]
      : []),
    {
      text: "Left and right are as you look at its face. Look from the front before you press or sew: a washer does not come off.",
      style: "small",
      margin: [0, size, 0, 0],
    },
  ];
  return page(
    {
      ...choice,
      title: `${item.name}: position note`,
      maker: item.maker,
      foot: `${item.name} · ${item.maker}`,
    },
    content,
  );
}
