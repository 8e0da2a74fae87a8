import { extent, max } from "d3-array";
import { scaleLinear, scaleLog, scaleTime } from "d3-scale";
import { lapOn, type LearningCurve } from "@core/calibrate";
import type { DriftPoint, DriftView, Told } from "@core/hand";

/** Marks that a chart draws: the newest. More of them lie on top of each other. */
const NEWEST = 120;

/** The range of one estimate, measurement by measurement: a band that closes about its value. */
export function NarrowingChart({
  points,
  label,
}: {
  points: readonly { n: number; mean: number; low: number; high: number }[];
  label: string;
}) {
  const [w, h] = [210, 54];
  // Of a long history only now and then a point is here.
  const [from = 0, to = 1] = extent(points, (p) => p.n);
  const x = scaleLinear([from, Math.max(from + 1, to)], [4, w - 4]);
  const y = scaleLog(
    [Math.min(0.6, ...points.map((p) => p.low)), Math.max(1.6, ...points.map((p) => p.high))],
    [h - 4, 4],
  );
  const band =
    points.map((p) => `${x(p.n)},${y(p.high)}`).join(" ") +
    " " +
    [...points]
      .reverse()
      .map((p) => `${x(p.n)},${y(p.low)}`)
      .join(" ");
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      role="img"
      aria-label={label}
      style={{ maxWidth: "100%", display: "block" }}
    >
      <line x1={0} x2={w} y1={y(1)} y2={y(1)} stroke="var(--edge)" strokeDasharray="2 4" />
      <polygon points={band} fill="var(--act)" opacity={0.22} />
      <polyline
        points={points.map((p) => `${x(p.n)},${y(p.mean)}`).join(" ")}
        fill="none"
        stroke="var(--act)"
        strokeWidth={2}
      />
      {points.slice(1).map((p) => (
        <circle key={p.n} cx={x(p.n)} cy={y(p.mean)} r={2.4} fill="var(--act)" />
      ))}
    </svg>
  );
}

/**
 * Expected against measured, both as shares of the trade's figure; a point on the line was foretold exactly.
 * Each opens its measurement.
 */
export function ExpectedChart({
  told,
  href,
  describe,
}: {
  told: readonly Told[];
  href: (t: Told) => string;
  describe: (t: Told) => string;
}) {
  const [w, h] = [380, 300];
  const [low = 0.5, high = 2] = extent(
    told.flatMap((t) => [t.measured, t.low, t.high].filter((v) => v > 0.2 && v < 5)),
  );
  const domain = [Math.min(0.85, low * 0.97), Math.max(1.2, high * 1.03)];
  const x = scaleLog(domain, [40, w - 10]);
  const y = scaleLog(domain, [h - 34, 10]);
  const ticks = [0.3, 0.5, 0.7, 0.85, 1, 1.2, 1.4, 2, 3].filter(
    (t) => t >= (domain[0] ?? 0) && t <= (domain[1] ?? 9),
  );
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      style={{ maxWidth: "100%", height: "auto", display: "block" }}
      role="group"
      aria-label="Expected against measured"
    >
      {ticks.map((t) => (
        <g key={t} aria-hidden>
          <line x1={x(t)} x2={x(t)} y1={10} y2={h - 34} stroke="var(--line)" />
          <line x1={40} x2={w - 10} y1={y(t)} y2={y(t)} stroke="var(--line)" />
          <text x={x(t)} y={h - 18} fontSize={12} textAnchor="middle" fill="var(--soft)">
            {t}
          </text>
          <text x={34} y={y(t) + 4} fontSize={12} textAnchor="end" fill="var(--soft)">
            {t}
          </text>
        </g>
      ))}
      <line
        x1={x(domain[0] ?? 1)}
        y1={y(domain[0] ?? 1)}
        x2={x(domain[1] ?? 1)}
        y2={y(domain[1] ?? 1)}
        stroke="var(--ink)"
        strokeDasharray="4 4"
        aria-hidden
      />
      <text x={w - 12} y={h - 3} fontSize={12} textAnchor="end" fill="var(--soft)" aria-hidden>
        expected, times the trade’s
      </text>
      <text x={44} y={20} fontSize={12} fill="var(--soft)" aria-hidden>
        measured
      </text>
      {told.slice(-NEWEST).map((t) => (
        <a key={t.id} href={href(t)} aria-label={describe(t)}>
          <title>{describe(t)}</title>
          <line
            x1={x(t.expected)}
            x2={x(t.expected)}
            y1={y(Math.max(0.2, t.low))}
            y2={y(t.high)}
            stroke="var(--edge)"
            strokeWidth={1}
            opacity={0.6}
          />
          {t.what === "pace" ? (
            <rect x={x(t.expected) - 4.5} y={y(t.measured) - 4.5} width={9} height={9} fill="var(--w-dec)" />
          ) : (
            <circle
              cx={x(t.expected)}
              cy={y(t.measured)}
              r={5}
              fill={t.what === "tension" ? "var(--act)" : "var(--w-inc)"}
            />
          )}
        </a>
      ))}
    </svg>
  );
}

