import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { putIn } from "./put-in";

const RANGE = /^(-|--|to|thru|through|until|till)$/;
/** What may stand beside the sums of a range, and says no more than they do. */
const SAYS =
  /^(inc|increase|increasing|dec|decrease|decreasing|invdec|to|up|down|evenly|in|each|round|rnd|from|st|sts|stitch|stitches|and|then|[,;./>=()[\]:-]|--)$/;
/** What parts one sum from the next: "6 sc (6)" is one round said twice. */
const PARTS = /^(,|;|\/|-|--|>|and|then)$/;
/** "4-5. 12 - 13" tells work and its sum, where "1-4. 6 - 12 - 18 - 24" tells sums. */
const DASH = /^(-|--|>)$/;
const MOST = 40;

/** A range of rounds that tells a sum for each of them. */
interface Ranged {
  readonly first: number;
  /** Half open: what stands between the range and its sums, such as a colour in brackets. */
  readonly aside: readonly [number, number];
  /** Where each sum stands. */
  readonly sums: readonly number[];
}

/**
 * "Rounds 1-6: 6, 12, 18, 24, 30, 36", "R2-R4: inc to 12, 18, 24", "6-8) 18, 12, 6": a range with as many sums as
 * rounds. Each round gets its label and comes to its sum by increases or decreases that lie evenly. Linear in the text.
 */
export function sumsByRange(lines: readonly (readonly Token[])[]): readonly (readonly Token[])[] {
  let before: number | undefined;
  return lines.map((tokens) => {
    const found = rangedIn(tokens);
    const out = found ? spelledOut(tokens, found, before) : tokens;
    if (tokens.length > 0) before = tokens.findLast((t) => t.kind === "number")?.value;
    return out;
  });
}

function rangedIn(tokens: readonly Token[]): Ranged | undefined {
  let at = isRoundWord(tokens[0]?.text ?? "") ? 1 : 0;
  const [first, sign] = [tokens[at], tokens[at + 1]];
  if (first?.kind !== "number" || !RANGE.test(sign?.text ?? "")) return undefined;
  at += isRoundWord(tokens[at + 2]?.text ?? "") ? 3 : 2;
  const last = tokens[at];
  const many = (last?.value ?? NaN) - first.value + 1;
  if (last?.kind !== "number" || !(many >= 2 && many <= MOST)) return undefined;
  const behind = asideBehind(tokens, at + 1);
  if (!/^(:|\)|\.|-|--|=)$/.test(tokens[behind]?.text ?? "")) return undefined;
  const rest = tokens.slice(behind + 1);
  if (!rest.every((t) => t.kind === "number" || SAYS.test(t.text))) return undefined;
  const sums = rest.flatMap((t, i) => (t.kind === "number" ? [behind + 1 + i] : []));
  const dashed = many === 2 && tokens.slice(sums[0], sums[1]).some((t) => DASH.test(t.text));
  const fits =
    sums.length === many && !dashed && sums.every((s, i) => i === 0 || follows(tokens, sums[i - 1] ?? 0, s));
  return fits ? { first: first.value, aside: [at + 1, behind], sums } : undefined;
}

/** "1-6 (grey):": a bracket of words between the range and its sign; answers where the sign is. */
function asideBehind(tokens: readonly Token[], at: number): number {
  if (!/^[([]$/.test(tokens[at]?.text ?? "")) return at;
  const shut = tokens.findIndex((t, i) => i > at && /^[)\]]$/.test(t.text));
  const words = tokens.slice(at + 1, Math.max(at, shut));
  return words.length > 0 && words.every((t) => t.kind === "word") ? shut + 1 : at;
}

/** Behind a sign; and a round makes at most twice what was there, and at least half. */
function follows(tokens: readonly Token[], a: number, b: number): boolean {
  if (!tokens.slice(a + 1, b).some((t) => PARTS.test(t.text))) return false;
  const [from, to] = [tokens[a]?.value ?? 0, tokens[b]?.value ?? 0];
  return from >= 3 && Number.isInteger(to) && to <= 2 * from && 2 * to >= from;
}

function spelledOut(tokens: readonly Token[], found: Ranged, before: number | undefined): Token[] {
  const values = found.sums.map((i) => tokens[i]?.value ?? 0);
  return found.sums.flatMap((at, k) => {
    const sum = tokens[at] as Token;
    const put = (text: string, value?: number) => putIn(sum.from, text, value);
    const n = found.first + k;
    const work = workTo(n, values[k] ?? 0, k === 0 ? before : values[k - 1], values[k + 1]);
    // The first begins where the line does, with what stands beside the range.
    const label =
      k === 0
        ? [putIn(tokens[0]?.from ?? 0, "rnd"), put(String(n), n), ...tokens.slice(...found.aside)]
        : [put("."), put("rnd"), put(String(n), n)];
    return [...label, put(":"), ...work.map((w) => put(w)), put("="), sum];
  });
}

/** A ring for round 1; then by what was there, and by what comes where that is not known. */
function workTo(n: number, sum: number, before: number | undefined, next: number | undefined): string[] {
  if (n === 1) return ["mr"];
  if (before === sum) return ["even"];
  const more = before === undefined ? (next ?? sum) >= sum : sum > before;
  return [more ? "inc" : "dec", "evenly"];
}
