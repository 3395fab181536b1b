import type { PartRole, ReadingRow, Stage } from "../recipe";

/** A part's heading on the page. */
export type Headed = { readonly name: string; readonly role: PartRole };

/** A stretch of the page as it is shown, and what of the recipe it is. */
export type PagePiece = Pick<ReadingRow, "text" | "as" | "doubts"> & {
  readonly of?: {
    /** The line's or the step's words. */
    readonly words: string;
    readonly role: PartRole;
    readonly headed: Headed | null;
    readonly stage?: Stage;
  };
};
