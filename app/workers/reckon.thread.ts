import { serialize } from "node:v8";
import { parentPort, workerData } from "node:worker_threads";
import { analyseItem, type Around, type ItemDraft } from "../features/items/analyse";
import type { ThreadAnswer } from "../server/reckoner";
import { marksIn } from "./marks";

export interface ReckonTask {
  readonly draft: ItemDraft;
  readonly around: Around;
}

const marks = marksIn((workerData as { readonly marks: string | undefined }).marks);

function answer({ draft, around }: ReckonTask): ThreadAnswer {
  if (!marks.begin(draft.pattern, around.terms)) return { why: "ended" };
  try {
    return { bytes: serialize(analyseItem(draft, around)) };
  } catch {
    return { why: "threw" };
  } finally {
    marks.forget(draft.pattern, around.terms);
  }
}

parentPort?.on("message", (task: ReckonTask) => {
  const said = answer(task);
  parentPort?.postMessage(said, "bytes" in said ? [said.bytes.buffer as ArrayBuffer] : []);
});
