import { plainName } from "./document/parts-list";
import type { RoundLabel } from "./labels";
import { MAX_ROUND_TOKENS, MAX_ROUNDS } from "./limits";
import type { Line } from "./text";
import { spoken, type Token } from "./tokens";
import type { Tree } from "./round/read";
import type { Node } from "./tree";
import { type RawRound, type OpenPart, type Heading, type OpenRound, opened } from "./document-base";
import { goesOn } from "./document/goes-on";
import { ReferenceReader } from "./document-reference";

/** Rounds that are read; beyond `MAX_ROUNDS` nothing is counted anyway. */
const MAX_LINES = MAX_ROUNDS + 1;

/** Parts and rounds as they are opened and closed. */
export abstract class PartsReader extends ReferenceReader {
  protected opening(tokens: Token[], label: RoundLabel | undefined, line: number, part: OpenPart): OpenRound {
    const { depth, stars } = opened(tokens);
    return { tokens, depth, stars, label, line, slot: this.takeSlot(), part };
  }

  protected closeRound(): void {
    const open = this.open;
    this.open = undefined;
    if (!open) return;
    if (this.total++ > MAX_LINES) return;
    if (open.tokens.length > MAX_ROUND_TOKENS) {
      const rest = open.tokens.splice(MAX_ROUND_TOKENS);
      this.tooLong = { from: rest[0]?.from ?? 0, to: rest[0]?.to ?? 0 };
    }
    const on = this.goingOn(open);
    const from = open.label?.from ?? open.tokens[0]?.from ?? 0;
    const to = open.tokens[open.tokens.length - 1]?.to ?? open.label?.to ?? from;
    const made = this.makeBehind((on ?? open).tokens);
    if (made && open.part.make === 1) open.part.make = made.n;
    const { label } = on ?? open;
    const tokens = made ? (on ?? open).tokens.slice(0, made.from) : (on ?? open).tokens;
    const ref = this.reference(tokens, label) ?? this.referenceBehind(tokens, label, open.setup ?? 0);
    const tree = this.tree(ref ? ref.rest : tokens);
    const { found } = tree;
    const said = open.label?.total;
    const totalled = (list: readonly Node[]): readonly Node[] =>
      said && !list.some((n) => n.kind === "total") ? [...list, { kind: "total", ...said }] : list;
    const nodes = totalled(tree.nodes);
    const trees = said ? tree.trees.map((t) => ({ ...t, nodes: totalled(t.nodes) })) : tree.trees;
    if (this.tooLong)
      found.push({
        ...this.tooLong,
        detail: { code: "too-large", what: "words", limit: MAX_ROUND_TOKENS },
        severity: "error",
      });
    this.tooLong = undefined;
    const round: RawRound = {
      line: open.line,
      from,
      to,
      label,
      nodes,
      found,
      trees,
      reference: ref?.reference,
      ...(ref?.reference.back === 1 && ref.again ? { even: this.evenTrees(ref.rest, from) } : {}),
      closing: [],
      slot: open.slot,
      ...(made ? { pieces: { from: open.tokens[made.from]?.from ?? from, to } } : {}),
    };
    open.part.rounds.push(round);
    for (const n of nodes)
      if (n.kind === "event")
        open.part.events.push({ event: n.event, line: open.line, afterRound: open.part.rounds.length });
  }

  /** A round of plain stitches with what stands behind it. */
  private evenTrees(rest: readonly Token[], at: number): readonly Tree[] {
    return this.trees([{ kind: "word", text: "even", value: NaN, from: at, to: at }, ...rest]);
  }

  /** "Make a magic ring." and "Rounds 1 and 2: as for the cap." under it: the ring is the cap's, too. */
  private referenceBehind(
    tokens: readonly Token[],
    label: RoundLabel | undefined,
    setup: number,
  ): ReturnType<ReferenceReader["reference"]> {
    const ref = setup > 0 ? this.reference(tokens.slice(setup), label) : undefined;
    return ref && { reference: ref.reference, rest: [...tokens.slice(0, setup), ...ref.rest] };
  }

  /**
   * A round that says of itself how far it goes on: the label that it then has, and its words without that.
   */
  private goingOn(open: OpenRound): { label: RoundLabel; tokens: Token[] } | undefined {
    const { label, tokens } = open;
    if (label?.first === undefined || label.last !== label.first || label.list) return undefined;
    const on = goesOn(this.cursor(tokens), label.first);
    return (
      on && {
        label: { ...label, last: on.last },
        tokens: [...tokens.slice(0, on.from), ...tokens.slice(on.to)],
      }
    );
  }

  /**
   * "Spout: 4 dc into a ring", or a ring in a line of its own, and round 1 under it: the part has begun, and none of
   * its rounds has a number. So has "Tail: 3 sc through both layers, turn." with row 1 under it.
   */
  private begun(part: OpenPart): boolean {
    const [only] = part.rounds;
    if (part.rounds.at(-1)?.label?.first === 0) return true;
    return (
      part.rounds.length === 1 &&
      only !== undefined &&
      only.label === undefined &&
      (turned(only) ||
        only.nodes.some((n) => (n.kind === "work" ? n.op.into === "ring" : n.kind === "start")))
    );
  }

