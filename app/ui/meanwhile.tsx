import styled from "styled-components";
import type { Changed } from "../changed";

/** Two people changed the same thing: what the other wrote, beside what is typed here. Sending again puts this in its place. */
export function Meanwhile({ changed, label }: { changed: Changed; label: (name: string) => string }) {
  return (
    <Told role="alert">
      <p>
        <b>Another tab or person changed this meanwhile.</b> Nothing of yours was kept yet and nothing is
        lost: send it again to put yours in its place, or close this to leave theirs.
      </p>
      {changed.fields.length > 0 ? (
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
            {changed.fields.map((f) => (
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
