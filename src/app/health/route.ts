import { kitchenDatabase, lookIn, stored } from "@/data";
import { storageText } from "@/words";

export const dynamic = "force-dynamic";

/** For whoever watches the machine: whether the program answers and the kitchen can be read. */
export async function GET(): Promise<Response> {
  const looked = await stored(() => lookIn(kitchenDatabase()));
  return looked.ok
    ? Response.json({ kitchen: "open" })
    : Response.json({ message: storageText(looked.issue) }, { status: 503 });
}
