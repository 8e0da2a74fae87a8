import { checkPattern } from "../../core/notation";
import { figure, seeded, type Part } from "./figure";
import { write } from "./write";

export interface GeneratedRate {
  readonly patterns: number;
  readonly perfect: number;
  readonly rounds: number;
  readonly right: number;
  readonly falselyReported: number;
  readonly silent: number;
}
export interface Judged {
  readonly perfect: boolean;
  readonly told: boolean;
  readonly rounds: number;
  readonly right: number;
}

/** A text against the figure that it tells. */
export function judge(parts: readonly Part[], text: string): Judged {
  const p = checkPattern(text);
  const told = p.problems.some((x) => x.severity !== "note" && x.code !== "opening-too-small");
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
export function generatedRate(n: number, seed = 1): GeneratedRate {
  let perfect = 0;
  let rounds = 0;
  let right = 0;
  let falselyReported = 0;
  let silent = 0;
  for (let i = 0; i < n; i++) {
    const { parts, text } = one(seed + i);
    const j = judge(parts, text);
    if (j.perfect) perfect++;
    if (j.told) falselyReported++;
    if (!j.perfect && !j.told) silent++;
    rounds += j.rounds;
    right += j.right;
  }
  return { patterns: n, perfect, rounds, right, falselyReported, silent };
}

export function one(seed: number): { parts: Part[]; text: string } {
  const r = seeded(seed * 7919 + 13);
  const parts = figure(r);
  return { parts, text: write(parts, r) };
}
