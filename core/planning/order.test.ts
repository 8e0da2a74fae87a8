import { describe, expect, it } from "vitest";
import { estimatePiece } from "../estimate";
import { checkPattern } from "../notation";
import { CORPUS } from "../../tests/corpus";
import { mm } from "../units";
import { orderOfWork } from "./order";

const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };
function order(text: string) {
  const pattern = checkPattern(text);
  const { parts } = estimatePiece({ pattern, specOf: () => spec, firmness: "medium", hanger: true });
  return orderOfWork(
    pattern,
    parts.map((p) => p.fabric),
  );
}
const BALL =
  "Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-7: sc around (18)";
const places = (text: string) => {
  const { steps } = order(text);
  return (re: RegExp) => steps.findIndex((s) => re.test(s.label));
};

describe("order of work", () => {
  it.each(CORPUS.map((c) => [c.hand, c.text] as const))(
    "keeps every precedence it names: %s",
    (_hand, text) => {
      const { steps, edges } = order(text);
      const at = new Map(steps.map((s, i) => [s.id, i]));
      expect(at.size).toBe(steps.length);
      for (const e of edges) {
        expect(at.get(e.before), `${e.before} → ${e.after}`).toBeLessThan(at.get(e.after) ?? -1);
        expect(e.why.length).toBeGreaterThan(10);
      }
    },
  );
  // The precedences below are facts of craft §1: common practice, no source.
  it("presses eyes before filling, fills before closing", () => {
    const at = places(
      `Head\n${BALL}\nInsert 6 mm eyes between rounds 4 and 5, 3 sts apart.\nRnd 8: (sc, dec) x 6 (12)\nStuff.\nRnd 9: dec x 6 (6)\nClose the hole.`,
    );
    expect(at(/eyes/)).toBeGreaterThan(at(/rnds 1–/));
    expect(at(/Fill/)).toBeGreaterThan(at(/eyes/));
    expect(at(/Close/)).toBeGreaterThan(at(/Fill/));
  });
  it("makes ears before the round that takes them in", () => {
    const at = places(
      `Head\n${BALL}\nRnd 8: 3 sc, 3 sc through ear and head together, 12 sc (18)\n\nEar\nRnd 1: 6 sc in magic ring (6)\nRnd 2: 6 sc (6)`,
    );
    expect(at(/Ear/)).toBeLessThan(at(/Head/));
    expect(at(/Sew on: Ear/)).toBe(-1);
  });
  it("joins with the front: the back is made first", () => {
    const at = places(
      "Back\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nFasten off.\n\nFront\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: sc through both layers around, 12 sc (12)",
    );
    expect(at(/Back/)).toBeLessThan(at(/Front/));
  });
  it("sews a snout on before the eyes, other parts when the body is closed", () => {
    const at = places(
      `Head\n${BALL}\nInsert 6 mm eyes between rounds 4 and 5, 3 sts apart.\nRnd 8: (sc, dec) x 6 (12)\nStuff.\nRnd 9: dec x 6 (6)\n\nSnout\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\n\nWing (make 2)\nRnd 1: 5 sc in magic ring (5)\nRnd 2: inc x 5 (10)`,
    );
    expect(at(/Sew on: Snout/)).toBeLessThan(at(/eyes/));
    expect(at(/Sew on: 2 × Wing/)).toBeGreaterThan(at(/Close/));
    expect(at(/Hang,/)).toBeGreaterThan(at(/ends/));
  });
});
