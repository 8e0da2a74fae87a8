import type { Span } from "./tree";

/** One change of the text that mends a problem: applied by replacing `from`–`to` with `text`. */
export interface Fix extends Span {
  readonly text: string;
  /** What it does, in the maker's words. */
  readonly label: string;
}

export type Severity = "error" | "warning" | "note";

/** A problem is data; its wording is made in `problemText`. */
export type ProblemDetail =
  | {
      readonly code: "repeat-does-not-fit";
      readonly unit: number;
      readonly available: number;
      readonly over: number;
    }
  | {
      readonly code: "too-few-used";
      readonly used: number;
      readonly available: number;
      readonly made: number;
    }
  | {
      readonly code: "too-many-used";
      readonly used: number;
      readonly available: number;
      readonly made: number;
    }
  | {
      readonly code: "total-wrong";
      readonly made: number;
      readonly written: number;
      readonly used: number;
      readonly available: number | undefined;
    }
  | {
      readonly code: "count-wrong";
      readonly used: number;
      readonly available: number;
      readonly made: number;
      readonly written: number;
    }
  | { readonly code: "totals-disagree"; readonly first: number; readonly second: number }
  | { readonly code: "stitches-left"; readonly used: number; readonly available: number }
  | { readonly code: "round-missing"; readonly expected: number; readonly found: number }
  | { readonly code: "round-twice"; readonly number: number; readonly line: number }
  | { readonly code: "range-length"; readonly written: number; readonly counted: number }
  | { readonly code: "range-backwards"; readonly first: number; readonly last: number }
  | { readonly code: "no-such-round"; readonly number: number; readonly part: string | undefined }
  | { readonly code: "no-such-part"; readonly name: string }
  | { readonly code: "unknown-word"; readonly word: string; readonly near: string | undefined }
  | { readonly code: "not-understood"; readonly text: string }
  | { readonly code: "unclosed-bracket"; readonly bracket: string }
  | { readonly code: "unopened-bracket"; readonly bracket: string }
  | { readonly code: "repeat-without-start" }
  | { readonly code: "number-asked"; readonly text: string }
  | {
      readonly code: "too-large";
      readonly what: "repeat" | "nesting" | "rounds" | "text" | "chain" | "words" | "label" | "make";
      readonly limit: number;
    }
  | {
      readonly code: "opening-too-small";
      readonly what: string;
      readonly count: number;
      readonly least: number;
    }
  | { readonly code: "spur-does-not-fit"; readonly worked: number; readonly room: number }
  | { readonly code: "loop-not-free"; readonly which: string; readonly round: number }
  | { readonly code: "seam-does-not-match"; readonly first: number; readonly second: number }
  | { readonly code: "used-before-made"; readonly name: string; readonly line: number }
  | { readonly code: "not-increase-last"; readonly ends: string }
  | { readonly code: "nothing-to-read" }
  | { readonly code: "more-problems"; readonly shown: number };

export type Problem = Span &
  ProblemDetail & {
    readonly severity: Severity;
    readonly line: number;
    readonly column: number;
    readonly endColumn: number;
    readonly fix: Fix | undefined;
  };

/** Is it the reader that failed, and not the maker who slipped? */
export const couldNotRead = (p: ProblemDetail): boolean =>
  p.code === "not-understood" || (p.code === "unknown-word" && p.near === undefined);

/** Words of the text, no longer than a message may be. */
const short = (words: string) => (words.length > 60 ? `${words.slice(0, 57)}…` : words);
const sts = (n: number) => (n === 1 ? "1 stitch" : `${n} stitches`);

