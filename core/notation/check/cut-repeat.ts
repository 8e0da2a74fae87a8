import { sizeOf } from "../count";
import { isWork } from "../count/made";
import type { Node } from "../tree";

type Group = Extract<Node, { kind: "group" }>;

/**
 * "*2 dc in next st, dc in next st; rep from * to end" over an odd number: the last time only its beginning fits.
 * The round with the repeat cut at that place; undefined where it does not fall between two of its stitches.
 *
 * @param live stitches that there are
 */
export function cutRepeat(nodes: readonly Node[], live: number): readonly Node[] | undefined {
  const at = nodes.findLastIndex(isWork);
  const group = nodes[at];
  if (group?.kind !== "group" || group.times.kind !== "around" || group.items.length < 2) return undefined;
  // "Dec every third stitch" is a rule, and no repeat that somebody wrote.
  if (group.items.every((x) => x.from === group.from && x.to === group.to)) return undefined;
  const before = nodes.slice(0, at).map(sizeOf);
  const unit = group.items.map(sizeOf);
  if ([...before, ...unit].some((s) => s.open)) return undefined;
  const each = unit.reduce((sum, s) => sum + s.uses, 0);
  const left = live - before.reduce((sum, s) => sum + s.uses, 0);
  const whole = each > 0 ? Math.floor(left / each) : 0;
  const beginning = whole > 0 ? beginningOf(group, left - whole * each) : undefined;
  return (
    beginning && [
      ...nodes.slice(0, at),
      { ...group, times: { kind: "number", n: whole } },
      ...beginning,
      ...nodes.slice(at + 1),
    ]
  );
}

/** The first items of a repeat that take just so many stitches. */
function beginningOf(group: Group, uses: number): readonly Node[] | undefined {
  if (uses <= 0) return undefined;
  let taken = 0;
  for (const [i, item] of group.items.entries()) {
    taken += sizeOf(item).uses;
    if (taken === uses) return group.items.slice(0, i + 1);
    if (taken > uses) return undefined;
  }
  return undefined;
}
