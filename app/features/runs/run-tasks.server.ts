import { tasksOfPiece, type Task } from "@core/planning/sequence";
import type { Colourway } from "@db/queries/colourways";
import type { ItemWithRevision } from "@db/queries/items";
import type { RunWithLines } from "@db/queries/runs";
import { analyseStored, inColourway, type Surroundings } from "../items/load.server";

/** The tasks of all pieces of a run that are not made yet; stops soon behind `most`. */
export async function tasksOfRun(
  found: RunWithLines,
  items: readonly ItemWithRevision[],
  colourways: readonly Colourway[],
  surroundings: Surroundings,
  most: number,
): Promise<Task[]> {
  const shades = new Map(surroundings.yarns.map((y) => [y.id, y]));
  const tasks: Task[] = [];
  for (const l of found.lines) {
    const entry = items.find((i) => i.item.id === l.itemId);
    const dressed =
      entry &&
      inColourway(
        entry,
        colourways.find((c) => c.id === l.colourwayId),
      );
    const got = dressed && (await analyseStored(dressed, surroundings));
    if (!dressed || !got?.ok) continue;
    const slotOf = (slot: string) => {
      const s = dressed.revision.slots.find((x) => x.slot === slot) ?? dressed.revision.slots[0];
      const yarn = s && shades.get(s.yarnId);
      return { colour: yarn ? `${yarn.shade}, ${yarn.name}` : slot, hookMm: s ? s.hookUm / 1000 : undefined };
    };
    for (let n = l.made; n < l.quantity && tasks.length <= most; n++)
      tasks.push(
        ...tasksOfPiece(
          { label: l.plannedWith.label, piece: got.value.piece, order: got.value.order, slotOf },
          `${l.id.slice(-12)} ${n + 1}`,
        ),
      );
  }
  return tasks;
}
