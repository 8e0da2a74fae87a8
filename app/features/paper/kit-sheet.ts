import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { printLength, printTrimmed, type Mm } from "@core/units";
import type { ItemPaper, KitPaper, Pictures, SheetChoice } from "./input";
import { page, ruled, textSize, tickBox } from "./page";

/** What lies in a kit, what else is needed, and the trial that saves a buyer from running out. */
export function kitSheet(
  item: ItemPaper,
  kit: KitPaper,
  choice: SheetChoice,
  pictures: Pictures,
): TDocumentDefinitions {
  const { reading: r } = item;
  const size = textSize(choice);
  const over = printLength(kit.gauge.overMm as Mm, r);
  const n = (x: number) => printTrimmed(x, 1, r.locale);
  const content: Content[] = [
    {
      columns: [
        {
          width: "*",
          stack: [
            { text: `${item.name}: kit`, style: "title" },
            { text: `by ${item.maker}`, style: "soft" },
          ],
        },
        ...(pictures.turned && choice.paper !== "A6"
          ? [{ image: pictures.turned, width: 130, alignment: "right" as const }]
          : []),
      ],
    },
    { text: "In this kit", style: "head" },
    {
      table: {
        widths: [size * 1.2, "*", "auto"],
        dontBreakRows: true,
        body: kit.contents.map((c) => [
          tickBox(size),
          { text: [{ text: c.what, bold: true }, c.why ? { text: ` ${c.why}`, color: "#56646a" } : ""] },
          { text: c.amount, alignment: "right" as const },
        ]),
      },
      layout: ruled,
    },
    { text: "What you need besides", style: "head" },
    { ul: [...kit.besides] },
    { text: "First of all: your tension", style: "head" },
    {
      text: `Work ten rounds of a flat disc with a ${n(kit.hookMm)} mm hook. ${n(kit.gauge.stitches)} stitches and ${n(kit.gauge.rounds)} rounds should measure ${over}. Unravel it afterwards and use the yarn.`,
    },
    {
      table: {
        widths: ["*", "*"],
        body: [
          [
            { text: "If yours is smaller", bold: true },
            { text: "If yours is larger", bold: true },
          ],
          [
            "You crochet tightly: the yarn will last, and the figure comes out smaller. Take a hook half a millimetre larger if the stitches are hard to enter.",
            "You crochet loosely: take a hook half a millimetre smaller, so that the yarn lasts and no filling shows.",
          ],
        ],
      },
      layout: ruled,
      margin: [0, size * 0.5, 0, 0],
    },
    {
      text: `The yarn is measured so that about ${n((1 - kit.chance) * 100)} of 100 crocheters have enough. Should it not last: write to ${item.maker}.`,
      style: "small",
      margin: [0, size * 0.6, 0, 0],
    },
    ...(kit.explains.length > 0
      ? [{ text: "What you will use", style: "head" } as Content, { ul: [...kit.explains] } as Content]
      : []),
    { text: "Mind", style: "head" },
    {
      ul: [
        ...item.cautions,
        "Small parts, needle and scissors: keep them away from small children and pets while you work.",
      ],
    },
  ];
  return page(
    { ...choice, title: `${item.name}: kit`, maker: item.maker, foot: `${item.name}, kit · ${item.maker}` },
    content,
  );
}
