import { serialize } from "node:v8";
import { parentPort, workerData } from "node:worker_threads";
import { analyseItem, type Around, type ItemDraft } from "@core/item";
import type { ThreadAnswer } from "../server/reckoner";
import { marksIn } from "./marks";

export interface ReckonTask {
  readonly draft: ItemDraft;
  readonly around: Around;
}

function reckoned({ draft, around }: ReckonTask): ThreadAnswer {
  try {
    return { bytes: serialize(analyseItem(draft, around)) };
  } catch {
    return { why: "threw" };
  }
}

if (parentPort) {
  const port = parentPort;
  const marks = marksIn((workerData as { readonly marks: string | undefined }).marks);
  port.on("message", (task: ReckonTask) => {
    const { pattern } = task.draft;
    marks.begin(pattern, task.around.terms);
    const said = reckoned(task);
    marks.forget(pattern, task.around.terms);
    port.postMessage(said, "bytes" in said ? [said.bytes.buffer as ArrayBuffer] : []);
  });
} else {
  // A process of its own, for one task: see `reckonApart`.
  process.once("message", (task: ReckonTask) =>
    process.send?.(reckoned(task), undefined, undefined, () => process.disconnect()),
  );
}
