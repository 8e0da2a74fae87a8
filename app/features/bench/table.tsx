import { ArrowLeft, Check, Hash, ListTree, NotebookPen, RotateCcw, Undo2 } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import {
  nextPlace,
  openOfOthers,
  ownSteps,
  placeKey,
  type BenchOrder,
  type BenchState,
  type BenchStep,
  type Place,
} from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Small } from "../../ui/basics";
import { Select } from "../../ui/field";
import { DONE_WORDS, lastDoneHere } from "./words";
import { TableTop } from "../../ui/acts/table-top";
import { useAwake } from "../../ui/acts/use-awake";
import { Advice } from "./advice";
import { BothSides } from "./both-sides";
import { BreakDue, FirstPiece, HoursAtTable, useCare } from "./care";
import { Counter } from "./counter";
import { BenchLadder } from "./ladder";
import { CameIn, holderText, Left, Rest } from "./left";
import { Jump, NoteLine } from "./panels";
import { Colours, ThenColour, Track, yarnOf } from "./shown";
import { ballsToWeigh, Take, WeighBalls, Weighed } from "./take";
import { useBench } from "./use-bench";
import { SIGNALS, useSignal } from "./use-signal";
import { Times } from "./times";
import { useOffline } from "../../ui/acts/use-offline";
import { useSince } from "./use-since";

type Panel = "count" | "note" | "jump" | undefined;

