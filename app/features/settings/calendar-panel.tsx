import { CalendarPlus, Download } from "lucide-react";
import { Button, ButtonLink, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";

/**
 * Due days and market days for a calendar program: a file, or a private address that it asks now and then.
 */
export function CalendarPanel({ since, made }: { since: string | undefined; made: string | undefined }) {
  const r = useReading();
  return (
    <Sheet id="calendar" aria-labelledby="calendar-title">
      <SheetHead>
        <h2 id="calendar-title">Calendar</h2>
        <Small>due days, first days, market days and deliveries</Small>
      </SheetHead>
      {made ? (
        <p style={{ marginBottom: 12 }}>
          <label htmlFor="calendar-address">
            <b>The private address.</b> Give it to your calendar program now: it is shown this once.
          </label>
          <Input
            id="calendar-address"
            readOnly
            value={made}
            onFocus={(e) => e.target.select()}
            style={{ width: "100%", marginTop: 6 }}
          />
        </p>
      ) : null}
      <Row>
        <ButtonLink to="/calendar.ics" reloadDocument>
          <Download size={16} aria-hidden /> Calendar file
        </ButtonLink>
        <WorkForm>
          <input type="hidden" name="intent" value="calendar" />
          <Button type="submit">
            <CalendarPlus size={17} aria-hidden /> {since ? "Another address" : "Make a private address"}
          </Button>
        </WorkForm>
        {since ? (
          <WorkForm>
            <input type="hidden" name="intent" value="calendar-off" />
            <Button type="submit">Take the address back</Button>
          </WorkForm>
        ) : null}
      </Row>
      <p style={{ marginTop: 10 }}>
        <Small>
          {since
            ? `An address was made on ${printDay(since, r.locale)}. Another one ends it.`
            : "Whoever has the address can read these days, and nothing else. You can take it back at any time."}
        </Small>
      </p>
    </Sheet>
  );
}
