import {
  printDuration,
  printMass,
  printMoney,
  printYarnLength,
  type Grams,
  type Metres,
  type Seconds,
} from "@core/units";
import { PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import type { KitView } from "./kit.server";

/** What lies in each kit beside what she uses herself, and what it costs. */
export function ContentsSheet({ view }: { view: KitView }) {
  const r = useReading();
  return (
    <Sheet $pad={false}>
      <SheetHead style={{ padding: "14px 18px 0" }}>
        <h2>In each kit</h2>
        <Small>
          {printDuration(view.seconds as Seconds, r)} to wind, count and pack; costs{" "}
          {printMoney(view.cost, r)}
        </Small>
      </SheetHead>
      <Scroll tabIndex={0} role="group" aria-label="In each kit">
        <PlainTable>
          <thead>
            <tr>
              <th>What</th>
              <th className="num">You use</th>
              <th className="num">Goes in</th>
              <th className="num">Turns</th>
            </tr>
          </thead>
          <tbody>
            {view.colours.map((c) => (
              <tr key={c.slot}>
                <td>
                  <Row $gap={8}>
                    <YarnDisc colour={c.colour} name={c.label} size={20} /> {c.label}
                  </Row>
                </td>
                <td className="num">{printMass(c.ownGrams as Grams, r)}</td>
                <td className="num">
                  <b>{printMass(c.grams as Grams, r)}</b>
                  <br />
                  <Small>{printYarnLength(c.metres as Metres, r)}</Small>
                </td>
                <td className="num">{c.turns}</td>
              </tr>
            ))}
            {view.items.map((x) => (
              <tr key={x.what}>
                <td>
                  {x.what} {x.why ? <Small>{x.why}</Small> : null}
                </td>
                <td className="num" />
                <td className="num">
                  <b>{x.amount}</b>
                </td>
                <td className="num" />
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
      <details style={{ padding: "8px 18px 14px" }}>
        <summary>What it costs, line by line</summary>
        <PlainTable>
          <tbody>
            {view.lines.map((l, i) => (
              <tr key={i}>
                <td>
                  {l.label} <Small>{l.how}</Small>
                </td>
                <td className="num">{printMoney(l.amount, r)}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </details>
    </Sheet>
  );
}
