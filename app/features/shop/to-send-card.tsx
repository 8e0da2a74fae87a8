import { Link } from "react-router";
import { Sheet, SheetHead, Small } from "../../ui/basics";
import { OrderState } from "./order-table";
import type { OrdersToSend } from "./to-send.server";
import { forText } from "./words";

/** Parcels that the shop's customers wait for. */
export function ToSendCard({ of: { orders, more } }: { of: OrdersToSend }) {
  return (
    <Sheet aria-labelledby="to-send-title">
      <SheetHead>
        <h2 id="to-send-title">
          <Link to="/sell/shop">Shop orders to send</Link>
        </h2>
      </SheetHead>
      <ul style={{ listStyle: "none", margin: 0, padding: 0, display: "grid", gap: 8 }}>
        {orders.map((o) => (
          <li key={o.id}>
            <Link to={`/sell/shop/${o.id}`}>
              <b>{forText(o)}</b>
            </Link>
            , {o.what} <OrderState of={o} />
          </li>
        ))}
      </ul>
      {more > 0 ? <Small>and {more} more</Small> : null}
    </Sheet>
  );
}