/** The message in the maker's words: what is wrong, with both numbers. */
export function problemText(p: ProblemDetail): string {
  switch (p.code) {
    case "repeat-does-not-fit":
      return `The repeat uses ${sts(p.unit)} at a time, and ${p.available} are there: ${p.over} would be left over.`;
    case "too-few-used":
      return `This round uses ${p.used} of ${p.available}: ${sts(p.available - p.used)} would be left unworked.`;
    case "too-many-used":
      return `This round uses ${sts(p.used)}, but only ${p.available} are there.`;
    case "total-wrong":
      return `The round makes ${p.made}, but ${p.written} is written.`;
    case "count-wrong":
      return `The round uses ${p.used} of ${p.available} and makes ${p.made}, but ${p.written} is written.`;
    case "totals-disagree":
      return `Two totals are written, ${p.first} and ${p.second}, and they disagree.`;
    case "stitches-left":
      return `${sts(p.available - p.used)} of ${p.available} stay unworked. If you mean it, carry on.`;
    case "round-missing":
      return p.found - p.expected === 1
        ? `Round ${p.expected} is missing: round ${p.found} comes next.`
        : `Rounds ${p.expected} to ${p.found - 1} are missing.`;
    case "round-twice":
      return `Round ${p.number} was already there on line ${p.line}.`;
    case "range-length":
      return `It says ${p.written} rounds, but the numbers make ${p.counted}.`;
    case "range-backwards":
      return `The rounds run backwards, from ${p.first} to ${p.last}.`;
    case "no-such-round":
      return p.part === undefined
        ? `There is no round ${p.number} before this one to repeat.`
        : `“${short(p.part)}” has no round ${p.number}.`;
    case "no-such-part":
      return `There is no part called “${short(p.name)}” above this line.`;
    case "unknown-word":
      return p.near === undefined
        ? `“${short(p.word)}” is not a stitch Lapka knows, so this round cannot be counted for certain.`
        : `“${short(p.word)}” is not known. Do you mean “${p.near}”?`;
    case "not-understood":
      return `“${short(p.text)}” could not be read, so it is not counted.`;
    case "unclosed-bracket":
      return `“${p.bracket}” is opened here and never closed.`;
    case "unopened-bracket":
      return `“${p.bracket}” closes something that was never opened.`;
    case "repeat-without-start":
      return "“Repeat from *” needs a * where the repeat begins.";
    case "number-asked":
      return `“${short(p.text)}” gives no number. Write how many rounds or stitches, so that every piece comes out alike.`;
    case "too-large":
      return {
        repeat: `A repeat may run at most ${p.limit} times.`,
        nesting: `Brackets may stand at most ${p.limit} deep.`,
        rounds: `A pattern may have at most ${p.limit} rounds.`,
        text: `Only the first ${p.limit} characters are read.`,
        words: `Only the first ${p.limit} words of a round are read.`,
        label: `Rounds are numbered up to ${p.limit}: this number is no round’s. If it is something else, take it off this line.`,
        make: `A part may be made at most ${p.limit} times; more than that is a run of many. ${p.limit} are counted.`,
        chain: `At most ${p.limit} stitches in a row are counted.`,
      }[p.what];
    case "opening-too-small":
      return `Only ${sts(p.count)} are left here: ${p.what} need an opening of ${p.least} or more, so do it earlier.`;
    case "spur-does-not-fit":
      return p.worked > p.room
        ? `${sts(p.worked)} are worked on a chain that has room for ${p.room}.`
        : `${p.worked} of ${sts(p.room)} on this chain are worked: ${p.room - p.worked} would be left bare.`;
    case "loop-not-free":
      return `The ${p.which} loops of round ${p.round} are not free: they were worked already.`;
    case "seam-does-not-match":
      return `The edges do not match: ${sts(p.first)} against ${p.second}.`;
    case "used-before-made":
      return `“${short(p.name)}” is worked in here, but it is only made further down, on line ${p.line}. Make it first.`;
    case "not-increase-last":
      return `It says that the round ends in an increase, but it ends in ${p.ends}.`;
    case "nothing-to-read":
      return "No round was found. Begin a line with “Rnd 1:” and write what is worked in it.";
    case "more-problems":
      return `Only the first ${p.shown} problems are listed.`;
  }
}
