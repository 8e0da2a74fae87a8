import { extent } from "d3-array";
import { scaleBand, scaleLinear } from "d3-scale";
import styled from "styled-components";
import type { Bridge, BridgeCode } from "@core/planning";

export const STEP_WORDS: Readonly<Record<BridgeCode, string>> = {
  pieces: "more or fewer made",
  rejected: "rejected",
  seconds: "seconds",
  time: "time at the table",
  mending: "mending",
  material: "material",
};

const W = 760;
const H = 250;
const FOOT = 34;
const HEAD = 22;

/** From what the plan left to what the run left: a bar hangs where the one before it ended. */
export function BridgeChart({ bridge, print }: { bridge: Bridge; print: (n: number) => string }) {
  const moved = bridge.steps.filter((s) => s.change !== 0);
  const bars = [
    { key: "planned", label: "as planned", from: 0, to: bridge.planned, whole: true },
    ...moved.map((s) => ({
      key: s.code,
      label: STEP_WORDS[s.code],
      from: s.after - s.change,
      to: s.after,
      whole: false,
    })),
    { key: "actual", label: "as it went", from: 0, to: bridge.actual, whole: true },
  ];
  const x = scaleBand<string>()
    .domain(bars.map((b) => b.key))
    .range([0, W])
    .padding(0.22);
  const [low = 0, high = 1] = extent(bars.flatMap((b) => [b.from, b.to, 0]));
  const y = scaleLinear()
    .domain([low, high === low ? low + 1 : high])
    .range([H - FOOT - (low < 0 ? HEAD : 0), HEAD]);
  const said = bars.map((b) => `${b.label} ${print(b.whole ? b.to : b.to - b.from)}`).join(", ");
  return (
    <Svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={`From plan to what was left: ${said}`}>
      <line className="zero" x1={0} x2={W} y1={y(0)} y2={y(0)} />
      {bars.map((b, i) => {
        const left = x(b.key) ?? 0;
        const [top, bottom] = [Math.min(y(b.from), y(b.to)), Math.max(y(b.from), y(b.to))];
        const next = bars[i + 1];
        const down = b.to < b.from;
        return (
          <g key={b.key}>
            <rect
              className={b.whole ? "whole" : down ? "down" : "up"}
              x={left}
              y={top}
              width={x.bandwidth()}
              height={Math.max(2, bottom - top)}
              rx={2}
            />
            <text x={left + x.bandwidth() / 2} y={down ? bottom + 15 : top - 6}>
              {b.whole ? print(b.to) : `${b.to > b.from ? "+" : ""}${print(b.to - b.from)}`}
            </text>
            <text className="axis" x={left + x.bandwidth() / 2} y={H - 8}>
              {b.label}
            </text>
            {next ? (
              <line
                className="link"
                x1={left + x.bandwidth()}
                x2={x(next.key) ?? 0}
                y1={y(b.to)}
                y2={y(b.to)}
              />
            ) : null}
          </g>
        );
      })}
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  width: 100%;
  min-width: 560px;
  .whole {
    fill: var(--act);
  }
  .down {
    fill: var(--bad);
  }
  .up {
    fill: var(--good);
  }
  text {
    font-size: 14px;
    text-anchor: middle;
    fill: var(--ink);
    font-weight: 560;
  }
  .axis {
    font-size: 13px;
    font-weight: 400;
    fill: var(--soft);
  }
  .zero {
    stroke: var(--edge);
  }
  .link {
    stroke: var(--soft);
    stroke-dasharray: 3 3;
  }
  @media (forced-colors: active) {
    rect {
      fill: CanvasText;
    }
  }
`;
