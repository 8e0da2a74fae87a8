import { serialize } from "node:v8";
import { parentPort } from "node:worker_threads";
import { figureAnswer, type FigureTask } from "../features/figure/picture";
import type { ThreadAnswer } from "../server/reckoner";

parentPort?.on("message", (task: FigureTask) => {
  let said: ThreadAnswer;
  try {
    said = { bytes: serialize(figureAnswer(task)) };
  } catch {
    said = { why: "threw" };
  }
  parentPort?.postMessage(said, "bytes" in said ? [said.bytes.buffer as ArrayBuffer] : []);
});
