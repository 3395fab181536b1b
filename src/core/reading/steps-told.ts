import { inFigures, type Amount } from "../measure";
import type { PartRole, Stage } from "../recipe";
import type { Chunk } from "./chunks";
import { timesTold } from "../measure";
import type { PlacedChunk } from "./stage-features";

/** One thing to do, with when. */
export type ToldStep = {
  readonly part: PartRole;
  readonly text: string;
  readonly stage: Stage;
  readonly waitMin: number | null;
  readonly handsMin: number | null;
  readonly isStageSure: boolean;
  readonly clauses: readonly Chunk[];
};

/** When a clause's work is done, and whether that is beyond doubt. */
export type StageTold = { readonly stage: Stage; readonly isSure: boolean };

/** What is told as steps: clauses of one sentence and one stage together, lists left out. */
export function stepsOf(
  chunks: readonly PlacedChunk[],
  partOf: ReadonlyMap<Chunk, PartRole>,
  stageOf: ReadonlyMap<Chunk, StageTold>,
): readonly ToldStep[] {
  const groups: (readonly Chunk[])[] = [];
  const stage = (chunk: Chunk | undefined): Stage =>
    (chunk === undefined ? undefined : stageOf.get(chunk)?.stage) ?? "before";
  for (const { chunk, isRow } of chunks) {
    if (isRow) continue;
    const group = groups.at(-1);
    const last = group?.at(-1);
    if (group !== undefined && last?.sentence === chunk.sentence && stage(last) === stage(chunk))
      groups[groups.length - 1] = [...group, chunk];
    else groups.push([chunk]);
  }
  let before: ToldStep | null = null;
  return groups.map((group) => {
    const own = group.map((chunk) => partOf.get(chunk)).findLast((part) => part !== undefined);
    const text = group.map(({ written }) => written).join(" ");
    const when = stage(group[0]);
    const step: ToldStep = {
      part: own ?? (before?.stage === when && when !== "before" ? before.part : "batter"),
      text,
      stage: when,
      ...minutesOf(text, when),
      clauses: group,
      isStageSure: group.every((chunk) => stageOf.get(chunk)?.isSure ?? false),
    };
    before = step;
    return step;
  });
}

/** Hands work through these minutes, whatever else is said. */
const WORKS =
  /\b(?:beat|beating|whisk\w*|cream(?:ing)? (?:that|the|it|them|butter)|mix\w*|knead\w*|stir\w*|whip\w*|boil\w*|simmer\w*|cook\w*|rub\w*|blend\w*|fold\w*|run (?:the|it))\b/iu;

const WAITS =
  /\b(?:cool\w*|rest\w*|stand\w*|sit|sits|sitting|chill\w*|refrigerat\w*|fridge|freez\w*|leave|left|soak\w*|steep\w*|set|sets|settle|wait\w*|overnight|hang\w*|prove|cold|bloom|thaw\w*|stay|thicken\w*|dry|drink|swell|keep|outside|hands off|walk away|depan|in the (?:pan|tin|skillet)s?|on the (?:rack|counter)|take|switch|off|aside)\b/iu;

/** Minutes a step waits, or works; of the oven's own minutes neither. */
function minutesOf(written: string, stage: Stage): Pick<ToldStep, "waitMin" | "handsMin"> {
  const { text } = inFigures(written);
  const times = timesTold(text);
  const waits = times.find(({ at, end }) => {
    const near = `${text.slice(Math.max(0, at - 60), at)} ${text.slice(end, end + 40)}`;
    return WAITS.test(near) && !WORKS.test(text.slice(Math.max(0, at - 28), at));
  });
  const first = times[0];
  const middle = ({ amount }: { readonly amount: Amount }): number =>
    (amount.low + amount.high) / 2;
  if (stage === "oven")
    return {
      waitMin:
        waits !== undefined && /\b(?:off|rest|leave|stand)\b/iu.test(text) ? middle(waits) : null,
      handsMin: null,
    };
  const works = times.find(({ at, end }) =>
    WORKS.test(`${text.slice(Math.max(0, at - 50), at)} ${text.slice(end, end + 20)}`),
  );
  const isHot = stage === "hot" && works === undefined ? first : waits;
  return {
    waitMin: isHot === undefined ? null : middle(isHot),
    handsMin: works === undefined || works === isHot ? null : middle(works),
  };
}
