import { getFormProps, useForm, type FieldMetadata, type SubmissionResult } from "@conform-to/react";
import { parseWithZod } from "@conform-to/zod/v4";
import { useNavigation } from "react-router";
import { printDuration, type Seconds } from "@core/units";
import {
  Button,
  ButtonLink,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../../ui/basics";
import { DayField } from "../../ui/day-input";
import { FieldGrid, SelectField, TextField, Wrong } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { changeSchema } from "./change";
import { CountInput } from "./count-input";

export interface ChangedLine {
  readonly id: string;
  readonly label: string;
  readonly quantity: number;
  readonly begun: number;
  /** One piece, as it was planned. */
  readonly seconds: number;
}
interface Of {
  readonly run: {
    readonly id: string;
    readonly name: string;
    readonly startOn: string;
    readonly dueOn: string;
  };
  readonly lines: readonly ChangedLine[];
  readonly wares: readonly { readonly value: string; readonly label: string }[];
}

/** Another name, other days, more or fewer pieces of an open run, and something more put into it. */
export function ChangePage({
  of: { run, lines, wares },
  answer,
}: {
  of: Of;
  answer: SubmissionResult | undefined;
}) {
  const r = useReading();
  const navigation = useNavigation();
  const [form, fields] = useForm({
    lastResult: answer ?? null,
    onValidate: ({ formData }) =>
      parseWithZod(formData, { schema: changeSchema(r.locale, r.currency, r.system) }),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: {
      name: run.name,
      startOn: run.startOn,
      dueOn: run.dueOn,
      lines: lines.map((l) => ({ id: l.id, seen: String(l.quantity), quantity: String(l.quantity) })),
      ware: "",
      more: "",
    },
  });
  const rows = fields.lines.getFieldList();
  return (
    <Page>
      <PageHead>
        <h1>Change {run.name}</h1>
      </PageHead>
      <WorkForm {...getFormProps(form)} draft={`change ${run.id}`}>
        <Stack $gap={18} style={{ maxWidth: 860 }}>
          {form.errors ? <Wrong role="alert">{form.errors.join(" ")}</Wrong> : null}
          <Sheet aria-label="Name and days">
            <FieldGrid>
              <TextField field={fields.name} label="Name" />
              <DayField field={fields.startOn} label="Begin on" />
              <DayField field={fields.dueOn} label="Done by" />
            </FieldGrid>
          </Sheet>
          <Sheet $pad={false} aria-label="How many of each">
            <Scroll tabIndex={0} role="region" aria-label="How many of each, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Item</th>
                    <th scope="col" className="num">
                      One takes
                    </th>
                    <th scope="col" className="num">
                      Begun
                    </th>
                    <th scope="col" className="num">
                      Make
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {rows.map((row, i) => {
                    const line = lines[i];
                    return line ? <LineRow key={row.key} field={row.getFieldset()} line={line} /> : null;
                  })}
                </tbody>
              </PlainTable>
            </Scroll>
            <p style={{ padding: "8px 14px" }}>
              <Small>
                0 takes something out. What was begun stays. With other numbers a kept cutting plan is given
                back: it speaks of other lengths.
              </Small>
            </p>
          </Sheet>
          <Sheet aria-labelledby="more-title">
            <SheetHead>
              <h2 id="more-title">Put something more into it</h2>
            </SheetHead>
            <FieldGrid $min={220}>
              <SelectField
                field={fields.ware}
                label="Item"
                options={[{ value: "", label: "nothing more" }, ...wares]}
              />
              <TextField field={fields.more} label="How many" inputMode="numeric" />
            </FieldGrid>
          </Sheet>
          <Row>
            <Button type="submit" $primary disabled={navigation.state !== "idle"}>
              Keep the changes
            </Button>
            <ButtonLink to={`/runs/${run.id}`}>Leave it as it is</ButtonLink>
          </Row>
        </Stack>
      </WorkForm>
    </Page>
  );
}

function LineRow({
  field: f,
  line,
}: {
  field: {
    readonly id: { readonly name: string };
    readonly seen: { readonly name: string };
    readonly quantity: FieldMetadata<string>;
  };
  line: ChangedLine;
}) {
  const r = useReading();
  return (
    <tr>
      <td>
        <b>{line.label}</b>
      </td>
      <td className="num">{printDuration(line.seconds as Seconds, r)}</td>
      <td className="num">{line.begun === 0 ? "none" : line.begun}</td>
      <td className="num">
        <input type="hidden" name={f.id.name} value={line.id} />
        <input type="hidden" name={f.seen.name} value={line.quantity} />
        <CountInput field={f.quantity} label={`How many ${line.label}`} />
      </td>
    </tr>
  );
}
