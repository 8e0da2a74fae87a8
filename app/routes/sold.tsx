import { minor, printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { Download } from "lucide-react";
import { data, Link, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/sold";
import { listImports } from "@db/queries/imports";
import { keepSales, listSales, undoSales, undoSalesImport } from "@db/queries/sales";
import { newId } from "@db/scope";
import { BringIn, BroughtInList } from "../features/import/bring-in";
import { bringFile, broughtIn } from "../features/import/import.server";
import { Bars } from "../features/sell/bars";
import { EarnedTable } from "../features/sell/earned-table";
import { SALE_FIELDS } from "../features/sell/import";
import { SellNav } from "../features/sell/nav";
import { bringInSales, noonOf, salesKnown } from "../features/sell/sales-import.server";
import { placeId } from "../features/sell/schema";
import { earnedIn } from "../features/sell/sold.server";
import { SPANS } from "../features/sell/spans";
import { HOME, wareKey } from "../features/sell/wares";
import { allPlaces } from "../features/sell/wares.server";
import { fields as quantityFields, id, isoDay } from "../forms";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
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
import { printDay } from "../ui/days";
import { Choice } from "../ui/drawers";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { DayInput } from "../ui/day-input";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";
import { TakeBack } from "../ui/take-back";

export const meta: Route.MetaFunction = () => [{ title: "Sold · Lapka" }];

const LAST = 20;

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const asked = Number(new URL(request.url).searchParams.get("days") ?? "91");
  const days = SPANS.find((s) => s.days === asked)?.days ?? 91;
  const [s, last, places, imports, known] = await Promise.all([
    earnedIn(opened, days),
    listSales(scope, { newest: LAST, withUndone: true }),
    allPlaces(scope),
    listImports(scope, "sales"),
    salesKnown(opened),
  ]);
  const label = new Map(s.wares.map((w) => [w.key, w.label]));
  const channel = new Map(s.ways.map((c) => [c.id, c.name]));
  const { reading: _r, ...forFiles } = known;
  return {
    days,
    ...s,
    last: last.map((x) => ({
      key: x.saleKey,
      on: x.soldOn,
      label: `${label.get(wareKey(x.itemId, x.colourwayId)) ?? "something deleted"}${x.grade === "second" ? ", second" : ""}`,
      channel: channel.get(x.channelId) ?? "—",
      quantity: x.quantity,
      taken: x.taken,
      paid: x.paid,
      undone: x.undoneAt !== null,
    })),
    places: places.map((p) => ({ id: p.id, name: p.name, channelId: p.channelId })),
    known: forFiles,
    imports: broughtIn(imports, scope.zone),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, FILE_FORM);
  return once(opened, form, (o) => change(form, o));
}

async function change(form: FormData, opened: Opened) {
  switch (form.get("intent")) {
    case "sale":
      return keepOne(form, opened);
    case "undo-sale": {
      await undoSales(opened.scope, [String(form.get("key") ?? "")]);
      return data({ error: undefined });
    }
    case "undo": {
      const file = z.uuid().safeParse(form.get("id"));
      if (file.success) await undoSalesImport(opened.scope, file.data);
      return redirect("/sell/sold");
    }
    default:
      return (
        (await bringFile(form, SALE_FIELDS, (batch, table, mapping) =>
          bringInSales(opened, batch, table, mapping),
        )) ?? redirect("/sell/sold")
      );
  }
}

async function keepOne(form: FormData, { scope, workshop }: Opened) {
  const f = quantityFields(workshop.locale, workshop.currency, workshop.units);
  const schema = z.object({
    ware: z.string().regex(/^[0-9a-f-]{36}:([0-9a-f-]{36})?$/, { error: "Choose the piece." }),
    channelId: id,
    placeId,
    soldOn: isoDay("Choose the day."),
    quantity: f.count("Write how many; below zero for what came back.", -10_000, 10_000),
    taken: f.money("Write what was taken for all of them."),
    paid: z.enum(["cash", "card", "other"]),
  });
  const got = schema.safeParse(Object.fromEntries(form));
  const wrong = got.success
    ? got.data.quantity === 0
      ? "Write how many."
      : got.data.soldOn > todayOf(scope)
        ? "This day is still to come."
        : undefined
    : got.error.issues.map((i) => i.message).join(" ");
  if (!got.success || wrong !== undefined) return data({ error: wrong }, { status: 400 });
  const { ware, quantity, taken: sum, soldOn, ...rest } = got.data;
  const [itemId = "", colourwayId = ""] = ware.split(":");
  const key = newId();
  await keepSales(scope, [
    {
      ...rest,
      key,
      customer: key,
      at: soldOn === todayOf(scope) ? scope.now : noonOf(soldOn, scope.zone),
      soldOn,
      itemId,
      colourwayId,
      grade: "good",
      quantity,
      listPrice: minor(Math.round(sum / Math.abs(quantity))),
      taken: minor(Math.sign(quantity) * sum),
      source: "hand",
    },
  ]);
  return redirect("/sell/sold?saved=1");
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Sold({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  const error = taken(answered)?.error;
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  const low = d.pieces.filter((p) => p.perHour !== undefined && p.perHour < d.wage);
  return (
    <Page>
      <PageHead>
        <h1>Sold</h1>
        {params.get("saved") ? <Small role="status">saved</Small> : null}
        <ButtonLink to={`/sell/sold/sales.csv?days=${d.days}`} reloadDocument>
          <Download size={16} aria-hidden /> Sales, CSV
        </ButtonLink>
        <ButtonLink to={`/sell/sold/takings.csv?days=${d.days}`} reloadDocument>
          <Download size={16} aria-hidden /> For the bookkeeper, CSV
        </ButtonLink>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <Row $gap={6} role="group" aria-label="Since when">
          {SPANS.map((s) => (
            <Choice key={s.days} to={`?days=${s.days}`} aria-current={s.days === d.days ? "true" : undefined}>
              {s.label}
            </Choice>
          ))}
        </Row>
        {d.all && d.all.pieces !== 0 ? (
          <>
            <Sheet aria-labelledby="came-title">
              <SheetHead>
                <h2 id="came-title">
                  {money(d.all.paid)} for {d.all.pieces} {d.all.pieces === 1 ? "piece" : "pieces"}
                </h2>
                <Small>
                  {d.days === 0
                    ? "all there is"
                    : `${printDay(d.from, r.locale)} to ${printDay(d.today, r.locale)}`}
                </Small>
              </SheetHead>
              <p>
                Tax {money(d.all.tax)}, fees {money(d.all.fees)}, stalls {money(d.all.standing)}, materials{" "}
                {money(d.all.material)}: {money(d.all.forTime)} are left for{" "}
                {printDuration(d.all.seconds as Seconds, r)} of making
                {d.all.perHour === undefined ? "." : <b>, {money(d.all.perHour)} an hour.</b>}
              </p>
              <Bars
                label="Takings by the month"
                bars={d.months.map((m) => ({
                  label: monthText(m.key, r.locale),
                  value: m.paid,
                  text: money(m.paid).replace(/[.,]\d\d(?!\d)/, ""),
                }))}
              />
            </Sheet>
            <EarnedTable title="By piece" rows={d.pieces} wage={d.wage} />
            <EarnedTable title="By way of selling" rows={d.channels} wage={d.wage} />
          </>
        ) : (
          <Sheet>
            <p>
              Nothing was sold in this time. What the stall sells comes here by itself; other sales are
              written down below.
            </p>
          </Sheet>
        )}
        {low.length + d.resting.length > 0 ? (
          <Sheet aria-labelledby="look-title">
            <SheetHead>
              <h2 id="look-title">Worth a look</h2>
            </SheetHead>
            <Look>
              {low.map((p) => (
                <li key={p.key}>
                  <Link to={`/items/${p.key.split(":")[0]}`}>{p.label}</Link> earned {money(p.perHour ?? 0)}{" "}
                  an hour, less than your {money(d.wage)}: make it <Link to="/sell/prices">dearer</Link>,
                  quicker, or no more.
                </li>
              ))}
              {d.resting.map((x) => (
                <li key={x.label}>
                  {x.label}: {x.there} {x.there === 1 ? "stands" : "stand"} there,{" "}
                  {x.last ? `and none sold since ${printDay(x.last, r.locale)}` : "and none was ever sold"}.
                </li>
              ))}
            </Look>
          </Sheet>
        ) : null}
        <WriteDown d={d} error={error} />
        <LastSales rows={d.last} />
        <BringIn
          imports={d.imports}
          kind="sales"
          known={d.known}
          fields={SALE_FIELDS}
          error={error}
          hint="Sales from a notebook or a shop’s file, one a row. A heading such as: day; item; colourway; sold through; pieces; price; paid by; order. Rows of one order are one customer."
          foot="What a file tells was sold before the shelf was counted: it takes nothing off the shelf. It can be taken back whole."
        />
        <BroughtInList imports={d.imports} />
      </Stack>
    </Page>
  );
}

const monthText = (key: string, locale: string): string =>
  new Intl.DateTimeFormat(locale, { month: "short", timeZone: "UTC" }).format(
    new Date(`${key}-01T00:00:00Z`),
  );

type Data = Awaited<ReturnType<typeof loader>>;

/** A sale that neither the stall nor a shop wrote down. */
function WriteDown({ d, error }: { d: Data; error: string | undefined }) {
  return (
    <Sheet aria-labelledby="write-title">
      <SheetHead>
        <h2 id="write-title">Write a sale down</h2>
        <Small>from a shelf’s statement, a message, a friend</Small>
      </SheetHead>
      <WorkForm draft="sale">
        <input type="hidden" name="intent" value="sale" />
        <FieldGrid $min={170}>
          <Field label="Piece" name="ware">
            {(bind) => (
              <Select {...bind}>
                {d.wares.map((w) => (
                  <option key={w.key} value={w.key}>
                    {w.label}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label="Sold through" name="channelId">
            {(bind) => (
              <Select {...bind}>
                {d.ways.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.name}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label="Taken from" name="placeId">
            {(bind) => (
              <Select {...bind}>
                <option value="">{HOME}</option>
                {d.places.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.name}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label="Day" name="soldOn">
            {(bind) => <DayInput bind={bind} defaultValue={d.today} max={d.today} />}
          </Field>
          <Field label="How many" name="quantity">
            {(bind) => <Input {...bind} inputMode="numeric" autoComplete="off" defaultValue="1" />}
          </Field>
          <Field label="Taken for all of them" name="taken">
            {(bind) => <Input {...bind} inputMode="decimal" autoComplete="off" />}
          </Field>
          <Field label="Paid by" name="paid">
            {(bind) => (
              <Select {...bind}>
                <option value="card">card</option>
                <option value="cash">cash</option>
                <option value="other">something else</option>
              </Select>
            )}
          </Field>
        </FieldGrid>
        {error ? (
          <p role="alert" style={{ marginTop: 10, color: "var(--bad)", fontWeight: 560 }}>
            {error}
          </p>
        ) : null}
        <p style={{ marginTop: 14 }}>
          <Button type="submit">Keep the sale</Button>
        </p>
      </WorkForm>
    </Sheet>
  );
}

function LastSales({ rows }: { rows: Data["last"] }) {
  const r = useReading();
  return (
    <Sheet $pad={false} aria-labelledby="last-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="last-title">The last sales</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="The last sales, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Piece</th>
              <th scope="col" className="minor">
                Sold through
              </th>
              <th scope="col" className="num">
                Pieces
              </th>
              <th scope="col" className="num">
                Taken
              </th>
              <th scope="col">
                <span className="sr">Undo</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((x) => (
              <tr
                key={x.key}
                style={x.undone ? { textDecoration: "line-through", color: "var(--soft)" } : undefined}
              >
                <td style={{ whiteSpace: "nowrap" }}>{printDay(x.on, r.locale)}</td>
                <td>{x.label}</td>
                <td className="minor">
                  {x.channel} <Small>{x.paid === "other" ? "" : x.paid}</Small>
                </td>
                <td className="num">{x.quantity}</td>
                <td className="num">{printMoney(x.taken, r)}</td>
                <td className="num">
                  {x.undone ? null : (
                    <TakeBack
                      action="/sell/sold"
                      fields={{ intent: "undo-sale", key: x.key }}
                      label={`the sale of ${x.label}`}
                    />
                  )}
                </td>
              </tr>
            ))}
            {rows.length === 0 ? (
              <tr>
                <td colSpan={6}>Nothing was sold yet.</td>
              </tr>
            ) : null}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

const Look = styled.ul`
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
`;
