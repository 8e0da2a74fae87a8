import type { Stripes } from "./document/stripes";
import { readShade } from "./colours";
import { told, withWords, type Told } from "./answers";
import { Cursor } from "./cursor";
import type { RoundLabel } from "./labels";
import { readColourNames } from "./document/colour-names";
import { makesIn } from "./document/makes";
import { readMake } from "./document/heading";
import { listedMakes } from "./document/parts-list";
import { doubled } from "./phrases/doubled";
import { eachPlain } from "./phrases/each-plain";
import { pairs } from "./phrases/pairs";
import type { Context } from "./phrases/phrase";
import { readLegend, type Legend } from "./legend";
import { readRound, type Found, type Tree } from "./round/read";
import type { Terms } from "./stitches";
import { MAX_ROUND_TOKENS } from "./limits";
import { operationsOf } from "./surroundings";
import { linesOf, type Line } from "./text";
import type { Token } from "./tokens";
import type { Node, PatternEvent, Span, Times } from "./tree";
import { readStitch } from "./vocabulary";

/** Rounds of another place that this line stands for. */
export interface Reference {
  /** undefined: the same part. */
  readonly part: string | undefined;
  readonly partAt: Span | undefined;
  readonly first: number | undefined;
  readonly last: number | undefined;
  /** "the last 2 rounds". */
  readonly back: number;
  /** How often the referred rounds are worked here. undefined: as often as the label's numbers ask for. */
  readonly times: number | undefined;
  /** "until there are 9 rounds in all": the number of the last one. */
  readonly until: number | undefined;
}

export interface RawRound {
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly label: RoundLabel | undefined;
  readonly nodes: readonly Node[];
  readonly found: readonly Found[];
  /** All ways to read its words, the likeliest first; `nodes` and `found` are those of the first. */
  readonly trees: readonly Tree[];
  readonly reference: Reference | undefined;
  /** "Same": the round before it once more, or nothing but plain stitches. These are the latter. */
  readonly even?: readonly Tree[];
  /** Worked once behind it, outside of any round: a slip stitch to end with, a loop of chains. */
  readonly closing: readonly Node[];
  /** Slot named between the lines before this round, if any. */
  readonly slot: string | undefined;
  /** Where its last sentence says how many pieces there are. */
  readonly pieces?: Span;
}

export interface RawPart {
  readonly name: string;
  readonly make: number;
  readonly line: number;
  readonly from: number;
  readonly slot: string | undefined;
  readonly rounds: RawRound[];
  /** Numbers of its lines that work nothing: steps among the rounds. */
  readonly steps: number[];
  readonly events: { readonly event: PatternEvent; readonly line: number; readonly afterRound: number }[];
  readonly joinedNote: boolean | undefined;
  readonly implied: boolean;
  /** Colours of its rounds by their number, told in a sentence. */
  readonly stripes?: Stripes;
}

export type LineKind = "blank" | "heading" | "round" | "continuation" | "event" | "colour" | "setup" | "note";
export interface LineReading {
  readonly line: number;
  readonly kind: LineKind;
}

export interface RawPattern {
  readonly parts: readonly RawPart[];
  readonly lines: readonly LineReading[];
  /** What happens once the parts are there: seams, embroidery, pompoms. */
  readonly assembly: readonly {
    readonly event: PatternEvent;
    readonly line: number;
    readonly afterRound: number;
  }[];
  /** Lines with stitches in them that are not counted. */
  readonly unread: readonly Found[];
}

/** A part while its lines are still being read. */
export interface OpenPart extends Omit<RawPart, "make" | "joinedNote" | "slot" | "stripes"> {
  stripes?: Stripes;
  make: number;
  joinedNote: boolean | undefined;
  slot: string | undefined;
}
export interface Heading {
  name: string;
  make: number;
  slot: string | undefined;
  line: number;
  from: number;
  joined?: boolean;
}
export interface OpenRound {
  tokens: Token[];
  /**
   * Brackets and stars still open at the end of `tokens`, kept as they come so that a long round stays
   * linear.
   */
  depth: number;
  stars: number;
  label: RoundLabel | undefined;
  line: number;
  slot: string | undefined;
  part: OpenPart;
  /** So many of its tokens stood on a line of their own before its label: "Make a magic ring." */
  setup?: number;
}

