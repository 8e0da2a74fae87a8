import { Flag, Gift, Store, Truck } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import { printTrimmed, type Reading } from "@core/units";
import { printDay, printShortDay, printWeekday } from "../../ui/days";
import { useReading } from "../../ui/reading";
import { Movable, useDay } from "./movable";
import type { Shift } from "./use-shift";
import type { BookedHere, DayCell, Mark } from "./weeks";

const ICONS = { due: Flag, market: Store, promised: Gift, delivery: Truck } as const;
const KINDS: Readonly<Record<Mark["kind"], string>> = {
  due: "due",
  market: "market",
  promised: "promised",
  delivery: "delivery",
};

/** Weeks as a tape: each day with its hours, the runs that take them and what stands on it. */
export function WeekTape({
  weeks,
  hands,
  chosen,
  hrefOf,
  onShift,
}: {
  weeks: readonly (readonly DayCell[])[];
  /** Those who work beside the maker; each has a lane of her own in every day that she works on. */
  hands: readonly { readonly id: string; readonly name: string }[];
  chosen: string | undefined;
  hrefOf: (day: string) => string;
  onShift: (s: Shift) => void;
}) {
  const r = useReading();
  const names = (weeks[0] ?? []).map((c) => printWeekday(c.on, r.locale));
  return (
    <Tape role="table" aria-label="Weeks">
      <div role="row" className="names">
        {names.map((n) => (
          <span role="columnheader" key={n}>
            {n}
          </span>
        ))}
      </div>
      {weeks.map((week) => (
        <div role="row" key={week[0]?.on} className="week">
          {week.map((c) => (
            <Day
              key={c.on}
              cell={c}
              hands={hands}
              chosen={chosen === c.on}
              href={hrefOf(c.on)}
              onShift={onShift}
            />
          ))}
        </div>
      ))}
    </Tape>
  );
}

/** A day: its hours, who takes them, and what stands on it. What can be put on another day is dragged there. */
function Day({
  cell: c,
  hands,
  chosen,
  href,
  onShift,
}: {
  cell: DayCell;
  hands: readonly { readonly id: string; readonly name: string }[];
  chosen: boolean;
  href: string;
  onShift: (s: Shift) => void;
}) {
  const r = useReading();
  const hours = (n: number) => hoursText(n, r);
  const { ref, dropProps, isDropTarget } = useDay(c.on, onShift);
  const own = c.booked.filter((b) => b.hand === "");
  const taken = own.reduce((s, b) => s + b.hours, 0);
  const told = c.marks.some((m) => m.kind === "market") ? "stall" : c.changed ? "off" : "";
  return (
    <Cell
      {...dropProps}
      ref={ref}
      role="cell"
      tabIndex={-1}
      aria-label={isDropTarget ? printDay(c.on, r.locale, true) : undefined}
      data-past={c.past || undefined}
      data-today={c.today || undefined}
      data-off={c.hours === 0 || undefined}
      data-target={isDropTarget || undefined}
    >
      <Link to={href} preventScrollReset aria-current={chosen ? "true" : undefined}>
        <span className="sr">
          {printDay(c.on, r.locale, true)}:{" "}
          {c.hours === 0 ? `no hours ${c.note}` : `${hours(taken)} of ${hours(c.hours)} taken`}
        </span>
        <b aria-hidden>
          {c.on.endsWith("-01") || c.today ? printShortDay(c.on, r.locale) : Number(c.on.slice(8))}
        </b>
        <small aria-hidden>
          {c.past
            ? ""
            : c.hours === 0
              ? c.ownHours
                ? ""
                : told
              : `${hours(c.hours)}${c.changed ? "*" : ""}`}
        </small>
      </Link>
      {c.ownHours && !c.past ? (
        <Movable dragged={{ what: "day", id: "", from: c.on, label: ownHoursText(c, hours) }}>
          <small className="own">{ownHoursText(c, hours)}</small>
        </Movable>
      ) : null}
      <Bands booked={own} />
      {hands.map((h) => {
        const hers = c.booked.filter((b) => b.hand === h.id);
        return hers.length === 0 ? null : (
          <Lane key={h.id} role="group" aria-label={h.name}>
            <small>{h.name}</small>
            <Bands booked={hers} />
          </Lane>
        );
      })}
      {c.marks.map((m) => (
        <MarkHere key={`${m.kind}${m.label}`} mark={m} on={c.on} />
      ))}
    </Cell>
  );
}

/** "ferry", "day off", "2 h": hours of a day of its own, as they are picked up. */
const ownHoursText = (c: DayCell, hours: (n: number) => string): string =>
  c.note || (c.hours === 0 ? "day off" : hours(c.hours));

