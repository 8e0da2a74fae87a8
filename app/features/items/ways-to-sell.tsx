import { memo } from "react";
import styled from "styled-components";
import {
  earningAt,
  hourly,
  makingOf,
  marketPrice,
  multipleOfMaterials,
  NothingLeft,
  targetMargin,
  USUAL_MULTIPLE,
  type Making,
  type Selling,
} from "@core/costing";
import { minor, printDuration, printMoney, type Minor, type Reading, type Seconds } from "@core/units";
import { PlainTable, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import type { ItemAnalysis } from "@core/item";
import { sellingOf, takesText, type ChannelView } from "./selling";

/** What this price leaves through each channel, and what other ways of reckoning would ask. */
export const WaysToSell = memo(function WaysToSell({
  analysis,
  channels,
  selling,
  marginBp,
}: {
  analysis: ItemAnalysis;
  channels: readonly ChannelView[];
  selling: Selling;
  marginBp: number;
}) {
  const r = useReading();
  const passes = { yieldBp: Math.round(selling.yield * 10_000), secondBrings: selling.secondBrings };
  const labour = { seconds: analysis.piece.seconds.value };
  const making = makingOf(analysis.cost, labour.seconds, selling);
  return (
    <Fold>
      <summary>Other channels, other ways to a price</summary>
      <PlainTable>
        <caption className="sr">What {printMoney(analysis.price, r)} leaves through each channel</caption>
        <thead>
          <tr>
            <th scope="col">At {printMoney(analysis.price, r)} through</th>
            <th scope="col" className="num">
              left over
            </th>
            <th scope="col" className="num">
              an hour earns
            </th>
          </tr>
        </thead>
        <tbody>
          {channels.map((c) => {
            const e = earningAt(analysis.price, analysis.cost, labour, sellingOf(c, passes));
            return (
              <tr key={c.id}>
                <td>
                  {c.label}
                  <br />
                  <Small>{takesText(c, r)}</Small>
                </td>
                <td className={e.profit < 0 ? "num low" : "num"}>{printMoney(e.profit, r)}</td>
                <td className="num">
                  {orDash(e.perHour, r)}
                  <br />
                  <Small>{orDash(e.contributionPerHour, r)} before overhead</Small>
                </td>
              </tr>
            );
          })}
        </tbody>
      </PlainTable>
      <dl>
        {schools(making, selling, marginBp, analysis.price, r).map(([name, value]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </Fold>
  );
});

const orDash = (n: Minor | undefined, r: Reading): string => (n === undefined ? "—" : printMoney(n, r));

/** The same piece by each school: what it would ask, before price endings. */
function schools(
  m: Making,
  s: Selling,
  marginBp: number,
  price: Minor,
  r: Reading,
): readonly (readonly [string, string])[] {
  const said = (of: () => number): string => {
    try {
      return printMoney(minor(Math.ceil(of() - 1e-7)), r);
    } catch (error) {
      if (error instanceof NothingLeft) return "no price pays it";
      throw error;
    }
  };
  const { minutesAllowed } = marketPrice(price, m, s.channel);
  return [
    ["Materials and your hour, no margin", said(() => hourly.price(m, s.channel, undefined))],
    ["With your margin", said(() => targetMargin.price(m, s.channel, { margin: marginBp / 10_000 }))],
    [
      `${USUAL_MULTIPLE} × materials, a rule of thumb`,
      said(() => multipleOfMaterials.price(m, s.channel, { times: USUAL_MULTIPLE })),
    ],
    [
      "For this price it may take",
      Number.isFinite(minutesAllowed) && minutesAllowed > 0
        ? printDuration(Math.round(minutesAllowed * 60) as Seconds, r)
        : "no time: it does not pay its materials",
    ],
  ];
}

const Fold = styled.details`
  margin-top: 12px;
  summary {
    cursor: pointer;
    min-height: 32px;
    padding: 4px 0;
    font-weight: 560;
  }
  th,
  td {
    padding-inline: 4px;
  }
  dl {
    margin: 10px 0 0;
    display: grid;
    gap: 3px;
  }
  dl > div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
  }
  dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
    font-weight: 560;
    text-align: right;
  }
`;
