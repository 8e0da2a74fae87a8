import { paceOf, secondsOfWork, workOfStage, type PieceEstimate, type Stage } from "../../estimate";
import type { OrderOfWork } from "../order";
import type { Task } from "./task";

/** A piece of a run: what its estimate, its order of work and its yarns say of its tasks. */
export interface PieceOfRun {
  /** Of the line, so that pieces of one item share a name. */
  readonly label: string;
  readonly piece: PieceEstimate;
  readonly order: OrderOfWork;
  /** The yarn and hook that a slot is worked with, as she would name them. */
  readonly slotOf: (slot: string) => { readonly colour: string; readonly hookMm: number | undefined };
}

/** Stages of the whole piece that follow when all parts are on. */
const AFTERWARDS: readonly Stage[] = ["ends", "hanger", "inspection", "packing"];

/**
 * The tasks of one piece: each part is crocheted (all its copies in one go), gets its face, is filled, is
 * sewn on; then ends, hanger, inspection and packing of the piece. Seconds are her own pace's; precedence is
 * that of the order of work. Tasks without work are left out, and what waited for them waits for what they
 * waited for.
 */
export function tasksOfPiece(p: PieceOfRun, id: string): Task[] {
  const { piece } = p;
  const pace = paceOf(piece);
  const tasks: Task[] = [];
  const last = new Map<number, string>();
  const waits = partsBefore(p.order, piece);
  const add = (task: Omit<Task, "piece">): string => {
    tasks.push({ ...task, piece: id });
    return task.id;
  };
  // Parts that others are worked into come after those.
  for (const i of sorted(piece.parts.length, waits)) {
    const part = piece.parts[i];
    if (!part) continue;
    const name = part.part.name || p.label;
    const slot = part.yarn.reduce((a, b) => (b.metres.value > (a?.metres.value ?? -1) ? b : a), part.yarn[0]);
    const { colour, hookMm } = p.slotOf(slot?.slot ?? "main");
    let after = [...(waits.get(i) ?? [])].flatMap((j) => last.get(j) ?? []);
    for (const stage of ["crochet", "face", "filling"] as const) {
      const seconds = pace * secondsOfWork(workOfStage(part.work, stage)) * part.part.make;
      if (seconds <= 0) continue;
      const made = add({
        id: `${id} ${i} ${stage}`,
        part: `${p.label}: ${name}`,
        stage,
        colour,
        hookMm,
        seconds,
        after,
      });
      after = [made];
    }
    if (after[0] !== undefined) last.set(i, after[0]);
  }
  let behind = [...new Set(last.values())];
  // What is left to do takes up nothing new by itself: the yarn of the largest part lies there still.
  const main = tasks.reduce<Task | undefined>(
    (a, t) => (a === undefined || t.seconds > a.seconds ? t : a),
    undefined,
  );
  const there = { colour: main?.colour, hookMm: main?.hookMm };
  const sewing = pace * secondsOfWork(workOfStage(piece.work, "sewing"));
  if (sewing > 0)
    behind = [
      add({ id: `${id} sewing`, part: p.label, stage: "sewing", ...there, seconds: sewing, after: behind }),
    ];
  for (const stage of AFTERWARDS) {
    const seconds = pace * secondsOfWork(workOfStage(piece.work, stage));
    if (seconds > 0)
      behind = [add({ id: `${id} ${stage}`, part: p.label, stage, ...there, seconds, after: behind })];
  }
  return tasks;
}

/** Which parts have to be done before a part is begun, by their place among the parts. */
function partsBefore(order: OrderOfWork, piece: PieceEstimate): Map<number, Set<number>> {
  const indexOf = new Map(piece.parts.map((x, i) => [x.part.name, i]));
  const stepPart = new Map(order.steps.map((s) => [s.id, s.kind === "sew" ? undefined : s.part]));
  const out = new Map<number, Set<number>>();
  for (const e of order.edges) {
    const [before, after] = [
      indexOf.get(stepPart.get(e.before) ?? "\u0000"),
      indexOf.get(stepPart.get(e.after) ?? "\u0000"),
    ];
    if (before === undefined || after === undefined || before === after) continue;
    out.set(after, (out.get(after) ?? new Set()).add(before));
  }
  return out;
}

/** Parts in an order that keeps what waits for what; where two wait for each other their own order stands. */
function sorted(n: number, waits: ReadonlyMap<number, ReadonlySet<number>>): number[] {
  const out: number[] = [];
  const seen = new Set<number>();
  const visit = (i: number) => {
    if (seen.has(i)) return;
    seen.add(i);
    for (const j of waits.get(i) ?? []) visit(j);
    out.push(i);
  };
  for (let i = 0; i < n; i++) visit(i);
  return out;
}
