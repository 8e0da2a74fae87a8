import { describe, expect, it } from "vitest";
import { docx, paragraph } from "../../../../tests/docx";
import { strToU8, zipSync } from "fflate";
import { itemOfZip } from "./handed";
import { kindOf, NotReadable, withinLimits } from "./kinds";
import { textOfMarkdown } from "./markdown";
import { decodeText } from "./plain";
import { nameFromFile } from "./put-text";
import { textOfHtml, textOfWord } from "./word";

const bytes = (...b: number[]) => new Uint8Array([...b, ...Array.from({ length: 16 }, () => 0)]);
const letters = (s: string) => new TextEncoder().encode(s);

describe("kind of a file", () => {
  it("comes from its first bytes, whatever it is called", () => {
    expect(kindOf("seal.txt", "text/plain", letters("%PDF-1.7"))).toBe("pdf");
    expect(kindOf("seal.pdf", "application/pdf", bytes(0xff, 0xd8, 0xff, 0xe0))).toBe("picture");
    expect(kindOf("seal", "", bytes(0x52, 0x49, 0x46, 0x46, 0, 0, 0, 0, 0x57, 0x45, 0x42, 0x50))).toBe(
      "picture",
    );
    expect(kindOf("seal.docx", "", bytes(0x50, 0x4b, 3, 4))).toBe("word");
    expect(kindOf("seal.zip", "", bytes(0x50, 0x4b, 3, 4))).toBe("handed");
    expect(kindOf("seal.MD", "", letters("# Seal"))).toBe("markdown");
    expect(kindOf("seal", "", letters("Rnd 1: 6 sc"))).toBe("text");
  });
  it("is refused with what to do where Lapka cannot read it", () => {
    const why = (name: string, type: string, b: Uint8Array) => {
      try {
        return kindOf(name, type, b);
      } catch (e) {
        return e instanceof NotReadable ? e.why : e;
      }
    };
    expect(why("a.odt", "", bytes(0x50, 0x4b, 3, 4))).toContain("unpack it");
    expect(why("a.doc", "", bytes(0xd0, 0xcf, 0x11, 0xe0))).toContain(".docx");
    expect(why("a.heic", "image/heic", bytes(0, 0, 0, 0x18))).toContain("JPEG");
    expect(why("a.rtf", "", letters("{\\rtf1"))).toContain("plain text");
  });
  it("has a largest size, and is not empty", () => {
    expect(() => withinLimits("text", 0)).toThrow(/empty/);
    expect(() => withinLimits("text", 1_000_001)).toThrow(/1\.0 MB/);
    expect(() => withinLimits("pdf", 24_000_000)).not.toThrow();
  });
});

describe("plain text", () => {
  it("is read in the codes that files come in", () => {
    const said = "Round 1 – 6 × sc\nend";
    expect(decodeText(letters("\uFEFFRound 1 – 6 × sc\r\nend"))).toBe(said);
    const wide = new Uint8Array(2 + said.length * 2);
    wide.set([0xff, 0xfe]);
    for (let i = 0; i < said.length; i++)
      wide.set([said.charCodeAt(i) & 255, said.charCodeAt(i) >> 8], 2 + 2 * i);
    expect(decodeText(wide)).toBe(said);
    // 0xd7: the multiplication sign of the old Western code page. (Its dash, 0x96, is decoded by browsers,
    // not by Node 20.)
    expect(decodeText(Uint8Array.from([0x36, 0x20, 0xd7, 0x20, 0x73, 0x63]))).toBe("6 × sc");
  });
});

describe("Markdown", () => {
  it("loses its marks and keeps its lines", () => {
    expect(
      textOfMarkdown(
        "# Seal\n\n**Rnd 1:** 6 sc in magic ring (6)\n**Rnd 2:** inc x 6 (12)\n\n## Flippers\n- make 2\n- grey",
      ),
    ).toBe("Seal\n\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\n\nFlippers\nmake 2\ngrey");
  });
  it("keeps the stars of a repeat", () => {
    expect(textOfMarkdown("Rnd 3: *sc, inc* repeat 6 times (18)")).toBe(
      "Rnd 3: *sc, inc* repeat 6 times (18)",
    );
    expect(textOfMarkdown("Rnd 3: *sc, inc; rep from * 5 more times")).toBe(
      "Rnd 3: *sc, inc; rep from * 5 more times",
    );
  });
  it("keeps the numbers of a list, also when it goes on", () => {
    expect(textOfMarkdown("3. sc around\n4. inc x 6")).toBe("3. sc around\n4. inc x 6");
  });
  it("keeps a table's columns apart", () => {
    expect(textOfMarkdown("| Rnd | Work | Sts |\n|---|---|---|\n| 1 | 6 sc in MR | 6 |")).toBe(
      "Rnd | Work | Sts\n1 | 6 sc in MR | 6",
    );
  });
});

