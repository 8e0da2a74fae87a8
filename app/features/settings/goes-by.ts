import type { GoesBy } from "@db/queries/workshops";

const counted = (n: number, one: string, many: string): string[] =>
  n === 0 ? [] : [n === 1 ? `1 ${one}` : `${n} ${many}`];

/** Why a way of selling cannot be taken away yet; undefined where nothing goes by it. */
export function goesByText(of: GoesBy): string | undefined {
  const all = [
    ...counted(of.commissions, "open commission", "open commissions"),
    ...counted(of.markets, "market day", "market days"),
    ...counted(of.places, "place", "places"),
    ...(of.shop ? ["your shop"] : []),
  ];
  if (all.length === 0) return undefined;
  return `Still sold this way: ${all.join(", ")}. Their fees would be lost: end them, or give them another way first.`;
}
