import type { CheckedPattern, CheckedRound } from "@core/notation";
import { LADDER_WIDTH, LadderDrawing, LINE_PX, rungsOf, type LinePlace, type Rung } from "../../items/ladder";
import type { SlotColours } from "../../figure/silhouette-view";
import { LETTERS } from "./on-paper";

/** Room for "Rnds 12–18" in front of the bars, and around it all, px. */
const NAMED = 104;
const MARGIN = 18;
const TITLE = 34;
const HEADING = 32;
const BETWEEN = 14;
/** A line of many rounds is higher than one of a single round, up to a limit. */
const EACH = 6;
const HIGHEST = 144;

const heightOf = (rung: Rung): number => Math.min(HIGHEST, Math.max(LINE_PX, EACH * rung.rounds.length + 4));

/** "Rnd 4", "Rnds 5–9": the rounds of a line by their own labels. */
function named(rounds: Rung["rounds"]): string {
  const label = (r: CheckedRound | undefined) => r?.label ?? "";
  const first = label(rounds[0]?.round);
  const number = /\d+$/.exec(label(rounds.at(-1)?.round))?.[0];
  return rounds.length > 1 && number !== undefined
    ? `${first.replace(/^(Rnd|Row|Round)\b/, "$1s")}–${number}`
    : first;
}

interface Laid {
  readonly part: CheckedPattern["parts"][number];
  readonly top: number;
  readonly height: number;
  readonly rungs: readonly { readonly label: string; readonly middle: number }[];
  readonly places: readonly LinePlace[];
}

/** Every part below the one before it, one row for each line that works rounds; eyes and seams between them. */
function laid(pattern: CheckedPattern): Laid[] {
  let top = MARGIN + TITLE;
  return pattern.parts.map((part) => {
    const rungs = new Map(rungsOf({ parts: [part] }).map((r) => [r.line, r]));
    const lines = [...new Set([...rungs.keys(), ...part.events.map((e) => e.line)])].sort((a, b) => a - b);
    const places: LinePlace[] = [];
    let y = 0;
    for (const line of lines) {
      const rung = rungs.get(line);
      const height = rung ? heightOf(rung) : LINE_PX;
      places[line - 1] = { top: y, height };
      y += height;
    }
    const at = top + HEADING;
    top = at + y + BETWEEN;
    return {
      part,
      top: at,
      height: y,
      places,
      rungs: [...rungs.values()].map((r) => ({
        label: named(r.rounds),
        middle: (places[r.line - 1]?.top ?? 0) + heightOf(r) / 2,
      })),
    };
  });
}

/** The ladders of all parts as a picture of its own: every round named, with its stitches and its change. */
export function LadderDocument({
  pattern,
  name,
  colours,
}: {
  pattern: CheckedPattern;
  name: string;
  colours: SlotColours;
}) {
  const parts = laid(pattern);
  const last = parts.at(-1);
  const w = 2 * MARGIN + NAMED + LADDER_WIDTH;
  const h = (last ? last.top + last.height : MARGIN + TITLE) + MARGIN;
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={Math.round(w)}
      height={Math.round(h)}
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      fontFamily={LETTERS}
      fontSize={13}
      fill="var(--ink)"
    >
      <title>{`${name}: rounds as a ladder`}</title>
      <rect width={w} height={h} fill="#ffffff" />
      <text x={MARGIN} y={MARGIN + 16} fontSize={18} fontWeight={600}>
        {name}
      </text>
      {parts.map(({ part, top, height, rungs, places }, i) => (
        <g key={i} transform={`translate(${MARGIN} ${top})`}>
          <text x={0} y={-10} fontSize={15} fontWeight={600}>
            {part.make > 1 ? `${part.name}, make ${part.make}` : part.name}
          </text>
          {rungs.map((r, k) => (
            <text key={k} x={NAMED - 14} y={r.middle + 4.5} textAnchor="end">
              {r.label}
            </text>
          ))}
          <g transform={`translate(${NAMED} 0)`}>
            <LadderDrawing
              pattern={{ parts: [part], problems: pattern.problems, assembly: [] }}
              colours={colours}
              places={places}
              height={height}
            />
          </g>
        </g>
      ))}
    </svg>
  );
}
