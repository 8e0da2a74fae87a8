import { useMemo } from "react";
import styled from "styled-components";
import { hangingOf, layoutOf, type CheckedPattern, type CheckedRound, type PartEvent } from "@core/notation";
import { colourOf, type SlotColours } from "../figure/silhouette-view";
import { luminance } from "../../ui/yarn-disc";

/** Where each line of the text stands, in px from the ladder's top. Index 0 is line 1. */
export interface LinePlace {
  readonly top: number;
  readonly height: number;
}
export const LINE_PX = 24;
export const plainPlaces = (lines: number): LinePlace[] =>
  Array.from({ length: lines }, (_, i) => ({ top: i * LINE_PX, height: LINE_PX }));

export interface Rung {
  readonly line: number;
  readonly part: number;
  readonly rows: boolean;
  readonly rounds: readonly { readonly round: CheckedRound; readonly index: number }[];
}

/** The lines that work rounds, each with its rounds. */
export function rungsOf(pattern: Pick<CheckedPattern, "parts">): Rung[] {
  const rungs = new Map<
    string,
    { line: number; part: number; rows: boolean; rounds: { round: CheckedRound; index: number }[] }
  >();
  pattern.parts.forEach((part, p) =>
    part.rounds.forEach((round, index) => {
      const key = `${p}:${round.line}`;
      const rung = rungs.get(key) ?? { line: round.line, part: p, rows: part.worked === "rows", rounds: [] };
      rung.rounds.push({ round, index });
      rungs.set(key, rung);
    }),
  );
  return [...rungs.values()];
}

/** Half the width of the widest bar; a phone has less room and leaves the changes out. */
const WIDE = { width: 270, half: 76, margin: 13, changes: true };
const NARROW = { width: 124, half: 40, margin: 6, changes: false };
type Sizes = typeof WIDE;
export const LADDER_WIDTH = WIDE.width;
type Light = { part: number; round: number } | undefined;

/**
 * The round ladder: level with each line of the text its round as a bar as long as its stitches, mirrored
 * about a centre line, so that the ladder is the silhouette. A count that breaks is a broken rung at the very
 * line. Free loops are a dotted edge, spurs are whiskers to the bar's own scale, dead ends are open frames,
 * events are signs on their line.
 */
export function Ladder({
  height,
  narrow,
  onLight,
  ...drawn
}: Drawn & {
  height: number;
  narrow?: boolean;
}) {
  const width = narrow ? NARROW.width : WIDE.width;
  const high = Math.max(height, 40);
  return (
    <Svg
      width={width}
      height={high}
      viewBox={`0 0 ${width} ${high}`}
      aria-hidden
      onMouseLeave={() => onLight?.(undefined)}
    >
      <LadderDrawing {...drawn} height={height} sizes={narrow ? NARROW : WIDE} onLight={onLight} />
    </Svg>
  );
}

interface Drawn {
  readonly pattern: Pick<CheckedPattern, "parts" | "problems" | "assembly">;
  readonly colours: SlotColours;
  readonly places: readonly LinePlace[];
  readonly lit?: Light;
  readonly onLight?: ((at: Light) => void) | undefined;
}

/** What stands in the ladder's frame, on screen and in a file. */
export function LadderDrawing({
  pattern,
  colours,
  places,
  lit,
  onLight,
  height,
  sizes = WIDE,
}: Drawn & { height: number; sizes?: Sizes }) {
  const rungs = useMemo(() => rungsOf(pattern), [pattern]);
  const most = useMemo(
    () =>
      pattern.parts.map((p) => p.rounds.reduce((m, r) => Math.max(m, r.count ?? 0, r.available ?? 0), 12)),
    [pattern],
  );
  const problems = useMemo(() => new Map(pattern.problems.map((p) => [p.line, p.severity])), [pattern]);
  const events = useMemo(
    () => eventsByLine([...pattern.parts.flatMap((p) => p.events), ...pattern.assembly]),
    [pattern],
  );
  const { half, margin } = sizes;
  return (
    <>
      <path d={`M${half + margin} 0V${height}`} stroke="var(--line)" strokeDasharray="1 5" />
      {rungs.map((rung) => {
        const place = places[rung.line - 1];
        if (!place) return null;
        return (
          <RungView
            key={`${rung.part}:${rung.line}`}
            rung={rung}
            place={place}
            sizes={sizes}
            scale={half / (most[rung.part] ?? 12)}
            colours={colours}
            severity={problems.get(rung.line)}
            lit={lit?.part === rung.part ? lit.round : undefined}
            onLight={onLight}
          />
        );
      })}
      {[...events].map(([line, list]) => {
        const place = places[line - 1];
        const busy = rungs.some((r) => r.line === line);
        return place ? (
          <EventSigns
            key={line}
            events={list}
            x={busy ? 7 : half + margin}
            y={place.top + Math.min(place.height, LINE_PX) / 2}
          />
        ) : null;
      })}
    </>
  );
}

