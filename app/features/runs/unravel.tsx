import { Undo2 } from "lucide-react";
import { printMass, type Grams } from "@core/units";
import { Button, Row, Small } from "../../ui/basics";
import { Field, Input, Select, Wrong } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";

interface Held {
  readonly id: string;
  readonly yarns: readonly { readonly id: string; readonly label: string; readonly mg: number }[];
}

/** What of the rejected pieces could be unravelled goes back to the stock. */
export function Unravel({ batch: b, wrong }: { batch: Held; wrong: string | undefined }) {
  const r = useReading();
  return (
    <details open={wrong !== undefined || undefined}>
      <summary>Put unravelled yarn back</summary>
      <WorkForm>
        <input type="hidden" name="intent" value="unravel" />
        <input type="hidden" name="batchId" value={b.id} />
        <Row style={{ alignItems: "end", margin: "6px 0" }}>
          <Field label="Yarn" name="yarnId">
            {(bind) => (
              <Select {...bind}>
                {b.yarns.map((y) => (
                  <option key={y.id} value={y.id}>
                    {y.label}, at most {printMass((y.mg / 1000) as Grams, r)}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label={`It weighs, ${r.system === "imperial" ? "oz" : "g"}`} name="mg">
            {(bind) => <Input {...bind} inputMode="decimal" autoComplete="off" style={{ width: 84 }} />}
          </Field>
          <Field label="Lot, if it is known" name="lot">
            {(bind) => <Input {...bind} maxLength={40} autoComplete="off" style={{ width: 110 }} />}
          </Field>
          <Button type="submit">
            <Undo2 size={16} aria-hidden /> Put it back as a scrap
          </Button>
        </Row>
        {wrong ? <Wrong role="alert">{wrong}</Wrong> : null}
        <p>
          <Small>Eyes with washers stay where they are: they do not come off whole.</Small>
        </p>
      </WorkForm>
    </details>
  );
}
