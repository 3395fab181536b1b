"use client";

import { useState } from "react";
import { useRouter } from "next/navigation";
import { ChefHat } from "lucide-react";
import { bakeDoc, REHEARSAL_SPEEDS, type BakeDoc, type CakeDoc } from "@/core/kept";
import type { CakeInput, CakePlan } from "@/core/plan";
import type { DayPlan } from "@/core/day";
import type { KeptOutcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";

/** Bakes that go on, with their cakes. */
export type OpenBake = {
  readonly id: string;
  readonly name: string;
  readonly cakeIds: readonly string[];
};

type StartBakingProps = {
  readonly cakes: readonly {
    readonly id: string;
    readonly name: string;
    readonly doc: CakeDoc;
    readonly input: CakeInput;
    readonly plan: CakePlan;
  }[];
  readonly day: DayPlan | null;
  readonly open: readonly OpenBake[];
  readonly start: (doc: BakeDoc, speed: number) => Promise<KeptOutcome>;
};

/** Begins to bake, or goes on with what was begun; or rehearses the day in minutes. */
export function StartBaking({ cakes, day, open, start }: StartBakingProps) {
  const router = useRouter();
  const tell = useTell();
  const [isStarting, setIsStarting] = useState(false);
  const going = open.filter(({ cakeIds }) => cakes.some(({ id }) => cakeIds.includes(id)));

  async function begin(speed: number): Promise<void> {
    if (day?.schedule == null) return;
    setIsStarting(true);
    const kept = await start(
      bakeDoc(cakes, day, day.schedule, { realMs: 0, bakeMs: 0, speed }),
      speed,
    ).catch((): KeptOutcome => ({
      ok: false,
      message: "The kitchen's server does not answer: try again.",
    }));
    if (kept.ok) {
      router.push(`/bakes/${kept.id}`);
      return;
    }
    setIsStarting(false);
    tell(kept.message);
  }

  return (
    <div className="space-y-2">
      {going.map(({ id, name }) => (
        <a key={id} className="button button-next w-full" href={`/bakes/${id}`}>
          <ChefHat size={18} aria-hidden /> Go on baking {name}
        </a>
      ))}
      {day?.schedule != null && (
        <>
          <button
            type="button"
            className={`button w-full ${going.length === 0 ? "button-next" : ""}`}
            disabled={isStarting}
            onClick={() => void begin(1)}
          >
            <ChefHat size={18} aria-hidden />{" "}
            {isStarting ? "Setting up" : going.length === 0 ? "Start baking" : "Start anew"}
          </button>
          <p className="flex flex-wrap items-center gap-2 text-[15px]">
            Rehearse it
            {REHEARSAL_SPEEDS.map((speed) => (
              <button
                key={speed}
                type="button"
                className="choice"
                disabled={isStarting}
                onClick={() => void begin(speed)}
              >
                {speed} times as fast
              </button>
            ))}
          </p>
        </>
      )}
    </div>
  );
}
