import { minor } from "@core/units";
import { data, redirect } from "react-router";
import type { Route } from "./+types/shop-order";
import {
  callOrderOff,
  findOrder,
  forgetParcel,
  orderCameBack,
  sayWhatLineIs,
  sendOrder,
  setPacked,
} from "@db/queries/shop";
import { parseDate } from "@internationalized/date";
import { intoRun, openRunChoices, planRunFor } from "../features/runs/plan-for.server";
import { SellNav } from "../features/sell/nav";
import { shown } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { openShop } from "../features/shop/load.server";
import { bookedOf } from "../features/shop/offer.server";
import { OrderLines, OrderPerson, OrderWork } from "../features/shop/order-panels";
import { OrderState } from "../features/shop/order-table";
import { wareSchema } from "../features/shop/schema";
import { forText, orderText } from "../features/shop/words";
import { once, openForm, refused } from "../server/form.server";
import { dayOf, openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Columns, Page, PageHead, Small, Stack } from "../ui/basics";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData ? orderText(loaderData.order) : "Order"} · Lapka` },
];

/** A run for what an order lacks is due in so many days, unless she says otherwise. */
const SOON_DAYS = 7;

/** The order with all that its page says. @throws Response 404 */
async function opened(o: Opened, id: string) {
  const [found, order] = await Promise.all([openShop(o), findOrder(o.scope, id)]);
  if (!found || !order) throw data(null, { status: 404 });
  return { ...found, ...found.show(order) };
}

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const o = await openWorkshop(request, context);
  const { order, lines, short, channel, offers } = await opened(o, params.id);
  return {
    order: {
      id: order.id,
      number: order.number,
      state: order.state,
      cancelled: order.cancelled,
      customer: order.customer,
      address: order.address,
      wishes: order.wishes,
      postage: order.postage,
      total: order.total,
      currency: order.currency,
      placedOn: dayOf(order.placedAt, o.scope.zone),
      endedOn: order.endedAt ? dayOf(order.endedAt, o.scope.zone) : undefined,
      untold: order.tell !== null,
      short,
      unknown: lines.some((l) => !l.offered),
    },
    runs: short > 0 ? await openRunChoices(o.scope, o.workshop.locale) : [],
    foreign: order.currency !== o.workshop.currency,
    channel: channel?.name ?? "—",
    lines: lines.map((l) => ({
      position: l.position,
      sku: l.sku,
      quantity: l.quantity,
      unitPrice: l.unitPrice,
      short: l.short,
      there: l.offered ? Math.max(0, l.offered.there - l.offered.promised) : 0,
      itemId: l.offered?.ware.itemId,
      ware: l.offered ? shown(l.offered.ware) : undefined,
    })),
    wares: offers.map((x) => ({ value: x.ware.key, label: x.ware.label })),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened: o } = await openForm(args);
  return once(o, form, (inside) => change(form, args.params.id, inside));
}

async function change(form: FormData, id: string, o: Opened) {
  const { scope } = o;
  switch (form.get("intent")) {
    case "packed":
    case "unpacked":
      await setPacked(scope, id, form.get("intent") === "packed");
      break;
    case "sent":
      await send(id, o);
      break;
    case "off":
      await callOrderOff(scope, id);
      break;
    case "back":
      await orderCameBack(scope, id);
      break;
    case "forget":
      await forgetParcel(scope, id);
      break;
    case "run":
      return redirect(`/runs/${await runFor(id, intoRun(form), o)}`);
    case "is": {
      const got = wareSchema.safeParse(form.get("ware"));
      const position = Number(form.get("position"));
      if (!got.success || !Number.isInteger(position) || position < 0 || position > 100)
        throw data(null, { status: 400 });
      await sayWhatLineIs(scope, id, position, got.data);
      break;
    }
    default:
      throw data(null, { status: 400 });
  }
  return redirect(`/sell/shop/${id}`);
}

async function send(id: string, o: Opened): Promise<void> {
  const { order, lines, channel, listed, own } = await opened(o, id);
  if (order.currency !== o.workshop.currency)
    throw refused(
      `It was paid in ${order.currency} and the workshop counts in ${o.workshop.currency}: write the sale down by hand under Sold, then call the order off here.`,
      409,
    );
  if (lines.some((l) => !l.offered)) throw refused("Say first what was ordered.", 409);
  const wares = new Map(lines.map((l) => [l.position, l.offered?.ware]));
  await sendOrder(o.scope, id, { at: o.scope.now, soldOn: todayOf(o.scope) }, (line) => {
    const ware = wares.get(line.position);
    const each = bookedOf(line.unitPrice, channel);
    return {
      listPrice: minor(ware ? listed(ware, own.channelId) : each),
      taken: minor(each * line.quantity),
    };
  });
}

/** A run for the pieces that the order lacks. Its name says the number and nobody's name. */
async function runFor(id: string, into: string, o: Opened): Promise<string> {
  const { order, lines } = await opened(o, id);
  const lacking = new Map<
    string,
    { analysed: NonNullable<(typeof lines)[number]["offered"]>["ware"]["analysed"]; quantity: number }
  >();
  for (const { offered, short } of lines) {
    if (!offered || short === 0) continue;
    const key = wareKey(offered.ware.itemId, offered.ware.colourwayId);
    lacking.set(key, {
      analysed: offered.ware.analysed,
      quantity: (lacking.get(key)?.quantity ?? 0) + short,
    });
  }
  if (lacking.size === 0) throw refused("All of it is there.", 409);
  return planRunFor(o.scope, o, {
    name: orderText(order),
    dueOn: parseDate(todayOf(o.scope)).add({ days: SOON_DAYS }).toString(),
    pieces: [...lacking.values()],
    into,
  });
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function ShopOrder({ loaderData: d }: Route.ComponentProps) {
  return (
    <Page>
      <PageHead>
        <h1>{forText(d.order)}</h1>
        <Small>{orderText(d.order)}</Small>
        <OrderState of={d.order} />
      </PageHead>
      <SellNav />
      <Columns $parts="minmax(0, 3fr) minmax(0, 2fr)">
        <Stack $gap={18}>
          <OrderLines lines={d.lines} order={d.order} wares={d.wares} />
          <OrderWork order={d.order} lines={d.lines} foreign={d.foreign} runs={d.runs} />
        </Stack>
        <OrderPerson order={d.order} channel={d.channel} />
      </Columns>
    </Page>
  );
}
