"use client";

import { KEYS_BY_PLACE } from "@/words/keys";
import { Sheet } from "../frame/sheet";

/** All keys the kitchen knows, by where they do something. */
export function KeysSheet({
  opener,
  onClose,
}: {
  readonly opener: Element | null;
  readonly onClose: () => void;
}) {
  return (
    <Sheet title="Keys" opener={opener} onClose={onClose}>
      <div className="space-y-4">
        {KEYS_BY_PLACE.map(({ place, keys }) => (
          <section key={place} aria-label={place}>
            <h3 className="label mb-1">{place}</h3>
            <dl className="space-y-1.5 text-[15px]">
              {keys.map(([names, does]) => (
                <div
                  key={does}
                  className="grid grid-cols-[9.5rem_minmax(0,1fr)] items-baseline gap-x-4 max-sm:grid-cols-[7.5rem_minmax(0,1fr)]"
                >
                  <dt className="flex flex-wrap gap-1">
                    {names.map((name) => (
                      <kbd
                        key={name}
                        className="rounded-control border-[1.5px] border-ink bg-white px-1.5 font-sans text-[13px] leading-5 font-semibold whitespace-nowrap"
                      >
                        {name}
                      </kbd>
                    ))}
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
        <p className="text-[14px] text-ink-2">Where a keyboard has ⌘, it does for Ctrl.</p>
      </div>
    </Sheet>
  );
}
