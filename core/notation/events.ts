import { readShade } from "./colours";
import type { Cursor } from "./cursor";
import type { PatternEvent } from "./tree";
import { eyesIn } from "./eyes";
import { FILLS, fillingIn } from "./filling";
import { MM_PER_INCH } from "../units";

const CLOSE = /^(close|closing|pull|draw|cinch|gather|thread|weave|tighten)$/;
const SEW = /^(sew|sewing|attach|stitch|whipstitch|pin)$/;
const PLACE = /^(insert|attach|place|add|put|fix|position|fit|push|install|press)$/;

/** The words that begin an event; a chunk that starts with one is never read as stitches. */
export function startsEvent(c: Cursor): boolean {
  const word = c.text();
  if (c.kind() === "number")
    return /^(mm)$/.test(c.text(1)) || (c.text(1) === "safety" && c.text(2) === "eyes");
  if (
    word === "begin" ||
    word === "start" ||
    word === "finish" ||
    word === "continue" ||
    word === "lightly" ||
    word === "firmly" ||
    word === "keep" ||
    word === "add"
  )
    return c.text(1) === "to"
      ? FILLS.test(c.text(2))
      : FILLS.test(c.text(1)) ||
          (word === "add" && eyeAhead(c)) ||
          (word === "finish" && c.text(1) === "off");
  // "Pop the eyes in"; alone it is a stitch of somebody's.
  if (word === "pop" && /^(the|your|both|in|on|eyes?|safety)$/.test(c.text(1)) && eyeAhead(c)) return true;
  if (FILLS.test(word) || PLACE.test(word) || SEW.test(word) || CLOSE.test(word)) return true;
  return (
    /^(fasten|fo|cut|break|bind|embroider|finish|safety|secure|hide|eyes|leave|leaving|do)$/.test(word) &&
    !(word === "leave" && leavesStitches(c)) &&
    !(word === "do" && !FILLS.test(c.text(2)))
  );
}

const eyeAhead = (c: Cursor): boolean =>
  [1, 2, 3, 4, 5].some((i) => /^(eye|eyes|nose|stuffing|filling)$/.test(c.text(i)));

