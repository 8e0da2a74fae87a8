import { parseWithZod } from "@conform-to/zod/v4";
import { parseDate } from "@internationalized/date";
import { data, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/runs-calendar";
import { hoursOn, type DayHours, type WeekHours, weekOf } from "@core/planning";
import { printTrimmed } from "@core/units";
import { listCommissions, PROMISED } from "@db/queries/commissions";
import { setDays, type SpecialDay } from "@db/queries/days";
import { listMarkets } from "@db/queries/places";
import { listPurchases } from "@db/queries/purchases";
import { orderRuns } from "@db/queries/runs";
import { RunOrderList } from "../features/calendar/run-order-list";
import { Moved } from "../features/calendar/moved";
import { shift } from "../features/calendar/shift.server";
import { useShift } from "../features/calendar/use-shift";
import { WeekTape } from "../features/calendar/week-tape";
import { daySchema, daysFrom, holidayFrom } from "../features/calendar/holiday";
import { lastOf, weeksOf, type Mark } from "../features/calendar/weeks";
import { changedDays } from "../features/runs/days.server";
import { tooLongDays } from "../features/runs/limit.server";
import { loadRuns, loadShelves, plansOf, runOrder } from "../features/runs/load.server";
import { TooLongDays } from "../features/runs/too-long";
import { id, isoDay } from "../forms";
import { once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
  Button,
  ButtonLink,
  Columns,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { Choice } from "../ui/drawers";
import { Field, FieldGrid, Input } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Calendar · Lapka" }];

/** Weeks on one page. */
const WEEKS = 5;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const today = todayOf(scope);
  const url = new URL(request.url);
  const asked = isoDay("").safeParse(url.searchParams.get("from") ?? undefined);
  const from = asked.success ? asked.data : today;
  const day = isoDay("").safeParse(url.searchParams.get("day") ?? undefined);
  const runs = await loadRuns(scope);
  const shelves = await loadShelves(scope, runs);
  const plans = plansOf(shelves, runs, today);
  const whose = id.safeParse(url.searchParams.get("hand") ?? undefined);
  const hand = shelves.helpers.find((h) => whose.success && h.id === whose.data);
  const [markets, commissions, purchases, changed] = await Promise.all([
    listMarkets(scope),
    listCommissions(scope),
    listPurchases(scope),
    changedDays(scope),
  ]);
  const ordered = runOrder(runs).map((r, i) => ({ r, letter: letterOf(i), plan: plans.get(r.run.id) }));
  const marks = new Map<string, Mark[]>();
  const mark = (on: string, m: Mark) => marks.set(on, [...(marks.get(on) ?? []), m]);
  for (const { r, letter, plan } of ordered)
    mark(r.run.dueOn, {
      kind: "due",
      id: r.run.id,
      moves: true,
      label: `${letter} ${r.run.name}`,
      to: `/runs/${r.run.id}`,
      late: plan?.inTime === "late",
    });
  for (const m of markets)
    mark(m.onDay, {
      kind: "market",
      id: m.id,
      moves: m.state === "planned",
      label: m.name,
      to: `/sell/markets/${m.id}`,
    });
  for (const c of commissions)
    if (PROMISED.includes(c.state))
      mark(c.dueOn, {
        kind: "promised",
        id: c.id,
        label: `no. ${c.number}`,
        to: `/sell/commissions/${c.id}`,
      });
  for (const { purchase: p } of purchases)
    if (p.expectedOn !== null && p.state === "ordered")
      mark(p.expectedOn, { kind: "delivery", id: p.id, label: "delivery", to: `/materials/orders/${p.id}` });
  const week = weekOf(workshop);
  return {
    today,
    from,
    earlier: parseDate(from).subtract({ weeks: WEEKS }).toString(),
    later: parseDate(from).add({ weeks: WEEKS }).toString(),
    last: lastOf(from, WEEKS, workshop.locale),
    own: runs.some((r) => r.run.sort !== null),
    runs: ordered.map(({ r, letter, plan }) => ({
      id: r.run.id,
      letter,
      name: r.run.name,
      begin: plan?.days.map((x) => x.on).toSorted()[0],
      dueOn: r.run.dueOn,
      finish: plan?.finish,
      chance: plan?.chance,
    })),
    weeks: weeksOf({
      from,
      today,
      weeks: WEEKS,
      locale: workshop.locale,
      week,
      special: shelves.days,
      notes: new Map(changed.filter((d) => d.handId === "").map((d) => [d.onDay, d.note])),
      stretches: ordered.map(({ r, letter, plan }) => ({
        id: r.run.id,
        letter,
        name: r.run.name,
        startOn: r.run.startOn,
        days: plan?.days ?? [],
      })),
      marks,
    }),
    tooLong: await tooLongDays(
      scope,
      [...plans.values()].flatMap((plan) => plan.days),
    ),
    hands: shelves.helpers.map((h) => ({ id: h.id, name: h.name })),
    day: day.success
      ? dayOf({
          on: day.data,
          hand: hand?.id ?? "",
          week: hand?.week ?? week,
          special: shelves.daysByHand.get(hand?.id ?? ""),
          changed,
          market: markets.some((m) => m.onDay === day.data && m.state !== "closed"),
        })
      : undefined,
  };
}

/** A hand's hours of one day, and what they are as a rule. A market is the maker's only. */
function dayOf(of: {
  on: string;
  hand: string;
  week: WeekHours;
  special: DayHours | undefined;
  changed: readonly SpecialDay[];
  market: boolean;
}) {
  const on = parseDate(of.on);
  const own = of.changed.find((d) => d.onDay === of.on && d.handId === of.hand);
  return {
    on: of.on,
    hand: of.hand,
    usual: hoursOn(on, of.week),
    hours: hoursOn(on, of.week, of.special),
    changed: own !== undefined,
    note: own?.note ?? "",
    lasts: own ? holidayFrom(of.changed, own).length : 0,
    market: of.hand === "" && of.market,
  };
}

/** A, B, … Z, AA, AB: as columns are counted. */
const letterOf = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${letterOf(Math.floor(i / 26) - 1)}${letterOf(i % 26)}`;

const usualSchema = z.object({ on: isoDay(""), hand: z.union([z.literal(""), id]) });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, o, new URL(args.request.url).search));
}

async function change(form: FormData, opened: Opened, search: string) {
  const { scope, workshop } = opened;
  const back = `/runs/calendar${search}`;
  switch (form.get("intent")) {
    case "order": {
      const got = z.array(id).max(500).safeParse(form.getAll("run"));
      if (!got.success) throw data(null, { status: 400 });
      await orderRuns(scope, got.data);
      return redirect(back);
    }
    case "shift":
      return shift(form, opened);
    case "usual": {
      const got = usualSchema.safeParse({ on: form.get("on"), hand: form.get("hand") ?? "" });
      if (!got.success) throw data(null, { status: 400 });
      const { on, hand } = got.data;
      const changed = await changedDays(scope);
      const own = changed.find((d) => d.onDay === on && d.handId === hand);
      await setDays(scope, own ? holidayFrom(changed, own) : [on], undefined, "", hand);
      return redirect(back);
    }
    case "day": {
      const got = parseWithZod(form, { schema: daySchema(workshop) });
      if (got.status !== "success") return data(got.reply(), { status: 400 });
      const { on, days, hours, note, hand } = got.value;
      await setDays(scope, daysFrom(on, days), hours, note, hand);
      return redirect(back);
    }
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Data = Awaited<ReturnType<typeof loader>>;

export default function RunsCalendar({ loaderData: d, actionData }: Route.ComponentProps) {
  const r = useReading();
  const [search] = useSearchParams();
  const answer = taken(actionData) as { error?: Record<string, string[] | null> | null } | undefined;
  const moving = useShift();
  const hrefOf = (day: string) => {
    const next = new URLSearchParams(search);
    next.set("day", day);
    return `?${next.toString()}#day`;
  };
  return (
    <Page>
      <PageHead>
        <h1>Calendar</h1>
        <Small>
          {printDay(d.weeks[0]?.[0]?.on ?? d.from, r.locale)} to {printDay(d.last, r.locale)}
        </Small>
        <ButtonLink to="/runs">All runs</ButtonLink>
      </PageHead>
      <Row style={{ marginBottom: 12 }}>
        <ButtonLink to={`?from=${d.earlier}`} preventScrollReset>
          Earlier
        </ButtonLink>
        <ButtonLink to="?" preventScrollReset>
          This week
        </ButtonLink>
        <ButtonLink to={`?from=${d.later}`} preventScrollReset>
          Later
        </ButtonLink>
      </Row>
      <Columns $parts="minmax(0, 5fr) minmax(300px, 2fr)">
        <Sheet aria-label="What is on each day">
          <Moved moving={moving} runs={d.runs} />
          <WeekTape
            weeks={d.weeks}
            hands={d.hands}
            chosen={d.day?.on}
            hrefOf={hrefOf}
            onShift={moving.shift}
          />
          <TooLongDays days={d.tooLong} />
          <p style={{ marginTop: 8 }}>
            <Small>
              Letters are runs, with the hours they take at the expected pace
              {d.hands.length > 0 ? "; a helper’s stand under her name" : ""}. A star marks hours that are
              others than usual. Choose a day to change them; a market day has none unless you say so. A run,
              a due day, a market ahead or a day with hours of its own is dragged to another day, or picked up
              by its grip with Enter, moved with Tab and put down with Enter.
            </Small>
          </p>
        </Sheet>
        <Stack $gap={18}>
          {d.day ? (
            <DayPanel key={`${d.day.on} ${d.day.hand}`} day={d.day} hands={d.hands} wrong={answer?.error} />
          ) : null}
          <Sheet aria-labelledby="order-title">
            <SheetHead>
              <h2 id="order-title">Who gets the hours first</h2>
            </SheetHead>
            {d.runs.length === 0 ? (
              <p>No run is open.</p>
            ) : (
              <RunOrderList key={d.runs.map((x) => x.id).join()} runs={d.runs} own={d.own} />
            )}
          </Sheet>
        </Stack>
      </Columns>
    </Page>
  );
}

