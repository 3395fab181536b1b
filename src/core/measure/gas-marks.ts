/** Gas marks and the heats they stand for, °C, by the usual table. */
export const GAS_MARKS: readonly (readonly [mark: string, tempC: number])[] = [
  ["¼", 110],
  ["½", 130],
  ["1", 140],
  ["2", 150],
  ["3", 165],
  ["4", 177],
  ["5", 190],
  ["6", 200],
  ["7", 220],
  ["8", 230],
  ["9", 240],
];

/**
 * The heat a written gas mark stands for, °C; null for a mark that no oven has.
 * @example gasMarkC("4") // 177
 */
export function gasMarkC(mark: string): number | null {
  const plain = mark
    .trim()
    .replace(/^1\/4$/u, "¼")
    .replace(/^1\/2$/u, "½");
  return GAS_MARKS.find(([each]) => each === plain)?.[1] ?? null;
}
