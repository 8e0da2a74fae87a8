import {
  hourly,
  multipleOfMaterials,
  NothingLeft,
  pointAtOrAbove,
  targetMargin,
  USUAL_MULTIPLE,
  type Channel,
  type Making,
} from "@core/costing";
import { minor, toPricePoint, type Minor } from "@core/units";
import type { PriceSchool } from "@db/schema";

/** How many prices are changed at once: a percentage more or less, what a school asks, or the piece's own again. */
export const HOWS = ["percent", "hourly", "margin", "multiple", "own"] as const;
export type How = (typeof HOWS)[number];
export const HOW_WORDS: Readonly<Record<How, string>> = {
  percent: "by percent",
  hourly: "to materials and my hour",
  margin: "to my margin",
  multiple: `to ${USUAL_MULTIPLE} × materials`,
  own: "back to its own price",
};
export const isHow = (text: unknown): text is How => HOWS.some((h) => h === text);

/** Where a price came from, as it stands beside it; what she typed herself needs no word. */
export const SCHOOL_WORDS: Readonly<Record<PriceSchool, string>> = {
  hand: "",
  percent: "by percent",
  hourly: "materials and hour",
  margin: "with margin",
  multiple: `${USUAL_MULTIPLE} × materials`,
};

/** A piece in one way of selling, as the schools need it. Money in minor units. */
export interface Asked {
  readonly making: Making;
  readonly channel: Channel;
  readonly price: number;
}

/**
 * What one piece is to cost: null is its own price again, undefined where no price can pay what the school wants.
 * Prices go up to the next price point.
 */
export function priceBy(
  how: How,
  { making, channel, price }: Asked,
  terms: { readonly percent: number; readonly margin: number; readonly points: readonly number[] },
): Minor | null | undefined {
  const upTo = (exact: () => number) => {
    try {
      return pointAtOrAbove(exact(), terms.points);
    } catch (e) {
      if (e instanceof NothingLeft) return undefined;
      throw e;
    }
  };
  switch (how) {
    case "own":
      return null;
    case "percent":
      return toPricePoint(minor(Math.max(0, Math.round(price * (1 + terms.percent / 100)))), terms.points);
    case "hourly":
      return upTo(() => hourly.price(making, channel, undefined));
    case "margin":
      return upTo(() => targetMargin.price(making, channel, { margin: terms.margin }));
    case "multiple":
      return upTo(() => multipleOfMaterials.price(making, channel, { times: USUAL_MULTIPLE }));
  }
}
