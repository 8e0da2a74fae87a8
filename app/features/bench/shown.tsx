import styled from "styled-components";
import { placeKey, type BenchState, type BenchStep, type Place } from "@core/planning";
import type { BenchData } from "../../routes/bench-line";

/** All steps of the piece as a tape: what is done, where she is. */
export function Track({
  steps,
  state,
  place,
}: {
  steps: readonly BenchStep[];
  state: BenchState;
  place: Place;
}) {
  const done = steps.filter((s) => state.done.has(placeKey(place.piece, s.id))).length;
  return (
    <TrackBox role="img" aria-label={`${done} of ${steps.length} steps of this piece are done`}>
      {steps.map((s, i) => (
        <i
          key={s.id}
          data-now={i === place.step || undefined}
          data-done={state.done.has(placeKey(place.piece, s.id)) || undefined}
          data-begins={(i > 0 && steps[i - 1]?.part !== s.part) || undefined}
        />
      ))}
    </TrackBox>
  );
}

/** The yarn of a colour slot; "main" is the first where none is called so. */
export const yarnOf = (colours: BenchData["colours"], slot: string) =>
  colours.find((x) => x.slot === slot) ?? (slot === "main" ? colours[0] : undefined);

/** Colours of a step in the order in which they are worked, and the one that the next round begins with. */
export function Colours({ step, colours }: { step: BenchStep; colours: BenchData["colours"] }) {
  if (step.colours.length === 0) return null;
  const several = step.colours.length > 1;
  return (
    <Swatches>
      {step.colours.slice(0, 12).map((c, i) => {
        const yarn = yarnOf(colours, c.slot);
        return (
          <li key={i}>
            <i style={{ background: yarn?.hex ?? "var(--line)" }} />
            {several ? `${c.stitches} ` : ""}
            {yarn?.name ?? c.slot}
          </li>
        );
      })}
    </Swatches>
  );
}

/** What the last pull of this round is already: "then 2 in chalk white". */
export function ThenColour({ step, colours }: { step: BenchStep; colours: BenchData["colours"] }) {
  if (!step.then) return null;
  const yarn = yarnOf(colours, step.then.slot);
  return (
    <Then>
      then {step.then.stitches} in <i style={{ background: yarn?.hex ?? "var(--line)" }} aria-hidden />
      {yarn?.name ?? step.then.slot}
    </Then>
  );
}

const Swatches = styled.ul`
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  font-size: 18px;
  i {
    display: inline-block;
    width: 20px;
    height: 20px;
    margin-right: 7px;
    vertical-align: -4px;
    border-radius: 3px;
    border: 1px solid var(--edge);
  }
`;
const Then = styled.p`
  margin: 6px 0 0;
  font-size: 18px;
  font-weight: 560;
  i {
    display: inline-block;
    width: 16px;
    height: 16px;
    margin-right: 5px;
    vertical-align: -2px;
    border-radius: 3px;
    border: 1px solid var(--edge);
  }
`;
const TrackBox = styled.div`
  display: flex;
  gap: 2px;
  height: 14px;
  i {
    flex: 1;
    min-width: 1px;
    background: var(--line);
  }
  i[data-done] {
    background: var(--act);
  }
  i[data-now] {
    background: var(--warn);
    flex: 2.4;
    outline: 2px solid var(--ink);
  }
  i[data-begins] {
    margin-left: 6px;
  }
`;
