import { parseDate } from "@internationalized/date";
import { findCommission, listCommissions, PROMISED, type Commission } from "@db/queries/commissions";
import type { Scope } from "@db/scope";
import { keep } from "../../server/kept";
import type { Opened } from "../../server/scope.server";
import { wareKey } from "../sell/wares";
import { SOON_DAYS } from "./words";
import { allPrices, loadWares, priceListOf } from "../sell/wares.server";

export const allCommissions = (scope: Scope): Promise<readonly Commission[]> =>
  keep(scope, "commissions", ["shelf"], () => listCommissions(scope));

export interface PromisedSoon {
  readonly id: string;
  readonly customer: string;
  readonly what: string;
  readonly dueOn: string;
  readonly state: Commission["state"];
}
/** What is promised for the coming days, or should have been handed over, the soonest first. */
export async function promisedSoon(
  scope: Scope,
  today: string,
  label: (itemId: string, colourwayId: string) => string | undefined,
): Promise<PromisedSoon[]> {
  const until = parseDate(today).add({ days: SOON_DAYS }).toString();
  return (await allCommissions(scope))
    .filter((c) => PROMISED.includes(c.state) && c.dueOn <= until)
    .map((c) => ({
      id: c.id,
      customer: c.customer,
      what: `${c.quantity} × ${label(c.itemId, c.colourwayId) ?? "something deleted"}`,
      dueOn: c.dueOn,
      state: c.state,
    }));
}

/** What can be made for somebody, and what one of it costs in each way of selling. */
export async function orderable({ scope, workshop }: Opened) {
  const [{ wares, channels }, prices] = await Promise.all([loadWares(scope, workshop), allPrices(scope)]);
  const priceOf = priceListOf(prices);
  return {
    wares,
    channels,
    options: wares.map((w) => ({ value: w.key, label: w.label })),
    ways: channels.map((c) => ({ value: c.id, label: c.name })),
    priceOf,
  };
}

/** One commission with its ware. @throws nothing; undefined where it is not there. */
export async function openCommission(opened: Opened, id: string) {
  const commission = await findCommission(opened.scope, id);
  if (!commission) return undefined;
  const from = await orderable(opened);
  const ware = from.wares.find((w) => w.key === wareKey(commission.itemId, commission.colourwayId));
  return { commission, ware, ...from };
}
