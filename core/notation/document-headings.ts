import { readColourChange, readShade } from "./colours";
import { startsEvent } from "./events";
import { isRoundWord, readLabel, type RoundLabel } from "./labels";
import { MAX_BLOCKS, MAX_MAKE, MAX_NAMES } from "./limits";
import type { Line } from "./text";
import { tokenize, type Token } from "./tokens";
import { readStitch } from "./vocabulary";
import { type LineKind, type Heading } from "./document-base";
import { PartsReader } from "./document-parts";

const NOTE_START =
  /^(materials?|abbreviations?|notes?|gauge|tension|size|sizes|you|supplies|tools|hook|hooks|yarns?|skills?|finished|difficulty|terms|copyright|tips?|important|optional|needle|legend|key|instructions?|description|level|this|these|if|when|for|use|using|assembly|finishing|making|pattern|special|dk|safety|eyes|fibre|filling|polyester|stuffing|scissors|us|uk|all|worked|work|about|approx|please|repeat|rep|continue|note)$/;
/** Shades that are things as well: alone at the top of a text they name the piece. */
const THING =
  /^(stone|plum|rose|peach|cherry|honey|ginger|olive|lime|moss|sky|sea|ocean|forest|salmon|coral|chocolate|caramel|mustard|mint|violet|chestnut|orange|pearl|berry)$/;
