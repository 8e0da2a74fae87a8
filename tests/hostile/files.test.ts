import { strToU8, unzipSync, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { itemOfZip } from "../../app/features/items/bring/handed";
import { NotReadable } from "../../app/features/items/bring/kinds";
import { textOfMarkdown } from "../../app/features/items/bring/markdown";
import { decodeText } from "../../app/features/items/bring/plain";
import { textOfHtml, textOfWord } from "../../app/features/items/bring/word";
import { readTable } from "../../app/features/import/table";
import { readWorkshopZip } from "../../app/features/settings/workshop-zip.server";
import { NotAWorkshop } from "../../db/transfer/in";
import { docx, paragraph } from "../docx";
import { mutated } from "./bytes";
import { drawFrom, hostileText, pick, type Draw } from "./texts";

/** Files of each kind that are tried; `LAPKA_FUZZ` asks for more. */
const TRIES = Number(process.env.LAPKA_FUZZ ?? 400);

/** A ZIP that opens, with what is inside it spoilt: what reads the content is reached. */
function spoiltInside(draw: Draw, zip: Uint8Array): Uint8Array {
  const files = unzipSync(zip);
  const name = pick(draw, Object.keys(files));
  return zipSync({ ...files, [name]: mutated(draw, files[name] ?? new Uint8Array()) });
}

/** Mutated files of one kind: each is read, or refused in words; nothing else is thrown. */
async function tried(seed: number, file: Uint8Array, read: (bytes: Uint8Array) => unknown): Promise<number> {
  const draw = drawFrom(seed);
  let refused = 0;
  for (let i = 0; i < TRIES; i++) {
    const zip = file[0] === 0x50 && file[1] === 0x4b;
    const bytes = zip && draw(2) === 0 ? spoiltInside(draw, file) : mutated(draw, file);
    try {
      await read(bytes);
    } catch (error) {
      if (!(error instanceof NotReadable || error instanceof NotAWorkshop))
        throw new Error(`file ${i} of seed ${seed}: ${String(error)}`, { cause: error });
      refused++;
    }
  }
  return refused;
}

const buffer = (bytes: Uint8Array): ArrayBuffer => Uint8Array.from(bytes).buffer as ArrayBuffer;

describe("files that were spoilt on the way, or on purpose", () => {
  it("Word files", async () => {
    const lines = ["Body", "Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)"].map(paragraph).join("");
    const refused = await tried(
      1,
      await docx(`${lines}<w:tbl><w:tr><w:tc>${paragraph("x")}</w:tc></w:tr></w:tbl>`),
      (b) => textOfWord(buffer(b)),
    );
    expect(refused).toBeGreaterThan(TRIES / 5);
  });

  it("items that were handed on", async () => {
    const item = { format: "lapka-item", version: 1, name: "Puffin", pattern: "Rnd 1: 6 sc in MR (6)" };
    const zip = zipSync({ "item.json": strToU8(JSON.stringify(item)) });
    expect(await tried(2, zip, itemOfZip)).toBeGreaterThan(TRIES / 2);
  });

  it("whole workshops", async () => {
    const file = {
      format: "lapka-workshop",
      version: 1,
      schema: "0000",
      madeAt: "",
      tables: { workshop: [{ id: "a" }] },
    };
    const zip = zipSync({
      "workshop.json": strToU8(JSON.stringify(file)),
      "photos/a.jpg": new Uint8Array(40),
    });
    expect(await tried(3, zip, readWorkshopZip)).toBeGreaterThan(TRIES / 2);
  });

  it("tables, Markdown, HTML and plain text in any bytes", async () => {
    const csv = strToU8('Yarn,Shade,"Weight, g"\n"Cotton ""DK""",white,"1.234,5"\n;;\n\t|\n');
    expect(await tried(4, csv, (b) => readTable(decodeText(b)))).toBe(0);
    const draw = drawFrom(5);
    for (let i = 0; i < TRIES; i++) {
      const text = hostileText(draw);
      expect(typeof textOfMarkdown(text)).toBe("string");
      expect(typeof textOfHtml(text)).toBe("string");
      expect(typeof decodeText(mutated(draw, strToU8(text)))).toBe("string");
    }
  });
});
