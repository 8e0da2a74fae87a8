import type { Cursor } from "./cursor";
import { readColourChange, readShade } from "./colours";
import { readEvent, startsEvent } from "./events";
import { isRoundWord } from "./labels";
import { MAX_NESTING } from "./limits";
import { stitchInto } from "./operations";
import { noTarget, readLoopPhrase, readRing, readTarget } from "./target";
import { ONCE, type Node } from "./tree";
import { isStitchNoun, nearestStitchWord } from "./vocabulary";
import { type Close, CLOSER, SEPARATOR, REPEAT, withLoops, spanOf, readStitchAhead } from "./sequence-base";
import { StructureReader } from "./sequence-structure";

export { type Blocks, type Found } from "./sequence-base";

const LEAD = new Set([
  "work",
  "make",
  "crochet",
  "do",
  "working",
  "place",
  "you",
  "begin",
  "start",
  "with",
  "starting",
  "beginning",
  "continue",
  "next",
  "a",
  "the",
  "by",
  "making",
  "evenly",
  "put",
  "just",
  "only",
]);
const COMMON = new Set(["sc", "inc", "dec", "invdec", "hdc", "increase", "decrease", "sc2tog"]);
const PROSE =
  /\b(marker|mark|note|side|row|round|rnd|piece|cm|mm|inch|left|right|beginning|start|continue|spiral|tail|hook|now|this|here|leg|arm|head|body|ear|opening|middle|count|facing)s?\b/;

/**
 * Reads the words of one round into a tree. Total: what it cannot read becomes an `unknown` or
 * `aside` node and a finding, and reading goes on behind it. Linear in the tokens but for the
 * attempts at phrases, which look a bounded number of tokens ahead.
 */
export class SequenceReader extends StructureReader {
  read(): readonly Node[] {
    const nodes = this.hung(this.sequence("end", 0), false);
    this.endsInIncrease(nodes);
    return nodes;
  }

  /** "The round ends in an increase" holds only for rounds that increase last (trade guide §2.5). */
  protected endsInIncrease(nodes: readonly Node[]): void {
    const { tokens } = this.c;
    const at = tokens.findIndex(
      (t, i) =>
        (t.text === "ends" || t.text === "ending" || t.text === "end") &&
        /^(in|with|on)$/.test(tokens[i + 1]?.text ?? "") &&
        tokens.slice(i + 2, i + 4).some((x) => /^(inc|increase)$/.test(x.text)),
    );
    const said = tokens[at];
    if (!said) return;
    let last: Node | undefined = nodes.findLast(
      (n) => (n.kind === "work" && n.from < said.from) || n.kind === "group",
    );
    while (last?.kind === "group") last = last.items.findLast((n) => n.kind === "work" || n.kind === "group");
    if (last?.kind === "work" && last.op.increases === 0)
      this.report(
        { from: said.from, to: tokens[Math.min(tokens.length - 1, at + 3)]?.to ?? said.to },
        { code: "not-increase-last", ends: last.op.name },
        "warning",
      );
  }

