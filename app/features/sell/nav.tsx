import { useLocation } from "react-router";
import { Drawers } from "../../ui/drawers";

const PAGES = [
  { to: "/sell", label: "Shelf" },
  { to: "/sell/markets", label: "Market days" },
  { to: "/sell/commissions", label: "Commissions" },
  { to: "/sell/shop", label: "Shop" },
  { to: "/sell/next", label: "What to make" },
  { to: "/sell/refill", label: "Refill" },
  { to: "/sell/seasons", label: "Seasons" },
  { to: "/sell/prices", label: "Prices" },
  { to: "/sell/sold", label: "Sold" },
  { to: "/sell/what-if", label: "What if" },
] as const;

/** The drawers of Sell. */
export function SellNav() {
  const { pathname } = useLocation();
  const here = pathname.startsWith("/sell/commissions")
    ? "/sell/commissions"
    : pathname.startsWith("/sell/shop")
      ? "/sell/shop"
      : pathname.startsWith("/sell/markets")
        ? "/sell/markets"
        : pathname.startsWith("/sell/places")
          ? "/sell/refill"
          : pathname.startsWith("/sell/prices")
            ? "/sell/prices"
            : pathname === "/sell/lots"
              ? "/sell"
              : pathname;
  return <Drawers label="Sell" pages={PAGES} here={here} />;
}
