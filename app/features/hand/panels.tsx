import { Archive, ArchiveRestore, Scale, Timer } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import { Z90, type Measure } from "@core/estimate";
import {
  printDuration,
  printLength,
  printMass,
  printMoney,
  printTrimmed,
  type Grams,
  type Minor,
  type Mm,
  type Seconds,
} from "@core/units";
import { WorkForm } from "../../ui/form";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Choice } from "../../ui/drawers";
import { Range, ReasonFigure } from "../../ui/figure";
import { useDrawn } from "../../ui/use-drawn";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import { DriftChart, ExpectedChart, LapChart, NarrowingChart } from "./charts";
import { driftText } from "./drift-text";
import { Scores90 } from "./score";
import type { loadHandPage, MeasurementRow } from "./hand-page.server";

type HandPage = Awaited<ReturnType<typeof loadHandPage>>;

const AIM_WORDS = { cost: "cost", yarn: "yarn", time: "finish day" } as const;

/** Which minute of measuring would tell most about the runs that are planned. */
export function NextPanel({ d }: { d: HandPage }) {
  const r = useReading();
  const measure = ({ cost: "minor", yarn: "grams", time: "seconds" } as const)[d.aim];
  const print = (v: number) =>
    d.aim === "cost"
      ? printMoney(Math.round(v) as Minor, r)
      : d.aim === "yarn"
        ? printMass(v as Grams, r)
        : printDuration(v as Seconds, r);
  const to = (aim: HandPage["aim"]) =>
    `/hand?${new URLSearchParams({ ...(d.hand && d.hands.length > 1 ? { hand: d.hand.id } : {}), aim }).toString()}`;
  return (
    <Sheet aria-labelledby="next-title">
      <SheetHead>
        <h2 id="next-title">Measure next</h2>
        <Row $gap={6}>
          <Small>so that the range of your planned runs closes most</Small>
          {(Object.keys(AIM_WORDS) as HandPage["aim"][])
            .filter((aim) => !d.own || aim !== "cost")
            .map((aim) => (
              <Choice
                key={aim}
                to={to(aim)}
                preventScrollReset
                aria-current={aim === d.aim ? "true" : undefined}
              >
                {AIM_WORDS[aim]}
              </Choice>
            ))}
        </Row>
      </SheetHead>
      {d.next.length === 0 ? (
        <Small>Nothing is planned that one more measurement would narrow.</Small>
      ) : (
        <List>
          {d.next.map((n) => (
            <li key={n.key}>
              <Link to={n.to}>
                {n.kind === "weigh" ? <Scale size={15} aria-hidden /> : <Timer size={15} aria-hidden />}{" "}
                {n.text}
              </Link>
              <ReasonFigure
                reason={{
                  label: `Width of the 90 % range of all that is planned: ${AIM_WORDS[d.aim]}`,
                  measure,
                  value: n.now - n.then,
                  how: "narrower by one more measurement, expected",
                  parts: [
                    { label: "now", measure, value: n.now },
                    { label: "after it", measure, value: n.then },
                  ],
                }}
              >
                {print(n.now - n.then)} narrower
              </ReasonFigure>
            </li>
          ))}
        </List>
      )}
    </Sheet>
  );
}

const KINDS = { "weigh-in": "weigh-in", unravelled: "unravelled swatch", width: "swatch" } as const;

