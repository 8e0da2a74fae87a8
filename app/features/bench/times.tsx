import { useMemo } from "react";
import { pausesIn, type BenchState, type BenchStep } from "@core/planning";
import { Button, Small } from "../../ui/basics";
import { clockText } from "../hand/stopwatch";
import { BesideTable } from "./beside-table";

/** Pauses that were found in the laps, and slips so far. */
export function Times({
  steps,
  state,
  onWork,
}: {
  steps: readonly BenchStep[];
  state: BenchState;
  onWork: (key: string) => void;
}) {
  const pauses = useMemo(() => pausesIn(steps, state), [steps, state]);
  if (pauses.length === 0 && state.slips === 0) return null;
  return (
    <BesideTable aria-label="What the laps tell">
      {pauses.slice(-3).map((p) => (
        <p key={p.act.key}>
          {[p.step.part, p.step.title].filter(Boolean).join(", ")} took {clockText(p.act.ms)}: counted as{" "}
          {clockText(p.usualMs)}, the rest as a pause.{" "}
          <Button type="button" onClick={() => onWork(p.act.key)}>
            It was work
          </Button>
        </p>
      ))}
      {state.slips > 0 ? (
        <Small>
          {state.slips} {state.slips === 1 ? "round" : "rounds"} begun again, of {state.done.size} steps done
        </Small>
      ) : null}
    </BesideTable>
  );
}