const cell = (t: string) => `<w:tc>${paragraph(t)}</w:tc>`;

describe("Word", () => {
  it("gives a line a paragraph, empty ones too, and the rows of a table", async () => {
    const file = await docx(
      `${paragraph("Head")}${paragraph("Rnd 1: 6 sc & close")}${paragraph("")}<w:tbl><w:tr>${cell("2")}${cell("inc x 6")}${cell("12")}</w:tr></w:tbl>`,
    );
    expect(await textOfWord(file.buffer as ArrayBuffer)).toBe(
      "Head\nRnd 1: 6 sc & close\n\n2 | inc x 6 | 12",
    );
  });
  it("says that a broken file cannot be opened", async () => {
    await expect(textOfWord(new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3]).buffer)).rejects.toThrow(/damaged/);
  });
  it("numbers its lists", () => {
    expect(textOfHtml("<ol><li>6 sc in ring</li><li>inc x 6</li></ol><h2>Ears</h2><p>make 2</p>")).toBe(
      "1. 6 sc in ring\n2. inc x 6\n\nEars\nmake 2",
    );
  });
});

describe("name from a file", () => {
  it("is its words, unless a camera gave them", () => {
    expect(nameFromFile("harbour_seal-v2.pdf")).toBe("Harbour seal v2");
    for (const f of ["IMG_2041.jpg", "20261103_1201.jpg", "3 photos", "scan.pdf", "Screenshot 2026.png"])
      expect(nameFromFile(f)).toBe("");
  });
});

describe("an item that was handed on", () => {
  const item = {
    format: "lapka-item",
    version: 1,
    name: "Puffin keychain",
    kind: "keychain",
    soldAs: "decoration",
    currency: "EUR",
    price: 1650,
    pattern: "Body\nRnd 1: 6 sc in magic ring (6)",
    sizeMm: { height: 60, width: 40, depth: 40 },
    yarns: [
      {
        slot: "slate",
        label: "DK cotton, slate",
        colour: "#3d4c57",
        fibre: "cotton",
        hookMm: 3,
        metres: 4,
        grams: 2,
      },
    ],
    fillingGrams: 3,
    notions: [{ name: "Eyes, 6 mm", quantity: 2 }],
    parts: [],
    orderOfWork: [],
    cautions: [],
  };
  const zip = (files: Record<string, string>) =>
    zipSync(Object.fromEntries(Object.entries(files).map(([n, t]) => [n, strToU8(t)])));
  const why = (bytes: Uint8Array): unknown => {
    try {
      return itemOfZip(bytes);
    } catch (e) {
      return e instanceof NotReadable ? e.why : e;
    }
  };
  it("gives its pattern, and its yarns, hooks and notions by name", () => {
    const { text, handed } = itemOfZip(zip({ "pattern.txt": "x", "item.json": JSON.stringify(item) }));
    expect(text).toBe(item.pattern);
    expect(handed).toEqual({
      name: "Puffin keychain",
      kind: "keychain",
      yarns: [{ slot: "slate", label: "DK cotton, slate", hookMm: 3 }],
      notions: [{ name: "Eyes, 6 mm", quantity: 2 }],
    });
  });
  it("gives its kit, where it was handed on with one", () => {
    const kit = { chanceShort: 0.02, hook: true, startedRing: false, spareEyes: true };
    const whole = { ...item, kit: { ...kit, contents: [{ what: "Needle", amount: "1" }], grams: 22 } };
    expect(itemOfZip(zip({ "item.json": JSON.stringify(whole) })).handed.kit).toEqual(kit);
    const wrong = { ...whole, kit: { ...whole.kit, chanceShort: 2 } };
    expect(why(zip({ "item.json": JSON.stringify(wrong) }))).toContain("cannot be read");
  });
  it("is refused with what to do where there is none, or it is broken, newer or made to hurt", () => {
    expect(why(zip({ "pattern.txt": "x" }))).toContain("holds no item");
    expect(why(zip({ "item.json": "{" }))).toContain("cannot be read");
    expect(why(zip({ "item.json": JSON.stringify({ ...item, version: 2 }) }))).toContain("newer");
    expect(why(new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3]))).toContain("damaged");
    const many = Array.from({ length: 101 }, () => item.yarns[0]);
    expect(why(zip({ "item.json": JSON.stringify({ ...item, yarns: many }) }))).toContain("more in it");
    expect(why(zip({ "item.json": " ".repeat(4_000_001) }))).toContain("holds no item");
    // A header that lies of what is inside unpacks no more than it says.
    const lies = zip({ "item.json": " ".repeat(3_000_000) });
    const at = lies.findLastIndex((b, i) => b === 0x50 && lies[i + 1] === 0x4b && lies[i + 2] === 1);
    new DataView(lies.buffer, lies.byteOffset).setUint32(at + 24, 10, true);
    expect(why(lies)).toMatch(/damaged|cannot be read/);
  });
});
