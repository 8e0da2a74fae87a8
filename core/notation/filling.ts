import type { Token } from "./tokens";
import type { PatternEvent } from "./tree";

export type FillingEvent = Extract<PatternEvent, { kind: "stuff" }>;
type Word = Pick<Token, "text">;

export const FILLS = /^(stuff|stuffing|fill|filling|restuff|overstuff|stuffed|filled)$/;
const UNFILLED = /^(unstuffed|unfilled)$/;
/** Said of the piece: "this part is not stuffed"; "stuffing" alone may be on a list of materials. */
const WORKED = /^(stuff|fill|stuffed|filled|unstuffed|unfilled|restuff|refill)$/;
const NOT = /^(not|no|don't|without|never|needn't|isn't|aren't|unnecessary)$/;
const TOO = /^(too|so|overly|very|completely|entirely|fully|overstuff|overfill)$/;
const LIGHT = /^(lightly|light|loosely|softly|little|slightly|sparingly|thinly)$/;
const FIRM = /^(firmly|firm|tightly|tight|well|hard|full)$/;
const MEDIUM = /^(medium|moderately)$/;

/** What words say of filling: how firmly, or that there is none. Undefined where they are about something else. */
export function fillingIn(words: readonly Word[]): FillingEvent | undefined {
  const at = words.findIndex((w) => FILLS.test(w.text) || UNFILLED.test(w.text));
  if (at < 0) return undefined;
  const text = (i: number) => words[i]?.text ?? "";
  // "Take some out again where it bulges."
  if (/^(take|remove)$/.test(text(0)) && words.some((w) => /^(away|out)$/.test(w.text))) return undefined;
  if (UNFILLED.test(text(at))) return { kind: "stuff", firmness: undefined, none: true };
  const not = words.findIndex((w) => NOT.test(w.text));
  const held = words.findIndex((w, i) => TOO.test(w.text) && i > not && i - not < 8);
  // "Not too tight", "don't stuff too much", "do not overstuff": some, but not much.
  const spared = not >= 0 && held >= 0;
  const none = not >= 0 && !spared && Math.abs(at - not) <= 5;
  const how = spared ? words.filter((_, i) => i < not || i > held + 1) : words;
  const has = (re: RegExp) => how.some((w) => re.test(w.text));
  const firmness = has(LIGHT)
    ? "light"
    : has(FIRM)
      ? "firm"
      : has(MEDIUM)
        ? "medium"
        : spared && !/^over/.test(text(held))
          ? "light"
          : undefined;
  return { kind: "stuff", firmness, none };
}

/** Filling in a sentence that begins with other words: "Before closing, stuff lightly", "the legs are not stuffed". */
export function fillingTold(words: readonly Word[]): FillingEvent | undefined {
  const packed =
    /^pack$/.test(words[0]?.text ?? "") && words.some((w) => FIRM.test(w.text) || LIGHT.test(w.text));
  if (packed) return fillingIn([{ text: "fill" }, ...words]);
  return words.some((w) => WORKED.test(w.text)) ? fillingIn(words) : undefined;
}
