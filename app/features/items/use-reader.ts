import { useEffect, useMemo, useState } from "react";
import type { Answer, CheckedPattern } from "@core/notation";
import type { Read, Reader } from "./reader";

/** What is stored, and what the server made of it. */
interface Stored {
  readonly pattern: string;
  readonly answers: readonly Answer[];
  readonly checked: CheckedPattern;
}

/**
 * The count of what is typed, read in the page at every key. The reader is large and comes when the page stands:
 * what is stored was read by the server, and until the reader is there other words have no count (`waiting`).
 */
export function useReader(
  typed: { readonly pattern: string; readonly answers: readonly Answer[] },
  stored: Stored,
  terms: "us" | "uk",
): Read & { readonly reader: Reader | undefined; readonly waiting: boolean } {
  const [reader, setReader] = useState<Reader>();
  useEffect(() => {
    let gone = false;
    void import("./reader").then(({ readerOf }) => {
      if (!gone) setReader(readerOf(terms));
    });
    return () => {
      gone = true;
    };
  }, [terms]);
  const { pattern, answers } = typed;
  return useMemo(() => {
    if (pattern === stored.pattern && sameAnswers(answers, stored.answers))
      return { pattern: stored.checked, failed: false, waiting: false, reader };
    if (reader) return { ...reader.read(pattern, answers), waiting: false, reader };
    return { pattern: { ...stored.checked, problems: [] }, failed: false, waiting: true, reader };
  }, [pattern, answers, stored.pattern, stored.answers, stored.checked, reader]);
}

const sameAnswers = (a: readonly Answer[], b: readonly Answer[]): boolean =>
  JSON.stringify(a) === JSON.stringify(b);
