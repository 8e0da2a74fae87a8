import { operationOf, stitchInto, stitchTogether } from "../operations";
import { readRing, readTarget, noTarget } from "../target";
import { ONCE, type Node } from "../tree";
import { readStitch } from "../vocabulary";
import { COST } from "./costs";
import { sumBehind } from "./times";
import { NONE, words, type Phrase } from "./phrase";

const LEAD = words(
  "make making create creating start begin form forming by with a an using into in inside to work working",
);

/** "Magic ring", "make an adjustable loop", "MR 6", "into a magic ring:". */
export const ring: Phrase = {
  name: "ring",
  starts: words(
    "make create start begin form a an with using into in inside magic adjustable mr mc ml amr sliding double work ring",
  ),
  read(c) {
    const from = c.from;
    let led = 0;
    while (LEAD.has(c.text()) && led < 4) {
      c.at++;
      led++;
    }
    const at = c.at;
    if (!readRing(c)) return NONE;
    // "ring" alone is only one behind "in": "ring finger", "the ring of the hull".
    const counted = c.is("of", "with") && c.kind(1) === "number";
    if (c.at === at + 1 && c.tokens[at]?.text === "ring" && led === 0 && !c.done && !counted) return NONE;
    c.attempt(() => (c.take("(") && readRing(c) && c.take(")") ? true : undefined));
    c.take("with", ":", "of", "and");
    const nodes: Node[] = [{ kind: "start", start: "ring", chains: 0, from, to: c.to }];
    // "6 sc mr - 6": the stitches stand before it, and the number is what they come to.
    if (led === 0 && /^(?:sc|hdc|dc|htr|tr|sts?|stitches)$/.test(c.tokens[at - 1]?.text ?? ""))
      return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes } }];
    // "MR 6", "magic ring, 6": the number alone is single crochet.
    c.attempt(() => {
      c.take(",", "x", "-", ":", "(");
      const opened = c.tokens[c.at - 1]?.text === "(";
      const token = c.peek();
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined || !token || !Number.isInteger(n)) return undefined;
      if (opened) return undefined;
      if (!(
        c.done ||
        sumBehind(c) ||
        c.is("(", "[", "{", "=", ".", ";", "-", "--", ",", "|", "~", "/", "<", "\n", "\u2026", "**", "]", ")")
      ))
        return undefined;
      const times = { kind: "number" as const, n, at: { from: token.from, to: token.to } };
      nodes.push({ kind: "work", op: stitchInto("sc", 1, "ring"), times, from: token.from, to: token.to });
      return true;
    });
    return [{ to: c.at, cost: COST.phrase, piece: { kind: "nodes", nodes } }];
  },
  examples: [
    ["Make a magic ring", "ring"],
    ["MR 6", "ring, 6 sc"],
    ["in an adjustable loop", "ring"],
  ],
};

/** "Pick up 18 sts along the neck": stitches made on the edge of what is there. */
export const pickUp: Phrase = {
  name: "pick up",
  starts: words("pick"),
  read(c, x) {
    const from = c.from;
    if (c.text(1) !== "up") return NONE;
    c.at += 2;
    c.take("and");
    c.take("work", "crochet", "sc");
    const token = c.peek();
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !token || !Number.isInteger(n)) return NONE;
    const word = readStitch(c, x.terms);
    const generic = word?.kind === "generic" || (word === undefined && c.take("loop", "loops"));
    if (!word && !generic) return NONE;
    while (!c.done && !c.is(",", ".", ";", "(", "[", "=", "\n", "{")) c.at++;
    const stitch = word?.kind === "plain" ? word.stitch : "sc";
    const op = {
      ...stitchInto(stitch, 1, "part"),
      uses: 0,
      part: "",
      ...(generic ? { lifted: true as const } : {}),
    };
    const times = { kind: "number" as const, n, at: { from: token.from, to: token.to } };
    return [
      {
        to: c.at,
        cost: COST.phrase,
        piece: { kind: "nodes", nodes: [{ kind: "work", op, times, from, to: c.to }] },
      },
    ];
  },
  examples: [["pick up 18 sts around the neck", "18 sc, part"]],
};

/**
 * "Draw up a loop in each of the next 2 sts, yarn over and draw through all": stitches drawn together, told
 * by hand.
 */
export const drawUp: Phrase = {
  name: "draw up",
  starts: words("draw pull insert put"),
  read(c, x) {
    const from = c.from;
    const node = (op: ReturnType<typeof stitchInto>) => [
      {
        to: c.at,
        cost: COST.phrase,
        piece: {
          kind: "nodes" as const,
          nodes: [{ kind: "work" as const, op, times: ONCE, from, to: c.to }],
        },
      },
    ];
    if (c.is("insert", "put")) {
      if (!/^(hook|your)$/.test(c.text(1))) return NONE;
      // "insert hook in front loops of next two sts and make a decrease": the stitch that comes of it is
      // named at the end.
      for (let i = c.at + 2; i < Math.min(c.tokens.length, c.at + 30); i++) {
        if (/^[.;([]$/.test(c.tokens[i]?.text ?? "")) return NONE;
        if (c.tokens[i]?.kind !== "word") continue;
        const start = c.at;
        c.at = i;
        const word = readStitch(c, x.terms);
        if (word?.kind === "dec" || word?.kind === "inc") return node(operationOf(word, "both"));
        c.at = start;
      }
      return NONE;
    }
    c.at++;
    if (!c.take("up")) return NONE;
    c.take("a", "1");
    if (!c.take("loop", "lp")) return NONE;
    const t = noTarget();
    readTarget(c, t);
    const legs = t.n ?? (c.is("twice") ? 2 : undefined);
    if (legs === undefined || legs < 2 || legs > 12) return NONE;
    while (!c.done && !(c.is("tog", "made", "*", "rep", "repeat", "(", "[", ";") || c.text().endsWith("tog")))
      c.at++;
    if (c.text().endsWith("tog")) c.at++;
    c.take("made");
    return node(stitchTogether("sc", legs, t.loops ?? "both"));
  },
  examples: [],
};
