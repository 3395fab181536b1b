import { headers } from "next/headers";
import type { Metadata } from "next";
import { Trouble } from "@/components/frame/trouble";
import { LabelsPage } from "@/components/freezer/labels-page";
import { findPortions, kitchenDatabase, stored } from "@/data";
import { openedAt } from "@/server/door/opened";
import { squareCode } from "@/server/square-code";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Labels" };

const MOST = 60;

type LabelsProps = {
  readonly searchParams: Promise<{ readonly ids?: string | readonly string[] }>;
};

/** Labels to print of things that were put away: `?ids=…,…`. */
export default async function Labels({ searchParams }: LabelsProps) {
  const { ids } = await searchParams;
  const asked = typeof ids === "string" ? ids.split(",").slice(0, MOST) : [];
  const head = await headers();
  // A phone reads the code: this machine's own name means nothing to it.
  const door = openedAt();
  const own = `${head.get("x-forwarded-proto") ?? "http"}://${head.get("host") ?? "localhost"}`;
  const origin = door === null ? own : `http://${door.address}:${door.port}`;
  const loaded = await stored(async () => {
    const found = await Promise.all(asked.map((id) => findPortions(kitchenDatabase(), id)));
    return found.flatMap((each) =>
      each === null
        ? []
        : [
            {
              id: each.id,
              portions: each.portions,
              code: squareCode(`${origin}/freezer/${each.id}`),
            },
          ],
    );
  });
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  if (loaded.value.length === 0)
    return (
      <Trouble text="There is nothing to label: choose Labels beside something in the freezer." />
    );
  return <LabelsPage rows={loaded.value} />;
}
