import { readColourChange, readShade } from "./colours";
import { Cursor } from "./cursor";
import { readEvent, startsEvent } from "./events";
import { isRoundWord, readLabel, type RoundLabel } from "./labels";
import { readLegend, type Legend } from "./legend";
import { readPartNamed } from "./pickups";
import { SequenceReader, type Found } from "./sequence";
import type { Terms } from "./stitches";
import { linesOf, type Line } from "./text";
import { tokenize, type Token } from "./tokens";
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
  readonly reference: Reference | undefined;
  /** Slot named between the lines before this round, if any. */
  readonly slot: string | undefined;
}

export interface RawPart {
  readonly name: string;
  readonly make: number;
  readonly line: number;
  readonly from: number;
  readonly slot: string | undefined;
  readonly rounds: RawRound[];
  readonly events: { readonly event: PatternEvent; readonly line: number; readonly afterRound: number }[];
  readonly joinedNote: boolean | undefined;
  readonly implied: boolean;
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
  readonly assembly: readonly { readonly event: PatternEvent; readonly line: number; readonly afterRound: number }[];
  /** Lines with stitches in them that are not counted. */
  readonly unread: readonly Found[];
}

/** A part while its lines are still being read. */
interface OpenPart extends Omit<RawPart, "make" | "joinedNote" | "slot"> {
  make: number;
  joinedNote: boolean | undefined;
  slot: string | undefined;
}
interface Heading {
  name: string;
  make: number;
  slot: string | undefined;
  line: number;
  from: number;
  joined?: boolean;
}
interface OpenRound {
  tokens: Token[];
  /** Brackets and stars still open at the end of `tokens`, kept as they come so that a long round stays linear. */
  depth: number;
  stars: number;
  label: RoundLabel | undefined;
  line: number;
  slot: string | undefined;
  part: OpenPart;
}

