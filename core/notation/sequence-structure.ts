import { leavesStitches, startsEvent } from "./events";
import { hangBlock } from "./hanging";
import { operationOf, stitchInto, stitchTogether } from "./operations";
import { readLayers, readPartNamed } from "./pickups";
import { noTarget, readRing, readTarget } from "./target";
import { ONCE, type Node, type Operation } from "./tree";
import { isStitchNoun, readStitch } from "./vocabulary";
import { REPEAT, spanOf, readStitchAhead } from "./sequence-base";
import { WorkReader } from "./sequence-work";

/** What gives a round its shape beside stitches: joins, turns, chains left free, named blocks, strands and hooks. */
export abstract class StructureReader extends WorkReader {
  /** Starts, joins, turns, skips, the far side of a chain, stitches left. */
  protected structure(items: Node[], from: number): boolean {
    const { c } = this;
    if (c.kind() === "mark") return false;
    const push = (node: Node): true => (items.push(node), true);
    const at = c.at;
    const worked = items.some((n) => (n.kind === "work" && n.op.stitch !== "ch") || n.kind === "group");
    if (c.is("join", "joining")) {
      while (
        !c.done &&
        !c.is(".", ";", ",", "(", "[", ")", "]", "=") &&
        !(c.is("and", "then") && this.joinedWork())
      ) {
        const part = c.attempt(() => readPartNamed(c));
        if (part !== undefined) this.lastPart = part;
        else c.at++;
      }
      const words = c.tokens.slice(at, c.at).map((t) => t.text);
      const joining = this.joinedBy(at, from);
      if (joining) return push(joining);
      if (words.includes("yarn") || words.some((w) => w === "new"))
        return push({ kind: "aside", from, to: c.to });
      const ring = words.includes("ring") || words.includes("circle");
      return push(
        ring && !worked
          ? { kind: "start", start: "chain-ring", chains: this.chainsBefore(items), from, to: c.to }
          : { kind: "join", from, to: c.to },
      );
    }
    if (c.is("pick") && c.text(1) === "up" && c.kind(2) === "number") {
      const made = c.attempt(() => {
        c.at += 2;
        const token = c.peek();
        const n = c.number();
        const word = n === undefined ? undefined : readStitch(c, this.terms);
        const generic = word?.kind === "generic" || (word === undefined && c.take("loop", "loops"));
        if (n === undefined || !token || (!word && !generic)) return undefined;
        while (!c.done && !c.is(",", ".", ";", "(", "[", "=")) c.at++;
        // "pick up 18 sts, 18 sc": lifting loops is said first and the stitches after it.
        const stitch = word && word.kind === "plain" ? word.stitch : "sc";
        items.push({
          kind: "work",
          op: {
            ...stitchInto(stitch, 1, "part", this.loops),
            uses: 0,
            part: "",
            ...(generic ? { lifted: true as const } : {}),
          },
          times: this.limited({ kind: "number", n, at: spanOf(token) }),
          from,
          to: c.to,
        });
        return true;
      });
      if (made) return true;
    }
    const drawn = c.attempt(() => {
      if (!(c.take("draw", "pull") && c.take("up"))) return undefined;
      c.take("a", "1");
      if (!c.take("loop", "lp")) return undefined;
      const t = noTarget();
      readTarget(c, t);
      const legs = t.n ?? (c.is("twice") ? 2 : undefined);
      if (legs === undefined || legs < 2 || legs > 12) return undefined;
      while (
        !c.done &&
        !(c.is("tog", "made") || c.text().endsWith("tog") || c.text() === "*" || REPEAT.has(c.text()))
      ) {
        if (c.is("(", "[", ";")) break;
        c.at++;
      }
      if (c.text().endsWith("tog")) c.at++;
      c.take("made");
      return (
        items.push({
          kind: "work",
          op: stitchTogether("sc", legs, t.loops ?? this.loops),
          times: ONCE,
          from,
          to: c.to,
        }),
        true
      );
    });
    if (drawn) return true;
    if (c.is("insert", "put") && /^(hook|your)$/.test(c.text(1))) {
      // "insert hook in front loops of next two sts and make a decrease": the stitch that comes of it is named at the end.
      const end = this.chunkEnd("end", true);
      for (let i = c.at + 2; i < end; i++) {
        const start = c.at;
        c.at = i;
        const word = c.kind() === "word" ? readStitch(c, this.terms) : undefined;
        if (word?.kind === "dec" || word?.kind === "inc")
          return push({ kind: "work", op: operationOf(word, this.loops), times: ONCE, from, to: c.to });
        c.at = start;
      }
    }
    if (c.take("turn", "turning")) return push({ kind: "turn", from, to: c.to });
    if (
      c.is("do", "don't", "without", "not") &&
      /^(not|turn|join|joining|turning|turned)$/.test(c.text(1)) &&
      !startsEvent(c)
    ) {
      while (!c.done && !c.is(".", ";", ",", "(", ")", "[")) c.at++;
      return push({ kind: "aside", from, to: c.to });
    }
    if (c.is("skip", "sk", "miss", "skipping", "missing") || (c.is("m") && c.kind(1) === "number")) {
      c.at++;
      c.take("the", "over", "all");
      const first = c.is("first");
      c.take("next", "first", "last");
      if (
        c.kind() === "word" &&
        !isStitchNoun(c.text()) &&
        !c.is("ch", "chs", "sc", "dc", "hdc", "chain", "chains", "a", "one", "space") &&
        readStitch(c, this.terms) === undefined
      ) {
        // "skipping the legs": told to help the eye.
        c.at = this.chunkEnd("end", false);
        return push({ kind: "aside", from, to: c.to });
      }
      const n = c.number() ?? 1;
      c.take("the", "next");
      if (isStitchNoun(c.text()) || c.is("ch", "chs", "sc", "dc", "hdc", "chain", "chains")) c.at++;
      c.attempt(() => (c.take("around") ? true : undefined));
      return push({ kind: "skip", n, from, to: c.to, ...(first ? { first } : {}) });
    }
    if (c.is("leave", "leaving") && leavesStitches(c)) {
      while (!c.done && !c.is(".", ";", ",", "(", "[", ")")) c.at++;
      return push({ kind: "leave", from, to: c.to });
    }
    if (c.is("rest", "remaining") && /^(unworked|of|sts|stitches|st)$/.test(c.text(1))) {
      while (!c.done && !c.is(".", ";", ",", "(", "[", ")")) c.at++;
      return push({ kind: "leave", from, to: c.to });
    }
    const otherSide = c.attempt(() => {
      let n = 0;
      let side = false;
      while (n < 14 && !c.done && !c.is(":", ",", ".", ";", "(", "[")) {
        if (c.is("side") && /^(other|opposite|second|second|back)$/.test(c.tokens[c.at - 1]?.text ?? ""))
          side = true;
        if (c.is("underside", "bottom")) side = true;
        if (
          c.kind() === "number" ||
          (readStitchAhead(c, this.terms) && !c.is("chain", "ch", "single", "double", "half", "treble"))
        )
          break;
        c.at++;
        n++;
      }
      return side ? true : undefined;
    });
    if (otherSide) return push({ kind: "other-side", from, to: c.to });
    if (
      this.c.is(
        "make",
        "create",
        "start",
        "begin",
        "form",
        "a",
        "with",
        "using",
        "into",
        "in",
        "magic",
        "adjustable",
        "mr",
        "mc",
        "ml",
        "sliding",
        "double",
      )
    ) {
      const ring = c.attempt(() => {
        while (c.is("make", "create", "start", "begin", "form", "with", "a", "an", "using", "into", "in"))
          c.at++;
        return readRing(c) ? true : undefined;
      });
      if (ring) {
        c.take("with", ":", "of");
        push({ kind: "start", start: "ring", chains: 0, from, to: c.to });
        // "MR 6", "magic ring, 6": the number alone is single crochet.
        c.attempt(() => {
          c.take(",", "x", "-");
          const token = c.peek();
          const n = c.kind() === "number" ? c.number() : undefined;
          if (n === undefined || !token || !(c.done || c.is("(", "[", "=", ".", ";", "-", "--", ",")))
            return undefined;
          items.push({
            kind: "work",
            op: stitchInto("sc", 1, "ring", this.loops),
            times: this.limited({ kind: "number", n, at: spanOf(token) }),
            from: token.from,
            to: token.to,
          });
          return true;
        });
        return true;
      }
    }
    return false;
  }

