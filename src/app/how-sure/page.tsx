import type { Metadata } from "next";
import { HowSure } from "@/components/how-sure/how-sure";
import { ruleErrors, usualComparison } from "@/core/bake";

export const metadata: Metadata = { title: "How sure is this?" };

/**
 * Worked out anew each time it is asked for, by the code that forecasts: it can't drift from it.
 */
export default function HowSurePage() {
  return <HowSure comparison={usualComparison()} rules={ruleErrors()} />;
}
