import type { FieldMetadata } from "@conform-to/react";
import { lazy } from "react";
import { Field, Input, type FieldBind } from "./field";
import { Late } from "./late";

export interface DayProps {
  /** `id` belongs to the label of the `Field` around it. */
  readonly bind: FieldBind;
  /** YYYY-MM-DD. */
  readonly defaultValue?: string | undefined;
  readonly max?: string | undefined;
  readonly required?: boolean;
}

/** Segments and calendar come once the page stands: they are a quarter of what it loads. */
const Picker = lazy(() => import("./day-picker"));

/**
 * A day, written in the order of the workshop's locale or chosen from a calendar. Until that is there it is a
 * plain field, which sends the same.
 */
export function DayInput(props: DayProps) {
  const { bind, defaultValue, required } = props;
  const plain = (
    <Input
      {...bind}
      defaultValue={defaultValue}
      required={required}
      placeholder="YYYY-MM-DD"
      autoComplete="off"
    />
  );
  return (
    <Late waits={plain} lost={plain}>
      <Picker {...props} />
    </Late>
  );
}

/** A day of a conform form. */
export function DayField({
  field,
  label,
  hint,
}: {
  field: FieldMetadata<string>;
  label: string;
  hint?: string | undefined;
}) {
  return (
    <Field label={label} hint={hint} errors={field.errors} name={field.name} id={field.id}>
      {(bind) => <DayInput key={field.key} bind={bind} defaultValue={field.initialValue} />}
    </Field>
  );
}
