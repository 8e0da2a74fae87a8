import { lazy, Suspense, useCallback, useMemo, useRef, useState } from "react";
import styled from "styled-components";
import { unsureOf, type ColumnWay, type TextPlace } from "@core/page";
import { Button, Small } from "../../../ui/basics";
import { Select } from "../../../ui/field";
import { FormFoot, Modal } from "../../../ui/modal";
import { useNonce } from "../../../ui/nonce";
import type { Brought } from "./read-file";
import type { ReviewHandle } from "./review-editor";
import { SourcePages, WordPicture } from "./source-pages";

const ReviewEditor = lazy(() => import("./review-editor"));

const WAYS: Readonly<Record<ColumnWay, string>> = {
  auto: "as they look",
  columns: "one after the other",
  across: "straight across",
};

/** What came out of a file beside the file itself, to be put right before it is taken. */
export function Review({
  brought,
  open,
  hasText,
  onColumns,
  onClose,
  onUse,
}: {
  brought: Brought;
  open: boolean;
  hasText: boolean;
  onColumns: (way: ColumnWay) => void;
  onClose: () => void;
  onUse: (text: string, how: "replace" | "below") => void;
}) {
  const editor = useRef<ReviewHandle>(null);
  const [way, setWay] = useState<ColumnWay>("auto");
  const [at, setAt] = useState<TextPlace>();
  const [left, setLeft] = useState(0);
  const { text, places, leftOut } = brought.read;
  const unsure = useMemo(() => unsureOf(text, places), [text, places]);
  const nonce = useNonce();
  const told = useCallback((place: TextPlace | undefined, count: number) => {
    setAt(place);
    setLeft(count);
  }, []);
  const use = (how: "replace" | "below") => onUse(editor.current?.text() ?? text, how);
  const notes = [
    ...brought.notes,
    ...(leftOut.length > 0
      ? [`Left out as running heads and page numbers: ${leftOut.map((l) => `“${l}”`).join(", ")}.`]
      : []),
  ];
  return (
    <Modal title={`What was read from ${brought.name}`} open={open} onClose={onClose} wide>
      <Bar>
        {unsure.length > 0 ? (
          <>
            <Button type="button" onClick={() => editor.current?.next()} disabled={left === 0}>
              Next word to look at <Keys>F8</Keys>
            </Button>
            <span aria-live="polite">
              {left === 0
                ? "Every marked word was looked at."
                : `${left} ${left === 1 ? "word" : "words"} marked`}
            </span>
            {at ? <WordPicture place={at} picture={brought.pictures[at.page]} /> : null}
          </>
        ) : null}
        {brought.pages.length > 0 ? (
          <Ways>
            Columns
            <Select
              value={way}
              onChange={(e) => {
                const next = e.target.value as ColumnWay;
                setWay(next);
                onColumns(next);
              }}
            >
              {Object.entries(WAYS).map(([key, label]) => (
                <option key={key} value={key}>
                  {label}
                </option>
              ))}
            </Select>
          </Ways>
        ) : null}
      </Bar>
      <Panes $one={brought.pictures.length === 0}>
        {brought.pictures.length > 0 ? (
          <Pane $source tabIndex={0} role="group" aria-label="The pages as they came">
            <SourcePages pictures={brought.pictures} unsure={unsure} at={at} />
          </Pane>
        ) : null}
        <Pane>
          <Suspense fallback={<p>Getting the text ready…</p>}>
            <ReviewEditor
              ref={editor}
              text={text}
              unsure={unsure}
              nonce={nonce}
              label="The text as it was read"
              onAt={told}
            />
          </Suspense>
        </Pane>
      </Panes>
      {notes.map((n) => (
        <Small as="p" key={n}>
          {n}
        </Small>
      ))}
      <Small as="p">
        Only patterns that you may sell from belong in a shop: look at what the designer’s licence says.
      </Small>
      <FormFoot>
        <Button type="button" onClick={onClose}>
          Not now
        </Button>
        {hasText ? (
          <Button type="button" onClick={() => use("below")}>
            Put it below what is there
          </Button>
        ) : null}
        <Button type="button" $primary onClick={() => use("replace")}>
          {hasText ? "Replace what is there" : "Use this text"}
        </Button>
      </FormFoot>
    </Modal>
  );
}

const Keys = styled.kbd`
  font-size: 12px;
  padding: 0 5px;
  border: 1px solid var(--edge);
  border-radius: 3px;
`;
const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  min-height: 52px;
`;
const Ways = styled.label`
  display: flex;
  align-items: center;
  gap: 8px;
  margin-left: auto;
  font-size: 13px;
  font-weight: 560;
`;
const Panes = styled.div<{ $one: boolean }>`
  display: grid;
  grid-template-columns: ${(p) => (p.$one ? "1fr" : "minmax(0, 1fr) minmax(0, 1fr)")};
  gap: 12px;
  margin: 10px 0;
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;
const Pane = styled.div<{ $source?: boolean }>`
  height: min(58vh, 640px);
  overflow: auto;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--ground);
  @media (max-width: 760px) {
    height: ${(p) => (p.$source ? "auto" : "36vh")};
    max-height: 36vh;
  }
`;
