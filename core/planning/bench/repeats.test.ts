import { describe, expect, it } from "vitest";
import { checkPattern } from "../../notation";
import { CORPUS } from "../../../tests/corpus";
import { repeatsOf } from ".";

const TEXT = `Body
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: [sc, inc] around (18)
Rnd 4: *2 sc, inc; rep from * around (24)
Rnd 5: 3 sc, (inc, sc) x 3, 15 sc (27)
Rnd 6: sc around (27)
Rnd 7: inc around (54)
Rnd 8: (7 sc, dec) x 6 (48)
Rnd 9: (sc, dec) x 4, 24 sc, (dec, sc) x 4 (40)`;

describe("the repeat that a round is counted by", () => {
  it("is the one that stands there, how often and of how many stitches", () => {
    const rounds = checkPattern(TEXT).parts[0]?.rounds ?? [];
    expect(rounds.map(repeatsOf)).toEqual([
      undefined,
      { times: 6, stitches: 2, before: 0 },
      { times: 6, stitches: 3, before: 0 },
      { times: 6, stitches: 4, before: 0 },
      { times: 3, stitches: 3, before: 3 },
      // Plain: counted stitch by stitch.
      undefined,
      { times: 27, stitches: 2, before: 0 },
      { times: 6, stitches: 8, before: 0 },
      // Two repeats: which one would the number be of?
      undefined,
    ]);
  });
  it("comes behind a chain that stands for a stitch", () => {
    const [first, second] = [
      "Rnd 1: ch 3 (counts as dc), 11 dc in ring, join (12)",
      "Rnd 2: ch 3 (counts as dc), dc in same st, (dc, 2 dc in next) x 5, dc, join (18)",
    ];
    const rounds = checkPattern(`${first}\n${second}`).parts[0]?.rounds.map((r) => ({
      count: r.count,
      repeats: repeatsOf(r),
    }));
    expect(rounds?.[1]).toEqual({ count: 18, repeats: { times: 5, stitches: 3, before: 2 } });
  });
  it("never counts beyond its round, over a tenth of the corpus", () => {
    let seen = 0;
    for (const { text } of CORPUS.filter((_, i) => i % 10 === 0))
      for (const part of checkPattern(text).parts)
        for (const round of part.rounds) {
          const r = repeatsOf(round);
          if (!r || round.count === undefined) continue;
          seen++;
          expect(r.times).toBeGreaterThan(1);
          expect(r.before + r.times * r.stitches).toBeLessThanOrEqual(round.count);
        }
    expect(seen).toBeGreaterThan(50);
  });
});
