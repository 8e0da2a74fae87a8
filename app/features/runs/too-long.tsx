import { printTrimmed } from "@core/units";
import { Link } from "react-router";
import { printDay } from "../../ui/days";
import { Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import type { TooLong } from "./limit.server";

/** Days told by their dates; more are counted. */
const TOLD = 3;

/** Days on which the plan lays more on a hand than it is to be given, and what can be done about it. */
export function TooLongDays({ days }: { days: readonly TooLong[] }) {
  const r = useReading();
  if (days.length === 0) return null;
  const hours = (n: number) => `${printTrimmed(n, 1, r.locale)} h`;
  const told = days
    .slice(0, TOLD)
    .map(
      (d) =>
        `${printDay(d.on, r.locale, true)}, ${hours(d.hours)}${d.name === undefined ? "" : ` for ${d.name}`}`,
    );
  const more = days.length > TOLD ? ` and ${days.length - TOLD} more` : "";
  const [first] = days;
  return (
    <p role="note" style={{ borderLeft: "5px solid var(--warn)", paddingLeft: 10, marginTop: 10 }}>
      <b>
        {days.length === 1 ? "A day" : `${days.length} days`} above {first ? hours(first.limit) : "the limit"}{" "}
        for a hand:
      </b>{" "}
      {told.join("; ")}
      {more}.{" "}
      <Small>
        Give such a day fewer hours, begin earlier or make fewer; the limit stands with the{" "}
        <Link to="/hand">hand</Link>.
      </Small>
    </p>
  );
}
