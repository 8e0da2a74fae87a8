import { data } from "react-router";
import type { Route } from "./+types/run-paper";
import { findRun } from "@db/queries/runs";
import { loadSurroundings } from "../features/items/load.server";
import { listResponse, paperSize } from "../features/paper/list.server";
import { loadCutting } from "../features/runs/cutting.server";
import { loadRuns, loadShelves, planOf } from "../features/runs/load.server";
import { runSheet } from "../features/runs/run-sheet";
import { stageWord } from "../features/runs/stage-word";
import { tasksOfRun } from "../features/runs/run-tasks.server";
import { openWorkshop, readingOf, todayOf } from "../server/scope.server";

/** A sheet of more tasks than this is read by nobody. */
const MOST = 20_000;

/** A run as a sheet for the wall, as PDF. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const found = await findRun(scope, params.id);
  if (!found) throw data(null, { status: 404 });
  const [runs, around, cutting] = await Promise.all([
    loadRuns(scope),
    loadSurroundings(scope, workshop),
    loadCutting(scope, found),
  ]);
  const plan = planOf(await loadShelves(scope, runs), found, runs, todayOf(scope));
  return listResponse(
    runSheet({
      name: found.run.name,
      dueOn: found.run.dueOn,
      finish: plan.finish,
      maker: workshop.name,
      paper: paperSize(new URL(request.url).searchParams),
      lines: found.lines.map((l) => ({ label: l.plannedWith.label, quantity: l.quantity, made: l.made })),
      tasks: await tasksOfRun(scope, found, around, MOST),
      stageWord,
      colours: Object.fromEntries(around.yarns.map((y) => [`${y.shade}, ${y.name}`, y.colour])),
      placed: cutting.kept?.plan.placed ?? [],
      shades: cutting.shades,
      cut: cutting.lines,
      reading: readingOf(workshop),
    }),
    `run sheet ${found.run.name}`,
  );
}
