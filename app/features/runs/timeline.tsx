import { max } from "d3-array";
import { scaleLinear } from "d3-scale";
import { Link } from "react-router";
import styled from "styled-components";
import { printTrimmed } from "@core/units";
import { PlainTable, Row, Sheet, SheetHead, Small, tapeTicks, Facts } from "../../ui/basics";
import { printDay, printShortDay } from "../../ui/days";
import { Range, ReasonFigure } from "../../ui/figure";
import { useReading } from "../../ui/reading";
import type { TooLong } from "./limit.server";
import type { Lever, SentCalendar } from "./outlook";
import type { Plan } from "@core/planning";
import { InTime, timesOf100 } from "./state";
import { TooLongDays } from "./too-long";
import { useOutlook, type Drawn } from "./use-outlook";

export interface RunShown {
  readonly id: string;
  readonly startOn: string;
  readonly dueOn: string;
  readonly weekMinutes: number;
}
export interface HelperShare {
  readonly name: string;
  readonly hours: number;
  readonly finish: string;
}

/**
 * When a run will be done: as a length of tape with the due day, the days on which it ends in ten thousand
 * drawn paces, and what would bring it in time more surely.
 */
export function Timeline({
  run,
  plan,
  shares,
  today,
  seconds,
  calendar,
  levers,
  tooLong,
}: {
  run: RunShown;
  plan: Pick<Plan, "finish" | "finishLow" | "finishHigh" | "chance" | "inTime" | "hoursThere" | "seconds">;
  shares: readonly HelperShare[];
  today: string;
  seconds: number;
  calendar: SentCalendar;
  levers: readonly Lever[];
  tooLong: readonly TooLong[];
}) {
  const r = useReading();
  const drawn = useOutlook(run.id, calendar, levers);
  const { outlook } = drawn;
  const at = (day: string) => Date.parse(`${day}T00:00:00Z`) / 86_400_000;
  const start = Math.min(at(run.startOn), at(today));
  const last = plan.finishHigh ? Math.min(at(plan.finishHigh), at(run.dueOn) + 60) : at(run.dueOn);
  const end = Math.max(at(run.dueOn), last) + 2;
  const x = (day: string) =>
    `${Math.min(100, Math.max(0, (100 * (at(day) - start)) / Math.max(1, end - start)))}%`;
  return (
    <Sheet aria-label="When it will be done">
      <SheetHead>
        <Row $gap={14}>
          <h2>When it will be done</h2>
          <Link to={`/runs/${run.id}/change`}>Change days or pieces</Link>
        </Row>
        <InTime
          plan={{ ...plan, chance: outlook?.chance ?? plan.chance }}
          due={run.dueOn}
          locale={r.locale}
        />
      </SheetHead>
      <Facts>
        <div>
          <dt>Work</dt>
          <dd>
            <ReasonFigure
              reason={{
                label: "Work of this run",
                measure: "seconds",
                value: seconds,
                low: plan.seconds.low,
                high: plan.seconds.high,
              }}
              strong
            />{" "}
            <Range low={plan.seconds.low} high={plan.seconds.high} measure="seconds" />
          </dd>
        </div>
        <div>
          <dt>Hours until the due day</dt>
          <dd>
            <ReasonFigure
              reason={{
                label: "Hours until the due day",
                measure: "seconds",
                value: plan.hoursThere * 3600,
                how: `${printTrimmed(run.weekMinutes / 60, 1, r.locale)} h a week on your working days, from today or the first day`,
              }}
              strong
            />
          </dd>
        </div>
        <div>
          <dt>Finish</dt>
          <dd>
            {plan.finish ? printDay(plan.finish, r.locale, true) : "never at these hours"}
            {plan.finishLow && plan.finishHigh && plan.finishLow !== plan.finishHigh ? (
              <span className="range">
                {" "}
                {printShortDay(plan.finishLow, r.locale)} to {printShortDay(plan.finishHigh, r.locale)}
              </span>
            ) : null}
          </dd>
        </div>
        {outlook?.sureBy ? (
          <div>
            <dt>Sure by (9 of 10)</dt>
            <dd>{printDay(outlook.sureBy, r.locale, true)}</dd>
          </div>
        ) : null}
        <div>
          <dt>Due</dt>
          <dd>{printDay(run.dueOn, r.locale, true)}</dd>
        </div>
        {shares.map((s) => (
          <div key={s.name}>
            <dt>{s.name} has of it</dt>
            <dd>
              {printTrimmed(s.hours, 1, r.locale)} h{" "}
              <span className="range">done {printShortDay(s.finish, r.locale)}</span>
            </dd>
          </div>
        ))}
      </Facts>
      <Ends drawn={drawn} dueOn={run.dueOn} x={x} width={100 / Math.max(1, end - start)} />
      <TapeBox aria-hidden>
        {plan.finishLow && plan.finishHigh ? (
          <Span style={{ left: x(plan.finishLow), right: `calc(100% - ${x(plan.finishHigh)})` }} />
        ) : null}
        {plan.finish ? (
          <Mark style={{ left: x(plan.finish) }} data-late={plan.inTime === "late" || undefined}>
            <span>done</span>
          </Mark>
        ) : null}
        <Mark style={{ left: x(run.dueOn) }} data-due>
          <span>due</span>
        </Mark>
      </TapeBox>
      <Raise drawn={drawn} run={run} now={plan.chance} />
      <TooLongDays days={tooLong} />
    </Sheet>
  );
}

