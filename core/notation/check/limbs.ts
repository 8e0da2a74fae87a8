import type { Base, CheckedPart, Expanded } from "../count/checked";
import { isMade } from "../count/made";
import { stitchInto } from "../operations";
import { operationsOf } from "../surroundings";
import type { Node, Operation } from "../tree";

/** A piece that a round may join with another. */
type Limb = NonNullable<Base["limbs"]>[number];

/** Words of a round that works more than one piece. */
const JOINS =
  /\b(?:both|second|2nd|other|first|1st|legs?|arms?|pieces?|halves|join\w*|connect\w*|attach\w*|together)\b/i;

const BOTH = /\bboth (?:of the )?(?:legs|pieces|halves|limbs|feet|parts)\b/i;
const CHAIN = /\b(?:ch|chs|chains?)\b/i;
/** What a joining round says without its making a stitch. */
const GONE: ReadonlySet<Node["kind"]> = new Set(["unknown", "other-side"]);

/** A number of stitches, and whether they are more of them. */
const SAID = /(?<![a-z\d]|leg |arm |half )(\d+)(?!st|nd|rd|th|\d)( more| further)?/gi;

const open = (p: CheckedPart | undefined): Limb | undefined => {
  const end = p?.rounds.at(-1);
  return p && end?.count !== undefined && end.count > 0 && !end.broken
    ? { name: p.name, count: end.count }
    : undefined;
};

/**
 * The two pieces that stand open before a round: two of the part above, the two parts above, or the one above
 * and what is on the hook (`live` stitches behind `own` rounds).
 */
export function limbsBefore(
  before: readonly CheckedPart[],
  own: number,
  live: number | undefined,
): readonly Limb[] | undefined {
  const last = open(before.at(-1));
  if (!last) return undefined;
  if (own > 0) return live === undefined ? undefined : [{ name: undefined, count: live }, last];
  if ((before.at(-1)?.make ?? 1) > 1) return [last, last];
  const other = open(before.at(-2));
  return other && [last, other];
}

/**
 * "Ch 3, connect the legs, sc around both and along both sides of the chain (30)": however it is said, a sum
 * that is all stitches of two open pieces and both sides of the chain between them tells that they are joined.
 * Every number of the line has to be one of theirs, or all of them come to the sum. Undefined otherwise.
 */
export function limbsJoined(
  e: Expanded,
  nodes: readonly Node[],
  limbs: readonly Limb[],
  source: string,
): readonly Node[] | undefined {
  const total = nodes.findLast((n) => n.kind === "total");
  if ((total && total.kind !== "total") || !nodes.some(isMade)) return undefined;
  const works = [...operationsOf(nodes)];
  const chain = works.find(({ op }) => op.stitch === "ch");
  const [first, second] = limbs;
  if (!first || !second) return undefined;
  const { from, to } = e.raw;
  const begin = Math.max(from, e.raw.label?.to ?? from);
  const said = total ? source.slice(begin, total.from) + source.slice(total.to, to) : source.slice(begin, to);
  // Without a sum only "both legs" is plain.
  if (!total && (!BOTH.test(said) || /\d/.test(said))) return undefined;
  // A chain that was made before the round is spoken of in it: what is more than the two pieces are its two sides.
  const sides = total && CHAIN.test(said) ? (total.n - first.count - second.count) / 2 : 0;
  const between = chain?.times.kind === "number" ? chain.times.n : sides;
  const all = first.count + second.count + 2 * between;
  if (total && total.n !== all) return undefined;
  if (!JOINS.test(said) && !(CHAIN.test(said) && between > 0)) return undefined;
  // "Join to the leg with a sc, 11 more sc": the one that joins is none of those.
  const numbers = [...said.matchAll(SAID)].map(([, n, more]) => Number(n) + (more ? 1 : 0));
  const theirs = numbers.every((n) => n === first.count || n === second.count || n === between);
  const sum = numbers.reduce((a, b) => a + b, 0);
  if (!theirs && sum !== all && sum !== all + between) return undefined;
  const sc = (n: number, where: Partial<Operation>): Node => ({
    kind: "work",
    op: { ...stitchInto("sc", 1, "next"), ...where },
    times: { kind: "number", n },
    from,
    to,
  });
  const on = ({ name, count }: Limb) => sc(count, name === undefined ? {} : { into: "part", part: name });
  const along = between > 0 ? [sc(between, { into: "bridge", uses: 0 })] : [];
  const joined = [...(chain ? [chain] : []), on(first), ...along, on(second), ...along];
  // A sum behind a piece is of that piece: the last one is the round's.
  const stays = (n: Node) => !isMade(n) && !GONE.has(n.kind) && (n.kind !== "total" || n === total);
  return [...joined, ...nodes.filter(stays)];
}
