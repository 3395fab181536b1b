import type { DegreeScale } from "../measure";
import type { SizeHabit } from "../tin";

/** The kitchen's habits, for numbers written without a unit. */
export type ReadingHabit = { readonly size: SizeHabit; readonly heat: DegreeScale };
