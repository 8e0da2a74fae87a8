import { useCallback, useMemo } from "react";
import { benchState, type BenchAct, type BenchState, type BenchStep } from "@core/planning";
import { deviceName, useActs } from "../../ui/acts/use-acts";
import { MOST_SENT } from "./acts";

/** What an act says of itself; key, time and device are put to it. */
export type Told = BenchAct extends infer A
  ? A extends BenchAct
    ? Omit<A, "key" | "at" | "device" | "hand">
    : never
  : never;

/** The bench of one line, as its acts have it. */
export function useBench(
  line: string,
  steps: readonly BenchStep[],
  quantity: number,
  server: readonly BenchAct[],
  about: { readonly workshop: string; readonly handId: string | null },
): {
  readonly state: BenchState;
  readonly acts: readonly BenchAct[];
  readonly waiting: number;
  readonly refused: string | undefined;
  readonly tell: (told: Told) => BenchAct;
} {
  const {
    acts,
    waiting,
    refused,
    tell: keep,
  } = useActs<BenchAct>({
    store: "lapka-bench",
    line,
    url: `/bench/${line}/acts`,
    about,
    server,
    most: MOST_SENT,
  });
  const tell = useCallback(
    (told: Told): BenchAct => {
      const act = {
        ...told,
        key: crypto.randomUUID(),
        at: Date.now(),
        device: deviceName(),
        hand: about.handId,
      } as BenchAct;
      keep(act);
      return act;
    },
    [keep, about.handId],
  );
  const state = useMemo(() => benchState(steps, quantity, acts), [steps, quantity, acts]);
  return { state, acts, waiting, refused, tell };
}
