import { headers } from "next/headers";
import type { Metadata } from "next";
import { create } from "qrcode";
import { Trouble } from "@/components/frame/trouble";
import { LabelsPage, type LabelledPortions } from "@/components/freezer/labels-page";
import { findPortions, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Labels" };

const MOST = 60;

type LabelsProps = {
  readonly searchParams: Promise<{ readonly ids?: string | readonly string[] }>;
};

/** A square code as one path, a unit a module. @returns the path and how many modules it is wide */
function codeOf(text: string): LabelledPortions["code"] {
  const { size, data } = create(text, { errorCorrectionLevel: "M" }).modules;
  const path = Array.from(data)
    .map((dark, at) => (dark === 0 ? "" : `M${at % size} ${Math.floor(at / size)}h1v1h-1z`))
    .join("");
  return { size, path };
}

/** Labels to print of things that were put away: `?ids=…,…`. */
export default async function Labels({ searchParams }: LabelsProps) {
  const { ids } = await searchParams;
  const asked = typeof ids === "string" ? ids.split(",").slice(0, MOST) : [];
  const head = await headers();
  const origin = `${head.get("x-forwarded-proto") ?? "http"}://${head.get("host") ?? "localhost"}`;
  const loaded = await stored(async () => {
    const found = await Promise.all(asked.map((id) => findPortions(kitchenDatabase(), id)));
    return found.flatMap((each) =>
      each === null
        ? []
        : [
            {
              id: each.id,
              portions: each.portions,
              code: codeOf(`${origin}/freezer/${each.id}`),
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
