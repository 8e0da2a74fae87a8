import { listHands, type Hand } from "@db/queries/hands";
import { loadAnalysedColourways, withoutKits } from "../items/load.server";
import { handsSeen } from "../../server/measured.server";
import { todayOf, type Opened } from "../../server/scope.server";

/** Hands as a form offers them. */
export const handOptions = (hands: readonly Hand[]) =>
  hands.map((h) => ({ id: h.id, name: h.name, loops: h.loops }));

/**
 * What can be measured: items with their parts, in their own colours and in each colourway, and whose hands
 * there are.
 */
export async function loadChoices(opened: Opened) {
  const { scope, workshop } = opened;
  const [{ all }, hands] = await Promise.all([loadAnalysedColourways(scope, workshop), listHands(scope)]);
  const made = withoutKits(all).filter((x) => x.analysis.piece.parts.length > 0);
  return {
    today: todayOf(scope),
    hands: handOptions(handsSeen(hands, opened.ownHand)),
    items: made
      .filter((x) => x.colourway === undefined)
      .map(({ entry, analysis }) => ({
        id: entry.item.id,
        name: entry.item.name,
        parts: analysis.piece.parts.map((p) => ({ name: p.part.name, make: p.part.make })),
        colourways: made
          .filter((x) => x.entry.item.id === entry.item.id && x.colourway)
          .map((x) => ({ id: x.colourway?.id ?? "", name: x.colourway?.name ?? "" })),
      })),
  };
}
export type Choices = Awaited<ReturnType<typeof loadChoices>>;
