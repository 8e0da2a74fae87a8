import { addLines, createRun } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { data } from "react-router";
import { z } from "zod";
import { id } from "../../forms";
import { openRuns } from "../../server/rows.server";
import { printDay } from "../../ui/days";
import { loadSurroundings, type AnalysedColourway } from "../items/load.server";
import { todayOf, type Opened } from "../../server/scope.server";
import { newLine } from "./line";

export interface WantedPieces {
  readonly analysed: AnalysedColourway;
  readonly quantity: number;
}

/**
 * Plans pieces that somebody waits for: into an open run where one is named, else in a run of their own from today
 * on. Answers the run's id. @throws NotThere when the named run is finished or gone
 */
export async function planRunFor(
  tx: Scope,
  { workshop }: Pick<Opened, "workshop">,
  run: {
    readonly name: string;
    readonly dueOn: string;
    readonly pieces: readonly WantedPieces[];
    /** "" for a run of their own. */
    readonly into: string;
  },
): Promise<string> {
  const { hand } = await loadSurroundings(tx, workshop);
  const today = todayOf(tx);
  const lines = run.pieces.map((p) => newLine(p.analysed, p.quantity, hand.batch));
  if (run.into !== "") {
    await addLines(tx, run.into, lines);
    return run.into;
  }
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
    lines,
  });
}

/** Open runs that more pieces may be put into, as a list shows them. */
export const openRunChoices = async (
  scope: Scope,
  locale: string,
): Promise<{ readonly value: string; readonly label: string }[]> =>
  (await openRuns(scope)).map(({ run }) => ({
    value: run.id,
    label: `${run.name}, due ${printDay(run.dueOn, locale)}`,
  }));
/** What a form names: an open run, or "" for a run of their own. @throws Response 400 */
export function intoRun(form: FormData): string {
  const read = z.union([z.literal(""), id]).safeParse(form.get("into") ?? "");
  if (!read.success) throw data(null, { status: 400 });
  return read.data;
}
