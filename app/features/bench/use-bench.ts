import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { benchState, type BenchAct, type BenchState, type BenchStep } from "@core/planning";
import type { ActsReply } from "../../routes/bench-acts";
import { MOST_SENT } from "./acts";
import { actsKnown, actsTaken, keepAct } from "./store";

/** What an act says of itself; key, time and device are put to it. */
export type Told = BenchAct extends infer A
  ? A extends BenchAct
    ? Omit<A, "key" | "at" | "device">
    : never
  : never;

const RETRY_MS = [1000, 2000, 5000, 10_000, 30_000];

/** The name this browser goes by among devices. */
function deviceName(): string {
  try {
    const had = localStorage.getItem("lapka-device");
    if (had) return had;
    const made = crypto.randomUUID().slice(0, 13);
    localStorage.setItem("lapka-device", made);
    return made;
  } catch {
    return "device";
  }
}

/**
 * The bench of one line: acts are kept in the browser first, shown at once, and sent when the server is there. What other
 * devices did comes back with every sending.
 */
export function useBench(
  line: string,
  steps: readonly BenchStep[],
  quantity: number,
  server: readonly BenchAct[],
  about: { readonly workshop: string; readonly handId: string | null },
): {
  readonly state: BenchState;
  readonly acts: readonly BenchAct[];
  readonly waiting: number;
  readonly refused: string | undefined;
  readonly tell: (told: Told) => BenchAct;
} {
  const [acts, setActs] = useState<ReadonlyMap<string, BenchAct>>(
    () => new Map(server.map((a) => [a.key, a])),
  );
  const [waiting, setWaiting] = useState<ReadonlySet<string>>(new Set());
  const [refused, setRefused] = useState<string>();
  const add = useCallback((list: readonly BenchAct[]) => {
    setActs((had) => new Map([...had, ...list.map((a): [string, BenchAct] => [a.key, a])]));
  }, []);

  const sending = useRef(false);
  const tries = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const who = useRef(about);
  useEffect(() => {
    who.current = about;
  });
  const send = useRef<() => Promise<void>>(async () => undefined);
  useEffect(() => {
    send.current = async () => {
      if (sending.current) return;
      sending.current = true;
      clearTimeout(timer.current);
      try {
        for (;;) {
          const { unsent } = await actsKnown(line);
          const batch = unsent.slice(0, MOST_SENT);
          const answer = await fetch(`/bench/${line}/acts`, {
            method: "POST",
            headers: { "Content-Type": "application/json" },
            body: JSON.stringify({ ...who.current, acts: batch }),
          });
          if (answer.status >= 500) throw new TypeError("the server is away");
          const reply = (await answer.json()) as ActsReply | { refused?: string };
          if (!("acts" in reply)) {
            setRefused(reply.refused ?? "The server did not take what was done. It stays on this device.");
            return;
          }
          await actsTaken(line, reply.acts);
          add(reply.acts);
          setRefused(undefined);
          tries.current = 0;
          const taken = new Set(reply.acts.map((a) => a.key));
          setWaiting((w) => new Set([...w].filter((key) => !taken.has(key))));
          // Done meanwhile: once more.
          if ((await actsKnown(line)).unsent.length === 0) return;
        }
      } catch {
        const pause = RETRY_MS[Math.min(tries.current++, RETRY_MS.length - 1)] ?? 30_000;
        timer.current = setTimeout(() => void send.current(), pause);
      } finally {
        sending.current = false;
      }
    };
  }, [line, add]);

  useEffect(() => {
    let gone = false;
    void actsKnown(line).then(({ all, unsent }) => {
      if (gone) return;
      add(all);
      setWaiting((w) => new Set([...w, ...unsent.map((a) => a.key)]));
      void send.current();
    });
    const back = () => void send.current();
    window.addEventListener("online", back);
    return () => {
      gone = true;
      clearTimeout(timer.current);
      window.removeEventListener("online", back);
    };
  }, [line, add]);

  const tell = useCallback(
    (told: Told): BenchAct => {
      const act = { ...told, key: crypto.randomUUID(), at: Date.now(), device: deviceName() } as BenchAct;
      add([act]);
      setWaiting((w) => new Set([...w, act.key]));
      void keepAct(line, act).then(() => send.current());
      return act;
    },
    [line, add],
  );
  const list = useMemo(() => [...acts.values()], [acts]);
  const state = useMemo(() => benchState(steps, quantity, list), [steps, quantity, list]);
  return { state, acts: list, waiting: waiting.size, refused, tell };
}
