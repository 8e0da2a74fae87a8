import { wrap, type Remote } from "comlink";
import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import type { Moved } from "@core/figure";
import type { FigureApi, FigureFacts, FigureInput } from "../../workers/figure.worker";
import { newestOnly } from "./newest";
import type { ItemAnalysis } from "@core/item";

export interface FigureAway {
  readonly remote: Remote<FigureApi>;
  readonly stop: () => void;
}
function start(): FigureAway {
  const w = new Worker(new URL("../../workers/figure.worker.ts", import.meta.url), { type: "module" });
  return { remote: wrap<FigureApi>(w), stop: () => w.terminate() };
}

const inputOf = (analysis: ItemAnalysis, text: string, moved: readonly Moved[]): FigureInput => ({
  checked: { parts: analysis.checked.parts, lines: analysis.checked.lines },
  text,
  parts: analysis.piece.parts.map((p) => ({ part: p.part, fabric: p.fabric })),
  weights: analysis.piece.parts.map((p) => ({
    fabric: p.yarn.reduce((sum, y) => sum + y.grams.value, 0),
    filling: p.filling.value,
  })),
  moved,
});

/** The figure of what is typed, from a worker; `version` grows with each figure that is ready to be drawn. */
export function useFigure(
  analysis: ItemAnalysis,
  text: string,
  moved: readonly Moved[],
): { away: FigureAway | undefined; facts: FigureFacts | undefined; version: number } {
  const [away, setAway] = useState<FigureAway>();
  const [got, setGot] = useState<{ facts: FigureFacts | undefined; version: number }>({
    facts: undefined,
    version: 0,
  });
  useEffect(() => {
    const made = start();
    // The worker lives as long as the panel.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAway(made);
    return () => made.stop();
  }, []);
  const input = useMemo(() => inputOf(analysis, text, moved), [analysis, text, moved]);
  const asking = useRef(newestOnly());
  useEffect(() => {
    if (!away) return;
    asking.current(async () => {
      const facts = await away.remote.set(input);
      startTransition(() => setGot((g) => ({ facts, version: g.version + 1 })));
    });
  }, [away, input]);
  return { away, ...got };
}
