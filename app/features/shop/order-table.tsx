import { Link } from "react-router";
import { printMoney, type Minor } from "@core/units";
import type { ShopOrderState } from "@core/shelf/shop";
import { Badge, PlainTable, Scroll, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";
import { forText, lackText, ORDER_WORDS } from "./words";

export interface OrderRow {
  readonly id: string;
  readonly number: string;
  readonly state: ShopOrderState;
  readonly cancelled: boolean;
  readonly customer: string;
  readonly placedOn: string;
  readonly what: string;
  readonly total: number;
  readonly currency: string;
  /** Pieces that have to be made first. */
  readonly short: number;
  /** Something of it is not known here. */
  readonly unknown: boolean;
  /** The shop does not know yet that it was sent or called off. */
  readonly untold: boolean;
}

/** An order's standing in a word: what keeps it, or what became of it. */
export function OrderState({ of: o }: { of: Omit<OrderRow, "what" | "placedOn" | "total" | "currency"> }) {
  const lack = lackText(o.short);
  if (o.state === "placed" || o.state === "packed") {
    if (o.unknown) return <Badge $tone="bad">what is it?</Badge>;
    if (lack !== undefined) return <Badge $tone="bad">{lack}</Badge>;
    return <Badge $tone={o.state === "packed" ? "good" : "warn"}>{ORDER_WORDS[o.state]}</Badge>;
  }
  if (o.state === "sent" && o.cancelled) return <Badge $tone="warn">sent, then called off</Badge>;
  return <Badge>{ORDER_WORDS[o.state]}</Badge>;
}

export function OrderTable({ orders, label }: { orders: readonly OrderRow[]; label: string }) {
  const r = useReading();
  return (
    <Scroll tabIndex={0} role="region" aria-label={label}>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">For</th>
            <th scope="col">What</th>
            <th scope="col" className="minor">
              Ordered on
            </th>
            <th scope="col" className="num minor">
              Paid, with postage
            </th>
            <th scope="col">State</th>
          </tr>
        </thead>
        <tbody>
          {orders.map((o) => (
            <tr key={o.id}>
              <td>
                <Link to={`/sell/shop/${o.id}`}>
                  <b>{forText(o)}</b>
                </Link>{" "}
                <Small>no. {o.number}</Small>
              </td>
              <td>{o.what}</td>
              <td className="minor">{printDay(o.placedOn, r.locale, true)}</td>
              <td className="num minor">{printMoney(o.total as Minor, { ...r, currency: o.currency })}</td>
              <td>
                <OrderState of={o} />
                {o.untold ? <Small> the shop is told soon</Small> : null}
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}
