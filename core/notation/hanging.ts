import { stitchInto } from "./operations";
import type { Node } from "./tree";

type Work = Extract<Node, { kind: "work" }>;

const isChain = (n: Node | undefined): boolean =>
  n?.kind === "work" && n.op.stitch === "ch" && n.op.standsFor === undefined;
const isFabric = (n: Node): boolean =>
  (n.kind === "work" && n.op.stitch !== "ch") || n.kind === "group" || n.kind === "evenly";
const counted = (n: Work): number => (n.times.kind === "number" ? n.times.n : 1);

/** A chain worked back on that comes to more, or fewer, stitches than it has. */
export interface SpurSlip {
  readonly node: Node;
  readonly worked: number;
  readonly room: number;
}

/**
 * Spurs: "ch 5, sl st in 2nd ch from hook and in next 3 ch, sl st in base st" grown out of a round. What is
 * worked on the chain uses nothing of the round and offers it nothing (craft §2.4). A chain at the
 * very beginning of a round may be a foundation instead: `started` says that fabric came before.
 * Pure; linear in the nodes.
 */
export function hangSpurs(
  nodes: readonly Node[],
  started: boolean,
): { nodes: readonly Node[]; slips: readonly SpurSlip[] } {
  if (!nodes.some(isChain)) return { nodes, slips: [] };
  const out: Node[] = [];
  const slips: SpurSlip[] = [];
  let fabric = started;
  let chains = false;
  for (let i = 0; i < nodes.length; i++) {
    const node = nodes[i];
    if (!node) continue;
    out.push(node);
    const next = nodes[i + 1];
    if (
      node.kind === "work" &&
      isChain(node) &&
      fabric &&
      node.times.kind === "number" &&
      next?.kind === "work" &&
      (next.op.into === "chain" || startsBack(next))
    ) {
      i = workBack(nodes, i + 1, counted(node), out, slips, chains);
      chains = true;
      continue;
    }
    chains ||= isChain(node);
    if (
      node.kind === "work" &&
      node.op.stitch === "slst" &&
      node.op.into === "same" &&
      isChain(nodes[i - 1]) &&
      fabric
    ) {
      // "ch 4, sl st in same st" is a loop that hangs there.
      out[out.length - 1] = {
        kind: "work",
        op: { ...node.op, name: `${node.op.stitch} in same`, into: "spur", uses: 0, offers: 0, increases: 0 },
        times: node.times,
        from: node.from,
        to: node.to,
      };
    }
    if (isFabric(node)) fabric = true;
  }
  return { nodes: out, slips };
}

/** "sl st back 4": down the chain without saying where to begin. */
const startsBack = (n: Work): boolean => n.op.into === "spur";

/**
 * Rewrites what lies on a chain of `chains` from `from` on, which may grow out of another (`grown`); returns
 * the index of the last node that belongs to the spur.
 */
function workBack(
  nodes: readonly Node[],
  from: number,
  chains: number,
  out: Node[],
  slips: SpurSlip[],
  grown: boolean,
): number {
  const first = nodes[from] as Work;
  const nth = first.op.into === "chain" ? Number(/ch (\d+)/.exec(first.op.name)?.[1] ?? 2) : 2;
  const room = Math.max(0, chains - nth + 1);
  let left = room;
  let last = from - 1;
  let named = false;
  for (let i = from; i < nodes.length; i++) {
    const node = nodes[i];
    if (node?.kind !== "work") break;
    const behind = nodes[i + 1];
    if (isChain(node) && left > 0 && i > from && behind?.kind === "work" && behind.op.into === "chain") {
      // A twig: a chain that grows out of this one and is worked back, before this one goes on.
      out.push(node);
      i = workBack(nodes, i + 1, counted(node), out, slips, true);
      last = i;
      continue;
    }
    if (isChain(node)) break;
    // All of a twig is worked: what comes lies on the chain that it grew out of.
    if (left === 0 && i > from && node.op.onChain && grown) break;
    const on = i === from || node.op.into === "spur" || (node.op.onChain ?? false);
    if (!on && left <= 0) {
      // "sl st in base st": fastens the spur where it grew.
      if (node.op.into === "same") {
        out.push({
          ...node,
          op: {
            ...node.op,
            name: `${node.op.stitch} in same`,
            into: "spur",
            uses: 0,
            offers: 0,
            increases: 0,
          },
        });
        last = i;
      }
      break;
    }
    if (!on && (node.op.into !== "next" || node.times.kind !== "number" || node.times.n > left)) break;
    if (i > from && on) named = true;
    const open = node.times.kind !== "number";
    const times = i === from && node.op.into === "chain" ? 1 : open ? left : counted(node);
    const places = node.op.uses === 0 ? times : times * Math.max(1, node.op.uses);
    const { other: _alternative, ...sure } = node;
    out.push({
      ...sure,
      times: open ? { kind: "number", n: times } : node.times,
      op: { ...node.op, into: "spur", uses: 0, offers: 0, increases: 0, decreases: 0 },
    });
    left -= places;
    last = i;
    if (left < 0) {
      slips.push({ node, worked: room - left, room });
      break;
    }
  }
  const end = nodes[last];
  if (left > 0 && named && end && room - left >= 2) slips.push({ node: end, worked: room - left, room });
  return last;
}

/** A named block ("Arm: ch 10, sc in 2nd ch from hook…") set into a round: all of it hangs there. */
export function hangBlock(nodes: readonly Node[]): readonly Node[] {
  const chained = nodes.find((n) => n.kind === "work" || n.kind === "group");
  if (chained === undefined || !isChain(chained)) return nodes;
  return hangSpurs(
    [
      {
        kind: "work",
        op: stitchInto("sc", 1),
        times: { kind: "number", n: 0 },
        from: chained.from,
        to: chained.from,
      },
      ...nodes,
    ],
    true,
  ).nodes.slice(1);
}
