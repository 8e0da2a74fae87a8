import { readFileSync } from "node:fs";
import {
  BarcodeFormat,
  BinaryBitmap,
  DecodeHintType,
  HybridBinarizer,
  MultiFormatReader,
  RGBLuminanceSource,
} from "@zxing/library";
import { strFromU8, unzipSync } from "fflate";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import sharp, { type Sharp } from "sharp";
import { describe, expect, it } from "vitest";
import { fabricPart, gaugePrior } from "@core/fabric";
import { facesOf, figureOf, sizeOfFigure } from "@core/figure";
import { checkPattern, PLAIN_STYLE, type Terms } from "@core/notation";
import { careOf, cautionsOf } from "@core/safety";
import { eanCheck, tagSchema } from "./choices";
import type { ItemPaper, KitPaper, PaperTask, SheetChoice } from "./input";
import { itemFileJsonSchema, itemFileSchema } from "../items/item-file-schema";
import { itemFile } from "./item-file";
import { itemZip } from "./item-zip";
import { pictureOfPdf } from "./label-picture";
import { codeOf, pdfOf } from "./pdf";

function paperOf(name: string): ItemPaper {
  const text = readFileSync(`demo/patterns/${name}.txt`, "utf8");
  const checked = checkPattern(text);
  const parts = checked.parts.map((part) => ({
    part,
    fabric: fabricPart(part, gaugePrior(3, 3 as never), "medium"),
  }));
  const size = sizeOfFigure(facesOf(figureOf(checked, text, parts)));
  return {
    name,
    kind: "keychain",
    maker: "Harbour stall",
    licence: "For your own use.",
    reading: { locale: "en-IE", system: "metric", currency: "EUR" },
    checked,
    text,
    parts,
    colours: {},
    yarns: [
      {
        slot: "main",
        label: "DK cotton, slate",
        colour: "#445566",
        fibre: "cotton",
        hookMm: 3,
        metres: 12.3,
        grams: 5.4,
      },
    ],
    fillingGrams: 3.1,
    notions: [{ name: "Black eyes, 6 mm", quantity: 2 }],
    steps: ["Body: rnds 1–15", "Sew on: Beak"],
    price: 1650,
    use: "decoration",
    checks: [],
    cautions: cautionsOf("decoration", []),
    care: careOf(["cotton"], false),
    size: [size.height, size.width, size.depth],
  };
}
const choice = (terms: Terms, paper: SheetChoice["paper"] = "A4", large = false): SheetChoice => ({
  paper,
  large,
  style: { ...PLAIN_STYLE, terms },
});

/** The words of a PDF, read back by another library, and the size of its first page in points. */
async function readBack(
  task: PaperTask,
): Promise<{ text: string; pages: number; size: readonly number[]; lang: boolean }> {
  const bytes = await pdfOf(task);
  const raw = Buffer.from(bytes).toString("latin1");
  const doc = await getDocument({ data: bytes, useSystemFonts: false, verbosity: 0 }).promise;
  let text = "";
  for (let i = 1; i <= doc.numPages; i++) {
    const content = await (await doc.getPage(i)).getTextContent();
    text += content.items.map((x) => ("str" in x ? x.str : "")).join(" ");
  }
  const view = (await doc.getPage(1)).view;
  const out = {
    text: text.replace(/[\s\u00a0]+/g, " "),
    pages: doc.numPages,
    size: view.slice(2),
    lang: /\/Lang/.test(raw) && /\/Marked true/.test(raw),
  };
  await doc.destroy();
  return out;
}

