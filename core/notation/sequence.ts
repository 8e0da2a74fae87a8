import { Cursor } from "./cursor";
import { readColourChange, readShade } from "./colours";
import { leavesStitches, readEvent, startsEvent } from "./events";
import { isRoundWord } from "./labels";
import { hangBlock, hangSpurs } from "./hanging";
import { mixedInto, operationOf, stitchInto, stitchTogether } from "./operations";
import { readLayers, readPartNamed } from "./pickups";
import type { ProblemDetail, Severity } from "./problems";
import { addTally, type StitchName, type Tally, type Terms } from "./stitches";
import { isPreposition, noTarget, readLoopPhrase, readLoops, readReach, readRing, readTarget, type Target } from "./target";
import { ONCE, type Loops, type Node, type Operation, type Span, type Times } from "./tree";
import { isStitchNoun, nearestStitchWord, readStitch } from "./vocabulary";

/** Named blocks by their words: "arm" → what is worked wherever a round says "arm". */
export type Blocks = ReadonlyMap<string, readonly Node[]>;
const NO_BLOCKS: Blocks = new Map();

export const MAX_NESTING = 24;
export const MAX_REPEAT = 10_000;

/**
 * Something that was noticed while reading. `doubt`: a word or a number that may be no more than talk; it is only
 * worth telling when the round does not come out without it.
 */
export type Found = Span & { readonly detail: ProblemDetail; readonly severity: Severity; readonly doubt?: "word" | "number" };
type WorkNode = Extract<Node, { kind: "work" }>;
type Close = ")" | "]" | "}" | ">" | "end";
const CLOSER: Readonly<Record<string, Close>> = { "(": ")", "[": "]", "{": "}", "<": ">" };
const SEPARATOR = new Set([",", ";", ".", ":", "-", "--", "and", "then", "&", "+", "/", "|", "now", "again", "also", "!", "'", '"', "_", "__", "**", "***", "~", "plus"]);
const LEAD = new Set(["work", "make", "crochet", "do", "working", "place", "you", "begin", "start", "with", "starting", "beginning", "continue", "next", "a", "the", "by", "making", "evenly", "put", "just", "only"]);
const REPEAT = new Set(["rep", "repeat", "reps", "repeats", "repeating", "rpt"]);
const COMMON = new Set(["sc", "inc", "dec", "invdec", "hdc", "increase", "decrease", "sc2tog"]);
const UNIT_AFTER_TOTAL = new Set(["remain", "remaining", "left", "overall", "rem", "total", "altogether", "now", "made", "in", "all", "each", "around", "on", "per", "stitch", "stitches", "st", "sts"]);

/**
 * Reads the words of one round into a tree. Total: what it cannot read becomes an `unknown` or
 * `aside` node and a finding, and reading goes on behind it. Linear in the tokens but for the
 * attempts at phrases, which look a bounded number of tokens ahead.
 */
export class SequenceReader {
  readonly found: Found[] = [];
  /** Behind "repeat round 5" a total may stand with nothing worked before it. */
  totalsAlone = false;
  private loops: Loops = "both";
  /** Inside a repeat that a star opened: the next star closes it and multiplies nothing. */
  private inStar = false;
  /** The part a joining spoke of: "… and work 12 sc around it". */
  private lastPart: string | undefined;
  constructor(
    private readonly c: Cursor,
    private readonly terms: Terms,
    private readonly blocks: Blocks = NO_BLOCKS,
  ) {}

  read(): readonly Node[] {
    const nodes = this.hung(this.sequence("end", 0), false);
    this.endsInIncrease(nodes);
    return nodes;
  }

  /** "The round ends in an increase" holds only for rounds that increase last (trade guide §2.5). */
  private endsInIncrease(nodes: readonly Node[]): void {
    const { tokens } = this.c;
    const at = tokens.findIndex((t, i) => (t.text === "ends" || t.text === "ending" || t.text === "end") && /^(in|with|on)$/.test(tokens[i + 1]?.text ?? "") && tokens.slice(i + 2, i + 4).some((x) => /^(inc|increase)$/.test(x.text)));
    const said = tokens[at];
    if (!said) return;
    let last: Node | undefined = nodes.findLast((n) => (n.kind === "work" && n.from < said.from) || n.kind === "group");
    while (last?.kind === "group") last = last.items.findLast((n) => n.kind === "work" || n.kind === "group");
    if (last?.kind === "work" && last.op.increases === 0) this.report({ from: said.from, to: tokens[Math.min(tokens.length - 1, at + 3)]?.to ?? said.to }, { code: "not-increase-last", ends: last.op.name }, "warning");
  }

  /** Spurs taken out of the count; a spur that does not fit its chain is told. */
  private hung(nodes: readonly Node[], started: boolean): readonly Node[] {
    const { nodes: out, slips } = hangSpurs(nodes, started);
    for (const s of slips) this.report(s.node, { code: "spur-does-not-fit", worked: s.worked, room: s.room });
    return out;
  }

  private report(span: Span, detail: ProblemDetail, severity: Severity = "error", doubt?: "word" | "number"): void {
    this.found.push({ from: span.from, to: span.to, detail, severity, ...(doubt ? { doubt } : {}) });
  }

  private sequence(close: Close, depth: number): Node[] {
    const { c } = this;
    const items: Node[] = [];
    const stars: { index: number; from: number }[] = [];
    while (!c.done) {
      if (close !== "end" && c.is(close)) break;
      this.inStar = stars.length > 0;
      const before = c.at;
      if (c.is("*")) this.star(items, stars);
      else if (c.is(")", "]", "}")) {
        this.report(c.peek() ?? { from: c.from, to: c.to }, { code: "unopened-bracket", bracket: c.text() });
        c.at++;
      } else if (REPEAT.has(c.text()) || (c.is("do", "work") && /^(this|these|that)$/.test(c.text(1)))) this.repeat(items, stars);
      else if (c.is("keep", "carry") && /^(going|on|repeating)$/.test(c.text(1)) && items.some((n) => n.kind === "work")) this.keepGoing(items);
      else if (c.is("-", "--", ":") && this.plainTotal(items)) continue;
      else if (SEPARATOR.has(c.text())) c.at++;
      else this.item(items, depth, close);
      if (c.at === before) c.at++;
    }
    const open = stars.pop();
    if (open) this.report({ from: open.from, to: open.from + 1 }, { code: "unclosed-bracket", bracket: "*" });
    return items;
  }

  // ---- repeats -------------------------------------------------------------------------------

  private star(items: Node[], stars: { index: number; from: number }[]): void {
    const { c } = this;
    const from = c.from;
    c.at++;
    const open = stars.pop();
    if (!open) {
      stars.push({ index: items.length, from });
      return;
    }
    const inside = items.splice(open.index);
    c.take(",", ";");
    const times = this.attemptRepeatTimes() ?? this.timesAfter();
    this.pushGroup(items, inside, open.from, times ?? { times: ONCE }, times === undefined);
  }

  /** "rep 6 times", "repeat around", "rep from * 5 more times" right behind a closed repeat. */
  private attemptRepeatTimes(): { times: Times; more?: boolean; ambiguous?: boolean } | undefined {
    const { c } = this;
    return c.attempt(() => {
      if (!REPEAT.has(c.text())) return undefined;
      c.at++;
      this.skipRepeatReference();
      return this.timesAfter() ?? this.bareCount();
    });
  }

  private skipRepeatReference(): boolean {
    const { c } = this;
    let referred = false;
    for (;;) {
      if (c.is("*")) {
        c.at++;
        referred = true;
      } else if (c.is("from", "between", "to", "the", "this", "these", "that", "asterisk", "asterisks", "star", "stars", "sequence", "section", "pattern", "brackets", "bracketed", "parentheses", "beginning", "beg", "instructions", "within", "inside", "of", "s") && !(c.is("to") && c.is("to") && /^(end|last|the)$/.test(c.text(1)))) {
        if (c.is("asterisk", "star", "from", "between")) referred = true;
        c.at++;
      } else return referred;
    }
  }

