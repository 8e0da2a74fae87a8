import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from "react";
import { Dialog, Heading, Popover } from "react-aria-components";
import styled from "styled-components";
import { wordHow, type Estimate, type Measure, type Reason } from "@core/estimate";
import { minorDigits, printLength, printTrimmed, type Mm, type Reading } from "@core/units";
import { printMeasure, useReading } from "./reading";

export interface Opened {
  readonly reason: Reason;
  readonly low?: number;
  readonly high?: number;
}
/** What a figure opens: the reason itself, or where to ask for it and under which name it comes. */
type Asked = Opened | { readonly url: string; readonly name: string };
const OpenContext = createContext<(what: Asked, from: HTMLElement) => void>(() => undefined);

/**
 * One popover for the whole page: a figure is a plain button, so a table of figures stays cheap to render.
 */
export function ReasonProvider({ children }: { children: ReactNode }) {
  const [opened, setOpened] = useState<Opened>();
  const trigger = useRef<HTMLElement | null>(null);
  const open = useCallback((what: Asked, from: HTMLElement) => {
    trigger.current = from;
    if ("reason" in what) return setOpened(what);
    from.setAttribute("aria-busy", "true");
    void fetch(what.url)
      .then((r) => (r.ok ? (r.json() as Promise<Record<string, Opened>>) : {}))
      .then((all) => setOpened((all as Record<string, Opened | undefined>)[what.name] ?? LOST))
      .catch(() => setOpened(LOST))
      .finally(() => from.removeAttribute("aria-busy"));
  }, []);
  return (
    <OpenContext.Provider value={open}>
      {children}
      <Popover
        triggerRef={trigger}
        isOpen={opened !== undefined}
        onOpenChange={(is) => !is && setOpened(undefined)}
        placement="bottom start"
      >
        <Box aria-label="How this figure is made">{opened ? <Explanation opened={opened} /> : null}</Box>
      </Popover>
    </OpenContext.Provider>
  );
}

const LOST: Opened = {
  reason: { label: "The arithmetic could not be loaded. Try again in a moment.", measure: "count", value: 0 },
};

/** A figure of a list: its reasons are asked for when it is opened. */
export function ListFigure({ url, name, children }: { url: string; name: string; children: ReactNode }) {
  const open = useContext(OpenContext);
  return (
    <button
      type="button"
      className="figure"
      aria-haspopup="dialog"
      onClick={(e) => open({ url, name }, e.currentTarget)}
    >
      {children}
    </button>
  );
}

function Explanation({ opened }: { opened: Opened }) {
  const r = useReading();
  const { reason } = opened;
  const low = opened.low ?? reason.low;
  const high = opened.high ?? reason.high;
  return (
    <>
      <Heading slot="title">{reason.label}</Heading>
      <Sum>
        {opened === LOST ? null : <strong>{printMeasure(reason.value, reason.measure, r)}</strong>}
        {low !== undefined && high !== undefined && high - low > 1e-9 ? (
          <span>
            90 of 100 times between {printMeasure(low, reason.measure, r)} and{" "}
            {printMeasure(high, reason.measure, r)}
          </span>
        ) : null}
      </Sum>
      <Lines reason={reason} depth={0} />
    </>
  );
}

