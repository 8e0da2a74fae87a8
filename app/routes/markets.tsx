import { getFormProps, useForm } from "@conform-to/react";
import { group } from "d3-array";
import { parseWithZod } from "@conform-to/zod/v4";
import { data, Link, redirect } from "react-router";
import type { Route } from "./+types/markets";
import { takingsOf } from "@core/shelf/takings";
import { printMoney, type Minor } from "@core/units";
import { saveMarket } from "@db/queries/places";
import { listSales } from "@db/queries/sales";
import { marketSchema } from "../features/sell/schema";
import { SellNav } from "../features/sell/nav";
import { allBrought, allMarkets, allPieces, allPlaces } from "../features/sell/wares.server";
import { once, openForm } from "../server/form.server";
import { allChannels } from "../server/rows.server";
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
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { FieldGrid, SelectField, TextField } from "../ui/field";
import { DayField } from "../ui/day-input";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Market days · Lapka" }];

/** Market days held that are listed at first. */
const SHOWN = 30;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const all = await allMarkets(scope);
  const held = all.filter((m) => m.state === "closed");
  const everything = new URL(request.url).searchParams.has("all");
  // What each came to is added up from its sales: of many years only the last are, until more are asked for.
  const markets = [...(everything ? held : held.slice(-SHOWN)), ...all.filter((m) => m.state !== "closed")];
  const from = markets[0]?.onDay ?? todayOf(scope);
  const [places, channels, pieces, brought, sales] = await Promise.all([
    allPlaces(scope),
    allChannels(scope),
    allPieces(scope),
    allBrought(scope),
    listSales(scope, { from }),
  ]);
  const soldOf = group(
    sales.filter((s) => s.marketId !== null),
    (s) => s.marketId,
  );
  const broughtTo = group(brought, (b) => b.marketId);
  return {
    more: held.length - markets.filter((m) => m.state === "closed").length,
    today: todayOf(scope),
    crates: places.filter((p) => p.kind === "crate").map((p) => ({ id: p.id, name: p.name })),
    channels: channels.map((c) => ({ id: c.id, name: c.name })),
    markets: markets
      .map((m) => {
        const own = soldOf.get(m.id) ?? [];
        const came = broughtTo.get(m.id) ?? [];
        const soldOfKind = (b: (typeof came)[number]) =>
          own
            .filter((s) => s.itemId === b.itemId && s.colourwayId === b.colourwayId)
            .reduce((t, s) => t + s.quantity, 0);
        return {
          id: m.id,
          name: m.name,
          onDay: m.onDay,
          state: m.state,
          channel: channels.find((c) => c.id === m.channelId)?.name ?? "—",
          inCrate: pieces.filter((p) => p.placeId === m.placeId).reduce((t, p) => t + p.quantity, 0),
          brought: came.reduce((t, b) => t + b.quantity, 0),
          takings: takingsOf(own),
          soldOut: came.filter((b) => b.quantity > 0 && soldOfKind(b) >= b.quantity).length,
          kinds: came.filter((b) => b.quantity > 0).length,
        };
      })
      .reverse(),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => change(form, o));
}

