import { useState } from "react";
import { useSubmit } from "react-router";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { Field, Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { PasskeyButton, usePasskeys } from "./passkey-button";
import type { Wrongs } from "./schema";

export interface PasskeyView {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly usedAt: string | undefined;
}

/** The passkeys of an account: another way in, by finger, face or the code of a device. */
export function PasskeysSheet({
  keys,
  here,
  device,
  wrongs,
}: {
  keys: readonly PasskeyView[];
  /** Passkeys can be made at this address; else the one where they can be. */
  here: true | string;
  /** What this device is called at first. */
  device: string;
  wrongs: Wrongs | undefined;
}) {
  const submit = useSubmit();
  const able = usePasskeys();
  const [name, setName] = useState(device);
  return (
    <Sheet aria-labelledby="passkeys-title">
      <SheetHead>
        <h2 id="passkeys-title">Passkeys</h2>
        <Small>sign in by finger, face or the code of your device, without a phrase</Small>
      </SheetHead>
      {keys.length > 0 ? <Keys keys={keys} /> : null}
      {here !== true ? (
        <p>
          A passkey is bound to a name, and this address has none. Open Lapka at <a href={here}>{here}</a> to
          add one.
        </p>
      ) : able ? (
        <Row style={{ alignItems: "end", marginTop: keys.length > 0 ? 14 : 0 }}>
          <Field label="Call it" name="key-name" errors={wrongs?.key}>
            {(bind) => (
              <Input {...bind} value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
            )}
          </Field>
          <PasskeyButton
            ask={{ action: "/account", intent: "passkey-ask" }}
            sign="make"
            onAnswer={(answer) =>
              void submit({ intent: "passkey-add", name, answer }, { method: "post", action: "/account" })
            }
          >
            Add a passkey
          </PasskeyButton>
        </Row>
      ) : (
        <p>This browser keeps no passkeys.</p>
      )}
    </Sheet>
  );
}

function Keys({ keys }: { keys: readonly PasskeyView[] }) {
  const r = useReading();
  const when = new Intl.DateTimeFormat(r.locale, { dateStyle: "medium" });
  return (
    <Scroll tabIndex={0} role="group" aria-label="Passkeys">
      <PlainTable>
        <thead>
          <tr>
            <th>Passkey</th>
            <th>Since</th>
            <th>Last used</th>
            <th>Remove</th>
          </tr>
        </thead>
        <tbody>
          {keys.map((k) => (
            <tr key={k.id}>
              <td>{k.name}</td>
              <td>{when.format(new Date(k.since))}</td>
              <td>{k.usedAt ? when.format(new Date(k.usedAt)) : "never"}</td>
              <td>
                <WorkForm>
                  <input type="hidden" name="intent" value="passkey-remove" />
                  <input type="hidden" name="id" value={k.id} />
                  <Button type="submit" aria-label={`Remove the passkey ${k.name}`}>
                    Remove
                  </Button>
                </WorkForm>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}
