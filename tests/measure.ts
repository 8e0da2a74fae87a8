import type { CheckedPattern } from "../core/notation";

/** How one sound pattern was read. */
export interface Measured {
  readonly perfect: boolean;
  /** Something is reported, though nothing is wrong. */
  readonly told: boolean;
  readonly rounds: number;
  readonly right: number;
}
/** How a set of sound patterns was read. */
export interface Rate {
  readonly patterns: number;
  readonly perfect: number;
  readonly rounds: number;
  readonly right: number;
  readonly falselyReported: number;
  /** Not perfect, and not a word said. */
  readonly silent: number;
}

/** A warning counts as a report, a note does not; that an opening is small is advice. */
export const isTold = (p: CheckedPattern): boolean =>
  p.problems.some((x) => x.severity !== "note" && x.code !== "opening-too-small");

export const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

export function rateOf(all: readonly Measured[]): Rate {
  return {
    patterns: all.length,
    perfect: all.filter((x) => x.perfect).length,
    rounds: sum(all.map((x) => x.rounds)),
    right: sum(all.map((x) => x.right)),
    falselyReported: all.filter((x) => x.told).length,
    silent: all.filter((x) => !x.perfect && !x.told).length,
  };
}

/** The figures in words, for the log of the tests. */
export function rateWords(what: string, r: Rate): string {
  const share = (n: number, of: number) => `${n} of ${of} (${((100 * n) / of).toFixed(1)} %)`;
  return `${what}: ${share(r.perfect, r.patterns)} perfect, ${share(r.right, r.rounds)} rounds right, ${r.falselyReported} falsely reported, ${r.silent} wrong without a word.\n`;
}
