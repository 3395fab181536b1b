import type { Metadata } from "next";
import Link from "next/link";
import { CompareRecords } from "@/components/logbook/compare-records";
import { Trouble } from "@/components/frame/trouble";
import { findRecord, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Two bakes compared" };

type CompareProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function ComparePage({ searchParams }: CompareProps) {
  const { a, b } = await searchParams;
  const ids = [a, b].map((id) => (typeof id === "string" ? id.slice(0, 100) : ""));
  const found = await stored(async () => {
    const [one, other] = await Promise.all(ids.map((id) => findRecord(kitchenDatabase(), id)));
    return one == null || other == null ? null : ([one, other] as const);
  });
  if (!found.ok) return <Trouble text={storageText(found.issue)} />;
  if (found.value === null)
    return (
      <>
        <h1 className="mt-2 mb-4 text-[27px]">Two bakes compared</h1>
        <p className="panel p-6">
          One of the two is not in the logbook any more.{" "}
          <Link className="underline underline-offset-2" href="/logbook">
            Choose two in the logbook
          </Link>
          .
        </p>
      </>
    );
  const [one, other] = found.value.map(({ id, record }) => ({ id, record }));
  return one === undefined || other === undefined ? null : (
    <CompareRecords one={one} other={other} />
  );
}
