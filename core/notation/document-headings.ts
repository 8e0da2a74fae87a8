import { readShade } from "./colours";
import type { Decision } from "./document/plan";
import { isRoundWord } from "./labels";
import { MAX_BLOCKS, MAX_NAMES } from "./limits";
import type { Line } from "./text";
import type { Token } from "./tokens";
import { readStitch } from "./vocabulary";
import { type LineKind, type Heading } from "./document-base";
import { PartsReader } from "./document-parts";

const SETUP = /^(foundation|fnd|found|start|begin|beginning|set-up|setup|base)$/;
const startsSetup = (word: string): boolean => /^(join|attach|with|rejoin|in|working|work|using)$/.test(word);

/** "mr 5": a ring with so many stitches, which are left out. */
export const ringCounted = (tokens: readonly Token[]): boolean =>
  (/^(mr|mc|ring)$/.test(tokens[0]?.text ?? "") && tokens[1]?.kind === "number") ||
  // "3 in MR."
  (tokens[0]?.kind === "number" &&
    /^(in|into)$/.test(tokens[1]?.text ?? "") &&
    tokens.slice(2, 5).some((t) => /^(mr|mc|ring|circle|loop)$/.test(t.text)));

/** "In the ring" is where a start is worked, also in a pattern with a part called so. */
const NO_PLACE = /^(main|(ring|loop|circle|chain|round|row|stitch)s?)$/;

/** Headings: a part with its colour and how many to make, told from talk and from a block under a name. */
export abstract class HeadingsReader extends PartsReader {
  protected takeHeading(decision: Extract<Decision, { kind: "heading" | "section" }>, line: Line): LineKind {
    const { reading } = decision;
    // "Legs: white mc 6": the colour of what is worked stands in front of it.
    const shade = this.cursor(reading.rest);
    const led = readShade(shade);
    const behind = reading.rest.slice(shade.at);
    const shaded = led !== undefined && ringCounted(behind);
    const rest = shaded ? behind : [...reading.rest];
    const heading: Heading = {
      name: reading.name,
      make: reading.make,
      slot: reading.slot ?? (shaded ? led : undefined),
      line: line.number,
      from: line.from,
    };
    const word = heading.name.toLowerCase().split(" ")[0] ?? "";
    // "Base: ch 6" sets up; "Base: 8 sc in a ring" is worked, and "Base - 4 ply, sage" is a name.
    const named = word === "base" && !this.hasCountedWork(rest);
    if (rest.length > 0 && SETUP.test(word) && !named && !this.fabricIn(rest)) {
      this.closeRound();
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "setup";
    }
    this.closeRound();
    this.chainPart(line);
    if (decision.kind === "section") {
      this.inNotes = true;
      this.sewingUp = reading.section === "sewing";
      if (reading.section !== "talk") this.part = undefined;
      else this.inNotes = this.part === undefined;
      return "note";
    }
    this.inNotes = false;
    this.sewingUp = false;
    // A name that no round followed was a title: what was said under it holds for the whole text.
    if (this.heading?.joined !== undefined) this.joinedNote = this.heading.joined;
    this.heading = heading;
    this.slot = undefined;
    this.learnName(heading.name);
    // Words behind a name that work nothing describe it.
    const defines = rest.some(
      (t, i) => t.text === "=" && rest[i - 1]?.kind === "word" && rest[i + 2] !== undefined,
    );
    // "Second leg: as the first": read while the name waits for its part.
    const ref = this.reference(rest);
    const worked =
      (this.hasWork(rest) && !defines && !this.namesStitch(rest)) ||
      // "Nose: mr 5 (5)": the stitch is left out.
      ringCounted(rest) ||
      startsSetup(rest[0]?.text ?? "") ||
      ref !== undefined;
    if (rest.length === 0 || !worked) return "heading";
    if (!this.fabricIn(rest) && ref === undefined) {
      this.setup.push(...rest);
      this.setupLine = line.number;
      return "heading";
    }
    heading.slot ??= ref?.slot;
    this.ensurePart(line, undefined);
    if (ref && this.part) {
      this.part.rounds.push({
        line: line.number,
        from: rest[0]?.from ?? line.from,
        to: line.to,
        label: undefined,
        ...this.tree(ref.rest),
        reference: ref.reference,
        closing: [],
        slot: this.takeSlot(),
      });
      return "round";
    }
    if (this.part) this.open = this.opening(rest, undefined, line.number, this.part);
    return "round";
  }

  /** "Ball: all sc, in a spiral": one stitch, which is no work but what all of it is worked in. */
  private namesStitch(tokens: readonly Token[]): boolean {
    if (this.reference(tokens) !== undefined || tokens.some((t) => t.kind === "number")) return false;
    const { nodes } = this.tree(tokens);
    const [work, ...more] = nodes.filter((n) => !/^(aside|unknown)$/.test(n.kind));
    const once = work?.kind === "work" && work.times.kind === "number" && work.times.n === 1;
    return more.length === 0 && once && work.op.uses === 1 && work.op.offers === 1 && work.op.into === "next";
  }

  protected learnName(name: string): void {
    const plain = name.toLowerCase().replace(/\s+/g, " ");
    if (plain.length < 3 || NO_PLACE.test(plain) || this.names.has(plain) || this.names.size >= MAX_NAMES)
      return;
    this.names.add(plain);
    // "First hump", "Second hump": "the other hump" is one of them.
    const kind = /^(?:first|second|third|other|left|right|1st|2nd) ([a-z]{4,})$/.exec(plain)?.[1];
    if (kind !== undefined && !NO_PLACE.test(kind)) this.names.add(kind);
    // "Make two flukes" are spoken of as "fluke 1" and "fluke 2".
    const one = plain.replace(/(?<=[a-z]{3})s$/, "");
    if (!/ss$|^legs?$/.test(plain) && one.length > 3) this.names.add(one);
    // A remembered round is only good while the same names are known.
    this.known = `${this.legendKey()}\u0000${[...this.names].join("|")}\u0000${[...this.blocks.keys()].join("|")}`;
  }

  /**
   * "Arm: ch 10, sc in 2nd ch from hook, …" whose name a later round uses like a stitch: a block, kept under
   * its name.
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
}
