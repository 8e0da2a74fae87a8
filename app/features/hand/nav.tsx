import { Link, useLocation } from "react-router";
import styled from "styled-components";

const PAGES = [{ to: "/hand", label: "What is known" }, { to: "/hand/weigh", label: "Weigh" }, { to: "/hand/time", label: "Time" }] as const;

export function HandNav() {
  const { pathname } = useLocation();
  return (
    <Drawers aria-label="Hand">
      {PAGES.map((p) => <Link key={p.to} to={p.to} aria-current={p.to === pathname ? "page" : undefined}>{p.label}</Link>)}
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
