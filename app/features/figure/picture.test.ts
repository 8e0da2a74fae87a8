import { describe, expect, it } from "vitest";
import { estimatePiece } from "@core/estimate";
import { checkPattern } from "@core/notation";
import { mm } from "@core/units";
import { figureAnswer, shownFrom, VIEWS, type PictureTask } from "./picture";

const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };
const LYING = `Shell
Row 1: ch 7, turn
Row 2: 6 sc, ch 1, turn (6)
Row 3: inc, 4 sc, inc, ch 1, turn (8)
Rows 4-6: 8 sc, ch 1, turn (8)
Fasten off.

Pearl
Rnd 1: 6 sc in magic ring (6)
Rnd 2: sc around (6)
Fasten off.

Sew the pearl inside.`;
const BALL = `Body
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-6: sc around (12)
Stuff.
Rnd 7: dec x 6 (6)
Close.

Nose
Rnd 1: 5 sc in magic ring (5)
Fasten off.

Tail
Rnd 1: 5 sc in magic ring (5)
Rnd 2: sc around (5)
Fasten off.

Assembly
Sew the nose between rounds 3 and 4 of the body.`;

function task(text: string): Omit<PictureTask, "as"> {
  const checked = checkPattern(text);
  const piece = estimatePiece({ pattern: checked, specOf: () => spec, firmness: "medium", hanger: false });
  return {
    checked,
    text,
    parts: piece.parts.map((p) => ({ part: p.part, fabric: p.fabric })),
    colours: {},
    view: VIEWS.turned,
    width: 100,
    height: 100,
    title: "",
  };
}
/** Rows of the picture that something is in. */
function rowsDrawn(view: PictureTask["view"], text: string): number {
  const got = figureAnswer({ ...task(text), view, as: "pixels" });
  if (got?.kind !== "pixels") throw new Error("a picture was asked for");
  const { width, height, rgba } = got;
  const drawn = (y: number) =>
    Array.from({ length: width }, (_, x) => rgba[(y * width + x) * 4 + 3]).some((a) => (a ?? 0) > 0);
  return Array.from({ length: height }, (_, y) => y).filter(drawn).length;
}

describe("the picture of an item", () => {
  it("shows the face of what lies flat, and what stands as it stands", () => {
    const lying = { height: 3, width: 30, depth: 28 };
    expect(shownFrom(VIEWS.turned, lying).tilt).toBeGreaterThan(45);
    expect(shownFrom(VIEWS.side, lying)).toEqual(VIEWS.side);
    expect(shownFrom(VIEWS.turned, { ...lying, height: 20 })).toEqual(VIEWS.turned);
    // Its edge is a line; its face fills most of the picture.
    expect(rowsDrawn(VIEWS.side, LYING)).toBeLessThan(30);
    expect(rowsDrawn(VIEWS.turned, LYING)).toBeGreaterThan(60);
  });
  it("is measured with where each part goes, and whether the pattern says so", () => {
    const got = figureAnswer({ ...task(BALL), as: "measures" });
    if (got?.kind !== "measures") throw new Error("measures were asked for");
    const [nose, tail] = [1, 2].map((part) => got.measures.places.find((p) => p.part === part));
    expect(nose).toMatchObject({ copy: 1, guessed: false });
    expect(nose?.where).toContain("between rounds 3 and 4 of the body");
    expect(tail).toMatchObject({ guessed: true });
    expect(got.measures.places).toHaveLength(2);
  });
});
