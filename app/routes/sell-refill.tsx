import { parseDate, type CalendarDate } from "@internationalized/date";
import { data, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/sell-refill";
import { printTrimmed } from "@core/units";
import { carryPieces } from "@db/queries/pieces";
import { AheadSheet, LITTLE_KNOWN } from "../features/sell/ahead-sheet";
import { SellNav } from "../features/sell/nav";
import { refill } from "../features/sell/refill.server";
import { runFromWares, wantedOf } from "../features/sell/run-from-wares.server";
import { placeId } from "../features/sell/schema";
import { shown, WareName } from "../features/sell/ware-name";
import { loadWares } from "../features/sell/wares.server";
import { fields as quantityFields, id } from "../forms";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
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
import { Choice } from "../ui/drawers";
import { Input } from "../ui/field";
import { ReasonFigure } from "../ui/figure";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Refill · Lapka" }];

const WEEKS = [1, 2, 4] as const;

/** How often she comes by, as the address says. */
const weeksIn = (request: Request) => {
  const asked = Number(new URL(request.url).searchParams.get("weeks") ?? "2");
  return WEEKS.find((w) => w === asked) ?? 2;
};

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const weeks = weeksIn(request);
  const { places, ahead } = await refill(opened, weeks);
  return {
    weeks,
    today: todayOf(opened.scope),
    ahead: ahead.map(({ ware, enoughUntil, beginBy, orderBy, ...row }) => ({
      ...row,
      ware: shown(ware),
      enoughUntil: enoughUntil?.toString(),
      beginBy: beginBy?.toString(),
      orderBy: orderBy?.toString(),
    })),
    places: places.map((p) => ({
      placeId: p.placeId,
      name: p.name,
      channel: p.channel.name,
      room: p.room,
      rows: p.rows.map(({ ware, ...row }) => ({
        ...row,
        ware: shown(ware),
        itemId: ware.itemId,
        colourwayId: ware.colourwayId,
      })),
    })),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) =>
    form.get("do") === "run" ? makeRun(form, o, weeksIn(args.request)) : carry(form, o),
  );
}

/** One press makes what is to be made a run, due when the first of it would run out, or when it can be done. */
async function makeRun(form: FormData, opened: Opened, weeks: number) {
  const { ahead } = await refill(opened, weeks);
  const { wares } = await loadWares(opened.scope, opened.workshop);
  const wanted = wantedOf(form);
  const days = ahead.filter((x) => (wanted.get(x.ware.key) ?? 0) > 0);
  const runId = await runFromWares(opened, wares, wanted, {
    name: "For shelves and shop",
    dueOn: dueOf(
      parseDate(todayOf(opened.scope)),
      days.map((x) => x.enoughUntil),
      Math.max(0, ...days.map((x) => x.leadDays)),
    ).toString(),
  });
  if (runId === undefined)
    return data({ error: "Write for at least one piece how many you make." }, { status: 400 });
  return redirect(`/runs/${runId}`);
}

/** The first day that something runs out, though not before all of it can be there. */
function dueOf(
  today: CalendarDate,
  ends: readonly (CalendarDate | undefined)[],
  leadDays: number,
): CalendarDate {
  const can = today.add({ days: leadDays });
  const first = ends.reduce((a, b) => (a === undefined || (b && b.compare(a) < 0) ? b : a), undefined);
  return first && first.compare(can) > 0 ? first : can;
}

