import { isPreposition } from "./target";
import { ONCE, type Node } from "./tree";
import { isStitchNoun, readStitch } from "./vocabulary";
import { CLOSER } from "./sequence-base";
import { TimesReader } from "./sequence-times";

const UNIT_AFTER_TOTAL = new Set([
  "remain",
  "remaining",
  "left",
  "overall",
  "rem",
  "total",
  "altogether",
  "now",
  "made",
  "in",
  "all",
  "each",
  "around",
  "on",
  "per",
  "stitch",
  "stitches",
  "st",
  "sts",
]);

/** Written totals: "(18)", "= 18 sts", "you should have 18", told from work in brackets. */
export abstract class TotalsReader extends TimesReader {
  /** "= 18 sts", "- 18 sts", ": 18" at the end of a round. */
  protected plainTotal(items: Node[]): boolean {
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

  protected countedTotal(items: Node[], from: number): true | undefined {
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
    if (!(c.done || c.is(".", ",", ";", ")", "]", "*", "-", "--", "(", "!", "join", "turn", "**") || unit))
      return undefined;
    if (c.is("x", "*") && c.kind(1) === "number") return undefined;
    items.push({ kind: "total", n, from, to: c.to });
    return true;
  }

  /** "= 21st" is twenty-one stitches, whatever it looks like. */
  protected totalNumber(): number | undefined {
    const { c } = this;
    if (c.kind() === "number") return c.number();
    const token = c.peek();
    if (token?.kind !== "ordinal" || !token.text.endsWith("1st")) return undefined;
    c.at++;
    return token.value;
  }

  /** "(18)", "[18 sts]", "(18 sc)", "(18 sts in total)": a written total, unless it is work in brackets. */
  protected bracketTotal(items: Node[]): boolean {
    const { c } = this;
    return (
      c.attempt(() => {
        const from = c.from;
        const close = CLOSER.get(c.text());
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
          if (
            end > 0 &&
            more.some((x) =>
              /^(space|spaces|sp|sps|loop|loops|petals|picots|arches|gaps|chain-spaces)$/.test(x.text),
            )
          )
            c.at = end;
        }
        const each = c.is("each", "per");
        while (UNIT_AFTER_TOTAL.has(c.text()) || c.is("side", "round", "rnd", ".", "leg", "row")) c.at++;
        if (!close || !c.take(close)) return undefined;
        const worked = items.some(
          (i) => i.kind === "work" || i.kind === "group" || i.kind === "evenly" || i.kind === "unknown",
        );
        if (named && (!worked || this.timesFollow())) return undefined;
        if (!noun && !worked && !this.totalsAlone) return undefined;
        if (this.timesFollow() && noun) return undefined;
        items.push({ kind: "total", n, from, to: c.to, ...(each ? { each } : {}) });
        return true;
      }) ?? false
    );
  }

  /** "(10 sc and 8 ch)" behind a round tells what it came to, kind by kind, unless it fits better as work. */
  protected listedTotal(items: readonly Node[], inside: readonly Node[], from: number): Node | undefined {
    const { c } = this;
    if (
      inside.length < 2 ||
      !(c.done || c.is(".", ",", ";", "!")) ||
      !items.some((n) => n.kind === "work" || n.kind === "group")
    )
      return undefined;
    let n = 0;
    for (const node of inside) {
      if (node.kind === "aside") continue;
      if (
        node.kind !== "work" ||
        node.times.kind !== "number" ||
        node.times.at === undefined ||
        node.op.uses > 1 ||
        node.op.offers > 1
      )
        return undefined;
      n += node.op.offers * node.times.n;
    }
    return {
      kind: "group",
      items: inside,
      times: ONCE,
      from,
      to: c.to,
      other: { kind: "total", n, from, to: c.to },
    };
  }

  protected youHave(items: Node[], from: number): boolean {
    const { c } = this;
    return (
      c.attempt(() => {
        if (c.is("for") && c.text(1) === "a" && c.text(2) === "total") c.at += 3;
        else if (c.is("you", "there", "giving", "making", "makes", "leaving", "to", "for", "this", "now")) {
          let n = 0;
          while (
            n < 6 &&
            c.kind() === "word" &&
            c.is(
              "you",
              "there",
              "should",
              "will",
              "now",
              "have",
              "be",
              "are",
              "giving",
              "making",
              "makes",
              "gives",
              "this",
              "a",
              "total",
              "of",
              "leaving",
              "to",
              "make",
              "get",
              "with",
              "end",
              "up",
              "for",
              "get",
            )
          ) {
            c.at++;
            n++;
          }
          if (n === 0) return undefined;
        } else return undefined;
        c.take("of");
        if (c.kind() !== "number" || !items.some((n) => n.kind === "work" || n.kind === "group"))
          return undefined;
        return this.countedTotal(items, from);
      }) ?? false
    );
  }

  protected workAhead(): boolean {
    const { c } = this;
    const at = c.at;
    c.number();
    const word = readStitch(c, this.terms);
    const ahead =
      word?.kind === "generic" &&
      ((isPreposition(c.text()) && !(c.is("in") && /^(total|all|the)$/.test(c.text(1)))) ||
        c.is("even", "around"));
    c.at = at;
    return ahead;
  }
}
