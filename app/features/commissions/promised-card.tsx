import { Link } from "react-router";
import { Badge, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";
import { daysText, STATE_TONE, STATE_WORDS, whoseText } from "./words";
import type { PromisedSoon } from "./load.server";

/** What is promised to somebody in the coming days, or late already. */
export function PromisedCard({ promised, today }: { promised: readonly PromisedSoon[]; today: string }) {
  const r = useReading();
  return (
    <Sheet aria-labelledby="promised-title">
      <SheetHead>
        <h2 id="promised-title">
          <Link to="/sell/commissions">Promised</Link>
        </h2>
      </SheetHead>
      <ul style={{ listStyle: "none", margin: 0, padding: 0, display: "grid", gap: 8 }}>
        {promised.map((c) => (
          <li key={c.id}>
            <Link to={`/sell/commissions/${c.id}`}>
              <b>{whoseText(c)}</b>
            </Link>
            , {c.what}{" "}
            <Badge $tone={c.dueOn < today ? "bad" : STATE_TONE[c.state]}>
              {c.dueOn < today ? "late" : STATE_WORDS[c.state]}
            </Badge>
            <br />
            <Small>
              {daysText(c.dueOn, today)}, {printDay(c.dueOn, r.locale, true)}
            </Small>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
