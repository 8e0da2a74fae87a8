import { describe, expect, it } from "vitest";
import { textOfPages, unsureOf, type Page, type PageWord } from ".";

const WIDE = 6;
const HIGH = 10;
const PITCH = 14;

/** Lines typed on a page: a word a run of letters, six units a letter, fourteen a line. */
function typed(text: string, { x = 0, y = 0, slant = 0, sure = 1 } = {}): PageWord[] {
  return text.split("\n").flatMap((line, n) =>
    [...line.matchAll(/\S+/g)].map((m) => ({
      text: m[0],
      x: x + m.index * WIDE,
      y: y + n * PITCH + (x + m.index * WIDE) * slant,
      width: m[0].length * WIDE - 1,
      height: HIGH,
      sure,
    })),
  );
}
const page = (...words: PageWord[][]): Page => ({
  width: 595,
  height: 842,
  whole: true,
  words: words.flat(),
});
const read = (...words: PageWord[][]) => textOfPages([page(...words)]).text;

const LEFT =
  "Body in slate yarn\nRnd 1: 6 sc in ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnd 4-7: sc around (18)";
const RIGHT =
  "Wings, make 2 of white\nRnd 1: 5 sc in ring (5)\nRnd 2: inc x 5 (10)\nRnd 3: sc in each st (10)\nFasten off, leave a tail";

describe("a page of words becomes a text in the order of reading", () => {
  it("keeps one column as it is, with its blank lines", () => {
    expect(read(typed("Head\nRnd 1: 6 sc\n\nEars\nRnd 1: 5 sc"))).toBe(
      "Head\nRnd 1: 6 sc\n\nEars\nRnd 1: 5 sc",
    );
  });
  it("reads columns one after the other, also when their lines do not stand level", () => {
    for (const y of [0, 5, 7, 9, 30])
      expect(read(typed(LEFT), typed(RIGHT, { x: 260, y }))).toBe(`${LEFT}\n${RIGHT}`);
  });
  it("reads what stands across the top first, and what stands across the foot last", () => {
    const top = "A small harbour seal for a key ring, with whiskers and a belly of white";
    const foot = "Sew the wings to the body between rounds 4 and 5, on both sides, and weave";
    expect(
      read(typed(top), typed(LEFT, { y: 40 }), typed(RIGHT, { x: 260, y: 40 }), typed(foot, { y: 140 })),
    ).toBe([top, LEFT, RIGHT, foot].join("\n"));
  });
  it("reads three columns", () => {
    const third = "Beak, make one of these\nRnd 1: 4 sc in ring (4)\nRnd 2: (sc, inc) x 2 (6)";
    expect(read(typed(LEFT), typed(RIGHT, { x: 220 }), typed(third, { x: 440 }))).toBe(
      [LEFT, RIGHT, third].join("\n"),
    );
  });
  it("reads a table line by line, and keeps its columns apart", () => {
    const rows = [
      "1        6 sc in magic ring        6",
      "2        2 sc in each stitch       12",
      "3        1 sc, inc around          18",
      "4        sc around                 18",
    ];
    expect(read(typed(rows.join("\n"))).split("\n")).toEqual(rows.map((r) => r.replace(/ {3,}/g, "   ")));
  });
  it("can be told to read across, or as columns", () => {
    const across = textOfPages([page(typed(LEFT), typed(RIGHT, { x: 260 }))], "across").text;
    expect(across.split("\n")[1]).toBe("Rnd 1: 6 sc in ring (6)   Rnd 1: 5 sc in ring (5)");
    const table = "1      6 sc\n2      12 sc\n3      18 sc";
    expect(textOfPages([page(typed(table))], "columns").text).toBe("1\n2\n3\n6 sc\n12 sc\n18 sc");
  });
  it("goes on along a line that climbs, as on a photo", () => {
    expect(read(typed(LEFT, { slant: -0.04, y: 30 }))).toBe(LEFT);
  });
  it("puts runs of letters together that were drawn one after the other", () => {
    const runs: PageWord[] = [
      { text: "2", x: 0, y: 0, width: 6, height: 10, sure: 1 },
      { text: "nd", x: 6, y: -2, width: 7, height: 6, sure: 1 },
      { text: "rou", x: 17, y: 0, width: 15, height: 10, sure: 1 },
      { text: "nd", x: 32.4, y: 0, width: 11, height: 10, sure: 1 },
    ];
    expect(textOfPages([{ ...page(runs), whole: false }]).text).toBe("2nd round");
  });
  it("leaves running heads and page numbers out, and tells them", () => {
    const of = (n: number, body: string) =>
      page(
        typed("Harbour stall patterns"),
        typed(body, { y: 60 }),
        typed(`page ${n} of 2`, { x: 200, y: 800 }),
      );
    const { text, leftOut } = textOfPages([
      of(1, "Rnd 1: 6 sc\nRnd 2: 12 sc"),
      of(2, "Rnd 3: 18 sc\nRnd 4: 18 sc"),
    ]);
    expect(text).toBe("Rnd 1: 6 sc\nRnd 2: 12 sc\nRnd 3: 18 sc\nRnd 4: 18 sc");
    expect(leftOut).toEqual(["Harbour stall patterns", "page 1 of 2", "page 2 of 2"]);
  });
  it("takes no round for a running head", () => {
    const { text, leftOut } = textOfPages([
      page(typed("Rnd 1: sc around (18)")),
      page(typed("Rnd 2: sc around (18)")),
    ]);
    expect(text).toBe("Rnd 1: sc around (18)\nRnd 2: sc around (18)");
    expect(leftOut).toEqual([]);
  });
  it("knows where every word of the text stood", () => {
    const { text, places } = textOfPages([page(typed(LEFT), typed(RIGHT, { x: 260 }))]);
    for (const p of places) expect(text.slice(p.from, p.to)).toMatch(/^\S+$/);
    expect(places).toHaveLength(`${LEFT}\n${RIGHT}`.split(/\s+/).length);
    expect(places.every((p) => p.box.x >= 260 === p.from > LEFT.length)).toBe(true);
  });
  it("gives nothing for nothing, and stands odd boxes", () => {
    expect(textOfPages([])).toEqual({ text: "", places: [], leftOut: [] });
    expect(read([])).toBe("");
    expect(read([{ text: "sc", x: Number.NaN, y: 0, width: 3, height: 3, sure: 1 }])).toBe("sc");
  });
});

describe("words to look at", () => {
  const looked = (text: string, sure: number) => {
    const { text: t, places } = textOfPages([page(typed(text, { sure }))]);
    return unsureOf(t, places).map((p) => t.slice(p.from, p.to));
  };
  it("are those that the recogniser doubts", () => {
    expect(looked("6 sc in ring", 0.6)).toEqual(["6", "sc", "in", "ring"]);
    expect(looked("6 sc in ring", 0.95)).toEqual([]);
  });
  it("and figures that may be letters, however sure it is", () => {
    expect(looked("l2 sc, 1O inc, 18 (2l) S", 0.97)).toEqual(["l2", "1O", "(2l)", "S"]);
  });
  it("but never those of a text that was drawn", () => {
    expect(looked("l2 sc", 1)).toEqual([]);
  });
});
