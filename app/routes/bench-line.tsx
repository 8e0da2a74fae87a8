import { data } from "react-router";
import type { Route } from "./+types/bench-line";
import { BenchTable } from "../features/bench/table";
import { actsOf, loadBenchWork, stepsWithPlaces } from "../features/bench/load.server";
import { workName } from "../features/runs/shares";
import { handsSeen, loadMeasured } from "../server/measured.server";
import { loadCuts } from "../features/bench/balls.server";
import { loadElsewhere } from "../features/bench/care.server";
import { openWorkshop } from "../server/scope.server";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.label ?? "Bench"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const work = await loadBenchWork(opened, params.line);
  if (!work) throw data(null, { status: 404 });
  const [{ acts }, { hands, weighIns }, cutting, steps] = await Promise.all([
    actsOf(opened.scope, params.line),
    loadMeasured(opened.scope),
    loadCuts(opened, work),
    stepsWithPlaces(work),
  ]);
  const seen = handsSeen(hands, opened.ownHand);
  const weighed = new Set(weighIns.map((w) => w.handId));
  const { line, run, entry, surroundings } = work;
  return {
    line: line.id,
    run: run.name,
    runId: run.id,
    order: run.school === "piece" ? ("piece" as const) : ("part" as const),
    label: line.plannedWith.label,
    quantity: line.quantity,
    workshop: opened.workshop.id,
    steps,
    acts,
    item: entry.item.id,
    hands: seen.map((h) => ({
      id: h.id,
      name: h.name,
      dayLimitMinutes: h.dayLimitMinutes,
      breakAfterMinutes: h.breakAfterMinutes,
      // Her first piece is her test of tension and pace.
      tested: weighed.has(h.id),
    })),
    elsewhere: await loadElsewhere(
      opened,
      params.line,
      seen.map((h) => h.id),
    ),
    ...cutting,
    // Her own hand is the first; a helper sees what is hers by the hand that is chosen.
    maker: hands[0]?.id ?? null,
    given: (line.shares?.given ?? []).map(({ work, handId }) => ({
      work,
      handId,
      name: hands.find((h) => h.id === handId)?.name ?? "a helper",
      label: workName(work),
    })),
    colours: entry.revision.slots.flatMap((s) => {
      const yarn = surroundings.yarns.find((y) => y.id === s.yarnId);
      return yarn ? [{ slot: s.slot, name: yarn.shade, hex: yarn.colour }] : [];
    }),
  };
}

export type BenchData = Awaited<ReturnType<typeof loader>>;

/** The table works by itself once it is open: an act asks nothing of the page anew. */
export const shouldRevalidate = () => false;

export default function BenchLine({ loaderData }: Route.ComponentProps) {
  return <BenchTable key={loaderData.line} bench={loaderData} />;
}
