import { fork } from "node:child_process";
import { answerOf, type Reckoned, type ReckonerLimits, type ThreadAnswer } from "./reckoner";

/**
 * Reckons one task in a process of its own, so that a task that ends a process ends only that one: then
 * `ended`. It is ended when it takes longer than the limit, and ends by itself when this process does. Never
 * rejects.
 */
export function reckonApart<Out>(
  file: string,
  input: object,
  limits: Omit<ReckonerLimits, "threads">,
): Promise<Reckoned<Out>> {
  return new Promise((resolve) => {
    const child = fork(file, {
      serialization: "advanced",
      stdio: "ignore",
      execArgv: [`--max-old-space-size=${limits.megabytes}`],
      killSignal: "SIGKILL",
      timeout: limits.ms,
    });
    let answer: Reckoned<Out> | undefined;
    child.once("message", (said: ThreadAnswer) => (answer = answerOf<Out>(said, limits.bytes)));
    child.once("error", () => resolve({ ok: false, why: "ended" }));
    child.once("exit", () => resolve(answer ?? { ok: false, why: child.killed ? "time" : "ended" }));
    child.send(input, () => undefined);
  });
}
