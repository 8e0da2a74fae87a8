import { Link } from "react-router";
import styled from "styled-components";
import { printMass, type Grams } from "@core/units";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";

interface RackBall {
  readonly mg: number;
  readonly fullMg: number;
}

/** The balls of a shade for a list: the first few to be drawn, and how many there are. */
export interface Rack {
  /** What is left of each, and what it weighed when it was new, mg. */
  readonly first: readonly (readonly [mg: number, fullMg: number])[];
  readonly balls: number;
  readonly lots: number;
}
export const rackOf = (balls: readonly (RackBall & { readonly lot: string })[]): Rack => ({
  first: balls.slice(0, SHOWN).map(({ mg, fullMg }) => [mg, fullMg] as const),
  balls: balls.length,
  lots: new Set(balls.map((b) => b.lot)).size,
});

/** Size of a ball's picture: its area goes with what is left. */
export const ballSize = (b: RackBall, whole: number): number =>
  Math.max(9, Math.round(whole * Math.sqrt(Math.min(1, Math.max(0, b.mg / Math.max(1, b.fullMg))))));

const SHOWN = 7;

/** The balls of a shade as they lie in the drawer, each as big as what is left of it. */
export function BallRack({
  rack: { first, balls, lots },
  colour,
  name,
  to,
}: {
  rack: Rack;
  colour: string;
  name: string;
  to: string;
}) {
  const r = useReading();
  if (balls === 0) return <span style={{ color: "var(--soft)" }}>none</span>;
  const label = `${balls} ${balls === 1 ? "ball" : "balls"}${lots > 1 ? ` in ${lots} lots` : ""} of ${name}: ${first
    .map(([mg]) => printMass((mg / 1000) as Grams, r))
    .join(", ")}`;
  return (
    <Drawer to={to} aria-label={label} title={label}>
      {first.map(([mg, fullMg], i) => (
        <span key={i} aria-hidden>
          <YarnDisc colour={colour} name={name} size={ballSize({ mg, fullMg }, 24)} />
        </span>
      ))}
      {balls > first.length ? <small>+ {balls - first.length}</small> : null}
    </Drawer>
  );
}

const Drawer = styled(Link)`
  display: inline-flex;
  align-items: flex-end;
  gap: 2px;
  min-height: 24px;
  color: var(--soft);
  text-decoration: none;
  span {
    display: flex;
  }
  small {
    font-size: 13px;
    margin-left: 3px;
  }
`;
