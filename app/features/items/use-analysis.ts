import { wrap, type Remote } from "comlink";
import { useEffect, useMemo, useRef, useState } from "react";
import type { AnalyseApi } from "../../workers/analyse.worker";
import type { Around, ItemAnalysis, ItemDraft } from "./analyse";

const WAIT_MS = 60;

/**
 * The figures of what is typed, from a worker: the last answer stands until the next one comes. The
 * count itself does not wait for it. `initial` is what the server made of the saved item.
 */
export function useAnalysis(draft: ItemDraft, around: Around, initial: ItemAnalysis): { analysis: ItemAnalysis; pending: boolean } {
  const key = useMemo(() => JSON.stringify([draft, around.price, around.fees, around.money]), [draft, around.price, around.fees, around.money]);
  const [firstKey] = useState(key);
  const [got, setGot] = useState<{ key: string; analysis: ItemAnalysis }>({ key: firstKey, analysis: initial });
  const worker = useRef<{ remote: Remote<AnalyseApi>; stop: () => void } | null>(null);
  useEffect(() => () => worker.current?.stop(), []);
  const input = useRef({ draft, around });
  useEffect(() => {
    input.current = { draft, around };
  });
  const done = got.key === key;
  useEffect(() => {
    if (done) return;
    let stale = false;
    const timer = setTimeout(() => {
      if (!worker.current) {
        const w = new Worker(new URL("../../workers/analyse.worker.ts", import.meta.url), { type: "module" });
        worker.current = { remote: wrap<AnalyseApi>(w), stop: () => w.terminate() };
      }
      void worker.current.remote.analyse(input.current.draft, input.current.around).then((analysis) => {
        if (!stale) setGot({ key, analysis });
      });
    }, WAIT_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [key, done]);
  return { analysis: got.analysis, pending: !done };
}
