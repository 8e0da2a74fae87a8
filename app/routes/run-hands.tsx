import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/run-hands";
import { findRun, shareRun } from "@db/queries/runs";
import { HandsTable, type HandsLine } from "../features/runs/hands-table";
import { loadRuns, loadShelves, planOf } from "../features/runs/load.server";
import { timesOf100 } from "../features/runs/state";
import { leftOf } from "../features/runs/lines";
import { helpersOf } from "../features/runs/hands.server";
import { notTheirs, workName } from "../features/runs/shares";
import { chosenIn, shareable, sharesFor } from "../features/runs/shares.server";
import { id } from "../forms";
import { LIST_FORM, once, openForm, refused } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Badge, ButtonLink, Empty, Page, PageHead, Row, Sheet, Small, Stack } from "../ui/basics";
import { printDay } from "../ui/days";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Who makes what, ${loaderData?.run.name ?? "a run"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const [found, runs] = await Promise.all([findRun(scope, params.id), loadRuns(scope)]);
  if (!found) throw data(null, { status: 404 });
  const shelves = await loadShelves(scope, runs);
  const { helpers } = shelves;
  const works = await shareable(
    found,
    helpers.map((h) => h.id),
    opened,
  );
  const plan = planOf(shelves, found, runs, todayOf(scope));
  const hands = [{ id: "", name: "You" }, ...helpers.map(({ id: own, name }) => ({ id: own, name }))];
  return {
    run: { id: found.run.id, name: found.run.name, state: found.run.state, dueOn: found.run.dueOn },
    hands,
    idle: helpers.filter((h) => h.week.every((x) => x === 0)).map((h) => h.name),
    plan: { finish: plan.finish, chance: plan.chance },
    lines: found.lines.map((l): HandsLine => {
      const own = works.find((w) => w.lineId === l.id);
      const given = new Map((l.shares?.given ?? []).map((g) => [g.work, g.handId]));
      // One of so many made in a go, as the run is planned.
      const alone = (own?.mine ?? []).reduce((sum, g) => sum + g.seconds, 0);
      const batch = alone > 0 ? l.plannedWith.seconds / alone : 1;
      return {
        id: l.id,
        label: l.plannedWith.label,
        left: leftOf(l),
        rows: (own?.mine ?? []).map((g) => ({
          work: g.work,
          label: workName(g.work),
          hand: given.get(g.work) ?? "",
          seconds: Object.fromEntries([
            ["", g.seconds * batch],
            ...helpers.flatMap((h) => {
              const hers = own?.theirs.get(h.id)?.find((t) => t.work === g.work);
              const may = h.does === null || h.does.includes(g.kind) || given.get(g.work) === h.id;
              return hers && may ? [[h.id, hers.seconds * batch] as const] : [];
            }),
          ]),
        })),
      };
    }),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => share(form, args.params.id, o));
}

const MOST_ROWS = 2000;
const rowsSchema = z.object({
  row: z.array(z.string().max(200)).max(MOST_ROWS),
  hand: z.array(z.union([z.literal(""), id])).max(MOST_ROWS),
});

async function share(form: FormData, runId: string, opened: Opened) {
  const got = rowsSchema.safeParse({ row: form.getAll("row"), hand: form.getAll("hand") });
  if (form.get("intent") !== "share" || !got.success || got.data.row.length !== got.data.hand.length)
    throw data(null, { status: 400 });
  const found = await findRun(opened.scope, runId);
  if (!found) throw data(null, { status: 404 });
  const chosen = new Map<string, Map<string, string>>(found.lines.map((l) => [l.id, new Map()]));
  for (const [i, row] of got.data.row.entries()) {
    const at = row.indexOf(" ");
    const hand = got.data.hand[i] ?? "";
    if (hand !== "") chosen.get(row.slice(0, at))?.set(row.slice(at + 1), hand);
  }
  const wrong = notTheirs(await helpersOf(opened.scope), chosen, chosenIn(found));
  if (wrong) throw refused(`${wrong.name} does no ${workName(wrong.work).toLowerCase()}: choose again.`, 422);
  await shareRun(opened.scope, runId, await sharesFor(found, chosen, opened));
  return redirect(`/runs/${runId}/hands`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function RunHands({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  return (
    <Page>
      <PageHead>
        <h1>Who makes what</h1>
        <ButtonLink to={`/runs/${d.run.id}`}>Back to {d.run.name}</ButtonLink>
      </PageHead>
      {d.hands.length < 2 ? (
        <Empty>
          <h2>You work alone</h2>
          <p>
            With a helper’s hand and her hours, parts of a run can be hers: ears and wings, or the sewing. The
            calendar then counts with both, and says how much sooner the run is done.
          </p>
          <Row>
            <ButtonLink to="/hand" $primary>
              Add a helper’s hand
            </ButtonLink>
          </Row>
        </Empty>
      ) : (
        <Stack $gap={18}>
          <Sheet aria-label="When it will be done">
            <Row $gap={14}>
              <span>
                Done <b>{d.plan.finish ? printDay(d.plan.finish, r.locale, true) : "never at these hours"}</b>
                , due {printDay(d.run.dueOn, r.locale, true)}
              </span>
              {d.plan.chance === undefined ? null : (
                <Badge $tone={d.plan.chance >= 0.9 ? "good" : d.plan.chance >= 0.5 ? "warn" : "bad"}>
                  in time {timesOf100(d.plan.chance)}
                </Badge>
              )}
              {d.idle.length > 0 ? (
                <Small>
                  {d.idle.join(" and ")} {d.idle.length > 1 ? "have" : "has"} no hours yet: give them at Hand.
                </Small>
              ) : null}
            </Row>
          </Sheet>
          <HandsTable key={d.lines.map((l) => l.rows.map((x) => x.hand).join()).join()} {...d} />
        </Stack>
      )}
    </Page>
  );
}