function whoseHours(search: URLSearchParams, hand: string): string {
  const next = new URLSearchParams(search);
  if (hand === "") next.delete("hand");
  else next.set("hand", hand);
  return next.toString();
}

function DayPanel({
  day,
  hands,
  wrong,
}: {
  day: NonNullable<Data["day"]>;
  hands: Data["hands"];
  wrong: Record<string, string[] | null> | null | undefined;
}) {
  const r = useReading();
  const [search] = useSearchParams();
  const hours = (n: number) => printTrimmed(n, 2, r.locale);
  return (
    <Sheet id="day" aria-labelledby="day-title">
      <SheetHead>
        <h2 id="day-title">{printDay(day.on, r.locale, true)}</h2>
      </SheetHead>
      {hands.length === 0 ? null : (
        <Row $gap={6} role="group" aria-label="Whose hours" style={{ marginBottom: 10 }}>
          {[{ id: "", name: "You" }, ...hands].map((h) => (
            <Choice
              key={h.id}
              to={`?${whoseHours(search, h.id)}#day`}
              preventScrollReset
              aria-current={h.id === day.hand ? "true" : undefined}
            >
              {h.name}
            </Choice>
          ))}
        </Row>
      )}
      <WorkForm>
        <input type="hidden" name="intent" value="day" />
        <input type="hidden" name="on" value={day.on} />
        <input type="hidden" name="hand" value={day.hand} />
        <FieldGrid $min={110}>
          <Field
            label="Hours at the hook"
            name="hours"
            errors={wrong?.hours ?? undefined}
            hint={
              day.market && !day.changed
                ? "none: you are at the market"
                : day.usual === 0
                  ? "none as a rule"
                  : `${hours(day.usual)} as a rule; 0 is a day off`
            }
          >
            {(bind) => (
              <Input {...bind} inputMode="decimal" autoComplete="off" defaultValue={hours(day.hours)} />
            )}
          </Field>
          <Field
            label="Why"
            name="note"
            errors={wrong?.note ?? undefined}
            hint="Such as “ferry to the mainland”."
          >
            {(bind) => <Input {...bind} autoComplete="off" defaultValue={day.note} />}
          </Field>
          <Field
            label="Days in a row"
            name="days"
            errors={wrong?.days ?? undefined}
            hint="More than one for a holiday."
          >
            {(bind) => (
              <Input {...bind} inputMode="numeric" autoComplete="off" defaultValue={Math.max(1, day.lasts)} />
            )}
          </Field>
        </FieldGrid>
        <p style={{ marginTop: 10 }}>
          <Button type="submit" $primary>
            Keep it
          </Button>
        </p>
      </WorkForm>
      {day.changed ? (
        <WorkForm>
          <input type="hidden" name="intent" value="usual" />
          <input type="hidden" name="on" value={day.on} />
          <input type="hidden" name="hand" value={day.hand} />
          <Button type="submit" $quiet>
            {day.lasts > 1 ? `As usual again, all ${day.lasts} days` : "As usual again"}
          </Button>
        </WorkForm>
      ) : null}
    </Sheet>
  );
}
