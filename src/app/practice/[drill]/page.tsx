import { randomInt } from "node:crypto";
import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { Trouble } from "@/components/frame/trouble";
import { DoneDrill } from "@/components/practice/done-drill";
import { OtherTinDrill } from "@/components/practice/other-tin-drill";
import { doneKinds, DRILLS, MOST_SEED, nextAbout, otherTinFamilies } from "@/core/practice";
import type { DrillRecipe } from "@/core/practice";
import {
  findRecipeFacts,
  kitchenDatabase,
  listPracticeAnswers,
  listRecipeChoices,
  listTins,
  stored,
} from "@/data";
import { storageText } from "@/words";
import { DRILL_NAMES } from "@/words/practice";
import { visitorSay } from "../../visitor-units";
import { keepAnswer } from "../actions";

type DrillPageProps = {
  readonly params: Promise<{ readonly drill: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

const drillOf = async (params: DrillPageProps["params"]) => {
  const { drill } = await params;
  return DRILLS.find((each) => each === drill);
};

export async function generateMetadata({ params }: DrillPageProps): Promise<Metadata> {
  const drill = await drillOf(params);
  return drill === undefined ? {} : { title: (await visitorSay())(DRILL_NAMES[drill].name) };
}

/** Recipes that name their tins, their heat and their minutes. */
async function drillRecipes(): Promise<readonly DrillRecipe[]> {
  const database = kitchenDatabase();
  const choices = await listRecipeChoices(database);
  const found = await Promise.all(
    choices.map(async ({ id, name }): Promise<readonly DrillRecipe[]> => {
      const facts = await findRecipeFacts(database, id);
      if (facts === null) return [];
      const { tins, ovenC, minutes } = facts.bake;
      return tins.length === 0 || ovenC === undefined || minutes === undefined
        ? []
        : [{ name, recipe: { batter: facts.batter, reference: { tins, ovenC, minutes } } }];
    }),
  );
  return found.flat();
}

/**
 * One drill: the case of a seed in the address, so that it can be told and repeated; without one, of
 * what is worth practising next.
 */
export default async function DrillPage({ params, searchParams }: DrillPageProps) {
  const drill = await drillOf(params);
  if (drill === undefined) notFound();
  const asked = await searchParams;
  const kitchen = await stored(async () => ({
    tins: (await listTins(kitchenDatabase())).map(({ tin }) => tin),
    answers: await listPracticeAnswers(kitchenDatabase()),
    recipes: drill === "other-tin" ? await drillRecipes() : [],
  }));
  if (!kitchen.ok) return <Trouble text={storageText(kitchen.issue)} />;
  const { tins, answers, recipes } = kitchen.value;
  const say = await visitorSay();
  const all: readonly string[] = drill === "done" ? doneKinds(tins) : otherTinFamilies(tins);
  if (all.length === 0)
    return <Trouble text={say`There is no tin to practise with: add one to the cupboard.`} />;
  const seed = Number(asked["seed"]);
  const about = all.find((each) => each === asked["about"]);
  if (about === undefined || !Number.isInteger(seed) || seed < 0 || seed > MOST_SEED) {
    const next = about ?? nextAbout(answers, drill, all, new Date().getTime()) ?? all[0] ?? "";
    redirect(`/practice/${drill}?about=${next}&seed=${randomInt(MOST_SEED)}`);
  }
  const kind = doneKinds(tins).find((each) => each === about);
  const family = otherTinFamilies(tins).find((each) => each === about);
  return (
    <div className="max-w-4xl space-y-4">
      <h1 className="mt-2 text-[27px]">{say(DRILL_NAMES[drill].name)}</h1>
      {drill === "done" && kind !== undefined && (
        <DoneDrill key={seed} seed={seed} kind={kind} tins={tins} keep={keepAnswer} />
      )}
      {drill === "other-tin" && family !== undefined && (
        <OtherTinDrill
          key={seed}
          seed={seed}
          family={family}
          recipes={recipes}
          tins={tins}
          keep={keepAnswer}
        />
      )}
    </div>
  );
}
