import { data } from "react-router";
import { paperSize } from "../paper/list.server";
import { readingOf, todayOf, type Opened } from "../../server/scope.server";
import { allPieces, allPlaces, allPrices, loadWares, priceListOf } from "./wares.server";

/**
 * What the papers of selling say: one way of selling (the first where none is asked for), its prices, and what
 * stands at a place. @throws Response 404 where there is no such place or way
 */
export async function sellingPaper({ scope, workshop }: Opened, search: URLSearchParams) {
  const [{ wares, channels }, places, pieces, prices] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
    allPrices(scope),
  ]);
  const asked = search.get("channel");
  const placeId = search.get("place");
  const place = placeId === null ? undefined : places.find((p) => p.id === placeId && p.kind === "shelf");
  const channel = channels.find((c) => c.id === (place?.channelId ?? asked ?? channels[0]?.id));
  if (!channel || (placeId !== null && !place)) throw data(null, { status: 404 });
  const priceOf = priceListOf(prices);
  const at = (itemId: string, colourwayId: string) =>
    pieces
      .filter((p) => p.placeId === place?.id && p.itemId === itemId && p.colourwayId === colourwayId)
      .filter((p) => p.grade === "good")
      .reduce((n, p) => n + p.quantity, 0);
  return {
    place: place?.name ?? "",
    selling: {
      maker: workshop.name,
      channel: channel.name,
      taxBp: channel.taxBp,
      taxIncluded: channel.taxIncluded,
      leastPieces: channel.leastPieces,
      payWithinDays: channel.payWithinDays,
      shareBp: channel.fees.reduce((n, f) => n + f.bp, 0),
      paper: paperSize(search),
      today: todayOf(scope),
      reading: readingOf(workshop),
    },
    wares: wares.map((w) => ({
      label: w.label,
      price: priceOf(w, channel.id),
      there: place ? at(w.itemId, w.colourwayId) : 0,
    })),
  };
}
