import { lazy, Suspense, useCallback, useEffect, useId, useState, useSyncExternalStore } from "react";
import styled from "styled-components";
import { couldNotRead, problemText, type CheckedPattern, type Problem, type Uncounted } from "@core/notation";
import { Badge, Button } from "../../ui/basics";
import { useNonce } from "../../ui/nonce";
import { Ladder, LINE_PX, plainPlaces, type LinePlace } from "./ladder";
import type { SlotColours } from "./silhouette-view";

const NARROW = "(max-width: 720px)";
const isNarrow = () => window.matchMedia(NARROW).matches;
const watchNarrow = (onChange: () => void) => {
  const media = window.matchMedia(NARROW);
  media.addEventListener("change", onChange);
  return () => media.removeEventListener("change", onChange);
};

const CodeEditor = lazy(() => import("./code-editor"));

/** The pattern's text with the round ladder beside it, line by line, and its problems below. */
export function PatternEditor({
  text,
  pattern,
  colours,
  onText,
  lit,
  onLight,
}: {
  text: string;
  pattern: CheckedPattern;
  colours: SlotColours;
  onText: (text: string) => void;
  lit?: { part: number; round: number } | undefined;
  onLight: (at: { part: number; round: number } | undefined) => void;
}) {
  const nonce = useNonce();
  const narrow = useSyncExternalStore(watchNarrow, isNarrow, () => false);
  const label = useId();
  const [ready, setReady] = useState(false);
  const [measured, setMeasured] = useState<{ places: LinePlace[]; height: number }>();
  // The editor is large and needs a browser: the page is complete without it, and it comes when it comes.
  // eslint-disable-next-line react-hooks/set-state-in-effect
  useEffect(() => setReady(true), []);
  const lineOf = lit === undefined ? undefined : pattern.parts[lit.part]?.rounds[lit.round]?.line;
  const onLine = useCallback(
    (line: number | undefined) => onLight(line === undefined ? undefined : roundAt(pattern, line)),
    [pattern, onLight],
  );
  const onPlaces = useCallback((places: LinePlace[], height: number) => setMeasured({ places, height }), []);
  const lines = text.split("\n").length;
  const places = measured && measured.places.length === lines ? measured.places : plainPlaces(lines);
  const height = measured?.height ?? lines * LINE_PX;
  const plain = (
    <Plain
      name="pattern"
      aria-labelledby={label}
      value={text}
      onChange={(e) => onText(e.target.value)}
      rows={Math.max(6, lines)}
      spellCheck={false}
    />
  );
  return (
    <div>
      <Label id={label}>Written pattern</Label>
      <Bench>
        <Text>
          {ready ? (
            <Suspense fallback={plain}>
              <CodeEditor
                text={text}
                nonce={nonce}
                pattern={pattern}
                labelledBy={label}
                onText={onText}
                onPlaces={onPlaces}
                litLine={lineOf}
                onLine={onLine}
              />
            </Suspense>
          ) : (
            plain
          )}
        </Text>
        <LadderBox>
          <Ladder
            pattern={pattern}
            colours={colours}
            places={places}
            height={height}
            narrow={narrow}
            lit={lit}
            onLight={onLight}
          />
        </LadderBox>
      </Bench>
      <Keys>
        <kbd>ctrl space</kbd> stitches and the next round · <kbd>F8</kbd> next problem · <kbd>alt enter</kbd>{" "}
        mend it · <kbd>ctrl Z</kbd> undo
      </Keys>
      <Problems
        problems={pattern.problems}
        uncounted={pattern.uncounted}
        onFix={(p) => p.fix && onText(text.slice(0, p.fix.from) + p.fix.text + text.slice(p.fix.to))}
        terms={`${pattern.terms.toUpperCase()} terms: ${pattern.termsReason}.`}
        empty={text.trim() === ""}
      />
    </div>
  );
}

/** The first round written on a line. */
function roundAt(pattern: CheckedPattern, line: number): { part: number; round: number } | undefined {
  for (let part = 0; part < pattern.parts.length; part++) {
    const round = pattern.parts[part]?.rounds.findIndex((r) => r.line === line) ?? -1;
    if (round >= 0) return { part, round };
  }
  return undefined;
}

