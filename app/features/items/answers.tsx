import { Undo2 } from "lucide-react";
import styled from "styled-components";
import { Button } from "../../ui/basics";
import { answerGiven } from "./answer-text";
import type { Asked } from "./found-panel";

/** What she said of doubts: part of the reading until it is taken back. */
export function Answers({ asked, terms }: { asked: Asked; terms: "us" | "uk" }) {
  return (
    <Told aria-label="What you said of this pattern">
      <b>You said:</b>
      <ul>
        {asked.answers.map((a, i) => (
          <li key={i}>
            <span>{answerGiven(a, terms)}</span>
            <Button type="button" $quiet onClick={() => asked.onTakeBack(a)}>
              <Undo2 size={15} aria-hidden /> Take back<span className="sr"> {answerGiven(a, terms)}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Told>
  );
}

const Told = styled.section`
  margin-top: 12px;
  font-size: 14px;
  ul {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
    display: grid;
    gap: 2px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: center;
    justify-content: space-between;
    padding-left: 12px;
    border-left: 4px double var(--act);
  }
`;
