import { hangBlock, hangSpurs } from "../hanging";
import { MAX_NESTING, MAX_REPEAT } from "../limits";
import { stitchInto } from "../operations";
import type { Piece, SaidWork } from "../phrases";
import { COST } from "../phrases/costs";
import type { ProblemDetail, Severity } from "../problems";
import { noTarget, type Target } from "../target";
import { ONCE, type Loops, type Node, type Operation, type Span, type Times } from "../tree";
import { missedChains } from "./missed";
import { again, chainsIn, isWorked, joining, mixed, placed, type Around } from "./place";

/**
 * Something that was noticed while reading. `doubt`: a word or a number that may be no more than talk; it is
 * only worth telling when the round does not come out without it.
 */
export type Found = Span & {
  readonly detail: ProblemDetail;
  readonly severity: Severity;
  readonly doubt?: "word" | "number";
};

/** One reading of a round: its tree, what was noticed, and how unlikely it is. */
export interface Tree {
  readonly nodes: readonly Node[];
  readonly found: readonly Found[];
  readonly cost: number;
}

type Said = { readonly times: Times; readonly more: boolean; readonly ambiguous?: boolean };
const CLOSER: ReadonlyMap<string, string> = new Map(
  Object.entries({ "(": ")", "[": "]", "{": "}", "<": ">" }),
);
const holdsWork = (n: Node): boolean =>
  n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip" || n.kind === "unknown";
const ALL: Times = { kind: "around" };

/** Puts the pieces of a round together into a tree. Total: whatever the pieces, a tree comes of them. */
export function build(pieces: readonly Piece[], cost: number, source: string): Tree {
  return new Builder(pieces, cost, source).tree();
}

/** Stitches that a row of counted stitches uses; undefined where one of them is not counted. */
function usedBy(items: readonly Node[]): number | undefined {
  let n = 0;
  for (const x of items) {
    if (x.kind !== "work" || x.times.kind !== "number") return undefined;
    n += x.op.uses * x.times.n;
  }
  return n;
}

class Builder {
  private readonly found: Found[] = [];
  private i = 0;
  private loops: Loops = "both";
  private to = 0;
  /** "In each st: (…)": where all of the bracket goes that is said next. */
  private placeAhead: Target | undefined;
  /** "From the 2nd chain, …": where the stitches begin that are said next. */
  private chainFrom: { readonly target: Target; readonly from: number } | undefined;
  private worked = false;
  /** The work that was put in last, as it was said, and where it stands. */
  private lastSaid: { readonly said: SaidWork; readonly at: number; readonly span: Span } | undefined;
  /** "Working through both layers, …": said of the stitches that follow. */
  private layersAhead: readonly string[] | undefined;
  private ringed: Span | undefined;
  /** What the round was said to come to before its work. */
  private totalAhead: Node | undefined;
  /** The part a joining spoke of: "… and work 12 sc around it". */
  private lastPart: string | undefined;
  /** Index of the last piece that is worked: a total before it only tells how far one has come. */
  private readonly lastWork: number;
  constructor(
    private readonly pieces: readonly Piece[],
    private cost: number,
    /** The text as typed, for the words of what is told. */
    private readonly source: string,
  ) {
    this.lastWork = pieces.findLastIndex(
      (p) =>
        (p.kind === "work" && p.said.word.stitch !== "slst" && p.said.word.stitch !== "ch") ||
        p.kind === "block" ||
        p.kind === "number",
    );
  }

  tree(): Tree {
    let nodes: readonly Node[] = missedChains(this.sequence(undefined, 0));
    nodes = this.hung(nodes, false);
    if (this.ringed && !this.worked) nodes = ringOf(nodes);
    if (!this.worked && this.loops !== "both") nodes = allInLoops(nodes, this.loops);
    if (this.totalAhead) {
      // Who says the sum behind the work does not say it before as well.
      if (nodes.some((n) => n.kind === "total")) this.cost += COST.totalInside;
      nodes = [...nodes, this.totalAhead];
    }
    return { nodes, found: this.found, cost: this.cost };
  }

