import { parseWithZod } from "@conform-to/zod/v4";
import { Store } from "lucide-react";
import { data, redirect } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import { fromDate, getLocalTimeZone } from "@internationalized/date";
import type { Route } from "./+types/market";
import { minorDigits, parseMoney, printMoney, printNumber, type Minor } from "@core/units";
import { countPieces, piecesWhere } from "@db/queries/pieces";
import { findMarket, listBrought, openMarket, setMarketDeleted, setMarketState } from "@db/queries/places";
import { listSales } from "@db/queries/sales";
import { transact } from "@db/scope";
import { Bars } from "../features/sell/bars";
import { dayResult } from "../features/sell/day";
import { SellNav } from "../features/sell/nav";
import { countedLines, CrateCount, type CrateLine } from "../features/sell/crate-count";
import { shown, WareName } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { allPlaces, loadWares } from "../features/sell/wares.server";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
  Badge,
  Button,
  ButtonLink,
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
import { BinButton } from "../ui/bin-button";
import { printDay } from "../ui/days";
import { Field, FieldGrid, Input } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.market.name ?? "Market day"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const market = await findMarket(scope, params.id);
  if (!market) throw data(null, { status: 404 });
  const [{ wares, channels }, places, crate, brought, sales] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    piecesWhere(scope, market.placeId),
    listBrought(scope, market.id),
    listSales(scope, { marketId: market.id }),
  ]);
  const zone = scope.zone || getLocalTimeZone();
  const channel = channels.find((c) => c.id === market.channelId);
  const place = places.find((p) => p.id === market.placeId);
  return {
    market: {
      id: market.id,
      name: market.name,
      onDay: market.onDay,
      state: market.state,
      float: market.float,
      counted: market.counted,
    },
    place: { name: place?.name ?? "the crate", holds: place?.holds ?? null },
    stallFee: channel?.stallFee ?? 0,
    channel: channel?.name ?? "—",
    result: dayResult(sales, brought, (at) => fromDate(at, zone).hour),
    wares: wares.map(shown),
    crate: crate.map((p) => ({
      key: wareKey(p.itemId, p.colourwayId),
      itemId: p.itemId,
      colourwayId: p.colourwayId,
      grade: p.grade,
      quantity: p.quantity,
    })),
  };
}

function closeSchema(locale: string, currency: string) {
  return z.object({
    intent: z.literal("close"),
    counted: z
      .string()
      .optional()
      .transform((t, ctx) => {
        if (t === undefined || t.trim() === "") return null;
        const read = parseMoney(t, currency, locale);
        if (read.ok && read.value >= 0) return read.value;
        ctx.addIssue({ code: "custom", message: "Write the cash that you counted, or nothing." });
        return z.NEVER;
      }),
    lines: countedLines(locale, currency),
  });
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => change(form, args.params.id, o));
}

