/** A value brought together from two changes of it. */
export type Merged<T> = { readonly value: T };

const isSame = (one: unknown, other: unknown): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

/**
 * Whichever of two was changed from what both began with; null when both were, to different things.
 */
export function mergedValue<T>(base: T, mine: T, theirs: T): Merged<T> | null {
  if (isSame(mine, theirs) || isSame(theirs, base)) return { value: mine };
  return isSame(mine, base) ? { value: theirs } : null;
}

/**
 * Two changes of one record brought together field by field; null when both changed one field to
 * different things.
 */
export function mergedFields<T extends object>(base: T, mine: T, theirs: T): Merged<T> | null {
  const value: Record<string, unknown> = {};
  const field = (of: object, name: string): unknown =>
    (of as Readonly<Record<string, unknown>>)[name];
  for (const name of new Set([base, mine, theirs].flatMap(Object.keys))) {
    const merged = mergedValue(field(base, name), field(mine, name), field(theirs, name));
    if (merged === null) return null;
    if (merged.value !== undefined) value[name] = merged.value;
  }
  return { value: value as T };
}

/**
 * Two changes of a list of things with ids brought together: each thing field by field, what one
 * added or took out stays so, the order that of whoever changed it. Null when both changed one
 * field, or both the order, or one took out what the other changed.
 */
export function mergedList<T extends { readonly id: string }>(
  base: readonly T[],
  mine: readonly T[],
  theirs: readonly T[],
  one: (base: T, mine: T, theirs: T) => Merged<T> | null = mergedFields,
): Merged<readonly T[]> | null {
  const by = (list: readonly T[]): ReadonlyMap<string, T> =>
    new Map(list.map((each) => [each.id, each]));
  const [was, own, other] = [by(base), by(mine), by(theirs)];
  const things = new Map<string, T>();
  for (const id of new Set([...own.keys(), ...other.keys()])) {
    const [b, m, t] = [was.get(id), own.get(id), other.get(id)];
    if (b !== undefined && (m === undefined || t === undefined)) {
      if (!isSame(m ?? t, b)) return null;
      continue;
    }
    const merged =
      m === undefined || t === undefined ? { value: (m ?? t) as T } : one(b ?? m, m, t);
    if (merged === null) return null;
    things.set(id, merged.value);
  }
  const ids = (list: readonly T[]): readonly string[] =>
    list.map(({ id }) => id).filter((id) => things.has(id) && was.has(id));
  const order = mergedValue(ids(base), ids(mine), ids(theirs));
  if (order === null) return null;
  const placed = [...order.value];
  // What was added stands after what it was put behind.
  for (const list of [mine, theirs]) {
    for (const [at, { id }] of list.entries()) {
      if (placed.includes(id) || !things.has(id)) continue;
      const before = list.slice(0, at).findLast((each) => placed.includes(each.id));
      placed.splice(before === undefined ? 0 : placed.indexOf(before.id) + 1, 0, id);
    }
  }
  return {
    value: placed.flatMap((id) => {
      const thing = things.get(id);
      return thing === undefined ? [] : [thing];
    }),
  };
}
