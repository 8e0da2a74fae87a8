import { Badge } from "../../ui/basics";
import { printDay } from "../../ui/days";
import type { Plan } from "./plan";

export function RunState({ state }: { state: "planned" | "underway" | "finished" }) {
  return (
    <Badge $tone={state === "finished" ? "good" : "plain"}>
      {state === "underway" ? "under way" : state}
    </Badge>
  );
}

/** Will it be done in time? In words, with the day. */
export function InTime({
  plan,
  due,
  locale,
}: {
  plan: Pick<Plan, "inTime" | "finish" | "finishHigh">;
  due: string;
  locale: string;
}) {
  if (plan.inTime === "unknown" || plan.finish === undefined)
    return <Badge $tone="warn">no working hours set</Badge>;
  if (plan.inTime === "sure")
    return <Badge $tone="good">done {printDay(plan.finish, locale)}, in time even if slow</Badge>;
  if (plan.inTime === "likely")
    return (
      <Badge $tone="warn">
        done {printDay(plan.finish, locale)}, tight
        {plan.finishHigh ? `: ${printDay(plan.finishHigh, locale)} if slow` : ""}
      </Badge>
    );
  return (
    <Badge $tone="bad">
      done {printDay(plan.finish, locale)}, after the {printDay(due, locale)}
    </Badge>
  );
}
