import type { ShopOrderState } from "@core/shelf/shop";
import type { ShopTrouble } from "./shop.server";

export const ORDER_WORDS: Readonly<Record<ShopOrderState, string>> = {
  placed: "to pack",
  packed: "packed",
  sent: "sent",
  off: "called off",
  back: "came back",
};

/** What is wrong with the shop, and what becomes of it. */
export const TROUBLE_WORDS: Readonly<Record<ShopTrouble, string>> = {
  away: "The shop does not answer. Nothing is lost: what it has to be told waits here.",
  refused:
    "The shop refuses what it is asked. It may have another key than this Lapka; whoever runs the machine finds more in its log.",
  unsigned:
    "Something answers that is not the shop: its answer is not signed with the key. Nothing of it was taken in.",
  unreadable: "The shop’s answer could not be read. Nothing of it was taken in.",
};

export const TROUBLE_BADGES: Readonly<Record<ShopTrouble, string>> = {
  away: "does not answer",
  refused: "refuses",
  unsigned: "not the shop",
  unreadable: "cannot be read",
};

export const orderText = (o: { readonly number: string }): string => `Order ${o.number}`;
/** Who it is for, also when they were forgotten. */
export const forText = (o: { readonly customer: string }): string =>
  o.customer === "" ? "somebody, forgotten" : o.customer;
/** "2 to make": what an order waits for; undefined where all of it is there. */
export const lackText = (n: number): string | undefined => (n === 0 ? undefined : `${n} to make`);
