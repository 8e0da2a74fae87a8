import { NotThere, transact } from "@db/scope";
import { keepActs } from "@db/queries/bench";
import type { Route } from "./+types/bench-acts";
import type { BenchAct } from "@core/planning";
import { actsSchema, kept } from "../features/bench/acts";
import { actsOf, loadBenchWork, prepareSettling, settleBench } from "../features/bench/load.server";
import { answering, ownWorkshop, readJson, refused } from "../server/form.server";
import { about } from "../server/doing";
import { openWorkshop } from "../server/scope.server";

export interface ActsReply {
  /** Everything that any device did on this line. */
  readonly acts: readonly BenchAct[];
}

/**
 * What a device did, in any order and as often as it likes to send it; answers everything that is known of
 * the line.
 */
export function action({ request, params, context }: Route.ActionArgs): Promise<Response> {
  return answering(async () => {
    const opened = await openWorkshop(request, context);
    const read = actsSchema.safeParse(await readJson(request));
    if (!read.success) throw refused("Refused: these acts could not be read. They stay on the device.", 400);
    ownWorkshop(read.data.workshop, opened);
    const work = await loadBenchWork(opened, params.line);
    if (!work) throw refused("This run is no longer there. What was done stays on the device.", 409);
    const { acts } = read.data;
    // Whatever a page says: a helper's work is her own hand's.
    const handId = opened.ownHand === undefined ? read.data.handId : opened.ownHand;
    const settling = await prepareSettling(work);
    try {
      await transact(about(opened.scope, { acts: String(acts.length) }), async (tx) => {
        await keepActs(
          tx,
          params.line,
          acts.map((a) => kept(a, handId)),
        );
        await settleBench(tx, settling);
      });
    } catch (error) {
      if (error instanceof NotThere) throw refused("This run is no longer there.", 409);
      throw error;
    }
    return Response.json({ acts: (await actsOf(opened.scope, params.line)).acts } satisfies ActsReply);
  });
}

/** The line as other devices left it. */
export async function loader({ request, params, context }: Route.LoaderArgs): Promise<Response> {
  const { scope } = await openWorkshop(request, context);
  return Response.json({ acts: (await actsOf(scope, params.line)).acts } satisfies ActsReply);
}
