import { wrap, type Remote } from "comlink";
import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import type { AnalyseApi } from "../../workers/analyse.worker";
import type { Compared } from "@core/estimate";
import type { CheckedPattern } from "@core/notation";
import type { SizeWay } from "./sizes";
import type { Around, ItemAnalysis, ItemDraft, YarnPair } from "@core/item";

const WAIT_MS = 60;
/** A text that takes longer than this in the worker is not worth waiting for. */
const MOST_MS = 8000;

/**
 * The figures of what is typed, from a worker: the last answer stands until the next one comes. The
 * count itself does not wait for it. `initial` is what the server made of the saved item.
 */
export function useAnalysis(
  draft: ItemDraft,
  /** The text as the page has read it; undefined when that failed. */
  checked: CheckedPattern | undefined,
  around: Around,
  initial: ItemAnalysis,
): { analysis: ItemAnalysis; pending: boolean; lost: boolean } {
  const key = useMemo(
    () => JSON.stringify([draft, around.price, around.selling, around.money]),
    [draft, around.price, around.selling, around.money],
  );
  const [firstKey] = useState(key);
  const [got, setGot] = useState<{ key: string; analysis: ItemAnalysis; lost?: boolean }>({
    key: firstKey,
    analysis: initial,
  });
  const worker = useRef<{ remote: Remote<AnalyseApi>; stop: () => void } | null>(null);
  useEffect(() => () => worker.current?.stop(), []);
  const input = useRef({ draft, checked, around });
  useEffect(() => {
    input.current = { draft, checked, around };
  });
  const done = got.key === key;
  useEffect(() => {
    if (done) return;
    let stale = false;
    let late: ReturnType<typeof setTimeout> | undefined;
    // A text that the worker cannot reckon costs the worker: the figures before it stay, and are said to.
    const lose = () => {
      worker.current?.stop();
      worker.current = null;
      if (!stale) setGot((g) => ({ key, analysis: g.analysis, lost: true }));
    };
    const timer = setTimeout(() => {
      worker.current ??= startWorker();
      late = setTimeout(lose, MOST_MS);
      const { draft: d, around: a, checked: read } = input.current;
      worker.current.remote.analyse(d, a, read).then(
        (figures) => {
          const analysis = { ...figures, checked: figures.checked ?? read };
          if (!isWhole(analysis)) return lose();
          clearTimeout(late);
          // Drawn when there is time: the next key comes first.
          if (!stale) startTransition(() => setGot({ key, analysis }));
        },
        () => {
          clearTimeout(late);
          lose();
        },
      );
    }, WAIT_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [key, done]);
  return { analysis: got.analysis, pending: !done, lost: got.lost === true };
}

const isWhole = (
  a: Omit<ItemAnalysis, "checked"> & { checked: CheckedPattern | undefined },
): a is ItemAnalysis => a.checked !== undefined;

function startWorker(): { remote: Remote<AnalyseApi>; stop: () => void } {
  const w = new Worker(new URL("../../workers/analyse.worker.ts", import.meta.url), { type: "module" });
  return { remote: wrap<AnalyseApi>(w), stop: () => w.terminate() };
}

/**
 * What a worker of its own answers to `ask`, for as long as whoever asks is on the page; asked anew when `key` changes,
 * never while it is undefined. The answer before stands until the next one comes; none where there is none to give.
 */
function useAsked<T>(
  key: string | undefined,
  ask: (remote: Remote<AnalyseApi>) => Promise<T>,
): { answer: T | undefined; pending: boolean } {
  const [got, setGot] = useState<{ key: string | undefined; answer: T | undefined }>({
    key: undefined,
    answer: undefined,
  });
  const worker = useRef<{ remote: Remote<AnalyseApi>; stop: () => void } | null>(null);
  useEffect(
    () => () => {
      worker.current?.stop();
      worker.current = null;
    },
    [],
  );
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    if (key === undefined) return;
    let stale = false;
    const timer = setTimeout(() => {
      worker.current ??= startWorker();
      const keep = (answer: T | undefined) => {
        if (!stale) startTransition(() => setGot({ key, answer }));
      };
      latest.current(worker.current.remote).then(keep, () => keep(undefined));
    }, WAIT_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [key]);
  return { answer: got.answer, pending: key !== undefined && got.key !== key };
}

const NONE: readonly Compared[] = [];

/** The same pattern in other yarns. */
export function useComparison(
  draft: ItemDraft,
  pairs: readonly YarnPair[],
  around: Around,
): { compared: readonly Compared[]; pending: boolean } {
  const key = useMemo(
    () => JSON.stringify([draft.pattern, draft.answers, draft.firmness, draft.hanger, pairs]),
    [draft, pairs],
  );
  const { answer, pending } = useAsked(key, (remote) =>
    remote.compare(draft, pairs, { yarns: around.yarns, terms: around.terms, hand: around.hand }),
  );
  return { compared: answer ?? NONE, pending };
}

const NO_WAYS: readonly SizeWay[] = [];

/** Ways to make it so tall, mm; none while no height is asked for. */
export function useSizes(
  draft: ItemDraft,
  around: Around,
  wanted: number | undefined,
  height: number,
): { ways: readonly SizeWay[]; pending: boolean } {
  const tenths = Math.round(height * 10);
  const key = useMemo(
    () => (wanted === undefined ? undefined : JSON.stringify([draft, wanted, tenths, around.selling])),
    [draft, wanted, tenths, around.selling],
  );
  const { answer, pending } = useAsked(key, (remote) => remote.sizes(draft, around, wanted ?? 0, height));
  return { ways: key === undefined ? NO_WAYS : (answer ?? NO_WAYS), pending };
}
