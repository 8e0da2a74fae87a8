import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** A chain with a number of its own, one without, and what goes into it: every one with every other. */
const LABELS = [
  ["Row 1: ", "Row 2: "],
  ["1. ", "2. "],
  ["Rnd 1 - ", "Rnd 2 - "],
  ["Foundation row: ", "Row 1: "],
  ["", "Row 1: "],
  ["Row 0: ", "Row 1: "],
] as const;
const CHAINS = ["ch 16", "ch 16, turn", "chain 16.", "16 ch", "Chain 16 stitches", "ch 16 loosely"];
const FIRST = [
  ["sc in 2nd ch from hook and in each ch across (15)", 15],
  ["sc in each ch from the 2nd (15)", 15],
  ["15 sc (15)", 15],
  ["starting in the 2nd ch, sc across (15)", 15],
  ["sc in second chain from hook, sc in next 14 (15)", 15],
  ["skip 1 ch, sc in each ch (15)", 15],
  ["hdc in 3rd ch from hook and each ch across (14)", 14],
  ["2 sc in 2nd ch from hook and in each ch across (30)", 30],
  ["2 sc in each ch, starting in the 2nd (30)", 30],
  ["inc in each ch starting from 2nd ch from hook (30)", 30],
  ["sc back along the chain (15)", 15],
] as const;

describe("the first row on a chain", () => {
  it.each(FIRST)("%s", (work, count) => {
    for (const [one, two] of LABELS)
      for (const chain of CHAINS) {
        const text = `Strap\n${one}${chain}\n${two}${work}\nFasten off.\n`;
        const read = checkPattern(text);
        expect({ text, told: read.problems.map((p) => p.code) }).toEqual({ text, told: [] });
        expect(read.parts.map((p) => p.rounds.at(-1)?.count)).toEqual([count]);
      }
  });
  it("may be laid with its sum, which is what it lays", () => {
    const read = checkPattern("Strap\nRow 1: ch 16 (16)\nRow 2: sc in 2nd ch from hook and in each ch (15)");
    expect(read.problems).toEqual([]);
    expect(read.parts[0]?.rounds.map((r) => r.count)).toEqual([16, 15]);
  });
  it("that leaves chains over is told", () => {
    const read = checkPattern("Strap\nRow 1: ch 16\nRow 2: sc in 2nd ch from hook, sc in next 11 (12)");
    expect(read.problems.map((p) => p.code)).not.toEqual([]);
  });
});
