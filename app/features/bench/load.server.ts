import { seconds } from "@core/units";
import { createHash } from "node:crypto";
import { setTimeout } from "node:timers/promises";
import { addWork, secondsOfWork } from "@core/estimate";
import { PLAIN_STYLE } from "@core/notation";
import {
  benchState,
  benchSteps,
  timingsOf,
  withUsual,
  type BenchAct,
  type BenchStep,
  type BenchTiming,
} from "@core/planning";
import {
  findBenchLine,
  listActs,
  benchPrefix,
  setBenchTimings,
  setMade,
  type BenchLine,
  type KeptAct,
} from "@db/queries/bench";
import type { NewTiming } from "@db/queries/hands";
import { findItem, findRevisions, type ItemWithRevision } from "@db/queries/items";
import type { Scope } from "@db/scope";
import { allColourways } from "../../server/rows.server";
import { dayOf, type Opened } from "../../server/scope.server";
import { measuresOf } from "../figure/picture.server";
import { stageWork, tradeExpected, type ItemAnalysis } from "@core/item";
import {
  analyseForTrade,
  analyseStored,
  draftOf,
  inColourway,
  loadSurroundings,
  type Surroundings,
} from "../items/load.server";
import { kitSteps } from "../kit/table";
import { asAct } from "./acts";

/** A line of a run with the steps of one of its pieces. */
export interface BenchWork extends BenchLine {
  readonly entry: ItemWithRevision;
  readonly surroundings: Surroundings;
  /** Undefined where the text cannot be reckoned. */
  readonly analysis: ItemAnalysis | undefined;
  readonly steps: readonly BenchStep[];
}

/**
 * Undefined where the line, its item or its text is not there; a text that cannot be reckoned has no steps.
 */
export async function loadBenchWork(
  { scope, workshop }: Opened,
  lineId: string,
): Promise<BenchWork | undefined> {
  const found = await findBenchLine(scope, lineId);
  if (!found) return undefined;
  const { line } = found;
  const [current, revisions, colourways, surroundings] = await Promise.all([
    findItem(scope, line.itemId),
    findRevisions(scope, [line.revisionId]),
    allColourways(scope),
    loadSurroundings(scope, workshop),
  ]);
  const revision = revisions.get(line.revisionId);
  if (!current || !revision) return undefined;
  const entry = inColourway(
    { item: current.item, revision },
    colourways.find((c) => c.id === line.colourwayId),
  );
  const got = await analyseStored(entry, surroundings);
  const steps = got.ok ? stepsOf(got.value, revision.pattern, surroundings) : [];
  return { ...found, entry, surroundings, analysis: got.ok ? got.value : undefined, steps };
}

/** The table opens without the places rather than waiting for a picture that is being drawn ahead of them, ms. */
const LONGEST_WAIT = 1000;

/**
 * The steps with where each part is sewn on, as the figure put together has it; what cannot be put together, or not
 * soon, says nothing: the next look at the table has it.
 */
export async function stepsWithPlaces({ steps, entry, analysis }: BenchWork): Promise<readonly BenchStep[]> {
  if (!analysis || !steps.some((s) => s.kind === "sew")) return steps;
  const measures = measuresOf(entry, analysis);
  const got = await Promise.race([measures, setTimeout(LONGEST_WAIT, undefined, { ref: false })]);
  if (!got) return steps;
  return steps.map((step) => {
    const at =
      step.kind === "sew" && got.places.find((p) => p.part === step.partIndex && p.copy === step.copy);
    if (!at) return step;
    return { ...step, where: at.guessed ? `${at.where}, as is usual: the pattern leaves it open` : at.where };
  });
}

const stepsOf = ({ checked, piece, kit }: ItemAnalysis, pattern: string, s: Surroundings): BenchStep[] =>
  kit
    ? kitSteps(kit, s.reading)
    : withUsual(
        benchSteps(
          checked,
          piece.parts.map((p) => p.fabric),
          { ...PLAIN_STYLE, terms: s.terms },
          pattern,
        ),
        piece,
      );

export async function actsOf(scope: Scope, lineId: string): Promise<{ kept: KeptAct[]; acts: BenchAct[] }> {
  const kept = (await listActs(scope, [lineId])).get(lineId) ?? [];
  return { kept, acts: kept.flatMap(asAct) };
}

/** A line's work with what the trade expects of it. */
export interface Settling {
  readonly work: BenchWork;
  /** What the trade expects of its stages; none for a text that cannot be reckoned, and for a kit. */
  readonly expected: ReturnType<typeof tradeExpected> | undefined;
}

/** The reckoning that settling needs, done before its transaction opens so that no row waits for it. */
export async function prepareSettling(work: BenchWork): Promise<Settling> {
  // Winding and counting say nothing of her pace at the hook.
  if (work.entry.asKit) return { work, expected: undefined };
  const trade = await analyseForTrade(work.entry, work.surroundings);
  return { work, expected: trade.ok ? tradeExpected(draftOf(work.entry.revision), trade.value) : undefined };
}

const endOf = (t: BenchTiming): number => t.acts.at(-1)?.at ?? 0;

/**
 * Carries what the acts come to into the run and the hand: pieces made, and timings of what is whole. The pieces of
 * a day are one sitting with a lap a piece: one by one they would pass for short sittings, which are slow ones, and
 * the hand for a quicker one than it is.
 */
export async function settleBench(scope: Scope, { work, expected }: Settling): Promise<void> {
  const { kept, acts } = await actsOf(scope, work.line.id);
  const state = benchState(work.steps, work.line.quantity, acts);
  await setMade(scope, work, state.pieces);
  if (!expected) return;
  const handOf = new Map(kept.map((k) => [k.key, k.handId]));
  const prefix = benchPrefix(work.line.id);
  const sittings = new Map<string, NewTiming>();
  for (const t of timingsOf(work.steps, work.line.quantity, state).sort((x, y) => endOf(x) - endOf(y))) {
    const last = t.acts.at(-1);
    const handId = last && handOf.get(last.key);
    const one = stageWork(expected, t.part, t.stage);
    if (!last || !handId || secondsOfWork(one) <= 0) continue;
    const madeOn = dayOf(new Date(last.at), scope.zone);
    const name = createHash("sha256")
      .update(`${t.part}\u0000${t.stage}\u0000${handId}`)
      .digest("hex")
      .slice(0, 12);
    const key = `${prefix}${madeOn}-${name}`;
    const before = sittings.get(key);
    sittings.set(key, {
      handId,
      itemId: work.entry.item.id,
      revisionId: work.entry.revision.id,
      part: t.part,
      stage: t.stage,
      pieces: (before?.pieces ?? 0) + 1,
      seconds: seconds((before?.seconds ?? 0) + t.seconds),
      // A lap is a piece; the rounds' own times stay with the acts.
      laps: [...(before?.laps ?? []), t.seconds],
      work: addWork(before?.work ?? {}, one),
      madeOn,
      note: `bench: ${work.run.name}`.slice(0, 200),
      idempotencyKey: key,
    });
  }
  const timings = [...sittings.values()];
  await setBenchTimings(scope, prefix, timings);
}
