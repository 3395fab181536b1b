// When a clause's work is done, where its own words leave no doubt of it.
import { heatsTold, timesTold } from "../measure";
import { STAGES, type Stage } from "../recipe";
import { tinsTold } from "../tin";
import { hasAct, type Chunk } from "./chunks";
import type { PlacedChunk } from "./stage-features";
import type { StageTold } from "./steps-told";

/** A clause that begins with turning the cake out is done out of the oven. */
const TURNS_OUT = /^\W*turn (?:it |them |the \p{L}+ )?out\b/iu;
const OUT_OF_OVEN: ReadonlySet<number> = new Set(
  STAGES.flatMap((stage, at) => (["oven", "serve", "keep"].includes(stage) ? [] : [at])),
);

/** "For the caramel: melt the sugar …", told after the bake, is made after it. */
const OF_PART =
  /^\W*(?:for|to make) the (?!(?:cake|sponge|batter|base|layers?)\b)\p{L}[\p{L} -]{2,30}[:,]/iu;
const COOLS = /\b(?:cool|rest|stand|chill|set|thicken)\w*\b/iu;
/** Of a cake that is hot, or still in its tin. */
const OF_HOT =
  /\b(?:hot|warm|oven|tins?|pans?|moulds?|skillet|dish|racks?|roll(?:ed)?|turn(?:ed)?|invert\w*|unmo\w*|upside|towel|cakes?|sponges?|loaf|it)\b/iu;
const IN_OVEN: ReadonlySet<number> = new Set([STAGES.indexOf("oven")]);
/** Nobody notes more words of a bake that no word of doing is among. */
const MOST_NOTED = 14;

const ON_RAW: ReadonlySet<number> = new Set([STAGES.indexOf("before"), STAGES.indexOf("oven")]);

/** The batter or the dough is put into its tin, or on its tray. */
const FILLS =
  /\b(?:pour|scrape|spoon|spread|tip|roll|press|pat|divide|turn|transfer|put)\b[^.;]{0,80}\b(?:into|onto|in|on|between|over)\b[^.;]{0,60}\b(?:tins?|pans?|moulds?|molds?|tray|sheet|dish)\b/iu;

const GOES_IN = /\b(?:bake[sd]?|baking|oven)\b(?! (?:powder|soda|tray|sheet|tin|pan|dish|paper))/iu;
const IS_BAKED =
  /\b(?:hot|warm|cool|cold|chill|racks?|serve|hours?|minutes?|mins?|overnight|turn(?:ed)? out|out of)\b/iu;
/** Nobody does more with raw batter in its tin. */
const MOST_IN_TIN = 8;

/**
 * The clauses from the one that fills the tin to the one that bakes it; none where either is not
 * told, or something between them is of a baked cake.
 */
export function stretchInTin(chunks: readonly PlacedChunk[]): readonly [from: number, to: number] {
  const fill = chunks.findIndex(({ chunk, isRow }) => !isRow && FILLS.test(chunk.text));
  const baked = chunks.findIndex(({ chunk }, at) => at > fill && GOES_IN.test(chunk.text));
  const isRaw = chunks
    .slice(fill, baked)
    .every(({ chunk, isRow }) => isRow || !IS_BAKED.test(chunk.text));
  return fill < 0 || baked < 0 || baked - fill > MOST_IN_TIN || !isRaw ? [0, 0] : [fill, baked];
}

/**
 * The stages a clause can be of by what it says; any where that tells nothing.
 * @param isInTin whether it stands between the filling of the tin and the bake
 */
export function allowedStages(
  placed: PlacedChunk | undefined,
  isBaked: boolean,
  isInTin: boolean,
): ReadonlySet<number> | null {
  if (placed === undefined) return null;
  if (TURNS_OUT.test(placed.chunk.text)) return OUT_OF_OVEN;
  if (isNoteOfBake(placed, isBaked)) return IN_OVEN;
  return isInTin && !placed.isRow ? ON_RAW : null;
}

/** "55-65 min.", of a bake where nothing else tells one. */
const ONLY_MINUTES =
  /^\W*(?:(?:about|approx\.?|for) )?\d+(?:\s*(?:-|–|to|or)\s*\d+)?\s*(?:mins?|minutes?|h|hrs?|hours?)\W*$/iu;

/** "Two 7" tins, gas 4, 25 mins": minutes beside a heat or tins, and nothing that is done. */
function isNoteOfBake({ chunk, isRow }: PlacedChunk, isBaked: boolean): boolean {
  const { text, words } = chunk;
  if (isRow || words.length > MOST_NOTED || hasAct(chunk) || timesTold(text).length === 0)
    return false;
  if (ONLY_MINUTES.test(text)) return !isBaked;
  return heatsTold(text).length > 0 || tinsTold(text).length > 0;
}

/** Once a cake is coated or put together, nothing is done to it hot but what says so. */
const COATS =
  /\b(?:sandwich|crumb.?coat|frost|ice|cover|coat)\b[^.;]*\b(?:cakes?|layers?|tops?|sides|together|all over)\b/iu;
