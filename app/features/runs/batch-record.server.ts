import { batchNumber, listBatches, lookedAt, lotsUsed } from "@db/queries/batches";
import { listHands } from "@db/queries/hands";
import { lotsOfPieces } from "@db/queries/piece-lots";
import { findRun } from "@db/queries/runs";
import type { Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { readingOf } from "../../server/scope.server";
import { measuresOf } from "../figure/picture.server";
import { analyseStored, draftOf, loadSurroundings } from "../items/load.server";
import { loadCupboard, type Cupboard } from "../materials/load.server";
import type { ListPaper } from "../paper/input";
import { besideOf, safetyFacts } from "../safety/facts";
import type { BatchFacts } from "./batch-record";
import { plannedItems } from "./planned.server";
import { lotInWords } from "./lot-words";
import { pointsOf } from "./points";

/** All that is known of a batch of a run; undefined where there is no such batch. */
export async function loadBatchFacts(
  scope: Scope,
  workshop: Workshop,
  of: { readonly runId: string; readonly batchId: string; readonly paper: ListPaper["paper"] },
): Promise<BatchFacts | undefined> {
  const [found, batches, lots, hands, cupboard] = await Promise.all([
    findRun(scope, of.runId),
    listBatches(scope, { runId: of.runId }),
    lotsUsed(scope, { runId: of.runId }),
    listHands(scope),
    loadCupboard(scope, true),
  ]);
  const batch = batches.find((b) => b.id === of.batchId);
  if (!found || !batch) return undefined;
  const line = found.lines.find((l) => l.id === batch.lineId);
  const item = line && (await aboutItem(scope, workshop, found, line.id, cupboard));
  const byPiece = await lotsOfPieces(scope, found);
  const yarns = new Map(cupboard.yarns.map((y) => [y.id, y]));
  return {
    number: batchNumber(batch),
    label: line?.plannedWith.label ?? "something deleted",
    maker: workshop.name,
    paper: of.paper,
    reading: readingOf(workshop),
    run: found.run.name,
    inspectedOn: batch.inspectedOn,
    hand: hands.find((h) => h.id === batch.handId)?.name,
    looked: lookedAt(batch),
    passed: batch.good,
    mended: batch.mended,
    seconds: batch.seconds,
    rejected: batch.rejected,
    note: batch.note,
    lots: lots.map((l) => ({
      yarn: `${l.yarn}, ${l.shade}`,
      fibre: yarns.get(l.yarnId)?.fibre ?? "",
      supplier: supplierOf(cupboard, yarns.get(l.yarnId)?.supplierId),
      lot: l.lot,
      used: l.used,
    })),
    byPiece: ((batch.lineId && byPiece.get(batch.lineId)) || []).map((g) => ({
      pieces: g.pieces,
      lots: g.lots.map((l) => lotInWords(yarns.get(l.yarnId), l.lot)),
    })),
    ...(item ?? {
      revision: undefined,
      use: undefined,
      notions: [],
      points: [],
      checks: [],
      cautions: [],
      care: "",
    }),
  };
}

const supplierOf = (c: Cupboard, id: string | null | undefined): string =>
  c.suppliers.find((s) => s.id === id)?.name ?? "";

/** Of the item as the run was planned with it: what it is made of besides yarn, and what is looked at. */
async function aboutItem(
  scope: Scope,
  workshop: Workshop,
  found: NonNullable<Awaited<ReturnType<typeof findRun>>>,
  lineId: string,
  cupboard: Cupboard,
) {
  const [planned, s] = await Promise.all([plannedItems(scope, found), loadSurroundings(scope, workshop)]);
  const entry = planned.get(lineId);
  if (!entry) return undefined;
  const got = await analyseStored(entry, s);
  if (!got.ok) return undefined;
  const draft = draftOf(entry.revision);
  const measures = await measuresOf(entry, got.value);
  const use = entry.item.useFor;
  const facts = safetyFacts(use, draft, got.value, measures, s.yarns, s.notions);
  const { checks, cautions, care } = besideOf(use, facts);
  return {
    revision: entry.revision.number,
    use,
    notions: draft.notions.flatMap(({ notionId, quantity }) => {
      const n = cupboard.notions.find((x) => x.id === notionId);
      return n
        ? [
            {
              name: n.name,
              quantity: n.kind === "filling" ? 0 : quantity,
              supplier: supplierOf(cupboard, n.supplierId),
            },
          ]
        : [];
    }),
    points: pointsOf(got.value, entry.revision.hanger, s.reading).map((p) => p.text),
    checks,
    cautions,
    care: care.words,
  };
}
