import { useMemo } from "react";
import styled from "styled-components";
import { layoutOf, type CheckedPattern, type CheckedRound } from "@core/notation";
import { colourOf, type SlotColours } from "./silhouette-view";
import { luminance } from "../../ui/yarn-disc";

/** Where each line of the text stands, in px from the ladder's top. Index 0 is line 1. */
export interface LinePlace {
  readonly top: number;
  readonly height: number;
}
export const LINE_PX = 24;
export const plainPlaces = (lines: number): LinePlace[] => Array.from({ length: lines }, (_, i) => ({ top: i * LINE_PX, height: LINE_PX }));

interface Rung {
  readonly line: number;
  readonly part: number;
  readonly rounds: readonly { readonly round: CheckedRound; readonly index: number }[];
}

function rungsOf(pattern: CheckedPattern): Rung[] {
  const rungs = new Map<string, { line: number; part: number; rounds: { round: CheckedRound; index: number }[] }>();
  pattern.parts.forEach((part, p) =>
    part.rounds.forEach((round, index) => {
      const key = `${p}:${round.line}`;
      const rung = rungs.get(key) ?? { line: round.line, part: p, rounds: [] };
      rung.rounds.push({ round, index });
      rungs.set(key, rung);
    }),
  );
  return [...rungs.values()];
}

/** Half the width of the widest bar; a phone has less room and leaves the changes out. */
const WIDE = { width: 256, half: 80, changes: true };
const NARROW = { width: 122, half: 42, changes: false };
type Sizes = typeof WIDE;

/**
 * The round ladder: level with each line of the text its round as a bar as long as its stitches,
 * mirrored about a centre line, so that the ladder is the silhouette. A count that breaks is a
 * broken rung at the very line.
 */
export function Ladder({ pattern, colours, places, height, narrow, lit, onLight }: { pattern: CheckedPattern; colours: SlotColours; places: readonly LinePlace[]; height: number; narrow?: boolean; lit?: { part: number; round: number } | undefined; onLight?: (at: { part: number; round: number } | undefined) => void }) {
  const rungs = useMemo(() => rungsOf(pattern), [pattern]);
  const most = useMemo(() => pattern.parts.map((p) => p.rounds.reduce((m, r) => Math.max(m, r.count ?? 0, r.available ?? 0), 12)), [pattern]);
  const problems = useMemo(() => new Map(pattern.problems.map((p) => [p.line, p.severity])), [pattern]);
  const sizes = narrow ? NARROW : WIDE;
  const { width, half } = sizes;
  return (
    <Svg width={width} height={Math.max(height, 40)} viewBox={`0 0 ${width} ${Math.max(height, 40)}`} aria-hidden onMouseLeave={() => onLight?.(undefined)}>
      <path d={`M${half + 4} 0V${height}`} stroke="var(--line)" strokeDasharray="1 5" />
      {rungs.map((rung) => {
        const place = places[rung.line - 1];
        if (!place) return null;
        return <RungView key={`${rung.part}:${rung.line}`} rung={rung} place={place} sizes={sizes} scale={half / (most[rung.part] ?? 12)} colours={colours} severity={problems.get(rung.line)} lit={lit?.part === rung.part ? lit.round : undefined} onLight={onLight} />;
      })}
    </Svg>
  );
}

