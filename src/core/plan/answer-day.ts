import { bad, good, type Result } from "../measure";
import {
  dayPlan,
  idInDay,
  localMinute,
  readDay,
  waysOut,
  type CakeOfDay,
  type TaskStation,
} from "../day";
import type { Stage } from "../recipe";
import { dayCake } from "./day-detail";
import type { CakeRequest } from "./request";
import type { CakePlan } from "./plan";
import type { Answer, PlanWords } from "./answer-schema";

/** The day of a plan; null where nobody says when it is wanted. */
export function dayAnswer(
  { input, formula, made }: CakeRequest,
  plan: CakePlan,
  words: PlanWords,
): Result<NonNullable<Answer["day"]> | null> {
  const read = input.day === undefined ? good(null) : readDay(input.day);
  if (!read.ok)
    return bad({ ...read.issue, path: `day.${DAY_FIELDS[read.issue.path] ?? read.issue.path}` });
  if (input.day === undefined || read.value === null) return good(null);
  const cake = dayCake(input, plan, formula, made);
  const cakes: readonly CakeOfDay[] = [{ cake, boxes: input.day, read: read.value }];
  const { request, schedule } = dayPlan(cakes);
  const wantedAt = localMinute(read.value.wantedAt);
  const handsMin = request.tasks
    .filter(({ needs }) => needs.includes("hands"))
    .reduce((sum, { minutes }) => sum + minutes, 0);
  if (schedule === null) {
    const { stuck, ways } = waysOut(cakes);
    return good({
      wantedAt,
      startsAt: null,
      handsMin,
      gapMin: null,
      tasks: [],
      ...(stuck === null ? {} : { stuck: words.doing(stuck.doing) }),
      ways: ways.map((way) => ({
        change: way.change,
        ...("byMin" in way ? { byMin: way.byMin } : {}),
      })),
    });
  }
  const tasks = schedule.placed.flatMap(({ id, from, to, earlierBy, laterBy }) =>
    request.tasks
      .filter((task) => task.id === id)
      .map(({ station, needs, doing, words: said }) => ({
        id,
        from: localMinute(from),
        minutes: to - from,
        station,
        stage: doing.do === "warm-up" ? "before" : STAGE_OF[station],
        needs: [...needs],
        text: words.doing(doing),
        ...(said === undefined && doing.do !== "step"
          ? {}
          : { words: said ?? (doing.do === "step" ? doing.text : "") }),
        earlierByMin: earlierBy,
        laterByMin: laterBy,
      })),
  );
  return good({
    wantedAt,
    startsAt: localMinute(schedule.startsAt),
    handsMin,
    gapMin: schedule.gapMin,
    tasks: [...tasks, ...kept(cake.keep, wantedAt, words)],
  });
}

/** When the work of each station is done, by where the cake is. */
const STAGE_OF: Readonly<Record<TaskStation, Stage>> = {
  mix: "before",
  fill: "before",
  bake: "oven",
  cool: "hot",
  build: "cold",
  finish: "cold",
  serve: "serve",
};

type AnsweredTask = NonNullable<Answer["day"]>["tasks"][number];

/** What the recipe says of what is left: for after the hour the cake is wanted. */
function kept(
  texts: readonly string[],
  wantedAt: string,
  words: PlanWords,
): readonly AnsweredTask[] {
  return texts.map((text, index) => ({
    id: idInDay(0, `keep${index + 1}`),
    from: wantedAt,
    minutes: 0,
    station: "serve",
    stage: "keep",
    needs: [],
    text: words.doing({ do: "step", text, isWait: false }),
    words: text,
    earlierByMin: 0,
    laterByMin: 0,
  }));
}

/** What a box of the day is called in a request. */
const DAY_FIELDS: Readonly<Record<string, string>> = { dayFrom: "from", dayTo: "to" };
