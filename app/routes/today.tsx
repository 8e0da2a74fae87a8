import { ArrowRight } from "lucide-react";
import { Link, redirect } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/today";
import { paysHour } from "@core/costing";
import { takingsOf } from "@core/shelf/takings";
import { countItems } from "@db/queries/items";
import { listSales } from "@db/queries/sales";
import type { Scope } from "@db/scope";
import { loadCupboard } from "../features/materials/load.server";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { promisedSoon } from "../features/commissions/load.server";
import { PromisedCard } from "../features/commissions/promised-card";
import { loadAnalysedItems } from "../features/items/load.server";
import { UnreckonedList } from "../features/items/unreckoned-list";
import { loadRuns, loadShelves, plansOf, secondsOf } from "../features/runs/load.server";
import { stuckLabels } from "@db/queries/printer";
import { StuckCard } from "../features/printer/stuck-card";
import { InTime, RunState } from "../features/runs/state";
import { allMarkets, allPieces } from "../features/sell/wares.server";
import { toBegin } from "../features/sell/to-begin.server";
import { ToBeginCard } from "../features/sell/to-begin-card";
import { ordersToSend } from "../features/shop/to-send.server";
import { ToSendCard } from "../features/shop/to-send-card";
import { homeOf, mayRole } from "../server/access";
import { openWorkshop, todayOf } from "../server/scope.server";
import {
  Badge,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { Range, ReasonFigure } from "../ui/figure";
import { printAmount, useReading } from "../ui/reading";
import { MaterialName } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = () => [{ title: "Today · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope, workshop, role } = opened;
  if (!mayRole(role, "work")) throw redirect(homeOf(role));
  const today = todayOf(scope);
  const [runs, items, cupboard] = await Promise.all([
    loadRuns(scope),
    countItems(scope),
    loadCupboard(scope),
  ]);
  const market = await nextMarket(scope, today);
  const { yarns, notions } = cupboard;
  const running = [
    ...yarns.map((y) => ({
      id: y.id,
      label: `${y.name}, ${y.shade}`,
      colour: y.colour as string | undefined,
      kind: "yarn" as const,
    })),
    ...notions.map((n) => ({
      id: n.id,
      label: n.name,
      colour: undefined,
      kind: n.kind === "filling" ? ("filling" as const) : ("notion" as const),
    })),
  ]
    .flatMap((m) => {
      const level = cupboard.low.get(m.id);
      return level?.low
        ? [
            {
              ...m,
              onHand: cupboard.onHand.get(m.id) ?? 0,
              onOrder: cupboard.onOrder.get(m.id) ?? 0,
              level: level.level,
              planned: level.planned,
              cover: level.cover,
              own: level.own,
            },
          ]
        : [];
    })
    .sort((a, b) => (a.onHand + a.onOrder) / a.level - (b.onHand + b.onOrder) / b.level);
  const open = runs.filter((r) => r.run.state !== "finished");
  // Open runs may still name what was deleted.
  const shelves = open.length > 0 ? await loadShelves(scope, runs) : undefined;
  const plans = shelves ? plansOf(shelves, runs, today) : undefined;
  const colours = new Map(shelves?.yarns.map((y) => [y.id, y.colour]));
  const planned = open.flatMap((r) => {
    const plan = plans?.get(r.run.id);
    if (!plan) return [];
    return [
      {
        id: r.run.id,
        name: r.run.name,
        state: r.run.state,
        dueOn: r.run.dueOn,
        seconds: secondsOf(r),
        ends: plan.seconds,
        what: r.lines.map((l) => `${l.quantity} ${l.plannedWith.label}`).join(", "),
        plan: { inTime: plan.inTime, finish: plan.finish, chance: plan.chance },
        buyCost: plan.buyCost,
        missing: plan.needs
          .filter((n) => n.missing > 0)
          .map((n) => ({
            id: n.materialId,
            label: n.label,
            kind: n.kind,
            missing: n.missing,
            packs: n.packs,
            cost: n.cost,
            colour: colours.get(n.materialId),
          })),
      },
    ];
  });
  const { items: analysed, unreckoned } = await loadAnalysedItems(scope, workshop);
  const mend = analysed
    .filter((x) => !x.analysis.checked.sure && x.entry.revision.pattern.trim() !== "")
    .map((x) => ({ id: x.entry.item.id, name: x.entry.item.name }));
  const low = analysed
    .filter(
      (x) =>
        x.analysis.earning.perHour !== undefined &&
        !paysHour(x.analysis.earning) &&
        x.entry.item.price !== null,
    )
    .map((x) => ({ id: x.entry.item.id, name: x.entry.item.name, perHour: x.analysis.earning.perHour ?? 0 }));
  const named = new Map(analysed.map((x) => [x.entry.item.id, x.entry.item.name]));
  const [promised, toSend, stuck, begin] = await Promise.all([
    promisedSoon(scope, today, (itemId) => named.get(itemId)),
    ordersToSend(scope, (itemId) => named.get(itemId)),
    stuckLabels(scope),
    toBegin(opened),
  ]);
  return {
    today,
    begin,
    weekday: printDay(today, workshop.locale, true),
    runs: planned,
    promised,
    toSend,
    stuck,
    market,
    unreckoned,
    mend,
    low,
    running: running.slice(0, 12),
    runningMore: Math.max(0, running.length - 12),
    wage: workshop.wagePerHour,
    begun: { items, yarns: yarns.length, eyes: notions.length, runs: runs.length },
  };
}

/** The stall that is open, else the next market day of the coming fortnight. */
async function nextMarket(scope: Scope, today: string) {
  const [markets, pieces] = await Promise.all([allMarkets(scope), allPieces(scope)]);
  const open = markets.find((m) => m.state === "open");
  const found = open ?? markets.find((m) => m.state === "planned" && m.onDay >= today);
  if (!found || (!open && daysBetween(today, found.onDay) > 14)) return undefined;
  const own = open ? await listSales(scope, { marketId: found.id }) : [];
  return {
    id: found.id,
    name: found.name,
    onDay: found.onDay,
    open: open !== undefined,
    inCrate: pieces.filter((p) => p.placeId === found.placeId).reduce((n, p) => n + p.quantity, 0),
    sold: own.reduce((n, s) => n + s.quantity, 0),
    taken: takingsOf(own).paid,
  };
}
const daysBetween = (a: string, b: string): number =>
  Math.round((Date.parse(b) - Date.parse(a)) / 86_400_000);

function MarketCard({
  market: m,
  today,
}: {
  market: NonNullable<Awaited<ReturnType<typeof nextMarket>>>;
  today: string;
}) {
  const r = useReading();
  const days = daysBetween(today, m.onDay);
  return (
    <Sheet aria-label={m.name}>
      <SheetHead style={{ alignItems: "center", marginBottom: 0 }}>
        <div style={{ marginRight: "auto" }}>
          <h2>
            <Link to={`/sell/markets/${m.id}`}>{m.name}</Link>
          </h2>
          <Small>
            {m.open
              ? `the stall is open: ${m.sold} sold for ${printMoney(m.taken as Minor, r)}`
              : `${days === 0 ? "today" : days === 1 ? "tomorrow" : `in ${days} days`}, ${printDay(m.onDay, r.locale, true)}: ${m.inCrate} ${m.inCrate === 1 ? "piece" : "pieces"} in the crate`}
          </Small>
        </div>
        {m.open ? (
          <ButtonLink to={`/stall/${m.id}`} $primary>
            To the stall
          </ButtonLink>
        ) : (
          <ButtonLink to={`/sell/next?market=${m.id}`}>What to make for it</ButtonLink>
        )}
      </SheetHead>
    </Sheet>
  );
}

export default function Today({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const { runs, begun } = loaderData;
  const steps = [
    {
      done: begun.yarns > 0,
      to: "/materials",
      text: "Add a yarn and a pack of eyes",
      why: "so that figures and costs are about your own materials",
    },
    {
      done: begun.items > 0,
      to: "/items/new",
      text: "Make an item from its written pattern",
      why: "it is counted, drawn, measured and priced",
    },
    {
      done: begun.runs > 0,
      to: "/runs/new",
      text: "Plan a run by a day",
      why: "you get what to buy, the hours, and the day you are done",
    },
  ];
  const next = steps.find((s) => !s.done);
  return (
    <Page>
      <PageHead>
        <h1>Today</h1>
        <Small>{loaderData.weekday}</Small>
      </PageHead>
      <Stack $gap={18}>
        {next ? (
          <Empty>
            <h2>Three steps to a priced run</h2>
            <Steps>
              {steps.map((s) => (
                <li key={s.to} data-done={s.done || undefined}>
                  <b>{s.text}</b>
                  <Small>{s.done ? "done" : s.why}</Small>
                </li>
              ))}
            </Steps>
            <ButtonLink to={next.to} $primary>
              {next.text} <ArrowRight size={16} aria-hidden />
            </ButtonLink>
          </Empty>
        ) : null}
        {loaderData.market ? <MarketCard market={loaderData.market} today={loaderData.today} /> : null}
        {loaderData.promised.length > 0 ||
        loaderData.toSend ||
        loaderData.stuck.length > 0 ||
        loaderData.begin.rows.length > 0 ? (
          <Side>
            {loaderData.promised.length > 0 ? (
              <PromisedCard promised={loaderData.promised} today={loaderData.today} />
            ) : null}
            {loaderData.begin.rows.length > 0 ? (
              <ToBeginCard of={loaderData.begin} today={loaderData.today} />
            ) : null}
            {loaderData.toSend ? <ToSendCard of={loaderData.toSend} /> : null}
            {loaderData.stuck.length > 0 ? <StuckCard titles={loaderData.stuck} /> : null}
          </Side>
        ) : null}
        {runs.map((run) => (
          <Sheet key={run.id} aria-label={run.name}>
            <SheetHead>
              <h2>
                <Link to={`/runs/${run.id}`}>{run.name}</Link>
              </h2>
              <RunState state={run.state} />
              <InTime plan={run.plan} due={run.dueOn} locale={r.locale} />
            </SheetHead>
            <p>{run.what}</p>
            <Small>
              due {printDay(run.dueOn, r.locale, true)} · {printDuration(run.seconds as Seconds, r)} of work (
              <Range low={run.ends.low} high={run.ends.high} measure="seconds" />)
            </Small>
            {run.missing.length > 0 ? (
              <Scroll tabIndex={0} role="region" aria-label={`Missing for ${run.name}`}>
                <Missing>
                  <thead>
                    <tr>
                      <th scope="col">Missing</th>
                      <th scope="col" className="num">
                        Short by
                      </th>
                      <th scope="col" className="num">
                        Buy
                      </th>
                      <th scope="col" className="num">
                        Cost
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {run.missing.map((m) => (
                      <tr key={m.id}>
                        <td>
                          <MaterialName label={m.label} colour={m.colour} size={20} />
                        </td>
                        <td className="num">{printAmount(m.missing, m.kind, r)}</td>
                        <td className="num">
                          {m.packs}{" "}
                          {m.kind === "yarn"
                            ? m.packs === 1
                              ? "ball"
                              : "balls"
                            : m.packs === 1
                              ? "pack"
                              : "packs"}
                        </td>
                        <td className="num">{printMoney(m.cost, r)}</td>
                      </tr>
                    ))}
                  </tbody>
                  <tfoot>
                    <tr>
                      <th scope="row" colSpan={3}>
                        Together
                      </th>
                      <td className="num">
                        <b>{printMoney(run.buyCost, r)}</b>
                      </td>
                    </tr>
                  </tfoot>
                </Missing>
              </Scroll>
            ) : (
              <p style={{ marginTop: 8 }}>
                <Badge $tone="good">everything is in stock</Badge>
              </p>
            )}
          </Sheet>
        ))}
        {loaderData.running.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="low-title">
            <SheetHead style={{ padding: "12px 12px 0" }}>
              <h2 id="low-title">Running low</h2>
              <Link to="/materials/buy">to the buy list</Link>
            </SheetHead>
            <Scroll tabIndex={0} role="region" aria-label="Running low, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Material</th>
                    <th scope="col" className="num">
                      On hand
                    </th>
                    <th scope="col" className="num minor">
                      On its way
                    </th>
                    <th scope="col" className="num">
                      Low below
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {loaderData.running.map((m) => {
                    const measure = m.kind === "notion" ? ("count" as const) : ("grams" as const);
                    const of = (q: number) => (m.kind === "notion" ? q : q / 1000);
                    return (
                      <tr key={m.id}>
                        <td>
                          <Link to={`/materials/${m.id}`} style={{ color: "inherit" }}>
                            <MaterialName label={m.label} colour={m.colour} size={20} />
                          </Link>
                        </td>
                        <td className="num">{printAmount(m.onHand, m.kind, r)}</td>
                        <td className="num minor">
                          {m.onOrder > 0 ? printAmount(m.onOrder, m.kind, r) : ""}
                        </td>
                        <td className="num">
                          <ReasonFigure
                            reason={{
                              label: `${m.label}: low below`,
                              measure,
                              value: of(m.level),
                              how: m.own
                                ? "your own level"
                                : "planned needs + past use until a delivery is here",
                              parts: m.own
                                ? []
                                : [
                                    { label: "planned for open runs", measure, value: of(m.planned) },
                                    {
                                      label: "past use over delivery and a fortnight",
                                      measure,
                                      value: of(m.cover),
                                    },
                                  ],
                            }}
                          >
                            {printAmount(m.level, m.kind, r)}
                          </ReasonFigure>
                        </td>
                      </tr>
                    );
                  })}
                </tbody>
              </PlainTable>
            </Scroll>
            {loaderData.runningMore > 0 ? (
              <p style={{ padding: "8px 12px" }}>
                <Small>and {loaderData.runningMore} more in Materials</Small>
              </p>
            ) : null}
          </Sheet>
        ) : null}
        <UnreckonedList items={loaderData.unreckoned} />
        {loaderData.mend.length > 0 || loaderData.low.length > 0 ? (
          <Sheet aria-label="Worth a look">
            <SheetHead>
              <h2>Worth a look</h2>
            </SheetHead>
            <Look>
              {loaderData.mend.map((m) => (
                <li key={m.id}>
                  <Link to={`/items/${m.id}`}>{m.name}</Link> has a round that does not add up.
                </li>
              ))}
              {loaderData.low.map((m) => (
                <li key={m.id}>
                  <Link to={`/items/${m.id}`}>{m.name}</Link> earns {printMoney(m.perHour as Minor, r)} an
                  hour, less than your {printMoney(loaderData.wage, r)}.
                </li>
              ))}
            </Look>
          </Sheet>
        ) : null}
        {!next && runs.length === 0 ? (
          <Empty>
            <h2>Nothing is running</h2>
            <p>Plan the next run: how many of which items, by which day.</p>
            <ButtonLink to="/runs/new" $primary>
              Plan a run
            </ButtonLink>
          </Empty>
        ) : null}
      </Stack>
    </Page>
  );
}

const Steps = styled.ol`
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 8px;
  li {
    > b,
    > span {
      display: block;
    }
  }
  li[data-done] b {
    text-decoration: line-through;
    color: var(--soft);
    font-weight: 400;
  }
`;
const Missing = styled(PlainTable)`
  margin-top: 10px;
`;
const Look = styled.ul`
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
`;

/** Beside each other where there is room; one alone takes all of it. */
const Side = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
  gap: 18px;
`;
