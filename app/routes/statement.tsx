import { Printer } from "lucide-react";
import { data } from "react-router";
import { rollup, sum } from "d3-array";
import { getLocalTimeZone, parseDate, type CalendarDate } from "@internationalized/date";
import type { Route } from "./+types/statement";
import { takingsOf } from "@core/shelf/takings";
import { printMoney, type Minor } from "@core/units";
import { movedSince } from "@db/queries/pieces";
import { listSales } from "@db/queries/sales";
import { SellNav } from "../features/sell/nav";
import { wareKey } from "../features/sell/wares";
import { allPieces, allPlaces, loadWares } from "../features/sell/wares.server";
import { isoDay } from "../forms";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Button, Page, PageHead, PlainTable, Row, Scroll, Sheet, Small } from "../ui/basics";
import { printDay } from "../ui/days";
import { DayInput } from "../ui/day-input";
import { Field } from "../ui/field";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Statement of ${loaderData?.place ?? "a shelf"} · Lapka` },
];

const isDay = (text: string | null): text is string => isoDay("").safeParse(text ?? "").success;

/** What a shop's shelf had, got and sold between two days, and what the shop owes for it. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const search = new URL(request.url).searchParams;
  const today = todayOf(scope);
  const [asked, until] = [search.get("from"), search.get("to")];
  const to = isDay(until) ? until : today;
  const from = isDay(asked) ? asked : parseDate(today).subtract({ days: 7 }).set({ day: 1 }).toString();
  const begin = (day: CalendarDate): Date => day.toDate(scope.zone || getLocalTimeZone());
  const [{ wares, channels }, places, pieces, sold, fromThen, afterwards] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
    listSales(scope, { from, to }),
    movedSince(scope, params.id, begin(parseDate(from))),
    movedSince(scope, params.id, begin(parseDate(to).add({ days: 1 }))),
  ]);
  const place = places.find((p) => p.id === params.id);
  if (!place) throw data(null, { status: 404 });
  const sales = sold.filter((s) => s.placeId === place.id);
  const ofKey = (x: { itemId: string; colourwayId: string }) => wareKey(x.itemId, x.colourwayId);
  const sums = (rows: readonly { itemId: string; colourwayId: string; quantity: number }[]) =>
    rollup(rows, (list) => sum(list, (x) => x.quantity), ofKey);
  const now = sums(pieces.filter((p) => p.placeId === place.id));
  const count = sums(sales);
  const taken = rollup(sales, (list) => sum(list, (x) => x.taken), ofKey);
  const rows = wares.flatMap((w) => {
    const here = now.get(w.key) ?? 0;
    const end = here - (afterwards.get(w.key) ?? 0);
    const start = here - (fromThen.get(w.key) ?? 0);
    const gone = count.get(w.key) ?? 0;
    if (start === 0 && end === 0 && gone === 0) return [];
    return [
      {
        key: w.key,
        label: w.label,
        start,
        end,
        sold: gone,
        // Whatever else came or went: carried in and out, counted, lost.
        brought: end - start + gone,
        taken: taken.get(w.key) ?? 0,
      },
    ];
  });
  const channel = channels.find((c) => c.id === place.channelId);
  return {
    workshop: workshop.name,
    place: place.name,
    channel: channel?.name ?? "",
    share: (channel?.fees ?? []).reduce((s, f) => s + f.bp, 0),
    from,
    to,
    rows,
    takings: takingsOf(sales),
  };
}

export default function Statement({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, r);
  return (
    <Page>
      <PageHead>
        <h1>Statement: {d.place}</h1>
        <Button type="button" className="no-print" onClick={() => window.print()}>
          <Printer size={17} aria-hidden /> Print
        </Button>
      </PageHead>
      <div className="no-print">
        <SellNav />
        <form method="get" style={{ marginBottom: 14 }}>
          <Row style={{ alignItems: "end" }}>
            <Field label="From" name="from">
              {(bind) => <DayInput bind={bind} defaultValue={d.from} />}
            </Field>
            <Field label="To" name="to">
              {(bind) => <DayInput bind={bind} defaultValue={d.to} />}
            </Field>
            <Button type="submit">Show</Button>
          </Row>
        </form>
      </div>
      <Sheet $pad={false}>
        <p style={{ padding: "14px 14px 6px" }}>
          {d.workshop}, pieces at {d.place} from {printDay(d.from, r.locale)} to {printDay(d.to, r.locale)}
        </p>
        <Scroll tabIndex={0} role="region" aria-label="Statement, table">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Piece</th>
                <th scope="col" className="num">
                  At first
                </th>
                <th scope="col" className="num">
                  Brought, less taken away
                </th>
                <th scope="col" className="num">
                  Sold
                </th>
                <th scope="col" className="num">
                  There at the end
                </th>
                <th scope="col" className="num">
                  Sold for
                </th>
              </tr>
            </thead>
            <tbody>
              {d.rows.map((x) => (
                <tr key={x.key}>
                  <td>{x.label}</td>
                  <td className="num">{x.start}</td>
                  <td className="num">{x.brought}</td>
                  <td className="num">{x.sold}</td>
                  <td className="num">{x.end}</td>
                  <td className="num">{money(x.taken)}</td>
                </tr>
              ))}
              {d.rows.length === 0 ? (
                <tr>
                  <td colSpan={6}>Nothing stood or was sold there in this time.</td>
                </tr>
              ) : null}
            </tbody>
            <tfoot>
              <Sum label="Sold together" value={money(d.takings.paid)} />
              {d.takings.tax !== 0 ? <Sum label="of it tax" value={money(d.takings.tax)} /> : null}
              <Sum
                label={`the shop keeps ${(d.share / 100).toLocaleString(r.locale)} %`}
                value={money(d.takings.fees)}
              />
              <Sum label="owed to the maker" value={money(d.takings.paid - d.takings.fees)} strong />
            </tfoot>
          </PlainTable>
        </Scroll>
        <p style={{ padding: "8px 14px 14px" }}>
          <Small>Unsold pieces stay the maker’s until they are sold or given back.</Small>
        </p>
      </Sheet>
    </Page>
  );
}

function Sum({ label, value, strong }: { label: string; value: string; strong?: boolean }) {
  return (
    <tr>
      <th scope="row" colSpan={5}>
        {label}
      </th>
      <td className="num">{strong ? <b>{value}</b> : value}</td>
    </tr>
  );
}
