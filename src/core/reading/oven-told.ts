import { timesTold } from "../measure";

const LOOKS =
  /\b(?:check\w*|look\w*|peek\w*|peep\w*|test\w*|poke|gander|door|open\w*|touch|tap|see at|first look|eye on|undisturbed|prick|poking|nudge|feel)\b/iu;
/** What a cake is tried with says a look too, where its minute is one to do something at. */
const TRIES =
  /\b(?:tr(?:y|ied)|skewer|straw|tooth ?pick|cocktail stick|knitting needle|tester)\b/iu;
const MOMENT = /\b(?:at|after|from|been)\s+(?:about\s+|the\s+|first\s+)*$/iu;

const FROM =
  /\b(?:at|after|from|till|until|before|by|around|about|minute|is|first|(?:check|look|test)(?:ing|s)?)\s+(?:about\s+|the\s+|first\s+)*$/iu;

/**
 * When the cake is first to be looked at, minutes; null when a sentence says nothing of it.
 * @param most the bake's own minutes: no first look is later
 */
export function checkTold(sentence: string, most: number): number | null {
  const times = timesTold(sentence);
  const bare = [...sentence.matchAll(/\b\d{1,3}\b(?!\s*(?:°|deg|c\b|f\b|cm|%|g\b|watts))/giu)]
    .filter(({ index }) => !times.some(({ at, end }) => index >= at && index < end))
    .map((match) => ({
      at: match.index,
      end: match.index + match[0].length,
      value: Number(match[0]),
    }));
  const hours = [...sentence.matchAll(/\bthe hour\b/giu)].map((match) => ({
    at: match.index,
    end: match.index + match[0].length,
    value: 60,
  }));
  const all = [
    ...times.map(({ at, end, amount }) => ({ at, end, value: amount.low })),
    ...bare,
    ...hours,
  ].toSorted((a, b) => a.at - b.at);
  const around = ({ at, end }: (typeof all)[number]): string =>
    sentence.slice(Math.max(0, at - 60), Math.min(sentence.length, end + 45));
  const before = ({ at }: (typeof all)[number]): string => sentence.slice(Math.max(0, at - 30), at);
  const told = all.filter(({ value }) => value >= 1 && value <= most);
  const found =
    told.find((each) => MOMENT.test(before(each)) && LOOKS.test(around(each))) ??
    told.find((each) => FROM.test(before(each)) && LOOKS.test(around(each))) ??
    told.find((each) => each.value < most && MOMENT.test(before(each)) && TRIES.test(around(each)));
  return found?.value ?? null;
}