describe("a pattern sheet read back from its PDF", () => {
  for (const name of ["puffin", "lighthouse", "rowing-boat", "hermit-crab"])
    it(`has every part, round and total of the ${name}`, async () => {
      const item = paperOf(name);
      const { text } = await readBack({ sheet: "pattern", item, choice: choice("us") });
      for (const part of item.checked.parts) {
        expect(text).toContain(part.name);
        const numbered = part.rounds.filter((r) => r.number !== undefined);
        for (const r of numbered) {
          const within = new RegExp(`Rnds? ${r.number}\\b|Rnds \\d+–\\d+|Rnds? \\d+(?:, \\d+)* `);
          expect(text, `${part.name} ${r.label}`).toMatch(within);
          if (r.count) expect(text).toContain(`(${r.count})`);
        }
      }
      expect(text).not.toMatch(/undefined|NaN|\[object/);
    });
  it("counts again to the same rounds when its words are read as a pattern", async () => {
    const item = paperOf("puffin");
    const { text } = await readBack({ sheet: "pattern", item, choice: choice("us") });
    const body = text.slice(text.indexOf("Rnd 1: 6 sc"), text.indexOf("Beak"));
    const lines = body.split(/(?=Rnds? \d)/).map((l) => l.replace(/(Insert|Stuff|Fasten).*$/, ""));
    const again = checkPattern(lines.join("\n"));
    expect(again.parts[0]?.rounds.map((r) => r.count)).toEqual(
      item.checked.parts[0]?.rounds.map((r) => r.count),
    );
  });
  it("is in UK terms when asked, with the words of that sheet only", async () => {
    const { text } = await readBack({ sheet: "pattern", item: paperOf("puffin"), choice: choice("uk") });
    expect(text).toContain("UK terms");
    expect(text).toContain("dc double crochet");
    expect(text).not.toMatch(/\bsc single crochet\b|\bhtr\b|\bBLO\b/);
    expect(text).toMatch(/8 dc/);
  });
  it.each([
    ["A4", 595.28, 841.89],
    ["LETTER", 612, 792],
    ["A6", 297.64, 419.53],
  ] as const)("fits %s, is tagged and says its language", async (paper, w, h) => {
    const got = await readBack({ sheet: "pattern", item: paperOf("buoy"), choice: choice("us", paper) });
    expect(got.size[0]).toBeCloseTo(w, 1);
    expect(got.size[1]).toBeCloseTo(h, 1);
    expect(got.lang).toBe(true);
  });
  it("takes more pages in large type and loses nothing", async () => {
    const item = paperOf("puffin");
    const [usual, large] = await Promise.all(
      [false, true].map((l) => readBack({ sheet: "pattern", item, choice: choice("us", "A4", l) })),
    );
    expect(large?.pages).toBeGreaterThan(usual?.pages ?? 99);
    const counts = (t: string | undefined) => (t?.match(/\(\d+\)/g) ?? []).sort().join();
    expect(counts(large?.text)).toBe(counts(usual?.text));
  });
});

describe("an item as one file", () => {
  it("holds text, Markdown, JSON by its own schema, and what goes along, and is read back to the last figure", () => {
    const item = paperOf("puffin");
    const zip = unzipSync(itemZip(item, { "figure.png": new Uint8Array([1, 2, 3]) }));
    expect(Object.keys(zip).sort()).toEqual(
      ["figure.png", "item.json", "item.schema.json", "pattern.md", "pattern.txt"].sort(),
    );
    const text = (name: string) => strFromU8(zip[name] ?? new Uint8Array());
    expect(text("pattern.txt")).toBe(item.text);
    expect(text("pattern.md")).toContain("- **Rnd 3:** (sc, inc) × 6 (18)");
    const read = itemFileSchema.parse(JSON.parse(text("item.json")));
    expect(read).toEqual(itemFile(item));
    expect(read.parts[0]?.rounds.map((r) => r.stitches)).toEqual(
      item.checked.parts[0]?.rounds.map((r) => r.count),
    );
    const kit = {
      chanceShort: 0.01,
      hook: false,
      startedRing: true,
      spareEyes: true,
      contents: [],
      grams: 9,
    };
    const whole = unzipSync(itemZip(item, {}, kit))["item.json"] ?? new Uint8Array();
    expect(itemFileSchema.parse(JSON.parse(strFromU8(whole)))).toEqual(itemFile(item, kit));
    const schema = JSON.parse(text("item.schema.json")) as { required: string[] };
    expect(schema.required).toEqual(expect.arrayContaining(Object.keys(read)));
  });
  it("has the schema that is published", () => {
    const published = readFileSync("docs/item.schema.json", "utf8");
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(itemFileJsonSchema())));
  });
});