  /** `begins`: what stands behind the label begins in a ring itself, and goes on with none. */
  protected ensurePart(line: Line, first: number | undefined, begins = false): void {
    const [start] = this.part?.rounds ?? [];
    // What stands beside the name comes before round 1 from now on.
    if (
      first === 1 &&
      !this.heading &&
      this.part &&
      start?.label === undefined &&
      start &&
      !begins &&
      this.begun(this.part)
    )
      this.part.rounds[0] = { ...start, label: beforeTheFirst(start) };
    if (this.heading) {
      this.startPart(this.heading, false);
      this.heading = undefined;
    } else if (!this.part)
      this.startPart({ name: "Piece", make: 1, slot: undefined, line: line.number, from: line.from }, true);
    else if (first === 1 && this.part.rounds.length > 0 && (begins || !this.begun(this.part))) {
      this.startPart(
        {
          name: `Part ${this.parts.length + 1}`,
          make: 1,
          slot: undefined,
          line: line.number,
          from: line.from,
        },
        true,
      );
    }
  }

  protected startPart(h: Heading, implied: boolean): void {
    this.part = {
      name: h.name,
      make: h.make > 1 ? h.make : (this.listedOf(h.name) ?? edgedOf(h.name, this.parts) ?? h.make),
      line: h.line,
      from: h.from,
      slot: h.slot,
      rounds: [],
      steps: [],
      events: [],
      joinedNote: h.joined ?? this.joinedNote,
      implied,
      ...(this.stripes ? { stripes: this.stripes } : {}),
    };
    this.stripes = undefined;
    this.parts.push(this.part);
    this.slot = undefined;
    if (h.slot !== undefined) this.slot = h.slot;
  }

  /** How many the list of parts tells; "Leg 2" is one of them. */
  private listedOf(name: string): number | undefined {
    return /\d/.test(name) ? undefined : this.listed.get(plainName(name));
  }

  protected takeSlot(): string | undefined {
    const slot = this.slot;
    this.slot = undefined;
    return slot;
  }

  protected flushSetup(): void {
    if (this.open && this.setup.length > 0) {
      const end = this.setup[this.setup.length - 1]?.to ?? 0;
      this.open.setup = this.setup.length + 1;
      this.open.tokens.unshift(...this.setup, { kind: "mark", text: ".", value: NaN, from: end, to: end });
    }
    this.setup = [];
  }

  /** A name with nothing but a chain under it is a cord: "Hanger" and "Ch 9." */
  protected chainPart(line: Line | undefined): void {
    const tokens = this.setup;
    if (tokens.length > 0 && line && this.heading) {
      const at = this.setupLine;
      this.ensurePart(line, undefined);
      if (this.part) this.open = this.opening([...tokens], undefined, at, this.part);
      this.closeRound();
    }
    this.setup = [];
  }

  /**
   * "… Fasten off. Make 4.", "… Make another the same.": how many, said in the last sentence of a round, and
   * where.
   */
  protected makeBehind(tokens: readonly Token[]): { n: number; from: number } | undefined {
    const end = tokens.findLastIndex((t) => !/^[.!)]$/.test(t.text));
    const from = tokens.findLastIndex((t, i) => i <= end && /^[.;,()\]]$/.test(t.text)) + 1;
    if (from < 1 || end - from > 7) return undefined;
    const said = spoken(tokens.slice(from, end + 1));
    const more = /^(?:make|crochet|work) (?:1|an?|the)? ?(?:other|another|second|2nd)\b(?: 1)?[a-z ]*$/.test(
      said,
    );
    if (more) return { n: 2, from };
    // "Magic ring, crochet 6": stitches, and no pieces.
    if (/^crochet \d+$/.test(said)) return undefined;
    const told = MANY_BEHIND.exec(said) ?? SO_MANY_OF.exec(said);
    const n = Number(told?.[1] ?? 0) + (told?.[2] ? 1 : 0);
    return n > 1 ? { n, from } : undefined;
  }
}

/** The label of what is worked before round 1. */
const beforeTheFirst = ({ from }: RawRound): RoundLabel => ({
  from,
  to: from,
  first: 0,
  last: 0,
  word: "round",
  written: undefined,
  writtenAt: undefined,
  list: undefined,
  many: 1,
});

/** Its last word is to turn: rows go on from it. */
const turned = (r: RawRound): boolean =>
  r.nodes.findLast((n) => n.kind !== "total" && n.kind !== "aside")?.kind === "turn";

/** "Two of these." */
const SO_MANY_OF = /^(\d{1,2}) of (?:these|them|those)$/;
const EDGES = /^(edge|edges|edging|border|trim|trimming|ruffle|frill|rim|brim|lace)$/i;
/** An edge stands on the part above it, and there are as many as of that. */
const edgedOf = (name: string, parts: readonly { readonly make: number }[]): number | undefined =>
  EDGES.test(name) ? parts.at(-1)?.make : undefined;

/** "make 4", "make 4 of these", "make 3 more", "make 2 the same". */
const MANY_BEHIND =
  /^(?:make|crochet) (\d{1,3})( more)?(?: (?:of (?:these|them|those)|in (?:all|total)|alike|the same|altogether|pieces?|times))?$/;
