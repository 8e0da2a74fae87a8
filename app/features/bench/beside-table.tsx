import styled from "styled-components";

/** What stands above or below the table itself, as wide as it and to be read at arm's length. */
export const BesideTable = styled.section`
  padding: 6px 18px;
  width: min(100%, 820px);
  margin: 0 auto;
  font-size: 16px;
  button {
    min-height: 48px;
  }
`;

/** What wants an answer of her: it stands above the round, where it is seen. */
export const Wants = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  margin: 6px 0;
  padding: 8px 12px;
  border-left: 5px solid var(--warn);
  background: var(--warn-ground);
  p {
    margin: 0;
    flex: 1 1 240px;
  }
`;
