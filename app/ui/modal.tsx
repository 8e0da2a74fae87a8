import { X } from "lucide-react";
import type { ReactNode } from "react";
import { Dialog, Heading, Modal as AriaModal, ModalOverlay } from "react-aria-components";
import styled from "styled-components";
import { Button } from "./basics";
import { Late } from "./late";

/** A form on top of the page: focus goes in, Escape leaves, focus comes back. */
export function Modal({
  title,
  open,
  onClose,
  children,
  wide = false,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
  /** For two things side by side. */
  wide?: boolean;
}) {
  return (
    <Overlay isOpen={open} onOpenChange={(is) => !is && onClose()} isDismissable={false}>
      <AriaModal>
        <Box $wide={wide}>
          <Head>
            <Heading slot="title">{title}</Heading>
            <Button type="button" $quiet aria-label="Close" onClick={onClose}>
              <X size={18} aria-hidden />
            </Button>
          </Head>
          {/* What stands in a dialog may be fetched when it is opened. */}
          <Late waits={<p role="status">Opening …</p>}>{children}</Late>
        </Box>
      </AriaModal>
    </Overlay>
  );
}

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
  background: rgb(10 20 24 / 0.45);
  display: grid;
  place-items: start center;
  padding: 6vh 12px 12px;
  overflow: auto;
`;
const Box = styled(Dialog)<{ $wide: boolean }>`
  width: min(${(p) => (p.$wide ? 1240 : 620)}px, calc(100vw - 24px));
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 6px;
  box-shadow: var(--shadow);
  padding: 14px 18px 18px;
  outline: none;
`;
const Head = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 12px;
  [slot="title"] {
    font-size: 18px;
  }
`;
export const FormFoot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  justify-content: flex-end;
  margin-top: 16px;
`;