/**
 * Trees of rounds by their text, for a text that is read again and again while it is typed: only the
 * changed round is parsed anew. Held by whoever reads (one page, one terms setting), never shared.
 */
export class RoundMemory {
  private readonly trees = new Map<string, { from: number; trees: readonly Tree[] }>();
  constructor(private readonly most = 4000) {}
  get(text: string) {
    return this.trees.get(text);
  }
  set(text: string, read: { from: number; trees: readonly Tree[] }): void {
    if (this.trees.size >= this.most) this.trees.clear();
    this.trees.set(text, read);
  }
}

/** Remembered trees where their text stands now. */
function moved(known: { from: number; trees: readonly Tree[] }, from: number): readonly Tree[] {
  const by = from - known.from;
  if (by === 0) return known.trees;
  const at = <S extends Span>(s: S): S => ({ ...s, from: s.from + by, to: s.to + by });
  return known.trees.map((t) => ({
    nodes: t.nodes.map((n) => shift(n, by)),
    found: t.found.map(at),
    cost: t.cost,
  }));
}

function shift(node: Node, by: number): Node {
  const at = { from: node.from + by, to: node.to + by };
  const times = (t: Times): Times =>
    t.kind === "number" && t.at ? { ...t, at: { from: t.at.from + by, to: t.at.to + by } } : t;
  switch (node.kind) {
    case "work":
      return {
        ...node,
        ...at,
        times: times(node.times),
        ...(node.other ? { other: shift(node.other, by) } : {}),
      };
    case "group":
      return {
        ...node,
        ...at,
        times: times(node.times),
        items: node.items.map((n) => shift(n, by)),
        ...(node.other ? { other: shift(node.other, by) } : {}),
      };
    case "evenly":
      return { ...node, ...at, ...(node.at ? { at: { from: node.at.from + by, to: node.at.to + by } } : {}) };
    default:
      return { ...node, ...at };
  }
}

export const opened = (tokens: readonly Token[]): { depth: number; stars: number } => {
  let depth = 0;
  let stars = 0;
  for (const { text } of tokens) {
    if (text === "(" || text === "[" || text === "{") depth++;
    else if (text === ")" || text === "]" || text === "}") depth--;
    else if (text === "*") stars++;
  }
  return { depth, stars };
};
export function append(open: OpenRound, tokens: readonly Token[]): void {
  const more = opened(tokens);
  open.depth += more.depth;
  open.stars += more.stars;
  if (open.tokens.length <= MAX_ROUND_TOKENS) open.tokens.push(...tokens);
}

const TOLD_TO = new Set(["you", "will", "you'll", "need", "to", "have"]);
/** What is done with both once there are two. */
const JOINED = /^(join|sew|stitch|put|lay|place|hold|crochet|sc|dc|stuff|attach)$/;
/** What may stand behind "make another". */
const AGAIN = /^(?:one|piece|side|the|same|like|this|way|just|exactly|alike|half|it|first|identical)$/;

/** "2 in next", "2 in 1": the stitch is left out where there is only one. */
const inEach = (tokens: readonly Token[], i: number): boolean =>
  tokens[i]?.kind === "number" &&
  tokens[i + 1]?.text === "in" &&
  /^(next|each|every|same|1|one)$/.test(tokens[i + 2]?.text ?? "");

/** "Every stitch twice", "all together by twos": work that is told by its places, without a stitch's name. */
const UNNAMED = [doubled, eachPlain, pairs];
function worksUnnamed(c: Cursor, x: Context): boolean {
  const { at } = c;
  const reads = UNNAMED.some((p) => ((c.at = at), p.starts.has(c.text()) && p.read(c, x).length > 0));
  c.at = at;
  return reads;
}

/**
 * What reading a pattern rests on: its lines, the names and blocks it has given, and looks at a line that
 * change nothing.
 */
