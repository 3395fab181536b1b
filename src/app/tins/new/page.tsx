import type { Metadata } from "next";
import { NewTin } from "@/components/tin/tin-page";
import { readTin, type Tin } from "@/core/tin";
import { keepTin } from "../actions";
import { visitorSay } from "@/app/visitor-units";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: (await visitorSay())("A tin for the cupboard"),
});

/** What the form opens with when nothing was written before. */
const FIRST_TIN: Tin = { shape: "round", diameterMm: 200, depthMm: 50 };

export default async function NewTinPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly tin?: string | readonly string[] }>;
}) {
  const { tin } = await searchParams;
  const read = typeof tin === "string" ? readTin(tin, "metric") : null;
  return <NewTin tin={read?.ok === true ? read.value.tin : FIRST_TIN} keep={keepTin} />;
}
