import type { NextRequest } from "next/server";
import { DeviceCommandSchema } from "@/core/live";
import { command } from "@/server/bay";
import { postedJson } from "@/server/posted-json";

type Params = { readonly params: Promise<{ readonly id: string }> };

/** Tells a device something. */
export async function POST(request: NextRequest, { params }: Params): Promise<Response> {
  const order = DeviceCommandSchema.safeParse(await postedJson(request));
  if (!order.success)
    return Response.json({ message: "No device knows this command." }, { status: 400 });
  return Response.json({ isHeard: command((await params).id, order.data) });
}
