import { describe, expect, it } from "vitest";
import { readColourChange, readShade } from "./colours";
import { Cursor } from "./cursor";
import { readEvent } from "./events";
import { likeliestLabel } from "./document/label";
import { problemText, type ProblemDetail } from "./problems";
import { stitchWord, UK_TO_US } from "./stitches";
import { recogniseTerms } from "./terms";
import { linesOf, regular } from "./text";
import { tokenize } from "./tokens";
import { nearestStitchWord, readStitch } from "./vocabulary";

const at = (text: string) => {
  const plain = regular(text);
  return new Cursor(tokenize(plain, 0, plain.length), text);
};

describe("text made regular", () => {
  it.each(["“6 sc” × 3 – done…", "a\u00a0b\u202fc", "\ufeffRnd", "İstanbul ẞ", "½ 🧶 \ud800", "a\0b"])(
    "%j keeps its length, so places stay true",
    (text) => expect(regular(text).length).toBe(text.length),
  );
  it("makes signs plain", () => expect(regular("“Inc” × 6 – ‘sc’")).toBe("\"inc\" x 6 - 'sc'"));
  it("ends lines for all three line ends", () => {
    expect(
      linesOf(regular("a\r\nb\rc\nd")).map((l) => regular("a\r\nb\rc\nd").slice(l.from, l.to).trim()),
    ).toEqual(["a", "b", "c", "d"]);
  });
});

describe("tokens", () => {
  it("split what is written without spaces, and know numbers in words", () => {
    expect(tokenize("5sc,inc x6 sc2tog 2nd six", 0, 25).map((t) => [t.kind, t.text])).toEqual([
      ["number", "5"],
      ["word", "sc"],
      ["mark", ","],
      ["word", "inc"],
      ["word", "x"],
      ["number", "6"],
      ["word", "sc2tog"],
      ["ordinal", "2nd"],
      ["number", "six"],
    ]);
  });
  it("cover every visible character, in order, without overlap", () => {
    const text = regular("Rnd 1: *(sc, inc)× 6 = “18” 🧶 ß §%&");
    const tokens = tokenize(text, 0, text.length);
    expect(tokens.map((t) => t.text).join("")).toBe(text.replace(/\s/g, ""));
    tokens.slice(1).forEach((t, i) => expect(t.from).toBeGreaterThanOrEqual(tokens[i]?.to ?? 0));
  });
});

describe("stitch names", () => {
  // Craft Yarn Council, crochet abbreviations and the US/UK comparison (from memory).
  it.each([
    ["sc", "sc"],
    ["single crochet", "sc"],
    ["hdc", "hdc"],
    ["half double crochet", "hdc"],
    ["double crochet", "dc"],
    ["treble crochet", "tr"],
    ["sl st", "slst"],
    ["slip stitch", "slst"],
    ["ch", "ch"],
    ["chain", "ch"],
    ["reverse sc", "rsc"],
  ] as const)("US %s is %s", (text, stitch) => {
    expect(readStitch(at(text), "us")).toMatchObject({ stitch, kind: "plain" });
  });
  it.each([
    ["dc", "sc"],
    ["double crochet", "sc"],
    ["htr", "hdc"],
    ["half treble", "hdc"],
    ["tr", "dc"],
    ["treble crochet", "dc"],
    ["dtr", "tr"],
    ["double treble", "tr"],
    ["ss", "slst"],
  ] as const)("UK %s is US %s", (text, stitch) => {
    expect(readStitch(at(text), "uk")).toMatchObject({ stitch, kind: "plain" });
  });
  it.each([
    ["inc", "inc", 2],
    ["increase", "inc", 2],
    ["sc inc", "inc", 2],
    ["dec", "dec", 2],
    ["invdec", "dec", 2],
    ["inv dec", "dec", 2],
    ["invisible decrease", "dec", 2],
    ["sc2tog", "dec", 2],
    ["sc 2 tog", "dec", 2],
    ["2 sc tog", "dec", 2],
    ["sc3tog", "dec", 3],
    ["hdc2tog", "dec", 2],
  ] as const)("%s is %s of %d", (text, kind, legs) => {
    expect(readStitch(at(text), "us")).toMatchObject({ kind, legs });
  });
  it("prints the stitch in the other terms", () => {
    for (const [uk, us] of UK_TO_US) expect(stitchWord(us, "uk")).toBe(uk);
    expect(stitchWord("slst", "us")).toBe("sl st");
  });
  it.each([
    ["icn", "inc"],
    ["scc", "sc"],
    ["singel", "single"],
    ["decresae", "decrease"],
  ])("%s is near %s", (wrong, right) => expect(nearestStitchWord(wrong)).toBe(right));
  it.each(["marker", "lighthouse", "foo", "x"])("%s is near nothing", (word) =>
    expect(nearestStitchWord(word)).toBeUndefined(),
  );
});

