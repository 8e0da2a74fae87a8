import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { EditorState, StateField, type Range } from "@codemirror/state";
import {
  Decoration,
  drawSelection,
  EditorView,
  keymap,
  lineNumbers,
  type DecorationSet,
} from "@codemirror/view";
import { useEffect, useImperativeHandle, useRef, type Ref } from "react";
import type { TextPlace } from "@core/page";

export interface ReviewHandle {
  /** Goes to the next word to look at after the cursor, from the last to the first. */
  readonly next: () => void;
  readonly text: () => string;
}
export interface ReviewEditorProps {
  readonly text: string;
  readonly unsure: readonly TextPlace[];
  readonly nonce: string;
  readonly label: string;
  readonly ref: Ref<ReviewHandle>;
  /** The word to look at that the cursor is on, and how many are left. */
  readonly onAt: (at: TextPlace | undefined, left: number) => void;
}

const look = EditorView.theme({
  "&": { fontSize: "14px", backgroundColor: "transparent", color: "var(--ink)", height: "100%" },
  "&.cm-focused": { outline: "3px solid var(--focus)", outlineOffset: "-3px" },
  ".cm-scroller": { fontFamily: "inherit", fontVariationSettings: '"MONO" 1', lineHeight: "23px" },
  ".cm-content": { caretColor: "var(--ink)" },
  ".cm-gutters": { backgroundColor: "transparent", color: "var(--soft)", border: "none", fontSize: "13px" },
  ".cm-cursor": { borderLeftColor: "var(--ink)" },
  ".cm-selectionBackground, &.cm-focused .cm-selectionBackground": {
    backgroundColor: "color-mix(in srgb, var(--focus) 28%, transparent) !important",
  },
  ".cm-unsure": {
    backgroundColor: "color-mix(in srgb, var(--warn) 20%, transparent)",
    borderBottom: "2px dotted var(--warn)",
    borderRadius: "2px",
  },
});

const markOf = (place: TextPlace): Range<Decoration> =>
  Decoration.mark({
    class: "cm-unsure",
    place,
    attributes: { title: "Look at this word: is it right?" },
  }).range(place.from, place.to);

/** Marks stay with their words while the text around them changes; a word that is typed over is looked at. */
const marks = (unsure: readonly TextPlace[]) =>
  StateField.define<DecorationSet>({
    create: () => Decoration.set(unsure.map(markOf), true),
    update(set, tr) {
      if (!tr.docChanged) return set;
      const touched = (from: number, to: number): boolean => {
        let hit = false;
        tr.changes.iterChangedRanges((a, b) => (hit ||= a <= to && b >= from));
        return hit;
      };
      return set.update({ filter: (from, to) => !touched(from, to) }).map(tr.changes);
    },
    provide: (f) => EditorView.decorations.from(f),
  });

/** What was recognised, to be put right: words to look at are marked, F8 goes from one to the next. */
export default function ReviewEditor({ text, unsure, nonce, label, ref, onAt }: ReviewEditorProps) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const go = useRef<() => void>(() => {});
  const tell = useRef(onAt);
  useEffect(() => {
    tell.current = onAt;
  });
  useImperativeHandle(ref, () => ({
    next: () => go.current(),
    text: () => view.current?.state.doc.toString() ?? text,
  }));

  useEffect(() => {
    if (!host.current) return;
    const field = marks(unsure);
    const report = (v: EditorView) => {
      const at = v.state.selection.main.head;
      let place: TextPlace | undefined;
      const set = v.state.field(field);
      set.between(at, at, (_from, _to, d) => {
        place ??= (d.spec as { place: TextPlace }).place;
      });
      tell.current(place, set.size);
    };
    const next = (v: EditorView): boolean => {
      const ranges: { from: number; to: number }[] = [];
      v.state.field(field).between(0, v.state.doc.length, (from, to) => void ranges.push({ from, to }));
      const found = ranges.find((r) => r.from > v.state.selection.main.from) ?? ranges[0];
      if (!found) return false;
      v.dispatch({
        selection: { anchor: found.from, head: found.to },
        effects: EditorView.scrollIntoView(found.from, { y: "center" }),
      });
      v.focus();
      return true;
    };
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
          field,
          keymap.of([{ key: "F8", run: next }, ...defaultKeymap, ...historyKeymap]),
          EditorView.contentAttributes.of({
            "aria-label": label,
            spellcheck: "false",
            autocapitalize: "off",
          }),
          EditorView.updateListener.of((u) => {
            if (u.docChanged || u.selectionSet) report(u.view);
          }),
        ],
      }),
    });
    view.current = made;
    go.current = () => void next(made);
    report(made);
    return () => made.destroy();
    // Made anew for another reading only.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [text, unsure]);

  return <Host ref={host} />;
}
const Host = (props: { ref: Ref<HTMLDivElement> }) => <div {...props} style={{ height: "100%" }} />;
