import { useRef } from "react";

const HOLD_MS = 480;

/**
 * A tap does one thing, holding another; the keyboard holds with Shift and Enter, the mouse with its other
 * button too.
 */
export function useHold(onTap: () => void, onHold: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const held = useRef(false);
  const stop = () => clearTimeout(timer.current);
  return {
    onPointerDown: (e: React.PointerEvent) => {
      held.current = false;
      if (e.button !== 0) return;
      timer.current = setTimeout(() => {
        held.current = true;
        onHold();
      }, HOLD_MS);
    },
    onPointerUp: stop,
    onPointerLeave: stop,
    onPointerCancel: stop,
    onContextMenu: (e: React.MouseEvent) => {
      e.preventDefault();
      stop();
      if (!held.current) onHold();
      held.current = true;
    },
    onClick: (e: React.MouseEvent) => {
      stop();
      if (held.current) {
        held.current = false;
        return;
      }
      if (e.shiftKey) onHold();
      else onTap();
    },
  };
}