  /** "join to the leg and work 12 sc around it": behind the "and" something is worked. */
  protected joinedWork(): boolean {
    const { c } = this;
    let i = c.at + 1;
    while (/^(then|work|crochet|make)$/.test(c.text(i - c.at))) i++;
    return c.kind(i - c.at) === "number" && this.workAt(i);
  }

  /** "join to the first leg with a sc": a stitch that ties another part on. */
  protected joinedBy(at: number, from: number): Node | undefined {
    const { c } = this;
    const end = c.at;
    for (let i = at + 1; i < end - 1; i++) {
      if (c.tokens[i]?.text !== "with" && c.tokens[i]?.text !== "by") continue;
      c.at = i + 1;
      c.take("a", "an", "one", "1");
      const word = readStitch(c, this.terms);
      c.at = end;
      if (word?.kind !== "plain" || word.stitch === "slst" || word.stitch === "ch") return undefined;
      c.at = at + 1;
      const t = noTarget();
      readTarget(c, t);
      c.at = end;
      return t.part === undefined
        ? undefined
        : {
            kind: "work",
            op: { ...stitchInto(word.stitch, 1, "part", this.loops), uses: 1, part: t.part },
            times: ONCE,
            from,
            to: c.to,
          };
    }
    return undefined;
  }

  /** "8 sc, each through both sides": said behind the stitches. */
  protected layersBehind(items: Node[]): boolean {
    const { c } = this;
    const last = items[items.length - 1];
    if (last?.kind !== "work" || last.op.layers !== undefined || last.op.into !== "next") return false;
    const caught = c.attempt(
      () => (c.take("each", "all", "always", "every"), c.take("time", "one", "st"), readLayers(c)),
    );
    if (!caught) return false;
    const op: Operation = { ...last.op, layers: 2, ...(caught.length > 0 ? { caught } : {}) };
    items[items.length - 1] = { ...last, op, other: { ...last, op: { ...op, uses: 2 } } };
    return true;
  }

