import { useId } from "react";
import styled from "styled-components";
import type { Moved } from "@core/figure";
import { Badge, Button, Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import type { PlacedPiece } from "../../workers/figure.worker";

/** Every part with its place, and whether the pattern says so. Pressing one takes it in the hand. */
export function PlaceList({
  pieces,
  held,
  moved,
  onHold,
}: {
  pieces: readonly PlacedPiece[];
  held: number | undefined;
  moved: readonly Moved[];
  onHold: (put: number | undefined) => void;
}) {
  const guessed = pieces.filter((p) => p.where !== undefined && p.place.line === undefined).length;
  return (
    <div>
      <h3>Where the parts go</h3>
      <List>
        {pieces.map((p) => {
          const isMoved = moved.some((m) => m.part === p.place.part && m.piece === p.place.piece);
          return p.where === undefined ? (
            <li key={p.put} className="root">
              <b>{p.name}</b> <Small>carries the others</Small>
            </li>
          ) : (
            <li key={p.put}>
              <button
                type="button"
                aria-pressed={held === p.put}
                onClick={() => onHold(held === p.put ? undefined : p.put)}
              >
                <b>{p.name}</b> {p.where}{" "}
                {isMoved ? (
                  <Badge $tone="warn">moved</Badge>
                ) : p.place.line !== undefined ? (
                  <Small>line {p.place.line}</Small>
                ) : (
                  <Small>a guess: {p.place.because}</Small>
                )}
              </button>
            </li>
          );
        })}
      </List>
      {guessed > 0 ? (
        <Small>
          Where the pattern leaves a place open the usual one is shown. Move it, and write it into the
          pattern: then every piece of a series is the same.
        </Small>
      ) : null}
    </div>
  );
}

/** The place of the part in the hand, in rounds and stitches. */
export function PlaceEditor({
  piece,
  around,
  rounds,
  pair,
  onPair,
  onMove,
  onLetGo,
}: {
  piece: PlacedPiece;
  around: number;
  rounds: number;
  /** Whether its twin goes along mirrored; undefined where it has none. */
  pair: boolean | undefined;
  onPair: (pair: boolean) => void;
  onMove: (to: { band: number; angle: number }) => void;
  onLetGo: () => void;
}) {
  const id = useId();
  const { band, angle } = piece.place;
  const off = Math.round((angle / 360) * around * 2) / 2;
  return (
    <Editor role="group" aria-label={`Place of ${piece.name}`}>
      <label htmlFor={`${id}r`}>
        Round of the part below
        <Input
          id={`${id}r`}
          type="number"
          min={1}
          max={rounds}
          step={0.5}
          value={band + 1}
          onChange={(e) => {
            const n = e.target.valueAsNumber;
            if (Number.isFinite(n)) onMove({ band: n - 1, angle });
          }}
        />
      </label>
      <label htmlFor={`${id}s`}>
        Stitches right of the front
        <Input
          id={`${id}s`}
          type="number"
          min={-Math.ceil(around / 2)}
          max={Math.ceil(around / 2)}
          step={0.5}
          value={off}
          onChange={(e) => {
            const n = e.target.valueAsNumber;
            if (Number.isFinite(n)) onMove({ band, angle: (n / around) * 360 });
          }}
        />
      </label>
      {pair === undefined ? null : (
        <label className="check">
          <input type="checkbox" checked={pair} onChange={(e) => onPair(e.target.checked)} /> its twin too,
          mirrored
        </label>
      )}
      <Button type="button" onClick={onLetGo}>
        Let go
      </Button>
      <Small>
        5.5 is between rounds 5 and 6; left of the front is below 0. {around} stitches go around here.
      </Small>
    </Editor>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 6px 0 8px;
  padding: 0;
  display: grid;
  gap: 4px;
  li.root {
    padding: 6px 8px;
  }
  button {
    width: 100%;
    text-align: left;
    font: inherit;
    color: inherit;
    background: transparent;
    border: 1px solid transparent;
    border-radius: 4px;
    padding: 6px 8px;
    min-height: 34px;
    cursor: pointer;
  }
  button:hover {
    border-color: var(--edge);
  }
  button[aria-pressed="true"] {
    border-color: var(--act);
    background: var(--sunk);
  }
  b {
    text-transform: none;
  }
`;
const Editor = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px 14px;
  align-items: end;
  padding: 10px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  label {
    font-size: 13px;
    color: var(--soft);
    display: grid;
    gap: 3px;
  }
  label.check {
    display: flex;
    gap: 7px;
    align-items: center;
    min-height: 36px;
  }
  & > small,
  & > span:last-child {
    grid-column: 1 / -1;
  }
`;
