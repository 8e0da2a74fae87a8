import { describe, expect, it } from "vitest";
import { checkPattern } from "..";
import { linesOf, regular } from "../text";
import { unwrapped } from "./unwrap";

const joined = (text: string) => {
  const plain = regular(text);
  return unwrapped(plain, text, linesOf(plain)).map((l) => [l.number, text.slice(l.from, l.to)]);
};

describe("lines that a page broke", () => {
  it("are put together where a sentence goes on", () => {
    const text =
      "Rnd 3. *Sc in next sc, 2 sc in next sc. Repeat from *\naround. (18)\nRnd 4. Sc in each sc around, all of them plain, and\nmore of the same.";
    expect(joined(text).map(([n]) => n)).toEqual([1, 3]);
  });
  it("are left alone behind a stop, a total, a short line, and in front of a label, an event and a name", () => {
    for (const text of [
      "Rnd 3: sc in each stitch all the way around.\nstuff the head",
      "Rnd 3: sc in each stitch all the way around (18)\nthen the next part",
      "Rnd 3: sc in each stitch around, 18 in all\nsl st in next st",
      "sc around\nand again",
      "Rnd 3: sc in each stitch all the way around\nrnd 4: dec around",
      "start with six single crochet in an adjustable ring\nnext 3 rnds: 1 sc in each",
      "materials: 4-ply cotton blue + white, a hook\nbody blue\nr1 6 sc in mr",
    ])
      expect(joined(text).length, text).toBe(text.split("\n").length);
  });
  it("count as they do on one line", () => {
    const broken =
      "Bill\nCh 4.\nRnd 1. Sc in 2nd ch from hook, sc in next ch, 3 sc in last\nch. Working along the other side, sc in next ch, 2 sc in\nlast ch. (8)\nRnd 2. Sc in each sc around. (8)";
    const p = checkPattern(broken);
    expect([p.parts.map((x) => x.rounds.map((r) => r.count)), p.problems]).toEqual([[[8, 8]], []]);
  });
});
