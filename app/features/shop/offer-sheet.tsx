import { printMoney, type Minor } from "@core/units";
import { Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { WareName, type WareShown } from "../sell/ware-name";

export interface OfferRow {
  readonly ware: WareShown;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly sku: string | undefined;
  readonly offered: boolean;
  readonly keepBack: number;
  /** How many the shop was told of last. */
  readonly told: number | undefined;
  readonly price: number;
  readonly there: number;
  readonly promised: number;
  readonly ordered: number;
  readonly free: number;
}

/** What is offered in the shop, how many of it, and how that number comes about. */
export function OfferSheet({
  offers,
  wrong,
}: {
  offers: readonly OfferRow[];
  wrong: { readonly error?: Record<string, string[] | null> | null } | undefined;
}) {
  const r = useReading();
  const said = Object.values(wrong?.error ?? {}).flatMap((e) => e ?? [])[0];
  return (
    <Sheet $pad={false} aria-labelledby="offer-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="offer-title">Offered there</h2>
        <Small>there, without what is promised, ordered and kept back, is what the shop may sell</Small>
      </SheetHead>
      <WorkForm>
        <input type="hidden" name="intent" value="offer" />
        <Scroll tabIndex={0} role="region" aria-label="Pieces offered in the shop, table">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Piece</th>
                <th scope="col" className="num">
                  Price
                </th>
                <th scope="col" className="num minor">
                  There
                </th>
                <th scope="col" className="num minor">
                  Promised
                </th>
                <th scope="col" className="num minor">
                  Ordered
                </th>
                <th scope="col" className="num">
                  Kept back
                </th>
                <th scope="col" className="num">
                  May be sold
                </th>
              </tr>
            </thead>
            <tbody>
              {offers.map((o, i) => (
                <Offer key={o.ware.key} o={o} i={i} price={printMoney(o.price as Minor, r)} />
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
        {said ? (
          <p role="alert" style={{ color: "var(--bad)", padding: "0 14px" }}>
            {said}
          </p>
        ) : null}
        <Row style={{ padding: "10px 14px 14px" }}>
          <Button type="submit">Save what is offered</Button>
        </Row>
      </WorkForm>
    </Sheet>
  );
}

const dash = (n: number): string => (n === 0 ? "–" : String(n));

function Offer({ o, i, price }: { o: OfferRow; i: number; price: string }) {
  return (
    <tr>
      <td>
        <input type="hidden" name={`lines[${i}].itemId`} value={o.itemId} />
        <input type="hidden" name={`lines[${i}].colourwayId`} value={o.colourwayId} />
        <label style={{ display: "flex", gap: 10, alignItems: "center", minHeight: 44 }}>
          <input type="checkbox" name={`lines[${i}].offered`} defaultChecked={o.offered} />
          <WareName ware={o.ware} {...(o.sku ? { note: o.sku } : {})} />
        </label>
      </td>
      <td className="num">{price}</td>
      <td className="num minor">{o.there}</td>
      <td className="num minor">{dash(o.promised)}</td>
      <td className="num minor">{dash(o.ordered)}</td>
      <td className="num">
        <Input
          name={`lines[${i}].keepBack`}
          defaultValue={String(o.keepBack)}
          inputMode="numeric"
          aria-label={`${o.ware.label}: kept back`}
          style={{ width: "4.5em", textAlign: "right" }}
        />
      </td>
      <td className="num">
        {o.offered ? (
          <>
            <b>{o.free}</b>
            {o.told !== undefined && o.told !== o.free ? (
              <>
                <br />
                <Small>the shop still says {o.told}</Small>
              </>
            ) : null}
          </>
        ) : (
          <Small>not offered</Small>
        )}
      </td>
    </tr>
  );
}
