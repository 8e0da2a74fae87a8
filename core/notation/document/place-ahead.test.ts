import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const STAR =
  "Star\nRnd 1: 12 sc in ring, join. (12)\nRnd 2: *sc, ch 3, skip 1; rep from * 5 more times, join.\n";
const counts = (text: string) =>
  checkPattern(text).parts.flatMap((p) => p.rounds.map((r) => [r.count, r.made.hdc ?? 0]));

describe("a place in front of all that goes into it", () => {
  it.each([
    "In each ch-3 loop: (sc, hdc, dc, hdc, sc), join.",
    "In each ch-3 loop work: sc, hdc, dc, hdc, sc. Join.",
    "Into every ch-3 space work sc, hdc, dc, hdc, sc.",
    "in each loop: sc, hdc, dc, hdc and sc; join.",
  ])("%s", (text) => expect(counts(`${STAR}Rnd 3: ${text}`).at(-1)).toEqual([30, 12]));
  it.each(["In each st work sc, hdc, sc.", "in each st: sc, hdc, sc", "In every st make: sc, hdc, sc (18)"])(
    "%s",
    (text) => expect(counts(`S\nRnd 1: 6 sc in mr (6)\nRnd 2: ${text}`).at(-1)).toEqual([18, 6]),
  );
  it.each(["in each st: 2 hdc", "in each st, 2 hdc", "in every st 2 hdc", "In each st work 2 hdc (12)"])(
    "%s",
    (text) => expect(counts(`S\nRnd 1: 6 sc in mr (6)\nRnd 2: ${text}`).at(-1)).toEqual([12, 12]),
  );
});
