import { useState } from "react";
import { useFetcher } from "react-router";
import { Carried, Refusal } from "../../ui/form";
import { Button, Stack } from "../../ui/basics";
import { Field, Input, Select } from "../../ui/field";
import { FormFoot } from "../../ui/modal";
import type { HandReply } from "./actions.server";

/** A helper's hand added, or a hand renamed and told how it takes up the yarn. */
export function HandForm({
  hand,
  onDone,
}: {
  hand: { id: string; version: number; name: string; loops: "over" | "under" } | undefined;
  onDone: () => void;
}) {
  const fetcher = useFetcher<HandReply>();
  const [sent, setSent] = useState<string>();
  const done = fetcher.data?.done;
  if (done && done !== sent && fetcher.state === "idle") {
    setSent(done);
    onDone();
  }
  return (
    <fetcher.Form method="post" action="/hand">
      <Carried />
      <input type="hidden" name="intent" value="hand" />
      {hand ? <input type="hidden" name="id" value={hand.id} /> : null}
      {hand ? <input type="hidden" name="seen" value={hand.version} /> : null}
      <Stack>
        <p>
          {hand
            ? "Measurements made with the yarn taken up the other way are kept apart: they come back when you do."
            : "Measurements of a helper are kept apart from yours: your estimates stay yours."}
        </p>
        <Field label="Name" name="name" errors={fetcher.data?.reply?.error?.name ?? undefined}>
          {(b) => <Input {...b} defaultValue={hand?.name ?? ""} autoFocus autoComplete="off" />}
        </Field>
        <Field label="Takes up the yarn" name="loops">
          {(b) => (
            <Select {...b} defaultValue={hand?.loops ?? "over"}>
              <option value="over">yarn over (“v” stitches)</option>
              <option value="under">yarn under (“x” stitches, tighter)</option>
            </Select>
          )}
        </Field>
      </Stack>
      <FormFoot>
        <Button type="button" onClick={onDone}>
          Cancel
        </Button>
        <Button type="submit" $primary disabled={fetcher.state !== "idle"}>
          {hand ? "Keep the changes" : "Add the hand"}
        </Button>
      </FormFoot>
      <Refusal of={fetcher.data} />
    </fetcher.Form>
  );
}
