import type { Socket } from "node:net";
import { deviceLines, tellDevice } from "./device-lines";

export interface ScaleReading {
  readonly grams: number;
  readonly stable: boolean;
  readonly stepGrams: number;
}
/**
 * What the app needs of any scale: a stream of readings with word of the plug, and a tare. Another device
 * fills the same.
 */
export interface Scale {
  /** Calls back with each reading, and with undefined when the scale is gone. Answers how to stop. */
  readonly listen: (on: (reading: ScaleReading | undefined) => void) => () => void;
  readonly send: (command: string) => Promise<void>;
}

/** "stable 12.3 g step 0.1" → a reading; anything else is not one. */
export function readScaleLine(line: string): ScaleReading | undefined {
  const m = /^(stable|moving) (-?\d+(?:\.\d+)?) g step (\d+(?:\.\d+)?)$/.exec(line.trim());
  return m ? { stable: m[1] === "stable", grams: Number(m[2]), stepGrams: Number(m[3]) } : undefined;
}

const RETRY_MS = 700;

/** The scale on a local stream of text lines. It is looked for again whenever it is gone. */
export function streamScale(port: number): Scale {
  return {
    listen: (on) => {
      let socket: Socket | undefined;
      let timer: ReturnType<typeof setTimeout> | undefined;
      let stopped = false;
      const open = () => {
        socket = deviceLines(port, keyOf(), {
          line: (line) => {
            const reading = readScaleLine(line);
            if (reading) on(reading);
          },
          gone: () => {
            if (stopped) return;
            on(undefined);
            timer = setTimeout(open, RETRY_MS);
          },
        });
      };
      open();
      return () => {
        stopped = true;
        clearTimeout(timer);
        socket?.destroy();
      };
    },
    send: (command) => tellDevice(port, keyOf(), command),
  };
}

/** The scale obeys who knows its key: our own app, and no page or program that found its port. */
const keyOf = (): string | undefined => process.env.LAPKA_SCALE_KEY;

/** The scale this server was started with, if any. */
export function ownScale(): Scale | undefined {
  const port = Number(process.env.LAPKA_SCALE_PORT ?? 0);
  return port > 0 ? streamScale(port) : undefined;
}

const MOST_STREAMS = 60;
export interface ScaleHub {
  readonly listen: Scale["listen"];
  readonly full: () => boolean;
}

/** One connection to a scale for all pages that look at it, open only while one does. */
export function hubOf(scale: Scale, most = MOST_STREAMS): ScaleHub {
  const listeners = new Set<Parameters<Scale["listen"]>[0]>();
  let stop: (() => void) | undefined;
  return {
    full: () => listeners.size >= most,
    listen: (on) => {
      listeners.add(on);
      stop ??= scale.listen((reading) => {
        for (const l of [...listeners]) l(reading);
      });
      return () => {
        listeners.delete(on);
        if (listeners.size > 0) return;
        stop?.();
        stop = undefined;
      };
    },
  };
}
let hub: ScaleHub | undefined;
export function scaleHub(): ScaleHub | undefined {
  const scale = ownScale();
  if (!hub && scale) hub = hubOf(scale);
  return hub;
}
