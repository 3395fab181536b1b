/** A sheet of labels, mm; `isCut` for plain paper with lines to cut along. */
export type LabelSheet = {
  readonly id: string;
  readonly paper: "a4" | "letter";
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Between two columns; rows touch. */
  readonly gapMm: number;
  readonly isCut: boolean;
};

export const SHEET_PAPERS = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;

/** Plain paper, and the sizes self-stick sheets commonly come in. They lie in the middle of a page. */
export const LABEL_SHEETS: readonly LabelSheet[] = [
  {
    id: "a4-plain",
    paper: "a4",
    columns: 2,
    rows: 5,
    widthMm: 95,
    heightMm: 55,
    gapMm: 0,
    isCut: true,
  },
  {
    id: "a4-21",
    paper: "a4",
    columns: 3,
    rows: 7,
    widthMm: 63.5,
    heightMm: 38.1,
    gapMm: 2.54,
    isCut: false,
  },
  {
    id: "a4-8",
    paper: "a4",
    columns: 2,
    rows: 4,
    widthMm: 99.1,
    heightMm: 67.7,
    gapMm: 2.5,
    isCut: false,
  },
  {
    id: "letter-plain",
    paper: "letter",
    columns: 2,
    rows: 5,
    widthMm: 97,
    heightMm: 51,
    gapMm: 0,
    isCut: true,
  },
  {
    id: "letter-30",
    paper: "letter",
    columns: 3,
    rows: 10,
    widthMm: 66.675,
    heightMm: 25.4,
    gapMm: 3.175,
    isCut: false,
  },
  {
    id: "letter-10",
    paper: "letter",
    columns: 2,
    rows: 5,
    widthMm: 101.6,
    heightMm: 50.8,
    gapMm: 4.7625,
    isCut: false,
  },
];

/** Where one label is, from the upper left corner of its page, mm. */
export type LabelPlace = { readonly xMm: number; readonly yMm: number };

/** The places of one sheet, row by row. */
export function labelPlaces(sheet: LabelSheet): readonly LabelPlace[] {
  const { paper, columns, rows, widthMm, heightMm, gapMm } = sheet;
  const page = SHEET_PAPERS[paper];
  const left = (page.widthMm - columns * widthMm - (columns - 1) * gapMm) / 2;
  const top = (page.heightMm - rows * heightMm) / 2;
  return Array.from({ length: rows * columns }, (_, index) => ({
    xMm: left + (index % columns) * (widthMm + gapMm),
    yMm: top + Math.floor(index / columns) * heightMm,
  }));
}

/** More labels than this are not printed at once. */
export const MOST_LABELS = 500;

/**
 * The portions in each of the parcels that something is wrapped in.
 * @param each portions to a parcel, 1 or more
 * @example parcels(10, 4) // [4, 4, 2]
 */
export function parcels(left: number, each: number): readonly number[] {
  if (!Number.isInteger(each) || each < 1)
    throw new RangeError(`portions to a parcel must be 1 or more, got ${each}`);
  return Array.from({ length: Math.ceil(left / each) }, (_, index) =>
    Math.min(each, left - index * each),
  );
}