const NOTE_START = /^(materials?|abbreviations?|notes?|gauge|tension|size|sizes|you|supplies|tools|hook|hooks|yarns?|skills?|finished|difficulty|terms|copyright|tips?|important|optional|needle|legend|key|instructions?|description|level|this|these|if|when|for|use|using|assembly|finishing|making|pattern|special|dk|safety|eyes|fibre|filling|polyester|stuffing|scissors|us|uk|all|worked|work|about|approx|please|repeat|rep|continue|note)$/;
/** Sentences, not names: a heading never begins with these. */
/** Shades that are things as well: alone at the top of a text they name the piece. */
const THING = /^(stone|plum|rose|peach|cherry|honey|ginger|olive|lime|moss|sky|sea|ocean|forest|salmon|coral|chocolate|caramel|mustard|mint|violet|chestnut|orange|pearl|berry)$/;
const SETUP = /^(foundation|start|begin|beginning|set-up|setup|base)$/;
const SENTENCE = /^(now|do|don't|change|changing|join|carry|carrying|drop|pick|cut|continue|hold|holding|fold|flatten|turn|wrap|then|next|leave|leaving|start|begin|insert|move|pull|keep|weave|hide|switch|attach|sew|stuff|fasten|break|close|slip|knot|glue|trim|thread|embroider|cover|go|stop|see|be|we|it|there|follow|place|remove|count|check|mark|finish|add|rejoin|not|in|on|at|from|after|before|until|only|now|still|flatten|press|secure)$/;
const SEWING_UP = /^(assembly|finishing|making|sewing|joining|putting)$/;
const ASSEMBLY = /^(assembly|finishing|making|sewing|putting|materials?|abbreviations?|notes?|supplies|tools|gauge|tension|legend|key|terms|description|instructions?)$/;

interface Tree {
  readonly nodes: readonly Node[];
  readonly found: Found[];
}

/**
 * Trees of rounds by their text, for a text that is read again and again while it is typed: only the
 * changed round is parsed anew. Held by whoever reads (one page, one terms setting), never shared.
 */
export class RoundMemory {
  private readonly trees = new Map<string, { from: number; nodes: readonly Node[]; found: readonly Found[] }>();
  constructor(private readonly most = 4000) {}
  get(text: string) {
    return this.trees.get(text);
  }
  set(text: string, tree: { from: number; nodes: readonly Node[]; found: readonly Found[] }): void {
    if (this.trees.size >= this.most) this.trees.clear();
    this.trees.set(text, tree);
  }
}

/** A remembered tree where its text stands now. */
function moved(known: { from: number; nodes: readonly Node[]; found: readonly Found[] }, from: number): Tree {
  const by = from - known.from;
  if (by === 0) return { nodes: known.nodes, found: [...known.found] };
  return { nodes: known.nodes.map((n) => shift(n, by)), found: known.found.map((f) => ({ ...f, from: f.from + by, to: f.to + by })) };
}

function shift(node: Node, by: number): Node {
  const at = { from: node.from + by, to: node.to + by };
  const times = (t: Times): Times => (t.kind === "number" && t.at ? { ...t, at: { from: t.at.from + by, to: t.at.to + by } } : t);
  switch (node.kind) {
    case "work":
      return { ...node, ...at, times: times(node.times), ...(node.other ? { other: shift(node.other, by) } : {}) };
    case "group":
      return { ...node, ...at, times: times(node.times), items: node.items.map((n) => shift(n, by)), ...(node.other ? { other: shift(node.other, by) } : {}) };
    case "evenly":
      return { ...node, ...at, ...(node.at ? { at: { from: node.at.from + by, to: node.at.to + by } } : {}) };
    default:
      return { ...node, ...at };
  }
}

/** Named blocks of one text. */
const MAX_BLOCKS = 60;
/** Names of parts that later words may speak of; no pattern has more parts than that. */
const MAX_NAMES = 300;
/** A round of more words than this is read up to here. */
const MAX_ROUND_TOKENS = 6000;
/** Rounds that are read; beyond `MAX_ROUNDS` of check.ts nothing is counted anyway. */
const MAX_LINES = 10_001;

const opened = (tokens: readonly Token[]): { depth: number; stars: number } => {
  let depth = 0;
  let stars = 0;
  for (const { text } of tokens) {
    if (text === "(" || text === "[" || text === "{") depth++;
    else if (text === ")" || text === "]" || text === "}") depth--;
    else if (text === "*") stars++;
  }
  return { depth, stars };
};
function append(open: OpenRound, tokens: readonly Token[]): void {
  const more = opened(tokens);
  open.depth += more.depth;
  open.stars += more.stars;
  if (open.tokens.length <= MAX_ROUND_TOKENS) open.tokens.push(...tokens);
}

const isMarkup = (t: Token): boolean => t.kind === "mark" && (t.text === "#" || t.text === "_" || t.text.startsWith("**") || t.text.startsWith("__"));

const startsSetup = (word: string): boolean => /^(join|attach|with|rejoin|in|working|work|using)$/.test(word);

/** Lines → parts and rounds, each with its tree. Never throws; each token is read a bounded number of times. */
export class DocumentReader {
  private readonly parts: OpenPart[] = [];
  private readonly textLines: readonly Line[];
  /** Names of the parts so far and blocks given under a name: both decide how later words are read. */
  private readonly names = new Set<string>();
  private readonly blocks = new Map<string, readonly Node[]>();
  private readonly legend: Legend;
  private known = "";
  private readonly lineKinds: LineReading[] = [];
  private heading: Heading | undefined;
  private part: OpenPart | undefined;
  private open: OpenRound | undefined;
  private slot: string | undefined;
  private setup: Token[] = [];
  private setupLine = 0;
  private joinedNote: boolean | undefined;
  private inNotes = false;
  /** Under "Assembly": numbered lines are steps there. */
  private sewingUp = false;
  private total = 0;
  private readonly assembly: { readonly event: PatternEvent; readonly line: number; readonly afterRound: number }[] = [];
  private readonly unread: Found[] = [];
  private tooLong: Span | undefined;

  constructor(
    private readonly source: string,
    private readonly plain: string,
    private readonly terms: Terms,
    private readonly memory?: RoundMemory,
  ) {
    this.textLines = linesOf(plain);
    this.legend = readLegend(plain, this.textLines, source, terms);
    if (this.legend.size > 0) this.known = this.legendKey();
  }

  private legendKey(): string {
    return this.legend.size === 0 ? "" : `\u0000${JSON.stringify([...this.legend])}`;
  }

  read(): RawPattern {
    for (const line of this.textLines) this.lineKinds.push({ line: line.number, kind: this.readLine(line) });
    this.closeRound();
    this.chainPart(this.textLines.at(-1));
    return { parts: this.parts.filter((p) => p.rounds.length > 0), lines: this.lineKinds, assembly: this.assembly, unread: this.unread };
  }

  private cursor(tokens: readonly Token[]): Cursor {
    return new Cursor(tokens, this.source, this.names, this.legend);
  }

  private readLine(line: Line): LineKind {
    let tokens = tokenize(this.plain, line.from, line.to);
    if (tokens.some(isMarkup)) tokens = tokens.filter((t) => !isMarkup(t));
    const bullet = tokens[0]?.text === "-" || tokens[0]?.text === "--" || tokens[0]?.text === ">";
    let begin = 0;
    while (begin < tokens.length && /^(-|--|>|\||=+|~)$/.test(tokens[begin]?.text ?? "")) begin++;
    if (begin > 0) tokens = tokens.slice(begin);
    if (tokens[0]?.text === "~" || this.plain.charAt(line.from) === "~") {
      const plain = (t: Token | undefined) => t !== undefined && !/^[~*]+$/.test(t.text);
      const first = tokens.findIndex(plain);
      tokens = first < 0 ? [] : tokens.slice(first, tokens.findLastIndex(plain) + 1);
    }
    if (tokens.length === 0) return "blank";
    const indented = /^[ \t]/.test(this.plain.slice(line.from, line.from + 1));
    const pieces = this.split(tokens);
    let kind: LineKind = "note";
    pieces.forEach((piece, i) => {
      const k = this.readPiece(piece, line, i === 0, bullet, indented);
      if (i === 0 || k === "round") kind = k;
    });
    return kind;
  }

  /** Cuts run-on lines where a new label begins: "… (6). Rnd 2: …". */
  private split(tokens: readonly Token[]): Token[][] {
    const cuts: number[] = [];
    for (let i = 1; i < tokens.length; i++) {
      const t = tokens[i];
      if (!t || t.kind === "mark" || (t.kind === "word" && t.text.charCodeAt(0) !== 114 && t.text !== "next")) continue;
      const before = tokens[i - 1]?.text ?? "";
      const word = isRoundWord(t.text) && (tokens[i + 1]?.kind === "number" || tokens[i + 1]?.text === ".");
      const next = (t.text === "next" || t.kind === "ordinal") && (isRoundWord(tokens[i + 1]?.text ?? "") || (/^(and|to|-|&)$/.test(tokens[i + 1]?.text ?? "") && tokens[i + 2]?.kind === "ordinal" && isRoundWord(tokens[i + 3]?.text ?? "")));
      if (!word && !next) continue;
      const listed = before === "," && /^[)\]}.]$/.test(tokens[i - 2]?.text ?? "");
      if (!/^[.;)\]}!:]$/.test(before) && !listed) continue;
      const c = this.cursor(tokens);
      c.at = i;
      const label = readLabel(c, false);
      if (!label) continue;
      const closed = /^[:.)=;-]+$/.test(c.tokens[c.at - 1]?.text ?? "");
      // "…(6), R2 sc around (6)": a round word with its number behind a finished total needs no colon.
      const plainly = isRoundWord(t.text) && tokens[i + 1]?.kind === "number" && (listed || before === ":" || before === ".") && !c.done;
      if (closed || (plainly && !/^(st|sts|stitches|of|and|in|only|,|once|twice|more|until|x)$/.test(tokens[c.at]?.text ?? "") && this.hasWork(tokens.slice(c.at, c.at + 12)))) cuts.push(i);
    }
    const pieces: Token[][] = [];
    let from = 0;
    for (const cut of [...cuts, tokens.length]) {
      pieces.push(tokens.slice(from, cut));
      from = cut;
    }
    return pieces.filter((p) => p.length > 0);
  }

  private readPiece(tokens: Token[], line: Line, atStart: boolean, bullet: boolean, indented: boolean): LineKind {
    const c = this.cursor(tokens);
    const label = readLabel(c, atStart);
    const step = this.sewingUp && label !== undefined && !isRoundWord(tokens[0]?.text ?? "") && tokens[0]?.kind !== "ordinal" && !tokens.some((t) => /^(mr|mc|ring)$/.test(t.text));
    if (label && !step && this.acceptsLabel(c, label)) {
      this.inNotes = false;
      this.closeRound();
      this.ensurePart(line, label.first);
      if (this.part) this.open = this.opening(tokens.slice(c.at), label, line.number, this.part);
      this.flushSetup();
      return "round";
    }
    c.at = 0;
    const even = atStart ? this.evenRounds(tokens) : undefined;
    if (even && this.part) {
      this.closeRound();
      this.ensurePart(line, undefined);
      this.open = this.opening(even.tokens, even.label, line.number, this.part);
      return "round";
    }
    if (atStart && this.continues(tokens, indented)) {
      if (this.open) append(this.open, tokens);
      return "continuation";
    }
    const ref = this.reference(tokens);
    if (ref && (this.part ?? this.heading)) {
      this.closeRound();
      this.ensurePart(line, undefined);
      if (this.part) this.part.rounds.push({ line: line.number, from: tokens[0]?.from ?? line.from, to: tokens[tokens.length - 1]?.to ?? line.to, label: undefined, ...this.tree(ref.rest, true), reference: ref.reference, slot: this.takeSlot() });
      return "round";
    }
    const make = this.makeLine(tokens);
    if (make !== undefined) {
      if (this.heading) this.heading.make = make;
      else if (this.part) this.part.make = make;
      return "note";
    }
    if (atStart && this.blockOf(tokens, line)) {
      this.closeRound();
      return "setup";
    }
    if (atStart && !bullet) {
      const heading = this.headingOf(tokens, line);
      if (heading) return this.takeHeading(heading, line);
    }
    if (this.noteOnJoining(tokens)) return "note";
    if (this.inNotes && !this.part) return this.sewingUp ? this.sewingStep(tokens, line) : "note";
    return this.loose(tokens, line);
  }

  /** "Work 5 rounds even", "work even for 3 rounds", "sc around for 4 more rnds": plain rounds by their number. */
  private evenRounds(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    const at = tokens.findIndex((t, i) => t.kind === "number" && (isRoundWord(tokens[i + 1]?.text ?? "") || (/^(more|further|plain|even)$/.test(tokens[i + 1]?.text ?? "") && isRoundWord(tokens[i + 2]?.text ?? ""))));
    const n = tokens[at]?.value ?? 0;
    const from = tokens[0];
    const number = tokens[at];
    if (at < 0 || at > 6 || !from || !number || !Number.isInteger(n) || n < 1 || n > 400) return undefined;
    const before = tokens.slice(0, at).map((t) => t.text);
    let end = at + 1;
    while (end < tokens.length && (isRoundWord(tokens[end]?.text ?? "") || /^(more|further|even|evenly|straight|plain|of|in|sc|without|shaping|increasing|increases|decreasing|single|crochet|around|each|st|every|stitch)$/.test(tokens[end]?.text ?? ""))) end++;
    const said = [...before, ...tokens.slice(at, end).map((t) => t.text)];
    if (!before.every((t) => /^(work|crochet|continue|make|do|sc|even|evenly|straight|for|the|next|another|around|single|then|now|in|plain|each|st|with)$/.test(t))) return undefined;
    if (!said.some((t) => /^(even|evenly|straight|plain|without|sc|single)$/.test(t))) return undefined;
    const word: Token = { kind: "word", text: "even", value: NaN, from: from.from, to: number.to };
    return { label: { from: number.from, to: number.to, first: undefined, last: undefined, word: "round", written: undefined, writtenAt: undefined, list: undefined, many: n }, tokens: [word, ...tokens.slice(end)] };
  }

  /** A number and a full stop at the head of a materials list is no round. */
  private acceptsLabel(c: Cursor, label: RoundLabel): boolean {
    if (label.first === undefined || isRoundWord(c.tokens[0]?.text ?? "") || c.tokens[0]?.kind === "ordinal") return true;
    if (c.done) return false;
    const words = c.tokens.slice(c.at);
    if (/^(mm|cm|g|gram|grams|m|oz|yd|inch|inches)$/.test(words[0]?.text ?? "")) return false;
    return words.some((t, i) => {
      const at = this.cursor(words);
      at.at = i;
      return t.text !== "st" && readStitch(at, this.terms) !== undefined;
    }) || words.some((t) => /^(around|even|mr|mc|ring|rep|repeat)$/.test(t.text));
  }

  /** Does this unlabelled line carry on the round above: an open bracket, a comma at its end, or an indent? */
  private continues(tokens: readonly Token[], indented: boolean): boolean {
    const open = this.open;
    if (!open) return false;
    const c = this.cursor(tokens);
    if (startsEvent(c) && !indented) return false;
    const last = open.tokens[open.tokens.length - 1]?.text;
    const { depth, stars } = open;
    if (last === "," || last === "and" || last === "then" || last === ":" || last === "+") return true;
    const workHere = this.hasWork(tokens);
    if (depth > 0 && workHere) return true;
    const first = tokens[0]?.text ?? "";
    if (stars % 2 === 1 && /^(rep|repeat)$/.test(first) && !isRoundWord(tokens[1]?.text ?? "")) return true;
    if (/^[([{=]$/.test(first) && tokens.length <= 5 && tokens[1]?.kind === "number") return true;
    if (!indented) return false;
    return workHere || tokens[0]?.kind === "number" || startsEvent(c) || readColourChange(this.cursor(tokens)) !== undefined;
  }

  private hasWork(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    for (let i = 0; i < tokens.length; i++) {
      c.at = i;
      if (tokens[i]?.kind === "word" && readStitch(c, this.terms)) return true;
    }
    return tokens.some((t) => t.text === "around");
  }

  /** Stitches with names of their own, not only "2 stitches". */
  private hasCountedWork(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    for (let i = 0; i < tokens.length; i++) {
      c.at = i;
      const word = tokens[i]?.kind === "word" ? readStitch(c, this.terms) : undefined;
      if (word && word.kind !== "generic") return true;
    }
    return false;
  }

  private tree(tokens: readonly Token[], behindReference = false): Tree {
    const from = tokens[0]?.from ?? 0;
    const key = this.memory && tokens.length > 0 ? this.source.slice(from, tokens[tokens.length - 1]?.to ?? from) + this.known + (behindReference ? "\u0001" : "") : undefined;
    const known = key === undefined ? undefined : this.memory?.get(key);
    if (known) return moved(known, from);
    const reader = new SequenceReader(this.cursor(tokens), this.terms, this.blocks);
    reader.totalsAlone = behindReference;
    const nodes = reader.read();
    if (key !== undefined) this.memory?.set(key, { from, nodes, found: reader.found });
    return { nodes, found: [...reader.found] };
  }

  private opening(tokens: Token[], label: RoundLabel | undefined, line: number, part: OpenPart): OpenRound {
    const { depth, stars } = opened(tokens);
    return { tokens, depth, stars, label, line, slot: this.takeSlot(), part };
  }

  private closeRound(): void {
    const open = this.open;
    this.open = undefined;
    if (!open) return;
    if (this.total++ > MAX_LINES) return;
    if (open.tokens.length > MAX_ROUND_TOKENS) {
      const rest = open.tokens.splice(MAX_ROUND_TOKENS);
      this.tooLong = { from: rest[0]?.from ?? 0, to: rest[0]?.to ?? 0 };
    }
    const from = open.label?.from ?? open.tokens[0]?.from ?? 0;
    const to = open.tokens[open.tokens.length - 1]?.to ?? open.label?.to ?? from;
    const made = this.makeBehind(open.tokens);
    if (made !== undefined && open.part.make === 1) open.part.make = made;
    const ref = this.reference(open.tokens, open.label);
    const tree = this.tree(ref ? ref.rest : open.tokens, ref !== undefined);
    const { found } = tree;
    const said = open.label?.total;
    const nodes: readonly Node[] = said && !tree.nodes.some((n) => n.kind === "total") ? [...tree.nodes, { kind: "total", ...said }] : tree.nodes;
    if (this.tooLong) found.push({ ...this.tooLong, detail: { code: "too-large", what: "words", limit: MAX_ROUND_TOKENS }, severity: "error" });
    this.tooLong = undefined;
    const round: RawRound = { line: open.line, from, to, label: open.label, nodes, found, reference: ref?.reference, slot: open.slot };
    open.part.rounds.push(round);
    for (const n of nodes) if (n.kind === "event") open.part.events.push({ event: n.event, line: open.line, afterRound: open.part.rounds.length });
  }

  private ensurePart(line: Line, first: number | undefined): void {
    if (this.heading) {
      this.startPart(this.heading, false);
      this.heading = undefined;
    } else if (!this.part) this.startPart({ name: "Piece", make: 1, slot: undefined, line: line.number, from: line.from }, true);
    else if (first === 1 && this.part.rounds.length > 0) {
      this.startPart({ name: `Part ${this.parts.length + 1}`, make: 1, slot: undefined, line: line.number, from: line.from }, true);
    }
  }

  private startPart(h: Heading, implied: boolean): void {
    this.part = { name: h.name, make: h.make, line: h.line, from: h.from, slot: h.slot, rounds: [], events: [], joinedNote: h.joined ?? this.joinedNote, implied };
    this.parts.push(this.part);
    this.slot = undefined;
    if (h.slot !== undefined) this.slot = h.slot;
  }

  private takeSlot(): string | undefined {
    const slot = this.slot;
    this.slot = undefined;
    return slot;
  }

  private flushSetup(): void {
    if (this.open && this.setup.length > 0) this.open.tokens.unshift(...this.setup, { kind: "mark", text: ".", value: NaN, from: this.setup[this.setup.length - 1]?.to ?? 0, to: this.setup[this.setup.length - 1]?.to ?? 0 });
    this.setup = [];
  }

  /** A name with nothing but a chain under it is a cord: "Hanger" and "Ch 9." */
  private chainPart(line: Line | undefined): void {
    const tokens = this.setup;
    if (tokens.length > 0 && line && this.heading) {
      const at = this.setupLine;
      this.ensurePart(line, undefined);
      if (this.part) this.open = this.opening([...tokens], undefined, at, this.part);
      this.closeRound();
    }
    this.setup = [];
  }

  /** "… Fasten off. Make 2." at the end of a round's own line. */
  private makeBehind(tokens: readonly Token[]): number | undefined {
    const end = tokens.findLastIndex((t) => t.kind !== "mark");
    const at = tokens[end]?.kind === "number" ? end : -1;
    const n = tokens[at]?.value ?? 0;
    return /^(make|crochet)$/.test(tokens[at - 1]?.text ?? "") && /^[.,;(]$/.test(tokens[at - 2]?.text ?? "") && Number.isInteger(n) && n > 1 && n <= 500 ? n : undefined;
  }

  /** "make 2", "(make two)", "make 2 alike". */
  private makeLine(tokens: readonly Token[]): number | undefined {
    if (tokens.length > 7) return undefined;
    const words = tokens.filter((t) => !/^[().,:!\[\]]$/.test(t.text));
    if (!/^(make|work|crochet)$/.test(words[0]?.text ?? "") || words[1]?.kind !== "number") return undefined;
    return words.length === 2 || /^(of|alike|the|identical|in|pieces|x|parts|times|more)$/.test(words[2]?.text ?? "") ? words[1].value : undefined;
  }

  private headingOf(tokens: readonly Token[], line: Line): { heading: Heading; rest: Token[] } | undefined {
    const c = this.cursor(tokens);
    let make = 1;
    let slot: string | undefined;
    const words: Token[] = [];
    while (!c.done && words.length < 8) {
      const made = c.attempt(() => {
        const bracket = c.take("(", "[");
        c.take("-", ",", ":");
        const sign = c.take("make", "x", "work") || (bracket && c.kind() === "number");
        if (!sign) return undefined;
        c.take("x");
        const n = c.number();
        if (n === undefined || !Number.isInteger(n) || n < 1 || n > 500) return undefined;
        c.take("x", "times", "of", "pieces", "pcs", "alike", "identical", "the");
        c.take("alike", "same");
        if (bracket && !c.take(")", "]")) {
          const shade = c.take(",", ";", "in") ? (c.take("in"), readShade(c)) : readShade(c) ?? readColourChange(c);
          if (shade !== undefined) slot = shade;
          if (!c.take(")", "]")) {
            if (!c.is(":", ",", ";", "-")) return undefined;
            while (!c.done && !c.is(")", "]")) c.at++;
            if (!c.take(")", "]")) return undefined;
          }
        }
        return n;
      });
      if (made !== undefined) {
        make = made;
        continue;
      }
      const shade = c.attempt(() => {
        const bracket = c.take("(", "[");
        if (!bracket && !c.is("in", "with", "-", ",")) return undefined;
        c.take("-", ",");
        c.take("in", "with", "using", "colour", "color", ":");
        const s = readShade(c);
        if (s === undefined) return undefined;
        if (bracket) {
          const more = c.attempt(() => (c.take(",", ";"), c.take("make", "x"), c.number()));
          if (more !== undefined) make = more;
          if (!c.take(")", "]")) return undefined;
        }
        return s;
      });
      if (shade !== undefined) {
        slot = shade;
        continue;
      }
      if (c.is("(", "[")) {
        const skipped = c.attempt(() => {
          let n = 0;
          while (!c.done && !c.is(")", "]") && n < 8) {
            c.at++;
            n++;
          }
          return c.take(")", "]") ? true : undefined;
        });
        if (skipped) continue;
        return undefined;
      }
      if (c.is(":", "-", "--", ".", "=")) break;
      const t = c.peek();
      if (!t || (t.kind === "mark" && !/^[&/'"+,]$/.test(t.text))) return undefined;
      words.push(t);
      c.at++;
    }
    // "Sole trim. Join brown to …": a name and a full stop, when what follows sets up its work.
    const stopped = c.is(".") && words.length <= 3 && words[0] !== undefined && !SENTENCE.test(words[0].text) && /^(join|attach|with|using|rejoin)$/.test(c.text(1));
    const colon = c.is(":") || stopped;
    while (c.is("-", "--", ".", ":", "=")) c.at++;
    const first = words[0];
    if (!first || words.length > 7 || first.kind === "mark" || (first.kind === "number" && words.length === 1)) return undefined;
    const after = c.at;
    const tailMake = !c.done ? this.makeLine(tokens.slice(c.at)) : undefined;
    if (tailMake !== undefined) {
      make = tailMake;
      c.at = tokens.length;
    }
    const name = this.source.slice(first.from, words[words.length - 1]?.to ?? first.to).replace(/\s+/g, " ").replace(/[*_#]+/g, "").trim();
    const head: Heading = { name: name.slice(0, 60), make, slot, line: line.number, from: line.from };
    const at = this.cursor(words);
    if (readStitch(at, this.terms) || startsEvent(at) || readColourChange(at) !== undefined || (words.length === 1 && readShade(this.cursor(words)) !== undefined && !(this.parts.length === 0 && !this.heading && c.done && (THING.test(first.text) || !this.nextIsRound(line))))) return undefined;
    if (SENTENCE.test(first.text) && (words.length > 1 || slot !== undefined || (this.nextLabel(line)?.first ?? 9) > 1)) return undefined;
    if (first.kind === "number" && this.hasWork(words)) return undefined;
    if (words.some((t) => /^(mm|cm|gram|grams|oz|=|around|each|until|stitches)$/.test(t.text))) return undefined;
    if (c.done) return { heading: head, rest: [] };
    c.at = after;
    // "Seal pup - head and body in one piece": what stands behind the dash describes.
    if (!colon && /^--?$/.test(c.tokens[after - 1]?.text ?? "") && words.length <= 4 && !this.hasCountedWork(tokens.slice(after)) && !NOTE_START.test(first.text) && this.nextIsRound(line)) return { heading: head, rest: [] };
    const rest = tokens.slice(c.at);
    if (colon && words.length <= 4 && !NOTE_START.test(first.text)) {
      if (this.nextIsRound(line) && !this.hasCountedWork(rest) && startsSetup(rest[0]?.text ?? "")) return { heading: head, rest };
      const event = startsEvent(this.cursor(rest)) && !this.hasCountedWork(rest);
      if (!event && (this.hasWork(rest) || this.reference(rest) !== undefined)) return { heading: head, rest };
    }
    return undefined;
  }

  private takeHeading({ heading, rest }: { heading: Heading; rest: Token[] }, line: Line): LineKind {
    const word = heading.name.toLowerCase().split(" ")[0] ?? "";
    if (rest.length > 0 && SETUP.test(word)) {
      this.closeRound();
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "setup";
    }
    this.closeRound();
    this.chainPart(line);
    if (NOTE_START.test(word) && !(rest.length === 0 && /^(tip|eyes|key|level|size|hook|needle|hooks|scissors)$/.test(word) && this.nextIsRound(line))) {
      this.inNotes = ASSEMBLY.test(word);
      this.sewingUp = SEWING_UP.test(word);
      if (this.inNotes && this.part) this.part = undefined;
      return "note";
    }
    this.inNotes = false;
    this.sewingUp = false;
    // A name that no round followed was a title: what was said under it holds for the whole text.
    if (this.heading?.joined !== undefined) this.joinedNote = this.heading.joined;
    this.heading = heading;
    this.slot = undefined;
    this.learnName(heading.name);
    if (rest.length === 0) return "heading";
    if (this.chainOnly(rest) || (this.nextIsRound(line) && !this.hasCountedWork(rest) && startsSetup(rest[0]?.text ?? ""))) {
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "heading";
    }
    this.ensurePart(line, undefined);
    const ref = this.reference(rest);
    if (ref && this.part) {
      this.part.rounds.push({ line: line.number, from: rest[0]?.from ?? line.from, to: line.to, label: undefined, ...this.tree(ref.rest, true), reference: ref.reference, slot: this.takeSlot() });
      return "round";
    }
    if (this.part) this.open = this.opening(rest, undefined, line.number, this.part);
    return "round";
  }

  private learnName(name: string): void {
    const plain = name.toLowerCase().replace(/\s+/g, " ");
    if (plain.length < 3 || plain === "main" || plain === "round" || plain === "row" || this.names.has(plain) || this.names.size >= MAX_NAMES) return;
    this.names.add(plain);
    // A remembered round is only good while the same names are known.
    this.known = `${this.legendKey()}\u0000${[...this.names].join("|")}\u0000${[...this.blocks.keys()].join("|")}`;
  }

  /** Nothing but chains, and rounds behind them: a foundation, not yet a round. */
  private chainOnly(tokens: readonly Token[]): boolean {
    if (!/^(ch|chain|\d+|make)$/.test(tokens[0]?.text ?? "")) return false;
    const { nodes } = this.tree(tokens);
    return nodes.length > 0 && nodes.every((n) => (n.kind === "work" && n.op.stitch === "ch") || n.kind === "aside" || n.kind === "colour");
  }

  /**
   * "Arm: ch 10, sc in 2nd ch from hook, …" whose name a later round uses like a stitch: a block, kept under its name.
   */
  private blockOf(tokens: readonly Token[], line: Line): boolean {
    const colon = tokens.findIndex((t) => /^[:=]$/.test(t.text) || t.text === "-");
    if (colon < 1 || colon > 3 || tokens.length - colon < 3) return false;
    const words = tokens.slice(0, colon);
    if (words.some((t) => t.kind !== "word")) return false;
    const at = this.cursor(words);
    if (readStitch(at, this.terms) || isRoundWord(words[0]?.text ?? "")) return false;
    const rest = tokens.slice(colon + 1);
    if (!this.hasWork(rest) || rest.some((t, i) => isRoundWord(t.text) && rest[i + 1]?.kind === "number")) return false;
    const name = words.map((t) => t.text).join(" ");
    const stem = name.replace(/s$/, "").replace(/[.*+?^${}()|[\]\\]/g, "");
    // Given once, it is known; a text of nothing but blocks is not searched through for each of them.
    if (this.blocks.size >= MAX_BLOCKS && !this.blocks.has(stem)) return false;
    const later = this.plain.slice(line.to, line.to + 20_000);
    if (!this.blocks.has(stem) && !new RegExp(`(?:[,(*\\[:]|\\b(?:make|work|then|and))[ ]*(?:make |work |do |a |an |one |the |\\d+ )*${stem}s?[ ]*(?:[,)*;.\\]]|x ?\\d|\\d+ times|$)`, "m").test(later)) return false;
    const { nodes } = this.tree(rest);
    if (!nodes.some((n) => n.kind === "work" || n.kind === "group")) return false;
    this.blocks.set(stem, nodes);
    this.known = `${this.legendKey()}\u0000${[...this.names].join("|")}\u0000${[...this.blocks.keys()].join("|")}${String(rest[0]?.from)}${this.source.slice(rest[0]?.from, rest[rest.length - 1]?.to)}`;
    return true;
  }

  /** Does the next line that says anything begin a round? */
  private nextIsRound(line: Line): boolean {
    return this.nextLabel(line) !== undefined;
  }

  private nextLabel(line: Line): RoundLabel | undefined {
    for (let i = line.number; i < Math.min(this.textLines.length, line.number + 5); i++) {
      const next = this.textLines[i];
      if (!next) continue;
      const tokens = tokenize(this.plain, next.from, Math.min(next.to, next.from + 80));
      if (tokens.length === 0) continue;
      const label = readLabel(this.cursor(tokens), false);
      // What stands in brackets of its own, and the colour to begin with, may come between.
      if (label || !(/^[([]$/.test(tokens[0]?.text ?? "") || readColourChange(this.cursor(tokens)) !== undefined)) return label;
    }
    return undefined;
  }

  private noteOnJoining(tokens: readonly Token[]): boolean {
    const words = tokens.map((t) => t.text).join(" ");
    const spiral = /\b(spiral|spirally|continuous(ly)?|do not join|don't join|without joining|unjoined)\b/.test(words);
    const joined = !spiral && /\b(join(ed)?\b.*\b(each|every|all)\b.*\b(round|rnd)s?|(each|every|all|end of)\b.*\b(round|rnd)s?\b.*\bjoin(ed)?)\b/.test(words);
    if (!spiral && !joined) return false;
    if (tokens.some((t) => t.kind === "number") && this.part) return false;
    // Said under a part's name it is that part's; said before any part it holds for all.
    if (this.heading) this.heading.joined = joined;
    else if (this.part) this.part.joinedNote = joined;
    else this.joinedNote = joined;
    return true;
  }

  /** A line without a label: a colour, an event, a start, a round without a number, or a note. */
  private loose(tokens: Token[], line: Line): LineKind {
    const c = this.cursor(tokens);
    const first = tokens[0];
    if (!first) return "blank";
    const colour = readColourChange(c);
    if (colour !== undefined && (c.done || c.is(".", ",", ":", "in", "on", "at", "for", ";"))) {
      const rest = tokens.slice(c.at).filter((t, i) => !(i === 0 && /^[,.:;]$/.test(t.text)));
      if (!this.hasCountedWork(rest) && this.loopsSaid(rest)) {
        this.slot = colour;
        return this.keepSetup(rest, line);
      }
      if (!this.hasWork(rest) && !this.ringIn(rest)) {
        this.slot = colour;
        if (this.heading) this.heading.slot ??= colour;
        return "colour";
      }
      this.slot = colour;
      return this.loose(rest, line) === "note" ? "colour" : "setup";
    }
    if (/^(join|attach|rejoin|with|insert|working|work|using|tie)$/.test(first.text) && !this.hasCountedWork(tokens) && this.loopsSaid(tokens)) return this.keepSetup(tokens, line);
    if (startsEvent(this.cursor(tokens))) {
      const { nodes } = this.tree(tokens);
      const worked = nodes.some((n) => n.kind === "work" || n.kind === "group");
      if (!worked) {
        const part = this.part;
        this.closeRound();
        const events = nodes.filter((n) => n.kind === "event");
        for (const n of events) {
          if (part && !this.heading) part.events.push({ event: n.event, line: line.number, afterRound: part.rounds.length });
          else if (this.parts.length > 0) this.assembly.push({ event: n.event, line: line.number, afterRound: 0 });
        }
        return events.length > 0 ? "event" : "note";
      }
    }
    if (this.part && !this.heading && (this.part.rounds.length > 0 || this.open) && this.toolsSaid(tokens)) return this.keepSetup(tokens, line);
    const bare = this.cursor(tokens);
    const event = readEvent(bare, tokens.length);
    if (!this.hasWork(tokens) && !this.ringIn(tokens)) {
      if (event && this.part && !this.heading) {
        const part = this.part;
        this.closeRound();
        part.events.push({ event, line: line.number, afterRound: part.rounds.length });
      } else if (event && this.parts.length > 0) this.assembly.push({ event, line: line.number, afterRound: 0 });
      return event ? "event" : "note";
    }
    if (!this.part && !this.heading && /^[a-z]+$/.test(first.text) && tokens[1]?.text === "=") return "note";
    return this.impliedRound(tokens, line);
  }

  /** A line under "Assembly": whatever stitches it speaks of, it is no round. */
  private sewingStep(tokens: readonly Token[], line: Line): LineKind {
    const steps = tokens[1]?.text === "." || tokens[1]?.text === ":" || tokens[1]?.text === ")" ? tokens.slice(2) : tokens;
    const { nodes } = this.tree(steps);
    const bare = readEvent(this.cursor(steps), steps.length);
    const events = nodes.flatMap((n) => (n.kind === "event" ? [n.event] : []));
    const all = bare?.kind === "seam" ? [bare] : events.length > 0 ? events : bare ? [bare] : [];
    for (const event of all) this.assembly.push({ event, line: line.number, afterRound: 0 });
    return all.length > 0 ? "event" : "note";
  }

  /** "Join red in the front loops left by round 4": where the next round goes. */
  private loopsSaid(tokens: readonly Token[]): boolean {
    return tokens.some((t) => /^(loop|loops|lps|flo|blo)$/.test(t.text)) && tokens.some((t) => /^(left|free|unworked|remaining|unused|leftover)$/.test(t.text) || isRoundWord(t.text));
  }

  /** "Change to a 2.5 mm hook", "drop one strand" between the rounds: from the next one on. */
  private toolsSaid(tokens: readonly Token[]): boolean {
    if (tokens.length > 14 || !tokens.some((t) => /^(hook|strand|strands|doubled|double)$/.test(t.text)) || this.hasCountedWork(tokens)) return false;
    const { nodes } = this.tree(tokens);
    return nodes.some((n) => n.kind === "hook" || n.kind === "strands") && nodes.every((n) => n.kind === "hook" || n.kind === "strands" || n.kind === "aside" || n.kind === "colour");
  }

  private keepSetup(tokens: readonly Token[], line: Line): LineKind {
    this.closeRound();
    this.setup.push(...tokens);
    this.setupLine = line.number;
    return "setup";
  }

  private ringIn(tokens: readonly Token[]): boolean {
    const words = tokens.map((t) => t.text).join(" ");
    return /\b(magic|adjustable) (ring|circle|loop)\b|\b(mr|mc)\b/.test(words) && tokens.length <= 12;
  }

  /** Stitches without a label: a start kept for the next round, a round of its own, or prose about stitches. */
  private impliedRound(tokens: Token[], line: Line): LineKind {
    if (tokens.some((t, i) => t.text === "=" && tokens[i + 1]?.kind !== "number") || tokens.length > 120) return "note";
    const { nodes, found } = this.tree(tokens);
    const work = nodes.filter((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
    const start = nodes.some((n) => n.kind === "start");
    const fabric = work.some((n) => n.kind !== "work" || n.op.stitch !== "ch");
    const total = nodes.some((n) => n.kind === "total");
    const firstNode = nodes.find((n) => n.kind !== "colour");
    const layered = total && nodes.find((n) => n.kind !== "colour" && n.kind !== "aside" && n.kind !== "unknown")?.kind === "work" && work.some((n) => n.kind === "work" && n.op.layers !== undefined);
    const strict = layered || firstNode !== undefined && (firstNode.kind === "work" || firstNode.kind === "group" || firstNode.kind === "start" || firstNode.kind === "evenly");
    if (!fabric && (start || work.length > 0) && strict) {
      // "Ch 7." or "Make a magic ring." before the first round.
      this.closeRound();
      this.setup.push(...tokens);
      this.setupLine = line.number;
      return "setup";
    }
    const ringed = work.some((n) => n.kind === "work" && (n.op.into === "ring" || n.op.into === "chain"));
    const clean = found.length === 0 && strict && !nodes.some((n) => n.kind === "aside");
    if (!fabric || !(this.heading ?? this.part ?? (total || ringed))) return "note";
    if (!(total && strict) && !(ringed && strict) && !clean) {
      // Numbered stitches that could not be read as a round are said, never passed over.
      const from = tokens[0]?.from ?? line.from;
      if (work.some((n) => n.kind === "group" || (n.kind === "work" && n.times.kind === "number" && n.times.at !== undefined && n.op.stitch !== "ch"))) this.unread.push({ from, to: tokens[tokens.length - 1]?.to ?? from, detail: { code: "not-understood", text: this.source.slice(from, Math.min(line.to, from + 60)) }, severity: "note" });
      return "note";
    }
    if (this.part && !this.heading && this.part.rounds.some((r) => r.label?.first !== undefined) && !total) {
      // Inside a numbered part an unnumbered line carries the round above on.
      if (this.open) {
        append(this.open, tokens);
        return "continuation";
      }
    }
    this.closeRound();
    const startsNew = ringed && this.part !== undefined && this.part.rounds.length > 0 && !this.heading;
    this.ensurePart(line, startsNew ? 1 : undefined);
    if (this.part) this.open = this.opening(tokens, undefined, line.number, this.part);
    this.flushSetup();
    return "round";
  }

  /** "Rep rnd 5 three times more", "as rounds 1–6 of the head", "repeat the last 2 rounds twice". */
  private reference(tokens: readonly Token[], label?: RoundLabel): { reference: Reference; rest: Token[] } | undefined {
    const c = this.cursor(tokens);
    const lead = c.at;
    c.take("work", "worked", "crochet", "make", "do");
    const verb = c.is("rep", "repeat", "repeating", "rpt") ? "repeat" : c.is("as", "same", "like", "follow", "identical", "exactly") ? "as" : undefined;
    if (!verb) return undefined;
    while (c.is("rep", "repeat", "repeating", "rpt", "as", "same", "like", "for", "follow", "the", "to", "identical", "exactly", "in", "with", "given")) c.at++;
    const named = c.at;
    let first: number | undefined;
    let last: number | undefined;
    let back = 0;
    if (c.is("last", "previous", "prev", "above") || (c.is("this") && isRoundWord(c.text(1)))) {
      c.at++;
      back = c.number() ?? 1;
      if (!isRoundWord(c.text())) return undefined;
      c.at++;
    } else if (isRoundWord(c.text()) || c.kind() === "ordinal") {
      const alone = c.kind() === "ordinal" && (c.kind(1) === "end" || c.text(1) === "." || c.text(1) === "(" || c.text(1) === ",") ? c.peek()?.value : undefined;
      const range = alone === undefined ? readLabel(c, false) : undefined;
      if (alone !== undefined) {
        c.at++;
        first = last = alone;
      } else if (range?.first === undefined) return undefined;
      else {
        first = range.first;
        last = range.last;
      }
    } else if ((verb === "repeat" && !(label && c.attempt(() => readPartNamed(c)) !== undefined && ((c.at = named), true))) || !(label || lead === 0) || c.done) return undefined;
    let part: string | undefined;
    let partAt: Span | undefined;
    c.attempt(() => {
      const of = c.take("of", "from", "for", "on");
      c.take("the");
      if (c.kind() !== "word" || (!of && first !== undefined)) return undefined;
      const from = c.from;
      let n = 0;
      while (n < 4 && (c.kind() === "word" || (c.kind() === "number" && n > 0)) && !c.is("up", "until", "but", "then", "in", "with", "x", "once", "twice", "to", "using")) {
        c.at++;
        n++;
      }
      if (n === 0) return undefined;
      part = this.source.slice(from, c.to);
      partAt = { from, to: c.to };
      return true;
    });
    if (first === undefined && back === 0 && part === undefined) return undefined;
    let times: number | undefined;
    let until: number | undefined;
    c.attempt(() => {
      c.take(",");
      if (!c.take("until", "till", "til", "through", "to", "up")) return undefined;
      c.take("to", "and", "including", "there", "are", "you", "have", "the", "end", "of", "a", "total");
      while (c.is("there", "are", "is", "you", "have", "worked", "the", "end", "of", "a", "total", "including", "and", "up", "to")) c.at++;
      if (isRoundWord(c.text()) && (c.kind(1) === "number" || c.kind(1) === "ordinal")) return (until = c.peek(1)?.value), (c.at += 2), c.take("is"), c.take("complete", "done", "finished", "worked"), true;
      if (c.kind() !== "number" || !isRoundWord(c.text(1))) return undefined;
      until = c.number();
      c.at++;
      while (c.is("in", "all", "total", "altogether", "complete", "completed", "done", "worked")) c.at++;
      return true;
    });
    c.attempt(() => {
      c.take(",", "for");
      c.take("a", "another");
      if (c.take("twice")) return (times = 2), c.take("more"), true;
      if (c.take("once")) return (times = 1), c.take("more"), true;
      if (c.take("thrice")) return (times = 3), true;
      c.take("x");
      const n = c.number();
      if (n === undefined) return undefined;
      c.take("more", "further");
      if (isRoundWord(c.text())) return c.at++, (times = n), c.take("more"), true;
      if (!c.take("times", "time", "x") && c.tokens[c.at - 2]?.text !== "x") return undefined;
      c.take("more");
      return (times = n), true;
    });
    if (verb === "repeat" && times === undefined && until === undefined && label === undefined) times = 1;
    return { reference: { part, partAt, first, last, back, times, until }, rest: tokens.slice(c.at) };
  }
}