  private repeat(items: Node[], stars: { index: number; from: number }[]): void {
    const { c } = this;
    const from = c.from;
    c.at++;
    const referred = this.skipRepeatReference();
    if (isRoundWord(c.text()) && c.kind(1) === "number") {
      // "repeat round 5" inside a round's own text is settled where the lines are; here it is prose.
      c.at += 2;
      items.push({ kind: "aside", from, to: c.to });
      return;
    }
    // "rep from *" and nothing more means all the way round.
    const times = this.timesAfter() ?? this.bareCount() ?? (referred && stars.length > 0 && (c.done || SEPARATOR.has(c.text()) || CLOSER[c.text()] !== undefined) ? { times: { kind: "around" as const } } : undefined);
    if (!times) {
      if (this.untilLength(from)) items.push({ kind: "event", event: { kind: "length-asked" }, from, to: c.to });
      else this.report({ from, to: c.to }, { code: "number-asked", text: this.words(from, c.to) });
      return;
    }
    if (c.is(":") && stars.length === 0 && times.times.kind === "number" && !items.some((n) => n.kind === "work" || n.kind === "group")) {
      // "Repeat six times: 1 sc, inc": the work is said behind the number.
      c.at++;
      const ahead = this.sequence("end", 1);
      const work = ahead.findLastIndex((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
      this.pushGroup(items, ahead.slice(0, work + 1), from, times);
      items.push(...ahead.slice(work + 1));
      return;
    }
    const open = stars.pop();
    if (open) {
      const inside = items.splice(open.index);
      this.pushGroup(items, inside, open.from, { ...times, ambiguous: referred && !times.more && times.times.kind === "number" });
      return;
    }
    const last = items[items.length - 1];
    if (last?.kind === "group" && last.times === ONCE) {
      items.pop();
      this.pushGroup(items, last.items, last.from, times);
      return;
    }
    if (referred && items.length === 0) {
      this.report({ from, to: c.to }, { code: "repeat-without-start" });
      return;
    }
    if (last?.kind === "group" && referred) {
      items.pop();
      this.pushGroup(items, last.items, last.from, times);
      return;
    }
    // "1 inc, 1 sc, rep around": everything so far is the repeat, but not the turn, the joining or the chain that only lifts.
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    if (start < 0) return;
    const inside = items.splice(start);
    this.pushGroup(items, inside, inside[0]?.from ?? from, times);
  }

  /** "sc, inc, keep going": all of it, all the way round. */
  private keepGoing(items: Node[]): void {
    const { c } = this;
    c.at += 2;
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    const inside = items.splice(start);
    this.pushGroup(items, inside, inside[0]?.from ?? c.from, { times: { kind: "around" } });
  }

  private pushGroup(items: Node[], within: readonly Node[], from: number, t: { times: Times; more?: boolean; ambiguous?: boolean }, once = false): void {
    if (within.length === 0) return;
    if (!within.some((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip" || n.kind === "unknown")) {
      // "*(18)*": stars for emphasis hold no work.
      items.push(...within);
      return;
    }
    const inside = this.hung(within, !once || items.some((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch")));
    const to = this.c.to;
    const n = t.times.kind === "number" ? t.times : undefined;
    const times: Times = n ? { ...n, n: n.n + (t.more ? 1 : 0) } : t.times;
    const other: Node | undefined = t.ambiguous && n ? { kind: "group", items: inside, times: { ...n, n: n.n + 1 }, from, to } : undefined;
    items.push({ kind: "group", items: inside, times: once ? ONCE : this.limited(times), from, to, ...(other ? { other } : {}) });
  }

  private limited(times: Times): Times {
    if (times.kind === "number" && times.n > MAX_REPEAT) {
      this.report(times.at ?? { from: this.c.to, to: this.c.to }, { code: "too-large", what: "repeat", limit: MAX_REPEAT });
      return { ...times, n: MAX_REPEAT };
    }
    return times;
  }

  /** A count behind something: "x 6", "* 6", "6 times", "6x", "twice", "around", "to last 2 sts", "5 more times". */
  private timesAfter(): { times: Times; more?: boolean } | undefined {
    const { c } = this;
    if (c.done || (c.kind() === "mark" && !c.is("*", ",")) || (c.is("*") && this.inStar)) return undefined;
    return c.attempt(() => {
      if (c.is(",") && /^(twice|thrice)$/.test(c.text(1))) c.at++;
      if (c.take("twice")) return { times: { kind: "number" as const, n: 2 }, more: c.take("more") && true };
      if (c.take("thrice")) return { times: { kind: "number" as const, n: 3 } };
      if (c.take("once")) return { times: { kind: "number" as const, n: 1 }, more: c.take("more") };
      const sign = c.take("x", "*", "times") || (c.is("a", "for", "another") && c.kind(1) === "number" && c.take("a", "for", "another"));
      const another = c.tokens[c.at - 1]?.text === "another" || c.take("another");
      const token = c.peek();
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n !== undefined && token) {
        const more1 = c.take("more", "additional");
        const word = c.take("times", "time", "x", "xs");
        const more2 = c.take("more");
        if (!sign && !word && !more1) return undefined;
        c.attempt(() => (c.take("in") && c.take("total", "all") ? true : undefined));
        c.take("total", "around");
        return { times: { kind: "number" as const, n, at: { from: token.from, to: token.to } }, more: more1 || more2 || another };
      }
      const reach = readReach(c);
      return reach ? { times: reach } : undefined;
    });
  }

  private untilLength(from: number): boolean {
    const { c } = this;
    if (!c.is("until", "till", "til", "for", "to")) return false;
    while (!c.done && !c.is(".", ";", ",")) c.at++;
    this.report({ from, to: c.to }, { code: "number-asked", text: this.words(from, c.to) }, "note");
    return true;
  }

  private words(from: number, to: number): string {
    const text = this.c.source.slice(from, to).replace(/\s+/g, " ").trim();
    return text.length > 60 ? `${text.slice(0, 57)}…` : text;
  }

  // ---- totals --------------------------------------------------------------------------------

  /** "= 18 sts", "- 18 sts", ": 18" at the end of a round. */
  private plainTotal(items: Node[]): boolean {
    const { c } = this;
    if (!items.some((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly")) return false;
    return (
      c.attempt(() => {
        const from = c.from;
        c.take("-", "--", "=", "==", ":");
        c.take(">");
        // Behind a colon or a dash work may follow as well: a total there is the last thing said.
        const sign = c.tokens[c.at - 1]?.text ?? "";
        const got = this.countedTotal(items, from);
        if (got && (sign === ":" || (sign === "-" && c.is(","))) && !(c.done || c.is(".", ")", "]"))) {
          items.pop();
          return undefined;
        }
        return got;
      }) ?? false
    );
  }

  private countedTotal(items: Node[], from: number): true | undefined {
    const { c } = this;
    c.take("total", "total:");
    c.take(":", "=", "of");
    const n = this.totalNumber();
    if (n === undefined) return undefined;
    c.take(".");
    const named = isStitchNoun(c.text()) ? undefined : readStitch(c, this.terms);
    if (named && named.kind !== "plain") return undefined;
    const unit = named !== undefined || isStitchNoun(c.text());
    if (isStitchNoun(c.text())) c.at++;
    while (UNIT_AFTER_TOTAL.has(c.text())) c.at++;
    if (!(c.done || c.is(".", ",", ";", ")", "]", "*", "-", "--", "(", "!", "join", "turn", "**") || unit)) return undefined;
    if (c.is("x", "*") && c.kind(1) === "number") return undefined;
    items.push({ kind: "total", n, from, to: c.to });
    return true;
  }

  /** "= 21st" is twenty-one stitches, whatever it looks like. */
  private totalNumber(): number | undefined {
    const { c } = this;
    if (c.kind() === "number") return c.number();
    const token = c.peek();
    if (token?.kind !== "ordinal" || !token.text.endsWith("1st")) return undefined;
    c.at++;
    return token.value;
  }

  /** "(18)", "[18 sts]", "(18 sc)", "(18 sts in total)": a written total, unless it is work in brackets. */
  private bracketTotal(items: Node[]): boolean {
    const { c } = this;
    return (
      c.attempt(() => {
        const from = c.from;
        const close = CLOSER[c.text()];
        c.at++;
        c.take("=", "total", ":", "you", "-");
        c.take("have", ":", "of");
        const n = this.totalNumber();
        if (n === undefined) return undefined;
        c.take(".");
        let noun = isStitchNoun(c.text());
        if (noun) c.at++;
        const named = !noun && !c.is(close ?? ")") ? readStitch(c, this.terms) : undefined;
        if (named && named.kind !== "plain") return undefined;
        if (isStitchNoun(c.text())) {
          noun = true;
          c.at++;
        }
        if ((noun || named) && c.is(",", "and", "+", "&") && close) {
          // "(6 sc, 6 ch-2 spaces)": gaps and loops are counted along, and are no stitches.
          const end = c.tokens.findIndex((x, i) => i > c.at && x.text === close);
          const more = c.tokens.slice(c.at, end);
          if (end > 0 && more.some((x) => /^(space|spaces|sp|sps|loop|loops|petals|picots|arches|gaps|chain-spaces)$/.test(x.text))) c.at = end;
        }
        const each = c.is("each", "per");
        while (UNIT_AFTER_TOTAL.has(c.text()) || c.is("side", "round", "rnd", ".", "leg", "row")) c.at++;
        if (!close || !c.take(close)) return undefined;
        const worked = items.some((i) => i.kind === "work" || i.kind === "group" || i.kind === "evenly" || i.kind === "unknown");
        if (named && (!worked || this.timesFollow())) return undefined;
        if (!noun && !worked && !this.totalsAlone) return undefined;
        if (this.timesFollow() && noun) return undefined;
        items.push({ kind: "total", n, from, to: c.to, ...(each ? { each } : {}) });
        return true;
      }) ?? false
    );
  }

  private timesFollow(): boolean {
    const at = this.c.at;
    const follows = this.timesAfter() !== undefined;
    this.c.at = at;
    return follows;
  }

  // ---- items ---------------------------------------------------------------------------------

  private item(items: Node[], depth: number, close: Close): void {
    const { c } = this;
    const from = c.from;
    if (CLOSER[c.text()] !== undefined) {
      if (!this.bracketTotal(items)) this.bracket(items, depth);
      return;
    }
    // The common words first: nothing below could mean anything else by them.
    if (/^[a-h]$/.test(c.text()) && c.text(1) === ":" && c.kind() === "word") {
      items.push({ kind: "colour", slot: c.text().toUpperCase(), from, to: c.peek(1)?.to ?? from });
      c.at += 2;
      return;
    }
    if (COMMON.has(c.text(c.kind() === "number" ? 1 : 0)) && this.work(items, from)) return;
    if (c.is("=", "==") && this.plainTotal(items)) return;
    if (c.is("=", "==")) {
      c.at++;
      return;
    }
    if (c.is("total") && c.attempt(() => this.countedTotal(items, from))) return;
    if (c.kind() === "number" && items.length > 0 && (isStitchNoun(c.text(1)) || (close === "end" && (c.at === c.tokens.length - 1 || (/^(now|left|remain|remaining|total|altogether|overall)$/.test(c.text(1)) && /^([.;)!]?|end)$/.test(c.text(2)))))) && !this.workAhead() && this.plainTotal(items)) return;
    if (this.bareNumber(items, from, close) || this.timesOfAll(items, from)) return;
    if (this.youHave(items, from)) return;
    if (this.structure(items, from)) return;
    if (startsEvent(c)) return this.event(items, from, close);
    const colour = readColourChange(c);
    if (colour !== undefined) {
      items.push({ kind: "colour", slot: colour, from, to: c.to });
      this.colourTail();
      return;
    }
    const shade = c.attempt(() => {
      const s = readShade(c);
      return s !== undefined && (c.is(":", "-", ",", ")", ".", "]", "}") || c.done || c.kind() === "number" || readStitchAhead(c, this.terms)) ? s : undefined;
    });
    if (shade !== undefined) {
      items.push({ kind: "colour", slot: shade, from, to: c.to });
      return;
    }
    const phrase = readLoopPhrase(c);
    if (phrase) {
      const { loops } = phrase;
      const last = items[items.length - 1];
      // "6 sc, blo": set from here on.
      this.loops = loops;
      if (phrase.free) items.push({ kind: "free-loops", of: phrase.free, from, to: c.to });
      else if (last?.kind === "work" && c.done) items[items.length - 1] = { ...last, op: { ...last.op, loops } };
      return;
    }
    if (c.is("until", "till", "til") || (c.is("for") && c.kind(1) === "number" && /^(cm|mm|in|inch|inches)$/.test(c.text(2)))) {
      if (this.untilLength(from)) items.push({ kind: "event", event: { kind: "length-asked" }, from, to: c.to });
      return;
    }
    if (this.tools(items, from) || this.block(items, from) || this.layersBehind(items)) return;
    if (this.work(items, from)) return;
    if (LEAD.has(c.text()) && this.lead(items, depth, close)) return;
    this.prose(items, from, close);
  }

  /** "8 sc, each through both sides": said behind the stitches. */
  private layersBehind(items: Node[]): boolean {
    const { c } = this;
    const last = items[items.length - 1];
    if (last?.kind !== "work" || last.op.layers !== undefined || last.op.into !== "next") return false;
    const caught = c.attempt(() => (c.take("each", "all", "always", "every"), c.take("time", "one", "st"), readLayers(c)));
    if (!caught) return false;
    const op: Operation = { ...last.op, layers: 2, ...(caught.length > 0 ? { caught } : {}) };
    items[items.length - 1] = { ...last, op, other: { ...last, op: { ...op, uses: 2 } } };
    return true;
  }

  /** Strands held together and hooks changed: they matter for yarn and size, not for the count. */
  private tools(items: Node[], from: number): boolean {
    const { c } = this;
    const node = c.attempt((): Node | undefined => {
      c.take("hold", "holding", "with", "using", "use", "work", "working", "change", "switch", "changing", "go", "back", "to", "split");
      c.take("to", "back", "with");
      c.take("the", "a", "an", "to", "only");
      if (c.is("yarn", "thread") && /^(held|doubled|double|single)$/.test(c.text(1))) c.at++;
      if (c.is("doubled", "double") && /^(yarn|strand|strands|thread)$/.test(c.text(1))) return (c.at += 2), this.rest(), { kind: "strands", n: 2, from, to: c.to };
      if (c.is("held", "doubled") && (c.text(1) === "double" || c.is("doubled"))) return c.at++, c.take("double"), { kind: "strands", n: 2, from, to: c.to };
      if (c.is("single") && /^(strand|yarn|thread)$/.test(c.text(1))) return (c.at += 2), this.rest(), { kind: "strands", n: 1, from, to: c.to };
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined) return undefined;
      if (c.is("strand", "strands", "thread", "threads", "ply", "plies") && n >= 1 && n <= 12) return c.at++, this.rest(), { kind: "strands", n, from, to: c.to };
      if (c.take("mm") && c.take("hook")) return { kind: "hook", mm: n, from, to: c.to };
      return undefined;
    });
    if (!node) return false;
    items.push(node);
    return true;
  }

  /** "… held together", "… of the yarn": what is left of a phrase about strands. */
  private rest(): void {
    const { c } = this;
    while (c.is("held", "together", "of", "the", "yarn", "double", "only", "at", "once", "split", "from")) c.at++;
  }

  /** "arm", "make a ray", "work leg": a block that was given before under its name. */
  private block(items: Node[], from: number): boolean {
    const { c } = this;
    if (this.blocks.size === 0) return false;
    const found = c.attempt(() => {
      const n = c.kind() === "number" ? c.number() : undefined;
      c.take("make", "work", "do", "add", "grow");
      c.take("a", "an", "one", "the", "another", "1");
      for (let length = 3; length >= 1; length--) {
        const words = c.tokens.slice(c.at, c.at + length).map((t) => t.text).join(" ");
        const nodes = this.blocks.get(words) ?? this.blocks.get(words.replace(/s$/, ""));
        if (!nodes) continue;
        c.at += length;
        return { nodes, words, n };
      }
      return undefined;
    });
    if (!found) return false;
    const times = found.n !== undefined ? { times: { kind: "number" as const, n: found.n } } : (this.timesAfter() ?? { times: { kind: "number" as const, n: 1 } });
    items.push({ kind: "group", items: hangBlock(found.nodes), times: this.limited(times.times), block: found.words, from, to: c.to });
    return true;
  }

  /** "work 6 sc", "make 2 sc in the next st": the verb adds nothing. */
  private lead(items: Node[], depth: number, close: Close): boolean {
    const { c } = this;
    const from = c.at;
    while (LEAD.has(c.text())) c.at++;
    if (CLOSER[c.text()] !== undefined || c.kind() === "number" || readStitchAhead(c, this.terms) || readRingAhead(c)) {
      this.item(items, depth, close);
      return true;
    }
    if (c.is("even") || c.is("around")) return this.work(items, c.from);
    c.at = from;
    return false;
  }

  /** "sc, inc, 5 times": all of it so often, or only the last of it. */
  private timesOfAll(items: Node[], from: number): boolean {
    const { c } = this;
    const sign = c.is("x") && c.kind(1) === "number" && !c.legend.has("x");
    if (!(sign || (c.kind() === "number" && /^(times|time)$/.test(c.text(1)))) || !/^[,;]$/.test(c.tokens[c.at - 1]?.text ?? "")) return false;
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    if (start < 0 || CLOSER[c.text(2)] !== undefined && !(c.kind(3) === "number" && (isStitchNoun(c.text(4)) || /^[)\]}]$/.test(c.text(4))))) return false;
    const times = this.timesAfter();
    if (times?.times.kind !== "number") return false;
    const number = this.limited(times.times);
    const all = items.splice(start);
    const last = all[all.length - 1] as Node;
    const span = { from: all[0]?.from ?? from, to: c.to };
    const lastOnly: Node = { kind: "group", items: [...all.slice(0, -1), { kind: "group", items: [last], times: number, from: last.from, to: c.to }], times: ONCE, ...span };
    items.push({ kind: "group", items: all, times: number, ...span, ...(all.length > 1 ? { other: lastOnly } : {}) });
    return true;
  }

  /** Terse hands leave "sc" out: "[2, inc] x6", "R5: 24 - 24". */
  private bareNumber(items: Node[], from: number, close: Close): boolean {
    const { c } = this;
    const token = c.peek();
    if (token?.kind !== "number" || !Number.isInteger(token.value)) return false;
    const inBracket = close !== "end" && ((c.is(...[token.text]) && c.text(1) === "," && !/^\d/.test(c.text(2))) || (c.text(1) === close && items.some((n) => n.kind === "work")));
    const alone = close === "end" && items.length === 0 && c.at === 0 && /^(-|--|=|\(|\[)$/.test(c.text(1)) && c.kind(2) === "number" && (c.at + 3 >= c.tokens.length || /^[)\].]$/.test(c.text(3)) || isStitchNoun(c.text(3)));
    if (!inBracket && !alone) return false;
    c.at++;
    items.push({ kind: "work", op: stitchInto("sc", 1, "next", this.loops), times: this.limited({ kind: "number", n: token.value, at: spanOf(token) }), from, to: c.to });
    return true;
  }

  private workAhead(): boolean {
    const { c } = this;
    const at = c.at;
    c.number();
    const word = readStitch(c, this.terms);
    const ahead = word?.kind === "generic" && ((isPreposition(c.text()) && !(c.is("in") && /^(total|all|the)$/.test(c.text(1)))) || c.is("even", "around"));
    c.at = at;
    return ahead;
  }

  private youHave(items: Node[], from: number): boolean {
    const { c } = this;
    return (
      c.attempt(() => {
        if (c.is("for") && c.text(1) === "a" && c.text(2) === "total") c.at += 3;
        else if (c.is("you", "there", "giving", "making", "makes", "leaving", "to", "for", "this", "now")) {
          let n = 0;
          while (n < 6 && c.kind() === "word" && c.is("you", "there", "should", "will", "now", "have", "be", "are", "giving", "making", "makes", "gives", "this", "a", "total", "of", "leaving", "to", "make", "get", "with", "end", "up", "for", "get")) {
        c.at++;
        n++;
      }
          if (n === 0) return undefined;
        } else return undefined;
        c.take("of");
        if (c.kind() !== "number" || !items.some((n) => n.kind === "work" || n.kind === "group")) return undefined;
        return this.countedTotal(items, from);
      }) ?? false
    );
  }

  /** Starts, joins, turns, skips, the far side of a chain, stitches left. */
  private structure(items: Node[], from: number): boolean {
    const { c } = this;
    if (c.kind() === "mark") return false;
    const push = (node: Node): true => (items.push(node), true);
    const at = c.at;
    const worked = items.some((n) => (n.kind === "work" && n.op.stitch !== "ch") || n.kind === "group");
    if (c.is("join", "joining")) {
      while (!c.done && !c.is(".", ";", ",", "(", "[", ")", "]", "=") && !(c.is("and", "then") && this.joinedWork())) {
        const part = c.attempt(() => readPartNamed(c));
        if (part !== undefined) this.lastPart = part;
        else c.at++;
      }
      const words = c.tokens.slice(at, c.at).map((t) => t.text);
      const joining = this.joinedBy(at, from);
      if (joining) return push(joining);
      if (words.includes("yarn") || words.some((w) => w === "new")) return push({ kind: "aside", from, to: c.to });
      const ring = words.includes("ring") || words.includes("circle");
      return push(ring && !worked ? { kind: "start", start: "chain-ring", chains: this.chainsBefore(items), from, to: c.to } : { kind: "join", from, to: c.to });
    }
    if (c.is("pick") && c.text(1) === "up" && c.kind(2) === "number") {
      const made = c.attempt(() => {
        c.at += 2;
        const token = c.peek();
        const n = c.number();
        const word = n === undefined ? undefined : readStitch(c, this.terms);
        const generic = word?.kind === "generic" || (word === undefined && c.take("loop", "loops"));
        if (n === undefined || !token || (!word && !generic)) return undefined;
        while (!c.done && !c.is(",", ".", ";", "(", "[", "=")) c.at++;
        // "pick up 18 sts, 18 sc": lifting loops is said first and the stitches after it.
        const stitch = word && word.kind === "plain" ? word.stitch : "sc";
        items.push({ kind: "work", op: { ...stitchInto(stitch, 1, "part", this.loops), uses: 0, part: "", ...(generic ? { lifted: true as const } : {}) }, times: this.limited({ kind: "number", n, at: spanOf(token) }), from, to: c.to });
        return true;
      });
      if (made) return true;
    }
    const drawn = c.attempt(() => {
      if (!(c.take("draw", "pull") && c.take("up"))) return undefined;
      c.take("a", "1");
      if (!c.take("loop", "lp")) return undefined;
      const t = noTarget();
      readTarget(c, t);
      const legs = t.n ?? (c.is("twice") ? 2 : undefined);
      if (legs === undefined || legs < 2 || legs > 12) return undefined;
      while (!c.done && !(c.is("tog", "made") || /\d+tog$/.test(c.text()) || c.text() === "*" || REPEAT.has(c.text()))) {
        if (c.is("(", "[", ";")) break;
        c.at++;
      }
      if (/\d+tog$/.test(c.text())) c.at++;
      c.take("made");
      return items.push({ kind: "work", op: stitchTogether("sc", legs, t.loops ?? this.loops), times: ONCE, from, to: c.to }), true;
    });
    if (drawn) return true;
    if (c.is("insert", "put") && /^(hook|your)$/.test(c.text(1))) {
      // "insert hook in front loops of next two sts and make a decrease": the stitch that comes of it is named at the end.
      const end = this.chunkEnd("end", true);
      for (let i = c.at + 2; i < end; i++) {
        const start = c.at;
        c.at = i;
        const word = c.kind() === "word" ? readStitch(c, this.terms) : undefined;
        if (word?.kind === "dec" || word?.kind === "inc") return push({ kind: "work", op: operationOf(word, this.loops), times: ONCE, from, to: c.to });
        c.at = start;
      }
    }
    if (c.take("turn", "turning")) return push({ kind: "turn", from, to: c.to });
    if (c.is("do", "don't", "without", "not") && /^(not|turn|join|joining|turning|turned)$/.test(c.text(1)) && !startsEvent(c)) {
      while (!c.done && !c.is(".", ";", ",", "(", ")", "[")) c.at++;
      return push({ kind: "aside", from, to: c.to });
    }
    if (c.is("skip", "sk", "miss", "skipping", "missing") || (c.is("m") && c.kind(1) === "number")) {
      c.at++;
      c.take("the", "over", "all");
      const first = c.is("first");
      c.take("next", "first", "last");
      if (c.kind() === "word" && !isStitchNoun(c.text()) && !c.is("ch", "chs", "sc", "dc", "hdc", "chain", "chains", "a", "one", "space") && readStitch(c, this.terms) === undefined) {
        // "skipping the legs": told to help the eye.
        c.at = this.chunkEnd("end", false);
        return push({ kind: "aside", from, to: c.to });
      }
      const n = c.number() ?? 1;
      c.take("the", "next");
      if (isStitchNoun(c.text()) || c.is("ch", "chs", "sc", "dc", "hdc", "chain", "chains")) c.at++;
      c.attempt(() => (c.take("around") ? true : undefined));
      return push({ kind: "skip", n, from, to: c.to, ...(first ? { first } : {}) });
    }
    if (c.is("leave", "leaving") && leavesStitches(c)) {
      while (!c.done && !c.is(".", ";", ",", "(", "[", ")")) c.at++;
      return push({ kind: "leave", from, to: c.to });
    }
    if (c.is("rest", "remaining") && /^(unworked|of|sts|stitches|st)$/.test(c.text(1))) {
      while (!c.done && !c.is(".", ";", ",", "(", "[", ")")) c.at++;
      return push({ kind: "leave", from, to: c.to });
    }
    const otherSide = c.attempt(() => {
      let n = 0;
      let side = false;
      while (n < 14 && !c.done && !c.is(":", ",", ".", ";", "(", "[")) {
        if (c.is("side") && /^(other|opposite|second|second|back)$/.test(c.tokens[c.at - 1]?.text ?? "")) side = true;
        if (c.is("underside", "bottom")) side = true;
        if (c.kind() === "number" || (readStitchAhead(c, this.terms) && !c.is("chain", "ch", "single", "double", "half", "treble"))) break;
        c.at++;
        n++;
      }
      return side ? true : undefined;
    });
    if (otherSide) return push({ kind: "other-side", from, to: c.to });
    if (this.c.is("make", "create", "start", "begin", "form", "a", "with", "using", "into", "in", "magic", "adjustable", "mr", "mc", "ml", "sliding", "double")) {
      const ring = c.attempt(() => {
        while (c.is("make", "create", "start", "begin", "form", "with", "a", "an", "using", "into", "in")) c.at++;
        return readRing(c) ? true : undefined;
      });
      if (ring) {
        c.take("with", ":", "of");
        push({ kind: "start", start: "ring", chains: 0, from, to: c.to });
        // "MR 6", "magic ring, 6": the number alone is single crochet.
        c.attempt(() => {
          c.take(",", "x", "-");
          const token = c.peek();
          const n = c.kind() === "number" ? c.number() : undefined;
          if (n === undefined || !token || !(c.done || c.is("(", "[", "=", ".", ";", "-", "--", ","))) return undefined;
          items.push({ kind: "work", op: stitchInto("sc", 1, "ring", this.loops), times: this.limited({ kind: "number", n, at: spanOf(token) }), from: token.from, to: token.to });
          return true;
        });
        return true;
      }
    }
    return false;
  }

  /** "join to the leg and work 12 sc around it": behind the "and" something is worked. */
  private joinedWork(): boolean {
    const { c } = this;
    let i = c.at + 1;
    while (/^(then|work|crochet|make)$/.test(c.text(i - c.at))) i++;
    return c.kind(i - c.at) === "number" && this.workAt(i);
  }

  /** "join to the first leg with a sc": a stitch that ties another part on. */
  private joinedBy(at: number, from: number): Node | undefined {
    const { c } = this;
    const end = c.at;
    for (let i = at + 1; i < end - 1; i++) {
      if (c.tokens[i]?.text !== "with" && c.tokens[i]?.text !== "by") continue;
      c.at = i + 1;
      c.take("a", "an", "one", "1");
      const word = readStitch(c, this.terms);
      c.at = end;
      if (word?.kind !== "plain" || word.stitch === "slst" || word.stitch === "ch") return undefined;
      c.at = at + 1;
      const t = noTarget();
      readTarget(c, t);
      c.at = end;
      return t.part === undefined ? undefined : { kind: "work", op: { ...stitchInto(word.stitch, 1, "part", this.loops), uses: 1, part: t.part }, times: ONCE, from, to: c.to };
    }
    return undefined;
  }

  private chainsBefore(items: readonly Node[]): number {
    let n = 0;
    for (const i of items) if (i.kind === "work" && i.op.stitch === "ch" && i.times.kind === "number") n += i.times.n;
    return n;
  }

  private bracket(items: Node[], depth: number): void {
    const { c } = this;
    const opener = c.peek();
    if (!opener) return;
    const close = CLOSER[opener.text] ?? ")";
    if (this.bracketedTimes(items, close) || this.bracketedRounds(close)) return;
    c.at++;
    if (depth >= MAX_NESTING) {
      this.report(opener, { code: "too-large", what: "nesting", limit: MAX_NESTING });
      c.at = c.tokens.length;
      return;
    }
    const inside = this.sequence(close, depth + 1);
    if (!c.take(close)) {
      this.report(opener, { code: "unclosed-bracket", bracket: opener.text });
      // What is inside still counts: the bracket is the slip, not the stitches.
      items.push(...inside);
      return;
    }
    const worked = inside.some((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip");
    const [shade] = inside;
    const before = items[items.length - 1];
    if (inside.length === 1 && shade?.kind === "colour" && (before?.kind === "work" || before?.kind === "group")) {
      // "9 sc [orange]": the shade of what stands before the bracket.
      items.splice(items.length - 1, 0, shade);
      return;
    }
    if (!worked) {
      items.push(...inside.filter((n) => n.kind !== "total"));
      return;
    }
    const mixed = c.attempt(() => this.mixed(inside));
    if (mixed) {
      const times = this.timesAfter();
      items.push({ kind: "work", op: mixed.op, times: times ? this.limited(times.times) : mixed.times, from: opener.from, to: c.to });
      return;
    }
    c.attempt(() => {
      const t = noTarget();
      return readTarget(c, t) && t.loops && !t.place ? ((this.loops = t.loops), true) : undefined;
    });
    const times = this.timesAfter() ?? (c.is(",", ";") ? c.attempt(() => (c.at++, this.attemptRepeatTimes())) : this.attemptRepeatTimes()) ?? this.bareCount();
    const listed = times === undefined && depth === 0 ? this.listedTotal(items, inside, opener.from) : undefined;
    if (listed) {
      items.push(listed);
      return;
    }
    this.pushGroup(items, inside, opener.from, times ?? { times: ONCE }, times === undefined);
    c.attempt(() => {
      const t = noTarget();
      if (!readTarget(c, t) || !t.loops) return undefined;
      const group = items[items.length - 1];
      if (group?.kind === "group") items[items.length - 1] = { ...group, items: group.items.map((n) => withLoops(n, t.loops ?? "both")) };
      return true;
    });
  }

  /** "(10 sc and 8 ch)" behind a round tells what it came to, kind by kind, unless it fits better as work. */
  private listedTotal(items: readonly Node[], inside: readonly Node[], from: number): Node | undefined {
    const { c } = this;
    if (inside.length < 2 || !(c.done || c.is(".", ",", ";", "!")) || !items.some((n) => n.kind === "work" || n.kind === "group")) return undefined;
    let n = 0;
    for (const node of inside) {
      if (node.kind === "aside") continue;
      if (node.kind !== "work" || node.times.kind !== "number" || node.times.at === undefined || node.op.uses > 1 || node.op.offers > 1) return undefined;
      n += node.op.offers * node.times.n;
    }
    return { kind: "group", items: inside, times: ONCE, from, to: c.to, other: { kind: "total", n, from, to: c.to } };
  }

  /** "dec (x6)", "inc (6 times)": the bracket says how often. */
  private bracketedTimes(items: Node[], close: string): boolean {
    const { c } = this;
    const last = items[items.length - 1];
    if (last?.kind !== "work" || last.times.kind !== "number" || last.times.n !== 1) return false;
    return (
      c.attempt(() => {
        c.at++;
        const times = this.timesAfter();
        if (!times || !c.take(close)) return undefined;
        items[items.length - 1] = { ...last, times: this.limited(times.times), to: c.to };
        return true;
      }) ?? false
    );
  }

  /** "(4 rounds)" behind a round that stands for several: the label's numbers say the same. */
  private bracketedRounds(close: string): boolean {
    const { c } = this;
    return (
      c.attempt(() => {
        c.at++;
        c.take("for");
        if (c.number() === undefined || !isRoundWord(c.text())) return undefined;
        c.at++;
        c.take("total", "in", "all");
        return c.take(close) ? true : undefined;
      }) ?? false
    );
  }

  /** "(sc, inc) 6": a number alone behind a bracket, when nothing that it could count follows it. */
  private bareCount(): { times: Times; more?: boolean } | undefined {
    const { c } = this;
    return c.attempt(() => {
      const token = c.peek();
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined || !token) return undefined;
      return c.done || c.is(",", ".", ";", "(", "[", "=", ")", "]", "*") ? { times: { kind: "number" as const, n, at: { from: token.from, to: token.to } } } : undefined;
    });
  }

  /** A bracket all of which goes into one stitch. */
  private mixed(inside: readonly Node[]): { op: Operation; times: Times } | undefined {
    const t = noTarget();
    if (!readTarget(this.c, t) || t.place === undefined) return undefined;
    let makes: Tally = {};
    let offers = 0;
    for (const n of this.hung(inside, true)) {
      if (n.kind === "colour" || n.kind === "aside") continue;
      if (n.kind !== "work" || n.times.kind !== "number") return undefined;
      makes = addTally(makes, n.op.makes, n.times.n);
      offers += n.op.offers * n.times.n;
    }
    const into = t.place === "same" ? "same" : t.place === "ring" ? "ring" : "next";
    const times: Times = t.place === "each" && t.n === undefined ? (t.reach ?? { kind: "around" }) : t.n !== undefined ? { kind: "number", n: t.n, ...(t.at ? { at: t.at } : {}) } : (t.reach ?? ONCE);
    return { op: mixedInto(makes, offers, into, t.loops ?? this.loops), times };
  }

  // ---- one worked phrase ---------------------------------------------------------------------

  private work(items: Node[], from: number): boolean {
    return (
      this.c.attempt(() => {
        const { c } = this;
        const numberAt = c.peek();
        let before: number | undefined;
        let word = c.kind() === "number" ? readStitch(c, this.terms) : undefined;
        if (!word && c.kind() === "number") {
          before = c.number();
          const sign = !(c.is("x") && c.legend.has("x") && (CLOSER[c.text(1)] === undefined || (c.kind(2) === "number" && /^[)\]}]$/.test(c.text(3))))) && c.take("x", "*", "times");
          if (sign && CLOSER[c.text()] !== undefined && !(c.kind(1) === "number" && (/^[)\]}]$/.test(c.text(2)) || isStitchNoun(c.text(2))))) return this.countedBracket(items, from, before ?? 1, numberAt);
          c.take("more", "-");
          const shade = c.attempt(() => {
            const s = readShade(c);
            return s !== undefined && readStitchAhead(c, this.terms) ? s : undefined;
          });
          if (shade !== undefined) items.push({ kind: "colour", slot: shade, from: c.from, to: c.to });
        }
        const loopsBefore = word ? undefined : c.attempt(() => {
          const l = readLoops(c);
          return l && readStitchAhead(c, this.terms) ? l : undefined;
        });
        const previous = items[items.length - 1];
        if (!word && before === undefined && (isPreposition(c.text()) || c.is("each", "every") || (c.is("next") && c.kind(1) === "number" && /^(ch|chs|chain|chains)$/.test(c.text(2)))) && previous?.kind === "work") {
          // "sc in 2nd ch from hook and in each ch across": the same stitch again.
          const t = noTarget();
          if (!readTarget(c, t) || (t.place === undefined && t.reach === undefined)) return undefined;
          if (t.place === "next" && t.n === undefined && t.reach === undefined) return undefined;
          const legs = previous.op.stitch === "ch" ? 1 : Math.max(1, ...Object.values(previous.op.makes));
          return this.place(items, previous.op.stitch === "ch" ? "sc" : previous.op.stitch, from, legs > 1 && previous.op.uses === 1 ? legs : undefined, undefined, t, undefined);
        }
        if (c.is("even", "around") && !items.some((n) => n.kind === "work" || n.kind === "group")) {
          c.at++;
          const t = noTarget();
          readTarget(c, t);
          items.push({ kind: "work", op: stitchInto("sc", 1, "next", this.loops), times: { kind: "around" }, from, to: c.to });
          return true;
        }
        word ??= readStitch(c, this.terms);
        if (!word) return undefined;
        if (word.kind === "generic" && before === undefined) return undefined;
        const phrase = loopsBefore === undefined && c.is("blo", "flo", "in", "bl", "fl", "through", "working") ? readLoopPhrase(c) : undefined;
        const loops = loopsBefore ?? phrase?.loops;
        const afterAt = c.peek();
        const after = before === undefined ? this.countAfter() : undefined;
        if (before !== undefined && word.kind !== "generic") {
          // "1 inc x 6", "6 inc x 1".
          const multiplied = c.attempt(() => (c.is("x", "*") || (c.kind() === "number" && c.is("times")) ? this.timesAfter() : undefined));
          if (multiplied) {
            const n = multiplied.times.kind === "number" ? { ...multiplied.times, n: multiplied.times.n * before } : multiplied.times;
            items.push({ kind: "work", op: operationOf(word, loops ?? this.loops), times: this.limited(n), from, to: c.to });
            return true;
          }
        }
        const t = noTarget();
        if (loops) t.loops = loops;
        t.freeLoops = phrase?.free;
        readTarget(c, t);
        if (t.part === "it") t.part = this.lastPart;
        const colour = c.done || (c.kind() === "mark" && !c.is("(", "[")) ? undefined : c.attempt(() => (c.is("with", "in", "(") ? this.trailingColour() : readTrailingShade(c)));
        if (colour !== undefined) items.push({ kind: "colour", slot: colour, from, to: c.to });
        const n = before ?? after;
        const at = n === undefined ? undefined : before !== undefined ? numberAt : this.lastNumberAt(afterAt);
        if (t.freeLoops) items.push({ kind: "free-loops", of: t.freeLoops, from, to: c.to });
        if (word.kind === "plain" || word.kind === "generic") this.place(items, word.stitch, from, n, at, t, after !== undefined);
        else this.placeSpecial(items, operationOf(word, t.loops ?? this.loops), word.kind, from, n, at, t);
        this.timesBehind(items);
        return true;
      }) ?? false
    );
  }

  /** "sc through the ear and the head 3 times", "2 sc in next st twice": how often, said last. */
  private timesBehind(items: Node[]): void {
    const { c } = this;
    const last = items[items.length - 1];
    if (last?.kind !== "work" || last.times.kind !== "number") return;
    if (!(c.is("twice", "thrice") || (c.kind() === "number" && /^(times|time)$/.test(c.text(1))))) return;
    const times = this.timesAfter();
    if (times?.times.kind !== "number") return;
    const { n, at } = times.times;
    const more = (node: WorkNode): WorkNode => (node.times.kind === "number" ? { ...node, times: this.limited({ ...(node.times.n === 1 && at ? { at } : {}), kind: "number", n: node.times.n * n }), to: c.to } : node);
    items[items.length - 1] = { ...more(last), ...(last.other?.kind === "work" ? { other: more(last.other) } : {}) };
  }

  private lastNumberAt(start: Span | undefined): Span | undefined {
    const { c } = this;
    for (let i = c.at - 1; i >= 0 && start !== undefined && (c.tokens[i]?.from ?? 0) >= start.from - 1; i--) {
      const token = c.tokens[i];
      if (token?.kind === "number") return token;
    }
    return start;
  }

  private trailingColour(): string | undefined {
    const { c } = this;
    if (c.is("(")) {
      c.at++;
      const shade = readShade(c);
      return shade !== undefined && c.take(")") ? shade : undefined;
    }
    return readColourChange(c);
  }

  /** "sc 6", "inc x6", "sc 6 times", "ch 7". */
  private countAfter(): number | undefined {
    const { c } = this;
    if (c.done || c.is(",", ")", "]", ";", ".")) return undefined;
    const times = c.attempt(() => {
      const t = c.is("x", "twice", "thrice") || (c.is("*") && !this.inStar) || (c.kind() === "number" && /^(times|time|x)$/.test(c.text(1))) ? this.timesAfter() : undefined;
      return t?.times.kind === "number" ? t.times.n : undefined;
    });
    if (times !== undefined) return times;
    if (c.kind() !== "number") return undefined;
    return c.attempt(() => {
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined) return undefined;
      // "sc 2 sc": the number belongs to what follows; "sc 3 sts" and "sc 3 in next" do not.
      if (c.kind() === "word" && !isStitchNoun(c.text()) && readStitchAhead(c, this.terms)) return undefined;
      if (c.is("x") && CLOSER[c.text(1)] !== undefined) return undefined;
      if (isStitchNoun(c.text())) c.at++;
      c.take("more");
      return n;
    });
  }

  /** "6 x (sc, inc)". */
  private countedBracket(items: Node[], from: number, n: number, at: Span | undefined): true | undefined {
    const { c } = this;
    const opener = c.peek();
    if (!opener) return undefined;
    const close = CLOSER[opener.text] ?? ")";
    const start = c.at;
    c.at++;
    const inside = this.sequence(close, MAX_NESTING / 2);
    if (!c.take(close)) {
      this.report(opener, { code: "unclosed-bracket", bracket: opener.text });
      c.at = Math.max(c.at, start + 1);
    }
    this.pushGroup(items, inside, from, { times: { kind: "number", n, ...(at ? { at: { from: at.from, to: at.to } } : {}) } });
    return true;
  }

  private place(items: Node[], stitch: StitchName, from: number, n: number | undefined, at: Span | undefined, t: Target, counted: boolean | undefined): true | undefined {
    const { c } = this;
    const loops = t.loops ?? this.loops;
    const span = () => ({ from, to: c.to });
    const number = (count: number, where: Span | undefined = at): Times => this.limited({ kind: "number", n: count, ...(where ? { at: { from: where.from, to: where.to } } : {}) });
    const one: Operation = { ...stitchInto(stitch, 1, "next", loops), ...(t.chainNoun ? { onChain: true as const } : {}) };
    const push = (op: Operation, times: Times, other?: Node): true => (items.push({ kind: "work", op, times, ...span(), ...(other ? { other } : {}) }), true);
    if (stitch === "ch") {
      const times = number(n ?? t.n ?? 1, n !== undefined ? at : (t.at ?? at));
      const standsFor = this.countsAs();
      if (t.toJoin) {
        // "chain 5 and join into a ring": the joining is read for itself.
        const at = c.tokens.slice(0, c.at).findLastIndex((x) => /^(join|close|form)$/.test(x.text));
        if (at > 0) c.at = at;
      }
      if (standsFor) return push(chainFor(standsFor, times.kind === "number" ? times.n : 1), ONCE);
      return push(stitchInto("ch", 1), times);
    }
    if (t.bridge) return push({ ...one, into: "bridge" }, n !== undefined ? number(n) : t.n !== undefined ? number(t.n, t.at) : (t.reach ?? { kind: "around" }));
    if (t.part !== undefined) {
      const everywhere = n === undefined && t.n === undefined && (t.reach !== undefined || t.place === "each");
      const places = n !== undefined && (t.place === undefined || counted === true) ? number(n) : t.n !== undefined ? number(t.n, t.at) : everywhere ? ({ kind: "around" } as const) : number(1);
      const legs = n !== undefined && counted !== true && t.place !== undefined ? n : 1;
      return push({ ...stitchInto(stitch, legs, "next", loops), into: "part", part: t.part }, places);
    }
    if (t.layers) {
      const layered: Operation = { ...one, layers: 2, ...(t.layers.length > 0 ? { caught: t.layers } : {}) };
      const times = n !== undefined ? number(n) : t.n !== undefined ? number(t.n, t.at) : (t.reach ?? (t.place === "each" ? ({ kind: "around" } as const) : ONCE));
      return push(layered, times, { kind: "work", op: { ...layered, uses: 2 }, times, ...span() });
    }
    if (stitch === "slst" && (t.toJoin || t.place === "first" || (t.place === "next" && t.toJoin))) {
      const chains = this.chainsBefore(items);
      const worked = items.some((i) => (i.kind === "work" && i.op.stitch !== "ch") || i.kind === "group");
      items.push(chains > 0 && !worked ? { kind: "start", start: "chain-ring", chains, ...span() } : { kind: "join", ...span() });
      return true;
    }
    if (t.spurBack) {
      const back = { ...stitchInto(stitch, 1, "spur", loops), uses: 1 };
      return push(back, n !== undefined ? number(n) : t.n !== undefined ? number(t.n, t.at) : { kind: "around" });
    }
    if (t.backAlong) {
      push({ ...stitchInto(stitch, 1, "chain", loops), name: `${stitch} in ch 2`, uses: 1 }, ONCE);
      return push(one, { kind: "around" });
    }
    if (t.together) return push(stitchTogether(stitch, n ?? t.n ?? 2, loops), t.reach ?? ONCE);
    if (t.place === "ring") return push(stitchInto(stitch, 1, "ring", loops), number(n ?? 1));
    if (t.place === "nth-chain") {
      const nth = t.nth ?? 2;
      const op: Operation = { ...stitchInto(stitch, n ?? 1, "chain", loops), name: `${stitch} in ch ${nth}`, uses: 1 };
      // The chains passed by count as a stitch where their height says so (Craft Yarn Council, turning chains, from memory).
      const height = { hdc: 3, dc: 4, tr: 5, dtr: 6 }[stitch as string];
      if (height !== nth) return push(op, ONCE);
      const tall: Operation = { ...op, offers: op.offers + 1 };
      const node = (o: Operation): WorkNode => ({ kind: "work", op: o, times: ONCE, ...span() });
      return items.push(stitch === "hdc" ? { ...node(op), other: node(tall) } : { ...node(tall), other: node(op) }), true;
    }
    if (t.evenly && n !== undefined) {
      items.push({ kind: "evenly", op: one, n, rest: one, ...(at ? { at } : {}), ...span() });
      return true;
    }
    if (t.place === "same") {
      const same: WorkNode = { kind: "work", op: stitchInto(stitch, n ?? 1, "same", loops), times: ONCE, ...span() };
      const next: WorkNode = { kind: "work", op: stitchInto(stitch, n ?? 1, "next", loops), times: ONCE, ...span() };
      const both = n !== undefined && n > 1;
      const alone = items.every((i) => i.kind !== "work");
      const first = both && alone ? next : same;
      items.push({ ...first, ...(both ? { other: first === next ? same : next } : {}) });
      return true;
    }
    if (t.place === "each" || t.place === "next" || t.place === "last" || t.place === "first") {
      const every = t.every;
      const reach: Times | undefined = t.place === "each" && t.n === undefined ? (t.reach ?? { kind: "around" }) : t.reach;
      const places = t.n ?? 1;
      const times: Times = reach ?? number(places, t.at ?? at);
      const legs = n === undefined || counted === true ? 1 : n;
      if (every !== undefined && legs > 1) {
        const inside: Node[] = [];
        if (every > 1) inside.push({ kind: "work", op: one, times: { kind: "number", n: every - 1 }, ...span() });
        inside.push({ kind: "work", op: stitchInto(stitch, legs, "next", loops), times: ONCE, ...span() });
        items.push({ kind: "group", items: inside, times: t.reach ?? { kind: "around" }, ...span() });
        return true;
      }
      if (counted === true && n !== undefined) return push(one, number(n));
      if (legs === 1 && t.ofRound && places === 1 && reach === undefined) {
        // "sl st in the next st of rnd 4" at the end of a panel's row bites a stitch beside it.
        const bite: Operation = { ...one, into: "side", uses: 0, offers: stitch === "slst" ? 0 : 1 };
        return push(one, times, { kind: "work", op: bite, times, ...span() });
      }
      if (legs === 1) return push(one, times);
      const asIncrease: WorkNode = { kind: "work", op: stitchInto(stitch, legs, "next", loops), times, ...span() };
      const asPlain: WorkNode = { kind: "work", op: one, times: number(legs), ...span() };
      if (t.n !== undefined && t.n === legs && t.place !== "each") return items.push({ ...asPlain, other: asIncrease }), true;
      if (t.n === undefined && (t.place === "next" || t.place === "last" || t.place === "first")) return items.push(asIncrease), true;
      return items.push({ ...asIncrease, other: asPlain }), true;
    }
    if (t.reach) {
      if (n !== undefined && n > 1) {
        const plainNode: WorkNode = { kind: "work", op: one, times: number(n), ...span() };
        const incNode: WorkNode = { kind: "work", op: stitchInto(stitch, n, "next", loops), times: t.reach, ...span() };
        return items.push({ ...plainNode, other: incNode }), true;
      }
      return push(one, t.reach);
    }
    return push(one, number(n ?? 1));
  }

  private placeSpecial(items: Node[], op: Operation, kind: "inc" | "dec" | "bobble" | "foundation", from: number, n: number | undefined, at: Span | undefined, t: Target): true {
    const { c } = this;
    const span = { from, to: c.to };
    const where = at ? { at: { from: at.from, to: at.to } } : {};
    if (t.evenly || ((kind === "inc" || kind === "dec") && n !== undefined && c.is("evenly"))) {
      const count = n ?? t.n ?? 1;
      items.push({ kind: "evenly", op, n: count, rest: stitchInto(op.stitch, 1, "next", op.loops), ...where, ...span });
      return true;
    }
    if (t.every !== undefined && (kind === "inc" || kind === "dec")) {
      const gap = Math.max(0, t.every - (kind === "inc" ? 1 : 2));
      const inside: Node[] = gap > 0 ? [{ kind: "work", op: stitchInto(op.stitch, 1, "next", op.loops), times: { kind: "number", n: gap }, ...span }] : [];
      inside.push({ kind: "work", op, times: ONCE, ...span });
      items.push({ kind: "group", items: inside, times: t.reach ?? { kind: "around" }, ...span });
      return true;
    }
    if (t.place === "ring") op = { ...op, into: "ring", uses: 0, increases: 0 };
    let times: Times = this.limited({ kind: "number", n: n ?? 1, ...where });
    if (t.reach && n === undefined) times = t.reach;
    else if (t.place === "each" && t.n === undefined && (n === undefined || n === 1)) times = { kind: "around" };
    else if (t.n !== undefined && n === undefined) {
      const per = kind === "dec" ? op.uses : 1;
      times = { kind: "number", n: kind === "dec" ? Math.max(1, Math.round(t.n / per)) : t.n, ...(t.at && kind !== "dec" ? { at: t.at } : {}) };
    }
    items.push({ kind: "work", op, times, ...span });
    return true;
  }

  /** "(counts as a dc)", "counts as first st" behind a chain; "(does not count)" is taken and means nothing. */
  private countsAs(): StitchName | undefined {
    const { c } = this;
    return c.attempt(() => {
      const bracket = c.take("(", "[");
      c.take(",", "-");
      c.take("which", "it", "this", "here", "and", "always");
      c.take("will", "does", "do");
      if (c.take("not", "doesn't", "don't")) {
        while (!c.done && !c.is(")", "]", ",", ";", ".")) c.at++;
        return bracket && c.take(")", "]") ? undefined : undefined;
      }
      if (!c.take("counts", "count", "counting", "counted")) return undefined;
      c.take("as", "for");
      c.take("a", "the", "one", "1", "your", "first");
      c.take("first", "1st");
      if (c.kind() === "ordinal" || (c.kind() === "number" && c.peek()?.value === 1)) c.at++;
      const word = readStitch(c, this.terms);
      while (bracket && !c.done && !c.is(")", "]")) c.at++;
      if (bracket && !c.take(")", "]")) return undefined;
      return word?.stitch ?? "sc";
    });
  }

  // ---- words that are not work ---------------------------------------------------------------

  private colourTail(): void {
    const { c } = this;
    c.attempt(() => {
      // "change to white in the last stitch", "change to white on last yarn over": the words say when, not what to work.
      if (!c.is("in", "on", "at", "for", "before", "when")) return undefined;
      if (c.is("for") || readStitchAhead(c, this.terms)) return undefined;
      while (!c.done && !c.is(",", ".", ";", ":", "(", "[", ")")) c.at++;
      return true;
    });
  }

  private chunkEnd(close: Close, soft: boolean): number {
    const { c } = this;
    let i = c.at;
    for (; i < c.tokens.length; i++) {
      const t = c.tokens[i]?.text ?? "";
      if (t === ";" || (t === "." && c.tokens[i + 1]?.kind !== "number") || (close !== "end" && t === close)) break;
      if (t === "*" || t === "[" || t === "{") break;
      if (t === "(" && (c.tokens[i + 1]?.kind === "number" || i > c.at)) break;
      if (t === "," && (soft || this.workAt(i + 1))) break;
      if (t === ":" && i > c.at && this.workAt(i + 1)) break;
      if (soft && (t === "and" || t === "then") && i > c.at && c.tokens[i + 1]?.text !== "then" && this.workAt(i + 1)) break;
    }
    return i;
  }

  private workAt(i: number): boolean {
    const { c } = this;
    const at = c.at;
    c.at = i;
    c.take("then", "and");
    c.number();
    const opens = CLOSER[c.text()] !== undefined;
    const word = opens ? undefined : readStitch(c, this.terms);
    c.at = at;
    return opens || (word !== undefined && word.kind !== "generic");
  }

  private event(items: Node[], from: number, close: Close): void {
    const { c } = this;
    let end = Math.max(this.chunkEnd(close, false), c.at + 1);
    // "close it with 8 sc through both sides": what comes behind "with" is worked.
    for (let i = c.at + 1; i < end - 2; i++) {
      if (!/^(with|by|using|working)$/.test(c.tokens[i]?.text ?? "") || c.tokens[i + 1]?.kind !== "number" || !this.workAt(i + 1)) continue;
      end = i + 1;
    }
    const event = readEvent(c, end);
    c.at = end;
    items.push(event ? { kind: "event", event, from, to: c.to } : { kind: "aside", from, to: c.to });
  }

  private prose(items: Node[], from: number, close: Close): void {
    const { c } = this;
    const start = c.at;
    const end = Math.max(this.chunkEnd(close, true), start + 1);
    const words = c.tokens.slice(start, end);
    c.at = end;
    const first = words[0];
    const letters = words.filter((t) => t.kind === "word");
    const lone = letters.length === 1 ? letters[0] : undefined;
    const near = letters.slice(0, 3).map((t) => ({ t, near: nearestStitchWord(t.text) })).find((x) => x.near !== undefined && x.near !== x.t.text);
    const counted = words.some((t) => t.kind === "number");
    if (near && (counted || letters.length <= 2)) {
      this.report(near.t, { code: "unknown-word", word: c.source.slice(near.t.from, near.t.to), near: near.near });
      items.push({ kind: "unknown", word: near.t.text, from, to: c.to });
    } else if (lone && first && (counted || words.length === 1)) {
      this.report(lone, { code: "unknown-word", word: c.source.slice(lone.from, lone.to), near: undefined }, "error", counted && !(c.done && first.kind === "number" && words.length === 2) ? "number" : "word");
      items.push({ kind: "unknown", word: lone.text, from, to: c.to });
    } else if (letters.length === 0 || (counted && letters.length <= 3 && !PROSE.test(letters.map((t) => t.text).join(" ")))) {
      this.report({ from, to: c.to }, { code: "not-understood", text: this.words(from, c.to) }, "error", counted ? "number" : "word");
      items.push({ kind: "unknown", word: "", from, to: c.to });
    } else items.push({ kind: "aside", from, to: c.to });
  }
}

