import { bad, good, type Result } from "../measure";
import { localMinute, readDay, dayPlan, waysOut, type CakeOfDay } from "../day";
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
  const cakes: readonly CakeOfDay[] = [
    { cake: dayCake(input, plan, formula, made), boxes: input.day, read: read.value },
  ];
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
        needs: [...needs],
        text: words.doing(doing),
        ...(said === undefined ? {} : { words: said }),
        earlierByMin: earlierBy,
        laterByMin: laterBy,
      })),
  );
  return good({
    wantedAt,
    startsAt: localMinute(schedule.startsAt),
    handsMin,
    gapMin: schedule.gapMin,
    tasks,
  });
}

/** What a box of the day is called in a request. */
const DAY_FIELDS: Readonly<Record<string, string>> = { dayFrom: "from", dayTo: "to" };
