import { max } from "d3-array";
import { scaleBand, scaleLinear } from "d3-scale";
import styled from "styled-components";

const H = 160;
/**
 * Few bars are wide, many narrow; the drawing is as wide as they are, so that a telephone does not shrink it
 * to nothing.
 */
const widthOf = (n: number): number => Math.max(300, n * Math.min(90, Math.max(40, 640 / Math.max(1, n))));

/** Upright bars with their values on top: pieces by the hour, takings by the month. */
export function Bars({
  bars,
  label,
}: {
  bars: readonly { readonly label: string; readonly value: number; readonly text: string }[];
  label: string;
}) {
  const W = widthOf(bars.length);
  const x = scaleBand<number>()
    .domain(bars.map((_, i) => i))
    .range([0, Math.min(W, 90 * bars.length)])
    .paddingInner(0.24)
    .paddingOuter(0.1);
  const y = scaleLinear()
    .domain([0, Math.max(1, max(bars, (b) => b.value) ?? 1)])
    .range([0, H - 40]);
  return (
    <Svg
      viewBox={`0 0 ${W} ${H}`}
      style={{ maxWidth: 1.15 * W }}
      role="img"
      aria-label={`${label}: ${bars.map((b) => `${b.label} ${b.text}`).join(", ")}`}
    >
      {bars.map((b, i) => {
        const left = x(i) ?? 0;
        const tall = y(Math.max(0, b.value));
        return (
          <g key={i}>
            <rect x={left} y={H - 20 - tall} width={x.bandwidth()} height={tall} rx={2} />
            <text x={left + x.bandwidth() / 2} y={H - 25 - tall}>
              {b.text}
            </text>
            <text className="axis" x={left + x.bandwidth() / 2} y={H - 5}>
              {b.label}
            </text>
          </g>
        );
      })}
      <line x1={0} x2={Math.min(W, 90 * bars.length)} y1={H - 20} y2={H - 20} />
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  width: 100%;
  rect {
    fill: var(--act);
  }
  line {
    stroke: var(--edge);
  }
  text {
    fill: var(--ink);
    font-size: 13px;
    text-anchor: middle;
  }
  .axis {
    fill: var(--soft);
  }
`;
