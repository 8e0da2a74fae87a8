import { createRun } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { loadSurroundings, type AnalysedColourway } from "../items/load.server";
import { todayOf, type Opened } from "../../server/scope.server";
import { plannedLine } from "./line";

export interface WantedPieces {
  readonly analysed: AnalysedColourway;
  readonly quantity: number;
}

/** Plans a run for pieces that somebody waits for, from today on. Answers its id. */
export async function planRunFor(
  tx: Scope,
  { workshop }: Pick<Opened, "workshop">,
  run: { readonly name: string; readonly dueOn: string; readonly pieces: readonly WantedPieces[] },
): Promise<string> {
  const { hand } = await loadSurroundings(tx, workshop);
  const today = todayOf(tx);
  return createRun(tx, {
    name: run.name,
    startOn: today,
    dueOn: run.dueOn < today ? today : run.dueOn,
    plannedWith: {
      weekMinutes: workshop.weekMinutes,
      workDays: workshop.workDays,
      wagePerHour: workshop.wagePerHour,
      overheadPerHour: workshop.overheadPerHour,
    },
    lines: run.pieces.map(({ analysed: { entry, label, analysis, colourway }, quantity }) => ({
      itemId: entry.item.id,
      revisionId: entry.revision.id,
      colourwayId: colourway?.id ?? null,
      quantity,
      plannedWith: plannedLine(label, entry.revision.number, analysis, quantity, hand.batch),
    })),
  });
}
