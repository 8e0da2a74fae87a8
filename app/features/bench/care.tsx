import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import { printDuration, type Seconds } from "@core/units";
import { stintsOf, strainOf, type BenchState, type BenchStep } from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import { BesideTable, Wants } from "./beside-table";

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

export interface DaysCare {
  /** At the table today, over filling, and since the last break, ms. */
  readonly work: number;
  readonly tight: number;
  readonly since: number;
  readonly hand: Hand;
  readonly rest: () => void;
}

/** What the day asked of the hand so far; undefined before there is a minute of it. `onRest`: a break was had. */
export function useCare(
  bench: BenchData,
  steps: readonly BenchStep[],
  state: BenchState,
  hand: Hand | undefined,
  onRest: () => void,
): DaysCare | undefined {
  const now = useNow();
  const [rested, setRested] = useState(0);
  const id = hand?.id ?? null;
  const { from, byHand } = bench.elsewhere;
  const stints = useMemo(
    () => [...stintsOf(steps, state, from, id), ...(id === null ? [] : (byHand[id] ?? []))],
    [steps, state, from, id, byHand],
  );
  const day = useMemo(() => strainOf(stints, { now }), [stints, now]);
  const since = useMemo(() => {
    const lately = stints.filter((s) => s.to > rested);
    return strainOf(lately, { now }).sinceBreak;
  }, [stints, now, rested]);
  if (!hand || day.work < MINUTE) return undefined;
  const rest = () => {
    setRested(Date.now());
    onRest();
  };
  return { work: day.work, tight: day.tight, since, hand, rest };
}

const useTold = () => {
  const r = useReading();
  return (ms: number) => printDuration(Math.round(ms / 1000) as Seconds, r);
};
const limitOf = (hand: Hand) => hand.dayLimitMinutes * MINUTE;

/** The day's limit is reached, or a break is due. */
export function BreakDue({ care: { work, since, hand, rest } }: { care: DaysCare }) {
  const told = useTold();
  const over = limitOf(hand) > 0 && work >= limitOf(hand);
  const tired = hand.breakAfterMinutes > 0 && since >= hand.breakAfterMinutes * MINUTE;
  if (!over && !tired) return null;
  return (
    <BesideTable aria-label="A break is due">
      <Wants role="status">
        <p>
          <b>
            {over
              ? `${told(work)} today: that is the limit for these hands.`
              : `${told(since)} without a break.`}
          </b>{" "}
          {over
            ? "What is left keeps until tomorrow."
            : "Lay it down for five minutes and stretch the fingers."}{" "}
          Pain is a reason to stop and to ask a doctor, not to push on.
        </p>
        {over ? null : (
          <Button type="button" onClick={rest}>
            Had a break
          </Button>
        )}
      </Wants>
    </BesideTable>
  );
}

/** How long these hands were at the table today, against what they are to be spared. */
export function HoursAtTable({ care: { work, tight, hand } }: { care: DaysCare }) {
  const told = useTold();
  const limit = limitOf(hand);
  return (
    <BesideTable aria-label="Care of the hand">
      <Small>
        {told(work)} at the table today
        {limit > 0 ? `, of ${told(limit)} at most` : ""}
        {tight >= MINUTE ? `; ${told(tight)} of it tight, over filling` : ""}
      </Small>
    </BesideTable>
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
  // The first is whoever sits here: the maker herself, or a helper on her own phone.
  const own = hand.id === bench.hands[0]?.id;
  return (
    <Test>
      {pieces === 0 ? (
        <>
          {own ? "Your" : `${hand.name}’s`} first piece is the test of pace and tension: no hurry, the table
          takes the time. Weigh it when it is done.
        </>
      ) : (
        <>
          The time of {own ? "your" : `${hand.name}’s`} first piece is taken. Its weight says how much yarn{" "}
          {own ? "your" : "these"} hands take:{" "}
          <Link to={`/hand/weigh?item=${bench.item}&hand=${hand.id}`}>weigh it</Link>
        </>
      )}
    </Test>
  );
}

const Test = styled.p`
  margin: 12px 0 0;
  padding-left: 12px;
  border-left: 5px solid var(--tape);
  font-size: 17px;
`;
