import { wrap } from "comlink";
import { useEffect, useMemo, useState } from "react";
import type { Outlook } from "@core/planning";
import type { OutlookApi } from "../../workers/outlook.worker";
import { calendarFrom, pulled, type Lever, type SentCalendar } from "./outlook";

export interface Pulled {
  readonly lever: Lever;
  readonly chance: number;
}
export interface Drawn {
  readonly outlook: Outlook | undefined;
  /** Levers that are reckoned already, in the order in which they were. */
  readonly pulled: readonly Pulled[];
  readonly done: boolean;
}
const NOTHING: Drawn = { outlook: undefined, pulled: [], done: false };

/** The outlook of a run and what each lever would make of it, from a worker, as they come. */
export function useOutlook(run: string, calendar: SentCalendar, levers: readonly Lever[]): Drawn {
  const key = useMemo(() => JSON.stringify([run, calendar, levers]), [run, calendar, levers]);
  const [got, setGot] = useState<{ key: string; drawn: Drawn }>({ key: "", drawn: NOTHING });
  useEffect(() => {
    let stale = false;
    const w = new Worker(new URL("../../workers/outlook.worker.ts", import.meta.url), { type: "module" });
    const remote = wrap<OutlookApi>(w);
    const [id, sent, all] = JSON.parse(key) as [string, SentCalendar, Lever[]];
    const own = calendarFrom(sent);
    const draw = async () => {
      let drawn: Drawn = { ...NOTHING, outlook: await remote.outlook(id, own) };
      for (const lever of all) {
        if (stale) return;
        setGot({ key, drawn });
        const chance = await remote.chance(id, pulled(own, id, lever));
        drawn = { ...drawn, pulled: [...drawn.pulled, { lever, chance }] };
      }
      if (!stale) setGot({ key, drawn: { ...drawn, done: true } });
    };
    // A worker that cannot be had costs the drawing alone: the page says its chance without it.
    draw().catch(() => undefined);
    return () => {
      stale = true;
      w.terminate();
    };
  }, [key]);
  return got.key === key ? got.drawn : NOTHING;
}
