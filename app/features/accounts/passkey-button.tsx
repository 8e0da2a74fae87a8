import { KeyRound } from "lucide-react";
import { useEffect, useRef, useState, useSyncExternalStore, type ReactNode } from "react";
import { useFetcher } from "react-router";
import { Button, Small } from "../../ui/basics";

const never = () => () => undefined;
/** Whether this browser can keep passkeys; never on the server. */
export const usePasskeys = (): boolean =>
  useSyncExternalStore(
    never,
    () => "PublicKeyCredential" in window,
    () => false,
  );

const NOTHING = "Nothing was signed: it was called off, or this device has no passkey of yours.";

/**
 * Asks what is to be signed, lets the device sign it once its owner unlocks it, and hands the answer on.
 * `ask`: where the question comes from, and by which intent.
 */
export function PasskeyButton({
  ask,
  sign,
  onAnswer,
  primary = false,
  children,
}: {
  ask: { readonly action: string; readonly intent: string };
  sign: "make" | "use";
  onAnswer: (answer: string) => void;
  primary?: boolean;
  children: ReactNode;
}) {
  const fetcher = useFetcher<{ ask?: object; refused?: string }>();
  const [wrong, setWrong] = useState<string>();
  const done = useRef<object>(undefined);
  const give = useRef(onAnswer);
  useEffect(() => {
    give.current = onAnswer;
  });
  const asked = fetcher.data?.ask;
  useEffect(() => {
    if (!asked || done.current === asked) return;
    done.current = asked;
    void signed(sign, asked).then(
      (answer) => give.current(answer),
      () => setWrong(NOTHING),
    );
  }, [asked, sign]);
  const said = wrong ?? fetcher.data?.refused;
  return (
    <>
      <Button
        type="button"
        $primary={primary}
        disabled={fetcher.state !== "idle"}
        onClick={() => {
          setWrong(undefined);
          void fetcher.submit({ intent: ask.intent }, { method: "post", action: ask.action });
        }}
      >
        <KeyRound size={17} aria-hidden /> {children}
      </Button>
      {said ? <Small role="alert">{said}</Small> : null}
    </>
  );
}

async function signed(how: "make" | "use", asked: object): Promise<string> {
  const { startAuthentication, startRegistration } = await import("@simplewebauthn/browser");
  const optionsJSON = asked as never;
  return JSON.stringify(
    how === "make" ? await startRegistration({ optionsJSON }) : await startAuthentication({ optionsJSON }),
  );
}
