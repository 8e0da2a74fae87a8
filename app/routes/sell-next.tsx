import { CalendarRange } from "lucide-react";
import { data, Link, redirect, useSearchParams } from "react-router";
import { Fragment } from "react";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/sell-next";
import {
  parseMoney,
  printDuration,
  printMoney,
  printTrimmed,
  type Minor,
  type Reading,
  type Seconds,
} from "@core/units";
import { moneyText } from "../features/materials/defaults";
import { adviceFor, type Asked } from "../features/sell/advice.server";
import { asOfNow } from "../features/sell/as-of-now.server";
import { AskedStrip } from "../features/sell/asked-strip";
import { Bars } from "../features/sell/bars";
import { runFromWares, wantedOf } from "../features/sell/run-from-wares.server";
import { MakeInput } from "../features/sell/make-input";
import { SellNav } from "../features/sell/nav";
import { shown, WareName } from "../features/sell/ware-name";
import { isoDay, id } from "../forms";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
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
import { printDay } from "../ui/days";
import { Input, Select } from "../ui/field";
import { ReasonFigure } from "../ui/figure";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";
import { useDrawn } from "../ui/use-drawn";

export const meta: Route.MetaFunction = () => [{ title: "What to make · Lapka" }];

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

/** A number of an address: nothing where it cannot be read, never beyond what is sensible. */
const numberIn = (params: URLSearchParams, name: string, most: number): number | undefined => {
  const text = (params.get(name) ?? "").trim().replace(",", ".");
  const n = Number(text);
  return text !== "" && Number.isFinite(n) && n >= 0 ? Math.min(n, most) : undefined;
};

/** What an hour has to bring, as it is typed; nothing where it cannot be read. */
function leastIn(params: URLSearchParams, money: Pick<Reading, "currency" | "locale">): number | undefined {
  const text = (params.get("least") ?? "").trim();
  const read = text === "" ? undefined : parseMoney(text, money.currency, money.locale);
  return read?.ok && read.value >= 0 ? Math.min(read.value, 10_000_000) : undefined;
}

function askedIn(params: URLSearchParams, money: Pick<Reading, "currency" | "locale">): Asked {
  const wares = params.getAll("ware").slice(0, 600);
  const make = params.getAll("make");
  return {
    marketId: params.get("market") ?? undefined,
    hours: numberIn(params, "hours", 2000),
    crate: numberIn(params, "crate", 20_000),
    hourLeast: leastIn(params, money),
    full: params.has("full"),
    only: params.has("only"),
    ...(params.has("own")
      ? {
          make: new Map(
            wares.map((w, i) => [w, Math.min(10_000, Math.max(0, Math.floor(Number(make[i]) || 0)))]),
          ),
        }
      : {}),
  };
}

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  const asked = askedIn(params, opened.workshop);
  const a = await asOfNow(opened, "what to make", { ...asked, make: [...(asked.make ?? [])] }, () =>
    adviceFor(opened, asked),
  );
  const ahead = a.ahead.map((m) => ({ id: m.id, name: m.name, onDay: m.onDay }));
  if (!a.market) return { ahead, asked: undefined };
  const told = new Map(a.advice?.pieces.map((p) => [p.id, p]));
  return {
    ahead,
    asked: { full: asked.full ?? false, only: asked.only ?? false, own: asked.make !== undefined },
    market: { id: a.market.id, name: a.market.name, onDay: a.market.onDay },
    channel: a.channel.name,
    hoursThere: a.hoursThere,
    promised: a.promised,
    hours: a.hours,
    crate: a.crate,
    later: a.later,
    hourLeast: a.hourLeast,
    unsure: a.unsure.map((w) => ({ key: w.key, itemId: w.itemId, label: w.label })),
    month: a.month,
    refused: a.refused,
    own: a.own,
    advice: a.advice && {
      hoursUsed: a.advice.hoursUsed,
      worth: a.advice.worth,
      bound: a.advice.bound,
      more: a.advice.more,
    },
    model: {
      season: a.model.season,
      method: a.model.method,
      errors: a.model.errors,
      days: Math.max(0, ...[...a.model.of.values()].map((d) => d.periods)),
    },
    rows: a.rows
      .map((x) => ({
        ware: shown(x.ware),
        here: x.here,
        coming: x.coming,
        more: x.more,
        short: x.short,
        price: x.price,
        leaves: x.leaves,
        material: Math.round(x.material),
        minutes: x.minutes,
        rate: x.demand?.rate ?? 0,
        season: x.demand?.season[a.month] ?? 1,
        days: x.demand?.periods ?? 0,
        known: x.known,
        sold: x.demand?.sold ?? 0,
        soldOut: x.demand?.timesSoldOut ?? 0,
        make: asked.make?.get(x.ware.key) ?? told.get(x.ware.key)?.make ?? 0,
        told: told.get(x.ware.key),
      }))
      .sort((p, q) => q.make * q.minutes - p.make * p.minutes || (q.told?.asked ?? 0) - (p.told?.asked ?? 0)),
  };
}