describe("US or UK", () => {
  it.each([
    ["all in UK terms: 6 dc", "uk"],
    ["US terminology. dc around", "us"],
    ["6 sc in ring", "us"],
    ["6 dc, 1 htr", "uk"],
    ["6 dc in ring, 2 dc in each", "uk"],
    ["nothing at all", "us"],
    // A hand that changed over leaves an old word here and there: what stands between increases and decreases
    // is the figure's stitch.
    ["6 dc in mr\n2 dc in each\n(1 dc, inc) x 6\n(1 dc, sc2tog) x 6", "uk"],
    ["r1 mc; 7 dc inside\n(1 dc, inc) x 7\n(2 dc, inc) x 7\nsc around, no increases", "uk"],
    ["dc 8 times in the magic ring\ndc 1, inc; repeat\ndc each st\n*dc in next 3 sts, sc2tog", "uk"],
    ["sc 7 times in the magic ring\n[1 dc, inc] x7\nsc in each st around\n[1 dc, dec] x7", "uk"],
    ["*1 dc followed by 1 inc* 6 times\nsc around\ndc in each of next 2 sts, invdec", "uk"],
    // One fringe of tall ones, a ring of twelve, or an ear beside a figure in "sc" are no sign of it.
    ["6 sc in mr\ninc x 6\n(1 dc, inc) x 6\nsc around", "us"],
    ["12 dc in mr\n(1 dc, inc) x 12\n(2 dc, inc) x 12\nsc around", "us"],
    ["6 sc in mr\n(1 sc, inc) x 6\nsc around\nskirt: (1 dc, inc) x 6\n(2 dc, inc) x 6", "us"],
    ["ear: ch 3 (counts as dc), 5 dc in mr\n1 dc, inc\n2 dc, inc\nsc around", "us"],
    ["rnd 1: ch 3 (stands for 1 dc), 11 dc in ring", "us"],
    ["rnd 1: 12 dc in mr\nrnd 2: ch 3, dc in same st, 2 dc in each st around", "us"],
    ["rnd 1: 6 dc in mr\nrnd 2: (dc, ch 3, dc in same st) x 6", "uk"],
  ] as const)("%s → %s", (text, terms) => {
    const r = recogniseTerms(regular(text));
    expect(r.terms).toBe(terms);
    expect(r.reason.length).toBeGreaterThan(10);
  });
  it("falls back to the maker's own", () => expect(recogniseTerms("ch 9", "uk").terms).toBe("uk"));
});

describe("labels", () => {
  it.each([
    ["Rnd 1:", 1, 1],
    ["R2.", 2, 2],
    ["Round #3 -", 3, 3],
    ["Rnds 4-9:", 4, 9],
    ["R5–R9:", 5, 9],
    ["Rounds 5 through 9:", 5, 9],
    ["Rounds 5, 6 and 7:", 5, 7],
    ["Rnd 6 - Rnd 9:", 6, 9],
    ["1st rnd:", 1, 1],
    ["5th-9th rounds:", 5, 9],
    ["12:", 12, 12],
  ])("%s", (text, first, last) => {
    expect(likeliestLabel(at(text), true)).toMatchObject({ first, last });
  });
  it("knows the next rounds without a number", () =>
    expect(likeliestLabel(at("Next 4 rnds:"), true)).toMatchObject({ first: undefined, many: 4 }));
  it("keeps a list with gaps as a list", () =>
    expect(likeliestLabel(at("Rounds 3, 5 and 7:"), true)?.list).toEqual([3, 5, 7]));
  it.each(["6 sc in magic ring", "3 mm hook", "Head", "2"])("%s is no label", (text) =>
    expect(likeliestLabel(at(text), true)).toBeUndefined(),
  );
});

