import type { Route } from "./+types/scale-stream";
import { scaleHub } from "../server/scale.server";

const HEADERS = {
  "Content-Type": "text/event-stream",
  "Cache-Control": "no-cache, no-store, no-transform",
  "X-Accel-Buffering": "no",
};

/**
 * Readings as server-sent events; "gone" while the scale is unplugged. A page that does not read its events
 * loses its stream.
 */
export function loader({ request }: Route.LoaderArgs): Response {
  const hub = scaleHub();
  if (!hub) return new Response("no scale is connected", { status: 404 });
  // Asked only for the head, nothing is opened that would have to be closed.
  if (request.method === "HEAD") return new Response(null, { headers: HEADERS });
  if (hub.full())
    return new Response("too many pages look at the scale", { status: 503, headers: { "Retry-After": "5" } });
  let stop: () => void = () => undefined;
  const encode = new TextEncoder();
  const body = new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const end = () => {
          stop();
          try {
            controller.close();
          } catch {
            // It was closed by the page.
          }
        };
        stop = hub.listen((reading) => {
          if ((controller.desiredSize ?? 0) <= 0) return end();
          const [event, data] = reading ? ["reading", reading] : ["gone", {}];
          controller.enqueue(encode.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`));
        });
        request.signal.addEventListener("abort", end);
      },
      cancel: () => stop(),
    },
    { highWaterMark: 64 },
  );
  return new Response(body, { headers: HEADERS });
}
