import { Eye, EyeOff } from "lucide-react";
import { useState, type ReactNode } from "react";
import styled from "styled-components";
import { Button, ButtonLink, Small, tapeTicks } from "../../ui/basics";
import { Field, Input } from "../../ui/field";
import { Codes } from "./codes";
import { LEAST_LETTERS } from "./letters";

/** What a route of such a page says of itself: it stands alone, whoever looks at it. */
export const DOOR = { door: true } as const;

/** A page before the workshop: one sheet in the middle, and nothing of anybody's on it. */
export function Door({ title, lead, children }: { title: string; lead?: ReactNode; children: ReactNode }) {
  return (
    <Outside>
      <Leaf>
        <Tape aria-hidden />
        <div>
          <p>
            <Small>Lapka</Small>
          </p>
          <h1>{title}</h1>
          {lead ? <p style={{ marginTop: 6 }}>{lead}</p> : null}
          {children}
        </div>
      </Leaf>
    </Outside>
  );
}

/** The name that one signs in with. */
export function NameField({
  errors,
  isNew = false,
  value,
}: {
  errors?: readonly string[] | undefined;
  isNew?: boolean;
  value?: string | undefined;
}) {
  return (
    <Field label="Your name" name="name" errors={errors} hint={isNew ? "You sign in with it." : undefined}>
      {(bind) => (
        <Input
          {...bind}
          autoComplete="username"
          required
          maxLength={80}
          defaultValue={value}
          autoFocus={value === undefined}
        />
      )}
    </Field>
  );
}

export const OwnDevice = ({ ticked = false }: { ticked?: boolean }) => (
  <label>
    <input type="checkbox" name="own" defaultChecked={ticked} /> This is my own device: keep me signed in
  </label>
);

/** Recovery codes after somebody has come in, and the way on once they are on paper. */
export function CodesDoor({ title, codes, to }: { title: string; codes: readonly string[]; to: string }) {
  return (
    <Door title={title}>
      <Codes codes={codes} />
      <p style={{ marginTop: 18 }}>
        <ButtonLink to={to} $primary reloadDocument>
          I have them on paper: go on
        </ButtonLink>
      </p>
    </Door>
  );
}

const NEW_PHRASE = `Four words that have nothing to do with each other, ${LEAST_LETTERS} letters or more.`;

/** A phrase with a look at what is typed: one does not type four words blind. */
export function PhraseField({
  name,
  label,
  errors,
  isNew = false,
}: {
  name: string;
  label: string;
  errors?: readonly string[] | undefined;
  isNew?: boolean;
}) {
  const [shown, setShown] = useState(false);
  return (
    <Field label={label} name={name} hint={isNew ? NEW_PHRASE : undefined} errors={errors}>
      {(bind) => (
        <Beside>
          <Input
            {...bind}
            type={shown ? "text" : "password"}
            autoComplete={isNew ? "new-password" : "current-password"}
            required
            maxLength={400}
            spellCheck={false}
            autoCapitalize="none"
          />
          <Button
            type="button"
            aria-pressed={shown}
            aria-label={`Show ${label.toLowerCase()}`}
            onClick={() => setShown(!shown)}
          >
            {shown ? <EyeOff size={18} aria-hidden /> : <Eye size={18} aria-hidden />}
          </Button>
        </Beside>
      )}
    </Field>
  );
}

export const Wrong = styled.p`
  padding: 10px 12px;
  border-left: 4px solid var(--bad);
  background: var(--sunk);
  font-weight: 560;
`;

const Outside = styled.main`
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 24px 14px;
  background: var(--ground);
`;
const Leaf = styled.div`
  width: min(100%, 480px);
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
  & > div:last-child {
    padding: 22px 24px 26px;
  }
  h1 {
    font-size: 24px;
  }
  form {
    display: grid;
    gap: 16px;
    margin-top: 18px;
  }
`;
const Tape = styled.div`
  background-color: var(--mat);
  ${tapeTicks("right", "rgb(255 255 255 / 0.32)")}
`;
const Beside = styled.span`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
`;
