import { FileUp, X } from "lucide-react";
import { useEffect, useState } from "react";
import { DropZone, FileTrigger, Button as AriaButton, isFileDropItem } from "react-aria-components";
import styled from "styled-components";
import { Button, pressed, Row, Small } from "../../../ui/basics";
import { ACCEPT } from "./kinds";
import type { Brought } from "./read-file";
import { Review } from "./review";
import { useBring } from "./use-bring";

/**
 * A pattern brought in from a file: text, Word, PDF, or photos, by choosing, dropping or pasting. What was
 * read is looked at beside its source before `onText` takes it.
 */
export function BringPattern({
  hasText,
  onText,
}: {
  /** Whether there is a text already. */
  hasText: () => boolean;
  onText: (text: string, how: "replace" | "below", from: Brought) => void;
}) {
  const { busy, wrong, brought, read, cancel, columns } = useBring();
  const [open, setOpen] = useState(false);
  const bring = async (files: readonly File[], asPictures = false) => {
    if (files.length > 0 && (await read(files, asPictures))) setOpen(true);
  };
  usePastedFiles((files) => void bring(files));
  return (
    <>
      <Zone
        aria-label="Bring in a pattern from a file"
        onDrop={(e) =>
          void Promise.all(e.items.filter(isFileDropItem).map((i) => i.getFile())).then((f) => bring(f))
        }
      >
        {busy ? (
          <Row role="status">
            <progress aria-label={busy.what} value={busy.share} max={1} />
            {/* Before the words, which grow and shrink: a button stays where the thumb goes. */}
            <Button type="button" onClick={cancel}>
              <X size={15} aria-hidden /> Cancel
            </Button>
            <span>{busy.what}…</span>
          </Row>
        ) : (
          <Row>
            <FileTrigger
              acceptedFileTypes={ACCEPT.split(",")}
              allowsMultiple
              onSelect={(l) => l && void bring([...l])}
            >
              <Choose>
                <FileUp size={17} aria-hidden /> Bring in a file
              </Choose>
            </FileTrigger>
            <Small>
              Text, Word, PDF, photos of the pages, or an item handed on as ZIP. Drop it here, or paste a
              picture.
            </Small>
            {brought ? (
              <Button type="button" onClick={() => setOpen(true)}>
                Look again at {brought.name}
              </Button>
            ) : null}
          </Row>
        )}
        {wrong ? (
          <Wrong role="alert">
            {wrong.why}{" "}
            {wrong.again ? (
              <Button type="button" onClick={() => void bring(wrong.again ?? [], true)}>
                Recognise its pages
              </Button>
            ) : null}
          </Wrong>
        ) : null}
      </Zone>
      {brought ? (
        <Review
          brought={brought}
          open={open}
          hasText={open && hasText()}
          onColumns={columns}
          onClose={() => setOpen(false)}
          onUse={(text, how) => {
            setOpen(false);
            onText(text, how, brought);
          }}
        />
      ) : null}
    </>
  );
}

/** Pictures and files pasted anywhere on the page; pasted text goes where it is pasted. */
function usePastedFiles(take: (files: readonly File[]) => void) {
  useEffect(() => {
    const paste = (e: ClipboardEvent) => {
      const files = [...(e.clipboardData?.files ?? [])];
      if (e.defaultPrevented || files.length === 0 || e.clipboardData?.getData("text/plain")) return;
      e.preventDefault();
      // The zone hears of pasting too while it has the focus: one paste is one reading.
      e.stopImmediatePropagation();
      take(files);
    };
    document.addEventListener("paste", paste);
    return () => document.removeEventListener("paste", paste);
  });
}

const Zone = styled(DropZone)`
  border: 1px dashed var(--edge);
  border-radius: 5px;
  padding: 10px 12px;
  &[data-drop-target] {
    border: 2px solid var(--act);
    padding: 9px 11px;
    background: color-mix(in srgb, var(--act) 8%, transparent);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
`;
const Choose = styled(AriaButton)`
  ${pressed}
  &[data-focus-visible] {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
`;
const Wrong = styled.p`
  margin: 10px 0 0;
  color: var(--bad);
  font-weight: 560;
`;
