import { describe, expect, it } from "vitest";
import { checkPattern, type CheckedPart } from "../notation";
import { mm } from "../units";
import { bodyIndices, fabricPart, filledShape, gaugePrior } from ".";
import { openStart } from "./body";

const partOf = (text: string): CheckedPart => {
  const part = checkPattern(text).parts.at(-1);
  if (!part) throw new Error("no part");
  return part;
};
const GROWING = "R1: 6 sc in mr (6)\nR2: inc x 6 (12)\nR3: (sc, inc) x 6 (18)\n";

describe("the rounds of a body", () => {
  it("leave out a frill that is worked before the body goes on behind it", () => {
    const jelly = partOf(
      `Jelly\n${GROWING}R4: sc around (18)\nR5: in front loops: 3 dc in each st (54)\nR6: in back loops of R4: sc around (18)\nR7: (sc, dec) x 6 (12)\nR8: dec x 6 (6)`,
    );
    expect(bodyIndices(jelly)).toEqual([0, 1, 2, 3, 5, 6, 7]);
    const plain = partOf(`Jelly\n${GROWING}R4-5: sc around (18)\nR6: (sc, dec) x 6 (12)\nR7: dec x 6 (6)`);
    const gauge = gaugePrior(3, mm(3));
    expect(fabricPart(jelly, gauge, "medium").volume).toBeCloseTo(
      fabricPart(plain, gauge, "medium").volume,
      6,
    );
  });
  it("keep the body when the frill is worked last", () => {
    const skirt = partOf(
      `Doll\n${GROWING}R4: in back loops: sc around (18)\nR5: (sc, dec) x 6 (12)\nR6: dec x 6 (6)\nR7: in the front loops of R3: 3 dc in each st (54)`,
    );
    expect(bodyIndices(skirt)).toEqual([0, 1, 2, 3, 4, 5]);
  });
});

describe("a part that begins with an edge", () => {
  const BRIDGE = `Leg (make 2)\nR1: 6 sc in mr (6)\nR2: inc x 6 (12)\nR3: sc around (12)\n\nBody\nR1: 12 sc around the first leg, ch 3, 12 sc around the second leg, 3 sc on the chain (30)\nR2: sc around (30)`;
  it.each([
    ["a magic ring", `Ball\n${GROWING}`, false],
    ["a chain of two", "Ball\nR1: ch 2, 6 sc in 2nd ch from hook (6)\nR2: inc x 6 (12)", false],
    [
      "a long chain, joined",
      "Cuff\nCh 24, join with sl st to form a ring.\nR1: sc in each ch around (24)\nR2: sc around (24)",
      true,
    ],
    ["two legs", BRIDGE, true],
  ])("%s: %s", (_what, text, open) => expect(openStart(partOf(text))).toBe(open));
});

describe("what is no end of a part", () => {
  it("pulling the ring tight", () => {
    const cup = partOf(
      `Cup\nR1: 6 sc in mr, pull tight (6)\nR2: inc x 6 (12)\nR3-5: sc around (12)\nFasten off.`,
    );
    expect(fabricPart(cup, gaugePrior(3, mm(3)), "medium").openEnd).toBe(true);
  });
});

describe("a pressure that would tear the fabric", () => {
  // Found by the second reckoning (tests/reference): the first Newton steps ran off, and the volume was none.
  it("is lowered until the widest round is stretched by no more than its firmness", () => {
    const rounds = [6, 12, 18, 24, 24, 24, 24, 30, 18, 12, 6];
    const heights = rounds.map((n) => (n === 30 ? 1.4 : 1));
    const shape = filledShape({ rounds, heights, width: mm(4.656), height: mm(4.33), firmness: "firm" });
    expect(shape.volume).toBeGreaterThan(25_000);
    expect(shape.residual).toBeLessThan(1e-6);
  });
});
