import { useState } from "react";
import styled from "styled-components";
import { AS_IT_IS, FACTORS, type Factor, type Otherwise } from "@core/shelf/what-if";
import { Button, Sheet, SheetHead } from "../../../ui/basics";
import { Input } from "../../../ui/field";
import { FACTOR_WORDS } from "./words";

const LEAST = -0.9;
const MOST = 3;

/** By how much each thing is otherwise: by hand on a slider, or typed. */
export function Dials({ at, onChange }: { at: Otherwise; onChange: (o: Otherwise) => void }) {
  const set = (f: Factor, percent: number) =>
    onChange({ ...at, [f]: Math.max(LEAST, Math.min(MOST, Number.isFinite(percent) ? percent / 100 : 0)) });
  return (
    <Sheet aria-labelledby="dials-title">
      <SheetHead>
        <h2 id="dials-title">If it were so much more or less</h2>
        {FACTORS.some((f) => at[f] !== 0) ? (
          <Button type="button" $quiet onClick={() => onChange(AS_IT_IS)}>
            as it is
          </Button>
        ) : null}
      </SheetHead>
      <List>
        {FACTORS.map((f) => (
          <li key={f}>
            <label htmlFor={`dial-${f}`}>{FACTOR_WORDS[f].name}</label>
            <input
              type="range"
              aria-label={`${FACTOR_WORDS[f].name}, slider`}
              min={-50}
              max={50}
              step={1}
              value={Math.round(100 * at[f])}
              onChange={(e) => set(f, Number(e.target.value))}
            />
            <Percent id={`dial-${f}`} value={Math.round(100 * at[f])} onChange={(n) => set(f, n)} />
            <span aria-hidden>%</span>
          </li>
        ))}
      </List>
    </Sheet>
  );
}

/** A number as it is typed: while she types, an empty field or a sign alone stays as it is. */
function Percent({ id, value, onChange }: { id: string; value: number; onChange: (n: number) => void }) {
  const [typed, setTyped] = useState<string>();
  return (
    <Input
      id={id}
      type="number"
      min={100 * LEAST}
      max={100 * MOST}
      value={typed ?? String(value)}
      onChange={(e) => {
        setTyped(e.target.value);
        onChange(Number(e.target.value));
      }}
      onBlur={() => setTyped(undefined)}
      style={{ width: 76, textAlign: "right" }}
    />
  );
}

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: 120px minmax(0, 1fr) auto auto;
    gap: 10px;
    align-items: center;
  }
  input[type="range"] {
    width: 100%;
    min-height: 32px;
    accent-color: var(--act);
  }
`;
