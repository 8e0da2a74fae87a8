import { Printer } from "lucide-react";
import styled from "styled-components";
import { Button, Row, Small } from "../../ui/basics";

/** Recovery codes, shown this once, to be written down or printed. */
export function Codes({ codes }: { codes: readonly string[] }) {
  return (
    <section aria-labelledby="codes-title" style={{ marginTop: 12 }}>
      <h2 id="codes-title">Your recovery codes</h2>
      <p style={{ marginTop: 6 }}>
        Each opens your account once, should you lose your phrase. They are shown now and never again: write
        them on paper and keep it where you keep your papers.
      </p>
      <List>
        {codes.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </List>
      <Row>
        <Button type="button" onClick={() => window.print()}>
          <Printer size={17} aria-hidden /> Print them
        </Button>
        <Small>With one and your name anybody gets in.</Small>
      </Row>
    </section>
  );
}

const List = styled.ol`
  list-style: none;
  margin: 14px 0;
  padding: 14px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 8px 18px;
  background: var(--sunk);
  border-radius: 4px;
  font-size: 16px;
  font-variant-numeric: tabular-nums;
  letter-spacing: 0.04em;
  font-variation-settings: "MONO" 1;
`;