/** On which days it ends in drawn paces, as bars that stand on the tape; the due day parts them. */
function Ends({
  drawn: { outlook },
  dueOn,
  x,
  width,
}: {
  drawn: Drawn;
  dueOn: string;
  x: (day: string) => string;
  width: number;
}) {
  const r = useReading();
  const height = scaleLinear()
    .domain([0, max(outlook?.days ?? [], (d) => d.share) ?? 1])
    .range([0, 100]);
  const said =
    outlook === undefined
      ? "Paces are being drawn"
      : `Done in time ${timesOf100(outlook.chance)}${outlook.sureBy ? `, by ${printDay(outlook.sureBy, r.locale)} in nine of ten` : ""}`;
  return (
    <Bars role="img" aria-label={said}>
      {outlook?.days.map((d) => (
        <i
          key={d.on}
          data-late={d.on > dueOn || undefined}
          title={`${printDay(d.on, r.locale)}: ${printTrimmed(100 * d.share, 1, r.locale)} of 100`}
          style={{ left: x(d.on), width: `max(2px, calc(${width}% - 1px))`, height: `${height(d.share)}%` }}
        />
      ))}
    </Bars>
  );
}

/** Levers worth naming raise the chance by so much. */
const WORTH = 0.02;
const SHOWN = 5;

/** What would raise the chance, the most first. Where it is sure already, only the last day to begin. */
function Raise({ drawn, run, now }: { drawn: Drawn; run: RunShown; now: number | undefined }) {
  const r = useReading();
  const { outlook, pulled, done } = drawn;
  if (!outlook || now === undefined) return <Small role="status">Drawing ten thousand paces…</Small>;
  const worth = pulled
    .filter((p) => p.chance - outlook.chance >= WORTH)
    .sort((a, b) => b.chance - a.chance)
    .slice(0, SHOWN);
  return (
    <>
      <p>
        <Small>
          Bars: how often it ends on which day, of ten thousand drawn paces of all hands and runs together.{" "}
          {outlook.beginBy === undefined
            ? "Even begun today it is not sure to be in time."
            : `To be sure of the day (9 of 10), begin by ${printDay(outlook.beginBy, r.locale, true)}.`}
        </Small>
      </p>
      {worth.length > 0 ? (
        <PlainTable $tight style={{ marginTop: 8, maxWidth: 640 }}>
          <thead>
            <tr>
              <th scope="col" style={{ whiteSpace: "normal" }}>
                What would bring it in time more surely
              </th>
              <th scope="col" className="num">
                of 100
              </th>
            </tr>
          </thead>
          <tbody>
            {worth.map(({ lever, chance }) => (
              <tr key={JSON.stringify([lever.kind, wordsOf(lever)])}>
                <td>
                  {wordsOf(lever)} {linkOf(lever, run)}
                </td>
                <td className="num">
                  {Math.round(100 * outlook.chance)} → <b>{Math.min(99, Math.round(100 * chance))}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      ) : null}
      {done ? null : <Small role="status">Trying what would help…</Small>}
    </>
  );
}

function wordsOf(l: Lever): string {
  switch (l.kind) {
    case "hour":
      return "An hour more on each of your working days";
    case "first":
      return "This run before the others";
    case "fewer":
      return `${l.pieces} fewer of ${l.label}`;
    case "helper":
      return `${l.work} of ${l.label} to ${l.name}`;
  }
}
function linkOf(l: Lever, run: RunShown) {
  switch (l.kind) {
    case "hour":
    case "first":
      return <Link to="/runs/calendar">Calendar</Link>;
    case "helper":
      return <Link to={`/runs/${run.id}/hands`}>Who makes what</Link>;
    case "fewer":
      return <Link to={`/runs/${run.id}/change`}>Change</Link>;
  }
}

const TapeBox = styled.div`
  position: relative;
  height: 46px;
  margin: 0 22px;
  background-color: var(--tape);
  border-radius: 2px;
  ${tapeTicks("bottom", "var(--tape-ink)")}
`;
const Span = styled.i`
  position: absolute;
  top: 4px;
  height: 16px;
  background: var(--act);
  opacity: 0.35;
  border-radius: 2px;
`;
const Mark = styled.i`
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  margin-left: -1px;
  background: var(--act);
  font-style: normal;
  span {
    position: absolute;
    top: 4px;
    left: 6px;
    font-size: 13px;
    font-weight: 640;
    color: var(--tape-ink);
  }
  &[data-due] {
    background: var(--tape-ink);
    span {
      left: auto;
      right: 6px;
      top: 18px;
    }
  }
  &[data-late] {
    background: var(--bad);
  }
`;
const Bars = styled.div`
  position: relative;
  height: 56px;
  margin: 0 22px;
  overflow: hidden;
  i {
    position: absolute;
    bottom: 0;
    background: var(--act);
    border-radius: 1px 1px 0 0;
    &[data-late] {
      background: repeating-linear-gradient(45deg, var(--bad) 0 3px, transparent 3px 5px);
      box-shadow: inset 0 0 0 1px var(--bad);
    }
  }
`;
