import { Link } from "react-router";
import styled from "styled-components";
import { printMass, type Grams } from "@core/units";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";

export interface RackBall {
  readonly id: string;
  readonly mg: number;
  readonly fullMg: number;
  readonly lot: string;
  readonly state: "scrap" | "opened" | "full";
}

/** Size of a ball's picture: its area goes with what is left. */
export const ballSize = (b: Pick<RackBall, "mg" | "fullMg">, whole: number): number =>
  Math.max(9, Math.round(whole * Math.sqrt(Math.min(1, Math.max(0, b.mg / Math.max(1, b.fullMg))))));

const SHOWN = 7;

/** The balls of a shade as they lie in the drawer, each as big as what is left of it. */
export function BallRack({
  balls,
  colour,
  name,
  to,
}: {
  balls: readonly RackBall[];
  colour: string;
  name: string;
  to: string;
}) {
  const r = useReading();
  if (balls.length === 0) return <span style={{ color: "var(--soft)" }}>none</span>;
  const lots = new Set(balls.map((b) => b.lot)).size;
  const label = `${balls.length} ${balls.length === 1 ? "ball" : "balls"}${lots > 1 ? ` in ${lots} lots` : ""} of ${name}: ${balls
    .slice(0, SHOWN)
    .map((b) => printMass((b.mg / 1000) as Grams, r))
    .join(", ")}`;
  return (
    <Rack to={to} aria-label={label} title={label}>
      {balls.slice(0, SHOWN).map((b) => (
        <span key={b.id} aria-hidden>
          <YarnDisc colour={colour} name={name} size={ballSize(b, 24)} />
        </span>
      ))}
      {balls.length > SHOWN ? <small>+ {balls.length - SHOWN}</small> : null}
    </Rack>
  );
}

const Rack = styled(Link)`
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
