import { isMade } from "./count/made";
import { explains } from "./document/explains";
import { tokenize } from "./tokens";
import type { CheckedPart, CheckedPattern, CheckedRound } from "./check";
import { stitchWord, tallySize, type StitchName, type Terms } from "./stitches";
import type { Node, Operation, Times } from "./tree";

/** How a maker likes her patterns written. */
export interface HouseStyle {
  readonly terms: Terms;
  /** "Rnd 3:", "Round 3:", "R3:". */
  readonly label: "Rnd" | "Round" | "R";
  /** Brackets around a repeat. */
  readonly brackets: "round" | "square" | "stars";
  /** The total at the end of a round: "(18)", "[18]", "= 18", "18 sts". */
  readonly total: "round" | "square" | "equals" | "words" | "none";
  /** Say at the top whether rounds run in a spiral or are joined. */
  readonly saysSpiral: boolean;
  readonly format: "text" | "markdown";
}

export const PLAIN_STYLE: HouseStyle = {
  terms: "us",
  label: "Rnd",
  brackets: "round",
  total: "round",
  saysSpiral: true,
  format: "text",
};

type Work = Extract<Node, { kind: "work" }>;

/**
 * A checked pattern in the house style. Rounds are written anew from what was counted, so repeats of other
 * rounds are written out and equal neighbours drawn together; every other line stays as it was typed. A round
 * with a slip in it stays as typed too. Pure; linear in the text and the rounds.
 */
export function printPattern(pattern: CheckedPattern, source: string, style: HouseStyle): string {
  return new Printer(pattern, source, style).print();
}

const STATES_TERMS =
  /\b(uk|us|british|american)\b[^.\n]{0,24}\b(terms?|terminology|abbreviations?|notation)\b|\b(terms?|terminology)\b[^.\n]{0,6}\b(uk|us)\b/i;