  private take(): Piece | undefined {
    const p = this.pieces[this.i];
    if (p) {
      this.i++;
      this.to = p.to;
    }
    return p;
  }
  private peek(ahead = 0): Piece | undefined {
    return this.pieces[this.i + ahead];
  }
  private words(at: Span): string {
    return this.source.slice(at.from, at.to).replace(/\s+/g, " ").trim();
  }
  private report(
    at: Span,
    detail: ProblemDetail,
    doubt?: "word" | "number",
    severity: Severity = "error",
  ): void {
    this.found.push({ from: at.from, to: at.to, detail, severity, ...(doubt ? { doubt } : {}) });
  }
  /** Spurs taken out of the count; a spur that does not fit its chain is told. */
  private hung(nodes: readonly Node[], started: boolean): readonly Node[] {
    const { nodes: out, slips } = hangSpurs(nodes, started);
    for (const s of slips) this.report(s.node, { code: "spur-does-not-fit", worked: s.worked, room: s.room });
    return out;
  }

  private sequence(close: string | undefined, depth: number): Node[] {
    const items: Node[] = [];
    const stars: { index: number; from: number }[] = [];
    for (;;) {
      const p = this.peek();
      if (!p) break;
      if (p.kind === "close") {
        if (p.mark === close) break;
        this.take();
        if (p.mark === ">") continue;
        this.report(p, { code: "unopened-bracket", bracket: p.mark });
        this.cost += COST.unclosed;
        continue;
      }
      this.take();
      if (p.kind === "star") this.star(p, items, stars);
      else if (p.kind === "repeat") this.repeat(p, items, stars, depth);
      else if (p.kind === "open") this.bracket(p, items, depth);
      else if (p.kind === "so-many") this.manyTimes(p, items, depth);
      else this.item(p, items, depth, stars.length > 0);
    }
    const open = stars.pop();
    if (open) {
      this.cost += COST.unclosed;
      this.report({ from: open.from, to: open.from + 1 }, { code: "unclosed-bracket", bracket: "*" });
    }
    return items;
  }

  private star(p: Piece, items: Node[], stars: { index: number; from: number }[]): void {
    const open = stars.pop();
    if (!open) {
      stars.push({ index: items.length, from: p.from });
      return;
    }
    const inside = items.splice(open.index);
    const said = this.saidBehind(true);
    this.pushGroup(items, inside, open.from, said ?? { times: ONCE, more: false }, said === undefined);
  }

  /** How often the bracket or star that was just closed is worked, if that is said here. */
  private saidBehind(comma: boolean): Said | undefined {
    const next = this.peek();
    const then = this.peek(1);
    const sign = next?.kind === "separator" && comma && /^[,;.]?$/.test(next.mark);
    const p = sign ? then : next;
    if (
      p?.kind === "times" &&
      !(sign && p.times.kind !== "number" && next?.kind === "separator" && next.mark === ".")
    ) {
      if (sign) this.take();
      this.take();
      return p;
    }
    if (p?.kind === "repeat" && p.times && !p.ahead) {
      if (sign) this.take();
      this.take();
      return { times: p.times, more: p.more };
    }
    return undefined;
  }

