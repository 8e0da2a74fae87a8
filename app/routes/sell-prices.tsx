import { Printer } from "lucide-react";
import { data, redirect, useNavigation, useSearchParams } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/sell-prices";
import { paysHour } from "@core/costing";
import {
  minor,
  minorDigits,
  parseMoney,
  parseNumber,
  printMoney,
  printNumber,
  toPricePoint,
  type Minor,
} from "@core/units";
import { setPrices, type ListPrice } from "@db/queries/places";
import { Bar } from "../features/sell/bar";
import { SellNav } from "../features/sell/nav";
import { shown, WareName } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { allPrices, earningIn, loadWares, priceListOf } from "../features/sell/wares.server";
import { channelView } from "../features/items/load.server";
import { takesText } from "../features/items/selling";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { dayOf, openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, refusalOf, taken } from "../ui/away";
import {
  Button,
  Empty,
  ButtonLink,
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
import { Input, Select } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Prices · Lapka" }];

const CHANGES = 15;
const MOST_WARES = 2000;
const MOST_CHANNELS = 40;
const NONE: readonly string[] = [];

/** Explicit prices as they stand: the newest of each piece and channel. */
const standing = (history: readonly ListPrice[]): Map<string, number> =>
  new Map(
    [...new Map(history.map((p) => [`${wareKey(p.itemId, p.colourwayId)}:${p.channelId}`, p.price]))].flatMap(
      ([k, v]) => (v === null ? [] : [[k, v] as const]),
    ),
  );

async function listed(opened: Opened, typed?: ReadonlyMap<string, number | null>) {
  const { scope, workshop } = opened;
  const [{ wares, channels, wage }, history] = await Promise.all([
    loadWares(scope, workshop),
    allPrices(scope),
  ]);
  const own = standing(history);
  const priceOf = priceListOf(history);
  return {
    wage,
    history,
    channels,
    wares,
    own,
    rows: wares.map((w) => ({
      ...shown(w),
      price: w.price,
      cells: channels.map((c) => {
        const key = `${w.key}:${c.id}`;
        const asked = typed?.get(key);
        const price = asked === undefined ? priceOf(w, c.id) : (asked ?? w.price);
        const e = earningIn(w, c, channels, price);
        return {
          own: own.get(key),
          price: priceOf(w, c.id),
          perHour: e.perHour,
          pays: paysHour(e),
          loses: e.forTime < 0,
        };
      }),
    })),
  };
}

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { wage, history, channels, rows, wares } = await listed(opened);
  const label = new Map(wares.map((w) => [w.key, w.label]));
  return {
    wage,
    channels: channels.map((c) => ({ id: c.id, name: c.name, view: channelView(c) })),
    rows,
    changes: [...history]
      .reverse()
      .slice(0, CHANGES)
      .map((p) => ({
        on: dayOf(p.since, opened.scope.zone),
        label: label.get(wareKey(p.itemId, p.colourwayId)) ?? "something deleted",
        channel: channels.find((c) => c.id === p.channelId)?.name ?? "—",
        price: p.price,
      })),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => change(form, o));
}

/** What was typed, cell by cell; a cell that cannot be read is told by its place. */
function readCells(form: FormData, { locale, currency }: Opened["workshop"]) {
  // Both are lists that the page sends: cut to what a page can hold, or a form made to hurt would be gone
  // through for hours.
  const wares = String(form.get("wares") ?? "").split(" ", MOST_WARES);
  const channels = String(form.get("channels") ?? "").split(" ", MOST_CHANNELS);
  const cells = new Map<string, number | null>();
  const texts: Record<string, string> = {};
  const wrong: string[] = [];
  wares.forEach((w, i) =>
    channels.forEach((c, j) => {
      const name = `c${i * channels.length + j}`;
      const text = form.get(name);
      if (typeof text !== "string") return;
      texts[name] = text;
      if (text.trim() === "") return cells.set(`${w}:${c}`, null);
      const read = parseMoney(text, currency, locale);
      if (read.ok && read.value >= 0 && read.value <= 100_000_000) return cells.set(`${w}:${c}`, read.value);
      wrong.push(name);
      return undefined;
    }),
  );
  return { cells, texts, wrong, wares, channels };
}

