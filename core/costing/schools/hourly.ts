import { costPerSold, priceLeaving } from "../sale";
import type { School } from "./school";

/**
 * Hourly wage and materials: the price that pays every cost and her hour, and no more (cost-plus without a
 * margin).
 */
export const hourly: School<undefined> = {
  name: "hourly wage and materials",
  price: (m, c) => priceLeaving(costPerSold(m), c, 0),
};
