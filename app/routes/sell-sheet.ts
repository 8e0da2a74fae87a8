import { data } from "react-router";
import type { Route } from "./+types/sell-sheet";
import { listResponse, sheetResponse } from "../features/paper/list.server";
import { pricePaper, shelfNote, signsOf } from "../features/sell/paper";
import { sellingPaper } from "../features/sell/paper.server";
import { openWorkshop } from "../server/scope.server";

/** A price list, signs for the stall, or the note that stays with a shop, as PDF. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const url = new URL(request.url);
  const { selling, place, wares } = await sellingPaper(opened, url.searchParams);
  const which = /(\w+)\.pdf$/.exec(url.pathname)?.[1];
  if (which === "signs")
    return sheetResponse({ sheet: "signs", signs: signsOf(selling, wares) }, `signs ${selling.channel}`);
  if (which === "list") return listResponse(pricePaper(selling, wares), `prices ${selling.channel}`);
  if (place === "") throw data("Say which shelf: ?place=…", { status: 400 });
  return listResponse(shelfNote(selling, place, wares), `consignment ${place}`);
}
