import { useCallback, useEffect, useState } from "react";

/** How the table answers a press without being looked at. */
export const SIGNALS = ["none", "sound", "vibration", "both"] as const;
export type Signal = (typeof SIGNALS)[number];
/** A round done; something that wants a look (eyes, filling, closing); the last of the piece. */
export type SignalOf = "round" | "look" | "end";

const NAME = "lapka-bench-signal";
/** Pitches in Hz, each a tenth of a second; pulses and gaps in ms. */
const TONES: Readonly<Record<SignalOf, readonly number[]>> = {
  round: [660],
  look: [660, 880],
  end: [660, 880, 1100],
};
const PULSES: Readonly<Record<SignalOf, readonly number[]>> = {
  round: [40],
  look: [40, 80, 40],
  end: [40, 80, 40, 80, 120],
};
const TONE_S = 0.1;

/** Kept on the device: a telephone in a pocket buzzes, a tablet on the table sounds. */
export function useSignal(): {
  readonly signal: Signal;
  readonly choose: (s: Signal) => void;
  readonly give: (of: SignalOf) => void;
} {
  const [signal, setSignal] = useState<Signal>("none");
  useEffect(() => {
    try {
      const kept = SIGNALS.find((s) => s === localStorage.getItem(NAME));
      // eslint-disable-next-line react-hooks/set-state-in-effect
      if (kept) setSignal(kept);
    } catch {
      // Without a store it is chosen anew each time.
    }
  }, []);
  const choose = useCallback((s: Signal) => {
    setSignal(s);
    try {
      localStorage.setItem(NAME, s);
    } catch {
      // Chosen for this time.
    }
    play(s, "round");
  }, []);
  return { signal, choose, give: useCallback((of: SignalOf) => play(signal, of), [signal]) };
}

let context: AudioContext | undefined;
function play(signal: Signal, of: SignalOf): void {
  if (signal === "vibration" || signal === "both") navigator.vibrate?.([...PULSES[of]]);
  if (signal !== "sound" && signal !== "both") return;
  try {
    context ??= new AudioContext();
    const begin = context.currentTime;
    for (const [i, hz] of TONES[of].entries()) {
      const tone = context.createOscillator();
      const loud = context.createGain();
      tone.frequency.value = hz;
      loud.gain.setValueAtTime(0.15, begin + i * TONE_S);
      loud.gain.linearRampToValueAtTime(0, begin + (i + 1) * TONE_S);
      tone.connect(loud).connect(context.destination);
      tone.start(begin + i * TONE_S);
      tone.stop(begin + (i + 1) * TONE_S);
    }
  } catch {
    // No loudspeaker: the work goes on without.
  }
}
