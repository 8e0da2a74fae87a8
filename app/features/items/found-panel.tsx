import { MessageCircleQuestion } from "lucide-react";
import { lazy } from "react";
import styled from "styled-components";
import {
  couldNotRead,
  problemText,
  type Answer,
  type CheckedPattern,
  type Problem,
  type Uncounted,
} from "@core/notation";
import { Badge, Button } from "../../ui/basics";
import { Late } from "../../ui/late";

// Menus and the words of answers are for texts with doubts: most have none.
const AnswerMenu = lazy(async () => ({ default: (await import("./answer-menu")).AnswerMenu }));
const Answers = lazy(async () => ({ default: (await import("./answers")).Answers }));

/** Doubts that she may settle herself, and what she said of them so far. */
export interface Asked {
  readonly answers: readonly Answer[];
  /** What she might say of a problem: tried on the text, so it is asked only when the list is opened. */
  readonly ask: (p: Problem) => readonly Answer[];
  readonly onAnswer: (a: Answer) => void;
  readonly onTakeBack: (a: Answer) => void;
}

/**
 * What the count found below the text: slips, words that could not be read, what she answered, what is in no
 * count.
 */
export function FoundPanel({
  pattern,
  onFix,
  asked,
  empty,
  waiting,
}: {
  pattern: CheckedPattern;
  onFix: (p: Problem) => void;
  asked: Asked;
  empty: boolean;
  /** These words were not read yet: nothing can be said of them. */
  waiting: boolean;
}) {
  const { problems } = pattern;
  if (empty)
    return (
      <Note>
        Paste or type a pattern: a name on a line of its own begins a part, then “Rnd 1: 6 sc in magic ring
        (6)” and so on. It is counted as you type.
      </Note>
    );
  if (waiting) return <Note role="status">These words are not counted yet.</Note>;
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
        {unread > 0 ? <Badge $tone="plain">{unread} could not be read</Badge> : null}{" "}
        {`${pattern.terms.toUpperCase()} terms: ${pattern.termsReason}.`}
      </Note>
      {problems.length > 0 ? (
        <ul>
          {problems.slice(0, 30).map((p, i) => (
            <OneFound
              key={`${p.code}-${p.from}-${i}`}
              p={p}
              onFix={onFix}
              asked={asked}
              terms={pattern.terms}
            />
          ))}
        </ul>
      ) : null}
      {asked.answers.length > 0 ? (
        <Late>
          <Answers asked={asked} terms={pattern.terms} />
        </Late>
      ) : null}
      <NotCounted list={pattern.uncounted} />
    </Found>
  );
}

/** Slips of the maker's may be what she means; what a number says of its round is hers to say. */
const ASKED = new Set<Problem["code"]>([
  "unknown-word",
  "not-understood",
  "total-wrong",
  "count-wrong",
  "too-few-used",
  "too-many-used",
  "stitches-left",
  "repeat-does-not-fit",
  "round-twice",
  "round-missing",
]);

function OneFound({
  p,
  onFix,
  asked,
  terms,
}: {
  p: Problem;
  onFix: (p: Problem) => void;
  asked: Asked;
  terms: "us" | "uk";
}) {
  return (
    <li data-severity={p.severity} data-unread={couldNotRead(p) || undefined}>
      <span>
        {couldNotRead(p) ? <Unread>Could not read</Unread> : null}
        <b>Line {p.line}.</b> {problemText(p)}
      </span>
      {p.fix ? (
        <Button type="button" onClick={() => onFix(p)}>
          {p.fix.label}
        </Button>
      ) : null}
      {ASKED.has(p.code) ? (
        <Late>
          <AnswerMenu line={p.line} terms={terms} ask={() => asked.ask(p)} onAnswer={asked.onAnswer}>
            <MessageCircleQuestion size={16} aria-hidden /> It means…
          </AnswerMenu>
        </Late>
      ) : null}
    </li>
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
