import type { FieldMetadata } from "@conform-to/react";
import { useId, type ReactNode } from "react";
import styled, { css } from "styled-components";

const boxed = css`
  width: 100%;
  min-width: 0;
  min-height: 36px;
  padding: 6px 10px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--ground);
  color: var(--ink);
  &[aria-invalid="true"] {
    border-color: var(--bad);
    box-shadow: inset 3px 0 0 var(--bad);
  }
  @media (pointer: coarse) {
    min-height: 48px;
  }
`;
export const Input = styled.input`
  ${boxed}
`;
export const Select = styled.select`
  ${boxed}
`;
export const Textarea = styled.textarea`
  ${boxed} resize: vertical;
`;

const Wrap = styled.div`
  display: grid;
  gap: 3px;
  align-content: start;
  min-width: 0;
`;
const Label = styled.label`
  font-size: 13px;
  font-weight: 560;
`;
const Hint = styled.span`
  font-size: 13px;
  color: var(--soft);
`;
export const Wrong = styled.span`
  font-size: 13px;
  color: var(--bad);
  font-weight: 560;
`;

export interface FieldBind {
  readonly id: string;
  readonly name: string;
  readonly "aria-invalid": true | undefined;
  readonly "aria-describedby": string | undefined;
}

/**
 * A labelled control with its hint and what is wrong with it. The control is made by `children` from what
 * binds it.
 */
export function Field({
  label,
  hint,
  errors,
  name,
  id,
  children,
  wide,
}: {
  label: string;
  hint?: ReactNode;
  errors?: readonly string[] | undefined;
  name: string;
  id?: string;
  children: (bind: FieldBind) => ReactNode;
  wide?: boolean;
}) {
  const made = useId();
  const own = id ?? made;
  const wrong = errors && errors.length > 0;
  const described = [hint ? `${own}-hint` : "", wrong ? `${own}-error` : ""].filter(Boolean).join(" ");
  return (
    <Wrap style={wide ? { gridColumn: "1 / -1" } : undefined}>
      <Label id={`${own}-label`} htmlFor={own}>
        {label}
      </Label>
      {children({
        id: own,
        name,
        "aria-invalid": wrong ? true : undefined,
        "aria-describedby": described || undefined,
      })}
      {hint ? <Hint id={`${own}-hint`}>{hint}</Hint> : null}
      {wrong ? <Wrong id={`${own}-error`}>{errors.join(" ")}</Wrong> : null}
    </Wrap>
  );
}

/** A text field of a conform form. */
export function TextField({
  field,
  label,
  hint,
  type,
  inputMode,
  suffix,
  wide,
  autoFocus,
}: {
  field: FieldMetadata<string>;
  label: string;
  hint?: ReactNode;
  type?: "text" | "color" | "search";
  inputMode?: "decimal" | "numeric" | "text";
  suffix?: string;
  wide?: boolean;
  autoFocus?: boolean;
}) {
  return (
    <Field
      label={label}
      hint={hint}
      errors={field.errors}
      name={field.name}
      id={field.id}
      wide={wide ?? false}
    >
      {(bind) => (
        <Suffixed $with={suffix !== undefined}>
          <Input
            {...bind}
            key={field.key}
            defaultValue={field.initialValue}
            type={type ?? "text"}
            inputMode={inputMode}
            autoComplete="off"
            autoFocus={autoFocus}
          />
          {suffix ? <span aria-hidden>{suffix}</span> : null}
        </Suffixed>
      )}
    </Field>
  );
}
const Suffixed = styled.span<{ $with: boolean }>`
  display: flex;
  align-items: center;
  gap: 7px;
  & > span {
    color: var(--soft);
    font-size: 13px;
    white-space: nowrap;
  }
`;

export function SelectField({
  field,
  label,
  hint,
  options,
}: {
  field: FieldMetadata<string>;
  label: string;
  hint?: ReactNode;
  options: readonly { value: string; label: string }[];
}) {
  return (
    <Field label={label} hint={hint} errors={field.errors} name={field.name} id={field.id}>
      {(bind) => (
        <Select {...bind} key={field.key} defaultValue={field.initialValue}>
          {options.map((o) => (
            <option key={o.value} value={o.value}>
              {o.label}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}

export const FieldGrid = styled.div<{ $min?: number }>`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, ${(p) => p.$min ?? 190}px), 1fr));
  gap: 14px 16px;
`;