function Lines({ reason, depth }: { reason: Reason; depth: number }) {
  const r = useReading();
  const print = (value: number, measure: Measure) =>
    measure === "mm" ? printMm(value, r) : printMeasure(value, measure, r);
  return (
    <>
      {depth === 0 && reason.how ? <How>{wordHow(reason.how, print)}</How> : null}
      {depth === 0 && reason.from ? <From>From: {reason.from}</From> : null}
      {reason.parts && reason.parts.length > 0 && depth < 6 ? (
        <ul>
          {reason.parts.map((p, i) => (
            <li key={`${p.label}-${i}`}>
              <Line>
                <span>{p.label}</span>
                <b>{printMeasure(p.value, p.measure, r)}</b>
              </Line>
              {p.how ? <How>{wordHow(p.how, print)}</How> : null}
              {p.from ? <From>From: {p.from}</From> : null}
              {p.low !== undefined && p.high !== undefined && p.high - p.low > 1e-9 ? (
                <From>
                  90 of 100 times between {printMeasure(p.low, p.measure, r)} and{" "}
                  {printMeasure(p.high, p.measure, r)}
                </From>
              ) : null}
              <Lines
                reason={{ label: p.label, measure: p.measure, value: p.value, parts: p.parts ?? [] }}
                depth={depth + 1}
              />
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}

/** Yarn of a stitch or a tail: millimetres to the tenth, centimetres from ten up, inches to the hundredth. */
function printMm(value: number, r: Reading): string {
  if (r.system === "imperial") return printLength(value as Mm, r, 2);
  return value >= 100 ? `${printTrimmed(value / 10, 1, r.locale)}\u00a0cm` : printLength(value as Mm, r, 1);
}

const Box = styled(Dialog)`
  max-width: min(430px, calc(100vw - 24px));
  max-height: min(560px, 80vh);
  overflow: auto;
  padding: 14px 16px;
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--edge);
  border-radius: 6px;
  box-shadow: var(--shadow);
  font-size: 14px;
  outline: none;
  [slot="title"] {
    font-size: 15px;
    margin-bottom: 4px;
  }
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0 0 0 12px;
    border-left: 2px solid var(--line);
    display: grid;
    gap: 6px;
  }
`;
const Sum = styled.p`
  display: grid;
  gap: 2px;
  strong {
    font-size: 20px;
    font-weight: 640;
  }
  span {
    color: var(--soft);
    font-size: 13px;
  }
`;
const Line = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 16px;
  b {
    font-weight: 560;
    white-space: nowrap;
  }
`;
const How = styled.p`
  font-size: 13px;
  color: var(--soft);
  font-variation-settings: "MONO" 1;
  overflow-wrap: anywhere;
`;
const From = styled.p`
  font-size: 13px;
  color: var(--soft);
`;

/** A figure that opens to the arithmetic behind it. */
export function Figure({
  estimate,
  measure,
  strong,
  times = 1,
}: {
  estimate: Estimate;
  measure?: Measure;
  strong?: boolean;
  times?: number;
}) {
  const r = useReading();
  const open = useContext(OpenContext);
  const unit = measure ?? estimate.reason.measure;
  const label = useMemo(() => printMeasure(estimate.value * times, unit, r), [estimate, times, unit, r]);
  return (
    <button
      type="button"
      className={strong ? "figure strong" : "figure"}
      aria-haspopup="dialog"
      onClick={(e) =>
        open({ reason: estimate.reason, low: estimate.low, high: estimate.high }, e.currentTarget)
      }
    >
      {label}
    </button>
  );
}

/**
 * An end of a range, no finer than its upper end deserves: long work in tenths of hours, large sums without
 * cents.
 */
function printEnd(value: number, high: number, measure: Measure, r: Reading): string {
  if (measure === "seconds" && high >= 3 * 3600) return `${printTrimmed(value / 3600, 1, r.locale)}\u00a0h`;
  if (measure === "minor" && high >= 100 * 10 ** minorDigits(r.currency))
    return new Intl.NumberFormat(r.locale, {
      style: "currency",
      currency: r.currency,
      maximumFractionDigits: 0,
    }).format(value / 10 ** minorDigits(r.currency));
  return printMeasure(value, measure, r);
}

/** The ends of a 90 % range in small print beside its figure; nothing when it is known exactly. */
export function Range({
  low,
  high,
  measure,
  times = 1,
}: {
  low: number | undefined;
  high: number | undefined;
  measure: Measure;
  times?: number;
}) {
  const r = useReading();
  if (low === undefined || high === undefined || high - low <= 1e-9) return null;
  // Below what is printed there is no range to speak of.
  const print = (v: number) => printEnd(v * times, high * times, measure, r);
  const [from, to] = [print(low), print(high)];
  // "17.2 to 19.1 g": a unit that both share is said once; not that of "75 min to 2 h 48 min".
  const unit = /[\u00a0 ]\D+$/.exec(to)?.[0] ?? "";
  const mixed = (end: string) => /\d[\u00a0 ]?\D+\d/.test(end.replace(/[.,]/g, ""));
  const bare =
    unit !== "" && from.endsWith(unit) && !mixed(from) && !mixed(to) ? from.slice(0, -unit.length) : from;
  return from === to ? null : (
    <span className="range" title="90 of 100 times it lies between these">
      {bare} to {to}
    </span>
  );
}

/** A figure with its range beside it. */
export function RangedFigure({ estimate, strong = false }: { estimate: Estimate; strong?: boolean }) {
  return (
    <>
      <Figure estimate={estimate} strong={strong} />{" "}
      <Range low={estimate.low} high={estimate.high} measure={estimate.reason.measure} />
    </>
  );
}

/** A figure whose reason is already a tree and that has no range. */
export function ReasonFigure({
  reason,
  children,
  strong,
}: {
  reason: Reason;
  children?: ReactNode;
  strong?: boolean;
}) {
  const r = useReading();
  const open = useContext(OpenContext);
  return (
    <button
      type="button"
      className={strong ? "figure strong" : "figure"}
      aria-haspopup="dialog"
      onClick={(e) => open({ reason }, e.currentTarget)}
    >
      {children ?? printMeasure(reason.value, reason.measure, r)}
    </button>
  );
}
