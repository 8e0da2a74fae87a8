import type { FieldMetadata } from "@conform-to/react";
import { Field, FieldGrid, SelectField, Textarea, TextField } from "../../ui/field";
import { DayField } from "../../ui/day-input";

type Fields = Readonly<
  Record<
    "customer" | "reach" | "ware" | "wishes" | "quantity" | "channelId" | "price" | "depositAsked" | "dueOn",
    FieldMetadata<string>
  >
>;
interface Option {
  readonly value: string;
  readonly label: string;
}

/** Who, what, for how much and by when: of a new commission and of one that is changed. */
export function CommissionFields({
  fields,
  wares,
  channels,
  priceHint,
}: {
  fields: Fields;
  wares: readonly Option[];
  channels: readonly Option[];
  priceHint?: string | undefined;
}) {
  return (
    <FieldGrid $min={210}>
      <TextField field={fields.customer} label="For whom" hint="A name is enough." />
      <TextField
        field={fields.reach}
        label="How to reach them"
        hint="One way only. Forgotten half a year after it is over."
      />
      <SelectField field={fields.ware} label="What" options={wares} />
      <TextField field={fields.quantity} label="How many" inputMode="numeric" />
      <Field
        label="What is other than usual"
        name={fields.wishes.name}
        id={fields.wishes.id}
        errors={fields.wishes.errors}
        hint="Such as “hat in mustard, eyes sewn on”."
        wide
      >
        {(bind) => (
          <Textarea {...bind} key={fields.wishes.key} rows={2} defaultValue={fields.wishes.initialValue} />
        )}
      </Field>
      <TextField field={fields.price} label="Price in all" inputMode="decimal" hint={priceHint} />
      <TextField field={fields.depositAsked} label="Deposit asked for" inputMode="decimal" />
      <DayField field={fields.dueOn} label="Promised for" />
      <SelectField field={fields.channelId} label="Sells through" options={channels} />
    </FieldGrid>
  );
}
