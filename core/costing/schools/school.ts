import type { Channel, Making } from "../sale";

/** A way to come to a price. Answers the exact price in minor units, before price points. */
export interface School<Need> {
  readonly name: string;
  readonly price: (m: Making, c: Channel, need: Need) => number;
}
