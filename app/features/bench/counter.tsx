import styled from "styled-components";
import type { BenchStep } from "@core/planning";
import { Button, Small } from "../../ui/basics";
import { PanelRow } from "./panel-row";

/**
 * Counts within the round, on demand: repeats where the round has them, with the stitches they come to, else
 * stitch by stitch.
 */
export function Counter({
  step,
  counted,
  onCount,
}: {
  step: BenchStep;
  counted: number;
  onCount: (n: number) => void;
}) {
  const { repeats } = step;
  const all = repeats?.times ?? step.count;
  const stitches = repeats && repeats.before + counted * repeats.stitches;
  return (
    <CounterRow>
      <Button
        type="button"
        onClick={() => onCount(Math.max(0, counted - 1))}
        aria-label={repeats ? "One repeat less" : "One less"}
      >
        −1
      </Button>
      <output aria-live="polite">
        {counted}
        {all === undefined ? "" : ` of ${all}`}
        {repeats ? (
          <Small as="div">
            {counted >= repeats.times
              ? "that was the last repeat"
              : `repeats, ${stitches} of ${step.count ?? "?"} sts`}
          </Small>
        ) : null}
      </output>
      <Button
        type="button"
        $primary
        onClick={() => onCount(counted + 1)}
        aria-label={repeats ? "One repeat more" : "One more"}
      >
        +1
      </Button>
    </CounterRow>
  );
}

const CounterRow = styled(PanelRow)`
  display: grid;
  grid-template-columns: 76px 1fr 1.1fr;
  align-items: center;
  output {
    text-align: center;
    font-size: 30px;
    line-height: 1.1;
    font-weight: 640;
    font-variant-numeric: tabular-nums;
  }
  button {
    font-size: 24px;
    min-height: 64px;
    justify-content: center;
  }
`;
