"use client";

import { useState } from "react";
import { useRouter } from "next/navigation";
import { putAwayIssue, type Portions } from "@/core/freezer";
import { Field } from "../frame/field";
import { kitchenChanged } from "../frame/kitchen-changed";
import type { KeptOutcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { PortionsFields } from "./portions-fields";

const UNREACHABLE: KeptOutcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing is lost; try again.",
};

/** Something is put in freezer, fridge or tin. */
export function NewPortions({
  start,
  today,
  putAway,
}: {
  readonly start: Portions;
  readonly today: string;
  readonly putAway: (portions: Portions) => Promise<KeptOutcome>;
}) {
  const { units } = useUnits();
  const router = useRouter();
  const tell = useTell();
  const [portions, setPortions] = useState(start);
  const [isBusy, setIsBusy] = useState(false);
  const isNamed = portions.name.trim() !== "";

  async function keep(): Promise<void> {
    setIsBusy(true);
    const outcome = await putAway({ ...portions, name: portions.name.trim() }).catch(
      () => UNREACHABLE,
    );
    setIsBusy(false);
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    kitchenChanged();
    tell(`“${portions.name.trim()}” is put away.`);
    router.push("/freezer");
  }

  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Put something away</h1>
      <form
        className="panel max-w-3xl space-y-4 px-5 py-4 max-sm:px-4"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <div className="flex">
          <Field
            label="Name"
            value={portions.name}
            onChange={(name) => setPortions({ ...portions, name: name.slice(0, 120) })}
            placeholder="Pear loaf, sliced"
          />
        </div>
        <PortionsFields
          portions={portions}
          hasLeft={false}
          today={today}
          units={units}
          onChange={(changes) => setPortions((old) => ({ ...old, ...changes }))}
        />
        <button
          type="submit"
          className="button button-next"
          disabled={
            isBusy || !isNamed || putAwayIssue(portions) !== null || portions.madeOn > today
          }
        >
          {isBusy ? "Putting it away…" : "Put it away"}
        </button>
        {!isNamed && <p className="text-[14px] text-ink-2">Give it a name first.</p>}
        {portions.madeOn > today && (
          <p className="font-semibold text-tomato">It can&apos;t be made on a day to come.</p>
        )}
      </form>
    </>
  );
}
