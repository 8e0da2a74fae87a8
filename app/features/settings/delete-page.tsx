import { Download, Trash2 } from "lucide-react";
import { Link } from "react-router";
import {
  Button,
  ButtonLink,
  Columns,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../../ui/basics";
import { Field, Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { ProveForm } from "../accounts/prove-form";
import { printNumber } from "@core/units";

const WORDS: readonly (readonly [table: string, one: string, several: string])[] = [
  ["item", "item", "items"],
  ["yarn", "yarn", "yarns"],
  ["run", "run", "runs"],
  ["sale", "sale", "sales"],
  ["photo", "photo", "photos"],
];

interface Of {
  readonly name: string;
  readonly holds: Readonly<Record<string, number>>;
  readonly proved: boolean;
  readonly passkeys: boolean;
}
type Answer = { readonly wrongs?: Record<string, string[]>; readonly of?: string } | undefined;

/** What goes with a workshop and what stays, its file to take along, and the form that deletes it. */
export function DeletePage({ of, answer }: { readonly of: Of; readonly answer: Answer }) {
  return (
    <Page>
      <PageHead>
        <h1>Delete “{of.name}”</h1>
        <Small>
          <Link to="/settings">back to the settings</Link>
        </Small>
      </PageHead>
      <Columns>
        <Stack $gap={18}>
          <WhatGoes holds={of.holds} />
        </Stack>
        <Stack $gap={18}>
          <TakeAlong />
          {of.proved ? (
            <DeleteForm name={of.name} errors={answer?.wrongs?.name} />
          ) : (
            <ProveForm
              action="/settings/delete"
              what="a workshop"
              does="deleted"
              passkeys={of.passkeys}
              wrongs={answer?.of === "prove" ? answer.wrongs : undefined}
            />
          )}
        </Stack>
      </Columns>
    </Page>
  );
}

function WhatGoes({ holds }: Pick<Of, "holds">) {
  const { locale } = useReading();
  return (
    <>
      <Sheet aria-labelledby="goes-title">
        <SheetHead>
          <h2 id="goes-title">What goes</h2>
        </SheetHead>
        <ul style={{ margin: "0 0 10px", paddingInlineStart: 20 }}>
          {WORDS.filter(([t]) => (holds[t] ?? 0) > 0).map(([t, one, several]) => (
            <li key={t}>
              <b>{printNumber(holds[t] ?? 0, 0, locale)}</b> {holds[t] === 1 ? one : several}
            </li>
          ))}
          <li>stock, measurements, prices, commissions, the trail of who did what</li>
          <li>everybody’s way into it, invitations and calendar addresses</li>
        </ul>
        <p>There is no way back from here: it does not lie in the bin.</p>
      </Sheet>
      <Sheet aria-labelledby="stays-title">
        <SheetHead>
          <h2 id="stays-title">What stays</h2>
        </SheetHead>
        <p>
          People’s own accounts; each deletes theirs. Copies of the whole database on this machine, which hold
          it until they are replaced by newer ones or thrown away. Files that somebody took along.
        </p>
      </Sheet>
    </>
  );
}

function TakeAlong() {
  return (
    <Sheet aria-labelledby="first-title">
      <SheetHead>
        <h2 id="first-title">First, take it with you</h2>
      </SheetHead>
      <Row>
        <ButtonLink to="/workshop.zip" reloadDocument>
          <Download size={16} aria-hidden /> The whole workshop (ZIP)
        </ButtonLink>
        <Small>with this file it can be brought back, here or elsewhere</Small>
      </Row>
    </Sheet>
  );
}

function DeleteForm({ name, errors }: { readonly name: string; readonly errors: string[] | undefined }) {
  return (
    <Sheet aria-labelledby="delete-title">
      <SheetHead>
        <h2 id="delete-title">Then delete it</h2>
      </SheetHead>
      <WorkForm>
        <input type="hidden" name="intent" value="delete" />
        <Stack $gap={12} style={{ maxWidth: 420 }}>
          <Field label={`Write its name: ${name}`} name="name" errors={errors}>
            {(bind) => <Input {...bind} autoComplete="off" required maxLength={120} />}
          </Field>
          <Row>
            <Button type="submit">
              <Trash2 size={16} aria-hidden /> Delete it for good
            </Button>
          </Row>
        </Stack>
      </WorkForm>
    </Sheet>
  );
}