/** The view for the table: one step in large type, and one large button that is done with it. */
export function BenchTable({ bench }: { bench: BenchData }) {
  const { steps, quantity, line } = bench;
  const [handId, setHandId] = useState(bench.hands[0]?.id ?? null);
  const { state, acts, waiting, refused, tell } = useBench(line, steps, quantity, bench.acts, {
    workshop: bench.workshop,
    handId,
  });
  const [order, setOrder] = useState<BenchOrder>(bench.order);
  const [at, setAt] = useState<Place>();
  const [all, setAll] = useState(false);
  const own = useMemo(() => (all ? () => true : ownSteps(bench.given, handId)), [all, bench.given, handId]);
  const [panel, setPanel] = useState<Panel>();
  const [counted, setCounted] = useState(0);
  const since = useSince(line);
  const { signal, choose, give } = useSignal();
  useAwake();
  useOffline([`/bench/${line}`, "/bench"]);
  const next = (after?: Place) =>
    after
      ? nextPlace(steps, quantity, order, withDone(state, after, steps), after, own)
      : nextPlace(steps, quantity, order, state, undefined, own);
  const place = at ?? next();
  const step = place && steps[place.step];
  const after = place && next(place);
  // The pattern's own words of a face say what goes on as well as where.
  const inItsPlace = step?.kind === "face" ? step.where : undefined;
  const hand = bench.hands.find((h) => h.id === handId);
  const hexOf = (slot: string) => yarnOf(bench.colours, slot)?.hex ?? "var(--line)";
  const toWeigh = ballsToWeigh(bench, steps, state, lastDoneHere(acts));
  const others = useMemo(() => openOfOthers(steps, quantity, state, own), [steps, quantity, state, own]);
  const waits = useMemo(
    () => openOfOthers(steps, quantity, state, (s) => !own(s)).length > 0,
    [steps, quantity, state, own],
  );
  const cameIn = (places: readonly Place[]) => {
    for (const p of places) tell({ kind: "done", piece: p.piece, step: steps[p.step]?.id ?? "", ms: 0 });
  };

  const finish = useCallback(() => {
    if (!place || !step) return;
    tell({ kind: "done", piece: place.piece, step: step.id, ms: since.lap() });
    const then = after && steps[after.step];
    give(!then || after.piece !== place.piece ? "end" : then.stage === "crochet" ? "round" : "look");
    setAt(after);
    setCounted(0);
    setPanel((p) => (p === "count" ? p : undefined));
  }, [place, step, after, tell, since, steps, give]);
  const undo = useCallback(() => {
    const last = lastDoneHere(acts);
    if (!last) return;
    tell({ kind: "undo", of: last.key });
    since.restart();
    const index = steps.findIndex((s) => s.id === last.step);
    if (index >= 0) setAt({ piece: last.piece, step: index });
  }, [acts, tell, since, steps]);
  useKeys(finish, undo);
  const care = useCare(bench, steps, state, hand, since.restart);

  if (steps.length === 0)
    return (
      <Whole>
        <Bar bench={bench} waiting={waiting} />
        <Rest>
          <h1>{bench.label}</h1>
          <p>Its pattern has no rounds that could be read. Mend it on the item’s page, then come back.</p>
        </Rest>
      </Whole>
    );
  return (
    <Whole>
      <Bar bench={bench} waiting={waiting} piece={place?.piece} refused={refused} />
      <BothSides steps={steps} quantity={quantity} state={state} tell={tell} />
      {care ? <BreakDue care={care} /> : null}
      {place && step ? (
        <>
          <Now aria-live="polite">
            <Track steps={steps} state={state} place={place} />
            <Beside>
              <div>
                <Where>
                  {step.part || bench.label}
                  {step.copies > 1 ? ` ${step.copy} of ${step.copies}` : ""}
                </Where>
                <h1>{step.title}</h1>
                <Words>{inItsPlace ?? step.text}</Words>
                {inItsPlace !== undefined || step.where === undefined ? null : <At>{step.where}</At>}
                {step.count === undefined ? null : <Sum>{step.count} sts</Sum>}
                <Colours step={step} colours={bench.colours} />
                <ThenColour step={step} colours={bench.colours} />
              </div>
              <BenchLadder steps={steps} state={state} place={place} hexOf={hexOf} />
            </Beside>
            <Take bench={bench} step={step} place={place} />
            <Advice step={step} handId={handId} />
            <FirstPiece bench={bench} hand={hand} pieces={state.pieces} />
            {own(step) ? null : <Small>{holderText(step, bench)}</Small>}
            <Next>
              {after
                ? nextText(steps[after.step], after, place)
                : others.length === 0
                  ? "then all pieces are done"
                  : waits
                    ? "then it waits for what others make"
                    : "then all of this pair of hands is done"}
            </Next>
          </Now>
          {toWeigh && panel === undefined ? (
            <WeighBalls
              key={toWeigh.balls.map((b) => b.id).join()}
              {...toWeigh}
              onWeigh={(ball, mg) => tell({ kind: "weighed", piece: place.piece, step: step.id, ball, mg })}
            />
          ) : null}
          {panel === "count" ? (
            <Counter
              step={step}
              counted={counted}
              onCount={(n) => {
                setCounted(n);
                if (n > counted) give(n === step.repeats?.times ? "look" : "round");
              }}
            />
          ) : panel === "note" ? (
            <NoteLine
              onNote={(text) => {
                tell({ kind: "note", piece: place.piece, step: step.id, text });
                setPanel(undefined);
              }}
            />
          ) : panel === "jump" ? (
            <Jump steps={steps} quantity={quantity} place={place} state={state} onGo={(p) => setAt(p)}>
              <Select
                aria-label="Order of work"
                value={order}
                onChange={(e) => (setOrder(e.target.value as BenchOrder), setAt(undefined))}
              >
                <option value="piece">each piece to its end</option>
                <option value="part">one part of all pieces, then the next</option>
              </Select>
              <Select
                aria-label="Answers a press with"
                value={signal}
                onChange={(e) => choose(SIGNALS.find((x) => x === e.target.value) ?? "none")}
              >
                <option value="none">no sound</option>
                <option value="sound">a sound</option>
                <option value="vibration">a buzz</option>
                <option value="both">sound and buzz</option>
              </Select>
              {bench.hands.length > 1 ? (
                <Select
                  aria-label="Whose hands"
                  value={handId ?? ""}
                  onChange={(e) => (setHandId(e.target.value), setAt(undefined))}
                >
                  {bench.hands.map((h) => (
                    <option key={h.id} value={h.id}>
                      {h.name}
                    </option>
                  ))}
                </Select>
              ) : null}
              <CameIn bench={bench} others={others} onCameIn={cameIn} />
            </Jump>
          ) : null}
          <Tools>
            <Tool label="Undo" icon={<Undo2 size={20} aria-hidden />} onClick={undo} keys="U" />
            <Tool
              label="Start again"
              icon={<RotateCcw size={20} aria-hidden />}
              onClick={() => {
                tell({ kind: "again", piece: place.piece, step: step.id });
                setCounted(0);
              }}
            />
            <Tool
              label="Count"
              icon={<Hash size={20} aria-hidden />}
              on={panel === "count"}
              onClick={() => setPanel((p) => (p === "count" ? undefined : "count"))}
            />
            <Tool
              label="Note"
              icon={<NotebookPen size={20} aria-hidden />}
              on={panel === "note"}
              onClick={() => setPanel((p) => (p === "note" ? undefined : "note"))}
            />
            <Tool
              label="Go to"
              icon={<ListTree size={20} aria-hidden />}
              on={panel === "jump"}
              onClick={() => setPanel((p) => (p === "jump" ? undefined : "jump"))}
            />
          </Tools>
          <Done type="button" onClick={finish} aria-keyshortcuts="Space">
            <Check size={34} aria-hidden />
            <span>{DONE_WORDS[step.kind]}</span>
            <Small as="kbd">space</Small>
          </Done>
        </>
      ) : others.length > 0 ? (
        <Left bench={bench} others={others} waits={waits} onAll={() => setAll(true)} onCameIn={cameIn}>
          <Tools>
            <Tool label="Undo" icon={<Undo2 size={20} aria-hidden />} onClick={undo} keys="U" />
          </Tools>
        </Left>
      ) : (
        <Rest>
          <h1>{quantity === 1 ? "It is done" : `All ${quantity} are done`}</h1>
          <p>
            Look them over once more: what passes goes on the shelf, and what was used into the stock book.{" "}
            <Link to={`/runs/${bench.runId}/inspect`}>Inspect them</Link>
          </p>
          <Tools>
            <Tool label="Undo" icon={<Undo2 size={20} aria-hidden />} onClick={undo} keys="U" />
          </Tools>
        </Rest>
      )}
      {care ? <HoursAtTable care={care} /> : null}
      <Weighed bench={bench} state={state} onBack={(of) => tell({ kind: "undo", of })} />
      <Times steps={steps} state={state} onWork={(of) => tell({ kind: "work", of })} />
    </Whole>
  );
}

