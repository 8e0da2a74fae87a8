import { parseWithZod } from "@conform-to/zod/v4";
import type { Route } from "./+types/stocktake-post";
import { postCount, undoKey } from "@db/queries/stock";
import { materialSchemas } from "../features/materials/schema";
import { answering, openForm } from "../server/form.server";
import type { Opened } from "../server/scope.server";

export interface StocktakeReply {
  readonly difference?: number;
  readonly undone?: boolean;
  readonly error?: string;
}

/** One row of a stocktake. The key makes a repeated sending harmless. */
export function action(args: Route.ActionArgs): Promise<Response> {
  return answering(async () => {
    const { form, opened } = await openForm(args);
    return count(form, opened);
  });
}

async function count(form: FormData, { scope, workshop }: Opened): Promise<Response> {
  const answer = (reply: StocktakeReply, status = 200) => Response.json(reply, { status });
  if (form.get("intent") === "undo") {
    const key = form.get("key");
    if (typeof key !== "string" || key.length > 50) return answer({ error: "Nothing to take back." }, 400);
    return answer({ undone: await undoKey(scope, key) });
  }
  const s = materialSchemas(workshop.locale, workshop.currency, workshop.units);
  const mass = form.get("unit") === "mass";
  const got = parseWithZod(form, { schema: mass ? s.countMass : s.countPieces });
  if (got.status !== "success")
    return answer(
      {
        error:
          Object.values(got.error ?? {})
            .flat()
            .filter(Boolean)
            .join(" ") || "This could not be read.",
      },
      400,
    );
  const { kind, id, ballId, onHand, key } = got.value;
  return answer({
    difference: await postCount(scope, {
      materialKind: kind,
      materialId: id,
      ballId,
      onHand,
      kind: mass ? "weighed" : "counted",
      note: "stocktake",
      key,
    }),
  });
}
