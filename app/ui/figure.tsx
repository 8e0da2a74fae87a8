import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from "react";
import { Dialog, Heading, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Estimate, Measure, Reason } from "@core/estimate";
import { printMeasure, useReading } from "./reading";

interface Opened {
  readonly reason: Reason;
  readonly low?: number;
  readonly high?: number;
}
const OpenContext = createContext<(what: Opened, from: HTMLElement) => void>(() => undefined);

/** One popover for the whole page: a figure is a plain button, so a table of figures stays cheap to render. */
export function ReasonProvider({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<Opened>();
  const trigger = useRef<HTMLElement | null>(null);
  const open = useCallback((what: Opened, from: HTMLElement) => {
    trigger.current = from;
    setOpened(what);
  }, []);
  return (
    <OpenContext.Provider value={open}>
      {children}
      <Popover triggerRef={trigger} isOpen={opened !== undefined} onOpenChange={(is) => !is && setOpened(undefined)} placement="bottom start">
        <Box aria-label="How this figure is made">{opened ? <Explanation opened={opened} /> : null}</Box>
      </Popover>
    </OpenContext.Provider>
  );
}

function Explanation({ opened }: { opened: Opened }) {
  const r = useReading();
  const { reason, low, high } = opened;
  return (
    <>
      <Heading slot="title">{reason.label}</Heading>
      <Sum>
        <strong>{printMeasure(reason.value, reason.measure, r)}</strong>
        {low !== undefined && high !== undefined && high - low > 1e-9 ? (
          <span>
            90 of 100 times between {printMeasure(low, reason.measure, r)} and {printMeasure(high, reason.measure, r)}
          </span>
        ) : null}
      </Sum>
      <Lines reason={reason} depth={0} />
    </>
  );
}

function Lines({ reason, depth }: { reason: Reason; depth: number }) {
  const r = useReading();
  return (
    <>
      {depth === 0 && reason.how ? <How>{reason.how}</How> : null}
      {depth === 0 && reason.from ? <From>From: {reason.from}</From> : null}
      {reason.parts && reason.parts.length > 0 && depth < 6 ? (
        <ul>
          {reason.parts.map((p, i) => (
            <li key={`${p.label}-${i}`}>
              <Line>
                <span>{p.label}</span>
                <b>{printMeasure(p.value, p.measure, r)}</b>
              </Line>
              {p.how ? <How>{p.how}</How> : null}
              {p.from ? <From>From: {p.from}</From> : null}
              <Lines reason={{ ...p, how: undefined, from: undefined }} depth={depth + 1} />
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}

const Box = styled(Dialog)`
  max-width: min(430px, calc(100vw - 24px)); max-height: min(560px, 80vh); overflow: auto; padding: 14px 16px; background: var(--sheet); color: var(--ink);
  border: 1px solid var(--edge); border-radius: 6px; box-shadow: var(--shadow); font-size: 14px; outline: none;
  [slot="title"] { font-size: 15px; margin-bottom: 4px; }
  ul { list-style: none; margin: 6px 0 0; padding: 0 0 0 12px; border-left: 2px solid var(--line); display: grid; gap: 6px; }
`;
const Sum = styled.p`display: grid; gap: 2px; strong { font-size: 20px; font-weight: 640; } span { color: var(--soft); font-size: 13px; }`;
const Line = styled.div`display: flex; justify-content: space-between; gap: 16px; b { font-weight: 560; white-space: nowrap; }`;
const How = styled.p`font-size: 13px; color: var(--soft); font-variation-settings: "MONO" 1; overflow-wrap: anywhere;`;
const From = styled.p`font-size: 13px; color: var(--soft);`;

export const FigureButton = styled.button<{ $strong?: boolean }>`
  appearance: none; border: 0; background: none; padding: 1px 2px; margin: -1px -2px; font: inherit; font-weight: ${(p) => (p.$strong ? 640 : "inherit")}; color: inherit; cursor: pointer; text-align: inherit; white-space: nowrap;
  text-decoration: underline dotted var(--edge) 1px; text-underline-offset: 3px; border-radius: 2px; min-height: 24px;
  &:hover { text-decoration-color: var(--ink); text-decoration-style: solid; }
`;

/** A figure that opens to the arithmetic behind it. */
export function Figure({ estimate, measure, strong, times = 1 }: { estimate: Estimate; measure?: Measure; strong?: boolean; times?: number }) {
  const r = useReading();
  const open = useContext(OpenContext);
  const unit = measure ?? estimate.reason.measure;
  const label = useMemo(() => printMeasure(estimate.value * times, unit, r), [estimate, times, unit, r]);
  return (
    <FigureButton type="button" $strong={strong ?? false} aria-haspopup="dialog" onClick={(e) => open({ reason: estimate.reason, low: estimate.low, high: estimate.high }, e.currentTarget)}>
      {label}
    </FigureButton>
  );
}

/** A figure whose reason is already a tree and that has no range. */
export function ReasonFigure({ reason, children, strong }: { reason: Reason; children?: ReactNode; strong?: boolean }) {
  const r = useReading();
  const open = useContext(OpenContext);
  return (
    <FigureButton type="button" $strong={strong ?? false} aria-haspopup="dialog" onClick={(e) => open({ reason }, e.currentTarget)}>
      {children ?? printMeasure(reason.value, reason.measure, r)}
    </FigureButton>
  );
}