const SAYS_HOT =
  /\b(?:hot|warm|oven|tins?|pans?|moulds?|racks?|turn(?:ed)? (?:it |them )?out|as soon as|straight ?away)\b/iu;
/** Nothing is put together, coated or chilled in the oven. */
const NOT_IN_OVEN =
  /\b(?:sandwich|crumb.?coat|frost|ice)\b[^.;]*\b(?:cakes?|layers?|tops?|sides)\b|^\W*(?:and |then )*(?:chill|refrigerate|freeze)\b/iu;
/** Said of a cake right after its bake: "Cool 20 min before cutting." */
const COOLS_FIRST =
  /^\W*(?:and |then )*(?:let |leave )?(?:it |them )?(?:to )?(?:cool\b|(?:leave|rest|stand|sit) in (?:the |its |their )?(?:tin|pan))(?!.*\boven\b)/iu;
/** "… springs back when pressed", "… before taking it out": no thing of its own. */
const GOES_ON =
  /^\W*(?:when (?:pressed|touched|tested|tapped|prodded|you (?:press|touch|tap|test|prod))|before \p{L}+ing|after (?:about )?\d+ min\w*)\b/iu;
/** "Store airtight at room temperature." */
const STORES = /^\W*store\b.*\b(?:airtight|container|room|fridge|days?|weeks?)\b/iu;
/** A part that goes on or into a cold cake. */
const OF_COLD_PART =
  /^\W*(?:for|to make) the (?:\p{L}+ ){0,2}?(?:curd|custard|cream|filling|frosting|icing|buttercream|ganache|meringue|compote|praline)[:,]/iu;
/** What can't be said of a part that is made beside a baked cake. */
const OF_OVEN = /\b(?:oven|bake[sd]?|baking|hot cakes?|warm cakes?|while)\b/iu;
const WORKED: readonly Stage[] = ["before", "oven", "hot"];
/** Making something is no keeping. */
const MAKES = /^\W*(?:and |then )*(?:stir|beat|whisk|whip|melt|mix|fold|sift|boil|simmer)\b/iu;
const SAYS_KEPT =
  /\b(?:keeps?|kept|store[ds]?|freez\w*|frozen|fridge|days?|weeks?|months?|airtight|leftovers?|left over|thaw\w*)\b/iu;

/**
 * The stages of clauses as they were judged, but for what can't go back: a part that is told after
 * the bake is not made before it, and what only cools beside a cold cake is no hot one.
 * @param judged of each clause, in their order
 */
export function settledStages(
  chunks: readonly PlacedChunk[],
  judged: readonly StageTold[],
): ReadonlyMap<Chunk, StageTold> {
  let [wasCold, wasBaked, wasCoated] = [false, false, false];
  let [sentenceOfPart, lineOfPart]: (number | null)[] = [null, null];
  let before: { readonly sentence: number; readonly stage: Stage } | null = null;
  return new Map(
    chunks.map(({ chunk }, index) => {
      const { stage, isSure } = judged[index] ?? { stage: "before" as Stage, isSure: false };
      if (OF_PART.test(chunk.text)) sentenceOfPart = chunk.sentence;
      if (OF_COLD_PART.test(chunk.text)) lineOfPart = chunk.line;
      const isUnbaked =
        wasBaked &&
        ((stage === "before" && sentenceOfPart === chunk.sentence) ||
          // "To make the curd, … Add the juice. Cook until thick.": all of its line.
          (lineOfPart === chunk.line && !OF_OVEN.test(chunk.text) && WORKED.includes(stage)));
      const isBack =
        stage === "hot" && wasCold && COOLS.test(chunk.text) && !OF_HOT.test(chunk.text);
      const isHotAgain = stage === "hot" && wasCoated && !SAYS_HOT.test(chunk.text);
      const isMade =
        stage === "keep" && wasBaked && MAKES.test(chunk.text) && !SAYS_KEPT.test(chunk.text);
      const isOutOfOven = stage === "oven" && wasBaked && NOT_IN_OVEN.test(chunk.text);
      wasBaked ||= stage === "oven";
      wasCold ||= stage === "cold";
      wasCoated ||= (stage === "cold" || isOutOfOven) && wasBaked && COATS.test(chunk.text);
      const isCold = isBack || isUnbaked || isHotAgain || isMade || isOutOfOven;
      const isStored = stage === "cold" && wasBaked && STORES.test(chunk.text);
      const isCooling = stage === "oven" && wasBaked && COOLS_FIRST.test(chunk.text);
      const own = isCooling ? "hot" : isStored ? "keep" : isCold ? "cold" : stage;
      const goesOn = before?.sentence === chunk.sentence && GOES_ON.test(chunk.text);
      before = { sentence: chunk.sentence, stage: goesOn && before !== null ? before.stage : own };
      return [chunk, { stage: before.stage, isSure }];
    }),
  );
}
