import { CalendarRange } from "lucide-react";
import styled from "styled-components";
import { printDuration, type Seconds } from "@core/units";
import { Badge, Button, PlainTable, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { ReasonFigure } from "../../ui/figure";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { BeginBy } from "./begin-by";
import { MakeInput } from "./make-input";
import { WareName, type WareShown } from "./ware-name";

export interface AheadShown {
  readonly ware: WareShown;
  readonly placed: number;
  readonly home: number;
  readonly coming: number;
  readonly make: number;
  readonly hours: number;
  readonly point: number;
  readonly upTo: number;
  readonly leadDays: number;
  readonly service: number;
  readonly known: boolean;
  readonly enoughUntil: string | undefined;
  readonly beginBy: string | undefined;
  readonly orderBy: string | undefined;
  readonly lacks: { readonly label: string; readonly days: number } | undefined;
}

/** Beside a piece that was seen for too short a time to be brought or made up to its worth. */
export const LITTLE_KNOWN = "little known yet: begin small";

/** What is to be made for all shelves and shops together, when it is to be begun, and one press for a run. */
export function AheadSheet({ rows, today }: { rows: readonly AheadShown[]; today: string }) {
  const r = useReading();
  const hours = rows.reduce((sum, x) => sum + x.hours, 0);
  const [first] = rows;
  return (
    <WorkForm>
      <input type="hidden" name="do" value="run" />
      <Sheet $pad={false} aria-labelledby="ahead-title">
        <SheetHead style={{ padding: "12px 14px 0", alignItems: "center" }}>
          <h2 id="ahead-title">To make for shelves and shop</h2>
          {first?.beginBy === undefined ? null : (
            <Badge $tone={first.beginBy < today ? "bad" : "warn"}>
              {first.beginBy < today ? "begin now" : `begin by ${printDay(first.beginBy, r.locale, true)}`}
            </Badge>
          )}
          <Small>
            {printDuration((hours * 3600) as Seconds, r)} of making, after what your open runs take
          </Small>
          <Button type="submit" $primary>
            <CalendarRange size={17} aria-hidden /> Make it a run
          </Button>
        </SheetHead>
        <Scroll tabIndex={0} role="region" aria-label="To make, table">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Piece</th>
                <th scope="col" className="num minor">
                  There and coming
                </th>
                <th scope="col" className="minor" style={{ whiteSpace: "nowrap" }}>
                  Enough until
                </th>
                <th scope="col" className="num">
                  Make
                </th>
                <th scope="col" className="num minor">
                  Takes
                </th>
                <th scope="col">Begin by</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((x) => (
                <AheadRow key={x.ware.key} x={x} today={today} />
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      </Sheet>
    </WorkForm>
  );
}

function AheadRow({ x, today }: { x: AheadShown; today: string }) {
  const r = useReading();
  const held = x.placed + x.home + x.coming;
  return (
    <tr>
      <td>
        <WareName ware={x.ware} {...(x.known ? {} : { note: LITTLE_KNOWN })} />
      </td>
      <td className="num minor">
        <ReasonFigure
          reason={{
            label: `${x.ware.label}: there and coming, and how many to make`,
            measure: "count",
            value: held,
            how: "at or below the order point it is made up to the level",
            parts: [
              { label: "order point: over the lead and one visit", measure: "count", value: x.point },
              { label: "up to: over the lead and two visits", measure: "count", value: x.upTo },
              { label: "on shelves", measure: "count", value: x.placed },
              { label: "free at home", measure: "count", value: x.home },
              { label: "in open runs", measure: "count", value: x.coming },
              { label: "days until more can be there", measure: "count", value: x.leadDays },
              {
                label: x.known
                  ? "chance of not running out that is worth its cost"
                  : "chance of not running out, while little is known",
                measure: "ratio",
                value: x.service,
              },
            ],
          }}
        >
          {held}
        </ReasonFigure>
        {x.coming > 0 ? <Small> ({x.coming} in runs)</Small> : null}
      </td>
      <td className="minor" style={{ whiteSpace: "nowrap" }}>
        {x.enoughUntil === undefined || x.enoughUntil <= today
          ? "now short"
          : printDay(x.enoughUntil, r.locale)}
      </td>
      <td className="num">
        <MakeInput ware={x.ware} make={x.make} />
      </td>
      <td className="num minor">{printDuration((x.hours * 3600) as Seconds, r)}</td>
      <td>
        <BeginBy day={x.beginBy} today={today} />
        {x.lacks === undefined ? null : (
          <Lacks>
            {x.lacks.label} lacks
            {x.orderBy === undefined
              ? ""
              : x.orderBy < today
                ? `: order now, ${x.lacks.days} days to the door`
                : `: order by ${printDay(x.orderBy, r.locale)}`}
          </Lacks>
        )}
      </td>
    </tr>
  );
}

const Lacks = styled.div`
  font-size: 13px;
  color: var(--warn);
`;
