import { signedAt } from "./phrases/signed";
import { beginsPlainly } from "./phrases/same-again";
import { unchanged } from "./phrases/structure";
import { readRing } from "./target";
import { readColourChange, readShade } from "./colours";
import { namesColours } from "./document/colour-names";
import {
  anotherIn,
  isOneOf,
  nameOfNext,
  namesAnother,
  sentencesOf,
  worksOtherShare,
  worksPieces,
} from "./document/another";
import { titlesRounds, withoutDoing } from "./document/doing";
import { limbBegun } from "./document/divided";
import { headingOf, type HeadingReading } from "./document/heading";
import { announced } from "./document/announced";
import { LINE, NAME } from "./document/costs";
import { labelReadings } from "./document/label";
import { colourAbove } from "./document/colour-said";
import { cordThere, cordTold, type CordTold } from "./document/cords";
import { explains } from "./document/explains";
import { labelInside } from "./document/inside";
import { joinsBoth, nameOfJoined } from "./document/joins-both";
import type { Lived } from "./document/flowing";
import { readings, work } from "./count";
import { repeated } from "./document/listed";
import { stripesOf, type Stripes } from "./document/stripes";
import { plan, type Decision, type Seen } from "./document/plan";
import { readAliases, tokensOf } from "./aliases";
import { unwrapped } from "./document/unwrap";
import { behindSummed, crochets, standsForOthers, throughBoth } from "./document/sentences";
import { inBrackets, labelsInARow, mayCut, unitsOf, type Unit } from "./document/units";
import { operationsOf } from "./surroundings";
import { startsEvent } from "./events";
import { eyesTold, together } from "./eyes";
import { fillingTold } from "./filling";
import { isRoundWord, type RoundLabel } from "./labels";
import type { Line } from "./text";
import type { Token } from "./tokens";
import type { Node, Span } from "./tree";
import { readStitch } from "./vocabulary";
import { type LineKind, type OpenPart, type RawPattern, append } from "./document-base";
import { LooseReader } from "./document-loose";
import { ringCounted } from "./document-headings";

export {
  RoundMemory,
  type LineKind,
  type LineReading,
  type RawPart,
  type RawPattern,
  type RawRound,
} from "./document-base";

/** "Rnds 1-3 of Head": rounds of a part, and no more. */
const ofPart = (rest: readonly Token[]): boolean =>
  /^(of|from)$/.test(rest[0]?.text ?? "") &&
  rest.length > 1 &&
  rest.length <= 4 &&
  rest.slice(1).every((t) => t.kind === "word");

/** A ring that a round begins with is named among its first words. */
const RING_WORDS = 10;
/** Words that bare numbers may have beside them: "3: BLO 12 (12)". */
const BESIDE_NUMBERS = /^(?:sts?|blo|flo|bl|fl|in|the|back|front|loops?|only|around)$/;
/** Words that go on a sentence about a round rather than work it. */
const NOT_WORK =
  /^(st|sts|stitches|of|and|in|only|,|once|twice|more|until|x|is|are|has|have|should|will|again|to|for|on|done|complete|times|now|the|looks?|was|or)$/;
const EVEN = /^(plain|even|straight|unchanged)$/;
/** … that tell something of it. */
const TELLS = /^(is|are|was|were|will|should|looks?|has|have|stays?|remains?)$/;
/** "Make a second one.": of what, is not said. */
const saysSecondOne = (tokens: readonly Token[]): boolean =>
  /\b(?:make|work|crochet) (?:(?:a|the) )?(?:second|2nd|another|other)(?: one)?(?: \.|$)/.test(
    tokens.map((t) => t.text).join(" "),
  );
/** "Round three is plain", "rounds 4 to 6 stay even": what a round is, told in a sentence. */
const isPlain = ([verb, how]: readonly Token[]): boolean =>
  TELLS.test(verb?.text ?? "") && EVEN.test(how?.text ?? "");
