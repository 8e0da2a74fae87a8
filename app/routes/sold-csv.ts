import { data } from "react-router";
import type { Route } from "./+types/sold-csv";
import { takingsByLine, takingsOf } from "@core/shelf/takings";
import { minorDigits } from "@core/units";
import { soldIn, type SaleRow } from "../features/sell/sold.server";
import { SPANS } from "../features/sell/spans";
import { HOME, wareKey } from "../features/sell/wares";
import { allPlaces } from "../features/sell/wares.server";
import { csvResponse } from "../server/csv.server";
import { openWorkshop, type Opened } from "../server/scope.server";

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const asked = Number(new URL(request.url).searchParams.get("days") ?? "0");
  const s = await soldIn(opened, SPANS.find((x) => x.days === asked)?.days ?? 0);
  const digits = minorDigits(opened.workshop.currency);
  const money = (n: number) => (n / 10 ** digits).toFixed(digits);
  if (params.what === "sales") return salesFile(opened, s, money);
  if (params.what === "takings") return takingsFile(opened, s, money);
  throw data(null, { status: 404 });
}

type Span = Awaited<ReturnType<typeof soldIn>>;
type Money = (n: number) => string;

/** Line by line, so that it can be brought in again. */
async function salesFile({ scope, workshop }: Opened, s: Span, money: Money): Promise<Response> {
  const places = await allPlaces(scope);
  const lines = takingsByLine(s.sales);
  const item = new Map(s.wares.map((w) => [w.key, w]));
  const cur = workshop.currency;
  return csvResponse(
    "sales.csv",
    [
      "day",
      "item",
      "colourway",
      "sold through",
      "pieces",
      "total",
      "paid by",
      "order",
      "from",
      `customer_paid_${cur}`,
      `tax_${cur}`,
      `fees_${cur}`,
      `kept_${cur}`,
    ],
    s.sales.map((x) => {
      const w = item.get(wareKey(x.itemId, x.colourwayId));
      const t = lines.get(x);
      return [
        x.soldOn,
        w?.analysed.entry.item.name ?? "",
        w?.analysed.colourway?.name ?? "",
        s.channels.find((c) => c.id === x.channelId)?.name ?? "",
        x.quantity,
        money(x.taken),
        x.paid,
        x.customer.slice(-12),
        x.placeId === "" ? HOME : (places.find((p) => p.id === x.placeId)?.name ?? ""),
        money(t?.paid ?? 0),
        money(t?.tax ?? 0),
        money(t?.fees ?? 0),
        money(t?.kept ?? 0),
      ];
    }),
  );
}

/** By day, way of selling and rate of tax. */
function takingsFile({ workshop }: Opened, s: Span, money: Money): Response {
  const groups = new Map<string, SaleRow[]>();
  for (const x of s.sales) {
    const key = `${x.soldOn} ${x.channelId} ${x.taxBp}`;
    groups.set(key, [...(groups.get(key) ?? []), x]);
  }
  const cur = workshop.currency;
  return csvResponse(
    "takings.csv",
    [
      "day",
      "sold through",
      "tax_percent",
      "sales",
      "pieces",
      `paid_${cur}`,
      `cash_${cur}`,
      `card_${cur}`,
      `tax_${cur}`,
      `fees_${cur}`,
      `kept_${cur}`,
    ],
    [...groups.values()].flatMap((list) => {
      const [first] = list;
      if (!first) return [];
      const t = takingsOf(list);
      const by = (how: SaleRow["paid"]) => money(takingsOf(list.filter((x) => x.paid === how)).paid);
      return [
        [
          first.soldOn,
          s.channels.find((c) => c.id === first.channelId)?.name ?? "",
          (first.taxBp / 100).toFixed(2),
          t.customers,
          t.pieces,
          money(t.paid),
          by("cash"),
          by("card"),
          money(t.tax),
          money(t.fees),
          money(t.kept),
        ],
      ];
    }),
  );
}
