import { useState } from "react";
import { useFetcher } from "react-router";
import { refusalOf } from "../../ui/away";
import { useWorkshopId } from "../../ui/form";

/** Something of the calendar that goes from one day to another. */
export interface Shift {
  readonly what: "due" | "market" | "day";
  /** Of the run or the market; "" for a day's own hours. */
  readonly id: string;
  readonly label: string;
  readonly from: string;
  readonly to: string;
}

/** Sends what is moved, keeps what was moved last for the way back, and why it was not taken. */
export function useShift(): {
  readonly shift: (s: Shift) => void;
  readonly last: Shift | undefined;
  readonly refusal: string | undefined;
  readonly undo: () => void;
} {
  const fetcher = useFetcher();
  const workshop = useWorkshopId();
  // With what was answered before it: until another answer is there, nothing is told of it.
  const [sent, setSent] = useState<{ readonly shift: Shift; readonly before: unknown }>();
  const shift = (s: Shift) => {
    if (s.from === s.to || fetcher.state !== "idle") return;
    setSent({ shift: s, before: fetcher.data });
    const { label: _label, ...fields } = s;
    void fetcher.submit({ intent: "shift", workshop, ...fields }, { method: "post" });
  };
  const last = fetcher.state === "idle" && sent && fetcher.data !== sent.before ? sent.shift : undefined;
  return {
    shift,
    last,
    refusal: refusalOf(fetcher.data),
    undo: () => last && shift({ ...last, from: last.to, to: last.from }),
  };
}