export abstract class DocumentBase {
  protected readonly parts: OpenPart[] = [];
  protected readonly textLines: readonly Line[];
  /** Names of the parts so far and blocks given under a name: both decide how later words are read. */
  protected readonly names = new Set<string>();
  protected readonly blocks = new Map<string, readonly Node[]>();
  protected readonly legend: Legend;
  protected known = "";
  private letters = "";
  protected readonly lineKinds: LineReading[] = [];
  protected heading: Heading | undefined;
  protected part: OpenPart | undefined;
  protected open: OpenRound | undefined;
  protected slot: string | undefined;
  /** Letters and words the text gives to colours. */
  protected readonly colours: ReadonlyMap<string, string>;
  /** How many of each part, where a list at the head tells it. */
  protected readonly listed: ReadonlyMap<string, number>;
  protected setup: Token[] = [];
  protected setupLine = 0;
  protected joinedNote: boolean | undefined;
  /** Told above a part: of the next that begins. */
  protected stripes: Stripes | undefined;
  protected inNotes = false;
  /** Under "Assembly": numbered lines are steps there. */
  protected sewingUp = false;
  protected total = 0;
  protected readonly assembly: {
    readonly event: PatternEvent;
    readonly line: number;
    readonly afterRound: number;
  }[] = [];
  protected readonly unread: Found[] = [];
  protected tooLong: Span | undefined;
  constructor(
    protected readonly source: string,
    protected readonly plain: string,
    protected readonly terms: Terms,
    protected readonly memory: RoundMemory = new RoundMemory(),
    protected readonly answered: Pick<Told, "words" | "headings"> = told(plain, [], []),
  ) {
    this.textLines = linesOf(plain);
    this.legend = withWords(readLegend(plain, this.textLines, source, terms), answered.words, terms);
    this.colours = readColourNames(plain, this.textLines, source);
    this.listed = listedMakes(plain, this.textLines);
    if (this.legend.size > 0 || this.colours.size > 0) this.known = this.letters = this.legendKey();
  }

  protected legendKey(): string {
    return this.legend.size + this.colours.size === 0
      ? ""
      : `\u0000${JSON.stringify([[...this.legend], [...this.colours]])}`;
  }

  protected cursor(tokens: readonly Token[]): Cursor {
    return new Cursor(tokens, this.source, this.names, this.legend, this.colours);
  }

  protected get context(): Context {
    return { terms: this.terms, blocks: this.blocks };
  }

  protected hasWork(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    for (let i = 0; i < tokens.length; i++) {
      c.at = i;
      if (tokens[i]?.kind === "word" && readStitch(c, this.terms)) return true;
      c.at = i;
      if (inEach(tokens, i) || worksUnnamed(c, this.context)) return true;
    }
    return tokens.some((t) => t.text === "around");
  }

  /** Stitches with names of their own, not only "2 stitches". */
  protected hasCountedWork(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    for (let i = 0; i < tokens.length; i++) {
      c.at = i;
      const kind = tokens[i]?.kind;
      const word = kind === "word" || kind === "number" ? readStitch(c, this.terms) : undefined;
      if (word && word.kind !== "generic") return true;
      // "A 8, B 8", "8 A, 8 B": so many in each colour; "A 50 g" is a measure.
      const numberAt = tokens[i + 1]?.kind === "number" ? i + 1 : tokens[i - 1]?.kind === "number" ? i : -1;
      const ends = numberAt >= 0 && (tokens[numberAt + 1]?.kind ?? "mark") === "mark";
      if (kind === "word" && ends && c.colours.has(tokens[i]?.text ?? "")) return true;
      c.at = i;
      if (inEach(tokens, i) || worksUnnamed(c, this.context)) return true;
    }
    return false;
  }

  protected trees(tokens: readonly Token[]): readonly Tree[] {
    const from = tokens[0]?.from ?? 0;
    if (tokens.length === 0) return readRound(this.cursor(tokens), this.context);
    // Words that the text does not have, put in for what it says otherwise, are part of what is remembered.
    const put = tokens.filter((t) => t.to === t.from).map((t) => t.text);
    const key =
      this.source.slice(from, tokens[tokens.length - 1]?.to ?? from) +
      put.join("\u0001") +
      (this.speaksOfParts(tokens) ? this.known : this.letters);
    const known = this.memory.get(key);
    if (known) return moved(known, from);
    const trees = readRound(this.cursor(tokens), this.context);
    this.memory.set(key, { from, trees });
    return trees;
  }

