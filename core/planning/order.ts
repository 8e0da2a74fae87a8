import { mainPart, withAssembly } from "../estimate";
import type { FabricPart } from "../fabric";
import { takenIn, LEAST_EYE_OPENING, type CheckedPart, type CheckedPattern } from "../notation";

export type StepKind = "work" | "face" | "fill" | "close" | "join" | "sew" | "finish";

export interface WorkStep {
  readonly id: string;
  readonly kind: StepKind;
  readonly part: string | undefined;
  /** What is done, in the maker's words. */
  readonly label: string;
  /** 1-based line of the pattern it comes from. */
  readonly line: number | undefined;
  /** Of which part, as an index into `withAssembly`; undefined for the whole piece. */
  readonly of?: number;
  /** The rounds worked in it, half open, from 0. */
  readonly rounds?: { readonly from: number; readonly to: number };
}

/** `before` has to be done before `after`; `why` in the trade's words. */
export interface Precedence {
  readonly before: string;
  readonly after: string;
  readonly why: string;
}

export interface OrderOfWork {
  /** In an order that keeps every precedence, parts in the pattern's own order where nothing else decides. */
  readonly steps: readonly WorkStep[];
  readonly edges: readonly Precedence[];
}

const SNOUT = /snout|muzzle|nose|beak|bill|eye patch|patch|mask|cheek|face/i;

/**
 * The order of work of one piece: steps of every part, and what must come before what. Precedence and reasons
 * are those of craft §1 (common practice, no source). The graph has no cycle by construction: stages of a
 * part follow each other, and parts only wait for parts that the pattern takes in. Linear in parts × parts
 * and in the rounds.
 */
export function orderOfWork(pattern: CheckedPattern, fabrics: readonly FabricPart[]): OrderOfWork {
  const parts = withAssembly(pattern);
  const main = mainPart(parts);
  const steps: WorkStep[] = [];
  const edges: Precedence[] = [];
  const edge = (before: string, after: string, why: string) => {
    if (before !== after && !edges.some((e) => e.before === before && e.after === after))
      edges.push({ before, after, why });
  };
  const taken = takenIn(parts);
  const stages = parts.map((part, i) => stagesOf(part, fabrics[i], i, steps, edge));
  const at = (p: CheckedPart | undefined) => (p ? stages[parts.indexOf(p)] : undefined);

  for (const { part, into, round, why } of taken) {
    const from = at(part);
    const to = at(into);
    if (from && to) edge(from.done, to.workBefore(round), why);
  }
  const body = at(main);
  parts.forEach((part, i) => {
    const own = stages[i];
    if (!own || part === main || taken.some((t) => t.part === part)) return;
    if (!body || taken.some((t) => t.into === part && t.part === main)) return;
    const id = `sew-${i}`;
    const many = part.make > 1 ? `${part.make} × ${part.name}` : part.name;
    steps.push({ id, kind: "sew", part: part.name, label: `Sew on: ${many}`, line: undefined, of: i });
    edge(own.done, id, "a part is finished and has its tail before it is sewn on");
    if (SNOUT.test(part.name) && body.face) {
      edge(body.beforeFace, id, "it is sewn to the rounds where the face will be");
      edge(
        id,
        body.face,
        "sewn first: the eyes take their place from it, and a washer never comes off again",
      );
    } else edge(body.done, id, "a filled, closed body holds its shape under the needle");
  });
  const finish = (id: string, label: string) => {
    steps.push({ id, kind: "finish", part: undefined, label, line: undefined });
    return id;
  };
  const ends = finish("ends", "Hide the ends");
  for (const s of steps)
    if (s.id !== ends && !edges.some((e) => e.before === s.id))
      edge(s.id, ends, "nothing more is sewn or worked on");
  const look = finish("inspect", "Look it over");
  edge(ends, look, "eyes level, seams tight, no filling showing; the pull test on everything sewn");
  const hang = finish("hang", "Hang, tag and pack");
  edge(look, hang, "the hanger goes on last, when everything is attached");
  return { steps: sorted(steps, edges), edges };
}

interface Stages {
  /** The step in which a round (by its index in the part) is worked. */
  readonly workBefore: (round: number) => string;
  readonly beforeFace: string;
  readonly face: string | undefined;
  readonly done: string;
}

