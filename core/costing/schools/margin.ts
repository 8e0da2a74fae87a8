import { costPerSold, priceLeaving } from "../sale";
import type { School } from "./school";

/**
 * Target margin: what is left after every cost is a given share of the net price (management accounting, from
 * memory).
 */
export const targetMargin: School<{ readonly margin: number }> = {
  name: "target margin",
  price: (m, c, { margin }) => priceLeaving(costPerSold(m), c, margin),
};