describe("a position note", () => {
  it("says eyes and parts in rounds, stitches and millimetres", async () => {
    const { text } = await readBack({ sheet: "position", item: paperOf("puffin"), choice: choice("us") });
    expect(text).toMatch(/2 eyes, 6 mm/);
    expect(text).toMatch(/between rounds 7 and 8, 5 sts apart: \d+ mm straight/);
    expect(text).toMatch(/wing 2.*at round 8 of the body, 6 sts right/);
    expect(text).toMatch(/\d+ mm tall/);
  });
});

/** What a drawn code says, read by another library. */
async function codeIn(picture: Sharp, format: BarcodeFormat): Promise<string> {
  const { data, info } = await picture.greyscale().raw().toBuffer({ resolveWithObject: true });
  const source = new RGBLuminanceSource(new Uint8ClampedArray(data), info.width, info.height);
  const reader = new MultiFormatReader();
  reader.setHints(
    new Map<DecodeHintType, unknown>([
      [DecodeHintType.POSSIBLE_FORMATS, [format]],
      [DecodeHintType.TRY_HARDER, true],
    ]),
  );
  return reader.decode(new BinaryBitmap(new HybridBinarizer(source))).getText();
}

describe("tags", () => {
  const tag = {
    paper: "A4",
    count: 10,
    batch: "2026-48",
    code: "qr",
    codeText: "Harbour stall / puffin",
  } as const;
  it("are as many as asked for, with name, price, fibre, care, caution, maker and batch on each", async () => {
    const { text, pages } = await readBack({ sheet: "tags", item: paperOf("puffin"), choice: tag });
    expect(pages).toBe(2);
    for (const words of ["€16.50", "Yarn: cotton", "30 °C", "not a toy", "by Harbour stall", "batch 2026-48"])
      expect(text.split(words).length - 1, words).toBe(10);
  });
  it("stand one a label on a roll", async () => {
    const { pages, size } = await readBack({
      sheet: "tags",
      item: paperOf("puffin"),
      choice: { ...tag, paper: "ROLL", count: 3 },
    });
    expect(pages).toBe(3);
    expect(size[0]).toBeCloseTo((52 * 72) / 25.4, 1);
  });
  it.each([
    ["qr", "Harbour stall / Puffin keychain / batch 2026-48", BarcodeFormat.QR_CODE],
    ["ean", "4006381333931", BarcodeFormat.EAN_13],
    ["code128", "HS-PUFFIN-48", BarcodeFormat.CODE_128],
  ] as const)("carry a %s code that another library reads", async (code, codeText, format) => {
    const svg = codeOf({ code, codeText }) ?? "";
    const drawn = sharp(Buffer.from(svg), { density: 300 })
      .flatten({ background: "#ffffff" })
      .extend({ top: 40, bottom: 40, left: 60, right: 60, background: "#ffffff" });
    expect(await codeIn(drawn, format)).toBe(codeText);
  });
  it("come out of a label printer as they are on paper: 12 dots a millimetre, and the code can be read", async () => {
    const png = await pictureOfPdf(
      await pdfOf({
        sheet: "tags",
        item: paperOf("puffin"),
        choice: {
          ...tag,
          paper: "ROLL",
          count: 1,
          codeText: "Harbour stall / Puffin keychain / batch 2026-48",
        },
      }),
    );
    const picture = sharp(png);
    expect(await picture.metadata()).toMatchObject({ format: "png", width: 52 * 12, height: 88 * 12 });
    expect(await codeIn(picture, BarcodeFormat.QR_CODE)).toBe(
      "Harbour stall / Puffin keychain / batch 2026-48",
    );
  });
  it("for the bag of a kit say what lies in it, what is needed besides, and a caution for needle and scissors", async () => {
    const kit: KitPaper = {
      contents: [
        { what: "DK cotton, slate", amount: "8.4 g, 19 m" },
        ...["chalk white", "signal orange", "harbour blue", "wet sand"].map((shade) => ({
          what: `DK cotton, ${shade}`,
          amount: "2.1 g, 5 m",
        })),
        { what: "Black eyes, 6 mm", amount: "4" },
        { what: "Yarn needle", amount: "1" },
      ],
      besides: ["A crochet hook of 3 mm", "Small scissors"],
      gauge: { stitches: 10, rounds: 11, overMm: 50 },
      hookMm: 3,
      chance: 0.01,
      explains: [],
    };
    const { text, pages } = await readBack({
      sheet: "tags",
      item: paperOf("puffin"),
      choice: { ...tag, paper: "ROLL", count: 1 },
      kit,
    });
    expect(pages).toBe(1);
    expect(text).toContain("DK cotton, wet sand; 4 × Black eyes, 6 mm; Yarn needle.");
    expect(text).toContain("You need: a crochet hook of 3 mm, small scissors.");
    expect(text).toMatch(/keep them away from small children and pets/);
    // What is washed is the figure, and its tag says how.
    expect(text).not.toContain("30 °C");
    expect(text).toContain("Put together by Harbour stall");
  });
  it("refuse an EAN with a wrong check digit and say the right one", () => {
    // Worked example of a published EAN: 4006381333931.
    expect(eanCheck("400638133393")).toBe(1);
    const read = tagSchema.safeParse({ code: "ean", codeText: "4006381333932" });
    expect(read.success ? "" : read.error.issues[0]?.message).toContain("should be 1");
    expect(tagSchema.safeParse({ count: "0" }).success).toBe(false);
    expect(tagSchema.safeParse({ count: "201" }).success).toBe(false);
  });
});

