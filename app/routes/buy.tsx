import { ClipboardCopy, Download, Printer, ShoppingBasket } from "lucide-react";
import { useState } from "react";
import { data, Link, redirect, useSearchParams } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/buy";
import { createPurchase, listPurchases, type NewPurchaseLine } from "@db/queries/purchases";
import { distanceInWords } from "@core/planning";
import { printMoney, type Minor } from "@core/units";
import { parseDate } from "@internationalized/date";
import { id } from "../forms";
import { packWord } from "../features/materials/defaults";
import { loadBuying } from "../features/runs/buying.server";
import { loadCupboard } from "../features/materials/load.server";
import { MaterialsNav } from "../features/materials/nav";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { WorkForm } from "../ui/form";
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
import { printAmount, useReading } from "../ui/reading";
import { MaterialName } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = () => [{ title: "Buy · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const run = new URL(request.url).searchParams.get("run") ?? undefined;
  const [{ groups, cupboard, alternatives }, orders] = await Promise.all([
    loadBuying(scope, run),
    listPurchases(scope),
  ]);
  const name = (supplierId: string | null | undefined) =>
    cupboard.suppliers.find((s) => s.id === supplierId)?.name;
  return {
    today: todayOf(scope),
    run,
    runs: cupboard.runs
      .filter((r) => r.run.state !== "finished")
      .map((r) => ({ id: r.run.id, name: r.run.name })),
    colours: Object.fromEntries(cupboard.yarns.map((y) => [y.id, y.colour])),
    groups: groups.map((g) => ({
      ...g,
      supplier: name(g.supplierId),
      deliveryDays: cupboard.suppliers.find((s) => s.id === g.supplierId)?.deliveryDays ?? 0,
      lines: g.lines.map((l) => ({ ...l, alternatives: alternatives.get(l.materialId) ?? [] })),
    })),
    orders: orders.map((o) => ({
      id: o.purchase.id,
      supplier: name(o.purchase.supplierId),
      state: o.purchase.state,
      orderedOn: o.purchase.orderedOn,
      expectedOn: o.purchase.expectedOn,
      lines: o.lines.length,
      received: o.lines.filter((l) => l.received >= l.packs).length,
      cost: o.lines.reduce((s, l) => s + l.packs * l.packPrice, 0),
    })),
  };
}

const orderSchema = z.object({
  supplierId: z.union([id, z.literal("")]),
  lines: z
    .array(z.object({ materialId: id, packs: z.coerce.number().int().min(1).max(500) }))
    .min(1)
    .max(300),
});

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => order(form, o));
}

