import { findRevisions, type ItemWithRevision } from "@db/queries/items";
import type { RunWithLines } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { inColourway } from "../items/load.server";
import { allColourways, allItems } from "../../server/rows.server";

/**
 * The items of a run's lines, by line, as they were when it was planned: with the revision and in the colours it is
 * made of, whatever was written since. A line whose item was deleted is not among them.
 */
export async function plannedItems(
  scope: Scope,
  { lines }: Pick<RunWithLines, "lines">,
): Promise<ReadonlyMap<string, ItemWithRevision>> {
  const [items, colourways, revisions] = await Promise.all([
    allItems(scope),
    allColourways(scope),
    findRevisions(
      scope,
      lines.map((l) => l.revisionId),
    ),
  ]);
  return new Map(
    lines.flatMap((l): [string, ItemWithRevision][] => {
      const current = items.find((i) => i.item.id === l.itemId);
      const revision = revisions.get(l.revisionId);
      const colourway = colourways.find((c) => c.id === l.colourwayId);
      return current && revision ? [[l.id, inColourway({ item: current.item, revision }, colourway)]] : [];
    }),
  );
}
