import type { FinishBoxes, ReadQuestion } from "@/core/ask";
import type { Units } from "@/words";

export type PaletteProps = {
  readonly boxes: FinishBoxes;
  readonly issues: ReadQuestion["issues"];
  readonly units: Units;
  readonly onlyCups: boolean;
  readonly onChange: (changes: Partial<FinishBoxes>, field?: string) => void;
};

export const PLACE_NAMES = {
  top: "on the top",
  base: "at the foot",
  sides: "on the sides",
  floor: "on the tin's floor",
} as const;