async function order(form: FormData, { scope }: Opened) {
  const chosen = form.getAll("line").filter((v): v is string => typeof v === "string");
  const got = orderSchema.safeParse({
    supplierId: form.get("supplierId") ?? "",
    lines: chosen.map((materialId) => ({ materialId, packs: form.get(`packs-${materialId}`) })),
  });
  if (!got.success)
    return data(
      {
        error:
          chosen.length === 0
            ? "Tick at least one line to order."
            : "Packs are whole numbers from 1 to 500; more than that is two orders.",
      },
      { status: 400 },
    );
  const cupboard = await loadCupboard(scope);
  const supplier = cupboard.suppliers.find((s) => s.id === got.data.supplierId);
  const today = todayOf(scope);
  const made = await createPurchase(scope, {
    supplierId: supplier?.id ?? null,
    orderedOn: today,
    expectedOn: parseDate(today)
      .add({ days: supplier?.deliveryDays ?? 0 })
      .toString(),
    lines: got.data.lines.flatMap((l): NewPurchaseLine[] => {
      const y = cupboard.yarns.find((x) => x.id === l.materialId);
      const n = cupboard.notions.find((x) => x.id === l.materialId);
      if (y)
        return [
          {
            materialKind: "yarn",
            materialId: y.id,
            packs: l.packs,
            packSize: y.ballMg,
            packPrice: y.ballPrice,
          },
        ];
      return n
        ? [
            {
              materialKind: "notion",
              materialId: n.id,
              packs: l.packs,
              packSize: n.packSize,
              packPrice: n.packPrice,
            },
          ]
        : [];
    }),
  });
  return redirect(`/materials/orders/${made}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Buy({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  const r = useReading();
  const [params] = useSearchParams();
  const [copied, setCopied] = useState(false);
  const total = d.groups.reduce((s, g) => s + g.cost, 0);
  const text = d.groups
    .map((g) =>
      [
        `${g.supplier ?? "Anywhere"}, by ${printDay(g.orderBy, r.locale)}`,
        ...g.lines.map(
          (l) => `  ${l.packs} × ${l.label} (${printAmount(l.packSize, l.kind, r)}) ${printMoney(l.cost, r)}`,
        ),
      ].join("\n"),
    )
    .join("\n\n");
  return (
    <Page>
      <PageHead>
        <h1>Buy</h1>
        {d.groups.length > 0 ? (
          <>
            <Button
              type="button"
              onClick={() =>
                void navigator.clipboard.writeText(text).then(
                  () => setCopied(true),
                  () => setCopied(false),
                )
              }
            >
              <ClipboardCopy size={16} aria-hidden />{" "}
              <span aria-live="polite">{copied ? "Copied" : "Copy"}</span>
            </Button>
            <ButtonLink to={`/materials/buy.csv?${params.toString()}`} reloadDocument>
              <Download size={16} aria-hidden /> CSV
            </ButtonLink>
            <ButtonLink to={`/materials/buy.pdf?${params.toString()}`} target="_blank" reloadDocument>
              <Printer size={16} aria-hidden /> Print
            </ButtonLink>
          </>
        ) : null}
      </PageHead>
      <MaterialsNav />
      <Stack $gap={18}>
        {d.runs.length > 0 ? (
          <Row>
            <Choice to="/materials/buy" aria-current={d.run ? undefined : "true"}>
              all open runs
            </Choice>
            {d.runs.map((x) => (
              <Choice
                key={x.id}
                to={`/materials/buy?run=${x.id}`}
                aria-current={d.run === x.id ? "true" : undefined}
              >
                {x.name}
              </Choice>
            ))}
          </Row>
        ) : null}
        {actionData?.error ? <Wrong role="alert">{actionData.error}</Wrong> : null}
        {d.groups.length === 0 ? (
          <Empty>
            <h2>{d.runs.length === 0 ? "No run is planned" : "Nothing is missing"}</h2>
            <p>
              {d.runs.length === 0
                ? "Plan a run, and what it lacks stands here: by supplier, in whole balls and packs, with the day to order by."
                : "Stock and what is on its way cover what is planned."}
            </p>
            {d.runs.length === 0 ? (
              <ButtonLink to="/runs/new" $primary>
                Plan a run
              </ButtonLink>
            ) : null}
          </Empty>
        ) : null}
        {d.groups.map((g) => (
          <Sheet key={g.supplierId ?? ""} $pad={false} aria-label={g.supplier ?? "No supplier chosen"}>
            <WorkForm>
              <input type="hidden" name="supplierId" value={g.supplierId ?? ""} />
              <Head>
                <h2>{g.supplier ?? "No supplier chosen"}</h2>
                <Badge $tone={g.orderBy < d.today ? "bad" : "plain"}>
                  {g.orderBy < d.today
                    ? g.deliveryDays > 0
                      ? `should have been ordered ${printDay(g.orderBy, r.locale)}`
                      : `needed since ${printDay(g.orderBy, r.locale)}`
                    : `order by ${printDay(g.orderBy, r.locale, true)}`}
                </Badge>
                {g.deliveryDays > 0 ? <Small>{g.deliveryDays} days to the door</Small> : null}
                {g.underMinimum > 0 ? (
                  <Badge $tone="warn">{printMoney(g.underMinimum, r)} below the least order</Badge>
                ) : null}
              </Head>
              <Scroll tabIndex={0} role="region" aria-label={`${g.supplier ?? "No supplier chosen"}, table`}>
                <PlainTable>
                  <thead>
                    <tr>
                      <th scope="col">
                        <span className="sr">Take</span>
                      </th>
                      <th scope="col">What</th>
                      <th scope="col" className="num">
                        Missing
                      </th>
                      <th scope="col">Buy</th>
                      <th scope="col" className="num">
                        Cost
                      </th>
                      <th scope="col" className="num minor">
                        Left after
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {g.lines.map((l) => (
                      <tr key={l.materialId}>
                        <td>
                          <input
                            type="checkbox"
                            name="line"
                            value={l.materialId}
                            defaultChecked
                            aria-label={`Order ${l.label}`}
                            style={{ width: 20, height: 20 }}
                          />
                        </td>
                        <td>
                          <MaterialName label={l.label} colour={d.colours[l.materialId]} />
                          <Small>
                            {l.runs.map((x) => x.label).join(", ")}
                            {l.alternatives.map((a) => (
                              <span key={a.id}>
                                {" "}
                                · instead: <Link to={`/materials/${a.id}`}>{a.label}</Link>,{" "}
                                {printAmount(a.free, l.kind, r)} free
                                {a.distance === undefined ? "" : ` (${distanceInWords(a.distance)})`}
                              </span>
                            ))}
                          </Small>
                        </td>
                        <td className="num">
                          <ReasonFigure
                            reason={{
                              label: `${l.label}: missing`,
                              measure: l.kind === "notion" ? "count" : "grams",
                              value: l.kind === "notion" ? l.missing : l.missing / 1000,
                              how:
                                l.kind === "yarn"
                                  ? "lengths that find no ball to hold them whole, after stock and orders, run by run in their order"
                                  : "what each run lacks after stock and orders, in their order",
                              parts: l.runs.map((x) => ({
                                label: `${x.label}, from ${printDay(x.startOn, r.locale)}`,
                                measure: l.kind === "notion" ? ("count" as const) : ("grams" as const),
                                value: l.kind === "notion" ? x.missing : x.missing / 1000,
                              })),
                            }}
                          >
                            {printAmount(l.missing, l.kind, r)}
                          </ReasonFigure>
                        </td>
                        <td>
                          <Packs>
                            <Input
                              name={`packs-${l.materialId}`}
                              defaultValue={l.packs}
                              inputMode="numeric"
                              aria-label={`How many of ${l.label}`}
                            />{" "}
                            <span>
                              {packWord(l.kind, l.packs)} × {printAmount(l.packSize, l.kind, r)}
                            </span>
                            {l.kind === "yarn" && l.packs > Math.ceil(l.missing / l.packSize) ? (
                              <Small>one item’s lengths stay in one lot</Small>
                            ) : null}
                          </Packs>
                        </td>
                        <td className="num">{printMoney(l.cost, r)}</td>
                        <td className="num minor">{printAmount(l.leftAfter, l.kind, r)}</td>
                      </tr>
                    ))}
                  </tbody>
                  <tfoot>
                    <tr>
                      <th scope="row" colSpan={4}>
                        {g.supplier ?? "These"} together
                      </th>
                      <td className="num">
                        <b>{printMoney(g.cost, r)}</b>
                      </td>
                      <td className="minor" />
                    </tr>
                  </tfoot>
                </PlainTable>
              </Scroll>
              <Foot>
                <Button type="submit" $primary>
                  <ShoppingBasket size={16} aria-hidden />{" "}
                  {g.deliveryDays > 0 ? "Ordered: keep the list" : "Take the list to the shop"}
                </Button>
                <Small>Then it counts as on its way; tick it off and receive it with its lots.</Small>
              </Foot>
            </WorkForm>
          </Sheet>
        ))}
        {d.groups.length > 1 ? (
          <p>
            All together <b>{printMoney(total as Minor, r)}</b>
          </p>
        ) : null}
        {d.orders.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="orders-title">
            <Head>
              <h2 id="orders-title">Orders and shopping lists</h2>
            </Head>
            <Scroll tabIndex={0} role="region" aria-label="Orders, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">From</th>
                    <th scope="col">Since</th>
                    <th scope="col" className="minor">
                      Expected
                    </th>
                    <th scope="col">State</th>
                    <th scope="col" className="num">
                      Cost
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {d.orders.map((o) => (
                    <tr key={o.id}>
                      <td>
                        <Link to={`/materials/orders/${o.id}`}>
                          <b>{o.supplier ?? "Shopping list"}</b>
                        </Link>{" "}
                        <Small>
                          {o.lines} {o.lines === 1 ? "line" : "lines"}
                        </Small>
                      </td>
                      <td>{printDay(o.orderedOn, r.locale)}</td>
                      <td className="minor">{o.expectedOn ? printDay(o.expectedOn, r.locale) : ""}</td>
                      <td>
                        {o.state === "received" ? (
                          <Badge $tone="good">received</Badge>
                        ) : (
                          <Badge $tone={o.expectedOn && o.expectedOn < d.today ? "warn" : "plain"}>
                            {o.received > 0 ? `${o.received} of ${o.lines} here` : "on its way"}
                          </Badge>
                        )}
                      </td>
                      <td className="num">{printMoney(o.cost as Minor, r)}</td>
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        ) : null}
      </Stack>
    </Page>
  );
}

const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: center;
`;
const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 12px;
`;
const Packs = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 0 7px;
  align-items: center;
  white-space: nowrap;
  input {
    width: 62px;
    text-align: right;
  }
`;
const Wrong = styled.p`
  color: var(--bad);
  font-weight: 560;
`;
