import { data } from "react-router";
import type { Route } from "./+types/item-reasons";
import { findItem } from "@db/queries/items";
import { sumTogether } from "@core/estimate";
import { analyseStored, sellingFrom, loadSurroundings } from "../features/items/load.server";
import { costReason, hourReason } from "../features/items/reasons";
import { openWorkshop } from "../server/scope.server";
import type { Opened } from "../ui/figure";

/**
 * The arithmetic behind one item's figures in a list: asked for when a figure is opened, so that the list
 * stays light.
 */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop, reading } = await openWorkshop(request, context);
  const [entry, s] = await Promise.all([findItem(scope, params.id), loadSurroundings(scope, workshop)]);
  if (!entry) throw data(null, { status: 404 });
  const got = await analyseStored(entry, s);
  if (!got.ok) throw data(null, { status: 404 });
  const a = got.value;
  const metres = sumTogether(
    a.piece.yarn.map((y) => y.metres),
    "Yarn in one piece",
    "metres",
  );
  const open = (e: { reason: Opened["reason"]; low: number; high: number }): Opened => ({
    reason: e.reason,
    low: e.low,
    high: e.high,
  });
  const reasons: Record<string, Opened> = {
    metres: open(metres),
    seconds: open(a.piece.seconds),
    cost: { reason: costReason(a) },
    hour: { reason: hourReason(a, sellingFrom(s.channels, entry.item.channelId, entry.item), reading) },
  };
  return Response.json(reasons);
}
