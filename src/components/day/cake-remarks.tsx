import type { CakePlan } from "@/core/plan";
import { mayWait, type DayCake } from "@/core/day";
import { tinText, type Units } from "@/words";
import { useSay } from "../frame/units";

/**
 * What a cake's day can't mend: a batter that can't wait for its loads, a tin the oven has no room
 * for.
 */
export function CakeRemarks({
  cake,
  plan,
  name,
  units,
}: {
  readonly cake: DayCake;
  readonly plan: CakePlan;
  /** Left out where there is only one cake. */ readonly name?: string;
  readonly units: Units;
}) {
  const say = useSay();
  const of = name === undefined ? "" : `“${name}”: `;
  const remarks = [
    ...cake.tooLarge.flatMap((tin) => {
      const spec = plan.fill.tins[tin]?.geometry.tin;
      return spec === undefined
        ? []
        : [
            say`the ${tinText({ ...spec, ...(spec.shape === "well" ? {} : { count: 1 }) }, units)} does not go onto this oven's shelf. Its hours stand here as if it did: take a smaller tin, or another oven.`,
          ];
    }),
    ...(mayWait(cake)
      ? []
      : [
          say`this batter loses its lift while it waits: mix it anew for each load, or take fewer tins.`,
        ]),
  ];
  return remarks.map((text) => (
    <p key={text} className="px-6 pt-4 font-semibold text-crust first-letter:uppercase max-sm:px-4">
      {of}
      {text}
    </p>
  ));
}
