import { Link } from "react-router";
import styled from "styled-components";

/** The pages of one view, like drawers of a cupboard. */
export function Drawers({
  label,
  pages,
  here,
}: {
  label: string;
  pages: readonly { readonly to: string; readonly label: string }[];
  here: string;
}) {
  return (
    <Row aria-label={label}>
      {pages.map((p) => (
        <Link key={p.to} to={p.to} aria-current={p.to === here ? "page" : undefined}>
          {p.label}
        </Link>
      ))}
    </Row>
  );
}

const Row = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  margin-bottom: 16px;
  border-bottom: 1px solid var(--line);
  a {
    padding: 7px 11px;
    min-height: 36px;
    text-decoration: none;
    color: var(--soft);
    font-weight: 560;
    border-bottom: 3px solid transparent;
    margin-bottom: -1px;
    white-space: nowrap;
  }
  a:hover {
    color: var(--ink);
  }
  a[aria-current="page"] {
    color: var(--ink);
    border-bottom-color: var(--act);
  }
  @media (pointer: coarse) {
    a {
      min-height: 48px;
      padding-block: 13px;
    }
  }
`;

/** One of several things to look at, as a link that shows which is open. */
export const Choice = styled(Link)`
  padding: 5px 12px;
  min-height: 34px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  text-decoration: none;
  color: var(--ink);
  &[aria-current] {
    border-color: var(--act);
    box-shadow: inset 0 -3px 0 var(--act);
    font-weight: 600;
  }
`;
