import { tasksOfPiece, type Task } from "@core/planning/sequence";
import type { RunWithLines } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { analyseStored, type Surroundings } from "../items/load.server";
import { tasksOfKit } from "../kit/table";
import { plannedItems } from "./planned.server";

/**
 * The tasks of all pieces of a run that are not made yet, by the patterns it was planned with, as the bench has
 * them; stops soon behind `most`.
 */
export async function tasksOfRun(
  scope: Scope,
  found: RunWithLines,
  surroundings: Surroundings,
  most: number,
): Promise<Task[]> {
  const planned = await plannedItems(scope, found);
  const shades = new Map(surroundings.yarns.map((y) => [y.id, y]));
  const tasks: Task[] = [];
  for (const l of found.lines) {
    const dressed = planned.get(l.id);
    if (!dressed) continue;
    const got = await analyseStored(dressed, surroundings);
    if (!got.ok) continue;
    const slotOf = (slot: string) => {
      const s = dressed.revision.slots.find((x) => x.slot === slot) ?? dressed.revision.slots[0];
      const yarn = s && shades.get(s.yarnId);
      return { colour: yarn ? `${yarn.shade}, ${yarn.name}` : slot, hookMm: s ? s.hookUm / 1000 : undefined };
    };
    const { label } = l.plannedWith;
    const { piece, order, kit } = got.value;
    for (let n = l.made; n < l.quantity && tasks.length <= most; n++) {
      const id = `${l.id.slice(-12)} ${n + 1}`;
      tasks.push(
        ...(kit
          ? tasksOfKit({ label, kit, slotOf }, id, surroundings.reading)
          : tasksOfPiece({ label, piece, order, slotOf }, id)),
      );
    }
  }
  return tasks;
}
