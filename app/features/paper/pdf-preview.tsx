import { useEffect, useRef, useState } from "react";
import styled from "styled-components";
import { Small } from "../../ui/basics";

const MOST_PAGES = 8;

/** The PDF itself, page by page, drawn in the browser: what is seen is what is printed. */
export function PdfPreview({
  url,
  label,
  onPages,
}: {
  url: string | undefined;
  label: string;
  onPages: (n: number | undefined) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [state, setState] = useState<{ url: string; text: string }>();
  const told = useRef(onPages);
  useEffect(() => {
    told.current = onPages;
  });
  useEffect(() => {
    if (!url) return;
    const gone = new AbortController();
    // While she types, the sheet of the last letter is enough.
    const timer = setTimeout(() => {
      show(url, box.current, gone.signal).then(
        (n) => {
          if (gone.signal.aborted) return;
          told.current(n);
          setState({ url, text: n > MOST_PAGES ? `The first ${MOST_PAGES} of ${n} pages.` : "" });
        },
        () => {
          if (!gone.signal.aborted)
            setState({ url, text: "The sheet could not be made or shown. Try again, or open it." });
        },
      );
    }, 350);
    return () => {
      clearTimeout(timer);
      gone.abort();
    };
  }, [url]);
  const busy = url !== undefined && state?.url !== url;
  return (
    <Preview role="group" aria-label={`Preview: ${label}`} aria-busy={busy}>
      <Small role="status">{busy ? "Making the sheet…" : state?.text}</Small>
      <div ref={box} data-shown={busy ? undefined : state?.url} />
    </Preview>
  );
}

async function show(url: string, into: HTMLElement | null, signal: AbortSignal): Promise<number> {
  const [pdfjs, worker, answer] = await Promise.all([
    import("pdfjs-dist"),
    import("pdfjs-dist/build/pdf.worker.min.mjs?url"),
    fetch(url, { signal }),
  ]);
  if (!answer.ok) throw new Error(String(answer.status));
  pdfjs.GlobalWorkerOptions.workerSrc = worker.default;
  const task = pdfjs.getDocument({ data: await answer.arrayBuffer(), isEvalSupported: false });
  try {
    const doc = await task.promise;
    const canvases: HTMLCanvasElement[] = [];
    for (let i = 1; i <= Math.min(MOST_PAGES, doc.numPages); i++) {
      const page = await doc.getPage(i);
      const wide = into?.clientWidth ?? 600;
      const ratio = Math.min(2, window.devicePixelRatio || 1);
      const size = page.getViewport({ scale: 1 });
      const viewport = page.getViewport({ scale: (Math.min(wide, 760) / size.width) * ratio });
      const canvas = document.createElement("canvas");
      canvas.width = viewport.width;
      canvas.height = viewport.height;
      canvas.setAttribute("role", "img");
      canvas.setAttribute("aria-label", `Page ${i} of ${doc.numPages}`);
      await page.render({ canvas, viewport }).promise;
      if (signal.aborted) return doc.numPages;
      canvases.push(canvas);
    }
    into?.replaceChildren(...canvases);
    return doc.numPages;
  } finally {
    void task.destroy();
  }
}

const Preview = styled.div`
  min-width: 0;
  & > div {
    display: grid;
    gap: 14px;
    margin-top: 6px;
  }
  canvas {
    width: 100%;
    max-width: 760px;
    background: #fff;
    border: 1px solid var(--line);
    box-shadow: 0 1px 5px rgb(0 0 0 / 12%);
  }
`;
