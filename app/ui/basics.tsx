import { Link, type LinkProps } from "react-router";
import styled, { css } from "styled-components";

/** How a button looks, for those that are made by others. */
export const pressed = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 36px;
  padding: 6px 14px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font-weight: 560;
  text-decoration: none;
  cursor: pointer;
  white-space: nowrap;
  &:hover {
    border-color: var(--ink);
  }
  &[disabled] {
    opacity: 0.55;
    cursor: default;
  }
  @media (pointer: coarse) {
    min-height: 48px;
  }
`;
const primary = css`
  background: var(--act);
  color: var(--act-ink);
  border-color: var(--act);
  &:hover {
    filter: brightness(1.08);
  }
`;

const quiet = css`
  border-color: transparent;
  background: transparent;
  padding-inline: 8px;
  &:hover {
    background: var(--sunk);
    border-color: transparent;
  }
`;

export const Button = styled.button<{ $primary?: boolean; $quiet?: boolean }>`
  ${pressed}
  ${(p) => p.$primary && primary}
  ${(p) => p.$quiet && quiet}
`;
const RawLink = ({
  $primary: _primary,
  $quiet: _quiet,
  ...props
}: LinkProps & { $primary?: boolean; $quiet?: boolean }) => <Link {...props} />;
export const ButtonLink = styled(RawLink)<{ $primary?: boolean; $quiet?: boolean }>`
  ${pressed}
  ${(p) => p.$primary && primary}
  ${(p) => p.$quiet && quiet}
`;

export const Page = styled.main`
  min-width: 0;
  padding: 22px 26px 60px;
  max-width: 1500px;
  @media (max-width: 720px) {
    padding: 16px 14px 96px;
  }
`;
export const PageHead = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 18px;
  & > h1 {
    margin-right: auto;
  }
`;
export const Sheet = styled.section<{ $pad?: boolean }>`
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 6px;
  min-width: 0;
  padding: ${(p) => (p.$pad === false ? "0" : "16px 18px")};
`;
export const SheetHead = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 12px;
  margin-bottom: 10px;
  & > h2 {
    margin-right: auto;
  }
`;
export const Soft = styled.span`
  color: var(--soft);
`;
export const Small = styled.span`
  color: var(--soft);
  font-size: 13px;
`;
export const Stack = styled.div<{ $gap?: number }>`
  display: grid;
  gap: ${(p) => p.$gap ?? 14}px;
  min-width: 0;
  & > * {
    min-width: 0;
  }
`;
/** Two columns that fall under each other where the page is narrow. `$parts`: how they share the width. */
export const Columns = styled.div<{ $parts?: string; $narrow?: number }>`
  display: grid;
  grid-template-columns: ${(p) => p.$parts ?? "minmax(0, 1.3fr) minmax(0, 1fr)"};
  gap: 18px;
  align-items: start;
  @media (max-width: ${(p) => p.$narrow ?? 1000}px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Row = styled.div<{ $gap?: number }>`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${(p) => p.$gap ?? 10}px;
`;
export const Scroll = styled.div`
  position: relative;
  overflow-x: auto;
  &:focus-visible {
    outline-offset: -3px;
  }
`;

export const PlainTable = styled.table<{ $tight?: boolean }>`
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
  th {
    text-align: left;
    font-weight: 560;
    color: var(--soft);
    font-size: 13px;
    padding: 8px 12px;
    border-bottom: 1px solid var(--line);
    white-space: nowrap;
    vertical-align: bottom;
  }
  td {
    padding: 8px 12px;
    border-bottom: 1px solid var(--line);
    vertical-align: middle;
  }
  tbody tr:last-child :is(td, th) {
    border-bottom: 0;
  }
  tfoot :is(td, th) {
    vertical-align: middle;
    border-bottom: 0;
  }
  .num {
    text-align: right;
    white-space: nowrap;
  }
  ${(p) => (p.$tight ? "th, td { padding-inline: 5px; }" : "")}
  @media (max-width: 720px) {
    .minor {
      display: none;
    }
    th,
    td {
      padding-inline: 8px;
    }
  }
  th button {
    all: unset;
    cursor: pointer;
    display: inline-flex;
    gap: 4px;
    align-items: center;
  }
  th button:hover {
    color: var(--ink);
  }
  th button:focus-visible {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
    border-radius: 3px;
  }
`;

export const Badge = styled.span<{ $tone?: "bad" | "warn" | "good" | "plain" }>`
  display: inline-flex;
  align-items: center;
  gap: 5px;
  padding: 1px 8px;
  border-radius: 3px;
  font-size: 13px;
  font-weight: 560;
  white-space: nowrap;
  color: ${(p) => ({ bad: "var(--bad)", warn: "var(--warn)", good: "var(--good)", plain: "var(--soft)" })[p.$tone ?? "plain"]};
  background: ${(p) => ({ bad: "var(--bad-ground)", warn: "var(--warn-ground)", good: "transparent", plain: "var(--sunk)" })[p.$tone ?? "plain"]};
  border: 1px solid currentColor;
`;

/** Strip of tape: ticks every 6 px, longer every fifth. The one recurring instrument. */
export const tapeTicks = (side: "right" | "bottom", colour: string) => css`
  background-image:
    repeating-linear-gradient(
      ${side === "right" ? "to bottom" : "to right"},
      ${colour} 0 1px,
      transparent 1px 30px
    ),
    repeating-linear-gradient(
      ${side === "right" ? "to bottom" : "to right"},
      ${colour} 0 1px,
      transparent 1px 6px
    );
  background-size: ${side === "right" ? "12px 100%, 6px 100%" : "100% 12px, 100% 6px"};
  background-position: ${side === "right" ? "right top" : "left bottom"};
  background-repeat: no-repeat;
`;

export const Empty = styled.div`
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 26px 24px;
  border: 1px dashed var(--edge);
  border-radius: 6px;
  background: var(--sheet);
  max-width: 62ch;
`;

/** A few figures in a row, each under its name. */
export const Facts = styled.dl`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 30px;
  margin: 0 0 10px;
  dt {
    font-size: 13px;
    color: var(--soft);
  }
  dd {
    margin: 0;
    font-size: 18px;
    font-weight: 600;
    small,
    span {
      font-weight: 400;
    }
  }
`;
