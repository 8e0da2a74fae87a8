import { PassThrough } from "node:stream";
import { renderToPipeableStream } from "react-dom/server";
import { ServerRouter, isRouteErrorResponse, type AppLoadContext, type EntryContext } from "react-router";
import { ServerStyleSheet } from "styled-components";
import { toldOf } from "./server/log";
import { NonceContext } from "./ui/nonce";

/** Beside requests: it shares with them what is kept of the workshops. */
export { keepPrinter } from "./features/printer/keep-printer";
export { keepShops } from "./features/shop/keep-shops";

const TIMEOUT_MS = 10_000;

/** Renders the whole page, then puts the collected styles before </head>: nothing is styled late. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  routerContext: EntryContext,
  context: AppLoadContext,
): Promise<Response> {
  const sheet = new ServerStyleSheet({ nonce: context.nonce });
  return new Promise((resolve, reject) => {
    const { pipe, abort } = renderToPipeableStream(
      sheet.collectStyles(
        <NonceContext.Provider value={context.nonce}>
          <ServerRouter context={routerContext} url={request.url} nonce={context.nonce} />
        </NonceContext.Provider>,
      ),
      {
        nonce: context.nonce,
        onAllReady() {
          const chunks: Buffer[] = [];
          const body = new PassThrough();
          body.on("data", (chunk: Buffer) => chunks.push(chunk));
          body.on("end", () => {
            const html = Buffer.concat(chunks)
              .toString("utf8")
              .replace("</head>", `${sheet.getStyleTags()}</head>`);
            sheet.seal();
            headers.set("Content-Type", "text/html; charset=utf-8");
            headers.set("Cache-Control", "no-store");
            resolve(new Response(html, { headers, status }));
          });
          pipe(body);
        },
        onShellError: reject,
        onError(error) {
          context.log.error({ err: toldOf(error) }, "render failed");
        },
      },
    );
    setTimeout(abort, TIMEOUT_MS).unref();
  });
}

export function handleError(
  error: unknown,
  { request, context }: { request: Request; context: AppLoadContext },
): void {
  if (request.signal.aborted || isRouteErrorResponse(error)) return;
  context.onError(error);
  context.log.error({ err: toldOf(error), path: new URL(request.url).pathname }, "loader or action failed");
}
