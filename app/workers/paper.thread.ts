import { serialize } from "node:v8";
import { parentPort } from "node:worker_threads";
import type { PaperTask } from "../features/paper/input";
import { pdfOf } from "../features/paper/pdf";
import type { ThreadAnswer } from "../server/reckoner";

parentPort?.on("message", (task: PaperTask) => {
  void pdfOf(task).then(
    (pdf) => {
      const said: ThreadAnswer = { bytes: serialize(pdf) };
      parentPort?.postMessage(said, [said.bytes.buffer as ArrayBuffer]);
    },
    () => parentPort?.postMessage({ why: "threw" } satisfies ThreadAnswer),
  );
});
