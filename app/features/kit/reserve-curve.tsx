import { scaleLinear, scaleLog } from "d3-scale";
import styled from "styled-components";
import { printTrimmed } from "@core/units";
import { useReading } from "../../ui/reading";

const W = 420;
const H = 206;
const M = { left: 74, right: 12, top: 12, bottom: 46 };

/** Of how many buyers one runs out, against how much more yarn lies in the kit than she uses. */
export function ReserveCurve({
  curve,
  share,
  chance,
}: {
  curve: readonly { share: number; chance: number }[];
  share: number;
  chance: number;
}) {
  const r = useReading();
  const most = Math.max(0.1, ...curve.map((p) => p.share));
  const x = scaleLinear([0, most], [M.left, W - M.right]);
  const y = scaleLog([0.0008, 1], [H - M.bottom, M.top]);
  const at = (p: { share: number; chance: number }) =>
    `${x(p.share).toFixed(1)} ${y(Math.max(0.0008, p.chance)).toFixed(1)}`;
  const percent = (n: number) => `${printTrimmed(100 * n, 1, r.locale)} %`;
  return (
    <Chart
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label={`With ${percent(share)} more yarn than you use, ${percent(chance)} of buyers run out.`}
    >
      {[0.5, 0.1, 0.01, 0.001].map((c) => (
        <g key={c}>
          <path d={`M${M.left} ${y(c)}H${W - M.right}`} className="rule" />
          <text x={M.left - 7} y={y(c) + 4} textAnchor="end">
            {c === 0.5 ? "1 of 2" : `1 of ${Math.round(1 / c).toLocaleString(r.locale)}`}
          </text>
        </g>
      ))}
      {x.ticks(5).map((t) => (
        <text key={t} x={x(t)} y={H - 28} textAnchor="middle">
          {percent(t)}
        </text>
      ))}
      <path d={`M${curve.map(at).join("L")}`} className="line" />
      <path d={`M${x(share)} ${H - M.bottom}V${y(Math.max(0.0008, chance))}`} className="mark" />
      <circle cx={x(share)} cy={y(Math.max(0.0008, chance))} r={5} className="dot" />
      <text x={W - M.right} y={H - 8} textAnchor="end" className="soft">
        more yarn than you use
      </text>
    </Chart>
  );
}

const Chart = styled.svg`
  width: 100%;
  max-width: ${W}px;
  display: block;
  text {
    font-size: 12px;
    fill: var(--ink);
  }
  .soft {
    fill: var(--soft);
  }
  .rule {
    stroke: var(--line);
  }
  .line {
    stroke: var(--act);
    stroke-width: 2.5;
    fill: none;
  }
  .mark {
    stroke: var(--ink);
    stroke-dasharray: 3 3;
  }
  .dot {
    fill: var(--act);
    stroke: var(--sheet);
    stroke-width: 2;
  }
`;
