import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { lintKeymap, setDiagnostics, type Diagnostic } from "@codemirror/lint";
import { Compartment, EditorState, StateEffect, StateField } from "@codemirror/state";
import {
  Decoration,
  drawSelection,
  EditorView,
  type DecorationSet,
  keymap,
  lineNumbers,
} from "@codemirror/view";
import { useEffect, useRef } from "react";
import { couldNotRead, problemText, type CheckedPattern } from "@core/notation";
import type { LinePlace } from "./ladder";
import { patternLanguage } from "./pattern-language";

export interface CodeEditorProps {
  readonly text: string;
  readonly nonce: string;
  readonly pattern: CheckedPattern;
  readonly labelledBy: string;
  readonly onText: (text: string) => void;
  readonly onPlaces: (places: LinePlace[], height: number) => void;
  /** The line that is lit in the ladder or the shape, and the line the pointer is on. */
  readonly litLine: number | undefined;
  readonly onLine: (line: number | undefined) => void;
}

const look = EditorView.theme({
  "&": { fontSize: "14px", backgroundColor: "transparent", color: "var(--ink)" },
  "&.cm-focused": { outline: "3px solid var(--focus)", outlineOffset: "2px" },
  ".cm-scroller": {
    fontFamily: "inherit",
    fontVariationSettings: '"MONO" 1',
    lineHeight: "24px",
    overflow: "visible",
  },
  ".cm-content": { padding: "0", caretColor: "var(--ink)" },
  ".cm-gutters": { backgroundColor: "transparent", color: "var(--soft)", border: "none", fontSize: "13px" },
  ".cm-lineNumbers .cm-gutterElement": { padding: "0 5px 0 2px", minWidth: "24px" },
  ".cm-cursor": { borderLeftColor: "var(--ink)" },
  ".cm-selectionBackground, &.cm-focused .cm-selectionBackground": {
    backgroundColor: "color-mix(in srgb, var(--focus) 28%, transparent) !important",
  },
  ".cm-lintRange-error": {
    backgroundImage: "none",
    borderBottom: "2px wavy var(--bad)",
    textDecoration: "underline wavy var(--bad) 1.5px",
    textUnderlineOffset: "4px",
    border: "0",
  },
  ".cm-lintRange-hint": {
    backgroundImage: "none",
    textDecoration: "underline dashed var(--soft) 1.5px",
    textUnderlineOffset: "4px",
  },
  ".cm-lintRange-warning": {
    backgroundImage: "none",
    textDecoration: "underline wavy var(--warn) 1.5px",
    textUnderlineOffset: "4px",
  },
  ".cm-tooltip": {
    backgroundColor: "var(--sheet)",
    color: "var(--ink)",
    border: "1px solid var(--edge)",
    maxWidth: "420px",
  },
  ".cm-lit": { backgroundColor: "color-mix(in srgb, var(--act) 13%, transparent)" },
  ".w-label": { color: "var(--soft)", fontWeight: "620" },
  ".w-stitch": { color: "var(--w-stitch)" },
  ".w-inc": { color: "var(--w-inc)", fontWeight: "640" },
  ".w-dec": { color: "var(--w-dec)", fontWeight: "640" },
  ".w-loops": { color: "var(--w-loops)" },
  ".w-start": { color: "var(--w-loops)" },
  ".w-repeat": { color: "var(--soft)" },
  ".w-total": { fontWeight: "660" },
  ".w-bracket": { color: "var(--soft)" },
  ".cm-meaning": { display: "grid", gap: "2px", padding: "8px 11px", fontSize: "13px" },
  ".cm-tooltip-autocomplete > ul": { fontFamily: "inherit", maxHeight: "14em" },
  ".cm-tooltip-autocomplete > ul > li": { padding: "5px 10px !important", lineHeight: "1.4 !important" },
  ".cm-tooltip-autocomplete > ul > li[aria-selected]": {
    backgroundColor: "var(--act) !important",
    color: "var(--act-ink) !important",
  },
  ".cm-completionDetail": { opacity: "0.85", fontStyle: "normal", marginLeft: "1.2em" },
  ".cm-completionMatchedText": { textDecoration: "none", fontWeight: "640" },
  ".cm-diagnostic": { padding: "8px 10px" },
  ".cm-diagnosticAction": {
    backgroundColor: "var(--act)",
    color: "var(--act-ink)",
    padding: "4px 10px",
    borderRadius: "3px",
  },
});