/** Yarn in a stitch by yarn and hook, each with the band that closed about it. */
export function TensionPanel({ d }: { d: HandPage }) {
  const r = useReading();
  return (
    <Sheet $pad={false} aria-labelledby="tension-title">
      <Head>
        <h2 id="tension-title">Yarn in a stitch</h2>
        <Small>
          by yarn and hook; the band closes with every measurement, the dotted line is the trade’s average
        </Small>
      </Head>
      <Scroll tabIndex={0} role="region" aria-label="Yarn in a stitch, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Yarn and hook</th>
              <th scope="col" className="num">
                One sc takes
              </th>
              <th scope="col">From</th>
              <th scope="col" className="minor">
                How it narrowed
              </th>
            </tr>
          </thead>
          <tbody>
            {d.groups.map((g) => (
              <tr key={g.group}>
                <td>
                  <Named>
                    <YarnDisc colour={g.colour} name={g.label} size={26} />
                    <span>
                      <Link to={`/materials/${g.yarnId}`}>
                        <b>{g.label}</b>
                      </Link>{" "}
                      <Small>{printTrimmed(g.hookMm, 2, r.locale)} mm hook</Small>
                    </span>
                  </Named>
                </td>
                <td className="num">
                  <ReasonFigure
                    strong
                    reason={{
                      label: `One single crochet in ${g.label}`,
                      measure: "mm",
                      value: g.perStitch,
                      low: g.low,
                      high: g.high,
                      how: `{mm:${g.prior}} the trade expects × ${g.factor.toFixed(3)}, your hand`,
                      from: `${g.own} of its own, ${g.others} of your other yarns${g.earlier > 0 ? `; the first ${g.rests.length} are listed, ${g.earlier} more count as well` : ""}`,
                      parts: g.rests.map((m) => ({
                        label: `${KINDS[m.kind]} of ${printDay(m.madeOn, r.locale)}${m.setAside ? ", set aside" : ""}: times the trade’s`,
                        measure: "ratio" as const,
                        value: m.ratio,
                      })),
                    }}
                  >
                    {printLength(g.perStitch as Mm, r, r.system === "metric" ? 1 : 2)}
                  </ReasonFigure>{" "}
                  <span className="range">
                    {printTrimmed(
                      r.system === "metric" ? g.low : g.low / 25.4,
                      r.system === "metric" ? 1 : 2,
                      r.locale,
                    )}{" "}
                    to {printLength(g.high as Mm, r, r.system === "metric" ? 1 : 2)}
                  </span>
                </td>
                <td>
                  {g.own} of this yarn{g.others > 0 ? <Small>, {g.others} of others</Small> : null}
                </td>
                <td className="minor">
                  <NarrowingChart
                    points={g.points}
                    label={`Range of ${g.label} as ${g.points.at(-1)?.n ?? 0} measurements came in`}
                  />
                </td>
              </tr>
            ))}
            <tr>
              <td>Any other yarn</td>
              <td className="num">
                <b>{printTrimmed(100 * d.elsewhere.factor, 0, r.locale)} %</b>{" "}
                <span className="range">
                  {printTrimmed(100 * d.elsewhere.low, 0, r.locale)} to{" "}
                  {printTrimmed(100 * d.elsewhere.high, 0, r.locale)} %
                </span>
              </td>
              <td colSpan={2}>
                <Small>of the trade’s average for its class and hook</Small>
              </td>
            </tr>
            {d.packing.map((p) => (
              <tr key={p.firmness}>
                <td>Filling, {p.firmness}</td>
                <td className="num">
                  <b>{printTrimmed(100 * p.factor, 0, r.locale)} %</b>{" "}
                  <span className="range">
                    {printTrimmed(100 * p.low, 0, r.locale)} to {printTrimmed(100 * p.high, 0, r.locale)} %
                  </span>
                </td>
                <td colSpan={2}>
                  <Small>of the trade’s weight for the volume; {p.own} weighed</Small>
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

/** Where the time goes, and what a batch saves. */
export function PacePanel({ d }: { d: HandPage }) {
  const r = useReading();
  const crochet = d.stages.filter((s) => s.stage === "crochet").reduce((t, s) => t + s.seconds, 0);
  const total = d.stages.reduce((t, s) => t + s.seconds, 0);
  const most = Math.max(1, ...d.stages.map((s) => Math.max(s.trade, s.seconds)));
  const less = (rate: number) => printTrimmed(100 * (1 - rate), 0, r.locale);
  return (
    <Sheet aria-labelledby="pace-title">
      <SheetHead>
        <h2 id="pace-title">Pace by stage</h2>
        <Small>
          one of each item; finishing is{" "}
          {printTrimmed(total > 0 ? (100 * (total - crochet)) / total : 0, 0, r.locale)} %
        </Small>
      </SheetHead>
      <Stages>
        {d.stages.map((s) => (
          <li key={s.stage}>
            <span>{s.label}</span>
            <Bar aria-hidden>
              <i style={{ width: `${(100 * s.trade) / most}%` }} />
              <b style={{ width: `${(100 * s.seconds) / most}%` }} />
            </Bar>
            <span className="num">
              <ReasonFigure
                reason={{
                  label: s.label,
                  measure: "seconds",
                  value: s.seconds,
                  low: Math.max(0, s.seconds - Z90 * s.sd),
                  high: s.seconds + Z90 * s.sd,
                  how: `{seconds:${s.trade}} at the trade’s pace × ${(s.seconds / s.trade).toFixed(2)}`,
                  from:
                    s.timings > 0
                      ? `${s.timings} timings of this stage`
                      : d.timings > 0
                        ? "your other stages"
                        : "trade average",
                }}
              >
                {printDuration(s.seconds as Seconds, r)}
              </ReasonFigure>
            </span>
            <Small>
              {printTrimmed((100 * s.seconds) / s.trade, 0, r.locale)} % of the trade’s;{" "}
              <Range
                low={Math.max(0, s.seconds - Z90 * s.sd)}
                high={s.seconds + Z90 * s.sd}
                measure="seconds"
              />
            </Small>
          </li>
        ))}
      </Stages>
      <details style={{ marginTop: 12 }}>
        <summary>By stitch and event</summary>
        <PlainTable $tight>
          <thead>
            <tr>
              <th scope="col">Work</th>
              <th scope="col" className="num">
                Of the trade’s time
              </th>
            </tr>
          </thead>
          <tbody>
            {d.kinds.map((k) => (
              <tr key={k.kind}>
                <td>{k.label}</td>
                <td className="num">
                  <b>{printTrimmed(100 * k.factor, 0, r.locale)} %</b>{" "}
                  <Small>
                    {printTrimmed(100 * Math.max(0, k.factor - Z90 * k.sd), 0, r.locale)} to{" "}
                    {printTrimmed(100 * (k.factor + Z90 * k.sd), 0, r.locale)} %
                  </Small>
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </details>
      <h3 style={{ marginTop: 16 }}>In a batch</h3>
      <p>
        Each doubling takes <b>{less(d.batch.rate)} % less</b> time a piece{" "}
        <span className="range">
          {less(d.batch.high)} to {less(d.batch.low)} %
        </span>
        .{" "}
        <Small>
          {d.batch.batches === 0
            ? "Trade average: mark each piece while you time a batch."
            : `From ${d.batch.batches} timed ${d.batch.batches === 1 ? "batch" : "batches"}; a run’s minutes rest on it.`}
        </Small>
      </p>
      {d.curves.map((c) => (
        <figure key={c.id} style={{ margin: "8px 0 0" }}>
          <a
            href={`#m-${c.id}`}
            aria-label={`Open the timing of ${printDay(c.madeOn, r.locale)}`}
            style={{ display: "block" }}
          >
            <LapChart laps={c.laps} curve={c.curve} />
          </a>
          <figcaption>
            <Small>
              {c.stage}, {c.laps.length} pieces, {printDay(c.madeOn, r.locale)}:{" "}
              {printDuration(c.curve.first as Seconds, r)} for the first
            </Small>
          </figcaption>
        </figure>
      ))}
    </Sheet>
  );
}

/** Expected against measured, how true the ranges were, and whether the hand drifts. */
export function ToldPanel({ d }: { d: HandPage }) {
  const r = useReading();
  const href = (id: string) =>
    d.more > 0 && !d.measurements.some((m) => m.id === id)
      ? `/hand?all=1${d.hand ? `&hand=${d.hand.id}` : ""}#m-${id}`
      : `#m-${id}`;
  return (
    <Sheet aria-labelledby="told-title">
      <SheetHead>
        <h2 id="told-title">Expected against measured</h2>
      </SheetHead>
      <ExpectedChart
        told={d.told}
        href={(t) => href(t.id)}
        describe={(t) =>
          `${t.what === "tension" ? "yarn" : t.group}, ${printDay(t.madeOn, r.locale)}: expected ${t.expected.toFixed(2)}, measured ${t.measured.toFixed(2)}`
        }
      />
      <Small>
        <Key style={{ background: "var(--act)" }} /> yarn <Key style={{ background: "var(--w-inc)" }} />{" "}
        filling <Key data-square style={{ background: "var(--w-dec)" }} /> time
      </Small>
      <Scores90
        kinds={[
          { name: "Yarn", score: d.scores.tension },
          { name: "Filling", score: d.scores.packing },
          { name: "Time", score: d.scores.pace },
        ]}
      />
      <h3 style={{ marginTop: 18 }}>Over the months</h3>
      <Small>Against what is known of you now; a straight line, no seasons.</Small>
      {d.drift.map((v) => (
        <figure key={v.what} style={{ margin: "8px 0 0" }}>
          <DriftChart
            view={v}
            href={href}
            describe={(p) => `${v.what}, ${printDay(p.madeOn, r.locale)}: ${Math.round(100 * p.ratio)} %`}
            dayText={(day) => (day ? printDay(day, r.locale) : "")}
          />
          <figcaption>
            <b>{v.what === "yarn" ? "Yarn" : "Time"}</b> <Small>{driftText(v)}</Small>
          </figcaption>
        </figure>
      ))}
    </Sheet>
  );
}

/** All measurements; a figure opens to its arithmetic, any can be set aside and brought back. */
export function MeasurementList({ d }: { d: HandPage }) {
  const r = useReading();
  const drawn = useDrawn(Infinity);
  // Who came for an older one is led to its row, which has to be there.
  const shown = d.allShown ? d.measurements : d.measurements.slice(0, drawn);
  const print = (m: MeasurementRow) =>
    m.measure === "grams"
      ? printMass(m.value as Grams, r)
      : m.measure === "seconds"
        ? printDuration(m.value as Seconds, r)
        : `${printLength(m.value as Mm, r, r.system === "metric" ? 1 : 2)} a stitch`;
  return (
    <Sheet $pad={false} aria-labelledby="all-title">
      <Head>
        <h2 id="all-title">Measurements</h2>
        <Small>set one aside when something went wrong: it is kept, and can come back</Small>
      </Head>
      <Scroll tabIndex={0} role="region" aria-label="Measurements, table">
        <Measurements>
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">What</th>
              <th scope="col" className="minor">
                Of
              </th>
              <th scope="col" className="num">
                Measured
              </th>
              <th scope="col" className="num">
                Of the trade’s
              </th>
              <th scope="col">
                <span className="sr">Do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.map((m) => (
              <tr key={m.id} id={`m-${m.id}`} data-aside={m.setAside || undefined}>
                <td style={{ whiteSpace: "nowrap" }}>{printDay(m.madeOn, r.locale)}</td>
                <td>{m.what}</td>
                <td className="minor">{m.about}</td>
                <td className="num">{print(m)}</td>
                <td className="num">
                  <ReasonFigure
                    reason={{
                      label: `${m.what}, ${m.about}, ${printDay(m.madeOn, r.locale)}`,
                      measure: "ratio",
                      value: m.ratio,
                      how: `what was measured ÷ {${m.measure}:${m.expected}} that the trade would expect`,
                      ...(m.setAside ? { from: "set aside: no estimate rests on it" } : {}),
                      parts: m.parts.map((p) => ({
                        label: p.label,
                        measure: m.measure as Measure,
                        value: p.value,
                      })),
                    }}
                  >
                    {printTrimmed(100 * m.ratio, 0, r.locale)} %
                  </ReasonFigure>
                </td>
                <td className="num">
                  <WorkForm preventScrollReset>
                    <input type="hidden" name="intent" value="aside" />
                    <input type="hidden" name="kind" value={m.kind} />
                    <input type="hidden" name="id" value={m.id} />
                    <input type="hidden" name="aside" value={m.setAside ? "no" : "yes"} />
                    <input type="hidden" name="hand" value={d.hand?.id ?? ""} />
                    <Button
                      type="submit"
                      $quiet
                      aria-label={`${m.setAside ? "Bring back" : "Set aside"}: ${m.what}, ${m.about}, ${printDay(m.madeOn, r.locale)}`}
                      title={m.setAside ? "Bring back" : "Set aside"}
                    >
                      {m.setAside ? (
                        <ArchiveRestore size={16} aria-hidden />
                      ) : (
                        <Archive size={16} aria-hidden />
                      )}
                    </Button>
                  </WorkForm>
                </td>
              </tr>
            ))}
          </tbody>
        </Measurements>
      </Scroll>
      {d.more > 0 ? (
        <p style={{ padding: 12 }}>
          <Link to={`/hand?all=1${d.hand ? `&hand=${d.hand.id}` : ""}#all-title`}>
            Show {d.more} older ones
          </Link>
        </p>
      ) : null}
    </Sheet>
  );
}

const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: baseline;
`;
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 7px;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    justify-content: space-between;
  }
  a {
    display: inline-flex;
    gap: 7px;
    align-items: center;
  }
  @media (pointer: coarse) {
    a {
      min-height: 48px;
    }
  }
`;
const Named = styled.span`
  display: flex;
  gap: 10px;
  align-items: center;
  > span {
    display: grid;
  }
`;
const Measurements = styled(PlainTable)`
  tr[data-aside] {
    color: var(--soft);
  }
  tr[data-aside] td:nth-child(-n + 4) {
    text-decoration: line-through;
  }
  tr:target {
    background: var(--tape);
    color: var(--tape-ink);
  }
  tr:target .figure {
    color: inherit;
  }
  tr {
    scroll-margin: 30vh;
  }
`;
const Stages = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 104px minmax(60px, 1fr) auto;
    gap: 2px 12px;
    align-items: center;
  }
  li > span:last-child {
    grid-column: 2 / -1;
  }
`;
const Bar = styled.div`
  position: relative;
  height: 18px;
  i,
  b {
    position: absolute;
    left: 0;
    border-radius: 2px;
  }
  i {
    top: 0;
    height: 18px;
    background: var(--tape);
    border-right: 2px solid var(--tape-ink);
  }
  b {
    top: 5px;
    height: 8px;
    background: var(--act);
  }
`;
const Key = styled.i`
  display: inline-block;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  margin: 0 2px 0 8px;
  &[data-square] {
    border-radius: 0;
  }
`;
