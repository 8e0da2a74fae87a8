import { scaleLinear } from "d3-scale";
import styled from "styled-components";

const W = 150;
const H = 22;

/** What a day asks for, drawn: the span of 90 of 100 days, its mean, and how many are brought. */
export function AskedStrip({
  low,
  mean,
  high,
  bring,
  most,
}: {
  low: number;
  mean: number;
  high: number;
  bring: number;
  /** Of all pieces, so that rows can be compared. */
  most: number;
}) {
  const x = scaleLinear()
    .domain([0, Math.max(1, most)])
    .range([4, W - 4])
    .clamp(true);
  return (
    <Svg
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label={`90 of 100 days ask for ${low} to ${high}; ${bring} are brought`}
    >
      <line x1={x(0)} x2={x(most)} y1={H / 2} y2={H / 2} className="all" />
      <rect x={x(low)} width={Math.max(2, x(high) - x(low))} y={H / 2 - 4} height={8} rx={2} />
      <line x1={x(mean)} x2={x(mean)} y1={H / 2 - 6} y2={H / 2 + 6} className="mean" />
      <path d={`M${x(bring)} ${H / 2 - 4}l-5 -7h10z`} />
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  width: ${W}px;
  height: ${H}px;
  rect {
    fill: var(--tape);
    stroke: var(--edge);
    stroke-width: 0.7;
  }
  .all {
    stroke: var(--line);
  }
  .mean {
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  path {
    fill: var(--act);
  }
`;