/** The state as it will be once the step at hand is done. */
const withDone = (state: BenchState, place: Place, steps: readonly BenchStep[]): BenchState => {
  const id = steps[place.step]?.id ?? "";
  const act = { kind: "done" as const, key: "", at: 0, device: "", piece: place.piece, step: id, ms: 0 };
  return { ...state, done: new Map([...state.done, [placeKey(place.piece, id), act]]) };
};

function nextText(step: BenchStep | undefined, p: Place, now: Place): string {
  if (!step) return "";
  const piece = p.piece === now.piece ? "" : `piece ${p.piece}, `;
  const part = step.part === "" ? "" : `${step.part}${step.copies > 1 ? ` ${step.copy}` : ""}, `;
  const words = step.stage === "crochet" ? `: ${step.text}` : "";
  return `next: ${piece}${part}${step.title}${words}`;
}

/**
 * Space is "done", U takes it back; a pedal that sends a key works as well. Fields keep their keys, and a button
 * that was reached by keys keeps its space; one that was only pressed with a finger does not hold the pedal up.
 */
function useKeys(finish: () => void, undo: () => void): void {
  const pressed = useRef<Element | null>(null);
  useEffect(() => {
    const onPointer = (e: PointerEvent) => {
      pressed.current = e.target instanceof Element ? e.target.closest("button") : null;
    };
    const onKey = (e: KeyboardEvent) => {
      if (e.key === "Tab") pressed.current = null;
      if (e.ctrlKey || e.metaKey || e.altKey || e.repeat) return;
      const on = e.target instanceof HTMLElement ? e.target : undefined;
      if (on?.closest("input, select, textarea, a")) return;
      const button = on?.closest("button");
      const held = button && button !== pressed.current;
      if (e.key === "PageDown" || (e.key === " " && !held)) {
        e.preventDefault();
        // Not to be pressed by the key's coming up.
        button?.blur();
        finish();
      } else if (e.key === "u" || e.key === "U") undo();
    };
    window.addEventListener("pointerdown", onPointer, true);
    window.addEventListener("keydown", onKey);
    return () => {
      window.removeEventListener("pointerdown", onPointer, true);
      window.removeEventListener("keydown", onKey);
    };
  }, [finish, undo]);
}

