import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const ROUNDS = "Rnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)";
const named = (head: string) => checkPattern(`${head}\n${ROUNDS}`).parts.map((p) => p.name);

describe("the name of a part", () => {
  it.each([
    ["Arm, small (leaf green, ×1)", "Arm, small"],
    ["Cap, underside – white", "Cap, underside"],
    ["Leg, back (make 2)", "Leg, back"],
    ["Ear, left", "Ear, left"],
    ["Fish-tail charm", "Fish-tail charm"],
    ["HEAD-BODY, green", "HEAD-BODY"],
    ["Egg-shaped chick with evenly spaced shaping", "Egg-shaped chick"],
    // What stands behind a comma is a colour or how it is worked.
    ["Ears, white", "Ears"],
    ["Collar, fluffy yarn", "Collar"],
  ])("%s", (head, name) => {
    expect(named(head)).toEqual([name]);
  });
  it("tells two of a kind apart", () => {
    const two = checkPattern(`Arm, small\n${ROUNDS}\n\nArm, large\n${ROUNDS}\nRnd 3: 12 sc (12)`);
    expect(two.parts.map((p) => p.name)).toEqual(["Arm, small", "Arm, large"]);
  });
});
