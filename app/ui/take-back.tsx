import { Undo2 } from "lucide-react";
import { useFetcher } from "react-router";
import { Button } from "./basics";
import { Carried, Refusal } from "./form";

/** Takes one row of a book back, where it stands: the page around it stays. `fields` say what to whom. */
export function TakeBack({
  action,
  fields,
  label,
}: {
  action: string;
  fields: Readonly<Record<string, string>>;
  label: string;
}) {
  const fetcher = useFetcher();
  return (
    <fetcher.Form method="post" action={action}>
      <Carried />
      {Object.entries(fields).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <Button
        type="submit"
        $quiet
        disabled={fetcher.state !== "idle"}
        aria-label={`Take back: ${label}`}
        title={`Take back: ${label}`}
      >
        <Undo2 size={16} aria-hidden />
      </Button>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}
