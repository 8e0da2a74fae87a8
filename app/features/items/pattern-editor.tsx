import { lazy, useCallback, useEffect, useId, useState, useSyncExternalStore } from "react";
import styled from "styled-components";
import type { CheckedPattern } from "@core/notation";
import { Late } from "../../ui/late";
import { useNonce } from "../../ui/nonce";
import { FoundPanel, type Asked } from "./found-panel";
import { Ladder, LINE_PX, plainPlaces, type LinePlace } from "./ladder";
import type { SlotColours } from "../figure/silhouette-view";

const NARROW = "(max-width: 720px)";
const isNarrow = () => window.matchMedia(NARROW).matches;
const watchNarrow = (onChange: () => void) => {
  const media = window.matchMedia(NARROW);
  media.addEventListener("change", onChange);
  return () => media.removeEventListener("change", onChange);
};

const codeEditor = () => import("./code-editor");
const CodeEditor = lazy(codeEditor);

/** The pattern's text with the round ladder beside it, line by line, and its problems below. */
export function PatternEditor({
  text,
  pattern,
  ready,
  waiting,
  colours,
  onText,
  asked,
  lit,
  onLight,
}: {
  text: string;
  pattern: CheckedPattern;
  /**
   * Is what reads the text there? The editor is large, needs a browser and shows what was read: the page is
   * complete without it, and it comes when it comes.
   */
  ready: boolean;
  /** Is `pattern` what was read of other words? */
  waiting: boolean;
  colours: SlotColours;
  onText: (text: string) => void;
  asked: Asked;
  lit?: { part: number; round: number } | undefined;
  onLight: (at: { part: number; round: number } | undefined) => void;
}) {
  const nonce = useNonce();
  const narrow = useSyncExternalStore(watchNarrow, isNarrow, () => false);
  const label = useId();
  const [measured, setMeasured] = useState<{ places: LinePlace[]; height: number }>();
  // Fetched beside the reader, not behind it.
  useEffect(() => void codeEditor(), []);
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
            <Late waits={plain} lost={plain}>
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
            </Late>
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
      <FoundPanel
        pattern={pattern}
        onFix={(p) => p.fix && onText(text.slice(0, p.fix.from) + p.fix.text + text.slice(p.fix.to))}
        asked={asked}
        empty={text.trim() === ""}
        waiting={waiting}
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
  /* As the editor breaks its lines, so that nothing below jumps when it takes this place. */
  white-space: pre-wrap;
  field-sizing: content;
  overflow: hidden;
  @media (max-width: 720px) {
    white-space: pre;
    field-sizing: fixed;
    overflow-x: auto;
  }
  line-height: ${LINE_PX}px;
  font-size: 14px;
  padding: 0 4px 0 34px;
  font-variation-settings: "MONO" 1;
`;
