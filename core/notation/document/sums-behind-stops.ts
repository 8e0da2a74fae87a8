import type { Token } from "../tokens";
import { putIn } from "./put-in";

/**
 * "6 sc. (6) Inc in every st. (12) 4 rounds of 12 sc.": a sum in brackets behind the full stop belongs to the round in
 * front of it. The stop is put behind the sum; the same tokens where nothing stands so. Linear in the line.
 */
export function sumsBehindStops(tokens: readonly Token[]): readonly Token[] {
  if (!tokens.some((_, i) => summedAt(tokens, i) !== undefined)) return tokens;
  const out: Token[] = [];
  for (let i = 0; i < tokens.length; i++) {
    const end = summedAt(tokens, i);
    if (end === undefined) {
      out.push(tokens[i] as Token);
      continue;
    }
    out.push(...tokens.slice(i + 1, end + 1), putIn((tokens[end] as Token).to, "."));
    i = end;
  }
  return out;
}

/** Where ". (12)", ". [12 sts]" closes, behind which more follows, and that is no label "(12)" of its own. */
function summedAt(tokens: readonly Token[], i: number): number | undefined {
  if (tokens[i]?.text !== "." || !/^[([]$/.test(tokens[i + 1]?.text ?? "")) return undefined;
  if (tokens[i + 2]?.kind !== "number") return undefined;
  const end = /^(st|sts|stitches|sc|dc)$/.test(tokens[i + 3]?.text ?? "") ? i + 4 : i + 3;
  const closes = /^[)\]]$/.test(tokens[end]?.text ?? "");
  const next = tokens[end + 1];
  return closes && next && !/^[.:]$/.test(next.text) ? end : undefined;
}
