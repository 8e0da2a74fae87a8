import type { Route } from "./+types/hand-post";
import { handAction } from "../features/hand/actions.server";
import { answering, openForm } from "../server/form.server";

/** Measurements that a page sends by itself, from what it kept while the server was away. Answers as JSON. */
export function action(args: Route.ActionArgs): Promise<Response> {
  return answering(async () => {
    const { form, opened } = await openForm(args);
    return handAction(form, opened);
  });
}