function RungView({ sizes, rung, place, scale, colours, severity, lit, onLight }: { sizes: Sizes; rung: Rung; place: LinePlace; scale: number; colours: SlotColours; severity: string | undefined; lit: number | undefined; onLight: ((at: { part: number; round: number } | undefined) => void) | undefined }) {
  // A line that wraps keeps its single round one line high, so that the ladder stays the silhouette.
  const high = rung.rounds.length > 1 ? place.height : Math.min(place.height, LINE_PX);
  const room = high - 4;
  const shown = rung.rounds.slice(0, Math.max(1, Math.floor(room / 2)));
  const each = room / shown.length;
  const last = rung.rounds[rung.rounds.length - 1]?.round;
  const first = rung.rounds[0]?.round;
  const broken = rung.rounds.some((x) => x.round.broken) || severity === "error";
  const label = last?.count === undefined ? "?" : String(last.count);
  const change = (last?.count ?? 0) - (first?.available ?? last?.count ?? 0);
  const mid = place.top + high / 2;
  return (
    <g onMouseEnter={() => onLight?.({ part: rung.part, round: rung.rounds[0]?.index ?? 0 })}>
      <rect x={0} y={place.top} width={sizes.width} height={place.height} fill="transparent" />
      {shown.map(({ round, index }, i) => (
        <Bar key={index} centre={sizes.half + 4} round={round} top={place.top + 2 + i * each} height={Math.max(1.2, each - (shown.length > 1 ? 0.6 : 0))} scale={scale} colours={colours} broken={broken && round.broken} dim={lit !== undefined && !rung.rounds.some((x) => x.index === lit)} />
      ))}
      <text x={sizes.half * 2 + 12} y={mid + 4.5} className={broken ? "bad" : ""}>
        {label}
      </text>
      <text x={sizes.half * 2 + 42} y={mid + 4.5} className="soft">
        {!sizes.changes ? "" : rung.rounds.length > 1 ? `${rung.rounds.length} rnds` : change > 0 ? `+${change}` : change < 0 ? `\u2212${-change}` : ""}
      </text>
    </g>
  );
}

function Bar({ centre, round, top, height, scale, colours, broken, dim }: { centre: number; round: CheckedRound; top: number; height: number; scale: number; colours: SlotColours; broken: boolean; dim: boolean }) {
  const count = round.count ?? round.available ?? 0;
  const layout = useMemo(() => layoutOf(round), [round]);
  if (count === 0) return null;
  const left = centre - count * scale;
  const wide = (2 * count * scale) / Math.max(1, layout.segments[layout.segments.length - 1]?.to ?? count);
  const marks = layout.marks.length <= 80 && height > 6 ? layout.marks : [];
  return (
    <g opacity={dim ? 0.4 : 1}>
      {layout.segments.map((s, i) => (
        <rect key={i} x={left + s.from * wide} y={top} width={Math.max(0.5, (s.to - s.from) * wide)} height={height} fill={colourOf(colours, s.slot)} />
      ))}
      <rect x={left} y={top} width={2 * count * scale} height={height} fill="none" stroke={broken ? "var(--bad)" : "var(--edge)"} strokeWidth={broken ? 1.6 : 0.7} strokeDasharray={broken ? "4 3" : undefined} />
      {marks.map((m, i) => {
        const x = left + m.at * wide;
        const dark = luminance(colourOf(colours, layout.segments.find((s) => m.at <= s.to)?.slot ?? "main")) < 0.25;
        const y = top + height / 2;
        const d = m.kind === "inc" ? `M${x - 3} ${y + 3}L${x} ${y - 3}L${x + 3} ${y + 3}` : `M${x - 3} ${y - 3}L${x} ${y + 3}L${x + 3} ${y - 3}`;
        return <path key={i} d={d} fill="none" stroke={dark ? "#fff" : "#111"} strokeOpacity={0.75} strokeWidth={1.1} />;
      })}
      {broken ? <path d={`M${centre - 5} ${top - 1}l4 ${height / 2 + 1}l-5 0l4 ${height / 2 + 1}`} fill="none" stroke="var(--sheet)" strokeWidth={5} /> : null}
      {broken ? <path d={`M${centre - 5} ${top - 1}l4 ${height / 2 + 1}l-5 0l4 ${height / 2 + 1}`} fill="none" stroke="var(--bad)" strokeWidth={1.4} /> : null}
    </g>
  );
}

const Svg = styled.svg`
  display: block; font-size: 13px; font-variation-settings: "MONO" 1; flex: none;
  text { fill: var(--ink); } text.soft { fill: var(--soft); } text.bad { fill: var(--bad); font-weight: 700; }
`;
