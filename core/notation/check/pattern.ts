import { told, type Answer } from "../answers";
import { firstRoundOf, type CheckedPart, type CheckedPattern, type PartEvent } from "../count/checked";
import { couldNotRead } from "../problems";
import { DocumentReader, type RoundMemory } from "../document";
import { readHead } from "../head";
import { MAX_TEXT } from "../limits";
import type { Terms } from "../stitches";
import { recogniseTerms } from "../terms";
import { linesOf, regular } from "../text";
import type { Budget } from "./expand";
import { countPart } from "./part";
import { Reporter } from "./reporter";
import { uncountedOf } from "./uncounted";

/** What a reader that reads one text over and over remembers of its rounds; see `RoundMemory`. */
export type MemoryByTerms = Readonly<Record<Terms, RoundMemory>>;
/** Parts before and after that the words of a round may mean: time stays linear in a text of thousands. */
const MOST_PARTS = 30;

/**
 * Reads and counts a written pattern. Total: any text gives a result, never an exception; time is
 * linear in the text and in the rounds it expands to (at most `MAX_ROUNDS`).
 */
export function checkPattern(
  text: string,
  options: {
    readonly terms?: Terms | "auto";
    readonly otherwise?: Terms;
    readonly memory?: MemoryByTerms;
    /** What the maker said about doubts of this text. */
    readonly answers?: readonly Answer[] | undefined;
  } = {},
): CheckedPattern {
  const source = text.length > MAX_TEXT ? text.slice(0, MAX_TEXT) : text;
  const written = regular(source);
  const answered = told(written, linesOf(written), options.answers ?? []);
  const { plain } = answered;
  const to = new Reporter(source, linesOf(plain));
  if (text.length > MAX_TEXT)
    to.report(
      { from: MAX_TEXT - 1, to: MAX_TEXT },
      { code: "too-large", what: "text", limit: MAX_TEXT },
      "error",
    );
  const wanted = options.terms ?? "auto";
  const recognised =
    wanted === "auto"
      ? recogniseTerms(plain, options.otherwise ?? "us")
      : { terms: wanted, reason: "chosen by hand" };
  const memory = options.memory?.[recognised.terms];
  const raw = new DocumentReader(source, plain, recognised.terms, memory, answered).read();
  const parts: CheckedPart[] = [];
  const budget: Budget = { rounds: 0, stopped: false };
  const habits = new Set<string>();
  raw.parts.forEach((part, i) => {
    const after = raw.parts.slice(i + 1, i + 1 + MOST_PARTS);
    parts.push(countPart(part, parts.slice(-MOST_PARTS), after, to, budget, answered.totals, habits));
    seams(part.events, to);
  });
  seams(raw.assembly, to);
  for (const f of raw.unread) to.report(f, f.detail, f.severity);
  if (parts.length === 0)
    to.report({ from: 0, to: Math.min(1, source.length) }, { code: "nothing-to-read" }, "error");
  to.problems.sort((a, b) => a.from - b.from || a.to - b.to);
  return {
    ok: !to.problems.some((p) => p.severity === "error"),
    sure: !to.problems.some((p) => p.severity === "error" || (p.severity === "warning" && couldNotRead(p))),
    terms: recognised.terms,
    termsReason: recognised.reason,
    parts,
    assembly: raw.assembly,
    problems: to.problems,
    lines: raw.lines,
    head: readHead(plain, to.lines[(firstRoundOf(parts)?.line ?? 0) - 1]?.from ?? plain.length),
    uncounted: uncountedOf(plain, source, to.lines, raw, parts, recognised.terms),
  };
}

/** Two edges sewn together that do not have as many stitches. */
function seams(events: readonly PartEvent[], to: Reporter): void {
  for (const { event } of events)
    if (event.kind === "seam" && event.edges && !event.matched)
      to.report(
        event.at,
        { code: "seam-does-not-match", first: event.edges[0], second: event.edges[1] },
        "error",
      );
}
