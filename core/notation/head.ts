import { MM_PER_INCH } from "../units";
import { SHADES, TONES } from "./words/shades";

export type NotionWord = "filling" | "keyring" | "bell" | "magnet" | "wire";

/** What stands above the rounds: what to take, and how large it becomes. Millimetres and grams. */
export interface PatternHead {
  readonly hooksMm: readonly number[];
  /** The yarn's class of the standard system, 0 to 7, where a word says it. */
  readonly weightClass: number | undefined;
  readonly colours: readonly { readonly slot: string; readonly grams: number | undefined }[];
  readonly eyes: readonly { readonly count: number; readonly sizeMm: number }[];
  readonly notions: readonly NotionWord[];
  readonly gauge: { readonly stitches: number; readonly overMm: number } | undefined;
  readonly size: { readonly mm: number; readonly words: string } | undefined;
}

/** Lines that are looked at, from the top. */
const MOST_LINES = 80;
/**
 * Names of yarn classes. Source: Craft Yarn Council, "Standard Yarn Weight System" (from memory), UK plies by
 * common practice.
 */
const CLASSES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:lace ?weight|lace yarn|2[ -]?ply|cobweb)\b/, 0],
  [/\b(?:fingering|sock(?: weight| yarn)|4[ -]?ply|super ?fine)\b/, 1],
  [/\b(?:sport(?: ?weight)?|5[ -]?ply|baby yarn)\b/, 2],
  [/\b(?:dk|double knit(?:ting)?|8[ -]?ply|light worsted)\b/, 3],
  [/\b(?:worsted|aran|10[ -]?ply|medium weight)\b/, 4],
  [/\b(?:super ?bulky|super ?chunky)\b/, 6],
  [/\b(?:bulky|chunky|12[ -]?ply)\b/, 5],
  [/\bjumbo\b/, 7],
];
/** Words for what is put in or on besides yarn and eyes. */
const NOTIONS: readonly (readonly [NotionWord, RegExp])[] = [
  ["filling", /\b(?:fibrefill|fiberfill|filling|stuffing|polyfill|wadding)\b/],
  ["keyring", /\b(?:key ?rings?|key ?chains?|split rings?|carabiner)\b/],
  ["bell", /\b(?:jingle|small|little|tiny) bells?\b/],
  ["magnet", /\bmagnets?\b/],
  ["wire", /\bwire\b/],
];
const NUMBER = "(\\d{1,4}(?:[.,]\\d{1,2})?)";
const value = (text: string): number => Number(text.replace(",", "."));
const UNIT_MM: ReadonlyMap<string, number> = new Map([
  ["mm", 1],
  ["cm", 10],
  ["in", MM_PER_INCH],
  ["inch", MM_PER_INCH],
  ["inches", MM_PER_INCH],
  ['"', MM_PER_INCH],
]);
const SHADE = new RegExp(
  `(?:\\b(?:${[...TONES.keys()].join("|")})[ -])?\\b(?:${[...SHADES.keys()].join("|")})\\b`,
  "g",
);

/**
 * Reads what a pattern says above its first round. `plain` is regular text, `until` the offset of the first
 * round: what is told among the rounds is not looked at. Linear in the lines, of which `MOST_LINES` are read.
 */
export function readHead(plain: string, until: number): PatternHead {
  const lines = plain.slice(0, until).split("\n").slice(0, MOST_LINES);
  const hooks: number[] = [];
  const colours = new Map<string, number | undefined>();
  const eyes: { count: number; sizeMm: number }[] = [];
  const notions = new Set<NotionWord>();
  let weightClass: number | undefined;
  let gauge: PatternHead["gauge"];
  let size: PatternHead["size"];
  for (const line of lines) {
    if (line.length > 400) continue;
    weightClass ??= CLASSES.find(([re]) => re.test(line))?.[1];
    for (const n of hooksIn(line)) if (!hooks.includes(n)) hooks.push(n);
    const eye = eyesIn(line);
    if (eye && !eyes.some((e) => e.sizeMm === eye.sizeMm)) eyes.push(eye);
    gauge ??= gaugeIn(line);
    size ??= sizeIn(line);
    for (const [name, words] of NOTIONS) if (words.test(line)) notions.add(name);
    if (OF_YARN.test(line) || CLASSES.some(([re]) => re.test(line)))
      for (const [slot, grams] of coloursIn(line))
        if (colours.get(slot) === undefined) colours.set(slot, grams);
  }
  return {
    hooksMm: hooks,
    weightClass,
    colours: [...colours].map(([slot, grams]) => ({ slot, grams })),
    eyes,
    notions: [...notions],
    gauge,
    size,
  };
}

/** A line with one of these may name the yarn's colours; with none of them a shade is of anything. */
const OF_YARN =
  /\b(?:yarns?|wool|cotton|acrylic|thread|floss|colou?rs?|g|gr|grams?|m|yd|balls?|skeins?|scraps?|oddments?|leftovers?)\b/;
/** What has a colour of its own, and no yarn. */
const OF_THING = /\b(?:eyes?|noses?|beads?|buttons?|hooks?|felt|needles?|rings?|ribbons?)\b/;
const THREAD = /\b(?:yarns?|wool|cotton|thread|floss)\b/;

/** Things that have a size in millimetres. */
const SIZED = /\b(hooks?|eyes?|noses?|beads?|rings?|buttons?|needles?|pins?)\b/g;

