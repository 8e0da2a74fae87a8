import { ArrowLeft, Check, Hash, ListTree, NotebookPen, RotateCcw, Undo2 } from "lucide-react";
import { useCallback, useEffect, useMemo, useState, type ReactNode } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import {
  HELPS,
  holderOf,
  nextPlace,
  openOfOthers,
  ownSteps,
  pausesIn,
  placeKey,
  type BenchOrder,
  type BenchState,
  type BenchStep,
  type Place,
} from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button, Small } from "../../ui/basics";
import { Input, Select } from "../../ui/field";
import { clockText } from "../hand/stopwatch";
import { DONE_WORDS, lastDoneHere } from "./words";
import { TableTop } from "../../ui/acts/table-top";
import { useAwake } from "../../ui/acts/use-awake";
import { BothSides } from "./both-sides";
import { Care, FirstPiece } from "./care";
import { Counter } from "./counter";
import { BenchLadder } from "./ladder";
import { PanelRow } from "./panel-row";
import { ballsToWeigh, Take, WeighBalls, Weighed } from "./take";
import { useBench } from "./use-bench";
import { SIGNALS, useSignal } from "./use-signal";
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
  const hand = bench.hands.find((h) => h.id === handId);
  const hexOf = (slot: string) => yarnOf(bench.colours, slot)?.hex ?? "var(--line)";
  const toWeigh = ballsToWeigh(bench, steps, state, lastDoneHere(acts));
  const others = useMemo(() => openOfOthers(steps, quantity, state, own), [steps, quantity, state, own]);

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
                <Words>{step.text}</Words>
                {step.count === undefined ? null : <Sum>{step.count} sts</Sum>}
                <Colours step={step} colours={bench.colours} />
                {step.then ? (
                  <Then>
                    then {step.then.stitches} in{" "}
                    <i style={{ background: hexOf(step.then.slot) }} aria-hidden />
                    {yarnOf(bench.colours, step.then.slot)?.name ?? step.then.slot}
                  </Then>
                ) : null}
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
                : others.length > 0
                  ? "then all of this pair of hands is done"
                  : "then all pieces are done"}
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
        <Left
          bench={bench}
          others={others}
          onAll={() => setAll(true)}
          onCameIn={(places) => {
            for (const p of places)
              tell({ kind: "done", piece: p.piece, step: steps[p.step]?.id ?? "", ms: 0 });
          }}
        >
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
      <BothSides steps={steps} quantity={quantity} state={state} tell={tell} />
      <Care bench={bench} steps={steps} state={state} hand={hand} onRest={since.restart} />
      <Weighed bench={bench} state={state} onBack={(of) => tell({ kind: "undo", of })} />
      <Times steps={steps} state={state} onWork={(of) => tell({ kind: "work", of })} />
    </Whole>
  );
}

/** "given to Nell", "left to you": of a step that is not among those of the hands at the table. */
function holderText(step: BenchStep, bench: BenchData): string {
  const holder = holderOf(step, bench.given);
  const name = bench.given.find((g) => g.handId === holder)?.name;
  return name === undefined ? "left to the maker herself" : `given to ${name}`;
}

