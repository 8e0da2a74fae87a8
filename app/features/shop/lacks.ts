import { lacking } from "@core/shelf/shop";
import type { PieceBalance } from "@db/queries/pieces";
import type { OrderWithLines } from "@db/queries/shop";
import { wareKey } from "../sell/wares";

/** Good pieces by ware at the place that parcels leave from. */
export function thereAt(pieces: readonly PieceBalance[], placeId: string): Map<string, number> {
  const there = new Map<string, number>();
  for (const p of pieces) {
    if (p.placeId !== placeId || p.grade !== "good") continue;
    const key = wareKey(p.itemId, p.colourwayId);
    there.set(key, (there.get(key) ?? 0) + p.quantity);
  }
  return there;
}

/**
 * What each waiting order lacks, by ware; who ordered first is served first.
 * @param commissioned what is promised to others: it waits at home, and is nothing to another place
 */
export function lacksOf(
  waiting: readonly OrderWithLines[],
  there: ReadonlyMap<string, number>,
  commissioned: ReadonlyMap<string, number>,
  placeId: string,
): ReturnType<typeof lacking> {
  const free = new Map(there);
  if (placeId === "") for (const [key, n] of commissioned) free.set(key, (free.get(key) ?? 0) - n);
  return lacking(
    free,
    waiting.flatMap((o) =>
      o.lines.flatMap((l) =>
        l.itemId === null
          ? []
          : [{ orderId: o.id, key: wareKey(l.itemId, l.colourwayId), quantity: l.quantity }],
      ),
    ),
  );
}
