import { memo } from "react";
import { scaleLinear } from "d3-scale";
import styled from "styled-components";
import { paysHour, type ChannelFees } from "@core/costing";
import { printMoney, type Minor } from "@core/units";
import { Field, Input, Select } from "../../ui/field";
import { Range, ReasonFigure } from "../../ui/figure";
import { useReading } from "../../ui/reading";
import { SwingTag } from "../../ui/swing-tag";
import { Sheet, SheetHead, Small } from "../../ui/basics";
import type { ItemAnalysis } from "./analyse";
import { costReason, hourReason, priceReason } from "./reasons";

export interface ChannelOption {
  readonly id: string;
  readonly label: string;
  readonly percentBp: number;
  readonly fixed: number;
}

/** Swing tag, cost stack, and what the price leaves for an hour. */
export const PricePanel = memo(function PricePanel({
  analysis,
  fees,
  marginBp,
  wagePerHour,
  price,
  onPrice,
  channels,
  channelId,
  onChannel,
  error,
}: {
  analysis: ItemAnalysis;
  fees: ChannelFees;
  marginBp: number;
  wagePerHour: number;
  price: string;
  onPrice: (text: string) => void;
  channels: readonly ChannelOption[];
  channelId: string | null;
  onChannel: (id: string) => void;
  error: string | undefined;
}) {
  const r = useReading();
  const { earning, pricing, cost } = analysis;
  const perHour = earning.perHour;
  const pays = paysHour(earning);
  return (
    <Sheet aria-labelledby="price-title">
      <SheetHead>
        <h2 id="price-title">Price</h2>
        <Small>{price.trim() === "" ? "suggested" : "your own"}</Small>
      </SheetHead>
      <Top>
        <SwingTag large>{printMoney(analysis.price, r)}</SwingTag>
        <Lines>
          <li>
            costs <ReasonFigure reason={costReason(analysis)} strong />{" "}
            <Range low={cost.low} high={cost.high} measure="minor" />
          </li>
          <li>
            an hour earns{" "}
            {perHour === undefined ? (
              "—"
            ) : (
              <ReasonFigure reason={hourReason(analysis, fees, r)} strong>
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
                <ReasonFigure reason={priceReason(analysis, fees, marginBp, r)}>
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
        <Field
          label="Sold through"
          name="channelId"
          hint={`${fees.percentBp / 100} % and ${printMoney(fees.fixed, r)} a sale`}
        >
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
      {earning.profit < 0 ? (
        <Loss role="status">
          At this price every piece loses {printMoney(-earning.profit as Minor, r)} once fees and your hour
          are paid.
        </Loss>
      ) : null}
    </Sheet>
  );
});

const SHADES = ["#54727a", "#8aa4a9", "#b4c4c7", "#d3c486", "#7d9c7f"] as const;

/** What the price is made of, as a length of tape: one bar, ticked in whole units of money. */
function CostStack({ analysis }: { analysis: ItemAnalysis }) {
  const r = useReading();
  const { cost, earning, price } = analysis;
  const parts = [
    { label: "material", value: cost.material as number },
    { label: "your time", value: cost.wage as number },
    { label: "overhead", value: cost.overhead as number },
    { label: "fees", value: earning.fees as number },
    { label: "left over", value: Math.max(0, earning.profit as number) },
  ].filter((p) => p.value > 0);
  const total = Math.max(
    price,
    parts.reduce((s, p) => s + p.value, 0),
    1,
  );
  const x = scaleLinear().domain([0, total]).range([0, 100]);
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
              fill={SHADES[["material", "your time", "overhead", "fees", "left over"].indexOf(p.label)]}
              stroke="var(--sheet)"
              strokeWidth="1"
            />
          );
        })}
        {x.ticks(6).map((t) => (
          <line key={t} x1={`${x(t)}%`} x2={`${x(t)}%`} y1="22" y2="29" stroke="var(--edge)" />
        ))}
        {price < total ? (
          <line x1={`${x(price)}%`} x2={`${x(price)}%`} y1="0" y2="34" stroke="var(--bad)" strokeWidth="2" />
        ) : null}
      </svg>
      <ul>
        {parts.map((p) => (
          <li key={p.label}>
            <i
              style={{
                background:
                  SHADES[["material", "your time", "overhead", "fees", "left over"].indexOf(p.label)],
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
