"use client";

import { type ComponentProps } from "react";
import type { Units } from "@/words";
import { Field } from "../frame/field";
import { withUnit } from "./thick-text";

/** A box for a thickness: on leaving it a bare number gets its unit. */
export function ThickField({
  units,
  ...field
}: Omit<ComponentProps<typeof Field>, "onBlur"> & { readonly units: Units }) {
  return (
    <Field
      {...field}
      onBlur={() => {
        const text = withUnit(field.value, units);
        if (text !== field.value) field.onChange(text);
      }}
    />
  );
}
