import { createCanvas } from "@napi-rs/canvas";
import { getDocument, type PDFDocumentProxy } from "pdfjs-dist/legacy/build/pdf.mjs";
import { MM } from "./page";

/** What label printers have: 300 dots an inch. */
const DOTS_PER_MM = 12;

/** Looks at a PDF of ours and lets go of it. */
async function looked<T>(pdf: Uint8Array, look: (of: PDFDocumentProxy) => Promise<T>): Promise<T> {
  const loading = getDocument({ data: pdf, isEvalSupported: false, disableFontFace: true, verbosity: 0 });
  try {
    return await look(await loading.promise);
  } finally {
    await loading.destroy();
  }
}

export const pagesOf = (pdf: Uint8Array): Promise<number> =>
  looked(pdf, (of) => Promise.resolve(of.numPages));

/** The first page of a PDF as PNG, as a label printer takes it. */
export const pictureOfPdf = (pdf: Uint8Array): Promise<Uint8Array> =>
  looked(pdf, async (of) => {
    const page = await of.getPage(1);
    const viewport = page.getViewport({ scale: DOTS_PER_MM / MM });
    const canvas = createCanvas(Math.round(viewport.width), Math.round(viewport.height));
    const context = canvas.getContext("2d");
    context.fillStyle = "#ffffff";
    context.fillRect(0, 0, canvas.width, canvas.height);
    await page.render({ canvas: null, canvasContext: context as never, viewport }).promise;
    return canvas.encode("png");
  });
