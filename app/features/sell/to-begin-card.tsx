import { Link } from "react-router";
import { Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";
import { BeginBy } from "./begin-by";
import type { ToBegin } from "./to-begin.server";
import { WareName } from "./ware-name";

const PLACES = { places: "/sell/refill", season: "/sell/seasons" } as const;
const WHY = { places: "for shelves and shop", season: "for its season" } as const;

/** What is to be begun in the coming days, so that no shelf stands empty. */
export function ToBeginCard({
  of,
  today,
}: {
  of: { rows: readonly ToBegin[]; more: number };
  today: string;
}) {
  const r = useReading();
  return (
    <Sheet aria-labelledby="begin-title">
      <SheetHead>
        <h2 id="begin-title">
          <Link to={PLACES[of.rows[0]?.for ?? "places"]}>To begin</Link>
        </h2>
      </SheetHead>
      <ul style={{ listStyle: "none", margin: 0, padding: 0, display: "grid", gap: 8 }}>
        {of.rows.map((x) => (
          <li key={x.ware.key} style={{ display: "grid", gap: 4 }}>
            <WareName ware={x.ware} height={36} note={`make ${x.make} ${WHY[x.for]}`} />
            <span>
              <BeginBy day={x.beginBy} today={today} word="begin by " />{" "}
              {x.order ? (
                <Small>
                  {x.order.label}:{" "}
                  {x.order.by < today ? "order now" : `order by ${printDay(x.order.by, r.locale)}`}
                </Small>
              ) : null}
            </span>
          </li>
        ))}
      </ul>
      {of.more > 0 ? (
        <Small>
          and {of.more} more, under <Link to="/sell/refill">Refill</Link> and{" "}
          <Link to="/sell/seasons">Seasons</Link>
        </Small>
      ) : null}
    </Sheet>
  );
}
