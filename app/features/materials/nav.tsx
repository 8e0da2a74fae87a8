import { useLocation } from "react-router";
import { Drawers } from "../../ui/drawers";

const PAGES = [
  { to: "/materials", label: "Cupboard" },
  { to: "/materials/stocktake", label: "Stocktake" },
  { to: "/materials/buy", label: "Buy" },
  { to: "/materials/leftovers", label: "Leftovers" },
  { to: "/materials/book", label: "Stock book" },
  { to: "/materials/suppliers", label: "Suppliers" },
  { to: "/materials/import", label: "Bring in, take out" },
] as const;

/** The drawers of Materials. */
export function MaterialsNav() {
  const { pathname } = useLocation();
  // A yarn's or pack's own page belongs to the cupboard, an order to what is bought.
  const here = pathname.startsWith("/materials/orders/")
    ? "/materials/buy"
    : PAGES.some((p) => p.to === pathname)
      ? pathname
      : "/materials";
  return <Drawers label="Materials" pages={PAGES} here={here} />;
}
