"use client";

import type { Question, ReadQuestion } from "@/core/ask";
import { issueText, type Units } from "@/words";
import type { RecipeChoices, TinChoice } from "../frame/choices";
import { RecipeSide } from "../ask/recipe-side";
import { TinsSide } from "../ask/tins-side";
import { Field } from "../frame/field";
import { ScaleControl } from "../ask/scale-control";

type MendCakeProps = {
  readonly question: Question;
  readonly read: ReadQuestion;
  readonly recipes: RecipeChoices;
  readonly cupboard: readonly TinChoice[];
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>, field?: string) => void;
};

/**
 * A cake that was left half-written: every box that may be at fault, with what is wrong where it
 * stands.
 */
export function MendCake({ question, read, recipes, cupboard, units, onChange }: MendCakeProps) {
  const { fruit } = read.issues;
  return (
    <section
      aria-label="What the cake is planned from"
      className="panel space-y-4 px-4 py-4 md:px-6"
    >
      <p>
        This cake was left half-written. Everything you wrote is here; it is planned as soon as it
        can be read.
      </p>
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-2">
        <RecipeSide
          question={question}
          read={read}
          recipes={recipes}
          units={units}
          batter={null}
          onChange={onChange}
        />
        <div className="space-y-4">
          <TinsSide
            question={question}
            read={read}
            cupboard={cupboard}
            units={units}
            onChange={onChange}
          />
          <ScaleControl
            question={question}
            read={read}
            plan={null}
            units={units}
            onChange={onChange}
          />
          {fruit !== undefined && (
            <Field
              label="Fruit on the floors or pressed in"
              value={question.fruit}
              onChange={(text) => onChange({ fruit: text }, "fruit")}
              problem={issueText(fruit, units)}
            />
          )}
        </div>
      </div>
    </section>
  );
}
