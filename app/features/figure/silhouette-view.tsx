import { cumsum as runningSum } from "d3-array";
import styled from "styled-components";
import { shadeColour } from "@core/notation";
import { MM_PER_INCH, printLength, type Mm } from "@core/units";
import { useReading } from "../../ui/reading";
import type { Silhouette } from "@core/item";
import { luminance } from "../../ui/yarn-disc";

const cumsum = (list: readonly number[]): number[] => [...runningSum(list)];

export type SlotColours = Readonly<Record<string, string>>;
const NO_COLOUR = "#b9c3c5";

/** The colour a slot is drawn in: its yarn's, the one its name speaks of, or a plain grey. */
export const colourOf = (colours: SlotColours, slot: string): string =>
  colours[slot] ?? shadeColour(slot) ?? colours.main ?? NO_COLOUR;

function Shape({
  s,
  colours,
  x,
  y,
  lit,
}: {
  s: Silhouette;
  colours: SlotColours;
  x: number;
  y: number;
  lit?: number | undefined;
}) {
  const main = s.bands[Math.floor(s.bands.length / 2)];
  const dark = luminance(colourOf(colours, main?.slot ?? "main")) < 0.12;
  return (
    <g transform={`translate(${x} ${y})${s.openTop ? ` translate(0 ${s.height}) scale(1 -1)` : ""}`}>
      {s.bands.map((b, i) => (
        <path
          key={i}
          d={b.path}
          fill={colourOf(colours, b.slot)}
          stroke={
            luminance(colourOf(colours, b.slot)) < 0.12 ? "rgb(255 255 255 / 0.22)" : "rgb(0 0 0 / 0.20)"
          }
          strokeWidth={0.35}
          opacity={lit !== undefined && lit !== b.round ? 0.45 : 1}
        />
      ))}
      {s.outline ? <path d={s.outline} fill="none" stroke="var(--edge)" strokeWidth={0.7} /> : null}
      {s.eyes.map((e, i) => (
        <g key={i}>
          <circle
            cx={e.x}
            cy={e.y}
            r={e.r}
            fill="#17191a"
            stroke={dark ? "#fff" : "none"}
            strokeWidth={0.5}
          />
          <circle cx={e.x - e.r * 0.3} cy={e.y - e.r * 0.3} r={e.r * 0.25} fill="#fff" />
        </g>
      ))}
    </g>
  );
}

/** Parts side by side on one ground line, mm: where each stands and how much room they take. */
export function inARow(parts: readonly Silhouette[]) {
  const tallest = Math.max(...parts.map((p) => p.height));
  const gap = Math.max(3, tallest * 0.07);
  const starts = cumsum([gap, ...parts.map((p) => p.width + gap)]);
  return {
    tallest,
    gap,
    placed: parts.map((p, i) => ({ p, at: (starts[i] ?? 0) + p.width / 2 })),
    width: starts[parts.length] ?? gap,
  };
}
type InARow = ReturnType<typeof inARow>;

/** What stands in the frame of the parts, on screen and in a file. */
export function SilhouetteDrawing({
  row: { placed, tallest, gap },
  colours,
  scale,
  lit,
}: {
  row: InARow;
  colours: SlotColours;
  scale?: boolean | undefined;
  lit?: { part: number; round: number } | undefined;
}) {
  return (
    <>
      {placed.map(({ p, at }, i) => (
        <Shape
          key={i}
          s={p}
          colours={colours}
          x={at}
          y={tallest + gap / 2 - p.height}
          lit={lit?.part === i ? lit.round : undefined}
        />
      ))}
      {scale ? <ScaleBar x={gap} y={tallest + gap / 2 + 3.5} tallest={tallest} /> : null}
    </>
  );
}

/** All parts of an item side by side, to one scale, on one ground line. */
export function Silhouettes({
  parts,
  colours,
  height,
  label,
  scale,
  lit,
}: {
  parts: readonly Silhouette[];
  colours: SlotColours;
  height: number;
  label: string;
  scale?: boolean;
  lit?: { part: number; round: number } | undefined;
}) {
  if (parts.length === 0) return <NoShape style={{ height }}>no shape yet</NoShape>;
  const row = inARow(parts);
  const x = row.width;
  const room = row.tallest + row.gap + (scale ? 9 : 1);
  return (
    <svg
      className="shapes"
      viewBox={`0 0 ${x.toFixed(1)} ${room.toFixed(1)}`}
      style={{ height, aspectRatio: `${x} / ${room}` }}
      role="img"
      aria-label={label}
      preserveAspectRatio="xMinYMax meet"
    >
      <SilhouetteDrawing row={row} colours={colours} scale={scale} lit={lit} />
    </svg>
  );
}

/** A rule of about a quarter of the tallest part: whole centimetres, or half inches. */
function ScaleBar({ x, y, tallest }: { x: number; y: number; tallest: number }) {
  const r = useReading();
  const inches = r.system === "imperial";
  const step = inches ? MM_PER_INCH / 4 : 5;
  const parts = 2 * Math.max(1, Math.round(tallest / 40));
  const length = step * parts;
  return (
    <g stroke="var(--ink)" strokeWidth={0.5}>
      <path d={`M${x} ${y}h${length}`} fill="none" />
      {Array.from({ length: parts + 1 }, (_, i) => (
        <path key={i} d={`M${x + i * step} ${y}v${i % 2 === 0 ? -2 : -1.2}`} />
      ))}
      <text x={x + length + 1.5} y={y + 0.8} fontSize={4.4} fill="var(--ink)" stroke="none">
        {printLength(length as Mm, r)}
      </text>
    </g>
  );
}

const NoShape = styled.div`
  display: grid;
  place-items: center;
  color: var(--soft);
  font-size: 13px;
  min-width: 60px;
`;
