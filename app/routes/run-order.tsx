import { wrap } from "comlink";
import { useEffect, useMemo, useState } from "react";
import { data, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/run-order";
import type { Sequenced, SetUp, Task } from "@core/planning/sequence";
import { printDuration, printTrimmed, type Seconds } from "@core/units";
import { findRun, RUN_SCHOOLS, setRunSchool } from "@db/queries/runs";
import { loadSurroundings } from "../features/items/load.server";
import { tasksOfRun } from "../features/runs/run-tasks.server";
import { stageWord, takesYarn } from "../features/runs/stage-word";
import { stretchesOf } from "../features/runs/tasks";
import type { SequenceApi } from "../workers/sequence.worker";
import { once, openForm } from "../server/form.server";
import { knownSetUp } from "../features/bench/set-ups.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { Input } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";

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

type School = (typeof RUN_SCHOOLS)[number];
const SCHOOL_WORDS: Readonly<Record<School, { name: string; why: string }>> = {
  piece: { name: "Piece by piece", why: "each is whole before the next is begun" },
  part: { name: "Part by part", why: "all bodies, then all wings: the hand gets into it" },
  colour: { name: "Colour by colour", why: "one yarn on the hook until it is done with" },
  best: { name: "Fewest set-ups", why: "least to take up anew, then the first piece early" },
};

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
          <Cards role="group" aria-label="Orders to choose from" aria-busy={!orders?.best && !stopped}>
            {RUN_SCHOOLS.map((s) => {
              const o = orders?.[s];
              return (
                <Card
                  key={s}
                  type="button"
                  aria-pressed={shown === s}
                  disabled={!o}
                  onClick={() => setOpen(s)}
                >
                  <b>{SCHOOL_WORDS[s].name}</b>
                  <Small>{SCHOOL_WORDS[s].why}</Small>
                  {o ? (
                    <dl>
                      <div>
                        <dt>set-ups</dt>
                        <dd>
                          {o.setups}, {time(o.setupSeconds)}
                        </dd>
                      </div>
                      <div>
                        <dt>first piece whole</dt>
                        <dd>after {time(o.firstPieceSeconds)}</dd>
                      </div>
                      <div>
                        <dt>half-made at once</dt>
                        <dd>{o.mostHalfMade}</dd>
                      </div>
                    </dl>
                  ) : (
                    <Small role="status">
                      {stopped ? "stopped" : s === "best" ? "looking for it…" : "…"}
                    </Small>
                  )}
                  {d.run.school === s ? <Badge $tone="good">chosen</Badge> : null}
                </Card>
              );
            })}
          </Cards>
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
              <Stretches d={d} order={order} />
            </Sheet>
          ) : null}
        </Stack>
      )}
    </Page>
  );
}

const SHOWN = 120;

function Stretches({ d, order }: { d: Awaited<ReturnType<typeof loader>>; order: Sequenced }) {
  const r = useReading();
  const stretches = useMemo(() => stretchesOf(order.order, d.tasks), [order, d.tasks]);
  const [all, setAll] = useState(false);
  return (
    <Scroll tabIndex={0} role="region" aria-label="The order, table">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col" className="num">
              From
            </th>
            <th scope="col">What</th>
            <th scope="col" className="minor">
              Take up
            </th>
            <th scope="col" className="num">
              How many
            </th>
            <th scope="col" className="num">
              Time
            </th>
            <th scope="col" className="num minor">
              Whole after it
            </th>
          </tr>
        </thead>
        <tbody>
          {(all ? stretches : stretches.slice(0, SHOWN)).map((s, i) => {
            return (
              <tr key={i}>
                <td className="num">{printDuration(s.from as Seconds, r)}</td>
                <td>
                  <b>{s.part}</b> <Small>{stageWord(s.stage)}</Small>
                </td>
                <td className="minor">
                  {takesYarn(s.stage) &&
                  s.colour !== undefined &&
                  (i === 0 || s.setUps.includes("colour")) ? (
                    <YarnTaken>
                      <YarnDisc colour={d.colours[s.colour] ?? "#b9c3c5"} name={s.colour} size={18} />{" "}
                      {s.colour}
                      {s.hookMm === undefined ? "" : `, ${printTrimmed(s.hookMm, 2, r.locale)} mm`}
                    </YarnTaken>
                  ) : null}
                </td>
                <td className="num">{s.tasks}</td>
                <td className="num">{printDuration(s.seconds as Seconds, r)}</td>
                <td className="num minor">{s.whole || ""}</td>
              </tr>
            );
          })}
          {!all && stretches.length > SHOWN ? (
            <tr>
              <td colSpan={6}>
                <Button type="button" onClick={() => setAll(true)}>
                  Show all {stretches.length}
                </Button>
              </td>
            </tr>
          ) : null}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}

const Cards = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 240px), 1fr));
  gap: 12px;
`;
const Card = styled.button`
  display: grid;
  gap: 4px;
  align-content: start;
  justify-items: start;
  text-align: left;
  padding: 12px 14px;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 6px;
  cursor: pointer;
  &[aria-pressed="true"] {
    border-color: var(--act);
    box-shadow: inset 0 4px 0 var(--act);
  }
  &[disabled] {
    cursor: default;
  }
  dl {
    margin: 4px 0 0;
    width: 100%;
    font-size: 14px;
  }
  dl div {
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
`;
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
const YarnTaken = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 6px;
`;
