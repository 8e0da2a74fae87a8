import { Undo2 } from "lucide-react";
import { useState } from "react";
import styled from "styled-components";
import { printMass, printNumber, type Grams, type Reading } from "@core/units";
import { Button, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Field, FieldGrid, Input, Select, Wrong } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import type { Wound } from "./wound.server";

/** So little more or less is not worth a word. */
const SAME = 0.005;

/** "a turn weighs 4 % more than reckoned". */
function turnText(factor: number, r: Reading): string {
  const off = factor - 1;
  if (Math.abs(off) < SAME) return "a turn weighs what was reckoned";
  return `a turn weighs ${printNumber(Math.abs(off) * 100, 1, r.locale)} % ${off > 0 ? "more" : "less"} than reckoned`;
}

/** One winding on the scale: what it says of the winder, of the yarn and of how evenly she winds. */
export function WoundSheet({
  wound,
  rows,
  wrong,
}: {
  wound: Wound;
  rows: readonly { readonly yarnId: string; readonly label: string; readonly turns: number }[];
  wrong: { readonly wrong: string; readonly turns: string; readonly mg: string } | undefined;
}) {
  const r = useReading();
  const own = rows.filter((x) => x.yarnId !== "");
  const [yarnId, setYarn] = useState(own[0]?.yarnId ?? "");
  if (own.length === 0) return null;
  const turns = own.find((x) => x.yarnId === yarnId)?.turns ?? 1;
  return (
    <Sheet aria-labelledby="wound-title">
      <SheetHead>
        <h2 id="wound-title">Weigh a winding</h2>
        <Small>
          {wound.all === 0
            ? "one is enough to put the turns right"
            : `the turns above follow; windings scatter by ${printNumber(wound.scatter * 100, 1, r.locale)} %`}
        </Small>
      </SheetHead>
      <WorkForm key={wound.last[0]?.id ?? ""}>
        <input type="hidden" name="intent" value="wound" />
        <FieldGrid $min={130}>
          <Field label="Colour" name="yarnId">
            {(bind) => (
              <Select {...bind} value={yarnId} onChange={(e) => setYarn(e.target.value)}>
                {own.map((x) => (
                  <option key={x.yarnId} value={x.yarnId}>
                    {x.label}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label="Turns" name="turns">
            {(bind) => (
              <Input
                {...bind}
                key={yarnId}
                defaultValue={wrong?.turns ?? turns}
                inputMode="numeric"
                autoComplete="off"
              />
            )}
          </Field>
          <Field label={`It weighs, ${r.system === "imperial" ? "oz" : "g"}`} name="mg">
            {(bind) => (
              <Input {...bind} defaultValue={wrong?.mg ?? ""} inputMode="decimal" autoComplete="off" />
            )}
          </Field>
        </FieldGrid>
        {wrong ? <Wrong role="alert">{wrong.wrong}</Wrong> : null}
        <Row style={{ marginTop: 10 }}>
          <Button type="submit">Keep the weight</Button>
        </Row>
      </WorkForm>
      {wound.all > 0 ? (
        <Told>
          {wound.yarns.map((y) => (
            <li key={y.yarnId}>
              {y.label}: {turnText(y.factor, r)} ±{printNumber(y.sigma * 165, 1, r.locale)} %{" "}
              <Small>{y.weighed > 0 ? `${y.weighed} weighed` : "from other yarns on this winder"}</Small>
            </li>
          ))}
        </Told>
      ) : null}
      {wound.last.length > 0 ? (
        <Told aria-label="The last weighings">
          {wound.last.map((w) => (
            <li key={w.id}>
              <WorkForm>
                <input type="hidden" name="intent" value="unwound" />
                <input type="hidden" name="id" value={w.id} />
                <Small>
                  {printDay(w.on, r.locale)}, {w.label}: {w.turns} turns, {printMass(w.grams as Grams, r)}
                </Small>{" "}
                <Button type="submit" $quiet aria-label={`Take back: ${w.turns} turns of ${w.label}`}>
                  <Undo2 size={16} aria-hidden />
                </Button>
              </WorkForm>
            </li>
          ))}
        </Told>
      ) : null}
    </Sheet>
  );
}

const Told = styled.ul`
  margin: 12px 0 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 4px;
`;
