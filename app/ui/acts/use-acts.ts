import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { actsKnown, actsTaken, actsUnsent, keepAct, type Act } from "./store";

/** What the server answers: acts that it has, and how far they go. */
export interface ActsAnswer<A extends Act> {
  readonly acts: readonly A[];
  /** Sent along with the next sending: only what changed since is answered. */
  readonly until?: number;
}

export interface ActList<A extends Act> {
  /** Name of the store on this device. */
  readonly store: string;
  readonly line: string;
  /** Where acts are sent. */
  readonly url: string;
  /** What is sent along with them. */
  readonly about: Readonly<Record<string, unknown>>;
  /** What the page came with. */
  readonly server: readonly A[];
  readonly most: number;
}

const RETRY_MS = [1000, 2000, 5000, 10_000, 30_000];

/** The name this browser goes by among devices. */
export function deviceName(): string {
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
 * Acts are kept in the browser first, shown at once, and sent when the server is there. What other devices
 * did comes back with every sending.
 */
export function useActs<A extends Act>(
  list: ActList<A>,
): {
  readonly acts: readonly A[];
  readonly waiting: number;
  readonly refused: string | undefined;
  readonly tell: (...told: readonly A[]) => void;
  /** Asks for what others did. */
  readonly ask: () => void;
} {
  const { store, line, url, most } = list;
  const [acts, setActs] = useState<ReadonlyMap<string, A>>(() => new Map(list.server.map((a) => [a.key, a])));
  const [waiting, setWaiting] = useState<ReadonlySet<string>>(new Set());
  const [refused, setRefused] = useState<string>();
  const add = useCallback((more: readonly A[]) => {
    if (more.length > 0) setActs((had) => new Map([...had, ...more.map((a): [string, A] => [a.key, a])]));
  }, []);

  const sending = useRef(false);
  const tries = useRef(0);
  const until = useRef<number>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const about = useRef(list.about);
  useEffect(() => {
    about.current = list.about;
  });
  const send = useRef<() => Promise<void>>(async () => undefined);
  useEffect(() => {
    send.current = async () => {
      if (sending.current) return;
      sending.current = true;
      clearTimeout(timer.current);
      try {
        for (;;) {
          const batch = (await actsUnsent<A>(store, line)).slice(0, most);
          const answer = await fetch(url, {
            method: "POST",
            headers: { "Content-Type": "application/json" },
            body: JSON.stringify({ ...about.current, since: until.current, acts: batch }),
          });
          if (answer.status >= 500 || answer.status === 429) throw new TypeError("the server is away");
          const reply = (await answer.json()) as ActsAnswer<A> | { refused?: string };
          if (!("acts" in reply)) {
            setRefused(reply.refused ?? "The server did not take what was done. It stays on this device.");
            return;
          }
          // What was sent and not refused is there, whether it is answered or not.
          await actsTaken(store, line, [...batch, ...reply.acts]);
          add(reply.acts);
          until.current = reply.until;
          setRefused(undefined);
          tries.current = 0;
          const taken = new Set([...batch, ...reply.acts].map((a) => a.key));
          setWaiting((w) => new Set([...w].filter((key) => !taken.has(key))));
          // Done meanwhile: once more.
          if ((await actsUnsent<A>(store, line)).length === 0) return;
        }
      } catch {
        const pause = RETRY_MS[Math.min(tries.current++, RETRY_MS.length - 1)] ?? 30_000;
        timer.current = setTimeout(() => void send.current(), pause);
      } finally {
        sending.current = false;
      }
    };
  }, [store, line, url, most, add]);

  useEffect(() => {
    let gone = false;
    void Promise.all([actsKnown<A>(store, line), actsUnsent<A>(store, line)]).then(([all, unsent]) => {
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
  }, [store, line, add]);

  const tell = useCallback(
    (...told: readonly A[]): void => {
      add(told);
      setWaiting((w) => new Set([...w, ...told.map((a) => a.key)]));
      void Promise.all(told.map((a) => keepAct(store, line, a))).then(() => send.current());
    },
    [store, line, add],
  );
  const ask = useCallback(() => void send.current(), []);
  const all = useMemo(() => [...acts.values()], [acts]);
  return { acts: all, waiting: waiting.size, refused, tell, ask };
}
