import { whatIf, type Base, type Otherwise } from "@core/shelf/what-if";
import { printMoney, type Minor } from "@core/units";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../../ui/basics";
import { BinButton } from "../../../ui/bin-button";
import { useReading } from "../../../ui/reading";
import { otherwiseText } from "./words";

export interface Scenario {
  readonly id: string;
  readonly name: string;
  readonly otherwise: Otherwise;
}
/** Side by side with what is and what is tried; more columns are no comparison. */
export const MOST_COMPARED = 2;

/** Scenarios that were kept, with what each comes to on the sales of now. */
export function KeptSheet({
  base,
  kept,
  compared,
  onCompare,
  onTake,
}: {
  base: Base;
  kept: readonly Scenario[];
  /** Ids of those that stand in the table above. */
  compared: readonly string[];
  onCompare: (ids: readonly string[]) => void;
  onTake: (o: Otherwise) => void;
}) {
  const r = useReading();
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  // A third takes the place of the one that was chosen first.
  const toggle = (id: string, on: boolean) =>
    onCompare(on ? [...compared, id].slice(-MOST_COMPARED) : compared.filter((c) => c !== id));
  return (
    <Sheet $pad={false} aria-labelledby="kept-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="kept-title">Kept to compare</h2>
        <Small>two at a time stand beside what is tried</Small>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="Kept to compare, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Scenario</th>
              <th scope="col" className="num minor">
                An hour earns
              </th>
              <th scope="col" className="num">
                Profit
              </th>
              <th scope="col">
                <span className="sr">What to do with it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {kept.map((k) => {
              const out = whatIf(base, k.otherwise);
              const text = otherwiseText(k.otherwise);
              return (
                <tr key={k.id}>
                  <td>
                    <label>
                      <input
                        type="checkbox"
                        checked={compared.includes(k.id)}
                        onChange={(e) => toggle(k.id, e.target.checked)}
                        aria-label={`Compare ${k.name}`}
                      />{" "}
                      {k.name}
                    </label>
                    {text === k.name ? null : <Small as="div">{text}</Small>}
                  </td>
                  <td className="num minor">{out.perHour === undefined ? "—" : money(out.perHour)}</td>
                  <td className="num">{money(out.profit)}</td>
                  <td>
                    <Row $gap={4} style={{ justifyContent: "end" }}>
                      <Button
                        type="button"
                        onClick={() => onTake(k.otherwise)}
                        aria-label={`Set the dials to ${k.name}`}
                      >
                        Set the dials
                      </Button>
                      <BinButton label={`Delete ${k.name}`} fields={{ id: k.id }} />
                    </Row>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}
