import { isRoundWord } from "./labels";
import { readReach } from "./target";
import { ONCE, type Node, type Times } from "./tree";
import { MAX_REPEAT } from "./limits";
import { Reading, type Close, CLOSER, SEPARATOR, REPEAT } from "./sequence-base";

/** Repeats: "* … *, rep 6 times", "x 5", "repeat around", and how often that is. */
export abstract class TimesReader extends Reading {
  protected abstract sequence(close: Close, depth: number): Node[];

  protected limited(times: Times): Times {
    if (times.kind === "number" && times.n > MAX_REPEAT) {
      this.report(times.at ?? { from: this.c.to, to: this.c.to }, {
        code: "too-large",
        what: "repeat",
        limit: MAX_REPEAT,
      });
      return { ...times, n: MAX_REPEAT };
    }
    return times;
  }

  /** A count behind something: "x 6", "* 6", "6 times", "6x", "twice", "around", "to last 2 sts", "5 more times". */
  protected timesAfter(): { times: Times; more?: boolean } | undefined {
    const { c } = this;
    if (c.done || (c.kind() === "mark" && !c.is("*", ",")) || (c.is("*") && this.inStar)) return undefined;
    return c.attempt(() => {
      if (c.is(",") && /^(twice|thrice)$/.test(c.text(1))) c.at++;
      if (c.take("twice")) return { times: { kind: "number" as const, n: 2 }, more: c.take("more") && true };
      if (c.take("thrice")) return { times: { kind: "number" as const, n: 3 } };
      if (c.take("once")) return { times: { kind: "number" as const, n: 1 }, more: c.take("more") };
      const sign =
        c.take("x", "*", "times") ||
        (c.is("a", "for", "another") && c.kind(1) === "number" && c.take("a", "for", "another"));
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
        return {
          times: { kind: "number" as const, n, at: { from: token.from, to: token.to } },
          more: more1 || more2 || another,
        };
      }
      const reach = readReach(c);
      return reach ? { times: reach } : undefined;
    });
  }

  protected timesFollow(): boolean {
    const at = this.c.at;
    const follows = this.timesAfter() !== undefined;
    this.c.at = at;
    return follows;
  }

  /** "(sc, inc) 6": a number alone behind a bracket, when nothing that it could count follows it. */
  protected bareCount(): { times: Times; more?: boolean } | undefined {
    const { c } = this;
    return c.attempt(() => {
      const token = c.peek();
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined || !token) return undefined;
      return c.done || c.is(",", ".", ";", "(", "[", "=", ")", "]", "*")
        ? { times: { kind: "number" as const, n, at: { from: token.from, to: token.to } } }
        : undefined;
    });
  }

  protected skipRepeatReference(): boolean {
    const { c } = this;
    let referred = false;
    for (;;) {
      if (c.is("*")) {
        c.at++;
        referred = true;
      } else if (
        c.is(
          "from",
          "between",
          "to",
          "the",
          "this",
          "these",
          "that",
          "asterisk",
          "asterisks",
          "star",
          "stars",
          "sequence",
          "section",
          "pattern",
          "brackets",
          "bracketed",
          "parentheses",
          "beginning",
          "beg",
          "instructions",
          "within",
          "inside",
          "of",
          "s",
        ) &&
        !(c.is("to") && c.is("to") && /^(end|last|the)$/.test(c.text(1)))
      ) {
        if (c.is("asterisk", "star", "from", "between")) referred = true;
        c.at++;
      } else return referred;
    }
  }

  /** "rep 6 times", "repeat around", "rep from * 5 more times" right behind a closed repeat. */
  protected attemptRepeatTimes(): { times: Times; more?: boolean; ambiguous?: boolean } | undefined {
    const { c } = this;
    return c.attempt(() => {
      if (!REPEAT.has(c.text())) return undefined;
      c.at++;
      this.skipRepeatReference();
      return this.timesAfter() ?? this.bareCount();
    });
  }

  protected star(items: Node[], stars: { index: number; from: number }[]): void {
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

  protected repeat(items: Node[], stars: { index: number; from: number }[]): void {
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
    const times =
      this.timesAfter() ??
      this.bareCount() ??
      (referred &&
      stars.length > 0 &&
      (c.done || SEPARATOR.has(c.text()) || CLOSER.get(c.text()) !== undefined)
        ? { times: { kind: "around" as const } }
        : undefined);
    if (!times) {
      if (this.untilLength(from))
        items.push({ kind: "event", event: { kind: "length-asked" }, from, to: c.to });
      else this.report({ from, to: c.to }, { code: "number-asked", text: this.words(from, c.to) });
      return;
    }
    if (
      c.is(":") &&
      stars.length === 0 &&
      times.times.kind === "number" &&
      !items.some((n) => n.kind === "work" || n.kind === "group")
    ) {
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
      this.pushGroup(items, inside, open.from, {
        ...times,
        ambiguous: referred && !times.more && times.times.kind === "number",
      });
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
  protected keepGoing(items: Node[]): void {
    const { c } = this;
    c.at += 2;
    const start = items.findIndex((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch"));
    const inside = items.splice(start);
    this.pushGroup(items, inside, inside[0]?.from ?? c.from, { times: { kind: "around" } });
  }

  protected pushGroup(
    items: Node[],
    within: readonly Node[],
    from: number,
    t: { times: Times; more?: boolean; ambiguous?: boolean },
    once = false,
  ): void {
    if (within.length === 0) return;
    if (
      !within.some(
        (n) =>
          n.kind === "work" ||
          n.kind === "group" ||
          n.kind === "evenly" ||
          n.kind === "skip" ||
          n.kind === "unknown",
      )
    ) {
      // "*(18)*": stars for emphasis hold no work.
      items.push(...within);
      return;
    }
    const inside = this.hung(
      within,
      !once || items.some((n) => n.kind === "group" || (n.kind === "work" && n.op.stitch !== "ch")),
    );
    const to = this.c.to;
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

  protected untilLength(from: number): boolean {
    const { c } = this;
    if (!c.is("until", "till", "til", "for", "to")) return false;
    while (!c.done && !c.is(".", ";", ",")) c.at++;
    this.report({ from, to: c.to }, { code: "number-asked", text: this.words(from, c.to) }, "note");
    return true;
  }
}
