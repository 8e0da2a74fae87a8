import { Trash2 } from "lucide-react";
import { Button } from "./basics";
import { WorkForm } from "./form";

/**
 * Puts something into the bin, or out of use, with one press; the page it leads to offers to undo it. `fields` say
 * what, beside the intent.
 */
export function BinButton({
  label,
  intent = "delete",
  fields = {},
  action,
}: {
  /** What it does to what: "Delete Winter plumage". */
  label: string;
  intent?: string;
  fields?: Readonly<Record<string, string>>;
  action?: string;
}) {
  return (
    <WorkForm {...(action === undefined ? {} : { action })}>
      <input type="hidden" name="intent" value={intent} />
      {Object.entries(fields).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <Button type="submit" $quiet aria-label={label} title={label}>
        <Trash2 size={16} aria-hidden />
      </Button>
    </WorkForm>
  );
}
