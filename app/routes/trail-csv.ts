import type { Route } from "./+types/trail-csv";
import { listTrail } from "@db/queries/trail";
import { wishOf } from "../features/trail/wish.server";
import { whatText } from "../features/trail/words";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";

const MOST = 100_000;

/** The trail as CSV with its hashes, so that somebody else can check it too. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const rows = await listTrail(scope, wishOf(new URL(request.url).searchParams, scope), MOST);
  return csvResponse(
    "trail.csv",
    ["number", "at_utc", "who", "what", "act", "subject", "with", "hash"],
    rows.map((r) => [
      r.seq,
      r.at.toISOString(),
      r.who,
      whatText(r.what),
      r.what,
      r.subject,
      JSON.stringify(r.detail),
      r.hash,
    ]),
  );
}