function eventsByLine(events: readonly PartEvent[]): Map<number, PartEvent["event"]["kind"][]> {
  const lines = new Map<number, PartEvent["event"]["kind"][]>();
  for (const { event, line } of events) {
    const kinds = lines.get(line) ?? [];
    if (!kinds.includes(event.kind) && kinds.length < 3) lines.set(line, [...kinds, event.kind]);
  }
  return lines;
}

/**
 * Small signs drawn with a pen, not letters: two eyes, a puff of filling, a hole drawn shut, a needle, a cut
 * end.
 */
function EventSigns({
  events,
  x,
  y,
}: {
  events: readonly PartEvent["event"]["kind"][];
  x: number;
  y: number;
}) {
  return (
    <g
      transform={`translate(${x - (events.length - 1) * 10} ${y})`}
      stroke="var(--ink)"
      fill="none"
      strokeWidth={1.3}
      strokeLinecap="round"
    >
      {events.map((kind, i) => (
        <g key={kind} transform={`translate(${i * 20} 0)`}>
          {kind === "eyes" ? (
            <g fill="var(--ink)" stroke="none">
              <circle cx={-4} r={3} />
              <circle cx={4} r={3} />
            </g>
          ) : kind === "stuff" ? (
            <path d="M-6 3a3.4 3.4 0 0 1 0-5a3.6 3.6 0 0 1 6-3a3.6 3.6 0 0 1 6 3a3.4 3.4 0 0 1 0 5q-6 2.5-12 0z" />
          ) : kind === "close" ? (
            <path d="M0-5.5V5.5M-5.5 0H5.5M-3.8-3.8L3.8 3.8M-3.8 3.8L3.8-3.8" />
          ) : kind === "sew" || kind === "seam" || kind === "embroider" ? (
            <path d="M-6 5L4-5M4-5a1.6 1.6 0 1 1 2-1.6M-8 1q3-1 4 2" />
          ) : kind === "fasten-off" || kind === "cut-yarn" ? (
            <path d="M-7 0H-1M1-4L7 4M1 4L7-4" />
          ) : (
            <circle r={4} />
          )}
        </g>
      ))}
    </g>
  );
}

function RungView({
  sizes,
  rung,
  place,
  scale,
  colours,
  severity,
  lit,
  onLight,
}: {
  sizes: Sizes;
  rung: Rung;
  place: LinePlace;
  scale: number;
  colours: SlotColours;
  severity: string | undefined;
  lit: number | undefined;
  onLight: ((at: Light) => void) | undefined;
}) {
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
  const centre = sizes.half + sizes.margin;
  const text = centre + sizes.half + sizes.margin;
  const on = lit !== undefined && rung.rounds.some((x) => x.index === lit);
  return (
    <g onMouseEnter={() => onLight?.({ part: rung.part, round: rung.rounds[0]?.index ?? 0 })}>
      <rect
        x={0}
        y={place.top}
        width={sizes.width}
        height={place.height}
        fill={on ? "color-mix(in srgb, var(--act) 13%, transparent)" : "transparent"}
      />
      {shown.map(({ round, index }, i) => (
        <Bar
          key={index}
          centre={centre}
          round={round}
          top={place.top + 2 + i * each}
          height={Math.max(1.2, each - (shown.length > 1 ? 0.6 : 0))}
          scale={scale}
          reach={sizes.half + sizes.margin - 2}
          colours={colours}
          broken={broken && round.broken}
        />
      ))}
      <text x={text} y={mid + 4.5} className={broken ? "bad" : ""}>
        {label}
      </text>
      <text x={text + 32} y={mid + 4.5} className="soft">
        {!sizes.changes ? "" : note(rung, change)}
      </text>
    </g>
  );
}

/** "5 rnds", "+6", "frill": the one thing worth saying behind the count. */
function note(rung: Rung, change: number): string {
  const [first] = rung.rounds;
  const round = first?.round;
  if (!round) return "";
  if (rung.rounds.length > 1) return `${rung.rounds.length} ${rung.rows ? "rows" : "rnds"}`;
  if (round.deadEnd) return "dead end";
  const loops =
    round.loops === "back"
      ? "back"
      : round.loops === "front"
        ? "front"
        : round.loops === "third"
          ? "third"
          : "";
  const moved = change > 0 ? `+${change}` : change < 0 ? `\u2212${-change}` : "";
  return [moved, loops].filter(Boolean).join(" ");
}

