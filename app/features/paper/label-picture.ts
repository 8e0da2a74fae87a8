import { createCanvas } from "@napi-rs/canvas";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { MM } from "./page";

/** What label printers have: 300 dots an inch. */
export const DOTS_PER_MM = 12;

/** The first page of a PDF as PNG, as a label printer takes it. */
export async function pictureOfPdf(pdf: Uint8Array): Promise<Uint8Array> {
  const loading = getDocument({ data: pdf, isEvalSupported: false, disableFontFace: true, verbosity: 0 });
  try {
    const page = await (await loading.promise).getPage(1);
    const viewport = page.getViewport({ scale: DOTS_PER_MM / MM });
    const canvas = createCanvas(Math.round(viewport.width), Math.round(viewport.height));
    const context = canvas.getContext("2d");
    context.fillStyle = "#ffffff";
    context.fillRect(0, 0, canvas.width, canvas.height);
    await page.render({ canvas: null, canvasContext: context as never, viewport }).promise;
    return await canvas.encode("png");
  } finally {
    await loading.destroy();
  }
}
