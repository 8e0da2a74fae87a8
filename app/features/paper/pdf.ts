import path from "node:path";
import { toSVG } from "bwip-js/node";
import pdfmake from "pdfmake";
import sharp from "sharp";
import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { figureAnswer, VIEWS, type ViewName } from "../figure/picture";
import { commissionNote } from "./commission-note";
import { fontFile, FONTS } from "./fonts";
import type { ItemPaper, PaperTask, Pictures, TagChoice } from "./input";
import { kitSheet } from "./kit-sheet";
import { pagesOf } from "./label-picture";
import { listPaper } from "./list-paper";
import { patternSheet } from "./pattern-sheet";
import { positionNote } from "./position-note";
import { stallSigns } from "./stall-signs";
import { TAG_ROOMS, tags } from "./tags";

interface Maker {
  addFonts: (fonts: object) => void;
  setUrlAccessPolicy: (allowed: (url: string) => boolean) => void;
  setLocalAccessPolicy: (allowed: (file: string) => boolean) => void;
  createPdf: (doc: TDocumentDefinitions) => { getBuffer: () => Promise<Uint8Array> };
}
const maker = pdfmake as unknown as Maker;
maker.addFonts({
  Recursive: {
    normal: fontFile("400Regular"),
    bold: fontFile("700Bold"),
    italics: fontFile("300Light"),
    bolditalics: fontFile("700Bold"),
  },
});
// Nothing is fetched, and of the machine only the fonts are read.
maker.setUrlAccessPolicy(() => false);
maker.setLocalAccessPolicy((file) => path.resolve(file).startsWith(FONTS));

const VIEWS_OF: Readonly<Record<PaperTask["sheet"], readonly ViewName[]>> = {
  pattern: ["turned", "front", "side", "back"],
  position: ["front", "side", "back"],
  tags: ["turned"],
  kit: ["turned", "front", "side", "back"],
  commission: ["turned"],
  list: [],
  signs: [],
};
const SIDE = 520;

async function picturesOf(item: ItemPaper, views: readonly ViewName[]): Promise<Pictures> {
  const made = await Promise.all(
    views.map(async (view) => {
      const p = figureAnswer({
        checked: item.checked,
        text: item.text,
        parts: item.parts,
        colours: item.colours,
        view: VIEWS[view],
        width: SIDE,
        height: SIDE,
        title: item.name,
        as: "pixels",
      });
      if (p?.kind !== "pixels") return [];
      const png = await sharp(p.rgba, { raw: { width: p.width, height: p.height, channels: 4 } })
        .flatten({ background: "#ffffff" })
        .png({ palette: true, quality: 92 })
        .toBuffer();
      return [[view, `data:image/png;base64,${png.toString("base64")}`]] as const;
    }),
  );
  return Object.fromEntries(made.flat());
}

/**
 * The code of a tag as SVG. @throws Error with words for her when it cannot be drawn, such as a wrong check
 * digit.
 */
export function codeOf(choice: Pick<TagChoice, "code" | "codeText">): string | undefined {
  if (choice.code === "none" || choice.codeText.trim() === "") return undefined;
  const bcid = { qr: "qrcode", ean: "ean13", code128: "code128" }[choice.code];
  return toSVG({
    bcid,
    text: choice.codeText,
    ...(choice.code === "qr" ? { eclevel: "M" } : { height: 9, includetext: true, textsize: 8 }),
  } as Parameters<typeof toSVG>[0]);
}

async function documentOf(task: PaperTask): Promise<TDocumentDefinitions> {
  const pictures = task.item ? await picturesOf(task.item, VIEWS_OF[task.sheet]) : {};
  switch (task.sheet) {
    case "pattern":
      return patternSheet(task.item, task.choice, pictures);
    case "position":
      return positionNote(task.item, task.choice, pictures);
    case "tags":
      return tagsThatFit(task, pictures);
    case "commission":
      return commissionNote(task.commission, pictures.turned);
    case "list":
      return listPaper(task.list);
    case "signs":
      return stallSigns(task.signs);
    case "kit":
      return kitSheet(task.item, task.kit, task.choice, pictures);
  }
}

/** Tags with all of their words on them: on a roll one more page would be a second label. */
async function tagsThatFit(
  { item, choice, kit }: Extract<PaperTask, { sheet: "tags" }>,
  pictures: Pictures,
): Promise<TDocumentDefinitions> {
  const code = codeOf(choice);
  const one: TagChoice = { ...choice, paper: "ROLL", count: 1 };
  for (const room of TAG_ROOMS) {
    const tried = await maker.createPdf(tags(item, one, pictures, { code, kit, room })).getBuffer();
    if ((await pagesOf(new Uint8Array(tried))) === 1)
      return tags(item, choice, pictures, { code, kit, room });
  }
  return tags(item, choice, pictures, { code, kit, room: TAG_ROOMS.at(-1) });
}
export const pdfOf = async (task: PaperTask): Promise<Uint8Array> =>
  new Uint8Array(await maker.createPdf(await documentOf(task)).getBuffer());