  /** Strands held together and hooks changed: they matter for yarn and size, not for the count. */
  protected tools(items: Node[], from: number): boolean {
    const { c } = this;
    const node = c.attempt((): Node | undefined => {
      c.take(
        "hold",
        "holding",
        "with",
        "using",
        "use",
        "work",
        "working",
        "change",
        "switch",
        "changing",
        "go",
        "back",
        "to",
        "split",
      );
      c.take("to", "back", "with");
      c.take("the", "a", "an", "to", "only");
      if (c.is("yarn", "thread") && /^(held|doubled|double|single)$/.test(c.text(1))) c.at++;
      if (c.is("doubled", "double") && /^(yarn|strand|strands|thread)$/.test(c.text(1)))
        return ((c.at += 2), this.rest(), { kind: "strands", n: 2, from, to: c.to });
      if (c.is("held", "doubled") && (c.text(1) === "double" || c.is("doubled")))
        return (c.at++, c.take("double"), { kind: "strands", n: 2, from, to: c.to });
      if (c.is("single") && /^(strand|yarn|thread)$/.test(c.text(1)))
        return ((c.at += 2), this.rest(), { kind: "strands", n: 1, from, to: c.to });
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined) return undefined;
      if (c.is("strand", "strands", "thread", "threads", "ply", "plies") && n >= 1 && n <= 12)
        return (c.at++, this.rest(), { kind: "strands", n, from, to: c.to });
      if (c.take("mm") && c.take("hook")) return { kind: "hook", mm: n, from, to: c.to };
      return undefined;
    });
    if (!node) return false;
    items.push(node);
    return true;
  }

  /** "… held together", "… of the yarn": what is left of a phrase about strands. */
  protected rest(): void {
    const { c } = this;
    while (c.is("held", "together", "of", "the", "yarn", "double", "only", "at", "once", "split", "from"))
      c.at++;
  }

  /** "arm", "make a ray", "work leg": a block that was given before under its name. */
  protected block(items: Node[], from: number): boolean {
    const { c } = this;
    if (this.blocks.size === 0) return false;
    const found = c.attempt(() => {
      const n = c.kind() === "number" ? c.number() : undefined;
      c.take("make", "work", "do", "add", "grow");
      c.take("a", "an", "one", "the", "another", "1");
      for (let length = 3; length >= 1; length--) {
        const words = c.tokens
          .slice(c.at, c.at + length)
          .map((t) => t.text)
          .join(" ");
        const nodes = this.blocks.get(words) ?? this.blocks.get(words.replace(/s$/, ""));
        if (!nodes) continue;
        c.at += length;
        return { nodes, words, n };
      }
      return undefined;
    });
    if (!found) return false;
    const times =
      found.n !== undefined
        ? { times: { kind: "number" as const, n: found.n } }
        : (this.timesAfter() ?? { times: { kind: "number" as const, n: 1 } });
    items.push({
      kind: "group",
      items: hangBlock(found.nodes),
      times: this.limited(times.times),
      block: found.words,
      from,
      to: c.to,
    });
    return true;
  }
}
