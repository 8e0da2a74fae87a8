import { findItem, findRevisions } from "@db/queries/items";
import type { RunWithLines } from "@db/queries/runs";
import type { LinePlannedWith } from "@db/schema";
import {
  analyseStored,
  inColourway,
  loadAnalysedColourways,
  loadSurroundings,
  type Surroundings,
} from "../items/load.server";
import { allColourways } from "../../server/rows.server";
import type { Opened } from "../../server/scope.server";
import { plannedLine } from "./line";
import { planOf, type Shelves } from "./load.server";

/** A line of a run as it was planned, and what the same pieces would take with what is known today. */
export interface LineNow {
  readonly id: string;
  readonly itemId: string;
  readonly colourwayId: string | null;
  readonly quantity: number;
  /** It is packed as a kit, not made. */
  readonly kit: boolean;
  readonly planned: LinePlannedWith;
  /**
   * The same revision with today's hand and prices; undefined when the item is gone or cannot be reckoned.
   */
  readonly now: LinePlannedWith | undefined;
  /** The item has a newer revision than this run was planned with. */
  readonly newer: boolean;
}

/** Moved by more than this share, a line is worth telling of. */
const TOLD = { cost: 0.02, seconds: 0.03 } as const;
const moved = (was: number, is: number, share: number) => Math.abs(is - was) > share * was;
export const hasMoved = (l: LineNow): boolean =>
  l.newer ||
  (l.now !== undefined &&
    (moved(l.planned.cost, l.now.cost, TOLD.cost) || moved(l.planned.seconds, l.now.seconds, TOLD.seconds)));

export async function linesNow(
  r: RunWithLines,
  { scope, workshop }: Opened,
): Promise<{ lines: LineNow[]; surroundings: Surroundings }> {
  const [revisions, surroundings, colourways, items] = await Promise.all([
    findRevisions(
      scope,
      r.lines.map((l) => l.revisionId),
    ),
    loadSurroundings(scope, workshop),
    allColourways(scope),
    Promise.all(
      [...new Set(r.lines.map((l) => l.itemId))].map(async (id) => [id, await findItem(scope, id)] as const),
    ),
  ]);
  const byId = new Map(items);
  const lineNow = async (l: RunWithLines["lines"][number]): Promise<LineNow> => {
    const current = byId.get(l.itemId);
    const kept = revisions.get(l.revisionId);
    const colourway = colourways.find((c) => c.id === l.colourwayId);
    const got =
      current && kept
        ? await analyseStored(inColourway({ item: current.item, revision: kept }, colourway), surroundings)
        : undefined;
    const now = got?.ok ? got.value : undefined;
    return {
      id: l.id,
      itemId: l.itemId,
      colourwayId: l.colourwayId,
      quantity: l.quantity,
      kit: colourway?.asKit ?? false,
      planned: l.plannedWith,
      newer: current ? current.item.revision > l.plannedWith.revision : false,
      now: now
        ? plannedLine(l.plannedWith.label, l.plannedWith.revision, now, l.quantity, surroundings.hand.batch)
        : undefined,
    };
  };
  return { lines: await Promise.all(r.lines.map(lineNow)), surroundings };
}

/** The day the run would be done with what is known now. */
export function finishNow(
  r: RunWithLines,
  lines: readonly LineNow[],
  shelves: Shelves,
  runs: readonly RunWithLines[],
  today: string,
): string | undefined {
  const now = new Map(lines.map((l) => [l.id, l.now]));
  const dressed: RunWithLines = {
    ...r,
    lines: r.lines.map((l) => ({ ...l, plannedWith: now.get(l.id) ?? l.plannedWith })),
  };
  return planOf(shelves, dressed, runs, today).finish;
}

/**
 * What each line would be planned with today: its item's present revision, her hand and prices as they are
 * now.
 */
export async function plannedNow(
  r: RunWithLines,
  { scope, workshop }: Opened,
): Promise<Map<string, { revisionId: string; plannedWith: LinePlannedWith }>> {
  const { all, surroundings } = await loadAnalysedColourways(scope, workshop);
  return new Map(
    r.lines.flatMap((l) => {
      const x = all.find((a) => a.entry.item.id === l.itemId && (a.colourway?.id ?? null) === l.colourwayId);
      return x
        ? [
            [
              l.id,
              {
                revisionId: x.entry.revision.id,
                plannedWith: plannedLine(
                  x.label,
                  x.entry.revision.number,
                  x.analysis,
                  l.quantity,
                  surroundings.hand.batch,
                ),
              },
            ] as const,
          ]
        : [];
    }),
  );
}