function MarkHere({ mark: m, on }: { mark: Mark; on: string }) {
  const Icon = ICONS[m.kind];
  const link = (
    <Link to={m.to} className="mark" data-late={m.late || undefined} draggable={false}>
      <Icon size={13} aria-hidden />
      <span className="sr">{KINDS[m.kind]}: </span>
      <span className="what">{m.label}</span>
    </Link>
  );
  if (!m.moves || (m.kind !== "due" && m.kind !== "market")) return link;
  return <Movable dragged={{ what: m.kind, id: m.id, from: on, label: m.label }}>{link}</Movable>;
}

/** A tenth of an hour is fine enough for a day; what is less stands in minutes, and not as nothing. */
const hoursText = (n: number, r: Reading): string =>
  n > 0 && n < 0.1 ? `${Math.max(1, Math.round(n * 60))} min` : `${printTrimmed(n, 1, r.locale)} h`;

function Bands({ booked }: { booked: readonly BookedHere[] }) {
  const r = useReading();
  const hours = (n: number) => hoursText(n, r);
  return booked.map((b) => (
    <Movable
      key={b.id}
      gripped={b.lead === 0}
      dragged={{
        what: "begin",
        id: b.id,
        from: b.startOn,
        label: `Work of ${b.letter} ${b.name}`,
        lead: b.lead,
      }}
    >
      <Band data-run={b.letter} title={`${b.letter} ${b.name}: ${hours(b.hours)}`}>
        <b>{b.letter}</b> <span>{hours(b.hours)}</span>
      </Band>
    </Movable>
  ));
}

const Tape = styled.div`
  .names,
  .week {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
  }
  .names {
    color: var(--soft);
    font-size: 13px;
    padding-bottom: 4px;
    span {
      padding-left: 7px;
    }
  }
  .week {
    border-top: 1px solid var(--line);
    background: repeating-linear-gradient(90deg, var(--edge) 0 1px, transparent 1px calc(100% / 28)) top /
      100% 5px no-repeat;
  }
`;
const Cell = styled.div`
  min-height: 84px;
  padding: 8px 4px 6px;
  border-left: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
  &:last-child {
    border-right: 1px solid var(--line);
  }
  &[data-past] {
    opacity: 0.62;
  }
  &[data-off] {
    background: color-mix(in srgb, var(--line) 30%, transparent);
  }
  &[data-target] {
    outline: 3px solid var(--focus);
    outline-offset: -3px;
  }
  .own {
    font-size: 12px;
    color: var(--soft);
    padding: 0 4px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  &[data-today] {
    box-shadow: inset 0 3px 0 var(--act);
  }
  & > a:first-child {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 4px;
    min-height: 24px;
    padding: 0 4px;
    color: var(--ink);
    text-decoration: none;
    border-radius: 3px;
    &:hover b {
      text-decoration: underline;
    }
    &[aria-current] {
      background: var(--act);
      color: var(--act-ink);
      small {
        color: inherit;
      }
    }
    small {
      color: var(--soft);
      font-size: 12px;
      overflow-wrap: anywhere;
    }
  }
  .mark {
    display: flex;
    gap: 3px;
    align-items: center;
    min-height: 24px;
    font-size: 12px;
    color: var(--ink);
    padding: 0 3px;
    &[data-late] {
      color: var(--bad);
    }
    svg {
      flex: none;
    }
    .what {
      display: -webkit-box;
      -webkit-box-orient: vertical;
      -webkit-line-clamp: 2;
      overflow: hidden;
      overflow-wrap: break-word;
      line-height: 1.25;
    }
  }
  @media (max-width: 720px) {
    padding: 6px 1px;
    .mark .what {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }
`;
/** Another hand's hours of a day. */
const Lane = styled.div`
  display: grid;
  gap: 2px;
  margin-left: 8px;
  padding-left: 3px;
  border-left: 1px dashed var(--edge);
  small {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.2;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media (max-width: 720px) {
    margin-left: 0;
  }
`;
/** A run's hours of a day. Letter and place tell runs apart; the tone only helps. */
const Band = styled.span`
  display: flex;
  justify-content: space-between;
  gap: 4px;
  padding: 1px 5px;
  font-size: 12px;
  line-height: 1.35;
  border-left: 4px solid var(--act);
  background: color-mix(in srgb, var(--act) 16%, transparent);
  overflow: hidden;
  white-space: nowrap;
  &[data-run="B"] {
    border-color: var(--warn);
    background: color-mix(in srgb, var(--warn) 16%, transparent);
  }
  &[data-run="C"] {
    border-color: var(--good);
    background: color-mix(in srgb, var(--good) 16%, transparent);
  }
  &[data-run="D"] {
    border-color: var(--bad);
    background: color-mix(in srgb, var(--bad) 12%, transparent);
  }
  @media (max-width: 720px) {
    padding: 1px 2px;
    border-left-width: 3px;
    span {
      display: none;
    }
  }
`;
