import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const FIGURE = `Shell (slate)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-4: 12 sc (12)
Rnd 5: dec x 6 (6)
Stuff, close.

Pearl (cream)
1) 6 sc in ring (6)
2) 6 inc (12)

`;
/** Chains of all that is made, and those of cords told of in the making-up. */
function cordIn(text: string) {
  const checked = checkPattern(FIGURE + text);
  const cords = checked.assembly.flatMap(({ event }) => (event.kind === "cord" ? [event] : []));
  return {
    worked: checked.parts.reduce((sum, p) => sum + (p.made.ch ?? 0) * p.make, 0),
    told: cords.map((c) => [c.count, c.chains]),
    slots: cords.map((c) => c.slot),
    problems: checked.problems.length,
    uncounted: checked.uncounted.length,
  };
}

describe("a cord told of in passing is made", () => {
  it.each([
    ["Assembly\nSew the pearl onto the shell. Hang on a loop of 12 ch in slate.", [1, 12]],
    ["Sew the pearl inside. Make a loop of 12 ch.", [1, 12]],
    ["Ch 12 for a loop, sew on.", [1, 12]],
    ["Finishing: attach yarn at the top, ch 20, fasten off.", [1, 20]],
    ["Assembly\nSew on the pearl. Chain 15 and sew both ends to the top of the head.", [1, 15]],
    ["For the hanger ch 30 and knot.", [1, 30]],
    ["Making up: sew the pearl on. Crochet a chain of 40 for the hanger and sew it on.", [1, 40]],
    ["Add a ch-24 loop to the crown.", [1, 24]],
    ["For hanging, make a chain that is 30 sts long and tie it through the top.", [1, 30]],
    ["Assembly\nWork two ties of 25 ch each and sew one on each side.", [2, 25]],
  ] satisfies [string, [number, number]][])("%s", (text, told) =>
    expect(cordIn(text)).toMatchObject({ worked: 0, told: [told], problems: 0, uncounted: 0 }),
  );
  it("or belongs to the round above, where it stands right below it", () =>
    expect(cordIn("Thread the cord (ch 50) through round 4.").worked).toBe(50));
  it("in the colour that is named", () =>
    expect(cordIn("Assembly\nSew the pearl on. Hang on a loop of 12 ch in slate.").slots).toEqual(["slate"]));
  it.each([
    "Notes\nEvery round begins with ch 1, it does not count.",
    "Assembly\nUse the loop of the last ch to fasten.",
    "Assembly\nSew the pearl on. The loop is 8 cm of chain.",
    "Assembly\nSew on 6 sts left of the middle; hang it on a ring.",
  ])("but not of what only speaks of one: %s", (text) =>
    expect(cordIn(text)).toMatchObject({ worked: 0, told: [] }),
  );
  it.each([
    "Hanger\nCh 20.\n\nAssembly\nSew the ch-20 loop to the top.",
    "Hanger (make 1): 20 ch, sl st to first ch.\n\nSew the hanger (20 ch) on.",
  ])("and not twice: %s", (text) => expect(cordIn(text)).toMatchObject({ worked: 20, told: [] }));
});
