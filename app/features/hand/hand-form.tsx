import { useState } from "react";
import { Link, useFetcher } from "react-router";
import { printTrimmed } from "@core/units";
import { GIVEN_WORK, type GivenWork } from "@core/planning/given-work";
import { Carried, Refusal } from "../../ui/form";
import { Button, Small, Stack } from "../../ui/basics";
import { Field, FieldGrid, Input, Select, Wrong } from "../../ui/field";
import { FormFoot } from "../../ui/modal";
import { useReading } from "../../ui/reading";
import { Legend, WeekDays } from "../../ui/week-days";
import type { HandReply } from "./actions.server";
import { GIVEN_WORDS } from "./words";

export interface HandShown {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly loops: "over" | "under";
  /** Not the maker's own: with hours of her own and work that is given to her. */
  readonly helper: boolean;
  readonly weekMinutes: number;
  readonly workDays: string;
  readonly does: readonly GivenWork[] | null;
  readonly dayLimitMinutes: number;
  readonly breakAfterMinutes: number;
}

/** A helper's hand added, or a hand renamed and told how it takes up the yarn. */
export function HandForm({ hand, onDone }: { hand: HandShown | undefined; onDone: () => void }) {
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
        <Care hand={hand} wrong={fetcher.data?.reply?.error} />
        {hand === undefined || hand.helper ? (
          <HelperHours hand={hand} wrong={fetcher.data?.reply?.error} />
        ) : (
          <p>
            <Small>
              Your own hours stand in <Link to="/settings">Settings</Link>.
            </Small>
          </p>
        )}
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

/** What the bench and the calendar watch over for a hand. */
function Care({
  hand,
  wrong,
}: {
  hand: HandShown | undefined;
  wrong: Readonly<Record<string, string[] | null>> | null | undefined;
}) {
  const { locale } = useReading();
  return (
    <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
      <Legend>Care of the hand</Legend>
      <FieldGrid $min={150}>
        <Field
          label="Most hours a day"
          name="dayLimitMinutes"
          hint="0 for no limit. The calendar marks days above it."
          errors={wrong?.dayLimitMinutes ?? undefined}
        >
          {(b) => (
            <Input
              {...b}
              inputMode="decimal"
              autoComplete="off"
              defaultValue={printTrimmed((hand?.dayLimitMinutes ?? 0) / 60, 2, locale)}
            />
          )}
        </Field>
        <Field
          label="A break after, minutes"
          name="breakAfterMinutes"
          hint="Told at the bench; 0 for never."
          errors={wrong?.breakAfterMinutes ?? undefined}
        >
          {(b) => (
            <Input
              {...b}
              inputMode="numeric"
              autoComplete="off"
              defaultValue={hand?.breakAfterMinutes ?? 30}
            />
          )}
        </Field>
      </FieldGrid>
      <Small>Pain is a reason to stop and to ask a doctor, not to push on.</Small>
    </fieldset>
  );
}

/** When a helper works and at what: runs can give her that, and the calendar counts on it. */
function HelperHours({
  hand,
  wrong,
}: {
  hand: HandShown | undefined;
  wrong: Readonly<Record<string, string[] | null>> | null | undefined;
}) {
  const { locale } = useReading();
  return (
    <>
      <input type="hidden" name="helper" value="on" />
      <Field
        label="Hours a week"
        name="weekMinutes"
        hint="Runs can give her work in them; 0 for none."
        errors={wrong?.weekMinutes ?? undefined}
      >
        {(b) => (
          <Input
            {...b}
            inputMode="decimal"
            autoComplete="off"
            defaultValue={printTrimmed((hand?.weekMinutes ?? 0) / 60, 2, locale)}
          />
        )}
      </Field>
      <WeekDays name="days" workDays={hand?.workDays ?? "1111100"} errors={wrong?.days ?? undefined} />
      <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
        <Legend>What she does</Legend>
        {GIVEN_WORK.map((w) => (
          <label key={w} style={{ display: "flex", gap: 6, minHeight: 30, alignItems: "baseline" }}>
            <input
              type="checkbox"
              name="does"
              value={w}
              defaultChecked={hand?.does ? hand.does.includes(w) : true}
            />
            <span>
              {GIVEN_WORDS[w].name} <Small>{GIVEN_WORDS[w].what}</Small>
            </span>
          </label>
        ))}
        {wrong?.does ? <Wrong>{wrong.does.join(" ")}</Wrong> : null}
      </fieldset>
    </>
  );
}
