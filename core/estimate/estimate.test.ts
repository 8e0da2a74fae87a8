import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import { mm } from "../units";
import {
  estimateOf,
  estimatePiece,
  inWords,
  tensionOf,
  timesAlike,
  wordHow,
  Z90,
  type Reason,
  type YarnSpec,
} from ".";

const DK: YarnSpec = { label: "DK", weight: 3, hook: mm(5), metresPer100g: 200, strands: 1 };
const piece = (text: string, spec: Partial<YarnSpec> = {}) =>
  estimatePiece({
    pattern: checkPattern(text),
    specOf: () => ({ ...DK, ...spec }),
    firmness: "medium",
    hanger: false,
  });
const BALL =
  "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-6: 18 sc (18)\nRnd 7: (sc, dec) x 6 (12)\nRnd 8: dec x 6 (6)\nFasten off.";

/** Leaves of a reasons tree add up to their parents, wherever a parent lists parts of its own measure. */
function checkSums(r: Reason): void {
  const parts = r.parts?.filter((p) => p.measure === r.measure) ?? [];
  if (parts.length > 1) expect(parts.reduce((s, p) => s + p.value, 0)).toBeCloseTo(r.value, 6);
  r.parts?.forEach(checkSums);
}

describe("yarn", () => {
  it("is stitches × ratio × length of one sc, plus tails (worked by hand)", () => {
    // At its middle hook, class 3: w = 101.6 ÷ 14.5 = 7.00690 mm; L = 5.7 w = 39.9393 mm.
    // Stitches: 6 + 12 + 18 + 3 × 18 + 12 + 6 = 108 sc, 12 of them two together at 1.35: 96 + 12 × 1.35 =
    // 112.2.
    // 112.2 × 39.9393 mm = 4.48119 m; tails 12.5 + 17.5 cm = 0.3 m.
    const y = piece(BALL).yarn[0];
    expect(y?.metres.value).toBeCloseTo(4.78119, 4);
    expect(y?.grams.value).toBeCloseTo(4.78119 / 2, 4);
  });
  it("says how sure it is: 22 % on the stitches, none on the tails", () => {
    const y = piece(BALL).yarn[0]?.metres;
    // Hand 17 %, line 8 %, shade 5 %, item 4.5 %: 19.96 %, and Student's t of twelve over the normal's, 1.0832.
    const sigma = (4.48119 * 0.199562 * 1.083198) / 4.78119;
    expect((y?.high ?? 0) / (y?.value ?? 1)).toBeCloseTo(Math.exp(Z90 * sigma), 5);
    expect((y?.value ?? 0) / (y?.low ?? 1)).toBeCloseTo(Math.exp(Z90 * sigma), 5);
  });
  it("one sc takes about eight hook diameters in matching yarn (common practice, no source)", () => {
    for (const [weight, hook] of [
      [2, 4],
      [3, 5],
      [4, 6],
      [5, 7.75],
    ] as const) {
      const each = tensionOf({ ...DK, weight, hook: mm(hook) }).perStitch;
      expect(each / hook).toBeGreaterThan(6.5);
      expect(each / hook).toBeLessThan(9.5);
    }
  });
  it("a swatch's sample replaces the average and narrows the range", () => {
    const swatch = { label: "your swatch of 3 Nov", sample: { stitches: 20, mm: mm(600) } };
    const before = piece(BALL).yarn[0]?.metres;
    const y = piece(BALL, { swatch }).yarn[0]?.metres;
    expect(y?.value).toBeCloseTo((112.2 * 30) / 1000 + 0.3, 6);
    expect((y?.high ?? 0) / (y?.low ?? 1)).toBeLessThan((before?.high ?? 0) / (before?.low ?? 1));
    expect(JSON.stringify(y?.reason)).toContain("your swatch of 3 Nov");
  });
  it("doubles with two strands", () => {
    expect(
      (piece(BALL, { strands: 2 }).yarn[0]?.metres.value ?? 0) / (piece(BALL).yarn[0]?.metres.value ?? 1),
    ).toBeCloseTo(2, 9);
  });
  it("takes the tail that the pattern names, and one long enough to sew on", () => {
    const named = piece("Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nFasten off, leave a 60 cm tail.");
    const plain = piece("Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nFasten off.");
    expect((named.yarn[0]?.metres.value ?? 0) - (plain.yarn[0]?.metres.value ?? 0)).toBeCloseTo(
      0.6 - 0.175,
      9,
    );
  });
});

describe("a piece", () => {
  const two = `Head\n${BALL}\n\nEar\nmake 2\nRnd 1: 5 sc in mr (5)\nRnd 2: 5 sc (5)\nFasten off.`;
  it("counts parts as often as they are made", () => {
    const p = piece(two);
    const ear = p.parts[1];
    const head = p.parts[0];
    expect(p.yarn[0]?.metres.value).toBeCloseTo(
      (head?.yarn[0]?.metres.value ?? 0) + 2 * (ear?.yarn[0]?.metres.value ?? 0),
      9,
    );
    expect(ear?.held).toBe("sewn");
  });
  it("explains every figure by parts that add up", () => {
    const p = piece(two);
    for (const e of [p.seconds, p.filling, ...p.yarn.flatMap((y) => [y.metres, y.grams])])
      checkSums(e.reason);
  });
  it("asks for the eyes that the pattern names", () => {
    const p = estimatePiece({
      pattern: checkPattern(
        "Rnd 1: 6 sc in mr (6)\nRnds 2-8: inc in each st (768)\nInsert 6 mm safety eyes between rounds 2 and 3, 4 sts apart.",
      ),
      specOf: () => DK,
      firmness: "medium",
      hanger: false,
    });
    expect(p.hardware).toEqual([{ kind: "eye", sizeMm: 6, count: 2 }]);
  });
  it("fills by volume and packing: twice as firm by density is heavier", () => {
    const firm = piece(`${BALL}\nStuff firmly.`).filling.value;
    const light = piece(`${BALL}\nStuff lightly.`).filling.value;
    expect(firm / light).toBeGreaterThan(2); // craft §4: grams differ two to three times
    expect(firm / light).toBeLessThan(5);
  });
  it("stays inside the demonstration pace of the trade (guide §6, common practice)", () => {
    const p = piece(BALL);
    const crochet = p.parts[0]?.seconds.reason.parts?.find((x) => x.label === "crochet")?.value ?? 0;
    expect(crochet / 108).toBeGreaterThan(2);
    expect(crochet / 108).toBeLessThan(5.5);
  });
});

