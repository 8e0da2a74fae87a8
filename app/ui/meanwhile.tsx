import { useEffect, useRef } from "react";
import styled from "styled-components";
import type { Changed } from "../changed";
import { fill } from "./form-drafts";

/**
 * Two people changed the same thing. Fields that were not touched here take what the other wrote; where both
 * wrote, both are shown, and sending again puts this one's in its place. `before` is what the form began
 * with.
 */
export function Meanwhile({
  changed,
  before,
  label,
}: {
  changed: Changed;
  before: Readonly<Record<string, unknown>>;
  label: (name: string) => string;
}) {
  const at = useRef<HTMLDivElement>(null);
  const began = (name: string) => String(before[name] ?? "").trim();
  const untouched = changed.fields.filter((f) => f.mine.trim() === began(f.name));
  const both = changed.fields.filter((f) => !untouched.includes(f));
  useEffect(() => {
    const form = at.current?.closest("form");
    if (form) fill(form, Object.fromEntries(untouched.map((f) => [f.name, [f.theirs]])));
    // Once for each answer: what she types afterwards is hers.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [changed]);
  return (
    <Told role="alert" ref={at}>
      <p>
        <b>Another tab or person changed this meanwhile.</b> Nothing of yours was kept yet, and nothing is
        lost.{" "}
        {untouched.length > 0
          ? `What you had not touched now says what they wrote (${untouched.map((f) => label(f.name)).join(", ")}). `
          : ""}
        Send it again to put yours in its place, or close this to leave theirs.
      </p>
      {both.length > 0 ? (
        <table>
          <thead>
            <tr>
              <th scope="col">
                <span className="sr">Field</span>
              </th>
              <th scope="col">Yours</th>
              <th scope="col">Theirs</th>
            </tr>
          </thead>
          <tbody>
            {both.map((f) => (
              <tr key={f.name}>
                <th scope="row">{label(f.name)}</th>
                <td>{f.mine || "empty"}</td>
                <td>{f.theirs || "empty"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
    </Told>
  );
}

const Told = styled.div`
  grid-column: 1 / -1;
  margin: 10px 0;
  padding: 10px 14px;
  background: var(--bad-ground);
  border-left: 6px solid var(--bad);
  table {
    margin-top: 8px;
    border-collapse: collapse;
  }
  th,
  td {
    text-align: left;
    padding: 3px 14px 3px 0;
    font-weight: 400;
    overflow-wrap: anywhere;
  }
  thead th,
  td:first-of-type {
    font-weight: 600;
  }
`;