const runSchema = z.object({ day: isoDay("Choose the day."), market: id });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => makeRun(form, o));
}

/** One press makes the advice, or what she wrote over it, a run that is due the day before. */
async function makeRun(form: FormData, opened: Opened) {
  const read = runSchema.safeParse({ day: form.get("day"), market: form.get("market") });
  if (!read.success) throw data(null, { status: 400 });
  const a = await adviceFor(opened, { marketId: read.data.market });
  const runId = await runFromWares(opened, a.wares, wantedOf(form), {
    name: `For ${a.market?.name ?? "the market"}`,
    dueOn: read.data.day,
  });
  if (runId === undefined)
    return data({ refused: "Write for at least one piece how many you make." }, { status: 400 });
  return redirect(`/runs/${runId}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Data = Awaited<ReturnType<typeof loader>>;
type Told = Extract<Data, { rows: unknown }>;

export default function Next({ loaderData }: Route.ComponentProps) {
  const [params] = useSearchParams();
  return (
    <Page>
      <PageHead>
        <h1>What to make</h1>
      </PageHead>
      <SellNav />
      {loaderData.asked === undefined ? (
        <Empty>
          <h2>For which day?</h2>
          <p>
            Say when your next market is. Lapka reckons from the days you have held what it will ask for, and
            how the hours until then are spent best.
          </p>
          <ButtonLink to="/sell/markets" $primary>
            Add a market day
          </ButtonLink>
        </Empty>
      ) : (
        <Advised key={params.toString()} d={loaderData as Told} />
      )}
    </Page>
  );
}

function Advised({ d }: { d: Told }) {
  const r = useReading();
  const drawn = useDrawn(Infinity);
  const most = Math.max(1, ...d.rows.map((x) => Math.max(x.told?.askedHigh ?? 0, x.told?.bring ?? 0)));
  const pieces = d.rows.reduce((s, x) => s + x.make, 0);
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  const hours = (h: number) => printDuration((h * 3600) as Seconds, r);
  return (
    <WorkForm>
      <input type="hidden" name="day" value={dayBefore(d.market.onDay)} />
      <Stack $gap={18}>
        <Sheet aria-label="For which day">
          <Bar>
            <label>
              <span>For</span>
              <Select name="market" defaultValue={d.market.id}>
                {d.ahead.map((m) => (
                  <option key={m.id} value={m.id}>
                    {m.name}, {printDay(m.onDay, r.locale)}
                  </option>
                ))}
              </Select>
            </label>
            <label>
              <span>Hours for making</span>
              <Input
                name="hours"
                inputMode="decimal"
                autoComplete="off"
                defaultValue={printTrimmed(d.hours, 1, r.locale)}
                style={{ width: 90 }}
              />
            </label>
            <label>
              <span>The crate holds</span>
              <Input
                name="crate"
                inputMode="numeric"
                autoComplete="off"
                defaultValue={d.crate ?? ""}
                placeholder="any"
                style={{ width: 90 }}
              />
            </label>
            <label>
              <span>An hour brings at least</span>
              <Input
                name="least"
                inputMode="decimal"
                autoComplete="off"
                defaultValue={moneyText(d.hourLeast, r)}
                style={{ width: 90 }}
              />
            </label>
            <label className="tick">
              <input type="checkbox" name="full" defaultChecked={d.asked?.full} /> one of everything at least
            </label>
            <label className="tick">
              <input type="checkbox" name="only" defaultChecked={d.asked?.only} /> only from materials I have
            </label>
            <Button type="submit" formMethod="get">
              Reckon
            </Button>
          </Bar>
          <Small>
            {hours(d.hoursThere)} of making until {printDay(d.market.onDay, r.locale, true)}
            {d.promised > 0 ? `, ${hours(d.promised)} of them promised to open runs` : ""}
            {d.later > 0
              ? `. What is left over waits for the ${d.later === 1 ? "market day" : `${d.later} market days`} after it.`
              : ". No market day is known after it, so what is left over is worth little."}
          </Small>
        </Sheet>
        {d.refused ? (
          <Sheet>
            <p role="alert">{d.refused}</p>
          </Sheet>
        ) : null}
        {d.advice ? (
          <Sheet $pad={false} aria-labelledby="make-title">
            <Head>
              <div>
                <h2 id="make-title">
                  {pieces === 0
                    ? d.hours > 0
                      ? d.hourLeast > 0
                        ? `Nothing that would bring ${money(d.hourLeast)} an hour is left to make`
                        : "Nothing more needs to be made"
                      : "No hours are left to make more by then"
                    : `Make ${pieces} ${pieces === 1 ? "piece" : "pieces"} in ${hours(d.own ? d.own.hours : d.advice.hoursUsed)}`}
                </h2>
                <Small>
                  what is brought is expected to leave{" "}
                  <ReasonFigure
                    reason={{
                      label: "What the plan is expected to leave",
                      measure: "minor",
                      value: d.advice.worth,
                      how: "chances of what each day asks for × what a piece leaves after fees and tax, less the materials of what is made",
                      parts: [
                        {
                          label: "no plan of as many hours or fewer leaves more than",
                          measure: "minor",
                          value: d.advice.bound,
                        },
                        { label: "one more hour would leave", measure: "minor", value: d.advice.more.hour },
                        {
                          label: "one more place in the crate would leave",
                          measure: "minor",
                          value: d.advice.more.place,
                        },
                      ],
                    }}
                  >
                    {money(d.advice.worth)}
                  </ReasonFigure>{" "}
                  beyond materials{d.later > 0 ? ", over the days after it too" : ""}; one more hour{" "}
                  {money(d.advice.more.hour)}
                </Small>
                {d.unsure.length > 0 ? (
                  <p>
                    <Badge $tone="warn">left out</Badge>{" "}
                    {d.unsure.map((w, i) => (
                      <Fragment key={w.key}>
                        {i > 0 ? ", " : ""}
                        <Link to={`/items/${w.itemId}`}>{w.label}</Link>
                      </Fragment>
                    ))}
                    : a round does not add up, so nobody knows what one takes.
                  </p>
                ) : null}
                {d.own ? (
                  <p>
                    {d.own.hours > d.hours + 0.01 ? (
                      <Badge $tone="warn">{hours(d.own.hours - d.hours)} more than there are</Badge>
                    ) : null}{" "}
                    {d.advice.worth - d.own.worth > 0.5
                      ? `Your own numbers give up ${money(d.advice.worth - d.own.worth)} of it.`
                      : "Your own numbers are worth as much or more."}
                  </p>
                ) : null}
              </div>
              <Row>
                <Button type="submit" formMethod="get" name="own" value="1">
                  Reckon with my numbers
                </Button>
                <Button type="submit" $primary>
                  <CalendarRange size={17} aria-hidden /> Make it a run
                </Button>
              </Row>
            </Head>
            <Scroll tabIndex={0} role="region" aria-label="What to make, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Piece</th>
                    <th scope="col" className="num minor">
                      There
                    </th>
                    <th scope="col" className="num">
                      Make
                    </th>
                    <th scope="col" className="num">
                      Bring
                    </th>
                    <th scope="col" className="num">
                      The day asks for
                    </th>
                    <th scope="col" className="minor">
                      <span className="sr">Drawn</span>
                    </th>
                    <th scope="col" className="num minor">
                      Sells out
                    </th>
                    <th scope="col" className="num minor">
                      One more earns
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {d.rows.slice(0, drawn).map((x) => (
                    <AdvisedRow key={x.ware.key} x={x} most={most} />
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        ) : null}
        <Sheet aria-labelledby="rests-title">
          <SheetHead>
            <h2 id="rests-title">What this rests on</h2>
          </SheetHead>
          <p>
            {d.model.days === 0
              ? `No day at “${d.channel}” was held and closed yet: until then every piece is taken for a usual one, and the year for a usual year.`
              : `${d.model.days} market ${d.model.days === 1 ? "day" : "days"} at “${d.channel}”. A piece that was seldom sold is taken to be like the others of its kind; a day that sold out says only “so many or more”.`}
            {d.model.method === "shared"
              ? ""
              : ` On your own sales ${METHOD_WORDS[d.model.method]} foretold the next day best, so it is used.`}
          </p>
          <h3 style={{ margin: "12px 0 4px" }}>The year: {MONTHS[d.month]} is this day’s month</h3>
          <Bars
            label="Share of a usual month"
            bars={d.model.season.map((f, m) => ({
              label: MONTHS[m] ?? "",
              value: f,
              text: printTrimmed(f, 1, r.locale),
            }))}
          />
          {d.model.errors.length > 0 ? (
            <Small>
              Typical miss of one piece on one day:{" "}
              {d.model.errors
                .map((e) => `${METHOD_WORDS[e.method]} ${printTrimmed(Math.sqrt(e.error), 2, r.locale)}`)
                .join(", ")}
              .
            </Small>
          ) : null}
        </Sheet>
      </Stack>
    </WorkForm>
  );
}

const METHOD_WORDS: Readonly<Record<string, string>> = {
  shared: "rates that learn from each other",
  croston: "size and interval smoothed apart (Croston)",
  sba: "the same without its bias (Syntetos, Boylan)",
  tsb: "size and chance smoothed (Teunter, Syntetos, Babai)",
  ses: "plain smoothing",
};

function AdvisedRow({ x, most }: { x: Told["rows"][number]; most: number }) {
  const r = useReading();
  const t = x.told;
  if (!t) return null;
  return (
    <tr>
      <td>
        <WareName ware={x.ware} />
      </td>
      <td className="num minor">
        {x.here}
        {x.coming > 0 ? <Small> + {x.coming} in runs</Small> : null}
      </td>
      <td className="num">
        <MakeInput ware={x.ware} make={x.make} />
        {x.make > x.more && x.short ? <Short>short of {x.short}</Short> : null}
        {x.make > 0 && !x.known ? <Short>new: for this day alone</Short> : null}
      </td>
      <td className="num">{t.bring}</td>
      <td className="num">
        <ReasonFigure
          reason={{
            label: `${x.ware.label}: what the day asks for`,
            measure: "count",
            value: t.asked,
            how: "a usual day × the month",
            parts: [
              {
                label: `a usual day, from ${x.days} ${x.days === 1 ? "day" : "days"} and ${x.sold} sold`,
                measure: "count",
                value: x.rate,
              },
              { label: `the month, against a usual one`, measure: "ratio", value: x.season },
              { label: "days that sold out", measure: "count", value: x.soldOut },
            ],
          }}
        >
          {printTrimmed(t.asked, 1, r.locale)}
        </ReasonFigure>{" "}
        <span className="range">
          {t.askedLow} to {t.askedHigh}
        </span>
      </td>
      <td className="minor">
        <AskedStrip low={t.askedLow} mean={t.asked} high={t.askedHigh} bring={t.bring} most={most} />
      </td>
      <td className="num minor">{t.bring === 0 ? "—" : `${Math.round(100 * t.chanceSoldOut)} in 100`}</td>
      <td className="num minor">
        {t.nextPerHour === undefined ? "—" : `${printMoney(Math.round(t.nextPerHour) as Minor, r)}/h`}
      </td>
    </tr>
  );
}

function dayBefore(day: string): string {
  const d = new Date(`${day}T12:00:00Z`);
  d.setUTCDate(d.getUTCDate() - 1);
  return d.toISOString().slice(0, 10);
}

const Bar = styled(Row)`
  align-items: end;
  margin-bottom: 8px;
  label {
    display: grid;
    gap: 3px;
    font-size: 13px;
    color: var(--soft);
  }
  .tick {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 36px;
    color: var(--ink);
    font-size: 14px;
  }
`;
const Short = styled.div`
  font-size: 13px;
  color: var(--warn);
  white-space: normal;
  width: 120px;
  margin-left: auto;
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  justify-content: space-between;
  align-items: start;
  padding: 14px;
`;
