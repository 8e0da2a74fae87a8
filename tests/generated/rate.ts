import { checkPattern } from "../../core/notation";
import { isTold, rateOf, type Measured, type Rate } from "../measure";
import { figure, seeded, type Part } from "./figure";
import { write } from "./write";

/** A text against the figure that it tells. */
export function judge(parts: readonly Part[], text: string): Measured {
  const p = checkPattern(text);
  const told = isTold(p);
  let rounds = 0;
  let right = 0;
  let makes = p.parts.length === parts.length;
  parts.forEach((want, i) => {
    const got = p.parts[i];
    makes &&= got?.make === want.make && got.rounds.length === want.steps.length;
    if (want.colour !== undefined) makes &&= got?.bySlot.every((s) => s.slot === want.colour) === true;
    want.steps.forEach((s, j) => {
      rounds++;
      const r = got?.rounds[j];
      const last = j === want.steps.length - 1;
      const made = r?.made as Record<string, number> | undefined;
      if (
        r?.count === s.count &&
        Object.entries(s.made).every(
          ([k, n]) => (made?.[k] ?? 0) === n || (k === "slst" && last && (made?.[k] ?? 0) === n + 1),
        )
      )
        right++;
    });
  });
  return { perfect: !told && makes && right === rounds, told, rounds, right };
}

/** `n` figures in as many hands. */
export const generatedRate = (n: number, seed = 1): Rate =>
  rateOf(
    Array.from({ length: n }, (_, i) => {
      const { parts, text } = one(seed + i);
      return judge(parts, text);
    }),
  );

/** One figure and its text; the same for the same seed. */
export function one(seed: number): { parts: Part[]; text: string } {
  const r = seeded(seed * 7919 + 13);
  const parts = figure(r);
  return { parts, text: write(parts, r) };
}
