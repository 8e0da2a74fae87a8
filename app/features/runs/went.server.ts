import { batchFactor } from "@core/calibrate";
import { benchState, bridgeOf, slipsOf, type LineActual, type MaterialActual } from "@core/planning";
import { secondsAt, STAGES, type Stage, type Work } from "@core/estimate";
import { listBatches, lookedAt, rejectedOf, type Batch } from "@db/queries/batches";
import { benchTimings } from "@db/queries/bench";
import type { TimingRow } from "@db/queries/hands";
import type { RunWithLines } from "@db/queries/runs";
import { movesOfRun } from "@db/queries/stock";
import type { Scope } from "@db/scope";
import { allNotions, allYarns } from "../../server/rows.server";
import type { Opened } from "../../server/scope.server";
import { actsOf, loadBenchWork } from "../bench/load.server";
import { paceUsed } from "@core/hand";
import { analyseStored, loadSurroundings } from "../items/load.server";
import { plannedItems } from "./planned.server";

/** Seconds of one kind of work: what was timed, and what the plan had for the same tasks. */
export interface StageWent {
  readonly stage: Stage;
  readonly planned: number;
  readonly timed: number;
}
export interface LineWent extends LineActual {
  readonly id: string;
  readonly itemId: string;
  readonly label: string;
  readonly good: number;
  readonly mended: number;
  readonly reasons: readonly { readonly reason: string; readonly pieces: number }[];
  readonly stages: readonly StageWent[];
  /** Pieces of which something was timed. */
  readonly timedPieces: number;
  /** Rounds begun again at the bench; undefined where none was. */
  readonly slips: LineSlips | undefined;
}
export interface LineSlips {
  readonly times: number;
  readonly rounds: number;
  /** "Body, Rnd 9": the round that went wrong most often, and how often. */
  readonly most: { readonly round: string; readonly times: number } | undefined;
}
export interface MaterialWent extends MaterialActual {
  readonly id: string;
  readonly label: string;
  readonly kind: "yarn" | "filling" | "notion";
  readonly colour: string | undefined;
}

/** A run that is finished beside its plan: pieces, hours, material, and from one to the other in money. */
export async function howItWent(opened: Opened, found: RunWithLines) {
  const { scope } = opened;
  const { hand } = await loadSurroundings(scope, opened.workshop);
  const pace = paceUsed(hand.pace);
  const known: Known = {
    at: (work) => secondsAt(work, pace),
    inGo: (pieces) => batchFactor(hand.batch, Math.max(1, pieces)).factor,
  };
  const [batches, timings, lines, slips] = await Promise.all([
    listBatches(scope, { runId: found.run.id }),
    benchTimings(
      scope,
      found.lines.map((l) => l.id),
    ),
    plannedWork(opened, found),
    Promise.all(found.lines.map((l) => slipsAt(opened, l.id))),
  ]);
  const went = found.lines.map((l, i) => ({
    ...lineWent(
      l,
      batches.filter((b) => b.lineId === l.id),
      timings.get(l.id) ?? [],
      lines.get(l.id),
      known,
    ),
    slips: slips[i],
  }));
  const materials = await materialsWent(scope, found, went);
  const { wagePerHour, overheadPerHour } = found.run.plannedWith;
  return { lines: went, materials, bridge: bridgeOf(went, materials, wagePerHour + overheadPerHour) };
}

/** Rounds of a line that were begun again at the bench, and which of them most often. */
async function slipsAt(opened: Opened, lineId: string): Promise<LineSlips | undefined> {
  const { acts } = await actsOf(opened.scope, lineId);
  // Most lines have none, and their steps need not be reckoned.
  if (!acts.some((a) => a.kind === "again")) return undefined;
  const work = await loadBenchWork(opened, lineId);
  const slips = work && slipsOf(work.steps, benchState(work.steps, work.line.quantity, acts));
  if (!slips) return undefined;
  const { times, rounds, most } = slips;
  const round = most && [most.step.part, most.step.title].filter((x) => x !== "").join(", ");
  return { times, rounds, most: most && { round: round ?? "", times: most.times } };
}

/** Her hand as it is known now: seconds of some work, and how a number of pieces in a go goes quicker. */
interface Known {
  readonly at: (work: Work) => number;
  readonly inGo: (pieces: number) => number;
}