/** Own steps are done, and others' are open: what came in finished is ticked off by one press. */
function Left({
  bench,
  others,
  onAll,
  onCameIn,
  children,
}: {
  bench: BenchData;
  others: readonly Place[];
  onAll: () => void;
  onCameIn: (places: readonly Place[]) => void;
  children: ReactNode;
}) {
  const byHolder = new Map<string, Place[]>();
  for (const p of others) {
    const step = bench.steps[p.step];
    const holder = step && (holderOf(step, bench.given) ?? "");
    if (holder !== undefined) byHolder.set(holder, [...(byHolder.get(holder) ?? []), p]);
  }
  return (
    <Rest>
      <h1>Your part is done</h1>
      {[...byHolder].map(([holder, open]) => {
        const of = bench.given.filter((g) => g.handId === holder);
        const name = of[0]?.name ?? "The maker";
        const what = of.map((g) => g.label.toLowerCase()).join(", ") || "the rest";
        const pieces = new Set(open.map((p) => p.piece)).size;
        return (
          <div key={holder}>
            <p>
              {name}: {what}, {pieces === 1 ? "one piece" : `${pieces} pieces`} open.
            </p>
            <Button type="button" $primary onClick={() => onCameIn(open)}>
              <Check size={17} aria-hidden /> {what} came in finished
            </Button>
          </div>
        );
      })}
      <Button type="button" onClick={onAll}>
        Work at them here
      </Button>
      {children}
    </Rest>
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

/** Space is "done", U takes it back; a pedal that sends a key works as well. Fields keep their keys. */
function useKeys(finish: () => void, undo: () => void): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || e.repeat) return;
      const on = e.target instanceof HTMLElement ? e.target : undefined;
      if (on?.closest("input, select, textarea, a, button")) return;
      if (e.key === " " || e.key === "PageDown") {
        e.preventDefault();
        finish();
      } else if (e.key === "u" || e.key === "U") undo();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
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

/** All steps of the piece as a tape: what is done, where she is. */
function Track({ steps, state, place }: { steps: readonly BenchStep[]; state: BenchState; place: Place }) {
  const done = steps.filter((s) => state.done.has(placeKey(place.piece, s.id))).length;
  return (
    <TrackBox role="img" aria-label={`${done} of ${steps.length} steps of this piece are done`}>
      {steps.map((s, i) => (
        <i
          key={s.id}
          data-now={i === place.step || undefined}
          data-done={state.done.has(placeKey(place.piece, s.id)) || undefined}
          data-begins={(i > 0 && steps[i - 1]?.part !== s.part) || undefined}
        />
      ))}
    </TrackBox>
  );
}

const yarnOf = (colours: BenchData["colours"], slot: string) =>
  colours.find((x) => x.slot === slot) ?? (slot === "main" ? colours[0] : undefined);

function Colours({ step, colours }: { step: BenchStep; colours: BenchData["colours"] }) {
  if (step.colours.length === 0) return null;
  const several = step.colours.length > 1;
  return (
    <Swatches>
      {step.colours.slice(0, 12).map((c, i) => {
        const yarn = yarnOf(colours, c.slot);
        return (
          <li key={i}>
            <i style={{ background: yarn?.hex ?? "var(--line)" }} />
            {several ? `${c.stitches} ` : ""}
            {yarn?.name ?? c.slot}
          </li>
        );
      })}
    </Swatches>
  );
}

/** What helps at this step; each line can be silenced for whose hands they are, a warning too. */
function Advice({ step, handId }: { step: BenchStep; handId: string | null }) {
  const name = `lapka-bench-silent-${handId ?? ""}`;
  const [silent, setSilent] = useState<readonly string[]>([]);
  useEffect(() => {
    try {
      // eslint-disable-next-line react-hooks/set-state-in-effect
      setSilent(JSON.parse(localStorage.getItem(name) ?? "[]") as string[]);
    } catch {
      setSilent([]);
    }
  }, [name]);
  const said = step.helps.filter((h) => !silent.includes(h));
  if (said.length === 0) return null;
  return (
    <AdviceList>
      {said.map((h) => (
        <li key={h} data-final={HELPS[h].final || undefined}>
          <span>{HELPS[h].text}</span>
          <button
            type="button"
            aria-label={`Do not tell this again: ${HELPS[h].text}`}
            onClick={() => {
              const more = [...silent, h];
              setSilent(more);
              try {
                localStorage.setItem(name, JSON.stringify(more));
              } catch {
                // Told again after a reload; nothing else is lost.
              }
            }}
          >
            got it
          </button>
        </li>
      ))}
    </AdviceList>
  );
}

function NoteLine({ onNote }: { onNote: (text: string) => void }) {
  const [text, setText] = useState("");
  return (
    <PanelRow
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        if (text.trim() !== "") onNote(text.trim());
      }}
    >
      <Input
        autoFocus
        aria-label="Note on this step"
        maxLength={500}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Button type="submit" $primary>
        Keep
      </Button>
    </PanelRow>
  );
}