/** "Rounds 2 to 5 are all sc": what they are is what is worked. */
const withoutVerb = (tokens: Token[]): Token[] => {
  if (!TELLS.test(tokens[0]?.text ?? "")) return tokens;
  const more = tokens[1]?.text === "plain" && tokens[2]?.text === ":" ? 3 : 1;
  const from = tokens.findIndex(
    (t, i) => i >= more && !/^(all|both|just|simply|worked|crocheted)$/.test(t.text),
  );
  return from < 0 ? [] : tokens.slice(from);
};
/** Behind a sentence, and no “1.”, a name of a few words and a colon. */
const NAMED_BEHIND = /(?<=[^\d][.!?] )(?=\p{Lu}[\p{L}'’ -]{1,28}(?:\([^)\n]{1,20}\))? ?:\s)/gu;
const AS_A_LINE = {
  atStart: true,
  bullet: false,
  indented: false,
  marked: false,
  spaced: false,
  table: false,
};
const NOTHING_SEEN: Omit<Seen, "labels" | "atStart"> = {
  heading: undefined,
  definition: false,
  passing: false,
  begins: false,
  shade: false,
  stands: undefined,
  refers: false,
  worked: false,
  rounds: undefined,
};
const WORKING =
  /^(around|even|evenly|mr|mc|ring|rep|repeat|same|as|each|every|all|straight|plain|unchanged|without|ditto|above)$/;
const STEPS = /^(attach|sew|pin|embroider|glue|weave|stuff|fill|insert|fasten|tie|thread|place)$/;
/** "Crochet 2 stitches together", "work always two tog": a decrease with no word for it. */
const merges = (t: readonly Token[]): boolean =>
  t.some(
    (w, i) =>
      /^(together|tog)$/.test(w.text) &&
      t.slice(Math.max(0, i - 3), i).some((n) => n.kind === "number") &&
      t.slice(Math.max(0, i - 6), i).some((v) => /^(crochet|work|join|take)$/.test(v.text)),
  );
/** "MR, 6 sc." begins a round and is no name. */
const ringFirst = (tokens: readonly Token[]): boolean =>
  /^(mr|mc|ml)$/.test(tokens[0]?.text ?? "") ||
  (tokens[0]?.text === "magic" && /^(ring|circle|loop)$/.test(tokens[1]?.text ?? ""));
const FULL_NAME = /^(single|double|half|treble|increase|decrease|invisible)$/;
const ABBREVIATION =
  /^(mr|mc|ml|st|sts|st\(s\)|sl st|rnd|rnds|rep|blo|flo|bl|fl|sk|tog|beg|yo|rs|ws|lp|lps|sp|pm|fo|inv dec|invdec|inv|ch|chs)$/;

/** "(12) Rnd 2: …": what stands before a label counts it. */
const totalBefore = (t: readonly Token[], label: number): boolean =>
  (label === 3 || label === 4) &&
  /^[([]$/.test(t[0]?.text ?? "") &&
  t[1]?.kind === "number" &&
  /^[)\]]$/.test(t[label - 1]?.text ?? "");
/** What a sentence of plain rounds is made of. */
const PLAINLY = new Set(
  "work working crochet continue continuing sc dc even evenly straight plain around single each every st stitch in as is and all on keep going".split(
    " ",
  ),
);
/** "Leaf: with C ch 7, …": a long line that begins with a name and a colon is a part on one line. */
const namesAhead = (tokens: readonly Token[]): boolean =>
  tokens.length <= 200 && tokens.slice(1, 5).some((t) => t.text === ":");
/** "… [24]", "… || 24", "… = 24": where the sum at the end begins. */
function sumFrom(all: readonly Token[]): number {
  // "= 24 st".
  const noun = /^(st|sts|stitch|stitches)$/.test(all.at(-1)?.text ?? "") && all.at(-2)?.kind === "number";
  const tokens = noun ? all.slice(0, -1) : all;
  const last = tokens.at(-1);
  const framed = /^[)\]]$/.test(last?.text ?? "") && tokens.at(-2)?.kind === "number";
  if (framed && /^[([]$/.test(tokens.at(-3)?.text ?? "")) return tokens.length - 3;
  let end = tokens.length - 1;
  if (last?.kind !== "number" || !/^[|=]$/.test(tokens[end - 1]?.text ?? "")) return all.length;
  while (/^[|=]$/.test(tokens[end - 1]?.text ?? "")) end--;
  return end;
}
/** "sc (30) x4": plain rounds whose sum stands before how many there are. */
function summedRounds(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
  const [open, sum, shut, cross, many] = tokens.slice(-5);
  const work = tokens.slice(0, -5);
  const summed =
    /^[([]$/.test(open?.text ?? "") && sum?.kind === "number" && /^[)\]]$/.test(shut?.text ?? "");
  if (!summed || !/^[x*]$/.test(cross?.text ?? "") || many?.kind !== "number") return undefined;
  if (!Number.isInteger(many.value) || many.value < 2 || many.value > 400) return undefined;
  const plain = work.length > 0 && work.every((t) => PLAINLY.has(t.text) || /^(hdc|blo|flo)$/.test(t.text));
  return plain ? { label: manyRounds(many.value, many), tokens: tokens.slice(0, -2) } : undefined;
}
/** "R7-R11 - 30 sc (5 rounds)": how many rounds the label has already said. */
function withoutSpan(tokens: Token[], { first, last }: RoundLabel): Token[] {
  if (first === undefined || last === undefined || last === first) return tokens;
  const at = tokens.findIndex(
    (t, i) => t.value === last - first + 1 && isRoundWord(tokens[i + 1]?.text ?? ""),
  );
  const framed = /^[([]$/.test(tokens[at - 1]?.text ?? "") && /^[)\]]$/.test(tokens[at + 2]?.text ?? "");
  return at > 1 && framed ? [...tokens.slice(0, at - 1), ...tokens.slice(at + 3)] : tokens;
}
/** Tell what stands behind them, in brackets under a name. */
const TOLD_BEHIND = /^(in|with|using|:)$/;
const LEADS_ROUND = new Set(
  "finish end begin start with by work crochet make do then now add and".split(" "),
);
/** Words of a shade: "dark sea green". */
const LONGEST_SHADE = 3;
/** Words of a sentence that stands for plain rounds: a longer one says something else. */
const LONGEST_EVEN = 30;
/** Words of the longest label: a line is not looked at for one again behind each full stop. */
const LONGEST_LABEL = 12;

/** "Foundation chain: 13": the label names what the number counts. */
function chainNamed(tokens: readonly Token[], to: number): Token[] | undefined {
  const named = tokens.slice(0, to).find((t) => /^(?:ch|chs|chain|chains)$/.test(t.text));
  const [n, noun, ...more] = tokens.slice(to).filter((t) => t.kind !== "mark");
  const alone =
    more.length === 0 && (noun === undefined || /^(?:ch|chs|chains?|sts?|stitches)$/.test(noun.text));
  return named && n?.kind === "number" && alone ? [{ ...named, text: "ch" }, n] : undefined;
}

/** A label that says only how many rounds there are. */
const manyRounds = (many: number, at: Token): RoundLabel => ({
  from: at.from,
  to: at.to,
  first: undefined,
  last: undefined,
  word: "round",
  written: undefined,
  writtenAt: undefined,
  list: undefined,
  many,
});

/** "3:", "3)", "8-9:": a number with the sign of a label. */
function framedNumber(tokens: readonly Token[], i: number): boolean {
  if (tokens[i]?.kind !== "number") return false;
  const last = /^(-|to)$/.test(tokens[i + 1]?.text ?? "") && tokens[i + 2]?.kind === "number" ? i + 2 : i;
  return /^[:)]$/.test(tokens[last + 1]?.text ?? "");
}

/** What is live behind some work that takes all of the `live` stitches, or begins where there are none. */
function wholeRound(nodes: readonly Node[], live: number | undefined, strict: boolean): number | undefined {
  // "Slip stitch to join" closes a round, it is none.
  const worked = [...operationsOf(nodes)];
  if (worked.length > 0 && worked.every((n) => /^(slst|ch)$/.test(n.op.stitch ?? ""))) return undefined;
  // A written sum ends a round, whatever it is.
  const total = nodes.find((n) => n.kind === "total");
  const sum = total?.kind === "total" ? total.n : undefined;
  const shaped = nodes.find((n) => n.kind === "evenly");
  const said = sum ?? (shaped?.kind === "evenly" ? shaped.toward : undefined);
  if (said !== undefined && live !== undefined && !strict)
    return said >= live / 3 && said <= live * 3 ? said : undefined;
  for (const reading of readings(nodes)) {
    const got = work(reading.nodes, live, "main", live === undefined);
    const whole = live === undefined ? got.free : !got.free && got.used === live && !got.misfit;
    const known = !got.open && !got.unknown && got.offers > 1 && (sum === undefined || sum === got.offers);
    if (whole && known) return got.offers;
  }
  return undefined;
}

/** Lines of talk between a piece and the round that goes on from it. */
const MOST_BETWEEN = 40;

/** The heading of a piece that is made as `part` is. */
const twinOf = (
  name: string,
  part: { readonly slot: string | undefined },
  { from, to }: Span,
): HeadingReading => ({
  name,
  make: 1,
  slot: part.slot,
  from,
  rest: [{ kind: "word", text: "same", value: NaN, from, to }],
  cost: 0,
  section: undefined,
});

/**
 * Lines → parts and rounds, each with its tree. Never throws; each token is read a bounded number of times.
 */
export class DocumentReader extends LooseReader {
  /** What some words come to as a round of their own over `live` stitches. */
  private lives(tokens: readonly Token[], live: number | undefined, strict = false): Lived | undefined {
    // "18": a sum of what stands before it.
    if (tokens.length === 1 && tokens[0]?.kind === "number") return undefined;
    const { trees } = this.tree(tokens);
    const working = trees.filter((t) => t.nodes.some((n) => /^(work|group|evenly)$/.test(n.kind)));
    if (working.length === 0) return this.hasCountedWork(tokens) ? undefined : { live, round: false };
    for (const { nodes } of working) {
      const got = wholeRound(nodes, live, strict);
      if (got !== undefined) return { live: got, round: true };
    }
    return undefined;
  }

  read(): RawPattern {
    const whole = unwrapped(this.plain, this.source, this.textLines);
    const aliases = readAliases(this.plain, this.textLines);
    const lines = whole.flatMap((line) => this.partsApart(line, aliases));
    const units = unitsOf(
      this.plain,
      this.source,
      lines,
      (tokens) => this.cuts(tokens),
      aliases,
      (tokens) => this.hasCountedWork(tokens),
      (tokens, live, strict) => this.lives(tokens, live, strict),
    );
    const decisions = plan(units.map((u) => this.see(u)));
    const kinds = new Map<number, LineKind>();
    let told = 0;
    units.forEach((u, i) => {
      if (i < told) return;
      const taken = this.another(units, decisions, i);
      if (taken > 0) {
        const twin = this.part?.line === u.line.number;
        for (const t of units.slice(i, i + taken)) kinds.set(t.line.number, twin ? "round" : "heading");
        told = i + taken;
        return;
      }
      if (this.inNotes && !this.sewingUp && this.leadsOut(units, decisions, i)) this.inNotes = false;
      const read = this.readUnit(u, decisions[i] ?? { kind: "other" });
      const more =
        units[i + 1]?.line === u.line && decisions[i + 1]?.kind === "other" ? units[i + 1] : undefined;
      const kind = read === "note" || read === "event" ? this.hearInPassing(u, more, read) : read;
      const cord = this.hearCord(u, kind);
      if (u.atStart || kind === "round") kinds.set(u.line.number, cord && kind === "note" ? "event" : kind);
    });
    this.closeRound();
    const left = this.heading === undefined && this.setup.length > 0 ? this.setupLine : undefined;
    this.chainPart(this.textLines.at(-1));
    for (const cord of this.cords) if (!cord.asSetup || cord.line.number === left) this.takeCord(cord);
    for (const line of whole) this.goOn(line, kinds);
    return {
      parts: this.parts.filter((p) => p.rounds.length > 0),
      lines: this.textLines.map((l) => ({ line: l.number, kind: kinds.get(l.number) ?? "blank" })),
      assembly: this.assembly,
      unread: this.unread,
    };
  }

  /**
   * "6 sc in a magic ring." below the materials, without a label, where the next label is 2: it is the first round,
   * and what was listed is at its end.
   */
  private leadsOut(units: readonly Unit[], decisions: readonly Decision[], i: number): boolean {
    const { tokens = [] } = units[i] ?? {};
    const begins = (t: readonly Token[]) => this.beginsPart(t) && this.hasCountedWork(t);
    if (this.part || decisions[i]?.kind !== "other" || !begins(tokens)) return false;
    const below = decisions.slice(i + 1, i + 1 + MOST_BETWEEN);
    const next = below.findIndex((d) => d.kind === "label");
    const label = below[next];
    if (label?.kind === "label")
      return (
        label.reading.label.first === 2 && !units.slice(i + 1, i + 1 + next).some((u) => begins(u.tokens))
      );
    // Rounds without a label, line under line.
    const [second, third] = [units[i + 1], units[i + 2]];
    const bare = (u: Unit) => u.atStart && !begins(u.tokens) && this.hasCountedWork(u.tokens);
    return this.ringIn(tokens) && second !== undefined && bare(second) && (!third || bare(third));
  }

  /**
   * "Make a second leg, but do not fasten off": one more of the part above; a piece of its own where the rounds
   * go on from it. Gives how many units say so.
   */
  private another(units: readonly Unit[], decisions: readonly Decision[], i: number): number {
    const { part } = this;
    const [unit, below] = [units[i], units[i + 1]];
    const done = this.open?.label?.last ?? part?.rounds.at(-1)?.label?.last;
    if (!part || !unit || this.heading || this.sewingUp || done === undefined) return 0;
    if (decisions[i]?.kind === "label") return 0;
    const under = below && (below.line === unit.line || decisions[i + 1]?.kind !== "label");
    const two = unit.atStart && under && namesAnother(unit.tokens);
    const tokens = two ? [...unit.tokens, ...below.tokens] : unit.tokens;
    const limb = decisions[i]?.kind === "other" ? limbBegun(tokens) : undefined;
    const on = decisions[i + 1];
    const begins = on?.kind === "label" && on.reading.label.first === done + 1;
    if (limb !== undefined && begins && !this.hasCountedWork(tokens)) {
      const reading = { ...twinOf(limb, part, unit.line), rest: [] };
      this.loose([...tokens], unit.line);
      this.takeHeading({ kind: "heading", reading }, unit.line);
      return 1;
    }
    const found = anotherIn(tokens);
    const begun = part.rounds[0]?.label?.first ?? this.open?.label?.first ?? 1;
    // "Rejoin and repeat on the other 9 sts.": of a limb of what was divided.
    if (!found && begun > 1 && part.make === 1 && sentencesOf(tokens).some(worksOtherShare)) {
      part.make = 2;
      this.loose([...tokens], unit.line);
      return 1;
    }
    const stop = tokens.findIndex((t) => /^[.;]$/.test(t.text));
    const many = found ? 1 : (this.makeLine(stop < 0 ? tokens : tokens.slice(0, stop))?.make ?? 1);
    if (!found && many < 2) return 0;
    let next = i + 1;
    const most = Math.min(decisions.length, i + MOST_BETWEEN);
    while (next < most && !/^(?:label|heading|section)$/.test(decisions[next]?.kind ?? "")) next++;
    const follows = decisions[next];
    const goesOn = follows?.kind === "label" && follows.reading.label.first === done + 1;
    const more = goesOn ? many === 2 && worksPieces(units[next]?.tokens ?? []) : false;
    // "You need two of these.": no list of what is needed.
    if (many > 1 && !goesOn && /^(?:section|definition)$/.test(decisions[i]?.kind ?? "")) {
      part.make = many;
      return 1;
    }
    const all = (found?.another.rounds?.first ?? 1) === 1 && (found?.another.rounds?.last ?? done) === done;
    if (!(found && all && isOneOf(found.another.noun, part.name)) && !more) return 0;
    const own = two || decisions[i]?.kind === "heading";
    if (own && !goesOn && !two && !found?.another.rounds) return 0;
    const from = found?.from ?? 0;
    if (from > 0) this.readUnit({ ...unit, tokens: tokens.slice(0, from) }, { kind: "other" });
    if (own || goesOn) {
      if (part.make > 1) part.make--;
      const decision = decisions[i];
      const name = decision?.kind === "heading" ? decision.reading.name : nameOfNext(part.name);
      this.takeHeading(
        { kind: "heading", reading: twinOf(name, part, tokens[from] ?? unit.line) },
        unit.line,
      );
    } else if (part.make === 1) part.make = 2;
    const rest = tokens.slice(found?.to ?? tokens.length);
    if (rest.length > 0) this.loose(rest, unit.line);
    return two ? 2 : 1;
  }

  /** "Make a second one." of a piece whose rounds went on under other names: so many of all that it goes on from. */
  private makeMany(part: OpenPart, many: number, tokens: readonly Token[]): void {
    part.make = many;
    if (!saysSecondOne(tokens)) return;
    let first = part.rounds[0]?.label?.first ?? this.open?.label?.first;
    for (const before of this.parts.slice(0, this.parts.indexOf(part)).reverse()) {
      const last = before.rounds.at(-1)?.label;
      if (before.make !== 1 || first === undefined || (last?.last ?? last?.first) !== first - 1) return;
      before.make = many;
      first = before.rounds[0]?.label?.first;
    }
  }

  /** "Legs (make 2)", and a round under them that works both: from here on it is one piece. */
  private joinPair(tokens: readonly Token[], label: RoundLabel, line: Line): void {
    const part = this.heading ? undefined : this.part;
    const last = part?.rounds.at(-1);
    if (!part || part.make !== 2 || last?.label === undefined || label.first === undefined) return;
    const goesOn = label.first === (last.label.last ?? last.label.first ?? 0) + 1 || label.first === 1;
    if (!goesOn || !joinsBoth(tokens, part.name)) return;
    const between = this.source.slice(last.to, line.from);
    const name = nameOfJoined(between, part.name);
    this.heading = { name, make: 1, slot: undefined, line: line.number, from: line.from };
  }

  /** Eyes and filling that a line speaks of in passing; of eyes that are there already it may tell the place. */
  private hearInPassing({ tokens, line }: Unit, more: Unit | undefined, kind: LineKind): LineKind {
    const part = this.heading ? undefined : this.part;
    if (!part) return kind;
    const alone = eyesTold(tokens);
    // "Eyes go on now (6 mm), on row 5": the line goes on behind the bracket.
    const told = more && !alone?.rounds ? (eyesTold([...tokens, ...more.tokens]) ?? alone) : alone;
    const filling = kind === "note" ? fillingTold(tokens) : undefined;
    const had = told
      ? part.events.findIndex((e) => e.event.kind === "eyes" && e.event.what === told.what)
      : -1;
    const before = part.events[had];
    if (told && before?.event.kind === "eyes")
      part.events[had] = { ...before, event: together(before.event, told) };
    for (const event of kind === "note" ? [before ? undefined : told, filling] : [])
      if (event) {
        const afterRound = part.rounds.length + (this.open ? 1 : 0);
        part.events.push({ event, line: line.number, afterRound });
      }
    return told || filling ? "event" : kind;
  }

  private readonly cords: (CordTold & {
    readonly line: Line;
    readonly slot: string | undefined;
    /** The chain may be what a round is worked into. */
    readonly asSetup: boolean;
  })[] = [];

  /** "Sew the ears on and hang it on a loop of 12 ch": a cord told of where nothing else is worked. */
  private hearCord({ tokens, line }: Unit, kind: LineKind): boolean {
    if (!/^(?:note|event|setup)$/.test(kind) || this.parts.length === 0) return false;
    if (this.inNotes && !this.sewingUp) return false;
    const told = cordTold(tokens);
    if (told) this.cords.push({ ...told, line, slot: this.shadeIn(tokens), asSetup: kind === "setup" });
    return told !== undefined;
  }

  /** "… in slate", "with white, …": the first colour that is told. */
  private shadeIn(tokens: readonly Token[]): string | undefined {
    const c = this.cursor(tokens);
    for (let i = 0; i < tokens.length; i++) {
      if (!/^(?:in|with|using)$/.test(tokens[i]?.text ?? "")) continue;
      c.at = i + 1;
      const shade = readShade(c);
      if (shade !== undefined) return shade;
    }
    return undefined;
  }

  /** Something of the making-up, unless it is there already. */
  private takeCord(cord: (typeof this.cords)[number]): void {
    if (cordThere(cord, this.parts, this.assembly)) return;
    const { make, chain, line, slot } = cord;
    this.assembly.push({
      event: { kind: "cord", chains: chain, count: make, slot },
      line: line.number,
      afterRound: 0,
    });
  }

  /** "Close. Tentacles: ch 15, 14 sc. Make 8.": a part that is named behind a sentence is a line of its own. */
  private partsApart(line: Line, aliases: ReadonlyMap<string, string>): Line[] {
    const out: Line[] = [];
    let from = line.from;
    for (const { index } of this.source.slice(line.from, line.to).matchAll(NAMED_BEHIND)) {
      const at = line.from + index;
      const behind = { ...line, from: at };
      const tokens = tokensOf(this.plain, at, line.to, aliases);
      if (labelReadings(this.cursor(tokens), true).length > 0) continue;
      const unit = { ...AS_A_LINE, line: behind, tokens };
      const named = headingOf(unit, this.cursor(tokens), this.terms, this.source);
      if (!named || named.section !== undefined || named.cost > LINE.inside) continue;
      // It begins a piece: what else is named there ("Other side: 5 sc") goes on with what is there.
      const work = named.rest.slice(0, LONGEST_EVEN);
      if (!this.hasCountedWork(work) || !(this.beginsPart(work) || this.chainIn(work))) continue;
      out.push({ ...line, from, to: at });
      from = at;
    }
    return from === line.from ? [line] : [...out, { ...line, from }];
  }

  private chainIn = (tokens: readonly Token[]): boolean =>
    tokens.some((t, i) => /^(ch|chain)$/.test(t.text) && tokens[i + 1]?.kind === "number");

  /** The lines that a wrapped one was put together of go on with what its first one is. */
  private goOn(whole: Line, kinds: Map<number, LineKind>): void {
    const first = kinds.get(whole.number);
    if (!first) return;
    for (let n = whole.number + 1; (this.textLines[n - 1]?.from ?? Infinity) < whole.to; n++)
      if (!kinds.has(n)) kinds.set(n, first === "round" ? "continuation" : first);
  }

  /** Places where a new label begins in a run-on line: "… (6). Rnd 2: …". */
  protected cuts(tokens: readonly Token[]): number[] {
    const cuts: number[] = [];
    if (this.stripesIn(tokens)) return cuts;
    const row = labelsInARow(tokens);
    const inside = inBrackets(tokens);
    for (let i = 1; i < tokens.length; i++) {
      if (row.has(i)) {
        cuts.push(i);
        continue;
      }
      // "sc (short: Rnd 2-3)": a remark, and no round of its own.
      if (inside.has(i)) continue;
      if (this.newSentence(tokens, i) || this.evenSentence(tokens, i)) {
        cuts.push(i);
        continue;
      }
      if (
        labelInside(
          tokens,
          i,
          (t) => this.hasCountedWork(t) || this.plainSaid(t),
          (t) => this.cursor(t),
        )
      ) {
        cuts.push(i);
        // "… and in round 4": its lead is cut off with it.
        i += 2;
        continue;
      }
      if (this.behindShade(tokens, i)) cuts.push(i);
      if (!mayCut(tokens, i) || totalBefore(tokens, i)) continue;
      const c = this.cursor(tokens);
      c.at = i;
      const before = tokens[i - 1]?.text ?? "";
      const bare = tokens[i]?.kind === "number";
      for (const r of labelReadings(c, bare)) {
        const closed = /[^a-z]$/.test(r.style);
        const rest = tokens.slice(r.to, r.to + 12);
        // "5 sc in MR / r2 sc, inc": a stroke, too, in front of a label in so many words.
        const parted = before === "/" && isRoundWord(tokens[i]?.text ?? "");
        const plainly =
          (parted || /^(?:[,;.:|\])]|then)$/.test(before)) &&
          rest.length > 0 &&
          (!NOT_WORK.test(rest[0]?.text ?? "") || (before === "." && TELLS.test(rest[0]?.text ?? ""))) &&
          (this.hasWork(rest) || signedAt(rest, 0) || this.plainSaid(rest));
        if (closed ? !bare || this.hasCountedWork(rest) : plainly) {
          cuts.push(i);
          break;
        }
      }
    }
    return cuts;
  }

  /** "Round 3 is plain", "in round 4 work plain". */
  private plainSaid(tokens: readonly Token[]): boolean {
    const said = tokens.slice(TELLS.test(tokens[0]?.text ?? "") || tokens[0]?.text === "work" ? 1 : 0);
    const alone = said[1] === undefined || said[1].kind === "mark";
    return (alone && EVEN.test(said[0]?.text ?? "")) || beginsPlainly(this.cursor(said));
  }

  /** "Red     R1  6 sc", "B 8-9: sc around": a colour, by its name or her letter for it, before the label. */
  protected behindShade(tokens: readonly Token[], i: number): boolean {
    if (i > LONGEST_SHADE) return false;
    const c = this.cursor(tokens);
    const letter = c.kind() === "word" && c.colours.has(c.text());
    // "A: 9-10. sc around": a sign behind the letter, and any label.
    if (
      letter &&
      i === 2 &&
      tokens[1]?.text === ":" &&
      labelReadings(this.cursor(tokens.slice(2)), true).length > 0
    )
      return true;
    const worded = isRoundWord(tokens[i]?.text ?? "") && tokens[i + 1]?.kind === "number";
    if (!worded && !framedNumber(tokens, i)) return false;
    if (letter && i === 1) return true;
    // "Red: 13-16: 20 (20)".
    return readShade(c) !== undefined && (c.at === i || (c.is(":", "-", "--", ",") && c.at === i - 1));
  }

  /** "… pull it closed. Work four rounds even. Fasten off.": plain rounds in a sentence of their own. */
  protected evenSentence(tokens: readonly Token[], i: number): boolean {
    const begins =
      tokens[i]?.kind === "number" || /^(work|crochet|continue|then|sc)$/.test(tokens[i]?.text ?? "");
    if (tokens[i - 1]?.text !== "." || !begins) return false;
    // "R5-9. 24 sc (5 rounds)": the full stop is its label's.
    if (i <= LONGEST_LABEL && labelReadings(this.cursor(tokens), true).some((r) => r.to === i)) return false;
    const said = tokens.slice(i, i + LONGEST_EVEN);
    const stop = said.findIndex((t, k) => k > 0 && t.text === ".");
    return this.evenRounds(stop < 0 ? said : said.slice(0, stop)) !== undefined;
  }

  /**
   * "… (10). Press flat and close with 5 sc through both layers (5).": more work with a total of its own,
   * behind a total.
   */
  protected newSentence(tokens: readonly Token[], i: number): boolean {
    const [before, first] = [tokens[i - 1]?.text, tokens[i]?.text];
    if (before !== "." && !(before === "," && first === "then")) return false;
    const refers = standsForOthers(tokens, i);
    if (!refers && (before !== "." || !behindSummed(tokens, i))) return false;
    let end = i;
    while (
      end < tokens.length &&
      end < i + 40 &&
      !(tokens[end]?.text === "." && tokens[end + 1]?.kind !== "number")
    )
      end++;
    const said = tokens.slice(i, end);
    const last = said.length - 1;
    // "Fold in half, 5 sc through both layers", "Hold it to the body and work 12 sc through both edges": two edges
    // are closed, and its number is its total.
    if (said[0]?.kind === "word" && throughBoth(said) && this.hasCountedWork(said)) return true;
    // "As the body to round 2, then 3 rounds of sc."
    if (refers && this.evenRounds(said) !== undefined) return true;
    return (
      said.length > 3 &&
      /^[)\]}]$/.test(said[last]?.text ?? "") &&
      said[last - 1]?.kind === "number" &&
      labelReadings(this.cursor(said), true).length === 0 &&
      this.hasCountedWork(said)
    );
  }

  /** What can be seen of a unit before it is decided what it is. */
  protected see(unit: Unit): Seen {
    const { tokens } = unit;
    const c = this.cursor(tokens);
    if (this.stripesIn(tokens)) return { ...NOTHING_SEEN, labels: [], passing: true, atStart: unit.atStart };
    if (unit.atStart && this.answered.headings.has(unit.line.number))
      return { ...NOTHING_SEEN, labels: [], heading: this.namedByAnswer(unit), atStart: true };
    const labels = labelReadings(c, unit.atStart || tokens[0]?.kind === "number").map((r) => {
      const rest = tokens.slice(r.to);
      const work =
        this.hasCountedWork(rest) ||
        // "3. Attach the ring" is a step, though a ring stands in it.
        (rest.some((t) => WORKING.test(t.text)) && !STEPS.test(rest[0]?.text ?? "")) ||
        unchanged(this.cursor(rest)) ||
        beginsPlainly(this.cursor(rest)) ||
        crochets(rest) ||
        signedAt(rest, 0) ||
        (rest.length === 0 && r.label.total !== undefined) ||
        merges(rest) ||
        ofPart(rest) ||
        this.shadesCounted(rest)
          ? ("full" as const)
          : rest.length > 0 &&
              rest.some((t) => t.kind === "number") &&
              this.behindColour(rest).every(
                (t) => t.kind === "number" || t.kind === "mark" || BESIDE_NUMBERS.test(t.text),
              )
            ? ("numbers" as const)
            : ("none" as const);
      const told =
        rest.some((t) => /^(mr|mc|ring)$/.test(t.text)) ||
        /^[)\]}]$/.test(rest.findLast((t) => t.text !== ".")?.text ?? "");
      const sentence =
        !/[^a-z]$/.test(r.style) &&
        NOT_WORK.test(rest[0]?.text ?? "") &&
        !(told && work === "full") &&
        !isPlain(rest);
      return { ...r, work, sentence, dashed: /^--?$/.test(tokens[r.to - 1]?.text ?? "") };
    });
    labels.sort((a, b) => a.cost - b.cost);
    // "Rounds 1–3 are the same for all": no shorter reading of the same numbers is a round either.
    if (labels.some((r) => r.sentence && TELLS.test(tokens[r.to]?.text ?? "")))
      for (const r of labels) r.sentence = true;
    const { atStart } = unit;
    if (atStart && labels.length === 0 && (explains(tokens) || titlesRounds(tokens)))
      return { ...NOTHING_SEEN, labels, definition: true, atStart };
    const numbered = labels.some((r) => !r.sentence && (r.work !== "none" || !r.style.startsWith("bare")));
    // "Tail: 5 sc in a ring, inc around": its first round has no number, but a ring.
    const begun = labels.some(
      (r) => r.label.first === undefined && this.ringIn(tokens.slice(r.to, r.to + RING_WORDS)),
    );
    if (numbered) return { ...NOTHING_SEEN, labels, atStart, begins: begun };
    const shades = atStart && labels.length === 0 && namesColours(this.cursor(tokens));
    // "A:": her letter for a colour names no part.
    const lettered =
      !unit.marked &&
      this.colours.has(tokens[0]?.text ?? "") &&
      this.shadeAlone(this.cursor(tokens)) !== undefined;
    // "Red - Rnd 1": nor does a shade in front of a label.
    const dashed = /^--?$/.test(tokens.at(-1)?.text ?? "") && this.shadeOnly(tokens);
    const heading =
      atStart &&
      !shades &&
      !lettered &&
      !dashed &&
      (tokens.length <= 40 || namesAhead(tokens)) &&
      !this.bracketed(tokens) &&
      !(ringFirst(tokens) && !unit.marked) &&
      !this.makeLine(tokens)
        ? this.headingIn(unit)
        : undefined;
    const alone = labels.length === 0;
    const reference = alone ? this.reference(tokens)?.reference : undefined;
    const begins = alone && (reference !== undefined || this.beginsPart(tokens));
    return {
      labels,
      heading,
      definition: shades || (atStart && alone && this.defines(tokens)),
      passing:
        this.passes(tokens) ||
        (alone && !begins && ((heading?.cost ?? 9) > 0.9 || heading?.section !== undefined)),
      begins,
      // "*** Cherry ***": set off like a name, it is one.
      shade: !unit.marked && this.shadeOnly(tokens),
      stands: reference?.last,
      rounds: alone && !begins ? this.evenRounds(tokens)?.label.many : undefined,
      refers: reference !== undefined,
      worked:
        heading !== undefined &&
        heading.rest.length > 0 &&
        (this.hasCountedWork(heading.rest) ||
          ringCounted(heading.rest) ||
          this.reference(heading.rest, undefined, true) !== undefined),
      atStart,
    };
  }

  /** The name that a line is, or the one that it speaks of. */
  private headingIn(unit: Unit): HeadingReading | undefined {
    const { tokens } = unit;
    const plain = headingOf(unit, this.cursor(tokens), this.terms, this.source);
    const told = unit.atStart ? announced(tokens) : undefined;
    const named = told && headingOf({ ...unit, tokens: told }, this.cursor(told), this.terms, this.source);
    // "Make 2 Arm" counts them; the name alone would lose how many.
    const known =
      plain !== undefined &&
      (plain.name.toLowerCase() === named?.name.toLowerCase() || plain.make > (named?.make ?? 0));
    if (!named || named.section || named.rest.length > 0 || known || (plain?.rest.length ?? 0) > 0)
      return plain;
    // What stands in front of it is talk; what stands behind it alone tells how it is worked.
    const cost = told[0] === tokens[0] ? named.cost : Math.max(NAME.announced, named.cost);
    return { ...named, cost: Math.min(cost, plain && !plain.section ? plain.cost : cost) };
  }

  /** She said that this line names a part: it does, whatever its words. */
  protected namedByAnswer({ tokens, line }: Unit): HeadingReading {
    const found = headingOf(
      { ...AS_A_LINE, line, tokens, marked: true, spaced: true },
      this.cursor(tokens),
      this.terms,
      this.source,
    );
    const name = this.source.slice(line.from, line.to).trim().replace(/\s+/g, " ").slice(0, 60);
    const plain = { name, make: 1, slot: undefined, from: line.from, rest: [] };
    return { ...(found ?? plain), section: undefined, cost: LINE.answered };
  }

  /** "3: red: 10 (10)": what stands behind the colour. */
  private behindColour(tokens: readonly Token[]): readonly Token[] {
    const c = this.cursor(tokens);
    // "4 (B) 18", "4 B: 18": her letter for it, too.
    const bracket = c.take("(", "[");
    const shade = readShade(c) ?? (this.colours.has(c.text()) ? (c.at++, true) : undefined);
    return shade === undefined || (bracket && !c.take(")", "]")) ? tokens : tokens.slice(c.at);
  }

  protected shadeOnly(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    const found = readColourChange(c) ?? this.shadeAlone(c);
    return found !== undefined && (c.done || c.is(":", ".", ",", "-", "--")) && c.at >= tokens.length - 1;
  }

  /** "(white)", "[with red]": a colour in brackets is no name. */
  protected bracketed(tokens: readonly Token[]): boolean {
    if (!/^[([]$/.test(tokens[0]?.text ?? "")) return false;
    const c = this.cursor(tokens);
    c.at = 1;
    if ((readColourChange(c) ?? readShade(c)) !== undefined) return true;
    // "(main colour: red)".
    return tokens.some((t, i) => {
      c.at = i + 1;
      return TOLD_BEHIND.test(t.text) && readShade(c) !== undefined && c.at === tokens.length - 1;
    });
  }

  /** "red 8, black 2", "8 red, 2 black": numbers of stitches by their colour. */
  protected shadesCounted(tokens: readonly Token[]): boolean {
    const c = this.cursor(tokens);
    let before = 0;
    for (let i = 1; i < tokens.length; i++) {
      c.at = i;
      if (tokens[i - 1]?.kind !== "number" || tokens[i]?.kind !== "word" || readShade(c) === undefined)
        continue;
      // "1-2 yellow, round 3 black" names rounds.
      if (tokens[i - 2]?.text === "-" || isRoundWord(tokens[i - 2]?.text ?? "")) return false;
      if (c.done || c.kind() === "mark") before++;
    }
    if (before > 1) return true;
    for (let i = 0; i < tokens.length - 1; i++) {
      c.at = i;
      if (/^(make|x)$/.test(tokens[i]?.text ?? "")) continue;
      if (tokens[i]?.kind === "word" && readShade(c) !== undefined && c.kind() === "number") return true;
    }
    return false;
  }

  /** "inc: increase, work 2 sc in one st", "MR = magic ring": a word and its meaning. */
  protected defines(tokens: readonly Token[]): boolean {
    // "x single crochet; v increase": letters and their meanings, with nothing between.
    const [letter, meaning] = tokens;
    const named = FULL_NAME.test(meaning?.text ?? "") && !tokens.some((t) => t.kind === "number");
    const lettered = letter !== undefined && (this.legend.has(letter.text) || /^[xvwmtf]$/.test(letter.text));
    if (lettered && letter.text.length === 1 && named) return true;
    if (this.namedTwice(tokens)) return true;
    // "INC . . . 2 sc in one stitch": a row of points leads to the meaning.
    const points = tokens.findIndex(
      (t, i) => t.text === "\u2026" || (t.text === "." && tokens[i + 1]?.text === "."),
    );
    if (points >= 1 && points <= 3) {
      let end = points;
      while (/^[.\u2026]$/.test(tokens[end]?.text ?? "")) end++;
      return this.defines([
        ...tokens.slice(0, points),
        { ...(tokens[points] as Token), text: "=" },
        ...tokens.slice(end),
      ]);
    }
    const sign = tokens.findIndex((t) => /^(=|:|-|--)$/.test(t.text));
    if (sign < 1 || sign > 3 || sign === tokens.length - 1) return false;
    const word = tokens.slice(0, sign);
    const c = this.cursor(word);
    const stitch = readStitch(c, this.terms);
    const known =
      (stitch !== undefined && c.done) ||
      (sign <= 2 && ABBREVIATION.test(word.map((t) => t.text).join(" "))) ||
      (sign === 1 && (this.legend.has(word[0]?.text ?? "") || this.colours.has(word[0]?.text ?? "")));
    const rest = tokens.slice(sign + 1);
    // "Magic ring: make a loop, insert the hook, …" says how one is made.
    const taught = rest.some((t) => /^(insert|wrap|finger|fingers|loop)$/.test(t.text));
    if (!known && taught) {
      const ring = this.cursor(word);
      if (
        readRing(ring) &&
        ring.done &&
        !this.hasCountedWork(rest.filter((t) => !/^(ch|chain)$/.test(t.text)))
      )
        return true;
    }
    if (!known) return false;
    // "MR: ch 2, 10 dc into ring": a ring that is worked into is a round, "MR: make a loop, ch 1" tells what it is.
    if (ringFirst(word) && this.hasCountedWork(rest.filter((t) => !/^(ch|chain)$/.test(t.text))))
      return false;
    // "sc: 6" or "ch - 9" is hardly a meaning; "inc: 2 sc in one st" is.
    return (
      (rest.filter((t) => t.kind === "word").length >= 1 && !rest.some((t) => t.text === "(")) ||
      rest.some((t) => /^(crochet|stitch|increase|decrease|chain|ring|round|repeat|together)$/.test(t.text))
    );
  }

  /** "sc single crochet", "inc increase", "MR magic ring": what is worked, by letters and by name. */
  private namedTwice([letters, ...name]: readonly Token[]): boolean {
    if (!letters || letters.text === name[0]?.text) return false;
    if (ringFirst([letters])) return name.length === 2 && ringFirst(name);
    // In whichever terms: a legend may stand in front of what shows them.
    return (["us", "uk"] as const).some((terms) => {
      const short = readStitch(this.cursor([letters]), terms);
      const c = this.cursor(name);
      const long = readStitch(c, terms);
      if (!short || !long) return false;
      const same = short.kind === long.kind && short.stitch === long.stitch && short.legs === long.legs;
      return same && (c.done || c.is("(", ",", ";", "."));
    });
  }

  /** "Make 2.", "With white", "(see picture)": stands between a name and its first round. */
  protected passes(tokens: readonly Token[]): boolean {
    if (this.makeLine(tokens) !== undefined) return true;
    if (/^[([]$/.test(tokens[0]?.text ?? "") && /^[)\].]$/.test(tokens[tokens.length - 1]?.text ?? ""))
      return !this.hasCountedWork(tokens);
    const c = this.cursor(tokens);
    return (
      tokens.length <= 8 &&
      (readColourChange(c) ?? readShade(c)) !== undefined &&
      !this.hasCountedWork(tokens.slice(c.at))
    );
  }

  protected beginsPart(tokens: readonly Token[]): boolean {
    if (tokens.length > 40) return false;
    return (
      this.ringIn(tokens) ||
      (/^(ch|chain)$/.test(tokens[0]?.text ?? "") && tokens[1]?.kind === "number") ||
      (tokens[0]?.kind === "number" && /^(ch|chs)$/.test(tokens[1]?.text ?? "")) ||
      (/^(make|using|with|foundation)$/.test(tokens[0]?.text ?? "") &&
        tokens.some(
          (t, i) =>
            /^(ch|chain)$/.test(t.text) &&
            (tokens[i + 1]?.kind === "number" || tokens[i - 1]?.kind === "number"),
        ))
    );
  }

  private stripesIn(tokens: readonly Token[]): Stripes | undefined {
    return stripesOf(this.cursor(tokens), [...new Set(this.colours.values())]);
  }

  protected readUnit(unit: Unit, decision: Decision): LineKind {
    const { line, atStart, indented } = unit;
    let tokens = [...unit.tokens];
    const stripes = this.stripesIn(tokens);
    if (stripes && (decision.kind !== "label" || !this.hasCountedWork(tokens))) {
      const begun = this.heading ? undefined : this.part;
      if (begun) begun.stripes ??= stripes;
      else this.stripes = stripes;
      return "colour";
    }
    if (decision.kind === "label") {
      const { to } = decision.reading;
      // "Straight: sc around for 2 rounds": how many is told behind the label that has no number.
      const plain =
        decision.reading.label.first === undefined ? this.evenRounds(tokens.slice(to)) : undefined;
      const label = plain?.label ?? decision.reading.label;
      this.inNotes = false;
      this.sewingUp = false;
      const chained = label.first === 0 ? chainNamed(tokens, to) : undefined;
      if (label.first === 0 && (chained || !this.fabricIn(tokens.slice(to))))
        return this.keepSetup(chained ?? tokens.slice(to), line);
      this.closeRound();
      this.joinPair(tokens.slice(to), label, line);
      this.ensurePart(line, label.first, label.first === 1 && this.ringIn(tokens.slice(to, to + RING_WORDS)));
      const work = withoutDoing(plain?.tokens ?? withoutVerb(tokens.slice(to)), (t) =>
        this.hasCountedWork(t),
      );
      const said = withoutSpan([...work], label);
      if (this.part) this.open = this.opening(said, label, line.number, this.part);
      this.flushSetup();
      return "round";
    }
    if (decision.kind === "step") {
      const { label, to } = decision.reading;
      this.closeRound();
      if (this.part && label.first !== undefined) this.part.steps.push(label.first);
      tokens = tokens.slice(to);
      return tokens.length > 0 ? this.loose(tokens, line) : "note";
    }
    if (decision.kind === "definition") {
      this.noteOnJoining(tokens);
      return "note";
    }
    const even = this.evenRounds(tokens);
    if (even && this.part) {
      this.closeRound();
      this.ensurePart(line, undefined);
      this.open = this.opening(even.tokens, even.label, line.number, this.part);
      return "round";
    }
    if (decision.kind === "other" && atStart && this.continues(tokens, indented)) {
      if (this.open) append(this.open, tokens);
      return "continuation";
    }
    const ref = this.reference(tokens);
    if (ref && (this.part ?? this.heading)) {
      this.closeRound();
      if (ref.slot !== undefined) this.bringIn(ref.slot);
      this.ensurePart(line, undefined);
      if (this.part)
        this.part.rounds.push({
          line: line.number,
          from: tokens[0]?.from ?? line.from,
          to: tokens[tokens.length - 1]?.to ?? line.to,
          label: undefined,
          ...this.tree(ref.rest),
          reference: ref.reference,
          closing: [],
          slot: this.takeSlot(),
        });
      return "round";
    }
    const stop = tokens.findIndex((t) => /^[.;]$/.test(t.text));
    const made = this.makeLine(tokens) ?? (stop > 0 ? this.makeLine(tokens.slice(0, stop)) : undefined);
    // "Fasten off. Make a second one. Join …": said behind what ends the piece.
    const later = stop > 0 && !made ? this.makeLater(tokens, stop) : undefined;
    const open = this.heading ?? this.part;
    if (later && open && decision.kind === "other") {
      if (this.heading || !this.part) open.make = later.make;
      else this.makeMany(this.part, later.make, tokens.slice(later.from, later.to));
      this.loose([...tokens.slice(0, later.from), ...tokens.slice(later.to)], line);
      return "event";
    }
    if (made) {
      if (this.heading) {
        this.heading.make = made.make;
        this.heading.slot ??= made.slot;
      } else {
        if (this.part) this.makeMany(this.part, made.make, tokens);
        if (made.slot !== undefined) this.slot = made.slot;
      }
      // "Make two. Embroider …": what else the line says is heard too.
      if (stop > 0 && stop < tokens.length - 1) this.loose(tokens.slice(stop + 1), line);
      return "heading";
    }
    if (atStart && this.blockOf(tokens, line)) {
      this.closeRound();
      return "setup";
    }
    if (decision.kind === "heading" || decision.kind === "section") return this.takeHeading(decision, line);
    if (this.noteOnJoining(tokens)) {
      // "In red, worked in a spiral."
      if (this.heading) this.bringIn(colourAbove(this.cursor(tokens)));
      return "note";
    }
    if (this.inNotes && !this.part) return this.sewingUp ? this.sewingStep(tokens, line) : "note";
    return this.loose(tokens, line);
  }

  /** The sentence behind the first that says how many of the piece there are to be. */
  private makeLater(
    tokens: readonly Token[],
    stop: number,
  ): { make: number; from: number; to: number } | undefined {
    let from = stop + 1;
    for (let sentences = 0; sentences < 4 && from < tokens.length; sentences++) {
      const end = tokens.findIndex((t, i) => i >= from && t.text === ".");
      const to = end < 0 ? tokens.length : end + 1;
      const made = this.makeLine(tokens.slice(from, end < 0 ? undefined : end));
      if (made && made.make > 1) return { make: made.make, from, to };
      from = to;
    }
    return undefined;
  }

  /**
   * "Work 5 rounds even", "work even for 3 rounds", "sc around for 4 more rnds": plain rounds by their
   * number.
   */
  protected evenRounds(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    return this.evenUntil(tokens) ?? this.evenFor(tokens) ?? this.overRounds(tokens) ?? this.roundsOf(tokens);
  }

  /** "9 rounds of 5 sc", "3 rnds of 12". */
  protected roundsOf(said: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    // "Finish with a round of sl st", "work one round of slip stitches".
    const lead = said.findIndex((t) => !LEADS_ROUND.has(t.text));
    const tokens = lead > 0 ? said.slice(lead) : said;
    const [many, word, of, ...more] = tokens;
    const n = many?.kind === "number" ? many.value : many?.text === "a" && lead > 0 ? 1 : 0;
    // "3 rnds 24": the word between is left out.
    const rest =
      of?.kind === "number" && more.length === 0 ? [of] : /^(of|:)$/.test(of?.text ?? "") ? more : [];
    if (!many || !isRoundWord(word?.text ?? "") || !rest[0]) return undefined;
    if (!Number.isInteger(n) || n < 1 || n > 400 || rest.length > LONGEST_EVEN) return undefined;
    const [stitch] = rest;
    // "4 rounds: sc in each st around": the work itself.
    if (of?.text === ":")
      return this.hasWork(rest) ? { label: manyRounds(n, many), tokens: rest } : undefined;
    // "4 rounds of dc – 30": all around.
    if (stitch?.kind === "word") {
      // "Of slip stitches": a stitch of several words.
      const named = [1, 2, 3].find((k) => this.hasWork(rest.slice(0, k)));
      if (named === undefined) return undefined;
      const around: Token = { ...stitch, text: "around", from: rest[named - 1]?.to ?? stitch.to };
      return {
        label: manyRounds(n, many),
        tokens: [...rest.slice(0, named), around, ...rest.slice(named)],
      };
    }
    if (stitch?.kind !== "number") return undefined;
    if (rest.length > 1 && !this.hasCountedWork(rest)) return undefined;
    return { label: manyRounds(n, many), tokens: rest };
  }

  /** "24 sc x3 rounds", "(sc, inc) x 3, for 2 rounds", "sc around x4 (24)": so many rounds of it. */
  protected overRounds(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    const told = summedRounds(tokens);
    if (told) return told;
    const [first] = tokens;
    const begins = first?.kind === "number" || /^[([]$/.test(first?.text ?? "");
    if (!first || (!begins && !this.hasWork([first])) || tokens[1]?.kind === "mark") return undefined;
    const end = sumFrom(tokens);
    const { many, rest, said } = repeated(tokens.slice(0, end));
    // "18 for 3 rounds" among rounds without labels.
    const { open } = this;
    const plain = rest.length === 1 && this.part && !this.heading && open && open.label?.first === undefined;
    if (many < 2 || rest.length > LONGEST_EVEN || !(plain || this.hasWork(rest))) return undefined;
    return { label: manyRounds(many, said ?? first), tokens: [...rest, ...tokens.slice(end)] };
  }

  /** "Work even until rnd 6", "sc around through round 12": plain rounds up to a number. */
  protected evenUntil(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    const at = tokens.findIndex((t) => /^(until|till|til|through|thru|to)$/.test(t.text));
    if (at < 1 || at > 8 || !PLAINLY.has(tokens[at - 1]?.text ?? "")) return undefined;
    let i = at + 1;
    while (/^(the|end|of|and|including|up|to|you|have|there|are)$/.test(tokens[i]?.text ?? "")) i++;
    // "Until 4 rounds in all": the last of them.
    const total = tokens[i]?.kind === "number" && isRoundWord(tokens[i + 1]?.text ?? "");
    const number = tokens[total ? i : i + 1];
    const begun = this.open?.label?.last ?? this.part?.rounds.at(-1)?.label?.last;
    const [from] = tokens;
    if (!total && !isRoundWord(tokens[i]?.text ?? "")) return undefined;
    if (number?.kind !== "number" || begun === undefined || !from) return undefined;
    if (!Number.isInteger(number.value) || number.value <= begun || number.value - begun > 400)
      return undefined;
    const before = tokens.slice(0, at).map((t) => t.text);
    if (!before.every((t) => PLAINLY.has(t))) return undefined;
    const word: Token = { kind: "word", text: "even", value: NaN, from: from.from, to: number.to };
    const label: RoundLabel = {
      from: number.from,
      to: number.to,
      first: begun + 1,
      last: number.value,
      word: "round",
      written: undefined,
      writtenAt: undefined,
      list: undefined,
      many: 1,
    };
    const end = i + 2;
    const all = tokens[end]?.text === "in" && /^(all|total)$/.test(tokens[end + 1]?.text ?? "");
    return { label, tokens: [word, ...tokens.slice(all ? end + 2 : end)] };
  }

  protected evenFor(tokens: readonly Token[]): { label: RoundLabel; tokens: Token[] } | undefined {
    const at = tokens.findIndex(
      (t, i) =>
        t.kind === "number" &&
        // "3 even", "4 plain (24)": and no more.
        ((i === 0 &&
          /^(even|plain|straight)$/.test(tokens[1]?.text ?? "") &&
          (tokens[2]?.kind ?? "mark") === "mark") ||
          isRoundWord(tokens[i + 1]?.text ?? "") ||
          (/^(more|further|plain|even)$/.test(tokens[i + 1]?.text ?? "") &&
            isRoundWord(tokens[i + 2]?.text ?? ""))),
    );
    const n = tokens[at]?.value ?? 0;
    const from = tokens[0];
    const number = tokens[at];
    if (at < 0 || at > 12 || !from || !number || !Number.isInteger(n) || n < 1 || n > 400) return undefined;
    const before = tokens.slice(0, at).map((t) => t.text);
    let end = at + 1;
    while (
      end < tokens.length &&
      (isRoundWord(tokens[end]?.text ?? "") ||
        /^(more|further|just|only|even|evenly|straight|plain|of|in|sc|without|any|shaping|increasing|increases?|decreasing|decreases?|single|crochet|around|along|across|each|st|every|stitch|the|same|like|this|way|above)$/.test(
          tokens[end]?.text ?? "",
        ))
    )
      end++;
    const said = [...before, ...tokens.slice(at, end).map((t) => t.text)];
    if (
      !before.every((t) =>
        /^(work|working|crochet|continue|continuing|make|do|sc|dc|x|all|even|evenly|straight|for|the|next|another|around|along|across|over|single|then|now|in|into|plain|each|every|st|stitch|with|to|,|and|on|keep|go)$/.test(
          t,
        ),
      )
    )
      return undefined;
    if (!said.some((t) => /^(even|evenly|straight|plain|without|sc|dc|single|same|like)$/.test(t)))
      return undefined;
    const word: Token = { kind: "word", text: "even", value: NaN, from: from.from, to: number.to };
    return {
      label: manyRounds(n, number),
      tokens: [word, ...tokens.slice(end)],
    };
  }

  /**
   * Does this unlabelled line carry on the round above: an open bracket, a comma at its end, or an indent?
   */
  protected continues(tokens: readonly Token[], indented: boolean): boolean {
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
    return (
      workHere ||
      tokens[0]?.kind === "number" ||
      startsEvent(c) ||
      readColourChange(this.cursor(tokens)) !== undefined
    );
  }
}