  protected sequence(close: Close, depth: number): Node[] {
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
      } else if (REPEAT.has(c.text()) || (c.is("do", "work") && /^(this|these|that)$/.test(c.text(1))))
        this.repeat(items, stars);
      else if (
        c.is("keep", "carry") &&
        /^(going|on|repeating)$/.test(c.text(1)) &&
        items.some((n) => n.kind === "work")
      )
        this.keepGoing(items);
      else if (c.is("-", "--", ":") && this.plainTotal(items)) continue;
      else if (SEPARATOR.has(c.text())) c.at++;
      else this.item(items, depth, close);
      if (c.at === before) c.at++;
    }
    const open = stars.pop();
    if (open) this.report({ from: open.from, to: open.from + 1 }, { code: "unclosed-bracket", bracket: "*" });
    return items;
  }

  protected bracket(items: Node[], depth: number): void {
    const { c } = this;
    const opener = c.peek();
    if (!opener) return;
    const close = CLOSER.get(opener.text) ?? ")";
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
    const worked = inside.some(
      (n) => n.kind === "work" || n.kind === "group" || n.kind === "evenly" || n.kind === "skip",
    );
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
    if (!worked) {
      items.push(...inside.filter((n) => n.kind !== "total"));
      return;
    }
    const mixed = c.attempt(() => this.mixed(inside));
    if (mixed) {
      const times = this.timesAfter();
      items.push({
        kind: "work",
        op: mixed.op,
        times: times ? this.limited(times.times) : mixed.times,
        from: opener.from,
        to: c.to,
      });
      return;
    }
    c.attempt(() => {
      const t = noTarget();
      return readTarget(c, t) && t.loops && !t.place ? ((this.loops = t.loops), true) : undefined;
    });
    const times =
      this.timesAfter() ??
      (c.is(",", ";") ? c.attempt(() => (c.at++, this.attemptRepeatTimes())) : this.attemptRepeatTimes()) ??
      this.bareCount();
    const listed =
      times === undefined && depth === 0 ? this.listedTotal(items, inside, opener.from) : undefined;
    if (listed) {
      items.push(listed);
      return;
    }
    this.pushGroup(items, inside, opener.from, times ?? { times: ONCE }, times === undefined);
    c.attempt(() => {
      const t = noTarget();
      if (!readTarget(c, t) || !t.loops) return undefined;
      const group = items[items.length - 1];
      if (group?.kind === "group")
        items[items.length - 1] = {
          ...group,
          items: group.items.map((n) => withLoops(n, t.loops ?? "both")),
        };
      return true;
    });
  }

  /** "dec (x6)", "inc (6 times)": the bracket says how often. */
  protected bracketedTimes(items: Node[], close: string): boolean {
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
  protected bracketedRounds(close: string): boolean {
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

  protected item(items: Node[], depth: number, close: Close): void {
    const { c } = this;
    const from = c.from;
    if (CLOSER.get(c.text()) !== undefined) {
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
    if (
      c.kind() === "number" &&
      items.length > 0 &&
      (isStitchNoun(c.text(1)) ||
        (close === "end" &&
          (c.at === c.tokens.length - 1 ||
            (/^(now|left|remain|remaining|total|altogether|overall)$/.test(c.text(1)) &&
              /^([.;)!]?|end)$/.test(c.text(2)))))) &&
      !this.workAhead() &&
      this.plainTotal(items)
    )
      return;
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
      return s !== undefined &&
        (c.is(":", "-", ",", ")", ".", "]", "}") ||
          c.done ||
          c.kind() === "number" ||
          readStitchAhead(c, this.terms))
        ? s
        : undefined;
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
      else if (last?.kind === "work" && c.done)
        items[items.length - 1] = { ...last, op: { ...last.op, loops } };
      return;
    }
    if (
      c.is("until", "till", "til") ||
      (c.is("for") && c.kind(1) === "number" && /^(cm|mm|in|inch|inches)$/.test(c.text(2)))
    ) {
      if (this.untilLength(from))
        items.push({ kind: "event", event: { kind: "length-asked" }, from, to: c.to });
      return;
    }
    if (this.tools(items, from) || this.block(items, from) || this.layersBehind(items)) return;
    if (this.work(items, from)) return;
    if (LEAD.has(c.text()) && this.lead(items, depth, close)) return;
    this.prose(items, from, close);
  }

  /** "work 6 sc", "make 2 sc in the next st": the verb adds nothing. */
  protected lead(items: Node[], depth: number, close: Close): boolean {
    const { c } = this;
    const from = c.at;
    while (LEAD.has(c.text())) c.at++;
    if (
      CLOSER.get(c.text()) !== undefined ||
      c.kind() === "number" ||
      readStitchAhead(c, this.terms) ||
      readRingAhead(c)
    ) {
      this.item(items, depth, close);
      return true;
    }
    if (c.is("even") || c.is("around")) return this.work(items, c.from);
    c.at = from;
    return false;
  }

  /** "sc, inc, 5 times": all of it so often, or only the last of it. */
  protected timesOfAll(items: Node[], from: number): boolean {
    const { c } = this;
    const sign = c.is("x") && c.kind(1) === "number" && !c.legend.has("x");
    if (
      !(sign || (c.kind() === "number" && /^(times|time)$/.test(c.text(1)))) ||
      !/^[,;]$/.test(c.tokens[c.at - 1]?.text ?? "")
    )
      return false;
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    if (
      start < 0 ||
      (CLOSER.get(c.text(2)) !== undefined &&
        !(c.kind(3) === "number" && (isStitchNoun(c.text(4)) || /^[)\]}]$/.test(c.text(4)))))
    )
      return false;
    const times = this.timesAfter();
    if (times?.times.kind !== "number") return false;
    const number = this.limited(times.times);
    const all = items.splice(start);
    const last = all[all.length - 1] as Node;
    const span = { from: all[0]?.from ?? from, to: c.to };
    const lastOnly: Node = {
      kind: "group",
      items: [
        ...all.slice(0, -1),
        { kind: "group", items: [last], times: number, from: last.from, to: c.to },
      ],
      times: ONCE,
      ...span,
    };
    items.push({
      kind: "group",
      items: all,
      times: number,
      ...span,
      ...(all.length > 1 ? { other: lastOnly } : {}),
    });
    return true;
  }

  /** Terse hands leave "sc" out: "[2, inc] x6", "R5: 24 - 24". */
  protected bareNumber(items: Node[], from: number, close: Close): boolean {
    const { c } = this;
    const token = c.peek();
    if (token?.kind !== "number" || !Number.isInteger(token.value)) return false;
    const inBracket =
      close !== "end" &&
      ((c.is(...[token.text]) && c.text(1) === "," && !/^\d/.test(c.text(2))) ||
        (c.text(1) === close && items.some((n) => n.kind === "work")));
    const alone =
      close === "end" &&
      items.length === 0 &&
      c.at === 0 &&
      /^(-|--|=|\(|\[)$/.test(c.text(1)) &&
      c.kind(2) === "number" &&
      (c.at + 3 >= c.tokens.length || /^[)\].]$/.test(c.text(3)) || isStitchNoun(c.text(3)));
    if (!inBracket && !alone) return false;
    c.at++;
    items.push({
      kind: "work",
      op: stitchInto("sc", 1, "next", this.loops),
      times: this.limited({ kind: "number", n: token.value, at: spanOf(token) }),
      from,
      to: c.to,
    });
    return true;
  }

  protected colourTail(): void {
    const { c } = this;
    c.attempt(() => {
      // "change to white in the last stitch", "change to white on last yarn over": the words say when, not what to work.
      if (!c.is("in", "on", "at", "for", "before", "when")) return undefined;
      if (c.is("for") || readStitchAhead(c, this.terms)) return undefined;
      while (!c.done && !c.is(",", ".", ";", ":", "(", "[", ")")) c.at++;
      return true;
    });
  }

  protected event(items: Node[], from: number, close: Close): void {
    const { c } = this;
    let end = Math.max(this.chunkEnd(close, false), c.at + 1);
    // "close it with 8 sc through both sides": what comes behind "with" is worked.
    for (let i = c.at + 1; i < end - 2; i++) {
      if (
        !/^(with|by|using|working)$/.test(c.tokens[i]?.text ?? "") ||
        c.tokens[i + 1]?.kind !== "number" ||
        !this.workAt(i + 1)
      )
        continue;
      end = i + 1;
    }
    const event = readEvent(c, end);
    c.at = end;
    items.push(event ? { kind: "event", event, from, to: c.to } : { kind: "aside", from, to: c.to });
  }

  protected prose(items: Node[], from: number, close: Close): void {
    const { c } = this;
    const start = c.at;
    const end = Math.max(this.chunkEnd(close, true), start + 1);
    const words = c.tokens.slice(start, end);
    c.at = end;
    const first = words[0];
    const letters = words.filter((t) => t.kind === "word");
    const lone = letters.length === 1 ? letters[0] : undefined;
    const near = letters
      .slice(0, 3)
      .map((t) => ({ t, near: nearestStitchWord(t.text) }))
      .find((x) => x.near !== undefined && x.near !== x.t.text);
    const counted = words.some((t) => t.kind === "number");
    if (near && (counted || letters.length <= 2)) {
      this.report(near.t, {
        code: "unknown-word",
        word: c.source.slice(near.t.from, near.t.to),
        near: near.near,
      });
      items.push({ kind: "unknown", word: near.t.text, from, to: c.to });
    } else if (lone && first && (counted || words.length === 1)) {
      this.report(
        lone,
        { code: "unknown-word", word: c.source.slice(lone.from, lone.to), near: undefined },
        "error",
        counted && !(c.done && first.kind === "number" && words.length === 2) ? "number" : "word",
      );
      items.push({ kind: "unknown", word: lone.text, from, to: c.to });
    } else if (
      letters.length === 0 ||
      (counted && letters.length <= 3 && !PROSE.test(letters.map((t) => t.text).join(" ")))
    ) {
      this.report(
        { from, to: c.to },
        { code: "not-understood", text: this.words(from, c.to) },
        "error",
        counted ? "number" : "word",
      );
      items.push({ kind: "unknown", word: "", from, to: c.to });
    } else items.push({ kind: "aside", from, to: c.to });
  }
}

function readRingAhead(c: Cursor): boolean {
  const at = c.at;
  const ring = readRing(c);
  c.at = at;
  return ring;
}
