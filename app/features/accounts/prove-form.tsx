import { useSubmit } from "react-router";
import { Button, Row, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import { PhraseField } from "./door";
import { PasskeyButton, usePasskeys } from "./passkey-button";
import type { Wrongs } from "./schema";

/** Asks once more who sits there, before people or keys are changed, or a workshop goes. */
export function ProveForm({
  action,
  wrongs,
  passkeys,
  what,
  does = "changed",
}: {
  action: "/people" | "/account" | "/settings/delete";
  wrongs: Wrongs | undefined;
  /** Passkeys can be used at this address. */
  passkeys: boolean;
  /** "who comes in" */
  what: string;
  /** What is done with it. */
  does?: "changed" | "deleted";
}) {
  const submit = useSubmit();
  const able = usePasskeys() && passkeys;
  return (
    <Sheet aria-labelledby="prove-title">
      <SheetHead>
        <h2 id="prove-title">Is it you?</h2>
        <Small>good for a quarter of an hour</Small>
      </SheetHead>
      <p style={{ marginBottom: 10 }}>
        You came in a while ago. Before {what} is {does}, show once more that it is you.
      </p>
      <WorkForm action={action}>
        <input type="hidden" name="intent" value="prove" />
        <Stack $gap={12} style={{ maxWidth: 420 }}>
          <PhraseField name="now" label="Your pass phrase" errors={wrongs?.now} />
          <Row>
            <Button type="submit" $primary>
              It is me
            </Button>
            {able ? (
              <PasskeyButton
                ask={{ action: "/passkey", intent: "ask" }}
                sign="use"
                onAnswer={(answer) => void submit({ intent: "prove", answer }, { method: "post", action })}
              >
                By passkey
              </PasskeyButton>
            ) : null}
          </Row>
        </Stack>
      </WorkForm>
    </Sheet>
  );
}
