import { Field, Select } from "../../ui/field";

/** Where pieces that somebody waits for are made: in a run of their own, or with those of an open one. */
export function RunChoice({ runs }: { runs: readonly { readonly value: string; readonly label: string }[] }) {
  if (runs.length === 0) return null;
  return (
    <Field label="Made in" name="into">
      {(bind) => (
        <Select {...bind} defaultValue="">
          <option value="">a run of its own</option>
          {runs.map((r) => (
            <option key={r.value} value={r.value}>
              {r.label}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}
