import { useState } from "react";
import { printDuration, type Seconds } from "@core/units";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { Select } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";

/** Work of one piece that somebody can be given, and what it takes whom. */
export interface HandsRow {
  readonly work: string;
  readonly label: string;
  /** Seconds of one piece by hand, "" for the maker; hands that do not do it are not among them. */
  readonly seconds: Readonly<Record<string, number>>;
  readonly hand: string;
}
export interface HandsLine {
  readonly id: string;
  readonly label: string;
  readonly left: number;
  readonly rows: readonly HandsRow[];
}
export interface HandsName {
  readonly id: string;
  readonly name: string;
}

/** Who makes what of a run: a choice for each part, and what it comes to for each hand. */
export function HandsTable({ lines, hands }: { lines: readonly HandsLine[]; hands: readonly HandsName[] }) {
  const r = useReading();
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(lines.flatMap((l) => l.rows.map((x) => [keyOf(l, x), x.hand]))),
  );
  const handOf = (l: HandsLine, x: HandsRow) => chosen[keyOf(l, x)] ?? "";
  const time = (s: number) => printDuration(s as Seconds, r);
  const total = (hand: string) =>
    lines.reduce(
      (sum, l) =>
        sum + l.left * l.rows.reduce((s, x) => s + (handOf(l, x) === hand ? (x.seconds[hand] ?? 0) : 0), 0),
      0,
    );
  return (
    <WorkForm>
      <input type="hidden" name="intent" value="share" />
      <Sheet $pad={false} aria-labelledby="hands-title">
        <SheetHead style={{ padding: "14px 16px 0" }}>
          <h2 id="hands-title">Part by part</h2>
          <Small>time of one piece, in each hand</Small>
        </SheetHead>
        <Scroll tabIndex={0} role="region" aria-label="Who makes what, table">
          <PlainTable $tight style={{ maxWidth: 720 }}>
            <thead>
              <tr>
                <th scope="col">Work</th>
                {hands.map((h) => (
                  <th scope="col" className="num" key={h.id}>
                    {h.name}
                  </th>
                ))}
                <th scope="col">Who</th>
              </tr>
            </thead>
            {lines.map((l) => (
              <tbody key={l.id}>
                <tr>
                  <th scope="rowgroup" colSpan={hands.length + 2} style={{ paddingTop: 14 }}>
                    <span style={{ color: "var(--ink)", fontSize: 15 }}>{l.label}</span>{" "}
                    <Small>{l.left} left to make</Small>
                  </th>
                </tr>
                {l.rows.map((x) => (
                  <tr key={x.work}>
                    <td>{x.label}</td>
                    {hands.map((h) => (
                      <td
                        className="num"
                        key={h.id}
                        style={handOf(l, x) === h.id ? { fontWeight: 640 } : undefined}
                      >
                        {x.seconds[h.id] === undefined ? "–" : time(x.seconds[h.id] ?? 0)}
                      </td>
                    ))}
                    <td>
                      <input type="hidden" name="row" value={keyOf(l, x)} />
                      <Select
                        name="hand"
                        aria-label={`Who makes ${x.label} of ${l.label}`}
                        value={handOf(l, x)}
                        onChange={(e) => setChosen({ ...chosen, [keyOf(l, x)]: e.target.value })}
                        style={{ minWidth: 84 }}
                      >
                        {hands
                          .filter((h) => x.seconds[h.id] !== undefined)
                          .map((h) => (
                            <option key={h.id} value={h.id}>
                              {h.name}
                            </option>
                          ))}
                      </Select>
                    </td>
                  </tr>
                ))}
              </tbody>
            ))}
            <tfoot>
              <tr>
                <th scope="row">All that is left</th>
                {hands.map((h) => (
                  <td className="num" key={h.id}>
                    <b>{time(total(h.id))}</b>
                  </td>
                ))}
                <td />
              </tr>
            </tfoot>
          </PlainTable>
        </Scroll>
        <Row style={{ padding: "10px 16px 16px" }}>
          <Button type="submit" $primary>
            Keep it
          </Button>
          <Small>The calendar then has each hand’s share in her own hours.</Small>
        </Row>
      </Sheet>
    </WorkForm>
  );
}

const keyOf = (l: HandsLine, x: HandsRow): string => `${l.id} ${x.work}`;
