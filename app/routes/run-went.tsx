import { data, redirect, useSearchParams } from "react-router";
import type { Route } from "./+types/run-went";
import { findItem, saveItem } from "@db/queries/items";
import { findRun } from "@db/queries/runs";
import { printMoney, type Minor } from "@core/units";
import { BridgeChart } from "../features/runs/bridge-chart";
import { howItWent } from "../features/runs/went.server";
import { noteOf } from "../features/runs/went-words";
import { LineTable, MaterialTable, StageTable, StepList } from "../features/runs/went-tables";
import { once, openForm, refused } from "../server/form.server";
import { openWorkshop, readingOf, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import {
  ButtonLink,
  Columns,
  Empty,
  Page,
  PageHead,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `How ${loaderData?.run.name ?? "a run"} went · Lapka` },
];

/** @throws Response 404 where there is no such run */
async function wentOf(opened: Opened, id: string) {
  const found = await findRun(opened.scope, id);
  if (!found) throw data(null, { status: 404 });
  return { found, went: await howItWent(opened, found) };
}

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { found, went } = await wentOf(opened, params.id);
  const { run } = found;
  return {
    run: {
      id: run.id,
      name: run.name,
      state: run.state,
      dueOn: run.dueOn,
      finishedOn: run.finishedOn,
      perHour: run.plannedWith.wagePerHour + run.plannedWith.overheadPerHour,
    },
    ...went,
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => carry(form, args.params.id, o));
}

/** What a run taught goes into the item's note, as a revision of its own that can be gone back from. */
async function carry(form: FormData, id: string, opened: Opened) {
  if (form.get("intent") !== "note") throw data(null, { status: 400 });
  const { scope, workshop } = opened;
  const { found, went } = await wentOf(opened, id);
  const line = went.lines.find((l) => l.id === form.get("line"));
  if (!line) throw data(null, { status: 400 });
  const current = await findItem(scope, line.itemId);
  if (!current) throw refused("The item is deleted. Bring it back from the bin first.", 409);
  const { item, revision } = current;
  const on = printDay(found.run.finishedOn ?? found.run.dueOn, workshop.locale);
  const said = noteOf(line, { name: found.run.name, on }, readingOf(workshop));
  const note = [revision.note.trim(), said].filter((x) => x !== "").join("\n");
  if (note.length > 4000)
    throw refused("The item’s note is full: it may have 4,000 letters. Shorten it first.", 409);
  if (!revision.note.includes(said)) {
    const { name, kind, price, channelId } = item;
    await saveItem(scope, item.id, item.revision, { name, kind, price, channelId }, { ...revision, note });
  }
  return redirect(`/runs/${id}/went?noted=${line.id}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function RunWent({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  const { run, bridge, lines } = d;
  const money = (n: number) => printMoney(n as Minor, r);
  const worked = lines.reduce((n, l) => n + l.worked, 0);
  return (
    <Page>
      <PageHead>
        <h1>How {run.name} went</h1>
        <ButtonLink to={`/runs/${run.id}`}>To the run</ButtonLink>
        <ButtonLink to={`/runs/${run.id}/inspect`}>What passed</ButtonLink>
      </PageHead>
      {worked === 0 ? (
        <Empty>
          <h2>Nothing was looked at yet</h2>
          <p>
            When pieces are inspected and the run is finished, this page sets what it left beside what was
            planned, and says what made the difference.
          </p>
          <ButtonLink to={`/runs/${run.id}/inspect`} $primary>
            Inspect and finish
          </ButtonLink>
        </Empty>
      ) : (
        <Stack $gap={18}>
          <Sheet aria-labelledby="bridge-title">
            <SheetHead>
              <h2 id="bridge-title">
                {money(bridge.planned)} planned, {money(bridge.actual)} left
              </h2>
              <Small>
                {run.finishedOn
                  ? `finished ${printDay(run.finishedOn, r.locale, true)}, due ${printDay(run.dueOn, r.locale, true)}`
                  : `under way, due ${printDay(run.dueOn, r.locale, true)}`}
              </Small>
            </SheetHead>
            <Scroll tabIndex={0} role="region" aria-label="From plan to what was left, drawing">
              <BridgeChart bridge={bridge} print={money} />
            </Scroll>
            <Small>
              What all pieces sell for, less material and hours; before fees, as if all that passed is sold.
            </Small>
          </Sheet>
          <Columns $parts="minmax(0, 1fr) minmax(0, 1fr)">
            <StepList bridge={bridge} lines={lines} perHour={run.perHour} />
            <StageTable lines={lines} />
          </Columns>
          <LineTable lines={lines} noted={params.get("noted") ?? undefined} />
          <MaterialTable materials={d.materials} finished={run.state === "finished"} />
        </Stack>
      )}
    </Page>
  );
}
