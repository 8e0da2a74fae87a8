import { listNotions, listYarns, type Notion, type Yarn } from "@db/queries/materials";
import { listRuns, reservedBy, type RunWithLines } from "@db/queries/runs";
import { onOrder } from "@db/queries/purchases";
import { balances } from "@db/queries/stock";
import type { Scope } from "@db/scope";
import { parseDate } from "@internationalized/date";
import { finishDay, type RunLine, type StockOf } from "@core/planning";
import type { Minor } from "@core/units";
import { planRun, weekOf, type Plan } from "./plan";

export const linesOf = (r: RunWithLines): RunLine[] =>
  r.lines.map((l) => ({
    itemId: l.itemId,
    label: l.plannedWith.label,
    quantity: l.quantity,
    needs: l.plannedWith.needs,
    seconds: l.plannedWith.seconds,
    secondsLow: l.plannedWith.secondsLow,
    secondsHigh: l.plannedWith.secondsHigh,
  }));

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

/** What is on the shelves and on its way: read once, however many runs are planned from it. */
export interface Shelves {
  readonly yarns: readonly Yarn[];
  readonly notions: readonly Notion[];
  readonly onHand: ReadonlyMap<string, number>;
  readonly onOrder: ReadonlyMap<string, number>;
}
export async function loadShelves(scope: Scope): Promise<Shelves> {
  const [yarns, notions, onHand, ordered] = await Promise.all([
    listYarns(scope, true),
    listNotions(scope, true),
    balances(scope),
    onOrder(scope),
  ]);
  return { yarns, notions, onHand, onOrder: ordered };
}

type RunStock = Map<string, StockOf & { kind: "yarn" | "filling" | "notion"; colour: string | undefined }>;

/** Everything a run is netted against, with what the runs before it have promised. */
function stockOf(
  { yarns, notions, onHand, onOrder: ordered }: Shelves,
  before: readonly RunWithLines[],
): RunStock {
  const reserved = reservedBy(before);
  const amounts = (id: string) => ({
    onHand: onHand.get(id) ?? 0,
    onOrder: ordered.get(id) ?? 0,
    reserved: reserved.get(id) ?? 0,
  });
  const stock: RunStock = new Map();
  for (const y of yarns)
    stock.set(y.id, {
      kind: "yarn",
      label: `${y.name}, ${y.shade}`,
      colour: y.colour,
      ...amounts(y.id),
      packSize: y.ballMg,
      packPrice: y.ballPrice as Minor,
    });
  for (const n of notions)
    stock.set(n.id, {
      kind: n.kind === "filling" ? "filling" : "notion",
      label: n.name,
      colour: undefined,
      ...amounts(n.id),
      packSize: n.packSize,
      packPrice: n.packPrice as Minor,
    });
  return stock;
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
): { plan: Plan; stock: RunStock } {
  const earlier = runsBefore(runs, r.run);
  const stock = stockOf(shelves, earlier);
  const week = weekOf(r.run.plannedWith);
  const waiting = earlier.reduce((s, x) => s + secondsOf(x), 0);
  const clear = waiting > 0 ? finishDay(parseDate(today), waiting, week)?.toString() : today;
  const free = clear !== undefined && clear < r.run.startOn;
  return {
    plan: planRun({
      lines: linesOf(r),
      stock,
      startOn: free ? r.run.startOn : today,
      dueOn: r.run.dueOn,
      week,
      before: free ? 0 : waiting,
    }),
    stock,
  };
}

export async function loadRuns(scope: Scope): Promise<RunWithLines[]> {
  return listRuns(scope);
}
