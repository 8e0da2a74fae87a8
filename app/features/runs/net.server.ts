import { createHash } from "node:crypto";
import { LRUCache } from "lru-cache";
import type { RunWithLines } from "@db/queries/runs";
import { netOpenRuns, type CupboardRows } from "./net";

/** A packing of a shade takes some milliseconds, and every page of a run asks for all of them. */
const known = new LRUCache<string, ReturnType<typeof netOpenRuns>>({ max: 60 });

/**
 * Open runs against the cupboard, kept by everything that the answer depends on: the same question gets the
 * same answer without the work, and any change asks anew.
 */
export function netKnown(runs: readonly RunWithLines[], rows: CupboardRows): ReturnType<typeof netOpenRuns> {
  const key = createHash("sha256")
    .update(
      JSON.stringify([
        runs.map((r) => [
          r.run.id,
          r.run.name,
          r.run.startOn,
          r.lines.map((l) => [l.quantity, l.plannedWith]),
        ]),
        rows.yarns.map((y) => [y.id, y.name, y.shade, y.ballMg, y.ballPrice, y.packBalls, y.supplierId]),
        rows.notions.map((n) => [n.id, n.name, n.kind, n.packSize, n.packPrice, n.supplierId]),
        [...rows.onHand],
        [...rows.onOrder],
        rows.balls.map((b) => [b.id, b.yarnId, b.lot, b.mg, b.state]),
        rows.cuttings.map((c) => [c.runId, c.version, c.plan]),
      ]),
    )
    .digest("base64");
  const had = known.get(key);
  if (had) return had;
  const made = netOpenRuns(runs, rows);
  known.set(key, made);
  return made;
}
