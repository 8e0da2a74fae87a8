import type { Token } from "../tokens";

const SIGN = /^[.):-]$/;
const TO = /^(-|--|to)$/;
const GLUED = /^(\d{1,3})\.([1-9]\d*)$/;
/** Lines of talk between two rounds. */
const MOST_BETWEEN = 3;

type Works = (tokens: readonly Token[]) => boolean;
interface Lead {
  readonly first: number;
  readonly last: number;
  /** Which token holds the label and the number behind it. */
  readonly glued: number | undefined;
}

/** The number a line begins with, as a label would have it: "4.18", "4-6.18", "4." and "4-6)". */
function leadOf(tokens: readonly Token[], works: Works): Lead | undefined {
  const ranged = TO.test(tokens[1]?.text ?? "") && tokens[2]?.kind === "number";
  const at = ranged ? 2 : 0;
  const token = tokens[at];
  if (tokens[0]?.kind !== "number" || token?.kind !== "number") return undefined;
  const glued = GLUED.exec(token.text);
  const first = ranged ? tokens[0].value : glued ? Number(glued[1]) : token.value;
  const last = glued ? Number(glued[1]) : token.value;
  const behind = tokens[at + 1]?.text ?? "";
  if (!Number.isInteger(first) || last < first) return undefined;
  // "1.2 6 sc": the second round of part 1.
  if (glued && tokens[at + 1]?.kind === "number") return undefined;
  // "2.5 mm hook", "1.5 balls of grey": nothing is worked.
  if (glued)
    return works([...parted(token).slice(2), ...tokens.slice(at + 1)])
      ? { first, last, glued: at }
      : undefined;
  return SIGN.test(behind) ? { first, last, glued: undefined } : undefined;
}

/** "4.18" as "4", "." and "18". */
function parted(token: Token): Token[] {
  const [whole = "", rest = ""] = token.text.split(".");
  const dot = token.from + whole.length;
  return [
    { ...token, text: whole, value: Number(whole), to: dot },
    { kind: "mark", text: ".", value: NaN, from: dot, to: dot + 1 },
    { ...token, text: rest, value: Number(rest), from: dot + 1 },
  ];
}

/**
 * "1.6 sc in mr / 2.6 inc / 3.18 sc": labels that stand so close to a number that both look like one with a decimal
 * point. Lines that work something and count on from each other tell them. Linear in the text.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 */
export function gluedLabels(
  lines: readonly (readonly Token[])[],
  works: Works,
): readonly (readonly Token[])[] {
  const leads = lines.map((l) => leadOf(l, works));
  if (!leads.some((l) => l?.glued !== undefined)) return lines;
  /** The next line with a lead, a few lines of talk away at most. */
  const near = (i: number, step: 1 | -1): Lead | undefined => {
    for (let k = i + step, talk = 0; k >= 0 && k < lines.length && talk <= MOST_BETWEEN; k += step) {
      if (leads[k]) return leads[k];
      if ((lines[k]?.length ?? 0) > 0) talk++;
    }
    return undefined;
  };
  return lines.map((tokens, i) => {
    const lead = leads[i];
    if (lead?.glued === undefined) return tokens;
    const [above, below] = [near(i, -1), near(i, 1)];
    const counted = above?.last === lead.first - 1 || below?.first === lead.last + 1;
    // "1.1 …, 1.2 …": rounds of part 1.
    if (!counted || above?.first === lead.first || below?.first === lead.first) return tokens;
    return tokens.flatMap((t, k) => (k === lead.glued ? parted(t) : [t]));
  });
}
