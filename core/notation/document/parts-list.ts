import type { Line } from "../text";
import { MAX_MAKE } from "../limits";

const LIST = /^[^a-z]*(?:parts|pieces|components|what to make|to make)(?: list)? ?:? ?(.*)$/;
/** How many, before the name or behind it: "2 wings", "2x wing", "wings 2x", "wings (2)", "wings: 2". */
const BEFORE = /^(\d{1,2}) ?(?:x|×|\*)? ([a-z][a-z +&-]{1,30})$/;
/** "Turtle shell (1), legs (4), head (1)", "1 body, 4 legs": without a word for it, a line of nothing else. */
const LONGEST = 200;
const BEHIND = /^([a-z][a-z +&-]{1,30}?) ?[:(x×*-]? ?(\d{1,2}) ?(?:x|×|\))?$/;
/** Lines under the word that are looked at. */
const MOST_LINES = 12;

/** A name without the words and endings that come and go: "Wings" and "wing" are one. */
export const plainName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z]+/g, " ")
    .trim()
    .replace(/^the /, "")
    .replace(/(?<=[a-z]{2})s$/, "");

/**
 * "Parts: head + body 1x, wings 2x": how many there are of each part, told once for all of them, on the line
 * itself or on those below it. Linear in the text.
 */
export function listedMakes(plain: string, lines: readonly Line[]): ReadonlyMap<string, number> {
  const makes = new Map<string, number>();
  for (const [i, line] of lines.entries()) {
    const text = line.to - line.from < 300 ? plain.slice(line.from, line.to) : "";
    const told = LIST.exec(text);
    if (!told) {
      for (const found of allCounted(text)) if (found.n >= 2) makes.set(found.name, found.n);
      continue;
    }
    const entries = (told[1] ?? "").split(/[,;]/);
    if (told[1] === "")
      for (const below of lines.slice(i + 1, i + 1 + MOST_LINES)) {
        const text = plain.slice(below.from, below.to).replace(/^[^a-z0-9]+/, "");
        if (countOf(text) === undefined) break;
        entries.push(text);
      }
    for (const entry of entries) {
      const found = countOf(entry);
      if (found && found.n >= 2 && found.n <= MAX_MAKE) makes.set(found.name, found.n);
    }
  }
  return makes;
}

/** The entries of a line where each tells how many, behind a colon or not; none where one does not, or counts wildly. */
function allCounted(text: string): readonly { name: string; n: number }[] {
  const list = text.slice(text.indexOf(":") + 1);
  if (list.length > LONGEST || !list.includes(",")) return [];
  const entries = list.split(/[,;]| and /).filter((e) => e.trim() !== "");
  const found = entries.flatMap((e) => countOf(e.replace(/ in [a-z]+(?= ?[(x:]| \d|$)/, "")) ?? []);
  const all = found.length === entries.length && found.length >= 2;
  return all && found.every((f) => f.n >= 1 && f.n <= MOST_LISTED) ? found : [];
}
/** More of one part would be stitches. */
const MOST_LISTED = 12;

function countOf(entry: string): { name: string; n: number } | undefined {
  const text = entry.trim().replace(/[.]$/, "");
  const before = BEFORE.exec(text);
  if (before) return { name: plainName(before[2] ?? ""), n: Number(before[1]) };
  const behind = BEHIND.exec(text);
  return behind ? { name: plainName(behind[1] ?? ""), n: Number(behind[2]) } : undefined;
}
