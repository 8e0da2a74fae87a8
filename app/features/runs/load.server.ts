import { listCuttings } from "@db/queries/cutting";
import type { RunWithLines } from "@db/queries/runs";
import { onOrder } from "@db/queries/purchases";
import type { Scope } from "@db/scope";
import { readOnce } from "../../server/kept";
import { allBalls, allNotions, allYarns, openRuns, stockOnHand } from "../../server/rows.server";
import { layRuns, type Booked, type Netted } from "@core/planning";
import { linesLeft, linesOf } from "./lines";
import type { CupboardRows } from "./net";
import { netKnown } from "./net.server";
import { planRun, secondsIn, weekOf, type Plan } from "./plan";

export const secondsOf = (r: RunWithLines): number =>
  r.lines.reduce((s, l) => s + l.plannedWith.seconds * l.quantity, 0);

const rank = (x: { id: string; state: string; dueOn: string }) =>
  `${x.state === "underway" ? 0 : 1} ${x.dueOn} ${x.id}`;

/** Open runs in the order in which stock is given to them: those under way, then by due day. */
export const runOrder = (runs: readonly RunWithLines[]): RunWithLines[] =>
  runs.filter((x) => x.run.state !== "finished").sort((a, b) => (rank(a.run) < rank(b.run) ? -1 : 1));

/** Open runs that go before this one. What they need is promised first. */
export function runsBefore(
  runs: readonly RunWithLines[],
  r: { id: string; state: string; dueOn: string },
): RunWithLines[] {
  return runs.filter((x) => x.run.id !== r.id && x.run.state !== "finished" && rank(x.run) < rank(r));
}

/**
 * What is on the shelves and on its way, and every open run netted against it: read once, however many runs
 * are looked at.
 */
export interface Shelves extends CupboardRows {
  readonly netted: ReadonlyMap<string, readonly Netted[]>;
}
export async function loadShelves(scope: Scope, runs: readonly RunWithLines[]): Promise<Shelves> {
  const [yarns, notions, onHand, ordered, balls, cuttings] = await Promise.all([
    allYarns(scope),
    allNotions(scope),
    stockOnHand(scope),
    readOnce(scope, "on order", () => onOrder(scope)),
    allBalls(scope),
    readOnce(scope, "cuttings", () => listCuttings(scope)),
  ]);
  const rows = { yarns, notions, onHand, onOrder: ordered, balls, cuttings };
  return { ...rows, netted: netKnown(runOrder(runs), rows).netted };
}

const bookedOf = (r: RunWithLines): Booked => ({
  id: r.run.id,
  startOn: r.run.startOn,
  dueOn: r.run.dueOn,
  seconds: secondsIn(linesLeft(r)),
  week: weekOf(r.run.plannedWith),
});

/** The plans of all open runs as of today, on one calendar and one cupboard, by run. */
export function plansOf(shelves: Shelves, runs: readonly RunWithLines[], today: string): Map<string, Plan> {
  const open = runOrder(runs);
  const laid = layRuns(open.map(bookedOf), today);
  return new Map(
    open.flatMap((r) => {
      const days = laid.get(r.run.id);
      return days
        ? [
            [
              r.run.id,
              planRun({
                lines: linesOf(r),
                needs: shelves.netted.get(r.run.id) ?? [],
                startOn: r.run.startOn > today ? r.run.startOn : today,
                dueOn: r.run.dueOn,
                week: weekOf(r.run.plannedWith),
                laid: days,
              }),
            ] as const,
          ]
        : [];
    }),
  );
}

/**
 * One run's plan as it stands (or would stand with other lines) among the others. A finished run needs
 * nothing any more.
 */
export function planOf(
  shelves: Shelves,
  r: RunWithLines,
  runs: readonly RunWithLines[],
  today: string,
): Plan {
  const among = [...runs.filter((x) => x.run.id !== r.run.id), r];
  const found = plansOf(shelves, among, today).get(r.run.id);
  const week = weekOf(r.run.plannedWith);
  const { startOn, dueOn } = r.run;
  const nothing = {
    begin: undefined,
    finish: undefined,
    finishLow: undefined,
    finishHigh: undefined,
    chance: undefined,
  };
  return found ?? planRun({ lines: linesOf(r), needs: [], startOn, dueOn, week, laid: nothing });
}

/** Runs that are not finished. */
export const loadRuns = (scope: Scope): Promise<readonly RunWithLines[]> => openRuns(scope);
