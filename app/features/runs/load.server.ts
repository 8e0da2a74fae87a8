import { listNotions, listYarns } from "@db/queries/materials";
import { listBalls } from "@db/queries/balls";
import { listCuttings } from "@db/queries/cutting";
import { listRuns, type RunWithLines } from "@db/queries/runs";
import { onOrder } from "@db/queries/purchases";
import { balances } from "@db/queries/stock";
import type { Scope } from "@db/scope";
import { parseDate } from "@internationalized/date";
import { finishDay, type Netted } from "@core/planning";
import { linesOf } from "./lines";
import type { CupboardRows } from "./net";
import { netKnown } from "./net.server";
import { planRun, weekOf, type Plan } from "./plan";

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

/** What is on the shelves and on its way, and every open run netted against it: read once, however many runs are looked at. */
export interface Shelves extends CupboardRows {
  readonly netted: ReadonlyMap<string, readonly Netted[]>;
}
export async function loadShelves(scope: Scope, runs: readonly RunWithLines[]): Promise<Shelves> {
  const [yarns, notions, onHand, ordered, balls, cuttings] = await Promise.all([
    listYarns(scope, true),
    listNotions(scope, true),
    balances(scope),
    onOrder(scope),
    listBalls(scope),
    listCuttings(scope),
  ]);
  const rows = { yarns, notions, onHand, onOrder: ordered, balls, cuttings };
  return { ...rows, netted: netKnown(runOrder(runs), rows).netted };
}

/**
 * A run's plan as of today. Its work waits for the runs before it; when those are done before its
 * first day, it begins on its first day with nothing in front of it.
 */
export function planOf(
  shelves: Shelves,
  r: RunWithLines,
  runs: readonly RunWithLines[],
  today: string,
): Plan {
  const earlier = runsBefore(runs, r.run);
  const week = weekOf(r.run.plannedWith);
  const waiting = earlier.reduce((s, x) => s + secondsOf(x), 0);
  const clear = waiting > 0 ? finishDay(parseDate(today), waiting, week)?.toString() : today;
  const free = clear !== undefined && clear < r.run.startOn;
  return planRun({
    lines: linesOf(r),
    // A finished run needs nothing any more.
    needs: shelves.netted.get(r.run.id) ?? [],
    startOn: free ? r.run.startOn : today,
    dueOn: r.run.dueOn,
    week,
    before: free ? 0 : waiting,
  });
}

export async function loadRuns(scope: Scope): Promise<RunWithLines[]> {
  return listRuns(scope);
}