  /**
   * Does a name that the text gave a part or a block stand among the words? Only then do names decide how
   * they are read.
   */
  private speaksOfParts(tokens: readonly Token[]): boolean {
    const first = this.firstWords();
    for (const t of tokens) if (first.has(t.text)) return true;
    return false;
  }
  private firstWords(): ReadonlySet<string> {
    const size = this.names.size + this.blocks.size;
    if (this.begins.size !== size)
      this.begins = {
        size,
        // A block is named in the plural too: "arm" and "arms".
        words: new Set(
          [...this.names, ...this.blocks.keys(), ...[...this.blocks.keys()].map((n) => `${n}s`)].map(
            (n) => n.split(" ")[0] ?? n,
          ),
        ),
      };
    return this.begins.words;
  }
  private begins: { size: number; words: ReadonlySet<string> } = { size: 0, words: new Set() };

  protected tree(tokens: readonly Token[]): {
    nodes: readonly Node[];
    found: Found[];
    trees: readonly Tree[];
  } {
    const trees = this.trees(tokens);
    const [first] = trees;
    return { nodes: first?.nodes ?? [], found: [...(first?.found ?? [])], trees };
  }

  /** Stitches that make fabric, not only a chain or a ring to begin with. */
  protected fabricIn(tokens: readonly Token[]): boolean {
    return [...operationsOf(this.tree(tokens).nodes)].some((n) => n.op.stitch !== "ch");
  }

  /** "make 2", "(make two)", "make 2 alike". */
  protected makeLine(tokens: readonly Token[]): { make: number; slot: string | undefined } | undefined {
    if (tokens.length > 12) return undefined;
    const c = this.cursor(tokens);
    c.take("(", "[");
    // "You need to make 2."
    if (tokens.length > 4) c.takeAll(TOLD_TO);
    if (!c.is("make", "work", "crochet")) {
      const all = makesIn(tokens);
      const alone = tokens.every((t, i) => t.kind === "mark" || (all && i >= all.from && i < all.to));
      if (!all || alone) return all && { make: all.n, slot: undefined };
      // "2x, pink": so many, and their colour.
      const rest = tokens.slice(all.to).filter((t) => t.kind !== "mark" && !/^(in|with|using)$/.test(t.text));
      const shade = this.cursor(rest);
      const slot = tokens.slice(0, all.from).every((t) => t.kind === "mark") ? readShade(shade) : undefined;
      return slot !== undefined && shade.done ? { make: all.n, slot } : undefined;
    }
    // "Make a second one", "make another the same": one more of it.
    const again = c.attempt(() => {
      c.at++;
      c.take("a", "an", "1", "one", "the");
      if (!c.take("second", "2nd", "another", "other")) return undefined;
      if (c.is("one")) c.at++;
      while (c.kind() === "word" && AGAIN.test(c.text())) c.at++;
      return c.done || c.kind() === "mark" ? 2 : undefined;
    });
    if (again !== undefined) return { make: again, slot: undefined };
    const made = readMake(c, false);
    c.take("of");
    c.take("these", "those", "them", "this");
    // "Work 2 pieces in yellow."
    const slot = c.attempt(() => (c.take("in", "with", "using", ","), readShade(c)));
    let make = made;
    // "Work two in white and two in pink."
    while (make !== undefined && slot !== undefined) {
      const more = c.attempt(() => {
        const n = c.take("and", "&", ",", "+") && c.kind() === "number" ? c.number() : undefined;
        return n !== undefined && c.take("in", "with", "using") && readShade(c) !== undefined ? n : undefined;
      });
      if (more === undefined) break;
      make += more;
    }
    // "Make 2 and join with sc all round."
    const joined = c.is("and", "then") && JOINED.test(c.text(1));
    // "Make 2: Ears" names what there are to be two of.
    const names = c.is(":") && c.kind(1) === "word";
    return make !== undefined && !names && (c.done || joined || c.kind() === "mark")
      ? { make, slot }
      : undefined;
  }
}
