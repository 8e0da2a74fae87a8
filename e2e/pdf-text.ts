import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { expect } from "vitest";
import type { Site } from "./harness";

/** The words of a PDF that the site makes. */
export async function pdfText(
  site: Site,
  path: string,
  look: (answer: Response) => void = () => undefined,
): Promise<string> {
  const answer = await fetch(site.url + path);
  expect(answer.headers.get("content-type")).toBe("application/pdf");
  look(answer);
  const file = await getDocument({ data: new Uint8Array(await answer.arrayBuffer()) }).promise;
  const pages = await Promise.all(
    Array.from({ length: file.numPages }, async (_, i) => {
      const { items } = await (await file.getPage(i + 1)).getTextContent();
      return items.map((t) => ("str" in t ? t.str : "")).join(" ");
    }),
  );
  await file.destroy();
  return pages.join(" ").replace(/[\s\u00a0]+/g, " ");
}
