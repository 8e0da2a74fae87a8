import { serialize } from "node:v8";
import { parentPort } from "node:worker_threads";
import type { PaperOrder } from "../features/paper/input";
import { pixelsOf } from "../features/paper/drawings/pixels";
import { pictureOfPdf } from "../features/paper/label-picture";
import { pdfOf } from "../features/paper/pdf";
import type { ThreadAnswer } from "../server/reckoner";

const made = async (order: PaperOrder): Promise<Uint8Array> => {
  if (order.sheet === "drawing") return pixelsOf(order.svg, order.width);
  const { as, ...task } = order;
  const pdf = await pdfOf(task);
  return as === "picture" ? pictureOfPdf(pdf) : pdf;
};

parentPort?.on("message", (order: PaperOrder) => {
  void made(order).then(
    (file) => {
      const said: ThreadAnswer = { bytes: serialize(file) };
      parentPort?.postMessage(said, [said.bytes.buffer as ArrayBuffer]);
    },
    () => parentPort?.postMessage({ why: "threw" } satisfies ThreadAnswer),
  );
});
