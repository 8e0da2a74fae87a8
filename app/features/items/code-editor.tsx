import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { setDiagnostics, type Diagnostic } from "@codemirror/lint";
import { Compartment, EditorState } from "@codemirror/state";
import { drawSelection, EditorView, keymap, lineNumbers } from "@codemirror/view";
import { useEffect, useRef } from "react";
import { problemText, type CheckedPattern } from "@core/notation";
import type { LinePlace } from "./ladder";

export interface CodeEditorProps {
  readonly text: string;
  readonly nonce: string;
  readonly pattern: CheckedPattern;
  readonly labelledBy: string;
  readonly onText: (text: string) => void;
  readonly onPlaces: (places: LinePlace[], height: number) => void;
}

const look = EditorView.theme({
  "&": { fontSize: "14px", backgroundColor: "transparent", color: "var(--ink)" },
  "&.cm-focused": { outline: "3px solid var(--focus)", outlineOffset: "2px" },
  ".cm-scroller": { fontFamily: "inherit", fontVariationSettings: '"MONO" 1', lineHeight: "24px", overflow: "visible" },
  ".cm-content": { padding: "0", caretColor: "var(--ink)" },
  ".cm-gutters": { backgroundColor: "transparent", color: "var(--soft)", border: "none", fontSize: "13px" },
  ".cm-lineNumbers .cm-gutterElement": { padding: "0 5px 0 2px", minWidth: "24px" },
  ".cm-cursor": { borderLeftColor: "var(--ink)" },
  ".cm-selectionBackground, &.cm-focused .cm-selectionBackground": { backgroundColor: "color-mix(in srgb, var(--focus) 28%, transparent) !important" },
  ".cm-lintRange-error": { backgroundImage: "none", borderBottom: "2px wavy var(--bad)", textDecoration: "underline wavy var(--bad) 1.5px", textUnderlineOffset: "4px", border: "0" },
  ".cm-lintRange-warning": { backgroundImage: "none", textDecoration: "underline wavy var(--warn) 1.5px", textUnderlineOffset: "4px" },
  ".cm-tooltip": { backgroundColor: "var(--sheet)", color: "var(--ink)", border: "1px solid var(--edge)", maxWidth: "420px" },
  ".cm-diagnostic": { padding: "8px 10px" },
  ".cm-diagnosticAction": { backgroundColor: "var(--act)", color: "var(--act-ink)", padding: "4px 10px", borderRadius: "3px" },
});

/** The text as CodeMirror holds it: grows with its lines, tells where each line stands, shows problems in place. */
export default function CodeEditor({ text, nonce, pattern, labelledBy, onText, onPlaces }: CodeEditorProps) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const handlers = useRef({ onText, onPlaces });
  useEffect(() => {
    handlers.current = { onText, onPlaces };
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
          EditorView.cspNonce.of(nonce), lineNumbers(), history(), drawSelection(), EditorView.lineWrapping, look,
          keymap.of([...defaultKeymap, ...historyKeymap]),
          labels.of(EditorView.contentAttributes.of({ "aria-labelledby": labelledBy, spellcheck: "false", autocapitalize: "off", autocorrect: "off" })),
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
    if (v && v.state.doc.toString() !== text) v.dispatch({ changes: { from: 0, to: v.state.doc.length, insert: text } });
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
      severity: p.severity === "error" ? "error" : p.severity === "warning" ? "warning" : "info",
      message: problemText(p),
      actions: p.fix ? [{ name: p.fix.label, apply: (target) => p.fix && target.dispatch({ changes: { from: clamp(p.fix.from), to: clamp(p.fix.to), insert: p.fix.text } }) }] : [],
    }));
    v.dispatch(setDiagnostics(v.state, list));
  }, [pattern, text]);

  return <div ref={host} />;
}
