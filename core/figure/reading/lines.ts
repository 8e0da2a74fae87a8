import { linesOf, regularText, type CheckedPattern } from "../../notation";
import { MAKING_UP } from "./words";

/** Longer lines say nothing that anybody could follow. */
export const LONGEST_LINE = 2_000;

/** A line of a pattern as its sentences are read for the figure. */
export interface TextLine {
  readonly text: string;
  /** 1-based. */
  readonly line: number;
  /** What the reader took it for. */
  readonly kind: CheckedPattern["lines"][number]["kind"] | undefined;
  /** Where making up begins. */
  readonly making: boolean;
}

/** The lines of a pattern, and the part whose lines a line belongs to: none once making up has begun. */
export function textLines(
  pattern: CheckedPattern,
  text: string,
): { readonly lines: readonly TextLine[]; readonly sectionOf: (line: number) => number | undefined } {
  const kinds = new Map(pattern.lines.map((l) => [l.line, l.kind]));
  const plain = regularText(text);
  const all = linesOf(plain).map((l) => plain.slice(l.from, l.to));
  const made = all.findIndex((l) => MAKING_UP.test(l.toLowerCase())) + 1;
  return {
    lines: all.map((t, i) => ({ text: t, line: i + 1, kind: kinds.get(i + 1), making: made === i + 1 })),
    sectionOf: (line) => {
      if (made > 0 && line >= made) return undefined;
      const at = pattern.parts.findLastIndex((p) => p.line <= line);
      return at < 0 ? undefined : at;
    },
  };
}
