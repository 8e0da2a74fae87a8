import {
  acceptCompletion,
  autocompletion,
  type Completion,
  type CompletionContext,
  type CompletionResult,
} from "@codemirror/autocomplete";
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from "@codemirror/language";
import { hoverTooltip, keymap, type EditorView, type Tooltip } from "@codemirror/view";
import type { Extension } from "@codemirror/state";
import { tags } from "@lezer/highlight";
import {
  meaningOf,
  nextRounds,
  stitchChoices,
  wordKind,
  type CheckedPattern,
  type Terms,
} from "@core/notation";

/**
 * No label and no word of a pattern is longer: what is longer is not looked at, so that a key stays a key on
 * any text.
 */
const LABEL_LETTERS = 30;
const WORD_LETTERS = 30;

/** What the editor asks of the page while somebody types. */
export interface PatternSource {
  readonly pattern: () => CheckedPattern;
}

const COLOURED = {
  label: "labelName",
  increase: "inserted",
  decrease: "deleted",
  stitch: "keyword",
  loops: "modifier",
  start: "atom",
  repeat: "operator",
} as const;

/** Words coloured by what they mean, in the terms the text is read in. */
function language(terms: () => Terms): Extension {
  return StreamLanguage.define<{ start: boolean }>({
    startState: () => ({ start: true }),
    token(stream, state) {
      if (stream.sol()) state.start = true;
      if (stream.eatSpace()) return null;
      const first = state.start;
      state.start = false;
      if (
        first &&
        stream.match(
          /^(rnds?|rounds?|rows?|r|rd)\.?\s?\d+(\s?[-–—]\s?r?\d+)?\s*[:.)]?|^\d+(\s?[-–]\s?\d+)?[:.)]/i,
        )
      )
        return "labelName";
      if (
        stream.match(/^[([{]\s{0,3}\d{1,6}\s{0,3}(sts?|sc|dc|stitches)?\.?\s{0,3}[)\]}]\s*$/i) ||
        stream.match(/^=\s*\d+.*$/)
      )
        return "number";
      if (stream.match(/^[([{}\])*×]/)) return "bracket";
      if (stream.match(/^\d+(?:tog)?/)) return null;
      const word = stream.match(/^[a-zà-ÿ]+\d*(?:tog)?/i);
      if (!word || word === true) {
        stream.next();
        return null;
      }
      const kind = wordKind(word[0].toLowerCase(), terms());
      return kind ? COLOURED[kind] : null;
    },
  });
}

const colours = HighlightStyle.define([
  { tag: tags.labelName, class: "w-label" },
  { tag: tags.keyword, class: "w-stitch" },
  { tag: tags.inserted, class: "w-inc" },
  { tag: tags.deleted, class: "w-dec" },
  { tag: tags.modifier, class: "w-loops" },
  { tag: tags.atom, class: "w-start" },
  { tag: tags.operator, class: "w-repeat" },
  { tag: tags.number, class: "w-total" },
  { tag: tags.bracket, class: "w-bracket" },
]);

function completions(source: PatternSource) {
  return (context: CompletionContext): CompletionResult | null => {
    const pattern = source.pattern();
    const line = context.state.doc.lineAt(context.pos);
    const before = line.text.slice(0, context.pos - line.from);
    if (
      before.length < LABEL_LETTERS &&
      /^\s*(r|rn|rnd|ro|rou|roun|round|row)?\.?\s?\d{0,3}[:.]?\s*$/i.test(before) &&
      line.text.slice(context.pos - line.from).trim() === "" &&
      (context.explicit || before.trim() !== "")
    ) {
      const options: Completion[] = nextRounds(pattern, context.state.doc.toString(), line.number).map(
        (n, i) => ({ label: n.text, detail: n.meaning, type: "text", boost: 10 - i }),
      );
      if (options.length > 0) return { from: line.from, options, filter: false };
    }
    const word = context.matchBefore(/[a-z]{1,12}/i);
    if (!word || (word.text.length < 2 && !context.explicit)) return null;
    return {
      from: word.from,
      options: stitchChoices(pattern.terms).map((c) => ({
        label: c.word,
        detail: c.meaning,
        type: "keyword",
      })),
      validFor: /^[a-z ]*$/i,
    };
  };
}

function hover(source: PatternSource): Extension {
  return hoverTooltip((view: EditorView, pos: number): Tooltip | null => {
    const line = view.state.doc.lineAt(pos);
    const at = pos - line.from;
    const start = /[a-z0-9]*$/i.exec(line.text.slice(Math.max(0, at - WORD_LETTERS), at))?.[0].length ?? 0;
    const end = /^[a-z0-9]*/i.exec(line.text.slice(at, at + WORD_LETTERS))?.[0].length ?? 0;
    // "6sc": the number is not part of the word.
    const word = line.text.slice(at - start, at + end).replace(/^\d+/, "");
    const meaning = meaningOf(word, source.pattern().terms);
    if (!meaning) return null;
    return {
      pos: pos - start,
      end: pos + end,
      above: true,
      create: () => {
        const dom = document.createElement("div");
        dom.className = "cm-meaning";
        for (const [tag, text] of [
          ["b", meaning.title],
          ["span", meaning.note],
          ["span", meaning.other],
        ] as const) {
          const line = document.createElement(tag);
          line.textContent = text;
          dom.append(line);
        }
        return { dom };
      },
    };
  });
}

/** Everything the editor knows of written patterns. */
export function patternLanguage(source: PatternSource): Extension {
  return [
    language(() => source.pattern().terms),
    syntaxHighlighting(colours),
    autocompletion({ override: [completions(source)], icons: false, activateOnTypingDelay: 60 }),
    keymap.of([{ key: "Tab", run: acceptCompletion }]),
    hover(source),
  ];
}
