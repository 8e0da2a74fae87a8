import { scaleLinear } from "d3-scale";
import styled from "styled-components";
import { useReading } from "../../ui/reading";

const [BAR, GAP, H] = [9, 3, 40];
const WIDTH = 12 * (BAR + GAP) - GAP;

/** The twelve months of a piece against each other; those of its season are full, this month is marked below. */
export function SeasonStrip({
  season,
  months,
  now,
  label,
}: {
  season: readonly number[];
  /** The months of its season, 0 to 11. */
  months: readonly number[];
  now: number;
  label: string;
}) {
  const { locale } = useReading();
  const y = scaleLinear()
    .domain([0, Math.max(1, ...season)])
    .range([0, H - 6]);
  const name = (m: number) =>
    new Date(Date.UTC(2026, m, 15)).toLocaleDateString(locale, { month: "long", timeZone: "UTC" });
  const best = months.length > 0 ? months.map(name).join(", ") : "the whole year";
  return (
    <Svg viewBox={`0 0 ${WIDTH} ${H}`} width={WIDTH} height={H} role="img" aria-label={`${label}: ${best}`}>
      {season.map((f, m) => (
        <rect
          key={m}
          className={months.includes(m) ? "on" : undefined}
          x={m * (BAR + GAP)}
          width={BAR}
          y={H - 6 - Math.max(1, y(f))}
          height={Math.max(1, y(f))}
        />
      ))}
      <path d={`M${now * (BAR + GAP)},${H - 2} h${BAR}`} />
    </Svg>
  );
}

const Svg = styled.svg`
  display: block;
  rect {
    fill: var(--edge);
  }
  rect.on {
    fill: var(--act);
  }
  path {
    stroke: var(--ink);
    stroke-width: 3;
  }
`;
