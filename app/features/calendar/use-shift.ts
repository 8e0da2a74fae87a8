import { useState } from "react";
import { useFetcher } from "react-router";
import { refusalOf } from "../../ui/away";
import { useWorkshopId } from "../../ui/form";

/** Something of the calendar that goes from one day to another. */
export interface Shift {
  readonly what: "due" | "begin" | "market" | "day";
  /** Of the run or the market; "" for a day's own hours. */
  readonly id: string;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** What is picked up lies so many days behind what moves: a run is dragged by any of its days. */
  readonly lead?: number;
}

/** Sends what is moved, keeps what was moved last for the way back, and why it was not taken. */
export function useShift(): {
  readonly shift: (s: Shift) => void;
  readonly last: Shift | undefined;
  /** A run that was put where it may begin already: other runs have the hours. */
  readonly still: Shift | undefined;
  readonly refusal: string | undefined;
  readonly undo: () => void;
} {
  const fetcher = useFetcher();
  const workshop = useWorkshopId();
  // With what was answered before it: until another answer is there, nothing is told of it.
  const [sent, setSent] = useState<{ readonly shift: Shift; readonly before: unknown }>();
  const [still, setStill] = useState<Shift>();
  const shift = (s: Shift) => {
    if (fetcher.state !== "idle") return;
    const unmoved = s.from === s.to;
    setStill(unmoved && s.what === "begin" && s.lead !== undefined ? s : undefined);
    if (unmoved) return;
    setSent({ shift: s, before: fetcher.data });
    const { label: _label, lead: _lead, ...fields } = s;
    void fetcher.submit({ intent: "shift", workshop, ...fields }, { method: "post" });
  };
  const last = fetcher.state === "idle" && sent && fetcher.data !== sent.before ? sent.shift : undefined;
  return {
    shift,
    last: still ? undefined : last,
    still,
    refusal: refusalOf(fetcher.data),
    undo: () => last && shift({ ...last, from: last.to, to: last.from }),
  };
}

const DAY_MS = 86_400_000;
/**
 * Where a thing goes that was picked up by one of its days and put down on another. Days of the calendar in UTC, which
 * has no clock changes: the package for dates would be the only thing that this page loads it for.
 */
export const landed = (dragged: Omit<Shift, "to">, on: string): Shift => ({
  ...dragged,
  to: new Date(Date.parse(`${on}T00:00:00Z`) - (dragged.lead ?? 0) * DAY_MS).toISOString().slice(0, 10),
});
