import styled from "styled-components";

/** The bar on top of a view that fills the screen: the way out, what it is, and whether all of it is kept. */
export const TableTop = styled.header`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 14px 2px 2px;
  background: var(--mat);
  color: var(--mat-ink);
  a {
    display: grid;
    place-items: center;
    width: 52px;
    height: 52px;
    color: inherit;
  }
  a:focus-visible {
    outline-color: #fff;
    outline-offset: -4px;
  }
  & > div {
    flex: 1;
    min-width: 0;
    display: grid;
  }
  span {
    color: var(--mat-soft);
  }
`;
