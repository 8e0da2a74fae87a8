import styled from "styled-components";
import { Badge } from "../../ui/basics";
import { printDay } from "../../ui/days";
import type { Plan } from "@core/planning";

export function RunState({ state }: { state: "planned" | "underway" | "finished" }) {
  return (
    <Badge $tone={state === "finished" ? "good" : "plain"}>
      {state === "underway" ? "under way" : state}
    </Badge>
  );
}

/** A sentence rather than a word: on a telephone it takes more than one line. */
const Sentence = styled(Badge)`
  @media (max-width: 720px) {
    white-space: normal;
  }
`;

/**
 * Will it be done in time? The day at her usual pace, and how often it is in time at the paces she may have.
 */
export function InTime({
  plan,
  due,
  locale,
}: {
  plan: Pick<Plan, "inTime" | "finish" | "chance">;
  due: string;
  locale: string;
}) {
  if (plan.inTime === "unknown" || plan.finish === undefined || plan.chance === undefined)
    return <Badge $tone="warn">no working hours set</Badge>;
  const often = `in time ${timesOf100(plan.chance)}`;
  if (plan.inTime === "late")
    return (
      <Sentence $tone="bad">
        done {printDay(plan.finish, locale)}, after the {printDay(due, locale)}
        {plan.chance >= 0.005 ? `; ${often}` : ""}
      </Sentence>
    );
  return (
    <Sentence $tone={plan.inTime === "sure" ? "good" : "warn"}>
      done {printDay(plan.finish, locale)}, {often}
    </Sentence>
  );
}

/** A chance as she would say it. Nothing is certain. */
export const timesOf100 = (chance: number): string =>
  `${Math.min(99, Math.round(100 * chance))} of 100 times`;
