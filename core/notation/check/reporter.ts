import { MAX_PROBLEMS } from "../limits";
import { couldNotRead, type Fix, type Problem, type ProblemDetail, type Severity } from "../problems";
import type { Line } from "../text";
import type { Span } from "../tree";

/** Where problems are told. */
export interface Told {
  readonly source: string;
  report(at: Span, detail: ProblemDetail, severity: Severity, fix?: Fix): void;
}
/** Hears nothing: what may still turn out otherwise is not told. */
export const NOBODY: Told = { source: "", report: () => undefined };

/** Collects problems with their places, `MAX_PROBLEMS` at most. */
export class Reporter implements Told {
  readonly problems: Problem[] = [];
  constructor(
    readonly source: string,
    readonly lines: readonly Line[],
  ) {}

  report(at: Span, detail: ProblemDetail, severity: Severity, fix?: Fix): void {
    // What could not be read is no mistake of the maker's.
    if (severity === "error" && couldNotRead(detail)) severity = "warning";
    if (this.problems.length === MAX_PROBLEMS)
      this.problems.push(this.located(at, { code: "more-problems", shown: MAX_PROBLEMS }, "note", undefined));
    else if (this.problems.length < MAX_PROBLEMS) this.problems.push(this.located(at, detail, severity, fix));
  }

  private located(at: Span, detail: ProblemDetail, severity: Severity, fix: Fix | undefined): Problem {
    at = { from: at.from, to: Math.max(at.from, at.to) };
    let low = 0;
    let high = this.lines.length - 1;
    while (low < high) {
      const mid = (low + high + 1) >> 1;
      if ((this.lines[mid]?.from ?? 0) <= at.from) low = mid;
      else high = mid - 1;
    }
    const line = this.lines[low];
    const column = at.from - (line?.from ?? 0) + 1;
    const endColumn = Math.max(column, Math.min(at.to, line?.to ?? at.to) - (line?.from ?? 0) + 1);
    return { ...detail, from: at.from, to: at.to, severity, line: line?.number ?? 1, column, endColumn, fix };
  }
}
