import { max } from "d3-array";
import { scaleLinear } from "d3-scale";
import { useState } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/what-if";
import {
  AS_IT_IS,
  FACTORS,
  levers,
  whatIf,
  type Base,
  type Factor,
  type Otherwise,
} from "@core/shelf/what-if";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { SellNav } from "../features/sell/nav";
import { earnedBy, soldIn } from "../features/sell/sold.server";
import { wareKey } from "../features/sell/wares";
import { openWorkshop } from "../server/scope.server";
import {
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
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "What if · Lapka" }];

const DAYS = 365;
const STEP = 0.1;

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const s = await soldIn(opened, DAYS);
  const all = earnedBy(
    s.sales,
    () => "all",
    s.standing(() => "all"),
  ).get("all");
  const ware = new Map(s.wares.map((w) => [w.key, w]));
  const yarnOf = (key: string): number => {
    const w = ware.get(key);
    const share = (w?.analysed.entry.item.yieldBp ?? 10_000) / 10_000;
    const lines = w?.analysed.analysis.cost.lines.filter((l) => l.kind === "yarn") ?? [];
    return lines.reduce((t, l) => t + l.amount, 0) / share;
  };
  const yarn = s.sales.reduce((t, x) => t + x.quantity * yarnOf(wareKey(x.itemId, x.colourwayId)), 0);
  // What is paid a sale is paid once a customer.
  const fixed = new Map(s.sales.filter((x) => x.quantity > 0).map((x) => [x.customer, x.fixedFee]));
  const fixedFees = [...fixed.values()].reduce((a, b) => a + b, 0);
  const base: Base | undefined =
    all && all.pieces > 0
      ? {
          pieces: all.pieces,
          paid: all.paid,
          tax: all.tax,
          percentFees: all.fees - fixedFees,
          fixedFees,
          standing: all.standing,
          yarn: Math.round(yarn),
          otherMaterial: all.material - Math.round(yarn),
          hours: all.seconds / 3600,
          wagePerHour: opened.workshop.wagePerHour,
          overheadPerHour: opened.workshop.overheadPerHour,
        }
      : undefined;
  return { base };
}

const WORDS: Readonly<Record<Factor, { name: string; more: string }>> = {
  price: { name: "Prices", more: "dearer" },
  quantity: { name: "Pieces sold", more: "more" },
  pace: { name: "Your pace", more: "quicker" },
  yarn: { name: "Yarn prices", more: "dearer" },
  yield: { name: "Pieces that pass", more: "more" },
  wage: { name: "Your wage", more: "more" },
};

export default function WhatIf({ loaderData: { base } }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>What if</h1>
      </PageHead>
      <SellNav />
      {base ? (
        <Scenario base={base} />
      ) : (
        <Empty>
          <h2>First something sold</h2>
          <p>
            When a few sales are written down, this page says what the year would come to with other prices,
            another pace or dearer yarn, and which of them moves it most.
          </p>
          <ButtonLink to="/sell/sold" $primary>
            To what was sold
          </ButtonLink>
        </Empty>
      )}
    </Page>
  );
}

