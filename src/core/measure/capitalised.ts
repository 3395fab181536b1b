/** Words with a capital at their start. */
export const capitalised = (words: string): string =>
  words.charAt(0).toUpperCase() + words.slice(1);
