import type { Reporter, TestCase, TestResult } from "@playwright/test/reporter";

const SHOWN = 10;

/** Prints the tests that took longest. */
export default class Longest implements Reporter {
  private readonly taken: { readonly title: string; readonly ms: number }[] = [];

  onTestEnd(test: TestCase, { duration }: TestResult): void {
    this.taken.push({ title: test.titlePath().slice(2).join(" › "), ms: duration });
  }

  onEnd(): void {
    console.log("\nLongest:");
    for (const { title, ms } of this.taken.toSorted((a, b) => b.ms - a.ms).slice(0, SHOWN))
      console.log(`  ${(ms / 1000).toFixed(1)} s  ${title}`);
  }

  printsToStdio(): boolean {
    return false;
  }
}
