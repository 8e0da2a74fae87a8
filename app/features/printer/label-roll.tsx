import styled from "styled-components";

/** Labels that the strip shows; more are a number. */
const SHOWN = 10;
const W = 22;
const H = 36;

const Strip = styled.svg`
  display: block;
  max-width: 100%;
  height: auto;
  .label {
    fill: var(--tag);
    stroke: var(--tag-edge);
  }
  .gone {
    fill: none;
    stroke: var(--line);
    stroke-dasharray: 3 3;
  }
  .hole {
    fill: var(--sheet);
    stroke: var(--tag-edge);
  }
`;

/** The strip as it lies before her: so many labels are left on the roll. */
export function LabelRoll({ left }: { left: number }) {
  const whole = Math.min(SHOWN, left);
  return (
    <Strip
      viewBox={`0 0 ${SHOWN * (W + 4) + 2} ${H + 2}`}
      width={SHOWN * (W + 4) + 2}
      role="img"
      aria-label={left === 1 ? "1 label left on the roll" : `${left} labels left on the roll`}
    >
      {Array.from({ length: SHOWN }, (_, i) => (
        <g key={i} transform={`translate(${1 + i * (W + 4)} 1)`}>
          <rect className={i < whole ? "label" : "gone"} width={W} height={H} rx={3} />
          {i < whole ? <circle className="hole" cx={W / 2} cy={5} r={2.4} /> : null}
        </g>
      ))}
    </Strip>
  );
}
