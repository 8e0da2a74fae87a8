import type { Route } from "./+types/hand-post";
import { handAction } from "../features/hand/actions.server";
import { openWorkshop } from "../server/scope.server";

/** Measurements that a page sends by itself, from what it kept while the server was away. Answers as JSON. */
export async function action({ request, context }: Route.ActionArgs): Promise<Response> {
  const opened = await openWorkshop(request, context);
  const answer = await handAction(await request.formData(), opened);
  if (answer instanceof Response) return answer;
  return Response.json(answer.data, { status: answer.init?.status ?? 200 });
}
