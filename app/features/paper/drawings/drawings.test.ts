import { minor, printLength, type Reading } from "@core/units";
import { readFileSync } from "node:fs";
import path from "node:path";
import { Parser } from "htmlparser2";
import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { BARE_SALE } from "@core/costing";
import { analyseItem } from "@core/item";
import { drawingOf, type DrawingName } from "./drawing";
import { ON_PAPER } from "./on-paper";
import { pixelsOf } from "./pixels";

const demo = path.resolve(import.meta.dirname, "../../../../demo/patterns");
const METRIC: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const COLOURS = { main: "#336699", slate: "#3c4a57", white: "#efece4", orange: "#d8742a" };

function itemOf(pattern: string, reading = METRIC) {
  const { checked, piece } = analyseItem(
    { pattern, firmness: "medium", hanger: false, slots: [], notions: [] },
    {
      yarns: [],
      notions: [],
      money: { wagePerHour: minor(1200), overheadPerHour: minor(0), marginBp: 0, pricePoints: [0] },
      selling: BARE_SALE,
      price: undefined,
      reading,
      terms: "us",
    },
  );
  return { name: "Fish & co <1>", checked, piece, colours: COLOURS, reading };
}
const puffin = readFileSync(path.join(demo, "puffin.txt"), "utf8");

interface Mark {
  readonly tag: string;
  readonly at: Readonly<Record<string, string>>;
}
/** A document read back by a reader of XML: every element, and the words of every text. */
function readBack(svg: string): { marks: Mark[]; words: string[] } {
  const marks: Mark[] = [];
  const words: string[] = [];
  const parser = new Parser(
    {
      onopentag: (tag, at) => void marks.push({ tag, at }),
      ontext: (text) => void words.push(text),
    },
    { xmlMode: true },
  );
  parser.end(svg);
  return { marks, words };
}

describe.each<DrawingName>(["ladder", "shape"])("the %s of an item as a document", (what) => {
  const svg = drawingOf(what, itemOf(puffin));
  it("stands by itself: its colours written out, nothing to look up, names escaped", () => {
    expect(svg).not.toMatch(/var\(|class=|transparent|undefined|NaN|style=/);
    expect(svg).toContain('xmlns="http://www.w3.org/2000/svg"');
    expect(svg).toContain("Fish &amp; co &lt;1&gt;");
    expect(readBack(svg).marks[0]?.tag).toBe("svg");
  });
  it("is a picture of the asked width in its own proportions, with its yarns in it", async () => {
    const png = await pixelsOf(svg, 700);
    const { data, info } = await sharp(png).removeAlpha().raw().toBuffer({ resolveWithObject: true });
    const [, w, h] = /width="(\d+)" height="(\d+)"/.exec(svg) ?? [];
    expect(info.width).toBe(700);
    expect(info.height / 700).toBeCloseTo(Number(h) / Number(w), 2);
    const seen = new Set<string>();
    for (let i = 0; i < data.length; i += 3) seen.add(data.subarray(i, i + 3).toString("hex"));
    expect(seen).toContain(COLOURS.slate.slice(1));
    expect(seen).toContain("ffffff");
  });
});

describe("a ladder's document", () => {
  it("names every round and says its stitches", () => {
    const item = itemOf(puffin);
    const { words } = readBack(drawingOf("ladder", item));
    for (const part of item.checked.parts) {
      expect(words.some((w) => w.startsWith(part.name))).toBe(true);
      for (const round of part.rounds) {
        const n = round.number ?? 0;
        const named = words.some((w) => {
          const [, from, to] = /^\D+(\d+)(?:–(\d+))?$/.exec(w) ?? [];
          return from !== undefined && Number(from) <= n && n <= Number(to ?? from);
        });
        expect(named, `${part.name} ${round.label}`).toBe(true);
        expect(words).toContain(String(round.count));
      }
    }
  });
  it("draws a bar as wide as its stitches", () => {
    const { marks } = readBack(
      drawingOf(
        "ladder",
        itemOf("Ball\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x6 (12)\nRnd 3: (sc, inc) x6 (18)"),
      ),
    );
    const frames = marks.filter((m) => m.tag === "rect" && m.at.fill === "none" && m.at.stroke !== undefined);
    const widths = frames.map((m) => Number(m.at.width));
    expect(widths).toHaveLength(3);
    expect(widths.map((w) => Math.round((1000 * w) / (widths[0] ?? 1)))).toEqual([1000, 2000, 3000]);
  });
  it("keeps a line of many rounds short", () => {
    const long = "Tube\nRnd 1: 6 sc in mr (6)\nRnds 2-60: sc around (6)";
    const { words, marks } = readBack(drawingOf("ladder", itemOf(long)));
    expect(words).toContain("Rnds 2–60");
    expect(Number(marks[0]?.at.height)).toBeLessThan(400);
  });
  it("is cut to what can be drawn when it is endless", async () => {
    const rounds = Array.from({ length: 700 }, (_, i) => `Rnd ${i + 2}: 6 sc (6)`).join("\n");
    const svg = drawingOf("ladder", itemOf(`Cord\nRnd 1: 6 sc in mr (6)\n${rounds}`));
    const { height = 0 } = await sharp(await pixelsOf(svg, 2400), { limitInputPixels: false }).metadata();
    expect(height).toBeGreaterThan(5000);
    expect(height).toBeLessThanOrEqual(8000);
  });
});

describe("the document of the parts", () => {
  it.each([METRIC, { ...METRIC, system: "imperial" } satisfies Reading])(
    "tells their size: %o",
    (reading) => {
      const item = itemOf(puffin, reading);
      const told = readBack(drawingOf("shape", item)).words.join("\n");
      for (const p of item.piece.parts)
        expect(told).toContain(
          `${p.part.name}${p.part.make > 1 ? `, ${p.part.make} of them` : ""}: ${printLength(p.fabric.width, reading)} wide`,
        );
    },
  );
});

it("a drawing has the colours of the screen's light mode", () => {
  const theme = readFileSync(path.resolve(import.meta.dirname, "../../../ui/theme.ts"), "utf8");
  for (const [name, value] of Object.entries(ON_PAPER)) {
    const [, light] = new RegExp(`--${name}: (#[0-9a-f]{6});`).exec(theme) ?? [];
    expect(value, name).toBe(light);
  }
});
