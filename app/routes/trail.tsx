import { BadgeCheck, Download, ShieldAlert } from "lucide-react";
import { Form, Link } from "react-router";
import type { Route } from "./+types/trail";
import { listPeople } from "@db/queries/accounts";
import { checkTrail, listTrail } from "@db/queries/trail";
import { wishOf } from "../features/trail/wish.server";
import { placeOf, whatText } from "../features/trail/words";
import { openWorkshop } from "../server/scope.server";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  Small,
} from "../ui/basics";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { DayInput } from "../ui/day-input";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Trail · Lapka" }];

const SHOWN = 60;

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  const wish = wishOf(params, scope);
  const [rows, people, checked] = await Promise.all([
    listTrail(scope, wish, SHOWN + 1),
    listPeople(scope),
    params.get("check") === "1" ? checkTrail(scope) : undefined,
  ]);
  const ask = Object.fromEntries(["words", "who", "from", "to"].map((k) => [k, params.get(k) ?? ""]));
  return {
    rows: rows.slice(0, SHOWN).map((r) => ({
      seq: r.seq,
      at: r.at.toISOString(),
      who: r.who,
      what: whatText(r.what),
      to: placeOf(r.what, r.subject),
      detail: Object.entries(r.detail)
        .map(([k, v]) => `${plainName(k)} ${v}`)
        .join(", "),
    })),
    older: rows.length > SHOWN ? rows[SHOWN - 1]?.seq : undefined,
    people: people.map((p) => ({ id: p.id, name: p.name })),
    checked,
    ask: ask as Record<"words" | "who" | "from" | "to", string>,
    zone: scope.zone,
  };
}

/** A field's name as people read it: "weekMinutes" is "week minutes". */
const plainName = (field: string): string =>
  field
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .replace(/[[\]._-]+/g, " ")
    .trim()
    .toLowerCase();

/** Who did what when: searchable, and able to say whether anything of it was changed since. */
export default function Trail({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const when = new Intl.DateTimeFormat(r.locale, {
    dateStyle: "medium",
    timeStyle: "short",
    ...(d.zone ? { timeZone: d.zone } : {}),
  });
  const asked = new URLSearchParams(Object.entries(d.ask).filter(([, v]) => v !== ""));
  const link = (more: Record<string, string>) =>
    `?${new URLSearchParams([...asked, ...Object.entries(more)]).toString()}`;
  return (
    <Page>
      <PageHead>
        <h1>Trail</h1>
        <Small>who did what, and when; a line that was changed or taken out shows</Small>
        <ButtonLink to={`/trail.csv${asked.size > 0 ? `?${asked.toString()}` : ""}`} reloadDocument>
          <Download size={16} aria-hidden /> CSV
        </ButtonLink>
        <ButtonLink to={link({ check: "1" })}>Check it</ButtonLink>
      </PageHead>
      {d.checked ? <Checked {...d.checked} /> : null}
      <Form role="search" style={{ marginBottom: 14 }}>
        <FieldGrid $min={170}>
          <Field label="Words" name="words">
            {(bind) => <Input {...bind} type="search" defaultValue={d.ask.words} maxLength={80} />}
          </Field>
          <Field label="Who" name="who">
            {(bind) => (
              <Select {...bind} defaultValue={d.ask.who}>
                <option value="">anybody</option>
                {d.people.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.name}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field label="From" name="from">
            {(bind) => <DayInput bind={bind} defaultValue={d.ask.from} />}
          </Field>
          <Field label="To" name="to">
            {(bind) => <DayInput bind={bind} defaultValue={d.ask.to} />}
          </Field>
          <Row style={{ alignSelf: "end" }}>
            <Button type="submit">Look</Button>
          </Row>
        </FieldGrid>
      </Form>
      {d.rows.length === 0 ? (
        <Empty>
          <h2>{asked.size > 0 ? "Nothing of that kind was done" : "Nothing was done yet"}</h2>
          <p>Every change of stock, money, items and people leaves a line here, with who made it.</p>
        </Empty>
      ) : (
        <Sheet $pad={false}>
          <Scroll tabIndex={0} role="region" aria-label="Trail, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col" className="num minor">
                    No.
                  </th>
                  <th scope="col">When</th>
                  <th scope="col">Who</th>
                  <th scope="col">What</th>
                  <th scope="col" className="minor">
                    With
                  </th>
                </tr>
              </thead>
              <tbody>
                {d.rows.map((x) => (
                  <tr key={x.seq}>
                    <td className="num minor">{x.seq}</td>
                    <td style={{ whiteSpace: "nowrap" }}>{when.format(new Date(x.at))}</td>
                    <td>{x.who || "whoever was here"}</td>
                    <td>{x.to ? <Link to={x.to}>{x.what}</Link> : x.what}</td>
                    <td className="minor" style={{ overflowWrap: "anywhere" }}>
                      <Small>{x.detail}</Small>
                    </td>
                  </tr>
                ))}
              </tbody>
            </PlainTable>
          </Scroll>
        </Sheet>
      )}
      {d.older === undefined ? null : (
        <p style={{ marginTop: 14 }}>
          <ButtonLink to={link({ before: String(d.older) })}>Older</ButtonLink>
        </p>
      )}
    </Page>
  );
}

function Checked({ rows, broken }: { rows: number; broken: number | undefined }) {
  return (
    <p role="status" style={{ marginBottom: 14 }}>
      {broken === undefined ? (
        <Badge $tone="good" style={{ whiteSpace: "normal" }}>
          <BadgeCheck size={15} aria-hidden /> Whole: {rows === 1 ? "one line" : `${rows} lines`}, as written,
          none missing.
        </Badge>
      ) : (
        <Badge $tone="bad" style={{ whiteSpace: "normal" }}>
          <ShieldAlert size={15} aria-hidden /> Broken at line {broken}: it was changed or taken out behind
          Lapka’s back. What stands before it is as it was written.
        </Badge>
      )}
    </p>
  );
}