function Scenario({ base }: { base: Base }) {
  const r = useReading();
  const [at, setAt] = useState<Otherwise>(AS_IT_IS);
  const [kept, setKept] = useState<readonly Otherwise[]>([]);
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  const now = whatIf(base, AS_IT_IS);
  const then = whatIf(base, at);
  const changed = FACTORS.some((f) => at[f] !== 0);
  const set = (f: Factor, percent: number) =>
    setAt((o) => ({ ...o, [f]: Math.max(-0.9, Math.min(3, Number.isFinite(percent) ? percent / 100 : 0)) }));
  return (
    <Stack $gap={18}>
      <p>
        The sales of the last year, {base.pieces} pieces, with one thing or several otherwise. As many are
        sold at another price: what a price does to how many buy is yours to judge, with “Pieces sold”.
      </p>
      <Columns>
        <Sheet aria-labelledby="dials-title">
          <SheetHead>
            <h2 id="dials-title">If it were so much more or less</h2>
            {changed ? (
              <Button type="button" $quiet onClick={() => setAt(AS_IT_IS)}>
                as it is
              </Button>
            ) : null}
          </SheetHead>
          <Dials>
            {FACTORS.map((f) => (
              <li key={f}>
                <label htmlFor={`dial-${f}`}>{WORDS[f].name}</label>
                <input
                  type="range"
                  aria-label={`${WORDS[f].name}, slider`}
                  min={-50}
                  max={50}
                  step={1}
                  value={Math.round(100 * at[f])}
                  onChange={(e) => set(f, Number(e.target.value))}
                />
                <Input
                  id={`dial-${f}`}
                  type="number"
                  min={-90}
                  max={300}
                  value={Math.round(100 * at[f])}
                  onChange={(e) => set(f, Number(e.target.value))}
                  style={{ width: 76, textAlign: "right" }}
                />
                <span aria-hidden>%</span>
              </li>
            ))}
          </Dials>
        </Sheet>
        <Sheet aria-labelledby="then-title" aria-live="polite">
          <SheetHead>
            <h2 id="then-title">
              {then.profit >= 0 ? "Profit" : "Loss"} {money(Math.abs(then.profit))}
            </h2>
            <Small>after your wage and overhead</Small>
          </SheetHead>
          <Scroll tabIndex={0} role="region" aria-label="As it is and then, table">
            <PlainTable $tight>
              <thead>
                <tr>
                  <th scope="col">
                    <span className="sr">Figure</span>
                  </th>
                  <th scope="col" className="num">
                    As it is
                  </th>
                  <th scope="col" className="num">
                    Then
                  </th>
                </tr>
              </thead>
              <tbody>
                {(
                  [
                    ["Takings", money(now.paid), money(then.paid)],
                    ["Left after tax, fees and stalls", money(now.kept), money(then.kept)],
                    ["Materials", money(now.material), money(then.material)],
                    [
                      "Making",
                      printDuration((now.hours * 3600) as Seconds, r),
                      printDuration((then.hours * 3600) as Seconds, r),
                    ],
                    [
                      "An hour earns",
                      now.perHour === undefined ? "—" : money(now.perHour),
                      then.perHour === undefined ? "—" : money(then.perHour),
                    ],
                    ["Profit", money(now.profit), money(then.profit)],
                  ] as const
                ).map(([label, a, b]) => (
                  <tr key={label}>
                    <th scope="row">{label}</th>
                    <td className="num">{a}</td>
                    <td className="num">
                      <b>{b}</b>
                    </td>
                  </tr>
                ))}
              </tbody>
            </PlainTable>
          </Scroll>
          <Row style={{ marginTop: 12 }}>
            <Button type="button" disabled={!changed} onClick={() => setKept((k) => [...k, at].slice(-4))}>
              Keep it to compare
            </Button>
            {at.price !== 0 ? <Link to="/sell/prices">change the prices</Link> : null}
            {at.wage !== 0 ? <Link to="/settings">change the wage</Link> : null}
          </Row>
        </Sheet>
      </Columns>
      <Sheet aria-labelledby="levers-title">
        <SheetHead>
          <h2 id="levers-title">A tenth more or less of each</h2>
          <Small>what it does to the profit: dark a tenth more, pale a tenth less</Small>
        </SheetHead>
        <Tornado base={base} at={at} />
      </Sheet>
      {kept.length > 0 ? (
        <Sheet $pad={false} aria-labelledby="kept-title">
          <SheetHead style={{ padding: "12px 14px 0" }}>
            <h2 id="kept-title">Kept to compare</h2>
          </SheetHead>
          <Scroll tabIndex={0} role="region" aria-label="Kept to compare, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col">Otherwise</th>
                  <th scope="col" className="num">
                    An hour earns
                  </th>
                  <th scope="col" className="num">
                    Profit
                  </th>
                  <th scope="col">
                    <span className="sr">Take it up</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {kept.map((o, i) => {
                  const out = whatIf(base, o);
                  return (
                    <tr key={i}>
                      <td>{otherwiseText(o)}</td>
                      <td className="num">{out.perHour === undefined ? "—" : money(out.perHour)}</td>
                      <td className="num">{money(out.profit)}</td>
                      <td className="num">
                        <Button
                          type="button"
                          onClick={() => setAt(o)}
                          aria-label={`Take up: ${otherwiseText(o)}`}
                        >
                          Take it up
                        </Button>
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </PlainTable>
          </Scroll>
        </Sheet>
      ) : null}
    </Stack>
  );
}

const percent = (x: number): string => `${x > 0 ? "+" : "−"}${Math.round(100 * Math.abs(x))} %`;
const otherwiseText = (o: Otherwise): string =>
  FACTORS.filter((f) => o[f] !== 0)
    .map((f) => `${WORDS[f].name} ${percent(o[f])}`)
    .join(", ");

const W = 720;
const ROW = 34;

/** How far a tenth of each moves the profit, to both sides of where it is. */
function Tornado({ base, at }: { base: Base; at: Otherwise }) {
  const r = useReading();
  const list = levers(base, at, STEP);
  const here = whatIf(base, at).profit;
  const far = Math.max(1, max(list, (l) => Math.max(Math.abs(l.more - here), Math.abs(l.less - here))) ?? 1);
  const x = scaleLinear()
    .domain([-far, far])
    .range([190, W - 70]);
  const money = (n: number) => `${n > 0 ? "+" : "−"}${printMoney(Math.abs(Math.round(n)) as Minor, r)}`;
  return (
    <Svg
      viewBox={`0 0 ${W} ${list.length * ROW + 8}`}
      role="img"
      aria-label={list
        .map((l) => `${WORDS[l.factor].name}, a tenth ${WORDS[l.factor].more}: ${money(l.more - here)}`)
        .join("; ")}
    >
      {list.map((l, i) => {
        const y = i * ROW + 6;
        const up = l.more - here;
        const down = l.less - here;
        return (
          <g key={l.factor}>
            <text x={0} y={y + 16}>
              {WORDS[l.factor].name}
            </text>
            {[
              { d: up, more: true },
              { d: down, more: false },
            ].map(({ d, more }) => (
              <g key={String(more)}>
                <rect
                  className={more ? "more" : "less"}
                  x={Math.min(x(0), x(d))}
                  width={Math.max(1, Math.abs(x(d) - x(0)))}
                  y={y}
                  height={22}
                />
                {more ? (
                  <text
                    className="value"
                    x={d >= 0 ? x(Math.max(up, down)) + 6 : x(Math.min(up, down)) - 6}
                    textAnchor={d >= 0 ? "start" : "end"}
                    y={y + 16}
                  >
                    {money(d)}
                  </text>
                ) : null}
              </g>
            ))}
          </g>
        );
      })}
      <line x1={x(0)} x2={x(0)} y1={0} y2={list.length * ROW + 4} />
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 900px;
  text {
    font-size: 14px;
    fill: var(--ink);
  }
  .value {
    font-size: 13px;
    fill: var(--soft);
  }
  .more {
    fill: var(--act);
  }
  .less {
    fill: var(--tape);
    stroke: var(--edge);
    stroke-width: 0.7;
  }
  line {
    stroke: var(--ink);
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 18px;
`;
const Dials = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 120px minmax(0, 1fr) auto auto;
    gap: 10px;
    align-items: center;
  }
  input[type="range"] {
    width: 100%;
    min-height: 32px;
    accent-color: var(--act);
  }
`;
