import { Pin } from "lucide-react";
import { useRef, useState } from "react";
import { useDrag, useDrop, type TextDropItem } from "react-aria";
import styled from "styled-components";
import type { CutPiece, CuttingPlan } from "@core/planning";
import { printMass, printYarnLength, type Grams, type Metres } from "@core/units";
import { useReading } from "../../ui/reading";
import { luminance } from "../../ui/yarn-disc";

const PIECE = "application/x-lapka-piece";

/** Pieces of one kind on one ball, drawn as one stretch of tape. */
export interface Stretch {
  readonly label: string;
  readonly pieces: readonly CutPiece[];
  readonly mg: number;
  readonly pinned: number;
  readonly joined: boolean;
}

export interface TapeBall {
  readonly id: string;
  readonly title: string;
  readonly mg: number;
  /** All that is on it; more than `mg` when other runs were promised some. */
  readonly onBall: number;
  readonly place: string;
  readonly left: number;
  readonly fresh: boolean;
  readonly stretches: readonly Stretch[];
}

/** The balls of a shade's plan with what is cut from each, in the order in which they are used up. */
export function tapesOf(
  pieces: readonly CutPiece[],
  plan: CuttingPlan,
  balls: readonly { id: string; mg: number; lot: string; state: string; place: string; onBall: number }[],
  newBallMg: number,
  pinned: (piece: string) => boolean,
): TapeBall[] {
  const byId = new Map(pieces.map((p) => [p.id, p]));
  const order = [
    ...balls.map((b) => b.id),
    ...Array.from({ length: plan.newBalls }, (_, i) => `new-${i + 1}`),
  ];
  return order.map((id) => {
    const ball = balls.find((b) => b.id === id);
    const cuts = plan.cuts.filter((c) => c.ball === id);
    const kinds = new Map<string, { pieces: CutPiece[]; mg: number; joined: boolean }>();
    for (const c of cuts) {
      const piece = byId.get(c.piece);
      if (!piece) continue;
      const key = `${piece.label}${c.joined ? " (joined)" : ""}`;
      const kind = kinds.get(key) ?? { pieces: [], mg: 0, joined: c.joined };
      kind.pieces.push(piece);
      kind.mg += c.mg;
      kinds.set(key, kind);
    }
    const mg = ball?.mg ?? newBallMg;
    return {
      id,
      mg,
      onBall: ball?.onBall ?? newBallMg,
      place: ball?.place ?? "",
      fresh: !ball,
      left: mg - cuts.reduce((s, c) => s + c.mg, 0),
      title: ball ? `${ball.state} ball${ball.lot ? `, lot ${ball.lot}` : ""}` : `new ball ${id.slice(4)}`,
      stretches: [...kinds]
        .map(([label, k]) => ({
          label,
          pieces: k.pieces,
          mg: k.mg,
          joined: k.joined,
          pinned: k.pieces.filter((p) => pinned(p.id)).length,
        }))
        .sort((a, b) => b.mg / b.pieces.length - a.mg / a.pieces.length),
    };
  });
}

export function Tape({
  ball,
  widest,
  colour,
  mmPer100g,
  onDropPiece,
  onPick,
}: {
  ball: TapeBall;
  widest: number;
  colour: string;
  mmPer100g: number;
  onDropPiece: (piece: string, ball: string) => void;
  onPick: (stretch: Stretch, ball: TapeBall) => void;
}) {
  const r = useReading();
  const ref = useRef<HTMLDivElement>(null);
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: (types) => (types.has(PIECE) ? "move" : "cancel"),
    onDrop: (e) => {
      const item = e.items.find((i): i is TextDropItem => i.kind === "text" && i.types.has(PIECE));
      if (item) void item.getText(PIECE).then((piece) => onDropPiece(piece, ball.id));
    },
  });
  const metres = (mg: number) => printYarnLength(((mg / 1e8) * mmPer100g) as Metres, r);
  const share = (mg: number) => `${(100 * mg) / widest}%`;
  return (
    <Line>
      <Name>
        <b>{ball.title}</b>
        <span>
          {printMass((ball.mg / 1000) as Grams, r)}
          {ball.onBall > ball.mg ? ` free of ${printMass((ball.onBall / 1000) as Grams, r)}` : ""} ·{" "}
          {metres(ball.mg)}
        </span>
        {ball.place ? <span>{ball.place}</span> : null}
      </Name>
      <Track
        {...dropProps}
        ref={ref}
        data-target={isDropTarget || undefined}
        data-empty={ball.stretches.length === 0 || undefined}
        style={{ width: share(ball.mg) }}
        aria-label={`${ball.title}: drop a piece here`}
        role="group"
      >
        {ball.stretches.map((s) => (
          <Piece
            key={s.label}
            stretch={s}
            colour={colour}
            metres={metres(s.mg / s.pieces.length)}
            onPick={() => onPick(s, ball)}
          />
        ))}
        <Left style={{ flexGrow: Math.max(0, ball.left) }}>
          {ball.left > 0.12 * widest ? `${metres(ball.left)} left` : null}
        </Left>
      </Track>
      <After>
        {ball.stretches.length === 0
          ? ball.fresh
            ? ""
            : "stays whole"
          : `${printMass((ball.left / 1000) as Grams, r)} left`}
      </After>
    </Line>
  );
}

