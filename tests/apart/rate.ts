import { checkPattern } from "../../core/notation";
import { FIRST } from "./first";
import { SECOND } from "./second";
import { THIRD } from "./third";
import { isTold, rateOf, sum, type Measured, type Rate } from "../measure";
import type { ApartPattern } from "./pattern";

export const APART: readonly ApartPattern[] = [...FIRST, ...SECOND, ...THIRD];

export interface ApartRate extends Rate {
  /** Patterns whose stitches, over all parts and pieces, are off by more than 5 %. */
  readonly tallyOff: number;
}

/** What the reader makes of one sound pattern; a warning counts as a report, a note does not. */
export function judge(p: ApartPattern): Measured & { readonly off: boolean } {
  const read = checkPattern(p.text);
  const told = isTold(read);
  let right = 0;
  let rounds = 0;
  let perfect = read.parts.length === p.parts.length;
  let wanted = 0;
  p.parts.forEach((want, i) => {
    const got = read.parts[i];
    rounds += want.counts.length;
    want.counts.forEach((n, j) => {
      if (got?.rounds[j]?.count === n) right++;
    });
    const made = want.made ?? { sc: sum(want.counts) };
    wanted += sum(Object.values(made)) * (want.make ?? 1);
    perfect &&=
      got !== undefined &&
      got.make === (want.make ?? 1) &&
      got.rounds.length === want.counts.length &&
      got.rounds.every((r, j) => r.count === want.counts[j]) &&
      Object.entries(made).every(([stitch, n]) => (got.made as Record<string, number>)[stitch] === n);
    for (const [slot, n] of Object.entries(want.slots ?? {})) {
      const found = got?.bySlot.filter((s) => s.slot.toLowerCase() === slot) ?? [];
      const here = sum(found.flatMap((s) => Object.entries(s.made).map(([k, v]) => (k === "ch" ? 0 : v))));
      perfect &&= here === n;
    }
  });
  // Of the stitches the truth names; chains that only lift a round are not among them.
  const named = new Set(p.parts.flatMap((x) => Object.keys(x.made ?? { sc: 0 })));
  const tally = sum(
    read.parts.map((x) => x.make * sum(Object.entries(x.made).map(([k, n]) => (named.has(k) ? n : 0)))),
  );
  return { perfect: perfect && !told, right, rounds, told, off: Math.abs(tally - wanted) > 0.05 * wanted };
}

export function rate(patterns: readonly ApartPattern[] = APART): ApartRate {
  const all = patterns.map(judge);
  return { ...rateOf(all), tallyOff: all.filter((x) => x.off).length };
}
