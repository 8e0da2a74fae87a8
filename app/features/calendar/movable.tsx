import { GripVertical } from "lucide-react";
import { useRef, type ReactNode } from "react";
import { useButton, useDrag, useDrop, type TextDropItem } from "react-aria";
import styled from "styled-components";
import { landed, type Shift } from "./use-shift";

/** What is dragged within the calendar; dropped anywhere else it is its name. */
const SHIFT = "application/x-lapka-day";
export type Dragged = Omit<Shift, "to">;

/**
 * Something of a day that is dragged to another; by keys it is picked up by its grip, which the first of several
 * days of one thing has for all of them.
 */
export function Movable({
  dragged,
  gripped = true,
  children,
}: {
  dragged: Dragged;
  gripped?: boolean;
  children: ReactNode;
}) {
  const grip = useRef<HTMLDivElement>(null);
  const { dragProps, dragButtonProps, isDragging } = useDrag({
    getItems: () => [{ [SHIFT]: JSON.stringify(dragged), "text/plain": dragged.label }],
    getAllowedDropOperations: () => ["move"],
    hasDragButton: true,
  });
  const { buttonProps } = useButton({ ...dragButtonProps, elementType: "div" }, grip);
  return (
    <Carried {...dragProps} data-dragging={isDragging || undefined}>
      {children}
      {gripped ? (
        <div {...buttonProps} ref={grip} className="grip" aria-label={`Move ${dragged.label} to another day`}>
          <GripVertical size={13} aria-hidden />
        </div>
      ) : null}
    </Carried>
  );
}

/** Takes what is dragged here. */
export function useDay(on: string, onShift: (s: Shift) => void) {
  const ref = useRef<HTMLDivElement>(null);
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: (types) => (types.has(SHIFT) ? "move" : "cancel"),
    onDrop: (e) => {
      const item = e.items.find((i): i is TextDropItem => i.kind === "text" && i.types.has(SHIFT));
      if (item) void item.getText(SHIFT).then((text) => onShift(landed(JSON.parse(text) as Dragged, on)));
    },
  });
  return { ref, dropProps, isDropTarget };
}

const Carried = styled.div`
  display: flex;
  align-items: center;
  min-width: 0;
  cursor: grab;
  &[data-dragging] {
    opacity: 0.5;
  }
  > a,
  > small {
    flex: 1;
    min-width: 0;
  }
  .grip {
    display: grid;
    place-items: center;
    min-width: 24px;
    min-height: 24px;
    color: var(--soft);
    border-radius: 3px;
    opacity: 0;
  }
  &:hover .grip,
  .grip:focus-visible {
    opacity: 1;
  }
  .grip:focus-visible {
    outline: 3px solid var(--focus);
  }
  @media (max-width: 720px) {
    .grip {
      position: absolute;
      clip-path: inset(50%);
    }
  }
`;
