import { max } from "d3-array";
import { scaleBand, scaleLinear } from "d3-scale";
import type { Calibration } from "@core/calibrate";
import styled from "styled-components";
import { Small } from "../../ui/basics";

const Scores = styled.dl`
  display: grid;
  grid-template-columns: max-content 132px 1fr;
  gap: 8px 12px;
  align-items: end;
  margin: 10px 0 0;
  dt {
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
`;

/** In which tenth of what was expected each measurement fell: level bars are true ranges. */
function TenthsChart({ tenths, label }: { tenths: readonly number[]; label: string }) {
  const [w, h] = [132, 40];
  const x = scaleBand(
    tenths.map((_, i) => String(i)),
    [0, w],
  ).padding(0.18);
  const n = tenths.reduce((a, b) => a + b, 0);
  const level = n / tenths.length;
  const y = scaleLinear([0, Math.max(level * 2, max(tenths) ?? 1)], [h - 2, 2]);
  return (
    <svg viewBox={`0 0 ${w} ${h}`} width={w} height={h} role="img" aria-label={label}>
      {tenths.map((count, i) => (
        <rect
          key={i}
          x={x(String(i))}
          width={x.bandwidth()}
          y={y(count)}
          height={h - 2 - y(count)}
          fill="var(--act)"
          opacity={i === 0 || i === tenths.length - 1 ? 1 : 0.6}
        />
      ))}
      <line x1={0} x2={w} y1={y(level)} y2={y(level)} stroke="var(--ink)" strokeDasharray="3 3" />
      <line x1={0} x2={w} y1={h - 2} y2={h - 2} stroke="var(--edge)" />
    </svg>
  );
}

/** Fewer measurements than this say little, and move the ranges little. */
const FEW = 6;
/** What her own score does to her ranges, in words. */
export function scoreText({ score, n }: Pick<Calibration, "score" | "n">): string {
  const percent = Math.round(100 * Math.abs(score - 1));
  if (percent < 3) return "as wide as they should be";
  if (n < FEW) return `few so far: now ${percent} % ${score > 1 ? "wider" : "narrower"}`;
  return score > 1
    ? `were too narrow: now ${percent} % wider`
    : `were wider than needed: now ${percent} % narrower`;
}

/**
 * How true the ranges were that were given before each measurement, by kind, and what that does to the next.
 */
export function Scores90({
  kinds,
}: {
  kinds: readonly { readonly name: string; readonly score: Calibration }[];
}) {
  const told = kinds.filter((k) => k.score.n > 0);
  if (told.length === 0) return null;
  return (
    <>
      <h3 style={{ marginTop: 18 }}>How true your ranges are</h3>
      <Small>
        Each measurement is held against the range given before it. Level bars are right; high ends mean too
        narrow, a hump in the middle too wide. The ranges follow.
      </Small>
      <Scores>
        {told.map(({ name, score }) => (
          <div key={name} style={{ display: "contents" }}>
            <dt>{name}</dt>
            <dd>
              <TenthsChart
                tenths={score.tenths}
                label={`${name}: measurements in each tenth of what was expected, lowest first: ${score.tenths.join(", ")}`}
              />
            </dd>
            <dd>
              <b>
                {score.inside} of {score.n}
              </b>{" "}
              inside <Small as="span">{scoreText(score)}</Small>
            </dd>
          </div>
        ))}
      </Scores>
    </>
  );
}
