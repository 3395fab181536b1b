import type { NextRequest } from "next/server";
import { DEVICE_KINDS, type DeviceKind } from "@/core/live";
import { isEnding, listen } from "@/server/bay";

type Params = { readonly params: Promise<{ readonly id: string }> };

/**
 * A bake as it happens: what is told, what the clock shows, what the devices say, as server-sent
 * events until the page goes.
 */
export async function GET(request: NextRequest, { params }: Params): Promise<Response> {
  if (isEnding()) return new Response(null, { status: 503, headers: { connection: "close" } });
  const { id } = await params;
  const query = request.nextUrl.searchParams;
  const asked = (query.get("devices") ?? "").split(",");
  const devices = DEVICE_KINDS.filter((kind): kind is DeviceKind => asked.includes(kind));
  const encoder = new TextEncoder();
  let leave: (() => void) | null = null;
  let isOver = false;
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const close = (): void => {
        if (isOver) return;
        isOver = true;
        leave?.();
        controller.close();
      };
      request.signal.addEventListener("abort", close);
      leave = await listen(id, {
        devices,
        seq: 0,
        close,
        send: ({ name, data }) => {
          if (!isOver)
            controller.enqueue(encoder.encode(`event: ${name}\ndata: ${JSON.stringify(data)}\n\n`));
        },
      });
      // The page may have gone while its bake was opened; and there may be no such bake.
      if (isOver) leave?.();
      else if (leave === null) close();
    },
    cancel() {
      isOver = true;
      leave?.();
    },
  });
  return new Response(stream, {
    headers: {
      "content-type": "text/event-stream",
      "cache-control": "no-store",
      "x-accel-buffering": "no",
    },
  });
}
