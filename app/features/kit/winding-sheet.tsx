import { Form } from "react-router";
import styled from "styled-components";
import { printMass, type Grams } from "@core/units";
import { Badge, Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import type { windingList } from "./kit.server";

/** Colour after colour for n kits: how much, how many turns, from which balls. */
export function WindingSheet({
  rows,
  n,
  id,
}: {
  rows: ReturnType<typeof windingList>;
  n: number;
  id: string;
}) {
  const r = useReading();
  return (
    <Sheet $pad={false}>
      <SheetHead style={{ padding: "14px 18px 0" }}>
        <h2>Winding list</h2>
        <Form method="get" action={`/items/${id}/kit`}>
          <Row $gap={8}>
            <label htmlFor="n">for</label>
            <Input id="n" name="n" defaultValue={n} inputMode="numeric" style={{ width: 76 }} />
            <span>kits</span>
            <Button type="submit">Work it out</Button>
          </Row>
        </Form>
      </SheetHead>
      <Scroll tabIndex={0} role="group" aria-label="Winding list">
        <PlainTable>
          <thead>
            <tr>
              <th>Colour, one after the other</th>
              <th className="num">Each</th>
              <th className="num">All</th>
              <th>From which balls</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((x) => (
              <tr key={x.slot}>
                <td>
                  <Row $gap={8}>
                    <YarnDisc colour={x.colour} name={x.label} size={20} /> {x.label}
                  </Row>
                </td>
                <td className="num">
                  {printMass(x.grams as Grams, r)}
                  <br />
                  <Small>{x.turns} turns</Small>
                </td>
                <td className="num">{printMass(x.all as Grams, r)}</td>
                <td>
                  <Balls>
                    {x.winding.steps.map((b) => (
                      <li key={b.ballId}>
                        {b.kits} from a ball{b.lot === "" ? "" : ` of lot ${b.lot}`}{" "}
                        <Small>{printMass((b.left / 1000) as Grams, r)} stay</Small>
                      </li>
                    ))}
                    {x.winding.missing > 0 ? (
                      <li>
                        <Badge $tone="bad">{x.winding.missing} short</Badge>{" "}
                        <Small>{printMass((x.winding.missing * x.grams) as Grams, r)} to buy</Small>
                      </li>
                    ) : null}
                    {x.winding.lots.length > 1 ? (
                      <li>
                        <Small>Two lots: each kit gets one of them, never both.</Small>
                      </li>
                    ) : null}
                  </Balls>
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

const Balls = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
`;
