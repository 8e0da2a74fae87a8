import type { Task } from "@core/planning/sequence";

/** Tasks of one kind that follow each other: what she sits down to. */
export interface Stretch {
  readonly part: string;
  readonly stage: string;
  readonly colour: string | undefined;
  readonly hookMm: number | undefined;
  readonly tasks: number;
  readonly seconds: number;
  /** Seconds of work before it. */
  readonly from: number;
  /** Pieces that have all their tasks behind them when it ends. */
  readonly whole: number;
  /** Something is taken up anew: another yarn, another hook, another kind of work. */
  readonly setUps: readonly ("colour" | "hook" | "stage")[];
}

/**
 * An order of tasks as stretches, with what is taken up anew at each and how many pieces are whole after it.
 */
export function stretchesOf(order: readonly string[], tasks: readonly Task[]): Stretch[] {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const left = new Map<string, number>();
  for (const t of tasks) left.set(t.piece, (left.get(t.piece) ?? 0) + 1);
  const out: Stretch[] = [];
  let worked = 0;
  let [whole, colour, hook, stage] = [
    0,
    undefined as string | undefined,
    undefined as number | undefined,
    "",
  ];
  for (const id of order) {
    const t = byId.get(id);
    if (!t) continue;
    const setUps: ("colour" | "hook" | "stage")[] = [];
    if (out.length > 0) {
      if (t.colour !== undefined && colour !== undefined && t.colour !== colour) setUps.push("colour");
      if (t.hookMm !== undefined && hook !== undefined && t.hookMm !== hook) setUps.push("hook");
      if (t.stage !== stage) setUps.push("stage");
    }
    [colour, hook, stage] = [t.colour ?? colour, t.hookMm ?? hook, t.stage];
    const rest = (left.get(t.piece) ?? 1) - 1;
    left.set(t.piece, rest);
    if (rest === 0) whole++;
    const last = out.at(-1);
    if (last && last.part === t.part && last.stage === t.stage && setUps.length === 0)
      out[out.length - 1] = { ...last, tasks: last.tasks + 1, seconds: last.seconds + t.seconds, whole };
    else
      out.push({
        part: t.part,
        stage: t.stage,
        colour: t.colour,
        hookMm: t.hookMm,
        tasks: 1,
        seconds: t.seconds,
        from: worked,
        whole,
        setUps,
      });
    worked += t.seconds;
  }
  return out;
}
