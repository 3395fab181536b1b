"use client";

import { useState } from "react";
import {
  readItemAmount,
  readPrice,
  type ItemAmount,
  type KnownItem,
  type LarderChange,
  type LarderRow,
} from "@/core/shopping";
import { itemAmountText, priceText } from "@/words/shopping";
import { Field } from "../frame/field";
import { Sheet } from "../frame/sheet";
import { useUnits } from "../frame/units";

type LarderSheetProps = {
  readonly of: KnownItem;
  readonly known: LarderRow | undefined;
  /** The pack it is taken to be sold in while she says nothing. */
  readonly usual: ItemAmount | null;
  readonly onKeep: (change: LarderChange) => Promise<boolean>;
  readonly onClose: () => void;
};

/** What is known of one thing: how much stands in the kitchen, how it is sold, what it costs. */
export function LarderSheet({
  of: { key, item, name },
  known,
  usual,
  onKeep,
  onClose,
}: LarderSheetProps) {
  const { units } = useUnits();
  const written = (amount: ItemAmount | "plenty" | null | undefined): string =>
    amount === null || amount === undefined ? "" : itemAmountText(amount, item, units);
  const [boxes, setBoxes] = useState({
    has: written(known?.has),
    pack: written(known?.pack),
    price: known?.price ? priceText(known.price) : "",
  });
  const isTouched = (box: keyof typeof boxes, before: string): boolean => boxes[box] !== before;
  const pack = boxes.pack.trim() === "" ? null : readItemAmount(boxes.pack, item, usual);
  const has =
    boxes.has.trim() === "" ? null : readItemAmount(boxes.has, item, ofPack(pack) ?? usual);
  const price = boxes.price.trim() === "" ? null : readPrice(boxes.price);
  const example = item.is === "ingredient" && item.ingredient.group === "egg" ? "4" : "300 g";
  const problems = {
    has:
      boxes.has.trim() !== "" && (has === null || isOver(has))
        ? `Say it as ${example}, half a pack, plenty or none; at most 100 kg.`
        : null,
    pack:
      boxes.pack.trim() !== "" && (ofPack(pack) === null || isOver(pack))
        ? `Say what one pack holds, more than nothing and at most 100 kg: 500 g, 1 l, 6.`
        : null,
    price:
      boxes.price.trim() !== "" && price === null
        ? "Say it as 1.20, with the sign of your money if you like: up to 100,000."
        : null,
  };
  const isWrong = Object.values(problems).some((problem) => problem !== null);
  const set = (box: keyof typeof boxes) => (text: string) =>
    setBoxes((before) => ({ ...before, [box]: text }));

  return (
    <Sheet title={`${name} in your kitchen`} onClose={onClose}>
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (isWrong) return;
          // What was only looked at keeps its digits.
          const change: LarderChange = {
            key,
            name,
            ...(isTouched("has", written(known?.has)) ? { has } : {}),
            ...(isTouched("pack", written(known?.pack)) ? { pack: ofPack(pack) } : {}),
            ...(isTouched("price", known?.price ? priceText(known.price) : "") ? { price } : {}),
            at: Date.now(),
          };
          void onKeep(change).then((isKept) => {
            if (isKept) onClose();
          });
        }}
      >
        <Field
          label="What you have, roughly"
          value={boxes.has}
          onChange={set("has")}
          problem={problems.has}
          placeholder={`${example}, plenty, none`}
        />
        <div className="flex gap-3 max-sm:flex-col">
          <Field
            label="A pack holds"
            value={boxes.pack}
            onChange={set("pack")}
            problem={problems.pack}
            placeholder={usual === null ? "sold loose" : itemAmountText(usual, item, units)}
          />
          <Field
            label="A pack costs"
            value={boxes.price}
            onChange={set("price")}
            problem={problems.price}
            placeholder="1.20"
          />
        </div>
        <p className="text-[15px] text-ink-2">
          Only you change this: by what you put here, what you put away after shopping, and what you
          take out after baking. An empty box says nothing.
        </p>
        <button type="submit" className="button button-next" disabled={isWrong}>
          Keep
        </button>
      </form>
    </Sheet>
  );
}

/** A pack of something: what holds nothing, or plenty, is none. */
const ofPack = (amount: ItemAmount | "plenty" | null): ItemAmount | null =>
  amount === null || amount === "plenty" || amount.amount < 0.1 ? null : amount;

const isOver = (amount: ItemAmount | "plenty" | null): boolean =>
  amount !== null && amount !== "plenty" && amount.amount > 100_000;
