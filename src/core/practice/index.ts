export {
  DRILLS,
  judgementOf,
  MOST_LOG,
  MOST_SEED,
  nextAbout,
  parsePracticeAnswer,
  type Drill,
  type Judgement,
  type PracticeAnswer,
} from "./answers";
export {
  doneCase,
  doneBakes,
  doneJudged,
  doneKinds,
  insideAt,
  lookCostsMin,
  probeAt,
  seenAt,
  type DoneCase,
  type DoneInsides,
  type DoneJudged,
} from "./done-drill";
export {
  guessJudged,
  otherTinCase,
  otherTinFamilies,
  type DrillRecipe,
  type GuessJudged,
  type OtherTinCase,
} from "./other-tin-drill";
