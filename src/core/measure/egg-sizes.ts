/** One egg without its shell, g: US sizes, then European ones. */
export const EGGS_G = {
  "us-small": 42,
  "us-medium": 47,
  "us-large": 50,
  "us-extra-large": 56,
  "eu-small": 43,
  "eu-medium": 50,
  "eu-large": 58,
} as const;
export type EggSize = keyof typeof EGGS_G;
/** Share of a shelled egg that is white; the rest is yolk. Public food tables: 33 of 50 g. */
export const EGG_WHITE_SHARE = 0.66;
