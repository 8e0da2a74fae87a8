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
 * what is stored was read by the server, and until the reader is there other words have no count (`waiting`); `lost` where it
 * could not be fetched.
 */
export function useReader(
  typed: { readonly pattern: string; readonly answers: readonly Answer[] },
  stored: Stored,
  terms: "us" | "uk",
): Read & { readonly reader: Reader | undefined; readonly waiting: boolean; readonly lost: boolean } {
  const [reader, setReader] = useState<Reader>();
  const [lost, setLost] = useState(false);
  useEffect(() => {
    let gone = false;
    import("./reader").then(
      ({ readerOf }) => {
        if (!gone) setReader(readerOf(terms));
      },
      () => {
        if (!gone) setLost(true);
      },
    );
    return () => {
      gone = true;
    };
  }, [terms]);
  const { pattern, answers } = typed;
  return useMemo(() => {
    if (pattern === stored.pattern && sameAnswers(answers, stored.answers))
      return { pattern: stored.checked, failed: false, waiting: false, reader, lost };
    if (reader) return { ...reader.read(pattern, answers), waiting: false, reader, lost };
    return { pattern: { ...stored.checked, problems: [] }, failed: false, waiting: true, reader, lost };
  }, [pattern, answers, stored.pattern, stored.answers, stored.checked, reader, lost]);
}

const sameAnswers = (a: readonly Answer[], b: readonly Answer[]): boolean =>
  JSON.stringify(a) === JSON.stringify(b);
