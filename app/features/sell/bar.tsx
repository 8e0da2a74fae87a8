import styled from "styled-components";
import { Row } from "../../ui/basics";

/** Fields beside each other above a table, each with a small label over it. */
export const Bar = styled(Row)`
  padding: 10px 14px;
  align-items: end;
  label {
    display: grid;
    gap: 3px;
    font-size: 13px;
    color: var(--soft);
  }
`;
