import type { Token } from "../tokens";
import { putIn } from "./put-in";

/** Words between "in each" and what is worked there. */
const MOST_PLACE = 7;
const WORKS = /^(work|make|do|crochet)$/;
/** A word that no stitch of a plain list has. */
const OTHER =
  /^(in|into|next|each|every|join|rep|repeat|around|skip|sk|turn|to|from|of|for|over|all|times?|x|with|until|same|last|first|the|across|more|rnds?|rounds?|rows?)$/;
/** What is worked into stands here, and "in each st 2 hdc" needs no sign behind it. */
const PLACE = /^(st|stitch|sp|space|loop|ch|chain)$/;
const OPENS = /^[([{*]$/;

/**
 * "In each ch-3 loop work: sc, hdc, dc, hdc, sc.", "in each st: sc, ch 2, sc", "in every st 2 hdc": all of the list goes into each of them,
 * as if a bracket stood around it, and it gets one. Linear in the line.
 */
export function placeAhead(tokens: readonly Token[]): readonly Token[] {
  const at = tokens.findIndex(
    (t, i) =>
      /^in(to)?$/.test(t.text) && /^(each|every)$/.test(tokens[i + 1]?.text ?? "") && isApart(tokens, i),
  );
  if (at < 0) return tokens;
  const from = listFrom(tokens, at + 2);
  const to = from === undefined ? undefined : listTo(tokens, from);
  if (from === undefined || to === undefined) return tokens;
  const [first, last] = [tokens[from], tokens[to - 1]] as [Token, Token];
  const inside = tokens.slice(from, to);
  return [
    ...tokens.slice(0, from),
    putIn(first.from, "("),
    ...inside,
    putIn(last.to, ")"),
    ...tokens.slice(to),
  ];
}

/** Behind a sign, or at the head of the line: "2 sc in each st" is of the stitch in front. */
const isApart = (tokens: readonly Token[], i: number): boolean =>
  i === 0 || /^([:,;.)\]-]|--|then|and)$/.test(tokens[i - 1]?.text ?? "");

/** Where the list begins behind its place: "… loop work: |sc, hdc", "… st: |sc, ch 2". */
function listFrom(tokens: readonly Token[], at: number): number | undefined {
  for (let i = at; i < Math.min(tokens.length, at + MOST_PLACE); i++) {
    const text = tokens[i]?.text ?? "";
    if (i > at && (text === ":" || WORKS.test(text))) {
      const from = tokens[i + 1]?.text === ":" ? i + 2 : i + 1;
      return OPENS.test(tokens[from]?.text ?? "(") ? undefined : from;
    }
    const behind = text === "," ? i + 1 : i;
    if (i > at && PLACE.test(tokens[i - 1]?.text ?? "") && (tokens[behind]?.value ?? 0) > 1) return behind;
    if (tokens[i]?.kind === "mark" && text !== "-") return undefined;
  }
  return undefined;
}

/**
 * Where it ends, half open: short items of words and numbers with commas between them, at least two, or one of several
 * stitches.
 */
function listTo(tokens: readonly Token[], from: number): number | undefined {
  let items = 0;
  let to = from;
  for (let i = from; i <= tokens.length; i++) {
    const t = tokens[i];
    const ends = t === undefined || /^([,;.=([]|--|and)$/.test(t.text);
    if (!ends && t.kind === "mark" && t.text !== "-") return undefined;
    if (!ends) continue;
    const item = tokens.slice(items === 0 ? from : to + 1, i);
    const plain = item.length > 0 && item.length <= 4 && !item.some((w) => OTHER.test(w.text));
    if (plain && item.some((w) => w.kind === "word")) {
      items++;
      to = i;
    } else if (item.length > 0) break;
    if (!/^(,|and)$/.test(t?.text ?? "")) break;
  }
  const several = (tokens[from]?.value ?? 0) > 1 && to - from >= 2;
  return items >= (several ? 1 : 2) ? to : undefined;
}
