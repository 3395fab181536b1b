/** What the numbers below twenty are called, each at its own place. */
export const NUMBER_WORDS: readonly string[] =
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(
    " ",
  );

/** The same up to a dozen, from one: how many there are of a thing. */
export const COUNT_WORDS = NUMBER_WORDS.slice(1, 13);