describe("arithmetic in words", () => {
  it("prints each quantity in the reader's units", () => {
    const how = `3 × ${inWords("mm", 25.4)} + ${inWords("grams", 1e-7)}`;
    expect(wordHow(how, (v, m) => `${v}<${m}>`)).toBe("3 × 25.4<mm> + 1e-7<grams>");
    expect(wordHow("no braces {x}", () => "?")).toBe("no braces {x}");
  });
  it("leaves no quantity of a piece without its braces", () => {
    const hows: string[] = [];
    const walk = (r: Reason): void => {
      if (r.how) hows.push(r.how);
      r.parts?.forEach(walk);
    };
    walk(piece(BALL).yarn[0]?.grams.reason ?? { label: "", measure: "grams", value: 0 });
    expect(hows.length).toBeGreaterThan(2);
    for (const h of hows) expect(h.replace(/\{[^}]*\}/g, "")).not.toMatch(/\d\s?(mm|cm|m|g)\b/);
  });
});

describe("estimates", () => {
  it("hold their value inside their range, and multiply", () => {
    const e = estimateOf(10, 0.1, { label: "x", measure: "grams", value: 10 });
    expect(e.low).toBeLessThan(10);
    expect(e.high).toBeGreaterThan(10);
    expect(timesAlike(e, 3, "3 x").high).toBeCloseTo(3 * e.high, 12);
  });
  it("a textbook ball: six more a round, as many even rounds as increase rounds, mirrored", () => {
    // Standard six-per-round method: n increase rounds come to 6n; the whole ball of n up, n even, n − 1
    // down.
    const n = 5;
    const up = Array.from(
      { length: n - 1 },
      (_, i) => `Rnd ${i + 2}: ${i === 0 ? "inc x 6" : `(${i} sc, inc) x 6`} (${6 * (i + 2)})`,
    );
    const even = `Rnds ${n + 1}-${2 * n}: ${6 * n} sc (${6 * n})`;
    const down = Array.from(
      { length: n - 1 },
      (_, i) =>
        `Rnd ${2 * n + 1 + i}: ${n - 2 - i === 0 ? "dec x 6" : `(${n - 2 - i} sc, dec) x 6`} (${6 * (n - 1 - i)})`,
    );
    const p = checkPattern(["Rnd 1: 6 sc in mr (6)", ...up, even, ...down].join("\n"));
    expect(p.problems).toEqual([]);
    const total = (6 * n * (n + 1)) / 2 + 6 * n * n + (6 * n * (n - 1)) / 2;
    expect(p.parts[0]?.made.sc).toBe(total);
  });
});

describe("time by kind of work", () => {
  const workOf = (pattern: string) => piece(pattern).work;
  it("keeps single crochet, taller stitches, decreases and chains apart in ordinary rounds (craft §6)", () => {
    const work = workOf(
      "Ear\nRow 1: ch 21, sc in 2nd ch from hook, 19 sc, turn (20)\nRow 2: ch 1, 20 sc, turn (20)\nRow 3: ch 3, 20 dc, turn (20)\nRow 4: ch 1, (8 sc, dec) x 2 (18)\nFasten off.",
    );
    expect(work.plain).toBeCloseTo(3 * (20 + 20 + 16), 6);
    expect(work.tall).toBeCloseTo(4.6 * 20, 6);
    expect(work.shaping).toBeCloseTo(4.5 * 2, 6);
    expect(work.chains).toBeGreaterThan(1.2 * 20);
    expect(work.tiny).toBeUndefined();
  });
  it("counts cramped rounds by where they are, whatever is worked in them", () => {
    const work = workOf(
      "Body\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnd 4: 18 sc (18)\nStuff firmly.\nRnd 5: (sc, dec) x 6 (12)\nRnd 6: dec x 6 (6)\nFasten off and close the hole.",
    );
    expect(work.tiny).toBeCloseTo((5 / 3) * 3 * 6, 6);
    expect(work.plain).toBeCloseTo(3 * (12 + 18 + 18), 6);
    expect(work.closing).toBeCloseTo(3 * 6 + 12 * 8, 6);
    expect(work.shaping).toBeUndefined();
  });
  it("its seconds are the sum of its kinds at the trade's pace", () => {
    const body = piece(
      "Body\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 hdc (12)\nRnd 4: 12 sc (12)\nFasten off.",
    );
    expect(Object.values(body.work).reduce((a, b) => a + b, 0)).toBeCloseTo(body.seconds.value, 6);
  });
});
