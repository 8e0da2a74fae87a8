import type { Route } from "./+types/scale-stream";
import { ownScale } from "../server/scale.server";

/** Readings as server-sent events; "gone" while the scale is unplugged. */
export function loader({ request }: Route.LoaderArgs): Response {
  const scale = ownScale();
  if (!scale) return new Response("no scale is connected", { status: 404 });
  let stop: () => void = () => undefined;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const encode = new TextEncoder();
      const say = (event: string, data: unknown) => {
        try {
          controller.enqueue(encode.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`));
        } catch {
          stop();
        }
      };
      stop = scale.listen((reading) => (reading ? say("reading", reading) : say("gone", {})));
      request.signal.addEventListener("abort", () => stop());
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: {
      "Content-Type": "text/event-stream",
      "Cache-Control": "no-cache, no-transform",
      "X-Accel-Buffering": "no",
    },
  });
}
