import { wrap } from "comlink";
import { useEffect, useMemo, useState } from "react";
import { data, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/run-order";
import type { Sequenced, SetUp, Task } from "@core/planning/sequence";
import { printDuration, type Seconds } from "@core/units";
import { findRun, RUN_SCHOOLS, setRunSchool } from "@db/queries/runs";
import { loadSurroundings } from "../features/items/load.server";
import { OrderTable } from "../features/runs/order-table";
import { tasksOfRun } from "../features/runs/run-tasks.server";
import { SCHOOL_WORDS, SchoolCards, type School } from "../features/runs/school-cards";
import type { SequenceApi } from "../workers/sequence.worker";
import { once, openForm } from "../server/form.server";
import { knownSetUp } from "../features/bench/set-ups.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Button, ButtonLink, Empty, Page, PageHead, Row, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { Input } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Order of the work, ${loaderData?.run.name ?? "a run"} · Lapka` },
];

/** Beyond so many tasks an order of single ones helps nobody, and would take minutes. */
const MOST = 3000;
/** As tried on the page, or as it is. */
const tried = (params: URLSearchParams, name: keyof SetUp, as: SetUp): number => {
  const text = params.get(name);
  const n = Number(text);
  return text !== null && text !== "" && Number.isFinite(n) ? Math.min(3600, Math.max(0, n)) : as[name];
};

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope, workshop } = opened;
  const search = new URL(request.url).searchParams;
  const [found, surroundings] = await Promise.all([
    findRun(scope, params.id),
    loadSurroundings(scope, workshop),
  ]);
  if (!found) throw data(null, { status: 404 });
  const [tasks, known] = await Promise.all([
    tasksOfRun(scope, found, surroundings, MOST),
    knownSetUp(opened),
  ]);
  return {
    run: { id: found.run.id, name: found.run.name, school: found.run.school },
    tasks: tasks.length > MOST ? [] : tasks,
    tooMany: tasks.length > MOST,
    setUp: {
      colour: tried(search, "colour", known.setUp),
      hook: tried(search, "hook", known.setUp),
      stage: tried(search, "stage", known.setUp),
    },
    learnedOf: known.of,
    colours: Object.fromEntries(surroundings.yarns.map((y) => [`${y.shade}, ${y.name}`, y.colour])),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, async ({ scope }) => {
    const got = z.enum(RUN_SCHOOLS).safeParse(form.get("school"));
    if (!got.success) throw data(null, { status: 400 });
    await setRunSchool(scope, args.params.id, got.data);
    return redirect(`/runs/${args.params.id}/order`);
  });
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

/** The schools at once, the best when it is there; undefined while it is looked for. */
function useOrders(tasks: readonly Task[], setUp: { colour: number; hook: number; stage: number }) {
  const key = useMemo(() => JSON.stringify([tasks.length, tasks[0]?.id, setUp]), [tasks, setUp]);
  const [got, setGot] = useState<{ key: string; orders: Readonly<Record<string, Sequenced>> }>();
  const [stopped, setStopped] = useState<string>();
  const [stop, setStop] = useState<() => void>();
  useEffect(() => {
    if (tasks.length === 0) return;
    let stale = false;
    const w = new Worker(new URL("../workers/sequence.worker.ts", import.meta.url), { type: "module" });
    const remote = wrap<SequenceApi>(w);
    void (async () => {
      const schools = await remote.schools(tasks, setUp);
      if (stale) return;
      setGot({ key, orders: schools });
      setStop(() => () => {
        w.terminate();
        setStopped(key);
      });
      const best = await remote.best(tasks, setUp);
      if (!stale) setGot({ key, orders: { ...schools, best } });
    })();
    return () => {
      stale = true;
      w.terminate();
    };
    // The key says what the tasks and set-ups are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return { orders: got?.key === key ? got.orders : undefined, stop, stopped: stopped === key };
}

export default function RunOrder({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  const { orders, stop, stopped } = useOrders(d.tasks, d.setUp);
  const [open, setOpen] = useState<School>();
  const shown: School = open ?? d.run.school;
  const order = orders?.[shown];
  const time = (s: number) => printDuration(s as Seconds, r);
  return (
    <Page>
      <PageHead>
        <h1>Order of the work</h1>
        <ButtonLink to={`/runs/${d.run.id}`}>Back to {d.run.name}</ButtonLink>
      </PageHead>
      {d.tasks.length === 0 ? (
        <Empty>
          <h2>{d.tooMany ? "Too many tasks for one order" : "Nothing is left to do"}</h2>
          <p>
            {d.tooMany
              ? `More than ${MOST} tasks: part the run into two, and each has an order.`
              : "All pieces of this run are made, or its items cannot be read."}
          </p>
        </Empty>
      ) : (
        <Stack $gap={18}>
          <SchoolCards
            schools={RUN_SCHOOLS}
            orders={orders}
            shown={shown}
            chosen={d.run.school}
            stopped={stopped}
            onShow={setOpen}
          />
          <Small>
            The same movement for long strains a hand: change the kind of work, and have your breaks.
          </Small>
          <Row style={{ alignItems: "end" }}>
            {d.run.school !== shown ? (
              <WorkForm>
                <input type="hidden" name="school" value={shown} />
                <Button type="submit" $primary>
                  Work {SCHOOL_WORDS[shown].name.toLowerCase()}
                </Button>
              </WorkForm>
            ) : null}
            {orders && !orders.best && !stopped ? (
              <Button type="button" onClick={() => stop?.()}>
                Stop looking
              </Button>
            ) : null}
            <SetUps key={params.toString()} method="get">
              <Small>
                Seconds to take up another
                {d.learnedOf > 0 ? `, by the settings and ${d.learnedOf} changes at the bench` : ""}
              </Small>
              {(["colour", "hook", "stage"] as const).map((k) => (
                <label key={k}>
                  {k === "stage" ? "kind of work" : k}
                  <Input name={k} inputMode="numeric" defaultValue={d.setUp[k]} style={{ width: 70 }} />
                </label>
              ))}
              <Button type="submit">Reckon</Button>
            </SetUps>
          </Row>
          {order ? (
            <Sheet $pad={false} aria-labelledby="order-title">
              <SheetHead style={{ padding: "12px 14px 0" }}>
                <h2 id="order-title">{SCHOOL_WORDS[shown].name}</h2>
                <Small>
                  {time(order.workSeconds)} of work and {time(order.setupSeconds)} of set-ups
                  {order.proven
                    ? "; no order has less to set up"
                    : `; no order has less than ${time(order.bound)} of set-ups`}
                </Small>
              </SheetHead>
              <OrderTable tasks={d.tasks} colours={d.colours} order={order} />
            </Sheet>
          ) : null}
        </Stack>
      )}
    </Page>
  );
}

const SetUps = styled.form`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin-left: auto;
  label {
    display: grid;
    gap: 3px;
    font-size: 13px;
    color: var(--soft);
  }
`;
