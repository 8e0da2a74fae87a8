import { Link } from "react-router";
import { AS_IT_IS, FACTORS, whatIf, type Base, type Otherwise, type Outcome } from "@core/shelf/what-if";
import { printDuration, printMoney, type Minor, type Reading, type Seconds } from "@core/units";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../../ui/basics";
import { Input } from "../../../ui/field";
import { WorkForm } from "../../../ui/form";
import { useReading } from "../../../ui/reading";
import type { Scenario } from "./kept";
import { otherwiseText, percentText } from "./words";

const rowsOf = (r: Reading): readonly (readonly [string, (o: Outcome) => string])[] => {
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  return [
    ["Takings", (o) => money(o.paid)],
    ["Left after tax, fees and stalls", (o) => money(o.kept)],
    ["Materials", (o) => money(o.material)],
    ["Making", (o) => printDuration((o.hours * 3600) as Seconds, r)],
    ["An hour earns", (o) => (o.perHour === undefined ? "—" : money(o.perHour))],
    ["Profit", (o) => money(o.profit)],
  ];
};

/** Words wrap, so that four columns have room. */
const NARROW = { whiteSpace: "normal", minWidth: "8ch" } as const;

/** What it comes to: as it is, with the dials as they stand, and in the scenarios that are compared. */
export function OutcomeSheet({
  base,
  at,
  compared,
  owns,
}: {
  base: Base;
  at: Otherwise;
  compared: readonly Scenario[];
  /** What an hour earns is the owner's to say. */
  owns: boolean;
}) {
  const r = useReading();
  const then = whatIf(base, at);
  const changed = FACTORS.some((f) => at[f] !== 0);
  const columns = [
    { name: "As it is", of: whatIf(base, AS_IT_IS), strong: false },
    { name: "Then", of: then, strong: true },
    ...compared.map((c) => ({ name: c.name, of: whatIf(base, c.otherwise), strong: false })),
  ];
  return (
    <Sheet aria-labelledby="then-title" aria-live="polite">
      <SheetHead>
        <h2 id="then-title">
          {then.profit >= 0 ? "Profit" : "Loss"} {printMoney(Math.abs(Math.round(then.profit)) as Minor, r)}
        </h2>
        <Small>after your wage and overhead</Small>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="As it is and then, table">
        <PlainTable $tight>
          <thead>
            <tr>
              <th scope="col">
                <span className="sr">Figure</span>
              </th>
              {columns.map((c, i) => (
                <th key={i} scope="col" className="num" style={NARROW}>
                  {c.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rowsOf(r).map(([label, say]) => (
              <tr key={label}>
                <th scope="row" style={NARROW}>
                  {label}
                </th>
                {columns.map((c, i) => (
                  <td key={i} className="num">
                    {c.strong ? <b>{say(c.of)}</b> : say(c.of)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
      {changed ? <Keep at={at} /> : null}
      <TakeOver base={base} at={at} owns={owns} />
    </Sheet>
  );
}

/** Keeps the dials as they stand, under a name. */
function Keep({ at }: { at: Otherwise }) {
  const text = otherwiseText(at);
  return (
    <WorkForm style={{ marginTop: 12 }} preventScrollReset>
      <input type="hidden" name="intent" value="keep" />
      {FACTORS.map((f) => (
        <input key={f} type="hidden" name={f} value={Math.round(100 * at[f])} />
      ))}
      <Row>
        <Input
          name="name"
          aria-label="What it is called"
          placeholder={text}
          maxLength={80}
          autoComplete="off"
          style={{ flex: "1 1 180px" }}
        />
        <Button type="submit">Keep it to compare</Button>
      </Row>
    </WorkForm>
  );
}

/** What of it can be made so: the wage at once, prices behind a look at each. */
function TakeOver({ base, at, owns }: { base: Base; at: Otherwise; owns: boolean }) {
  const r = useReading();
  const wage = Math.round(base.wagePerHour * (1 + at.wage));
  const takesWage = owns && at.wage !== 0;
  if (at.price === 0 && !takesWage) return null;
  return (
    <Row style={{ marginTop: 12 }}>
      {at.price === 0 ? null : (
        <Link to={`/sell/prices?by=${Math.round(100 * at.price)}`}>
          Take the prices over: {percentText(at.price)}, each looked at first
        </Link>
      )}
      {!takesWage ? null : (
        <WorkForm>
          <input type="hidden" name="intent" value="wage" />
          <input type="hidden" name="wage" value={wage} />
          <Button type="submit">Take the wage over: {printMoney(wage as Minor, r)} an hour</Button>
        </WorkForm>
      )}
    </Row>
  );
}
