import { proxy, wrap, type Remote } from "comlink";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { CuttingApi } from "../../workers/cutting.worker";
import type { CuttingLine, CuttingOptions, Shade, ShadePlan } from "./cutting";

/**
 * The plan from a worker, planned anew when the options or a pin change. The last plan stands until the next
 * one comes, or when it is cancelled.
 */
export function useCutting(
  lines: readonly CuttingLine[],
  shades: readonly Shade[],
  options: CuttingOptions,
  pins: ReadonlyMap<string, string>,
): {
  plans: readonly ShadePlan[] | undefined;
  share: number | undefined;
  /** The planning broke off: nothing is under way, and what there was stands. */
  failed: boolean;
  cancel: () => void;
} {
  const key = useMemo(
    () => JSON.stringify([options, [...pins], shades.map((s) => s.balls.map((b) => [b.id, b.mg]))]),
    [options, pins, shades],
  );
  const [got, setGot] = useState<{ key: string; plans: readonly ShadePlan[] }>();
  const [share, setShare] = useState<number>();
  const [cancelled, setCancelled] = useState<string>();
  const [failedAt, setFailedAt] = useState<string>();
  const worker = useRef<{ remote: Remote<CuttingApi>; stop: () => void }>(undefined);
  const end = () => {
    worker.current?.stop();
    worker.current = undefined;
  };
  useEffect(() => end, []);
  const input = useRef({ lines, shades, options, pins });
  useEffect(() => {
    input.current = { lines, shades, options, pins };
  });
  const done = got?.key === key || cancelled === key || failedAt === key;
  useEffect(() => {
    if (done) return;
    let stale = false;
    const timer = setTimeout(() => {
      end();
      const w = new Worker(new URL("../../workers/cutting.worker.ts", import.meta.url), { type: "module" });
      worker.current = { remote: wrap<CuttingApi>(w), stop: () => w.terminate() };
      const fail = () => {
        if (stale) return;
        end();
        setShare(undefined);
        setFailedAt(key);
      };
      // A worker that ends answers nothing: without this "planning" would stand there for ever.
      w.addEventListener("error", fail);
      w.addEventListener("messageerror", fail);
      setShare(0);
      const i = input.current;
      void worker.current.remote
        .plan(
          i.lines,
          i.shades,
          i.options,
          [...i.pins],
          proxy((s: number) => {
            if (!stale) setShare(s);
          }),
        )
        .then((plans) => {
          if (stale) return;
          setGot({ key, plans });
          setShare(undefined);
        })
        .catch(fail);
    }, 30);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [key, done]);
  const cancel = useCallback(() => {
    end();
    setShare(undefined);
    setCancelled(key);
  }, [key]);
  return { plans: got?.plans, share: done ? undefined : share, failed: failedAt === key, cancel };
}
