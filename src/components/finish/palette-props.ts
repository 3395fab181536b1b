import type { FinishBoxes, ReadQuestion } from "@/core/ask";
import type { DressDetail } from "@/core/plan";
import type { Units } from "@/words";

export type PaletteProps = {
  readonly boxes: FinishBoxes;
  readonly issues: ReadQuestion["issues"];
  readonly units: Units;
  /** What is put on at a time of its own, as planned. */
  readonly details: readonly DressDetail[];
  readonly onlyCups: boolean;
  readonly onChange: (changes: Partial<FinishBoxes>, field?: string) => void;
};

export const PLACE_NAMES = {
  top: "on the top",
  base: "at the foot",
  sides: "on the sides",
  floor: "on the tin's floor",
} as const;