/** Laps of a batch and the curve through them. */
export function LapChart({ laps, curve }: { laps: readonly number[]; curve: LearningCurve }) {
  const [w, h] = [320, 84];
  const x = scaleLinear([1, Math.max(2, laps.length)], [10, w - 10]);
  const y = scaleLinear([0, (max([...laps, curve.first]) ?? 1) * 1.1], [h - 6, 6]);
  const line = Array.from({ length: 40 }, (_, i) => 1 + ((Math.max(2, laps.length) - 1) * i) / 39);
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      style={{ maxWidth: "100%", display: "block" }}
      role="img"
      aria-label={`${laps.length} pieces, the first about ${Math.round(curve.first)} seconds, each doubling takes ${Math.round(curve.rate * 100)} percent`}
    >
      <line x1={0} x2={w} y1={h - 6} y2={h - 6} stroke="var(--line)" />
      <polyline
        points={line.map((n) => `${x(n)},${y(lapOn(curve, n))}`).join(" ")}
        fill="none"
        stroke="var(--act)"
        strokeWidth={2}
      />
      {laps.map((s, i) => (
        <circle key={i} cx={x(i + 1)} cy={y(s)} r={3.5} fill="var(--ink)" />
      ))}
    </svg>
  );
}

/**
 * What a hand made against what is known of it now, over time, with the line through it and its range. A
 * point opens its measurement.
 */
export function DriftChart({
  view,
  href,
  describe,
  dayText,
}: {
  view: DriftView;
  href: (id: string) => string;
  describe: (p: DriftPoint) => string;
  dayText: (day: string) => string;
}) {
  const [w, h] = [380, 150];
  const days = view.points.map((p) => Date.parse(p.madeOn));
  const [first = 0, last = 1] = extent(days);
  const x = scaleTime([first, Math.max(last, first + 86_400_000)], [44, w - 12]);
  const all = [...view.points.map((p) => p.ratio), ...view.line.flatMap((l) => [l.low, l.high])].filter(
    (v) => v > 0.3 && v < 3,
  );
  const y = scaleLog([Math.min(0.85, ...all), Math.max(1.18, ...all)], [h - 26, 8]);
  const at = (day: string) => x(Date.parse(day));
  const ticks = [0.5, 0.7, 0.8, 0.9, 1, 1.1, 1.25, 1.5, 2].filter(
    (t) => t >= (y.domain()[0] ?? 0) && t <= (y.domain()[1] ?? 9),
  );
  const band =
    view.line.map((l) => `${at(l.day)},${y(l.high)}`).join(" ") +
    " " +
    [...view.line]
      .reverse()
      .map((l) => `${at(l.day)},${y(l.low)}`)
      .join(" ");
  const colour = view.what === "yarn" ? "var(--act)" : "var(--w-dec)";
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      style={{ maxWidth: "100%", height: "auto", display: "block" }}
      role="group"
      aria-label={`${view.what === "yarn" ? "Yarn" : "Time"} over the months, ${view.measured} measurements`}
    >
      {ticks.map((t) => (
        <g key={t} aria-hidden>
          <line x1={44} x2={w - 12} y1={y(t)} y2={y(t)} stroke={t === 1 ? "var(--edge)" : "var(--line)"} />
          <text x={38} y={y(t) + 4} fontSize={12} textAnchor="end" fill="var(--soft)">
            {Math.round(t * 100)} %
          </text>
        </g>
      ))}
      <text x={44} y={h - 6} fontSize={12} fill="var(--soft)" aria-hidden>
        {dayText(view.points[0]?.madeOn ?? "")}
      </text>
      <text x={w - 12} y={h - 6} fontSize={12} textAnchor="end" fill="var(--soft)" aria-hidden>
        {dayText(view.points.at(-1)?.madeOn ?? "")}
      </text>
      {view.line.length > 0 ? (
        <>
          <polygon points={band} fill={colour} opacity={0.16} />
          <polyline
            points={view.line.map((l) => `${at(l.day)},${y(l.mid)}`).join(" ")}
            fill="none"
            stroke={colour}
            strokeWidth={2}
          />
        </>
      ) : null}
      {view.points.slice(-NEWEST).map((p) => (
        <a key={p.id} href={href(p.id)} aria-label={describe(p)}>
          <title>{describe(p)}</title>
          {view.what === "yarn" ? (
            <circle cx={at(p.madeOn)} cy={y(Math.min(3, Math.max(0.3, p.ratio)))} r={5} fill={colour} />
          ) : (
            <rect
              x={at(p.madeOn) - 4.5}
              y={y(Math.min(3, Math.max(0.3, p.ratio))) - 4.5}
              width={9}
              height={9}
              fill={colour}
            />
          )}
        </a>
      ))}
    </svg>
  );
}
