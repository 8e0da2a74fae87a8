import { Link } from "react-router";
import styled from "styled-components";
import { Badge } from "../../ui/basics";
import type { UnreckonedItem } from "./load.server";
import { unreckonedText } from "./unreckoned";

/** Items that a list can say nothing of; each opens to where it can be mended. */
export function UnreckonedList({ items }: { items: readonly UnreckonedItem[] }) {
  if (items.length === 0) return null;
  return (
    <List aria-label="Could not be reckoned">
      {items.map((i) => (
        <li key={i.id}>
          <Badge $tone="bad">could not be reckoned</Badge>
          <span>
            <Link to={`/items/${i.id}`}>{i.name}</Link> {unreckonedText(i.why)}
          </span>
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 0 0 14px;
  padding: 0;
  display: grid;
  gap: 8px;
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
    padding: 10px 14px;
    background: var(--bad-ground);
    border-left: 6px solid var(--bad);
  }
  li > span:last-child {
    flex: 1 1 300px;
  }
`;
