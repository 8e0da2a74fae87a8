import styled from "styled-components";

/** A row of what was asked for between the round and the large button. */
export const PanelRow = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 8px 18px;
  width: min(100%, 820px);
  margin: 0 auto;
  & > * {
    min-height: 50px;
    flex: 1 1 140px;
  }
`;