const PROSE = /\b(marker|mark|note|side|row|round|rnd|piece|cm|mm|inch|left|right|beginning|start|continue|spiral|tail|hook|now|this|here|leg|arm|head|body|ear|opening|middle|count|facing)s?\b/;

function withLoops(n: Node, loops: Loops): Node {
  if (n.kind === "work") return { ...n, op: { ...n.op, loops } };
  if (n.kind === "group") return { ...n, items: n.items.map((i) => withLoops(i, loops)) };
  return n;
}

const spanOf = ({ from, to }: Span): Span => ({ from, to });

/** A chain of `n` that stands for one stitch of the round. */
function chainFor(stitch: StitchName, n: number): Operation {
  return { ...stitchInto("ch", 1), name: `ch ${n} as ${stitch}`, makes: { ch: n }, uses: 1, offers: 1, standsFor: stitch };
}

function readStitchAhead(c: Cursor, terms: Terms): boolean {
  const at = c.at;
  const word = readStitch(c, terms);
  c.at = at;
  return word !== undefined && word.kind !== "generic";
}
function readRingAhead(c: Cursor): boolean {
  const at = c.at;
  const ring = readRing(c);
  c.at = at;
  return ring;
}
function readTrailingShade(c: Cursor): string | undefined {
  const shade = readShade(c);
  return shade !== undefined && (c.done || c.is(",", ".", ";", ")", "]", "*", "(")) ? shade : undefined;
}
