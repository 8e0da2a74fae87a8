import { getFormProps, useForm } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { parseDate } from "@internationalized/date";
import { data, Link, redirect } from "react-router";
import type { Route } from "./+types/commissions";
import { printMoney, type Minor } from "@core/units";
import { createCommission } from "@db/queries/commissions";
import { CommissionFields } from "../features/commissions/commission-fields";
import { allCommissions, orderable } from "../features/commissions/load.server";
import { commissionSchema } from "../features/commissions/schema";
import { STATE_TONE, STATE_WORDS, sumsOf, whoseText } from "../features/commissions/words";
import { SellNav } from "../features/sell/nav";
import { wareKey } from "../features/sell/wares";
import { once, openForm } from "../server/form.server";
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
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Commissions · Lapka" }];

/** Commissions that are over and listed at first. */
const SHOWN = 20;

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { scope } = opened;
  const [all, from] = await Promise.all([allCommissions(scope), orderable(opened)]);
  const label = new Map(from.wares.map((w) => [w.key, w.label]));
  const today = todayOf(scope);
  const rows = all.map((c) => {
    const way = from.channels.find((x) => x.id === c.channelId);
    const sums = sumsOf(c, way);
    return {
      id: c.id,
      number: c.number,
      state: c.state,
      customer: c.customer,
      what: `${c.quantity} × ${label.get(wareKey(c.itemId, c.colourwayId)) ?? "something deleted"}`,
      dueOn: c.dueOn,
      price: sums.pays,
      rest: sums.rest,
    };
  });
  const over = rows.filter((r) => r.state === "handed" || r.state === "off").reverse();
  const everything = new URL(request.url).searchParams.has("all");
  const [first] = from.wares;
  const [way] = from.channels;
  return {
    today,
    due: parseDate(today).add({ weeks: 3 }).toString(),
    open: rows.filter((r) => r.state !== "handed" && r.state !== "off"),
    over: everything ? over : over.slice(0, SHOWN),
    more: everything ? 0 : Math.max(0, over.length - SHOWN),
    wares: from.options,
    ways: from.ways,
    prices: Object.fromEntries(from.wares.map((w) => [w.key, from.priceOf(w, way?.id ?? "")] as const)),
    first: first?.key ?? "",
    way: way?.id ?? "",
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => write(form, o));
}

async function write(form: FormData, { scope, workshop }: Opened) {
  const got = parseWithZod(form, { schema: commissionSchema(workshop.locale, workshop.currency) });
  if (got.status !== "success") return data(got.reply(), { status: 400 });
  return redirect(`/sell/commissions/${await createCommission(scope, got.value.content)}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Data = Awaited<ReturnType<typeof loader>>;
type Line = Data["open"][number];

export default function Commissions({ loaderData: d, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>Commissions</h1>
        <Small>made for somebody who asked</Small>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        {d.open.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="open-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="open-title">Open</h2>
            </SheetHead>
            <Lines lines={d.open} today={d.today} label="Open commissions, table" />
          </Sheet>
        ) : null}
        {d.over.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="over-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="over-title">Over</h2>
            </SheetHead>
            <Lines lines={d.over} label="Commissions that are over, table" />
            {d.more > 0 ? (
              <p style={{ padding: "10px 14px" }}>
                <ButtonLink to="?all" preventScrollReset>
                  Show {d.more} earlier
                </ButtonLink>
              </p>
            ) : null}
          </Sheet>
        ) : null}
        {d.wares.length === 0 ? (
          <Empty>
            <h2>First an item</h2>
            <p>
              A commission is one of your items, perhaps in other colours. Write an item down, then come back.
            </p>
            <ButtonLink to="/items/new" $primary>
              New item
            </ButtonLink>
          </Empty>
        ) : d.ways.length === 0 ? (
          <Empty>
            <h2>First a way of selling</h2>
            <p>Fees and tax of a commission are those of a way of selling. Add one in Settings.</p>
            <ButtonLink to="/settings" $primary>
              To Settings
            </ButtonLink>
          </Empty>
        ) : (
          <NewOne data={d} answered={actionData} />
        )}
      </Stack>
    </Page>
  );
}

function Lines({ lines, today, label }: { lines: readonly Line[]; today?: string; label: string }) {
  const r = useReading();
  return (
    <Scroll tabIndex={0} role="region" aria-label={label}>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">For</th>
            <th scope="col">What</th>
            <th scope="col">Promised for</th>
            <th scope="col" className="num">
              Price
            </th>
            <th scope="col" className="num minor">
              To pay
            </th>
            <th scope="col">State</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((c) => (
            <tr key={c.id}>
              <td>
                <Link to={`/sell/commissions/${c.id}`}>
                  <b>{whoseText(c)}</b>
                </Link>{" "}
                <Small>no. {c.number}</Small>
              </td>
              <td>{c.what}</td>
              <td>
                {printDay(c.dueOn, r.locale, true)}{" "}
                {today !== undefined && c.dueOn < today ? <Badge $tone="bad">late</Badge> : null}
              </td>
              <td className="num">{printMoney(c.price as Minor, r)}</td>
              <td className="num minor">
                {c.state === "handed" || c.state === "off" ? "" : printMoney(c.rest as Minor, r)}
              </td>
              <td>
                <Badge $tone={STATE_TONE[c.state]}>{STATE_WORDS[c.state]}</Badge>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}

function NewOne({ data: d, answered }: { data: Data; answered: Route.ComponentProps["actionData"] }) {
  const r = useReading();
  const [form, fields] = useForm({
    lastResult: taken(answered),
    onValidate: ({ formData }) => parseWithZod(formData, { schema: commissionSchema(r.locale, r.currency) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      customer: "",
      reach: "",
      ware: d.first,
      wishes: "",
      quantity: "1",
      channelId: d.way,
      price: "",
      depositAsked: "",
      dueOn: d.due,
    },
  });
  const ware = fields.ware.value ?? d.first;
  const usual = d.prices[ware];
  return (
    <Sheet aria-labelledby="new-title">
      <SheetHead>
        <h2 id="new-title">Another commission</h2>
      </SheetHead>
      <WorkForm {...getFormProps(form)} draft="commission">
        <CommissionFields
          fields={fields}
          wares={d.wares}
          channels={d.ways}
          priceHint={usual === undefined ? undefined : `One is ${printMoney(usual as Minor, r)} as a rule.`}
        />
        <p style={{ marginTop: 14 }}>
          <Button type="submit" $primary>
            Write it down
          </Button>
        </p>
      </WorkForm>
    </Sheet>
  );
}
