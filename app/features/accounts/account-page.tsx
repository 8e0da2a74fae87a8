import { LogOut, MonitorSmartphone, Plus } from "lucide-react";
import { Form } from "react-router";
import type { Role } from "@db/queries/accounts";
import {
  Badge,
  Button,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../../ui/basics";
import { Field, Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { Codes } from "./codes";
import { PhraseField } from "./door";
import { PasskeysSheet, type PasskeyView } from "./passkeys-sheet";
import { ProveForm } from "./prove-form";
import { ROLE_WORDS } from "./roles";
import type { Wrongs } from "./schema";

export interface AccountView {
  readonly name: string;
  readonly here: string;
  readonly devices: readonly { mark: string; device: string; since: string; seenAt: string }[];
  readonly codes: number;
  readonly passkeys: readonly PasskeyView[];
  /** Passkeys can be made at this address; else the one where they can be. */
  readonly passkeysHere: true | string;
  readonly device: string;
  /** They have shown lately who they are. */
  readonly proved: boolean;
  readonly memberships: readonly { workshopId: string; workshop: string; role: Role; open: boolean }[];
}
interface Answer {
  readonly wrongs?: Wrongs | undefined;
  readonly of?: unknown;
  readonly codes?: readonly string[];
  readonly ask?: unknown;
}

const DONE: Readonly<Record<string, string>> = {
  phrase: "Your phrase is another one now; other devices are signed out.",
  device: "That device is signed out.",
  others: "Every other device is signed out.",
  key: "The passkey opens your account from now on.",
  unkey: "That passkey opens nothing any more.",
};

/** Somebody's own page: phrase, codes, devices, and the workshops they are in. */
export function AccountPage({
  account,
  answer,
  done,
}: {
  account: AccountView;
  answer: Answer | undefined;
  done: string | null;
}) {
  return (
    <Page>
      <PageHead>
        <h1>{account.name}</h1>
        {done && DONE[done] ? <Badge $tone="good">{DONE[done]}</Badge> : null}
        <Form method="post" action="/sign-out">
          <Button type="submit">
            <LogOut size={17} aria-hidden /> Sign out
          </Button>
        </Form>
      </PageHead>
      <Stack $gap={18} style={{ maxWidth: 900 }}>
        {answer?.codes ? (
          <Sheet>
            <Codes codes={answer.codes} />
          </Sheet>
        ) : null}
        <Workshops of={account.memberships} />
        <Devices account={account} />
        {account.proved ? (
          <PasskeysSheet
            keys={account.passkeys}
            here={account.passkeysHere}
            device={account.device}
            wrongs={answer?.of === "passkey-add" ? answer.wrongs : undefined}
          />
        ) : (
          <ProveForm
            action="/account"
            what="what opens your account"
            passkeys={account.passkeysHere === true && account.passkeys.length > 0}
            wrongs={answer?.of === "prove" ? answer.wrongs : undefined}
          />
        )}
        <Sheet aria-labelledby="phrase-title">
          <SheetHead>
            <h2 id="phrase-title">Pass phrase</h2>
            <Small>another one signs every other device out</Small>
          </SheetHead>
          <Proved intent="phrase" say="Take the new phrase" answer={answer} withNew />
        </Sheet>
        <Sheet aria-labelledby="recovery-title">
          <SheetHead>
            <h2 id="recovery-title">Recovery codes</h2>
            <Small>{account.codes} of ten not used yet</Small>
          </SheetHead>
          <Proved intent="codes" say="Draw ten new ones; the old ones end" answer={answer} />
        </Sheet>
        <Sheet aria-labelledby="forget-title">
          <SheetHead>
            <h2 id="forget-title">Forget me</h2>
          </SheetHead>
          <p style={{ marginBottom: 10 }}>
            Your name, phrase, passkeys, codes and devices are deleted here and now. Work that you did stays
            the workshop’s, and its trail keeps your name beside it.
          </p>
          <Proved intent="delete" say="Delete my account" answer={answer} />
        </Sheet>
      </Stack>
    </Page>
  );
}

/** A form that asks for the phrase of now. */
function Proved({
  intent,
  say,
  answer,
  withNew = false,
}: {
  intent: "phrase" | "codes" | "delete";
  say: string;
  answer: Answer | undefined;
  withNew?: boolean;
}) {
  const wrongs = answer?.of === intent ? answer.wrongs : undefined;
  return (
    <Form method="post">
      <input type="hidden" name="intent" value={intent} />
      <Stack $gap={12} style={{ maxWidth: 420 }}>
        <PhraseField name="now" label="Your phrase of now" errors={wrongs?.now} />
        {withNew ? <PhraseField name="phrase" label="The new phrase" isNew errors={wrongs?.phrase} /> : null}
        <Row>
          <Button type="submit">{say}</Button>
        </Row>
      </Stack>
    </Form>
  );
}

function Workshops({ of }: { of: AccountView["memberships"] }) {
  return (
    <Sheet aria-labelledby="workshops-title">
      <SheetHead>
        <h2 id="workshops-title">Workshops</h2>
      </SheetHead>
      {of.length === 0 ? (
        <p>
          You are in no workshop now. An owner can let you into theirs again, or you begin one of your own.
        </p>
      ) : (
        <Stack $gap={6}>
          {of.map((m) => (
            <Row key={m.workshopId}>
              <b>{m.workshop}</b>
              <Small>
                {ROLE_WORDS[m.role].name}: {ROLE_WORDS[m.role].may}
              </Small>
              {m.open ? (
                <Badge>open here</Badge>
              ) : (
                <Form method="post" action="/workshops">
                  <input type="hidden" name="intent" value="open" />
                  <input type="hidden" name="id" value={m.workshopId} />
                  <Button type="submit" aria-label={`Open: ${m.workshop}`}>
                    Open
                  </Button>
                </Form>
              )}
            </Row>
          ))}
        </Stack>
      )}
      <Form method="post" action="/workshops" style={{ marginTop: 14 }}>
        <input type="hidden" name="intent" value="create" />
        <Row style={{ alignItems: "end" }}>
          <Field label="Begin another workshop" name="name">
            {(bind) => <Input {...bind} required maxLength={120} />}
          </Field>
          <Button type="submit">
            <Plus size={17} aria-hidden /> Begin
          </Button>
        </Row>
      </Form>
    </Sheet>
  );
}

function Devices({ account }: { account: AccountView }) {
  const r = useReading();
  const when = new Intl.DateTimeFormat(r.locale, { dateStyle: "medium", timeStyle: "short" });
  return (
    <Sheet id="devices" aria-labelledby="devices-title">
      <SheetHead>
        <h2 id="devices-title">Signed in on</h2>
        {account.devices.length > 1 ? (
          <WorkForm>
            <input type="hidden" name="intent" value="end-others" />
            <Button type="submit">Sign out everywhere else</Button>
          </WorkForm>
        ) : null}
      </SheetHead>
      <Scroll>
        <PlainTable>
          <thead>
            <tr>
              <th>Device</th>
              <th>Since</th>
              <th>Last used</th>
              <th>Sign out</th>
            </tr>
          </thead>
          <tbody>
            {account.devices.map((d) => (
              <tr key={d.mark}>
                <td>
                  <MonitorSmartphone size={16} aria-hidden /> {d.device}
                </td>
                <td>{when.format(new Date(d.since))}</td>
                <td>{when.format(new Date(d.seenAt))}</td>
                <td>
                  {d.mark === account.here ? (
                    <Badge>this one</Badge>
                  ) : (
                    <WorkForm>
                      <input type="hidden" name="intent" value="end-device" />
                      <input type="hidden" name="mark" value={d.mark} />
                      <Button type="submit" aria-label={`Sign it out: ${d.device}`}>
                        Sign it out
                      </Button>
                    </WorkForm>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}