function Piece({
  stretch: s,
  colour,
  metres,
  onPick,
}: {
  stretch: Stretch;
  colour: string;
  metres: string;
  onPick: () => void;
}) {
  const first = s.pieces.at(-1);
  // Dragging is for the pointer; by keyboard the same button opens the list of balls.
  const { dragProps, isDragging } = useDrag({
    getItems: () => [{ [PIECE]: first?.id ?? "", "text/plain": s.label }],
    hasDragButton: true,
  });
  const [item = "", short = s.label] = s.label.split(": ");
  const many = s.pieces.length > 1 ? `${s.pieces.length} × ` : "";
  const [hover, setHover] = useState(false);
  return (
    <Cut
      {...dragProps}
      style={{
        flexGrow: s.mg,
        background: colour,
        color: luminance(colour) > 0.179 ? "#000000" : "#ffffff",
        opacity: isDragging ? 0.5 : 1,
      }}
      title={`${many}${s.label}, ${metres} each${s.pinned ? `; ${s.pinned} held here by you` : ""}`}
      onMouseEnter={() => setHover(true)}
      onMouseLeave={() => setHover(false)}
    >
      <div
        role="button"
        tabIndex={0}
        onKeyDown={(e) => {
          if (e.key === "Enter" || e.key === " ") {
            e.preventDefault();
            onPick();
          }
        }}
        aria-label={`${many}${short}, ${item}, ${metres} each${s.pinned ? `, ${s.pinned} held here` : ""}. Move one`}
        onClick={onPick}
        data-hover={hover || undefined}
      >
        {s.pinned ? <Pin size={11} aria-hidden /> : null}
        <span aria-hidden>
          {many}
          {short}
        </span>
      </div>
    </Cut>
  );
}

const Line = styled.div`
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr) 92px;
  gap: 12px;
  align-items: center;
  padding: 5px 12px;
  @media (max-width: 720px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 3px;
    padding-block: 8px;
  }
`;
const Name = styled.div`
  display: grid;
  font-size: 13px;
  b {
    font-weight: 600;
  }
  span {
    color: var(--soft);
  }
`;
const Track = styled.div`
  display: flex;
  height: 40px;
  min-width: 40px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  overflow: hidden;
  padding-bottom: 8px;
  background-color: var(--tape);
  background-image:
    repeating-linear-gradient(to right, var(--tape-ink) 0 1px, transparent 1px 30px),
    repeating-linear-gradient(to right, var(--tape-ink) 0 1px, transparent 1px 6px);
  background-size:
    100% 8px,
    100% 4px;
  background-position: left bottom;
  background-repeat: no-repeat;
  &[data-empty] {
    height: 26px;
    border-style: dashed;
    background-color: transparent;
  }
  &[data-target] {
    outline: 3px solid var(--focus);
    outline-offset: 1px;
  }
`;
const Cut = styled.div`
  flex: 1 1 0;
  min-width: 24px;
  border-right: 2px solid var(--tape);
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 0.28);
  overflow: hidden;
  cursor: grab;
  container-type: inline-size;
  @container (max-width: 40px) {
    [role="button"] span {
      display: none;
    }
  }
  [role="button"] {
    box-sizing: border-box;
    display: flex;
    gap: 3px;
    align-items: center;
    width: 100%;
    height: 100%;
    padding: 0 5px;
    font-size: 12px;
    font-weight: 560;
    white-space: nowrap;
    overflow: hidden;
    cursor: pointer;
  }
  [role="button"] span {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  [role="button"]:focus-visible {
    outline: 3px solid var(--focus);
    outline-offset: -3px;
  }
  [role="button"][data-hover] {
    text-decoration: underline;
  }
`;
const Left = styled.div`
  flex: 1 1 0;
  min-width: 0;
  display: grid;
  place-items: center;
  font-size: 12px;
  color: var(--tape-ink);
  white-space: nowrap;
  overflow: hidden;
`;
const After = styled.div`
  font-size: 13px;
  color: var(--soft);
  text-align: right;
  white-space: nowrap;
  @media (max-width: 720px) {
    text-align: left;
  }
`;
