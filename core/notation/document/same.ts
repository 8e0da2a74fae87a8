import type { Token } from "../tokens";

const SAME = /^(same|ditto|likewise|idem|identical)$/;
/** What may stand behind it: an end, or what is otherwise in the making. A colour or a yarn says more than "same". */
const BEHIND = /^[.;!(]$/;
const OTHERWISE =
  /^(but|and|then|do|don't|dont|not|leave|leaving|keep|keeping|fasten|without|only|except|again)$/;

/** Words in front of it that add nothing: "the same", "exactly the same". */
export const ahead = (words: readonly Token[]): number =>
  Math.max(
    0,
    words.slice(0, 3).findIndex((t) => !/^(the|exactly|just|make|work)$/.test(t.text)),
  );

/**
 * "Leg 2: same, but do not cut the yarn.": does a part's line say that it is made as the one before it, and no
 * more? "Ears: same, white yarn" says which yarn, and its rounds are still to come.
 */
export function saidSame(words: readonly Token[]): boolean {
  const [first, next, then] = words.slice(ahead(words));
  if (!SAME.test(first?.text ?? "")) return false;
  if (next === undefined || BEHIND.test(next.text) || OTHERWISE.test(next.text)) return true;
  return next.text === "," && OTHERWISE.test(then?.text ?? "");
}
