import type { ReactNode } from "react";
import { Field, FieldGrid, Input, Select } from "../../ui/field";
import { tagSchema } from "./choices";

/** What is wrong with the wishes for tags, by field. */
export function tagErrors(tag: Record<string, string>): Map<string, string> {
  const filled = Object.fromEntries(Object.entries(tag).filter(([, v]) => v !== ""));
  const read = tagSchema.safeParse(filled);
  return new Map(read.success ? [] : read.error.issues.map((i) => [String(i.path[0]), i.message]));
}

type Change = (key: string, value: string) => void;
/** A choice of a sheet; what is chosen stands in its address. */
export const Choice = ({
  label,
  name,
  value,
  onChange,
  children,
}: {
  label: string;
  name: string;
  value: Record<string, string>;
  onChange: Change;
  children: ReactNode;
}) => (
  <Field label={label} name={name} errors={undefined}>
    {(bind) => (
      <Select {...bind} value={value[name] ?? ""} onChange={(e) => onChange(name, e.target.value)}>
        {children}
      </Select>
    )}
  </Field>
);

/** How a sheet is laid out, and for a pattern in which hand. */
export function SheetFields({
  value,
  onChange,
  pattern,
}: {
  value: Record<string, string>;
  onChange: Change;
  pattern: boolean;
}) {
  return (
    <FieldGrid $min={150}>
      <Choice label="Paper" name="paper" value={value} onChange={onChange}>
        <option value="">A4</option>
        <option value="LETTER">Letter</option>
        <option value="A6">A6 cards</option>
      </Choice>
      <Choice label="Type" name="large" value={value} onChange={onChange}>
        <option value="">Usual</option>
        <option value="1">Large</option>
      </Choice>
      {pattern ? (
        <>
          <Choice label="Stitch names" name="terms" value={value} onChange={onChange}>
            <option value="us">US</option>
            <option value="uk">UK</option>
          </Choice>
          <Choice label="Round label" name="label" value={value} onChange={onChange}>
            <option value="">Rnd 3:</option>
            <option value="Round">Round 3:</option>
            <option value="R">R3:</option>
          </Choice>
          <Choice label="Repeats" name="brackets" value={value} onChange={onChange}>
            <option value="">(sc, inc) × 6</option>
            <option value="square">[sc, inc] × 6</option>
            <option value="stars">*sc, inc* repeat</option>
          </Choice>
          <Choice label="Totals" name="total" value={value} onChange={onChange}>
            <option value="">(18)</option>
            <option value="square">[18]</option>
            <option value="equals">= 18</option>
            <option value="words">18 sts</option>
          </Choice>
        </>
      ) : null}
    </FieldGrid>
  );
}

/** How many tags, on what, with which code. */
export function TagFields({
  value,
  errors,
  onChange,
}: {
  value: Record<string, string>;
  errors: ReadonlyMap<string, string>;
  onChange: Change;
}) {
  const text = (label: string, name: string, hint?: string) => (
    <Field
      label={label}
      name={name}
      hint={hint}
      errors={errors.has(name) ? [errors.get(name) ?? ""] : undefined}
    >
      {(bind) => (
        <Input
          {...bind}
          value={value[name] ?? ""}
          autoComplete="off"
          onChange={(e) => onChange(name, e.target.value)}
        />
      )}
    </Field>
  );
  return (
    <FieldGrid $min={150}>
      {text("How many", "count")}
      <Choice label="Paper" name="paper" value={value} onChange={onChange}>
        <option value="">A4, nine a sheet</option>
        <option value="LETTER">Letter</option>
        <option value="ROLL">Label roll, 52 × 88 mm</option>
      </Choice>
      {text("Batch", "batch", "The newest that was looked at; finds its lots again.")}
      <Choice label="Code" name="code" value={value} onChange={onChange}>
        <option value="">QR</option>
        <option value="ean">EAN-13</option>
        <option value="code128">Code 128</option>
        <option value="none">None</option>
      </Choice>
      {value.code === "none"
        ? null
        : text(
            "The code says",
            "codeText",
            value.code === "ean" ? "12 or 13 figures." : "Empty: maker, item, batch.",
          )}
    </FieldGrid>
  );
}
