import { serialize } from "node:v8";
import { parentPort } from "node:worker_threads";
import { drawPicture, type PictureTask } from "../features/figure/picture";
import type { ThreadAnswer } from "../server/reckoner";

parentPort?.on("message", (task: PictureTask) => {
  let said: ThreadAnswer;
  try {
    said = { bytes: serialize(drawPicture(task)) };
  } catch {
    said = { why: "threw" };
  }
  parentPort?.postMessage(said, "bytes" in said ? [said.bytes.buffer as ArrayBuffer] : []);
});
