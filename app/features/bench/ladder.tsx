import styled from "styled-components";
import { placeKey, type BenchState, type BenchStep, type Place } from "@core/planning";

const WIDE = 100;
const TALL = 220;
const MARK = 12;

/**
 * The part at the table as its rounds lie on each other, as wide as they have stitches and in their yarns: what
 * is worked stands full, what comes is pale, and a mark lies at the round at hand.
 */
export function BenchLadder({
  steps,
  state,
  place,
  hexOf,
}: {
  steps: readonly BenchStep[];
  state: BenchState;
  place: Place;
  hexOf: (slot: string) => string;
}) {
  const now = steps[place.step];
  const rounds = steps.filter((s) => s.stage === "crochet" && s.part === now?.part && s.copy === now.copy);
  if (!now || rounds.length < 2) return null;
  const most = Math.max(...rounds.map((s) => s.stitches), 1);
  const high = Math.min(16, TALL / rounds.length);
  // Between rounds the mark lies under the last one that is done.
  const at = rounds.indexOf(now);
  const worked = rounds.filter((s) => state.done.has(placeKey(place.piece, s.id))).length;
  const y = at >= 0 ? (at + 0.5) * high : worked * high;
  return (
    <Svg
      viewBox={`0 0 ${WIDE + MARK} ${high * rounds.length}`}
      style={{ maxHeight: high * rounds.length }}
      aria-hidden
    >
      {rounds.map((s, i) => {
        const done = state.done.has(placeKey(place.piece, s.id));
        const scale = WIDE / most;
        let x = MARK + (WIDE - s.stitches * scale) / 2;
        return (
          <g key={s.id} opacity={done || i === at ? 1 : 0.4}>
            {s.colours.map((c, k) => {
              const from = x;
              x += c.stitches * scale;
              return (
                <rect
                  key={k}
                  x={from}
                  y={i * high + 0.5}
                  width={Math.max(0, c.stitches * scale)}
                  height={Math.max(1, high - 1)}
                  fill={hexOf(c.slot)}
                  stroke="var(--edge)"
                  strokeWidth={0.6}
                />
              );
            })}
          </g>
        );
      })}
      <path d={`M0 ${y - 6}L${MARK - 3} ${y}L0 ${y + 6}Z`} fill="var(--warn)" />
      <path
        d={`M${MARK - 3} ${y}H${MARK + WIDE}`}
        stroke="var(--warn)"
        strokeWidth={1}
        strokeDasharray="3 3"
      />
    </Svg>
  );
}

const Svg = styled.svg`
  width: clamp(84px, 22vw, 150px);
  height: auto;
  display: block;
`;
