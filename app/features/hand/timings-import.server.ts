import { seconds } from "@core/units";
import { importTimings, listHands, type NewTiming } from "@db/queries/hands";
import { listItems } from "@db/queries/items";
import { secondsOfWork } from "@core/estimate";
import { analyseForTrade, draftOf, loadSurroundings } from "../items/load.server";
import type { ImportProblem, Table } from "../import/table";
import { readingOf, todayOf, type Opened } from "../../server/scope.server";
import { loadChoices } from "./choices.server";
import { stageWork, tradeExpected, type TradeExpected } from "@core/item";
import { readTimings, type TimingMapping } from "./import";
import { STAGE_WORDS } from "./words";

/** Reads a file of timings against the workshop and keeps what can be kept; each problem names its line. */
export async function bringInTimings(
  opened: Opened,
  batch: { id: string; fileName: string; onlyGood: boolean },
  table: Table,
  mapping: TimingMapping,
): Promise<{ kept: number; problems: readonly ImportProblem[] }> {
  const { scope, workshop } = opened;
  const [choices, items, around, hands] = await Promise.all([
    loadChoices(opened),
    listItems(scope),
    loadSurroundings(scope, workshop),
    listHands(scope),
  ]);
  const { good, problems: read } = readTimings(table, mapping, {
    reading: readingOf(workshop),
    items: choices.items,
    hands,
    today: todayOf(scope),
  });
  const problems = [...read];
  const byId = new Map(items.map((i) => [i.item.id, i]));
  const expected = new Map<string, TradeExpected>();
  for (const id of new Set(good.map((t) => t.itemId))) {
    const entry = byId.get(id);
    const analysed = entry && (await analyseForTrade(entry, around));
    if (entry && analysed?.ok) expected.set(id, tradeExpected(draftOf(entry.revision), analysed.value));
  }
  const timings = good.flatMap((t): NewTiming[] => {
    const entry = byId.get(t.itemId);
    const trade = expected.get(t.itemId);
    if (!entry || !trade) {
      problems.push({
        line: t.line,
        column: "item",
        value: entry?.item.name ?? "",
        why: "This item could not be reckoned, so nothing can be held against it. Mend it on its page first.",
      });
      return [];
    }
    const work = Object.fromEntries(
      Object.entries(stageWork(trade, t.part, t.stage)).map(([k, s]) => [k, s * t.pieces]),
    );
    if (secondsOfWork(work) <= 0) {
      problems.push({
        line: t.line,
        column: "stage",
        value: STAGE_WORDS[t.stage],
        why: `${entry.item.name}${t.part ? `, ${t.part},` : ""} has nothing of this stage.`,
      });
      return [];
    }
    return [
      {
        handId: t.handId,
        itemId: t.itemId,
        revisionId: entry.revision.id,
        part: t.part,
        stage: t.stage,
        pieces: t.pieces,
        seconds: seconds(t.seconds),
        laps: [],
        work,
        madeOn: t.madeOn,
        note: t.note,
        idempotencyKey: `${batch.id}:${t.line}`,
      },
    ];
  });
  if (timings.length === 0 || (problems.length > 0 && !batch.onlyGood)) return { kept: 0, problems };
  await importTimings(
    scope,
    {
      id: batch.id,
      fileName: batch.fileName.slice(0, 160),
      rows: timings.length,
      skipped: table.rows.length - timings.length,
    },
    timings,
  );
  return { kept: timings.length, problems };
}