/** Sentences, not names: a heading never begins with these. */
const SETUP = /^(foundation|start|begin|beginning|set-up|setup|base)$/;
const SENTENCE =
  /^(now|do|don't|change|changing|join|carry|carrying|drop|pick|cut|continue|hold|holding|fold|flatten|turn|wrap|then|next|leave|leaving|start|begin|insert|move|pull|keep|weave|hide|switch|attach|sew|stuff|fasten|break|close|slip|knot|glue|trim|thread|embroider|cover|go|stop|see|be|we|it|there|follow|place|remove|count|check|mark|finish|add|rejoin|not|in|on|at|from|after|before|until|only|now|still|flatten|press|secure)$/;
const SEWING_UP = /^(assembly|finishing|making|sewing|joining|putting)$/;
const ASSEMBLY =
  /^(assembly|finishing|making|sewing|putting|materials?|abbreviations?|notes?|supplies|tools|gauge|tension|legend|key|terms|description|instructions?)$/;
const startsSetup = (word: string): boolean => /^(join|attach|with|rejoin|in|working|work|using)$/.test(word);

/** Headings: a part with its colour and how many to make, told from talk and from a block under a name. */
export abstract class HeadingsReader extends PartsReader {
  protected headingOf(tokens: readonly Token[], line: Line): { heading: Heading; rest: Token[] } | undefined {
    const c = this.cursor(tokens);
    let make = 1;
    let slot: string | undefined;
    const words: Token[] = [];
    while (!c.done && words.length < 8) {
      const made = c.attempt(() => {
        const bracket = c.take("(", "[");
        c.take("-", ",", ":");
        const said = c.take("make", "x", "work");
        if (!said && !(bracket && c.kind() === "number")) return undefined;
        c.take("x");
        const n = c.number();
        if (n === undefined || !Number.isInteger(n) || n < 1) return undefined;
        // "Owl (2026)" is a year; "Owl (make 2026)" is a number of pieces, and is told that it is too many.
        if (!said && n > MAX_MAKE) return undefined;
        c.take("x", "times", "of", "pieces", "pcs", "alike", "identical", "the");
        c.take("alike", "same");
        if (bracket && !c.take(")", "]")) {
          const shade = c.take(",", ";", "in")
            ? (c.take("in"), readShade(c))
            : (readShade(c) ?? readColourChange(c));
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
    const stopped =
      c.is(".") &&
      words.length <= 3 &&
      words[0] !== undefined &&
      !SENTENCE.test(words[0].text) &&
      /^(join|attach|with|using|rejoin)$/.test(c.text(1));
    const colon = c.is(":") || stopped;
    while (c.is("-", "--", ".", ":", "=")) c.at++;
    const first = words[0];
    if (
      !first ||
      words.length > 7 ||
      first.kind === "mark" ||
      (first.kind === "number" && words.length === 1)
    )
      return undefined;
    const after = c.at;
    const tailMake = !c.done ? this.makeLine(tokens.slice(c.at)) : undefined;
    if (tailMake !== undefined) {
      make = tailMake;
      c.at = tokens.length;
    }
    const name = this.source
      .slice(first.from, words[words.length - 1]?.to ?? first.to)
      .replace(/\s+/g, " ")
      .replace(/[*_#]+/g, "")
      .trim();
    const head: Heading = { name: name.slice(0, 60), make, slot, line: line.number, from: line.from };
    const at = this.cursor(words);
    if (
      readStitch(at, this.terms) ||
      startsEvent(at) ||
      readColourChange(at) !== undefined ||
      (words.length === 1 &&
        readShade(this.cursor(words)) !== undefined &&
        !(
          this.parts.length === 0 &&
          !this.heading &&
          c.done &&
          (THING.test(first.text) || !this.nextIsRound(line))
        ))
    )
      return undefined;
    if (
      SENTENCE.test(first.text) &&
      (words.length > 1 || slot !== undefined || (this.nextLabel(line)?.first ?? 9) > 1)
    )
      return undefined;
    if (first.kind === "number" && this.hasWork(words)) return undefined;
    if (words.some((t) => /^(mm|cm|gram|grams|oz|=|around|each|until|stitches)$/.test(t.text)))
      return undefined;
    if (c.done) return { heading: head, rest: [] };
    c.at = after;
    // "Seal pup - head and body in one piece": what stands behind the dash describes.
    if (
      !colon &&
      /^--?$/.test(c.tokens[after - 1]?.text ?? "") &&
      words.length <= 4 &&
      !this.hasCountedWork(tokens.slice(after)) &&
      !NOTE_START.test(first.text) &&
      this.nextIsRound(line)
    )
      return { heading: head, rest: [] };
    const rest = tokens.slice(c.at);
    if (colon && words.length <= 4 && !NOTE_START.test(first.text)) {
      if (this.nextIsRound(line) && !this.hasCountedWork(rest) && startsSetup(rest[0]?.text ?? ""))
        return { heading: head, rest };
      const event = startsEvent(this.cursor(rest)) && !this.hasCountedWork(rest);
      if (!event && (this.hasWork(rest) || this.reference(rest) !== undefined))
        return { heading: head, rest };
    }
    return undefined;
  }

  protected takeHeading({ heading, rest }: { heading: Heading; rest: Token[] }, line: Line): LineKind {
    const word = heading.name.toLowerCase().split(" ")[0] ?? "";
    if (rest.length > 0 && SETUP.test(word)) {
      this.closeRound();
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "setup";
    }
    this.closeRound();
    this.chainPart(line);
    if (
      NOTE_START.test(word) &&
      !(
        rest.length === 0 &&
        /^(tip|eyes|key|level|size|hook|needle|hooks|scissors)$/.test(word) &&
        this.nextIsRound(line)
      )
    ) {
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
    if (
      this.chainOnly(rest) ||
      (this.nextIsRound(line) && !this.hasCountedWork(rest) && startsSetup(rest[0]?.text ?? ""))
    ) {
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "heading";
    }
    this.ensurePart(line, undefined);
    const ref = this.reference(rest);
    if (ref && this.part) {
      this.part.rounds.push({
        line: line.number,
        from: rest[0]?.from ?? line.from,
        to: line.to,
        label: undefined,
        ...this.tree(ref.rest),
        reference: ref.reference,
        slot: this.takeSlot(),
      });
      return "round";
    }
    if (this.part) this.open = this.opening(rest, undefined, line.number, this.part);
    return "round";
  }

  protected learnName(name: string): void {
    const plain = name.toLowerCase().replace(/\s+/g, " ");
    if (
      plain.length < 3 ||
      plain === "main" ||
      plain === "round" ||
      plain === "row" ||
      this.names.has(plain) ||
      this.names.size >= MAX_NAMES
    )
      return;
    this.names.add(plain);
    // A remembered round is only good while the same names are known.
    this.known = `${this.legendKey()}\u0000${[...this.names].join("|")}\u0000${[...this.blocks.keys()].join("|")}`;
  }

  /** Nothing but chains, and rounds behind them: a foundation, not yet a round. */
  protected chainOnly(tokens: readonly Token[]): boolean {
    if (!/^(ch|chain|\d+|make)$/.test(tokens[0]?.text ?? "")) return false;
    const { nodes } = this.tree(tokens);
    return (
      nodes.length > 0 &&
      nodes.every(
        (n) => (n.kind === "work" && n.op.stitch === "ch") || n.kind === "aside" || n.kind === "colour",
      )
    );
  }

  /**
   * "Arm: ch 10, sc in 2nd ch from hook, …" whose name a later round uses like a stitch: a block, kept under its name.
   */
  protected blockOf(tokens: readonly Token[], line: Line): boolean {
    const colon = tokens.findIndex((t) => /^[:=]$/.test(t.text) || t.text === "-");
    if (colon < 1 || colon > 3 || tokens.length - colon < 3) return false;
    const words = tokens.slice(0, colon);
    if (words.some((t) => t.kind !== "word")) return false;
    const at = this.cursor(words);
    if (readStitch(at, this.terms) || isRoundWord(words[0]?.text ?? "")) return false;
    const rest = tokens.slice(colon + 1);
    if (!this.hasWork(rest) || rest.some((t, i) => isRoundWord(t.text) && rest[i + 1]?.kind === "number"))
      return false;
    const name = words.map((t) => t.text).join(" ");
    const stem = name.replace(/s$/, "").replace(/[.*+?^${}()|[\]\\]/g, "");
    // Given once, it is known; a text of nothing but blocks is not searched through for each of them.
    if (this.blocks.size >= MAX_BLOCKS && !this.blocks.has(stem)) return false;
    const later = this.plain.slice(line.to, line.to + 20_000);
    if (
      !this.blocks.has(stem) &&
      !new RegExp(
        `(?:[,(*\\[:]|\\b(?:make|work|then|and))[ ]*(?:make |work |do |a |an |one |the |\\d+ )*${stem}s?[ ]*(?:[,)*;.\\]]|x ?\\d|\\d+ times|$)`,
        "m",
      ).test(later)
    )
      return false;
    const { nodes } = this.tree(rest);
    if (!nodes.some((n) => n.kind === "work" || n.kind === "group")) return false;
    this.blocks.set(stem, nodes);
    this.known = `${this.legendKey()}\u0000${[...this.names].join("|")}\u0000${[...this.blocks.keys()].join("|")}${String(rest[0]?.from)}${this.source.slice(rest[0]?.from, rest[rest.length - 1]?.to)}`;
    return true;
  }

  /** Does the next line that says anything begin a round? */
  protected nextIsRound(line: Line): boolean {
    return this.nextLabel(line) !== undefined;
  }

  protected nextLabel(line: Line): RoundLabel | undefined {
    for (let i = line.number; i < Math.min(this.textLines.length, line.number + 5); i++) {
      const next = this.textLines[i];
      if (!next) continue;
      const tokens = tokenize(this.plain, next.from, Math.min(next.to, next.from + 80));
      if (tokens.length === 0) continue;
      const label = readLabel(this.cursor(tokens), false);
      // What stands in brackets of its own, and the colour to begin with, may come between.
      if (
        label ||
        !(/^[([]$/.test(tokens[0]?.text ?? "") || readColourChange(this.cursor(tokens)) !== undefined)
      )
        return label;
    }
    return undefined;
  }
}
