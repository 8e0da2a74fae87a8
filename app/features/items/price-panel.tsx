import { memo } from "react";
import { ticks } from "d3-array";
import styled from "styled-components";
import { paysHour, type Selling } from "@core/costing";
import { printMoney, type Minor } from "@core/units";
import { Field, Input, Select } from "../../ui/field";
import { Range, ReasonFigure } from "../../ui/figure";
import { useReading } from "../../ui/reading";
import { SwingTag } from "../../ui/swing-tag";
import { Sheet, SheetHead, Small } from "../../ui/basics";
import type { ItemAnalysis } from "@core/item";
import { costReason, hourReason, priceReason } from "./reasons";
import { takesText, type ChannelView } from "./selling";
import { WaysToSell } from "./ways-to-sell";

/** Swing tag, cost stack, and what the price leaves for an hour. */
export const PricePanel = memo(function PricePanel({
  analysis,
  selling,
  marginBp,
  wagePerHour,
  price,
  onPrice,
  channels,
  channelId,
  onChannel,
  error,
  passes,
  secondBrings,
  onPasses,
  onSecond,
  errors,
}: {
  analysis: ItemAnalysis;
  selling: Selling;
  marginBp: number;
  wagePerHour: number;
  price: string;
  onPrice: (text: string) => void;
  channels: readonly ChannelView[];
  channelId: string | null;
  onChannel: (id: string) => void;
  error: string | undefined;
  passes: string;
  secondBrings: string;
  onPasses: (text: string) => void;
  onSecond: (text: string) => void;
  errors: Readonly<Record<string, string | undefined>>;
}) {
  const r = useReading();
  const { earning, pricing, cost } = analysis;
  const perHour = earning.perHour;
  const pays = paysHour(earning);
  const channel = channels.find((c) => c.id === channelId) ?? channels[0];
  const onTop = earning.customerPays !== analysis.price;
  return (
    <Sheet aria-labelledby="price-title">
      <SheetHead>
        <h2 id="price-title">Price</h2>
        <Small>{price.trim() === "" ? "suggested" : "your own"}</Small>
      </SheetHead>
      <Top>
        <SwingTag large>{printMoney(analysis.price, r)}</SwingTag>
        <Lines>
          {onTop ? <li>the customer pays {printMoney(earning.customerPays, r)} with tax</li> : null}
          <li>
            costs <ReasonFigure reason={costReason(analysis)} strong />{" "}
            <Range low={cost.low} high={cost.high} measure="minor" />
          </li>
          <li>
            an hour earns{" "}
            {perHour === undefined ? (
              "—"
            ) : (
              <ReasonFigure reason={hourReason(analysis, selling, r)} strong>
                {printMoney(perHour, r)}
              </ReasonFigure>
            )}{" "}
            <Range low={earning.perHourLow} high={earning.perHourHigh} measure="minor" />
          </li>
          <li data-bad={!pays || undefined}>
            {perHour === undefined
              ? "no time is known yet"
              : pays
                ? `pays your hour of ${printMoney(wagePerHour as Minor, r)}`
                : `less than your hour of ${printMoney(wagePerHour as Minor, r)}`}
          </li>
        </Lines>
      </Top>
      <CostStack analysis={analysis} />
      <Two>
        <Field
          label="Your price"
          name="price"
          errors={error ? [error] : undefined}
          hint={
            pricing ? (
              <>
                Empty: the suggested{" "}
                <ReasonFigure reason={priceReason(analysis, selling, marginBp, r)}>
                  {printMoney(pricing.suggested, r)}
                </ReasonFigure>
                ; what pays lies at <Range low={pricing.low} high={pricing.high} measure="minor" />
              </>
            ) : (
              "Fees and margin take the whole price: lower one in Settings."
            )
          }
        >
          {(bind) => (
            <Input
              {...bind}
              value={price}
              inputMode="decimal"
              autoComplete="off"
              placeholder={pricing ? printMoney(pricing.suggested, r) : ""}
              onChange={(e) => onPrice(e.target.value)}
            />
          )}
        </Field>
        <Field label="Sold through" name="channelId" hint={takesText(channel, r)}>
          {(bind) => (
            <Select
              {...bind}
              value={channelId ?? channels[0]?.id ?? ""}
              onChange={(e) => onChannel(e.target.value)}
            >
              {channels.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.label}
                </option>
              ))}
            </Select>
          )}
        </Field>
      </Two>
      <Two style={{ marginTop: 12 }}>
        <Field
          label="Of a hundred made, pass"
          name="passes"
          errors={errors.passes ? [errors.passes] : undefined}
          hint={
            earning.failed > 0
              ? `the others cost each piece ${printMoney(earning.failed, r)} and its time`
              : "100: every piece can be sold."
          }
        >
          {(bind) => (
            <Input
              {...bind}
              value={passes}
              inputMode="decimal"
              autoComplete="off"
              onChange={(e) => onPasses(e.target.value)}
            />
          )}
        </Field>
        <Field
          label="A second brings"
          name="secondBrings"
          errors={errors.secondBrings ? [errors.secondBrings] : undefined}
          hint="What a piece with a flaw sells for; 0 if you keep it."
        >
          {(bind) => (
            <Input
              {...bind}
              value={secondBrings}
              inputMode="decimal"
              autoComplete="off"
              onChange={(e) => onSecond(e.target.value)}
            />
          )}
        </Field>
      </Two>
      <WaysToSell analysis={analysis} channels={channels} selling={selling} marginBp={marginBp} />
      {earning.profit < 0 ? (
        <Loss role="status">
          At this price every piece loses {printMoney(-earning.profit as Minor, r)} once fees and your hour
          are paid.
        </Loss>
      ) : null}
    </Sheet>
  );
});

