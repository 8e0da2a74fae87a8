import { MAX_MAKE } from "../limits";
import { operationsOf } from "../surroundings";
import type { Token } from "../tokens";
import type { Node, PatternEvent } from "../tree";

/** A cord that the making-up tells of: what it is called, how many there are, and the chains of one. */
export interface CordTold {
  readonly name: string;
  readonly make: number;
  readonly chain: number;
}

const CHAIN = /^(?:ch|chs|chain|chains|chaining)$/;
/** Between the word and the number: "a chain of about 40", "a chain that is 30 sts long", "ch-20". */
const BETWEEN = /^(?:of|about|approx|approximately|-|:|that|is|=|~)$/;
/** What such a thing is called, as its part would be named where it had one; a verb names a loop. */
const NAMES: ReadonlyMap<string, string> = new Map([
  ...["loop", "loops", "hang", "hangs", "hanging", "hung"].map((w) => [w, "Loop"] as const),
  ...["hanger", "hangers"].map((w) => [w, "Hanger"] as const),
  ...["cord", "cords", "string", "strings", "lanyard", "rope", "ropes", "lead"].map(
    (w) => [w, "Cord"] as const,
  ),
  ...["strap", "straps", "handle", "handles"].map((w) => [w, "Strap"] as const),
  ...["tie", "ties", "tassel"].map((w) => [w, "Tie"] as const),
]);
/** Without a name it is a cord where yarn is joined for it, or where its ends are sewn, knotted or slipped to. */
const JOINED = /^(?:attach|join|rejoin|reattach)$/;
const ENDED = /^(?:sew|knot|tie|slst|sl|fasten|attach)$/;
/** A shorter chain stands for a stitch, turns a row or goes around a corner. */
const SHORTEST = 5;
const LONGEST = 400;
/** "The ch-20 loop from before", "the chain counts as …": told of, not made. */
const COUNTS = /^(?:counts?|does|doesn't|is|sp|sps|space|spaces|cm|mm|inch|inches|times)$/;

const isCount = (t: Token | undefined): t is Token =>
  t?.kind === "number" && Number.isInteger(t.value) && t.value >= SHORTEST && t.value <= LONGEST;

/** A chain with its number: where it begins and ends, and the number's token. */
function chainIn(
  tokens: readonly Token[],
): { readonly from: number; readonly to: number; readonly n: Token } | undefined {
  for (let i = 0; i < tokens.length; i++) {
    if (!CHAIN.test(tokens[i]?.text ?? "")) continue;
    let next = i + 1;
    while (next < i + 4 && BETWEEN.test(tokens[next]?.text ?? "")) next++;
    const behind = tokens[next];
    if (isCount(behind) && !COUNTS.test(tokens[next + 1]?.text ?? ""))
      return { from: i, to: next + 1, n: behind };
    const dash = tokens[i - 1]?.text === "-" ? 1 : 0;
    const ahead = tokens[i - 1 - dash];
    if (isCount(ahead) && !COUNTS.test(tokens[i + 1]?.text ?? ""))
      return { from: i - 1 - dash, to: i + 1, n: ahead };
  }
  return undefined;
}

/** "Two ties of 25 ch": a small number, or "both", shortly ahead of the chain with a plural between. */
function makeOf(tokens: readonly Token[], from: number): number {
  for (let i = from - 1; i > 0 && i >= from - 4; i--) {
    const t = tokens[i];
    const many = tokens[i - 1];
    if (!t || !NAMES.has(t.text) || !t.text.endsWith("s")) continue;
    if (many?.text === "both") return 2;
    if (many?.kind === "number" && Number.isInteger(many.value) && many.value >= 2 && many.value <= MAX_MAKE)
      return many.value;
  }
  return 1;
}

/**
 * The cord that a line of making up tells of in passing: "Hang it on a loop of 12 ch", "Chain 15 and sew both ends to
 * the top", "join the yarn, ch 20, fasten off". It takes yarn and minutes as any part does. undefined where a line
 * works no chain, or only speaks of one. Pure; linear in the words of a line.
 */
export function cordTold(tokens: readonly Token[]): CordTold | undefined {
  const found = chainIn(tokens);
  if (!found) return undefined;
  const { from, to, n } = found;
  const named = tokens.find((t) => NAMES.has(t.text));
  const joined = tokens.slice(0, from).some((t) => JOINED.test(t.text));
  const ended = tokens.slice(to).some((t) => ENDED.test(t.text));
  if (!named && !joined && !ended) return undefined;
  return {
    name: NAMES.get(named?.text ?? "") ?? "Cord",
    make: makeOf(tokens, from),
    chain: n.value,
  };
}

/** Chains of a round that is a cord; slipped to its beginning it is one still. 0 where more is worked. */
function chainsOfCord(nodes: readonly Node[]): number {
  const works = [...operationsOf(nodes)];
  if (!works.every((w) => /^(?:ch|slst)$/.test(w.op.stitch ?? ""))) return 0;
  return works.reduce(
    (sum, w) => sum + (w.op.stitch === "ch" && w.times.kind === "number" ? w.times.n : 0),
    0,
  );
}

/** Whether a cord that is told of was worked under its name, or told of, already. */
export function cordThere(
  { name, chain }: CordTold,
  parts: readonly {
    readonly name: string;
    readonly rounds: readonly { readonly nodes: readonly Node[] }[];
  }[],
  told: readonly { readonly event: PatternEvent }[],
): boolean {
  const worked = parts.some(
    (p) =>
      p.name.toLowerCase() === name.toLowerCase() || p.rounds.some((r) => chainsOfCord(r.nodes) === chain),
  );
  return worked || told.some(({ event }) => event.kind === "cord" && event.chains === chain);
}
