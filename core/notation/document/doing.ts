import { isRoundWord } from "../labels";
import type { Token } from "../tokens";

/** What a round does, said in place of its number. */
const DOING =
  /^(inc|incs|increase|increases|increasing|dec|decs|decrease|decreases|decreasing|shaping|straight|plain|even|start|starting|beginning|close|closing)$/;
/** A title over several rounds has these beside it, and no more. */
const BESIDE = /^(section|part|rounds?|rnds?|rows?|rds?|stage|phase|the|and|begin|begins)$/;
const ENDS = /^[.;)\]]$/;

/**
 * "Increase: inc, sc 1, inc", "2nd inc rnd: …", "Decrease round 1: …": what a round does, said before it. Each is
 * the next round, whatever it is called, at the head of a line and behind a sentence. Linear in the line.
 *
 * @returns the same tokens where the line has nothing of the kind
 */
export function doingLabels(
  tokens: readonly Token[],
  works: (tokens: readonly Token[]) => boolean,
): readonly Token[] {
  if (!tokens.some((t) => t.text === ":") || !tokens.some((t) => DOING.test(t.text))) return tokens;
  const out: Token[] = [];
  let from = 0;
  for (let i = 0; i < tokens.length; i++) {
    const first = tokens[i];
    if (!first || !(i === 0 || ENDS.test(tokens[i - 1]?.text ?? ""))) continue;
    // "Rounds 7 to 10. Even: 21" has its label.
    if (i > 0 && (isRoundWord(tokens[0]?.text ?? "") || tokens[1]?.kind === "mark")) break;
    const colon = labelEnd(tokens, i);
    if (colon === undefined) continue;
    const sign = (text: string): Token => ({ ...first, kind: "word", text, value: NaN, to: first.from });
    const many = tokens[colon + 1];
    // "Plain rounds: three of them."
    if (PLAINLY.test(first.text) && many?.kind === "number" && onlySoMany(tokens.slice(colon + 2))) {
      out.push(...tokens.slice(from, i), sign("work"), many, sign("rounds"), { ...first, text: "even" });
      from = tokens.length;
      break;
    }
    if (!works(tokens.slice(colon + 1, colon + MOST_LOOKED_AT))) continue;
    const sharp = tokens[colon] as Token;
    out.push(
      ...tokens.slice(from, i),
      sign("next"),
      { ...first, kind: "word", text: "rnd", value: NaN },
      sharp,
    );
    from = colon + 1;
    i = colon;
  }
  return from === 0 ? tokens : [...out, ...tokens.slice(from)];
}
const MOST_LOOKED_AT = 24;
const PLAINLY = /^(plain|straight|even)$/;
const onlySoMany = (tokens: readonly Token[]): boolean =>
  tokens.every((t) => t.text === "." || /^(of|them|these|rounds?|rnds?|rows?|in|all)$/.test(t.text));

/** Where the colon of such a label stands, which begins at token `i`. */
function labelEnd(tokens: readonly Token[], i: number): number | undefined {
  let at = i;
  if (tokens[at]?.kind === "ordinal") at++;
  if (!DOING.test(tokens[at]?.text ?? "")) return undefined;
  const parity = tokens[at]?.text === "even";
  at++;
  const named = isRoundWord(tokens[at]?.text ?? "");
  if (named) at++;
  // "Start: chain 13" sets up.
  else if (/^(start|begin)/.test(tokens[at - 1]?.text ?? "")) return undefined;
  // "Even rounds: sc around" are every other one; "inc 2:" and "start 3:" count nothing.
  if (tokens[at]?.kind === "number" && (named || LONG.test(tokens[at - 1]?.text ?? ""))) at++;
  if (tokens[at]?.text !== ":") return undefined;
  if (parity && named && !goesFor(tokens.slice(at + 1))) return undefined;
  return /^(inc|dec)$/.test(tokens[at - 1]?.text ?? "") ? undefined : at;
}
const LONG = /^(increase|decrease)$/;

/** "… for 2 rounds": so many of them, so that "even" is no parity. */
const goesFor = (tokens: readonly Token[]): boolean =>
  tokens.some((t, i) => t.kind === "number" && isRoundWord(tokens[i + 1]?.text ?? ""));

/** "Increasing", "Straight part:", "Decreases": a title over rounds, which names no part and works nothing. */
export function titlesRounds(tokens: readonly Token[]): boolean {
  const words = tokens.filter((t) => t.kind !== "mark");
  const [first] = words;
  if (!first || words.length > 3 || tokens.some((t) => t.kind === "mark" && t.text !== ":" && t.text !== "."))
    return false;
  // "Inc" alone is a stitch, "start" alone a setting-up.
  const title = /^(increas|decreas|straight|shaping|plain|even|closing)/.test(first.text);
  return title && words.slice(1).every((t) => BESIDE.test(t.text) || DOING.test(t.text));
}

/** "Rnd 2, increase: inc x6": what the round does, between its label and its work. */
export function withoutDoing(
  tokens: readonly Token[],
  works: (tokens: readonly Token[]) => boolean,
): readonly Token[] {
  const [first, colon] = tokens;
  const told = DOING.test(first?.text ?? "") && colon?.text === ":" && works(tokens.slice(2));
  return told ? tokens.slice(2) : tokens;
}
