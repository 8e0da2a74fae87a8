import type { StallAct } from "@core/shelf/stall";
import { findMarket } from "@db/queries/places";
import { keepSales, listSales, setPaid, undoSales } from "@db/queries/sales";
import { NotThere, transact } from "@db/scope";
import type { Route } from "./+types/stall-acts";
import { actsOfSales, saleOf, stallSchema } from "../features/sell/stall-acts";
import { answering, ownWorkshop, readJson, refused } from "../server/form.server";
import { about } from "../server/doing";
import { openWorkshop } from "../server/scope.server";

/** Two servers' clocks, and a transaction that was begun before another and ended after it. */
const MARGIN_MS = 15_000;

/**
 * What was done at the stall, in any order and as often as a device likes to send it; answers what is new to
 * it.
 */
export function action({ request, params, context }: Route.ActionArgs): Promise<Response> {
  return answering(async () => {
    const opened = await openWorkshop(request, context);
    const read = stallSchema.safeParse(await readJson(request));
    if (!read.success) throw refused("Refused: these sales could not be read. They stay on the device.", 400);
    ownWorkshop(read.data.workshop, opened);
    const { scope } = opened;
    const market = await findMarket(scope, params.id);
    if (!market) throw refused("This market day is no longer there. What was sold stays on the device.", 409);
    const { acts, since } = read.data;
    const of = <K extends StallAct["kind"]>(kind: K) =>
      acts.filter((a): a is Extract<StallAct, { kind: K }> => a.kind === kind);
    try {
      if (acts.length > 0)
        await transact(about(scope, { acts: String(acts.length) }), async (tx) => {
          await keepSales(
            tx,
            of("sell").map((a) => saleOf(a, market)),
          );
          await setPaid(tx, new Map(of("pay").map((a) => [a.customer, a.paid])), market.id);
          await undoSales(
            tx,
            of("undo").map((a) => a.of),
          );
        });
    } catch (error) {
      if (error instanceof NotThere)
        throw refused(`${error.what} is no longer there. What was sold stays on the device.`, 409);
      throw error;
    }
    const changed = await listSales(scope, {
      marketId: market.id,
      withUndone: true,
      ...(since === undefined ? {} : { changedSince: new Date(since) }),
    });
    return Response.json({ acts: actsOfSales(changed), until: scope.now.getTime() - MARGIN_MS });
  });
}
