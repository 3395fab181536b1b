"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import {
  brimVolume,
  isSameTin,
  readTin,
  tinCount,
  tinGeometry,
  writeTin,
  type Tin,
} from "@/core/tin";
import { brimText, issueText, tinText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { tinReading } from "../ask/reading-text";
import type { TinChoice } from "../frame/choices";
import { Field } from "../frame/field";
import type { KeptOutcome, Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { EmptyTin } from "../section/empty-tin";

type AddTinProps = {
  readonly tins: readonly TinChoice[];
  readonly units: Units;
  readonly keep: (tin: Omit<TinChoice, "id">) => Promise<KeptOutcome>;
  readonly own: (id: string, owned: number) => Promise<Outcome>;
};

const MOST_OWNED = 99;
const UNREACHABLE = {
  ok: false,
  message: "The kitchen's server can't be reached. What you wrote is still here; try again.",
} as const;

/** Adds a tin by writing its size; says when it is most likely one she has. */
export function AddTin({ tins, units, keep, own }: AddTinProps) {
  const say = useSay();
  const [text, setText] = useState("");
  const [isBusy, startTransition] = useTransition();
  const tell = useTell();
  const router = useRouter();
  const read = text.trim() === "" ? null : readTin(text, units.measure);
  // "2 x 20 cm" are two of one tin; "12 cups" is one tray.
  const asked = read?.ok === true ? asOne(read.value.tin) : null;
  const geometry = asked === null ? null : tinGeometry(asked.tin);
  const like = asked === null ? undefined : tins.find(({ tin }) => isSameTin(tin, asked.tin));

  function act(work: () => Promise<KeptOutcome | Outcome>, done: string): void {
    startTransition(async () => {
      const outcome = await work().catch(() => UNREACHABLE);
      if (!outcome.ok) {
        tell(outcome.message);
        return;
      }
      setText("");
      tell(done);
      router.refresh();
    });
  }

  function add(): void {
    if (asked === null) return;
    const name = freeName(plainName(asked.tin, units), tins);
    act(() => keep({ name, ...asked }), `“${name}” is in the cupboard.`);
  }

  return (
    <section aria-label={say`Add a tin`} className="panel mb-4 px-4 py-3 md:px-6">
      <form
        className="flex flex-wrap items-start gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <div className="flex min-w-60 flex-1">
          <Field
            label={say`Another tin: write its size`}
            value={text}
            onChange={setText}
            placeholder="23x33x5 glass"
            problem={read === null || read.ok ? null : issueText(read.issue, units)}
            reading={read?.ok === true ? tinReading(read.value, units) : null}
          />
        </div>
        <div className="flex gap-2 self-start sm:pt-[21px]">
          <button type="submit" className="button button-next" disabled={asked === null || isBusy}>
            {isBusy ? "Adding…" : "Add"}
          </button>
          <Link
            className="button"
            href={`/tins/new${asked === null ? "" : `?${new URLSearchParams({ tin: writeTin(asked.tin) })}`}`}
          >
            Describe it instead
          </Link>
        </div>
      </form>
      {asked !== null && geometry?.ok === true && (
        <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
          <span className="border-b-4 border-ink px-3">
            <EmptyTin tin={asked.tin} pxPerMm={0.4} />
          </span>
          <p className="text-[15px]">
            {brimText(geometry.value, brimVolume(geometry.value), units)}
            {asked.owned > 1 ? `, ${asked.owned} of them` : ""}
          </p>
          {like !== undefined && (
            <p role="status" className="flex flex-wrap items-center gap-2 text-[15px]">
              <span>
                That is most likely <span className="font-semibold">{like.name}</span>, of which you
                own {like.owned}.
              </span>
              <button
                type="button"
                className="button"
                disabled={isBusy || like.owned + asked.owned > MOST_OWNED}
                onClick={() =>
                  act(
                    () => own(like.id, like.owned + asked.owned),
                    `You now own ${like.owned + asked.owned} of “${like.name}”.`,
                  )
                }
              >
                Own {asked.owned === 1 ? "one" : asked.owned} more of it
              </button>
            </p>
          )}
        </div>
      )}
    </section>
  );
}

/**
 * A written tin as one of its kind, with how many of it were written; the wells of a tray stay
 * together.
 */
function asOne(tin: Tin): { readonly tin: Tin; readonly owned: number } {
  if (tin.shape === "well") return { tin: { ...tin, count: tinCount(tin) }, owned: 1 };
  const { count = 1, ...one } = tin;
  return { tin: one, owned: count };
}

/** A tin's size as a name: spaces that hold a line together are of no use in it. */
export function plainName(tin: Tin, units: Units): string {
  return tinText(tin, units).replaceAll("\u00a0", " ");
}

/** A name that no other tin has: the size, or the size and a number. */
function freeName(name: string, tins: readonly TinChoice[]): string {
  const isTaken = (tried: string): boolean =>
    tins.some((each) => each.name.toLowerCase() === tried.toLowerCase());
  if (!isTaken(name)) return name;
  const number = [2, 3, 4, 5, 6, 7, 8, 9].find((each) => !isTaken(`${name} ${each}`));
  return `${name} ${number ?? Date.now()}`;
}