  private repeat(
    p: Extract<Piece, { kind: "repeat" }>,
    items: Node[],
    stars: { index: number; from: number }[],
    depth: number,
  ): void {
    if (
      p.ahead &&
      p.times &&
      stars.length === 0 &&
      !items.some((n) => n.kind === "work" || n.kind === "group")
    ) {
      // "Repeat six times: 1 sc, inc": the work is said behind the number.
      const ahead = this.sequence(undefined, depth + 1);
      const last = ahead.findLastIndex((n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly");
      this.pushGroup(items, ahead.slice(0, last + 1), p.from, { times: p.times, more: p.more });
      items.push(...ahead.slice(last + 1));
      return;
    }
    if (!items.some(holdsWork)) {
      if (p.referred) this.report(p, { code: "repeat-without-start" });
      this.cost += COST.idleTimes;
      return;
    }
    // Without a number it goes all the way round; what is there tells whether that was meant.
    const times = p.times ?? ALL;
    const said = { times, more: p.more };
    const open = stars.pop();
    if (open) {
      const inside = items.splice(open.index);
      this.pushGroup(items, inside, open.from, {
        ...said,
        ambiguous: p.referred && !p.more && times.kind === "number",
      });
      return;
    }
    const last = items[items.length - 1];
    if (last?.kind === "group" && (last.times === ONCE || p.referred)) {
      items.pop();
      this.pushGroup(items, last.items, last.from, said);
      return;
    }
    // "1 inc, 1 sc, rep around": everything so far is the repeat, but not the turn, the joining or the chain
    // that only lifts.
    const start = items.findIndex(
      (n) => n.kind === "group" || n.kind === "skip" || (n.kind === "work" && n.op.stitch !== "ch"),
    );
    if (start < 0) {
      this.cost += COST.idleTimes;
      return;
    }
    const inside = items.splice(start);
    this.pushGroup(items, inside, inside[0]?.from ?? p.from, said);
  }

  private limited(times: Times): Times {
    if (times.kind !== "number" || times.n <= MAX_REPEAT) return times;
    this.report(times.at ?? { from: this.to, to: this.to }, {
      code: "too-large",
      what: "repeat",
      limit: MAX_REPEAT,
    });
    return { ...times, n: MAX_REPEAT };
  }

  private pushGroup(items: Node[], within: readonly Node[], from: number, t: Said, once = false): void {
    if (within.length === 0) {
      if (!once) this.cost += COST.idleTimes;
      return;
    }
    if (!within.some(holdsWork)) {
      // "*(18)*": stars for emphasis hold no work.
      items.push(...within);
      if (!once) this.cost += COST.idleTimes;
      return;
    }
    const inside = this.hung(missedChains(within), !once || items.some(isWorked));
    const { to } = this;
    const n = t.times.kind === "number" ? t.times : undefined;
    const times: Times = n ? { ...n, n: n.n + (t.more ? 1 : 0) } : t.times;
    const other: Node | undefined =
      t.ambiguous && n ? { kind: "group", items: inside, times: { ...n, n: n.n + 1 }, from, to } : undefined;
    items.push({
      kind: "group",
      items: inside,
      times: once ? ONCE : this.limited(times),
      from,
      to,
      ...(other ? { other } : {}),
    });
  }

  /** "(sc, dec) x 6 in red (12)": the shade of the repeat that stands right before it, at the end of the work. */
  private colouredBehind(p: Extract<Piece, { kind: "nodes" }>, items: Node[]): boolean {
    const [shade] = p.nodes;
    const before = items[items.length - 1];
    const next = this.peek();
    if (p.nodes.length !== 1 || shade?.kind !== "colour" || before?.kind !== "group") return false;
    if (this.peek(-2)?.kind === "separator" || !/^(in|with|using)\b/i.test(this.words(p))) return false;
    if (next && next.kind !== "total" && !(next.kind === "separator" && this.peek(1)?.kind === "total"))
      return false;
    items.splice(items.length - 1, 0, shade);
    return true;
  }

  private bracket(p: Extract<Piece, { kind: "open" }>, items: Node[], depth: number): void {
    if (depth >= MAX_NESTING) {
      this.report(p, { code: "too-large", what: "nesting", limit: MAX_NESTING });
      this.i = this.pieces.length;
      return;
    }
    const close = CLOSER.get(p.mark) ?? ")";
    const ahead = this.placeAhead;
    this.placeAhead = undefined;
    const inside = this.sequence(close, depth + 1);
    if (this.peek()?.kind !== "close") {
      if (p.mark !== "<") this.report(p, { code: "unclosed-bracket", bracket: p.mark });
      this.cost += COST.unclosed;
      // What is inside still counts: the bracket is the slip, not the stitches.
      items.push(...inside);
      return;
    }
    this.take();
    const work = inside.some((n) => n.kind !== "unknown" && holdsWork(n));
    const [shade] = inside;
    const before = items[items.length - 1];
    if (
      inside.length === 1 &&
      shade?.kind === "colour" &&
      (before?.kind === "work" || before?.kind === "group")
    ) {
      // "9 sc [orange]": the shade of what stands before the bracket.
      items.splice(items.length - 1, 0, shade);
      return;
    }
    if (!work) {
      items.push(...inside);
      return;
    }
    const next = this.peek();
    // "(sc, hdc, dc, hdc, sc) over next 5 sts": one stitch in each of them.
    const spans = next?.kind === "place" && !ahead && /^over\b/i.test(this.words(next));
    if (spans && next.target.n !== undefined && usedBy(inside) === next.target.n) {
      this.take();
      this.pushGroup(items, inside, p.from, { times: ONCE, more: false }, true);
      return;
    }
    const target = ahead ?? (next?.kind === "place" ? next.target : undefined);
    if (target) {
      const one = mixed(this.hung(inside, true), target, this.loops);
      if (one) {
        if (!ahead) {
          this.take();
          this.cost -= COST.place;
        }
        const said = this.peek();
        const times = said?.kind === "times" ? (this.take(), this.limited(said.times)) : one.times;
        const node: Node = { kind: "work", op: one.op, times, from: p.from, to: this.to };
        // "(sl st, 3 dc, sl st) in next st" may count as one stitch: an ornament.
        const ornament = Object.keys(one.op.makes).length > 1 && one.op.into === "next" && one.op.offers > 1;
        items.push(
          ornament ? { ...node, other: { ...node, op: { ...one.op, offers: 1, increases: 0 } } } : node,
        );
        return;
      }
      // Not all of it can go into one stitch: the place was said for nothing.
      if (ahead) this.cost += COST.placeless;
    }
    if (next?.kind === "loops" && !next.free) {
      this.take();
      inside.splice(0, inside.length, ...inside.map((n) => withLoops(n, next.loops)));
    }
    const said = this.saidBehind(true);
    const [only] = inside;
    if (
      !said &&
      depth === 0 &&
      inside.length === 1 &&
      only?.kind === "work" &&
      only.times.kind === "number" &&
      only.times.at &&
      only.op.uses === 1 &&
      items.some(isWorked)
    )
      this.cost += COST.bracketedCount;
    this.pushGroup(items, inside, p.from, said ?? { times: ONCE, more: false }, said === undefined);
    const behind = this.peek();
    const group = items[items.length - 1];
    if (behind?.kind === "loops" && !behind.free && group?.kind === "group") {
      this.take();
      items[items.length - 1] = { ...group, items: group.items.map((n) => withLoops(n, behind.loops)) };
    }
  }

  /** "6 x (sc, inc)". */
  private manyTimes(p: Extract<Piece, { kind: "so-many" }>, items: Node[], depth: number): void {
    const open = this.peek();
    if (open?.kind !== "open") {
      this.cost += COST.unclosed;
      return;
    }
    this.take();
    if (depth >= MAX_NESTING / 2) {
      this.report(open, { code: "too-large", what: "nesting", limit: MAX_NESTING });
      this.i = this.pieces.length;
      return;
    }
    const inside = this.sequence(CLOSER.get(open.mark) ?? ")", depth + 1);
    if (this.peek()?.kind === "close") this.take();
    else {
      this.cost += COST.unclosed;
      this.report(open, { code: "unclosed-bracket", bracket: open.mark });
    }
    this.pushGroup(items, inside, p.from, { times: { kind: "number", n: p.n, at: p.at }, more: false });
  }

  /** "From the 2nd chain, 1 sc in each": the stitches begin where the words before them said. */
  private onChain(said: SaidWork, around: Around): readonly Node[] | undefined {
    const begun = this.chainFrom;
    this.chainFrom = undefined;
    const { target: t, n } = said;
    if (!begun || said.word.kind !== "plain" || said.word.stitch === "ch") return undefined;
    const here = { ...around, span: { from: begun.from, to: around.span.to } };
    if (t.place === undefined && t.reach === undefined && !t.bridge && t.part === undefined) {
      const target: Target = { ...t, place: "nth-chain", nth: begun.target.nth, onward: true };
      return placed({ ...said, target }, here);
    }
    if (t.place !== "each" || (n ?? 1) !== 1) return undefined;
    const [first] = placed({ ...said, target: { ...begun.target, loops: t.loops } }, here);
    const rest =
      first?.kind === "work" ? again(first, t, { ...around, items: [...around.items, first] }) : undefined;
    return first && rest ? [first, ...rest] : undefined;
  }

  /** "Ch 4, 3 sc, from 2nd ch": where the stitches before it began, on the chain before them. */
  private placedBehind(target: Target, items: Node[], span: Span): boolean {
    const { said, at, span: before } = this.lastSaid ?? {};
    if (!said || at !== items.length - 1 || target.place !== "nth-chain" || !target.onward) return false;
    const chain = items[at - 1];
    const plain = said.word.kind === "plain" && said.target.place === undefined && (said.n ?? 1) > 1;
    if (!plain || chain?.kind !== "work" || chain.op.stitch !== "ch") return false;
    const around = {
      items: items.slice(0, at),
      loops: this.loops,
      span: { from: before?.from ?? span.from, to: span.to },
      outermost: true,
    };
    items.splice(at, 1, ...placed({ ...said, target }, around));
    return true;
  }

  private item(p: Piece, items: Node[], depth: number, starred: boolean): void {
    const span: Span = { from: p.from, to: p.to };
    const previous = items[items.length - 1];
    switch (p.kind) {
      case "work": {
        const sign = this.pieces[this.i - 2];
        // "… = 24 sc": what it comes to, not more work.
        if (sign?.kind === "separator" && /^==?$/.test(sign.mark) && items.some(isWorked))
          this.cost += COST.nounAlone;
        this.worked ||= p.said.word.stitch !== "ch";
        const target =
          p.said.target.part === "it" ? { ...p.said.target, part: this.lastPart } : p.said.target;
        const around = { items, loops: this.loops, span, outermost: depth === 0 && !starred };
        const nodes = this.onChain({ ...p.said, target }, around) ?? placed({ ...p.said, target }, around);
        items.push(...nodes.map((n) => this.bounded(this.inLayers(n))));
        this.lastSaid = nodes.length === 1 ? { said: p.said, at: items.length - 1, span } : undefined;
        return;
      }
      case "number": {
        if (
          items.length === 0 &&
          depth === 0 &&
          this.peek()?.kind !== "total" &&
          this.peek(1)?.kind !== "total"
        )
          this.cost += COST.numberFirst;
        this.worked = true;
        const op = stitchInto("sc", 1, "next", this.loops);
        items.push({ kind: "work", op, times: this.limited({ kind: "number", n: p.n, at: span }), ...span });
        return;
      }
      case "place": {
        if (p.ahead) {
          this.placeAhead = p.target;
          return;
        }
        // "Ch 5, from 2nd ch 3 sc": where the stitches begin that follow, and no place for more chains.
        const begins =
          p.target.place === "nth-chain" &&
          (previous === undefined || (previous.kind === "work" && previous.op.stitch === "ch"));
        if (begins) {
          this.chainFrom = { target: p.target, from: p.from };
          return;
        }
        if (this.placedBehind(p.target, items, span)) return;
        // "… from hook and the next 4": an article between parts nothing.
        const before = items.findLast((n) => n.kind !== "aside");
        const next =
          before?.kind === "work"
            ? again(before, p.target, { items, loops: this.loops, span, outermost: false })
            : undefined;
        if (next) items.push(...next);
        else {
          this.cost += COST.placeless;
          items.push({ kind: "aside", ...span });
        }
        return;
      }
      case "nodes":
        if (this.colouredBehind(p, items)) return;
        for (const n of p.nodes) {
          if (n.kind === "start" && n.start === "ring") this.ringed = span;
          if (n.kind === "event" && n.event.kind === "length-asked")
            this.report(n, { code: "number-asked", text: this.words(n) }, undefined, "note");
          this.worked ||= isWorked(n);
          items.push(n.kind === "work" ? { ...n, op: this.inLoops(n.op), times: this.limited(n.times) } : n);
        }
        return;
      case "even":
        if (items.some(isWorked)) items.push({ kind: "aside", ...span });
        else
          items.push({ kind: "work", op: stitchInto("sc", 1, "next", this.loops), times: p.times, ...span });
        this.worked = true;
        return;
      case "times":
        if (p.times.kind !== "number" && this.alongChain(items, span)) return;
        this.timesOfAll(p, items);
        return;
      case "total":
        if (p.ahead) {
          this.totalAhead = { kind: "total", n: p.n, ...span };
          return;
        }
        if (p.unit && !this.worked) {
          this.worked = true;
          const op = stitchInto(p.unit.stitch, 1, "next", this.loops);
          items.push({
            kind: "work",
            op,
            times: this.limited({ kind: "number", n: p.n, at: span }),
            ...span,
          });
          return;
        }
        if (this.i <= this.lastWork) this.cost += COST.totalEarly;
        if ((depth > 0 || starred) && items.some(isWorked)) this.cost += COST.totalInside;
        items.push({
          kind: "total",
          n: p.n,
          ...(p.each ? { each: true } : {}),
          ...(p.list ? { list: p.list } : {}),
          ...span,
        });
        return;
      case "join":
        items.push(
          p.ring && !items.some(isWorked)
            ? { kind: "start", start: "chain-ring", chains: chainsIn(items), ...span }
            : p.ring || (chainsIn(items) >= FEWEST_IN_RING && this.i <= this.lastWork)
              ? joining(items, span)
              : { kind: "join", ...span },
        );
        return;
      case "joined-to":
        this.lastPart = p.part;
        items.push({ kind: "join", ...span });
        return;
      case "loops":
        this.loops = p.loops;
        if (p.free) items.push(p.free);
        else if (
          previous?.kind === "work" &&
          this.rest().every((x) => x.kind === "total" || x.kind === "separator")
        )
          items[items.length - 1] = { ...previous, op: { ...previous.op, loops: p.loops } };
        return;
      case "layers":
        if (previous?.kind === "work" && previous.op.layers === undefined && previous.op.into === "next") {
          const op: Operation = {
            ...previous.op,
            layers: 2,
            ...(p.layers.length > 0 ? { caught: p.layers } : {}),
          };
          items[items.length - 1] = { ...previous, op, other: { ...previous, op: { ...op, uses: 2 } } };
        } else if (!items.some(isWorked)) this.layersAhead = p.layers;
        return;
      case "block":
        this.worked = true;
        items.push({
          kind: "group",
          items: hangBlock(p.nodes),
          times: this.limited(p.times),
          block: p.words,
          ...span,
        });
        return;
      case "aside":
        items.push({ kind: "aside", ...span });
        return;
      case "unread":
        this.report(p.at, p.detail, p.doubt);
        items.push({ kind: "unknown", word: p.word, ...span });
        return;
      default:
        return;
    }
  }

  /** "Sc in 2nd ch from hook and across": the rest of the chain, one in each, and not that stitch again. */
  private alongChain(items: Node[], span: Span): boolean {
    const last = items.findLast((n) => n.kind !== "aside");
    if (last?.kind !== "work" || last.op.into !== "chain" || last.times.kind !== "number") return false;
    const target: Target = { ...noTarget(), place: "each" };
    const more = again(last, target, { items, loops: this.loops, span, outermost: false });
    if (more) items.push(...more);
    return more !== undefined;
  }
  private rest(): readonly Piece[] {
    return this.pieces.slice(this.i, this.i + 3);
  }
  /** The first stitches behind "through both layers" go through two edges. */
  private inLayers(n: Node): Node {
    const caught = this.layersAhead;
    if (!caught || n.kind !== "work" || n.op.stitch === "ch" || n.op.into !== "next") return n;
    this.layersAhead = undefined;
    const op: Operation = { ...n.op, layers: 2, ...(caught.length > 0 ? { caught } : {}) };
    return { ...n, op, other: { ...n, op: { ...op, uses: 2 } } };
  }
  private inLoops(op: Operation): Operation {
    return this.loops === "both" || op.loops !== "both" ? op : { ...op, loops: this.loops };
  }
  private bounded(n: Node): Node {
    return n.kind === "work" ? { ...n, times: this.limited(n.times) } : n;
  }

  /** "sc, inc, 5 times": all of it so often, or only the last of it. */
  private timesOfAll(p: Extract<Piece, { kind: "times" }>, items: Node[]): void {
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    if (start < 0) {
      this.cost += COST.idleTimes;
      return;
    }
    const behind = this.pieces[this.i - 2];
    if (behind?.kind === "total") this.cost += COST.idleTimes;
    const times = this.limited(
      p.times.kind === "number" && p.more ? { ...p.times, n: p.times.n + 1 } : p.times,
    );
    const all = items.splice(start);
    const last = all[all.length - 1] as Node;
    const span = { from: all[0]?.from ?? p.from, to: this.to };
    const lastOnly: Node = {
      kind: "group",
      items: [...all.slice(0, -1), { kind: "group", items: [last], times, from: last.from, to: this.to }],
      times: ONCE,
      ...span,
    };
    items.push({ kind: "group", items: all, times, ...span, ...(all.length > 1 ? { other: lastOnly } : {}) });
  }
}

/** "R5: BLO (24)": which loops, and what it comes to: plain all the way. */
function allInLoops(nodes: readonly Node[], loops: Loops): readonly Node[] {
  const [total, ...others] = nodes.filter((n) => n.kind !== "aside");
  if (total?.kind !== "total" || others.length > 0) return nodes;
  const { from } = total;
  return [{ kind: "work", op: stitchInto("sc", 1, "next", loops), times: ALL, from, to: from }, ...nodes];
}

/** "Magic ring (6)": a ring and its number, and no word of stitches, is so many single crochet. */
function ringOf(nodes: readonly Node[]): readonly Node[] {
  const total = nodes.find((n) => n.kind === "total");
  if (total?.kind !== "total") return nodes;
  const at = nodes.indexOf(total);
  const op = stitchInto("sc", 1, "ring");
  const { from, to } = total;
  return [
    ...nodes.slice(0, at),
    { kind: "work", op, times: { kind: "number", n: total.n, at: { from, to } }, from, to },
    ...nodes.slice(at),
  ];
}

function withLoops(n: Node, loops: Loops): Node {
  if (n.kind === "work") return { ...n, op: { ...n.op, loops } };
  if (n.kind === "group") return { ...n, items: n.items.map((i) => withLoops(i, loops)) };
  return n;
}

/** "Ch 12, join": fewer chains lift a round to its height. */
const FEWEST_IN_RING = 4;
