import { parseDate, type CalendarDate } from "@internationalized/date";
import { CalendarDays, ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import {
  Button as AriaButton,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  Group,
  Heading,
  Popover,
} from "react-aria-components";
import styled from "styled-components";
import type { DayProps } from "./day-input";

/** A day as it is kept, or nothing where the text is none. */
function dayFrom(text: string | undefined): CalendarDate | null {
  try {
    return text ? parseDate(text) : null;
  } catch {
    return null;
  }
}

/**
 * A day, written in the order of the workshop's locale or chosen from a calendar. What a form sends is an
 * input of its own that holds the day as YYYY-MM-DD: drafts and checks read and write it as any other.
 */
export default function DayPicker({ bind, defaultValue, max, required }: DayProps) {
  const [day, setDay] = useState(() => dayFrom(defaultValue));
  const kept = useRef<HTMLInputElement>(null);
  const group = useRef<HTMLDivElement>(null);
  // What was written into it before this stood: a draft that came back, or a hasty hand.
  useEffect(() => setDay(dayFrom(kept.current?.value)), []);
  const say = (next: CalendarDate | null) => {
    setDay(next);
    const input = kept.current;
    if (!input) return;
    input.value = next?.toString() ?? "";
    input.dispatchEvent(new Event("input", { bubbles: true }));
  };
  return (
    <Wrap>
      <input
        ref={kept}
        id={bind.id}
        name={bind.name}
        defaultValue={defaultValue ?? ""}
        required={required}
        className="sr"
        tabIndex={-1}
        aria-hidden
        autoComplete="off"
        onInput={(e) => setDay(dayFrom(e.currentTarget.value))}
        onFocus={() => group.current?.querySelector<HTMLElement>('[role="spinbutton"]')?.focus()}
      />
      <DatePicker
        aria-labelledby={`${bind.id}-label`}
        aria-describedby={bind["aria-describedby"]}
        isInvalid={bind["aria-invalid"] === true}
        value={day}
        onChange={say}
        maxValue={dayFrom(max)}
        shouldForceLeadingZeros
        onBlur={() => kept.current?.dispatchEvent(new FocusEvent("focusout", { bubbles: true }))}
      >
        <Box ref={group}>
          <Segments>{(segment) => <DateSegment segment={segment} />}</Segments>
          <AriaButton>
            <CalendarDays size={17} aria-hidden />
          </AriaButton>
        </Box>
        <Popover>
          <Sheet>
            <Calendar>
              <header>
                <AriaButton slot="previous">
                  <ChevronLeft size={18} aria-hidden />
                </AriaButton>
                <Heading />
                <AriaButton slot="next">
                  <ChevronRight size={18} aria-hidden />
                </AriaButton>
              </header>
              <CalendarGrid>
                <CalendarGridHeader>{(d) => <CalendarHeaderCell>{d}</CalendarHeaderCell>}</CalendarGridHeader>
                <CalendarGridBody>{(d) => <CalendarCell date={d} />}</CalendarGridBody>
              </CalendarGrid>
            </Calendar>
          </Sheet>
        </Popover>
      </DatePicker>
    </Wrap>
  );
}

const Wrap = styled.div`
  position: relative;
  min-width: 0;
`;
const Box = styled(Group)`
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 36px;
  padding-left: 8px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--ground);
  color: var(--ink);
  &[data-invalid] {
    border-color: var(--bad);
    box-shadow: inset 3px 0 0 var(--bad);
  }
  &[data-focus-within] {
    outline: 3px solid var(--focus);
    outline-offset: 1px;
  }
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 34px;
    align-self: stretch;
    border: 0;
    border-left: 1px solid var(--line);
    background: none;
    color: inherit;
    cursor: pointer;
  }
  @media (pointer: coarse) {
    min-height: 48px;
    button {
      width: 48px;
    }
  }
`;
const Segments = styled(DateInput)`
  display: flex;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
  .react-aria-DateSegment {
    padding: 2px 2px;
    border-radius: 2px;
    outline: none;
    &[data-placeholder] {
      color: var(--soft);
    }
    &[data-focused] {
      background: var(--act);
      color: var(--act-ink);
    }
  }
`;
const Sheet = styled(Dialog)`
  padding: 12px;
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--edge);
  border-radius: 6px;
  outline: none;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 6px;
  }
  h2 {
    font-size: 15px;
    margin: 0;
  }
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 40px;
    height: 40px;
    border: 0;
    border-radius: 4px;
    background: none;
    color: inherit;
    cursor: pointer;
    &[data-focus-visible] {
      outline: 3px solid var(--focus);
    }
  }
  th {
    color: var(--soft);
    font-size: 13px;
    font-weight: 560;
  }
  .react-aria-CalendarCell {
    display: flex;
    align-items: center;
    justify-content: center;
    width: 40px;
    height: 40px;
    border-radius: 4px;
    cursor: pointer;
    outline: none;
    font-variant-numeric: tabular-nums;
    &[data-hovered] {
      background: var(--ground);
    }
    &[data-focus-visible] {
      outline: 3px solid var(--focus);
    }
    &[data-selected] {
      background: var(--act);
      color: var(--act-ink);
    }
    &[data-disabled],
    &[data-outside-month] {
      color: var(--soft);
      cursor: default;
      opacity: 0.6;
    }
  }
`;
