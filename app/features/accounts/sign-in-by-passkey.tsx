import { useFetcher } from "react-router";
import { Small } from "../../ui/basics";
import { Wrong } from "./door";
import { PasskeyButton, usePasskeys } from "./passkey-button";

/** The way in without name and phrase, where this browser keeps passkeys. */
export function SignInByPasskey({ to }: { to: string }) {
  const fetcher = useFetcher<{ wrong?: string }>();
  if (!usePasskeys()) return null;
  return (
    <div style={{ marginTop: 18, display: "grid", gap: 8, justifyItems: "start" }}>
      {fetcher.data?.wrong ? <Wrong role="alert">{fetcher.data.wrong}</Wrong> : null}
      <PasskeyButton
        ask={{ action: "/passkey", intent: "ask" }}
        sign="use"
        onAnswer={(answer) => {
          // Whether this device is one's own is ticked in the form below, for both ways in.
          const own = document.querySelector<HTMLInputElement>('input[name="own"]')?.checked;
          void fetcher.submit(
            { intent: "sign-in", answer, to, ...(own ? { own: "on" } : {}) },
            { method: "post", action: "/passkey" },
          );
        }}
      >
        Sign in by passkey
      </PasskeyButton>
      <Small>or by name and phrase:</Small>
    </div>
  );
}