/** "leave the remaining 4 sts unworked" is about stitches, "leave a long tail" about yarn. */
export function leavesStitches(c: Cursor): boolean {
  // "8 sc, leave 4".
  if (c.kind(1) === "number" && /^[,.;|(\[]?$/.test(c.text(2))) return true;
  // "Leave the other 5, turn".
  const skip = c.text(1) === "the" ? 2 : 1;
  if (/^(other|last|remaining)$/.test(c.text(skip)) && c.kind(skip + 1) === "number")
    if (/^[,.;|(\[]?$/.test(c.text(skip + 2))) return true;
  for (let i = 1; i < 10; i++) {
    const t = c.text(i);
    if (t === "" || t === "." || t === ";") return false;
    if (/^(tail|yarn|end|length|opening|gap|cm|mm)$/.test(t)) return false;
    if (/^(unworked|unwork|remaining|rest|st|sts|stitch|stitches)$/.test(t)) return true;
  }
  return false;
}

const LENGTH_MM: ReadonlyMap<string, number> = new Map(
  Object.entries({
    mm: 1,
    cm: 10,
    in: MM_PER_INCH,
    inch: MM_PER_INCH,
    inches: MM_PER_INCH,
    '"': MM_PER_INCH,
    m: 1000,
  }),
);

/** What the tokens of one event sentence say. Undefined when it is only prose. */
export function readEvent(c: Cursor, end: number): PatternEvent | undefined {
  const words = c.tokens.slice(c.at, end);
  const has = (re: RegExp) => words.some((t) => re.test(t.text));
  const first = words[0]?.text ?? "";
  if (
    PLACE.test(first) ||
    first === "pop" ||
    first === "safety" ||
    first === "eyes" ||
    words[0]?.kind === "number" ||
    has(/^safety$/)
  ) {
    const eyes = eyesIn(words);
    if (eyes) return eyes;
  }
  if (!(PLACE.test(first) && !has(/^(stuffing|filling)$/))) {
    const filling = fillingIn(words);
    if (filling) return filling;
  }
  if (
    /^(cut|use|take|knot|tie|thread|loop|whiskers|hair|mane)$/.test(first) &&
    has(/^(strand|strands|piece|pieces|length|lengths|threads)$/) &&
    !has(/^off$/)
  ) {
    const pieces = words.find(
      (t, i) =>
        t.kind === "number" &&
        LENGTH_MM.get(words[i + 1]?.text ?? "") === undefined &&
        (i <= 2 ||
          /^(strand|strands|piece|pieces|length|lengths|threads|x|short|long)$/.test(
            words[i + 1]?.text ?? "",
          )),
    )?.value;
    return { kind: "cut-yarn", pieces: pieces ?? 1, eachMm: tail(words), ...inShade(c, end) };
  }
  if (
    first === "fo" ||
    (/^(fasten|finish|cut|bind|break)$/.test(first) && (has(/^off$/) || has(/^(yarn|tail|thread)$/))) ||
    (/^(leave|leaving)$/.test(first) && has(/^(tail|end|yarn|length)$/))
  )
    return { kind: "fasten-off", tailMm: tail(words), forSewing: has(/^(sew|sewing|attach|attaching)$/) };
  if (
    /^(close|closing|cinch|gather|tighten)$/.test(first) ||
    (/^(pull|draw|thread|weave)$/.test(first) && has(/^(shut|closed|tight|loops|opening|hole)$/))
  )
    return { kind: "close" };
  const seam = seamOf(words, has);
  if (seam) return seam;
  if (
    has(/^(pompom|pompoms|pom)$/) &&
    (!has(/^(attach|sew|add)$/) || /^(make|wind|create|with|using)$/.test(first))
  )
    return { kind: "pompom", acrossMm: tail(words), ...inShade(c, end) };
  if (/^(wrap|wind)$/.test(first) && !has(/^(finger|fingers|hook|ring)$/))
    return {
      kind: "wrap",
      turns:
        words.find(
          (t, i) => t.kind === "number" && /^(times|time|turns|turn)$/.test(words[i + 1]?.text ?? ""),
        )?.value ?? (has(/^twice$/) ? 2 : undefined),
      ...inShade(c, end),
    };
  // "Sew the opening closed", "stitch the hole shut".
  if (SEW.test(first) && has(/^(closed|shut)$/) && has(/^(opening|hole|top|bottom|end|gap|it)$/))
    return { kind: "close" };
  if (SEW.test(first)) {
    const at = words.findIndex((t) => /^(st|sts|stitches)$/.test(t.text));
    const n = at > 0 ? words[at - 1] : undefined;
    return { kind: "sew", stitches: n?.kind === "number" ? n.value : undefined };
  }
  if (has(/^(embroider|embroidered|satin|backstitch|french)$/))
    return { kind: "embroider", stitches: stitchesIn(words), count: howMany(words), ...inShade(c, end) };
  if (has(/^(keyring|keychain|hanger|ring|loop)$/) && PLACE.test(first)) return { kind: "hang" };
  return undefined;
}

/** "Sew the 24 sts of the head to the 24 sts of the body": two edges with their stitches. */
function seamOf(words: readonly Word[], has: (re: RegExp) => boolean): PatternEvent | undefined {
  if (!words.some((t) => SEW.test(t.text) || /^(seam|whip|join|close|graft|mattress)$/.test(t.text)))
    return undefined;
  const edges: number[] = [];
  words.forEach((t, i) => {
    if (
      t.kind === "number" &&
      /^(st|sts|stitch|stitches|sc|dc|pairs)$/.test(words[i + 1]?.text ?? "") &&
      !/^(apart|wide|high|long|between|from|away|above|below|behind)$/.test(words[i + 2]?.text ?? "")
    )
      edges.push(i);
  });
  const [a, b] = edges;
  if (a === undefined || b === undefined || edges.length > 2) return undefined;
  const between = words.slice(a + 2, b);
  if (between.length > 9 || !between.some((t) => /^(to|with|against|onto|and|=)$/.test(t.text)))
    return undefined;
  const first = words[a]?.value ?? 0;
  const second = words[b]?.value ?? 0;
  const folded =
    has(/^(fold|folded|flat|flattened|pair|pairs|doubled|half)$/) &&
    (first === 2 * second || second === 2 * first);
  const at = { from: words[a]?.from ?? 0, to: words[b + 1]?.to ?? 0 };
  return { kind: "seam", edges: [first, second], at, matched: first === second || folded };
}

type Word = {
  readonly text: string;
  readonly kind: string;
  readonly value: number;
  readonly from: number;
  readonly to: number;
};

/** The colour that is named in these words, if one is. */
function inShade(c: Cursor, end: number): { slot?: string } {
  const at = c.at;
  let slot: string | undefined;
  for (let i = at; i < end && slot === undefined; i++) {
    c.at = i;
    slot = readShade(c);
  }
  c.at = at;
  return slot === undefined ? {} : { slot };
}

/** "Two eyes", "a mouth and 2 eyes": how many things; "eyes" alone are two. */
function howMany(words: readonly { text: string; kind: string; value: number }[]): number {
  let n = 0;
  words.forEach((t, i) => {
    if (
      !/^(eye|eyes|cheek|cheeks|brow|brows|eyebrow|eyebrows|bar|bars|line|lines|nose|mouth|smile|nostrils)$/.test(
        t.text,
      )
    )
      return;
    if (
      /^(eye|cheek|brow|bar)$/.test(t.text) &&
      /^(between|under|below|above|each|every)$/.test(words[i - 2]?.text ?? "")
    )
      return;
    const said = words
      .slice(Math.max(0, i - 3), i)
      .findLast((w) => w.kind === "number" && w.value <= 12)?.value;
    n +=
      said ??
      (t.text === "eyes" ||
      t.text === "cheeks" ||
      t.text === "brows" ||
      t.text === "eyebrows" ||
      t.text === "nostrils"
        ? 2
        : 1);
  });
  return Math.max(1, n);
}

function stitchesIn(words: readonly { text: string; kind: string; value: number }[]): number | undefined {
  const at = words.findIndex((t) => /^(st|sts|stitch|stitches)$/.test(t.text));
  const n = words[at - 1];
  return n?.kind === "number" ? n.value : undefined;
}

function tail(words: readonly { text: string; kind: string; value: number }[]): number | undefined {
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (word?.kind !== "number") continue;
    const next = words[i + 1]?.text === "-" ? words[i + 2]?.text : words[i + 1]?.text;
    const factor = LENGTH_MM.get(next ?? "");
    if (factor !== undefined) return word.value * factor;
  }
  return undefined;
}