/** Millimetres of a line with the thing each is said of: the nearest one, a comma away being far. */
function sizesIn(line: string): { readonly mm: number; readonly thing: string }[] {
  const things = [...line.matchAll(SIZED)].map((m) => ({
    at: m.index ?? 0,
    end: (m.index ?? 0) + m[0].length,
    name: m[0],
  }));
  if (things.length === 0) return [];
  return [...line.matchAll(new RegExp(`${NUMBER} ?(?:mm\\b|- ?mm\\b)`, "g"))].map((m) => {
    const from = m.index ?? 0;
    const to = from + m[0].length;
    const far = (t: (typeof things)[number]): number => {
      const between = t.at >= to ? line.slice(to, t.at) : line.slice(t.end, from);
      return between.length + (/[,;.]/.test(between) ? 40 : 0);
    };
    const nearest = things.reduce((best, t) => (far(t) < far(best) ? t : best));
    return { mm: value(m[1] ?? ""), thing: nearest.name.replace(/s$/, "") };
  });
}

/** "2.5 mm hook", "hook: 3 mm (D)", "hook size 2,25mm"; without its unit right behind the word: "Hook: 2.5". */
function hooksIn(line: string): number[] {
  const told = sizesIn(line).flatMap((s) => (s.thing === "hook" && s.mm >= 0.5 && s.mm <= 30 ? [s.mm] : []));
  if (told.length > 0) return told;
  const bare = value(BARE_HOOK.exec(line)?.[1] ?? "");
  return bare >= 1 && bare <= 12 ? [bare] : [];
}
const BARE_HOOK = new RegExp(`\\bhook(?: size)? ?[:=-]? ?${NUMBER}(?= ?(?:$|[,;/(]|\\. ?(?:$|[a-z])))`);

/** "two 6 mm safety eyes", "safety eyes: 8mm", "6 mm eyes (2)". */
function eyesIn(line: string): { count: number; sizeMm: number } | undefined {
  const sizeMm = sizesIn(line).find((s) => s.thing === "eye" && s.mm >= 2 && s.mm <= 60)?.mm;
  if (sizeMm === undefined) return undefined;
  const clause = line.split(/[,;/]|\.(?!\d)/).find((part) => /\beyes?\b/.test(part)) ?? line;
  const said =
    /\b(?:(two|2|a pair of|1 pair of|one pair of)|(four|4)|(one|1|a single))\b(?! ?mm|[.,]\d|[ -]?ply)/.exec(
      clause,
    );
  return { count: said?.[2] ? 4 : said?.[3] && !said[1] ? 1 : 2, sizeMm };
}

/** "20 sts = 10 cm", "gauge: 5 sc per inch". */
function gaugeIn(line: string): PatternHead["gauge"] {
  const m = new RegExp(
    `${NUMBER} ?(?:sts?|stitches|sc|dc)[^\\d]{1,24}${NUMBER}? ?(mm|cm|inch(?:es)?|in|")`,
  ).exec(line);
  if (!m || !/\b(?:gauge|tension|=|to|per|over|x)\b|=/.test(line)) return undefined;
  const over = (m[2] === undefined ? 1 : value(m[2])) * (UNIT_MM.get(m[3] ?? "") ?? NaN);
  const stitches = value(m[1] ?? "");
  return stitches > 0 && over >= 10 && over <= 500 ? { stitches, overMm: over } : undefined;
}

/** "Finished size: about 8 cm tall", "approx. 3 inches high". */
function sizeIn(line: string): PatternHead["size"] {
  if (/\bhooks?\b|\beyes?\b|\bgauge\b|\btension\b|\byarn tail\b/.test(line)) return undefined;
  const m = new RegExp(`${NUMBER} ?(mm|cm|inch(?:es)?|in|")(?![a-z])([^.;]{0,24})`).exec(line);
  if (!m || !/\b(?:size|tall|high|height|long|wide|across|measures?|approx|about|finished)\b/.test(line))
    return undefined;
  const size = value(m[1] ?? "") * (UNIT_MM.get(m[2] ?? "") ?? NaN);
  const words = /\b(tall|high|height|long|wide|across|width|length)\b/.exec(line)?.[1] ?? "";
  return size >= 5 && size <= 2000 ? { mm: size, words } : undefined;
}

const CLAUSE = /[,;/•]|\.(?!\d)/;
/** Shades of a line with the grams that stand beside them: "10 g dark grey", "white (15 g)". */
function coloursIn(line: string): [string, number | undefined][] {
  const out: [string, number | undefined][] = [];
  for (const m of line.matchAll(SHADE)) {
    const at = m.index ?? 0;
    // "Two black eyes" need no black yarn; "black thread for the eyes" does.
    const led = line.slice(0, at).split(CLAUSE).at(-1) ?? "";
    const clause = led + (line.slice(at).split(CLAUSE)[0] ?? "");
    if (OF_THING.test(clause) && !THREAD.test(clause)) continue;
    const before = new RegExp(`${NUMBER} ?(?:g|gr|grams?)(?: of)?(?: [a-z]+)? $`).exec(line.slice(0, at));
    const after = new RegExp(`^[^\\d,;]{0,14}${NUMBER} ?(?:g|gr|grams?)\\b`).exec(
      line.slice(at + m[0].length),
    );
    const said = before?.[1] ?? after?.[1];
    out.push([m[0].replace("-", " "), said === undefined ? undefined : value(said)]);
  }
  return out;
}
