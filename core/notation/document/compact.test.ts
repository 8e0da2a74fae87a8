import { expect, it } from "vitest";
import { checkPattern } from "..";

/** Two ears in a line, between two parts in the long form; every way written down before any was read. */
const EARS = [
  "Ear (make 2): MR 5 sc (5). Inc around (10). Sc around (10). FO.",
  "Ears x2: 5 sc in MR, inc x 5 (10), 10 sc.",
  "Ears (2): mr5, inc5 (10), 10.",
  "EARS - make 2 - 5 sc in MR (5) - inc x5 (10) - sc around (10) - fasten off",
  "Ears, two: 5 sc in a magic ring; 2 sc in each (10); 10 sc; leave a tail.",
  "Ear ×2 / MR 5 / 5 inc / 10 sc / FO",
  "Ears: make two. 5 sc in MR. 5 inc. 10 sc. Fasten off.",
  "2 ears: R1 5sc MR; R2 5inc (10); R3 10sc",
  "Ears x 2 | R1: 5 in MR | R2: inc all (10) | R3: 10",
  "Make two ears: with 5 sc in MR, then inc in each (10), then one round even. Fasten off.",
  "Ears (x2) 1) 5 sc MR 2) inc x5 = 10 3) sc x10",
  "Ears 2x: [5 sc MR], [inc x5], [10 sc]",
  "ears (two): rnd1 mr 5, rnd2 inc all, rnd3 sc all",
  "Two ears: 1st rnd 5 sc in MR, 2nd rnd inc x5 (10), 3rd rnd 10 sc.",
  "Ears (2 pcs.): 1. 5 sc into MR [5]; 2. 5x inc [10]; 3. sc in each [10]; finish off leaving a tail.",
  "Ears: (make 2) Rnd 1: 5 sc in mr. Rnd 2: inc x 5 (10). Rnd 3: sc x 10 (10), FO with tail.",
  "EARS: R1 – 5 sc in MR. R2 – 2 sc in each st = 10. R3 – 10 sc. Make 2.",
  "Ears\n5 sc in MR, inc around (10), sc around (10). Make 2.",
  "Ears (2)\n5 in MR → inc ×5 → 10 sc → FO",
  "Ears:\nMake a magic ring and work 5 sc into it. Work 2 sc in each of the 5 sc. Work 10 sc. Fasten off and make another.",
];
const HEAD = "Cat\n\nHead\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\nRnd 3: dec x6 (6)\n\n";

it.each(EARS)("%s", (ears) => {
  const { parts, problems } = checkPattern(`${HEAD}${ears}\n\nTail\nCh 9, sc back 8.\n`);
  expect(parts.map((p) => [p.make, ...p.rounds.map((r) => r.count)])).toEqual([
    [1, 6, 12, 6],
    [2, 5, 10, 10],
    [1, 8],
  ]);
  expect(problems.filter((p) => p.severity !== "note")).toEqual([]);
});
