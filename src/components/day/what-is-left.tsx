import type { DayCake } from "@/core/day";

/** What recipes say of keeping what is left: for after the hour the cakes are wanted. */
export function WhatIsLeft({
  cakes,
  heading: Heading,
}: {
  readonly cakes: readonly Pick<DayCake, "keep">[];
  /** The level below the heading it stands under. */
  readonly heading: "h2" | "h3";
}) {
  const texts = cakes.flatMap(({ keep }) => keep);
  return texts.length === 0 ? null : (
    <section
      aria-label="What is left"
      className="border-t-[1.5px] border-line px-6 py-4 max-sm:px-4"
    >
      <Heading className="font-semibold">What is left, as the recipe says</Heading>
      {texts.map((text, index) => (
        <p key={index} className="text-[15px]">
          {text}
        </p>
      ))}
    </section>
  );
}