/** A part's own steps in their order: rounds, face, filling, last rounds, closing. */
function stagesOf(
  part: CheckedPart,
  fabric: FabricPart | undefined,
  index: number,
  steps: WorkStep[],
  edge: (a: string, b: string, why: string) => void,
): Stages {
  const filled = fabric?.form === "filled";
  const closed = fabric?.shape !== undefined && !fabric.openEnd && filled;
  const n = part.rounds.length;
  const face = part.events.filter(
    ({ event }) => event.kind === "eyes" || (event.kind === "embroider" && filled),
  );
  const put = (
    id: string,
    kind: StepKind,
    label: string,
    line: number | undefined,
    rounds?: WorkStep["rounds"],
  ): string => {
    const own = { id: `${id}-${index}`, kind, part: part.name, label, line, of: index };
    steps.push(rounds ? { ...own, rounds } : own);
    return `${id}-${index}`;
  };
  const name = part.make > 1 ? `${part.name} (${part.make} of them)` : part.name;
  // Filling goes in where the text says, or at the last opening of twelve or more.
  const said = part.events.find(
    (e) => e.event.kind === "stuff" && !e.event.none && e.afterRound > 0 && e.afterRound < n,
  );
  const open = part.rounds.findLastIndex((r) => (r.count ?? 0) >= LEAST_EYE_OPENING);
  const until = !filled ? n : (said?.afterRound ?? (open >= 0 && open < n - 1 ? open + 1 : n));
  const faceAfter = face.reduce((most, e) => Math.max(most, e.afterRound), 0);
  const cut = Math.max(1, Math.min(n, Math.max(until, faceAfter)));
  const label = (from: number, to: number) =>
    from > to ? "" : from === to ? `rnd ${from}` : `rnds ${from}–${to}`;
  const first = put(
    "work",
    "work",
    n <= 1 || cut >= n ? `Work ${name}` : `${name}: ${label(1, cut)}`,
    part.rounds[0]?.line,
    { from: 0, to: cut },
  );
  let done = first;
  let facing: string | undefined;
  if (face.length > 0) {
    const eyes = face.some((e) => e.event.kind === "eyes");
    facing = put(
      "face",
      "face",
      eyes ? `${part.name}: put in the eyes` : `${part.name}: embroider the face`,
      face[0]?.line,
    );
    edge(
      done,
      facing,
      eyes
        ? "look at the position on the finished rounds before a washer is pressed"
        : "stitched while the inside can still be reached",
    );
    done = facing;
  }
  if (filled) {
    const fill = put(
      "fill",
      "fill",
      `Fill ${part.name}${fabric.firmness === "medium" ? "" : fabric.firmness === "firm" ? " firmly" : " lightly"}`,
      said?.line,
    );
    edge(
      done,
      fill,
      facing
        ? "washers and knots go on from inside, before the filling is in the way"
        : "filled while the opening still takes it; pull the live loop long first",
    );
    done = fill;
  }
  if (cut < n) {
    const rest = put("rest", "work", `${part.name}: ${label(cut + 1, n)}`, part.rounds[cut]?.line, {
      from: cut,
      to: n,
    });
    edge(done, rest, filled ? "the last rounds close over the filling" : "the rounds go on");
    done = rest;
  }
  if (closed) {
    const close = put(
      "close",
      "close",
      `Close ${part.name}`,
      part.events.find((e) => e.event.kind === "close")?.line,
    );
    edge(
      done,
      close,
      facing
        ? "nothing goes inside after the hole is drawn shut"
        : "the last ring is drawn shut over the filling",
    );
    done = close;
  }
  return {
    workBefore: (round) => (cut < n && round >= cut ? `rest-${index}` : first),
    beforeFace: first,
    face: facing,
    done,
  };
}

/**
 * Kahn's order, always taking the earliest step that is free: the pattern's own order where nothing else
 * decides.
 */
function sorted(steps: readonly WorkStep[], edges: readonly Precedence[]): WorkStep[] {
  const waits = new Map(steps.map((s) => [s.id, edges.filter((e) => e.after === s.id).length]));
  const out: WorkStep[] = [];
  const left = [...steps];
  while (left.length > 0) {
    const at = Math.max(
      0,
      left.findIndex((s) => waits.get(s.id) === 0),
    );
    const [step] = left.splice(at, 1);
    if (!step) break;
    out.push(step);
    for (const e of edges) if (e.before === step.id) waits.set(e.after, (waits.get(e.after) ?? 1) - 1);
  }
  return out;
}