const light = StateEffect.define<number | undefined>();
const litMark = Decoration.line({ class: "cm-lit" });
/** The line that is lit together with its rung and its band of the shape. */
const litField = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(marks, tr) {
    for (const e of tr.effects) {
      if (!e.is(light)) continue;
      return e.value === undefined || e.value > tr.state.doc.lines
        ? Decoration.none
        : Decoration.set([litMark.range(tr.state.doc.line(e.value).from)]);
    }
    return marks.map(tr.changes);
  },
  provide: (f) => EditorView.decorations.from(f),
});

/** Mends the problem at the cursor's line, or the first one that can be mended below it. */
function applyFix(v: EditorView, pattern: CheckedPattern): boolean {
  const line = v.state.doc.lineAt(v.state.selection.main.head).number;
  const withFix = pattern.problems.filter((p) => p.fix !== undefined);
  const fix = (withFix.find((p) => p.line === line) ?? withFix.find((p) => p.line > line) ?? withFix[0])?.fix;
  if (!fix || fix.to > v.state.doc.length) return false;
  v.dispatch({
    changes: { from: fix.from, to: fix.to, insert: fix.text },
    selection: { anchor: fix.from + fix.text.length },
    scrollIntoView: true,
  });
  return true;
}

/**
 * The text as CodeMirror holds it: grows with its lines, tells where each line stands, shows problems in
 * place.
 */
export default function CodeEditor({
  text,
  nonce,
  pattern,
  labelledBy,
  onText,
  onPlaces,
  litLine,
  onLine,
}: CodeEditorProps) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const handlers = useRef({ onText, onPlaces, onLine, pattern });
  useEffect(() => {
    handlers.current = { onText, onPlaces, onLine, pattern };
  });

  useEffect(() => {
    if (!host.current) return;
    const report = (v: EditorView) => {
      const places: LinePlace[] = [];
      for (let n = 1; n <= v.state.doc.lines; n++) {
        const block = v.lineBlockAt(v.state.doc.line(n).from);
        places.push({ top: block.top, height: block.height });
      }
      handlers.current.onPlaces(places, v.contentHeight);
    };
    const labels = new Compartment();
    const made = new EditorView({
      parent: host.current,
      state: EditorState.create({
        doc: text,
        extensions: [
          EditorView.cspNonce.of(nonce),
          lineNumbers(),
          history(),
          drawSelection(),
          EditorView.lineWrapping,
          look,
          keymap.of([
            { key: "Alt-Enter", run: (v) => applyFix(v, handlers.current.pattern) },
            ...lintKeymap,
            ...defaultKeymap,
            ...historyKeymap,
          ]),
          patternLanguage({ pattern: () => handlers.current.pattern }),
          litField,
          EditorView.domEventHandlers({
            mousemove: (e, v) => {
              const pos = v.posAtCoords({ x: e.clientX, y: e.clientY });
              handlers.current.onLine(pos === null ? undefined : v.state.doc.lineAt(pos).number);
            },
            mouseleave: () => handlers.current.onLine(undefined),
          }),
          labels.of(
            EditorView.contentAttributes.of({
              "aria-labelledby": labelledBy,
              spellcheck: "false",
              autocapitalize: "off",
              autocorrect: "off",
            }),
          ),
          EditorView.updateListener.of((u) => {
            if (u.docChanged) handlers.current.onText(u.state.doc.toString());
            if (u.docChanged || u.geometryChanged || u.heightChanged) report(u.view);
          }),
        ],
      }),
    });
    view.current = made;
    report(made);
    return () => made.destroy();
    // The editor is made once; later texts come in through the effect below.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  useEffect(() => {
    const v = view.current;
    if (v && v.state.doc.toString() !== text)
      v.dispatch({ changes: { from: 0, to: v.state.doc.length, insert: text } });
  }, [text]);

  useEffect(() => {
    const v = view.current;
    if (!v) return;
    const raw = v.state.doc.toString();
    if (raw !== text) return;
    const clamp = (n: number) => Math.max(0, Math.min(n, raw.length));
    const list: Diagnostic[] = pattern.problems.map((p) => ({
      from: clamp(p.from),
      to: Math.max(clamp(p.from), clamp(p.to)),
      severity: couldNotRead(p)
        ? "hint"
        : p.severity === "error"
          ? "error"
          : p.severity === "warning"
            ? "warning"
            : "info",
      message: problemText(p),
      actions: p.fix
        ? [
            {
              name: p.fix.label,
              apply: (target) =>
                p.fix &&
                target.dispatch({
                  changes: { from: clamp(p.fix.from), to: clamp(p.fix.to), insert: p.fix.text },
                }),
            },
          ]
        : [],
    }));
    v.dispatch(setDiagnostics(v.state, list));
  }, [pattern, text]);

  useEffect(() => {
    view.current?.dispatch({ effects: light.of(litLine) });
  }, [litLine]);

  return <div ref={host} />;
}
