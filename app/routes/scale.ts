import { data } from "react-router";
import type { Route } from "./+types/scale";
import { ownScale } from "../server/scale.server";
import { readForm } from "../server/form.server";

const COMMAND = /^(tare|put \d{1,4}(\.\d{1,3})?|step (0\.1|1)|unplug|plug)$/;

/** Tare, and for the stand-in what is put on it. */
export async function action({ request }: Route.ActionArgs) {
  const command = (await readForm(request)).get("command");
  const scale = ownScale();
  if (!scale || typeof command !== "string" || !COMMAND.test(command)) throw data(null, { status: 400 });
  await scale.send(command).catch(() => undefined);
  return new Response(null, { status: 204 });
}