const STATES_JOINING =
  /\b(spiral|continuous(ly)? rounds|do(?:n't| not) join|join(ed)? (?:each|every|all) (?:rnd|round)s?)\b/i;
const LEGEND = /^\W*(abbreviations?|legend|key)\b|\b[a-z]{1,6}\d?\s*=\s*\w/i;
const NAMED = /^\W*(sc|dc|hdc|htr|tr|dtr)\b\W*(single|double|half|treble|triple)\b/i;
/** A line that says what words mean, in the terms of the text: in others it would say the wrong thing. */
const inOwnTerms = (typed: string): boolean =>
  LEGEND.test(typed) || NAMED.test(typed) || explains(tokenize(typed.toLowerCase(), 0, typed.length));

/** Fewer chains begin a ring: "ch 2, 6 sc in 2nd ch". */
const LEAST_CORD = 4;

class Printer {
  private readonly out: string[] = [];
  private readonly lines: readonly string[];
  private readonly headed = new Set<CheckedPart>();
  private readonly partAt: ReadonlyMap<number, CheckedPart>;
  private readonly lastRound: number;
  constructor(
    private readonly pattern: CheckedPattern,
    private readonly source: string,
    private readonly style: HouseStyle,
  ) {
    this.lines = source.replace(/^\uFEFF/, "").split(/\r\n|[\n\r\u2028\u2029\v]/);
    this.partAt = new Map(pattern.parts.map((p) => [p.line, p]));
    this.lastRound = pattern.parts.reduce(
      (last, p) => p.rounds.reduce((m, r) => Math.max(m, r.line), last),
      0,
    );
  }

  print(): string {
    const { pattern, style } = this;
    const byLine = new Map<number, { part: CheckedPart; rounds: CheckedRound[] }[]>();
    for (const part of pattern.parts)
      for (const round of part.rounds) {
        const here = byLine.get(round.line) ?? [];
        const last = here[here.length - 1];
        if (last?.part === part) last.rounds.push(round);
        else here.push({ part, rounds: [round] });
        byLine.set(round.line, here);
      }
    const said: string[] = [`${style.terms.toUpperCase()} terms.`];
    if (style.saysSpiral) {
      const worked = new Set(pattern.parts.map((p) => p.worked));
      if (worked.has("spiral") && !worked.has("joined"))
        said.push("Worked in a spiral: do not join the rounds.");
    }
    let titled = false;
    for (let i = 0; i < this.lines.length; i++) {
      const number = i + 1;
      const kind = pattern.lines[i]?.kind ?? "note";
      const typed = (this.lines[i] ?? "").trim();
      const rounds = byLine.get(number);
      if (!titled && (rounds || (kind !== "blank" && kind !== "heading") || this.partAt.has(number))) {
        this.gap();
        this.say(said.join(" "));
        this.gap();
        titled = true;
      }
      if (rounds) for (const { part, rounds: list } of rounds) this.rounds(part, list);
      else if (kind === "blank") this.gap();
      else if (kind === "heading") this.headingLine(number, typed);
      else if (kind === "setup") {
        if (this.nothingCarries(number)) this.say(typed);
      } else if (
        kind !== "continuation" &&
        kind !== "round" &&
        !STATES_TERMS.test(typed) &&
        !(style.saysSpiral && STATES_JOINING.test(typed)) &&
        !(pattern.terms !== style.terms && inOwnTerms(typed))
      )
        this.say(this.plain(typed));
    }
    while (this.out[this.out.length - 1] === "") this.out.pop();
    return `${this.out.join("\n")}\n`;
  }

  private say(line: string): void {
    if (line === "") return;
    if (this.style.format === "markdown") this.marked(line);
    else this.out.push(line);
  }
  /**
   * Markdown runs lines on into one paragraph: what is said between rounds is an entry of their list, and any other
   * line breaks behind it. A line between would say more than she did: a gap parts pieces.
   */
  private marked(line: string): void {
    const last = this.out.length - 1;
    const before = this.out[last] ?? "";
    if (!LAID_OUT.test(line) && before !== "" && !LAID_OUT.test(before)) this.out[last] = `${before}${BREAK}`;
    this.out.push(!LAID_OUT.test(line) && ENTRY.test(before) ? `- ${line}` : line);
  }
  private gap(): void {
    if (this.out.length > 0 && this.out[this.out.length - 1] !== "") this.out.push("");
  }
  /** Markup of the text as typed would double ours. */
  private plain(typed: string): string {
    return this.style.format === "text" ? typed.replace(/\*\*|__/g, "") : typed;
  }

  private headingLine(line: number, typed: string): void {
    const part = this.partAt.get(line);
    if (part) return this.heading(part);
    const title = typed
      .replace(/^#+\s*/, "")
      .replace(/\*\*|__/g, "")
      .replace(/:$/, "");
    if (STATES_TERMS.test(title)) this.say(withoutEmptyEnd(title.replace(STATES_TERMS, "")));
    else this.say(this.style.format === "markdown" ? `# ${title}` : title);
  }

  private heading(part: CheckedPart): void {
    if (this.headed.has(part)) return;
    this.headed.add(part);
    if (this.pattern.parts.length === 1 && part.name === "Piece") return;
    this.gap();
    // "Leg, joined" as a title would say how the leg's rounds end.
    const title = part.name.replace(/^(.+), joined$/, "Joined $1");
    const name = `${title}${part.make > 1 ? ` (make ${part.make})` : ""}`;
    this.say(this.style.format === "markdown" ? `## ${name}` : name);
    const [first] = part.rounds;
    if (first && first.slot !== "main" && !this.colourFollows(part)) this.say(`With ${first.slot}.`);
    if (this.style.format === "markdown") this.gap();
  }

  /** Is the part's first colour named by a line or a round that is printed anyway? */
  private colourFollows(part: CheckedPart): boolean {
    const first = part.rounds[0];
    if (!first) return true;
    for (let i = part.line; i < first.line - 1; i++)
      if (this.pattern.lines[i]?.kind === "colour") return true;
    return first.nodes.some((n) => n.kind === "colour");
  }

  /** A set-up line whose chains no round took along is kept. */
  private nothingCarries(line: number): boolean {
    return line > this.lastRound;
  }

  private rounds(part: CheckedPart, list: readonly CheckedRound[]): void {
    this.heading(part);
    for (let i = 0; i < list.length;) {
      const round = list[i] as CheckedRound;
      if (round.broken || round.nodes.some(unsure)) {
        this.say(this.plain(oneLine(this.source.slice(round.from, round.to))));
        while (i < list.length && list[i]?.from === round.from) i++;
        continue;
      }
      const text = this.round(round, part);
      let last = i;
      while (
        last + 1 < list.length &&
        (list[last + 1]?.number ?? NaN) === (list[last]?.number ?? 0) + 1 &&
        this.round(list[last + 1] as CheckedRound, part) === text
      )
        last++;
      this.say(this.labelled(part, round, list[last] as CheckedRound, text));
      i = last + 1;
    }
    const end = list[list.length - 1];
    if (end?.closing && !end.broken)
      this.say(sentence(new RoundWords(this.style, { ...end, nodes: end.closing, loops: "both" }).words()));
    // A slot named between the rounds is said on its own line already; an event inside a round follows it.
    if (end && !end.broken)
      for (const n of end.nodes)
        if (n.kind === "event" && n.from >= end.from && n.to <= end.to)
          this.say(sentence(this.source.slice(n.from, n.to)));
  }

  private labelled(part: CheckedPart, first: CheckedRound, last: CheckedRound, text: string): string {
    // A part of one round that begins with chains is a cord, a leaf, a comb: it has no rounds to number.
    const begun = first.nodes.find(isMade);
    const chains = begun?.kind === "work" && begun.op.stitch === "ch" ? begun.times : undefined;
    const cord = part.worked === "spiral" && chains?.kind === "number" && chains.n >= LEAST_CORD;
    if (part.rounds.length === 1 && (part.worked === "chain" || cord)) return sentence(text);
    const row = first.label.startsWith("Row");
    const word = row ? "Row" : this.style.label;
    const many = last !== first;
    const number = many ? `${String(first.number)}–${String(last.number)}` : String(first.number);
    const label = word === "R" ? `R${number}` : `${word}${many ? "s" : ""} ${number}`;
    return this.style.format === "markdown" ? `- **${label}:** ${text}` : `${label}: ${text}`;
  }

  private round(round: CheckedRound, part: CheckedPart): string {
    const words = new RoundWords(this.style, round).words();
    const count = round.count;
    const total =
      count === undefined || (part.worked === "chain" && count === 0)
        ? ""
        : {
            round: ` (${count})`,
            square: ` [${count}]`,
            equals: ` = ${count}`,
            words: `. ${count} ${count === 1 ? "st" : "sts"}.`,
            none: "",
          }[this.style.total];
    return `${words}${total}`;
  }
}

/** Lines that Markdown already keeps apart: headings, entries, rows of a table, quotes. */
const LAID_OUT = /^(#|[-*+] |\d+[.)] |\||>)/;
const ENTRY = /^[-*+] /;
/** Two spaces at the end of a line keep the next one below it. */
const BREAK = "  ";

/**
 * One round in the words of a house style, without its total; undefined where it holds what could not be
 * read.
 */
export function printRound(round: CheckedRound, style: HouseStyle): string | undefined {
  return round.nodes.some(unsure) ? undefined : new RoundWords(style, round).words();
}

const unsure = (n: Node): boolean => n.kind === "unknown" || (n.kind === "group" && n.items.some(unsure));
const sentence = (text: string): string => {
  const tidy = text
    .replace(/\s+/g, " ")
    .trim()
    .replace(/[,;:]$/, "");
  return `${tidy.charAt(0).toUpperCase()}${tidy.slice(1)}${/[.!?]$/.test(tidy) ? "" : "."}`;
};

/** The words of one round. */
class RoundWords {
  /** Room left on the chain of a spur, and how many chains stand before it. */
  private room = 0;
  private chains = 0;
  constructor(
    private readonly style: HouseStyle,
    private readonly round: CheckedRound,
  ) {}

  words(): string {
    const { round } = this;
    const whole = round.loops !== "both" && round.loops !== "mixed" ? round.loops : undefined;
    const body = this.list(round.nodes, whole);
    const free = round.nodes.find((n) => n.kind === "free-loops");
    if (free) return `${this.freeLoops(free)}: ${body}`;
    return whole ? `in ${LOOPS.get(whole)} only: ${body}` : body;
  }

  private freeLoops({ of }: Extract<Node, { kind: "free-loops" }>): string {
    const which = of.which === undefined ? "free loops" : LOOPS.get(of.which);
    const where =
      of.round === undefined ? "" : of.how === "of" ? ` of round ${of.round}` : ` left by round ${of.round}`;
    return `in the ${which}${of.round === undefined && of.which !== undefined ? " left free" : where}${of.part ? ` of the ${of.part}` : ""}`;
  }

  private list(nodes: readonly Node[], whole: string | undefined): string {
    const said: string[] = [];
    nodes.forEach((n, i) => {
      const words = this.node(n, nodes[i + 1], whole, nodes);
      if (words !== "") said.push(words);
    });
    // "working along the other side:" reads on without a comma.
    return said.join(", ").replaceAll(":, ", ": ");
  }

  private node(n: Node, next: Node | undefined, whole: string | undefined, all: readonly Node[]): string {
    switch (n.kind) {
      case "work":
        return this.work(n, next, whole);
      case "group": {
        const inner = this.list(n.items, whole);
        if (n.times.kind === "number" && n.times.n === 1)
          // What is worked once needs no brackets where it is one thing.
          return n.items.filter((x) => !/^(aside|start)$/.test(x.kind)).length <= 1 ||
            n.items.some((x) => x.kind === "work" && x.times.kind !== "number")
            ? inner
            : `(${inner})`;
        if (n.block !== undefined) this.room = 0;
        const [open, close] = this.style.brackets === "square" ? ["[", "]"] : ["(", ")"];
        if (
          this.style.brackets === "stars" &&
          !/[(*]/.test(inner) &&
          all.every((x) => x === n || x.kind === "aside" || x.kind === "event" || x.kind === "total") &&
          n.times.kind === "around"
        )
          return `*${inner}; rep from * around`;
        if (this.style.brackets === "stars" && !/[(*]/.test(inner) && n.times.kind === "number")
          return `*${inner}* repeat ${n.times.n} times`;
        return `${open}${inner}${close} ${n.times.kind === "number" ? `× ${n.times.n}` : reach(n.times)}`;
      }
      case "evenly":
        if (n.toward !== undefined && n.n === 0)
          return `${n.op.increases > 0 ? "increase" : "decrease"} to ${n.toward}`;
        return `${n.n} ${this.single(n.op)} evenly spaced`;
      case "skip":
        return n.first ? "skip first st" : `skip ${n.n} ${n.n === 1 ? "st" : "sts"}`;
      case "colour":
        return `change to ${n.slot}`;
      case "start":
        if (n.start === "chain-ring")
          return "join with sl st to form a ring".replace("sl st", stitchWord("slst", this.style.terms));
        return next?.kind === "work" && next.op.into === "ring" ? "" : n.start === "ring" ? "magic ring" : "";
      case "strands":
        return n.n === 1 ? "with 1 strand" : `with ${n.n} strands held together`;
      case "hook":
        return `change to ${n.mm} mm hook`;
      case "join":
        return `join with ${stitchWord("slst", this.style.terms)}`;
      case "turn":
        return "turn";
      case "other-side":
        return "working along the other side of the chain:";
      case "leave":
        return "leave the remaining sts unworked";
      default:
        return "";
    }
  }

  private name(stitch: StitchName): string {
    return stitchWord(stitch, this.style.terms);
  }

  /** One operation without its number: "sc", "inc", "hdc2tog". */
  private single(op: Operation): string {
    const legs = Math.max(1, ...Object.values(op.makes));
    if (op.decreases > 0)
      return op.uses === 2 && op.stitch === "sc" ? "dec" : `${this.name(op.stitch)}${op.uses}tog`;
    if (legs === 2 && op.uses === 1 && op.stitch === "sc" && op.into === "next") return "inc";
    if (legs === 2 && op.uses === 1 && op.into === "next") return `${this.name(op.stitch)} inc`;
    return this.name(op.stitch);
  }

  private work(n: Work, next: Node | undefined, whole: string | undefined): string {
    const { op } = n;
    const times = n.times.kind === "number" ? n.times.n : undefined;
    const legs = Object.values(op.makes).reduce((a, b) => a + b, 0);
    const mixed = Object.keys(op.makes).length > 1;
    if (op.stitch === "ch") {
      if (op.standsFor) return `ch ${legs} (counts as ${this.name(op.standsFor)})`;
      this.chains = times ?? 1;
      this.room = 0;
      if (next?.kind === "work" && next.op.into === "spur") {
        const nth = Number(/ch (\d+)/.exec(next.op.name)?.[1] ?? 2);
        this.room = this.chains - nth + 1;
      }
      return `ch ${this.chains}`;
    }
    if (op.into === "spur") return this.spur(n, legs);
    const count = times ?? 1;
    const loops =
      op.loops !== "both" && op.loops !== whole
        ? ` in ${op.loops === "back" ? "BLO" : op.loops === "front" ? "FLO" : LOOPS.get(op.loops)}`
        : "";
    if (op.name.startsWith("foundation")) return `${count} foundation ${this.name(op.stitch)}`;
    if (op.into === "ring") return this.ring(count * legs, op);
    if (op.into === "chain") {
      const nth = /ch (\d+)/.exec(op.name)?.[1] ?? "2";
      const places =
        op.decreases > 0 || legs === 1 ? this.name(op.stitch) : `${legs} ${this.name(op.stitch)}`;
      return `${mixed ? this.mixture(op) : places} in ${ordinal(Number(nth))} ch from hook`;
    }
    if (op.into === "bridge") return `${count} ${this.name(op.stitch)} along the chain`;
    if (op.into === "part")
      return op.part
        ? `${count} ${legs > 1 ? this.single(op) : this.name(op.stitch)} around ${op.part}`
        : `pick up ${count} ${this.name(op.stitch)}`;
    if (op.layers) {
      const through =
        op.caught && op.caught.length > 0
          ? `through ${op.caught.join(" and ")} together`
          : "through both layers";
      return times === undefined
        ? `${this.name(op.stitch)} ${through} ${reach(n.times)}`
        : `${count} ${this.name(op.stitch)} ${through}`;
    }
    if (op.into === "same")
      return `${mixed ? this.mixture(op) : legs > 1 || count > 1 ? `${legs * count} ${this.name(op.stitch)}` : this.name(op.stitch)} in same st`;
    if (op.into === "side")
      return `${this.name(op.stitch)} in next st of rnd ${Math.max(1, (this.round.number ?? 2) - 2)}`;
    if (mixed || (legs > 2 && op.decreases === 0)) {
      const what = mixed ? this.mixture(op) : `${legs} ${this.name(op.stitch)}`;
      return `${what}${loops} ${times === undefined ? (n.times.kind === "around" ? "in each st around" : `in each st ${reach(n.times)}`) : count === 1 ? "in next st" : `in each of next ${count} sts`}`;
    }
    const word = this.single(op);
    if (times === undefined)
      return n.times.kind === "around"
        ? word === this.name(op.stitch)
          ? `${word}${loops} in each st around`
          : `${word}${loops} around`
        : `${word}${loops} ${reach(n.times)}`;
    return `${count === 1 ? word : `${count} ${word}`}${loops}`;
  }

  private ring(n: number, op: Operation): string {
    if (Object.keys(op.makes).length > 1) return `${this.mixture(op)} in magic ring`;
    const chained = this.round.nodes.some((x) => x.kind === "start" && x.start === "chain-ring");
    return `${n} ${this.name(op.stitch)} in ${chained ? "the ring" : "magic ring"}`;
  }

  private spur(n: Work, legs: number): string {
    // "Sl st back along": as many as the chain has room for.
    const count = n.times.kind === "number" ? n.times.n : Math.max(1, this.room);
    const word = this.name(n.op.stitch);
    const each = legs > 1 ? `${legs} ${word}` : word;
    const nth = /ch (\d+)/.exec(n.op.name)?.[1];
    if (n.op.name.endsWith("in same"))
      return `${word} in ${this.room <= 0 && this.chains > 0 ? "base" : "same"} st`;
    if (this.room <= 0) return `${word} in ${this.chains > 0 ? "base" : "same"} st`;
    if (nth !== undefined || this.room === this.chains - 1) {
      const first = `${each} in ${ordinal(Number(nth ?? 2))} ch from hook`;
      this.room -= 1;
      const more = count - 1;
      this.room -= more;
      return more > 0 ? `${first}, ${each} in ${legs > 1 ? "each of " : ""}next ${more} ch` : first;
    }
    this.room -= count;
    return `${each} in ${legs > 1 ? "each of " : ""}next ${count} ch`;
  }

  private mixture(op: Operation): string {
    // Chains and the slip stitch that ties them down offer nothing to the next round.
    const tied =
      op.makes.ch !== undefined &&
      op.makes.slst !== undefined &&
      op.offers < tallySize(op.makes) - (op.makes.picot ?? 0);
    const words = (Object.entries(op.makes) as [StitchName, number][]).map(([s, k]) =>
      s === "ch"
        ? `ch ${k}`
        : s === "slst" && tied
          ? `${this.name(s)} in same st`
          : k === 1
            ? this.name(s)
            : `${k} ${this.name(s)}`,
    );
    return `(${words.join(", ")})`;
  }
}

/** A title whose bracket lost what stood in it: "Puffin (US terms)" → "Puffin". */
function withoutEmptyEnd(title: string): string {
  let to = title.trimEnd().length;
  if (title[to - 1] === ")") to--;
  while (to > 0 && (title[to - 1] === "(" || title[to - 1]?.trim() === "")) to--;
  return title.slice(0, to);
}
/** Lines of a text joined by single spaces. */
const oneLine = (text: string): string =>
  text
    .split("\n")
    .map((l, i, all) => (i === 0 ? l.trimEnd() : i === all.length - 1 ? l.trimStart() : l.trim()))
    .join(" ");

const LOOPS: ReadonlyMap<string, string> = new Map(
  Object.entries({
    back: "back loops",
    front: "front loops",
    third: "third loops",
    both: "both loops",
  }),
);
const reach = (t: Times): string => (t.kind === "until" ? `to last ${t.left} sts` : "around");
const ordinal = (n: number): string =>
  `${n}${n % 10 === 2 && n !== 12 ? "nd" : n % 10 === 3 && n !== 13 ? "rd" : n % 10 === 1 && n !== 11 ? "st" : "th"}`;
