import { Badge } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";

const SOON_DAYS = 7;
const DAY_MS = 86_400_000;

/** The last day to begin something: late, in the coming week, or later. */
export function BeginBy({
  day,
  today,
  word = "",
}: {
  day: string | undefined;
  today: string;
  /** What stands before a day that no heading explains. */
  word?: string;
}) {
  const r = useReading();
  if (day === undefined) return <>—</>;
  const days = Math.round((Date.parse(day) - Date.parse(today)) / DAY_MS);
  if (days < 0)
    return (
      <Badge $tone="bad" title={`the last day was ${printDay(day, r.locale, true)}`}>
        now, {-days} {days === -1 ? "day" : "days"} late
      </Badge>
    );
  if (days <= SOON_DAYS) return <Badge $tone="warn">{word + printDay(day, r.locale, true)}</Badge>;
  return <span style={{ whiteSpace: "nowrap" }}>{word + printDay(day, r.locale)}</span>;
}
