import { createRun } from "@db/queries/runs";
import { todayOf, type Opened } from "../../server/scope.server";
import { loadSurroundings } from "../items/load.server";
import { newLine } from "../runs/line";
import type { Ware } from "./wares.server";

/** How many of each ware a form asks for. */
export function wantedOf(form: FormData): Map<string, number> {
  const make = form.getAll("make").map((m) => Math.min(10_000, Math.max(0, Math.floor(Number(m) || 0))));
  return new Map(form.getAll("ware").map((w, i) => [String(w), make[i] ?? 0]));
}

/**
 * A run of what is wanted, planned with what is known now.
 *
 * @returns the run's id; undefined where nothing is wanted
 */
export async function runFromWares(
  { scope, workshop }: Opened,
  wares: readonly Ware[],
  wanted: ReadonlyMap<string, number>,
  run: { readonly name: string; readonly dueOn: string },
): Promise<string | undefined> {
  const { hand } = await loadSurroundings(scope, workshop);
  const lines = wares.flatMap((w) => {
    const quantity = wanted.get(w.key) ?? 0;
    if (quantity === 0) return [];
    return [newLine(w.analysed, quantity, hand.batch)];
  });
  if (lines.length === 0) return undefined;
  const today = todayOf(scope);
  return createRun(scope, {
    name: run.name.slice(0, 120),
    startOn: today,
    dueOn: run.dueOn < today ? today : run.dueOn,
    plannedWith: {
      weekMinutes: workshop.weekMinutes,
      workDays: workshop.workDays,
      wagePerHour: workshop.wagePerHour,
      overheadPerHour: workshop.overheadPerHour,
    },
    lines,
  });
}
