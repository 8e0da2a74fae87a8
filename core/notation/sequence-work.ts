import type { Cursor } from "./cursor";
import { readColourChange, readShade } from "./colours";
import { mixedInto, operationOf, stitchInto, stitchTogether } from "./operations";
import { addTally, type StitchName, type Tally } from "./stitches";
import { isPreposition, noTarget, readLoopPhrase, readLoops, readTarget, type Target } from "./target";
import { ONCE, type Node, type Operation, type Span, type Times } from "./tree";
import { isStitchNoun, readStitch } from "./vocabulary";
import { MAX_NESTING } from "./limits";
import { CLOSER, readStitchAhead } from "./sequence-base";
import { TotalsReader } from "./sequence-totals";

type WorkNode = Extract<Node, { kind: "work" }>;

/** Stitches: how many of what are worked into what. */
export abstract class WorkReader extends TotalsReader {
  protected work(items: Node[], from: number): boolean {
    return (
      this.c.attempt(() => {
        const { c } = this;
        const numberAt = c.peek();
        let before: number | undefined;
        let word = c.kind() === "number" ? readStitch(c, this.terms) : undefined;
        if (!word && c.kind() === "number") {
          before = c.number();
          const sign =
            !(
              c.is("x") &&
              c.legend.has("x") &&
              (CLOSER.get(c.text(1)) === undefined || (c.kind(2) === "number" && /^[)\]}]$/.test(c.text(3))))
            ) && c.take("x", "*", "times");
          if (
            sign &&
            CLOSER.get(c.text()) !== undefined &&
            !(c.kind(1) === "number" && (/^[)\]}]$/.test(c.text(2)) || isStitchNoun(c.text(2))))
          )
            return this.countedBracket(items, from, before ?? 1, numberAt);
          c.take("more", "-");
          const shade = c.attempt(() => {
            const s = readShade(c);
            return s !== undefined && readStitchAhead(c, this.terms) ? s : undefined;
          });
          if (shade !== undefined) items.push({ kind: "colour", slot: shade, from: c.from, to: c.to });
        }
        const loopsBefore = word
          ? undefined
          : c.attempt(() => {
              const l = readLoops(c);
              return l && readStitchAhead(c, this.terms) ? l : undefined;
            });
        const previous = items[items.length - 1];
        if (
          !word &&
          before === undefined &&
          (isPreposition(c.text()) ||
            c.is("each", "every") ||
            (c.is("next") && c.kind(1) === "number" && /^(ch|chs|chain|chains)$/.test(c.text(2)))) &&
          previous?.kind === "work"
        ) {
          // "sc in 2nd ch from hook and in each ch across": the same stitch again.
          const t = noTarget();
          if (!readTarget(c, t) || (t.place === undefined && t.reach === undefined)) return undefined;
          if (t.place === "next" && t.n === undefined && t.reach === undefined) return undefined;
          const legs = previous.op.stitch === "ch" ? 1 : Math.max(1, ...Object.values(previous.op.makes));
          return this.place(
            items,
            previous.op.stitch === "ch" ? "sc" : previous.op.stitch,
            from,
            legs > 1 && previous.op.uses === 1 ? legs : undefined,
            undefined,
            t,
            undefined,
          );
        }
        if (c.is("even", "around") && !items.some((n) => n.kind === "work" || n.kind === "group")) {
          c.at++;
          const t = noTarget();
          readTarget(c, t);
          items.push({
            kind: "work",
            op: stitchInto("sc", 1, "next", this.loops),
            times: { kind: "around" },
            from,
            to: c.to,
          });
          return true;
        }
        word ??= readStitch(c, this.terms);
        if (!word) return undefined;
        if (word.kind === "generic" && before === undefined) return undefined;
        const phrase =
          loopsBefore === undefined && c.is("blo", "flo", "in", "bl", "fl", "through", "working")
            ? readLoopPhrase(c)
            : undefined;
        const loops = loopsBefore ?? phrase?.loops;
        const afterAt = c.peek();
        const after = before === undefined ? this.countAfter() : undefined;
        if (before !== undefined && word.kind !== "generic") {
          // "1 inc x 6", "6 inc x 1".
          const multiplied = c.attempt(() =>
            c.is("x", "*") || (c.kind() === "number" && c.is("times")) ? this.timesAfter() : undefined,
          );
          if (multiplied) {
            const n =
              multiplied.times.kind === "number"
                ? { ...multiplied.times, n: multiplied.times.n * before }
                : multiplied.times;
            items.push({
              kind: "work",
              op: operationOf(word, loops ?? this.loops),
              times: this.limited(n),
              from,
              to: c.to,
            });
            return true;
          }
        }
        const t = noTarget();
        if (loops) t.loops = loops;
        t.freeLoops = phrase?.free;
        readTarget(c, t);
        if (t.part === "it") t.part = this.lastPart;
        const colour =
          c.done || (c.kind() === "mark" && !c.is("(", "["))
            ? undefined
            : c.attempt(() => (c.is("with", "in", "(") ? this.trailingColour() : readTrailingShade(c)));
        if (colour !== undefined) items.push({ kind: "colour", slot: colour, from, to: c.to });
        const n = before ?? after;
        const at = n === undefined ? undefined : before !== undefined ? numberAt : this.lastNumberAt(afterAt);
        if (t.freeLoops) items.push({ kind: "free-loops", of: t.freeLoops, from, to: c.to });
        if (word.kind === "plain" || word.kind === "generic")
          this.place(items, word.stitch, from, n, at, t, after !== undefined);
        else this.placeSpecial(items, operationOf(word, t.loops ?? this.loops), word.kind, from, n, at, t);
        this.timesBehind(items);
        return true;
      }) ?? false
    );
  }

  /** "sc through the ear and the head 3 times", "2 sc in next st twice": how often, said last. */
  protected timesBehind(items: Node[]): void {
    const { c } = this;
    const last = items[items.length - 1];
    if (last?.kind !== "work" || last.times.kind !== "number") return;
    if (!(c.is("twice", "thrice") || (c.kind() === "number" && /^(times|time)$/.test(c.text(1))))) return;
    const times = this.timesAfter();
    if (times?.times.kind !== "number") return;
    const { n, at } = times.times;
    const more = (node: WorkNode): WorkNode =>
      node.times.kind === "number"
        ? {
            ...node,
            times: this.limited({
              ...(node.times.n === 1 && at ? { at } : {}),
              kind: "number",
              n: node.times.n * n,
            }),
            to: c.to,
          }
        : node;
    items[items.length - 1] = {
      ...more(last),
      ...(last.other?.kind === "work" ? { other: more(last.other) } : {}),
    };
  }

  protected lastNumberAt(start: Span | undefined): Span | undefined {
    const { c } = this;
    for (let i = c.at - 1; i >= 0 && start !== undefined && (c.tokens[i]?.from ?? 0) >= start.from - 1; i--) {
      const token = c.tokens[i];
      if (token?.kind === "number") return token;
    }
    return start;
  }

  protected trailingColour(): string | undefined {
    const { c } = this;
    if (c.is("(")) {
      c.at++;
      const shade = readShade(c);
      return shade !== undefined && c.take(")") ? shade : undefined;
    }
    return readColourChange(c);
  }

  /** "sc 6", "inc x6", "sc 6 times", "ch 7". */
  protected countAfter(): number | undefined {
    const { c } = this;
    if (c.done || c.is(",", ")", "]", ";", ".")) return undefined;
    const times = c.attempt(() => {
      const t =
        c.is("x", "twice", "thrice") ||
        (c.is("*") && !this.inStar) ||
        (c.kind() === "number" && /^(times|time|x)$/.test(c.text(1)))
          ? this.timesAfter()
          : undefined;
      return t?.times.kind === "number" ? t.times.n : undefined;
    });
    if (times !== undefined) return times;
    if (c.kind() !== "number") return undefined;
    return c.attempt(() => {
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined) return undefined;
      // "sc 2 sc": the number belongs to what follows; "sc 3 sts" and "sc 3 in next" do not.
      if (c.kind() === "word" && !isStitchNoun(c.text()) && readStitchAhead(c, this.terms)) return undefined;
      if (c.is("x") && CLOSER.get(c.text(1)) !== undefined) return undefined;
      if (isStitchNoun(c.text())) c.at++;
      c.take("more");
      return n;
    });
  }

  /** "6 x (sc, inc)". */
  protected countedBracket(items: Node[], from: number, n: number, at: Span | undefined): true | undefined {
    const { c } = this;
    const opener = c.peek();
    if (!opener) return undefined;
    const close = CLOSER.get(opener.text) ?? ")";
    const start = c.at;
    c.at++;
    const inside = this.sequence(close, MAX_NESTING / 2);
    if (!c.take(close)) {
      this.report(opener, { code: "unclosed-bracket", bracket: opener.text });
      c.at = Math.max(c.at, start + 1);
    }
    this.pushGroup(items, inside, from, {
      times: { kind: "number", n, ...(at ? { at: { from: at.from, to: at.to } } : {}) },
    });
    return true;
  }

  protected place(
    items: Node[],
    stitch: StitchName,
    from: number,
    n: number | undefined,
    at: Span | undefined,
    t: Target,
    counted: boolean | undefined,
  ): true | undefined {
    const { c } = this;
    const loops = t.loops ?? this.loops;
    const span = () => ({ from, to: c.to });
    const number = (count: number, where: Span | undefined = at): Times =>
      this.limited({
        kind: "number",
        n: count,
        ...(where ? { at: { from: where.from, to: where.to } } : {}),
      });
    const one: Operation = {
      ...stitchInto(stitch, 1, "next", loops),
      ...(t.chainNoun ? { onChain: true as const } : {}),
    };
    const push = (op: Operation, times: Times, other?: Node): true => (
      items.push({ kind: "work", op, times, ...span(), ...(other ? { other } : {}) }),
      true
    );
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
    if (t.bridge)
      return push(
        { ...one, into: "bridge" },
        n !== undefined ? number(n) : t.n !== undefined ? number(t.n, t.at) : (t.reach ?? { kind: "around" }),
      );
    if (t.part !== undefined) {
      const everywhere =
        n === undefined && t.n === undefined && (t.reach !== undefined || t.place === "each");
      const places =
        n !== undefined && (t.place === undefined || counted === true)
          ? number(n)
          : t.n !== undefined
            ? number(t.n, t.at)
            : everywhere
              ? ({ kind: "around" } as const)
              : number(1);
      const legs = n !== undefined && counted !== true && t.place !== undefined ? n : 1;
      return push({ ...stitchInto(stitch, legs, "next", loops), into: "part", part: t.part }, places);
    }
    if (t.layers) {
      const layered: Operation = { ...one, layers: 2, ...(t.layers.length > 0 ? { caught: t.layers } : {}) };
      const times =
        n !== undefined
          ? number(n)
          : t.n !== undefined
            ? number(t.n, t.at)
            : (t.reach ?? (t.place === "each" ? ({ kind: "around" } as const) : ONCE));
      return push(layered, times, { kind: "work", op: { ...layered, uses: 2 }, times, ...span() });
    }
    if (stitch === "slst" && (t.toJoin || t.place === "first" || (t.place === "next" && t.toJoin))) {
      const chains = this.chainsBefore(items);
      const worked = items.some((i) => (i.kind === "work" && i.op.stitch !== "ch") || i.kind === "group");
      items.push(
        chains > 0 && !worked
          ? { kind: "start", start: "chain-ring", chains, ...span() }
          : { kind: "join", ...span() },
      );
      return true;
    }
    if (t.spurBack) {
      const back = { ...stitchInto(stitch, 1, "spur", loops), uses: 1 };
      return push(
        back,
        n !== undefined ? number(n) : t.n !== undefined ? number(t.n, t.at) : { kind: "around" },
      );
    }
    if (t.backAlong) {
      push({ ...stitchInto(stitch, 1, "chain", loops), name: `${stitch} in ch 2`, uses: 1 }, ONCE);
      return push(one, { kind: "around" });
    }
    if (t.together) return push(stitchTogether(stitch, n ?? t.n ?? 2, loops), t.reach ?? ONCE);
    if (t.place === "ring") return push(stitchInto(stitch, 1, "ring", loops), number(n ?? 1));
    if (t.place === "nth-chain") {
      const nth = t.nth ?? 2;
      const op: Operation = {
        ...stitchInto(stitch, n ?? 1, "chain", loops),
        name: `${stitch} in ch ${nth}`,
        uses: 1,
      };
      // The chains passed by count as a stitch where their height says so (Craft Yarn Council, turning chains, from memory).
      const height = { hdc: 3, dc: 4, tr: 5, dtr: 6 }[stitch as string];
      if (height !== nth) return push(op, ONCE);
      const tall: Operation = { ...op, offers: op.offers + 1 };
      const node = (o: Operation): WorkNode => ({ kind: "work", op: o, times: ONCE, ...span() });
      return (
        items.push(
          stitch === "hdc" ? { ...node(op), other: node(tall) } : { ...node(tall), other: node(op) },
        ),
        true
      );
    }
    if (t.evenly && n !== undefined) {
      items.push({ kind: "evenly", op: one, n, rest: one, ...(at ? { at } : {}), ...span() });
      return true;
    }
    if (t.place === "same") {
      const same: WorkNode = {
        kind: "work",
        op: stitchInto(stitch, n ?? 1, "same", loops),
        times: ONCE,
        ...span(),
      };
      const next: WorkNode = {
        kind: "work",
        op: stitchInto(stitch, n ?? 1, "next", loops),
        times: ONCE,
        ...span(),
      };
      const both = n !== undefined && n > 1;
      const alone = items.every((i) => i.kind !== "work");
      const first = both && alone ? next : same;
      items.push({ ...first, ...(both ? { other: first === next ? same : next } : {}) });
      return true;
    }
    if (t.place === "each" || t.place === "next" || t.place === "last" || t.place === "first") {
      const every = t.every;
      const reach: Times | undefined =
        t.place === "each" && t.n === undefined ? (t.reach ?? { kind: "around" }) : t.reach;
      const places = t.n ?? 1;
      const times: Times = reach ?? number(places, t.at ?? at);
      const legs = n === undefined || counted === true ? 1 : n;
      if (every !== undefined && legs > 1) {
        const inside: Node[] = [];
        if (every > 1)
          inside.push({ kind: "work", op: one, times: { kind: "number", n: every - 1 }, ...span() });
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
      const asIncrease: WorkNode = {
        kind: "work",
        op: stitchInto(stitch, legs, "next", loops),
        times,
        ...span(),
      };
      const asPlain: WorkNode = { kind: "work", op: one, times: number(legs), ...span() };
      if (t.n !== undefined && t.n === legs && t.place !== "each")
        return (items.push({ ...asPlain, other: asIncrease }), true);
      if (t.n === undefined && (t.place === "next" || t.place === "last" || t.place === "first"))
        return (items.push(asIncrease), true);
      return (items.push({ ...asIncrease, other: asPlain }), true);
    }
    if (t.reach) {
      if (n !== undefined && n > 1) {
        const plainNode: WorkNode = { kind: "work", op: one, times: number(n), ...span() };
        const incNode: WorkNode = {
          kind: "work",
          op: stitchInto(stitch, n, "next", loops),
          times: t.reach,
          ...span(),
        };
        return (items.push({ ...plainNode, other: incNode }), true);
      }
      return push(one, t.reach);
    }
    return push(one, number(n ?? 1));
  }

  protected placeSpecial(
    items: Node[],
    op: Operation,
    kind: "inc" | "dec" | "bobble" | "foundation",
    from: number,
    n: number | undefined,
    at: Span | undefined,
    t: Target,
  ): true {
    const { c } = this;
    const span = { from, to: c.to };
    const where = at ? { at: { from: at.from, to: at.to } } : {};
    if (t.evenly || ((kind === "inc" || kind === "dec") && n !== undefined && c.is("evenly"))) {
      const count = n ?? t.n ?? 1;
      items.push({
        kind: "evenly",
        op,
        n: count,
        rest: stitchInto(op.stitch, 1, "next", op.loops),
        ...where,
        ...span,
      });
      return true;
    }
    if (t.every !== undefined && (kind === "inc" || kind === "dec")) {
      const gap = Math.max(0, t.every - (kind === "inc" ? 1 : 2));
      const inside: Node[] =
        gap > 0
          ? [
              {
                kind: "work",
                op: stitchInto(op.stitch, 1, "next", op.loops),
                times: { kind: "number", n: gap },
                ...span,
              },
            ]
          : [];
      inside.push({ kind: "work", op, times: ONCE, ...span });
      items.push({ kind: "group", items: inside, times: t.reach ?? { kind: "around" }, ...span });
      return true;
    }
    if (t.place === "ring") op = { ...op, into: "ring", uses: 0, increases: 0 };
    let times: Times = this.limited({ kind: "number", n: n ?? 1, ...where });
    if (t.reach && n === undefined) times = t.reach;
    else if (t.place === "each" && t.n === undefined && (n === undefined || n === 1))
      times = { kind: "around" };
    else if (t.n !== undefined && n === undefined) {
      const per = kind === "dec" ? op.uses : 1;
      times = {
        kind: "number",
        n: kind === "dec" ? Math.max(1, Math.round(t.n / per)) : t.n,
        ...(t.at && kind !== "dec" ? { at: t.at } : {}),
      };
    }
    items.push({ kind: "work", op, times, ...span });
    return true;
  }

  /** "(counts as a dc)", "counts as first st" behind a chain; "(does not count)" is taken and means nothing. */
  protected countsAs(): StitchName | undefined {
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

  /** A bracket all of which goes into one stitch. */
  protected mixed(inside: readonly Node[]): { op: Operation; times: Times } | undefined {
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
    const times: Times =
      t.place === "each" && t.n === undefined
        ? (t.reach ?? { kind: "around" })
        : t.n !== undefined
          ? { kind: "number", n: t.n, ...(t.at ? { at: t.at } : {}) }
          : (t.reach ?? ONCE);
    return { op: mixedInto(makes, offers, into, t.loops ?? this.loops), times };
  }
}

/** A chain of `n` that stands for one stitch of the round. */
function chainFor(stitch: StitchName, n: number): Operation {
  return {
    ...stitchInto("ch", 1),
    name: `ch ${n} as ${stitch}`,
    makes: { ch: n },
    uses: 1,
    offers: 1,
    standsFor: stitch,
  };
}

function readTrailingShade(c: Cursor): string | undefined {
  const shade = readShade(c);
  return shade !== undefined && (c.done || c.is(",", ".", ";", ")", "]", "*", "(")) ? shade : undefined;
}