async function change(form: FormData, { scope, workshop }: Opened) {
  const got = parseWithZod(form, { schema: marketSchema(workshop.locale, workshop.currency) });
  if (got.status !== "success") return data(got.reply(), { status: 400 });
  const { intent: _i, seen, ...content } = got.value;
  return redirect(`/sell/markets/${await saveMarket(scope, content, seen)}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Row = Awaited<ReturnType<typeof loader>>["markets"][number];

export default function Markets({ loaderData, actionData }: Route.ComponentProps) {
  const { markets, crates, channels, today } = loaderData;
  const [form, fields] = useForm({
    lastResult: taken(actionData),
    onValidate: ({ formData }) => parseWithZod(formData, { schema: marketSchema("en", "EUR") }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      name: "",
      onDay: "",
      channelId: channels[0]?.id ?? "",
      placeId: crates[0]?.id ?? "",
      float: "",
      note: "",
    },
  });
  const ahead = markets.filter((m) => m.state !== "closed").reverse();
  const past = markets.filter((m) => m.state === "closed");
  return (
    <Page>
      <PageHead>
        <h1>Market days</h1>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        {ahead.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="ahead-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="ahead-title">Ahead</h2>
            </SheetHead>
            <Ahead markets={ahead} today={today} />
          </Sheet>
        ) : null}
        {past.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="past-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="past-title">Held</h2>
            </SheetHead>
            <Past markets={past} />
            {loaderData.more > 0 ? (
              <p style={{ padding: "10px 14px" }}>
                <ButtonLink to="?all" preventScrollReset>
                  Show {loaderData.more} earlier
                </ButtonLink>
              </p>
            ) : null}
          </Sheet>
        ) : null}
        {crates.length === 0 ? (
          <Empty>
            <h2>First a crate</h2>
            <p>A market day is sold from a crate: say what it is called and how many pieces it holds.</p>
            <ButtonLink to="/sell#places" $primary>
              Add a crate
            </ButtonLink>
          </Empty>
        ) : (
          <Sheet aria-labelledby="new-title">
            <SheetHead>
              <h2 id="new-title">Another market day</h2>
              <Small>what to make for it is reckoned from those you have held</Small>
            </SheetHead>
            <WorkForm {...getFormProps(form)} draft="market">
              <input type="hidden" name="intent" value="market" />
              <FieldGrid>
                <TextField field={fields.name} label="Name" hint="Such as “Quay market”." />
                <DayField field={fields.onDay} label="Day" />
                <SelectField
                  field={fields.channelId}
                  label="Sells through"
                  options={channels.map((c) => ({ value: c.id, label: c.name }))}
                />
                <SelectField
                  field={fields.placeId}
                  label="Crate"
                  options={crates.map((c) => ({ value: c.id, label: c.name }))}
                />
                <TextField field={fields.float} label="Coins you bring" inputMode="decimal" />
              </FieldGrid>
              <p style={{ marginTop: 14 }}>
                <Button type="submit" $primary>
                  Add the day
                </Button>
              </p>
            </WorkForm>
          </Sheet>
        )}
      </Stack>
    </Page>
  );
}

function Ahead({ markets, today }: { markets: readonly Row[]; today: string }) {
  const r = useReading();
  return (
    <Scroll tabIndex={0} role="region" aria-label="Market days ahead, table">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Market</th>
            <th scope="col">Day</th>
            <th scope="col" className="num">
              In the crate
            </th>
            <th scope="col">
              <span className="sr">Go on</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {markets.map((m, i) => (
            <tr key={m.id}>
              <td>
                <Link to={`/sell/markets/${m.id}`}>
                  <b>{m.name}</b>
                </Link>{" "}
                {m.state === "open" ? <Badge $tone="good">the stall is open</Badge> : null}
              </td>
              <td>{m.onDay === today ? <b>today</b> : printDay(m.onDay, r.locale, true)}</td>
              <td className="num">{i === 0 ? m.inCrate : ""}</td>
              <td className="num">
                {m.state === "open" ? (
                  <ButtonLink to={`/stall/${m.id}`} $primary aria-label={`To the stall of ${m.name}`}>
                    To the stall
                  </ButtonLink>
                ) : (
                  <ButtonLink to={`/sell/next?market=${m.id}`} aria-label={`What to make for ${m.name}`}>
                    What to make
                  </ButtonLink>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}

function Past({ markets }: { markets: readonly Row[] }) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, r);
  return (
    <Scroll tabIndex={0} role="region" aria-label="Market days held, table">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Market</th>
            <th scope="col">Day</th>
            <th scope="col" className="num minor">
              Brought
            </th>
            <th scope="col" className="num">
              Sold
            </th>
            <th scope="col" className="num minor">
              Sold out
            </th>
            <th scope="col" className="num minor">
              Customers
            </th>
            <th scope="col" className="num">
              Takings
            </th>
          </tr>
        </thead>
        <tbody>
          {markets.map((m) => (
            <tr key={m.id}>
              <td>
                <Link to={`/sell/markets/${m.id}`}>{m.name}</Link>
              </td>
              <td>{printDay(m.onDay, r.locale)}</td>
              <td className="num minor">{m.brought}</td>
              <td className="num">{m.takings.pieces}</td>
              <td className="num minor">
                {m.soldOut} of {m.kinds} kinds
              </td>
              <td className="num minor">{m.takings.customers}</td>
              <td className="num">
                <b>{money(m.takings.paid)}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}