async function carry(form: FormData, { scope, workshop }: Opened) {
  const to = placeId.safeParse(form.get("to") ?? "");
  const count = quantityFields(workshop.locale, workshop.currency, workshop.units).count(
    "Write how many.",
    0,
    10_000,
  );
  const line = z.object({ itemId: id, colourwayId: placeId, quantity: count.optional() });
  const quantities = form.getAll("quantity");
  const rows = form.getAll("piece").map((p, i) => {
    const [itemId = "", colourwayId = ""] = String(p).split(":");
    return line.safeParse({ itemId, colourwayId, quantity: quantities[i] || undefined });
  });
  if (!to.success || to.data === "" || rows.some((r) => !r.success))
    return data({ error: "Write whole numbers, such as 3, beside what you take along." }, { status: 400 });
  const pieces = rows.flatMap((r) =>
    r.success && (r.data.quantity ?? 0) > 0
      ? [
          {
            itemId: r.data.itemId,
            colourwayId: r.data.colourwayId,
            grade: "good" as const,
            quantity: r.data.quantity ?? 0,
          },
        ]
      : [],
  );
  if (pieces.length === 0)
    return data({ error: "Write beside at least one piece how many." }, { status: 400 });
  await carryPieces(scope, pieces, { from: "", to: to.data, note: "refilled" });
  return redirect("/sell/refill?saved=1");
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Refill({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const [params] = useSearchParams();
  const error = taken(answered)?.error;
  return (
    <Page>
      <PageHead>
        <h1>Refill</h1>
        {params.get("saved") ? <Small role="status">carried over</Small> : null}
      </PageHead>
      <SellNav />
      {d.places.length === 0 ? (
        <Empty>
          <h2>Shelves that sell while you make</h2>
          <p>
            Add a shelf in a shop under Places, and write down what sold there. Lapka learns what a week asks
            for, and says what to bring before it runs out.
          </p>
          <ButtonLink to="/sell#places" $primary>
            Add a shelf
          </ButtonLink>
        </Empty>
      ) : (
        <Stack $gap={18}>
          <Row $gap={6} role="group" aria-label="How often you come by">
            <Small>You come by</Small>
            {WEEKS.map((w) => (
              <Choice key={w} to={`?weeks=${w}`} aria-current={w === d.weeks ? "true" : undefined}>
                {w === 1 ? "every week" : `every ${w} weeks`}
              </Choice>
            ))}
          </Row>
          {error ? (
            <p role="alert" style={{ color: "var(--bad)", fontWeight: 560 }}>
              {error}
            </p>
          ) : null}
          {d.ahead.length > 0 ? <AheadSheet rows={d.ahead} today={d.today} /> : null}
          {d.places.map((p) => (
            <PlaceSheet key={`${p.placeId} ${p.channel}`} place={p} />
          ))}
        </Stack>
      )}
    </Page>
  );
}

type Data = Awaited<ReturnType<typeof loader>>;

function PlaceSheet({ place: p }: { place: Data["places"][number] }) {
  const r = useReading();
  const wanted = p.rows.reduce((s, x) => s + x.bring, 0);
  const title = `refill-${p.placeId || p.channel.replace(/\W/g, "")}`;
  return (
    <WorkForm>
      <input type="hidden" name="to" value={p.placeId} />
      <Sheet $pad={false} aria-labelledby={title}>
        <SheetHead style={{ padding: "12px 14px 0", alignItems: "center" }}>
          <h2 id={title}>{p.name}</h2>
          {wanted === 0 ? (
            <Badge $tone="good">there is enough of everything</Badge>
          ) : (
            <Badge $tone="warn">
              {wanted} {wanted === 1 ? "piece" : "pieces"} {p.placeId === "" ? "to make" : "to bring"}
            </Badge>
          )}
          {p.room === undefined ? null : <Small>room for {p.room}</Small>}
          {p.placeId === "" ? (
            <Small>sold from home</Small>
          ) : (
            <>
              <ButtonLink to={`/sell/places/${p.placeId}/statement`}>Statement</ButtonLink>
              <ButtonLink to={`/sell/prices/paper?sheet=note&place=${p.placeId}`}>
                Consignment note
              </ButtonLink>
              <Button type="submit">Carry them over</Button>
            </>
          )}
        </SheetHead>
        <Scroll tabIndex={0} role="region" aria-label={`${p.name}, table`}>
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Piece</th>
                <th scope="col" className="num">
                  There
                </th>
                <th scope="col" className="num minor">
                  A week asks for
                </th>
                <th scope="col" className="num minor">
                  Gone by
                </th>
                <th scope="col" className="num">
                  {p.placeId === "" ? "Make" : "Bring"}
                </th>
                {p.placeId === "" ? null : (
                  <>
                    <th scope="col" className="num">
                      At home
                    </th>
                    <th scope="col" className="num">
                      Take along
                    </th>
                  </>
                )}
              </tr>
            </thead>
            <tbody>
              {p.rows.map((x) => (
                <tr key={x.ware.key}>
                  <td>
                    <WareName ware={x.ware} {...(x.known ? {} : { note: LITTLE_KNOWN })} />
                  </td>
                  <td className="num">{x.there}</td>
                  <td className="num minor">{printTrimmed(x.weekly, 1, r.locale)}</td>
                  <td className="num minor">{x.goneOn ? printDay(x.goneOn, r.locale) : "not soon"}</td>
                  <td className="num">
                    <ReasonFigure
                      strong={x.bring > 0}
                      reason={{
                        label: `${x.ware.label}: how many to bring`,
                        measure: "count",
                        value: x.bring,
                        how: "at or below the order point: up to the level, less what is there",
                        parts: [
                          { label: "order point", measure: "count", value: x.point },
                          { label: "up to", measure: "count", value: x.upTo },
                          { label: "there", measure: "count", value: x.there },
                          ...(p.room === undefined || x.bring >= x.upTo - x.there
                            ? []
                            : [
                                {
                                  label: "room for all kinds together",
                                  measure: "count" as const,
                                  value: p.room,
                                },
                              ]),
                          {
                            label: "chance of not running out that is worth its cost",
                            measure: "ratio",
                            value: x.service,
                          },
                        ],
                      }}
                    >
                      {x.bring === 0 ? "—" : x.bring}
                    </ReasonFigure>
                  </td>
                  {p.placeId === "" ? null : (
                    <>
                      <td className="num">{x.home}</td>
                      <td className="num">
                        <input type="hidden" name="piece" value={x.ware.key} />
                        <Input
                          name="quantity"
                          aria-label={`Take along: ${x.ware.label} for ${p.name}`}
                          inputMode="numeric"
                          autoComplete="off"
                          defaultValue={Math.max(0, Math.min(x.bring, x.home)) || ""}
                          style={{ width: 70, textAlign: "right" }}
                        />
                      </td>
                    </>
                  )}
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      </Sheet>
    </WorkForm>
  );
}