function Jump({
  steps,
  quantity,
  place,
  state,
  onGo,
  children,
}: {
  steps: readonly BenchStep[];
  quantity: number;
  place: Place;
  state: BenchState;
  onGo: (p: Place) => void;
  children: ReactNode;
}) {
  return (
    <PanelRow>
      <Select
        aria-label="Piece"
        value={place.piece}
        onChange={(e) => onGo({ ...place, piece: Number(e.target.value) })}
      >
        {Array.from({ length: quantity }, (_, i) => (
          <option key={i} value={i + 1}>
            piece {i + 1}
          </option>
        ))}
      </Select>
      <Select
        aria-label="Step"
        value={place.step}
        onChange={(e) => onGo({ ...place, step: Number(e.target.value) })}
      >
        {steps.map((s, i) => (
          <option key={s.id} value={i}>
            {state.done.has(placeKey(place.piece, s.id)) ? "✓ " : ""}
            {s.part === "" ? "" : `${s.part}${s.copies > 1 ? ` ${s.copy}` : ""}: `}
            {s.title}
          </option>
        ))}
      </Select>
      {children}
    </PanelRow>
  );
}

/** Pauses that were found in the laps, and slips so far. */
function Times({
  steps,
  state,
  onWork,
}: {
  steps: readonly BenchStep[];
  state: BenchState;
  onWork: (key: string) => void;
}) {
  const pauses = useMemo(() => pausesIn(steps, state), [steps, state]);
  if (pauses.length === 0 && state.slips === 0) return null;
  return (
    <TimesBox aria-label="What the laps tell">
      {pauses.slice(-3).map((p) => (
        <p key={p.act.key}>
          {p.step.part}, {p.step.title} took {clockText(p.act.ms)}: counted as {clockText(p.usualMs)}, the
          rest as a pause.{" "}
          <Button type="button" onClick={() => onWork(p.act.key)}>
            It was work
          </Button>
        </p>
      ))}
      {state.slips > 0 ? (
        <Small>
          {state.slips} {state.slips === 1 ? "round" : "rounds"} begun again, of {state.done.size} steps done
        </Small>
      ) : null}
    </TimesBox>
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
const Swatches = styled.ul`
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  font-size: 18px;
  i {
    display: inline-block;
    width: 20px;
    height: 20px;
    margin-right: 7px;
    vertical-align: -4px;
    border-radius: 3px;
    border: 1px solid var(--edge);
  }
`;
const Then = styled.p`
  margin: 6px 0 0;
  font-size: 18px;
  font-weight: 560;
  i {
    display: inline-block;
    width: 16px;
    height: 16px;
    margin-right: 5px;
    vertical-align: -2px;
    border-radius: 3px;
    border: 1px solid var(--edge);
  }
`;
const AdviceList = styled.ul`
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
  display: grid;
  gap: 6px;
  font-size: 17px;
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    padding-left: 12px;
    border-left: 5px solid var(--tape);
  }
  li[data-final] {
    border-left-color: var(--warn);
    background: var(--warn-ground);
    font-weight: 560;
  }
  button {
    min-height: 48px;
    min-width: 60px;
    border: 0;
    background: none;
    color: var(--act);
    font: inherit;
    font-size: 15px;
    text-decoration: underline;
  }
`;
const Next = styled.p`
  margin: 12px 0 6px;
  font-size: 17px;
  color: var(--soft);
`;
const TrackBox = styled.div`
  display: flex;
  gap: 2px;
  height: 14px;
  i {
    flex: 1;
    min-width: 1px;
    background: var(--line);
  }
  i[data-done] {
    background: var(--act);
  }
  i[data-now] {
    background: var(--warn);
    flex: 2.4;
    outline: 2px solid var(--ink);
  }
  i[data-begins] {
    margin-left: 6px;
  }
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
  min-height: max(26vh, 150px);
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
const Rest = styled.div`
  padding: 30px 20px;
  width: min(100%, 720px);
  margin: 0 auto;
  font-size: 18px;
`;
const TimesBox = styled.section`
  padding: 8px 18px 14px;
  width: min(100%, 820px);
  margin: 0 auto;
  font-size: 16px;
  button {
    min-height: 48px;
  }
`;
