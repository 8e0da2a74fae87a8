import type { CheckedPattern } from "../../notation";
import { SHADES } from "../../notation/words/shades";
import { LONGEST_LINE, textLines } from "./lines";
import { sentencesOf } from "./normal";

export type Embroidered = "mouth" | "nose" | "eyes" | "brows" | "cheeks" | "whiskers" | "spots" | "lines";

/** What a sentence says of embroidery. */
export interface EmbroiderySaid {
  readonly what: Embroidered;
  /** How many, where it is said. */
  readonly count: number | undefined;
  /** Numbers of the rounds it is worked on. */
  readonly rounds: readonly [number, number] | undefined;
  /** Rounds below the eyes, negative above them. */
  readonly belowEyes: number | undefined;
  /** Stitches it goes over. */
  readonly stitches: number | undefined;
  /** Its colour, as the pattern calls it. */
  readonly shade: string | undefined;
  /** Index of the part under which it stands; undefined under making up. */
  readonly part: number | undefined;
  readonly line: number;
}

/** What things that are embroidered are called. */
const CALLED: readonly (readonly [what: Embroidered, words: string])[] = [
  ["whiskers", "whiskers?"],
  ["mouth", "mouths?|smiles?|grins?"],
  ["nose", "noses?|nostrils?"],
  ["brows", "(?:eye)?brows?"],
  ["cheeks", "cheeks?|blush"],
  ["eyes", "eyes?|eyelids?|eyelashes|lashes"],
  ["spots", "spots?|dots?|speckles?|freckles?|seeds?"],
  ["lines", "lines?|bars?|stripes?"],
];
const THINGS = CALLED.map(([what, words]) => ({
  what,
  named: new RegExp(`(?:(\\d+) )?(?:[a-z]+ ){0,2}?\\b(?:${words})\\b`),
}));
/** Behind these words a thing only tells where: "between the eyes". */
const BESIDE = /\b(?:between|under|below|above|beside|over|from|of)(?: the)? *$/;
const WORKED =
  /\bembroider(?:ed|y)?\b|^(?:with [a-z ]+ )?(?:back ?stitch|stitch|sew|work) (?:an? |the )?(?:[a-z]+ )?(?:mouth|smile|whiskers?|eyebrows?|lashes|eyelashes|freckles)\b/;
const MOST = 60;

/** What is embroidered, wherever in the text it is said. Sentences that name no thing say nothing. */
export function embroiderySaid(pattern: CheckedPattern, text: string): EmbroiderySaid[] {
  const shades = new Set([
    ...pattern.parts.flatMap((p) => p.bySlot.map((s) => s.slot.toLowerCase())),
    ...SHADES.keys(),
  ]);
  const { lines, sectionOf } = textLines(pattern, text);
  const said = lines.flatMap(({ text: t, line, kind }): EmbroiderySaid[] => {
    if (t.length > LONGEST_LINE || kind === "round") return [];
    const part = sectionOf(line);
    return sentencesOf(t, line).flatMap((s) => thingsIn(s.text, shades).map((x) => ({ ...x, part, line })));
  });
  return said.slice(0, MOST);
}

function thingsIn(s: string, shades: ReadonlySet<string>): Omit<EmbroiderySaid, "part" | "line">[] {
  if (!WORKED.test(s)) return [];
  const on = /\bround (\d+)(?: ?(?:and|to|-|&) ?(?:round )?(\d+))?/.exec(s);
  const first = on && Number(on[1]);
  const beside = /\b(\d+) (?:round )?(below|under|above)(?: the)? eyes?\b/.exec(s);
  const over = /\b(\d+) st\b(?! apart)/.exec(s);
  const shared = {
    rounds: first === null ? undefined : ([first, Number(on?.[2] ?? first)] as const),
    belowEyes: beside === null ? undefined : Number(beside[1]) * (beside[2] === "above" ? -1 : 1),
    stitches: over === null ? undefined : Number(over[1]),
  };
  const things = THINGS.flatMap(({ what, named }) => {
    const at = named.exec(s);
    if (!at) return [];
    const end = at.index + at[0].length;
    const word = /[a-z]+$/.exec(at[0])?.[0] ?? "";
    if (BESIDE.test(s.slice(0, end - word.length))) return [];
    return [{ what, from: end - word.length, end, count: at[1] === undefined ? undefined : Number(at[1]) }];
  });
  return things.map(({ what, from, end, count }) => {
    const next = Math.min(s.length, ...things.filter((t) => t.from >= end).map((t) => t.from));
    // "Nose in pink and whiskers in grey"; "with red embroider a smile".
    const shade = shadesIn(s.slice(end, next), shades)[0] ?? shadesIn(s.slice(0, from), shades).at(-1);
    return { what, count, ...shared, shade };
  });
}

/** Names of colours in their order; of "dark red" and "red" that which the pattern or the list knows. */
const shadesIn = (s: string, known: ReadonlySet<string>): string[] =>
  s
    .split(/[^a-z]+/)
    .flatMap((word, i, words) => [`${word} ${words[i + 1] ?? ""}`, word])
    .filter((name) => known.has(name));
