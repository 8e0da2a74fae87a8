import { useCallback, useEffect, useRef, useState } from "react";

export interface ScaleNow {
  readonly state: "none" | "waiting" | "live" | "gone";
  readonly grams: number;
  readonly stable: boolean;
  readonly stepGrams: number;
}

/** The scale's live reading, when one is connected to the server. */
export function useScale(on: boolean): ScaleNow & { send: (command: string) => void } {
  const [now, setNow] = useState<ScaleNow>({ state: "none", grams: 0, stable: false, stepGrams: 0.1 });
  const source = useRef<EventSource>(undefined);
  useEffect(() => {
    if (!on) return;
    const s = new EventSource("/scale/stream");
    source.current = s;
    s.addEventListener("reading", (e) => {
      const r = JSON.parse((e as MessageEvent<string>).data) as {
        grams: number;
        stable: boolean;
        stepGrams: number;
      };
      setNow({ state: "live", ...r });
    });
    s.addEventListener("gone", () => setNow((n) => ({ ...n, state: "gone", stable: false })));
    s.onerror = () => setNow((n) => ({ ...n, state: n.state === "none" ? "none" : "gone", stable: false }));
    return () => s.close();
  }, [on]);
  const send = useCallback((command: string) => {
    const body = new URLSearchParams({ command });
    void fetch("/scale", { method: "POST", body }).catch(() => undefined);
  }, []);
  return { ...now, send };
}
