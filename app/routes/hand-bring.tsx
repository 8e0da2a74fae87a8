import { Download } from "lucide-react";
import { redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/hand-bring";
import { undoTimingsImport } from "@db/queries/hands";
import { listImports } from "@db/queries/imports";
import { loadChoices } from "../features/hand/choices.server";
import { TIMING_FIELDS } from "../features/hand/import";
import { HandNav } from "../features/hand/nav";
import { bringInTimings } from "../features/hand/timings-import.server";
import { BringIn, BroughtInList } from "../features/import/bring-in";
import { bringFile, broughtIn } from "../features/import/import.server";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { ButtonLink, Empty, Page, PageHead, Row, Sheet, SheetHead, Stack } from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "Bring in, take out · Hand · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const [choices, imports] = await Promise.all([loadChoices(opened), listImports(opened.scope, "timings")]);
  return {
    known: {
      items: choices.items.map((i) => ({ id: i.id, name: i.name, parts: i.parts })),
      hands: choices.hands,
      today: choices.today,
    },
    imports: broughtIn(imports, opened.scope.zone),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, FILE_FORM);
  return once(opened, form, (o) => bring(form, o));
}

async function bring(form: FormData, opened: Opened) {
  if (form.get("intent") === "undo") {
    const id = z.uuid().safeParse(form.get("id"));
    if (id.success) await undoTimingsImport(opened.scope, id.data);
    return redirect("/hand/bring");
  }
  return (
    (await bringFile(form, TIMING_FIELDS, (batch, table, mapping) =>
      bringInTimings(opened, batch, table, mapping),
    )) ?? redirect("/hand/bring")
  );
}

const OUT = [
  ["/hand/timings.csv", "Timings, CSV"],
  ["/hand/weigh-ins.csv", "Weigh-ins, CSV"],
  ["/hand/swatches.csv", "Swatches, CSV"],
] as const;

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function BringTimings({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  return (
    <Page>
      <PageHead>
        <h1>Bring in, take out</h1>
      </PageHead>
      <HandNav />
      <Stack $gap={18}>
        {d.known.items.length === 0 ? (
          <Empty>
            <h2>First an item</h2>
            <p>
              Minutes tell of your pace when the work is known: a file of timings names items that are here
              already.
            </p>
            <ButtonLink to="/items/new" $primary>
              Make an item
            </ButtonLink>
          </Empty>
        ) : (
          <BringIn
            imports={d.imports}
            kind="timings"
            known={d.known}
            fields={TIMING_FIELDS}
            error={actionData?.error}
            hint={`Timings from a notebook or a spreadsheet, one a row. A heading such as: day; item; part; stage; pieces; minutes; note. The day as 2026-11-03 or 3.11.2026; the part empty for the whole piece; items here are ${d.known.items
              .slice(0, 3)
              .map((i) => i.name)
              .join(", ")}${d.known.items.length > 3 ? "…" : ""}`}
            foot="Each is held against what the trade would expect of the item as it is now. The file can be taken back whole."
          />
        )}
        <BroughtInList imports={d.imports} />
        <Sheet aria-labelledby="out-title">
          <SheetHead>
            <h2 id="out-title">Take out</h2>
          </SheetHead>
          <Row>
            {OUT.map(([to, label]) => (
              <ButtonLink key={to} to={to} reloadDocument>
                <Download size={16} aria-hidden /> {label}
              </ButtonLink>
            ))}
          </Row>
        </Sheet>
      </Stack>
    </Page>
  );
}