function Problems({
  problems,
  uncounted,
  onFix,
  terms,
  empty,
}: {
  problems: readonly Problem[];
  uncounted: readonly Uncounted[];
  onFix: (p: Problem) => void;
  terms: string;
  empty: boolean;
}) {
  if (empty)
    return (
      <Note>
        Paste or type a pattern: a name on a line of its own begins a part, then “Rnd 1: 6 sc in magic ring
        (6)” and so on. It is counted as you type.
      </Note>
    );
  const errors = problems.filter((p) => p.severity === "error").length;
  const unread = problems.filter(couldNotRead).length;
  return (
    <Found aria-live="polite" aria-label="What the count found">
      <Note>
        {errors > 0 ? (
          <Badge $tone="bad">{errors} to mend</Badge>
        ) : unread === 0 ? (
          <Badge $tone="good">every round adds up</Badge>
        ) : null}
        {unread > 0 ? <Badge $tone="plain">{unread} could not be read</Badge> : null} {terms}
      </Note>
      {problems.length > 0 ? (
        <ul>
          {problems.slice(0, 30).map((p, i) => (
            <li
              key={`${p.code}-${p.from}-${i}`}
              data-severity={p.severity}
              data-unread={couldNotRead(p) || undefined}
            >
              <span>
                {couldNotRead(p) ? <Unread>Could not read</Unread> : null}
                <b>Line {p.line}.</b> {problemText(p)}
              </span>
              {p.fix ? (
                <Button type="button" onClick={() => onFix(p)}>
                  {p.fix.label}
                </Button>
              ) : null}
            </li>
          ))}
        </ul>
      ) : null}
      <NotCounted list={uncounted} />
    </Found>
  );
}

/** Numbers and stitches of the text that are in no count: talk mostly, and to be seen where it is not. */
function NotCounted({ list }: { list: readonly Uncounted[] }) {
  const inside = list.filter((u) => u.why !== "list");
  if (inside.length === 0) return null;
  return (
    <Quiet>
      <summary>
        Not counted: {inside.length === 1 ? "words in 1 place" : `words in ${inside.length} places`}
      </summary>
      <p>
        Numbers and stitches between the rounds that were taken for talk. Nothing of them is in the tally.
      </p>
      <ol>
        {inside.slice(0, 40).map((u) => (
          <li key={u.from}>
            <b>Line {u.line}</b> <q>{u.text}</q>
          </li>
        ))}
      </ol>
    </Quiet>
  );
}

const Unread = styled.i`
  font-style: normal;
  font-size: 13px;
  border: 1px dashed currentColor;
  border-radius: 3px;
  padding: 0 6px;
  margin-right: 8px;
  white-space: nowrap;
`;
const Quiet = styled.details`
  margin-top: 12px;
  font-size: 14px;
  color: var(--soft);
  summary {
    cursor: pointer;
    min-height: 24px;
  }
  p {
    margin: 4px 0;
  }
  ol {
    list-style: none;
    padding: 0;
    margin: 6px 0 0;
    display: grid;
    gap: 4px;
  }
  li {
    padding: 2px 0 2px 12px;
    border-left: 1px dashed var(--line);
    background: none;
    display: block;
  }
`;
const Keys = styled.p`
  margin-top: 8px;
  font-size: 13px;
  color: var(--soft);
  kbd {
    font: inherit;
    border: 1px solid var(--line);
    border-radius: 3px;
    padding: 0 4px;
  }
  @media (max-width: 720px) {
    display: none;
  }
`;
const Label = styled.h2`
  margin-bottom: 10px;
`;
const Bench = styled.div`
  display: flex;
  align-items: flex-start;
  gap: 8px;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 12px 6px 12px 4px;
  overflow: hidden;
  @media (max-width: 720px) {
    overflow-x: auto;
  }
`;
const Text = styled.div`
  flex: 1 1 auto;
  min-width: 0;
`;
const LadderBox = styled.div`
  flex: none;
`;
const Plain = styled.textarea`
  display: block;
  width: 100%;
  border: 0;
  background: transparent;
  color: inherit;
  resize: none;
  white-space: pre;
  overflow-x: auto;
  overflow-y: hidden;
  line-height: ${LINE_PX}px;
  font-size: 14px;
  padding: 0 4px 0 34px;
  font-variation-settings: "MONO" 1;
`;
const Note = styled.p`
  margin-top: 10px;
  font-size: 14px;
  color: var(--soft);
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
`;
const Found = styled.section`
  > ul {
    list-style: none;
    padding: 0;
    margin: 10px 0 0;
    display: grid;
    gap: 8px;
  }
  > ul > li {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    justify-content: space-between;
    padding: 9px 12px;
    border-left: 4px solid var(--bad);
    background: var(--bad-ground);
    border-radius: 0 4px 4px 0;
  }
  > ul > li > span {
    flex: 1 1 260px;
  }
  > ul > li[data-severity="warning"],
  > ul > li[data-severity="note"] {
    border-color: var(--warn);
    background: var(--warn-ground);
  }
  > ul > li[data-unread] {
    border-left: 4px dashed var(--soft);
    background: var(--sunk);
  }
  > ul > li button {
    white-space: normal;
    text-align: left;
    font-weight: 480;
    max-width: 100%;
  }
`;
