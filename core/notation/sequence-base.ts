import { Cursor } from "./cursor";
import { hangSpurs } from "./hanging";
import type { ProblemDetail, Severity } from "./problems";
import type { Terms } from "./stitches";
import type { Loops, Node, Span } from "./tree";
import { readStitch } from "./vocabulary";

/** Named blocks by their words: "arm" → what is worked wherever a round says "arm". */
export type Blocks = ReadonlyMap<string, readonly Node[]>;
const NO_BLOCKS: Blocks = new Map();

/**
 * Something that was noticed while reading. `doubt`: a word or a number that may be no more than talk; it is only
 * worth telling when the round does not come out without it.
 */
export type Found = Span & {
  readonly detail: ProblemDetail;
  readonly severity: Severity;
  readonly doubt?: "word" | "number";
};
export type Close = ")" | "]" | "}" | ">" | "end";
export const CLOSER: ReadonlyMap<string, Close> = new Map(
  Object.entries<Close>({ "(": ")", "[": "]", "{": "}", "<": ">" }),
);
export const SEPARATOR = new Set([
  ",",
  ";",
  ".",
  ":",
  "-",
  "--",
  "and",
  "then",
  "&",
  "+",
  "/",
  "|",
  "now",
  "again",
  "also",
  "!",
  "'",
  '"',
  "_",
  "__",
  "**",
  "***",
  "~",
  "plus",
]);
export const REPEAT = new Set(["rep", "repeat", "reps", "repeats", "repeating", "rpt"]);

/** What reading a round rests on: the tokens, what was found, and looks ahead that change nothing. */
export abstract class Reading {
  readonly found: Found[] = [];
  /** Behind "repeat round 5" a total may stand with nothing worked before it. */
  totalsAlone = false;
  protected loops: Loops = "both";
  /** Inside a repeat that a star opened: the next star closes it and multiplies nothing. */
  protected inStar = false;
  /** The part a joining spoke of: "… and work 12 sc around it". */
  protected lastPart: string | undefined;
  constructor(
    protected readonly c: Cursor,
    protected readonly terms: Terms,
    protected readonly blocks: Blocks = NO_BLOCKS,
  ) {}

  protected report(
    span: Span,
    detail: ProblemDetail,
    severity: Severity = "error",
    doubt?: "word" | "number",
  ): void {
    this.found.push({ from: span.from, to: span.to, detail, severity, ...(doubt ? { doubt } : {}) });
  }

  /** Spurs taken out of the count; a spur that does not fit its chain is told. */
  protected hung(nodes: readonly Node[], started: boolean): readonly Node[] {
    const { nodes: out, slips } = hangSpurs(nodes, started);
    for (const s of slips) this.report(s.node, { code: "spur-does-not-fit", worked: s.worked, room: s.room });
    return out;
  }

  protected words(from: number, to: number): string {
    const text = this.c.source.slice(from, to).replace(/\s+/g, " ").trim();
    return text.length > 60 ? `${text.slice(0, 57)}…` : text;
  }

  protected chainsBefore(items: readonly Node[]): number {
    let n = 0;
    for (const i of items)
      if (i.kind === "work" && i.op.stitch === "ch" && i.times.kind === "number") n += i.times.n;
    return n;
  }

  protected workAt(i: number): boolean {
    const { c } = this;
    const at = c.at;
    c.at = i;
    c.take("then", "and");
    c.number();
    const opens = CLOSER.get(c.text()) !== undefined;
    const word = opens ? undefined : readStitch(c, this.terms);
    c.at = at;
    return opens || (word !== undefined && word.kind !== "generic");
  }

  protected chunkEnd(close: Close, soft: boolean): number {
    const { c } = this;
    let i = c.at;
    for (; i < c.tokens.length; i++) {
      const t = c.tokens[i]?.text ?? "";
      if (t === ";" || (t === "." && c.tokens[i + 1]?.kind !== "number") || (close !== "end" && t === close))
        break;
      if (t === "*" || t === "[" || t === "{") break;
      if (t === "(" && (c.tokens[i + 1]?.kind === "number" || i > c.at)) break;
      if (t === "," && (soft || this.workAt(i + 1))) break;
      if (t === ":" && i > c.at && this.workAt(i + 1)) break;
      if (
        soft &&
        (t === "and" || t === "then") &&
        i > c.at &&
        c.tokens[i + 1]?.text !== "then" &&
        this.workAt(i + 1)
      )
        break;
    }
    return i;
  }
}

export function withLoops(n: Node, loops: Loops): Node {
  if (n.kind === "work") return { ...n, op: { ...n.op, loops } };
  if (n.kind === "group") return { ...n, items: n.items.map((i) => withLoops(i, loops)) };
  return n;
}

export const spanOf = ({ from, to }: Span): Span => ({ from, to });

export function readStitchAhead(c: Cursor, terms: Terms): boolean {
  const at = c.at;
  const word = readStitch(c, terms);
  c.at = at;
  return word !== undefined && word.kind !== "generic";
}
