import { answersTo, checkPattern, RoundMemory, type Answer, type CheckedPattern } from "@core/notation";

export interface Read {
  readonly pattern: CheckedPattern;
  readonly failed: boolean;
}
export interface Reader {
  readonly read: (text: string, answers: readonly Answer[]) => Read;
  /** What she might say of a problem of a text that was read: tried on the text. */
  readonly ask: (
    text: string,
    read: CheckedPattern,
    problem: CheckedPattern["problems"][number],
    answers: readonly Answer[],
  ) => readonly Answer[];
}

/** The count of what is being typed; rounds that were read before are known again. */
export function readerOf(otherwise: "us" | "uk"): Reader {
  const memory = { us: new RoundMemory(), uk: new RoundMemory() };
  return {
    read: (text, answers) => readSafely(text, { otherwise, memory, answers }),
    ask: (text, read, problem, answers) => answersTo(text, read, problem, { otherwise, memory, answers }),
  };
}

/**
 * The reader is total, and tested to be; should a text still break it, the page stands and says so, for the text
 * on it may be the only copy.
 */
function readSafely(text: string, options: NonNullable<Parameters<typeof checkPattern>[1]>): Read {
  try {
    return { pattern: checkPattern(text, options), failed: false };
  } catch {
    return { pattern: checkPattern("", { otherwise: options.otherwise ?? "us" }), failed: true };
  }
}
