import { CalendarRange, Plus } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/runs";
import { printDuration, type Seconds } from "@core/units";
import { FigurePicture } from "../features/figure/figure-picture";
import { linePictures } from "../features/items/line-pictures.server";
import { loadRuns, loadShelves, plansOf, secondsOf } from "../features/runs/load.server";
import { linesLeft } from "../features/runs/lines";
import { secondsIn } from "@core/planning";
import { InTime, RunState } from "../features/runs/state";
import { listFinishedRuns } from "@db/queries/runs";
import { openWorkshop, todayOf } from "../server/scope.server";
import { ButtonLink, Empty, Page, PageHead, Sheet } from "../ui/basics";
import { DataTable, type Column } from "../ui/data-table";
import { printDay } from "../ui/days";
import { Range } from "../ui/figure";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Runs · Lapka" }];

/** Finished runs that are listed at first, and at all. */
const SHOWN = 20;
const MOST = 2000;
/** Pictures of a run in the list: a row stays a row. */
const MOST_PICTURES = 5;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const today = todayOf(scope);
  const all = new URL(request.url).searchParams.has("all");
  const [open, finished, pictureOf] = await Promise.all([
    loadRuns(scope),
    listFinishedRuns(scope, all ? MOST : SHOWN),
    linePictures(scope),
  ]);
  const plans = plansOf(await loadShelves(scope, open), open, today);
  // What is still to be made comes first, by its day; then what was made, the newest first.
  const runs = [...open, ...finished.runs];
  return {
    more: finished.all - finished.runs.length,
    runs: runs.map((r) => {
      const plan = plans.get(r.run.id);
      return {
        id: r.run.id,
        name: r.run.name,
        state: r.run.state,
        dueOn: r.run.dueOn,
        finishedOn: r.run.finishedOn,
        seconds: secondsOf(r),
        // The day counts what is left to be made.
        left: secondsIn(linesLeft(r)).value,
        ends: plan?.seconds,
        pieces: r.lines.reduce((s, l) => s + l.quantity, 0),
        pictures: r.lines.flatMap((l) => pictureOf(l) ?? []).slice(0, MOST_PICTURES),
        what: r.lines.map((l) => `${l.quantity} ${l.plannedWith.label}`).join(", "),
        plan: plan ? { inTime: plan.inTime, finish: plan.finish, chance: plan.chance } : undefined,
        missing: plan?.needs.filter((n) => n.missing > 0).length ?? 0,
      };
    }),
  };
}

type Row = Awaited<ReturnType<typeof loader>>["runs"][number];

export default function Runs({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const columns: readonly Column<Row>[] = [
    {
      id: "name",
      header: "Run",
      value: (x) => `${x.name} ${x.what}`,
      cell: (x) => (
        <>
          <Link to={`/runs/${x.id}`}>
            <b>{x.name}</b>
          </Link>
          <div style={{ fontSize: 13, color: "var(--soft)" }}>{x.what}</div>
          <Pictures aria-hidden>
            {x.pictures.map((p) => (
              <FigurePicture key={`${p.itemId} ${p.colourwayId ?? ""}`} of={p} name="" side={40} />
            ))}
          </Pictures>
        </>
      ),
    },
    {
      id: "state",
      header: "State",
      minor: true,
      value: (x) => x.state,
      cell: (x) => <RunState state={x.state} />,
    },
    {
      id: "due",
      header: "Due",
      value: (x) => x.dueOn,
      cell: (x) => printDay(x.dueOn, r.locale),
    },
    { id: "pieces", header: "Pieces", numeric: true, minor: true, value: (x) => x.pieces },
    {
      id: "hours",
      header: "Work",
      numeric: true,
      minor: true,
      value: (x) => x.seconds,
      cell: (x) => (
        <>
          {printDuration(x.seconds as Seconds, r)}{" "}
          <Range low={x.ends?.low} high={x.ends?.high} measure="seconds" />
          {x.left < x.seconds && x.state !== "finished" && (
            <div style={{ fontSize: 13, color: "var(--soft)" }}>
              {printDuration(x.left as Seconds, r)} of it left
            </div>
          )}
        </>
      ),
    },
    {
      id: "missing",
      header: "To buy",
      numeric: true,
      minor: true,
      value: (x) => x.missing,
      cell: (x) =>
        x.state === "finished"
          ? "—"
          : x.missing === 0
            ? "nothing"
            : `${x.missing} ${x.missing === 1 ? "thing" : "things"}`,
    },
    {
      id: "done",
      header: "Done",
      value: (x) => x.plan?.finish ?? x.finishedOn ?? "",
      cell: (x) =>
        x.plan ? (
          <InTime plan={x.plan} due={x.dueOn} locale={r.locale} />
        ) : x.finishedOn ? (
          printDay(x.finishedOn, r.locale)
        ) : (
          "—"
        ),
    },
  ];
  return (
    <Page>
      <PageHead>
        <h1>Runs</h1>
        <ButtonLink to="/runs/calendar">
          <CalendarRange size={17} aria-hidden /> Calendar
        </ButtonLink>
        <ButtonLink to="/runs/new" $primary>
          <Plus size={17} aria-hidden /> New run
        </ButtonLink>
      </PageHead>
      {loaderData.runs.length === 0 ? (
        <Empty>
          <h2>A run is so many of these and those by a day</h2>
          <p>
            Say “40 puffins and 25 buoys for the market”. Lapka says what it takes, what to buy in whole balls
            and packs, how many hours it is and on which day you will be done.
          </p>
          <ButtonLink to="/runs/new" $primary>
            Plan a run
          </ButtonLink>
        </Empty>
      ) : (
        <>
          <Sheet $pad={false}>
            <DataTable
              rows={loaderData.runs}
              columns={columns}
              rowId={(x) => x.id}
              label="Runs"
              search="Find a run"
            />
          </Sheet>
          {loaderData.more > 0 && (
            <p style={{ margin: "14px 0" }}>
              <ButtonLink to="?all" preventScrollReset>
                Show {loaderData.more} earlier {loaderData.more === 1 ? "run" : "runs"}
              </ButtonLink>
            </p>
          )}
        </>
      )}
    </Page>
  );
}

const Pictures = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
`;
