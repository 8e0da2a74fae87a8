import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const LEG = "Rnd 1: 6 sc in MR (6)\nRnd 2: (sc, inc) x 3 (9)\nRnd 3-6: sc around (9)\n";
const joined = (line: string) =>
  `LEG 1\n${LEG}Fasten off.\n\nLEG 2\n${LEG}Do not fasten off.\n\nBODY\n${line}\nRnd 8: sc around (22)\n`;

/** Two legs of nine and both sides of two chains, in many words. Written down before any was read. */
const WAYS = [
  "Rnd 7: ch 2, join to leg 1 and sc around leg 1 (9), sc in 2 ch, sc around leg 2 (9), sc in other side of ch 2 (22)",
  "Rnd 7: ch 2, join to leg 1, sc around leg 1 (9 sts), sc in each of 2 ch, sc around leg 2 (9 sts), sc in each of 2 ch (22)",
  "Rnd 7: ch 2, 9 sc around leg 1, 2 sc along the ch, 9 sc around leg 2, 2 sc along the other side of the ch (22)",
  "Rnd 7: chain 2 and join with a sc to leg 1, sc 8 more around leg 1, sc 2 across chain, sc 9 around leg 2, sc 2 across chain (22)",
  "Rnd 7: ch 2, sl st to leg 1; sc in all 9 sts of leg 1, sc in both chains, sc in all 9 sts of leg 2, sc in both chains from the other side (22)",
  "Rnd 7: ch 2. Sc in each st of leg 1. Sc in each ch. Sc in each st of leg 2. Sc in each ch on the back. (22)",
  "Rnd 7: ch 2, sc 9 (leg 1), sc 2 (chain), sc 9 (leg 2), sc 2 (chain) (22)",
  "Rnd 7: ch 2; leg 1: 9 sc; chain: 2 sc; leg 2: 9 sc; chain: 2 sc (22)",
  "Rnd 7: [9 sc on leg 1, 2 sc on ch], [9 sc on leg 2, 2 sc on ch] (22)",
  "Ch 2 to join the legs.\nRnd 7: 9 sc around leg 1, 2 sc in ch, 9 sc around leg 2, 2 sc in ch (22)",
  "Chain 2 and connect to the other leg with a sl st.\nRnd 7: sc 9, sc 2 in the chain, sc 9, sc 2 in the chain (22)",
  "Rnd 7: sc around the first leg (9), sc in the 2 chains (2), sc around the second leg (9), sc in the 2 chains (2). Total 22",
  "Rnd 7: join legs: ch 2, sc 9 on leg 1, 1 sc in each ch, sc 9 on leg 2, 1 sc in each ch = 22 sc",
  "Rnd 7: ch 2, join with leg 1. sc around both legs and both sides of the chain. (22)",
];

describe("two limbs and a chain between them", () => {
  it.each(WAYS)("%s", (line) => {
    const read = checkPattern(joined(line));
    expect(read.problems).toEqual([]);
    expect(read.parts.at(-1)?.rounds.map((r) => r.count)).toEqual([22, 22]);
  });
  it("a sum that the legs and the chain do not come to is told", () => {
    const read = checkPattern(
      joined("Rnd 7: ch 2, 9 sc around leg 1, 2 sc along the ch, 9 sc around leg 2, 2 sc along the ch (23)"),
    );
    expect(read.problems.some((p) => p.severity === "error")).toBe(true);
  });
});
