import { useState } from "react";
import styled from "styled-components";
import { parseMass, printMass, type Grams, type Reading } from "@core/units";
import {
  placeKey,
  type BenchCut,
  type BenchState,
  type BenchStep,
  type DoneAct,
  type Place,
} from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button, Small } from "../../ui/basics";
import { Input, Wrong } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { PanelRow } from "./panel-row";

type Ball = BenchData["balls"][number];

/** "tin 2, lot 4471": where a ball lies and what its band says. */
function ballWords(ball: Ball | undefined, r: Reading): string {
  if (!ball) return "a new ball";
  const known = [ball.place, ball.lot === "" ? "" : `lot ${ball.lot}`].filter((x) => x !== "");
  return known.length > 0 ? known.join(", ") : `the ball with ${printMass((ball.mg / 1000) as Grams, r)}`;
}

const ofStep = (cuts: readonly BenchCut[], step: BenchStep, piece: number): readonly BenchCut[] =>
  cuts.filter((c) => c.piece === piece && c.part === step.part && c.copy === step.copy);

/** Which ball to take up, at the round in which its colour begins; later rounds go on with it. */
export function Take({ bench, step, place }: { bench: BenchData; step: BenchStep; place: Place }) {
  const r = useReading();
  const before = new Set(
    bench.steps
      .slice(0, place.step)
      .filter((s) => s.part === step.part && s.copy === step.copy)
      .flatMap((s) => s.colours.map((c) => c.slot)),
  );
  const begins = new Set(step.colours.map((c) => c.slot).filter((slot) => !before.has(slot)));
  const taken = ofStep(bench.cuts, step, place.piece).filter((c) => begins.has(c.slot));
  if (taken.length === 0) return null;
  return (
    <List>
      {taken.map((c) => (
        <li key={c.id}>
          Take {bench.colours.find((y) => y.slot === c.slot)?.name ?? c.slot}:{" "}
          <b>
            {ballWords(
              bench.balls.find((b) => b.id === c.ball),
              r,
            )}
          </b>
          <Small> {printMass((c.mg / 1000) as Grams, r)} of it</Small>
        </li>
      ))}
    </List>
  );
}

/** The balls of a part whose rounds are all done, and that nobody has weighed since. */
export function ballsToWeigh(
  bench: BenchData,
  steps: readonly BenchStep[],
  state: BenchState,
  last: DoneAct | undefined,
): { readonly part: string; readonly balls: readonly Ball[] } | undefined {
  const step = last && steps.find((s) => s.id === last.step);
  if (!last || step?.stage !== "crochet") return undefined;
  const own = steps.filter((s) => s.stage === "crochet" && s.part === step.part && s.copy === step.copy);
  if (!own.every((s) => state.done.has(placeKey(last.piece, s.id)))) return undefined;
  const ids = new Set(ofStep(bench.cuts, step, last.piece).map((c) => c.ball));
  const balls = bench.balls.filter((b) => ids.has(b.id) && (state.weighed.get(b.id)?.at ?? 0) < last.at);
  return balls.length > 0 ? { part: step.part, balls } : undefined;
}

/** The book may be off by so much; more is the dish on the scale, or another ball. */
const MORE_THAN_BOOK = 1.1;
const MORE_MG = 2000;

/** Weighs a ball when its part is done: what the scale says is posted in place of what was planned. */
export function WeighBalls({
  part,
  balls,
  onWeigh,
}: {
  part: string;
  balls: readonly Ball[];
  onWeigh: (ball: string, mg: number) => void;
}) {
  const r = useReading();
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <PanelRow>
        <Button type="button" onClick={() => setOpen(true)}>
          {part} is done: weigh {balls.length === 1 ? "its ball" : "its balls"}
        </Button>
      </PanelRow>
    );
  return (
    <>
      {balls.map((b) => (
        <WeighBall key={b.id} ball={b} name={ballWords(b, r)} onWeigh={(mg) => onWeigh(b.id, mg)} />
      ))}
    </>
  );
}

function WeighBall({ ball, name, onWeigh }: { ball: Ball; name: string; onWeigh: (mg: number) => void }) {
  const r = useReading();
  const unit = r.system === "imperial" ? "oz" : "g";
  const [text, setText] = useState("");
  const [wrong, setWrong] = useState<string>();
  return (
    <PanelRow
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        const got = parseMass(text, r.locale, unit);
        if (!got.ok || got.value < 0) return setWrong(`Write what the scale shows, in ${unit}.`);
        const mg = Math.round(got.value * 1000);
        if (mg > ball.mg * MORE_THAN_BOOK + MORE_MG)
          return setWrong(
            `The book has ${printMass((ball.mg / 1000) as Grams, r)} on it. Take the dish off, and see that it is this ball.`,
          );
        onWeigh(mg);
      }}
    >
      <Label>
        {name}, {unit}
        <Input
          autoFocus
          inputMode="decimal"
          autoComplete="off"
          value={text}
          onChange={(e) => (setText(e.target.value), setWrong(undefined))}
          aria-invalid={wrong ? true : undefined}
        />
        {wrong ? <Wrong as="span">{wrong}</Wrong> : null}
      </Label>
      <Button type="submit" $primary>
        Keep
      </Button>
    </PanelRow>
  );
}

/** What the scale said of balls of this line, and the way back. */
export function Weighed({
  bench,
  state,
  onBack,
}: {
  bench: BenchData;
  state: BenchState;
  onBack: (key: string) => void;
}) {
  const r = useReading();
  if (state.weighed.size === 0) return null;
  return (
    <PanelRow as="section" aria-label="Balls that were weighed">
      {[...state.weighed.values()].map((w) => (
        <Small key={w.key} as="div">
          {ballWords(
            bench.balls.find((b) => b.id === w.ball),
            r,
          )}
          : {printMass((w.mg / 1000) as Grams, r)} on the scale at piece {w.piece}; it goes into the stock
          book when the run ends.{" "}
          <Button type="button" onClick={() => onBack(w.key)}>
            Take it back
          </Button>
        </Small>
      ))}
    </PanelRow>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
  font-size: 17px;
  li {
    padding-left: 12px;
    border-left: 5px solid var(--act);
  }
`;
const Label = styled.label`
  display: grid;
  gap: 4px;
  font-size: 16px;
`;
