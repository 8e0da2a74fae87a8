import { useEffect, useState } from "react";
import styled from "styled-components";
import { HELPS, type BenchStep } from "@core/planning";

/** What helps at this step; each line can be silenced for whose hands they are, a warning too. */
export function Advice({ step, handId }: { step: BenchStep; handId: string | null }) {
  const name = `lapka-bench-silent-${handId ?? ""}`;
  const [silent, setSilent] = useState<readonly string[]>([]);
  useEffect(() => {
    try {
      // eslint-disable-next-line react-hooks/set-state-in-effect
      setSilent(JSON.parse(localStorage.getItem(name) ?? "[]") as string[]);
    } catch {
      setSilent([]);
    }
  }, [name]);
  const said = step.helps.filter((h) => !silent.includes(h));
  if (said.length === 0) return null;
  return (
    <AdviceList>
      {said.map((h) => (
        <li key={h} data-final={HELPS[h].final || undefined}>
          <span>{HELPS[h].text}</span>
          <button
            type="button"
            aria-label={`Do not tell this again: ${HELPS[h].text}`}
            onClick={() => {
              const more = [...silent, h];
              setSilent(more);
              try {
                localStorage.setItem(name, JSON.stringify(more));
              } catch {
                // Told again after a reload; nothing else is lost.
              }
            }}
          >
            got it
          </button>
        </li>
      ))}
    </AdviceList>
  );
}

const AdviceList = styled.ul`
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
  display: grid;
  gap: 6px;
  font-size: 17px;
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    padding-left: 12px;
    border-left: 5px solid var(--tape);
  }
  li[data-final] {
    border-left-color: var(--warn);
    background: var(--warn-ground);
    font-weight: 560;
  }
  button {
    min-height: 48px;
    min-width: 60px;
    border: 0;
    background: none;
    color: var(--act);
    font: inherit;
    font-size: 15px;
    text-decoration: underline;
  }
`;