describe("sheets of lists and signs", () => {
  const list = {
    title: "Buy list",
    maker: "Harbour stall",
    paper: "LETTER" as const,
    facts: [["In all", "€12.30"]] as const,
    tables: [
      {
        head: "Yarn shed",
        tick: true,
        columns: [{ head: "What", wide: true }, { head: "Pieces" }],
        rows: Array.from({ length: 70 }, (_, i) => [
          { text: `Shade ${i + 1}`, colour: "#334455" },
          { boxes: i === 0 ? 130 : 3 },
        ]),
      },
    ],
    notes: ["Note the lot."],
    signed: ["Left by"],
  };
  it("have every row, over as many pages as it takes", async () => {
    const { text, pages, size } = await readBack({ sheet: "list", list });
    expect(size).toEqual([612, 792]);
    expect(pages).toBeGreaterThan(1);
    for (let i = 1; i <= 70; i++) expect(text).toMatch(new RegExp(`\\bShade ${i}\\b`));
    for (const said of ["€12.30", "Note the lot.", "Left by", "130 in all"]) expect(text).toContain(said);
  });
  it("signs stand eight on a sheet, the rest on the next", async () => {
    const signs = Array.from({ length: 11 }, (_, i) => ({
      name: `A very long name of a figure ${i + 1}`,
      sub: "winter plumage",
      price: `€${i + 1}.50`,
    }));
    const { text, pages } = await readBack({
      sheet: "signs",
      signs: { maker: "Harbour stall", paper: "A4", signs },
    });
    expect(pages).toBe(2);
    for (const s of signs) expect(text).toContain(s.price);
    expect(text.match(/Harbour stall/g)).toHaveLength(11);
  });
});
