import Papa from "papaparse";

/** One row of a list as it is written out. */
export type WrittenRow = {
  readonly aisle: string;
  readonly item: string;
  readonly amount: string;
  readonly packs: string;
  readonly note: string;
  readonly got: string;
  readonly for: string;
};

/** A shopping list as CSV; a cell that starts like a sum stays a text. */
export const writeListCsv = (rows: readonly WrittenRow[]): string =>
  `${Papa.unparse([...rows], { newline: "\n", escapeFormulae: true })}\n`;
