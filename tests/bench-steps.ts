import type { BenchStep } from "../core/planning";

/** A round of the body at the table, "r3" for its third, of `stitches` in one colour. */
export const benchRound = (id: string, slot = "main", stitches = 6): BenchStep => ({
  id,
  kind: "work",
  stage: "crochet",
  part: "Body",
  copy: 1,
  copies: 1,
  title: `Rnd ${id.slice(1)}`,
  text: "",
  count: stitches,
  stitches,
  colours: [{ slot, stitches }],
  helps: [],
});
