import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import { printDuration, type Seconds } from "@core/units";
import { stintsOf, strainOf, type BenchState, type BenchStep } from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";

type Hand = BenchData["hands"][number];
const MINUTE = 60_000;

/** The time, each half minute anew; 0 until the page stands. */
function useNow(): number {
  const [now, setNow] = useState(0);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    tick();
    const every = setInterval(tick, MINUTE / 2);
    return () => clearInterval(every);
  }, []);
  return now;
}

/** What the day asked of the hand so far, against what it is to be spared; and what to do about it. */
export function Care({
  bench,
  steps,
  state,
  hand,
  onRest,
}: {
  bench: BenchData;
  steps: readonly BenchStep[];
  state: BenchState;
  hand: Hand | undefined;
  /** A break was had: the clock of the step begins anew. */
  onRest: () => void;
}) {
  const r = useReading();
  const now = useNow();
  const [rested, setRested] = useState(0);
  const id = hand?.id ?? null;
  const { from, byHand } = bench.elsewhere;
  const stints = useMemo(
    () => [...stintsOf(steps, state, from, id), ...(id === null ? [] : (byHand[id] ?? []))],
    [steps, state, from, id, byHand],
  );
  const day = useMemo(() => strainOf(stints, { now }), [stints, now]);
  const since = useMemo(
    () =>
      strainOf(
        stints.filter((s) => s.to > rested),
        { now },
      ).sinceBreak,
    [stints, now, rested],
  );
  if (!hand || day.work < MINUTE) return null;
  const told = (ms: number) => printDuration(Math.round(ms / 1000) as Seconds, r);
  const limit = hand.dayLimitMinutes * MINUTE;
  const over = limit > 0 && day.work >= limit;
  const tired = hand.breakAfterMinutes > 0 && since >= hand.breakAfterMinutes * MINUTE;
  return (
    <Box aria-label="Care of the hand">
      {over || tired ? (
        <Warning role="status">
          <p>
            <b>
              {over
                ? `${told(day.work)} today: that is the limit for these hands.`
                : `${told(since)} without a break.`}
            </b>{" "}
            {over
              ? "What is left keeps until tomorrow."
              : "Lay it down for five minutes and stretch the fingers."}{" "}
            Pain is a reason to stop and to ask a doctor, not to push on.
          </p>
          {over ? null : (
            <Button
              type="button"
              onClick={() => {
                setRested(Date.now());
                onRest();
              }}
            >
              Had a break
            </Button>
          )}
        </Warning>
      ) : null}
      <Small>
        {told(day.work)} at the table today
        {limit > 0 ? `, of ${told(limit)} at most` : ""}
        {day.tight >= MINUTE ? `; ${told(day.tight)} of it tight, over filling` : ""}
      </Small>
    </Box>
  );
}

/** Hands that nothing is known of yet: their first piece is their test. */
export function FirstPiece({
  bench,
  hand,
  pieces,
}: {
  bench: BenchData;
  hand: Hand | undefined;
  pieces: number;
}) {
  if (!hand || hand.tested || !bench.steps.some((s) => s.stage === "crochet")) return null;
  return (
    <Test>
      {pieces === 0 ? (
        <>
          {hand.name}’s first piece is the test of pace and tension: no hurry, the table takes the time. Weigh
          it when it is done.
        </>
      ) : (
        <>
          The time of {hand.name}’s first piece is taken. Its weight says how much yarn these hands take:{" "}
          <Link to={`/hand/weigh?item=${bench.item}&hand=${hand.id}`}>weigh it</Link>
        </>
      )}
    </Test>
  );
}

const Box = styled.section`
  padding: 4px 18px 10px;
  width: min(100%, 820px);
  margin: 0 auto;
  font-size: 16px;
`;
const Warning = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  margin-bottom: 6px;
  padding: 8px 12px;
  border-left: 5px solid var(--warn);
  background: var(--warn-ground);
  p {
    margin: 0;
    flex: 1 1 240px;
  }
  button {
    min-height: 48px;
  }
`;
const Test = styled.p`
  margin: 12px 0 0;
  padding-left: 12px;
  border-left: 5px solid var(--tape);
  font-size: 17px;
`;
