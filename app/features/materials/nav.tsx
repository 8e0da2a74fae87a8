import { Link, useLocation } from "react-router";
import styled from "styled-components";

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
  const here = pathname.startsWith("/materials/orders/") ? "/materials/buy" : PAGES.some((p) => p.to === pathname) ? pathname : "/materials";
  return (
    <Drawers aria-label="Materials">
      {PAGES.map((p) => (
        <Link key={p.to} to={p.to} aria-current={p.to === here ? "page" : undefined}>
          {p.label}
        </Link>
      ))}
    </Drawers>
  );
}

const Drawers = styled.nav`
  display: flex; flex-wrap: wrap; gap: 2px 4px; margin-bottom: 16px; border-bottom: 1px solid var(--line);
  a { padding: 7px 11px; min-height: 36px; text-decoration: none; color: var(--soft); font-weight: 560; border-bottom: 3px solid transparent; margin-bottom: -1px; white-space: nowrap; }
  a:hover { color: var(--ink); }
  a[aria-current="page"] { color: var(--ink); border-bottom-color: var(--act); }
  @media (pointer: coarse) { a { min-height: 48px; padding-block: 13px; } }
`;
