import { listHands } from "@db/queries/hands";
import { loadAnalysedItems } from "../items/load.server";
import { todayOf, type Opened } from "../../server/scope.server";

/** What can be measured: items with their parts, and whose hands there are. */
export async function loadChoices({ scope, workshop }: Opened) {
  const [{ items }, hands] = await Promise.all([loadAnalysedItems(scope, workshop), listHands(scope)]);
  return {
    today: todayOf(scope.now),
    hands: hands.map((h) => ({ id: h.id, name: h.name, loops: h.loops })),
    items: items.filter((i) => i.analysis.piece.parts.length > 0).map(({ entry, analysis }) => ({ id: entry.item.id, name: entry.item.name, parts: analysis.piece.parts.map((p) => ({ name: p.part.name, make: p.part.make })) })),
  };
}
export type Choices = Awaited<ReturnType<typeof loadChoices>>;