/** Each part of a price and its shade on the tape. */
const SHADES = new Map([
  ["material", "#54727a"],
  ["your time", "#8aa4a9"],
  ["overhead", "#b4c4c7"],
  ["pieces that fail", "#c9a9a2"],
  ["tax", "#b7a8c4"],
  ["fees", "#d3c486"],
  ["left over", "#7d9c7f"],
]);
/** Her time that goes into pieces which fail, for each that is sold. */
const wageOf = (a: ItemAnalysis): number => a.earning.forTime - a.earning.profit - a.cost.wage;

/** What the price is made of, as a length of tape: one bar, ticked in whole units of money. */
function CostStack({ analysis }: { analysis: ItemAnalysis }) {
  const r = useReading();
  const { cost, earning } = analysis;
  const parts = [
    { label: "material", value: cost.material as number },
    { label: "your time", value: cost.wage as number },
    { label: "overhead", value: cost.overhead as number },
    { label: "tax", value: earning.tax as number },
    { label: "fees", value: earning.fees as number },
    { label: "pieces that fail", value: Math.max(0, wageOf(analysis) + earning.failed) },
    { label: "left over", value: Math.max(0, earning.profit as number) },
  ].filter((p) => p.value > 0);
  const total = Math.max(
    earning.customerPays,
    parts.reduce((s, p) => s + p.value, 0),
    1,
  );
  const x = (money: number): number => (100 * money) / total;
  let at = 0;
  return (
    <Stack
      role="img"
      aria-label={parts.map((p) => `${p.label} ${printMoney(p.value as Minor, r)}`).join(", ")}
    >
      <svg width="100%" height="34" preserveAspectRatio="none">
        {parts.map((p) => {
          const left = x(at);
          at += p.value;
          return (
            <rect
              key={p.label}
              x={`${left}%`}
              y="0"
              width={`${x(at) - left}%`}
              height="22"
              fill={SHADES.get(p.label)}
              stroke="var(--sheet)"
              strokeWidth="1"
            />
          );
        })}
        {ticks(0, total, 6).map((t) => (
          <line key={t} x1={`${x(t)}%`} x2={`${x(t)}%`} y1="22" y2="29" stroke="var(--edge)" />
        ))}
        {earning.customerPays < total ? (
          <line
            x1={`${x(earning.customerPays)}%`}
            x2={`${x(earning.customerPays)}%`}
            y1="0"
            y2="34"
            stroke="var(--bad)"
            strokeWidth="2"
          />
        ) : null}
      </svg>
      <ul>
        {parts.map((p) => (
          <li key={p.label}>
            <i
              style={{
                background: SHADES.get(p.label),
              }}
            />
            {p.label} <b>{printMoney(p.value as Minor, r)}</b>
          </li>
        ))}
      </ul>
    </Stack>
  );
}

const Top = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  align-items: center;
  margin-bottom: 14px;
`;
const Lines = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1px;
  li[data-bad] {
    color: var(--bad);
    font-weight: 560;
  }
`;
const Stack = styled.div`
  margin-bottom: 14px;
  ul {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    font-size: 13px;
  }
  i {
    display: inline-block;
    width: 11px;
    height: 11px;
    margin-right: 5px;
    border-radius: 2px;
  }
  b {
    font-weight: 560;
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
`;
const Loss = styled.p`
  margin-top: 10px;
  color: var(--bad);
  font-size: 14px;
`;
