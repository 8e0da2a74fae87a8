import { useEffect } from "react";

/** Keeps the screen on while the view is open and looked at, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      try {
        const got = await navigator.wakeLock.request("screen");
        if (gone) void got.release();
        else lock = got;
      } catch {
        // A low battery refuses it: the screen goes dark as it always does.
      }
    };
    const again = () => void ask();
    void ask();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
