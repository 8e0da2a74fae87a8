import { useEffect, useRef } from "react";
import styled from "styled-components";
import type { View } from "@core/figure";
import { newestOnly } from "./newest";
import type { FigureAway } from "./use-figure";

export interface StageProps {
  readonly away: FigureAway | undefined;
  readonly version: number;
  readonly colours: Readonly<Record<string, string>>;
  readonly view: View;
  readonly held: number | undefined;
  readonly label: string;
  readonly describedBy: string;
  readonly onView: (view: View) => void;
  readonly onPick: (put: number) => void;
  /** A piece is dragged to a point: where it would sit there. */
  readonly onDrag: (put: number, to: { band: number; angle: number }) => void;
  /** Grows whenever what was moved is put back or written down. */
  readonly epoch: number;
  readonly onScale: (pixelsPerMm: number) => void;
  /** Arrow keys with a piece held; true when they moved it. */
  readonly onStep: (across: number, down: number) => boolean;
}

const SIDE = 420;
const TILT_MOST = 75;

/** The figure as pixels from the worker. Dragging the ground turns it, dragging a part moves the part. */
export function FigureStage(props: StageProps) {
  const { away, version, colours, view, held, label } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawing = useRef(newestOnly());
  const asking = useRef(newestOnly());
  const latest = useRef(props);
  useEffect(() => {
    latest.current = props;
  });

  useEffect(() => {
    if (!away || version === 0) return;
    drawing.current(async () => {
      const picture = await away.remote.draw({ width: SIDE, height: SIDE, view, colours, held, margin: 14 });
      const context = canvas.current?.getContext("2d");
      if (!picture || !context) return;
      context.putImageData(new ImageData(picture.rgba, picture.width, picture.height), 0, 0);
      canvas.current?.setAttribute("data-drawn", `${view.turn} ${view.tilt} ${held ?? "none"}`);
      latest.current.onScale(picture.scale);
    });
  }, [away, version, colours, view, held]);

  const drag = useRef<{ x: number; y: number; view: View; put: number | undefined; moved: boolean } | null>(
    null,
  );
  const pointOf = (e: { clientX: number; clientY: number }) => {
    const box = canvas.current?.getBoundingClientRect();
    return box
      ? { x: ((e.clientX - box.left) / box.width) * SIDE, y: ((e.clientY - box.top) / box.height) * SIDE }
      : { x: 0, y: 0 };
  };
  return (
    <Canvas
      ref={canvas}
      width={SIDE}
      height={SIDE}
      tabIndex={0}
      role="img"
      aria-label={label}
      aria-describedby={props.describedBy}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { x: e.clientX, y: e.clientY, view, put: undefined, moved: false };
        const mine = drag.current;
        const p = pointOf(e);
        void away?.remote.at(p.x, p.y).then((put) => {
          mine.put = put;
        });
      }}
      onPointerMove={(e) => {
        const d = drag.current;
        if (!d) return;
        const [dx, dy] = [e.clientX - d.x, e.clientY - d.y];
        if (!d.moved && Math.hypot(dx, dy) < 4) return;
        d.moved = true;
        // What was taken hold of is told by the worker, a moment later.
        const { put } = d;
        if (put === undefined) return;
        if (put >= 0 && put === held) {
          const p = pointOf(e);
          const { epoch } = props;
          asking.current(async () => {
            const to = await away?.remote.near(put, p.x, p.y);
            // Put back meanwhile: what was dragged before that is over.
            if (to && latest.current.epoch === epoch) latest.current.onDrag(put, to);
          });
        } else
          props.onView({
            turn: d.view.turn + dx * 0.6,
            tilt: Math.max(-TILT_MOST, Math.min(TILT_MOST, d.view.tilt + dy * 0.4)),
          });
      }}
      onPointerUp={(e) => {
        const d = drag.current;
        drag.current = null;
        if (d && !d.moved)
          void away?.remote.at(pointOf(e).x, pointOf(e).y).then((put) => latest.current.onPick(put));
      }}
      onKeyDown={(e) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
        if (e.key === "Escape" && held !== undefined) {
          props.onPick(-1);
          e.preventDefault();
          return;
        }
        if (!step) return;
        e.preventDefault();
        const [across = 0, down = 0] = step;
        if (!props.onStep(across, down))
          props.onView({
            turn: view.turn + across * 12,
            tilt: Math.max(-TILT_MOST, Math.min(TILT_MOST, view.tilt - down * 8)),
          });
      }}
    />
  );
}

const Canvas = styled.canvas`
  display: block;
  width: 100%;
  max-width: ${SIDE}px;
  aspect-ratio: 1;
  margin: 0 auto;
  touch-action: none;
  cursor: grab;
  border-radius: 6px;
  &:focus-visible {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
`;
