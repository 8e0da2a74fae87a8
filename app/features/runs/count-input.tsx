import type { FieldMetadata } from "@conform-to/react";
import { Input, Wrong } from "../../ui/field";

/** How many of a row of a table: the row names it to the eye, `label` to a screen reader. */
export function CountInput({ field, label }: { field: FieldMetadata<string>; label: string }) {
  return (
    <>
      <label className="sr" htmlFor={field.id}>
        {label}
      </label>
      <Input
        id={field.id}
        key={field.key}
        name={field.name}
        defaultValue={field.initialValue}
        inputMode="numeric"
        autoComplete="off"
        placeholder="0"
        style={{ width: 88, textAlign: "right" }}
        aria-invalid={field.errors ? true : undefined}
        aria-describedby={field.errors ? `${field.id}-error` : undefined}
      />
      {field.errors ? (
        <Wrong as="div" id={`${field.id}-error`} style={{ whiteSpace: "normal" }}>
          {field.errors.join(" ")}
        </Wrong>
      ) : null}
    </>
  );
}
