import { QrCode, UserMinus, UserPlus } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import type { Role } from "@db/queries/accounts";
import { Badge, Button, Columns, Page, PageHead, Row, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { Field, Input, Select } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { ProveForm } from "./prove-form";
import { ROLE_WORDS } from "./roles";
import type { Wrongs } from "./schema";

interface PeopleView {
  readonly me: string;
  readonly people: readonly { id: string; name: string; role: Role; handId: string | null }[];
  readonly invited: readonly { id: string; role: Role; forName: string; endsAt: string }[];
  readonly hands: readonly { id: string; name: string }[];
  /** The owner has shown lately who she is. */
  readonly proved: boolean;
  readonly passkeys: boolean;
}
interface Answer {
  readonly of?: unknown;
  readonly wrongs?: Wrongs;
  readonly link?: string;
  /** The link as a QR code, SVG. */
  readonly code?: string;
  readonly forName?: string;
  readonly known?: boolean;
}
const ROLES = Object.keys(ROLE_WORDS) as Role[];

/** Who is in the workshop, as what, and who is invited. */
export function PeoplePage({ of, answer }: { of: PeopleView; answer: Answer | undefined }) {
  const r = useReading();
  const day = new Intl.DateTimeFormat(r.locale, { dateStyle: "medium" });
  return (
    <Page>
      <PageHead>
        <h1>People</h1>
        <Small>who comes in, and what each may do</Small>
      </PageHead>
      <Columns $parts="minmax(0, 1.4fr) minmax(0, 1fr)">
        <Stack $gap={18}>
          {of.proved ? null : (
            <ProveForm
              action="/people"
              what="who comes in"
              passkeys={of.passkeys}
              wrongs={answer?.of === "prove" ? answer.wrongs : undefined}
            />
          )}
          {answer?.link ? (
            <Link
              link={answer.link}
              code={answer.code ?? ""}
              forName={answer.forName ?? ""}
              known={answer.known === true}
            />
          ) : null}
          <Sheet aria-labelledby="here-title">
            <SheetHead>
              <h2 id="here-title">Here</h2>
            </SheetHead>
            <List>
              {of.people.map((p) => (
                <Person key={p.id} person={p} me={p.id === of.me} hands={of.hands} />
              ))}
            </List>
          </Sheet>
          {of.invited.length > 0 ? (
            <Sheet aria-labelledby="invited-title">
              <SheetHead>
                <h2 id="invited-title">Invited</h2>
              </SheetHead>
              <List>
                {of.invited.map((i) => (
                  <li key={i.id}>
                    <Row>
                      <b>{i.forName}</b>
                      <Small>
                        {ROLE_WORDS[i.role].name}, until {day.format(new Date(i.endsAt))}
                      </Small>
                      <WorkForm>
                        <input type="hidden" name="intent" value="revoke" />
                        <input type="hidden" name="id" value={i.id} />
                        <Button type="submit" aria-label={`Take it back: ${i.forName}`}>
                          Take it back
                        </Button>
                      </WorkForm>
                    </Row>
                  </li>
                ))}
              </List>
            </Sheet>
          ) : null}
        </Stack>
        <Stack $gap={18}>
          <Invite hands={of.hands} wrongs={answer?.wrongs ?? {}} />
          <Sheet aria-labelledby="roles-title">
            <SheetHead>
              <h2 id="roles-title">What each may do</h2>
            </SheetHead>
            <dl style={{ margin: 0, display: "grid", gap: 8 }}>
              {ROLES.map((role) => (
                <div key={role}>
                  <dt>
                    <b>{ROLE_WORDS[role].name}</b>
                  </dt>
                  <dd style={{ margin: 0 }}>{ROLE_WORDS[role].may}</dd>
                </div>
              ))}
            </dl>
          </Sheet>
        </Stack>
      </Columns>
    </Page>
  );
}

function Person({
  person,
  me,
  hands,
}: {
  person: PeopleView["people"][number];
  me: boolean;
  hands: PeopleView["hands"];
}) {
  const [role, setRole] = useState(person.role);
  return (
    <li>
      <p style={{ marginBottom: 6 }}>
        <b>{person.name}</b> {me ? <Badge>you</Badge> : null}
      </p>
      <Row style={{ alignItems: "end" }}>
        <WorkForm>
          <input type="hidden" name="intent" value="change" />
          <input type="hidden" name="id" value={person.id} />
          <Row style={{ alignItems: "end" }}>
            <RoleField label="Role" role={role} onChange={setRole} />
            {role === "helper" ? <HandField hands={hands} none="none" chosen={person.handId} /> : null}
            <Button type="submit" aria-label={`Save: ${person.name}`}>
              Save
            </Button>
          </Row>
        </WorkForm>
        {person.role === "helper" || person.role === "stall" ? (
          <WorkForm>
            <input type="hidden" name="intent" value="device" />
            <input type="hidden" name="id" value={person.id} />
            <Button type="submit" aria-label={`A phone: ${person.name}`}>
              <QrCode size={17} aria-hidden /> A phone
            </Button>
          </WorkForm>
        ) : null}
        {me ? null : (
          <WorkForm>
            <input type="hidden" name="intent" value="remove" />
            <input type="hidden" name="id" value={person.id} />
            <Button type="submit" aria-label={`Take out: ${person.name}`}>
              <UserMinus size={17} aria-hidden /> Take out
            </Button>
          </WorkForm>
        )}
      </Row>
    </li>
  );
}

function RoleField({
  label,
  role,
  onChange,
  hint,
}: {
  label: string;
  role: Role;
  onChange: (role: Role) => void;
  hint?: string;
}) {
  return (
    <Field label={label} name="role" hint={hint}>
      {(bind) => (
        <Select {...bind} value={role} onChange={(e) => onChange(e.target.value as Role)}>
          {ROLES.map((x) => (
            <option key={x} value={x}>
              {ROLE_WORDS[x].name}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}

/** `none`: what it comes to when no hand is chosen. */
function HandField({
  hands,
  none,
  chosen,
  hint,
}: {
  hands: PeopleView["hands"];
  none: string;
  chosen?: string | null;
  hint?: string;
}) {
  return (
    <Field label="Her hand" name="handId" hint={hint}>
      {(bind) => (
        <Select {...bind} defaultValue={chosen ?? ""}>
          <option value="">{none}</option>
          {hands.map((h) => (
            <option key={h.id} value={h.id}>
              {h.name}
            </option>
          ))}
        </Select>
      )}
    </Field>
  );
}

function Invite({ hands, wrongs }: { hands: PeopleView["hands"]; wrongs: Wrongs }) {
  const [role, setRole] = useState<Role>("helper");
  return (
    <Sheet aria-labelledby="invite-title">
      <SheetHead>
        <h2 id="invite-title">Let somebody in</h2>
        <Small>by a link that works once, for a week</Small>
      </SheetHead>
      <WorkForm>
        <input type="hidden" name="intent" value="invite" />
        <Stack $gap={12}>
          <Field label="Whom is it for?" name="forName" errors={wrongs.forName}>
            {(bind) => <Input {...bind} required maxLength={80} autoComplete="off" />}
          </Field>
          <RoleField label="As" role={role} onChange={setRole} hint={ROLE_WORDS[role].may} />
          {role === "helper" ? (
            <HandField hands={hands} none="a new one" hint="What she weighs and times is kept for it." />
          ) : null}
          <Row>
            <Button type="submit" $primary>
              <UserPlus size={17} aria-hidden /> Make the link
            </Button>
          </Row>
        </Stack>
      </WorkForm>
    </Sheet>
  );
}

/** A link that was just made, as text and as a code for a phone's camera: shown this once. */
function Link({ link, code, forName, known }: Required<Omit<Answer, "wrongs" | "of">>) {
  const at = useRef<HTMLElement>(null);
  useEffect(() => at.current?.focus(), [link]);
  return (
    <Sheet ref={at} tabIndex={-1} role="status" aria-labelledby="link-title">
      <SheetHead>
        <h2 id="link-title">{known ? `${forName}, on another device` : `The link for ${forName}`}</h2>
        <Small>{known ? "for ten minutes, once" : "shown this once"}</Small>
      </SheetHead>
      <Row style={{ alignItems: "start" }} $gap={18}>
        <Code
          src={`data:image/svg+xml;utf8,${encodeURIComponent(code)}`}
          alt={`A code that a phone’s camera reads: the link for ${forName}`}
        />
        <div style={{ flex: "1 1 220px", minWidth: 0 }}>
          <Field label="As text" name="link">
            {(bind) => <Input {...bind} readOnly value={link} onFocus={(e) => e.target.select()} />}
          </Field>
          <p style={{ marginTop: 8 }}>
            <Small>
              {known
                ? "Let her phone read the code. Whoever reads it first is signed in as her."
                : "Send it, or let her phone read the code. Whoever opens it first comes in."}
            </Small>
          </p>
        </div>
      </Row>
    </Sheet>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  li {
    padding: 10px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
`;
const Code = styled.img`
  width: 200px;
  height: 200px;
  background: #fff;
  border-radius: 4px;
`;
