import { listNotions, listYarns } from "@db/queries/materials";
import { listRuns, reservedBy, type RunWithLines } from "@db/queries/runs";
import { balances } from "@db/queries/stock";
import type { Scope } from "@db/scope";
import type { RunLine, StockOf } from "@core/planning";
import type { Minor } from "@core/units";
import { planRun, weekOf, type Plan } from "./plan";

export const linesOf = (r: RunWithLines): RunLine[] => r.lines.map((l) => ({ itemId: l.itemId, label: l.plannedWith.label, quantity: l.quantity, needs: l.plannedWith.needs, seconds: l.plannedWith.seconds, secondsLow: l.plannedWith.secondsLow, secondsHigh: l.plannedWith.secondsHigh }));

export const secondsOf = (r: RunWithLines): number => r.lines.reduce((s, l) => s + l.plannedWith.seconds * l.quantity, 0);

/** Everything a run is netted against, with what the other open runs have promised. */
export async function loadStock(scope: Scope, runs: readonly RunWithLines[], except?: string): Promise<Map<string, StockOf & { kind: "yarn" | "filling" | "notion"; colour: string | undefined }>> {
  const [yarns, notions, onHand] = await Promise.all([listYarns(scope, true), listNotions(scope, true), balances(scope)]);
  const reserved = reservedBy(runs, except);
  const stock = new Map<string, StockOf & { kind: "yarn" | "filling" | "notion"; colour: string | undefined }>();
  for (const y of yarns) stock.set(y.id, { kind: "yarn", label: `${y.name}, ${y.shade}`, colour: y.colour, onHand: onHand.get(y.id) ?? 0, reserved: reserved.get(y.id) ?? 0, packSize: y.ballMg, packPrice: y.ballPrice as Minor });
  for (const n of notions) stock.set(n.id, { kind: n.kind === "filling" ? "filling" : "notion", label: n.name, colour: undefined, onHand: onHand.get(n.id) ?? 0, reserved: reserved.get(n.id) ?? 0, packSize: n.packSize, packPrice: n.packPrice as Minor });
  return stock;
}

/** Work that goes first: runs under way and runs due earlier. */
export function workBefore(runs: readonly RunWithLines[], r: { id: string; state: string; dueOn: string }): number {
  return runs.filter((x) => x.run.id !== r.id && x.run.state !== "finished" && (x.run.state === "underway" ? r.state !== "underway" || x.run.dueOn < r.dueOn : r.state !== "underway" && x.run.dueOn < r.dueOn)).reduce((s, x) => s + secondsOf(x), 0);
}

/** A run's plan as of today: it starts on its start day or today, whichever is later. */
export async function planOf(scope: Scope, r: RunWithLines, runs: readonly RunWithLines[], today: string): Promise<{ plan: Plan; stock: Awaited<ReturnType<typeof loadStock>> }> {
  const stock = await loadStock(scope, runs, r.run.id);
  const startOn = r.run.startOn > today ? r.run.startOn : today;
  return { plan: planRun({ lines: linesOf(r), stock, startOn, dueOn: r.run.dueOn, week: weekOf(r.run.plannedWith), before: workBefore(runs, r.run) }), stock };
}

export async function loadRuns(scope: Scope): Promise<RunWithLines[]> {
  return listRuns(scope);
}