/** The work of one piece of each line, and what a second of it brings. */
async function plannedWork(
  { scope, workshop }: Opened,
  found: RunWithLines,
): Promise<Map<string, { work: Work; secondBrings: number }>> {
  const [planned, surroundings] = await Promise.all([
    plannedItems(scope, found),
    loadSurroundings(scope, workshop),
  ]);
  const out = new Map<string, { work: Work; secondBrings: number }>();
  for (const [id, dressed] of planned) {
    const got = await analyseStored(dressed, surroundings);
    out.set(id, { work: got.ok ? got.value.piece.work : {}, secondBrings: dressed.item.secondBrings });
  }
  return out;
}

function lineWent(
  l: RunWithLines["lines"][number],
  batches: readonly Batch[],
  timings: readonly TimingRow[],
  piece: { readonly work: Work; readonly secondBrings: number } | undefined,
  { at, inGo }: Known,
): Omit<LineWent, "slips"> {
  const sum = (of: (b: Batch) => number) => batches.reduce((n, b) => n + of(b), 0);
  // The plan kept one figure for all of a piece. It is shared out by her pace in each kind of work: by the trade's,
  // work that she is always slow at would seem to have gone badly.
  const hers = at(piece?.work ?? {});
  const pace = hers > 0 ? l.plannedWith.seconds / hers : 0;
  // One of a short sitting is slower than one of the run: the plan for as many as were timed in a go.
  const planned = (t: TimingRow) => (pace * at(t.work) * inGo(t.pieces)) / inGo(l.quantity);
  const stages = STAGES.flatMap((stage): StageWent[] => {
    const own = timings.filter((t) => t.stage === stage && !t.setAside && pace > 0);
    if (own.length === 0) return [];
    return [
      {
        stage,
        timed: own.reduce((n, t) => n + t.seconds, 0),
        planned: own.reduce((n, t) => n + planned(t), 0),
      },
    ];
  });
  const reasons = new Map<string, number>();
  for (const b of batches)
    for (const r of b.rejected) reasons.set(r.reason, (reasons.get(r.reason) ?? 0) + r.pieces);
  return {
    id: l.id,
    itemId: l.itemId,
    label: l.plannedWith.label,
    planned: l.quantity,
    worked: sum(lookedAt),
    good: sum((b) => b.good),
    mended: sum((b) => b.mended),
    seconds: sum((b) => b.seconds),
    rejected: sum(rejectedOf),
    reasons: [...reasons].map(([reason, pieces]) => ({ reason, pieces })),
    mendingMinutes: sum((b) => b.mendingMinutes),
    cost: l.plannedWith.cost,
    price: l.plannedWith.price,
    secondBrings: piece?.secondBrings ?? 0,
    timed: stages.reduce((n, s) => n + s.timed, 0),
    timedPlanned: stages.reduce((n, s) => n + s.planned, 0),
    stages,
    timedPieces: mostPieces(timings),
  };
}

/** Pieces of which some task was timed. */
function mostPieces(timings: readonly TimingRow[]): number {
  const of = new Map<string, number>();
  for (const t of timings) {
    const task = `${t.part} ${t.stage}`;
    of.set(task, (of.get(task) ?? 0) + t.pieces);
  }
  return Math.max(0, ...of.values());
}

async function materialsWent(
  scope: Scope,
  found: RunWithLines,
  went: readonly LineWent[],
): Promise<MaterialWent[]> {
  const [yarns, notions, moves] = await Promise.all([
    allYarns(scope),
    allNotions(scope),
    movesOfRun(scope, found.run.id),
  ]);
  const worked = new Map(went.map((w) => [w.id, w.worked]));
  const planned = new Map<string, number>();
  for (const l of found.lines)
    for (const n of l.plannedWith.needs)
      planned.set(n.materialId, (planned.get(n.materialId) ?? 0) + n.each * (worked.get(l.id) ?? 0));
  const used = new Map<string, number>();
  for (const m of moves) used.set(m.materialId, (used.get(m.materialId) ?? 0) - m.quantity);
  return [...new Set([...planned.keys(), ...used.keys()])].flatMap((id): MaterialWent[] => {
    const yarn = yarns.find((y) => y.id === id);
    const notion = notions.find((n) => n.id === id);
    const amounts = { id, planned: planned.get(id) ?? 0, used: used.get(id) ?? 0 };
    if (yarn)
      return [
        {
          ...amounts,
          label: `${yarn.shade}, ${yarn.name}`,
          kind: "yarn",
          colour: yarn.colour,
          unitPrice: yarn.ballPrice / yarn.ballMg,
        },
      ];
    if (!notion) return [];
    const kind = notion.kind === "filling" ? ("filling" as const) : ("notion" as const);
    const unitPrice = notion.packPrice / notion.packSize;
    return [{ ...amounts, label: notion.name, kind, colour: undefined, unitPrice }];
  });
}