function Bar({
  centre,
  round,
  top,
  height,
  scale,
  reach,
  colours,
  broken,
}: {
  centre: number;
  round: CheckedRound;
  top: number;
  height: number;
  scale: number;
  reach: number;
  colours: SlotColours;
  broken: boolean;
}) {
  const count = round.count ?? round.available ?? 0;
  const layout = useMemo(() => layoutOf(round), [round]);
  const spurs = useMemo(() => hangingOf(round), [round]);
  if (count === 0 && spurs.length === 0) return null;
  const left = centre - count * scale;
  const wide = (2 * count * scale) / Math.max(1, layout.segments[layout.segments.length - 1]?.to ?? count);
  const marks = layout.marks.length <= 80 && height > 6 ? layout.marks : [];
  const tall = height > 6;
  return (
    <g>
      {tall ? (
        <Whiskers
          lengths={spurs}
          left={left}
          right={centre + count * scale}
          top={top}
          height={height}
          scale={2 * scale}
          reach={reach}
          centre={centre}
        />
      ) : null}
      {layout.segments.map((s, i) => (
        <rect
          key={i}
          x={left + s.from * wide}
          y={top}
          width={Math.max(0.5, (s.to - s.from) * wide)}
          height={height}
          fill={colourOf(colours, s.slot)}
          fillOpacity={round.deadEnd ? 0.35 : 1}
        />
      ))}
      <rect
        x={left}
        y={top}
        width={2 * count * scale}
        height={height}
        fill="none"
        stroke={broken ? "var(--bad)" : "var(--edge)"}
        strokeWidth={broken ? 1.6 : 0.7}
        strokeDasharray={broken ? "4 3" : round.deadEnd ? "1.5 2" : undefined}
      />
      {/* Worked in one loop only: the loop left free is a row of dots on the far edge. */}
      {round.loops === "back" || round.loops === "front" ? (
        <path
          d={`M${left} ${round.loops === "back" ? top - 0.6 : top + height + 0.6}h${2 * count * scale}`}
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="0.1 4"
          strokeLinecap="round"
        />
      ) : null}
      {tall && round.joined ? (
        <path
          d={`M${centre + count * scale} ${top + 1}l5 ${height / 2 - 1}l-5 ${height / 2 - 1}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.2}
        />
      ) : null}
      {tall && round.nodes.some((n) => n.kind === "turn") ? (
        <path
          d={`M${centre + count * scale + 1} ${top + 3}q6 ${height / 2 - 3} 0 ${height - 6}l4 1m-4-1l1-4`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.1}
        />
      ) : null}
      {marks.map((m, i) => {
        const x = left + m.at * wide;
        const dark =
          luminance(colourOf(colours, layout.segments.find((s) => m.at <= s.to)?.slot ?? "main")) < 0.25;
        const y = top + height / 2;
        const d =
          m.kind === "inc"
            ? `M${x - 3} ${y + 3}L${x} ${y - 3}L${x + 3} ${y + 3}`
            : `M${x - 3} ${y - 3}L${x} ${y + 3}L${x + 3} ${y - 3}`;
        return (
          <path
            key={i}
            d={d}
            fill="none"
            stroke={dark ? "#fff" : "#111"}
            strokeOpacity={0.75}
            strokeWidth={1.1}
          />
        );
      })}
      {broken ? (
        <path
          d={`M${centre - 5} ${top - 1}l4 ${height / 2 + 1}l-5 0l4 ${height / 2 + 1}`}
          fill="none"
          stroke="var(--sheet)"
          strokeWidth={5}
        />
      ) : null}
      {broken ? (
        <path
          d={`M${centre - 5} ${top - 1}l4 ${height / 2 + 1}l-5 0l4 ${height / 2 + 1}`}
          fill="none"
          stroke="var(--bad)"
          strokeWidth={1.4}
        />
      ) : null}
    </g>
  );
}

/** Spurs and cords, half to either side, as long as the bar's own scale makes them. */
function Whiskers({
  lengths,
  left,
  right,
  top,
  height,
  scale,
  reach,
  centre,
}: {
  lengths: readonly number[];
  left: number;
  right: number;
  top: number;
  height: number;
  scale: number;
  reach: number;
  centre: number;
}) {
  if (lengths.length === 0) return null;
  const shown = lengths.slice(0, 12);
  const rows = Math.ceil(shown.length / 2);
  return (
    <g stroke="var(--ink)" strokeWidth={1.4} strokeLinecap="round">
      {shown.map((n, i) => {
        const y = top + ((Math.floor(i / 2) + 0.5) * height) / rows;
        const long = n * scale;
        const x = i % 2 === 0 ? right : left;
        const end =
          i % 2 === 0 ? Math.min(centre + reach, right + long) : Math.max(centre - reach, left - long);
        return <path key={i} d={`M${x} ${y}H${end}`} />;
      })}
    </g>
  );
}

const Svg = styled.svg`
  display: block;
  font-size: 13px;
  font-variation-settings: "MONO" 1;
  flex: none;
  text {
    fill: var(--ink);
  }
  text.soft {
    fill: var(--soft);
  }
  text.bad {
    fill: var(--bad);
    font-weight: 700;
  }
`;