async function change(form: FormData, marketId: string, { scope, workshop }: Opened) {
  const market = await findMarket(scope, marketId);
  if (!market) throw data(null, { status: 404 });
  switch (form.get("intent")) {
    case "open":
      await openMarket(scope, marketId);
      return redirect(`/stall/${marketId}`);
    case "reopen":
      await setMarketState(scope, marketId, "open");
      return redirect(`/sell/markets/${marketId}`);
    case "delete":
      await setMarketDeleted(scope, marketId, true);
      return redirect(`/sell/markets?deleted=market:${marketId}`);
    case "close": {
      const got = parseWithZod(form, { schema: closeSchema(workshop.locale, workshop.currency) });
      if (got.status !== "success") return data(got.reply(), { status: 400 });
      const { counted, lines } = got.value;
      await transact(scope, async (tx) => {
        await countPieces(tx, market.placeId, lines, `after ${market.name}`.slice(0, 200));
        await setMarketState(tx, marketId, "closed", counted);
      });
      return redirect(`/sell/markets/${marketId}`);
    }
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function MarketRoute({ loaderData, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const { market, result, place } = loaderData;
  const money = (n: number) => printMoney(n as Minor, r);
  const there = loaderData.crate.reduce((s, p) => s + p.quantity, 0);
  const cashDue = market.float + result.cash;
  return (
    <Page>
      <PageHead>
        <h1>{market.name}</h1>
        <Badge $tone={market.state === "open" ? "good" : "plain"}>
          {{ planned: "ahead", open: "the stall is open", closed: "closed and counted" }[market.state]}
        </Badge>
        {market.state === "planned" ? (
          <>
            <ButtonLink to={`/sell/next?market=${market.id}`}>What to make for it</ButtonLink>
            <WorkForm>
              <input type="hidden" name="intent" value="open" />
              <Button type="submit" $primary>
                <Store size={17} aria-hidden /> Open the stall
              </Button>
            </WorkForm>
          </>
        ) : market.state === "open" ? (
          <ButtonLink to={`/stall/${market.id}`} $primary>
            <Store size={17} aria-hidden /> To the stall
          </ButtonLink>
        ) : (
          <WorkForm>
            <input type="hidden" name="intent" value="reopen" />
            <Button type="submit">Open it again</Button>
          </WorkForm>
        )}
        <BinButton label={`Delete ${market.name}`} />
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <p>
          {printDay(market.onDay, r.locale, true)}, sold through {loaderData.channel}
          {market.state === "planned" ? (
            <>
              : {there} {there === 1 ? "piece is" : "pieces are"} in {place.name}
              {place.holds === null ? "" : `, which holds ${place.holds}`}.
            </>
          ) : (
            "."
          )}
        </p>
        {market.state === "planned" ? (
          <Crate {...loaderData} />
        ) : (
          <>
            <Figures>
              <Fact label="Takings" value={money(result.takings.paid)} />
              <Fact
                label="Sold"
                value={`${result.takings.pieces}`}
                note={`to ${result.takings.customers} ${result.takings.customers === 1 ? "customer" : "customers"}`}
              />
              <Fact label="Cash" value={money(result.cash)} />
              <Fact label="Card" value={money(result.card)} />
              <Fact
                label="Left after fees and tax"
                value={money(result.takings.kept - loaderData.stallFee)}
                note={
                  loaderData.stallFee > 0
                    ? `${money(loaderData.stallFee)} for the stall among them`
                    : undefined
                }
              />
              {market.counted === null ? null : (
                <Fact
                  label="Cash counted"
                  value={money(market.counted)}
                  note={
                    market.counted === cashDue
                      ? "as it should be"
                      : `${money(Math.abs(market.counted - cashDue))} ${market.counted > cashDue ? "more" : "less"} than coins and cash sales`
                  }
                />
              )}
            </Figures>
            {result.hours.length > 0 ? (
              <Sheet aria-labelledby="hours-title">
                <SheetHead>
                  <h2 id="hours-title">Pieces by the hour</h2>
                </SheetHead>
                <Bars
                  label="Pieces sold by the hour"
                  bars={result.hours.map((h) => ({
                    label: `${h.hour}:00`,
                    value: h.pieces,
                    text: String(h.pieces),
                  }))}
                />
              </Sheet>
            ) : null}
            {market.state === "open" ? (
              <Close {...loaderData} wrong={taken(answered)?.error} cashDue={cashDue} />
            ) : (
              <SoldTable {...loaderData} />
            )}
          </>
        )}
      </Stack>
    </Page>
  );
}

type Data = Awaited<ReturnType<typeof loader>>;
const wareOf = (wares: Data["wares"], key: string) =>
  wares.find((w) => w.key === key) ?? { key, label: "something deleted", picture: undefined };

function Fact({ label, value, note }: { label: string; value: string; note?: string | undefined }) {
  return (
    <div>
      <dt>{label}</dt>
      <dd>
        <b>{value}</b>
        {note ? <Small>{note}</Small> : null}
      </dd>
    </div>
  );
}

function Crate({ crate, wares }: Data) {
  if (crate.length === 0)
    return (
      <Sheet>
        <p>
          The crate is empty. Carry pieces into it on the <ButtonLink to="/sell">Shelf</ButtonLink> page, then
          open the stall.
        </p>
      </Sheet>
    );
  return (
    <Sheet $pad={false} aria-labelledby="crate-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="crate-title">In the crate</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="In the crate, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col" className="num">
                In the crate
              </th>
            </tr>
          </thead>
          <tbody>
            {crate.map((p) => (
              <tr key={`${p.key}${p.grade}`}>
                <td>
                  <WareName
                    ware={wareOf(wares, p.key)}
                    {...(p.grade === "second" ? { note: "seconds" } : {})}
                  />
                </td>
                <td className="num">{p.quantity}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

/** The day is over: cash and crate are counted, and what differs is posted. */
function Close({
  market,
  crate,
  wares,
  result,
  cashDue,
  wrong,
}: Data & { cashDue: number; wrong: Record<string, string[] | null> | null | undefined }) {
  const r = useReading();
  const digits = minorDigits(r.currency);
  const lines = crate.map((p): CrateLine => {
    const row = result.rows.find((x) => x.key === p.key);
    return {
      ...p,
      ware: wareOf(wares, p.key),
      day: { brought: row?.brought ?? 0, sold: row?.sold ?? 0 },
    };
  });
  return (
    <WorkForm draft={`close ${market.id}`}>
      <input type="hidden" name="intent" value="close" />
      <Sheet $pad={false} aria-labelledby="close-title">
        <SheetHead style={{ padding: "12px 14px 0" }}>
          <h2 id="close-title">Close the day</h2>
          <Small>count what is left; an empty field is as it should be</Small>
        </SheetHead>
        <FieldGrid style={{ padding: "6px 14px" }}>
          <Field
            label="Cash in the tin"
            name="counted"
            hint={`${printMoney(market.float, r)} brought + ${printMoney(result.cash as Minor, r)} taken`}
          >
            {(bind) => (
              <Input
                {...bind}
                inputMode="decimal"
                autoComplete="off"
                placeholder={printNumber(cashDue / 10 ** digits, digits, r.locale)}
              />
            )}
          </Field>
        </FieldGrid>
        <CrateCount lines={lines} error={wrong} />
        <Row style={{ padding: "10px 14px 14px" }}>
          <Button type="submit" $primary>
            Close the day
          </Button>
        </Row>
      </Sheet>
    </WorkForm>
  );
}

function SoldTable({ result, wares }: Data) {
  const r = useReading();
  return (
    <Sheet $pad={false} aria-labelledby="sold-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="sold-title">What sold</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="What sold, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Piece</th>
              <th scope="col" className="num">
                Brought
              </th>
              <th scope="col" className="num">
                Sold
              </th>
              <th scope="col" className="num">
                Takings
              </th>
            </tr>
          </thead>
          <tbody>
            {result.rows.map((x) => (
              <tr key={x.key}>
                <td>
                  <WareName ware={wareOf(wares, x.key)} />
                </td>
                <td className="num">{x.brought}</td>
                <td className="num">
                  {x.sold}{" "}
                  {x.brought > 0 && x.sold >= x.brought ? <Badge $tone="warn">sold out</Badge> : null}
                </td>
                <td className="num">{printMoney(x.taken as Minor, r)}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

const Figures = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 14px;
  margin: 0;
  & > div {
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 6px;
    padding: 10px 14px;
  }
  dt {
    color: var(--soft);
    font-size: 13px;
  }
  dd {
    margin: 0;
    display: grid;
  }
  b {
    font-size: 20px;
  }
`;
