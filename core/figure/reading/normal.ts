import { regularText } from "../../notation";
import { NUMBER_WORDS, ORDINAL_WORDS } from "./words";

export interface Sentence {
  readonly text: string;
  /** 1-based. */
  readonly line: number;
}

const ROUND = /\b(?:rnds?|rds?|rounds?|rows?|r)\b\.?\s*(?=\d)/g;
const ROUND_AFTER = /\b(?:rnds?|rds?|rounds?|rows?)\b\.?/g;

/**
 * One way to write what is written many ways: small letters, "round 7", "6 st", numbers in figures. Pure text
 * to text.
 */
export function normal(line: string): string {
  return (
    regularText(line)
      .toLowerCase()
      .replace(/\br(\d+)\b/g, "round $1")
      // "On the 4th round, 5 sts apart"; "the 4th and 5th rounds" are two.
      .replace(
        /(?<!\b(?:and|to|or) )\b(\d+)(?:st|nd|rd|th)\s+(?:rnd|rd|round|row)\b(?!\s+(?:from|above|below|up|down|under|over|before|after|away))/g,
        "round $1",
      )
      .replace(/(\d+)\s*(?:st|nd|rd|th)\b(?=\s+(?:rnd|rd|round|row|and)\b)/g, "$1")
      .replace(ROUND, "round ")
      .replace(ROUND_AFTER, "round")
      .replace(/\b(\d+)(?:st|nd|rd|th)\b/g, "$1")
      .replace(/\b[a-z]+\b/g, (w) => NUMBER_WORDS.get(w) ?? w)
      // Behind a number they are counted; "stitch the arm on" is work.
      .replace(/(\d) ?(?:sts|stitches|stitch|st|scs?)\b\.?/g, "$1 st")
      .replace(/\b([a-z]+) round\b/g, (all, w: string) =>
        ORDINAL_WORDS.has(w) ? `${ORDINAL_WORDS.get(w)} round` : all,
      )
      .replace(
        /\b(\d+) round\b(?! (?:from|above|below|up|down|under|over|before|after|away))(?= of| from the|$| on)/g,
        "round $1",
      )
      .replace(/[\s_]+/g, " ")
      .trim()
  );
}

/** Sentences of a line, in its order; a full stop within a number or behind "Rnd" ends none. */
export function sentencesOf(line: string, number: number): Sentence[] {
  return normal(line)
    .split(/[;!?]|\.(?!\d)|,? (?:and )?then\b/)
    .map((text) => ({ text: text.replace(/^[\s\-*•)\d.]*(?=[a-z])/, "").trim(), line: number }))
    .filter((s) => s.text !== "");
}
