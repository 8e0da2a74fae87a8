import { max } from "d3-array";
import { scaleLinear } from "d3-scale";
import styled from "styled-components";
import { levers, whatIf, type Base, type Otherwise } from "@core/shelf/what-if";
import { printMoney, type Minor } from "@core/units";
import { useReading } from "../../../ui/reading";
import { FACTOR_WORDS } from "./words";

const STEP = 0.1;
const W = 720;
const ROW = 34;

/** How far a tenth of each moves the profit, to both sides of where it is. */
export function Tornado({ base, at }: { base: Base; at: Otherwise }) {
  const r = useReading();
  const list = levers(base, at, STEP);
  const here = whatIf(base, at).profit;
  const far = Math.max(1, max(list, (l) => Math.max(Math.abs(l.more - here), Math.abs(l.less - here))) ?? 1);
  const x = scaleLinear()
    .domain([-far, far])
    .range([190, W - 70]);
  const money = (n: number) => `${n > 0 ? "+" : "−"}${printMoney(Math.abs(Math.round(n)) as Minor, r)}`;
  return (
    <Svg
      viewBox={`0 0 ${W} ${list.length * ROW + 8}`}
      role="img"
      aria-label={list
        .map(
          (l) =>
            `${FACTOR_WORDS[l.factor].name}, a tenth ${FACTOR_WORDS[l.factor].more}: ${money(l.more - here)}`,
        )
        .join("; ")}
    >
      {list.map((l, i) => {
        const y = i * ROW + 6;
        const up = l.more - here;
        const down = l.less - here;
        return (
          <g key={l.factor}>
            <text x={0} y={y + 16}>
              {FACTOR_WORDS[l.factor].name}
            </text>
            {[
              { d: up, more: true },
              { d: down, more: false },
            ].map(({ d, more }) => (
              <g key={String(more)}>
                <rect
                  className={more ? "more" : "less"}
                  x={Math.min(x(0), x(d))}
                  width={Math.max(1, Math.abs(x(d) - x(0)))}
                  y={y}
                  height={22}
                />
                {more ? (
                  <text
                    className="value"
                    x={d >= 0 ? x(Math.max(up, down)) + 6 : x(Math.min(up, down)) - 6}
                    textAnchor={d >= 0 ? "start" : "end"}
                    y={y + 16}
                  >
                    {money(d)}
                  </text>
                ) : null}
              </g>
            ))}
          </g>
        );
      })}
      <line x1={x(0)} x2={x(0)} y1={0} y2={list.length * ROW + 4} />
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  width: 100%;
  min-width: 560px;
  max-width: 900px;
  text {
    font-size: 14px;
    fill: var(--ink);
  }
  .value {
    font-size: 13px;
    fill: var(--soft);
  }
  .more {
    fill: var(--act);
  }
  .less {
    fill: var(--tape);
    stroke: var(--edge);
    stroke-width: 0.7;
  }
  line {
    stroke: var(--ink);
  }
`;