function Bar({
  bench,
  waiting,
  piece,
  refused,
}: {
  bench: BenchData;
  waiting: number;
  piece?: number | undefined;
  refused?: string | undefined;
}) {
  return (
    <TableTop>
      <Link to="/bench" aria-label="Leave the bench">
        <ArrowLeft size={24} aria-hidden />
      </Link>
      <div>
        <b>{bench.label}</b>
        <Small>{piece === undefined ? bench.run : `piece ${piece} of ${bench.quantity}, ${bench.run}`}</Small>
      </div>
      <Small role="status">{refused ?? (waiting === 0 ? "kept" : `${waiting} kept here, to be sent`)}</Small>
    </TableTop>
  );
}

function Tool({
  label,
  icon,
  onClick,
  on,
  keys,
}: {
  label: string;
  icon: ReactNode;
  onClick: () => void;
  on?: boolean;
  keys?: string;
}) {
  return (
    <button type="button" onClick={onClick} aria-pressed={on} aria-keyshortcuts={keys}>
      {icon}
      <span>{label}</span>
    </button>
  );
}

const Whole = styled.main`
  position: fixed;
  inset: 0;
  z-index: 40;
  overflow: auto;
  display: flex;
  flex-direction: column;
  background: var(--ground);
  color: var(--ink);
  padding-bottom: env(safe-area-inset-bottom);
`;
const Now = styled.section`
  flex: 1 0 auto;
  padding: 12px 18px 4px;
  width: min(100%, 820px);
  margin: 0 auto;
  h1 {
    font-size: clamp(30px, 8vw, 52px);
    line-height: 1.05;
    margin: 0 0 6px;
  }
`;
/** The words, and beside them the part as it lies. */
const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 14px;
  align-items: start;
  svg {
    margin-top: 14px;
  }
`;
const Where = styled.p`
  font-size: 18px;
  color: var(--soft);
  margin: 10px 0 0;
`;
const Words = styled.p`
  font-size: clamp(24px, 6.6vw, 40px);
  line-height: 1.22;
  margin: 0;
  text-wrap: pretty;
`;
const Sum = styled.p`
  font-size: clamp(20px, 5vw, 28px);
  font-weight: 640;
  margin: 4px 0 0;
`;
/** Where it goes: what she would otherwise look up in the pattern. */
const At = styled.p`
  font-size: clamp(18px, 4.6vw, 26px);
  margin: 8px 0 0;
  text-wrap: pretty;
`;
const Next = styled.p`
  margin: 12px 0 6px;
  font-size: 17px;
  color: var(--soft);
`;
const Tools = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(60px, 1fr));
  gap: 6px;
  padding: 6px 12px;
  width: min(100%, 820px);
  margin: 0 auto;
  button {
    display: grid;
    place-items: center;
    gap: 2px;
    min-height: 56px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--edge);
    border-radius: 5px;
    cursor: pointer;
  }
  button[aria-pressed="true"] {
    background: var(--tape);
    color: var(--tape-ink);
  }
`;
const Done = styled.button`
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 14px;
  width: 100%;
  /* Room for what wants an answer above it comes from here first, and the tools stay where they are. */
  flex: 0 1 max(26vh, 150px);
  min-height: 112px;
  font: inherit;
  font-size: clamp(26px, 7vw, 40px);
  font-weight: 640;
  color: var(--act-ink);
  background: var(--act);
  border: 0;
  cursor: pointer;
  touch-action: manipulation;
  kbd {
    font: inherit;
    font-size: 14px;
    font-weight: 400;
    color: inherit;
    opacity: 0.85;
  }
  @media (pointer: coarse) {
    kbd {
      display: none;
    }
  }
  &:active {
    filter: brightness(1.12);
  }
  &:focus-visible {
    outline: 4px solid var(--focus);
    outline-offset: -8px;
  }
`;
