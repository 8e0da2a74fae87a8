import { max } from "d3-array";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import styled from "styled-components";
import { PlainTable, Scroll, Sheet, SheetHead } from "../../ui/basics";
import { Range, ReasonFigure } from "../../ui/figure";
import { useReading } from "../../ui/reading";
import type { EarnedRow } from "./sold.server";

/** What groups of sales earned, with their takings drawn. */
export function EarnedTable({
  title,
  rows,
  wage,
}: {
  title: string;
  rows: readonly EarnedRow[];
  wage: number;
}) {
  const r = useReading();
  const most = Math.max(1, max(rows, (x) => x.paid) ?? 1);
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  return (
    <Sheet $pad={false} aria-label={title}>
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2>{title}</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label={`${title}, table`}>
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">{title.replace("By ", "").replace(/^./, (c) => c.toUpperCase())}</th>
              <th scope="col" className="minor">
                <span className="sr">Takings, drawn</span>
              </th>
              <th scope="col" className="num">
                Sold
              </th>
              <th scope="col" className="num">
                Takings
              </th>
              <th scope="col" className="num minor">
                Fees and tax
              </th>
              <th scope="col" className="num minor">
                Materials
              </th>
              <th scope="col" className="num minor">
                Making
              </th>
              <th scope="col" className="num">
                An hour earned
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((x) => (
              <tr key={x.key}>
                <td>
                  <b>{x.label}</b>
                </td>
                <td className="minor" style={{ width: 180 }}>
                  <Strip style={{ width: `${Math.max(0, (100 * x.paid) / most)}%` }} aria-hidden />
                </td>
                <td className="num">{x.pieces}</td>
                <td className="num">{money(x.paid)}</td>
                <td className="num minor">{money(x.fees + x.tax + x.standing)}</td>
                <td className="num minor">{money(x.material)}</td>
                <td className="num minor">{printDuration(x.seconds as Seconds, r)}</td>
                <td
                  className="num"
                  style={x.perHour !== undefined && x.perHour < wage ? { color: "var(--bad)" } : undefined}
                >
                  {x.perHour === undefined ? (
                    "—"
                  ) : (
                    <>
                      <ReasonFigure
                        reason={{
                          label: `${x.label}: what an hour earned`,
                          measure: "minor",
                          value: x.perHour,
                          how: "(takings − tax − fees − materials) ÷ hours of making",
                          parts: [
                            { label: "takings", measure: "minor", value: x.paid },
                            { label: "tax", measure: "minor", value: -x.tax },
                            { label: "fees", measure: "minor", value: -x.fees },
                            ...(x.standing > 0
                              ? [{ label: "stalls", measure: "minor" as const, value: -x.standing }]
                              : []),
                            { label: "materials", measure: "minor", value: -x.material },
                            { label: "making", measure: "seconds", value: x.seconds },
                          ],
                        }}
                      >
                        {money(x.perHour)}
                      </ReasonFigure>{" "}
                      <Range low={x.perHourLow} high={x.perHourHigh} measure="minor" />
                    </>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

const Strip = styled.div`
  height: 10px;
  min-width: 2px;
  background: var(--act);
  border-radius: 2px;
`;
