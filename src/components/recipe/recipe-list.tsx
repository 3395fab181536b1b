"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { Plus, Trash2 } from "lucide-react";
import { debounce, parseAsInteger, parseAsString, useQueryStates } from "nuqs";
import { useTransition } from "react";
import { askAboutRecipe, FIRST_QUESTION } from "@/core/ask";
import type { RecipeFacts } from "@/core/plan";
import { heatText, KIND_NAMES, minutesText, tinText, weightText } from "@/words";
import { askHref } from "../ask/ask-address";
import type { RecipeChoice } from "../frame/choices";
import type { Outcome } from "../frame/outcome";
import { Field } from "../frame/field";
import { useTell } from "../frame/toasts";
import { dateText } from "@/words/dates";
import { useSay, useUnits } from "../frame/units";

type ListedRecipe = RecipeChoice & {
  readonly facts: RecipeFacts;
  readonly lastBakedAt: Date | null;
};

type RecipeListProps = {
  readonly recipes: readonly ListedRecipe[];
  readonly total: number;
  /** What was searched for. */
  readonly text: string;
  readonly pages: number;
  readonly actions: {
    readonly removeRecipe: (id: string) => Promise<Outcome>;
    readonly bringBackRecipe: (id: string) => Promise<Outcome>;
  };
};

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing was changed; try again.",
};
/** A pause in typing this long searches, ms. */
const SEARCH_AFTER_MS = 120;

/** The kitchen's recipes, searched as one types; each opens, or goes to the bench. */
export function RecipeList({ recipes, total, text, pages, actions }: RecipeListProps) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const [isSearching, startSearching] = useTransition();
  const [address, setAddress] = useQueryStates(
    { q: parseAsString.withDefault(""), more: parseAsInteger.withDefault(1) },
    {
      shallow: false,
      history: "replace",
      startTransition: startSearching,
      limitUrlUpdates: debounce(SEARCH_AFTER_MS),
    },
  );

  async function act(work: () => Promise<Outcome>, done: () => void): Promise<void> {
    const outcome = await work().catch(() => UNREACHABLE);
    if (outcome.ok) done();
    else tell(outcome.message);
    router.refresh();
  }

  function remove({ id, name }: ListedRecipe): void {
    const undo = (): void =>
      void act(
        () => actions.bringBackRecipe(id),
        () => tell(`“${name}” is back.`),
      );
    void act(
      () => actions.removeRecipe(id),
      () => tell(`Deleted “${name}”.`, { name: "Undo", run: undo }),
    );
  }

  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-[27px]">Recipes</h1>
        <Link href="/recipes/new" className="button button-next">
          <Plus size={17} aria-hidden /> Paste or load a recipe
        </Link>
      </div>
      <div className="mb-3 flex max-w-xl">
        <Field
          label="Find a recipe"
          value={address.q}
          onChange={(q) => void setAddress({ q, more: 1 })}
          placeholder="pear, hazelnut, chiffon…"
        />
      </div>
      <p role="status" className="mb-2 text-[14px] text-ink-2">
        {isSearching ? "Searching…" : total === 1 ? "One recipe" : `${total} recipes`}
        {text === "" || isSearching ? "" : ` with “${text}”`}
      </p>
      {recipes.length === 0 ? (
        <p className="panel p-6">
          {text === ""
            ? say`No recipe yet. Paste one as you found it, or begin with its tins alone under Try a tin.`
            : "No recipe has all these words. Try fewer of them."}
        </p>
      ) : (
        <ul className="panel divide-y-[1.5px] divide-line">
          {recipes.map((recipe) => {
            const { id, name, facts, lastBakedAt } = recipe;
            const { batter, bake } = facts;
            const parts = [
              bake.ovenC === undefined
                ? ""
                : `${heatText(bake.ovenC, units)}${bake.fan === true ? " fan" : ""}`,
              bake.minutes === undefined ? "" : minutesText(bake.minutes),
            ];
            return (
              <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1.5 px-4 py-2.5">
                <div className="min-w-0 flex-1 basis-64">
                  <h2 className="text-[17px]">
                    <Link
                      href={`/recipes/${id}`}
                      className="break-words underline-offset-4 hover:underline"
                    >
                      {name}
                    </Link>
                  </h2>
                  <p className="text-[14px] text-ink-2">
                    {[
                      batter.kind === undefined ? "" : KIND_NAMES[batter.kind],
                      batter.massG === undefined
                        ? ""
                        : `${weightText(batter.massG, units)} of batter`,
                    ]
                      .filter((part) => part !== "")
                      .join(" · ")}
                  </p>
                </div>
                <p className="basis-56 text-[15px]">
                  {bake.tins.length === 0
                    ? say`no tin named`
                    : bake.tins.map((tin) => tinText(tin, units)).join(" and ")}
                  <span className="block text-[14px] text-ink-2">
                    {parts.filter((part) => part !== "").join(", ")}
                  </span>
                </p>
                <p className="basis-28 text-[14px] text-ink-2">
                  {lastBakedAt === null ? "not baked yet" : `baked ${dateText(lastBakedAt, units)}`}
                </p>
                <div className="flex gap-1.5">
                  <Link
                    href={askHref(askAboutRecipe(FIRST_QUESTION, name, facts))}
                    className="button"
                    aria-label={say`${name} in another tin`}
                  >
                    {say`In another tin`}
                  </Link>
                  <button
                    type="button"
                    className="button !px-2.5"
                    aria-label={`Delete ${name}`}
                    onClick={() => remove(recipe)}
                  >
                    <Trash2 size={17} aria-hidden />
                  </button>
                </div>
              </li>
            );
          })}
        </ul>
      )}
      {recipes.length < total && (
        <p className="mt-3 text-center">
          <button
            type="button"
            className="button"
            onClick={() => void setAddress({ more: pages + 1 })}
          >
            Show more of {total}
          </button>
        </p>
      )}
    </>
  );
}
