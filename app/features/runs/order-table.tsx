import { useMemo, useState } from "react";
import styled from "styled-components";
import type { Sequenced, Task } from "@core/planning/sequence";
import { printDuration, printTrimmed, type Seconds } from "@core/units";
import { Button, PlainTable, Scroll, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import { stageWord, takesYarn } from "./stage-word";
import { stretchesOf } from "./tasks";

const SHOWN = 120;

/** An order as a list of what she sits down to; colours by the yarn's name as tasks have it. */
export function OrderTable({
  tasks,
  colours,
  order,
}: {
  tasks: readonly Task[];
  colours: Readonly<Record<string, string>>;
  order: Sequenced;
}) {
  const r = useReading();
  const stretches = useMemo(() => stretchesOf(order.order, tasks), [order, tasks]);
  const [all, setAll] = useState(false);
  return (
    <Scroll tabIndex={0} role="region" aria-label="The order, table">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col" className="num">
              From
            </th>
            <th scope="col">What</th>
            <th scope="col" className="minor">
              Take up
            </th>
            <th scope="col" className="num">
              How many
            </th>
            <th scope="col" className="num">
              Time
            </th>
            <th scope="col" className="num minor">
              Whole after it
            </th>
          </tr>
        </thead>
        <tbody>
          {(all ? stretches : stretches.slice(0, SHOWN)).map((s, i) => {
            return (
              <tr key={i}>
                <td className="num">{printDuration(s.from as Seconds, r)}</td>
                <td>
                  <b>{s.part}</b> <Small>{stageWord(s.stage)}</Small>
                </td>
                <td className="minor">
                  {takesYarn(s.stage) &&
                  s.colour !== undefined &&
                  (i === 0 || s.setUps.includes("colour")) ? (
                    <YarnTaken>
                      <YarnDisc colour={colours[s.colour] ?? "#b9c3c5"} name={s.colour} size={18} />{" "}
                      {s.colour}
                      {s.hookMm === undefined ? "" : `, ${printTrimmed(s.hookMm, 2, r.locale)} mm`}
                    </YarnTaken>
                  ) : null}
                </td>
                <td className="num">{s.tasks}</td>
                <td className="num">{printDuration(s.seconds as Seconds, r)}</td>
                <td className="num minor">{s.whole || ""}</td>
              </tr>
            );
          })}
          {!all && stretches.length > SHOWN ? (
            <tr>
              <td colSpan={6}>
                <Button type="button" onClick={() => setAll(true)}>
                  Show all {stretches.length}
                </Button>
              </td>
            </tr>
          ) : null}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}

const YarnTaken = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 6px;
`;