async function change(form: FormData, opened: Opened) {
  const { scope, workshop } = opened;
  const { cells, texts, wrong, wares, channels } = readCells(form, workshop);
  if (wrong.length > 0)
    return data({ texts, wrong: wrong as readonly string[], rows: undefined }, { status: 400 });
  const now = await listed(opened);
  const known = new Set(now.wares.map((w) => w.key));
  const digits = minorDigits(workshop.currency);
  if (form.get("intent") === "raise") {
    const by = parseNumber(String(form.get("by") ?? ""), workshop.locale);
    if (!by.ok || by.value <= -100 || by.value > 1000)
      return data({ texts, wrong: ["by"] as readonly string[], rows: undefined }, { status: 400 });
    const where = String(form.get("where") ?? "");
    const points = workshop.pricePoints.split(",").filter(Boolean).map(Number);
    const raised = new Map(cells);
    const rows = new Map(now.rows.map((row) => [row.key, row]));
    // The page’s own order: another tab may have added a piece meanwhile.
    wares.forEach((w, i) =>
      channels.forEach((c, j) => {
        const row = rows.get(w);
        const at = now.channels.findIndex((x) => x.id === c);
        if (!row || at < 0 || (where !== "" && where !== c)) return;
        const key = `${w}:${c}`;
        const from = cells.get(key) ?? row.cells[at]?.price ?? row.price;
        const to = toPricePoint(minor(Math.max(0, Math.round(from * (1 + by.value / 100)))), points);
        raised.set(key, to);
        texts[`c${i * channels.length + j}`] = printNumber(to / 10 ** digits, digits, workshop.locale);
      }),
    );
    return data({ texts, wrong: NONE, rows: (await listed(opened, raised)).rows });
  }
  if (form.get("intent") === "preview")
    return data({ texts, wrong: NONE, rows: (await listed(opened, cells)).rows });
  const changed = wares.flatMap((w) =>
    channels.flatMap((channelId) => {
      const key = `${w}:${channelId}`;
      const price = cells.get(key);
      if (price === undefined || !known.has(w) || !now.channels.some((c) => c.id === channelId)) return [];
      if (price === (now.own.get(key) ?? null)) return [];
      const [itemId = "", colourwayId = ""] = w.split(":");
      return [{ itemId, colourwayId, channelId, price }];
    }),
  );
  await setPrices(scope, changed);
  return redirect(`/sell/prices?saved=${changed.length}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Prices({ loaderData, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  const idle = useNavigation().state === "idle";
  const told = taken(answered);
  const { channels } = loaderData;
  const rows = told?.rows ?? loaderData.rows;
  const digits = minorDigits(r.currency);
  const text = (n: number) => printNumber(n / 10 ** digits, digits, r.locale);
  const saved = Number(params.get("saved") ?? "");
  const below = rows.reduce((n, row) => n + row.cells.filter((c) => !c.pays).length, 0);
  if (rows.length === 0)
    return (
      <Page>
        <PageHead>
          <h1>Prices</h1>
        </PageHead>
        <SellNav />
        <Empty>
          <h2>First an item</h2>
          <p>What an item sells for, where, and what an hour of making it earns there, stands here.</p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      </Page>
    );
  return (
    <Page>
      <PageHead>
        <h1>Prices</h1>
        {params.has("saved") && refusalOf(answered) === undefined && !told ? (
          <Small role="status">
            {saved === 0 ? "nothing was changed" : `${saved} ${saved === 1 ? "price" : "prices"} saved`}
          </Small>
        ) : null}
        <ButtonLink to="/sell/prices/several">Several together, or to a shop</ButtonLink>
        <ButtonLink to="/sell/prices/paper">
          <Printer size={16} aria-hidden /> On paper
        </ButtonLink>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <WorkForm key={`${params.toString()}${JSON.stringify(told?.texts ?? "")}`}>
          <input type="hidden" name="wares" value={rows.map((x) => x.key).join(" ")} />
          <input type="hidden" name="channels" value={channels.map((c) => c.id).join(" ")} />
          <Sheet $pad={false} aria-labelledby="prices-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="prices-title">What each piece sells for, and what an hour earns there</h2>
              <Small>
                {below === 0
                  ? `every price pays your ${printMoney(loaderData.wage as Minor, r)} an hour`
                  : `${below} ${below === 1 ? "price does" : "prices do"} not pay your ${printMoney(loaderData.wage as Minor, r)} an hour`}
              </Small>
            </SheetHead>
            <Bar>
              <label>
                <span>Change many</span>
                <Select name="where" aria-label="Where prices are changed">
                  <option value="">everywhere</option>
                  {channels.map((c) => (
                    <option key={c.id} value={c.id}>
                      {c.name}
                    </option>
                  ))}
                </Select>
              </label>
              <label>
                <span>by percent</span>
                <Input
                  name="by"
                  inputMode="text"
                  defaultValue={/^-?\d{1,3}$/.test(params.get("by") ?? "") ? (params.get("by") ?? "") : ""}
                  autoComplete="off"
                  placeholder="5"
                  style={{ width: 80 }}
                  aria-invalid={told?.wrong.includes("by") || undefined}
                />
              </label>
              <Button type="submit" name="intent" value="raise" disabled={!idle}>
                Look at it first
              </Button>
              <span style={{ flex: 1 }} />
              <Button type="submit" name="intent" value="preview" disabled={!idle}>
                What would an hour earn?
              </Button>
              <Button type="submit" name="intent" value="save" $primary disabled={!idle}>
                Save the prices
              </Button>
            </Bar>
            {told && told.wrong.length > 0 ? (
              <Wrong role="alert">
                {told.wrong.includes("by")
                  ? "Write by how many percent, such as 5 or -10."
                  : "A price could not be read: write an amount such as 16.50, or nothing for the piece’s own price."}
              </Wrong>
            ) : told?.rows ? (
              <Wrong as="p" role="status" style={{ color: "var(--warn)" }}>
                These prices are not saved yet.
              </Wrong>
            ) : null}
            <Scroll tabIndex={0} role="region" aria-label="Prices, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Piece</th>
                    <th scope="col" className="num minor">
                      Its own price
                    </th>
                    {channels.map((c) => (
                      <th key={c.id} scope="col" className="num" title={takesText(c.view, r)}>
                        {c.name}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {rows.map((row, i) => (
                    <tr key={row.key}>
                      <td>
                        <WareName ware={row} />
                      </td>
                      <td className="num minor">{printMoney(row.price as Minor, r)}</td>
                      {row.cells.map((c, j) => {
                        const name = `c${i * channels.length + j}`;
                        return (
                          <td key={channels[j]?.id ?? j} className="num">
                            <Input
                              name={name}
                              aria-label={`${row.label} at ${channels[j]?.name ?? ""}`}
                              aria-invalid={told?.wrong.includes(name) || undefined}
                              inputMode="decimal"
                              autoComplete="off"
                              defaultValue={told?.texts[name] ?? (c.own === undefined ? "" : text(c.own))}
                              placeholder={text(c.own === undefined ? c.price : row.price)}
                              style={{ width: 92, textAlign: "right" }}
                            />
                            <Hour data-low={!c.pays || undefined}>
                              {c.perHour === undefined
                                ? "no time known"
                                : c.loses
                                  ? "loses money"
                                  : `${printMoney(c.perHour, r)}/h`}
                            </Hour>
                          </td>
                        );
                      })}
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        </WorkForm>
        {loaderData.changes.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="changes-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="changes-title">The last changes</h2>
            </SheetHead>
            <Scroll tabIndex={0} role="region" aria-label="The last changes, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Day</th>
                    <th scope="col">Piece</th>
                    <th scope="col">Where</th>
                    <th scope="col" className="num">
                      Price
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {loaderData.changes.map((c, i) => (
                    <tr key={i}>
                      <td>{printDay(c.on, r.locale)}</td>
                      <td>{c.label}</td>
                      <td>{c.channel}</td>
                      <td className="num">
                        {c.price === null ? "its own" : printMoney(c.price as Minor, r)}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        ) : null}
        <Small>
          An empty field is the piece’s own price, set on its own page. What an hour earns counts what the way
          of selling takes, tax, materials, overhead and the pieces that fail.
        </Small>
      </Stack>
    </Page>
  );
}

const Wrong = styled.p`
  padding: 0 14px 8px;
  color: var(--bad);
  font-weight: 560;
`;
const Hour = styled.div`
  font-size: 13px;
  color: var(--good);
  white-space: nowrap;
  &[data-low] {
    color: var(--bad);
  }
`;
