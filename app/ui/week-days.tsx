import styled from "styled-components";
import { Row } from "./basics";
import { Wrong } from "./field";

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const;

/** On which days of the week somebody works. @param workDays seven letters, Monday first */
export function WeekDays({
  name,
  workDays,
  errors,
}: {
  name: string;
  workDays: string;
  errors: readonly string[] | undefined;
}) {
  return (
    <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
      <Legend>On these days</Legend>
      <Row $gap={4}>
        {DAYS.map((d, i) => (
          <Day key={d}>
            <input type="checkbox" name={name} value={i} defaultChecked={workDays[i] === "1"} /> {d}
          </Day>
        ))}
      </Row>
      {errors ? <Wrong>{errors.join(" ")}</Wrong> : null}
    </fieldset>
  );
}

export const Legend = styled.legend`
  display: block;
  padding: 0;
  font-size: 13px;
  font-weight: 560;
  margin-bottom: 3px;
`;
const Day = styled.label`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 36px;
  padding-right: 6px;
`;
