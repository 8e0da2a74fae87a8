import { ASSEMBLES, FILLS, HOST_WORDS, NO_PART } from "./words";

/** A part that a sentence names. */
export interface Mention {
  readonly part: number;
  readonly from: number;
  readonly to: number;
  /** "Wing 2", counted from 0. */
  readonly piece: number | undefined;
  /** The preposition it hangs on, past articles and the like; undefined for what is sewn. */
  readonly after: string | undefined;
}

const ODD: ReadonlyMap<string, string> = new Map(
  Object.entries({
    feet: "foot",
    teeth: "tooth",
    leaves: "leaf",
    hooves: "hoof",
    calves: "calf",
    scarves: "scarf",
    halves: "half",
  }),
);
export const singular = (w: string): string =>
  ODD.get(w) ??
  (/(?:ss|us)$/.test(w)
    ? w
    : w
        .replace(/(ch|sh|x|ss)es$/, "$1")
        .replace(/ies$/, "y")
        .replace(/s$/, ""));

/** The ways in which a sentence may call a part, each as singular words, the longest first. */
export function callsOf(names: readonly string[]): readonly (readonly (readonly string[])[])[] {
  const full = names.map((n) =>
    n
      .toLowerCase()
      .replace(/\([^)]*\)|\[[^\]]*\]/g, " ")
      .split(/\band\b|[&+/,]/)
      .map((x) => x.match(/[\p{L}]+/gu)?.map(singular) ?? [])
      .filter((x) => x.length > 0),
  );
  const lastWords = full.map((calls) => new Set(calls.map((c) => c.at(-1) ?? "")));
  return full.map((calls, i) => {
    const short = calls.flatMap((c) => {
      const last = c.at(-1) ?? "";
      return c.length > 1 && !lastWords.some((s, k) => k !== i && s.has(last)) ? [[last]] : [];
    });
    return [...calls, ...short].sort((a, b) => b.length - a.length);
  });
}

const BESIDE = /^(?:between|beside|below|above|behind|with|from|over|than|near|under)$/;

export interface Word {
  readonly text: string;
  readonly from: number;
}
export const wordsOf = (text: string): Word[] =>
  [...text.matchAll(/[\p{L}]+|\d+(?:\.\d+)?|[^\s\p{L}\d]/gu)].map((m) => ({ text: m[0], from: m.index }));

/** Parts named in a normal sentence, in its order. Each word belongs to one mention at most. */
export function mentionsIn(words: readonly Word[], calls: ReturnType<typeof callsOf>): Mention[] {
  const found: Mention[] = [];
  const one = words.map((w) => singular(w.text));
  let i = 0;
  while (i < words.length) {
    const best = calls
      .flatMap((c, part) => c.map((call) => ({ part, call })))
      .filter(({ call }) => call.every((w, k) => one[i + k] === w))
      .sort((a, b) => b.call.length - a.call.length)[0];
    // "The tail end", "a safety nose": no part.
    const next = words[i + (best?.call.length ?? 1)]?.text ?? "";
    const yarn =
      words[i]?.text === "tail" &&
      /^(?:long|yarn|sewing|remaining|starting|beginning|end)$/.test(words[i - 1]?.text ?? "");
    if (!best || yarn || NO_PART.test(`${words[i]?.text ?? ""} ${next}`)) {
      i++;
      continue;
    }
    const to = i + best.call.length;
    const number = /^\d+$/.test(next) && words[to + 1]?.text !== "st" ? Number(next) : 0;
    found.push({
      part: best.part,
      from: i,
      to,
      piece: number >= 1 && number <= 60 ? number - 1 : undefined,
      after: prepositionBefore(words, i, found.at(-1)?.to ?? 0),
    });
    i = to;
  }
  return found;
}

function prepositionBefore(words: readonly Word[], at: number, floor: number): string | undefined {
  for (let i = at - 1; i >= floor; i--) {
    const w = words[i]?.text ?? "";
    // "Sew on the hat": the verb's own word.
    if (w === "on" && ASSEMBLES.test(words[i - 1]?.text ?? "")) return undefined;
    if (HOST_WORDS.has(w) || BESIDE.test(w)) return w;
    if (!FILLS.test(w)) return undefined;
  }
  return undefined;
}
