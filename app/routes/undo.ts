import { data, redirect } from "react-router";
import type { Route } from "./+types/undo";
import { setItemDeleted } from "@db/queries/items";
import { setNotionDeleted, setYarnDeleted } from "@db/queries/materials";
import { setBallDeleted } from "@db/queries/balls";
import { setColourwayDeleted } from "@db/queries/colourways";
import { setSwatchDeleted } from "@db/queries/materials";
import { setPurchaseDeleted } from "@db/queries/purchases";
import { setCommissionDeleted } from "@db/queries/commissions";
import { setMarketDeleted, setPlaceDeleted } from "@db/queries/places";
import { setPhotoDeleted } from "@db/queries/photos";
import { setScenarioDeleted } from "@db/queries/scenarios";
import { setSupplierDeleted } from "@db/queries/suppliers";
import { setRunDeleted } from "@db/queries/cutting";
import { setChannelDeleted } from "@db/queries/workshops";
import { transact } from "@db/scope";
import { openForm } from "../server/form.server";

const KINDS = {
  item: { put: setItemDeleted, to: (id: string) => `/items/${id}` },
  yarn: { put: setYarnDeleted, to: () => "/materials" },
  notion: { put: setNotionDeleted, to: () => "/materials" },
  ball: { put: setBallDeleted, to: () => "/materials" },
  swatch: { put: setSwatchDeleted, to: () => "/materials" },
  supplier: { put: setSupplierDeleted, to: () => "/materials/suppliers" },
  purchase: { put: setPurchaseDeleted, to: (id: string) => `/materials/orders/${id}` },
  colourway: { put: setColourwayDeleted, to: () => "/items" },
  run: { put: setRunDeleted, to: (id: string) => `/runs/${id}` },
  channel: { put: setChannelDeleted, to: () => "/settings" },
  market: { put: setMarketDeleted, to: (id: string) => `/sell/markets/${id}` },
  commission: { put: setCommissionDeleted, to: (id: string) => `/sell/commissions/${id}` },
  place: { put: setPlaceDeleted, to: () => "/sell#places" },
  scenario: { put: setScenarioDeleted, to: () => "/sell/what-if" },
  photo: {
    put: setPhotoDeleted,
    // Back to the sample of the item that it is of.
    to: (_id: string, of: unknown) => `/items/${String(of)}/sample`,
  },
} as const;

/** Brings back what was deleted. Deleting only sets a mark, so nothing has to be rebuilt. */
export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  const { scope } = opened;
  const what = form.get("what");
  const match =
    typeof what === "string"
      ? /^(item|yarn|notion|ball|swatch|supplier|purchase|colourway|run|channel|market|commission|place|scenario|photo):([0-9a-f-]{36})$/.exec(
          what,
        )
      : null;
  if (!match) throw data(null, { status: 400 });
  const kind = KINDS[match[1] as keyof typeof KINDS];
  const id = match[2] ?? "";
  const of = await transact<unknown>(scope, (tx) => kind.put(tx, id, false));
  return redirect(kind.to(id, of));
}

export function loader() {
  return redirect("/");
}
