import { FileText } from "lucide-react";
import { Link } from "react-router";
import styled from "styled-components";
import { printMoney, type Minor } from "@core/units";
import { Badge, Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Field, Select } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { RunChoice } from "../runs/run-choice";
import { WareName, type WareShown } from "../sell/ware-name";
import type { OrderRow } from "./order-table";

export interface OrderHead extends Omit<OrderRow, "what"> {
  readonly address: string;
  readonly wishes: string;
  readonly postage: number;
  readonly endedOn: string | undefined;
}
export interface LineShown {
  readonly position: number;
  readonly sku: string;
  readonly quantity: number;
  readonly unitPrice: number;
  readonly short: number;
  readonly there: number;
  readonly itemId: string | undefined;
  readonly ware: WareShown | undefined;
}

const waits = (o: OrderHead): boolean => o.state === "placed" || o.state === "packed";

/** What was ordered, and how much of it is there. */
export function OrderLines({
  lines,
  order,
  wares,
}: {
  lines: readonly LineShown[];
  order: OrderHead;
  wares: readonly { readonly value: string; readonly label: string }[];
}) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, { ...r, currency: order.currency });
  return (
    <Sheet $pad={false} aria-labelledby="lines-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="lines-title">Into the parcel</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="What was ordered, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col" className="num">
                Pieces
              </th>
              <th scope="col">Of</th>
              <th scope="col">On the shelf</th>
              <th scope="col" className="num minor">
                Each
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((l) => (
              <tr key={l.position}>
                <td className="num">
                  <b style={{ fontSize: 18 }}>{l.quantity}</b>
                </td>
                <td>
                  {l.ware ? (
                    <Link to={`/items/${l.itemId ?? ""}`}>
                      <WareName ware={l.ware} height={64} note={l.sku} />
                    </Link>
                  ) : waits(order) ? (
                    <WhatIsIt line={l} wares={wares} />
                  ) : (
                    l.sku
                  )}
                </td>
                <td>
                  {!waits(order) || !l.ware ? null : l.short > 0 ? (
                    <Badge $tone="bad">
                      {l.quantity - l.short} there, {l.short} to make
                    </Badge>
                  ) : (
                    <Small>enough: {l.there} free</Small>
                  )}
                </td>
                <td className="num minor">{money(l.unitPrice)}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

/** The shop says a name that is not known here: she says what it is. */
function WhatIsIt({
  line,
  wares,
}: {
  line: LineShown;
  wares: readonly { readonly value: string; readonly label: string }[];
}) {
  return (
    <WorkForm>
      <input type="hidden" name="intent" value="is" />
      <input type="hidden" name="position" value={line.position} />
      <Row>
        <Field label={`The shop calls it ${line.sku}. It is`} name="ware">
          {(bind) => (
            <Select {...bind}>
              {wares.map((w) => (
                <option key={w.value} value={w.value}>
                  {w.label}
                </option>
              ))}
            </Select>
          )}
        </Field>
        <Button type="submit">That is it</Button>
      </Row>
    </WorkForm>
  );
}

function Step({ intent, label, primary }: { intent: string; label: string; primary?: boolean }) {
  return (
    <WorkForm>
      <input type="hidden" name="intent" value={intent} />
      <Button type="submit" $primary={primary ?? false}>
        {label}
      </Button>
    </WorkForm>
  );
}

/** What is done next with an order. */
export function OrderWork({
  order: o,
  lines,
  foreign,
  runs,
}: {
  order: OrderHead;
  lines: readonly LineShown[];
  foreign: boolean;
  runs: readonly { readonly value: string; readonly label: string }[];
}) {
  const ready = o.short === 0 && !o.unknown;
  return (
    <Sheet aria-labelledby="work-title">
      <SheetHead>
        <h2 id="work-title">The work</h2>
      </SheetHead>
      <Stack $gap={12}>
        <Told o={o} foreign={foreign} lines={lines} />
        {waits(o) && o.short > 0 ? (
          <WorkForm>
            <input type="hidden" name="intent" value="run" />
            <Row style={{ alignItems: "end" }}>
              <RunChoice runs={runs} />
              <Button type="submit" $primary>
                Plan {o.short === 1 ? "the one" : `the ${o.short}`} it lacks
              </Button>
            </Row>
          </WorkForm>
        ) : null}
        <Row>
          {waits(o) ? (
            <>
              {o.state === "placed" ? <Step intent="packed" label="It is packed" primary={ready} /> : null}
              <Step intent="sent" label="It is sent" primary={o.state === "packed" && ready} />
              {o.state === "packed" ? <Step intent="unpacked" label="Not packed after all" /> : null}
              <Step intent="off" label="It cannot be made: call it off" />
            </>
          ) : null}
          {o.state === "sent" ? <Step intent="back" label="The parcel came back" /> : null}
          <Paper href={`/sell/shop/${o.id}/slip.pdf`} target="_blank" rel="noreferrer">
            <FileText size={17} aria-hidden /> Packing slip
          </Paper>
        </Row>
      </Stack>
    </Sheet>
  );
}

function Told({ o, foreign, lines }: { o: OrderHead; foreign: boolean; lines: readonly LineShown[] }) {
  const r = useReading();
  const day = o.endedOn ? printDay(o.endedOn, r.locale, true) : "";
  if (o.state === "sent")
    return (
      <p>
        Sent on {day}. It stands under <Link to="/sell/sold">Sold</Link>
        {o.untold ? "; the shop is told with the next round" : ", and the shop knows"}.
        {o.cancelled ? " The customer called it off when it was gone: it may come back." : ""}
      </p>
    );
  if (o.state === "off")
    return (
      <p>
        {o.cancelled ? "The customer called it off" : "Called off"}
        {day === "" ? "" : ` on ${day}`}. Nothing is promised any more
        {o.untold ? "; the shop is told with the next round" : ""}.
      </p>
    );
  if (o.state === "back")
    return <p>It came back. Its pieces are on the shelf again, and nothing was sold.</p>;
  const pieces = lines.reduce((n, l) => n + l.quantity, 0);
  return (
    <p>
      {foreign
        ? `It was paid in ${o.currency}: write the sale down by hand.`
        : o.unknown
          ? "Say first what was ordered."
          : o.short > 0
            ? "The shop sold more than there is. Make what it lacks, or call it off and the shop tells the customer."
            : `All ${pieces === 1 ? "of it is" : `${pieces} are`} on the shelf and kept for it. When it is sent it leaves the shelf and is a sale.`}
    </p>
  );
}

/** Whom the parcel goes to: kept as long as it may come back. */
export function OrderPerson({ order: o, channel }: { order: OrderHead; channel: string }) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, { ...r, currency: o.currency });
  return (
    <Sheet aria-labelledby="person-title">
      <SheetHead>
        <h2 id="person-title">To</h2>
      </SheetHead>
      <Stack $gap={12}>
        {o.customer === "" ? (
          <p>Name and address are forgotten. What was sold and paid stays.</p>
        ) : (
          <address style={{ fontStyle: "normal", whiteSpace: "pre-line", fontSize: 17 }}>
            <b>{o.customer}</b>
            {`\n${o.address}`}
          </address>
        )}
        {o.wishes === "" ? null : (
          <p>
            <Small>The customer writes</Small>
            <br />
            {o.wishes}
          </p>
        )}
        <p>
          Paid {money(o.total)} <Small>of it {money(o.postage)} postage</Small>
          <br />
          <Small>
            ordered on {printDay(o.placedOn, r.locale, true)}, sold through {channel}
          </Small>
        </p>
        {waits(o) || o.customer === "" ? null : (
          <>
            <Small>Ninety days after it is over name and address are forgotten by themselves.</Small>
            <Step intent="forget" label="Forget them now" />
          </>
        )}
      </Stack>
    </Sheet>
  );
}

const Paper = styled.a`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
`;
