import { useEffect, useId, useRef, useState, type ComponentProps, type ReactNode } from "react";
import { Form, useActionData, useNavigation, useRouteLoaderData } from "react-router";
import styled from "styled-components";
import { refusalOf } from "./away";
import { Button } from "./basics";
import { draftsOf, fill, textsOf, type Draft } from "./form-drafts";

interface Carrying {
  readonly role?: string;
  readonly workshop: { readonly id: string };
  /** New whenever the page's data is: what was sent and answered is another act the next time. */
  readonly seed: string;
}

/** Which workshop this page was made for. */
export const useWorkshopId = (): string =>
  (useRouteLoaderData("root") as Carrying | undefined)?.workshop.id ?? "";

/** What who looks at this page is in the workshop; undefined for a visitor. */
export const useRole = (): string | undefined => (useRouteLoaderData("root") as Carrying | undefined)?.role;

/**
 * What every form carries: the workshop it was made for, and a key that stays the same until it was answered.
 */
export function Carried({ formKey }: { formKey?: string }) {
  const root = useRouteLoaderData("root") as Carrying | undefined;
  const own = useFormKey();
  if (!root) return null;
  return (
    <>
      <input type="hidden" name="workshop" value={root.workshop.id} />
      <input type="hidden" name="key-of-form" value={formKey ?? own} />
    </>
  );
}

function useFormKey(): string {
  const root = useRouteLoaderData("root") as Carrying | undefined;
  return `${root?.seed ?? ""}${useId()}`;
}

/** Is the last answer of this page the one to this form? Of several forms only that one says why it was not taken. */
function useAnswered(key: string): boolean {
  const sent = useNavigation().formData?.get("key-of-form");
  const [last, setLast] = useState<{ readonly sent?: string; readonly mine: boolean }>({ mine: true });
  // Its key is another one once the page has new data: what was sent is compared with the key of then.
  if (typeof sent === "string" && sent !== last.sent) setLast({ sent, mine: sent === key });
  return last.mine;
}

/** Why a form was not taken, beside the form, with everything in it as it was. */
export function Refusal({ of }: { of: unknown }) {
  const why = refusalOf(of);
  return why === undefined ? null : <Told role="alert">{why}</Told>;
}

/**
 * A form that keeps what is typed: it carries its workshop and key, says why it was not taken, and with
 * `draft` survives a reload.
 */
export function WorkForm({
  children,
  draft,
  ...props
}: ComponentProps<typeof Form> & { children?: ReactNode; draft?: string }) {
  const result: unknown = useActionData();
  const idle = useNavigation().state === "idle";
  const key = useFormKey();
  const answered = useAnswered(key);
  return (
    <Form method="post" {...props}>
      <Carried formKey={key} />
      {draft === undefined ? null : <DraftOf name={draft} idle={idle} refusal={result} />}
      {children}
      {answered ? <Refusal of={result} /> : null}
    </Form>
  );
}

/** Forgets what was kept of a form: she said so. */
export const useForgetDraft = (): ((name: string) => void) => {
  const workshop = useWorkshopId();
  return (name) => draftsOf(() => window.localStorage, `${workshop}:${name}`).forget();
};

/**
 * What is typed into the form around it, kept in this browser until it was taken: back after a reload, a
 * crash or a lost server. `name` and the workshop name the draft; `refusal` is an answer that came and did
 * not take the form.
 */
export function DraftOf({ name, idle, refusal }: { name: string; idle: boolean; refusal: unknown }) {
  const workshop = useWorkshopId();
  const at = useRef<HTMLSpanElement>(null);
  const sent = useRef(false);
  const notTaken = useRef(false);
  const [back, setBack] = useState<Draft>();
  useEffect(() => {
    notTaken.current = refusal !== undefined;
  }, [refusal]);
  useEffect(() => {
    const form = at.current?.closest("form");
    if (!form) return undefined;
    const drafts = draftsOf(() => window.localStorage, `${workshop}:${name}`);
    const beginnings = textsOf(form);
    const kept = drafts.read();
    if (kept && fill(form, kept)) setBack(beginnings);
    const onInput = () => {
      sent.current = false;
      drafts.keep(textsOf(form));
    };
    const onSubmit = () => {
      sent.current = true;
      // What was said to the last try is not said to this one.
      notTaken.current = false;
    };
    form.addEventListener("input", onInput);
    form.addEventListener("submit", onSubmit);
    return () => {
      form.removeEventListener("input", onInput);
      form.removeEventListener("submit", onSubmit);
      // Left after it was sent, and nothing said that it was not taken.
      if (sent.current && !notTaken.current) drafts.forget();
    };
  }, [workshop, name]);
  useEffect(() => {
    // The answer is here and the page stands: taken, unless it says otherwise.
    if (!idle || !sent.current || notTaken.current) return;
    sent.current = false;
    draftsOf(() => window.localStorage, `${workshop}:${name}`).forget();
  }, [idle, refusal, workshop, name]);
  return (
    <>
      <span ref={at} hidden />
      {back ? (
        <Told role="status" data-tone="plain">
          What you had typed here and not sent is back.{" "}
          <Button
            type="button"
            onClick={(e) => {
              const form = e.currentTarget.form;
              if (form) fill(form, back);
              draftsOf(() => window.localStorage, `${workshop}:${name}`).forget();
              setBack(undefined);
            }}
          >
            Begin anew
          </Button>
        </Told>
      ) : null}
    </>
  );
}

const Told = styled.p`
  grid-column: 1 / -1;
  margin: 10px 0;
  padding: 10px 14px;
  background: var(--bad-ground);
  border-left: 6px solid var(--bad);
  &[data-tone="plain"] {
    background: var(--sheet);
    border-color: var(--tape);
  }
`;