describe("colours", () => {
  it.each([
    ["change to white", "white"],
    ["switch to dark grey", "dark grey"],
    ["with colour B", "B"],
    ["in puce", undefined],
    ["change colour to rope brown", "rope brown"],
    ["using MC", "MC"],
    ["in next st", undefined],
  ])("%s → %s", (text, slot) => expect(readColourChange(at(text))).toBe(slot));
  it("reads shades of several words, and leaves what is none", () => {
    expect(readShade(at("pale sea green yarn"))).toBe("pale sea green");
    expect(readShade(at("pale ale"))).toBeUndefined();
  });
});

describe("events", () => {
  const event = (text: string) => {
    const c = at(text);
    return readEvent(c, c.tokens.length);
  };
  it.each([
    ["stuff lightly", { kind: "stuff", firmness: "light", none: false }],
    ["fill firmly", { kind: "stuff", firmness: "firm", none: false }],
    ["do not stuff", { kind: "stuff", firmness: undefined, none: true }],
    ["close the hole", { kind: "close" }],
    ["sew on over 12 sts", { kind: "sew", stitches: 12 }],
    ["embroider a mouth", { kind: "embroider", count: 1 }],
    ["attach the keyring", { kind: "sew", stitches: undefined }],
  ])("%s", (text, expected) => expect(event(text)).toEqual(expected));
  it.each([
    ["insert 8 mm eyes between rounds 9 and 10, 7 sts apart", 2, 8, [9, 10], 7],
    ["place safety eyes (6 mm) between rnd 5 & 6", 2, 6, [5, 6], undefined],
    ["attach one eye 5 mm", 1, 5, undefined, undefined],
  ])("%s", (text, count, sizeMm, rounds, apart) => {
    expect(event(text)).toMatchObject({ kind: "eyes", count, sizeMm, ...(rounds ? { rounds } : {}), apart });
  });
  it.each([
    ["fasten off, leave a 30 cm tail for sewing", 300, true],
    ["cut yarn leaving a 12 in tail", 304.8, false],
    ["fasten off", undefined, false],
  ])("%s", (text, tailMm, forSewing) => {
    const got = event(text);
    expect(got).toMatchObject({ kind: "fasten-off", forSewing });
    expect(got?.kind === "fasten-off" ? (got.tailMm ?? 0) : NaN).toBeCloseTo(tailMm ?? 0, 9);
  });
});

describe("messages", () => {
  const all: ProblemDetail[] = [
    { code: "repeat-does-not-fit", unit: 3, available: 20, over: 2 },
    { code: "too-few-used", used: 12, available: 18, made: 18 },
    { code: "too-many-used", used: 14, available: 12, made: 20 },
    { code: "total-wrong", made: 12, written: 13, used: 6, available: 6 },
    { code: "count-wrong", used: 10, available: 12, made: 15, written: 18 },
    { code: "totals-disagree", first: 12, second: 18 },
    { code: "stitches-left", used: 8, available: 12 },
    { code: "round-missing", expected: 3, found: 4 },
    { code: "round-missing", expected: 3, found: 6 },
    { code: "round-twice", number: 2, line: 3 },
    { code: "range-length", written: 3, counted: 4 },
    { code: "range-backwards", first: 9, last: 5 },
    { code: "no-such-round", number: 7, part: undefined },
    { code: "no-such-round", number: 7, part: "Head" },
    { code: "no-such-part", name: "Arm" },
    { code: "unknown-word", word: "icn", near: "inc" },
    { code: "unknown-word", word: "foo", near: undefined },
    { code: "not-understood", text: "?!" },
    { code: "unclosed-bracket", bracket: "(" },
    { code: "unopened-bracket", bracket: ")" },
    { code: "repeat-without-start" },
    { code: "number-asked", text: "until long enough" },
    { code: "too-large", what: "repeat", limit: 10 },
    { code: "opening-too-small", what: "eyes", count: 6, least: 12 },
    { code: "nothing-to-read" },
    { code: "more-problems", shown: 100 },
  ];
  it("say both numbers, in whole sentences, and never the code", () => {
    for (const p of all) {
      const text = problemText(p);
      expect(text).toMatch(/[.?]$/);
      expect(text).not.toContain(p.code);
      expect(text).not.toMatch(/undefined|NaN|\[object/);
      for (const [key, value] of Object.entries(p))
        if (
          typeof value === "number" &&
          !["made", "unit", "used"].includes(key) &&
          p.code !== "round-missing" &&
          p.code !== "stitches-left" &&
          p.code !== "total-wrong"
        )
          expect(text).toContain(String(value));
    }
  });
});
