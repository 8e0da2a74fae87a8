import { useState, type ReactNode } from "react";
import { Button as AriaButton, Menu, MenuItem, MenuTrigger, Popover } from "react-aria-components";
import styled from "styled-components";
import type { Answer } from "@core/notation";
import { pressed } from "../../ui/basics";
import { answerChoice } from "./answer-text";

/**
 * What she might say of a doubt; asked for when the list opens, since each answer is tried on the whole text.
 */
export function AnswerMenu({
  line,
  terms,
  ask,
  onAnswer,
  children,
}: {
  line: number;
  terms: "us" | "uk";
  ask: () => readonly Answer[];
  onAnswer: (a: Answer) => void;
  children: ReactNode;
}) {
  const [choices, setChoices] = useState<readonly Answer[]>([]);
  return (
    <MenuTrigger onOpenChange={(open) => open && setChoices(ask())}>
      <Press aria-label={`Say what line ${line} means`}>{children}</Press>
      <Box placement="bottom end">
        <Menu aria-label={`What line ${line} means`} onAction={(key) => give(choices[Number(key)], onAnswer)}>
          {choices.map((a, i) => (
            <Choice key={i} id={String(i)}>
              {answerChoice(a, terms)}
            </Choice>
          ))}
        </Menu>
      </Box>
    </MenuTrigger>
  );
}
const give = (a: Answer | undefined, onAnswer: (a: Answer) => void) => a && onAnswer(a);

const Press = styled(AriaButton)`
  ${pressed}
  &[data-focus-visible] {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
`;
const Box = styled(Popover)`
  min-width: 240px;
  max-width: min(380px, calc(100vw - 24px));
  max-height: 60vh;
  overflow: auto;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 6px;
  box-shadow: var(--shadow);
`;
const Choice = styled(MenuItem)`
  padding: 9px 14px;
  cursor: pointer;
  outline: none;
  color: var(--ink);
  &[data-focused] {
    background: var(--act);
    color: var(--act-ink);
  }
  @media (pointer: coarse) {
    min-height: 48px;
    display: flex;
    align-items: center;
  }
`;
