import type { Cursor } from "../cursor";
import type { StitchName, Terms } from "../stitches";
import { readStitch } from "../vocabulary";

/** What a chain stands for, and how many chains of it stand beside that. */
export interface StandsFor {
  readonly stitch: StitchName;
  readonly chains: number;
}

/** "the first dc": without a bracket nothing else than a first stitch is meant. */
const isFirst = (c: Cursor): boolean => {
  const at = /^(a|the|your)$/.test(c.text()) ? 1 : 0;
  return /^(first|1st)$/.test(c.text(at)) || (c.kind(at) === "ordinal" && c.peek(at)?.value === 1);
};

/**
 * "(counts as a dc)", "counts as first st", "stands for 1 dc", "(is first dc)", "counts as dc + ch 1" behind a chain;
 * "(does not count)" is taken and means nothing.
 */
export function readStandsFor(c: Cursor, terms: Terms): StandsFor | undefined {
  const start = c.at;
  const bracket = c.take("(", "[");
  c.take(",", "-");
  c.take("which", "it", "this", "here", "and", "always");
  c.take("will", "does", "do");
  if (c.is("not", "doesn't", "don't") && /^counts?$/.test(c.text(1))) {
    while (!c.done && !c.is(")", "]", ",", ";", ".")) c.at++;
    if (bracket && !c.take(")", "]")) c.at = start;
    return undefined;
  }
  const counts = c.take("counts", "count", "counting", "counted", "stands", "standing", "acts");
  // "(is first dc)", "(= 1 dc)", "for the first dc": only a stitch by its name stands there.
  const is =
    !counts && c.take("is", "as", "=", "for", "makes", "being", "replaces") && (bracket || isFirst(c));
  if (!counts && !is) return ((c.at = start), undefined);
  c.take("as", "for");
  c.take("a", "the", "one", "1", "your", "first");
  c.take("first", "1st");
  if (c.kind() === "ordinal" || (c.kind() === "number" && c.peek()?.value === 1)) c.at++;
  const word = readStitch(c, terms);
  if (is && word?.kind !== "plain") return ((c.at = start), undefined);
  const chains = chainsBehind(c);
  while (bracket && !c.done && !c.is(")", "]")) c.at++;
  if (bracket && !c.take(")", "]")) return ((c.at = start), undefined);
  return { stitch: word?.stitch ?? "sc", chains };
}

/** "… as dc + ch 1": chains of the same that stand for no stitch. */
const chainsBehind = (c: Cursor): number =>
  c.attempt(() => {
    if (!c.take("+", "and", "plus", ",", "&")) return undefined;
    c.take("a", "one");
    if (!c.take("ch", "chain")) return undefined;
    c.take("-");
    const n = c.kind() === "number" ? c.number() : 1;
    return n !== undefined && Number.isInteger(n) ? n : undefined;
  }) ?? 0;
